<script setup lang="ts">
import { resolve } from "@kettlos/core/simulate/set-pot";
import { answersFor } from "@kettlos/core/because/answers";
import { NO_SPREAD } from "@kettlos/core/simulate/spread";
import { faultOf } from "@kettlos/core/because/ways-out";
import { bowlL, type InBowl } from "@kettlos/core/batch/bowl";
import { begunWith, drawsOn, shortL } from "@kettlos/core/batch/hand-on";
import type { LiveCaution } from "@kettlos/core/batch/live-caution";
import { nameOf } from "@kettlos/core/simulate/item-facts";
import { showVolume, type UnitSystem } from "@kettlos/core/units/show";
import { LEAST_KG } from "@kettlos/core/units/limits";
import { COLD_DENSITY_KG_L } from "@kettlos/core/water/properties";
import { computed, ref, watch } from "vue";
import { useRouter } from "vue-router";
import FieldForm from "../../controls/FieldForm.vue";
import TemperatureField from "../../controls/TemperatureField.vue";
import IntoPotOn from "./IntoPotOn.vue";
import TickChoice from "../../controls/TickChoice.vue";
import UnitField from "../../controls/UnitField.vue";
import { useAsWarm } from "../../controls/use-as-warm";
import { clockHour } from "../../data/clock-hour";
import { handOn } from "../../data/hand-on";
import { useKitchenStore } from "../../data/kitchen-store";
import type { PotState } from "../../data/pot-state";
import { usePotsStore } from "../../data/pots-store";
import { useWords } from "../../data/use-words";

/** Straight from the sieve into the next pot, hot: so much, as it was measured, with all that is dissolved in it. */
const props = defineProps<{
  pot: PotState;
  bowl: InBowl;
  units: UnitSystem;
  /** What makes it unfit to go on; null where nothing does. */
  danger: LiveCaution | null;
}>();
const words = useWords();
const store = useKitchenStore();
const pots = usePotsStore();
const router = useRouter();
const one = computed(() => (props.units === "us" ? "us" : "metric"));

/** Every liquid that some plan means to take from this pot. */
const places = computed(() =>
  store.plans.flatMap((plan) =>
    drawsOn(plan, props.pot.batch.plan.id).map((item) => ({
      key: `${plan.id}/${item.id}`,
      plan,
      item,
      needL: item.massKg / COLD_DENSITY_KG_L,
    })),
  ),
);
const key = ref("");
watch(
  places,
  (all) => {
    if (!all.some((p) => p.key === key.value)) key.value = all[0]?.key ?? "";
  },
  { immediate: true },
);
const chosen = computed(() => places.value.find((p) => p.key === key.value) ?? null);
const options = computed(() => places.value.map((p) => ({ value: p.key, label: p.plan.name })));

const haveL = computed(() => bowlL(props.bowl));
const volumeL = ref<number | null>(null);
watch([chosen, haveL], () => (volumeL.value = Math.min(chosen.value?.needL ?? 0, haveL.value)), {
  immediate: true,
});
const live = computed(() => pots.live.find((p) => p.batch.id === props.pot.batch.id));
const USUAL_FROM_C = 90;
const { tempC, write: readTemp } = useAsWarm(
  USUAL_FROM_C,
  () => live.value?.forecast.standing ?? null,
  () => pots.nowOf(props.pot.batch),
);
const missingL = computed(() =>
  chosen.value === null ? 0 : shortL(chosen.value.item, (volumeL.value ?? 0) * COLD_DENSITY_KG_L),
);
/** Less than this is within how it is measured, L. */
const WORTH_L = 0.05;
const isShort = computed(() => missingL.value >= WORTH_L);
const canMakeUp = computed(() => isShort.value && chosen.value?.plan.water.by === "amount");
const MAKE_UP = [
  { value: "water", label: "water makes it up" },
  { value: "less", label: "so much less" },
] as const;
const makeUp = ref<"water" | "less">("water");
const leftL = computed(() => Math.max(0, haveL.value - (volumeL.value ?? 0)));

/** The next pot as it would begin, and what keeps it from being put on. */
const next = computed(() => {
  const [place, takenL, warmC] = [chosen.value, volumeL.value, tempC.value];
  const { kitchen } = store;
  if (place === null || kitchen === null || takenL === null || warmC === null) return null;
  const massKg = Math.min(takenL, haveL.value) * COLD_DENSITY_KG_L;
  if (massKg < LEAST_KG) return null;
  const plan = begunWith(place.plan, place.item.id, props.bowl, {
    massKg,
    tempC: warmC,
    makeUp: canMakeUp.value && makeUp.value === "water",
  });
  // What stands in the way asks for no ranges.
  const fault = faultOf(answersFor(resolve(plan, kitchen), clockHour, NO_SPREAD));
  return { plan, kitchen, itemId: place.item.id, massKg, fault };
});

let isGoingOn = false;
async function goOn() {
  if (next.value === null || next.value.fault !== null || isGoingOn) return;
  const { plan, kitchen, itemId, massKg } = next.value;
  isGoingOn = true;
  try {
    const batch = await handOn(props.pot.batch, plan, kitchen, itemId, massKg);
    await router.push(`/cook/${batch.id}`);
  } finally {
    isGoingOn = false;
  }
}
</script>

<template>
  <section v-if="pot.batch.practice === undefined" class="on" aria-labelledby="on-title">
    <h3 id="on-title">Into the next pot, hot</h3>
    <p v-if="danger !== null" class="ember" role="status">
      Not any more: it has to be judged first, by what stands above.
    </p>
    <p v-else-if="chosen === null" class="quiet">
      No plan draws on this pot. In a plan, a liquid can be taken “From another pot”; then it goes
      straight there from the sieve, as it was measured.
    </p>
    <FieldForm v-else class="fields" @keep="goOn">
      <TickChoice
        v-if="options.length > 1"
        v-model="key"
        wraps
        label="Which pot"
        :options="options"
      />
      <div class="beside">
        <UnitField
          v-model="volumeL"
          :label="`Into ${chosen.plan.name} as ${nameOf(chosen.item).toLowerCase()}`"
          dimension="volume"
          :units="units"
          :min="0.05"
          :max="haveL"
          needed
        />
        <TemperatureField
          :model-value="tempC"
          label="It is at"
          :units="units"
          :min="5"
          :max="105"
          needed
          @update:model-value="$event !== null && readTemp($event)"
        />
      </div>
      <template v-if="isShort">
        <p role="status">
          {{ showVolume(missingL, one) }} less than {{ showVolume(chosen.needL, one) }} as
          planned<template v-if="!canMakeUp">; its water is worked out anew</template>.
        </p>
        <TickChoice v-if="canMakeUp" v-model="makeUp" label="What is missing" :options="MAKE_UP" />
      </template>
      <p v-if="leftL >= WORTH_L" class="quiet">{{ showVolume(leftL, one) }} stay to be chilled.</p>
      <p v-if="next !== null && next.fault !== null" class="ember" role="status">
        {{ words(next.fault.said) }}
      </p>
      <button type="submit" class="button" :disabled="next === null || next.fault !== null">
        Put {{ chosen.plan.name }} on with it
      </button>
    </FieldForm>
    <IntoPotOn v-if="danger === null" :pot="pot" :bowl="bowl" :units="units" :temp-c="tempC" />
  </section>
</template>

<style scoped>
.on {
  display: grid;
  gap: var(--space-4);
}
</style>
