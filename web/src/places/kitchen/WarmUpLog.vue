<script setup lang="ts">
import { KNOB_WORDS } from "@kettlos/core/heats/slow-cooker";
import NumberField from "../../controls/NumberField.vue";
import { WARM_UP_FILL_SHARE } from "@kettlos/core/units/limits";
import { plain } from "@kettlos/core/units/region";
import { useWords } from "../../data/use-words";
import { fitWarmUp } from "@kettlos/core/heat/warm-up";
import { outcomeOf } from "@kettlos/core/units/problem";
import { showDuration, showTemperature, type UnitSystem } from "@kettlos/core/units/show";
import type { WarmUp } from "@kettlos/core/vessel/vessel-schema";
import { computed, ref, watch } from "vue";
import TickChoice from "../../controls/TickChoice.vue";

/** A slow cooker's own warm-up, read in plain water: it replaces the usual figures for its setting. */
const props = defineProps<{ warmUps: readonly WarmUp[]; units: UnitSystem }>();
const emit = defineEmits<{ change: [WarmUp[]] }>();
const words = useWords();
const SETTINGS = [
  { value: "low", label: KNOB_WORDS.low },
  { value: "high", label: KNOB_WORDS.high },
] as const;
const setting = ref<WarmUp["setting"]>("low");
const fillShare = ref<number | null>(0.67);
const text = ref("");
const problem = ref("");
const kept = computed(() => props.warmUps.find((w) => w.setting === setting.value) ?? null);
const fit = computed(() => {
  if (kept.value === null) return null;
  const { readings } = kept.value;
  const outcome = outcomeOf(() => fitWarmUp(readings));
  return outcome.ok ? outcome.value : null;
});

const one = computed(() => (props.units === "us" ? "us" : "metric"));
const degree = computed(() => (one.value === "us" ? "°F" : "°C"));
const shownDegree = (tempC: number) =>
  one.value === "us" ? Math.round((tempC * 9) / 5 + 32) : tempC;

watch(
  kept,
  (log) => {
    text.value =
      log?.readings.map((r) => `${plain(r.tMin)} ${plain(shownDegree(r.tempC))}`).join("\n") ?? "";
    fillShare.value = log?.fillShare ?? 0.67;
    problem.value = "";
  },
  { immediate: true },
);

const LINE =
  /^\s*(?<min>\d+(?:[.,]\d+)?)\s*(?:min)?[\s,;:]+(?<c>\d+(?:[.,]\d+)?)\s*(?:°?(?<unit>[CF]))?\s*$/i;
const numberOf = (text: string | undefined) => Number((text ?? "").replace(",", "."));

function save() {
  const others = props.warmUps.filter((w) => w.setting !== setting.value);
  if (text.value.trim() === "") {
    problem.value = "";
    emit("change", [...others]);
    return;
  }
  const readings: WarmUp["readings"] = [];
  for (const line of text.value.split("\n").filter((l) => l.trim() !== "")) {
    const groups = LINE.exec(line)?.groups;
    if (groups === undefined) {
      problem.value = `"${line.trim()}" is not a reading. Write minutes and ${degree.value}, one reading a line: 60 ${one.value === "us" ? 106 : 41}.`;
      return;
    }
    // Without its sign it is what this kitchen reads.
    const isF = (groups["unit"] ?? degree.value).toUpperCase().endsWith("F");
    const degrees = numberOf(groups["c"]);
    readings.push({
      tMin: numberOf(groups["min"]),
      tempC: isF ? Math.round(((degrees - 32) / 9) * 50) / 10 : degrees,
    });
  }
  const outcome = outcomeOf(() => fitWarmUp(readings));
  if (!outcome.ok) {
    problem.value = words(outcome.problem.said);
    return;
  }
  problem.value = "";
  emit("change", [
    ...others,
    { setting: setting.value, fillShare: fillShare.value ?? 0.67, readings },
  ]);
}
</script>

<template>
  <div class="log">
    <TickChoice v-model="setting" label="Setting" :options="SETTINGS" />
    <NumberField
      v-model="fillShare"
      label="Filled with water to, %"
      share
      :limits="WARM_UP_FILL_SHARE"
      @update:model-value="save"
    />
    <label
      >Its own warm-up: minutes and {{ degree }}, a reading a line
      <textarea
        v-model="text"
        rows="4"
        :placeholder="one === 'us' ? '0 54\n60 106\n120 140' : '0 12\n60 41\n120 60'"
        @change="save"
      />
    </label>
    <p v-if="problem" class="ember" role="alert">{{ problem }}</p>
    <p v-else-if="fit !== null">
      It settles at
      <b class="figure">{{ showTemperature(fit.plateauC, units === "us" ? "us" : "metric") }}</b>,
      two thirds of the way after <b class="figure">{{ showDuration(fit.tauMin * 1.1) }}</b>. This
      is used in place of the usual figures.
    </p>
    <p v-else class="quiet">
      Without a log the usual figures stand, give or take {{ units === "us" ? "5 °F" : "3 °C" }}.
    </p>
  </div>
</template>

<style scoped>
.log {
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-4) var(--space-7);
  align-items: end;
}

label {
  color: var(--quiet);
  font-size: var(--size-small);
}

textarea {
  display: block;
  width: 240px;
  padding: var(--space-3) var(--space-4);
  border: 1px solid var(--tick);
  border-radius: 3px;
  background: var(--surface);
  color: var(--ink);
  font: inherit;
  font-size: var(--size-body);
}

p {
  max-width: 320px;
}
</style>
