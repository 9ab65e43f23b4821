<script setup lang="ts">
import { ruleC, say } from "@kettlos/core/units/said";
import { useWords } from "../../data/use-words";
import { MINUTE_MS } from "@kettlos/core/units/time";
import { computed, ref, watch } from "vue";
import type { Interruption } from "@kettlos/core/events/fire/terms";
import { lastSeenMs } from "@kettlos/core/batch/unseen";
import FieldForm from "../../controls/FieldForm.vue";
import TickChoice from "../../controls/TickChoice.vue";
import UnitField from "../../controls/UnitField.vue";
import { useEntry } from "../../controls/use-entry";
import type { LivePot } from "../../data/pots-store";
import type { NewEvent } from "../../data/repository";
import OpenDialog from "../../controls/OpenDialog.vue";

/** Without heat, or with the lid off: from now on, or for a while just past. */
const words = useWords();
const props = defineProps<{
  write: (event: NewEvent) => Promise<void>;
  pot: LivePot;
  nowMs: number;
}>();
const shown = defineModel<boolean>({ required: true });
const { keep, notWritten } = useEntry(shown);
const WHY = [
  { value: "paused", label: "heat off" },
  { value: "powerCut", label: "power cut" },
  { value: "lidOff", label: "lid off" },
] as const;
const why = ref<Interruption>("paused");
const HOW = [
  { value: "now", label: "from now on" },
  { value: "past", label: "it is back" },
  { value: "unknown", label: "nobody knows" },
] as const;
const how = ref<(typeof HOW)[number]["value"]>("now");
const BACK = [
  { value: "off", label: "still off" },
  { value: "on", label: "on again" },
] as const;
const back = ref<"off" | "on">("off");
const SINCE = computed(() => HOW.filter((h) => h.value !== "unknown" || why.value !== "lidOff"));
watch(why, () => {
  if (why.value === "lidOff" && how.value === "unknown") how.value = "now";
});
const min = ref<number | null>(null);
watch(shown, () => {
  why.value = "paused";
  how.value = "now";
  back.value = "off";
  min.value = null;
});

function save() {
  const untilMs = Math.round(props.nowMs);
  const since = {
    now: untilMs,
    past: Math.round(untilMs - (min.value ?? 0) * MINUTE_MS),
    // When somebody was last at it: what a thermometer wrote by itself proves no heat.
    unknown: lastSeenMs(props.pot.cook) ?? untilMs,
  };
  const isOff = how.value === "now" || (how.value === "unknown" && back.value === "off");
  void keep(() =>
    props.write({
      kind: "interrupted",
      why: why.value,
      fromMs: Math.max(props.pot.cook.litMs ?? 0, since[how.value]),
      untilMs: isOff ? null : untilMs,
      ...(how.value === "unknown" ? { isUnknown: true } : {}),
    }),
  );
}
</script>

<template>
  <OpenDialog v-model="shown" title="Something came between" width="min(480px, 94vw)">
    <FieldForm class="fields" :not-written @keep="save">
      <TickChoice v-model="why" label="What" :options="WHY" />
      <TickChoice v-model="how" label="Since when" :options="SINCE" />
      <TickChoice v-if="how === 'unknown'" v-model="back" label="And now" :options="BACK" />
      <UnitField
        v-if="how === 'past'"
        v-model="min"
        label="It lasted"
        units="metric"
        dimension="time"
        :min="1"
        :max="1440"
        needed
        @entered="save"
      />
      <p v-if="why === 'lidOff'" class="quiet small">
        More steam leaves, and a slow cooker falls back by about 25 min of cooking each time.
      </p>
      <p v-else-if="how === 'unknown'" class="quiet small">
        Counted from when it was last seen. While it is still off a thermometer can speak for it;
        once it is on again nothing can.
      </p>
      <p v-else class="quiet small">
        The pot cools meanwhile; what is lost is cooked again.
        {{ words(say`Under ${ruleC(60)} it may stay 2 h in all`) }}: US guidance (USDA); your local
        food code rules.
      </p>
      <button type="submit" class="button primary">
        {{ how === "past" ? "Count it in" : "It is so now" }}
      </button>
    </FieldForm>
  </OpenDialog>
</template>
