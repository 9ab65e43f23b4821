<script setup lang="ts">
import { word } from "@kettlos/core/units/word";
import { movesWith } from "@kettlos/core/batch/stretch-actions";
import { stretchIdeas, type StretchIdea } from "@kettlos/core/convert/stretch-ideas";
import { fold } from "@kettlos/core/batch/fold";
import { nameOf } from "@kettlos/core/simulate/item-facts";
import type { Plan } from "@kettlos/core/simulate/plan-schema";
import { turnsOf } from "@kettlos/core/schedule/turns";
import { showDuration, showVolume } from "@kettlos/core/units/show";
import { computed } from "vue";
import EditPopover from "../../../controls/EditPopover.vue";
import WhyFigure from "../../../controls/WhyFigure.vue";
import { useOpened } from "../../../controls/use-opened";
import { newId } from "../../../data/new-id";
import StretchEditor from "./StretchEditor.vue";
import { useThePlan } from "../the-plan";

/** What follows on the first heat, one stretch after another, and what could. */
const emit = defineEmits<{ change: [Partial<Plan>] }>();
const { plan, setPot, answers, one } = useThePlan();

const { key, anchor, toggle, shut } = useOpened();
const ideas = computed(() => stretchIdeas(setPot.value));
const NOTHING_DONE = fold([]);
const rows = computed(() =>
  turnsOf(plan.value).map(({ stretchId, title }, i) => {
    const went = answers.value.trace.stretches[i + 1];
    const moves = movesWith(stretchId, plan.value, NOTHING_DONE);
    const isByClock = plan.value.then[i]?.stop.by === "time";
    const said = (items: readonly Plan["items"][number][], word: string) =>
      items.map((item) => `${nameOf(item).toLowerCase()} ${word}`);
    return {
      id: stretchId,
      title,
      min:
        went === undefined
          ? ""
          : `${isByClock ? "" : "about "}${showDuration(Math.round(went.toMin - went.fromMin))}`,
      litres: went === undefined ? "" : showVolume(went.endLiquidL, one.value),
      moves: [
        ...said(moves.out, word("out")),
        ...said(moves.back, word("back")),
        ...said(moves.in, word("in")),
      ].join(", "),
    };
  }),
);
const inAll = computed(() => {
  const { low, expected, high } = answers.value.figures.holdMin;
  const range = high - low < 1 ? "" : ` (${showDuration(low)} to ${showDuration(high)})`;
  return `${showDuration(expected)}${range}`;
});
function add({ stretch }: StretchIdea) {
  const id = newId();
  shut();
  emit("change", { then: [...plan.value.then, { ...stretch, id }] });
}
const openStretch = computed(() => rows.value.find((r) => r.id === key.value) ?? null);
</script>

<template>
  <div v-if="rows.length + ideas.length > 0" class="stretches">
    <ol v-if="rows.length > 0" aria-label="What follows on the heat">
      <li v-for="row in rows" :key="row.id">
        <span class="quiet">then</span>
        <button
          type="button"
          class="open"
          :aria-expanded="key === row.id"
          :aria-label="`${row.title}, ${row.min}: change this stretch`"
          @click="toggle(row.id, $event)"
        >
          <span class="editable">{{ row.title }}</span>
        </button>
        <b class="figure">{{ row.min }}</b>
        <span v-if="row.litres" class="quiet small">to {{ row.litres }}</span>
        <span v-if="row.moves" class="small">{{ row.moves }}</span>
      </li>
    </ol>
    <span v-if="rows.length > 0" class="quiet small"
      >{{ inAll }} in all <WhyFigure :estimate="answers.figures.holdMin"
    /></span>
    <button
      v-if="ideas.length > 0"
      type="button"
      class="link add"
      :aria-expanded="key === 'add'"
      @click="toggle('add', $event)"
    >
      {{ rows.length === 0 ? "And then …" : "then …" }}
    </button>
    <EditPopover
      v-if="anchor !== null && key === 'add'"
      :anchor="anchor"
      :width="300"
      label="What follows on the heat"
      @shut="shut"
    >
      <ul class="choice-list">
        <li v-for="idea in ideas" :key="idea.id">
          <button type="button" @click="add(idea)">{{ idea.said }}</button>
        </li>
      </ul>
    </EditPopover>
    <EditPopover
      v-if="anchor !== null && openStretch !== null"
      :key="openStretch.id"
      :anchor="anchor"
      :width="460"
      :label="`Change: ${openStretch.title}`"
      @shut="shut"
    >
      <StretchEditor :stretch-id="openStretch.id" @change="emit('change', $event)" />
    </EditPopover>
  </div>
</template>

<style scoped>
.stretches {
  display: flex;
  flex-wrap: wrap;
  gap: 0 var(--space-6);
  align-items: baseline;
}

ol {
  display: contents;
  list-style: none;
}

li {
  display: flex;
  flex-wrap: wrap;
  gap: 0 var(--space-4);
  align-items: baseline;
}

.open,
.add {
  min-height: 44px;
}

.open {
  padding: 0;
  border: 0;
  background: none;
  color: inherit;
}
</style>
