<script setup lang="ts">
import { isOnRing } from "@kettlos/core/heats/heat";
import type { Verdict } from "@kettlos/core/dish/verdicts";
import { sentenceParts, type SentenceField } from "@kettlos/core/because/sentence";
import { scaledToIngredient } from "@kettlos/core/dish/scale";
import type { Plan, PlanItem } from "@kettlos/core/simulate/plan-schema";
import { computed } from "vue";
import EditPopover from "../../../controls/EditPopover.vue";
import { useOpened } from "../../../controls/use-opened";
import HeatFields from "../../../controls/heat/HeatFields.vue";
import HeatChoice from "./HeatChoice.vue";
import ItemEditor from "../ladder/ItemEditor.vue";
import PotChoice from "../pot/PotChoice.vue";
import StopEditor from "./StopEditor.vue";
import StretchEditor from "../simmer/StretchEditor.vue";
import WaterEditor from "../pot/WaterEditor.vue";
import { useThePlan } from "../the-plan";

/** The plan in one sentence that is also its form: each underlined part opens where it stands. */
const emit = defineEmits<{
  change: [Partial<Plan>];
  changeItem: [id: string, part: Partial<PlanItem>];
  removeItem: [id: string];
}>();
const { plan, kitchen, setPot, answers, units } = useThePlan();

const parts = computed(() => sentenceParts(setPot.value, answers.value, units.value));
const STOPS = /^[,.:;]+/u;
const isTail = (i: number) => parts.value[i]?.field === undefined && parts.value[i - 1]?.field;
/** What opens holds the stop that follows it: no line begins with a comma. */
const pieces = computed(() =>
  parts.value.map((part, i) => ({
    ...part,
    text: isTail(i) ? part.text.replace(STOPS, "") : part.text,
    stop: isTail(i + 1) ? (STOPS.exec(parts.value[i + 1]?.text ?? "")?.[0] ?? "") : "",
  })),
);
const { key, anchor, toggle, shut } = useOpened();
const keyOf = (field: SentenceField) =>
  field.of === "item"
    ? `item:${field.itemId}`
    : field.of === "stretch"
      ? `stretch:${field.stretchId}`
      : field.of;
const openField = computed(
  () =>
    parts.value.find((p) => p.field !== undefined && keyOf(p.field) === key.value)?.field ?? null,
);
const openItem = computed(() => {
  const field = openField.value;
  return field?.of === "item" ? plan.value.items.find((i) => i.id === field.itemId) : undefined;
});
const isBad = ({ state }: Verdict) => state !== "done" && state !== "atItsBest";
const WIDTH: Record<SentenceField["of"], number> = {
  item: 460,
  stretch: 460,
  water: 420,
  vessel: 400,
  stop: 400,
  heat: 420,
  vigour: 420,
  lid: 320,
};
const FIELD_WORDS: Record<SentenceField["of"], string> = {
  item: "ingredient",
  stretch: "heat that follows",
  water: "water",
  vessel: "pot",
  stop: "time",
  heat: "heat",
  vigour: "heat",
  lid: "lid",
};
</script>

<template>
  <h1 class="sentence">
    <template v-for="(part, i) in pieces" :key="i">
      <span v-if="part.field" class="held"
        ><button
          type="button"
          class="editable"
          :aria-label="`${part.text}, change the ${FIELD_WORDS[part.field.of]}`"
          :aria-expanded="key === keyOf(part.field)"
          @click="toggle(keyOf(part.field), $event)"
        >
          {{ part.text }}</button
        >{{ part.stop }}</span
      >
      <span v-else :class="{ result: part.isResult }">{{ part.text }}</span>
    </template>
  </h1>
  <EditPopover
    v-if="anchor !== null && openField !== null"
    :key="key ?? ''"
    :anchor="anchor"
    :width="WIDTH[openField.of]"
    :label="`Change the ${FIELD_WORDS[openField.of]}`"
    @shut="shut"
  >
    <ItemEditor
      v-if="openItem"
      :item="openItem"
      :verdict="answers.dish.verdicts.find((v) => v.itemId === openItem?.id && isBad(v)) ?? null"
      @change="emit('changeItem', openItem.id, $event)"
      @remove="emit('removeItem', openItem.id)"
      @scale="emit('change', scaledToIngredient(plan, openItem.id, $event))"
    />
    <StretchEditor
      v-else-if="openField.of === 'stretch'"
      :stretch-id="openField.stretchId"
      @change="emit('change', $event)"
    />
    <WaterEditor
      v-else-if="openField.of === 'water'"
      @state="emit('change', { water: $event })"
      @plan="emit('change', $event)"
    />
    <PotChoice v-else-if="openField.of === 'vessel'" @change="emit('change', $event)" />
    <StopEditor v-else-if="openField.of === 'stop'" @change="emit('change', $event)" />
    <HeatChoice
      v-else-if="openField.of === 'vigour' && isOnRing(plan.heat)"
      :heat="plan.heat"
      @change="emit('change', $event)"
    />
    <HeatFields
      v-else
      :heat="plan.heat"
      :kitchen="kitchen"
      :units="units"
      :vessel-id="plan.vesselId"
      @change="emit('change', { heat: $event })"
    />
  </EditPopover>
</template>

<style scoped>
.sentence {
  font-size: var(--size-head);
  line-height: 34px;
}

.sentence span {
  white-space: pre-wrap;
}

.sentence .held {
  white-space: nowrap;
}

.held > button {
  white-space: normal;
}

@media (width <= 700px) {
  .sentence {
    font-size: var(--size-lead);
    line-height: 32px;
  }
}
</style>
