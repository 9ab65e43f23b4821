<script setup lang="ts">
import { coolingMinOf } from "@kettlos/core/because/cooling-figures";
import type { Chill } from "@kettlos/core/events/chill/schema";
import { inBowl } from "@kettlos/core/batch/in-bowl";
import { bowlL, perL } from "@kettlos/core/batch/bowl";
import {
  beforeChilling,
  beforeMoved,
  chillingAt,
  chillingCourse,
  coolingOf,
  isChilled,
  standingOf,
} from "@kettlos/core/batch/chill-of";
import { lostBefore } from "@kettlos/core/cool/before-chilling";
import { isMissed } from "@kettlos/core/cool/chill-live";
import { stagesBeginning } from "@kettlos/core/cool/chill-choices";
import {
  codeOf,
  CODES,
  holdingLineC,
  REHEATED_C,
  remedyFor,
  REMEDIES,
} from "@kettlos/core/cool/codes";
import { gatesMet } from "@kettlos/core/cool/cooling";
import { SET_FROM_GL } from "@kettlos/core/extraction/set";
import {
  showDuration,
  showMass,
  showRoundTemperature,
  showTemperature,
  showVolume,
} from "@kettlos/core/units/show";
import { MINUTE_MS } from "@kettlos/core/units/time";
import { computed, ref, watch } from "vue";
import { useRouter } from "vue-router";
import WhyFigure from "../../controls/WhyFigure.vue";
import TemperatureField from "../../controls/TemperatureField.vue";
import { useAsWarm } from "../../controls/use-as-warm";
import { useKitchenStore } from "../../data/kitchen-store";
import { usePotsStore } from "../../data/pots-store";
import { useRoutePot } from "../../data/use-pot";
import { appendEvent, undoLast, type NewEvent } from "../../data/repository";
import CoolingGates from "../../drawings/CoolingGates.vue";
import { findVessel } from "@kettlos/core/simulate/set-pot";
import StageStrip from "../../frame/StageStrip.vue";
import { useShortcuts } from "../../frame/shortcuts";
import ChillHow from "./ChillHow.vue";
import ChillLive from "./ChillLive.vue";
import PracticeChill from "./PracticeChill.vue";
import IceInto from "./IceInto.vue";
import { useChillHow } from "./use-chill-how";
import { useWords } from "../../data/use-words";

/** From the sieve to cold through: the course reckoned against the code before it is done, then read. */
const words = useWords();
const kitchenStore = useKitchenStore();
const pots = usePotsStore();
const router = useRouter();
const units = computed(() => kitchenStore.units);
const one = computed(() => (units.value === "us" ? "us" : "metric"));
const { pot, isRead } = useRoutePot();
/** A practice pot stands in the kitchen it was made up in. */
const kitchen = computed(() => {
  const batch = pot.value?.batch;
  return batch?.practice === undefined
    ? (kitchenStore.kitchen ?? batch?.kitchen ?? null)
    : batch.kitchen;
});
const code = computed(() => (kitchen.value === null ? CODES.us : codeOf(kitchen.value)));
const lineC = computed(() => holdingLineC(code.value));
const chilling = computed(() => pot.value?.cook.chilling ?? null);
/** What was logged without being chilled here is not chilled any more. */
const isTooLate = computed(() => chilling.value === null && pot.value?.cook.stage === "done");
const isThick = computed(() => pot.value?.batch.plan.end === "served");
const bowl = computed(() => (pot.value === null ? null : inBowl(pot.value.batch, pot.value.cook)));
const totalKg = computed(() => bowl.value?.massKg ?? 0);

