<script setup lang="ts">
import type { Clarity, Colour } from "@kettlos/core/events/sieve/terms";

/** A glass of stock held before ruled paper: how clear it is, and of what colour. */
withDefaults(defineProps<{ clarity?: Clarity; colour?: Colour }>(), {
  clarity: "clear",
  colour: "golden",
});
const FILL: Readonly<Record<Colour, string>> = {
  pale: "#efe2b4",
  golden: "#dfae4a",
  amber: "#b9711c",
  brown: "#6d3f1a",
};
/** How much of the rules shows through, and of the light that it throws back. */
const THROUGH: Readonly<Record<Clarity, number>> = { clear: 0.9, hazy: 0.3, cloudy: 0 };
const MILKY: Readonly<Record<Clarity, number>> = { clear: 0, hazy: 0.2, cloudy: 0.45 };
</script>

<template>
  <svg viewBox="0 0 48 52" width="48" height="52" aria-hidden="true">
    <path d="M2 16H46M2 28H46M2 40H46" stroke="var(--hair)" stroke-width="2" />
    <path d="M10 12H38L35 48H13Z" :fill="FILL[colour]" />
    <path
      d="M11 16H37M12 28H36M13 40H35"
      stroke="var(--ink)"
      stroke-width="2"
      :opacity="THROUGH[clarity]"
    />
    <path d="M10 12H38L35 48H13Z" fill="#fff" :opacity="MILKY[clarity]" />
    <path d="M8 4L12 49H36L40 4" fill="none" stroke="var(--ink)" stroke-width="1.4" />
  </svg>
</template>
