<script setup lang="ts">
import { isInOven } from "@kettlos/core/heats/heat";
import { heatsOf } from "@kettlos/core/simulate/stretches";
import { usualOven } from "@kettlos/core/heat/usual-oven";
import type { Oven } from "@kettlos/core/heat/oven-schema";
import { OVEN_MAX_C } from "@kettlos/core/units/limits";
import { computed } from "vue";
import TemperatureField from "../../controls/TemperatureField.vue";
import { useKitchenStore } from "../../data/kitchen-store";
import { newId } from "../../data/new-id";
import OvenFront from "../../drawings/OvenFront.vue";
import NameField from "../../controls/NameField.vue";

/** The ovens: how hot they go, and whether a fan blows. */
const store = useKitchenStore();
const ovens = computed(() => store.kitchen?.ovens ?? []);

const set = (oven: Oven, part: Partial<Oven>) =>
  store.change({ ovens: ovens.value.map((o) => (o.id === oven.id ? { ...o, ...part } : o)) });
const add = () =>
  store.change({
    ovens: [...ovens.value, usualOven(newId(), store.units === "us" ? "us" : "metric")],
  });
const remove = (id: string) => store.remove("ovens", id);
const isUsed = (id: string) =>
  store.plans.some((p) => heatsOf(p).some((h) => isInOven(h) && h.ovenId === id));
</script>

<template>
  <h2>Ovens</h2>
  <p v-if="ovens.length === 0" class="quiet">
    No oven yet. With one, Crossover says how a dish goes in it.
  </p>
  <ul>
    <li v-for="oven in ovens" :key="oven.id">
      <OvenFront class="drawn" :has-fan="oven.fan" :max-c="oven.maxC" />
      <label
        ><span class="visually-hidden">Name of the oven</span>
        <NameField
          label="Name of the oven"
          :value="oven.name"
          :most="60"
          @change="set(oven, { name: $event })"
      /></label>
      <label class="check">
        <input
          type="checkbox"
          :checked="oven.fan"
          @change="set(oven, { fan: ($event.target as HTMLInputElement).checked })"
        />
        with a fan
      </label>
      <div class="hottest">
        up to
        <TemperatureField
          label="Hottest"
          hide-label
          whole
          :units="store.units"
          :min="OVEN_MAX_C.least"
          :max="OVEN_MAX_C.most"
          :model-value="oven.maxC"
          @update:model-value="$event !== null && set(oven, { maxC: $event })"
        />
      </div>
      <button
        type="button"
        class="link"
        :disabled="isUsed(oven.id)"
        :aria-label="`Remove ${oven.name}`"
        @click="remove(oven.id)"
      >
        {{ isUsed(oven.id) ? "in use" : "Remove" }}
      </button>
    </li>
  </ul>
  <button type="button" class="button" @click="add">Add an oven</button>
</template>

<style scoped>
li {
  --drawn: 104px;

  position: relative;
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-2) var(--space-6);
  align-items: center;
  min-height: var(--drawn);
  padding: var(--space-2) 0 var(--space-2) var(--drawn);
  border-bottom: 1px solid var(--hair);
}

.drawn {
  position: absolute;
  top: var(--space-4);
  left: 0;
}

.hottest {
  display: flex;
  gap: var(--space-4);
  align-items: center;
}

.hottest :deep(.quantity) {
  width: 88px;
  min-width: 0;
}

.button {
  margin-top: var(--space-5);
}

.link {
  min-height: 44px;
}

.link:disabled {
  color: var(--quiet);
}
</style>
