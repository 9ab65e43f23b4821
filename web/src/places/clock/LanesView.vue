<script setup lang="ts">
import { MINUTE_MS } from "@kettlos/core/units/time";
import { clockOf, timeValueOf, weekdayOf, weekdayDateOf } from "@kettlos/core/units/moments";
import type { ClockAnswer } from "@kettlos/core/clock/answer";
import type { Minute } from "@kettlos/core/clock/wall-clock";
import { showVolume } from "@kettlos/core/units/show";
import type { Kitchen } from "@kettlos/core/simulate/kitchen-schema";
import { useMeasuredWidth } from "../../drawings/measured-width";
import { computed, nextTick, toRef, useTemplateRef, watch } from "vue";
import LaneBars from "./LaneBars.vue";
import LaneSign from "./LaneSign.vue";
import { lanesOf, tickStepMin, type LaneBar } from "./lane-model";
import { useHeldBar } from "./use-held-bar";
import { useScale, type Zoom } from "./use-scale";

/** Every pot, every task and every hand on one time scale: lanes are the kitchen's own things. */
const props = defineProps<{
  answer: ClockAnswer;
  kitchen: Kitchen;
  nowMinute: Minute;
  zoom: Zoom;
  chosen: string | null;
  potName: (planId: string) => string | undefined;
}>();
const emit = defineEmits<{
  choose: [bar: LaneBar];
  drag: [bar: LaneBar, byMin: number, isDone: boolean];
  pin: [bar: LaneBar];
}>();

const scroller = useTemplateRef<HTMLElement>("scroller");
const { width } = useMeasuredWidth(scroller);
const scale = useScale(toRef(props, "answer"), width);
const { pxPerMin, wholePx, xOf, from, to } = scale;
const grab = useHeldBar({
  choose: (bar) => emit("choose", bar),
  drag: (bar, byMin, isDone) => emit("drag", bar, byMin, isDone),
  pxPerMin: () => pxPerMin.value,
});
const volume = (volumeL: number) =>
  showVolume(volumeL, props.kitchen.units === "us" ? "us" : "metric");
const lanes = computed(() => lanesOf(props.answer, props.kitchen, props.potName, volume));

/** Nearer by, what comes next stays in sight. */
watch(
  () => [props.zoom, width.value] as const,
  async ([zoom]) => {
    scale.zoom.value = zoom;
    await nextTick();
    if (zoom !== "all" && scroller.value !== null)
      scroller.value.scrollLeft = Math.max(0, xOf(props.nowMinute) - 60);
  },
  { immediate: true },
);

const ticks = computed(() => {
  const step = tickStepMin(pxPerMin.value);
  const offset = new Date(from.value * MINUTE_MS).getTimezoneOffset();
  const first = Math.ceil((from.value - offset) / step) * step + offset;
  const all: { minute: Minute; isDay: boolean }[] = [];
  for (let minute = first; minute <= to.value; minute += step)
    all.push({ minute, isDay: timeValueOf(minute * MINUTE_MS) === "00:00" });
  return all;
});
/** Where a new day begins, and its name; the first stands at the left. */
const days = computed(() => {
  const all: { minute: Minute; name: string }[] = [];
  let last = "";
  for (let minute = from.value; minute <= to.value; minute += 15) {
    const name = weekdayOf(minute * MINUTE_MS);
    if (name !== last) all.push({ minute, name: weekdayDateOf(minute * MINUTE_MS) });
    last = name;
  }
  return all;
});
const inSight = <T extends { from: Minute; to: Minute }>(all: readonly T[]) =>
  all
    .filter((s) => s.to > from.value && s.from < to.value)
    .map((s) => ({ from: Math.max(s.from, from.value), to: Math.min(s.to, to.value) }));
const nights = computed(() => inSight(props.answer.hands[0]?.asleep ?? []));
const quietHours = computed(() => inSight(props.answer.quiet));
const handOf = (laneId: string) => props.answer.hands.find((h) => `hand ${h.id}` === laneId);
const offOf = (laneId: string) => {
  const hand = handOf(laneId);
  return hand === undefined ? [] : inSight([...hand.asleep, ...hand.away]);
};
const meals = computed(() =>
  props.answer.goals.flatMap((g) =>
    g.kind === "meal" && g.wishedAt !== null ? [{ id: g.id, name: g.name, at: g.wishedAt }] : [],
  ),
);
const box = (s: { from: Minute; to: Minute }) => ({
  left: `${xOf(s.from)}px`,
  width: `${(s.to - s.from) * pxPerMin.value}px`,
});
</script>

