<script setup lang="ts">
import { capital } from "@kettlos/core/units/capital";
import { isRest } from "@kettlos/core/heats/heat";
import { MINUTE_MS, HOUR_MS } from "@kettlos/core/units/time";
import { clockOf, weekdayClockOf } from "@kettlos/core/units/moments";
import { liveFigures } from "@kettlos/core/because/live-figures";
import { drawnLid } from "../../data/drawn-lid";
import { isByLevel, stretchesOf } from "@kettlos/core/simulate/stretches";
import { SET_WORDS, setOf } from "@kettlos/core/extraction/set";
import {
  showLength,
  showTemperature,
  showVolume,
  showVolumeRange,
  type UnitSystem,
} from "@kettlos/core/units/show";
import type { Vessel } from "@kettlos/core/vessel/vessel-schema";
import { useMeasuredWidth } from "../../drawings/measured-width";
import { computed, useTemplateRef } from "vue";
import type { LivePot } from "../../data/pots-store";
import WhyFigure from "../../controls/WhyFigure.vue";
import { piecesOf } from "../../drawings/pieces-of";
import PotSection from "../../drawings/PotSection.vue";
import { halfWidthAt, potFrame, yAt } from "../../drawings/pot-frame";
import VolumeScale from "../../drawings/VolumeScale.vue";

/** The live pot in section, with what is in it now and what it will give. */
const props = defineProps<{
  pot: LivePot;
  vessel: Vessel;
  units: UnitSystem;
  nowMs: number;
  /** The liquid by a thermometer that is connected, °C. */
  latest: number | null;
}>();

const MOST_HEIGHT = 288;
const ROOM = { left: 52, right: 52, top: 46, bottom: 28 } as const;
const root = useTemplateRef<HTMLElement>("root");
const { width: measured, isMeasured } = useMeasuredWidth(root);
const width = computed(() => Math.max(260, measured.value));
/** A shallow pot takes no more room than it needs. */
const height = computed(() => {
  const { topM, heightM } = props.vessel;
  const scale = (width.value - ROOM.left - ROOM.right) / topM[0];
  return Math.min(MOST_HEIGHT, heightM * scale + ROOM.top + ROOM.bottom);
});
const frame = computed(() =>
  potFrame(props.vessel, {
    width: width.value,
    height: height.value,
    ...ROOM,
  }),
);
const one = computed(() => (props.units === "us" ? "us" : "metric"));
const forecast = computed(() => props.pot.forecast);
const planned = computed(() => forecast.value.planned);
const isLit = computed(() => props.pot.cook.litMs !== null);
const levelM = computed(() =>
  Math.min(
    props.vessel.heightM,
    isLit.value ? forecast.value.nowDepthM : planned.value.startDepthM,
  ),
);
const topM = computed(() => Math.max(...planned.value.points.map((p) => p.depthM)));
const half = computed(() => halfWidthAt(frame.value, levelM.value));
const heapM = computed(() => {
  const { heapTopM, endHeapTopM } = planned.value;
  return isLit.value ? (heapTopM + endHeapTopM) / 2 : heapTopM;
});
const setWords = computed(() => {
  const grams =
    (planned.value.strained.gelatinGL * planned.value.strained.volumeL) /
    Math.max(0.05, forecast.value.strainedL.expected);
  return SET_WORDS[setOf(grams)];
});
const lid = computed(
  () => props.pot.cook.settings.at(-1)?.lid ?? drawnLid(props.pot.batch.plan.heat),
);
const figures = computed(() =>
  liveFigures(props.pot.setPot, props.pot.cook, forecast.value, props.nowMs),
);
const rate = computed(() => Math.round((forecast.value.steamRate.mean - 1) * 100));
const rateWords = computed(() =>
  props.pot.cook.readings.length === 0
    ? "No reading yet: the range is wide."
    : Math.abs(rate.value) < 4
      ? `Steams as expected, from ${props.pot.cook.readings.length} readings.`
      : `Steams ${Math.abs(rate.value)} % ${rate.value > 0 ? "faster" : "slower"} than expected, from ${props.pot.cook.readings.length} ${props.pot.cook.readings.length === 1 ? "reading" : "readings"}.`,
);
/** A moment more than most of a day off is said with its day. */
const clock = (ms: number) => (ms - props.nowMs > 20 * HOUR_MS ? weekdayClockOf : clockOf)(ms);
/** The stretch of the heat that it is in, and when it ends, where that is by its level. */
const stretch = computed(() => stretchesOf(props.pot.batch.plan)[forecast.value.stretchIndex]);
const hasLevelTarget = computed(() => stretch.value !== undefined && isByLevel(stretch.value.stop));
const downThereMs = computed(() => forecast.value.stretchEndsMs[0] ?? forecast.value.endMs);
/** So long a reading stands for now. */
const FRESH_MS = 5 * MINUTE_MS;
/** What a thermometer said last, where that is not long ago. */
const measuredC = computed(() => {
  const { latest } = props;
  if (latest !== null) return latest;
  const read = props.pot.cook.temperatures.findLast((t) => t.where === "liquid");
  return read === undefined || props.nowMs - read.atMs > FRESH_MS ? null : read.tempC;
});
const tender = computed(() => forecast.value.tender);
</script>

