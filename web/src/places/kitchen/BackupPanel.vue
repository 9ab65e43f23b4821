<script setup lang="ts">
import {
  readKettlosFile,
  writeKettlosFile,
  type FileProblem,
  type KettlosFile,
} from "@kettlos/core/formats/kettlos-json";
import { format } from "date-fns";
import { computed, ref, shallowRef } from "vue";
import { useRouter } from "vue-router";
import { useKitchenStore } from "../../data/kitchen-store";
import { save } from "../../data/save-file";
import { exportAll, forgetEverything, importAll, type ImportWay } from "../../data/repository";

/** Everything out into one file and back; leaving the sample kitchen; starting over. */
const store = useKitchenStore();
const router = useRouter();
const problems = ref<readonly FileProblem[]>([]);
const waiting = shallowRef<KettlosFile | null>(null);
const said = ref("");
const asksToForget = ref(false);
const isSample = computed(() => store.kitchen?.id === "bramholt");

async function exportFile() {
  const file = await exportAll();
  if (file === null) return;
  save(
    `kettlos-${format(Date.now(), "yyyy-MM-dd")}.json`,
    writeKettlosFile(file),
    "application/json",
  );
}

async function choose(event: Event) {
  const input = event.target as HTMLInputElement;
  const chosen = input.files?.[0];
  input.value = "";
  if (chosen === undefined) return;
  said.value = "";
  const reading = readKettlosFile(await chosen.text());
  problems.value = reading.ok ? [] : reading.problems;
  waiting.value = reading.ok ? reading.file : null;
}

async function take(way: ImportWay) {
  const file = waiting.value;
  if (file === null) return;
  waiting.value = null;
  await importAll(file, way);
  const count = `${file.plans.length} plans and ${file.batches.length} batches`;
  said.value =
    way === "replace" ? `Replaced everything with ${count}.` : `Added ${count} to what was here.`;
}

async function forget() {
  await forgetEverything();
  await router.push("/bench");
}
</script>

<template>
  <h2>Keep and move</h2>
  <p class="quiet">Everything stays in this browser. A file takes it elsewhere.</p>
  <p class="row">
    <button type="button" class="button" @click="exportFile">Save it all to a file</button>
    <label class="button file"
      >Read a file
      <input type="file" accept="application/json,.json" class="visually-hidden" @change="choose"
    /></label>
    <button type="button" class="button danger" @click="asksToForget = true">
      {{ isSample ? "Leave the sample kitchen" : "Start over" }}
    </button>
  </p>
  <div v-if="waiting !== null" class="ask" role="alert">
    <p>
      {{ waiting.kitchen.name }}: {{ waiting.plans.length }} plans,
      {{ waiting.batches.length }}
      batches. Take it in how?
    </p>
    <button type="button" class="button danger" @click="take('replace')">
      In place of everything here
    </button>
    <button type="button" class="button" @click="take('merge')">Added to what is here</button>
    <button type="button" class="button" @click="waiting = null">Not now</button>
  </div>
  <div v-if="problems.length > 0" class="ask" role="alert">
    <p class="ember">
      <strong>The file was not taken in; what is here stands as it was.</strong>
    </p>
    <ul>
      <li v-for="problem in problems" :key="problem.path + problem.message">
        <code v-if="problem.path">{{ problem.path }}</code>
        {{ problem.message }}
      </li>
    </ul>
  </div>
  <p v-if="said" class="herb" role="status">{{ said }}</p>
  <div v-if="asksToForget" class="ask" role="alert">
    <p>
      This removes {{ store.kitchen?.name }}, its plans and its batches from this browser for good.
    </p>
    <button type="button" class="button danger" @click="forget">Remove it all</button>
    <button type="button" class="button" @click="asksToForget = false">Keep it</button>
  </div>
</template>

<style scoped>
.row,
.ask {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 12px;
  align-items: center;
  padding-top: 12px;
}

.ask p,
.ask ul {
  flex-basis: 100%;
}

.file {
  cursor: pointer;
}

.file:focus-within {
  box-shadow: var(--focus);
}
</style>
