<script setup lang="ts">
import NumberField from "../../controls/NumberField.vue";
import { FILL_SHARE, OWN_POWER_W } from "@kettlos/core/units/limits";
import { useWords } from "../../data/use-words";
import { VesselSchema, type Vessel } from "@kettlos/core/vessel/vessel-schema";
import { capacityL, roundFromCapacity } from "@kettlos/core/vessel/volume";
import { showLength, showVolume, type UnitSystem } from "@kettlos/core/units/show";
import { outcomeOf } from "@kettlos/core/units/problem";
import { computed, ref } from "vue";
import { USUAL_PRESSURE } from "@kettlos/core/heat/usual-pressure";
import PressureCookerFields from "./PressureCookerFields.vue";
import WarmUpLog from "./WarmUpLog.vue";
import UnitField from "../../controls/UnitField.vue";
import TickChoice from "../../controls/TickChoice.vue";
import NameField from "../../controls/NameField.vue";

/** One pot by its inner measures: with a ruler, or by what it holds and how wide it is. */
const props = defineProps<{
  vessel: Vessel;
  units: UnitSystem;
  altitudeM: number;
  usedBy: readonly string[];
}>();
const emit = defineEmits<{ change: [Vessel]; remove: [] }>();
const words = useWords();

const one = computed(() => (props.units === "us" ? "us" : "metric"));
const length = (v: number) => showLength(v, one.value);
const problem = ref("");

function set(part: Partial<Vessel>) {
  const next = VesselSchema.safeParse({ ...props.vessel, ...part });
  problem.value = next.success ? "" : (next.error.issues[0]?.message ?? "This is not possible.");
  if (next.success) emit("change", next.data);
}

const how = ref<"ruler" | "capacity">("ruler");
const HOWS = [
  { value: "ruler", label: "with a ruler" },
  { value: "capacity", label: "it holds … and is … across" },
] as const;
const KINDS: { value: Vessel["kind"]; label: string }[] = [
  { value: "pot", label: "pot" },
  { value: "casserole", label: "casserole" },
  { value: "pan", label: "pan" },
  { value: "slowCooker", label: "slow cooker" },
  { value: "pressureCooker", label: "pressure cooker" },
];
const SHAPES: { value: Vessel["shape"]; label: string }[] = [
  { value: "round", label: "round" },
  { value: "oval", label: "oval" },
  { value: "rectangular", label: "rectangular" },
];
const BODIES: { value: Vessel["body"]; label: string }[] = [
  { value: "steel", label: "steel" },
  { value: "enamel", label: "enamel" },
  { value: "iron", label: "iron" },
  { value: "aluminium", label: "aluminium" },
  { value: "ceramic", label: "ceramic" },
];
const LIDS: { value: Vessel["lid"]; label: string }[] = [
  { value: "none", label: "none" },
  { value: "ordinary", label: "ordinary" },
  { value: "heavy", label: "heavy, tight" },
];

/** A pressure cooker says its pressure; what is none any more forgets it. */
function setKind(kind: Vessel["kind"]) {
  const { pressure: _pressure, warmUps: _warmUps, ...rest } = props.vessel;
  const next = VesselSchema.safeParse(
    kind === "pressureCooker"
      ? { ...rest, kind, pressure: USUAL_PRESSURE.stovetop }
      : { ...rest, kind },
  );
  if (next.success) emit("change", next.data);
}

function setShape(shape: Vessel["shape"]) {
  const { bottomM, topM } = props.vessel;
  set(
    shape === "round"
      ? { shape, bottomM: [bottomM[0], bottomM[0]], topM: [topM[0], topM[0]] }
      : { shape },
  );
}
function setSize(which: "bottomM" | "topM", index: 0 | 1, value: number | null) {
  if (value === null) return;
  const size: [number, number] = [...props.vessel[which]];
  size[index] = value;
  if (props.vessel.shape === "round") size[1 - index] = value;
  set({ [which]: size });
}
function setByCapacity(capacity: number | null, across: number | null) {
  const outcome = outcomeOf(() =>
    roundFromCapacity(capacity ?? capacityL(props.vessel), across ?? props.vessel.topM[0]),
  );
  if (outcome.ok) set(outcome.value);
  else problem.value = words(outcome.problem.said);
}
</script>

