<script setup lang="ts">
import { lookWords } from "@kettlos/core/events/sieve/look-words";
import { SET_WORDS } from "@kettlos/core/extraction/set";
import { boilFirstMinOf } from "@kettlos/core/heats/heat";
import { dateOf } from "@kettlos/core/units/moments";
import { begunMs } from "@kettlos/core/batch/of-log";
import { stretchesAsWent } from "@kettlos/core/batch/stretches-as-went";
import type { Answers } from "@kettlos/core/because/answers";
import type { Gap } from "@kettlos/core/batch/gap";
import { stretchSaid } from "@kettlos/core/compare/say-parts";
import { countWords } from "@kettlos/core/ingredient/word-forms";
import { nameOf } from "@kettlos/core/simulate/item-facts";
import { vesselOf } from "@kettlos/core/simulate/references";
import { stretchesOf } from "@kettlos/core/simulate/stretches";
import { waterL } from "@kettlos/core/simulate/stated-water";
import { outcomeOf } from "@kettlos/core/units/problem";
import { inWords } from "@kettlos/core/units/said";
import { showDuration, showMass, showVolume, type UnitSystem } from "@kettlos/core/units/show";
import { computed } from "vue";
import { picturesOf, srcOf } from "../../data/pictures";
import { useLive } from "../../data/use-live";
import type { PotState } from "../../data/pot-state";
import { whenWords } from "../../words/when-words";
import { LIKING_WORDS } from "@kettlos/core/events/log/liking-words";

/** A pot as a card for the box on the shelf: what went in, how it was cooked, what came of it. For paper only. */
const props = defineProps<{
  pot: PotState;
  gap: Gap | null;
  /** What its plan comes to: the work on what goes in, and what to mind; null where it cannot be reckoned. */
  answers: Answers | null;
  units: UnitSystem;
}>();

const ON_THE_CARD = 3;
const batchId = computed(() => props.pot.batch.id);
const stored = useLive(() => picturesOf(batchId.value), [batchId]);
/** The last ones: of what came of it. */
const pictures = computed(() => (stored.value ?? []).slice(-ON_THE_CARD));
const plan = computed(() => props.pot.batch.plan);
const cook = computed(() => props.pot.cook);
const litMs = computed(() => begunMs(props.pot));
const vessel = computed(() => {
  const found = outcomeOf(() => vesselOf(props.pot.setPot));
  return found.ok ? found.value.name : "";
});
const water = computed(() => {
  const found = outcomeOf(() => waterL(props.pot.setPot));
  return found.ok && found.value > 0 ? showVolume(found.value, props.units) : null;
});
/** What really went in; what was left out does not stand here. */
const goesIn = computed(() =>
  plan.value.items.map((item) => {
    const massKg = cook.value.addedItems.get(item.id)?.massKg ?? item.massKg;
    const { counted } = item;
    const isAsCounted = counted !== undefined && massKg === item.massKg;
    return {
      id: item.id,
      name: nameOf(item),
      much: isAsCounted ? countWords(counted.count, counted.word) : showMass(massKg, props.units),
      how: [
        item.preparation,
        item.when.at === "start" ? "" : whenWords(item.when, plan.value.items).toLowerCase(),
      ]
        .filter((w) => w !== "")
        .join(", "),
    };
  }),
);
const poured = computed(() => cook.value.pours.reduce((sum, p) => sum + p.volumeL, 0));
/** Whoever cooks from the card is told of the boil: beans go by it. */
const boiled = computed(() => {
  const min = boilFirstMinOf(plan.value.heat) ?? 0;
  return min > 0 ? `boiled ${showDuration(min)} first, then ` : "";
});
const work = computed(() =>
  (props.answers?.dish.tasks ?? []).map(({ title, how }) =>
    [title, inWords(how, props.units)].filter((w) => w !== "").join(", "),
  ),
);
const mind = computed(() => (props.answers?.cautions ?? []).filter((c) => c.severity !== "note"));
const heats = computed(() =>
  stretchesOf({ ...plan.value, ...stretchesAsWent(plan.value, cook.value) }).map((stretch) =>
    stretch.stop.by === "time"
      ? `${showDuration(stretch.stop.holdMin)} ${inWords(stretchSaid(stretch), props.units)}`
      : inWords(stretchSaid(stretch), props.units),
  ),
);
const came = computed(() => {
  const { result, looks, liking } = cook.value;
  if (result === null) return [];
  const measured = result.isReckoned ? ", as estimated" : "";
  return [
    result.servedKg === null
      ? `${showVolume(result.strainedL, props.units)} strained${measured}`
      : `${showMass(result.servedKg, props.units)} served${measured}`,
    result.servedKg === null ? null : `${showVolume(result.strainedL, props.units)} of it liquid`,
    props.gap === null ? null : `planned ${showVolume(props.gap.plannedL, props.units)}`,
    result.set === null ? null : `set: ${SET_WORDS[result.set]}`,
    result.fatKg === null ? null : `fat ${showMass(result.fatKg, props.units)}`,
    ...lookWords(looks),
    liking === null ? null : LIKING_WORDS[liking].toLowerCase(),
  ].filter((w) => w !== null);
});
</script>

