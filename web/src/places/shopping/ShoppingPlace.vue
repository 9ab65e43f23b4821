<script setup lang="ts">
import { costedFor } from "../../words/held-words";
import { figure, plain } from "@kettlos/core/units/region";
import { vTyped } from "../../controls/v-typed";
import UndoBar from "../../controls/UndoBar.vue";
import { priceFarOff } from "@kettlos/core/batch/far-off";
import { rawKg } from "@kettlos/core/larder/draws";
import { shoppingList, type ShoppingLine } from "@kettlos/core/dish/shopping";
import { showMass, showVolume } from "@kettlos/core/units/show";
import { useClipboard } from "@vueuse/core";
import { computed, ref } from "vue";
import { useRoute } from "vue-router";
import DoubtAsk from "../../controls/DoubtAsk.vue";
import UnitField from "../../controls/UnitField.vue";
import { useDoubt } from "../../controls/use-doubt";
import { useKitchenSteps } from "../../data/kitchen-steps";
import { useKitchenStore } from "../../data/kitchen-store";
import { useLarderStore } from "../../data/larder-store";
import { usePotsStore } from "../../data/pots-store";
import { save } from "../../data/save-file";
import { listCsv, listText } from "./list-formats";

/** What to buy for one or several plans, less what is in the house, in the packs it is sold in. */
const kitchenStore = useKitchenStore();
const steps = useKitchenSteps();
const larderStore = useLarderStore();
const pots = usePotsStore();
const route = useRoute();
const kitchen = computed(() => kitchenStore.kitchen);
const one = computed(() => (kitchenStore.units === "us" ? "us" : "metric"));

const given = route.query["plan"];
const chosen = ref<ReadonlySet<string> | null>(typeof given === "string" ? new Set([given]) : null);
/** Without a choice: everything that has a time to be ready by. */
const picked = computed(
  () =>
    chosen.value ?? new Set(kitchenStore.plans.filter((p) => p.readyAt !== null).map((p) => p.id)),
);
function toggle(id: string) {
  const next = new Set(picked.value);
  if (!next.delete(id)) next.add(id);
  chosen.value = next;
}
const plans = computed(() => kitchenStore.plans.filter((p) => picked.value.has(p.id)));
const list = computed(() =>
  kitchen.value === null
    ? null
    : shoppingList(
        plans.value,
        kitchen.value,
        rawKg(larderStore.larder, larderStore.spoken, pots.nowMs),
      ),
);
const counters = computed(() => {
  const byCounter = new Map<string, ShoppingLine[]>();
  for (const line of list.value?.lines ?? [])
    byCounter.set(line.counter, [...(byCounter.get(line.counter) ?? []), line]);
  return [...byCounter];
});
const amount = (line: Pick<ShoppingLine, "isLiquid">, kg: number) =>
  line.isLiquid ? showVolume(kg, one.value) : showMass(kg, one.value);
const packWords = (line: ShoppingLine) =>
  line.packs === null
    ? ""
    : `${line.packs.count} × ${amount(line, line.packs.packKg)}${line.packs.overKg > 0.001 ? `, ${amount(line, line.packs.overKg)} over` : ""}`;
const money = (sum: number) => `${kitchen.value?.currency ?? ""} ${figure(sum, 2)}`;

function setHave(ingredientId: string, massKg: number | null) {
  const rest = kitchen.value?.onHand.filter((h) => h.ingredientId !== ingredientId) ?? [];
  void kitchenStore.change({
    onHand: massKg === null || massKg <= 0 ? rest : [...rest, { ingredientId, massKg }],
  });
}
/** What a price is for: a kilogram, a pound. */
const priceKg = computed(() => costedFor({ isLiquid: false }, one.value).massKg);
const pricedBy = computed(() => costedFor({ isLiquid: false }, one.value).word);
const priceProblem = ref("");
function setPrice(ingredientId: string, text: string) {
  const rest = kitchen.value?.prices.filter((p) => p.ingredientId !== ingredientId) ?? [];
  const perKg = Number(text.replace(",", ".")) / priceKg.value;
  if (text.trim() === "") return void kitchenStore.change({ prices: rest });
  if (!Number.isFinite(perKg) || perKg < 0 || perKg > 10_000)
    return void (priceProblem.value = `"${text}" is no price for a ${pricedBy.value}.`);
  priceProblem.value = "";
  priced.value = { ingredientId, perKg };
  guard(keepPrice);
}
/** The price that was typed last: one that no other of this kitchen is near to is asked about. */
const priced = ref<{ ingredientId: string; perKg: number } | null>(null);
const { asked, guard, confirm, withdraw } = useDoubt(() => {
  if (priced.value === null) return null;
  const { ingredientId, perKg } = priced.value;
  const others = (kitchen.value?.prices ?? []).filter((p) => p.ingredientId !== ingredientId);
  const far = priceFarOff(
    perKg,
    others.map((p) => p.perKg),
  );
  return far === null
    ? null
    : `${money(perKg * priceKg.value)} a ${pricedBy.value}, where most here cost about ${money(far.reckoned.expected * priceKg.value)}: is it really so?`;
});
function keepPrice() {
  const price = priced.value;
  if (price === null) return;
  const rest = kitchen.value?.prices.filter((p) => p.ingredientId !== price.ingredientId) ?? [];
  void kitchenStore.change({ prices: [...rest, price] });
}
function priceOf(id: string): string {
  const perKg = kitchen.value?.prices.find((p) => p.ingredientId === id)?.perKg;
  return perKg === undefined ? "" : plain(Number((perKg * priceKg.value).toFixed(2)));
}

