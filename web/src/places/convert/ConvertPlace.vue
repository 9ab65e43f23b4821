<script setup lang="ts">
import type { Method } from "@kettlos/core/heats/heat-schema";
import { heatOf } from "@kettlos/core/heats/heat";
import { assumedPlan } from "@kettlos/core/convert/assume";
import { withSuggestions } from "@kettlos/core/convert/suggested";
import type { PieceShape } from "@kettlos/core/heat/piece-schema";
import { outcomeOf } from "@kettlos/core/units/problem";
import { showDuration, showVolume, showLength } from "@kettlos/core/units/show";
import { computed, ref, shallowRef, watch } from "vue";
import { useRouter } from "vue-router";
import CautionList from "../../controls/CautionList.vue";
import PieceField from "../../controls/PieceField.vue";
import TickChoice from "../../controls/TickChoice.vue";
import WhyFigure from "../../controls/WhyFigure.vue";
import UnitField from "../../controls/UnitField.vue";
import { useKitchenStore } from "../../data/kitchen-store";
import { savePlanWithUsed } from "../../data/save-converted";
import { useConversion } from "../../workers/use-conversion";
import { heatWords } from "../../words/heat-words";
import { DISH_KINDS } from "./dish-kinds";
import { newId } from "../../data/new-id";
import { useWords } from "../../data/use-words";

/** For the hurried: what, how big, how long, on which heat; the other heats at once. */
const words = useWords();
const kitchenStore = useKitchenStore();
const router = useRouter();
const units = computed(() => kitchenStore.units);
const one = computed(() => (units.value === "us" ? "us" : "metric"));

const ingredientId = ref("beefChuck");
const time = ref("2 h 30");
const from = ref<Method>("oven");
const piece = shallowRef<PieceShape | null>(null);
const massKg = ref<number | null>(null);
const waterL = ref<number | null>(null);
const planId = newId();
const FROM = [
  { value: "hob", label: "hob" },
  { value: "oven", label: "oven" },
  { value: "slowCooker", label: "slow cooker" },
  { value: "pressure", label: "pressure" },
] as const;

const assumed = computed(() => {
  const { kitchen } = kitchenStore;
  if (kitchen === null) return null;
  return outcomeOf(() =>
    assumedPlan(
      {
        id: planId,
        ingredientId: ingredientId.value,
        time: time.value,
        method: from.value,
        ...(piece.value === null ? {} : { piece: piece.value }),
        ...(massKg.value === null ? {} : { massKg: massKg.value }),
        ...(waterL.value === null ? {} : { waterL: waterL.value }),
      },
      withSuggestions(kitchen),
    ),
  );
});
const plan = computed(() => (assumed.value?.ok === true ? assumed.value.value.plan : null));
const conversion = useConversion();
const rows = conversion.columns;
const problem = computed(() =>
  words(
    assumed.value?.ok === false
      ? assumed.value.problem.said
      : (conversion.problem.value ?? undefined),
  ),
);

watch(
  [plan, () => kitchenStore.kitchen],
  ([next, kitchen]) => {
    if (next !== null && kitchen !== null) void conversion.ask(next, kitchen);
  },
  { immediate: true },
);

const grave = computed(() => {
  const seen = new Set<string>();
  return rows.value
    .flatMap(({ answer }) => (answer.ok ? answer.column.cautions : []))
    .filter((c) => c.severity === "danger" && !seen.has(c.id) && seen.add(c.id));
});

async function keep() {
  const { kitchen } = kitchenStore;
  if (plan.value === null || kitchen === null) return;
  const fresh = { ...plan.value, id: newId() };
  await savePlanWithUsed(fresh, kitchen);
  await router.push(`/crossover/${fresh.id}`);
}
</script>

