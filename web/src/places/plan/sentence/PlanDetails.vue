<script setup lang="ts">
import type { Plan } from "@kettlos/core/simulate/plan-schema";
import type { Answers } from "@kettlos/core/because/answers";
import { writeRecipeJsonLd } from "@kettlos/core/formats/recipe/write-json-ld";
import { showDuration } from "@kettlos/core/units/show";
import QuantityField from "../../../controls/QuantityField.vue";
import { save } from "../../../data/save-file";
import TickChoice from "../../../controls/TickChoice.vue";
import NameField from "../../../controls/NameField.vue";

/** What the plan is called and for whom, how it is strained, and the other plans. */
const props = defineProps<{ plan: Plan; plans: readonly Plan[]; answers: Answers | null }>();
const emit = defineEmits<{
  change: [Partial<Plan>];
  open: [id: string];
  fresh: [];
  copy: [];
  remove: [];
  send: [];
  print: [];
}>();

const FEEDS = [
  { value: "people", label: "people" },
  { value: "animals", label: "animals" },
] as const;
const ENDS = [
  { value: "strained", label: "strained", hint: "For its liquid" },
  { value: "served", label: "served as it is", hint: "A dish: everything is eaten" },
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
const fileName = () =>
  `${props.plan.name.toLowerCase().replace(/[^a-z0-9]+/g, "-") || "recipe"}.json`;
function saveRecipe() {
  const { answers } = props;
  if (answers !== null)
    save(
      fileName(),
      writeRecipeJsonLd(props.plan, answers.trace, answers.waterL),
      "application/ld+json",
    );
}
const setStrain = (part: Partial<Plan["strain"]>) =>
  emit("change", { strain: { ...props.plan.strain, ...part } });
</script>

<template>
  <div class="details">
    <label
      >Name
      <NameField
        label="Name"
        :value="plan.name"
        :most="80"
        @change="emit('change', { name: $event })"
    /></label>
    <label>
      For
      <NameField
        label="For"
        may-be-empty
        :value="plan.forWhat"
        :most="120"
        placeholder="Thursday's soup"
        @change="emit('change', { forWhat: $event })"
      />
    </label>
    <TickChoice
      label="Who eats it"
      :options="FEEDS"
      :model-value="plan.feeds"
      @update:model-value="emit('change', { feeds: $event })"
    />
    <TickChoice
      label="How it ends"
      :options="ENDS"
      :model-value="plan.end"
      @update:model-value="emit('change', { end: $event })"
    />
    <QuantityField
      label="Setting up, beside the work of the ingredients"
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
      v-if="plan.end === 'strained'"
      label="Straining"
      :options="SIEVES"
      :model-value="plan.strain.when"
      @update:model-value="setStrain({ when: $event })"
    />
    <label v-if="plan.end === 'strained'" class="check">
      <input
        type="checkbox"
        :checked="plan.strain.pressed"
        @change="setStrain({ pressed: ($event.target as HTMLInputElement).checked })"
      />
      press the solids (more, cloudier)
    </label>
    <label>
      Where it is from
      <ElInput
        :model-value="plan.source"
        maxlength="300"
        placeholder="the old cook's black book"
        @update:model-value="(t: string) => emit('change', { source: t })"
      />
    </label>
    <label>
      For the next time
      <ElInput
        :model-value="plan.note"
        maxlength="2000"
        placeholder="half a trotter less"
        @update:model-value="(t: string) => emit('change', { note: t })"
      />
    </label>
    <hr class="rule" />
    <p class="beside">
      <RouterLink class="link" :to="`/shopping?plan=${plan.id}`">Shopping list</RouterLink>
      <button v-if="answers !== null" type="button" class="link" @click="emit('print')">
        Print it
      </button>
      <button type="button" class="link" @click="emit('send')">Send it</button>
      <button v-if="answers !== null" type="button" class="link" @click="saveRecipe">
        Save as a recipe file
      </button>
    </p>
    <p class="beside">
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
  gap: var(--space-4);
  max-height: 70vh;
  overflow: auto;
}

label {
  color: var(--quiet);
  font-size: var(--size-small);
}

.rule {
  margin: var(--space-2) 0;
}

li .link {
  min-height: 44px;
}
</style>
