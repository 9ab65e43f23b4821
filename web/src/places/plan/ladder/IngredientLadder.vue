<script setup lang="ts">
import { resolve } from "@kettlos/core/simulate/set-pot";
import { BONE_WORDS } from "../../../words/bone-words";
import { WORK_WORDS } from "@kettlos/core/prepare/work-names";
import { amountSaid } from "@kettlos/core/ingredient/amount-said";
import { either, inWords } from "@kettlos/core/units/said";
import { useWords } from "../../../data/use-words";
import { ingredientById } from "@kettlos/core/ingredient/catalogue";
import type { Amount } from "@kettlos/core/ingredient/read-amount";
import type { Ingredient } from "@kettlos/core/ingredient/ingredient";
import { countWords as countedWords } from "@kettlos/core/ingredient/word-forms";
import type { OwnIngredient } from "@kettlos/core/ingredient/own-ingredient";
import { nameOf } from "@kettlos/core/simulate/item-facts";
import type { PlanItem } from "@kettlos/core/simulate/plan-schema";
import { showDuration, showLength } from "@kettlos/core/units/show";
import { containersFor, lotNeed } from "@kettlos/core/larder/draws";
import { PLACE_WORDS } from "@kettlos/core/larder/larder-words";
import { stockNeeds } from "@kettlos/core/dish/linked";
import type { Verdict } from "@kettlos/core/dish/verdicts";
import { computed, useTemplateRef } from "vue";
import EditPopover from "../../../controls/EditPopover.vue";
import IngredientLine from "../../../controls/IngredientLine.vue";
import { useOpened } from "../../../controls/use-opened";
import ItemEditor from "./ItemEditor.vue";
import { yieldOf } from "../../../data/stock-yields";
import { useLarderStore } from "../../../data/larder-store";
import { usePotsStore } from "../../../data/pots-store";
import { useDragOrder } from "../../../controls/use-drag-order";
import { laddered, movedTo, stepped } from "./ladder-order";
import { newItem } from "../../../data/new-item";
import { stretchNames } from "../simmer/stretch-names";
import { countWords } from "../../../words/held-words";
import { drawing, useOffers } from "./use-offers";
import { whenWords } from "../../../words/when-words";
import { useThePlan } from "../the-plan";

/** What goes in, as a ladder by time; a line is typed as it would be said. */
const emit = defineEmits<{
  add: [PlanItem];
  order: [readonly PlanItem[]];
  change: [id: string, part: Partial<PlanItem>];
  remove: [id: string];
  scale: [id: string, massKg: number];
}>();
const { plan, plans, kitchen, answers, units, one } = useThePlan();
const holdMin = computed(() => answers.value.trace.holdMin);
const words = useWords();

const { key, anchor, toggle, shut } = useOpened();
const openItem = computed(() => plan.value.items.find((i) => i.id === key.value) ?? null);
const items = computed(() => plan.value.items);
/** With many rungs they stand closer, so that all stay in sight. */
const isDense = computed(() => items.value.length > 9);
const BAD: ReadonlySet<Verdict["state"]> = new Set(["notDone", "overdone", "spoilt"]);
const WORDS: Partial<Record<Verdict["state"], string>> = {
  notDone: "not done",
  overdone: "overdone",
  spoilt: "spoilt",
};
const larderStore = useLarderStore();
const pots = usePotsStore();
/** How far a joint stands out of the liquid. */
const jointWords = (id: string) => {
  const out = answers.value.dish.joints.find((j) => j.itemId === id)?.fit.standsOutM ?? 0;
  return out < 0.005 ? "" : `stands ${showLength(out, one.value)} out`;
};
/** Stocks that other plans make, short of what this one takes. */
const shortStocks = computed(() => {
  const linked = new Set(items.value.map((i) => i.fromPlanId).filter((id) => id !== undefined));
  const yields = plans.value
    .filter((p) => linked.has(p.id))
    .flatMap((p) => {
      const outcome = yieldOf(resolve(p, kitchen.value));
      return outcome.ok ? [outcome.value] : [];
    });
  return new Map(
    stockNeeds(plan.value, yields)
      .filter((n) => n.state === "short")
      .map((n) => [n.stock.planId, words(n.text)]),
  );
});
/** What draws on a lot of the larder that has not got so much. */
const shortLots = computed(
  () =>
    new Set(
      items.value
        .filter((i) => i.fromLotId !== undefined && larderStore.isLoaded)
        .filter((i) => lotNeed(i, larderStore.larder, pots.nowMs)?.isEnough !== true)
        .map((i) => i.id),
    ),
);
const { offersFor } = useOffers();
/** Of a liquid that nobody said where it is from: what the larder has enough of, if its salt fits. */
function offerFor(item: PlanItem): Offer | null {
  const isOpen = item.fromLotId === undefined && item.fromPlanId === undefined;
  if (!isOpen || ingredientById(item.ingredientId).group !== "liquid") return null;
  const best = offersFor(item).find((o) => o.isEnough && o.salt === "fits");
  if (best === undefined) return null;
  const { lot, place } = best.holding;
  const containers = countWords(lot.container.kind, containersFor(lot, item.massKg));
  return {
    change: drawing(item, best.holding),
    text: `${lot.name} from the ${PLACE_WORDS[place]}, ${containers}`,
  };
}
interface Offer {
  readonly text: string;
  readonly change: Partial<PlanItem>;
}
const badOf = (id: string) =>
  answers.value.dish.verdicts.find((v) => v.itemId === id && BAD.has(v.state));
