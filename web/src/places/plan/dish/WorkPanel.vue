<script setup lang="ts">
import { MINUTE_MS } from "@kettlos/core/units/time";
import { weekdayClockOf } from "@kettlos/core/units/moments";
import type { WorkTask } from "@kettlos/core/schedule/work-tasks";
import { workHereWords } from "@kettlos/core/learn/say-taught";
import { showDuration } from "@kettlos/core/units/show";
import { computed } from "vue";
import { useWords } from "../../../data/use-words";
import { useThePlan } from "../the-plan";

/** The work on what goes in, before the pot goes on and once it is soft, in order, with its time and who is wanted. */

const words = useWords();
const { plan, kitchen, answers } = useThePlan();
const WANTED_WORDS: Record<WorkTask["attention"], string> = {
  hands: "hands",
  near: "near",
  leave: "by itself",
};
const WHEN_WORDS: Record<WorkTask["when"], string> = {
  before: "",
  meanwhile: "meanwhile",
  after: "once it is soft",
};
const tasks = computed(() => answers.value.dish.tasks);
const work = computed(() => answers.value.dish.work);
/** What is begun long before, with its moment where the pot has one. */
const beginWords = (task: WorkTask) => {
  const { start } = answers.value;
  const when = WHEN_WORDS[task.when];
  if (when !== "") return [when, words(task.how)].filter(Boolean).join(", ");
  if (task.attention !== "leave" || start === null) return words(task.how);
  const at = weekdayClockOf(start.prepareMs - task.min * MINUTE_MS);
  return [`from ${at}`, words(task.how)].filter(Boolean).join(", ");
};
/** Where its time goes by what was learned here, that it does. */
const hereWords = (task: WorkTask): string | null =>
  task.min === task.usualMin ? null : workHereWords(task.kind, kitchen.value);
const roundMin = (min: number) => showDuration(Math.max(1, Math.round(min)));
</script>

<template>
  <section class="work" aria-label="Work">
    <ol v-if="tasks.length > 0">
      <li v-for="task in tasks" :key="task.id" :title="task.why">
        <strong>{{ task.title }}</strong>
        <span class="quiet small">{{ beginWords(task) }}</span>
        <b class="figure">{{ roundMin(task.min) }}</b>
        <span class="quiet small" :class="{ hands: task.attention === 'hands' }">{{
          WANTED_WORDS[task.attention]
        }}</span>
        <span class="why small quiet"
          >{{ task.why
          }}<template v-if="hereWords(task) !== null"> {{ hereWords(task) }}</template></span
        >
      </li>
    </ol>
    <p v-else class="quiet small">
      No work is written down. Open an ingredient and tick what is done to it before it goes in.
    </p>
    <p class="sum">
      <b class="figure">{{ roundMin(work.handsMin + plan.prepareMin) }}</b> with hands
      <template v-if="plan.prepareMin > 0">
        <span class="quiet">({{ showDuration(plan.prepareMin) }} of it setting up)</span></template
      ><template v-if="work.aheadMin > 0"
        >; begin <b class="figure">{{ roundMin(work.aheadMin) }}</b> ahead</template
      >.
    </p>
  </section>
</template>

<style scoped>
li {
  display: grid;
  grid-template-columns: minmax(0, 1.2fr) minmax(0, 1fr) 76px 62px;
  gap: 0 var(--space-4);
  align-items: baseline;
  padding: var(--space-2) 0;
  border-bottom: 1px solid var(--hair);
}

li b {
  text-align: right;
}

.why {
  display: none;
}

li:hover .why {
  display: block;
  grid-column: 1 / -1;
}

.hands {
  color: var(--ink);
  font-weight: 600;
}

.sum {
  padding: var(--space-4) 0 var(--space-1);
}

@media (width <= 700px) {
  li {
    grid-template-columns: minmax(0, 1fr) 76px 62px;
    padding: var(--space-4) 0;
  }

  li span:first-of-type {
    grid-row: 2;
    grid-column: 1 / -1;
  }

  .why {
    display: block;
    grid-column: 1 / -1;
  }
}
</style>
