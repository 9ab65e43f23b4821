<script setup lang="ts">
import { MINUTE_MS } from "@kettlos/core/units/time";
import { clockOf, weekdayOf, dayOf } from "@kettlos/core/units/moments";
import type { ClockAnswer } from "@kettlos/core/clock/answer";
import type { SheetRow } from "@kettlos/core/clock/run-sheet";
import type { Minute } from "@kettlos/core/clock/wall-clock";
import type { Kitchen } from "@kettlos/core/simulate/kitchen-schema";
import { showOven } from "@kettlos/core/units/show";
import { computed, ref } from "vue";
import TickChoice from "../../controls/TickChoice.vue";
import { isBefore } from "../../data/clock-calls";
import { useWords } from "../../data/use-words";

/** What to do when, by hand and time; the page that is printed. */
const props = defineProps<{
  answer: ClockAnswer;
  kitchen: Kitchen;
  nowMinute: Minute;
  chosen: string | null;
  potName: (planId: string) => string | undefined;
}>();
defineEmits<{ choose: [blockId: string]; done: [row: SheetRow] }>();
const words = useWords();

const whose = ref("all");
const options = computed(() => [
  { value: "all", label: "everybody" },
  ...props.answer.hands.map((h) => ({ value: h.id, label: h.name })),
]);
const timeOf = (m: Minute) => clockOf(m * MINUTE_MS);
/** What goes on by itself is said where it begins; a row of hands is work to tick off. */
const rows = computed(() =>
  props.answer.rows.filter(
    (r) => r.to > props.nowMinute && (whose.value === "all" || r.handId === whose.value),
  ),
);
const isWork = (r: SheetRow) =>
  r.attention === "hands" || (r.attention === "near" && isBefore(r.kind));
const next = computed(() => rows.value.find(isWork) ?? null);
const days = computed(() => {
  const all: { name: string; rows: SheetRow[] }[] = [];
  for (const row of rows.value) {
    const ms = row.from * MINUTE_MS;
    const name = `${weekdayOf(ms)} ${dayOf(ms)}`;
    const last = all.at(-1);
    if (last?.name === name) last.rows.push(row);
    else all.push({ name, rows: [row] });
  }
  return all;
});
const nameOf = (list: readonly { id: string; name: string }[], id: string | null) =>
  list.find((x) => x.id === id)?.name ?? null;
const whereOf = (row: SheetRow) =>
  [
    nameOf(props.kitchen.rings, row.ringId),
    row.ovenId === null
      ? null
      : `${nameOf(props.kitchen.ovens, row.ovenId) ?? "oven"}, ${showOven(row.ovenC ?? 0, props.kitchen.units)}`,
    ...row.vesselIds.map((id) => nameOf(props.kitchen.vessels, id)),
  ]
    .filter((name) => name !== null)
    .join(", ");
const WHO: Record<SheetRow["attention"], string> = {
  hands: "",
  near: "stay near",
  eyes: "an eye on it",
  none: "runs alone",
};
const whoOf = (row: SheetRow) => nameOf(props.answer.hands, row.handId) ?? WHO[row.attention];
const potOf = (row: SheetRow) => {
  const names = row.planIds.flatMap((id) => props.potName(id) ?? []);
  const said = `${row.title} ${words(row.how)}`.toLowerCase();
  return names.filter((name) => !said.includes(name.toLowerCase())).join(", ");
};
</script>

<template>
  <section class="sheet" aria-label="Run sheet">
    <TickChoice v-model="whose" label="Whose work" :options />
    <p v-if="next" class="next">
      <span class="quiet">Next for {{ whose === "all" ? "the kitchen" : whoOf(next) }}</span>
      <strong
        >{{ timeOf(next.from) }} {{ next.title
        }}<template v-if="potOf(next)">, {{ potOf(next).toLowerCase() }}</template></strong
      >
    </p>
    <section v-for="day in days" :key="day.name">
      <h2>{{ day.name }}</h2>
      <ol>
        <li v-for="row in day.rows" :key="row.taskId" :class="row.attention">
          <input
            v-if="isWork(row) && isBefore(row.kind)"
            type="checkbox"
            class="tick"
            :checked="false"
            :aria-label="`${row.title} is done`"
            @change="$emit('done', row)"
          />
          <span v-else class="box" aria-hidden="true" />
          <span class="time">{{ timeOf(row.from) }}</span>
          <button
            type="button"
            class="what"
            :class="{ on: chosen === row.blockId }"
            @click="$emit('choose', row.blockId)"
          >
            <strong>{{ row.title }}</strong><template v-if="potOf(row)"
              >, {{ potOf(row).toLowerCase() }}</template
            >
            <span v-if="words(row.how)" class="quiet">: {{ words(row.how) }}</span>
          </button>
          <span class="quiet small">{{ whoOf(row) }}</span>
          <span class="quiet small where">{{ whereOf(row) }}</span>
          <span class="quiet small"
            >to {{ timeOf(row.to)
            }}<template v-if="row.slowTo > row.to"
              >, at the latest {{ timeOf(row.slowTo) }}</template
            ><template v-if="row.isPinned">; stays there</template></span
          >
        </li>
      </ol>
    </section>
    <p v-if="days.length === 0" class="quiet">Nothing is left to do.</p>
  </section>
</template>

<style scoped>
.sheet {
  display: grid;
  gap: var(--space-6);
}

.next {
  display: grid;
  padding: var(--space-4) var(--space-5);
  border-left: 6px solid var(--rim);
  background: var(--rim-soft);
  font-size: var(--size-lead);
}

h2 {
  border-bottom: 3px solid var(--ink);
}

li {
  display: grid;
  grid-template-columns: 20px 56px minmax(220px, 2fr) 110px minmax(0, 1fr) minmax(150px, 1fr);
  gap: 0 var(--space-5);
  align-items: center;
  min-height: 44px;
  border-bottom: 1px solid var(--hair);
}

.time {
  font-family: var(--head);
  font-weight: 650;
}

.box {
  width: 18px;
  height: 18px;
}

.tick {
  width: 22px;
  height: 22px;
  accent-color: var(--rim);
}

.hands .box {
  border: 2px solid var(--rim);
  border-radius: 2px;
}

.what {
  min-height: 44px;
  padding: 0;
  border: 0;
  background: none;
  text-align: left;
}

.what:hover,
.what.on {
  color: var(--rim);
}

li:not(.hands) strong {
  font-weight: 500;
}

@media (width <= 900px) {
  li {
    grid-template-columns: 20px 52px minmax(0, 1fr);
    padding: var(--space-2) 0;
  }

  li > .small {
    grid-column: 3;
  }
}

@media print {
  .next,
  fieldset {
    display: none;
  }

  li {
    grid-template-columns: 16px 40px minmax(0, 2fr) 76px minmax(0, 1fr) minmax(0, 1fr);
    gap: 0 10px;
    min-height: 0;
    padding: 2px 0;
    break-inside: avoid;
    font-size: 12px;
    line-height: 16px;
  }

  li > .small {
    grid-column: auto;
    font-size: 11px;
    line-height: 14px;
  }

  .tick,
  .hands .box {
    width: 14px;
    height: 14px;
    margin: 0;
  }

  .what {
    min-height: 0;
  }
}
</style>