const momentOf = (when: PlanItem["when"]) => whenWords(when, items.value, stretchNames(plan.value));
const rungs = computed(() => {
  const sorted = laddered(items.value, holdMin.value);
  return sorted.map((item, i) => ({
    item,
    name: nameOf(item),
    bad: badOf(item.id),
    offer: offerFor(item),
    opens: i === 0 || momentOf(sorted[i - 1]?.when ?? item.when) !== momentOf(item.when),
  }));
});
const list = useTemplateRef<HTMLElement>("list");
useDragOrder(list, ".grip", (from, to) => {
  const id = rungs.value[from]?.item.id;
  if (id !== undefined) emit("order", movedTo(items.value, holdMin.value, id, to));
});
const step = (id: string, by: -1 | 1) => emit("order", stepped(items.value, holdMin.value, id, by));
const metric = computed(() => units.value !== "us");
const us = computed(() => units.value !== "metric");
const clockOf = ({ when }: PlanItem) =>
  when.at === "start"
    ? "0 h"
    : when.at === "beforeEnd"
      ? showDuration(Math.max(0, holdMin.value - when.min))
      : when.at === "offHeat"
        ? showDuration(holdMin.value)
        : "";
const workWords = (item: PlanItem) => item.work.map((w) => WORK_WORDS[w.kind]).join(", ");
const amountOf = (item: PlanItem, system: "metric" | "us") =>
  inWords(amountSaid(ingredientById(item.ingredientId), item), system);
/** How many of it, where its amount does not say so already. */
function countedBeside({ counted, ...item }: PlanItem): string {
  if (counted === undefined) return "";
  const words = countedWords(counted.count, counted.word);
  return !metric.value && amountOf({ ...item, counted }, "us") === words ? "" : words;
}
const prepOf = (item: PlanItem) =>
  [
    countedBeside(item),
    jointWords(item.id),
    item.frozen && item.fromLotId === undefined ? "frozen" : "",
    item.hotC === undefined ? "" : "hot",
    item.preparation ||
      [item.boneState === "raw" ? "" : BONE_WORDS[item.boneState], workWords(item)]
        .filter(Boolean)
        .join(", "),
    item.out === undefined ? "" : item.out.isBack ? "out and back" : "comes out",
    item.fromLotId === undefined ? "" : `from the ${item.frozen ? "freezer" : "larder"}`,
    item.fromPlanId === undefined
      ? ""
      : `from ${plans.value.find((p) => p.id === item.fromPlanId)?.name.toLowerCase() ?? "another pot"}`,
  ]
    .filter(Boolean)
    .join(", ");

const put = (ingredient: Ingredient, { massKg, counted }: Amount, own: OwnIngredient | null) =>
  emit("add", newItem(ingredient, massKg, plan.value.end, counted, own));
</script>

