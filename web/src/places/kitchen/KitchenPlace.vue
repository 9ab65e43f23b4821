<script setup lang="ts">
import { vesselOfForm } from "@kettlos/core/heat/vessel-forms";
import type { Vessel } from "@kettlos/core/vessel/vessel-schema";
import { boilingPointC } from "@kettlos/core/water/altitude";
import { showTemperature, showAltitude } from "@kettlos/core/units/show";
import { computed, ref, watch } from "vue";
import { useRoute } from "vue-router";
import QuantityField from "../../controls/QuantityField.vue";
import TemperatureField from "../../controls/TemperatureField.vue";
import TickChoice from "../../controls/TickChoice.vue";
import { useKitchenSteps } from "../../data/kitchen-steps";
import { useKitchenStore } from "../../data/kitchen-store";
import { useLook } from "../../data/look";
import { useInTurn } from "../../frame/in-turn";
import UndoBar from "../../controls/UndoBar.vue";
import BinPanel from "./BinPanel.vue";
import BackupPanel from "./BackupPanel.vue";
import CallingPanel from "./CallingPanel.vue";
import CoolingCodePanel from "./CoolingCodePanel.vue";
import ContainerList from "./ContainerList.vue";
import PotShelf from "./PotShelf.vue";
import PotEditor from "./PotEditor.vue";
import OwnIngredients from "./OwnIngredients.vue";
import OvenList from "./OvenList.vue";
import HandsPanel from "./HandsPanel.vue";
import RingList from "./RingList.vue";
import { newId } from "../../data/new-id";
import NameField from "../../controls/NameField.vue";

/** What stands in this kitchen: pots to scale, rings, how high it is, what is kept. */
const store = useKitchenStore();
const steps = useKitchenSteps();
const look = useLook();
const kitchen = computed(() => store.kitchen);
const altitudeWords = (m: number) => showAltitude(m, store.units === "us" ? "us" : "metric");
/** One section after the other, below pots. */
const SECTIONS = 10;
const turn = useInTurn(SECTIONS, () => kitchen.value !== null);
const route = useRoute();
/** A link to one of them leads there, once all above it stand. */
watch(
  () => (turn.value === SECTIONS ? route.hash.slice(1) : ""),
  (id) => {
    if (id !== "") document.getElementById(id)?.scrollIntoView({ block: "start" });
  },
  { flush: "post" },
);
const chosenId = ref<string | null>(null);
const chosen = computed(() => kitchen.value?.vessels.find((v) => v.id === chosenId.value) ?? null);
const LOOKS = [
  { value: "system", label: "as the system" },
  { value: "day", label: "day" },
  { value: "night", label: "night" },
] as const;
async function saveVessel(vessel: Vessel) {
  if (kitchen.value === null) return;
  const vessels = kitchen.value.vessels.some((v) => v.id === vessel.id)
    ? kitchen.value.vessels.map((v) => (v.id === vessel.id ? vessel : v))
    : [...kitchen.value.vessels, vessel];
  await store.change({ vessels });
}
/** A middling pot, until its own measures are given. */
const NEW_POT_L = 7;
async function addVessel() {
  const vessel = { ...vesselOfForm("pot", newId(), NEW_POT_L), name: "New pot" };
  await saveVessel(vessel);
  chosenId.value = vessel.id;
}
async function removeVessel(id: string) {
  chosenId.value = null;
  await store.remove("vessels", id);
}
const uses = (id: string) => store.plans.filter((p) => p.vesselId === id).map((p) => p.name);
</script>

<template>
  <div v-if="kitchen !== null" class="place kitchen">
    <header>
      <h1 class="visually-hidden">Kitchen: {{ kitchen.name }}</h1>
      <UndoBar
        :undoes="steps.undoes"
        :redoes="steps.redoes"
        @undo="steps.undo()"
        @redo="steps.redo()"
      />
      <label class="name"
        ><span class="visually-hidden">Name of the kitchen</span>
        <NameField
          label="Name of the kitchen"
          :value="kitchen.name"
          :most="80"
          @change="store.change({ name: $event })"
      /></label>
      <div class="where">
        <QuantityField
          label="Altitude"
          dimension="length"
          :bare-unit="store.units === 'us' ? 'ft' : 'm'"
          :show="altitudeWords"
          :min="-430"
          :max="5500"
          :model-value="kitchen.altitudeM"
          @update:model-value="store.change({ altitudeM: $event ?? 0 })"
        />
        <p class="boil">
          Water boils at
          <b class="figure">{{ showTemperature(boilingPointC(kitchen.altitudeM), store.units) }}</b>
        </p>
        <TemperatureField
          label="Cold water"
          :units="store.units"
          :min="0"
          :max="40"
          :model-value="kitchen.waterC"
          @update:model-value="store.change({ waterC: $event ?? 12 })"
        />
        <TemperatureField
          label="Room"
          :units="store.units"
          :min="-10"
          :max="45"
          :model-value="kitchen.roomC"
          @update:model-value="store.change({ roomC: $event ?? 22 })"
        />
      </div>
    </header>
    <section aria-labelledby="pots-title">
      <h2 id="pots-title">Pots</h2>
      <PotShelf
        :vessels="kitchen.vessels"
        :chosen-id="chosenId"
        :units="store.units"
        @choose="chosenId = $event"
        @add="addVessel"
      />
      <PotEditor
        v-if="chosen !== null"
        :key="chosen.id"
        :vessel="chosen"
        :units="store.units"
        :altitude-m="kitchen.altitudeM"
        :used-by="uses(chosen.id)"
        @change="saveVessel"
        @remove="removeVessel(chosen.id)"
      />
    </section>
    <section v-if="turn >= 1" class="rings"><RingList /></section>
    <section v-if="turn >= 2" class="rings"><OvenList /></section>
    <section v-if="turn >= 3" class="containers"><HandsPanel /></section>
    <section v-if="turn >= 4">
      <CoolingCodePanel />
    </section>
    <section v-if="turn >= 5" class="containers"><ContainerList /></section>
    <section v-if="turn >= 6" class="containers"><OwnIngredients /></section>
    <section v-if="turn >= 7" class="look">
      <h2>Look</h2>
      <TickChoice v-model="look" label="Look" :options="LOOKS" />
    </section>
    <section v-if="turn >= 8"><CallingPanel /></section>
    <section v-if="turn >= 9"><BinPanel /></section>
    <section v-if="turn >= 10"><BackupPanel /></section>
  </div>
</template>

<style scoped>
.kitchen {
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
  gap: var(--space-6) var(--space-9);
}

header,
.kitchen > section:nth-of-type(1),
.containers {
  grid-column: 1 / -1;
}

header {
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-4) var(--space-8);
  align-items: end;
}

.name {
  min-width: 260px;
}

.name :deep(.el-input__inner) {
  font: 650 var(--size-head)/34px var(--head);
}

.where {
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-4) var(--space-7);
  align-items: end;
}

.where .quantity {
  width: 110px;
}

.boil {
  padding-bottom: var(--space-4);
}

@media (width <= 900px) {
  .kitchen {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
