<script setup lang="ts">
import { figure } from "@kettlos/core/units/region";
import { dateClockOf } from "@kettlos/core/units/moments";
import { computed, nextTick, onMounted, ref, shallowRef, useTemplateRef } from "vue";
import { useRouter } from "vue-router";
import { db } from "../../data/db";
import { canInstall, install } from "../../data/install";
import { useIncoming } from "../../data/incoming";
import { useKitchenStore } from "../../data/kitchen-store";
import {
  askToLast,
  canKeepFolder,
  chooseFolder,
  folderName,
  forgetFolder,
  lastBackupMs,
  saveBackup,
  storageRoom,
  type StorageRoom,
} from "../../data/storage-care";
import { copyFile, forgetEverything, removeCopy } from "../../data/safety-copies";
import type { ImportWay } from "../../data/take-in";
import { useFileReading, useUnderway } from "../../data/use-file-reading";
import { useLive } from "../../data/use-live";
import { say } from "../../frame/notices";
import FileReportView from "../../controls/FileReportView.vue";
import UnderwayBar from "../../controls/UnderwayBar.vue";

/** Everything out into one file and back; safety copies; how well it is kept; starting over. */
const store = useKitchenStore();
const router = useRouter();
const { waiting, problems, underway, read, take, drop } = useFileReading();
const said = ref("");
const asksToForget = ref(false);
const isSample = computed(() => store.kitchen?.id === "bramholt");
const copies = useLive(() => db.copies.orderBy("id").reverse().toArray());
const lastMs = useLive(() => lastBackupMs());
const folder = useLive(() => folderName());
const room = shallowRef<StorageRoom | null>(null);
onMounted(async () => (room.value = await storageRoom()));
async function last() {
  await askToLast();
  room.value = await storageRoom();
}
const WHY = {
  replaced: "before it was replaced",
  removed: "before it was removed",
  migrated: "as the version before had it",
  restored: "before a copy was brought back",
} as const;

const panel = useTemplateRef<HTMLElement>("panel");
useIncoming("file", async (file) => {
  said.value = "";
  const toPanel = async () => {
    await nextTick();
    panel.value?.scrollIntoView({ block: "center" });
  };
  const reading = read(file);
  await toPanel();
  await reading;
  await toPanel();
});
async function choose(event: Event) {
  const input = event.target as HTMLInputElement;
  const chosen = input.files?.[0];
  said.value = "";
  if (chosen !== undefined) await read(chosen);
  input.value = "";
}
async function openCopy(id: number) {
  said.value = "";
  await read(await copyFile(id));
}

async function takeIt(how: ImportWay) {
  const { value: file } = waiting;
  if (file === null || !(await take(how))) return;
  const { head, counts } = file.report;
  const batches = counts.batches === 1 ? "one batch" : `${counts.batches} batches`;
  const plans = counts.plans === 1 ? "one plan" : `${counts.plans} plans`;
  const count =
    head.part === "pots" ? batches : head.part === "plans" ? plans : `${plans} and ${batches}`;
  const done =
    how === "replace"
      ? `Replaced everything with ${count}. What was here is kept as a safety copy.`
      : `Added ${count} to what was here.`;
  if (panel.value === null)
    say({
      id: "taken-in",
      tone: "note",
      title: done,
      ways: [{ label: "Good", run: () => undefined }],
    });
  said.value = done;
}
const { underway: saving, run: runSaving } = useUnderway();
const saveAll = () => runSaving("Writing the file", (way) => saveBackup(way));

async function forget() {
  const isGone = await runSaving("Keeping a safety copy", async (way) => {
    await forgetEverything(way);
    return true;
  });
  if (isGone === true) await router.push("/bench");
}
const mb = (value: number) =>
  value >= 1000 ? `${figure(value / 1000, 1)} GB` : `${figure(value, 1)} MB`;
</script>

<template>
  <h2 ref="panel">Keep and move</h2>
  <p class="quiet">
    Everything stays in this browser. A file takes it elsewhere.
    <template v-if="lastMs != null">Last saved {{ dateClockOf(lastMs) }}.</template>
    <template v-else>Never saved to a file yet.</template>
  </p>
  <p class="row">
    <button type="button" class="button" :disabled="saving !== null" @click="saveAll">
      Save it all to a file
    </button>
    <label class="button file"
      >Read a file
      <input
        type="file"
        accept="application/json,.json,application/gzip,.gz"
        class="visually-hidden"
        @change="choose"
    /></label>
    <button
      v-if="canKeepFolder() && folder == null"
      type="button"
      class="button"
      @click="chooseFolder"
    >
      Save each day to a folder
    </button>
    <button v-else-if="folder != null" type="button" class="button" @click="forgetFolder">
      No more to the folder {{ folder }}
    </button>
    <button v-if="canInstall()" type="button" class="button" @click="install">
      Put Kettlos among this device's programs
    </button>
    <button type="button" class="button danger" @click="asksToForget = true">
      {{ isSample ? "Leave the sample kitchen" : "Start over" }}
    </button>
  </p>
  <p v-if="room !== null" class="small quiet">
    <template v-if="room.usedMB !== null">{{ mb(room.usedMB) }} kept here</template
    ><template v-if="room.leftMB !== null">, room for {{ mb(room.leftMB) }} more</template
    ><template v-if="room.usedMB !== null">. </template>
    <template v-if="room.isLasting === true">The browser keeps it until you remove it.</template>
    <template v-else-if="room.isLasting === false">
      The browser may give it up when the disk is full.
      <button type="button" class="link" @click="last">Ask it to keep it</button>
    </template>
  </p>
  <UnderwayBar v-if="saving !== null" :underway="saving" />
  <UnderwayBar v-if="underway !== null" :underway="underway" />
  <div v-else-if="waiting !== null" class="ask" role="alert">
    <FileReportView :report="waiting.report" />
    <button
      v-if="waiting.report.head.part === undefined"
      type="button"
      class="button danger"
      @click="takeIt('replace')"
    >
      In place of everything here
    </button>
    <button type="button" class="button" @click="takeIt('merge')">Added to what is here</button>
    <button type="button" class="button" @click="drop">Not now</button>
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
      This removes {{ store.kitchen?.name }}, its plans and its batches from this browser. A safety
      copy stays here and can be brought back.
    </p>
    <button type="button" class="button danger" :disabled="saving !== null" @click="forget">
      Remove it all
    </button>
    <button type="button" class="button" @click="asksToForget = false">Keep it</button>
  </div>
  <template v-if="copies !== undefined && copies.length > 0">
    <h3>Safety copies</h3>
    <ul class="copies">
      <li v-for="copy in copies" :key="copy.id">
        <span>{{ dateClockOf(copy.atMs) }}</span>
        <span class="quiet">{{ WHY[copy.why] }}</span>
        <button type="button" class="link" @click="openCopy(copy.id)">Look at it</button>
        <button type="button" class="link" @click="removeCopy(copy.id)">Remove it for good</button>
      </li>
    </ul>
  </template>
</template>

<style scoped>
.row,
.ask {
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-4) var(--space-5);
  align-items: center;
  padding-top: var(--space-5);
}

.ask p,
.ask ul {
  flex-basis: 100%;
}

.copies li {
  display: flex;
  flex-wrap: wrap;
  gap: 0 var(--space-5);
  align-items: baseline;
  min-height: 44px;
  line-height: 44px;
}

.file {
  cursor: pointer;
}

.file:focus-within {
  outline: var(--focus);
  outline-offset: 2px;
}
</style>