<template>
  <section class="ladder" aria-label="What goes in">
    <ol ref="list" :class="{ dense: isDense }">
      <li v-for="rung in rungs" :key="rung.item.id" :class="{ opens: rung.opens }">
        <span class="when">
          <template v-if="rung.opens">
            <strong>{{ momentOf(rung.item.when) }}</strong>
            <span>{{ clockOf(rung.item) }}</span>
          </template>
        </span>
        <button
          type="button"
          class="rung"
          :aria-label="`Change ${rung.name}`"
          :aria-expanded="key === rung.item.id"
          aria-keyshortcuts="Alt+ArrowUp Alt+ArrowDown"
          @click="toggle(rung.item.id, $event)"
          @keydown.alt.up.prevent="step(rung.item.id, -1)"
          @keydown.alt.down.prevent="step(rung.item.id, 1)"
        >
          <span class="grip" aria-hidden="true" title="Drag, or Alt and an arrow key" @click.stop />
          <strong>{{ rung.name }}</strong>
          <b class="figure">{{ amountOf(rung.item, metric ? "metric" : "us") }}</b>
          <span class="quiet us">{{ metric && us ? amountOf(rung.item, "us") : "" }}</span>
          <span v-if="rung.bad" class="ember prep" :title="words(rung.bad.text)"
            >⚠ {{ WORDS[rung.bad.state] }}</span
          >
          <span
            v-else-if="shortStocks.has(rung.item.fromPlanId ?? '')"
            class="ember prep"
            :title="shortStocks.get(rung.item.fromPlanId ?? '')"
            >⚠ stock falls short</span
          >
          <span v-else-if="shortLots.has(rung.item.id)" class="ember prep"
            >⚠ not enough in the larder</span
          >
          <span v-else class="quiet prep">{{ prepOf(rung.item) }}</span>
        </button>
        <button
          v-if="rung.offer !== null"
          type="button"
          class="link offer"
          @click="emit('change', rung.item.id, rung.offer.change)"
        >
          Take {{ rung.offer.text }}
        </button>
      </li>
    </ol>
    <EditPopover
      v-if="anchor !== null && openItem !== null"
      :key="openItem.id"
      :anchor="anchor"
      :width="460"
      :label="`Change ${nameOf(openItem)}`"
      @shut="shut"
    >
      <ItemEditor
        :item="openItem"
        :verdict="badOf(openItem.id) ?? null"
        @change="emit('change', openItem.id, $event)"
        @remove="emit('remove', openItem.id)"
        @scale="emit('scale', openItem.id, $event)"
      />
    </EditPopover>
    <div class="add">
      <IngredientLine
        takes-own
        label="Put something in"
        :placeholder="
          items.length === 0
            ? words([either('2.5 kg lamb neck', '5 lb lamb neck')])
            : 'and 2 medium onions'
        "
        @put="put"
      />
    </div>
    <p v-if="items.length === 0" class="quiet small">
      Type what goes in as you would say it: a weight or a count, then the name.
    </p>
  </section>
</template>

<style scoped>
section {
  --when: 150px;
  --ladder: 26px;
}

li {
  display: grid;
  grid-template-columns: var(--when) minmax(0, 1fr);
  align-items: center;
}

li.opens {
  border-top: 1px solid var(--hair);
}

.when {
  display: flex;
  gap: var(--space-4);
  justify-content: space-between;
  padding-right: var(--space-5);
  font-size: var(--size-small);
}

.rung {
  position: relative;
  display: grid;
  grid-template-columns: minmax(128px, 1.2fr) 66px 82px minmax(90px, 1.2fr);
  gap: var(--space-4);
  align-items: baseline;
  min-height: 32px;
  width: 100%;
  padding: 0 0 0 var(--ladder);
  border: 0;
  background: repeating-linear-gradient(180deg, var(--tick) 0 1px, transparent 1px 25%) left / 8px
    100% no-repeat;
  font-size: var(--size-body);
  text-align: left;
}

.dense .rung {
  min-height: 25px;
  font-size: var(--size-small);
  line-height: 18px;
}

.dense .when {
  line-height: 18px;
}

.offer {
  grid-column: 2;
  justify-self: start;
  padding-left: var(--ladder);
  text-align: left;
}

.grip {
  position: absolute;
  top: 0;
  bottom: 0;
  left: 10px;
  width: 14px;
  background: radial-gradient(circle, var(--tick) 1.2px, transparent 1.6px) 1px 50% / 6px 6px;
  background-clip: content-box;
  cursor: grab;
  opacity: 0;
}

.rung:hover .grip,
.rung:focus-visible .grip {
  opacity: 1;
}

.rung:hover {
  background-color: var(--rim-soft);
}

.rung strong {
  font-weight: 650;
  overflow-wrap: anywhere;
}

.rung b {
  text-align: right;
}

.us {
  font-size: var(--size-small);
  white-space: nowrap;
}

.prep {
  font-size: var(--size-small);
  line-height: 17px;
  overflow-wrap: anywhere;
}

@media (pointer: coarse) {
  .rung,
  .dense .rung {
    min-height: 44px;
  }

  .grip {
    opacity: 1;
  }
}

.add {
  padding: var(--space-2) 0 var(--space-1) calc(var(--when) + var(--ladder));
  border-top: 1px solid var(--hair);
}

.small {
  padding-left: calc(var(--when) + var(--ladder));
}

@media (width <= 700px) {
  li {
    grid-template-columns: 1fr;
  }

  .when {
    justify-content: flex-start;
    padding-top: var(--space-3);
  }

  .offer {
    grid-column: 1;
  }

  .rung,
  .dense .rung {
    grid-template-columns: 1fr auto;
    min-height: 44px;
    padding-left: var(--ladder);
  }

  .us {
    display: none;
  }

  .prep {
    grid-column: 1 / -1;
    padding-bottom: var(--space-3);
  }

  .prep:empty {
    display: none;
  }

  .add,
  .small {
    padding-left: 0;
  }
}
</style>
