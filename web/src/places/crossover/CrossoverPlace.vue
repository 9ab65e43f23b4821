<script setup lang="ts">
import { heatOf } from "@kettlos/core/heats/heat";
import type { CrockRemedy } from "@kettlos/core/convert/crock-safety";
import { withSuggestions } from "@kettlos/core/convert/suggested";
import type { Plan } from "@kettlos/core/simulate/plan-schema";
import { showDuration, showVolume } from "@kettlos/core/units/show";
import { useMediaQuery } from "@vueuse/core";
import { useMeasuredWidth } from "../../drawings/measured-width";
import { computed, shallowRef, useTemplateRef, watch } from "vue";
import { useRoute, useRouter } from "vue-router";
import { useKitchenStore } from "../../data/kitchen-store";
import HeatCourses from "../../drawings/HeatCourses.vue";
import { useShortcuts } from "../../frame/shortcuts";
import UndoBar from "../../controls/UndoBar.vue";
import StageStrip from "../../frame/StageStrip.vue";
import type { HeatColumn as Column } from "../../workers/use-conversion";
import { useCrossoverStore } from "./crossover-store";
import { useWords } from "../../data/use-words";
import HeatColumn from "./HeatColumn.vue";
import PotsRow from "./PotsRow.vue";

const kitchenStore = useKitchenStore();
const words = useWords();
const store = useCrossoverStore();
const route = useRoute();
const router = useRouter();
const units = computed(() => kitchenStore.units);
const kitchen = computed(() =>
  kitchenStore.kitchen === null ? null : withSuggestions(kitchenStore.kitchen),
);
const plans = computed(() => kitchenStore.plans.filter((p) => p.items.length > 0));

// The plan itself is watched: its last change may still be on its way to the disk when this opens.
watch(
  () =>
    [
      kitchenStore.isLoaded && route.name === "crossover",
      plans.value.find((p) => p.id === route.params["planId"]),
    ] as const,
  ([isHere, wanted]) => {
    if (!isHere) return;
    if (wanted !== undefined) store.open(wanted);
    else if (plans.value[0] !== undefined) void router.replace(`/crossover/${plans.value[0].id}`);
  },
  { immediate: true },
);

const row = useTemplateRef<HTMLElement>("row");
const { width: rowWidth } = useMeasuredWidth(row);
const isMiddling = useMediaQuery("(width <= 1100px)");
const isNarrow = useMediaQuery("(width <= 700px)");
const columnWidth = computed(() => {
  const across = isNarrow.value ? 1 : isMiddling.value ? 2 : Math.max(1, store.columns.length);
  return Math.floor(rowWidth.value / across);
});
const endText = computed(() => {
  const written = store.columns.find((c) => c.answer.ok && c.answer.column.isWritten);
  return written?.answer.ok === true
    ? showVolume(written.answer.column.trace.endLiquidL, units.value)
    : "";
});
const courses = computed(() =>
  store.columns.flatMap(({ answer }) =>
    answer.ok
      ? [
          {
            key: answer.target.heat.method,
            name: heatOf(answer.target.heat).title,
            trace: answer.column.trace,
            stretches: answer.column.line,
            handsOn: showDuration(answer.column.handsOnMin),
            all: showDuration(answer.column.doorToDoorMin),
          },
        ]
      : [],
  ),
);

/** The curves are drawn a moment after the figures, so that neither holds the screen up. */
const drawnCourses = shallowRef(courses.value);
watch(courses, (next) => setTimeout(() => (drawnCourses.value = next), 0));

/** What was worked on here is not in the plan yet. */
const isChanged = computed(() => {
  const { dish } = store;
  const kept = kitchenStore.plans.find((p) => p.id === dish?.id);
  return dish !== null && kept !== undefined && JSON.stringify(kept) !== JSON.stringify(dish);
});
async function accept(plan: Plan) {
  await store.accept(plan);
  await router.push(`/plan/${plan.id}`);
}

/** A remedy of the slow cooker: its heat is set, or the pieces of the dish are cut. */
function mend({ answer }: Column, { change }: CrockRemedy) {
  if (change.heat !== undefined) store.setTarget(answer, { ...answer.target, heat: change.heat });
  if (change.items === undefined || store.dish === null) return;
  const pieces = new Map(change.items.map((i) => [i.id, i.piece]));
  store.write({
    ...store.dish,
    items: store.dish.items.map((i) => {
      const piece = pieces.get(i.id);
      return piece === undefined ? i : { ...i, piece };
    }),
  });
}

