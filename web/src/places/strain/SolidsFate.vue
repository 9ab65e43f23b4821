<script setup lang="ts">
import { SOLIDS_FATES, type SolidsFate } from "@kettlos/core/batch/batch-schema";
import { solidsHazards } from "@kettlos/core/safety/solids";
import type { Plan } from "@kettlos/core/simulate/plan-schema";
import { computed } from "vue";

/** What becomes of what stays in the sieve; fed only where nothing in the pot harms an animal. */
const props = defineProps<{ plan: Plan; fate: SolidsFate | null }>();
defineEmits<{ choose: [SolidsFate] }>();
const WORDS: Readonly<Record<SolidsFate, string>> = {
  eaten: "eaten",
  returned: "back into the pot",
  frozen: "frozen",
  fed: "fed to animals",
  thrown: "thrown away",
};
const hazards = computed(() => solidsHazards(props.plan));
const fates = computed(() => SOLIDS_FATES.filter((f) => f !== "fed" || hazards.value.length === 0));
</script>

<template>
  <section aria-label="What becomes of the solids">
    <h3>What stays in the sieve</h3>
    <p class="beside">
      <button
        v-for="f in fates"
        :key="f"
        type="button"
        class="fate"
        :class="{ on: f === fate }"
        :aria-pressed="f === fate"
        @click="$emit('choose', f)"
      >
        {{ WORDS[f] }}
      </button>
    </p>
    <p v-if="hazards.length > 0" class="small">
      <strong>Mind:</strong> nothing of it to animals: {{ hazards.join("; ") }}.
    </p>
    <p v-else class="small quiet">
      Cooled, off the bone, a treat beside the food: at most a tenth of what the animal eats. An ill
      animal goes to the vet.
    </p>
  </section>
</template>

<style scoped>
section {
  display: grid;
  gap: 4px;
}

.fate {
  min-height: 44px;
  padding: 0 8px;
  border: 0;
  border-bottom: 1px solid var(--tick);
  background: none;
}

.fate.on {
  border-bottom: 4px solid var(--rim);
  font-weight: 700;
}
</style>
