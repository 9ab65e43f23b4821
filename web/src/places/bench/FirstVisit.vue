<script setup lang="ts">
import { dateClockOf } from "@kettlos/core/units/moments";
import { defineAsyncComponent, ref } from "vue";
import { db } from "../../data/db";
import { useIncoming } from "../../data/incoming";
import { useFileReading } from "../../data/use-file-reading";
import { useLive } from "../../data/use-live";
import { report } from "../../frame/errors";
import OwnKitchen from "./OwnKitchen.vue";

const UnderwayBar = defineAsyncComponent(() => import("../../controls/UnderwayBar.vue"));
const FileReportView = defineAsyncComponent(() => import("../../controls/FileReportView.vue"));

/** The first minutes: look round the sample kitchen, take up a file, or say what stands in one's own. */
const isLoading = ref(false);

async function openSample() {
  isLoading.value = true;
  try {
    const [{ bramholtSample }, { importAll }, { learnedFrom }] = await Promise.all([
      import("../../sample/bramholt"),
      import("../../data/take-in"),
      import("../../data/learning"),
    ]);
    const file = bramholtSample(Date.now());
    // Its eight weeks are in the first figure that is seen; where that fails, the log teaches later.
    const learned = await learnedFrom(file).catch((error: unknown) => {
      report(error);
      return undefined;
    });
    await importAll(file, "replace", learned);
  } finally {
    isLoading.value = false;
  }
}

/** What a file holds, read when it is chosen; its reader comes then. */
const { waiting, problems, underway, read, take, drop } = useFileReading(({ report: { head } }) =>
  head.part === "plans"
    ? { path: "", message: "It is a plan of another kitchen: set up yours first, then open it." }
    : null,
);
async function restore(event: Event) {
  const input = event.target as HTMLInputElement;
  const chosen = input.files?.[0];
  if (chosen !== undefined) await read(chosen);
  input.value = "";
}
useIncoming("file", read);
/** What was here before it was removed. */
const copies = useLive(() => db.copies.orderBy("id").reverse().toArray());
async function openCopy(id: number) {
  const { copyFile } = await import("../../data/safety-copies");
  await read(await copyFile(id));
}
</script>

<template>
  <div class="place first">
    <section>
      <h1>One pot, from the bones to the strained litres</h1>
      <p>
        Kettlos works out how much water these bones want in your pot, how long on your ring, and
        what will be left. Then it stays with the pot while it simmers.
      </p>
      <div class="sample">
        <h2>Look round first</h2>
        <p>Bramholt Hut is a made-up mountain hut with six pots, past batches and a broth on.</p>
        <button type="button" class="button" :disabled="isLoading" @click="openSample">
          Open the sample kitchen
        </button>
      </div>
      <div class="sample">
        <h2>Or take up where you were</h2>
        <p>A file saved from Kettlos elsewhere brings kitchen, plans, pots and larder back.</p>
        <label class="button file"
          >Read a file
          <input
            type="file"
            accept="application/json,.json,application/gzip,.gz"
            class="visually-hidden"
            @change="restore"
        /></label>
        <UnderwayBar v-if="underway !== null" :underway="underway" />
        <template v-else-if="waiting !== null">
          <FileReportView :report="waiting.report" />
          <p>
            <button type="button" class="button primary" @click="take('replace')">
              Take it in
            </button>
            <button type="button" class="button" @click="drop">Not now</button>
          </p>
        </template>
        <ul v-if="copies !== undefined && copies.length > 0 && waiting === null">
          <li v-for="copy in copies" :key="copy.id">
            Kept here {{ dateClockOf(copy.atMs) }}, before all was removed or replaced.
            <button type="button" class="link" @click="openCopy(copy.id)">Look at it</button>
          </li>
        </ul>
        <ul v-if="problems.length > 0" class="ember small" role="alert">
          <li v-for="problem in problems" :key="problem.path + problem.message">
            {{ problem.path }} {{ problem.message }}
          </li>
        </ul>
      </div>
    </section>
    <OwnKitchen class="own" />
  </div>
</template>

<style scoped>
.first {
  display: grid;
  grid-template-columns: minmax(260px, 1fr) minmax(0, 2.4fr);
  gap: var(--space-8);
  padding-top: var(--space-7);
}

h1 {
  padding-bottom: var(--space-5);
  font-size: var(--size-head);
  line-height: 34px;
}

.sample {
  display: grid;
  gap: var(--space-4);
  justify-items: start;
  margin-top: var(--space-7);
  padding-top: var(--space-5);
  border-top: 1px solid var(--hair);
}

.own {
  padding-left: var(--space-8);
  border-left: 1px solid var(--hair);
}

@media (width <= 900px) {
  .first {
    grid-template-columns: minmax(0, 1fr);
    padding-top: var(--space-6);
  }

  .own {
    padding: var(--space-6) 0 0;
    border-top: 1px solid var(--hair);
    border-left: 0;
  }
}
</style>
