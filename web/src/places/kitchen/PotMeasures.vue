<script setup lang="ts">
import { FILL_SHARE } from "@kettlos/core/units/limits";
import { outcomeOf } from "@kettlos/core/units/problem";
import { showLength, showVolume, type UnitSystem } from "@kettlos/core/units/show";
import type { Vessel } from "@kettlos/core/vessel/vessel-schema";
import { capacityL, roundFromCapacity } from "@kettlos/core/vessel/volume";
import { computed, ref } from "vue";
import NumberField from "../../controls/NumberField.vue";
import TickChoice from "../../controls/TickChoice.vue";
import UnitField from "../../controls/UnitField.vue";
import { useWords } from "../../data/use-words";
import PotMeasured from "../../drawings/PotMeasured.vue";
import PotAcross from "./PotAcross.vue";

/** How large a pot is inside, each field beside the line that it measures: with a ruler, or by what it holds and how wide it is. */
const props = defineProps<{ vessel: Vessel; units: UnitSystem }>();
const emit = defineEmits<{ change: [Partial<Vessel>]; wrong: [string] }>();
const words = useWords();
const one = computed(() => (props.units === "us" ? "us" : "metric"));

const how = ref<"ruler" | "capacity">("ruler");
const HOWS = [
  { value: "ruler", label: "with a ruler" },
  { value: "capacity", label: "it holds … and is … across" },
] as const;
const SHAPES: { value: Vessel["shape"]; label: string }[] = [
  { value: "round", label: "round" },
  { value: "oval", label: "oval" },
  { value: "rectangular", label: "rectangular" },
];

function setShape(shape: Vessel["shape"]) {
  const { bottomM, topM } = props.vessel;
  emit(
    "change",
    shape === "round"
      ? { shape, bottomM: [bottomM[0], bottomM[0]], topM: [topM[0], topM[0]] }
      : { shape },
  );
}
function setByCapacity(capacity: number | null, across: number | null) {
  const outcome = outcomeOf(() =>
    roundFromCapacity(capacity ?? capacityL(props.vessel), across ?? props.vessel.topM[0]),
  );
  if (outcome.ok) emit("change", outcome.value);
  else emit("wrong", words(outcome.problem.said));
}
</script>

<template>
  <div class="measures">
    <TickChoice v-model="how" label="How it is measured" :options="HOWS" />
    <TickChoice
      v-if="how === 'ruler'"
      label="Shape"
      :options="SHAPES"
      :model-value="vessel.shape"
      @update:model-value="setShape"
    />
    <div class="drawn">
      <div class="rim">
        <UnitField
          v-if="how === 'capacity'"
          label="and is across"
          :units="units"
          dimension="length"
          :min="0.08"
          :max="1"
          :model-value="vessel.topM[0]"
          @update:model-value="setByCapacity(null, $event)"
        />
        <PotAcross
          v-else
          :vessel="vessel"
          at="topM"
          :units="units"
          @change="emit('change', $event)"
        />
      </div>
      <PotMeasured class="pot" :vessel="vessel" />
      <div class="side">
        <template v-if="how === 'capacity'">
          <UnitField
            label="It holds, to the rim"
            :units="units"
            dimension="volume"
            :min="0.2"
            :max="200"
            :model-value="capacityL(vessel)"
            @update:model-value="setByCapacity($event, null)"
          />
          <p class="quiet small">
            Round and straight, so {{ showLength(vessel.heightM, one) }} high inside.
          </p>
        </template>
        <UnitField
          v-else
          label="Height inside"
          :units="units"
          dimension="length"
          :min="0.02"
          :max="1.5"
          :model-value="vessel.heightM"
          @update:model-value="emit('change', { heightM: $event ?? vessel.heightM })"
        />
        <NumberField
          label="Fill line, % of height"
          share
          :limits="FILL_SHARE"
          :model-value="vessel.fillShare"
          @update:model-value="$event !== null && emit('change', { fillShare: $event })"
        />
        <p class="quiet">
          Holds <b class="figure">{{ showVolume(capacityL(vessel), units) }}</b>
        </p>
      </div>
      <div v-if="how === 'ruler'" class="floor">
        <PotAcross :vessel="vessel" at="bottomM" :units="units" @change="emit('change', $event)" />
      </div>
    </div>
  </div>
</template>

<style scoped>
.measures {
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-4) var(--space-7);
  align-content: start;
}

.drawn {
  display: grid;
  flex-basis: 100%;
  grid-template:
    "rim ." auto
    "pot side" auto
    "floor ." auto / minmax(0, 340px) minmax(130px, 190px);
  gap: var(--space-2) var(--space-4);
}

.rim,
.floor {
  display: grid;
  grid-area: rim;
  grid-template-columns: repeat(auto-fit, minmax(0, 140px));
  gap: var(--space-5);
  justify-content: center;
}

.floor {
  grid-area: floor;
}

.pot {
  grid-area: pot;
}

@media (width <= 700px) {
  .drawn {
    grid-template: "rim" auto "pot" auto "floor" auto "side" auto / minmax(0, 340px);
  }
}

.side {
  display: grid;
  grid-area: side;
  gap: var(--space-4);
  align-content: center;
}
</style>
