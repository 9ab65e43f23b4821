<script setup lang="ts">
import { SOLIDS_FATES, type SolidsFate } from "@kettlos/core/events/sieve/terms";
import { solidsHazards } from "@kettlos/core/safety/solids";
import type { Plan } from "@kettlos/core/simulate/plan-schema";
import { computed } from "vue";
import MarkChoice from "../../controls/MarkChoice.vue";

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
const fates = computed(() =>
  SOLIDS_FATES.filter((f) => f !== "fed" || hazards.value.length === 0).map((value) => ({
    value,
    label: WORDS[value],
  })),
);
</script>

<template>
  <section aria-label="What becomes of the solids">
    <MarkChoice
      label="What stays in the sieve"
      :options="fates"
      :chosen="fate"
      @choose="$emit('choose', $event)"
    />
    <p v-if="hazards.length > 0" class="small">
      <strong>Take care:</strong> nothing of it to animals: {{ hazards.join("; ") }}.
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
  gap: var(--space-2);
}
</style>