<template>
  <article class="card" aria-label="Card of this pot">
    <header>
      <h1>{{ plan.name }}</h1>
      <p>{{ dateOf(litMs) }}, {{ vessel.toLowerCase() }}</p>
    </header>
    <ul>
      <li v-for="item in goesIn" :key="item.id">
        <b>{{ item.much }}</b> {{ item.name.toLowerCase()
        }}<template v-if="item.how">, {{ item.how }}</template>
      </li>
      <li v-if="water !== null">
        <b>{{ water }}</b> water<template v-if="poured > 0.005"
          >, {{ showVolume(poured, units) }} more on the way</template
        >
      </li>
    </ul>
    <p v-if="work.length > 0">{{ work.join("; ") }}.</p>
    <p>{{ boiled }}{{ heats.join(", then ") }}</p>
    <p v-if="came.length > 0">
      <b>{{ came[0] }}</b><template v-if="came.length > 1"
        >; {{ came.slice(1).join(", ") }}</template
      >
    </p>
    <p v-for="caution in mind" :key="caution.id" class="mind">
      <b>{{ inWords(caution.title, units) }}.</b> {{ inWords(caution.text, units) }} ({{
        caution.whose
      }})
    </p>
    <p v-if="pictures.length > 0" class="pictures">
      <img v-for="picture in pictures" :key="picture.id" :src="srcOf(picture)" alt="" />
    </p>
    <p v-for="note in cook.notes" :key="note.eventId">“{{ note.text }}”</p>
    <p class="lines" aria-hidden="true">Next time:</p>
  </article>
</template>

<style scoped>
.card {
  display: none;
}

@media print {
  .card {
    display: block;
    width: 148mm;
    max-width: 100%;
    padding: 6mm;
    border: 0.4mm solid #000;
    border-radius: 1mm;
    background: #fff;
    color: #000;
    font-size: 11pt;
    line-height: 15pt;
    break-inside: avoid;
  }

  header {
    display: flex;
    justify-content: space-between;
    gap: 8mm;
    align-items: baseline;
    border-bottom: 0.6mm solid #000;
  }

  ul {
    columns: 2;
    padding: 2mm 0;
  }

  li {
    break-inside: avoid;
  }

  p {
    padding-top: 1mm;
  }

  .pictures {
    display: flex;
    gap: 3mm;
  }

  img {
    width: 43mm;
    height: 32mm;
    object-fit: cover;
  }

  .mind {
    font-size: 9pt;
    line-height: 12pt;
  }

  .lines {
    min-height: 16mm;
    margin-top: 3mm;
    border-top: 0.2mm solid #000;
  }
}
</style>
