<script setup lang="ts">
import { onCounter } from "@kettlos/core/batch/counter";
import { gapOf } from "@kettlos/core/batch/gap";
import { liftedOut } from "@kettlos/core/batch/course-of";
import { flowOf } from "@kettlos/core/batch/flow";
import { answersFor } from "@kettlos/core/because/answers";
import { liquidOfServedKg } from "@kettlos/core/dish/eaten";
import { SETS, type SetGrade } from "@kettlos/core/extraction/set";
import { fatCapMm } from "@kettlos/core/extraction/fat-cap";
import { nameOf } from "@kettlos/core/simulate/item-facts";
import { vesselOf } from "@kettlos/core/simulate/references";
import { showMass, showVolume, showVolumeRange } from "@kettlos/core/units/show";
import { vesselAreaM2 } from "@kettlos/core/vessel/volume";
import { computed, ref, watch } from "vue";
import { useRoute, useRouter } from "vue-router";
import CautionList from "../../controls/CautionList.vue";
import UnitField from "../../controls/UnitField.vue";
import TickChoice from "../../controls/TickChoice.vue";
import { clockHour } from "../../data/clock-hour";
import { useKitchenStore } from "../../data/kitchen-store";
import { usePotsStore } from "../../data/pots-store";
import { appendEvent, undoLast, type NewEvent } from "../../data/repository";
import LedgerFlow from "../../drawings/LedgerFlow.vue";
import StageStrip from "../../frame/StageStrip.vue";
import { useShortcuts } from "../../frame/shortcuts";
import { causeWords } from "./cause-words";
import PracticeScore from "../cook/PracticeScore.vue";
import PracticeYield from "./PracticeYield.vue";
import SetPicture from "./SetPicture.vue";

/** What came through the sieve, against what was planned; then the fat and the set when cold. */
const kitchenStore = useKitchenStore();
const pots = usePotsStore();
const route = useRoute();
const router = useRouter();
const units = computed(() => kitchenStore.units);
const one = computed(() => (units.value === "us" ? "us" : "metric"));

const pot = computed(() => {
  const id = route.params["batchId"];
  return typeof id === "string" ? (pots.byId.get(id) ?? null) : null;
});
watch(
  () => [route.params["batchId"], kitchenStore.isLoaded, pots.live.length] as const,
  () => {
    if (!kitchenStore.isLoaded || route.name !== "strain" || pot.value !== null) return;
    const waiting = pots.live.find((p) => p.cook.offMs !== null) ?? null;
    if (waiting !== null) void router.replace(`/strain/${waiting.batch.id}`);
  },
  { immediate: true },
);

const plan = computed(() => pot.value?.batch.plan ?? null);
const kitchen = computed(() => pot.value?.batch.kitchen ?? null);
const answers = computed(() => {
  if (plan.value === null || kitchen.value === null) return null;
  const outcome = answersFor(plan.value, kitchen.value, clockHour);
  return outcome.ok ? outcome.value : null;
});
const live = computed(() => pots.live.find((p) => p.batch.id === pot.value?.batch.id) ?? null);
const expected = computed(
  () => live.value?.forecast.strainedL ?? answers.value?.figures.strainedL ?? null,
);
const gap = computed(() =>
  plan.value === null || kitchen.value === null || pot.value === null
    ? null
    : gapOf(plan.value, kitchen.value, pot.value.cook),
);
const flow = computed(() =>
  plan.value === null || kitchen.value === null || pot.value === null
    ? null
    : flowOf(plan.value, kitchen.value, pot.value.cook),
);
const cautions = computed(
  () => answers.value?.cautions.filter((c) => c.places.includes("strain")) ?? [],
);
const result = computed(() => pot.value?.cook.result ?? null);
const forgotten = computed(() =>
  plan.value === null || pot.value === null ? [] : onCounter(plan.value, pot.value.cook),
);
const isServed = computed(() => plan.value?.end === "served");
const takeOuts = computed(() => answers.value?.dish.takeOuts ?? []);
const isOut = (itemId: string) => pot.value?.cook.did.has(liftedOut(itemId)) === true;
const stillIn = computed(() => takeOuts.value.filter((t) => !isOut(t.itemId)));
const isDone = computed(() => pot.value?.cook.stage === "done");

