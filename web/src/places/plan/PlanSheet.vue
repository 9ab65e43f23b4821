<script setup lang="ts">
import { sentenceParts } from "@kettlos/core/because/sentence";
import { heatOf } from "@kettlos/core/heats/heat";
import { allergenWords } from "@kettlos/core/ingredient/allergen-words";
import { amountSaid } from "@kettlos/core/ingredient/amount-said";
import { ingredientById } from "@kettlos/core/ingredient/catalogue";
import { contentName } from "@kettlos/core/ingredient/own-content";
import { countWords } from "@kettlos/core/ingredient/word-forms";
import { WORK_WORDS } from "@kettlos/core/prepare/work-names";
import { nameOf } from "@kettlos/core/simulate/item-facts";
import type { PlanItem } from "@kettlos/core/simulate/plan-schema";
import { weekdayClockOf } from "@kettlos/core/units/moments";
import { inWords } from "@kettlos/core/units/said";
import { showAltitude, showDuration, showMass, showVolume } from "@kettlos/core/units/show";
import { MINUTE_MS } from "@kettlos/core/units/time";
import { computed } from "vue";
import { markLabels } from "../../drawings/mark-labels";
import { BONE_WORDS } from "../../words/bone-words";
import { whenWords } from "../../words/when-words";
import { laddered } from "./ladder/ladder-order";
import { stretchNames } from "./simmer/stretch-names";
import { useThePlan } from "./the-plan";

/** The plan for paper, with its whole method: what goes in and when, the work, the hours of the pot, what to mind. */
const { plan, kitchen, setPot, answers, units, one } = useThePlan();

const sentence = computed(() =>
  sentenceParts(setPot.value, answers.value, units.value)
    .map((p) => p.text)
    .join(""),
);
const prepared = (item: PlanItem) =>
  [
    item.counted === undefined ? "" : countWords(item.counted.count, item.counted.word),
    item.preparation,
    item.boneState === "raw" ? "" : BONE_WORDS[item.boneState],
    item.preparation === "" ? item.work.map((w) => WORK_WORDS[w.kind]).join(", ") : "",
    item.out === undefined ? "" : item.out.isBack ? "out and back" : "comes out",
  ]
    .filter((w) => w !== "")
    .join(", ");
const goesIn = computed(() =>
  laddered(plan.value.items, answers.value.trace.holdMin).map((item) => ({
    id: item.id,
    when: whenWords(item.when, plan.value.items, stretchNames(plan.value)),
    much: inWords(amountSaid(ingredientById(item.ingredientId), item), units.value),
    name: nameOf(item),
    how: prepared(item),
  })),
);
const work = computed(() =>
  answers.value.dish.tasks.map((t) => ({
    id: t.id,
    text: [t.title, inWords(t.how, units.value)].filter((w) => w !== "").join(", "),
    min: showDuration(Math.max(1, Math.round(t.min))),
  })),
);
/** From the match on, or by the clock where it is known when it is lit. */
const hours = computed(() => {
  const { start, trace } = answers.value;
  const at = (tMin: number) =>
    start === null
      ? showDuration(Math.round(tMin))
      : weekdayClockOf(start.lightMs + tMin * MINUTE_MS);
  const { title } = heatOf(plan.value.heat).begin(plan.value.heat, setPot.value.vessel);
  return [{ tMin: 0, text: title }, ...markLabels(plan.value, trace, units.value)].map((m) => ({
    at: at(m.tMin),
    text: m.text,
  }));
});
/** Paper goes along from the counter to the fridge: all that is more than a note, wherever it stands. */
const mind = computed(() => answers.value.cautions.filter((c) => c.severity !== "note"));
/** What is done when it is cooked, and what is to be known at the table. */
const atTheEnd = computed(() => {
  const { salt, takeOuts, beside, allergens, unread } = answers.value.dish;
  const names = (ids: readonly string[]) => ids.map((id) => contentName(id).toLowerCase());
  return [
    plan.value.feeds === "people" && salt.addG >= LEAST_SALT_G
      ? `Salt, about ${showMass(salt.addG / 1000, units.value)}: in three goes, tasting.`
      : "",
    takeOuts.length > 0
      ? `Take out before serving: ${takeOuts.map((t) => t.what).join(", ")}.`
      : "",
    beside.length > 0
      ? `Beside it: ${beside.map((b) => `${showMass(b.allKg, units.value)} ${b.name}`).join(", ")}.`
      : "",
    allergens.length > 0 ? `Contains ${allergenWords(allergens)}.` : "",
    unread.length > 0
      ? `May hold other allergens: read the label of ${names(unread).join(", ")}.`
      : "",
  ].filter((w) => w !== "");
});
/** Less is a pinch that nobody weighs. */
const LEAST_SALT_G = 0.5;
const water = computed(() =>
  answers.value.waterL < 0.005 ? null : showVolume(answers.value.waterL, units.value),
);
</script>

