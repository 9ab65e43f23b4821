<script setup lang="ts">
import { shortDateOf } from "@kettlos/core/units/moments";
import { lotNeed } from "@kettlos/core/larder/draws";
import { leftOf } from "@kettlos/core/larder/larder";
import type { Suiting } from "@kettlos/core/larder/suits-dish";
import type { PlanItem } from "@kettlos/core/simulate/plan-schema";
import { computed } from "vue";
import { useLarderStore } from "../../../data/larder-store";
import { usePotsStore } from "../../../data/pots-store";
import { allWords, eachWords, saltWords } from "../../../words/held-words";
import { cleared } from "../../../data/cleared";
import { useThePlan } from "../the-plan";
import { drawing, useOffers } from "./use-offers";

/** Takes an ingredient out of the larder: its salt and gelatin come along, and its containers are spoken for. */
const props = defineProps<{ item: PlanItem }>();
const { one } = useThePlan();
const { offersFor } = useOffers();
const emit = defineEmits<{ change: [Partial<PlanItem>] }>();
const larderStore = useLarderStore();
const pots = usePotsStore();

const offers = computed(() => offersFor(props.item));
const need = computed(() => lotNeed(props.item, larderStore.larder, pots.nowMs));
const isUnknown = computed(() => props.item.fromLotId !== undefined && need.value === null);
/** Nothing is gone that was only not read yet. */
const isGone = computed(() => isUnknown.value && larderStore.isLoaded);
const words = ({ holding: h, timesTaken, isEnough, salt }: Suiting, place: number) =>
  [
    `${h.lot.name}, ${shortDateOf(h.lot.madeMs)}`,
    allWords(h.lot, leftOf(larderStore.larder, h.lot.id), one.value),
    saltWords(h.lot, one.value),
    timesTaken > 0 ? `taken for it ${timesTaken === 1 ? "before" : `${timesTaken} times`}` : null,
    salt === "over" ? "as salty as the dish shall be" : null,
    salt === "notKnown" ? "its salt is not known" : null,
    isEnough ? null : "not enough of it",
    place === 0 && offers.value.length > 1 && isEnough && salt === "fits" ? "suits best" : null,
  ]
    .filter((w) => w !== null)
    .join(", ");

function take(event: Event) {
  const id = (event.target as HTMLSelectElement).value;
  const held = offers.value.find((o) => o.holding.lot.id === id)?.holding;
  if (held === undefined)
    return emit("change", { ...cleared("fromLotId", "label"), frozen: false });
  emit("change", drawing(props.item, held));
}
</script>

<template>
  <label v-if="offers.length > 0 || item.fromLotId !== undefined" class="link-from">
    <span class="quiet small">From the larder</span>
    <select class="written" :value="item.fromLotId ?? ''" @change="take">
      <option value="">not from there</option>
      <option v-for="(o, i) in offers" :key="o.holding.lot.id" :value="o.holding.lot.id">
        {{ words(o, i) }}
      </option>
      <option v-if="isUnknown" :value="item.fromLotId">
        {{ isGone ? "a lot that is not there any more" : "Reading the larder …" }}
      </option>
    </select>
  </label>
  <p v-if="need" class="small" :class="{ ember: !need.isEnough }" role="status">
    Takes {{ need.wantCount }} of {{ need.haveCount }}, {{ eachWords(need.lot, one) }} each<template
      v-if="need.overKg > 0.01"
      >; {{ allWords({ ...need.lot, eachKg: need.overKg }, 1, one) }} of what is opened stay
      over</template
    >.
    <template v-if="!need.isEnough"
      >Not enough is there: take less, or another lot beside it.</template
    >
    <template v-if="saltWords(need.lot, one)">
      {{ saltWords(need.lot, one) }}: it comes along.</template
    >
  </p>
  <p v-else-if="isGone" class="small ember" role="status">
    This lot is not in the larder any more: choose another.
  </p>
</template>

<style scoped>
.link-from {
  display: grid;
}
</style>
