<script setup lang="ts">
import { MINUTE_MS } from "@kettlos/core/units/time";
import { clockOf, weekdayClockOf } from "@kettlos/core/units/moments";
import type { Minute } from "@kettlos/core/clock/wall-clock";
import type { Lane, LaneBar } from "./lane-model";

/** One lane's bars. Each can be moved: by the pointer, by touch, or by the arrow keys. */
const props = defineProps<{
  lane: Lane;
  volume: (volumeL: number) => string;
  xOf: (minute: Minute) => number;
  pxPerMin: number;
  chosen: string | null;
}>();
const emit = defineEmits<{
  choose: [bar: LaneBar];
  /** Taken in the hand. */
  grab: [event: PointerEvent, bar: LaneBar];
  /** Moved by a key, so far from where it stands. */
  nudge: [bar: LaneBar, byMin: number];
  pin: [bar: LaneBar];
}>();
const STEP_MIN = 5;
const LEAST_PX = 4;
/** On less a name is no more than a letter. */
const LEAST_NAME_PX = 44;
const LEAST_LITRES_PX = 108;

const timeOf = (m: Minute) => clockOf(m * MINUTE_MS);
const litresOf = ({ course, parts }: LaneBar): string | null => {
  if (course !== null) return `${props.volume(course.fromL)} → ${props.volume(course.toL)}`;
  const inFridgeL = parts[0]?.fridgeL ?? null;
  return inFridgeL === null ? null : props.volume(inFridgeL);
};
const saidOf = (bar: LaneBar) =>
  `${bar.label}, ${weekdayClockOf(bar.from * MINUTE_MS)} to ${timeOf(bar.to)}, ${props.lane.name}${
    bar.isPinned ? ", stays there" : ""
  }${bar.isBroken ? ", clashes" : ""}${
    bar.course === null
      ? ""
      : `, from ${props.volume(bar.course.fromL)} to ${props.volume(bar.course.toL)}`
  }`;
/** What has steamed off so far, over the liquid that is left. */
const goneOf = ({ course }: LaneBar) => {
  const level = (course?.points ?? []).map(
    ({ along, share }) => `${(100 * along).toFixed(2)}% ${(100 * (1 - share)).toFixed(2)}%`,
  );
  return `polygon(0 0, 100% 0, ${level.toReversed().join(", ")})`;
};

function key(event: KeyboardEvent, bar: LaneBar) {
  const by = event.key === "ArrowLeft" ? -1 : event.key === "ArrowRight" ? 1 : 0;
  if (by !== 0) {
    event.preventDefault();
    emit("nudge", bar, by * (event.shiftKey ? 1 : STEP_MIN));
  } else if (event.key === "Enter" || event.key === " ") {
    event.preventDefault();
    emit("choose", bar);
  } else if (event.key === "p") {
    event.preventDefault();
    event.stopPropagation();
    emit("pin", bar);
  }
}
const widthOf = (bar: LaneBar) => Math.max(LEAST_PX, (bar.to - bar.from) * props.pxPerMin);
</script>

<template>
  <div class="bars" :style="{ height: `${lane.rows * 44}px` }">
    <template v-for="bar in lane.bars" :key="bar.key">
      <span
        v-if="bar.slowTo > bar.to && lane.kind !== 'hand'"
        class="slow"
        :style="{
          left: `${xOf(bar.to)}px`,
          width: `${(bar.slowTo - bar.to) * pxPerMin}px`,
          top: `${bar.row * 44 + 20}px`,
        }"
        aria-hidden="true"
      />
      <button
        type="button"
        class="bar"
        :class="[
          lane.kind,
          { broken: bar.isBroken, pinned: bar.isPinned, chosen: chosen === bar.blockId },
        ]"
        :style="{
          left: `${xOf(bar.from)}px`,
          width: `${widthOf(bar)}px`,
          top: `${bar.row * 44}px`,
        }"
        :aria-label="saidOf(bar)"
        :data-block="bar.blockId"
        @pointerdown="emit('grab', $event, bar)"
        @keydown="key($event, bar)"
      >
        <span v-if="widthOf(bar) >= LEAST_NAME_PX" class="name small" aria-hidden="true">{{
          bar.label
        }}</span>
        <span class="track" aria-hidden="true">
          <span
            v-for="part in bar.parts"
            :key="part.taskId"
            :class="part.attention"
            :style="{ flexGrow: part.to - part.from }"
          />
          <i v-if="bar.course !== null" class="gone" :style="{ clipPath: goneOf(bar) }" />
          <b
            v-if="litresOf(bar) !== null && widthOf(bar) >= LEAST_LITRES_PX"
            class="litres figure"
            >{{ litresOf(bar) }}</b
          >
        </span>
      </button>
    </template>
  </div>
</template>

<style scoped>
.bars {
  position: relative;
}

.bar {
  position: absolute;
  height: 44px;
  padding: 0;
  border: 0;
  background: none;
  text-align: left;
  touch-action: pan-y;
  user-select: none;
  cursor: grab;
}

.bar:active {
  cursor: grabbing;
}

.name {
  position: absolute;
  top: 0;
  left: 0;
  max-width: max(100%, 0px);
  overflow: hidden;
  white-space: nowrap;
  text-overflow: ellipsis;
}

.track {
  position: absolute;
  inset: 20px 0 4px;
  display: flex;
  border-inline: 2px solid var(--ink);
}

/* The pot on the heat is full of broth; what only wants an eye is ruled, what runs alone is outlined. */
.track > span {
  min-width: 0;
  background: var(--broth);
}

.track > .near {
  background: repeating-linear-gradient(90deg, var(--broth) 0 5px, var(--broth-thin) 5px 8px);
}

.track > .none {
  border-block: 2px solid var(--broth);
  background: var(--broth-thin);
}

.track > .gone {
  position: absolute;
  inset: 0;
  background: repeating-linear-gradient(135deg, var(--ground) 0 3px, var(--tick) 3px 4px);
}

.litres {
  position: absolute;
  bottom: 0;
  left: 6px;
  color: var(--broth-ink);
  font-size: var(--size-small);
  font-weight: 500;
  line-height: 17px;
  white-space: nowrap;
}

.fridge .track > span {
  border-block: 2px solid var(--steam);
  background: none;
}

.fridge .litres {
  color: var(--ink);
}

.cold .track > span {
  border-block: 2px solid var(--steam);
  background: var(--steam-back);
}

.alone .track > span {
  border-block: 2px dashed var(--tick);
  background: none;
}

.hand .track {
  border-color: var(--rim-deep);
}

.hand .track > span {
  background: var(--rim);
}

.chosen .track {
  outline: 3px solid var(--rim);
  outline-offset: 2px;
}

.pinned .track {
  border-inline-width: 5px;
}

.broken .track {
  outline: 3px dashed var(--ember);
  outline-offset: 1px;
}

.broken .name {
  color: var(--ember);
  font-weight: 650;
}

.slow {
  position: absolute;
  height: 20px;
  border: 1.5px dashed var(--tick);
  border-left: 0;
}
</style>
