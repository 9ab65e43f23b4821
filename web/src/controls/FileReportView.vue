<script setup lang="ts">
import type { FileReport } from "@kettlos/core/formats/file-report";
import { computed } from "vue";

/** What a file holds, and what would be repaired or left out, before anything is done. */
const props = defineProps<{ report: FileReport }>();
const MOST_SHOWN = 12;
const { file } = props.report;
const MOST_NAMES = 5;
const namesOf = (batches: FileReport["file"]["batches"]): string => {
  const names = [...new Set(batches.map((b) => b.plan.name))];
  return `${names.slice(0, MOST_NAMES).join(", ")}${names.length > MOST_NAMES ? " …" : ""}`;
};
const count = file.pictures.length;
const pictured = count === 0 ? "" : count === 1 ? " and one picture" : ` and ${count} pictures`;
const lists = computed(() =>
  [
    { title: "Would be repaired", of: props.report.repaired },
    { title: "Would be left out", of: props.report.leftOut },
  ].filter((l) => l.of.length > 0),
);
</script>

<template>
  <div class="report">
    <p>
      <strong>{{ file.kitchen.name }}</strong>:
      <template v-if="file.part === 'pots'"
        >{{
          file.batches.length === 1
            ? "one pot of its log"
            : `${file.batches.length} pots of its log`
        }}, {{ file.events.length }} entries{{ pictured }}: {{ namesOf(file.batches) }}.</template
      ><template v-else-if="file.part === 'plans'"
        >{{ file.plans.length === 1 ? "one plan" : `${file.plans.length} plans` }}:
        {{ file.plans.map((p) => p.name).join(", ") }}.</template
      ><template v-else
        >{{ file.plans.length }} plans, {{ file.batches.length }} batches with
        {{ file.events.length }} entries{{ pictured }}, {{ file.larder.length }} of the
        larder.</template
      >
      <template v-if="lists.length === 0">All of it is whole.</template>
    </p>
    <details v-for="list in lists" :key="list.title" open>
      <summary>{{ list.title }}: {{ list.of.length }}</summary>
      <ul class="small">
        <li v-for="(item, i) in list.of.slice(0, MOST_SHOWN)" :key="i">
          <code>{{ item.path }}</code> {{ item.message }}
        </li>
        <li v-if="list.of.length > MOST_SHOWN">and {{ list.of.length - MOST_SHOWN }} more</li>
      </ul>
    </details>
  </div>
</template>

<style scoped>
.report {
  flex-basis: 100%;
}

summary {
  min-height: 32px;
  color: var(--ember);
  font-weight: 650;
  cursor: pointer;
}

code {
  overflow-wrap: anywhere;
}
</style>
