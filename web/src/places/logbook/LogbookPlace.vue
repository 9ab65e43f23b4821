<script setup lang="ts">
import { monthKeyOf } from "@kettlos/core/logbook/month-ruler";
import { dayOf, monthOf } from "@kettlos/core/units/moments";
import { MINUTE_MS } from "@kettlos/core/units/time";
import { useRows } from "../../controls/use-rows";
import { computed, ref, useTemplateRef, watch } from "vue";
import { useRoute } from "vue-router";
import TickChoice from "../../controls/TickChoice.vue";
import UnderwayBar from "../../controls/UnderwayBar.vue";
import { useUnderway } from "../../data/use-file-reading";
import { useKitchenStore } from "../../data/kitchen-store";
import { usePotsStore } from "../../data/pots-store";
import { useRoutePot } from "../../data/use-pot";
import BatchCourse from "./BatchCourse.vue";
import BatchPot from "../../controls/BatchPot.vue";
import { logFinderOf } from "./log-finder";
import { sharedScale } from "../../drawings/shared-scale";
import { SHELVED_BY, shelvesOf, type ShelvedBy } from "./shelves";
import MonthRuler from "./MonthRuler.vue";
import PieceBoundary from "../../frame/PieceBoundary.vue";

/** Finished batches as pots on shelves, all at one scale; one opens to its whole course. */
const kitchenStore = useKitchenStore();
const pots = usePotsStore();
const route = useRoute();
const kind = ref("");
const asked = ref("");
const by = ref<ShelvedBy>("none");
const month = ref<string | null>(null);

/** The pot that another is looked for to stand beside. */
const besideId = computed(() => {
  const id = route.query["beside"];
  return typeof id === "string" && pots.shelvedById.has(id) ? id : null;
});
const besideName = computed(() => {
  const pot = pots.shelvedById.get(besideId.value ?? "");
  return pot === undefined ? "" : `${pot.name}, ${dayOf(pot.begunMs)}`;
});
const names = computed(() => [...new Set(pots.finished.map((p) => p.name))].sort());
/** "Yesterday" goes by it; nothing is made anew with every tick. */
const QUARTER_MS = 15 * MINUTE_MS;
const aboutNowMs = computed(() => Math.floor(pots.nowMs / QUARTER_MS) * QUARTER_MS);
/** Made when something is looked for, and anew when the log has changed. */
const finder = computed(() => logFinderOf(pots.finished, aboutNowMs.value));
const found = computed(() => (asked.value.trim() === "" ? null : finder.value(asked.value)));
const fitting = computed(() =>
  pots.finished.filter(
    (p) =>
      p.id !== besideId.value &&
      (kind.value === "" || p.name === kind.value) &&
      (month.value === null || monthKeyOf(p.begunMs) === month.value) &&
      found.value?.has(p.id) !== false,
  ),
);
const countWords = computed(() => {
  const [read, all] = [pots.finished.length, pots.finishedCount];
  // What is looked for is found among those that are read.
  if (pots.isWhole && read < all)
    return `${fitting.value.length} of ${read} read so far, ${all} pots in all`;
  return fitting.value.length === read ? `${all} pots` : `${fitting.value.length} of ${all} pots`;
});
const { underway: saving, run: runSaving } = useUnderway();
async function saveTable() {
  const { saveLogTable } = await import("../../data/log-out");
  await runSaving("Writing the table", (way) => saveLogTable(fitting.value, pots.nowMs, way));
}
async function saveFile() {
  const { savePots } = await import("../../data/log-out");
  const ids = fitting.value.map((p) => p.id);
  const { kitchen } = kitchenStore;
  if (kitchen === null) return;
  await runSaving("Writing the file", (way) => savePots(ids, kitchen, pots.nowMs, way));
}
const begunMs = computed(() => pots.finished.map((p) => p.begunMs));
const most = useRows(useTemplateRef<HTMLElement>("end"), {
  atOnce: 36,
  all: () => fitting.value.length,
  anew: [kind, asked, by, month],
});
const shelves = computed(() => {
  let left = most.value;
  return shelvesOf(fitting.value, by.value, monthOf).flatMap((shelf) => {
    const on = shelf.pots.slice(0, Math.max(0, left));
    left -= on.length;
    return on.length === 0 ? [] : [{ title: shelf.title, count: shelf.pots.length, pots: on }];
  });
});
const scale = computed(() =>
  sharedScale(
    pots.finished.map((p) => p.vessel),
    116,
  ),
);
const { pot: opened, isRead } = useRoutePot();
const toOf = (id: string) =>
  besideId.value === null ? `/logbook/${id}` : `/beside/${besideId.value}/${id}`;
watch(names, (list) => {
  if (!list.includes(kind.value)) kind.value = "";
});
</script>

