<script setup lang="ts">
import { weekdayClockOf } from "@kettlos/core/units/moments";
import { hiddenPotOf } from "@kettlos/core/instruments/hidden-pot";
import { computed } from "vue";
import TickChoice from "../../controls/TickChoice.vue";
import type { LivePot } from "../../data/pots-store";
import { setSpeed } from "../../data/practice-speed";
import type { NewEvent } from "../../data/repository";

/** A practice pot's clock, how fast it runs, and a stick to dip into its true pot. */
const props = defineProps<{ pot: LivePot; nowMs: number }>();
const emit = defineEmits<{ write: [NewEvent] }>();
const SPEEDS = ["0", "1", "10", "60", "300", "600"].map((value) => ({
  value,
  label: value === "0" ? "hold" : `${value}×`,
}));
const practice = computed(() => props.pot.batch.practice);
const speed = computed({
  get: () => String(practice.value?.speed ?? 1),
  set: (value: string) => void setSpeed(props.pot.batch.id, Number(value)),
});
const isOn = computed(() => props.pot.cook.litMs !== null && props.pot.cook.offMs === null);

function dip() {
  const { stored, cook, events } = props.pot;
  const value = hiddenPotOf(stored)?.dipM(cook, props.nowMs, events.length);
  if (value === undefined) return;
  emit("write", { kind: "read", reading: { form: "liquidDepth", value }, source: "hand" });
}
</script>

<template>
  <section class="practice" aria-label="Practice">
    <strong>Practice</strong>
    <span
      >the pot's clock <b class="figure">{{ weekdayClockOf(nowMs) }}</b></span
    >
    <TickChoice v-model="speed" label="Speed of the clock" :options="SPEEDS" />
    <button type="button" class="button" :disabled="!isOn" @click="dip">Dip a stick</button>
  </section>
</template>

<style scoped>
.practice {
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-2) var(--space-6);
  align-items: center;
  padding: var(--space-2) var(--space-7);
  border-bottom: 1px solid var(--hair);
  background: repeating-linear-gradient(135deg, var(--rim-soft) 0 12px, transparent 12px 24px);
}

.practice strong {
  color: var(--rim);
}

@media (width <= 700px) {
  .practice {
    padding-inline: var(--space-6);
  }
}
</style>
