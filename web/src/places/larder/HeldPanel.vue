<script setup lang="ts">
import { PLACE_WORDS } from "@kettlos/core/larder/larder-words";
import { allergenWords } from "@kettlos/core/ingredient/allergen-words";
import { figure } from "@kettlos/core/units/region";
import { shortDateOf, shortDateYearOf } from "@kettlos/core/units/moments";
import { enoughFor } from "@kettlos/core/larder/draws";
import { chillingAt, chillingCourse, standingOf } from "@kettlos/core/batch/chill-of";
import { codeOf } from "@kettlos/core/cool/codes";
import { chilledLate } from "@kettlos/core/larder/larder-cautions";
import { ageOf, keepingOf, SPENT_WORDS } from "@kettlos/core/larder/keeping";
import { heldKg, isUsable, leftOf, type Holding } from "@kettlos/core/larder/larder";
import { labelOf } from "@kettlos/core/larder/label-of";
import { isUnsalted } from "@kettlos/core/larder/lot-amounts";
import { SET_WORDS, setOf } from "@kettlos/core/extraction/set";
import { COLD_DENSITY_KG_L } from "@kettlos/core/water/properties";
import type { UnitSystem } from "@kettlos/core/units/show";
import { computed } from "vue";
import { useKitchenStore } from "../../data/kitchen-store";
import { useLarderStore } from "../../data/larder-store";
import { usePotsStore } from "../../data/pots-store";
import { useWholePot } from "../../data/use-pot";
import CautionList from "../../controls/CautionList.vue";
import HeldActions from "./HeldActions.vue";
import { goesInPan } from "@kettlos/core/larder/in-a-pan";
import InPan from "./InPan.vue";
import IntoPlan from "./IntoPlan.vue";
import {
  allWords,
  countWords,
  eachWords,
  saltWords,
  WHY_WORDS,
  costedFor,
} from "../../words/held-words";

/** One lot on its shelf: what it is, how long it keeps, what it is enough for, and what is done with it. */
const props = defineProps<{ holding: Holding; units: UnitSystem }>();
const kitchenStore = useKitchenStore();
const larderStore = useLarderStore();
const pots = usePotsStore();
const one = computed(() => (props.units === "us" ? "us" : "metric"));
const lot = computed(() => props.holding.lot);
const age = computed(() => ageOf(props.holding.place, props.holding.bestBeforeMs, pots.nowMs));
const keeping = computed(() =>
  keepingOf(lot.value, props.holding.place, kitchenStore.kitchen?.freezerSchool ?? "short"),
);
const { pot: batch } = useWholePot(() => lot.value.batchId);
const standing = computed(() =>
  batch.value === null ? null : standingOf(batch.value.batch, batch.value.cook),
);
const course = computed(() => {
  const [chilling, kitchen] = [batch.value?.cook.chilling ?? null, kitchenStore.kitchen];
  return chilling === null || kitchen === null
    ? null
    : chillingCourse(chilling, kitchen, standing.value);
});
/** A gate its pot missed stays said for as long as there is something of it. */
const late = computed(() => {
  const [chilling, kitchen] = [batch.value?.cook.chilling ?? null, kitchenStore.kitchen];
  if (chilling === null || kitchen === null) return null;
  const code = codeOf(kitchen);
  return chilledLate({
    remedy: course.value === null ? null : chillingAt(course.value, code, pots.nowMs).remedy,
    wasReheated: chilling.wasReheated,
    codeText: code.text,
    codeWhose: code.whose,
  });
});
const gelatinGL = computed(() => (lot.value.label.gelatinGKg ?? 0) * COLD_DENSITY_KG_L);
const currency = computed(() => kitchenStore.kitchen?.currency ?? "");
const bought = computed(
  () => kitchenStore.kitchen?.prices.find((p) => p.ingredientId === "boughtStock")?.perKg ?? null,
);
const unread = computed(() => labelOf(props.holding).unread);
const usable = computed(() => isUsable(props.holding, pots.nowMs));
const haveKg = computed(() =>
  heldKg(
    larderStore.larder.holdings.filter(
      (h) =>
        h.lot.ingredientId === lot.value.ingredientId &&
        h.lot.name === lot.value.name &&
        isUsable(h, pots.nowMs),
    ),
  ),
);
const uses = computed(() =>
  lot.value.ingredientId === null || !usable.value
    ? []
    : enoughFor(lot.value, haveKg.value, kitchenStore.plans),
);
const costFor = computed(() => costedFor(lot.value, props.units));
const money = (n: number) => `${currency.value} ${figure(n, 2)}`;
const went = computed(() => larderStore.larder.gone.filter((g) => g.lotId === lot.value.id));
const HOW = {
  table: "to the table",
  animals: "to the animals",
  thrown: "thrown away",
  counted: "missing at the count",
} as const;
const spoken = computed(() => larderStore.spoken.filter((s) => s.lotId === lot.value.id));
</script>