<template>
  <div class="place">
    <h1>Convert a time</h1>
    <form class="ask" @submit.prevent>
      <label
        >What
        <select v-model="ingredientId" class="written">
          <option v-for="kind in DISH_KINDS" :key="kind.id" :value="kind.id">
            {{ kind.name }}
          </option>
        </select></label
      >
      <PieceField
        v-model="piece"
        label="Pieces"
        :placeholder="`${showLength(0.04, units === 'us' ? 'us' : 'metric')} dice`"
        :units="units"
      />
      <label
        >Time as written
        <input v-model="time" class="written" placeholder="2 h 30, until tender" />
      </label>
      <TickChoice v-model="from" label="Written for" :options="FROM" />
      <UnitField
        v-model="massKg"
        label="Weight"
        :like="1.2"
        dimension="mass"
        :units="units"
        :min="0.05"
        :max="50"
      />
      <UnitField
        v-model="waterL"
        label="Liquid"
        placeholder="to cover"
        dimension="volume"
        :units="units"
        :min="0"
        :max="50"
      />
    </form>
    <p v-if="assumed?.ok && assumed.value.assumptions.length > 0" class="small quiet">
      Taken as usual, change it above:
      {{ assumed.value.assumptions.map((a) => words(a.text)).join(", ") }}.
    </p>
    <p v-if="problem !== ''" class="ember" role="alert">{{ problem }}</p>
    <ul class="answers" aria-label="On each heat">
      <li
        v-for="{ answer, range } in rows"
        :key="heatWords(answer.target.heat, units)"
        :class="{ asWritten: answer.ok && answer.column.isWritten }"
      >
        <h2>
          {{ heatOf(answer.target.heat).title }}
          <small class="quiet">{{ heatWords(answer.target.heat, units) }}</small>
          <small v-if="answer.ok && answer.column.isWritten" class="tag">as written</small>
        </h2>
        <template v-if="answer.ok">
          <p v-if="answer.column.refusal !== null" class="ember">
            <strong>Danger: not like this.</strong> {{ words(answer.column.refusal.text) }}
          </p>
          <p v-else class="figure said">
            {{ range?.said ?? showDuration(answer.column.trace.holdMin) }}
            <small>{{ range?.after }}</small>
            <WhyFigure v-if="range" :estimate="range.why.hold" />
          </p>
          <p class="small figure liquid">
            {{ showVolume(answer.column.waterL, one) }} water in,
            {{ showVolume(answer.column.trace.endLiquidL, one) }} left
            <WhyFigure v-if="range" :estimate="range.why.water" />
          </p>
        </template>
        <p v-else class="ember">{{ words(answer.message) }}</p>
      </li>
    </ul>
    <CautionList :cautions="grave" />
    <button type="button" class="button primary" :disabled="plan === null" @click="keep">
      Keep it as a plan
    </button>
  </div>
</template>

<style scoped>
.place {
  display: grid;
  gap: var(--space-5);
  align-content: start;
}

.ask {
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-4) var(--space-7);
  align-items: end;
}

.ask > :deep(*) {
  width: 150px;
}

.ask > fieldset {
  width: auto;
}

.ask label {
  display: grid;
  color: var(--quiet);
  font-size: var(--size-small);
  line-height: 18px;
}

.ask label > input,
.ask label > select {
  width: 100%;
  height: 36px;
  font-size: var(--size-body);
}

.answers li {
  display: grid;
  grid-template-columns: minmax(230px, 0.8fr) minmax(0, 1.4fr) minmax(180px, 0.7fr);
  gap: var(--space-2) var(--space-6);
  align-items: baseline;
  padding: var(--space-4) 0;
  border-top: 1px solid var(--hair);
}

.answers li.asWritten {
  border-left: 4px solid var(--rim);
  padding-left: var(--space-4);
}

.said small {
  margin-inline-end: var(--space-4);
}

.said {
  font-family: var(--head);
  font-size: var(--size-head);
  font-weight: 700;
  line-height: 32px;
}

small {
  font-family: var(--text);
  font-size: var(--size-body);
  font-weight: 400;
}

.tag {
  margin-left: var(--space-4);
  color: var(--ink);
  font-weight: 700;
}

.button {
  justify-self: start;
}

@media (width <= 700px) {
  .answers li {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
