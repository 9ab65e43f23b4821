<script setup lang="ts">
import type { FileReport } from "@kettlos/core/formats/file-check";
import { computed } from "vue";

/** What a file holds, and what would be repaired or left out, before anything is done. */
const props = defineProps<{ report: FileReport }>();
const MOST_SHOWN = 12;
const { head, counts, planNames, potNames } = props.report;
const MOST_NAMES = 5;
const named = (names: readonly string[]): string =>
  `${names.slice(0, MOST_NAMES).join(", ")}${names.length > MOST_NAMES ? " …" : ""}`;
const count = counts.pictures;
const pictured = count === 0 ? "" : count === 1 ? " and one picture" : ` and ${count} pictures`;
const lists = computed(() => {
  const { repaired, repairedCount, leftOut, leftOutCount } = props.report;
  return [
    { title: "Would be repaired", of: repaired, count: repairedCount },
    { title: "Would be left out", of: leftOut, count: leftOutCount },
  ].filter((l) => l.count > 0);
});
</script>

<template>
  <div class="report">
    <p>
      <strong>{{ head.kitchen.name }}</strong>:
      <template v-if="head.part === 'pots'"
        >{{ counts.batches === 1 ? "one pot of its log" : `${counts.batches} pots of its log` }},
        {{ counts.events }} entries{{ pictured }}: {{ named(potNames) }}.</template
      ><template v-else-if="head.part === 'plans'"
        >{{ counts.plans === 1 ? "one plan" : `${counts.plans} plans` }}:
        {{ named(planNames) }}.</template
      ><template v-else
        >{{ counts.plans }} plans, {{ counts.batches }} batches with {{ counts.events }} entries{{
          pictured
        }}, {{ counts.larder }} of the larder.</template
      >
      <template v-if="lists.length === 0">All of it is whole.</template>
    </p>
    <details v-for="list in lists" :key="list.title" open>
      <summary>{{ list.title }}: {{ list.count }}</summary>
      <ul class="small">
        <li v-for="(item, i) in list.of.slice(0, MOST_SHOWN)" :key="i">
          <code>{{ item.path }}</code> {{ item.message }}
        </li>
        <li v-if="list.count > MOST_SHOWN">and {{ list.count - MOST_SHOWN }} more</li>
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
