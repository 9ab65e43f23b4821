<script setup lang="ts">
import type { Holding } from "@kettlos/core/larder/larder";
import { litresOf } from "@kettlos/core/larder/lot-of";
import type { UnitSystem } from "@kettlos/core/units/show";
import { computed } from "vue";
import ContainerShape from "../../drawings/ContainerShape.vue";
import { countWords, eachWords } from "../larder/held-words";

/** What has been filled from this pot, standing on its shelf. */
const props = defineProps<{ holdings: readonly Holding[]; units: UnitSystem }>();
const one = computed(() => (props.units === "us" ? "us" : "metric"));
const MOST_DRAWN = 18;
</script>

<template>
  <ul class="filled">
    <li v-for="h in holdings" :key="`${h.lot.id}|${h.place}|${h.sinceMs}`">
      <span class="row">
        <ContainerShape
          v-for="n in Math.min(h.count, MOST_DRAWN)"
          :key="n"
          :kind="h.lot.container.kind"
          :share="litresOf(h.lot.eachKg) / h.lot.container.capacityL"
          :is-solid="!h.lot.isLiquid"
          :is-frozen="h.place === 'freezer'"
          :size="h.count > 8 ? 40 : 56"
        />
      </span>
      <p>
        <b class="figure">{{ countWords(h.lot.container.kind, h.count) }}</b> of
        {{ eachWords(h.lot, one) }}, {{ h.place }} ·
        <span class="quiet">{{ h.lot.code }}</span>
      </p>
    </li>
  </ul>
</template>

<style scoped>
.filled {
  display: grid;
  gap: 16px;
}

.row {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 6px;
  align-items: end;
  border-bottom: 5px solid var(--rim);
}
</style>