<template>
  <div ref="root">
    <svg
      v-if="isMeasured"
      :width="width"
      :height="height"
      role="img"
      :aria-label="`${vessel.name}: ${showVolume(forecast.nowL.expected, units)} now`"
    >
      <PotSection
        :frame="frame"
        :from-m="isLit ? topM : levelM"
        :level-m="levelM"
        :heap-top-m="heapM"
        :pieces="piecesOf(pot.batch.plan)"
        :lid="lid"
        :flames="isLit && pot.cook.offMs === null && !(stretch && isRest(stretch.heat))"
      >
        <VolumeScale v-if="units !== 'us'" :frame="frame" unit="L" side="left" />
        <VolumeScale v-if="units !== 'metric'" :frame="frame" unit="qt" side="right" />
        <template v-if="yAt(frame, topM) - frame.rimY > 62">
          <text class="strong big" :x="frame.centreX - half + 12" :y="yAt(frame, topM) - 28">
            {{ forecast.isDry ? "dry?" : showVolume(forecast.nowL.expected, one) }}
          </text>
          <text class="quiet" :x="frame.centreX - half + 12" :y="yAt(frame, topM) - 9">
            {{
              forecast.isDry
                ? "nothing left, as estimated"
                : `in the pot now, ${showLength(levelM, one)} deep`
            }}
          </text>
        </template>
      </PotSection>
    </svg>
    <dl>
      <div>
        <dt>Now</dt>
        <dd>
          <template v-if="measuredC !== null || !forecast.isDry"
            >{{ showTemperature(measuredC ?? forecast.nowC, units)
            }}<template v-if="measuredC !== null"> measured</template>,
          </template>
          {{ showVolume(forecast.steamedL, one) }} steamed off
        </dd>
      </div>
      <div v-if="tender !== null && isLit && pot.cook.offMs === null">
        <dt>{{ capital(tender.target.name) }}, at its best</dt>
        <dd>
          {{ clock(tender.atMs.expected) }} ({{ clock(tender.atMs.low) }} to
          {{ clock(tender.atMs.high) }}),
          {{
            tender.share >= 1 ? "should be there" : `${Math.round(tender.share * 100)} % of the way`
          }}
          <WhyFigure v-if="figures.tenderMin !== null" :estimate="figures.tenderMin" />
        </dd>
      </div>
      <div v-if="hasLevelTarget">
        <dt>Down there</dt>
        <dd>
          {{ clock(downThereMs.expected) }} ({{ clock(downThereMs.low) }} to
          {{ clock(downThereMs.high) }})
        </dd>
      </div>
      <div class="yield">
        <dt>
          {{ pot.batch.plan.end === "served" ? "Liquid left" : "Strained"
          }}<template v-if="isLit"> at {{ clockOf(forecast.endMs.expected) }}</template>
        </dt>
        <dd>
          <span class="figure result">{{ showVolume(forecast.strainedL.expected, one) }}</span>
          {{ showVolumeRange(forecast.strainedL.low, forecast.strainedL.high, one) }},
          {{ setWords }} <WhyFigure :estimate="figures.strainedL" />
        </dd>
      </div>
    </dl>
    <p v-if="forecast.bareMs !== null && isLit && !forecast.isDry" class="ember">
      <strong v-if="forecast.bareMs > nowMs"
        >What lies in it comes bare at {{ clock(forecast.bareMs) }}.</strong
      ><strong v-else>What lies in it is bare since {{ clockOf(forecast.bareMs) }}.</strong> Top
      up{{ forecast.bareMs > nowMs ? " before then" : "" }}.
    </p>
    <p v-if="isLit" class="quiet small">{{ rateWords }}</p>
  </div>
</template>

<style scoped>
svg {
  display: block;
  overflow: visible;
}

.big {
  font-size: var(--size-figure);
}

dl > div {
  padding: var(--space-3) 0;
  border-top: 1px solid var(--hair);
}

dt {
  color: var(--quiet);
  font-size: var(--size-small);
}

.yield .result {
  font-size: var(--size-figure);
  line-height: 52px;
}
</style>