useShortcuts(() => [
  { keys: "u", does: "Undo the last change of the dish", run: () => store.undo() },
]);
</script>

<template>
  <div v-if="store.dish !== null && kitchen !== null" class="crossover">
    <h1 class="visually-hidden">{{ store.dish.name }} on four heats</h1>
    <StageStrip
      :name="store.dish.name"
      stage="gather"
      :end="store.dish.end"
      :plan-id="store.dish.id"
    >
      <template #name>
        <label>
          <span class="visually-hidden">Dish</span>
          <select
            class="written figure"
            :value="store.dish.id"
            @change="router.push(`/crossover/${($event.target as HTMLSelectElement).value}`)"
          >
            <option v-for="p in plans" :key="p.id" :value="p.id">{{ p.name }}</option>
          </select>
        </label>
      </template>
      <template #about>one dish on four heats, as done and as much at the end</template>
    </StageStrip>
    <nav class="bar" aria-label="Dish">
      <RouterLink class="button" to="/convert">Convert a time in a hurry</RouterLink>
      <UndoBar
        :undoes="store.undoes"
        :redoes="store.redoes"
        @undo="store.undo()"
        @redo="store.redo()"
      />
      <span v-if="endText" class="end"
        >All end with <b class="figure">{{ endText }}</b> in the pot</span
      >
      <span class="quiet small" role="status">{{ store.isBusy ? "working it out …" : "" }}</span>
    </nav>
    <p v-if="store.problem !== null" class="problem" role="alert">
      <strong>The dish as written does not work:</strong> {{ words(store.problem) }}
    </p>
    <div ref="row" class="row">
      <div v-for="column in store.columns" :key="column.answer.target.heat.method" class="heat">
        <PotsRow
          :column="column"
          :all="store.columns"
          :kitchen="kitchen"
          :units="units"
          :width="columnWidth"
        />
        <HeatColumn
          :answer="column.answer"
          :range="column.range"
          :kitchen="kitchen"
          :units="units"
          :crock-setting="store.crockSetting"
          :is-changed="isChanged"
          @write="store.write($event)"
          @target="store.setTarget(column.answer, $event)"
          @setting="store.crockSetting = $event"
          @remedy="mend(column, $event)"
          @accept="accept"
          @keep="store.dish && accept(store.dish)"
        />
      </div>
    </div>
    <section v-if="drawnCourses.length > 0" class="courses">
      <h2>Side by side on one clock</h2>
      <HeatCourses :rows="drawnCourses" />
    </section>
  </div>
  <div v-else-if="kitchenStore.isLoaded" class="place empty">
    <h1>No dish to convert yet</h1>
    <p>
      Crossover takes one dish and says how long and with how much liquid it goes on the hob, in the
      oven, in a slow cooker and under pressure, done the same and with the same left at the end.
    </p>
    <p>
      <RouterLink class="button primary" to="/convert">Convert a time</RouterLink>
      <RouterLink class="button" to="/plan">Plan a pot first</RouterLink>
    </p>
  </div>
</template>

<style scoped>
.bar {
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-3) var(--space-6);
  align-items: center;
  padding: var(--space-2) var(--space-7);
}

select {
  max-width: 300px;
  font-weight: 700;
}

.end b {
  border-bottom: 3px solid var(--broth);
}

.problem {
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-5);
  align-items: center;
  padding: var(--space-4) var(--space-7);
  border-bottom: 3px solid var(--ember);
  background: var(--ember-soft);
}

.row {
  display: grid;
  grid-template-columns: repeat(4, minmax(0, 1fr));
  margin-inline: var(--space-4);
}

.heat {
  min-width: 0;
}

.heat + .heat {
  border-left: 1px solid var(--hair);
}

.courses {
  padding: var(--space-4) var(--space-7) var(--space-6);
  border-top: 1px solid var(--hair);
}

@media (width <= 1100px) {
  .row {
    grid-template-columns: repeat(2, minmax(0, 1fr));
  }

  .heat:nth-child(odd) {
    border-left: 0;
  }
}

@media (width <= 700px) {
  .row {
    grid-template-columns: minmax(0, 1fr);
  }

  .bar,
  .courses {
    padding-inline: var(--space-6);
  }
}
</style>
