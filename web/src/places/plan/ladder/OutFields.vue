<script setup lang="ts">
import { HOLD_MIN } from "@kettlos/core/units/limits";
import { MOST_BONE_SHARE } from "@kettlos/core/simulate/bone-share";
import UnitField from "../../../controls/UnitField.vue";
import type { Out, PlanItem } from "@kettlos/core/simulate/plan-schema";
import { ingredientOf, usualBoneShare } from "@kettlos/core/simulate/item-facts";
import { showDuration } from "@kettlos/core/units/show";
import { computed } from "vue";
import QuantityField from "../../../controls/QuantityField.vue";
import TickChoice from "../../../controls/TickChoice.vue";
import { useKitchenStore } from "../../../data/kitchen-store";
import { stretchNames } from "../simmer/stretch-names";
import { useThePlan } from "../the-plan";

/** Whether it comes out before the end, and goes back in. */
const props = defineProps<{ item: PlanItem }>();
const { plan } = useThePlan();
const emit = defineEmits<{ change: [Out | null] }>();

const kitchenStore = useKitchenStore();
const units = computed(() => (kitchenStore.units === "us" ? "us" : "metric"));
/** What may lie on a bone. */
const ON_BONES: ReadonlySet<string> = new Set(["meat", "bones", "fish"]);

const OPTIONS = [
  { value: "stays", label: "stays in" },
  { value: "tender", label: "out when tender" },
  { value: "beforeEnd", label: "out before the end" },
  { value: "beforeBoil", label: "out before the boil" },
  { value: "stretch", label: "out with a later heat" },
] as const;
type Choice = (typeof OPTIONS)[number]["value"];
/** The later stretches of the heat: out with one, back with a later one. */
const later = computed(() => stretchNames(plan.value));
const options = computed(() =>
  OPTIONS.filter((o) => o.value !== "stretch" || later.value.length > 0),
);
const backs = computed(() => {
  const when = props.item.out?.when;
  const from =
    when?.at === "stretch" ? later.value.findIndex((s) => s.value === when.stretchId) : -1;
  return [{ value: "", label: "at the end" }, ...later.value.slice(from + 1)];
});
/** As it is, but for what is said anew. */
const change = (part: Partial<Out>) => {
  if (props.item.out !== undefined) emit("change", { ...props.item.out, ...part });
};
/** What stays out has no moment to go back, nor bones to leave. */
function setIsBack(isBack: boolean) {
  if (props.item.out !== undefined) emit("change", { when: props.item.out.when, isBack });
}
const isOnBones = computed(() => ON_BONES.has(ingredientOf(props.item).group));
function setOffBones(isOff: boolean) {
  if (props.item.out === undefined) return;
  const { boneShare: _boneShare, ...rest } = props.item.out;
  emit("change", isOff ? { ...rest, boneShare: usualBoneShare(props.item) } : rest);
}
/** Back with a heat of the old way would be before it is out. */
function setOutWith(stretchId: string) {
  if (props.item.out === undefined) return;
  const { backAt: _backAt, ...rest } = props.item.out;
  emit("change", { ...rest, when: { at: "stretch", stretchId } });
}
function setBack(out: Out, stretchId: string) {
  const { backAt: _backAt, ...rest } = out;
  emit("change", stretchId === "" ? rest : { ...rest, backAt: stretchId });
}
const choice = computed<Choice>({
  get: () => props.item.out?.when.at ?? "stays",
  set: (value) => {
    const { isBack = value !== "beforeBoil", boneShare } = props.item.out ?? {};
    const out = { isBack, ...(boneShare === undefined ? {} : { boneShare }) };
    if (value === "stays") emit("change", null);
    else if (value === "beforeEnd") emit("change", { ...out, when: { at: value, min: 30 } });
    else if (value === "stretch")
      emit("change", { ...out, when: { at: value, stretchId: later.value[0]?.value ?? "" } });
    else emit("change", { ...out, when: { at: value } });
  },
});
</script>

<template>
  <TickChoice v-model="choice" label="Whether it comes out" :options="options" wraps />
  <template v-if="item.out">
    <QuantityField
      v-if="item.out.when.at === 'beforeEnd'"
      label="Out before the end"
      dimension="time"
      bare-unit="min"
      :show="showDuration"
      :min="1"
      :max="HOLD_MIN.most"
      :model-value="item.out.when.min"
      @update:model-value="change({ when: { at: 'beforeEnd', min: $event ?? 30 } })"
    />
    <TickChoice
      v-if="item.out.when.at === 'stretch'"
      wraps
      label="Out with which heat"
      :options="later"
      :model-value="item.out.when.stretchId"
      @update:model-value="setOutWith"
    />
    <label class="check">
      <input
        type="checkbox"
        :checked="item.out.isBack"
        @change="setIsBack(($event.target as HTMLInputElement).checked)"
      />
      goes back in
    </label>
    <template v-if="item.out.isBack && isOnBones">
      <label class="check">
        <input
          type="checkbox"
          :checked="item.out.boneShare !== undefined"
          @change="setOffBones(($event.target as HTMLInputElement).checked)"
        />
        off its bones; they stay out
      </label>
      <UnitField
        v-if="item.out.boneShare !== undefined"
        label="Bones in it, of its raw weight"
        little
        dimension="mass"
        :units="units"
        :min="item.massKg * 0.01"
        :max="item.massKg * MOST_BONE_SHARE"
        :model-value="item.out.boneShare * item.massKg"
        @update:model-value="
          $event !== null && change({ boneShare: Math.min(MOST_BONE_SHARE, $event / item.massKg) })
        "
      />
    </template>
    <TickChoice
      v-if="item.out.isBack && item.out.when.at === 'stretch' && backs.length > 1"
      wraps
      label="Back when"
      :options="backs"
      :model-value="item.out.backAt ?? ''"
      @update:model-value="item.out && setBack(item.out, $event)"
    />
  </template>
</template>
