<script setup lang="ts">
import { useWords } from "../../data/use-words";
import { filled, fillOf } from "@kettlos/core/portion/headspace";
import type { StoreContainer } from "@kettlos/core/vessel/store-container";
import { showVolume, type UnitSystem } from "@kettlos/core/units/show";
import { computed } from "vue";
import ContainerShape from "../../drawings/ContainerShape.vue";

/** The kitchen's containers, each filled as far as it may be, with how many the rest fills. */
const props = defineProps<{
  containers: readonly StoreContainer[];
  isFrozen: boolean;
  isLiquid: boolean;
  leftL: number;
  units: UnitSystem;
}>();
const chosen = defineModel<string>({ required: true });
const words = useWords();
const one = computed(() => (props.units === "us" ? "us" : "metric"));
const rows = computed(() =>
  props.containers.map((container) => ({
    container,
    fill: fillOf(container, props.isFrozen),
    full: filled(props.leftL, container, props.isFrozen),
  })),
);
</script>

<template>
  <ul class="choice-list">
    <li v-for="{ container, fill, full } in rows" :key="container.id">
      <button
        type="button"
        :class="{ on: container.id === chosen }"
        :aria-pressed="container.id === chosen"
        @click="chosen = container.id"
      >
        <ContainerShape
          :kind="container.kind"
          :share="fill.eachL / container.capacityL"
          :is-solid="!isLiquid"
          :is-frozen="isFrozen"
          :size="44"
        />
        <span class="what"
          >{{ container.name }}
          <span class="quiet small"
            >{{ showVolume(fill.eachL, one) }} each, {{ words(fill.rule) }}</span
          ></span
        >
        <span class="figure">{{ full.count }} ×</span>
      </button>
    </li>
  </ul>
</template>

<style scoped>
.what {
  display: grid;
  flex: 1;
}
</style>