<template>
  <aside class="held" :aria-label="lot.name">
    <p class="back"><RouterLink to="/larder">Back to the shelves</RouterLink></p>
    <h2>{{ lot.name }}</h2>
    <p>
      <b class="figure">{{ allWords(lot, holding.count, units) }}</b>:
      {{ countWords(lot.container.kind, holding.count) }} of {{ eachWords(lot, one) }} in the
      {{ PLACE_WORDS[holding.place] }}
    </p>
    <CautionList v-if="late !== null" :cautions="[late]" />
    <p v-if="holding.spent !== null" class="ember" role="alert">
      <strong>Danger: not to be eaten.</strong> {{ SPENT_WORDS[holding.spent] }}. Throw it away,
      however it smells or looks. US guidance for cold storage; your local food code rules.
    </p>
    <p v-else-if="!usable" class="ember" role="alert">
      <strong>Danger: past its days in the fridge.</strong> Throw it away, however it smells or
      tastes. {{ keeping.days.source }}; your local food code rules.
    </p>
    <p v-else-if="age === 'past'" class="ember">
      <strong>Take care: past its best.</strong> Kept frozen it stays safe; it has lost flavour.
    </p>
    <dl>
      <dt>Lot</dt>
      <dd>
        {{ lot.code }},
        <RouterLink v-if="batch" :to="`/logbook/${batch.batch.id}`"
          >made {{ shortDateOf(lot.madeMs) }}</RouterLink
        ><template v-else>in since {{ shortDateOf(lot.madeMs) }}</template>
      </dd>
      <dt>{{ keeping.isSafety ? "Use by" : "Best before" }}</dt>
      <dd>
        {{ shortDateYearOf(holding.bestBeforeMs) }}
        <span class="quiet small">{{ keeping.days.value }} days; {{ keeping.days.source }}</span>
      </dd>
      <template v-if="saltWords(lot, units)">
        <dt>Salt</dt>
        <dd>
          {{ saltWords(lot, units)?.replace("salt ", "") }}
          <span v-if="!isUnsalted(lot)" class="quiet small"
            >goes along into every pot that draws on it</span
          >
        </dd>
      </template>
      <template v-if="lot.isLiquid && gelatinGL > 0.5">
        <dt>When cold</dt>
        <dd>{{ SET_WORDS[setOf(gelatinGL)] }}</dd>
      </template>
      <template v-if="(lot.label.allergens ?? []).length > 0">
        <dt>Allergens</dt>
        <dd>{{ allergenWords(lot.label.allergens ?? []) }}</dd>
      </template>
      <template v-if="unread.length > 0">
        <dt>May hold others</dt>
        <dd>read the label of {{ unread.join(", ") }}</dd>
      </template>
      <template v-if="lot.costPerKg !== null">
        <dt>Cost</dt>
        <dd>
          {{ money(lot.costPerKg * costFor.massKg) }} a {{ costFor.word }}
          <span v-if="lot.kind === 'stock' && bought !== null" class="quiet small"
            >bought, {{ money(bought) }}</span
          >
        </dd>
      </template>
    </dl>
    <HeldActions :holding="holding" :is-usable="usable" :units="units" />
    <IntoPlan v-if="lot.ingredientId !== null && usable" :holding="holding" />
    <InPan v-if="goesInPan(lot) && usable" :key="`${lot.id} ${holding.place}`" :holding="holding" />
    <section v-if="uses.length > 0" aria-label="Enough for">
      <h3>Enough for</h3>
      <ul class="small">
        <li v-for="use in uses.slice(0, 6)" :key="use.plan.id">
          <RouterLink :to="`/plan/${use.plan.id}`">{{ use.plan.name }}</RouterLink>:
          <template v-if="use.times >= 1"
            >{{ Math.floor(use.times) }}
            {{ Math.floor(use.times) === 1 ? "pot" : "pots" }}</template
          ><span v-else class="ember"
            >{{ allWords({ ...lot, eachKg: use.shortKg }, 1, one) }} short</span
          >
        </li>
      </ul>
    </section>
    <section v-if="spoken.length + went.length > 0" aria-label="Where it goes">
      <h3>Where it goes</h3>
      <ul class="small">
        <li v-for="s in spoken" :key="s.planId">
          {{ s.count }} spoken for by
          <RouterLink :to="`/plan/${s.planId}`">{{ s.planName }}</RouterLink>
        </li>
        <li v-for="(g, i) in went" :key="i">
          {{ shortDateOf(g.atMs) }}: {{ Math.abs(g.count) }}
          <RouterLink v-if="g.how === 'pot'" :to="`/logbook/${g.batchId}`">{{
            g.batchName
          }}</RouterLink><template v-else-if="g.count < 0">found again at the count</template
          ><template v-else>{{ HOW[g.how] }}{{ g.why ? `, ${WHY_WORDS[g.why]}` : "" }}</template>
        </li>
        <li>{{ leftOf(larderStore.larder, lot.id) }} left in all</li>
      </ul>
    </section>
  </aside>
</template>

<style scoped>
.held {
  display: grid;
  gap: var(--space-5);
  align-content: start;
}

dl {
  display: grid;
  grid-template-columns: max-content 1fr;
  gap: var(--space-2) var(--space-6);
}

dt {
  color: var(--quiet);
}

dd span {
  display: block;
}

.back {
  display: none;
}

@media (width <= 900px) {
  .back {
    display: block;
  }
}
</style>
