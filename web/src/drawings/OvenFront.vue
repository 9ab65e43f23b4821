<script setup lang="ts">
/** An oven from the front: its knob turned as far as it goes, and a fan where there is one. */
const props = defineProps<{ hasFan: boolean; maxC: number }>();

/** The knob's whole turn stands for so many degrees. */
const WHOLE_C = 400;
const MOST_TURN = 300;
const turn = () => Math.min(1, props.maxC / WHOLE_C) * MOST_TURN - MOST_TURN / 2;
</script>

<template>
  <svg width="88" height="88" aria-hidden="true">
    <path d="M6 6h76v76H6Z" />
    <path class="rim" d="M6 24h76" />
    <circle cx="70" cy="15" r="5.5" />
    <path class="mark" d="M70 15V9.5" :transform="`rotate(${turn()} 70 15)`" />
    <path d="M15 34h58v38H15Z" />
    <path class="rack" d="M15 62h58" />
    <g v-if="hasFan" class="fan">
      <path
        v-for="blade in [0, 120, 240]"
        :key="blade"
        d="M44 48q-5 -4 -2 -10q6 3 2 10"
        :transform="`rotate(${blade} 44 48)`"
      />
    </g>
    <path v-else class="heat" d="M22 67h44M22 39h44" />
  </svg>
</template>

<style scoped>
svg {
  flex: none;
}

path,
circle {
  fill: var(--enamel);
  stroke: var(--ink);
  stroke-width: 1.6;
}

.rim {
  stroke: var(--rim);
  stroke-width: 4;
}

.rack {
  stroke-width: 1;
}

.heat {
  stroke: var(--ember);
  stroke-width: 2.4;
}

.fan path {
  fill: var(--steam);
}
</style>
