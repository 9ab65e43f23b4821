<script setup lang="ts">
import { nameOf } from "@kettlos/core/simulate/item-facts";
import type { PlanItem } from "@kettlos/core/simulate/plan-schema";
import { showMass, showVolume, type UnitSystem } from "@kettlos/core/units/show";
import { computed } from "vue";
import type { NewEvent } from "../../data/repository";
import OpenDialog from "../../controls/OpenDialog.vue";

/** Nothing passes with something on the counter: each is put in or left out, by name. */
const props = defineProps<{
  items: readonly PlanItem[];
  /** Water that is not in yet, L. */
  waterL: number;
  units: UnitSystem;
  does: string;
}>();
const shown = defineModel<boolean>({ required: true });
const emit = defineEmits<{ write: [NewEvent]; goOn: [] }>();
const one = computed(() => (props.units === "us" ? "us" : "metric"));
const isNothingLeft = computed(() => props.items.length === 0 && props.waterL === 0);

function all(isIn: boolean) {
  for (const item of props.items)
    emit(
      "write",
      isIn
        ? { kind: "added", itemId: item.id, massKg: item.massKg }
        : { kind: "leftOut", itemId: item.id },
    );
}
</script>

<template>
  <OpenDialog v-model="shown" title="Still on the counter" width="min(520px, 94vw)">
    <div class="fields">
      <ul>
        <li v-for="item in items" :key="item.id">
          <span
            ><strong>{{ nameOf(item) }}</strong> {{ showMass(item.massKg, one) }}</span
          >
          <span class="beside">
            <button
              type="button"
              class="button"
              @click="$emit('write', { kind: 'added', itemId: item.id, massKg: item.massKg })"
            >
              Put it in
            </button>
            <button
              type="button"
              class="button"
              @click="$emit('write', { kind: 'leftOut', itemId: item.id })"
            >
              Leave it out
            </button>
          </span>
        </li>
        <li v-if="waterL > 0">
          <span><strong>Water</strong> {{ showVolume(waterL, one) }}</span>
          <button type="button" class="button" @click="$emit('write', { kind: 'waterIn' })">
            It is in
          </button>
        </li>
        <li v-if="isNothingLeft">Nothing is left on the counter.</li>
      </ul>
      <div class="beside">
        <template v-if="items.length > 1">
          <button type="button" class="button" @click="all(true)">All of it in</button>
          <button type="button" class="button" @click="all(false)">Leave all of it out</button>
        </template>
        <button
          type="button"
          class="button primary"
          :disabled="!isNothingLeft"
          @click="$emit('goOn')"
        >
          {{ does }}
        </button>
      </div>
    </div>
  </OpenDialog>
</template>

<style scoped>
li {
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-4);
  align-items: center;
  justify-content: space-between;
  padding: var(--space-3) 0;
  border-bottom: 1px solid var(--hair);
}
</style>
