<script setup lang="ts">
import { heatOf } from "@kettlos/core/heats/heat";
import { planNow } from "@kettlos/core/batch/stretch-now";
import { computed } from "vue";
import type { LivePot } from "../../data/pots-store";
import { useShortcuts } from "../../frame/shortcuts";
import type { Opened } from "./use-cook-actions";

/** Everything that can be said of the pot, a key and a big button each. */
const props = defineProps<{ pot: LivePot; isOn: boolean }>();
const emit = defineEmits<{ open: [Opened]; undo: []; resume: [] }>();

interface Key {
  readonly keys: string;
  readonly label: string;
  readonly does: string;
  readonly opens: Opened;
  /** Also before it is lit. */
  readonly always?: true;
}
const KEYS: readonly Key[] = [
  { keys: "l", label: "Level", does: "Read the level", opens: "level" },
  { keys: "c", label: "Degrees", does: "Read the thermometer", opens: "temperature" },
  { keys: "h", label: "Heat", does: "Turn the heat or the lid", opens: "heat" },
  { keys: "w", label: "Water", does: "Top up with water, or take some out", opens: "pour" },
  { keys: "t", label: "Taste", does: "Write a taste or a note", opens: "taste", always: true },
  { keys: "f", label: "Fork", does: "Say what the fork says", opens: "fork" },
];
const lasts = computed(
  () => props.pot.cook.interruptions.findLast((i) => i.untilMs === null) ?? null,
);
const canUndo = computed(() => props.pot.cook.events.length > 0);
const isOpen = (key: Key) => key.always === true || props.isOn;
function pause() {
  if (!props.isOn) return;
  if (lasts.value === null) emit("open", "pause");
  else emit("resume");
}
useShortcuts(() => [
  ...KEYS.map((key) => ({
    keys: key.keys,
    does: key.does,
    run: () => void (isOpen(key) && emit("open", key.opens)),
  })),
  { keys: "p", does: "Heat or lid off for a while; back again", run: pause },
  { keys: "i", does: "Instruments", run: () => emit("open", "instruments") },
  { keys: "u", does: "Undo the last entry", run: () => emit("undo") },
]);
</script>

<template>
  <div class="keys">
    <button
      v-for="key in KEYS"
      :key="key.keys"
      type="button"
      class="button"
      :disabled="!isOpen(key)"
      @click="$emit('open', key.opens)"
    >
      {{ key.opens === "heat" ? heatOf(planNow(pot.batch.plan, pot.cook).heat).knob : key.label }}
      <kbd>{{ key.keys.toUpperCase() }}</kbd>
    </button>
    <button
      type="button"
      class="button"
      :class="{ danger: lasts !== null }"
      :disabled="!isOn"
      @click="pause"
    >
      {{ lasts === null ? "Pause" : lasts.why === "lidOff" ? "Lid is on" : "Heat is back" }}
      <kbd>P</kbd>
    </button>
    <button type="button" class="button" :disabled="!canUndo" @click="$emit('undo')">
      Undo <kbd>U</kbd>
    </button>
  </div>
</template>

<style scoped>
.keys {
  display: grid;
  grid-template-columns: repeat(4, minmax(0, 1fr));
  gap: var(--space-4);
  padding: var(--space-4) 0 var(--space-5);
}

.keys .button {
  min-height: 52px;
  padding-inline: var(--space-3);
}

@media (width <= 700px) {
  .keys {
    grid-template-columns: 1fr 1fr;
  }
}
</style>
