<script setup lang="ts">
import { monthsBack } from "@kettlos/core/logbook/month-ruler";
import { capital } from "@kettlos/core/units/capital";
import { computed } from "vue";

/** The log's months as marks of a ruler, each as high as pots were begun in it; one tap shows that month's. */
const props = defineProps<{ begunMs: readonly number[] }>();
const chosen = defineModel<string | null>({ required: true });
const months = computed(() => monthsBack(props.begunMs));
const most = computed(() => Math.max(1, ...months.value.map((m) => m.pots)));
const HIGH_PX = 26;
const LETTERS = 3;
const shortOf = (name: string) => capital([...name].slice(0, LETTERS).join(""));
const potsOf = (n: number) => (n === 1 ? "1 pot" : `${n} pots`);
</script>

<template>
  <div v-if="months.length > 1" class="ruler" role="group" aria-label="Month by month">
    <span v-for="(month, i) in months" :key="month.key" class="month">
      <span v-if="month.year !== months[i - 1]?.year" class="year figure">{{ month.year }}</span>
      <button
        type="button"
        :disabled="month.pots === 0"
        :aria-pressed="chosen === month.key"
        :aria-label="`${capital(month.name)} ${month.year}: ${potsOf(month.pots)}`"
        :class="{ on: chosen === month.key }"
        @click="chosen = chosen === month.key ? null : month.key"
      >
        <span class="bar" :style="{ height: `${(month.pots / most) * HIGH_PX}px` }" />
        <span class="small">{{ shortOf(month.name) }}</span>
      </button>
    </span>
  </div>
</template>

<style scoped>
.ruler {
  display: flex;
  overflow-x: auto;
}

.month {
  position: relative;
  display: grid;
  flex: none;
  align-items: end;
  padding-top: var(--space-7);
}

.year {
  position: absolute;
  top: 0;
  left: 0;
  padding-left: var(--space-2);
  border-left: 1.5px solid var(--ink);
  font-size: var(--size-small);
}

button {
  display: grid;
  gap: var(--space-1);
  align-content: end;
  justify-items: center;
  min-width: 44px;
  min-height: 52px;
  padding: 0;
  border: 0;
  border-bottom: 1.5px solid var(--tick);
  background: none;
}

button:disabled {
  color: var(--quiet);
}

button:not(:disabled):hover {
  background: var(--rim-soft);
}

.bar {
  width: 18px;
  background: var(--broth);
}

.on {
  border-bottom: 4px solid var(--rim);
  background: var(--rim-soft);
  font-weight: 700;
}
</style>
