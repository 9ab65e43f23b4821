<script setup lang="ts">
import { TASK_WORDS } from "@kettlos/core/schedule/task-words";
import { isAfter, isBefore, type WorkTask } from "@kettlos/core/schedule/work-tasks";
import { showDuration } from "@kettlos/core/units/show";
import { computed } from "vue";
import { useDrawnWidth } from "./drawn-width";

/** The work before the flame on a clock of its own: what begins ahead, then each piece by its minutes. */
const props = defineProps<{ tasks: readonly WorkTask[] }>();

const HEIGHT = 34;
const LEFT = 96;
const RIGHT = 88;
const LETTER = 6.6;
const { width } = useDrawnWidth(300);
const before = computed(() => props.tasks.filter(isBefore));
const meanwhile = computed(() => props.tasks.filter((t) => t.when === "meanwhile"));
const after = computed(() => props.tasks.filter(isAfter));
const ahead = computed(() => before.value.filter((t) => t.attention === "leave"));
const pieces = computed(() => {
  const near = before.value.filter((t) => t.attention !== "leave");
  const all = near.reduce((sum, t) => sum + t.min, 0);
  const px = (width.value - LEFT - RIGHT) / Math.max(1, all);
  let at = LEFT;
  return near.map((task) => {
    const x = at;
    const w = task.min * px;
    at += w;
    const text = TASK_WORDS[task.kind];
    return { task, x, w, text: text.length * LETTER + 8 < w ? text : "" };
  });
});
const allMin = computed(() => pieces.value.reduce((sum, p) => sum + p.task.min, 0));
/** What stands on no bar: what is begun long before, and what is done once it is soft. */
const aheadWords = computed(() =>
  [
    ...ahead.value.map((t) => `${t.title.toLowerCase()} ${showDuration(Math.round(t.min))} ahead`),
    ...meanwhile.value.map((t) => `${t.title.toLowerCase()} meanwhile`),
    ...after.value.map((t) => `${t.title.toLowerCase()} once it is soft`),
  ].join(", "),
);
</script>

<template>
  <div v-if="tasks.length > 0" ref="root">
    <svg
      :width="width"
      :height="HEIGHT"
      role="img"
      :aria-label="`Work before: ${before.map((t) => t.title).join(', ')}`"
    >
      <text x="0" y="18">Before</text>
      <g v-for="piece in pieces" :key="piece.task.id">
        <rect
          :x="piece.x"
          y="4"
          :width="Math.max(1, piece.w - 1)"
          height="18"
          :class="piece.task.attention"
        />
        <text v-if="piece.text" :x="piece.x + 5" y="17" class="on">{{ piece.text }}</text>
      </g>
      <text v-if="pieces.length > 0" :x="width - RIGHT + 8" y="18" class="strong">
        {{ showDuration(Math.max(1, Math.round(allMin))) }}
      </text>
      <text v-if="aheadWords" :x="LEFT" :y="HEIGHT - 1" class="quiet">{{ aheadWords }}</text>
    </svg>
  </div>
</template>

<style scoped>
.hands {
  fill: var(--rim-soft);
  stroke: var(--rim);
  stroke-width: 1;
}

.near {
  fill: var(--surface);
  stroke: var(--tick);
  stroke-width: 1;
}

.on {
  font-size: var(--size-small);
}

.quiet {
  font-size: var(--size-small);
}
</style>
