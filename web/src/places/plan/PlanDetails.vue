<script setup lang="ts">
import type { Plan } from "@kettlos/core/simulate/plan-schema";
import { showDuration } from "@kettlos/core/units/show";
import QuantityField from "../../controls/QuantityField.vue";
import TickChoice from "../../controls/TickChoice.vue";

/** What the plan is called and for whom, how it is strained, and the other plans. */
const props = defineProps<{ plan: Plan; plans: readonly Plan[] }>();
const emit = defineEmits<{
  change: [Partial<Plan>];
  open: [id: string];
  fresh: [];
  copy: [];
  remove: [];
}>();

const FEEDS = [
  { value: "people", label: "people" },
  { value: "animals", label: "animals" },
] as const;
const FATS = [
  {
    value: "liftCold",
    label: "lift cold",
    hint: "The fat sets on top and lifts as a disc",
  },
  {
    value: "skimHot",
    label: "skim hot",
    hint: "Taken off while it simmers; it steams freely",
  },
  { value: "keep", label: "keep", hint: "Stays in" },
] as const;
const SIEVES = [
  { value: "afterPause", label: "after a pause", hint: "Grit settles" },
  { value: "atOnce", label: "at once", hint: "Cooking stops" },
] as const;
const setName = (name: string) => {
  if (name.trim() !== "") emit("change", { name: name.trim().slice(0, 80) });
};
const setStrain = (part: Partial<Plan["strain"]>) =>
  emit("change", { strain: { ...props.plan.strain, ...part } });
</script>

<template>
  <div class="details">
    <label
      >Name <ElInput :model-value="plan.name" maxlength="80" @update:model-value="setName"
    /></label>
    <label>
      For
      <ElInput
        :model-value="plan.forWhat"
        maxlength="120"
        placeholder="Thursday's soup"
        @update:model-value="(t: string) => emit('change', { forWhat: t })"
      />
    </label>
    <TickChoice
      label="Who eats it"
      :options="FEEDS"
      :model-value="plan.feeds"
      @update:model-value="emit('change', { feeds: $event })"
    />
    <QuantityField
      label="Work before it goes on"
      dimension="time"
      bare-unit="min"
      :show="showDuration"
      :min="0"
      :max="1440"
      :model-value="plan.prepareMin"
      @update:model-value="emit('change', { prepareMin: $event ?? 15 })"
    />
    <TickChoice
      label="Fat"
      :options="FATS"
      :model-value="plan.fat"
      @update:model-value="emit('change', { fat: $event })"
    />
    <TickChoice
      label="Straining"
      :options="SIEVES"
      :model-value="plan.strain.when"
      @update:model-value="setStrain({ when: $event })"
    />
    <label class="check">
      <input
        type="checkbox"
        :checked="plan.strain.pressed"
        @change="setStrain({ pressed: ($event.target as HTMLInputElement).checked })"
      />
      press the solids (more, cloudier)
    </label>
    <hr class="rule" />
    <p class="row">
      <button type="button" class="button" @click="emit('fresh')">New plan</button>
      <button type="button" class="button" @click="emit('copy')">Copy this</button>
      <button type="button" class="button danger" @click="emit('remove')">Remove</button>
    </p>
    <ul>
      <li v-for="other in plans.filter((p) => p.id !== plan.id)" :key="other.id">
        <button type="button" class="link" @click="emit('open', other.id)">
          {{ other.name }}
        </button>
      </li>
    </ul>
  </div>
</template>

<style scoped>
.details {
  display: grid;
  gap: 10px;
  max-height: 70vh;
  overflow: auto;
}

label {
  color: var(--quiet);
  font-size: 14px;
}

.row {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
}

.rule {
  margin: 4px 0;
}

li .link {
  min-height: 44px;
}
</style>
