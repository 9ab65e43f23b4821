<script setup lang="ts">
import { Problem } from "@kettlos/core/units/problem";
import { computed, ref } from "vue";
import RemovedList from "../../controls/RemovedList.vue";
import { binned, bringBack } from "../../data/bin";
import { useLive } from "../../data/use-live";

/** What was removed in the last thirty days, each brought back by a tap. */
const all = useLive(binned);
const removed = computed(() => (all.value ?? []).map((b) => ({ ...b, atMs: b.removedMs })));
const problem = ref("");
async function back(id: string) {
  problem.value = "";
  const one = all.value?.find((b) => b.id === id);
  if (one === undefined) return;
  try {
    await bringBack(one);
  } catch (error) {
    if (!(error instanceof Problem)) throw error;
    problem.value = `${one.name}: ${error.message}`;
  }
}
</script>

<template>
  <h2 id="bin">Removed lately</h2>
  <p v-if="removed.length === 0" class="quiet small">
    What you remove (a plan, a pot, a picture, a ring, a container) lies here for 30 days.
  </p>
  <RemovedList v-else :removed word="bring it back" @back="back" />
  <p v-if="problem !== ''" class="ember" role="alert">{{ problem }}</p>
</template>
