<script setup lang="ts">
import { goesInAfter } from "@kettlos/core/dish/eaten";
import { ingredientById } from "@kettlos/core/ingredient/catalogue";
import { isStaged } from "@kettlos/core/simulate/moves";
import type { PlanItem } from "@kettlos/core/simulate/plan-schema";
import { showMass, type UnitSystem } from "@kettlos/core/units/show";
import { computed } from "vue";
import type { Ingredient } from "@kettlos/core/ingredient/ingredient";
import type { Amount } from "@kettlos/core/ingredient/read-amount";
import EditPopover from "../../controls/EditPopover.vue";
import IngredientLine from "../../controls/IngredientLine.vue";
import { useOpened } from "../../controls/use-opened";
import { newItem } from "../plan/new-item";
import SwapList from "../plan/SwapList.vue";
import type { LivePot } from "../../data/pots-store";

/** What still lies on the counter, and what is in the pot. A tap puts something in now. */
const props = defineProps<{ pot: LivePot; units: UnitSystem }>();
const emit = defineEmits<{
  add: [{ itemId: string; massKg: number }];
  swap: [{ itemId: string; ingredientId: string; massKg: number }];
  extra: [PlanItem];
}>();
const { key, anchor, toggle, shut } = useOpened();
const openItem = computed(() => items.value.find((i) => i.id === key.value) ?? null);
function swap(part: Partial<PlanItem>) {
  const { ingredientId, massKg } = part;
  const item = openItem.value;
  shut();
  if (item !== null && ingredientId !== undefined && massKg !== undefined)
    emit("swap", { itemId: item.id, ingredientId, massKg });
}
/** What nobody planned goes in when it is put in; before the flame, with the rest. */
const putExtra = (ingredient: Ingredient, { massKg, counted }: Amount) =>
  emit("extra", {
    ...newItem(ingredient, massKg, props.pot.batch.plan.end, counted),
    when: isLit.value ? { at: "after", min: 0 } : { at: "start" },
  });
const isOff = computed(() => props.pot.cook.offMs !== null);

const items = computed(() => props.pot.batch.plan.items.filter((i) => !goesInAfter(i)));
const isLit = computed(() => props.pot.cook.litMs !== null);
const isIn = (item: PlanItem) =>
  item.when.at === "start"
    ? isLit.value
    : item.when.at === "offHeat"
      ? props.pot.cook.offMs !== null
      : props.pot.cook.addedItems.has(item.id);
const counter = computed(() => items.value.filter((i) => !isIn(i)));
const inPot = computed(() => items.value.filter(isIn));
const nameOf = (item: PlanItem) => ingredientById(item.ingredientId).name;
const amountOf = (item: PlanItem) =>
  showMass(
    props.pot.cook.addedItems.get(item.id)?.massKg ?? item.massKg,
    props.units === "us" ? "us" : "metric",
  );
</script>

<template>
  <h2>On the counter</h2>
  <ul>
    <li v-for="item in counter" :key="item.id">
      <button
        v-if="isLit && isStaged(item)"
        type="button"
        class="tap"
        :aria-label="`${nameOf(item)} is in now`"
        @click="emit('add', { itemId: item.id, massKg: item.massKg })"
      >
        <svg viewBox="0 0 30 30" width="30" height="30" aria-hidden="true">
          <path d="M15 2v9m-4-4 4 4 4-4" class="arrow" />
          <path d="M5 16v7q0 4 4 4h12q4 0 4-4v-7" class="body" />
          <path d="M2 15h26" class="rim" />
        </svg>
      </button>
      <span v-else class="tap" aria-hidden="true" />
      <span
        ><strong>{{ nameOf(item) }}</strong
        ><span v-if="item.preparation" class="quiet small">{{ item.preparation }}</span></span
      >
      <span class="right">
        <b class="figure">{{ amountOf(item) }}</b>
        <button
          v-if="!isOff"
          type="button"
          class="link small"
          :aria-label="`Something else instead of ${nameOf(item)}`"
          @click="toggle(item.id, $event)"
        >
          instead
        </button>
      </span>
    </li>
    <li v-if="counter.length === 0" class="quiet none">Nothing left: all is in.</li>
  </ul>
  <EditPopover
    v-if="anchor !== null && openItem !== null"
    :anchor="anchor"
    :width="420"
    :label="`Instead of ${nameOf(openItem)}`"
    @shut="shut"
  >
    <SwapList
      :item="openItem"
      :plan="pot.batch.plan"
      :kitchen="pot.batch.kitchen"
      :units="units"
      @change="swap"
    />
  </EditPopover>
  <div v-if="!isOff" class="more">
    <IngredientLine label="Put something else in" placeholder="and 100 g celery" @put="putExtra" />
  </div>
  <template v-if="inPot.length > 0">
    <h2>In the pot</h2>
    <ul>
      <li v-for="item in inPot" :key="item.id">
        <svg class="tick" viewBox="0 0 12 12" width="12" height="12" aria-label="in">
          <path d="M1 6l3.5 4L11 1" />
        </svg>
        <span>{{ nameOf(item) }}</span>
        <b class="figure">{{ amountOf(item) }}</b>
      </li>
    </ul>
  </template>
</template>

<style scoped>
h2 {
  padding-bottom: 4px;
}

ul + h2 {
  padding-top: 12px;
  border-top: 4px solid var(--ink);
}

ul {
  padding-bottom: 10px;
}

li {
  display: grid;
  grid-template-columns: max-content 1fr max-content;
  gap: 10px;
  align-items: center;
  min-height: 36px;
  border-bottom: 1px solid var(--hair);
}

li span span {
  display: block;
}

.right {
  display: grid;
  justify-items: end;
}

.more {
  padding: 4px 0 12px;
}

.none {
  display: block;
  padding: 6px 0;
}

.tap {
  display: grid;
  place-items: center;
  width: 44px;
  min-height: 44px;
  margin: 4px 0;
  border: 1.5px solid var(--rim);
  border-radius: 3px;
  background: var(--surface);
}

span.tap {
  width: 12px;
  border-color: transparent;
  background: none;
}

button.tap:hover {
  background: var(--rim-soft);
}

.arrow,
.body {
  fill: none;
  stroke: var(--rim);
  stroke-width: 2;
}

.rim {
  stroke: var(--rim-deep);
  stroke-width: 4;
  stroke-linecap: round;
}

.tick {
  fill: none;
  stroke: var(--herb);
  stroke-width: 2.2;
}
</style>
