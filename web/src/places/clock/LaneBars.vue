<script setup lang="ts">
import type { Minute } from "@kettlos/core/clock/wall-clock";
import { clockOf, weekdayClockOf } from "../../data/moments";
import type { Lane, LaneBar } from "./lane-model";

/** One lane's bars. Each can be moved: by the pointer, by touch, or by the arrow keys. */
const props = defineProps<{
  lane: Lane;
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
const MINUTE_MS = 60_000;
const STEP_MIN = 5;
const LEAST_PX = 4;
/** On less a name is no more than a letter. */
const LEAST_NAME_PX = 44;

const timeOf = (m: Minute) => clockOf(m * MINUTE_MS);
const saidOf = (bar: LaneBar) =>
  `${bar.label}, ${weekdayClockOf(bar.from * MINUTE_MS)} to ${timeOf(bar.to)}, ${props.lane.name}${
    bar.isPinned ? ", stays there" : ""
  }${bar.isBroken ? ", clashes" : ""}`;

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
