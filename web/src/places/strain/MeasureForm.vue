<script setup lang="ts">
import { findVessel } from "@kettlos/core/simulate/set-pot";
import { liquidOfServedKg } from "@kettlos/core/dish/eaten";
import type { Answers } from "@kettlos/core/because/answers";
import { asReckoned } from "@kettlos/core/batch/as-reckoned";
import { amountFarOff } from "@kettlos/core/batch/far-off";
import { MARROWS, type Marrow } from "@kettlos/core/events/sieve/terms";
import { ingredientOf } from "@kettlos/core/simulate/item-facts";
import type { Plan } from "@kettlos/core/simulate/plan-schema";
import { showMass, showVolume, type UnitSystem } from "@kettlos/core/units/show";
import { vesselVolumeL } from "@kettlos/core/vessel/volume";
import { computed, ref, watch } from "vue";
import { notAsPlannedWords } from "../../controls/far-off-words";
import FieldForm from "../../controls/FieldForm.vue";
import TickChoice from "../../controls/TickChoice.vue";
import UnitField from "../../controls/UnitField.vue";
import type { PotState } from "../../data/pot-state";
import type { NewEvent } from "../../data/repository";
import PracticeYield from "./PracticeYield.vue";

/** What came through the sieve, or was served: by jug or by weight, and how it was strained. */
const props = defineProps<{
  pot: PotState;
  plan: Plan;
  answers: Answers;
  /** What is to come out before it is served and is in it yet, in words. */
  stillIn: readonly string[];
  /** Strained by the forecast, cold L; null where there is none. */
  endL: number | null;
  units: UnitSystem;
}>();
const emit = defineEmits<{ write: [NewEvent] }>();
const one = computed(() => (props.units === "us" ? "us" : "metric"));
const isServed = computed(() => props.plan.end === "served");

const BY = [
  { value: "volume", label: "by jug" },
  { value: "depth", label: "by depth in a pot" },
  { value: "weight", label: "by weight" },
] as const;
const by = ref<(typeof BY)[number]["value"]>("volume");
const vesselId = ref(props.plan.vesselId);
const depthM = ref<number | null>(null);
const vessel = computed(() => props.pot.batch.kitchen.vessels.find((v) => v.id === vesselId.value));
watch([depthM, vessel], () => {
  if (depthM.value !== null && vessel.value !== undefined)
    volumeL.value = vesselVolumeL(vessel.value, Math.min(depthM.value, vessel.value.heightM));
});
const volumeL = ref<number | null>(null);
const grossKg = ref<number | null>(null);
/** A dish is weighed in its own pot, whose weight the kitchen knows. */
const tareKg = ref<number | null>(
  isServed.value ? (findVessel(props.plan, props.pot.batch.kitchen)?.massKg ?? null) : null,
);
const leftL = ref<number | null>(null);
const heat = ref<"hot" | "cold">("hot");
const HEATS = [
  { value: "hot", label: "still hot" },
  { value: "cold", label: "cold" },
] as const;
const HOT_C = 80;
const passes = ref("2");
const PASSES = ["1", "2", "3"].map((value) => ({ value, label: value }));
const cloth = ref("0");
const CLOTHS = ["0", "1", "2"].map((value) => ({ value, label: value === "0" ? "none" : value }));
const pressed = ref(false);
const hasMarrow = computed(() => props.plan.items.some((i) => ingredientOf(i).id === "beefMarrow"));
const marrow = ref<Marrow>("into");
const MARROW_WORDS = { into: "into the liquid", apart: "eaten apart", left: "left in" } as const;
const MARROW_OPTIONS = MARROWS.map((value) => ({ value, label: MARROW_WORDS[value] }));
const problem = ref("");
watch(
  () => props.plan,
  ({ strain, schools }) => {
    pressed.value = strain.pressed;
    cloth.value = String(Math.min(2, strain.clothPasses));
    const wanted = MARROWS.find((m) => m === schools["marrow"]);
    if (wanted !== undefined) marrow.value = wanted;
  },
  { immediate: true },
);

