<script setup lang="ts">
import type { TroubleAnswer } from "@kettlos/core/clock/answer";
import type { Remedy, RemedyCost } from "@kettlos/core/clock/remedies";
import { showDuration } from "@kettlos/core/units/show";
import { sayAll } from "@kettlos/core/units/said";
import { useMediaQuery } from "@vueuse/core";
import { useWords } from "../../data/use-words";

/** What cannot all be, and ways out that were tried: one tap each, undone in one step. */
defineProps<{
  troubles: readonly TroubleAnswer[];
  /** Where the clock breaks, in words. */
  broken: readonly string[];
}>();
const words = useWords();
defineEmits<{ take: [remedy: Remedy] }>();

/** On a phone the next thing to do stands higher than what was tried. */
const isNarrow = useMediaQuery("(width <= 700px)");
const signed = (min: number, more: string, less: string) =>
  Math.abs(min) < 3 ? [] : [`${showDuration(Math.abs(min))} ${min > 0 ? more : less}`];
const costOf = (cost: RemedyCost): string => {
  const said = [
    ...signed(cost.lateMin, "later at the table", ""),
    ...signed(cost.handsMin, "more by hand", "less by hand"),
    ...signed(cost.earlierMin, "earlier at work", ""),
  ];
  return said.length === 0 ? "nothing else moves much" : said.join(", ");
};
const standOf = (t: TroubleAnswer) =>
  t.lateMin === null ? "cannot be as it stands" : `is ${showDuration(t.lateMin)} late`;
</script>

<template>
  <section class="troubles" aria-label="What clashes">
    <details v-for="(t, i) in troubles" :key="i" :open="!isNarrow">
      <summary>
        <h2 class="ember">{{ t.goal }} {{ standOf(t) }}</h2>
      </summary>
      <p v-if="t.wishes.length > 0">Not all of this can be: {{ words(sayAll(t.wishes, "; ")) }}.</p>
      <p v-else>It takes longer than there is.</p>
      <ul v-if="i === troubles.findIndex((x) => x.goalId === t.goalId)" class="ways">
        <li v-for="remedy in t.remedies" :key="remedy.id">
          <button type="button" class="button" @click="$emit('take', remedy)">
            <span
              ><strong>{{ remedy.title }}</strong
              ><br /><span class="small quiet">{{ costOf(remedy.cost) }}</span></span
            >
          </button>
        </li>
      </ul>
      <p v-if="t.remedies.length === 0" class="quiet">
        Nothing that was tried mends it: another time, fewer pots, or more hands.
      </p>
    </details>
    <details v-if="broken.length > 0" :open="troubles.length === 0">
      <summary class="ember">Where it breaks ({{ broken.length }})</summary>
      <ul>
        <li v-for="said in broken" :key="said">{{ said }}.</li>
      </ul>
    </details>
  </section>
</template>

<style scoped>
.troubles {
  display: grid;
  gap: var(--space-2);
  padding: var(--space-2) var(--space-6) var(--space-4);
  border: 2px solid var(--ember);
  background: var(--surface);
}

summary {
  min-height: 44px;
  align-content: center;
  cursor: pointer;
}

summary h2 {
  display: inline;
}

.ways {
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-4);
  margin-top: var(--space-4);
}

.ways .button {
  justify-content: start;
  text-align: left;
}
</style>
