<script setup lang="ts">
import { litresOf } from "@kettlos/core/larder/lot-amounts";
import type { Holding } from "@kettlos/core/larder/larder";
import ContainerShape from "./ContainerShape.vue";

/** Containers of one lot as they stand side by side, the first so many of them. */
defineProps<{ holding: Holding; most: number; size: number }>();
</script>

<template>
  <span class="standing">
    <ContainerShape
      v-for="n in Math.min(most, holding.count)"
      :key="n"
      :kind="holding.lot.container.kind"
      :share="litresOf(holding.lot.eachKg) / holding.lot.container.capacityL"
      :is-solid="!holding.lot.isLiquid"
      :is-frozen="holding.place === 'freezer'"
      :size="size"
    />
  </span>
</template>

<style scoped>
.standing {
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-2);
  align-items: end;
}
</style>
