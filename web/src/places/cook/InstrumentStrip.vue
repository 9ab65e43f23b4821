<script setup lang="ts">
import type { LinkState } from "@kettlos/core/instruments/link-state";
import type { Channel } from "@kettlos/core/instruments/channels";
import { showLength, showMass, showTemperature, type UnitSystem } from "@kettlos/core/units/show";
import { computed } from "vue";
import type { Link } from "../../data/instruments-store";

/** What the instruments say now, and how they stand with us. */
const props = defineProps<{ link: Link | null; units: UnitSystem }>();
defineEmits<{ open: [] }>();

const STATE_WORDS: Record<LinkState, string> = {
  waiting: "waiting for them",
  connected: "connected",
  stale: "quiet just now",
  lost: "lost: read by hand",
};
const one = computed(() => (props.units === "us" ? "us" : "metric"));
const NAMES: readonly [Channel, string][] = [
  ["liquidC", "liquid"],
  ["pieceC", "piece"],
  ["depthM", "level"],
  ["potKg", "on the scale"],
];
function show(channel: Channel, value: number): string {
  if (channel === "liquidC" || channel === "pieceC") return showTemperature(value, one.value);
  return channel === "depthM" ? showLength(value, one.value) : showMass(value, one.value);
}
const isQuiet = computed(() => props.link?.state !== "connected");
const values = computed(() => {
  const latest = props.link?.latest?.values;
  return latest === undefined
    ? []
    : NAMES.flatMap(([channel, name]) => {
        const value = latest[channel];
        return value === undefined ? [] : [{ name, text: show(channel, value) }];
      });
});
</script>

<template>
  <button
    type="button"
    class="instruments"
    :class="link?.state ?? 'none'"
    aria-label="Instruments"
    @click="$emit('open')"
  >
    <svg viewBox="0 0 16 16" width="16" height="16" aria-hidden="true">
      <circle cx="8" cy="8" r="6" />
      <path v-if="link?.state === 'connected'" d="M5 8l2.2 2.5L11.5 5.5" />
      <path v-else-if="link?.state === 'lost'" d="M5 5l6 6M11 5l-6 6" />
      <path v-else d="M8 4.5V8l2.5 2" />
    </svg>
    <span v-if="link === null">No instruments: read by hand <kbd>I</kbd></span>
    <template v-else>
      <span
        >Instruments: <strong role="status">{{ STATE_WORDS[link.state] }}</strong></span
      >
      <span v-for="value in values" :key="value.name" class="value" :class="{ old: isQuiet }"
        >{{ value.name }} <b class="figure">{{ value.text }}</b></span
      >
    </template>
  </button>
</template>

<style scoped>
.instruments {
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-1) var(--space-5);
  align-items: center;
  width: 100%;
  min-height: 44px;
  padding: var(--space-2) 0;
  border: 0;
  border-bottom: 1px solid var(--hair);
  background: none;
  font-size: var(--size-small);
  text-align: left;
}

svg {
  fill: none;
  stroke: var(--quiet);
  stroke-width: 1.8;
}

.connected svg {
  stroke: var(--herb);
}

.connected strong {
  color: var(--herb);
}

.lost svg {
  stroke: var(--ember);
}

.lost strong {
  color: var(--ember);
}

.old {
  color: var(--quiet);
}
</style>
