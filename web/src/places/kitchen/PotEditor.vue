<script setup lang="ts">
import NumberField from "../../controls/NumberField.vue";
import { OWN_POWER_W } from "@kettlos/core/units/limits";
import { VesselSchema, type Vessel } from "@kettlos/core/vessel/vessel-schema";
import type { UnitSystem } from "@kettlos/core/units/show";
import { ref } from "vue";
import { USUAL_PRESSURE } from "@kettlos/core/heat/usual-pressure";
import PotMeasures from "./PotMeasures.vue";
import PressureCookerFields from "./PressureCookerFields.vue";
import WarmUpLog from "./WarmUpLog.vue";
import UnitField from "../../controls/UnitField.vue";
import TickChoice from "../../controls/TickChoice.vue";
import NameField from "../../controls/NameField.vue";

/** One pot: its inner measures on its drawing, what it is, and what belongs to its kind. */
const props = defineProps<{
  vessel: Vessel;
  units: UnitSystem;
  altitudeM: number;
  usedBy: readonly string[];
}>();
const emit = defineEmits<{ change: [Vessel]; remove: [] }>();

const problem = ref("");

function set(part: Partial<Vessel>) {
  const next = VesselSchema.safeParse({ ...props.vessel, ...part });
  problem.value = next.success ? "" : (next.error.issues[0]?.message ?? "This is not possible.");
  if (next.success) emit("change", next.data);
}

const KINDS: { value: Vessel["kind"]; label: string }[] = [
  { value: "pot", label: "pot" },
  { value: "casserole", label: "casserole" },
  { value: "pan", label: "pan" },
  { value: "slowCooker", label: "slow cooker" },
  { value: "pressureCooker", label: "pressure cooker" },
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
</script>

<template>
  <div class="editor">
    <PotMeasures :vessel="vessel" :units="units" @change="set" @wrong="problem = $event" />
    <div class="about">
      <label class="name"
        >Name
        <NameField label="Name" :value="vessel.name" :most="60" @change="set({ name: $event })"
      /></label>
      <TickChoice
        wraps
        label="Kind"
        :options="KINDS"
        :model-value="vessel.kind"
        @update:model-value="setKind"
      />
      <div class="named">
        <span class="quiet small" aria-hidden="true">Made of</span>
        <TickChoice
          wraps
          label="Made of"
          :options="BODIES"
          :model-value="vessel.body"
          @update:model-value="set({ body: $event })"
        />
      </div>
      <div class="fields">
        <div class="named">
          <span class="quiet small" aria-hidden="true">Lid</span>
          <TickChoice
            label="Lid"
            :options="LIDS"
            :model-value="vessel.lid"
            @update:model-value="set({ lid: $event })"
          />
        </div>
        <UnitField
          label="Weight, empty, no lid"
          :units="units"
          dimension="mass"
          :min="0.1"
          :max="100"
          :model-value="vessel.massKg"
          @update:model-value="set({ massKg: $event ?? vessel.massKg })"
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
  </div>
</template>

<style scoped>
.editor {
  display: grid;
  grid-template-columns: minmax(0, 548px) minmax(0, 1fr);
  gap: var(--space-7) var(--space-9);
  padding: var(--space-6) 0;
  border-bottom: 1px solid var(--hair);
}

.about {
  display: grid;
  gap: var(--space-5);
  align-content: start;
}

@media (width <= 1100px) {
  .editor {
    grid-template-columns: minmax(0, 1fr);
  }
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