const { copy, copied, isSupported } = useClipboard();
const text = computed(() => (list.value === null ? "" : listText(list.value, one.value)));
const print = () => window.print();
</script>

<template>
  <div v-if="kitchen !== null && list !== null" class="place shopping">
    <header>
      <h1>Shopping list</h1>
      <p class="buttons">
        <button v-if="isSupported" type="button" class="button" @click="copy(text)">
          {{ copied ? "Copied" : "Copy" }}
        </button>
        <button type="button" class="button" @click="save('shopping.txt', text, 'text/plain')">
          Text
        </button>
        <button
          type="button"
          class="button"
          @click="save('shopping.csv', listCsv(list), 'text/csv')"
        >
          CSV
        </button>
        <button type="button" class="button" @click="print">Print</button>
        <UndoBar
          :undoes="steps.undoes"
          :redoes="steps.redoes"
          @undo="steps.undo()"
          @redo="steps.redo()"
        />
      </p>
    </header>
    <fieldset>
      <legend>For</legend>
      <label v-for="plan in kitchenStore.plans" :key="plan.id" class="check">
        <input type="checkbox" :checked="picked.has(plan.id)" @change="toggle(plan.id)" />{{
          plan.name
        }}
      </label>
    </fieldset>
    <p v-if="list.lines.length === 0" class="empty quiet">
      Choose one or several plans, and what they need stands here: less what is in the house, by the
      counter it is bought at.
    </p>
    <section v-for="[counter, lines] in counters" :key="counter" :aria-label="counter">
      <h2>{{ counter }}</h2>
      <ul>
        <li v-for="line in lines" :key="line.ingredientId" :class="{ enough: line.buyKg <= 0 }">
          <span>
            <strong>{{ line.name }}</strong>
            <span v-if="line.how.length > 0" class="quiet small">{{ line.how.join("; ") }}</span>
            <span v-if="line.larderKg > 0" class="quiet small">
              {{ amount(line, line.larderKg) }} in the larder</span
            >
          </span>
          <b class="figure">{{ line.buyKg > 0 ? amount(line, line.buyKg) : "enough" }}</b>
          <span class="quiet small">{{ packWords(line) }}</span>
          <UnitField
            :label="`${line.name} in the house`"
            hide-label
            little
            dimension="mass"
            :units="one"
            :min="0"
            :max="500"
            placeholder="none here"
            :model-value="line.haveKg > 0 ? line.haveKg : null"
            @update:model-value="setHave(line.ingredientId, $event)"
          />
          <input
            v-typed="priceOf(line.ingredientId)"
            class="written price"
            inputmode="decimal"
            :aria-label="`Price of a ${pricedBy} of ${line.name}`"
            :placeholder="one === 'us' ? 'price / lb' : 'price / kg'"
            @change="setPrice(line.ingredientId, ($event.target as HTMLInputElement).value)"
          />
          <span class="cost figure">{{
            line.cost === null || line.buyKg <= 0 ? "" : money(line.cost)
          }}</span>
        </li>
      </ul>
    </section>
    <DoubtAsk :asked="asked" @yes="confirm(keepPrice)" @no="withdraw" />
    <p v-if="priceProblem" class="ember small" role="alert">{{ priceProblem }}</p>
    <p v-if="list.cost > 0" class="sum">
      Together <b class="figure">{{ money(list.cost) }}</b>
      <span v-if="list.unpriced > 0" class="quiet">, {{ list.unpriced }} without a price</span>
    </p>
  </div>
</template>

<style scoped>
.shopping {
  max-width: 1080px;
}

header {
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-5);
  align-items: center;
  justify-content: space-between;
}

.buttons {
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-4);
}

fieldset {
  display: flex;
  flex-wrap: wrap;
  gap: 0 var(--space-6);
  margin: 0;
  padding: var(--space-2) 0 var(--space-4);
  border: 0;
}

legend {
  padding: 0;
  color: var(--quiet);
  font-size: var(--size-small);
}

h2 {
  padding: var(--space-4) 0 var(--space-2);
  border-bottom: 4px solid var(--ink);
}

li {
  display: grid;
  grid-template-columns: minmax(0, 1.4fr) 86px minmax(0, 1.2fr) 110px 92px 90px;
  gap: 0 var(--space-6);
  align-items: center;
  min-height: 48px;
  border-bottom: 1px solid var(--hair);
}

li > span:first-child span {
  display: block;
}

li b,
.cost {
  text-align: right;
}

.price {
  width: 92px;
  text-align: right;
}

.enough strong,
.enough b {
  color: var(--herb);
}

.sum {
  padding-top: var(--space-5);
}

@media (width <= 700px) {
  li {
    grid-template-columns: minmax(0, 1fr) max-content;
    padding: var(--space-3) 0;
  }
}

@media print {
  .buttons,
  fieldset,
  .quantity,
  .price {
    display: none;
  }
}
</style>