const by = ref<"volume" | "weight">("volume");
const BY = [
  { value: "volume", label: "by jug" },
  { value: "weight", label: "by weight" },
] as const;
const volumeL = ref<number | null>(null);
const grossKg = ref<number | null>(null);
const tareKg = ref<number | null>(null);
const heat = ref<"hot" | "cold">("hot");
const HEATS = [
  { value: "hot", label: "still hot" },
  { value: "cold", label: "cold" },
] as const;
const HOT_C = 80;
const passes = ref("2");
const PASSES = ["1", "2", "3"].map((value) => ({ value, label: value }));
const cloth = ref("0");
const CLOTHS = ["0", "1", "2"].map((value) => ({
  value,
  label: value === "0" ? "none" : value,
}));
const pressed = ref(false);
const problem = ref("");
watch(
  plan,
  (p) => {
    pressed.value = p?.strain.pressed ?? false;
    cloth.value = String(Math.min(2, p?.strain.clothPasses ?? 0));
  },
  { immediate: true },
);

async function write(event: NewEvent) {
  if (pot.value !== null) await appendEvent(pot.value.batch.id, event);
}

async function keep() {
  const isWeighed = by.value === "weight" || isServed.value;
  const massKg =
    isWeighed && grossKg.value !== null ? grossKg.value - (tareKg.value ?? 0) : undefined;
  if (isWeighed ? massKg === undefined : volumeL.value === null) {
    problem.value = isServed.value
      ? "Weigh it first: the pot with everything in, then the pot alone."
      : "Measure what came through first: litres in the jug, or the weight.";
    return;
  }
  if (massKg !== undefined && massKg < 0) {
    problem.value = `The empty vessel (${showMass(tareKg.value ?? 0, one.value)}) weighs more than the full one. Check both.`;
    return;
  }
  problem.value = "";
  await write({
    kind: "strained",
    measured: {
      ...(massKg === undefined
        ? { volumeL: volumeL.value ?? 0 }
        : isServed.value
          ? {
              massKg:
                answers.value === null
                  ? massKg
                  : liquidOfServedKg(massKg, answers.value.dish.eaten),
              servedKg: massKg,
            }
          : { massKg }),
      tempC: heat.value === "hot" && !isWeighed ? HOT_C : 15,
      passes: Number(passes.value),
      clothPasses: Number(cloth.value),
      pressed: pressed.value,
    },
  });
}

/** A practice pot says itself what it gave. */
function takeMeasured(got: { volumeL: number; servedKg: number }) {
  volumeL.value = got.volumeL;
  grossKg.value = got.servedKg;
  tareKg.value = 0;
  heat.value = "cold";
}

const fatKg = ref<number | null>(null);
watch(fatKg, (kg) => {
  if (kg !== null && kg !== result.value?.fatKg) void write({ kind: "fatLifted", fatKg: kg });
});
watch(
  () => result.value?.fatKg,
  (kg) => (fatKg.value = kg ?? null),
  { immediate: true },
);
const capMm = computed(() => {
  if (plan.value === null || kitchen.value === null || !result.value?.fatKg) return null;
  return fatCapMm(result.value.fatKg, vesselAreaM2(vesselOf(plan.value, kitchen.value), 0.1));
});
const judge = (set: SetGrade) => void write({ kind: "setJudged", set });

async function finish() {
  const id = pot.value?.batch.id;
  await write({ kind: "finished" });
  await router.push(`/logbook/${id ?? ""}`);
}
async function undo() {
  if (pot.value !== null) await undoLast(pot.value.batch.id);
}
useShortcuts(() =>
  pot.value === null ? [] : [{ keys: "u", does: "Undo the last entry", run: () => void undo() }],
);
</script>

