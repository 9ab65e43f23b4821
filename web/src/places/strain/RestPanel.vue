<script setup lang="ts">
import { MINUTE_MS } from "@kettlos/core/units/time";
import { clockOf } from "@kettlos/core/units/moments";
import { inBowl } from "@kettlos/core/batch/in-bowl";
import { containersOf } from "@kettlos/core/batch/chill-containers";
import { potToChill } from "@kettlos/core/batch/chill-of";
import { bestOf, chillChoices } from "@kettlos/core/cool/chill-choices";
import { codeOf, holdingLineC, REHEATED_C } from "@kettlos/core/cool/codes";
import { KEEPERS, KEEPER_FACTS, type Keeper } from "@kettlos/core/cool/resting";
import { latestChillMinOf, staysHotMinOf } from "@kettlos/core/because/finish-figures";
import { COOLING_WAYS } from "@kettlos/core/cool/ways";
import { showDuration, showRoundTemperature, type UnitSystem } from "@kettlos/core/units/show";
import { computed, ref } from "vue";
import TemperatureField from "../../controls/TemperatureField.vue";
import { useAsWarm } from "../../controls/use-as-warm";
import WhyFigure from "../../controls/WhyFigure.vue";
import TickChoice from "../../controls/TickChoice.vue";
import { useKitchenStore } from "../../data/kitchen-store";
import type { PotState } from "../../data/pot-state";
import { usePotsStore } from "../../data/pots-store";
import { waysWords } from "../../words/ways-words";

/** A covered pot off the heat, or food carried to the table: how long it stays hot, and when chilling must begin. */
const props = defineProps<{ pot: PotState; units: UnitSystem }>();
const store = useKitchenStore();
const pots = usePotsStore();
const one = computed(() => (props.units === "us" ? "us" : "metric"));
const kitchen = computed(() => store.kitchen ?? props.pot.batch.kitchen);
const code = computed(() => codeOf(kitchen.value));
const line = computed(() => holdingLineC(code.value));
const inWhat = ref<Keeper | "crock">("pot");
/** A crock on WARM is no matter of walls: the rest is reckoned as for a pot. */
const keeper = computed<Keeper>(() => (inWhat.value === "crock" ? "pot" : inWhat.value));
const KEEPER_OPTIONS = [
  ...KEEPERS.map((value) => ({ value, label: KEEPER_FACTS[value].name })),
  { value: "crock" as const, label: "crock on WARM" },
];
/** All that is in the pot, the solids too, until the liquid stands in a bowl of its own. */
const live = computed(() => pots.live.find((p) => p.batch.id === props.pot.batch.id));
const nowMs = computed(() => pots.nowOf(props.pot.batch));
const USUAL_FROM_C = 90;
const { tempC: fromC, write: readFrom } = useAsWarm(
  USUAL_FROM_C,
  () => live.value?.forecast.standing ?? null,
  () => nowMs.value,
);
const massKg = computed(() => {
  const bowl = inBowl(props.pot.batch, props.pot.cook);
  if (bowl !== null) return bowl.massKg;
  const { course } = live.value?.forecast ?? {};
  return course?.points.at(-1)?.contentsKg ?? 0;
});
const standing = computed(() => {
  const containers = containersOf(kitchen.value);
  const container =
    containers.find((c) => c.id === props.pot.batch.plan.vesselId) ?? containers[0] ?? null;
  return container === null || fromC.value === null || massKg.value <= 0
    ? null
    : { container, massKg: massKg.value, fromC: fromC.value, roomC: kitchen.value.roomC };
});
const clock = (min: number) => clockOf(nowMs.value + min * MINUTE_MS);
const hot = computed(() =>
  standing.value === null ? null : staysHotMinOf(standing.value, keeper.value, line.value),
);
const best = computed(() =>
  standing.value === null || fromC.value === null
    ? null
    : bestOf(
        chillChoices(
          potToChill(kitchen.value, fromC.value, props.pot.batch.plan.end === "served"),
          massKg.value,
          containersOf(kitchen.value),
          COOLING_WAYS,
          code.value.gates,
        ),
      ),
);
const latest = computed(() =>
  // Under the line already, nothing is left to wait for: the caution above says what to do.
  standing.value === null || best.value === null || (fromC.value ?? 0) <= line.value
    ? null
    : latestChillMinOf(standing.value, keeper.value, best.value, code.value),
);
</script>

<template>
  <section v-if="standing !== null" class="rest" aria-labelledby="rest-title">
    <h3 id="rest-title">If it rests or travels first</h3>
    <div class="beside">
      <TickChoice v-model="inWhat" wraps label="What it stands in" :options="KEEPER_OPTIONS" />
      <TemperatureField
        :model-value="fromC"
        label="It is at"
        :units="units"
        :min="40"
        :max="105"
        @written="readFrom"
      />
    </div>
    <p v-if="inWhat === 'crock'">
      On WARM it holds as long as it is on, if it went in hot. After an hour, and then every hour,
      it reads above {{ showRoundTemperature(line, one) }} in the middle; if it does not, it is
      brought to {{ showRoundTemperature(REHEATED_C, one) }} at once, or chilled. Never to warm what
      is cold.
    </p>
    <p v-else-if="hot !== null && Number.isFinite(hot.expected)">
      Above {{ showRoundTemperature(line, one) }} for about
      <b class="figure">{{ showDuration(hot.expected) }}</b> ({{ showDuration(hot.low) }} to
      {{ showDuration(hot.high) }}), nine times in ten until {{ clock(hot.low) }}
      <WhyFigure :estimate="hot" />
      <span class="quiet small">{{ ` ${KEEPER_FACTS[keeper].does}` }}</span>
    </p>
    <p v-if="inWhat !== 'crock' && latest !== null && best !== null">
      Chilling begins by <b class="figure">{{ clock(latest.expected) }}</b> at the latest, if it
      goes this way: {{ waysWords(best, units) }} It is worked out for a pot that loses heat fast,
      and what it falls under the line in resting counts. <WhyFigure :estimate="latest" />
    </p>
    <p class="quiet small">
      <strong>Take care:</strong> kept hot means above {{ showRoundTemperature(line, one) }} all
      through: {{ code.whose }}. Ask a thermometer, not the clock: walls and lids differ by a third.
      What has stood lukewarm for over 2 h without being chilled is thrown away (US guidance).
    </p>
  </section>
</template>

<style scoped>
.rest {
  display: grid;
  gap: var(--space-4);
  padding-top: var(--space-5);
  border-top: 1px solid var(--hair);
}
</style>
