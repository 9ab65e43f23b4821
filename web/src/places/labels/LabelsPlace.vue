<script setup lang="ts">
import {
  LABEL_SHEETS,
  labelOf,
  PAGE_MM,
  pagesOf,
  sheetName,
  sheetOf,
} from "@kettlos/core/larder/label-of";
import { useLocalStorage } from "@vueuse/core";
import { computed, ref } from "vue";
import { useRoute } from "vue-router";
import { useKitchenStore } from "../../data/kitchen-store";
import { useLarderStore } from "../../data/larder-store";
import CountField from "../../controls/CountField.vue";
import LarderRead from "../../controls/LarderRead.vue";
import PrintedLabel from "./PrintedLabel.vue";

/** Labels for what stands in the larder, on a sheet of a common size, ready to print or to save as PDF. */
const kitchenStore = useKitchenStore();
const larderStore = useLarderStore();
const route = useRoute();
const units = computed(() => kitchenStore.units);
const offered = computed(() =>
  larderStore.larder.holdings.filter(
    ({ lot }) =>
      (route.query["pot"] === undefined || lot.batchId === route.query["pot"]) &&
      (route.query["lot"] === undefined || lot.id === route.query["lot"]),
  ),
);
const sheetId = useLocalStorage("kettlos-label-sheet", sheetOf("").id);
const sheet = computed(() => sheetOf(sheetId.value));
const perPage = computed(() => sheet.value.columns * sheet.value.rows);
const firstAt = ref<number | null>(1);
const skip = computed(() =>
  Math.min(perPage.value - 1, Math.max(0, Math.floor(firstAt.value ?? 1) - 1)),
);
const labels = computed(() =>
  offered.value.map(labelOf).flatMap((l) => Array.from({ length: l.count }, () => l)),
);
const pages = computed(() => pagesOf(labels.value, perPage.value, skip.value));
const mm = (n: number) => `${n}mm`;
const pageStyle = computed(() => ({
  width: mm(PAGE_MM[sheet.value.page].widthMm),
  height: mm(PAGE_MM[sheet.value.page].heightMm),
  padding: `${mm(sheet.value.topMm)} 0 0 ${mm(sheet.value.leftMm)}`,
  gridTemplateColumns: `repeat(${sheet.value.columns}, ${mm(sheet.value.widthMm)})`,
  gridAutoRows: mm(sheet.value.heightMm),
  columnGap: mm(sheet.value.gapXMm),
}));
const print = () => window.print();
</script>

<template>
  <div class="place labels">
    <header>
      <h1 v-if="larderStore.isLoaded">
        {{ labels.length }} {{ labels.length === 1 ? "label" : "labels" }}
      </h1>
      <h1 v-else><LarderRead /></h1>
      <div class="beside">
        <label class="small quiet field"
          >Sheet
          <select v-model="sheetId" class="written">
            <option v-for="s in LABEL_SHEETS" :key="s.id" :value="s.id">{{ sheetName(s) }}</option>
          </select></label
        >
        <CountField v-model="firstAt" label="Begin at label" :min="1" :max="perPage" />
        <button type="button" class="button primary" @click="print">Print, or save as PDF</button>
        <RouterLink class="button" to="/larder">To the larder</RouterLink>
      </div>
      <p class="quiet small">
        Print at full size, without margins. The small code opens the pot in the logbook, on a
        device that reaches this address.
      </p>
    </header>
    <p v-if="larderStore.isLoaded && labels.length === 0">
      There is nothing on the shelves to label.
    </p>
    <div v-for="(page, p) in pages" :key="p" class="sheet" :class="sheet.page" :style="pageStyle">
      <div v-for="(label, i) in page" :key="i" class="cell">
        <PrintedLabel
          v-if="label !== null"
          :label="label"
          :units="units"
          :height-mm="sheet.heightMm"
        />
      </div>
    </div>
  </div>
</template>

<style>
@page A4 {
  size: A4;
  margin: 0;
}

@page letter {
  size: letter;
  margin: 0;
}
</style>

<style scoped>
.labels {
  display: grid;
  gap: var(--space-6);
  justify-items: start;
}

header {
  display: grid;
  gap: var(--space-4);
}

.field {
  display: grid;
}

.sheet {
  display: grid;
  align-content: start;
  max-width: none;
  border: 1px solid var(--hair);
  background: #ffffff;
  color: #16232b;
  transform-origin: top left;
}

.cell {
  overflow: hidden;
  outline: 1px dashed var(--hair);
}

@media print {
  .labels {
    display: block;
    padding: 0;
  }

  header {
    display: none;
  }

  .sheet {
    border: 0;
    break-after: page;
  }

  .sheet.A4 {
    page: A4;
  }

  .sheet.letter {
    page: letter;
  }

  .cell {
    outline: 0;
  }
}
</style>
