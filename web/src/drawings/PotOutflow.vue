<script setup lang="ts">
import type { FlowPart } from "@kettlos/core/batch/flow";
import { showVolume, type UnitSystem } from "@kettlos/core/units/show";
import type { VesselShape } from "@kettlos/core/vessel/vessel-schema";
import { computed, useId } from "vue";
import { useDrawnWidth } from "./drawn-width";
import { inLines, widthOfText } from "./fit-text";
import { isOverRim, placed, slicesOf } from "./outflow";
import { halfWidthAt, innerPath, potFrame, slicePath, yAt } from "./pot-frame";
import PotPatterns from "./PotPatterns.vue";
import VolumeScale from "./VolumeScale.vue";

/**
 * Where every litre went: all that was in the pot, by its own graduations, and how each part of it left: as
 * steam over the rim, through the sieve, with the solids.
 */
const props = defineProps<{
  flow: readonly FlowPart[];
  /** The pot; one that is gone is drawn as a usual one. */
  vessel: VesselShape | undefined;
  units: UnitSystem;
}>();

const LINE = 16;
const SCALE = 46;
const TOP = 42;
const FLOOR = 14;
const MOST_POT = 230;
const MOST_HIGH = 190;
/** From the wall to what is said, where there is room. */
const MOST_WAY = 84;
const WALL = 5;
const MOST_LABEL = 232;
const USUAL: VesselShape = {
  shape: "round",
  bottomM: [0.26, 0.26],
  topM: [0.26, 0.26],
  heightM: 0.24,
};

const id = useId();
const { width } = useDrawnWidth(320);
const one = computed(() => (props.units === "us" ? "us" : "metric"));
const shape = computed(() => props.vessel ?? USUAL);
const amount = (part: FlowPart) => showVolume(part.gotL ?? part.plannedL, one.value);
const planned = (part: FlowPart) => `planned ${showVolume(part.plannedL, one.value)}`;
const labelWidth = computed(() => Math.min(MOST_LABEL, width.value * 0.38));
const way = computed(() => Math.min(MOST_WAY, width.value * 0.13));
const potRoom = computed(() =>
  Math.min(MOST_POT, width.value - SCALE - way.value - labelWidth.value - 2 * WALL),
);
const pxPerM = computed(() => {
  const { bottomM, topM, heightM } = shape.value;
  return Math.min(potRoom.value / Math.max(bottomM[0], topM[0]), MOST_HIGH / heightM);
});
const potHigh = computed(() => shape.value.heightM * pxPerM.value);
const potWidth = computed(
  () => Math.max(shape.value.bottomM[0], shape.value.topM[0]) * pxPerM.value,
);
const frame = computed(() =>
  potFrame(shape.value, {
    width: SCALE + potWidth.value + 2 * WALL,
    height: TOP + potHigh.value + FLOOR,
    left: SCALE + WALL,
    right: WALL,
    top: TOP,
    bottom: FLOOR,
  }),
);
const rimHalf = computed(() => halfWidthAt(frame.value, shape.value.heightM) + WALL);
const stacked = computed(() => slicesOf(props.flow, shape.value));
const labelX = computed(() => frame.value.centreX + potWidth.value / 2 + WALL + way.value);
/** What is said of each, from the top down. */
const ends = computed(() => {
  const { centreX } = frame.value;
  const wall = (depthM: number) => centreX + halfWidthAt(frame.value, depthM) + WALL;
  const down = stacked.value.slices.toReversed().map(({ part, fromM, toM }) => {
    const room = labelWidth.value - 8;
    const isBeside = part.gotL !== null && widthOfText(`${amount(part)}  ${planned(part)}`) <= room;
    const under = part.gotL === null || isBeside ? [] : [planned(part)];
    const high = Math.max(1.5, yAt(frame.value, fromM) - yAt(frame.value, toM));
    return {
      part,
      high,
      middleM: (fromM + toM) / 2,
      isBeside,
      lines: [...under, ...inLines(part.name, room)],
    };
  });
  const ys = placed(
    down.map((d) => (isOverRim(d.part) ? 0 : yAt(frame.value, d.middleM) - LINE)),
    down.map((d) => 8 + LINE * (1 + d.lines.length)),
    LINE,
  );
  return down.map((d, i) => {
    const y = (ys[i] ?? 0) + LINE / 2;
    const x = labelX.value - 8;
    const from = yAt(frame.value, d.middleM);
    // What boils off rises from the surface and goes over the rim; the rest leaves by the wall.
    const up = centreX + halfWidthAt(frame.value, d.middleM) * 0.55;
    const path = isOverRim(d.part)
      ? `M${up} ${from}C${up} ${frame.value.rimY - TOP} ${(up + x) / 2} ${y} ${x} ${y}`
      : `M${wall(d.middleM)} ${from}C${wall(d.middleM) + way.value / 2} ${from} ${x - way.value / 2} ${y} ${x} ${y}`;
    return { ...d, y, path };
  });
});
const height = computed(() => {
  const last = ends.value.at(-1);
  const under = last === undefined ? 0 : last.y + LINE * (1 + last.lines.length) + 8;
  return Math.max(TOP + potHigh.value + FLOOR, under);
});
const fillOf = ({ colour }: FlowPart) =>
  colour === "broth"
    ? "var(--broth)"
    : colour === "steam"
      ? `url(#${id}-hatch)`
      : `url(#${id}-stipple)`;
