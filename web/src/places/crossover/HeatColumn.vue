<script setup lang="ts">
import { findVessel } from "@kettlos/core/simulate/set-pot";
import { KNOB_WORDS } from "@kettlos/core/heats/slow-cooker";
import { HOLD_MIN } from "@kettlos/core/units/limits";

import { heatOf, isSlow } from "@kettlos/core/heats/heat";
import { ruleC } from "@kettlos/core/units/said";
import type { ExplainedRange, HeatAnswer } from "@kettlos/core/because/converted";
import { cookedMinOf, type Target } from "@kettlos/core/convert/like";
import type { CrockRemedy } from "@kettlos/core/convert/crock-safety";
import { isSuggested } from "@kettlos/core/convert/suggested";
import type { CrockSetting } from "@kettlos/core/heat/slow-cooker";
import type { Kitchen } from "@kettlos/core/simulate/kitchen-schema";
import type { Plan } from "@kettlos/core/simulate/plan-schema";
import {
  showDuration,
  showVolume,
  showVolumeRange,
  type UnitSystem,
  showRoundTemperature,
} from "@kettlos/core/units/show";
import { computed } from "vue";
import CautionList from "../../controls/CautionList.vue";
import EditPopover from "../../controls/EditPopover.vue";
import HeatFields from "../../controls/heat/HeatFields.vue";
import QuantityField from "../../controls/QuantityField.vue";
import TickChoice from "../../controls/TickChoice.vue";
import WhyFigure from "../../controls/WhyFigure.vue";
import UnitField from "../../controls/UnitField.vue";
import { useOpened } from "../../controls/use-opened";
import { heatWords, stretchLines } from "../../words/heat-words";
import VesselChoice from "./VesselChoice.vue";
import { useWords } from "../../data/use-words";

/** One heat's answer: time as a cook says it, liquid in and out, work, what to change, cautions. */
const words = useWords();
const props = defineProps<{
  answer: HeatAnswer;
  range: ExplainedRange | null;
  kitchen: Kitchen;
  units: UnitSystem;
  crockSetting: CrockSetting;
  /** The dish as written was changed here, and is not in the plan yet. */
  isChanged?: boolean;
}>();
const emit = defineEmits<{
  write: [Plan];
  target: [Target];
  setting: [CrockSetting];
  remedy: [CrockRemedy];
  accept: [Plan];
  keep: [];
}>();

const { anchor, toggle, shut } = useOpened();
const heat = computed(() => props.answer.target.heat);
const column = computed(() => (props.answer.ok ? props.answer.column : null));
const vessel = computed(() => findVessel(props.answer.target, props.kitchen));
const one = computed(() => (props.units === "us" ? "us" : "metric"));
const SETTINGS = [
  { value: "low", label: KNOB_WORDS.low },
  { value: "high", label: KNOB_WORDS.high },
] as const;
const said = computed(() => {
  if (column.value === null) return "";
  const { plan, trace } = column.value;
  if (plan.then.length === 0 && plan.stop.by === "tender") return "until tender";
  return props.range?.said ?? showDuration(cookedMinOf(plan, trace));
});
const stretches = computed(() =>
  column.value === null ? [] : stretchLines(column.value.plan, column.value.trace, props.units),
);
const end = computed(() => {
  const { range } = props;
  const expected = column.value?.trace.endLiquidL ?? 0;
  return range === null
    ? showVolume(expected, one.value)
    : `${showVolume(expected, one.value)} (${showVolumeRange(range.endLiquidL.low, range.endLiquidL.high ?? expected, one.value)})`;
});
const cautions = computed(() =>
  (column.value?.cautions ?? []).filter(
    (c) => c.places.includes("plan") && (column.value?.refusal === null || c.id !== "crockTooSlow"),
  ),
);
const grave = computed(() => cautions.value.filter((c) => c.severity !== "note"));
const notes = computed(() => cautions.value.filter((c) => c.severity === "note"));