<template>
  <div class="editor">
    <div class="fields">
      <label class="name"
        >Name
        <NameField label="Name" :value="vessel.name" :most="60" @change="set({ name: $event })"
      /></label>
      <TickChoice
        label="Kind"
        :options="KINDS"
        :model-value="vessel.kind"
        @update:model-value="setKind"
      />
    </div>
    <div class="fields">
      <TickChoice v-model="how" label="How it is measured" :options="HOWS" />
      <TickChoice
        v-if="how === 'ruler'"
        label="Shape"
        :options="SHAPES"
        :model-value="vessel.shape"
        @update:model-value="setShape"
      />
    </div>
    <div v-if="how === 'capacity'" class="fields">
      <UnitField
        label="It holds, to the rim"
        :units="units"
        dimension="volume"
        :min="0.2"
        :max="200"
        :model-value="capacityL(vessel)"
        @update:model-value="setByCapacity($event, null)"
      />
      <UnitField
        label="and is across"
        :units="units"
        dimension="length"
        :min="0.08"
        :max="1"
        :model-value="vessel.topM[0]"
        @update:model-value="setByCapacity(null, $event)"
      />
      <p class="quiet small">Round and straight, so {{ length(vessel.heightM) }} high inside.</p>
    </div>
    <div v-else class="fields">
      <UnitField
        :label="vessel.shape === 'round' ? 'Across at the rim' : 'Length at the rim'"
        :units="units"
        dimension="length"
        :min="0.05"
        :max="1.5"
        :model-value="vessel.topM[0]"
        @update:model-value="setSize('topM', 0, $event)"
      />
      <UnitField
        v-if="vessel.shape !== 'round'"
        label="Width at the rim"
        :units="units"
        dimension="length"
        :min="0.05"
        :max="1.5"
        :model-value="vessel.topM[1]"
        @update:model-value="setSize('topM', 1, $event)"
      />
      <UnitField
        :label="vessel.shape === 'round' ? 'Across at the floor' : 'Length at the floor'"
        :units="units"
        dimension="length"
        :min="0.05"
        :max="1.5"
        :model-value="vessel.bottomM[0]"
        @update:model-value="setSize('bottomM', 0, $event)"
      />
      <UnitField
        v-if="vessel.shape !== 'round'"
        label="Width at the floor"
        :units="units"
        dimension="length"
        :min="0.05"
        :max="1.5"
        :model-value="vessel.bottomM[1]"
        @update:model-value="setSize('bottomM', 1, $event)"
      />
      <UnitField
        label="Height inside"
        :units="units"
        dimension="length"
        :min="0.02"
        :max="1.5"
        :model-value="vessel.heightM"
        @update:model-value="set({ heightM: $event ?? vessel.heightM })"
      />
    </div>
    <div class="fields">
      <UnitField
        label="Weight, empty, no lid"
        :units="units"
        dimension="mass"
        :min="0.1"
        :max="100"
        :model-value="vessel.massKg"
        @update:model-value="set({ massKg: $event ?? vessel.massKg })"
      />
      <NumberField
        label="Fill line, % of height"
        share
        :limits="FILL_SHARE"
        :model-value="vessel.fillShare"
        @update:model-value="$event !== null && set({ fillShare: $event })"
      />
      <p class="quiet">
        Holds <b class="figure">{{ showVolume(capacityL(vessel), units) }}</b>
      </p>
    </div>
    <div class="fields">
      <TickChoice
        label="Made of"
        :options="BODIES"
        :model-value="vessel.body"
        @update:model-value="set({ body: $event })"
      />
      <TickChoice
        label="Lid"
        :options="LIDS"
        :model-value="vessel.lid"
        @update:model-value="set({ lid: $event })"
      />
    </div>
    <PressureCookerFields
      v-if="vessel.pressure"
      :cooker="vessel.pressure"
      :altitude-m="altitudeM"
      :units="units"
      @change="set({ pressure: $event })"
    />
    <NumberField
      v-if="vessel.kind === 'slowCooker' || vessel.pressure?.drive === 'electric'"
      label="Power, W"
      placeholder="not known"
      :limits="OWN_POWER_W"
      :model-value="vessel.powerW ?? null"
      @update:model-value="$event !== null && set({ powerW: $event })"
    />
    <WarmUpLog
      v-if="vessel.kind === 'slowCooker'"
      :warm-ups="vessel.warmUps ?? []"
      :units="units"
      @change="set({ warmUps: $event })"
    />
    <p v-if="problem" class="ember" role="alert">{{ problem }}</p>
    <p class="row">
      <button
        type="button"
        class="button danger"
        :disabled="usedBy.length > 0"
        @click="emit('remove')"
      >
        Take it out of the kitchen
      </button>
      <span v-if="usedBy.length > 0" class="quiet small"
        >It is used by {{ usedBy.join(", ") }}.</span
      >
    </p>
  </div>
</template>

<style scoped>
.editor {
  display: grid;
  gap: var(--space-5);
  padding: var(--space-6) 0;
  border-bottom: 1px solid var(--hair);
}

.name {
  max-width: 320px;
  color: var(--quiet);
  font-size: var(--size-small);
}

.fields {
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-4) var(--space-7);
  align-items: end;
}

.row {
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-5);
  align-items: center;
}
</style>
