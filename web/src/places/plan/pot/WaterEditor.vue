<script setup lang="ts">
import { startContents } from "@kettlos/core/simulate/start-contents";
import { either } from "@kettlos/core/units/said";
import { useWords } from "../../../data/use-words";
import NumberField from "../../../controls/NumberField.vue";
import { EATERS, MOULDS, RATION_DAYS, WATER_PER_BONE } from "@kettlos/core/units/limits";
import type { Plan, Wanted, WaterStatement } from "@kettlos/core/simulate/plan-schema";
import { wantedL } from "@kettlos/core/simulate/stated-water";
import { showVolume } from "@kettlos/core/units/show";
import { computed } from "vue";
import UnitField from "../../../controls/UnitField.vue";
import TickChoice from "../../../controls/TickChoice.vue";
import { ratioWord } from "./water-words";
import WorkBack from "./WorkBack.vue";
import { useThePlan } from "../the-plan";

/** Every way of stating the water, and the way back from a wanted result to bones, water and pot. */
const { plan, answers, units, one } = useThePlan();
const emit = defineEmits<{ state: [WaterStatement]; plan: [Partial<Plan>] }>();

const litres = (v: number) => showVolume(v, one.value);
const WAYS = [
  { value: "amount", label: "so much" },
  { value: "ratio", label: "by weight" },
  { value: "over", label: "over by" },
  { value: "left", label: "so that … are left" },
] as const;
const way = computed({
  get: () => (WAYS.some((w) => w.value === plan.value.water.by) ? plan.value.water.by : "amount"),
  set: (by) => emit("state", statementFor(by)),
});

function statementFor(by: WaterStatement["by"]): WaterStatement {
  if (by === "ratio") {
    const bones = startContents(plan.value).bonesKg;
    const now = bones > 0 ? Math.round((answers.value.waterL / bones) * 4) / 4 : 2;
    return { by, waterPerBone: Math.min(WATER_PER_BONE.most, Math.max(WATER_PER_BONE.least, now)) };
  }
  if (by === "over") return { by, overM: 0.025 };
  if (by === "left") return { by, wanted: { by: "volume", volumeL: 3 } };
  return { by: "amount", volumeL: Math.round(answers.value.waterL * 20) / 20 };
}

const words = useWords();
const wishes = computed(
  () =>
    [
      { value: "volume", label: words([either("litres", "quarts")]) },
      { value: "moulds", label: "moulds" },
      { value: "rations", label: "rations" },
    ] as const,
);
const wanted = computed<Wanted>(() =>
  plan.value.water.by === "left" ? plan.value.water.wanted : { by: "volume", volumeL: 3 },
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

const ratio = computed(() => (plan.value.water.by === "ratio" ? plan.value.water.waterPerBone : 2));
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
    <div v-else-if="plan.water.by === 'ratio'" class="line">
      1 part bones to
      <NumberField
        label="Parts water to one of bones"
        hide-label
        :limits="WATER_PER_BONE"
        :model-value="ratio"
        @update:model-value="
          $event !== null && emit('state', { by: 'ratio', waterPerBone: $event })
        "
      />
      parts water by weight: {{ ratioWord(ratio) }}
    </div>
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
      <TickChoice v-model="wish" label="What shall be left" :options="wishes" />
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
        <NumberField
          label="How many moulds"
          hide-label
          whole
          :limits="MOULDS"
          :model-value="wanted.count"
          @update:model-value="
            $event !== null &&
            setWanted({ ...(wanted as Extract<Wanted, { by: 'moulds' }>), count: $event })
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
        <NumberField
          label="How many eat"
          hide-label
          whole
          :limits="EATERS"
          :model-value="wanted.eaters"
          @update:model-value="
            $event !== null &&
            setWanted({ ...(wanted as Extract<Wanted, { by: 'rations' }>), eaters: $event })
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
        <NumberField
          label="Days"
          hide-label
          :limits="RATION_DAYS"
          :model-value="wanted.days"
          @update:model-value="
            $event !== null &&
            setWanted({ ...(wanted as Extract<Wanted, { by: 'rations' }>), days: $event })
          "
        />
        days
      </div>
      <p class="small">
        {{ litres(wantedL(wanted)) }} strained take {{ litres(answers.waterL) }} water here.
      </p>
      <WorkBack :wanted="wanted" @plan="emit('plan', $event)" />
    </template>
  </div>
</template>

<style scoped>
.water {
  display: grid;
  gap: var(--space-5);
}

.line {
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-4);
  align-items: center;
}
</style>
