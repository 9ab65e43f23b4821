<script setup lang="ts">
import { MINUTE_MS } from "@kettlos/core/units/time";
import { clockOf, isoDayOf } from "@kettlos/core/units/moments";
import type { Chilling } from "@kettlos/core/events/chill/effects";
import type { ChillingNow } from "@kettlos/core/batch/chill-of";
import { chillFarOff } from "@kettlos/core/batch/far-off";
import { FRIDGE_FROM_C, type GateState } from "@kettlos/core/cool/chill-live";
import { REHEATED_C, REMEDIES, type CodeOfCooling } from "@kettlos/core/cool/codes";
import { WAYS } from "@kettlos/core/cool/ways";
import {
  showDuration,
  showRoundTemperature,
  showTemperature,
  type UnitSystem,
} from "@kettlos/core/units/show";
import { computed, ref } from "vue";
import PracticeScore from "../../controls/PracticeScore.vue";
import FieldForm from "../../controls/FieldForm.vue";
import TemperatureField from "../../controls/TemperatureField.vue";
import type { PotState } from "../../data/pot-state";
import type { NewEvent } from "../../data/repository";
import { save } from "../../data/save-file";
import { farOffWords } from "../../controls/far-off-words";
import { chillRecord } from "./chill-record";
import { useWords } from "../../data/use-words";

/** While it cools: each gate with what is left, the thermometer, and what a missed gate asks for. */
const props = defineProps<{
  pot: PotState;
  chilling: Chilling;
  live: ChillingNow;
  code: CodeOfCooling;
  units: UnitSystem;
}>();
const emit = defineEmits<{
  write: [NewEvent];
  cold: [];
  startOver: [];
  move: [];
  undo: [];
}>();
const words = useWords();
const one = computed(() => (props.units === "us" ? "us" : "metric"));
const tempC = ref<number | null>(null);
const STATE_WORDS: Record<GateState, string> = {
  ahead: "not begun",
  running: "in time so far",
  late: "will be too late",
  likely: "likely, not read: read it",
  met: "met",
  failed: "missed",
  unknown: "not known to be met: nobody saw when it fell under the line",
};
const clock = (min: number) => clockOf(props.chilling.beganMs + min * MINUTE_MS);
const isLate = computed(() => props.live.gates.some((g) => g.state === "late"));
const isCold = computed(() => props.live.gates.every((g) => g.state === "met"));
/** By the forecast alone: nothing is certified that no thermometer saw. */
const isLikely = computed(
  () => !isCold.value && props.live.gates.every((g) => g.state === "met" || g.state === "likely"),
);
const remedy = computed(() => props.live.remedy);
/** What stands where, by the clock. */
const steps = computed(() => {
  let from = 0;
  return props.live.stages.map((stage, i) => {
    const begins = from;
    from += stage.min;
    const isLast = i === props.live.stages.length - 1;
    return {
      way: WAYS[stage.way],
      from: clock(begins),
      until: isLast ? null : clock(from),
      isNow: props.live.nowMin >= begins && (isLast || props.live.nowMin < from),
    };
  });
});

const doubt = () => {
  if (tempC.value === null) return null;
  const far = chillFarOff(tempC.value, props.live.nowC);
  return far === null
    ? null
    : farOffWords(
        showTemperature(tempC.value, one.value),
        showTemperature(far.reckoned.expected, one.value),
      );
};
function read() {
  if (tempC.value === null) return;
  emit("write", { kind: "chillRead", tempC: tempC.value });
  tempC.value = null;
}
const writeOut = () =>
  save(
    `kettlos-chilling-${isoDayOf(props.chilling.beganMs)}.csv`,
    chillRecord(props.pot, props.chilling, props.code, props.live, props.units),
    "text/csv",
  );
</script>

