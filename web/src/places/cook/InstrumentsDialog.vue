<script setup lang="ts">
import { isoDayOf } from "@kettlos/core/units/moments";
import { begunMs } from "@kettlos/core/batch/of-log";
import { ref, watch } from "vue";
import type { Instrument } from "@kettlos/core/instruments/messages";
import { bridgesNow } from "../../data/bridges";
import { useInstrumentsStore, type Link } from "../../data/instruments-store";
import type { LivePot } from "../../data/pots-store";
import { readingsCsv, readReadingsCsv } from "../../data/readings-csv";
import { appendEvents } from "../../data/repository";
import { save as saveFile } from "../../data/save-file";
import OpenDialog from "../../controls/OpenDialog.vue";

/** Which instruments this pot listens to; readings in from a file and out to one. */
const props = defineProps<{ pot: LivePot; link: Link | null }>();
const shown = defineModel<boolean>({ required: true });
const store = useInstrumentsStore();
const bridges = ref<readonly Instrument[]>([]);
const problems = ref<readonly string[]>([]);
const done = ref("");
watch(shown, async (isShown) => {
  problems.value = [];
  done.value = "";
  if (isShown) bridges.value = await bridgesNow();
});

const choose = (source: string) =>
  store.link(props.pot.batch.id, source === "none" ? null : source);

async function silence() {
  await fetch(`/api/pots/${props.pot.batch.id}/silence`, {
    method: "POST",
    headers: { "Content-Type": "application/json" },
    body: JSON.stringify({ seconds: 30 }),
  }).catch(() => undefined);
  done.value = "Nothing comes from them for 30 s.";
}

async function readIn(event: Event) {
  const input = event.target as HTMLInputElement;
  const file = input.files?.[0];
  if (file === undefined) return;
  done.value = "";
  const result = readReadingsCsv(await file.text(), props.pot.cook.litMs ?? Date.now());
  input.value = "";
  problems.value = result.ok ? [] : result.problems;
  if (!result.ok) return;
  await appendEvents(props.pot.batch.id, result.readings);
  done.value = `${result.readings.length} readings are in.`;
}
const writeOut = () =>
  saveFile(
    `kettlos-readings-${isoDayOf(begunMs(props.pot))}.csv`,
    readingsCsv(props.pot.cook.events),
    "text/csv",
  );
</script>

<template>
  <OpenDialog v-model="shown" title="Instruments" width="min(560px, 94vw)">
    <div class="fields">
      <fieldset>
        <legend>This pot listens to</legend>
        <label v-if="pot.batch.practice === undefined" class="check">
          <input type="radio" name="source" :checked="link === null" @change="choose('none')" />
          none: read by hand
        </label>
        <label class="check">
          <input
            type="radio"
            name="source"
            :checked="link?.source === 'simulated'"
            @change="choose('simulated')"
          />
          a simulated thermometer with two probes, scale and float
        </label>
        <label v-for="bridge in bridges" :key="bridge.id" class="check">
          <input
            type="radio"
            name="source"
            :checked="link?.source === bridge.id"
            @change="choose(bridge.id)"
          />
          {{ bridge.name }}
        </label>
      </fieldset>
      <p class="quiet small">
        The simulated ones sit on a made-up pot that follows what you do, to try things out. A real
        instrument speaks to Kettlos through a small bridge: docs/instruments.md says how. What is
        lost is read by hand; nothing waits for an instrument.
      </p>
      <button v-if="link?.source === 'simulated'" type="button" class="button" @click="silence">
        Let them fall silent for 30 s
      </button>
      <div class="beside">
        <label class="button"
          >Readings from a CSV file
          <input class="visually-hidden" type="file" accept=".csv,text/csv" @change="readIn"
        /></label>
        <button type="button" class="button" @click="writeOut">Readings to a CSV file</button>
      </div>
      <ul v-if="problems.length > 0" class="ember small" role="alert">
        <li>Nothing was taken in.</li>
        <li v-for="problem in problems" :key="problem">{{ problem }}</li>
      </ul>
      <p v-if="done !== ''" role="status">{{ done }}</p>
    </div>
  </OpenDialog>
</template>

<style scoped>
fieldset {
  margin: 0;
  padding: 0;
  border: 0;
}

legend {
  padding: 0;
  font-weight: 650;
}

.beside .button:focus-within {
  outline: var(--focus);
  outline-offset: 2px;
}
</style>
