<script setup lang="ts">
import type { Trace } from "@kettlos/core/simulate/trace";
import type { UnitSystem } from "@kettlos/core/units/show";
import type { Vessel } from "@kettlos/core/vessel/vessel-schema";
import { computed, ref, watch } from "vue";
import type { Link } from "../../data/instruments-store";
import type { LivePot } from "../../data/pots-store";
import ForkCheck from "./ForkCheck.vue";
import HeatSetter from "./HeatSetter.vue";
import InstrumentsDialog from "./InstrumentsDialog.vue";
import LevelReader from "./LevelReader.vue";
import PauseDialog from "./PauseDialog.vue";
import PourDialog from "./PourDialog.vue";
import SinceDialog from "./SinceDialog.vue";
import { goesOn } from "./goes-on";
import StillOnCounter from "./StillOnCounter.vue";
import TasteDialog from "./TasteDialog.vue";
import TemperatureReader from "./TemperatureReader.vue";
import type { Opened, useCookActions } from "./use-cook-actions";

/** What opens over the pot; one at a time. */
const props = defineProps<{
  pot: LivePot;
  vessel: Vessel;
  units: UnitSystem;
  nowMs: number;
  link: Link | null;
  trace: Trace | null;
  actions: ReturnType<typeof useCookActions>;
}>();
const {
  opened,
  waiting,
  leftBehind,
  waterBehindL,
  write,
  writeOpen,
  putExtra,
  goOn,
  complete,
  lit,
} = props.actions;
const shows = (name: Opened) =>
  computed({
    get: () => opened.value === name,
    set: (isShown: boolean) => (opened.value = isShown ? name : null),
  });
const level = shows("level");
const temperature = shows("temperature");
const heat = shows("heat");
const pour = shows("pour");
const taste = shows("taste");
const fork = shows("fork");
const pause = shows("pause");
const since = shows("since");
const instruments = shows("instruments");
const counter = ref(false);
watch(waiting, (action) => (counter.value = action !== null));
watch(counter, (isShown) => {
  if (!isShown) waiting.value = null;
});
const does = computed(() => goesOn(waiting.value));
</script>

<template>
  <LevelReader v-model="level" :vessel="vessel" :pot="pot" :units="units" :write="writeOpen" />
  <TemperatureReader v-model="temperature" :pot="pot" :units="units" :write="writeOpen" />
  <HeatSetter
    v-model="heat"
    :pot="pot"
    :units="units"
    :write="writeOpen"
    @off="complete({ id: 'offHeat', kind: 'offHeat', atMs: nowMs, title: '', lookFor: '' })"
  />
  <PourDialog v-model="pour" :pot="pot" :units="units" :write="writeOpen" />
  <TasteDialog v-model="taste" :pot="pot" :trace="trace" :write="writeOpen" :put-extra="putExtra" />
  <ForkCheck v-model="fork" :pot="pot" :write="writeOpen" />
  <PauseDialog v-model="pause" :pot="pot" :now-ms="nowMs" :write="writeOpen" />
  <SinceDialog v-model="since" :now-ms="nowMs" :lit="lit" />
  <InstrumentsDialog v-model="instruments" :pot="pot" :link="link" />
  <StillOnCounter
    v-model="counter"
    :items="leftBehind"
    :water-l="waterBehindL"
    :units="units"
    :does="does"
    @write="write"
    @go-on="waiting !== null && goOn(waiting)"
  />
</template>