<template>
  <section class="fields">
    <h2>The gates</h2>
    <ul class="gates">
      <li v-for="(g, i) in live.gates" :key="i" :class="g.state">
        <strong
          >{{ showRoundTemperature(g.gate.fromC, one) }} to
          {{ showRoundTemperature(g.gate.toC, one) }} within
          {{ showDuration(g.gate.withinMin) }}</strong
        >
        <span
          >{{ STATE_WORDS[g.state]
          }}<template v-if="g.leftMin !== null && g.leftMin > 0"
            >, {{ showDuration(g.leftMin) }} left</template
          ><template v-if="g.metMin !== null && g.state !== 'ahead'">
            ·
            {{
              g.state === "met" || g.state === "failed" || g.state === "likely"
                ? "there at"
                : "about"
            }}
            {{ clock(g.metMin) }}</template
          ></span
        >
      </li>
    </ul>
    <div v-if="remedy !== null" class="danger" role="alert">
      <strong>Danger: a gate was missed.</strong>
      <span
        >{{ words(REMEDIES[remedy])
        }}<template v-if="chilling.wasReheated"> It was reheated once already.</template></span
      >
      <span class="quiet small">Rule of: {{ code.whose }}.</span>
      <button
        v-if="remedy === 'reheatOnce'"
        type="button"
        class="button"
        @click="$emit('startOver')"
      >
        It was at {{ showRoundTemperature(REHEATED_C, one) }} all through again: start over from now
      </button>
    </div>
    <p v-else-if="isLate" class="ember">
      <strong>Take care: it goes too slowly.</strong> Shallower, stirred, or into ice or snow now.
    </p>
    <p v-else-if="isLikely"><strong>It should be cold by now.</strong> Read it, and it counts.</p>
    <p v-else-if="isCold" class="herb"><strong>Cold in time, by every gate.</strong></p>
    <ol class="steps">
      <li v-for="step in steps" :key="step.from" :class="{ on: step.isNow }">
        <time>{{ step.from }}</time>
        <span
          ><strong>{{ step.way.name }}</strong
          ><template v-if="step.until !== null">
            until it is at {{ showRoundTemperature(FRIDGE_FROM_C, one) }}, about
            {{ step.until }}</template
          ><span class="quiet small">{{ step.way.does }}</span></span
        >
      </li>
    </ol>
    <button
      v-if="chilling.endedMs === null && remedy === null"
      type="button"
      class="button"
      :class="{ primary: isLate }"
      @click="$emit('move')"
    >
      Chill it another way
    </button>
    <FieldForm
      v-if="chilling.endedMs === null"
      v-slot="{ keep }"
      class="beside"
      :doubt
      @keep="read"
    >
      <TemperatureField
        v-model="tempC"
        label="In the middle it is at"
        :units="units"
        :min="-5"
        :max="105"
        needed
        @entered="keep"
      />
      <button type="submit" class="button">Keep it</button>
    </FieldForm>
    <ul class="small quiet" aria-label="Readings">
      <li v-for="reading in live.allReadings" :key="reading.tMin">
        {{ clock(reading.tMin) }} {{ showTemperature(reading.tempC, units) }}
      </li>
    </ul>
    <PracticeScore v-if="chilling.endedMs !== null" :pot="pot" />
    <div class="beside">
      <button
        v-if="chilling.endedMs === null"
        type="button"
        class="button primary"
        :disabled="!isCold"
        @click="$emit('cold')"
      >
        {{
          pot.batch.practice === undefined ? "It is cold through: portion it" : "It is cold through"
        }}
      </button>
      <template v-else>
        <RouterLink class="button primary" :to="`/portion/${pot.batch.id}`">Portion it</RouterLink>
        <RouterLink class="button" :to="`/strain/${pot.batch.id}`">Fat and set</RouterLink>
      </template>
      <button type="button" class="button" @click="writeOut">Record to a file</button>
      <button type="button" class="button" @click="$emit('undo')">Undo <kbd>U</kbd></button>
    </div>
  </section>
</template>

<style scoped>
.gates li,
.steps li {
  padding: var(--space-4) 0 var(--space-4) var(--space-5);
  border-left: 4px solid var(--tick);
}

.gates li {
  display: grid;
  margin-bottom: var(--space-4);
}

.gates .met {
  border-color: var(--herb);
}

.gates .late,
.gates .failed {
  border-color: var(--ember);
}

.gates .late span,
.gates .failed span {
  color: var(--ember);
  font-weight: 650;
}

.danger {
  display: grid;
  gap: var(--space-3);
  padding: var(--space-4) var(--space-5);
  border-left: 4px solid var(--ember);
  background: var(--ember-soft);
}

.steps li {
  display: grid;
  grid-template-columns: 52px 1fr;
  border-color: var(--hair);
}

.steps .on {
  border-color: var(--rim);
}

.steps span span {
  display: block;
}
</style>