<template>
  <article class="sheet" aria-label="This plan on paper">
    <header>
      <h1>{{ plan.name }}</h1>
      <p>
        <template v-if="plan.forWhat">for {{ plan.forWhat }}, </template>{{ kitchen.name }},
        {{ showAltitude(kitchen.altitudeM, one) }}
      </p>
    </header>
    <p class="sentence">{{ sentence }}</p>
    <h2>What goes in</h2>
    <table>
      <tbody>
        <tr v-for="item in goesIn" :key="item.id">
          <td class="box" />
          <td>
            <b>{{ item.much }}</b>
          </td>
          <td>
            {{ item.name }}<template v-if="item.how">, {{ item.how }}</template>
          </td>
          <td>{{ item.when }}</td>
        </tr>
        <tr v-if="water !== null">
          <td class="box" />
          <td>
            <b>{{ water }}</b>
          </td>
          <td>Water</td>
          <td>At start</td>
        </tr>
      </tbody>
    </table>
    <template v-if="work.length > 0">
      <h2>The work</h2>
      <table>
        <tbody>
          <tr v-for="task in work" :key="task.id">
            <td class="box" />
            <td>{{ task.text }}</td>
            <td class="min">{{ task.min }}</td>
          </tr>
        </tbody>
      </table>
    </template>
    <h2>On the heat</h2>
    <table>
      <tbody>
        <tr v-for="(hour, i) in hours" :key="i">
          <td class="box" />
          <td class="at">{{ hour.at }}</td>
          <td>{{ hour.text }}</td>
        </tr>
      </tbody>
    </table>
    <template v-if="atTheEnd.length > 0">
      <h2>At the end</h2>
      <p v-for="text in atTheEnd" :key="text">{{ text }}</p>
    </template>
    <template v-if="plan.recipe">
      <h2>The recipe says</h2>
      <p v-if="plan.recipe.toTaste.length > 0">
        To taste, at the end: {{ plan.recipe.toTaste.join(", ") }}
      </p>
      <p v-for="(step, i) in plan.recipe.steps" :key="i">{{ step.text }}</p>
    </template>
    <h2 v-if="mind.length > 0">To mind</h2>
    <p v-for="caution in mind" :key="caution.id" class="mind">
      <b>{{ inWords(caution.title, units) }}.</b> {{ inWords(caution.text, units) }} ({{
        caution.whose
      }})
    </p>
    <p class="lines" aria-hidden="true">What was otherwise:</p>
  </article>
</template>

<style scoped>
.sheet {
  display: none;
}

@media print {
  .sheet {
    display: block;
    color: #000;
    font-size: 11pt;
    line-height: 15pt;
  }

  header {
    display: flex;
    gap: 8mm;
    align-items: baseline;
    justify-content: space-between;
    border-bottom: 0.6mm solid #000;
  }

  h1 {
    font-size: 20pt;
    line-height: 26pt;
  }

  h2 {
    padding-top: 4mm;
    font-size: 13pt;
    line-height: 17pt;
    break-after: avoid;
  }

  .sentence {
    padding-top: 3mm;
    font-size: 13pt;
    line-height: 18pt;
  }

  table {
    width: 100%;
    border-collapse: collapse;
  }

  tr {
    break-inside: avoid;
  }

  td {
    padding: 0.8mm 4mm 0.8mm 0;
    border-bottom: 0.2mm solid #999;
    vertical-align: top;
  }

  .box {
    width: 7mm;
  }

  .box::before {
    content: "";
    display: block;
    width: 3.4mm;
    height: 3.4mm;
    margin-top: 0.8mm;
    border: 0.3mm solid #000;
  }

  .at {
    width: 30mm;
    font-weight: 700;
  }

  .min {
    text-align: right;
  }

  .mind {
    padding-top: 1mm;
    font-size: 9.5pt;
    line-height: 12.5pt;
    break-inside: avoid;
  }

  .lines {
    min-height: 24mm;
    margin-top: 5mm;
    border-top: 0.2mm solid #000;
  }
}
</style>
