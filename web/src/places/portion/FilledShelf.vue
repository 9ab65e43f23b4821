<script setup lang="ts">
import { PLACE_WORDS } from "@kettlos/core/larder/larder-words";
import type { Holding } from "@kettlos/core/larder/larder";
import type { UnitSystem } from "@kettlos/core/units/show";
import { computed } from "vue";
import HeldShapes from "../../drawings/HeldShapes.vue";
import { countWords, eachWords } from "../../words/held-words";

/** What has been filled from this pot, standing on its shelf. */
const props = defineProps<{ holdings: readonly Holding[]; units: UnitSystem }>();
const one = computed(() => (props.units === "us" ? "us" : "metric"));
const MOST_DRAWN = 18;
</script>

<template>
  <ul class="filled">
    <li v-for="h in holdings" :key="`${h.lot.id}|${h.place}|${h.sinceMs}`">
      <HeldShapes class="row" :holding="h" :most="MOST_DRAWN" :size="h.count > 8 ? 40 : 56" />
      <p>
        <b class="figure">{{ countWords(h.lot.container.kind, h.count) }}</b> of
        {{ eachWords(h.lot, one) }}, {{ PLACE_WORDS[h.place] }} ·
        <span class="quiet">{{ h.lot.code }}</span>
      </p>
    </li>
  </ul>
</template>

<style scoped>
.filled {
  display: grid;
  gap: var(--space-6);
}

.row {
  border-bottom: 5px solid var(--rim);
}
</style>
