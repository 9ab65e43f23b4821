<script setup lang="ts">
import { shelfCautions } from "@kettlos/core/larder/larder-cautions";
import { lastLarderEvent, leftOf } from "@kettlos/core/larder/larder";
import type { LarderEvent } from "@kettlos/core/larder/larder-schema";
import { LARDER_KINDS, LARDER_KIND_WORDS } from "@kettlos/core/larder/larder-words";
import { showVolume } from "@kettlos/core/units/show";
import { computed, ref, shallowRef, useTemplateRef } from "vue";
import { useRoute } from "vue-router";
import CautionList from "../../controls/CautionList.vue";
import UndoBar from "../../controls/UndoBar.vue";
import { useRows } from "../../controls/use-rows";
import TickChoice from "../../controls/TickChoice.vue";
import { useKitchenStore } from "../../data/kitchen-store";
import { appendLarder, undoLarder } from "../../data/larder-log";
import { useLarderStore } from "../../data/larder-store";
import { usePotsStore } from "../../data/pots-store";
import { useInTurn } from "../../frame/in-turn";
import { useShortcuts } from "../../frame/shortcuts";
import DailyUses from "./DailyUses.vue";
import FreezerRoom from "../../controls/FreezerRoom.vue";
import HeldPanel from "./HeldPanel.vue";
import PutInDialog from "./PutInDialog.vue";
import UseFirst from "../../controls/UseFirst.vue";
import TakenLately from "./TakenLately.vue";
import ShelfItem from "./ShelfItem.vue";
import { keyOf } from "../../words/held-words";
import { larderWords } from "./larder-words";
import PieceBoundary from "../../frame/PieceBoundary.vue";

/** The shelves: what is there by kind, what is due first standing first. */
const kitchenStore = useKitchenStore();
const larderStore = useLarderStore();
const pots = usePotsStore();
const route = useRoute();
const units = computed(() => kitchenStore.units);
const one = computed(() => (units.value === "us" ? "us" : "metric"));
const WHERE = [
  { value: "all", label: "everything" },
  { value: "fridge", label: "fridge" },
  { value: "freezer", label: "freezer" },
] as const;
const where = ref<(typeof WHERE)[number]["value"]>("all");
const holdings = computed(() =>
  larderStore.larder.holdings.filter((h) => where.value === "all" || h.place === where.value),
);
const most = useRows(useTemplateRef<HTMLElement>("end"), {
  atOnce: 48,
  all: () => holdings.value.length,
  anew: [where],
});
/** A shelf's length with each task, so that a slow device can be touched in between; what stands below comes after them. */
const ROWS_A_TURN = 12;
const TURNS = 4;
const turn = useInTurn(TURNS, () => larderStore.isLoaded);
const isDrawn = computed(() => turn.value === TURNS || most.value === Infinity);
const shelves = computed(() => {
  let left = isDrawn.value ? most.value : Math.min(most.value, ROWS_A_TURN * (turn.value + 1));
  return LARDER_KINDS.flatMap((kind) => {
    const all = holdings.value.filter((h) => h.lot.kind === kind);
    const held = all.slice(0, Math.max(0, left));
    left -= held.length;
    return held.length === 0 ? [] : [{ kind, name: LARDER_KIND_WORDS[kind], held }];
  });
});
const open = computed(
  () => larderStore.larder.holdings.find((h) => keyOf(h) === route.params["held"]) ?? null,
);
const spokenOf = (lotId: string) =>
  Math.min(
    leftOf(larderStore.larder, lotId),
    larderStore.spoken.filter((s) => s.lotId === lotId).reduce((sum, s) => sum + s.count, 0),
  );
const cautions = computed(() => shelfCautions(holdings.value.map((h) => h.lot.container.kind)));
const isPuttingIn = ref(false);
/** What was taken back here, to be done again. */
const undone = shallowRef<readonly LarderEvent[]>([]);
const wordsOf = (event: LarderEvent | null | undefined) =>
  event === null || event === undefined ? null : larderWords(event, larderStore.lots);
