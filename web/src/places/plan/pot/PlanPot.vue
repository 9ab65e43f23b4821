<script setup lang="ts">
import { inLines } from "../../../drawings/fit-text";
import { isOnRing } from "@kettlos/core/heats/heat";
import { drawnLid } from "../../../data/drawn-lid";
import type { WaterStatement } from "@kettlos/core/simulate/plan-schema";
import { showLength, showVolume } from "@kettlos/core/units/show";
import type { Vessel } from "@kettlos/core/vessel/vessel-schema";
import { capacityL, depthForVolumeM, vesselVolumeL } from "@kettlos/core/vessel/volume";
import { useMeasuredWidth } from "../../../drawings/measured-width";
import { computed, useTemplateRef } from "vue";
import { piecesOf } from "../../../drawings/pieces-of";
import PotSection from "../../../drawings/PotSection.vue";
import { halfWidthAt, potFrame, yAt } from "../../../drawings/pot-frame";
import VolumeScale from "../../../drawings/VolumeScale.vue";
import { placeLeaders } from "./leaders";
import { neededWords, waterWords } from "./water-words";
import WaterGrip from "./WaterGrip.vue";
import WaysList from "../dish/WaysList.vue";
import { useThePlan } from "../the-plan";

/** The pot of the plan: the water line can be pulled, stepped by keys, or set by its name. */
const props = defineProps<{
  vessel: Vessel;
}>();
const { plan, answers, units, one } = useThePlan();
const emit = defineEmits<{
  pull: [depthM: number];
  release: [];
  state: [statement: WaterStatement];
}>();

const TALLEST = 356;
const LEADERS = 176;
const LEADER_ROOM = 148;
const MARGIN = { side: 56, top: 44, bottom: 46 };
/** Height that the amount and its depth take, px. */
const ROOM_FOR_WORDS = 68;
const root = useTemplateRef<HTMLElement>("root");
const { width: rootWidth, isMeasured } = useMeasuredWidth(root);
const isNarrow = computed(() => rootWidth.value < 470);
const width = computed(() => Math.max(240, rootWidth.value - (isNarrow.value ? 0 : LEADERS)));
/** Beside its leaders the drawing is always as high; on a phone as high as the pot asks for. */
const HEIGHT = computed(() => {
  if (!isNarrow.value) return TALLEST;
  const { bottomM, topM, heightM } = props.vessel;
  const pxPerM = (width.value - 2 * MARGIN.side) / Math.max(bottomM[0], topM[0]);
  const needs = heightM * pxPerM + MARGIN.top + MARGIN.bottom + ROOM_FOR_WORDS;
  return Math.round(Math.min(TALLEST, width.value * 0.92, needs));
});
const frame = computed(() =>
  potFrame(props.vessel, {
    width: width.value,
    height: HEIGHT.value,
    left: MARGIN.side,
    right: MARGIN.side,
    top: MARGIN.top,
    bottom: MARGIN.bottom,
  }),
);
const trace = computed(() => answers.value.trace);
/** Where no water is poured in, what else there is of liquid is said. */
const isWater = computed(() => answers.value.waterL >= 0.005);
const pouredL = computed(() =>
  isWater.value ? answers.value.waterL : (trace.value.points[0]?.liquidKg ?? 0),
);
/** The amount stands over the water; in a shallow pot without room there, over the lid. */
const wordsY = computed(() =>
  lineY.value - frame.value.rimY < ROOM_FOR_WORDS && frame.value.rimY > 110
    ? frame.value.rimY - 30
    : lineY.value,
);
const startM = computed(() => trace.value.startDepthM);
const lineY = computed(() => yAt(frame.value, startM.value));
const half = computed(() => halfWidthAt(frame.value, startM.value));
const markL = computed(() =>
  vesselVolumeL(props.vessel, Math.min(startM.value, props.vessel.heightM)),
);
const steamedL = computed(() => answers.value.figures.steamedL.expected);
const steamY = computed(() => (lineY.value + yAt(frame.value, trace.value.endDepthM)) / 2);
const steamBandPx = computed(() => yAt(frame.value, trace.value.endDepthM) - lineY.value);

/** From one way to the next: as high as the one that takes most lines. */
const leaderGap = computed(
  () =>
    26 +
    20 *
      Math.max(
        1,
        ...answers.value.ways.map(
          (way) => inLines(waterWords(way.statement, units.value), LEADER_ROOM).length,
        ),
      ),
);
const leaders = computed(() =>
  placeLeaders(
    answers.value.ways.flatMap((way) =>
      way.outcome.ok
        ? [
            {
              statement: way.statement,
              words: waterWords(way.statement, units.value),
              volume: neededWords(way.outcome.value.volumeL, units.value),
              isOn: way.statement.by === plan.value.water.by,
              isOver: way.overFillLine,
              lineY: yAt(frame.value, way.outcome.value.depthM),
            },
          ]
        : [],
    ),
    leaderGap.value,
    HEIGHT.value - 30,
  ),
);