function setTime(holdMin: number | null) {
  if (column.value === null || holdMin === null) return;
  emit("write", { ...column.value.plan, stop: { by: "time", holdMin: Math.max(1, holdMin) } });
}
function setWater(volumeL: number | null) {
  if (column.value === null || volumeL === null) return;
  emit("write", { ...column.value.plan, water: { by: "amount", volumeL } });
}
</script>

<template>
  <section class="column" :aria-label="heatOf(heat).title">
    <header>
      <h2>{{ heatOf(heat).title }}</h2>
      <strong v-if="column?.isWritten" class="written-for">as written</strong>
      <TickChoice
        v-if="isSlow(heat)"
        label="LOW or HIGH"
        :options="SETTINGS"
        :model-value="crockSetting"
        @update:model-value="emit('setting', $event)"
      />
    </header>
    <p class="how">
      <button
        type="button"
        class="editable"
        :aria-expanded="anchor !== null"
        :aria-label="`Change how: ${heatWords(heat, units)}, ${vessel?.name ?? ''}`"
        @click="toggle('heat', $event)"
      >
        {{ heatWords(heat, units) }}, {{ vessel?.name.toLowerCase() }}
      </button>
    </p>
    <span v-if="isSuggested(answer.target.vesselId)" class="small quiet">
      suggested: not in your kitchen</span
    >
    <EditPopover
      v-if="anchor !== null"
      :anchor="anchor"
      :width="420"
      label="Change how"
      @shut="shut"
    >
      <div class="fields">
        <HeatFields
          :heat="heat"
          :kitchen="kitchen"
          :units="units"
          :vessel-id="answer.target.vesselId"
          @change="emit('target', { ...answer.target, heat: $event })"
        />
        <VesselChoice
          :target="answer.target"
          :kitchen="kitchen"
          :units="units"
          @change="emit('target', { ...answer.target, vesselId: $event })"
        />
      </div>
    </EditPopover>

    <template v-if="column !== null">
      <p class="said figure">{{ said }}</p>
      <p class="after small">{{ range?.after }}</p>
      <ol v-if="stretches.length > 1" class="stretches small">
        <li v-for="(line, i) in stretches" :key="i">{{ line }}</li>
      </ol>
      <dl>
        <div>
          <dt>allow for</dt>
          <dd>
            <span v-if="column.plan.then.length > 0" class="figure"
              >{{ showDuration(column.trace.holdMin) }} in all</span
            >
            <QuantityField
              v-else
              label="Time"
              hide-label
              dimension="time"
              bare-unit="min"
              :show="showDuration"
              :min="1"
              :max="HOLD_MIN.most"
              :model-value="column.trace.holdMin"
              @update:model-value="setTime"
            />
            <WhyFigure v-if="range" :estimate="range.why.hold" />
          </dd>
        </div>
        <div>
          <dt>water in</dt>
          <dd>
            <UnitField
              label="Water in"
              hide-label
              dimension="volume"
              :units="units"
              :min="0"
              :max="200"
              :model-value="column.waterL"
              @update:model-value="setWater"
            />
            <WhyFigure v-if="range" :estimate="range.why.water" />
          </dd>
        </div>
        <div>
          <dt>left in the pot</dt>
          <dd>
            <span class="figure">{{ end }}</span>
            <WhyFigure v-if="range" :estimate="range.why.end" />
          </dd>
        </div>
        <div>
          <dt>work</dt>
          <dd>
            <span class="figure"
              >{{ showDuration(column.handsOnMin) }} of
              {{ showDuration(column.doorToDoorMin) }}</span
            >
            <WhyFigure v-if="range" :estimate="range.why.work" />
          </dd>
        </div>
      </dl>
      <section v-if="column.refusal !== null" class="refusal" role="alert">
        <strong>Danger: not like this</strong>
        <p>{{ words(column.refusal.text) }}</p>
        <button
          v-for="remedy in column.refusal.remedies"
          :key="remedy.text"
          type="button"
          class="button"
          @click="emit('remedy', remedy)"
        >
          {{ remedy.text }}
          <span class="quiet small"
            >{{ showRoundTemperature(60, units) }} after
            {{ showDuration(remedy.from5To60Min) }}</span
          >
        </button>
        <p class="small quiet">
          Rule: the thickest part passes from {{ words([ruleC(5)]) }} to
          {{ words([ruleC(60)]) }} within 4 h (US guidance; your local food code rules).
        </p>
      </section>
      <button
        v-if="!column.isWritten"
        type="button"
        class="button primary"
        :disabled="column.refusal !== null"
        @click="emit('accept', column.plan)"
      >
        Make it the plan
      </button>
      <button
        v-if="column.isWritten && isChanged"
        type="button"
        class="button primary"
        @click="emit('keep')"
      >
        Keep it in the plan
      </button>
      <ul v-if="column.limits.length > 0 || column.restaged.length > 0" class="ways">
        <li v-for="limit in column.limits" :key="limit.id + words(limit.text)">
          {{ words(limit.text) }}
          <span v-for="remedy in limit.remedies" :key="remedy.kind" class="remedy"
            >{{ words(remedy.text) }}.</span
          >
        </li>
        <li v-for="change in column.restaged" :key="change.text">{{ change.text }}.</li>
      </ul>
      <p v-if="range?.opinion" class="small">
        <strong>Kitchen rule: {{ range.opinion.said }}.</strong>
        <template v-if="range.opinion.agrees"> It agrees.</template>
        <template v-else> It differs. {{ range.opinion.why.map(words).join(" ") }}</template>
      </p>
      <CautionList :cautions="grave" />
      <CautionList :cautions="notes" />
    </template>
    <p v-else-if="!answer.ok" class="refusal" role="alert">
      <strong>Not on this heat</strong> {{ words(answer.message) }}
    </p>
  </section>
