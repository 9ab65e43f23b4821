<script setup lang="ts">
import { ingredientOf, nameOf } from "@kettlos/core/simulate/item-facts";
import type { Plan, PlanItem } from "@kettlos/core/simulate/plan-schema";
import { computed } from "vue";
import { useThePlan } from "../the-plan";

/** What is lifted out as a stretch begins, and what goes back into the pot. */
const props = defineProps<{ stretchId: string }>();
const { plan } = useThePlan();
const emit = defineEmits<{ change: [Partial<Plan>] }>();

const at = computed(() => plan.value.then.findIndex((s) => s.id === props.stretchId));
const outIndex = (item: PlanItem) => {
  const when = item.out?.when;
  return when?.at === "stretch" ? plan.value.then.findIndex((s) => s.id === when.stretchId) : -1;
};
/** What is lifted out in one go; anything else can be by its own line. */
const LIFTED: ReadonlySet<string> = new Set(["meat", "bones", "fish"]);
/** Pieces that are in before, and can be lifted. */
const liftable = computed(() =>
  plan.value.items.filter(
    (i) =>
      (LIFTED.has(ingredientOf(i).group) || outIndex(i) === at.value) &&
      i.when.at === "start" &&
      (i.out === undefined || i.out.when.at === "stretch") &&
      (outIndex(i) === -1 || outIndex(i) >= at.value),
  ),
);
/** What is out by then. */
const returnable = computed(() =>
  plan.value.items.filter(
    (i) => i.out?.isBack === true && outIndex(i) >= 0 && outIndex(i) < at.value,
  ),
);

function put(item: PlanItem) {
  emit("change", { items: plan.value.items.map((i) => (i.id === item.id ? item : i)) });
}
function setOut(item: PlanItem, isOut: boolean) {
  const { out: _out, ...stays } = item;
  const when = { at: "stretch" as const, stretchId: props.stretchId };
  put(isOut ? { ...stays, out: { when, isBack: true } } : stays);
}
function setBack(item: PlanItem, isBack: boolean) {
  if (item.out === undefined) return;
  const { backAt: _backAt, ...out } = item.out;
  put({ ...item, out: isBack ? { ...out, backAt: props.stretchId } : out });
}
const isOutHere = (item: PlanItem) => outIndex(item) === at.value;
const checked = (event: Event) => (event.target as HTMLInputElement).checked;
const name = (item: PlanItem) => nameOf(item).toLowerCase();
</script>

<template>
  <fieldset v-if="liftable.length + returnable.length > 0" class="moves">
    <legend>As it begins</legend>
    <label v-for="item in liftable" :key="item.id" class="check">
      <input type="checkbox" :checked="isOutHere(item)" @change="setOut(item, checked($event))" />
      {{ name(item) }} out
    </label>
    <label v-for="item in returnable" :key="item.id" class="check">
      <input
        type="checkbox"
        :checked="item.out?.backAt === stretchId"
        @change="setBack(item, checked($event))"
      />
      {{ name(item) }} back in
    </label>
  </fieldset>
</template>

<style scoped>
.moves {
  margin: 0;
  padding: 0;
  border: 0;
}

legend {
  padding: 0;
  color: var(--quiet);
  font-size: var(--size-small);
}
</style>