<template>
  <template v-if="pot !== null && plan !== null && answers !== null">
    <StageStrip
      :name="plan.name"
      :end="plan.end"
      :about="plan.forWhat ? `for ${plan.forWhat}` : ''"
      :stage="pot.cook.stage"
      :plan-id="plan.id"
      :batch-id="pot.batch.id"
      :is-strained="pot.cook.strainedMs !== null"
      :is-chilled="(pot.cook.chilling?.endedMs ?? null) !== null"
    />
    <div class="place strain">
      <section class="left">
        <template v-if="result === null">
          <h1>{{ isServed ? "Serve it" : "What came through" }}</h1>
          <p v-if="isServed" class="quiet">
            Expected about {{ showMass(answers.dish.eaten.allKg, one)
            }}<template v-if="answers.dish.eaten.portions !== null"
              >, {{ Math.round(answers.dish.eaten.portions) }} portions</template
            >.
          </p>
          <ul
            v-if="isServed && takeOuts.length > 0"
            class="outs"
            aria-label="Take out before serving"
          >
            <li v-for="t in takeOuts" :key="t.itemId">
              <label class="check">
                <input
                  type="checkbox"
                  :checked="isOut(t.itemId)"
                  :disabled="isOut(t.itemId)"
                  @change="write({ kind: 'did', what: liftedOut(t.itemId) })"
                />
                {{ t.what }} out
              </label>
            </li>
          </ul>
          <p v-if="expected && !isServed" class="quiet">
            Expected about {{ showVolume(expected.expected, one) }} ({{
              showVolumeRange(expected.low, expected.high, one)
            }}).
          </p>
          <p v-if="forgotten.length > 0" class="ember" role="status">
            <strong
              >Still on the counter: {{ forgotten.map(nameOf).join(", ").toLowerCase() }}.</strong
            >
            <RouterLink :to="`/cook/${pot.batch.id}`">Put it in, or leave it out</RouterLink>
          </p>
          <PracticeYield :pot="pot" :units="units" @take="takeMeasured" />
          <form class="fields" @submit.prevent="keep">
            <TickChoice v-if="!isServed" v-model="by" label="How it is measured" :options="BY" />
            <template v-if="by === 'volume' && !isServed">
              <UnitField
                v-model="volumeL"
                label="Strained"
                :units="units"
                dimension="volume"
                :min="0"
                :max="500"
              />
              <TickChoice v-model="heat" label="Measured" :options="HEATS" />
            </template>
            <template v-else>
              <UnitField
                v-model="grossKg"
                :label="isServed ? 'Pot and all' : 'Bowl and stock'"
                :units="units"
                dimension="mass"
                :min="0"
                :max="500"
              />
              <UnitField
                v-model="tareKg"
                :label="isServed ? 'Pot empty' : 'Bowl empty'"
                :units="units"
                dimension="mass"
                :min="0"
                :max="100"
              />
            </template>
            <p v-if="!isServed" class="line">
              Sieves
              <TickChoice v-model="passes" label="Sieves" :options="PASSES" />
              cloth
              <TickChoice v-model="cloth" label="Cloth passes" :options="CLOTHS" />
            </p>
            <label v-if="!isServed" class="check"
              ><input v-model="pressed" type="checkbox" /> solids pressed (more, cloudier)</label
            >
            <p v-if="problem" class="ember" role="alert">{{ problem }}</p>
            <p v-if="isServed && stillIn.length > 0" class="ember small" role="status">
              Still in it: {{ stillIn.map((t) => t.what).join(", ") }}.
            </p>
            <button type="submit" class="button primary">
              {{ isServed ? "Keep what was served" : "Keep what came through" }}
            </button>
          </form>
        </template>
        <template v-else>
          <h1 v-if="result.servedKg !== null">
            <span class="result">{{ showMass(result.servedKg, units) }}</span> served
          </h1>
          <h1 v-else>
            <span class="result">{{ showVolume(result.strainedL, units) }}</span>
            strained
          </h1>
          <p v-if="gap" class="cause">{{ causeWords(gap, units) }}</p>
          <p class="line">
            <RouterLink
              v-if="!isDone || pot.cook.chilling !== null"
              class="button primary"
              :to="`/chill/${pot.batch.id}`"
              >Chill it, against the clock of the code</RouterLink
            >
            <RouterLink
              v-if="pot.batch.practice === undefined"
              class="button"
              :to="`/portion/${pot.batch.id}`"
              >Portion it</RouterLink
            >
          </p>
          <h2>When it is cold</h2>
          <div class="fields">
            <UnitField
              v-model="fatKg"
              label="Fat lifted off"
              :units="units"
              dimension="mass"
              :min="0"
              :max="50"
              placeholder="none yet"
            />
            <p v-if="capMm !== null" class="quiet small">
              A cap of about {{ capMm.toFixed(0) }} mm in the pot; reckoned
              {{ showMass(answers.figures.fatKg.expected, one) }}.
            </p>
            <fieldset v-if="!isServed" class="sets">
              <legend>How it stands, reckoned: {{ answers.set.expected }}</legend>
              <button
                v-for="set in SETS"
                :key="set"
                type="button"
                :class="{ on: result.set === set }"
                :aria-pressed="result.set === set"
                @click="judge(set)"
              >
                <SetPicture :set="set" />
                {{ set }}
              </button>
            </fieldset>
          </div>
          <PracticeScore :pot="pot" />
          <p class="line">
            <button v-if="!isDone" type="button" class="button primary" @click="finish">
              Into the logbook
            </button>
            <RouterLink v-else class="button primary" :to="`/logbook/${pot.batch.id}`"
              >See it in the logbook</RouterLink
            >
            <button type="button" class="button" @click="undo">Undo <kbd>U</kbd></button>
          </p>
        </template>
      </section>
      <section>
        <h2>Where every litre {{ result === null ? "will go" : "went" }}</h2>
        <LedgerFlow v-if="flow" :flow="flow" :units="units" />
        <p class="quiet small">
          Cold litres; a hot jug reads about 3 % more.
          <template v-if="result !== null"
            >The gap is shared by what the readings say, then by how uncertain each part
            is.</template
          >
        </p>
        <hr class="rule" />
        <CautionList :cautions="cautions" />
      </section>
    </div>
  </template>
  <div v-else class="place empty">
    <h1>Nothing to strain</h1>
    <p>
      When a pot comes off the heat it stands here: measure what came through the sieve, and see
      where every litre went.
    </p>
    <p>
      <RouterLink class="button primary" to="/bench">To the bench</RouterLink>
    </p>
  </div>
</template>

<style scoped>
.strain {
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(0, 1.25fr);
  gap: 24px 56px;
}

.left {
  display: grid;
  gap: 12px;
  align-content: start;
}

.fields {
  display: grid;
  gap: 14px;
}

.line {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 12px;
  align-items: center;
}

.cause {
  font-size: 20px;
  line-height: 26px;
}

.sets {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  margin: 0;
  padding: 0;
  border: 0;
}

.sets legend {
  padding-bottom: 8px;
  color: var(--quiet);
  font-size: 14px;
}

.sets button {
  display: grid;
  justify-items: center;
  min-width: 84px;
  padding: 6px 4px 8px;
  border: 0;
  border-bottom: 1px solid var(--tick);
  background: none;
  font-size: 14px;
}

.sets button.on {
  border-bottom: 4px solid var(--rim);
  font-weight: 700;
}

.empty {
  display: grid;
  gap: 16px;
}

@media (width <= 900px) {
  .strain {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