</template>

<style scoped>
.column {
  display: grid;
  gap: var(--space-3);
  align-content: start;
  min-width: 0;
  padding: 0 var(--space-5) var(--space-5);
}

header {
  display: flex;
  flex-wrap: wrap;
  gap: 0 var(--space-5);
  align-items: center;
  min-height: 44px;
}

.written-for {
  padding-bottom: 1px;
  border-bottom: 4px solid var(--rim);
  font-size: var(--size-small);
}

.how {
  min-height: 52px;
}

.how .editable {
  text-align: left;
}

.after {
  min-height: 40px;
  line-height: 20px;
}

.stretches {
  display: grid;
  gap: var(--space-1);
  padding: 0 0 var(--space-4);
}

.stretches li {
  padding-left: var(--space-4);
  border-left: 3px solid var(--tick);
}

.said {
  font-family: var(--head);
  font-size: var(--size-head);
  font-weight: 700;
  line-height: 30px;
}

dl > div {
  display: grid;
  grid-template-columns: 104px minmax(0, 1fr);
  align-items: center;
  min-height: 38px;
  border-bottom: 1px solid var(--hair);
}

dt {
  color: var(--quiet);
}

dd {
  display: flex;
  gap: var(--space-4);
  align-items: center;
  justify-content: space-between;
  min-width: 0;
  margin: 0;
}

.refusal {
  display: grid;
  gap: var(--space-4);
  padding: var(--space-4) var(--space-4);
  border-left: 4px solid var(--ember);
  background: var(--ember-soft);
}

.refusal .button {
  display: grid;
  justify-items: start;
  height: auto;
  padding: var(--space-3) var(--space-4);
  text-align: left;
}

.ways {
  display: grid;
  gap: var(--space-3);
  font-size: var(--size-body);
}

.ways li {
  padding-left: var(--space-5);
  border-left: 3px solid var(--tick);
}

.remedy {
  display: block;
  color: var(--quiet);
}
</style>
