<script setup lang="ts">
import type { StoreKind } from "@kettlos/core/vessel/store-container";
import { computed } from "vue";
import { bodyPath, fillPath, outlineOf } from "./container-outline";

/** One container, filled to its share: liquid plain, what is solid stippled, frozen under a snow line. */
const props = defineProps<{
  kind: StoreKind;
  share: number;
  isSolid?: boolean;
  isFrozen?: boolean;
  /** Height on the screen, px. */
  size?: number;
}>();
const outline = computed(() => outlineOf(props.kind));
const fill = computed(() => fillPath(outline.value, props.share));
const levelY = computed(
  () =>
    outline.value.bottomY -
    (outline.value.bottomY - outline.value.topY) * Math.min(1, Math.max(0, props.share)),
);
/** A few grains, always in the same places. */
const dots = computed(() =>
  props.isSolid === true
    ? Array.from({ length: 14 }, (_, i) => ({
        x: 9 + ((i * 37) % 23),
        y:
          levelY.value +
          3 +
          ((i * 53) % 100) * 0.01 * Math.max(1, outline.value.bottomY - levelY.value - 5),
      }))
    : [],
);
</script>

<template>
  <svg
    class="container"
    viewBox="0 0 40 56"
    :height="size ?? 56"
    :width="((size ?? 56) * 40) / 56"
    aria-hidden="true"
  >
    <path :d="fill" :class="isSolid ? 'solid' : 'liquid'" />
    <circle v-for="(dot, i) in dots" :key="i" :cx="dot.x" :cy="dot.y" r="1" class="grain" />
    <line
      v-if="isFrozen"
      :x1="20 - outline.bottomHalf + 2"
      :x2="20 + outline.bottomHalf - 2"
      :y1="levelY + 3"
      :y2="levelY + 3"
      class="frost"
    />
    <path :d="bodyPath(outline)" class="wall" />
    <path :d="outline.above" class="wall" />
  </svg>
</template>

<style scoped>
.container {
  display: block;
  flex: none;
}

.liquid {
  fill: var(--broth);
}

.solid {
  fill: var(--bone);
}

.grain {
  fill: var(--bone-dot);
}

.frost {
  stroke: var(--enamel);
  stroke-width: 1.6;
  stroke-dasharray: 2 3;
}

.wall {
  fill: none;
  stroke: var(--ink);
  stroke-width: 1.6;
  stroke-linejoin: round;
}
</style>
