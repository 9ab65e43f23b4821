<script setup lang="ts">
import { useMeasuredWidth } from "./measured-width";
import { scaleLinear } from "d3-scale";
import { computed, nextTick, useTemplateRef, watch } from "vue";

/** One thing that was measured each time, on a ruled scale of its own. */
export interface StepRow {
  readonly name: string;
  /** Each time it was cooked, the oldest first; null where nobody said. */
  readonly values: readonly (number | null)[];
  /** What was planned, where it was. */
  readonly planned?: readonly (number | null)[];
  readonly show: (value: number) => string;
  /** Named steps, from nought on, instead of a scale of figures. */
  readonly words?: readonly string[];
  /** What its scale is ruled in, of the value's own: 60 for hours of minutes. */
  readonly ruledBy?: number;
  readonly isLiquid?: boolean;
}

/** A dish over the times it was cooked: each time a step on every scale. */
const props = defineProps<{
  times: readonly { readonly id: string; readonly label: string }[];
  rows: readonly StepRow[];
  /** Which one is marked, and with what word. */
  best: { readonly id: string; readonly word: string } | null;
  chosen: string | null;
}>();
const emit = defineEmits<{ choose: [string] }>();

const LEFT = 204;
const LEFT_NARROW = 108;
const NARROW = 560;
const TOP = 34;
const ROW = 84;
const WORD = 18;
const PAD = 20;
const NAME = 14;
const LEAST_COLUMN = 62;
const MOST_COLUMN = 230;

const root = useTemplateRef<HTMLElement>("root");
const { width: measured } = useMeasuredWidth(root);
const isNarrow = computed(() => measured.value < NARROW);
/** Where there is no room beside a scale, its name stands above. */
const left = computed(() => (isNarrow.value ? LEFT_NARROW : LEFT));
const above = computed(() => PAD + (isNarrow.value ? NAME : 0));
const column = computed(() =>
  Math.min(
    MOST_COLUMN,
    Math.max(LEAST_COLUMN, (measured.value - left.value - 2) / Math.max(1, props.times.length)),
  ),
);
const width = computed(() => left.value + column.value * props.times.length + 2);
const heightOf = ({ words }: StepRow) =>
  above.value + (words === undefined ? ROW - PAD : words.length * WORD - WORD + PAD);
const height = computed(() => props.rows.reduce((sum, row) => sum + heightOf(row), TOP) + 4);
const xOf = (i: number) => left.value + i * column.value;

/** The latest are what one looks for. */
watch(
  () => [width.value, measured.value],
  () => void nextTick(() => root.value?.scrollTo({ left: width.value })),
);

const drawn = computed(() =>
  props.rows.map((row, r) => {
    const top = props.rows.slice(0, r).reduce((sum, above) => sum + heightOf(above), TOP);
    const bottom = top + heightOf(row);
    const all = [...row.values, ...(row.planned ?? [])].filter((v) => v !== null);
    const [low, high] = row.words
      ? [0, row.words.length - 1]
      : [Math.min(...all), Math.max(...all)];
    const room = row.words ? 0 : Math.max((high - low) * 0.15, high * 0.03, 1e-6);
    const y = scaleLinear([low - room, high + room], [bottom - PAD, top + above.value]);
    const by = row.ruledBy ?? 1;
    const ruled = scaleLinear([(low - room) / by, (high + room) / by], y.range());
    const ticks = row.words
      ? row.words.map((word, at) => ({ y: y(at), label: word }))
      : ruled.ticks(2).map((at) => ({ y: ruled(at), label: row.show(at * by) }));
    const steps = row.values.flatMap((value, i) =>
      value === null ? [] : [{ i, y: y(value), label: row.words ? "" : row.show(value) }],
    );
    return {
      ...row,
      top,
      ticks,
      steps,
      joins: steps.flatMap((step, k) => {
        const before = steps[k - 1];
        return before === undefined ? [] : [{ from: before, to: step }];
      }),
      plans: (row.planned ?? []).flatMap((value, i) =>
        value === null ? [] : [{ i, y: y(value) }],
      ),
    };
  }),
);
const label = computed(() =>
  props.rows
    .map(
      (row) =>
        `${row.name}: ${row.values
          .map((v, i) => {
            const said = v === null ? "not said" : (row.words?.[Math.round(v)] ?? row.show(v));
            return `${props.times[i]?.label ?? ""} ${said}`;
          })
          .join(", ")}`,
    )
    .join("; "),
);
</script>

