<script setup lang="ts">
import { FREEZER_SCHOOL_NAMES } from "@kettlos/core/larder/keeping";
import { fillOf } from "@kettlos/core/portion/headspace";
import { FREEZER_SCHOOLS } from "@kettlos/core/simulate/freezer-school";
import type { StoreContainer } from "@kettlos/core/vessel/store-container";
import { showVolume } from "@kettlos/core/units/show";
import { computed, ref } from "vue";
import TickChoice from "../../controls/TickChoice.vue";
import UnitField from "../../controls/UnitField.vue";
import { useKitchenStore } from "../../data/kitchen-store";
import ContainerShape from "../../drawings/ContainerShape.vue";
import ContainerEditor from "./ContainerEditor.vue";
import { usualContainers } from "../../data/usual-containers";

/** What portions are kept in, room in the freezer, and how long stock is held to keep there. */
const store = useKitchenStore();
const all = computed(() => store.kitchen?.containers ?? []);
const chosenId = ref<string | null>(null);
const chosen = computed(() => all.value.find((c) => c.id === chosenId.value) ?? null);
const usual = computed(() => usualContainers(store.units === "us" ? "us" : "metric"));
const offered = computed(() =>
  usual.value.filter((u) => !all.value.some((c) => c.id === u.id || c.name === u.name)),
);
const SCHOOLS = FREEZER_SCHOOLS.map((value) => ({
  value,
  label: value === "short" ? "3 months" : "6 months",
}));

const save = (container: StoreContainer) =>
  void store.change({
    containers: all.value.some((c) => c.id === container.id)
      ? all.value.map((c) => (c.id === container.id ? container : c))
      : [...all.value, container],
  });
function add(container: StoreContainer) {
  save(container);
  chosenId.value = container.id;
}
function remove(id: string) {
  chosenId.value = null;
  void store.remove("containers", id);
}
</script>

<template>
  <div id="containers" class="containers">
    <h2>What portions are kept in</h2>
    <ul class="row">
      <li v-for="c in all" :key="c.id">
        <button
          type="button"
          :class="{ on: c.id === chosenId }"
          :aria-pressed="c.id === chosenId"
          @click="chosenId = c.id === chosenId ? null : c.id"
        >
          <ContainerShape :kind="c.kind" :share="fillOf(c, true).eachL / c.capacityL" is-frozen />
          <strong>{{ c.name }}</strong>
          <span class="quiet small">{{ showVolume(fillOf(c, true).eachL, store.units) }}</span>
        </button>
      </li>
    </ul>
    <ContainerEditor
      v-if="chosen !== null"
      :key="chosen.id"
      :container="chosen"
      :units="store.units"
      @change="save"
      @remove="remove(chosen.id)"
    />
    <p v-if="offered.length > 0" class="beside add">
      <span class="quiet small">Add:</span>
      <button v-for="u in offered" :key="u.id" type="button" class="link" @click="add(u)">
        {{ u.name.toLowerCase() }}
      </button>
    </p>
    <div class="beside keeping">
      <UnitField
        label="Room for portions in the freezer"
        dimension="volume"
        :units="store.units"
        :min="0"
        :max="20000"
        :like="60"
        :model-value="store.kitchen?.freezerL ?? null"
        @update:model-value="store.change({ freezerL: $event })"
      />
      <UnitField
        label="Room for stock in the fridge"
        dimension="volume"
        :units="store.units"
        :min="0"
        :max="5000"
        :like="12"
        :model-value="store.kitchen?.fridgeL ?? null"
        @update:model-value="store.change({ fridgeL: $event })"
      />
      <div>
        <span class="quiet small">Stock keeps frozen</span>
        <TickChoice
          label="Stock keeps frozen"
          :options="SCHOOLS"
          :model-value="store.kitchen?.freezerSchool ?? 'short'"
          @update:model-value="store.change({ freezerSchool: $event })"
        />
        <p class="quiet small">
          {{ FREEZER_SCHOOL_NAMES[store.kitchen?.freezerSchool ?? "short"] }}.
        </p>
      </div>
    </div>
  </div>
</template>

<style scoped>
.containers {
  display: grid;
  gap: var(--space-5);
}

.row {
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-4);
  align-items: end;
  border-bottom: 5px solid var(--rim);
}

.row button {
  display: grid;
  justify-items: center;
  min-width: 104px;
  padding: var(--space-2) var(--space-4) var(--space-4);
  border: 0;
  border-bottom: 4px solid transparent;
  background: none;
}

.row button.on {
  border-color: var(--herb);
}

.add {
  align-items: center;
}

.add .link {
  min-height: 44px;
}

.keeping {
  gap: var(--space-4) var(--space-8);
  align-items: start;
}
</style>
