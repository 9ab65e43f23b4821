<script setup lang="ts">
import { dayOf, monthOf } from "@kettlos/core/units/moments";
import { useIntersectionObserver } from "@vueuse/core";
import { computed, ref, useTemplateRef, watch } from "vue";
import { useRoute } from "vue-router";
import TickChoice from "../../controls/TickChoice.vue";
import { useKitchenStore } from "../../data/kitchen-store";
import { usePotsStore } from "../../data/pots-store";
import { useRoutePot } from "../../data/use-pot";
import BatchCourse from "./BatchCourse.vue";
import BatchPot from "../../controls/BatchPot.vue";
import { logFinderOf } from "./log-finder";
import { sharedScale } from "../../drawings/shared-scale";
import { SHELVED_BY, shelvesOf, type ShelvedBy } from "./shelves";
import PieceBoundary from "../../frame/PieceBoundary.vue";

/** Finished batches as pots on shelves, all at one scale; one opens to its whole course. */
const kitchenStore = useKitchenStore();
const pots = usePotsStore();
const route = useRoute();
const kind = ref("");
const asked = ref("");
const by = ref<ShelvedBy>("none");

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
/** Made when something is looked for, and anew when the log has changed. */
const finder = computed(() => logFinderOf(pots.finished));
const found = computed(() => (asked.value.trim() === "" ? null : finder.value(asked.value)));
const fitting = computed(() =>
  pots.finished.filter(
    (p) =>
      p.id !== besideId.value &&
      (kind.value === "" || p.name === kind.value) &&
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
async function saveTable() {
  const { saveLogTable } = await import("../../data/log-out");
  await saveLogTable(fitting.value, pots.nowMs);
}
async function saveFile() {
  const { savePots } = await import("../../data/log-out");
  const ids = fitting.value.map((p) => p.id);
  if (kitchenStore.kitchen !== null) await savePots(ids, kitchenStore.kitchen, pots.nowMs);
}
/** So many stand on the shelves at first; more as one comes near their end. */
const ROWS = 36;
const most = ref(ROWS);
watch([kind, asked, by], () => (most.value = ROWS));
const end = useTemplateRef<HTMLElement>("end");
useIntersectionObserver(
  end,
  ([entry]) => {
    if (entry?.isIntersecting === true && most.value < fitting.value.length) most.value += ROWS;
  },
  { rootMargin: "600px" },
);
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
    <p v-if="pots.finished.length > 1" class="look line-up">
      <input
        v-model="asked"
        type="search"
        class="written"
        aria-label="Look in the log"
        placeholder="what, in which pot, a note, a word of it"
      />
      <TickChoice v-model="by" label="Shelves by" :options="SHELVED_BY" />
      <span class="quiet small" role="status">{{ countWords }}</span>
    </p>
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
        <button type="button" class="link" @click="saveTable">as a table (CSV)</button>
        <button type="button" class="link" @click="saveFile">as a file for another Kettlos</button>
      </p>
    </template>
    <p v-else-if="pots.finished.length > 0">
      Nothing in the log fits “{{ asked }}”.
      <button type="button" class="link" @click="((asked = ''), (kind = ''))">Show all</button>
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
