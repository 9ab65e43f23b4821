<script setup lang="ts">
import { costedFor } from "../../words/held-words";
import { readNumber } from "@kettlos/core/units/read-number";
import { figure, plain } from "@kettlos/core/units/region";
import LarderRead from "../../controls/LarderRead.vue";
import UndoBar from "../../controls/UndoBar.vue";
import { priceFarOff } from "@kettlos/core/batch/far-off";
import { rawKg } from "@kettlos/core/larder/draws";
import { boughtKg, shoppingList, type ShoppingLine } from "@kettlos/core/dish/shopping";
import { useClipboard, useMediaQuery, useShare } from "@vueuse/core";
import { computed, ref } from "vue";
import { useRoute } from "vue-router";
import DoubtAsk from "../../controls/DoubtAsk.vue";
import { useDoubt } from "../../controls/use-doubt";
import { useRefused } from "../../controls/use-refused";
import { useBasket } from "../../data/basket";
import { useKitchenSteps } from "../../data/kitchen-steps";
import { useKitchenStore } from "../../data/kitchen-store";
import { useLarderStore } from "../../data/larder-store";
import { usePotsStore } from "../../data/pots-store";
import { save } from "../../data/save-file";
import { listCsv, listText } from "./list-formats";
import ShoppingRow from "./ShoppingRow.vue";

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
const forWhat = computed(() =>
  plans.value.length === 0
    ? "For which plans?"
    : `For ${plans.value.map((p) => p.name).join(", ")}`,
);
/** In the shop the list leads. */
const isForOpen = !useMediaQuery("(width <= 700px)").value || picked.value.size === 0;
const list = computed(() =>
  kitchen.value === null
    ? null
    : shoppingList(
        plans.value,
        kitchen.value,
        rawKg(larderStore.larder, larderStore.spoken, pots.nowMs),
      ),
);
/** Before the larder is read nobody takes a list away that lacks what lies there. */
const isWhole = computed(() => larderStore.isLoaded);
const counters = computed(() => {
  const byCounter = new Map<string, ShoppingLine[]>();
  for (const line of list.value?.lines ?? [])
    byCounter.set(line.counter, [...(byCounter.get(line.counter) ?? []), line]);
  return [...byCounter];
});
const money = (sum: number) => `${kitchen.value?.currency ?? ""} ${figure(sum, 2)}`;

function setHave(ingredientId: string, massKg: number | null) {
  const rest = kitchen.value?.onHand.filter((h) => h.ingredientId !== ingredientId) ?? [];
  void kitchenStore.change({
    onHand: massKg === null || massKg <= 0 ? rest : [...rest, { ingredientId, massKg }],
  });
}
const { basket, put, takeOut } = useBasket();
/** Where the list wants more than was taken, it is to be bought again. */
const isIn = (line: ShoppingLine): boolean =>
  line.buyKg > 0 && (basket.value.get(line.ingredientId) ?? 0) >= line.buyKg - 1e-6;
const tick = (line: ShoppingLine, isTaken: boolean) =>
  isTaken ? put(line.ingredientId, line.buyKg) : takeOut(line.ingredientId);
