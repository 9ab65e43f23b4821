<script setup lang="ts">
import { inForce } from "@kettlos/core/batch/in-force";
import { computed } from "vue";
import RemovedList from "../../controls/RemovedList.vue";
import { KEPT_MS } from "../../data/binned";
import { appendLarder } from "../../data/larder-log";
import { useLarderStore } from "../../data/larder-store";
import { usePotsStore } from "../../data/pots-store";
import { larderWords } from "./larder-words";

/** What was taken off the shelves in the last thirty days, each put back by a tap. */
const larderStore = useLarderStore();
const pots = usePotsStore();
const taken = computed(() =>
  inForce(larderStore.events)
    .filter((e) => e.kind === "taken" && e.atMs > pots.nowMs - KEPT_MS)
    .map((e) => ({ id: e.id, atMs: e.atMs, name: larderWords(e, larderStore.lots) }))
    .reverse(),
);
const putBack = (eventId: string) => appendLarder({ kind: "undo", eventId });
</script>

<template>
  <details v-if="taken.length > 0">
    <summary>Taken out lately ({{ taken.length }})</summary>
    <RemovedList :removed="taken" word="put it back" @back="putBack" />
  </details>
</template>

<style scoped>
summary {
  min-height: 44px;
}
</style>
