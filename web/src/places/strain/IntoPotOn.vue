<script setup lang="ts">
import { either } from "@kettlos/core/units/said";
import { useWords } from "../../data/use-words";
import { bowlL, type InBowl } from "@kettlos/core/batch/bowl";
import { drawsOn, pouredOn, roomL } from "@kettlos/core/batch/hand-on";
import { onCounter } from "@kettlos/core/batch/counter";
import { showRoundTemperature, type UnitSystem } from "@kettlos/core/units/show";
import { COLD_DENSITY_KG_L } from "@kettlos/core/water/properties";
import { computed, ref, watch } from "vue";
import { useRouter } from "vue-router";
import FieldForm from "../../controls/FieldForm.vue";
import TickChoice from "../../controls/TickChoice.vue";
import UnitField from "../../controls/UnitField.vue";
import { pourOn } from "../../data/hand-on";
import { newId } from "../../data/new-id";
import type { PotState } from "../../data/pot-state";
import { usePotsStore } from "../../data/pots-store";

/** Straight from the sieve into a pot that is on already: so much, as hot as it is, with all that is in it. */
const words = useWords();
const props = defineProps<{
  pot: PotState;
  bowl: InBowl;
  units: UnitSystem;
  tempC: number | null;
}>();
const one = computed(() => (props.units === "us" ? "us" : "metric"));
const pots = usePotsStore();
const router = useRouter();
/** What is shut under pressure is not poured into. */
const others = computed(() =>
  pots.live.flatMap((p) => {
    const { batch, cook, forecast } = p;
    if (batch.practice !== undefined || batch.id === props.pot.batch.id) return [];
    if (cook.strainedMs !== null) return [];
    const room = roomL(batch, cook, forecast.nowDepthM);
    return room === null ? [] : [{ batch, cook, roomL: room }];
  }),
);
const batchId = ref("");
watch(
  others,
  (all) => {
    if (!all.some((p) => p.batch.id === batchId.value)) batchId.value = all[0]?.batch.id ?? "";
  },
  { immediate: true },
);
const chosen = computed(() => others.value.find((p) => p.batch.id === batchId.value) ?? null);
const options = computed(() =>
  others.value.map((p) => ({ value: p.batch.id, label: p.batch.plan.name })),
);
/** What that pot was to draw on this one for and has not yet. */
const drawn = computed(() => {
  const to = chosen.value;
  if (to === null) return [];
  const open = new Set(onCounter(to.batch.plan, to.cook).map((i) => i.id));
  return drawsOn(to.batch.plan, props.pot.batch.plan.id).filter((i) => open.has(i.id));
});
const haveL = computed(() => Math.min(bowlL(props.bowl), chosen.value?.roomL ?? 0));
const isFull = computed(() => haveL.value < LEAST_L);
const volumeL = ref<number | null>(null);
watch(
  [drawn, haveL],
  () => {
    const needL = drawn.value.reduce((sum, i) => sum + i.massKg, 0) / COLD_DENSITY_KG_L;
    volumeL.value = needL > 0 ? Math.min(needL, haveL.value) : null;
  },
  { immediate: true },
);
/** Less is not poured, L. */
const LEAST_L = 0.05;
let isGoingOn = false;
async function pour() {
  const to = chosen.value;
  if (to === null || volumeL.value === null || props.tempC === null || isGoingOn) return;
  isGoingOn = true;
  try {
    const massKg = Math.min(volumeL.value, haveL.value) * COLD_DENSITY_KG_L;
    const item = pouredOn(props.bowl, massKg, props.tempC, newId());
    await pourOn(
      props.pot.batch,
      to.batch,
      item,
      drawn.value.map((i) => i.id),
    );
    await router.push(`/cook/${to.batch.id}`);
  } finally {
    isGoingOn = false;
  }
}
</script>

<template>
  <FieldForm v-if="chosen !== null" class="fields" @keep="pour">
    <p>
      Or into a pot that is on<template v-if="tempC !== null"
        >, at about {{ showRoundTemperature(tempC, one) }}</template
      >:
    </p>
    <TickChoice
      v-if="options.length > 1"
      v-model="batchId"
      wraps
      label="Which pot that is on"
      :options="options"
    />
    <p v-if="isFull" class="ember" role="status">It is at its fill line: nothing more goes in.</p>
    <div v-else class="beside">
      <UnitField
        v-model="volumeL"
        :label="`Into ${chosen.batch.plan.name}`"
        dimension="volume"
        :units="units"
        :min="LEAST_L"
        :max="haveL"
        needed
        :placeholder="words([either('500 ml', '2 cups')])"
      />
      <button type="submit" class="button" :disabled="tempC === null">Pour it in</button>
    </div>
  </FieldForm>
</template>
