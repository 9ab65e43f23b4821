<script setup lang="ts">
import { inForce } from "@kettlos/core/batch/in-force";
import { format } from "date-fns";
import { computed } from "vue";
import { appendLarder } from "../../data/larder-log";
import { useLarderStore } from "../../data/larder-store";
import { usePotsStore } from "../../data/pots-store";
import { larderWords } from "./larder-words";

/** What was taken off the shelves in the last thirty days, each put back by a tap. */
const KEPT_MS = 30 * 24 * 60 * 60_000;
const larderStore = useLarderStore();
const pots = usePotsStore();
const taken = computed(() =>
  inForce(larderStore.events)
    .filter((e) => e.kind === "taken" && e.atMs > pots.nowMs - KEPT_MS)
    .reverse(),
);
const putBack = (eventId: string) => appendLarder({ kind: "undo", eventId });
</script>

<template>
  <details v-if="taken.length > 0">
    <summary>Taken out lately ({{ taken.length }})</summary>
    <ul>
      <li v-for="event in taken" :key="event.id">
        <span>{{ larderWords(event, larderStore.lots) }}</span>
        <span class="quiet small">{{ format(event.atMs, "d MMM HH:mm") }}</span>
        <button type="button" class="link" @click="putBack(event.id)">put it back</button>
      </li>
    </ul>
  </details>
</template>

<style scoped>
li {
  display: flex;
  flex-wrap: wrap;
  gap: 0 16px;
  align-items: baseline;
  border-bottom: 1px solid var(--hair);
}

summary,
.link {
  min-height: 44px;
}
</style>
