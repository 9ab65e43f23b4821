<script setup lang="ts">
import { vTyped } from "../../controls/v-typed";
import type { Kitchen } from "@kettlos/core/simulate/kitchen-schema";
import type { Plan, Wanted, WaterStatement } from "@kettlos/core/simulate/plan-schema";
import { bonesKg, wantedL } from "@kettlos/core/simulate/water-ways";
import { showVolume, type UnitSystem } from "@kettlos/core/units/show";
import { computed } from "vue";
import UnitField from "../../controls/UnitField.vue";
import TickChoice from "../../controls/TickChoice.vue";
import { ratioWord } from "./water-words";
import WorkBack from "./WorkBack.vue";

/** Every way of stating the water, and the way back from a wanted result to bones, water and pot. */
const props = defineProps<{
  plan: Plan;
  kitchen: Kitchen;
  waterL: number;
  units: UnitSystem;
}>();
const emit = defineEmits<{ state: [WaterStatement]; plan: [Partial<Plan>] }>();

const one = computed(() => (props.units === "us" ? "us" : "metric"));
const litres = (v: number) => showVolume(v, one.value);
const WAYS = [
  { value: "amount", label: "so much" },
  { value: "ratio", label: "by weight" },
  { value: "over", label: "over by" },
  { value: "left", label: "so that … are left" },
] as const;
const way = computed({
  get: () => (WAYS.some((w) => w.value === props.plan.water.by) ? props.plan.water.by : "amount"),
  set: (by) => emit("state", statementFor(by)),
});

function statementFor(by: WaterStatement["by"]): WaterStatement {
  if (by === "ratio") {
    const bones = bonesKg(props.plan);
    const now = bones > 0 ? Math.round((props.waterL / bones) * 4) / 4 : 2;
    return { by, waterPerBone: Math.min(20, Math.max(0.25, now)) };
  }
  if (by === "over") return { by, overM: 0.025 };
  if (by === "left") return { by, wanted: { by: "volume", volumeL: 3 } };
  return { by: "amount", volumeL: Math.round(props.waterL * 20) / 20 };
}

const WISHES = [
  { value: "volume", label: "litres" },
  { value: "moulds", label: "moulds" },
  { value: "rations", label: "rations" },
] as const;
const wanted = computed<Wanted>(() =>
  props.plan.water.by === "left" ? props.plan.water.wanted : { by: "volume", volumeL: 3 },
);
const wish = computed({
  get: () => wanted.value.by,
  set: (by: Wanted["by"]) =>
    setWanted(
      by === "volume"
        ? { by, volumeL: wantedL(wanted.value) }
        : by === "moulds"
          ? {
              by,
              count: Math.max(1, Math.round(wantedL(wanted.value) / 0.225)),
              mouldL: 0.25,
            }
          : { by, eaters: 4, rationL: 0.3, days: 2 },
    ),
});
const setWanted = (value: Wanted) => emit("state", { by: "left", wanted: value });

function count(event: Event, most: number, set: (n: number) => void) {
  const n = Math.round(Number((event.target as HTMLInputElement).value));
  if (n >= 1 && n <= most) set(n);
}

const ratio = computed(() => (props.plan.water.by === "ratio" ? props.plan.water.waterPerBone : 2));
</script>

<template>
  <div class="water">
    <TickChoice v-model="way" label="How the water is stated" :options="WAYS" />
    <UnitField
      v-if="plan.water.by === 'amount'"
      label="Water"
      :units="units"
      dimension="volume"
      :min="0"
      :max="200"
      :model-value="plan.water.volumeL"
      @update:model-value="emit('state', { by: 'amount', volumeL: $event ?? 0 })"
    />
    <label v-else-if="plan.water.by === 'ratio'" class="line">
      1 part bones to
      <input
        v-typed="ratio"
        class="written"
        type="number"
        min="0.25"
        max="20"
        step="0.25"
        @change="
          emit('state', {
            by: 'ratio',
            waterPerBone: Math.min(
              20,
              Math.max(0.25, Number(($event.target as HTMLInputElement).value) || 2),
            ),
          })
        "
      />
      parts water by weight: {{ ratioWord(ratio) }}
    </label>
    <UnitField
      v-else-if="plan.water.by === 'over'"
      label="Above the bones"
      :units="units"
      dimension="length"
      :min="0"
      :max="1"
      :model-value="plan.water.overM"
      @update:model-value="emit('state', { by: 'over', overM: $event ?? 0.025 })"
    />
    <template v-else-if="plan.water.by === 'left'">
      <TickChoice v-model="wish" label="What shall be left" :options="WISHES" />
      <UnitField
        v-if="wanted.by === 'volume'"
        label="Left, strained"
        :units="units"
        dimension="volume"
        :min="0.1"
        :max="200"
        :model-value="wanted.volumeL"
        @update:model-value="setWanted({ by: 'volume', volumeL: $event ?? 1 })"
      />
      <div v-else-if="wanted.by === 'moulds'" class="line">
        <input
          v-typed="wanted.count"
          class="written"
          type="number"
          min="1"
          max="1000"
          aria-label="How many moulds"
          @change="
            count($event, 1000, (n) =>
              setWanted({
                ...(wanted as Extract<Wanted, { by: 'moulds' }>),
                count: n,
              }),
            )
          "
        />
        moulds of
        <UnitField
          label="Size of a mould"
          hide-label
          :units="units"
          dimension="volume"
          little
          :min="0.01"
          :max="20"
          :model-value="wanted.mouldL"
          @update:model-value="
            setWanted({
              ...(wanted as Extract<Wanted, { by: 'moulds' }>),
              mouldL: $event ?? 0.25,
            })
          "
        />
      </div>
      <div v-else class="line">
        <input
          v-typed="wanted.eaters"
          class="written"
          type="number"
          min="1"
          max="2000"
          aria-label="How many eat"
          @change="
            count($event, 2000, (n) =>
              setWanted({
                ...(wanted as Extract<Wanted, { by: 'rations' }>),
                eaters: n,
              }),
            )
          "
        />
        eat
        <UnitField
          label="Ration"
          hide-label
          :units="units"
          dimension="volume"
          little
          :min="0.01"
          :max="5"
          :model-value="wanted.rationL"
          @update:model-value="
            setWanted({
              ...(wanted as Extract<Wanted, { by: 'rations' }>),
              rationL: $event ?? 0.3,
            })
          "
        />
        a day for
        <input
          v-typed="wanted.days"
          class="written"
          type="number"
          min="1"
          max="60"
          aria-label="Days"
          @change="
            count($event, 60, (n) =>
              setWanted({
                ...(wanted as Extract<Wanted, { by: 'rations' }>),
                days: n,
              }),
            )
          "
        />
        days
      </div>
      <p class="small">
        {{ litres(wantedL(wanted)) }} strained take {{ litres(waterL) }} water here.
      </p>
      <WorkBack
        :plan="plan"
        :kitchen="kitchen"
        :wanted="wanted"
        :units="units"
        @plan="emit('plan', $event)"
      />
    </template>
  </div>
</template>

<style scoped>
.water {
  display: grid;
  gap: 12px;
}

.line {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  align-items: center;
}

input[type="number"] {
  width: 72px;
}
</style>
