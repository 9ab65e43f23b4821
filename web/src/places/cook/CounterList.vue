<script setup lang="ts">
import { ingredientById } from "@kettlos/core/ingredient/catalogue";
import { amountSaid } from "@kettlos/core/ingredient/amount-said";
import { inWords } from "@kettlos/core/units/said";
import { clockOf } from "@kettlos/core/units/moments";
import type { OwnIngredient } from "@kettlos/core/ingredient/own-ingredient";
import { callOf, onCounter, whereIs } from "@kettlos/core/batch/counter";
import { waterToPourL } from "@kettlos/core/batch/filling";
import { isLiftedOut } from "@kettlos/core/events/pot/effects";
import { goesInAfter } from "@kettlos/core/dish/eaten";
import type { Ingredient } from "@kettlos/core/ingredient/ingredient";
import type { Amount } from "@kettlos/core/ingredient/read-amount";
import { nameOf } from "@kettlos/core/simulate/item-facts";
import type { PlanItem } from "@kettlos/core/simulate/plan-schema";
import { showVolume, type UnitSystem } from "@kettlos/core/units/show";
import { computed } from "vue";
import EditPopover from "../../controls/EditPopover.vue";
import IngredientLine from "../../controls/IngredientLine.vue";
import { useOpened } from "../../controls/use-opened";
import type { LivePot } from "../../data/pots-store";
import type { NewEvent } from "../../data/repository";
import { newItem } from "../../data/new-item";
import CounterItem from "./CounterItem.vue";
import CounterSign from "./CounterSign.vue";

/** What still lies on the counter, and what is in the pot. A tap puts something in now. */
const props = defineProps<{ pot: LivePot; units: UnitSystem; nowMs: number }>();
const emit = defineEmits<{ write: [NewEvent]; extra: [PlanItem] }>();
const { key, anchor, toggle, shut } = useOpened();

const cook = computed(() => props.pot.cook);
const plan = computed(() => props.pot.batch.plan);
const items = computed(() => plan.value.items.filter((i) => !goesInAfter(i)));
const isLit = computed(() => cook.value.litMs !== null);
/** What of the water is still to be poured. */
const pourL = computed(() => waterToPourL(cook.value, props.pot.forecast.waterL));
const isOff = computed(() => cook.value.offMs !== null);
const openItem = computed(() => items.value.find((i) => i.id === key.value) ?? null);
const counter = computed(() => onCounter(plan.value, cook.value));
const inPot = computed(() =>
  items.value.filter((i) => whereIs(i, plan.value, cook.value) === "pot"),
);

/** When it is due, by what is to do next. */
const dueMs = (item: PlanItem) =>
  props.pot.actions.find((a) => a.kind === "add" && a.itemIds?.includes(item.id))?.atMs ?? null;
const call = (item: PlanItem) => {
  const due = dueMs(item);
  return due === null ? "ahead" : callOf(due, props.nowMs);
};
const WORDS = {
  ahead: "",
  soon: "soon",
  due: "now",
  late: "late",
  forgotten: "forgotten",
} as const;
const dueWords = (item: PlanItem) => {
  const due = dueMs(item);
  if (due === null) return item.when.at === "offHeat" ? "off the heat" : "";
  const word = WORDS[call(item)];
  return `${clockOf(due)}${word === "" ? "" : `, ${word}`}`;
};

const one = computed(() => (props.units === "us" ? "us" : "metric"));
function amountOf(item: PlanItem): string {
  const massKg = cook.value.addedItems.get(item.id)?.massKg ?? item.massKg;
  const { counted } = item;
  return inWords(
    amountSaid(
      ingredientById(item.ingredientId),
      // So many of it were planned; of what was really added its weight alone is known.
      counted !== undefined && massKg === item.massKg ? { massKg, counted } : { massKg },
    ),
    one.value,
  );
}
const isOut = (item: PlanItem) => isLiftedOut(cook.value, item.id);
const inAt = (item: PlanItem) => {
  const added = cook.value.addedItems.get(item.id)?.atMs ?? cook.value.litMs;
  return added === null ? "" : clockOf(added);
};

function write(event: NewEvent) {
  shut();
  emit("write", event);
}
/** What nobody planned goes in when it is put in; before the flame, with the rest. */
const putExtra = (ingredient: Ingredient, { massKg, counted }: Amount, own: OwnIngredient | null) =>
  emit("extra", {
    ...newItem(ingredient, massKg, plan.value.end, counted, own),
    when: isLit.value ? { at: "after", min: 0 } : { at: "start" },
  });
</script>

