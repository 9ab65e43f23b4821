<script setup lang="ts">
import { computed, ref, watch } from "vue";
import { useRoute } from "vue-router";
import { useKitchenStore } from "../../data/kitchen-store";
import { usePotsStore } from "../../data/pots-store";
import BatchCourse from "./BatchCourse.vue";
import BatchPot from "./BatchPot.vue";
import { sharedScale } from "./shared-scale";
import PieceBoundary from "../../frame/PieceBoundary.vue";

/** Finished batches as pots on a shelf, all at one scale; one opens to its whole course. */
const kitchenStore = useKitchenStore();
const pots = usePotsStore();
const route = useRoute();
const kind = ref("");

const names = computed(() => [...new Set(pots.finished.map((p) => p.batch.plan.name))].sort());
const shown = computed(() =>
  pots.finished.filter((p) => kind.value === "" || p.batch.plan.name === kind.value),
);
const scale = computed(() =>
  sharedScale(
    pots.finished.map((p) => p.batch),
    116,
  ),
);
const opened = computed(() => {
  const id = route.params["batchId"];
  return typeof id === "string" ? (pots.byId.get(id) ?? null) : null;
});
watch(names, (list) => {
  if (!list.includes(kind.value)) kind.value = "";
});
</script>

<template>
  <BatchCourse v-if="opened !== null" :pot="opened" :units="kitchenStore.units" />
  <div v-else class="place">
    <header>
      <h1>Logbook</h1>
      <RouterLink class="taught" to="/taught">What this kitchen has taught</RouterLink>
      <label v-if="names.length > 1" class="quiet"
        >Show
        <select v-model="kind" class="written">
          <option value="">all pots</option>
          <option v-for="name in names" :key="name" :value="name">
            {{ name }}
          </option>
        </select></label
      >
    </header>
    <template v-if="shown.length > 0">
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
      <ul>
        <li v-for="pot in shown" :key="pot.batch.id">
          <RouterLink :to="`/logbook/${pot.batch.id}`"
            ><PieceBoundary :what="pot.batch.plan.name" :of="pot"
              ><BatchPot :pot="pot" :px-per-m="scale" :units="kitchenStore.units" /></PieceBoundary
          ></RouterLink>
        </li>
      </ul>
    </template>
    <div v-else class="empty">
      <p>
        No batch is logged yet. Strain a pot, write down what came out, and it stands here: planned
        against got, so that the next one is nearer.
      </p>
    </div>
  </div>
</template>

<style scoped>
header {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 24px;
  align-items: center;
  justify-content: space-between;
}

.taught {
  flex: 1;
  min-height: 44px;
  line-height: 44px;
}

.key {
  display: flex;
  gap: 8px;
  align-items: center;
  padding: 4px 0 12px;
}

ul {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(190px, 1fr));
  gap: 20px 16px;
  align-items: end;
}

li a {
  display: block;
  padding: 8px 0 10px;
  border-bottom: 1px solid var(--hair);
  color: inherit;
  text-decoration: none;
}

li a:hover {
  background: var(--rim-soft);
}
</style>