const servedKg = computed(() =>
  grossKg.value === null ? null : grossKg.value - (tareKg.value ?? 0),
);
/** What no pot of this plan gives: a slip of the decimal point, or another unit. */
const doubt = () => {
  const { trace, dish } = props.answers;
  if (isServed.value || by.value === "weight") {
    const planned = isServed.value ? dish.eaten.allKg : trace.strained.liquidKg;
    if (servedKg.value === null || servedKg.value < 0) return null;
    return amountFarOff(servedKg.value, planned) === null
      ? null
      : notAsPlannedWords(showMass(servedKg.value, one.value), showMass(planned, one.value));
  }
  const planned = trace.strained.volumeL;
  return volumeL.value === null || amountFarOff(volumeL.value, planned) === null
    ? null
    : notAsPlannedWords(showVolume(volumeL.value, one.value), showVolume(planned, one.value));
};

function keep() {
  const isWeighed = by.value === "weight" || isServed.value;
  const massKg = isWeighed && servedKg.value !== null ? servedKg.value : undefined;
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
  emit("write", {
    kind: "strained",
    measured: {
      ...(massKg === undefined
        ? { volumeL: volumeL.value ?? 0 }
        : isServed.value
          ? { massKg: liquidOfServedKg(massKg, props.answers.dish.eaten), servedKg: massKg }
          : { massKg }),
      tempC: heat.value === "hot" && !isWeighed ? HOT_C : 15,
      passes: Number(passes.value),
      clothPasses: Number(cloth.value),
      pressed: pressed.value,
      ...(leftL.value === null || isServed.value ? {} : { leftL: leftL.value }),
      ...(hasMarrow.value && !isServed.value ? { marrow: marrow.value } : {}),
    },
  });
}

/** What came out by the forecast: of what was read while it was on, where anything was. */
const reckoned = computed(() =>
  asReckoned(props.plan, props.answers.trace, props.answers.dish.eaten, props.endL),
);
const reckonedWords = computed(() =>
  "servedKg" in reckoned.value
    ? showMass(reckoned.value.servedKg, one.value)
    : showVolume(reckoned.value.volumeL, one.value),
);
function keepReckoned() {
  problem.value = "";
  emit("write", {
    kind: "strained",
    measured: {
      ...reckoned.value,
      tempC: 15,
      passes: Number(passes.value),
      clothPasses: Number(cloth.value),
      pressed: pressed.value,
      isReckoned: true,
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
</script>

<template>
  <PracticeYield :pot="pot" :units="units" @take="takeMeasured" />
  <FieldForm class="fields" :doubt @keep="keep">
    <TickChoice v-if="!isServed" v-model="by" label="How it is measured" :options="BY" />
    <template v-if="by !== 'weight' && !isServed">
      <div v-if="by === 'depth'" class="beside">
        <label class="small quiet in"
          >It stands in the
          <select v-model="vesselId" class="written">
            <option v-for="v in pot.batch.kitchen.vessels" :key="v.id" :value="v.id">
              {{ v.name }}
            </option>
          </select></label
        >
        <UnitField
          v-model="depthM"
          label="So deep"
          :units="units"
          dimension="length"
          :min="0"
          :max="vessel?.heightM ?? 1"
        />
        <p v-if="volumeL !== null && depthM !== null">
          That is <b class="figure">{{ showVolume(volumeL, units) }}</b>
        </p>
      </div>
      <UnitField
        v-else
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
    <template v-if="!isServed">
      <p class="line">
        Sieves
        <TickChoice v-model="passes" label="Sieves" :options="PASSES" />
        cloth
        <TickChoice v-model="cloth" label="Cloth passes" :options="CLOTHS" />
      </p>
      <label class="check"
        ><input v-model="pressed" type="checkbox" /> solids pressed (more, cloudier)</label
      >
      <UnitField
        v-model="leftL"
        label="Left in the pot with the grit"
        :units="units"
        dimension="volume"
        :min="0"
        :max="20"
        placeholder="what is muddy"
      />
      <p v-if="hasMarrow" class="line">
        Marrow <TickChoice v-model="marrow" label="Marrow" :options="MARROW_OPTIONS" />
      </p>
    </template>
    <p v-if="problem" class="ember" role="alert">{{ problem }}</p>
    <p v-if="isServed && stillIn.length > 0" class="ember small" role="status">
      Still in it: {{ stillIn.join(", ") }}.
    </p>
    <button type="button" class="button" @click="keepReckoned">
      Not measured: about {{ reckonedWords }}, as estimated
    </button>
    <button type="submit" class="button primary">
      {{ isServed ? "Keep what was served" : "Keep what came through" }}
    </button>
  </FieldForm>
</template>

<style scoped>
.line {
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-4) var(--space-5);
  align-items: center;
}

.in {
  display: grid;
}
</style>
