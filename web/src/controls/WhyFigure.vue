<script setup lang="ts">
import { reckonedIn } from "@kettlos/core/units/reckoned";
import { useKitchenStore } from "../data/kitchen-store";
import { figure } from "@kettlos/core/units/region";
import type { Estimate } from "@kettlos/core/units/estimate";
import { computed } from "vue";
import EditPopover from "./EditPopover.vue";
import { useOpened } from "./use-opened";

/** A "Why?" beside a figure: range, formula in words, inputs, and each constant with its source. */
const props = defineProps<{ estimate: Estimate; label?: string }>();

const kitchenStore = useKitchenStore();
const number = (value: number | string): string =>
  typeof value === "string"
    ? value
    : !Number.isFinite(value)
      ? "never"
      : Math.abs(value) >= 100
        ? figure(value, 0)
        : Math.abs(value) >= 10
          ? figure(value, 1)
          : figure(value, 2);
/** With its unit, as it is read in this kitchen. */
function read(value: number | string, unit: string): string {
  if (typeof value === "string") return `${value} ${unit}`;
  const shown = reckonedIn(value, unit, kitchenStore.units);
  return `${number(shown.value)} ${shown.unit}`;
}
/** The ends of the range in the same measure; the unit stands before them. */
const end = (value: number): string =>
  number(reckonedIn(value, props.estimate.unit, kitchenStore.units).value);
const { key, anchor, toggle, shut } = useOpened();
const inputs = computed(() =>
  props.estimate.because.inputs.filter((i) => typeof i.value === "string" || i.value !== 0),
);
</script>

<template>
  <button
    class="link why"
    type="button"
    :aria-label="`Why: ${estimate.name}`"
    :aria-expanded="key !== null"
    @click="toggle('why', $event)"
  >
    {{ label ?? "Why?" }}
  </button>
  <EditPopover
    v-if="anchor !== null"
    :anchor="anchor"
    :width="420"
    :label="`Why: ${estimate.name}`"
    @shut="shut"
  >
    <div class="because" tabindex="0">
      <h3>
        {{ estimate.name }}: {{ read(estimate.expected, estimate.unit) }}
        <span v-if="estimate.low !== estimate.high" class="quiet"
          >({{ end(estimate.low) }}–{{ end(estimate.high) }})</span
        >
      </h3>
      <p>{{ estimate.because.formula }}</p>
      <dl>
        <template v-for="input in inputs" :key="input.name">
          <dt>{{ input.name }}</dt>
          <dd>{{ read(input.value, input.unit) }}</dd>
        </template>
      </dl>
      <ul>
        <li v-for="constant in estimate.because.constants" :key="constant.name">
          <strong>{{ number(constant.value) }} {{ constant.unit }}</strong>
          {{ constant.name }}
          <span class="quiet small">{{ constant.kind }}: {{ constant.source }}</span>
        </li>
      </ul>
      <p v-for="said in estimate.because.here ?? []" :key="said">{{ said }}</p>
      <p v-if="estimate.because.spread.length > 0" class="small">
        The range comes from
        <template v-for="(part, i) in estimate.because.spread" :key="part.name"
          ><template v-if="i > 0">, </template>{{ part.name }} ({{
            Math.round(part.share * 100)
          }}
          %)</template
        >. Nine times in ten it is above the low end, nine in ten below the high.
      </p>
    </div>
  </EditPopover>
</template>

<style scoped>
.because {
  display: grid;
  gap: var(--space-4);
  max-height: 60vh;
  overflow: auto;
  text-align: left;
}

dl {
  display: grid;
  grid-template-columns: 1fr max-content;
  gap: var(--space-1) var(--space-6);
}

dd {
  text-align: right;
}

li {
  padding: var(--space-2) 0;
  border-top: 1px solid var(--hair);
}

li span {
  display: block;
}
</style>