<template>
  <BatchCourse v-if="opened !== null" :pot="opened" :units="kitchenStore.units" />
  <div v-else-if="isRead" class="place">
    <header class="line-up">
      <h1>Logbook</h1>
      <RouterLink class="to" to="/taught">What this kitchen has taught</RouterLink>
      <RouterLink v-if="pots.finished.length > 1" class="to" to="/trends">Trends</RouterLink>
      <label v-if="names.length > 1" class="quiet show"
        >Show
        <select v-model="kind" class="written">
          <option value="">all pots</option>
          <option v-for="name in names" :key="name" :value="name">
            {{ name }}
          </option>
        </select></label
      >
      <RouterLink v-if="kind !== ''" class="to" :to="{ name: 'dish', params: { name: kind } }"
        >Over time</RouterLink
      >
    </header>
    <p v-if="besideId !== null" class="picking" role="status">
      Which pot shall stand beside {{ besideName }}?
      <RouterLink :to="`/logbook/${besideId}`">None</RouterLink>
    </p>
    <div v-if="pots.finished.length > 1" class="look line-up">
      <input
        v-model="asked"
        type="search"
        class="written"
        aria-label="Look in the log"
        placeholder="what, when, in which pot, a note"
      />
      <TickChoice v-model="by" label="Shelves by" :options="SHELVED_BY" />
      <span class="quiet small" role="status">{{ countWords }}</span>
      <MonthRuler v-model="month" class="months" :begun-ms="begunMs" />
    </div>
    <template v-if="fitting.length > 0">
      <p class="key small quiet">
        <svg width="26" height="14" aria-hidden="true">
          <rect y="3" width="22" height="10" fill="var(--broth)" />
        </svg>
        got, strained
        <svg width="26" height="14" aria-hidden="true">
          <path d="M0 8H24" stroke="var(--ink)" stroke-width="1.6" stroke-dasharray="4 3" />
        </svg>
        planned. All pots at one scale.
      </p>
      <section v-for="shelf in shelves" :key="shelf.title">
        <h2 v-if="shelf.title !== ''">
          {{ shelf.title }} <span class="quiet small">{{ shelf.count }}</span>
          <RouterLink
            v-if="by === 'dish' && shelf.count > 1"
            class="small"
            :to="{ name: 'dish', params: { name: shelf.title } }"
            >over time</RouterLink
          >
        </h2>
        <ul>
          <li v-for="pot in shelf.pots" :key="pot.id">
            <RouterLink :to="toOf(pot.id)"
              ><PieceBoundary :what="pot.name" :of="pot"
                ><BatchPot
                  :pot="pot"
                  :px-per-m="scale"
                  :units="kitchenStore.units" /></PieceBoundary
            ></RouterLink>
          </li>
        </ul>
      </section>
      <div ref="end" aria-hidden="true" />
      <p class="out line-up">
        <span class="quiet">{{
          fitting.length === 1 ? "This pot" : `These ${fitting.length} pots`
        }}</span>
        <button type="button" class="link" :disabled="saving !== null" @click="saveTable">
          as a table (CSV)
        </button>
        <button type="button" class="link" :disabled="saving !== null" @click="saveFile">
          as a file for another Kettlos
        </button>
      </p>
      <UnderwayBar v-if="saving !== null" :underway="saving" />
    </template>
    <p v-else-if="pots.finished.length > 0">
      {{
        asked.trim() === ""
          ? "Nothing in the log fits both."
          : `Nothing in the log fits “${asked}”.`
      }}
      <button type="button" class="link" @click="((asked = ''), (kind = ''), (month = null))">
        Show all
      </button>
    </p>
    <p v-else-if="pots.finishedCount > 0" role="status" class="quiet">Reading the log …</p>
    <div v-else class="empty">
      <p>
        No batch is logged yet. Strain a pot, write down what came out, and it stands here: planned
        against got, so that the next one is nearer.
      </p>
    </div>
  </div>
</template>

<style scoped>
.show {
  margin-left: auto;
}

.picking {
  padding: var(--space-4) 0;
  font-weight: 600;
}

.months {
  max-width: 100%;
  margin-left: auto;
}

.look input {
  width: min(420px, 100%);
}

h2 {
  margin-top: var(--space-5);
  border-bottom: 3px solid var(--ink);
}

.out {
  padding-top: var(--space-7);
}

.out .link {
  min-height: 44px;
}

.key {
  display: flex;
  gap: var(--space-4);
  align-items: center;
  padding: var(--space-2) 0 var(--space-5);
}

ul {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(190px, 1fr));
  gap: var(--space-6) var(--space-6);
  align-items: end;
}

li a {
  display: block;
  padding: var(--space-4) 0 var(--space-4);
  border-bottom: 1px solid var(--hair);
  color: inherit;
  text-decoration: none;
}

li a:hover {
  background: var(--rim-soft);
}
</style>
