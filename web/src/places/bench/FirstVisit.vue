<script setup lang="ts">
import { SCHEMA_VERSION } from "@kettlos/core/simulate/schema-version";
import { regionHere } from "@kettlos/core/units/region";
import { INCH_M, US_QUART_L } from "@kettlos/core/units/us-measures";
import { useWords } from "../../data/use-words";
import { dateClockOf } from "@kettlos/core/units/moments";
import { KitchenSchema } from "@kettlos/core/simulate/kitchen-schema";
import { outcomeOf } from "@kettlos/core/units/problem";
import {
  showAltitude,
  showLength,
  showTemperature,
  type UnitSystem,
} from "@kettlos/core/units/show";
import { roundFromCapacity } from "@kettlos/core/vessel/volume";
import { boilingPointC } from "@kettlos/core/water/altitude";
import type { FileProblem } from "@kettlos/core/formats/file-problem";
import type { FileReport } from "@kettlos/core/formats/file-report";
import { computed, defineAsyncComponent, ref, shallowRef } from "vue";
import FieldForm from "../../controls/FieldForm.vue";
import UnitField from "../../controls/UnitField.vue";
import QuantityField from "../../controls/QuantityField.vue";
import TickChoice from "../../controls/TickChoice.vue";
import { db } from "../../data/db";
import { saveKitchen } from "../../data/repository";
import { useLive } from "../../data/use-live";
import SmallPot from "../../drawings/SmallPot.vue";
import { ordinaryVessel } from "../../data/ordinary-vessel";
import { RINGS, type RingKind } from "@kettlos/core/heat/ring-kinds";
import { RING_OPTIONS } from "../../words/ring-options";
import { report } from "../../frame/errors";
import { newId } from "../../data/new-id";

const words = useWords();
const FileReportView = defineAsyncComponent(() => import("../../controls/FileReportView.vue"));

/** The first minute: look round the sample kitchen, or say where you cook and in which pot. */
const { measures } = regionHere();
const units = ref<UnitSystem>(measures);
const UNITS = [
  { value: "metric", label: "metric" },
  { value: "us", label: "US" },
  { value: "both", label: "both" },
] as const;
const one = computed(() => (units.value === "us" ? "us" : "metric"));
const altitudeM = ref<number | null>(0);
/** A stockpot as it is sold there. */
const capacity = ref<number | null>(measures === "us" ? 12 * US_QUART_L : 12);
const across = ref<number | null>(measures === "us" ? 10.5 * INCH_M : 0.26);
const ringKind = ref<RingKind>("gas");
const isLoading = ref(false);

const vessel = computed(() =>
  outcomeOf(() =>
    ordinaryVessel("My pot", roundFromCapacity(capacity.value ?? 0, across.value ?? 0)),
  ),
);
const boiling = computed(() => showTemperature(boilingPointC(altitudeM.value ?? 0), units.value));

async function openSample() {
  isLoading.value = true;
  try {
    const [{ bramholtSample }, { importAll }, { learnedFrom }] = await Promise.all([
      import("../../sample/bramholt"),
      import("../../data/backup"),
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
const waiting = shallowRef<FileReport | null>(null);
const problems = ref<readonly FileProblem[]>([]);
async function restore(event: Event) {
  const input = event.target as HTMLInputElement;
  const chosen = input.files?.[0];
  input.value = "";
  if (chosen !== undefined) await read(await chosen.text());
}
async function read(text: string) {
  const { reportOf } = await import("@kettlos/core/formats/file-report");
  const reading = reportOf(text);
  waiting.value = reading.ok ? reading.report : null;
  problems.value = reading.ok ? [] : reading.problems;
}
/** What was here before it was removed. */
const copies = useLive(() => db.copies.orderBy("id").reverse().toArray());
async function openCopy(id: number) {
  const { copyText } = await import("../../data/backup");
  await read(await copyText(id));
}
async function takeIn() {
  if (waiting.value === null) return;
  const { importAll } = await import("../../data/backup");
  await importAll(waiting.value.file, "replace");
}

async function openOwn() {
  if (!vessel.value.ok) return;
  await saveKitchen(
    KitchenSchema.parse({
      schemaVersion: SCHEMA_VERSION,
      id: newId(),
      name: "My kitchen",
      altitudeM: altitudeM.value ?? 0,
      units: units.value,
      vessels: [vessel.value.value],
      rings: [
        {
          id: newId(),
          name: "Big ring",
          kind: ringKind.value,
          powerW: RINGS[ringKind.value].usualW,
        },
      ],
    }),
  );
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
        <button type="button" class="button primary" :disabled="isLoading" @click="openSample">
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
            accept="application/json,.json"
            class="visually-hidden"
            @change="restore"
        /></label>
        <template v-if="waiting !== null">
          <FileReportView :report="waiting" />
          <p>
            <button type="button" class="button primary" @click="takeIn">Take it in</button>
            <button type="button" class="button" @click="waiting = null">Not now</button>
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
    <FieldForm class="own" aria-labelledby="own-title" @keep="openOwn">
      <h2 id="own-title">Set up mine</h2>
      <div class="fields">
        <div class="measures">
          <p class="quiet small" aria-hidden="true">I measure in</p>
          <TickChoice v-model="units" label="I measure in" :options="UNITS" />
        </div>
        <div>
          <QuantityField
            v-model="altitudeM"
            label="Altitude you cook at"
            dimension="length"
            :bare-unit="one === 'us' ? 'ft' : 'm'"
            :show="(v) => showAltitude(v, one)"
            :min="-430"
            :max="5500"
          />
          <p class="quiet small boils">Water boils at {{ boiling }}.</p>
        </div>
        <UnitField
          v-model="capacity"
          label="My pot holds"
          dimension="volume"
          :units="units"
          :min="0.2"
          :max="200"
        />
        <UnitField
          v-model="across"
          label="and is this wide inside"
          dimension="length"
          :units="units"
          :min="0.08"
          :max="1"
        />
        <div>
          <p class="quiet small" aria-hidden="true">It stands on</p>
          <TickChoice v-model="ringKind" label="It stands on" :options="RING_OPTIONS" />
        </div>
      </div>
      <figure v-if="vessel.ok">
        <SmallPot :vessel="vessel.value" :px-per-m="560" label="Your pot, to scale" />
        <figcaption class="quiet small">
          so it is {{ showLength(vessel.value.heightM, units) }} high inside
        </figcaption>
      </figure>
      <p v-if="!vessel.ok" class="ember" role="alert">{{ words(vessel.problem.said) }}</p>
      <button type="submit" class="button primary" :disabled="!vessel.ok">
        Start with this pot
      </button>
    </FieldForm>
  </div>
</template>

<style scoped>
.first {
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
  gap: var(--space-8) var(--space-9);
  max-width: 1120px;
  padding-top: var(--space-8);
}

h1 {
  padding-bottom: var(--space-6);
  font-size: var(--size-figure);
  line-height: 46px;
}

.sample {
  display: grid;
  gap: var(--space-5);
  justify-items: start;
  margin-top: var(--space-8);
  padding-top: var(--space-6);
  border-top: 1px solid var(--hair);
}

.own {
  display: grid;
  gap: var(--space-6);
  align-content: start;
  justify-items: start;
  padding-left: var(--space-8);
  border-left: 1px solid var(--hair);
}

.boils {
  padding-top: var(--space-2);
}

.fields {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: var(--space-6) var(--space-7);
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

  h1 {
    font-size: var(--size-head);
    line-height: 32px;
  }
}
</style>