<template>
  <div class="lanes">
    <ul class="heads" aria-hidden="true">
      <li v-for="lane in lanes" :key="lane.id" :style="{ height: `${lane.rows * 44 + 9}px` }">
        <LaneSign :kind="lane.kind" />
        <span
          ><strong>{{ lane.name }}</strong
          ><br /><span class="quiet small">{{ lane.note }}</span></span
        >
      </li>
    </ul>
    <div ref="scroller" class="scroller" tabindex="0" role="group" aria-label="Lanes in time">
      <div class="whole" :style="{ width: `${wholePx}px` }">
        <div class="over">
          <span class="now-name small" :style="{ left: `${xOf(nowMinute)}px` }"
            >now {{ clockOf(nowMinute * MINUTE_MS) }}</span
          >
          <span
            v-for="meal in meals"
            :key="meal.id"
            class="meal-name small"
            :style="{ left: `${xOf(meal.at)}px` }"
            >{{ meal.name }} {{ clockOf(meal.at * MINUTE_MS) }}</span
          >
        </div>
        <div class="field">
          <span v-for="n in nights" :key="n.from" class="night" :style="box(n)" />
          <div
            v-for="lane in lanes"
            :key="lane.id"
            class="lane"
            role="group"
            :aria-label="lane.name"
          >
            <template v-if="lane.kind === 'hand'">
              <span
                v-for="s in quietHours"
                :key="`quiet ${s.from}`"
                class="hush small quiet"
                :style="box(s)"
                >quiet</span
              >
            </template>
            <span v-for="s in offOf(lane.id)" :key="s.from" class="off" :style="box(s)" />
            <LaneBars
              :lane
              :volume
              :x-of="xOf"
              :px-per-min="pxPerMin"
              :chosen
              @choose="$emit('choose', $event)"
              @grab="grab"
              @nudge="(bar, byMin) => $emit('drag', bar, byMin, true)"
              @pin="$emit('pin', $event)"
            />
          </div>
          <span class="now" :style="{ left: `${xOf(nowMinute)}px` }" />
          <span
            v-for="meal in meals"
            :key="meal.id"
            class="meal"
            :style="{ left: `${xOf(meal.at)}px` }"
          />
        </div>
        <div class="axis" aria-hidden="true">
          <span
            v-for="t in ticks"
            :key="t.minute"
            class="tick small"
            :class="{ day: t.isDay }"
            :style="{ left: `${xOf(t.minute)}px` }"
            >{{ clockOf(t.minute * MINUTE_MS) }}</span
          >
          <span
            v-for="d in days"
            :key="d.minute"
            class="day-name small quiet"
            :style="{ left: `${xOf(d.minute)}px` }"
            >{{ d.name }}</span
          >
        </div>
      </div>
    </div>
  </div>
</template>

<style scoped>
.lanes {
  --hours: 28px;

  display: grid;
  grid-template-columns: 176px minmax(0, 1fr);
}

.heads {
  padding-top: var(--hours);
}

.heads li {
  display: flex;
  gap: var(--space-4);
  align-items: center;
  border-bottom: 1px solid var(--hair);
  font-family: var(--head);
  line-height: 18px;
}

.scroller {
  overflow-x: auto;
}

.whole {
  position: relative;
}

.over {
  position: relative;
  height: var(--hours);
}

.over > span {
  position: absolute;
  top: 4px;
  padding-left: var(--space-3);
  white-space: nowrap;
  font-weight: 650;
}

.over > .meal-name {
  padding: 0 var(--space-3) 0 0;
  transform: translateX(-100%);
}

.field {
  position: relative;
}

.lane {
  position: relative;
  padding: var(--space-2) 0;
  border-bottom: 1px solid var(--hair);
}

.night,
.off {
  position: absolute;
  inset-block: 0;
  background: rgb(30 75 158 / 9%);
}

.off {
  background: rgb(82 100 110 / 12%);
}

/* Nothing loud is done then: ruled across, the hands themselves are free. */
.hush {
  position: absolute;
  inset-block: 0;
  overflow: hidden;
  padding-left: var(--space-2);
  border-inline: 1px dashed var(--tick);
  background: repeating-linear-gradient(135deg, transparent 0 7px, var(--hair) 7px 8px);
}

.now,
.meal {
  position: absolute;
  inset-block: -6px 0;
  width: 2px;
  background: var(--ink);
  pointer-events: none;
}

.meal {
  width: 4px;
  background: var(--broth);
  transform: translateX(-2px);
}

.axis {
  position: relative;
  height: 52px;
  border-top: 2px solid var(--ink);
}

.axis > span {
  position: absolute;
  white-space: nowrap;
}

.tick {
  top: 10px;
  font-family: var(--head);
  transform: translateX(-50%);
}

.tick::before {
  position: absolute;
  bottom: 100%;
  left: 50%;
  width: 2px;
  height: 10px;
  background: var(--tick);
  content: "";
}

.tick.day::before {
  background: var(--ink);
  height: 14px;
}

.day-name {
  top: 30px;
  padding-left: var(--space-1);
}

@media (width <= 700px) {
  .lanes {
    grid-template-columns: 84px minmax(0, 1fr);
  }

  .heads svg {
    display: none;
  }
}
</style>