const basketLines = computed(() => (list.value?.lines ?? []).filter(isIn));
async function bringHome(): Promise<void> {
  const bought = new Map(basketLines.value.map((l) => [l.ingredientId, l.haveKg + boughtKg(l)]));
  const rest = kitchen.value?.onHand.filter((h) => !bought.has(h.ingredientId)) ?? [];
  await kitchenStore.change({
    onHand: [...rest, ...[...bought].map(([ingredientId, massKg]) => ({ ingredientId, massKg }))],
  });
  // What was taken for other plans stays in the basket.
  await takeOut(...bought.keys());
}
/** What a price is for: a kilogram, a pound. */
const priceKg = computed(() => costedFor({ isLiquid: false }, one.value).massKg);
const pricedBy = computed(() => costedFor({ isLiquid: false }, one.value).word);
const { refuse, clear, standsIn, refused } = useRefused();
function setPrice(ingredientId: string, text: string) {
  const rest = kitchen.value?.prices.filter((p) => p.ingredientId !== ingredientId) ?? [];
  const perKg = (readNumber(text)?.value ?? NaN) / priceKg.value;
  withdrawPrice();
  if (text.trim() === "") return void kitchenStore.change({ prices: rest });
  if (!(perKg <= 10_000))
    return refuse(ingredientId, text, `"${text}" is no price for a ${pricedBy.value}.`);
  refuse(ingredientId, text, "");
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
/** It stays as it was written, and is said not to be kept. */
function correctPrice() {
  withdraw();
  const asked = refused.value;
  if (asked !== null) refuse(asked.field, asked.written, `"${asked.written}" is not kept.`);
}
function withdrawPrice() {
  withdraw();
  clear();
}
function keepPrice() {
  const price = priced.value;
  if (price === null) return;
  const rest = kitchen.value?.prices.filter((p) => p.ingredientId !== price.ingredientId) ?? [];
  void kitchenStore.change({ prices: [...rest, price] }).then(() => {
    if (priced.value === price) clear();
  });
}
function priceOf(id: string): string {
  const perKg = kitchen.value?.prices.find((p) => p.ingredientId === id)?.perKg;
  return perKg === undefined ? "" : plain(Number((perKg * priceKg.value).toFixed(2)));
}

const { copy, copied, isSupported } = useClipboard();
const { share, isSupported: canShare } = useShare();
/** Thought better of, it is not sent. */
const send = () => share({ text: text.value }).catch(() => undefined);
const text = computed(() => (list.value === null ? "" : listText(list.value, one.value)));
const print = () => window.print();
</script>

<template>
  <div v-if="kitchen !== null && list !== null" class="place shopping">
    <header>
      <h1>Shopping list</h1>
      <p class="buttons">
        <button
          v-if="canShare"
          type="button"
          class="button primary"
          :disabled="!isWhole"
          @click="send"
        >
          Send it
        </button>
        <button
          v-if="isSupported"
          type="button"
          class="button"
          :disabled="!isWhole"
          @click="copy(text)"
        >
          {{ copied ? "Copied" : "Copy" }}
        </button>
        <button
          type="button"
          class="button"
          :disabled="!isWhole"
          @click="save('shopping.txt', text, 'text/plain')"
        >
          Text
        </button>
        <button
          type="button"
          class="button"
          :disabled="!isWhole"
          @click="save('shopping.csv', listCsv(list), 'text/csv')"
        >
          CSV
        </button>
        <button type="button" class="button" :disabled="!isWhole" @click="print">Print</button>
        <UndoBar
          :undoes="steps.undoes"
          :redoes="steps.redoes"
          @undo="steps.undo()"
          @redo="steps.redo()"
        />
      </p>
    </header>
    <details :open="isForOpen">
      <summary>{{ forWhat }} <LarderRead /></summary>
      <fieldset>
        <legend class="visually-hidden">For</legend>
        <label v-for="plan in kitchenStore.plans" :key="plan.id" class="check">
          <input type="checkbox" :checked="picked.has(plan.id)" @change="toggle(plan.id)" />{{
            plan.name
          }}
        </label>
      </fieldset>
    </details>
    <p v-if="list.lines.length === 0" class="empty quiet">
      Choose one or several plans, and what they need stands here: less what is in the house, by the
      counter it is bought at.
    </p>
    <p v-else class="heads quiet small" aria-hidden="true">
      <span>What</span><span>To buy</span><span>As it is sold</span><span>In the house</span
      ><span>Price of a {{ pricedBy }}</span
      ><span>Cost</span>
    </p>
    <section v-for="[counter, lines] in counters" :key="counter" :aria-label="counter">
      <h2>{{ counter }}</h2>
      <ul>
        <ShoppingRow
          v-for="line in lines"
          :key="line.ingredientId"
          :line="line"
          :units="one"
          :is-in="isIn(line)"
          :price="standsIn(line.ingredientId, priceOf(line.ingredientId))"
          :priced-by="pricedBy"
          :price-problem="refused?.field === line.ingredientId ? refused.why : ''"
          :money="money"
          @tick="tick(line, $event)"
          @have="setHave(line.ingredientId, $event)"
          @price="setPrice(line.ingredientId, $event)"
        />
      </ul>
    </section>
    <p v-if="basketLines.length > 0" class="home">
      <button type="button" class="button primary" @click="bringHome">
        {{
          basketLines.length === 1 ? "What is ticked is home" : `All ${basketLines.length} are home`
        }}
      </button>
      <span class="quiet small">What was bought counts as in the house from then on.</span>
    </p>
    <DoubtAsk :asked="asked" @yes="confirm(keepPrice)" @no="correctPrice" />
    <p v-if="list.cost > 0" class="sum">
      Together <b class="figure">{{ money(list.cost) }}</b>
      <span v-if="list.unpriced > 0" class="quiet">, {{ list.unpriced }} without a price</span>
    </p>
  </div>
</template>

<style scoped>
.shopping {
  --list: minmax(0, 1.4fr) 86px minmax(0, 1.2fr) 110px 110px 90px;

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

summary {
  min-height: 44px;
  align-content: center;
  cursor: pointer;
}

summary > span {
  margin-left: var(--space-5);
}

h2 {
  padding: var(--space-4) 0 var(--space-2);
  border-bottom: 4px solid var(--ink);
}

.heads {
  display: grid;
  grid-template-columns: var(--list);
  gap: 0 var(--space-6);
  padding-top: var(--space-5);
}

.heads > :nth-child(2),
.heads > :last-child {
  text-align: right;
}

.home {
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-4) var(--space-6);
  align-items: center;
  padding-top: var(--space-6);
}

.sum {
  padding-top: var(--space-5);
}

@media (width <= 700px) {
  .shopping {
    --list: minmax(0, 1fr) max-content;
  }

  .heads {
    display: none;
  }
}

@media print {
  .shopping {
    --list: minmax(0, 1.4fr) 86px minmax(0, 1.2fr) 90px;
  }

  .heads > :nth-child(4),
  .heads > :nth-child(5) {
    display: none;
  }

  .buttons,
  .home,
  details {
    display: none;
  }
}
</style>