<template>
  <h2>On the counter</h2>
  <ul>
    <li v-if="pourL > 0">
      <button
        type="button"
        class="tap"
        aria-label="The water is in now"
        @click="write({ kind: 'waterIn' })"
      >
        <CounterSign />
      </button>
      <strong>Water</strong>
      <b class="figure">{{ showVolume(pourL, one) }}</b>
    </li>
    <li v-for="item in counter" :key="item.id" :class="call(item)">
      <button
        type="button"
        class="tap"
        :aria-label="`${nameOf(item)} is in now`"
        @click="write({ kind: 'added', itemId: item.id, massKg: item.massKg })"
      >
        <CounterSign />
      </button>
      <span
        ><strong>{{ nameOf(item) }}</strong
        ><span v-if="dueWords(item) !== ''" class="small when">{{ dueWords(item) }}</span
        ><span v-if="item.preparation" class="quiet small">{{ item.preparation }}</span></span
      >
      <button
        type="button"
        class="amount figure"
        :aria-label="`${nameOf(item)}, ${amountOf(item)}: other amount, split, instead, leave out`"
        @click="toggle(item.id, $event)"
      >
        {{ amountOf(item) }}
      </button>
    </li>
    <li v-if="counter.length === 0 && pourL === 0" class="quiet none">Nothing left: all is in.</li>
  </ul>
  <EditPopover
    v-if="anchor !== null && openItem !== null"
    :anchor="anchor"
    :width="420"
    :label="nameOf(openItem)"
    @shut="shut"
  >
    <CounterItem :key="openItem.id" :item="openItem" :pot="pot" :units="units" @write="write" />
  </EditPopover>
  <div v-if="!isOff" class="more">
    <IngredientLine
      takes-own
      label="Put something else in"
      :placeholder="one === 'us' ? 'and 4 oz celery' : 'and 100 g celery'"
      @put="putExtra"
    />
  </div>
  <template v-if="inPot.length > 0">
    <h2>In the pot</h2>
    <ul class="in">
      <li v-for="item in inPot" :key="item.id">
        <time class="quiet small">{{ inAt(item) }}</time>
        <span :class="{ quiet: isOut(item) }"
          >{{ nameOf(item) }}<span v-if="isOut(item)" class="small"> lifted out</span></span
        >
        <span>
          <b class="figure">{{ amountOf(item) }}</b>
          <button
            v-if="isLit && !isOut(item)"
            type="button"
            class="link small"
            :aria-label="`Lift out ${nameOf(item)}`"
            @click="write({ kind: 'takenOut', itemId: item.id })"
          >
            out
          </button>
          <button
            v-else-if="isOut(item)"
            type="button"
            class="link small"
            :aria-label="`Put back ${nameOf(item)}`"
            @click="write({ kind: 'putBack', itemId: item.id })"
          >
            back
          </button>
        </span>
      </li>
    </ul>
  </template>
</template>

<style scoped>
h2 {
  padding-bottom: var(--space-2);
}

ul + h2,
.more + h2 {
  padding-top: var(--space-5);
  border-top: 4px solid var(--ink);
}

ul {
  padding-bottom: var(--space-4);
}

li {
  display: grid;
  grid-template-columns: max-content 1fr max-content;
  gap: var(--space-4);
  align-items: center;
  min-height: 44px;
  border-bottom: 1px solid var(--hair);
}

.in li {
  min-height: 32px;
}

li span span {
  display: block;
}

.in li span span {
  display: inline;
}

.in .link {
  min-width: 40px;
  min-height: 32px;
  text-align: right;
}

.when {
  color: var(--quiet);
}

.due .when,
.soon .when {
  color: var(--ink);
  font-weight: 650;
}

.late,
.forgotten {
  box-shadow: inset 4px 0 0 var(--ember);
}

.late .when,
.forgotten .when,
.forgotten strong {
  color: var(--ember);
  font-weight: 700;
}

.forgotten {
  background: var(--ember-soft);
}

.more {
  padding: var(--space-2) 0 var(--space-5);
}

.none {
  display: block;
  padding: var(--space-4) 0;
}

.amount {
  min-width: 56px;
  min-height: 44px;
  padding: 0 var(--space-2);
  border: 0;
  background: none;
  text-align: right;
  text-decoration: underline dotted var(--rim) 2px;
  text-underline-offset: 5px;
}

.tap {
  display: grid;
  place-items: center;
  width: 48px;
  min-height: 48px;
  margin: var(--space-2) 0;
  border: 1.5px solid var(--rim);
  border-radius: 3px;
  background: var(--surface);
}

.tap:hover {
  background: var(--rim-soft);
}
</style>
