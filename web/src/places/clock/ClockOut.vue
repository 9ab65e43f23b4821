<script setup lang="ts">
import { MINUTE_MS } from "@kettlos/core/units/time";
import { weekdayClockOf, isoDayOf } from "@kettlos/core/units/moments";
import type { ClockAnswer } from "@kettlos/core/clock/answer";
import type { Minute } from "@kettlos/core/clock/wall-clock";
import type { Kitchen } from "@kettlos/core/simulate/kitchen-schema";
import { save } from "../../data/save-file";
import { reckoner } from "../../workers/reckoner";
import { sheetCsv } from "./sheet-csv";

/** The run sheet to a calendar, to paper, to a spreadsheet, and to somebody else. */
const props = defineProps<{
  answer: ClockAnswer;
  kitchen: Kitchen;
  nowMinute: Minute;
  potName: (planId: string) => string | undefined;
}>();
defineEmits<{ print: [] }>();
const fileName = (ending: string) =>
  `kettlos-clock-${isoDayOf(props.nowMinute * MINUTE_MS)}.${ending}`;

async function toCalendar() {
  save(fileName("ics"), await reckoner().clockCalendar(props.nowMinute), "text/calendar");
}
const toCsv = () =>
  save(fileName("csv"), sheetCsv(props.answer, props.kitchen, props.potName), "text/csv");

const canShare = typeof navigator.share === "function";
async function share() {
  const lines = props.answer.rows
    .filter((r) => r.attention === "hands")
    .map((r) => `${weekdayClockOf(r.from * MINUTE_MS)} ${r.title}`);
  await navigator.share({ title: "Kettlos", text: lines.join("\n") }).catch(() => {
    // The cook thought better of it.
  });
}
</script>

<template>
  <button type="button" class="button" @click="toCalendar">To a calendar</button>
  <button type="button" class="button" @click="$emit('print')">Print</button>
  <button type="button" class="button" @click="toCsv">CSV</button>
  <button v-if="canShare" type="button" class="button" @click="share">Share</button>
</template>