const USUAL_FROM_C = 80;
const USUAL_LEAST_C = 20;
const nowMs = computed(() => (pot.value === null ? pots.nowMs : pots.nowOf(pot.value.batch)));
const standing = computed(() =>
  pot.value === null ? null : standingOf(pot.value.batch, pot.value.cook),
);
const { tempC: fromC, write: readFrom } = useAsWarm(
  USUAL_FROM_C,
  () => standing.value,
  () => nowMs.value,
  USUAL_LEAST_C,
);
/** How warm it is as it is moved; null while nobody moves it. */
const movedC = ref<number | null>(null);
const isMoving = ref(false);
watch(
  () => pot.value?.batch.id,
  () => (isMoving.value = false),
);
const asIsC = computed(() => (isMoving.value ? movedC.value : fromC.value));
/** What to do is worked out anew every few minutes: its clock runs while it is thought about. */
const STEP_MS = 5 * MINUTE_MS;
const asOfMs = computed(() => Math.ceil(nowMs.value / STEP_MS) * STEP_MS);
const before = computed(() => {
  const [at, warmC, room] = [standing.value, asIsC.value, kitchen.value];
  if (warmC === null || room === null) return null;
  if (chilling.value !== null) return beforeMoved(chilling.value, asOfMs.value, warmC, room, at);
  return at === null ? null : beforeChilling(at, asOfMs.value, warmC, room);
});
/** What a code asks for where its time ran out before anything was done. */
const lost = computed(() =>
  asIsC.value === null
    ? null
    : remedyFor(
        lostBefore(before.value, asIsC.value, code.value.gates),
        chilling.value?.wasReheated === true,
      ),
);
const how = useChillHow({
  potId: () => pot.value?.batch.id ?? null,
  kitchen: () => kitchen.value,
  gates: () => code.value.gates,
  totalKg: () => totalKg.value,
  fromC: () => asIsC.value,
  isThick: () => isThick.value,
  before: () => before.value,
  usualId: () => pot.value?.batch.plan.vesselId ?? null,
});
const { chosen, chance, verdict } = how;
/** Strong enough to be thinned: it would wobble at least. */
const isStrong = computed(
  () =>
    bowl.value !== null &&
    !isThick.value &&
    perL(bowl.value, bowl.value.gelatinG) >= SET_FROM_GL.wobbles.value,
);
async function iceIn(massKg: number, tempC: number) {
  await write({ kind: "stirredIn", ingredientId: "water", massKg });
  readFrom(Math.max(USUAL_LEAST_C, Math.round(tempC)));
}

/** What has been begun, as its readings have it: worked out when something was written, looked at with the clock. */
const course = computed(() =>
  chilling.value === null || kitchen.value === null
    ? null
    : chillingCourse(chilling.value, kitchen.value, standing.value),
);
const live = computed(() =>
  course.value === null ? null : chillingAt(course.value, code.value, nowMs.value),
);
/** While another way is thought about, that one is drawn. */
const drawn = computed(() => {
  if (live.value !== null && !isMoving.value)
    return {
      points: live.value.points,
      gates: gatesMet(live.value.points, code.value.gates).map((g, i) => ({
        ...g,
        passes: g.passes && !isMissed(live.value?.gates[i]?.state ?? "ahead"),
      })),
    };
  return chosen.value === null
    ? null
    : {
        points: [...(before.value?.points ?? []), ...chosen.value.points],
        gates: chosen.value.gates,
      };
});
/** How long it takes to each gate, with its range and why. */
const figures = computed(() => {
  const reckoned =
    course.value !== null && !isMoving.value
      ? { facts: { ...course.value.facts, pace: course.value.pace }, stages: course.value.stages }
      : chosen.value;
  return reckoned === null
    ? []
    : code.value.gates.flatMap((gate) => {
        const figure = coolingMinOf(reckoned.facts, reckoned.stages, gate, kitchen.value ?? {});
        return figure === null ? [] : { toC: gate.toC, ...figure };
      });
});

async function write(event: NewEvent) {
  if (pot.value !== null) await appendEvent(pot.value.batch.id, event);
}
async function begin() {
  if (chosen.value === null || asIsC.value === null) return;
  const chill: Chill = {
    containerId: chosen.value.container.id,
    count: chosen.value.count,
    massKg: totalKg.value,
    fromC: asIsC.value,
    isThick: isThick.value,
    stages: chosen.value.stages.map((s) => ({ ...s })),
  };
  await write({ kind: isMoving.value ? "chillMoved" : "chillBegun", chill });
  isMoving.value = false;
}
async function cold() {
  const batch = pot.value?.batch;
  await write({ kind: "chilled" });
  if (batch !== undefined && batch.practice === undefined)
    await router.push(`/portion/${batch.id}`);
}
function move() {
  movedC.value = live.value === null ? null : Math.round(live.value.nowC);
  isMoving.value = true;
}
/** Hot again, and chilled the same way anew: what a code asks for when a gate was missed. */
async function startOver() {
  if (chilling.value === null || kitchen.value === null) return;
  const { chill } = chilling.value;
  const facts = coolingOf({ ...chill, fromC: REHEATED_C }, kitchen.value);
  const way = chill.stages[0]?.way;
  if (facts === null || way === undefined) return;
  const stages = stagesBeginning(way, facts).map((s) => ({ ...s }));
  await write({ kind: "chillBegun", chill: { ...chill, fromC: REHEATED_C, stages } });
}
const undo = () => pot.value !== null && undoLast(pot.value.batch.id);
useShortcuts(() => [{ keys: "u", does: "Undo the last entry", run: () => void undo() }]);
</script>