const into = computed(() => props.flow.filter((p) => p.side === "in"));
/** How deep it was to stand with the heat off; not where that is what it was. */
const plannedY = computed(() => {
  const { slices, plannedM } = stacked.value;
  if (plannedM === null) return null;
  const gotM = slices.findLast((s) => !isOverRim(s.part))?.toM ?? plannedM;
  const y = yAt(frame.value, plannedM);
  return Math.abs(y - yAt(frame.value, gotM)) < 2 ? null : y;
});
</script>

<template>
  <div ref="root">
    <ul class="into small">
      <li v-for="part in into" :key="part.id">
        <b class="figure">{{ amount(part) }}</b> {{ part.name }}
        <span v-if="part.gotL !== null" class="quiet">{{ planned(part) }}</span>
      </li>
    </ul>
    <svg
      :width="width"
      :height="height"
      role="img"
      :aria-label="
        flow
          .map(
            (p) =>
              `${p.name}: planned ${showVolume(p.plannedL, units)}${p.gotL === null ? '' : `, got ${showVolume(p.gotL, units)}`}`,
          )
          .join('; ')
      "
    >
      <PotPatterns :id="id" small />
      <clipPath :id="`${id}-inner`"><path :d="innerPath(frame)" /></clipPath>
      <path :d="innerPath(frame)" fill="var(--enamel)" />
      <g :clip-path="`url(#${id}-inner)`">
        <path
          v-for="slice in stacked.slices"
          :key="slice.part.id"
          :d="slicePath(frame, slice.fromM, slice.toM)"
          :fill="fillOf(slice.part)"
        />
      </g>
      <path
        :d="`M${frame.centreX - rimHalf} ${frame.rimY}H${frame.centreX + rimHalf}`"
        stroke="var(--rim)"
        stroke-width="7"
        stroke-linecap="round"
      />
      <path
        v-for="end in ends"
        :key="end.part.id"
        :d="end.path"
        fill="none"
        :stroke="fillOf(end.part)"
        :stroke-width="end.high"
      />
      <path :d="innerPath(frame)" fill="none" stroke="var(--ink)" stroke-width="1.4" />
      <path :d="innerPath(frame, WALL)" fill="none" stroke="var(--ink)" stroke-width="1.4" />
      <line
        v-if="plannedY !== null"
        class="planned-level"
        :x1="frame.centreX - potWidth / 2 - 4"
        :x2="frame.centreX + potWidth / 2 + 4"
        :y1="plannedY"
        :y2="plannedY"
      />
      <VolumeScale :frame="frame" :unit="units === 'us' ? 'qt' : 'L'" side="left" />
      <g v-for="end in ends" :key="end.part.id" :transform="`translate(${labelX} ${end.y})`">
        <text class="strong" y="4">
          {{ amount(end.part) }}
          <tspan v-if="end.isBeside" class="planned">{{ planned(end.part) }}</tspan>
        </text>
        <text v-for="(text, i) in end.lines" :key="text" class="quiet" :y="4 + (i + 1) * LINE">
          {{ text }}
        </text>
      </g>
    </svg>
    <p v-if="plannedY !== null" class="quiet small">Dashed: as high as it was to stand.</p>
  </div>
</template>

<style scoped>
svg {
  display: block;
  overflow: visible;
}

.into {
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-1) var(--space-6);
  padding-bottom: var(--space-4);
}

.planned {
  font-family: var(--text);
  font-weight: 400;
  fill: var(--quiet);
}

.planned-level {
  stroke: var(--ink);
  stroke-width: 1.4;
  stroke-dasharray: 4 3;
}
</style>