const undoes = computed(() => wordsOf(lastLarderEvent(larderStore.events)));
const redoes = computed(() => wordsOf(undone.value.at(-1)));
async function undo() {
  const event = await undoLarder();
  if (event !== null) undone.value = [...undone.value, event];
}
async function redo() {
  const event = undone.value.at(-1);
  if (event === undefined) return;
  undone.value = undone.value.slice(0, -1);
  const { id: _id, atMs: _atMs, schemaVersion: _version, ...body } = event;
  await appendLarder(body);
}
useShortcuts(() => [
  { keys: "n", does: "Put something in", run: () => (isPuttingIn.value = true) },
  { keys: "u", does: "Undo the last entry in the larder", run: () => void undo() },
]);
</script>

<template>
  <div class="place larder" :class="{ 'has-open': open !== null }">
    <section class="shelves">
      <header>
        <h1>
          <template v-if="larderStore.stockL > 0.01"
            ><span class="result">{{ showVolume(larderStore.stockL, units) }}</span> of
            stock</template
          ><template v-else>The larder</template>
        </h1>
        <p class="beside">
          <button type="button" class="button" @click="isPuttingIn = true">
            Put something in <kbd>N</kbd>
          </button>
          <UndoBar :undoes="undoes" :redoes="redoes" @undo="undo" @redo="redo" />
        </p>
      </header>
      <UseFirst />
      <TickChoice v-model="where" label="Where" :options="WHERE" />
      <section v-for="shelf in shelves" :key="shelf.kind" :aria-label="shelf.name">
        <h2 class="kind">{{ shelf.name }}</h2>
        <ul class="shelf">
          <li v-for="h in shelf.held" :key="keyOf(h)">
            <PieceBoundary :what="h.lot.name" :of="h">
              <ShelfItem
                :holding="h"
                :spoken-count="spokenOf(h.lot.id)"
                :is-open="open !== null && keyOf(open) === keyOf(h)"
                :units="units"
                :now-ms="pots.nowMs"
              />
            </PieceBoundary>
          </li>
        </ul>
      </section>
      <div ref="end" />
      <p v-if="!larderStore.isLoaded" role="status" class="quiet">Reading the larder …</p>
      <div v-else-if="shelves.length === 0" class="empty">
        <h2>{{ where === "all" ? "Nothing on the shelves" : `Nothing in the ${where}` }}</h2>
        <p>
          When a pot is strained and cold it is portioned, and stands here until another pot draws
          on it. Bones, trimmings and fat that wait for a pot are put in by hand.
        </p>
      </div>
      <template v-if="isDrawn">
        <DailyUses :units="units" />
        <TakenLately />
        <FreezerRoom :units="one" />
        <CautionList v-if="shelves.length > 0" :cautions="cautions" />
      </template>
    </section>
    <HeldPanel v-if="open !== null" :key="keyOf(open)" :holding="open" :units="units" />
    <PutInDialog v-model="isPuttingIn" :units="units" />
  </div>
</template>

<style scoped>
.larder {
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: var(--space-7) var(--space-9);
}

.larder.has-open {
  grid-template-columns: minmax(0, 1fr) 380px;
}

header {
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-4) var(--space-7);
  align-items: center;
  justify-content: space-between;
}

.shelves {
  display: grid;
  gap: var(--space-6);
  align-content: start;
}

.kind::first-letter {
  text-transform: uppercase;
}

.shelf {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(188px, 1fr));
  gap: var(--space-4) 0;
}

/* The board that everything of a row stands on. */
.shelf li {
  background: linear-gradient(var(--rim), var(--rim)) 0 60px / 100% 5px no-repeat;
}

/* On paper it is the list of what is there. */
@media print {
  .shelves :deep(.button),
  .shelves :deep(.link),
  .shelves :deep(.undo),
  .shelves :deep(fieldset),
  .shelves :deep(details) {
    display: none;
  }

  .shelf li {
    break-inside: avoid;
  }
}

@media (width <= 900px) {
  .larder.has-open {
    grid-template-columns: minmax(0, 1fr);
  }

  .has-open .shelves {
    display: none;
  }

  .shelf {
    grid-template-columns: repeat(auto-fill, minmax(160px, 1fr));
  }
}
</style>