function stepBy(litres: number) {
  const wanted = Math.min(capacityL(props.vessel), Math.max(0.1, markL.value + litres));
  emit("pull", depthForVolumeM(props.vessel, wanted));
  emit("release");
}
</script>

<template>
  <div ref="root" class="plan-pot">
    <svg
      v-if="isMeasured"
      :width="width"
      :height="HEIGHT"
      :viewBox="`0 0 ${width} ${HEIGHT}`"
      role="group"
      :aria-label="`${vessel.name} in section`"
    >
      <PotSection
        :frame="frame"
        :from-m="startM"
        :level-m="trace.endDepthM"
        :heap-top-m="Math.min(trace.heapTopM, vessel.heightM)"
        :pieces="piecesOf(plan)"
        :fill-line-m="vessel.heightM * vessel.fillShare"
        :lid="drawnLid(plan.heat)"
        :flames="isOnRing(plan.heat)"
      >
        <VolumeScale v-if="units !== 'us'" :frame="frame" unit="L" side="left" />
        <VolumeScale v-if="units !== 'metric'" :frame="frame" unit="qt" side="right" />
        <g class="words">
          <text
            v-if="yAt(frame, vessel.heightM * vessel.fillShare) < lineY - 70"
            class="quiet"
            :x="frame.centreX - half + 12"
            :y="yAt(frame, vessel.heightM * vessel.fillShare) - 6"
          >
            fill line
          </text>
          <text class="strong big" :x="frame.centreX - half + 12" :y="wordsY - 30">
            {{ showVolume(pouredL, one) }}
          </text>
          <text class="quiet on-enamel" :x="frame.centreX - half + 12" :y="wordsY - 10">
            {{ isWater ? "water" : "liquid" }}, {{ showLength(startM, one) }} deep
          </text>
          <g v-if="steamBandPx > 20">
            <rect
              :x="frame.centreX - half + 10"
              :y="steamY - 10"
              width="136"
              height="20"
              fill="var(--surface)"
            />
            <text :x="frame.centreX - half + 16" :y="steamY + 5">
              <tspan class="strong-span">{{ showVolume(steamedL, one) }}</tspan>
              steams off
            </text>
          </g>
          <text
            v-if="yAt(frame, 0) - yAt(frame, trace.endDepthM) > 30"
            class="on-broth strong"
            :x="frame.centreX - half + 14"
            :y="Math.max(lineY, yAt(frame, trace.endDepthM)) + 18"
          >
            ends here, {{ showVolume(trace.endLiquidL, one) }}
            <tspan v-if="steamBandPx <= 20 && half > 140" class="plain">
              ({{ showVolume(steamedL, one) }} steams off)
            </tspan>
          </text>
        </g>
        <WaterGrip
          :frame="frame"
          :depth-m="startM"
          :litres="markL"
          :text="`${showVolume(answers.waterL, units)} water, ${showLength(startM, units)} deep`"
          @pull="emit('pull', $event)"
          @step="stepBy"
          @release="emit('release')"
        />
        <g v-if="!isNarrow" class="leaders" aria-hidden="true">
          <path
            v-for="leader in leaders"
            :key="leader.statement.by"
            :d="`M${width - 12} ${leader.lineY}L${width + 2} ${leader.y}H${width + 12}`"
            :class="{ on: leader.isOn }"
          />
        </g>
      </PotSection>
      <text class="quiet" :x="frame.centreX" :y="HEIGHT - 6" text-anchor="middle">
        {{ vessel.name.toLowerCase() }}, {{ showVolume(capacityL(vessel), one) }} to the rim
      </text>
    </svg>
    <WaysList :ways="leaders" :is-row="isNarrow" @state="emit('state', $event)" />
    <p class="steps" aria-label="Step the water">
      <button type="button" class="button" aria-label="Less water" @click="stepBy(-0.1)">−</button>
      <button type="button" class="button" aria-label="More water" @click="stepBy(0.1)">+</button>
    </p>
  </div>
</template>

<style scoped>
.plan-pot {
  position: relative;
  min-height: 300px;
}

/* The bones keep a layer of their own, so that a moving level does not paint them anew. */
.plan-pot :deep(.still) {
  will-change: transform;
}

svg {
  display: block;
  overflow: visible;
}

.big {
  font-size: var(--size-figure);
}

.strong-span {
  font-weight: 700;
}

.plain {
  font-family: var(--text);
  font-weight: 400;
}

/* What is drawn behind it does not run through it. */
.on-broth,
.on-enamel {
  paint-order: stroke;
  stroke-width: 5px;
  stroke-linejoin: round;
}

.on-broth {
  fill: var(--broth-ink);
  stroke: var(--broth);
}

.on-enamel {
  stroke: var(--enamel);
}

.leaders path {
  fill: none;
  stroke: var(--tick);
}

.leaders path.on {
  stroke: var(--rim);
  stroke-width: 3;
}

.steps {
  display: none;
}

@media (width <= 700px) {
  .steps {
    display: flex;
    gap: var(--space-4);
    padding: var(--space-2) 0 var(--space-5);
  }

  .steps .button {
    flex: 1;
    font-size: var(--size-lead);
  }
}
</style>
