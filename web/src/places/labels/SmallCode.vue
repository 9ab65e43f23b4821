<script setup lang="ts">
import { encode } from "uqr";
import { computed } from "vue";

/** A square code that a camera reads as text. */
const props = defineProps<{ text: string; sizeMm: number }>();
const code = computed(() => encode(props.text, { ecc: "M", border: 2 }));
const path = computed(() =>
  code.value.data
    .flatMap((row, y) => row.flatMap((isDark, x) => (isDark ? [`M${x} ${y}h1v1h-1z`] : [])))
    .join(""),
);
</script>

<template>
  <svg
    :viewBox="`0 0 ${code.size} ${code.size}`"
    :style="{ width: `${sizeMm}mm`, height: `${sizeMm}mm` }"
    role="img"
    aria-label="Code with what the label says, and the link to its pot"
    shape-rendering="crispEdges"
  >
    <rect :width="code.size" :height="code.size" fill="#ffffff" />
    <path :d="path" fill="#000000" />
  </svg>
</template>

<style scoped>
svg {
  flex: none;
}
</style>
