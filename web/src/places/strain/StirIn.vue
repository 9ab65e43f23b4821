<script setup lang="ts">
import type { Estimate } from "@kettlos/core/units/estimate";
import { showMass } from "@kettlos/core/units/show";
import WhyFigure from "../../controls/WhyFigure.vue";

/** So much of something to stir in, in grams, why so much, and that it is done. */
defineProps<{ grams: Estimate; units: "metric" | "us" }>();
defineEmits<{ done: [massKg: number] }>();
</script>

<template>
  <p>
    <b class="figure">{{ showMass(grams.expected / 1000, units) }}</b> <slot />
    <WhyFigure :estimate="grams" />
  </p>
  <p>
    <button type="button" class="button primary" @click="$emit('done', grams.expected / 1000)">
      Stirred in
    </button>
  </p>
</template>
