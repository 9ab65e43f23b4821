<script setup lang="ts">
import { computed } from "vue";
import RemovedList from "../../controls/RemovedList.vue";
import { binned, bringBack } from "../../data/bin";
import { useLive } from "../../data/use-live";

/** What was removed in the last thirty days, each brought back by a tap. */
const all = useLive(binned);
const removed = computed(() => (all.value ?? []).map((b) => ({ ...b, atMs: b.removedMs })));
async function back(id: string) {
  const one = all.value?.find((b) => b.id === id);
  if (one !== undefined) await bringBack(one);
}
</script>

<template>
  <h2 id="bin">Removed lately</h2>
  <p v-if="removed.length === 0" class="quiet small">
    What you remove (a plan, a pot, a picture, a ring, a container) lies here for 30 days.
  </p>
  <RemovedList v-else :removed word="bring it back" @back="back" />
</template>
