<script setup lang="ts">
import NumberField from "../../controls/NumberField.vue";
import { RING_W } from "@kettlos/core/units/limits";
import { RingSchema, type Ring } from "@kettlos/core/heat/ring-schema";
import { ringNetW } from "@kettlos/core/heat/hob";
import { computed, ref } from "vue";
import TickChoice from "../../controls/TickChoice.vue";
import { useKitchenStore } from "../../data/kitchen-store";
import { RINGS } from "@kettlos/core/heat/ring-kinds";
import { RING_OPTIONS } from "../../words/ring-options";
import { newId } from "../../data/new-id";
import RingTop from "../../drawings/RingTop.vue";
import NameField from "../../controls/NameField.vue";

/** The rings, with their power and what of it reaches a pot here. */
const store = useKitchenStore();
const rings = computed(() => store.kitchen?.rings ?? []);
const problem = ref("");

async function set(ring: Ring, part: Partial<Ring>) {
  const next = RingSchema.safeParse({ ...ring, ...part });
  problem.value = next.success
    ? ""
    : `The power of a ring lies between 200 and 20,000 W; ${part.powerW ?? ring.powerW} does not.`;
  if (next.success)
    await store.change({
      rings: rings.value.map((r) => (r.id === ring.id ? next.data : r)),
    });
}
const add = () =>
  store.change({
    rings: [
      ...rings.value,
      {
        id: newId(),
        name: "New ring",
        kind: "gas",
        powerW: RINGS.gas.usualW,
      },
    ],
  });
const remove = (id: string) => store.remove("rings", id);
const isUsed = (id: string) => store.plans.some((p) => p.ringId === id);
</script>

<template>
  <h2>Rings</h2>
  <ul>
    <li v-for="ring in rings" :key="ring.id">
      <RingTop class="drawn" :kind="ring.kind" :power-w="ring.powerW" />
      <label
        ><span class="visually-hidden">Name of the ring</span>
        <NameField
          label="Name of the ring"
          :value="ring.name"
          :most="60"
          @change="set(ring, { name: $event })"
      /></label>
      <TickChoice
        label="Kind of ring"
        :options="RING_OPTIONS"
        :model-value="ring.kind"
        @update:model-value="set(ring, { kind: $event })"
      />
      <span class="power"
        ><NumberField
          label="Power, watts"
          hide-label
          :limits="RING_W"
          :model-value="ring.powerW"
          @update:model-value="$event !== null && set(ring, { powerW: $event })"
        />
        W</span
      >
      <span class="quiet small"
        >about
        {{ Math.round(ringNetW(ring, store.kitchen?.altitudeM ?? 0) / 10) * 10 }}
        W reach the pot here</span
      >
      <button
        type="button"
        class="link"
        :disabled="isUsed(ring.id)"
        :aria-label="`Remove ${ring.name}`"
        @click="remove(ring.id)"
      >
        {{ isUsed(ring.id) ? "in use" : "Remove" }}
      </button>
    </li>
  </ul>
  <p v-if="problem" class="ember" role="alert">{{ problem }}</p>
  <button type="button" class="button" @click="add">Add a ring</button>
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

li > label {
  flex: 1 1 160px;
  max-width: 240px;
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

.power {
  display: inline-flex;
  gap: var(--space-3);
  align-items: center;
}
</style>