<template>
  <div ref="root" class="dish" tabindex="0" role="group" aria-label="Each time it was cooked">
    <svg :width="width" :height="height" role="img" :aria-label="label">
      <g v-for="(time, i) in times" :key="time.id">
        <rect
          class="column"
          :class="{ best: time.id === best?.id, chosen: time.id === chosen }"
          :x="xOf(i)"
          y="0"
          :width="column"
          :height="height"
          @click="emit('choose', time.id)"
        />
        <text class="strong when" :x="xOf(i) + column / 2" y="15" text-anchor="middle">
          {{ time.label }}
        </text>
        <text
          v-if="time.id === best?.id"
          class="word"
          :x="xOf(i) + column / 2"
          y="30"
          text-anchor="middle"
        >
          {{ best.word }}
        </text>
      </g>
      <g v-for="row in drawn" :key="row.name">
        <line class="rule" x1="0" :x2="width" :y1="row.top" :y2="row.top" />
        <text class="name" x="0" :y="row.top + 18">{{ row.name }}</text>
        <g v-for="tick in row.ticks" :key="tick.label">
          <line class="tick" :x1="left - 8" :x2="width" :y1="tick.y" :y2="tick.y" />
          <text class="numeral" :x="left - 12" :y="tick.y + 4" text-anchor="end">
            {{ tick.label }}
          </text>
        </g>
        <line
          v-for="join in row.joins"
          :key="join.to.i"
          class="join"
          :x1="xOf(join.from.i + 1)"
          :x2="xOf(join.to.i)"
          :y1="join.from.y"
          :y2="join.to.y"
        />
        <g v-for="step in row.steps" :key="`s${step.i}`">
          <line
            class="step"
            :class="{ liquid: row.isLiquid }"
            :x1="xOf(step.i)"
            :x2="xOf(step.i + 1)"
            :y1="step.y"
            :y2="step.y"
          />
          <text class="value" :x="xOf(step.i) + column / 2" :y="step.y - 6" text-anchor="middle">
            {{ step.label }}
          </text>
        </g>
        <line
          v-for="plan in row.plans"
          :key="`p${plan.i}`"
          class="planned"
          :x1="xOf(plan.i) + 6"
          :x2="xOf(plan.i + 1) - 6"
          :y1="plan.y"
          :y2="plan.y"
        />
      </g>
    </svg>
  </div>
</template>

<style scoped>
.dish {
  overflow: auto hidden;
}

svg {
  display: block;
}

.column {
  fill: transparent;
  cursor: pointer;
}

.column:hover {
  fill: var(--rim-soft);
}

.best {
  fill: var(--herb-soft);
}

.chosen {
  stroke: var(--rim);
  stroke-width: 2;
}

.word {
  fill: var(--herb);
  font-weight: 600;
  font-size: var(--size-small);
}

.rule {
  stroke: var(--ink);
}

.name {
  font-weight: 600;
}

.tick {
  stroke: var(--hair);
}

.numeral {
  fill: var(--quiet);
  font-size: var(--size-small);
}

.value {
  font-family: var(--head);
  font-weight: 650;
  font-size: var(--size-small);
}

.join {
  stroke: var(--ink);
}

.planned {
  stroke: var(--ink);
  stroke-width: 1.6;
  stroke-dasharray: 4 3;
}

.step {
  stroke: var(--ink);
  stroke-width: 4;
}

.liquid {
  stroke: var(--broth);
  stroke-width: 6;
}

line,
text {
  pointer-events: none;
}
</style>