<template>
  <template v-if="pot !== null && pot.cook.result !== null && !isTooLate">
    <StageStrip
      :name="pot.batch.plan.name"
      :end="pot.batch.plan.end"
      :about="
        pot.batch.plan.end === 'served'
          ? showMass(totalKg, one)
          : showVolume(bowl === null ? 0 : bowlL(bowl), one)
      "
      :vessel="findVessel(pot.batch.plan, pot.batch.kitchen)"
      :strained-l="bowl === null ? 0 : bowlL(bowl)"
      :stage="pot.cook.stage"
      :plan-id="pot.batch.plan.id"
      :batch-id="pot.batch.id"
      is-strained
      :is-chilled="isChilled(pot.cook)"
    />
    <PracticeChill
      v-if="pot.batch.practice !== undefined"
      :key="pot.batch.id"
      :pot="pot"
      :now-ms="nowMs"
      :units="units"
      @write="write"
    />
    <div class="place chill">
      <section>
        <h1 v-if="live !== null">
          <b class="figure now">{{ showTemperature(live.nowC, one) }}</b> now
        </h1>
        <h1 v-else :class="chosen?.isSure === true ? 'herb' : 'ember'">{{ verdict }}</h1>
        <p v-if="live === null && chance !== null && chance > 0.05">
          In time about {{ Math.round(10 * chance) }} times in ten. Take more and shallower, or a
          bath; else read it and be ready to change.
        </p>
        <p class="quiet">{{ code.name }}: {{ words(code.text) }} {{ code.whose }}.</p>
        <CoolingGates
          v-if="drawn !== null"
          :points="drawn.points"
          :gates="drawn.gates"
          :readings="isMoving ? (before?.readings ?? []) : (live?.allReadings ?? [])"
          :units="units"
          :now-min="isMoving ? 0 : (live?.nowMin ?? null)"
        />
        <ul class="figures">
          <li v-for="figure in figures" :key="figure.id">
            To {{ showRoundTemperature(figure.toC, one) }}: about
            <b class="figure">{{ showDuration(figure.expected) }}</b>
            ({{ showDuration(figure.low) }} to
            {{ Number.isFinite(figure.high) ? showDuration(figure.high) : "never" }})
            <WhyFigure :estimate="figure" />
          </li>
        </ul>
      </section>
      <section v-if="live === null || isMoving" class="fields">
        <h2>{{ isMoving ? "Chill it another way" : "How to chill it" }}</h2>
        <p v-if="isMoving">
          The clock of the code runs on from where it began.
          <button type="button" class="link" @click="isMoving = false">Leave it as it is</button>
        </p>
        <p v-if="isMoving" :class="chosen?.isSure === true ? 'herb' : 'ember'">
          <strong>{{ verdict }}.</strong>
        </p>
        <div v-if="lost !== null" class="danger" role="alert">
          <strong>Danger: its time below the line has run out already.</strong>
          <span>{{ words(REMEDIES[lost]) }}</span>
          <span class="quiet small">Rule of: {{ code.whose }}.</span>
        </div>
        <TemperatureField
          v-if="isMoving"
          v-model="movedC"
          label="In the middle it is at"
          :units="units"
          :min="5"
          :max="105"
        />
        <TemperatureField
          v-else
          :model-value="fromC"
          label="It is at"
          :units="units"
          :min="20"
          :max="105"
          @written="readFrom"
        />
        <ChillHow
          :how="how"
          :total-kg="totalKg"
          :units="units"
          :line-c="lineC"
          :is-lost="lost !== null"
          @begin="begin"
        />
        <IceInto
          v-if="!isMoving && isStrong && bowl !== null && fromC !== null"
          :bowl="bowl"
          :from-c="fromC"
          :units="units"
          @done="iceIn"
        />
        <p class="quiet small">
          Never a closed deep pot, and never hot on the floor of a full fridge: it warms what stands
          beside it.
        </p>
      </section>
      <ChillLive
        v-else-if="chilling !== null"
        :pot="pot"
        :chilling="chilling"
        :live="live"
        :code="code"
        :units="units"
        @write="write"
        @cold="cold"
        @start-over="startOver"
        @move="move"
        @undo="undo"
      />
    </div>
  </template>
  <div v-else-if="isRead" class="place">
    <h1>Nothing to chill here</h1>
    <p v-if="isTooLate">
      This pot is in the logbook already, and was not chilled by the clock here.
    </p>
    <p v-else>First it is strained or served, and measured.</p>
    <p><RouterLink class="button primary" to="/strain">To the sieve</RouterLink></p>
  </div>
</template>

<style scoped>
.chill {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 360px;
  gap: var(--space-6) var(--space-9);
}

.now {
  font-size: var(--size-figure);
  line-height: 48px;
}

@media (width <= 900px) {
  .chill {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
