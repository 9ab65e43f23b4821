<script setup lang="ts">
import { MINUTE_MS } from "@kettlos/core/units/time";
import { clockOf, weekdayClockOf } from "@kettlos/core/units/moments";
import type { SheetRow } from "@kettlos/core/clock/run-sheet";
import type { Minute } from "@kettlos/core/clock/wall-clock";
import { computed } from "vue";
import QuantityField from "../../controls/QuantityField.vue";
import { showDuration } from "@kettlos/core/units/show";
import { useWords } from "../../data/use-words";

/** One block of work: when, why then, and what can be changed about it. */
const props = defineProps<{
  rows: readonly SheetRow[];
  pot: { readonly planId: string; readonly name: string } | null;
  /** Pots of it that are begun: there it is done. */
  batches: readonly { readonly id: string; readonly name: string }[];
}>();
defineEmits<{
  pin: [blockId: string, at: Minute | null];
  lengthen: [row: SheetRow, min: number | null];
  start: [planId: string];
  close: [];
}>();
const words = useWords();
const first = computed(() => props.rows.find((r) => !r.isWait) ?? props.rows[0]);
const timeOf = (m: Minute) => clockOf(m * MINUTE_MS);
const BEGINS: ReadonlySet<SheetRow["kind"]> = new Set(["prep", "fill", "fire"]);
const isBegin = computed(() => props.rows.some((r) => BEGINS.has(r.kind)));
</script>

<template>
  <section v-if="first" class="task" aria-label="This work">
    <header>
      <h2>
        {{ first.title }}<template v-if="pot">, {{ pot.name.toLowerCase() }}</template>
      </h2>
      <button type="button" class="link" @click="$emit('close')">Close</button>
    </header>
    <p>
      <strong>{{ weekdayClockOf(first.from * MINUTE_MS) }}</strong>: {{ first.why }}.
    </p>
    <ul>
      <li v-for="row in rows" :key="row.taskId">
        <span>{{ timeOf(row.from) }}–{{ timeOf(row.to) }}</span>
        <span
          >{{ row.title
          }}<span v-if="words(row.how)" class="quiet">: {{ words(row.how) }}</span></span
        >
        <QuantityField
          v-if="!row.isMeanwhile && !row.isWait"
          label="Takes"
          dimension="time"
          bare-unit="min"
          :show="showDuration"
          :min="1"
          :max="4320"
          :model-value="row.to - row.from"
          @update:model-value="$emit('lengthen', row, $event)"
        />
      </li>
    </ul>
    <p class="beside">
      <button
        v-if="first.isPinned"
        type="button"
        class="button"
        @click="$emit('pin', first.blockId, null)"
      >
        Let it move again
      </button>
      <button
        v-else-if="batches.length === 0"
        type="button"
        class="button"
        @click="$emit('pin', first.blockId, first.from)"
      >
        Keep it there <kbd>P</kbd>
      </button>
      <RouterLink v-for="b in batches" :key="b.id" class="button" :to="`/cook/${b.id}`"
        >To the {{ batches.length === 1 ? "pot" : b.name.toLowerCase() }}</RouterLink
      >
      <template v-if="batches.length === 0 && pot">
        <RouterLink class="button" :to="`/plan/${pot.planId}`">Open the plan</RouterLink>
        <button
          v-if="isBegin"
          type="button"
          class="button primary"
          @click="$emit('start', pot.planId)"
        >
          Put it on
        </button>
      </template>
    </p>
  </section>
</template>

<style scoped>
.task {
  display: grid;
  gap: var(--space-4);
  padding: var(--space-5) var(--space-6);
  border-left: 6px solid var(--rim);
  background: var(--surface);
}

header {
  display: flex;
  gap: var(--space-6);
  justify-content: space-between;
}

li {
  display: grid;
  grid-template-columns: 104px minmax(0, 1fr) 140px;
  gap: var(--space-5);
  align-items: center;
  border-bottom: 1px solid var(--hair);
}

@media (width <= 700px) {
  li {
    grid-template-columns: minmax(0, 1fr);
    gap: 0;
    padding: var(--space-3) 0;
  }
}
</style>
