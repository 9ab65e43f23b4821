<script setup lang="ts">
import type { Out, Plan, PlanItem } from "@kettlos/core/simulate/plan-schema";
import { showDuration } from "@kettlos/core/units/show";
import { computed } from "vue";
import QuantityField from "../../controls/QuantityField.vue";
import TickChoice from "../../controls/TickChoice.vue";
import { stretchNames } from "./stretch-names";

/** Whether it comes out before the end, and goes back in. */
const props = defineProps<{ item: PlanItem; plan: Plan }>();
const emit = defineEmits<{ change: [Out | null] }>();

const OPTIONS = [
  { value: "stays", label: "stays in" },
  { value: "tender", label: "out when tender" },
  { value: "beforeEnd", label: "out before the end" },
  { value: "beforeBoil", label: "out before the boil" },
  { value: "stretch", label: "out with a later heat" },
] as const;
type Choice = (typeof OPTIONS)[number]["value"];
/** The later stretches of the heat: out with one, back with a later one. */
const later = computed(() => stretchNames(props.plan));
const options = computed(() =>
  OPTIONS.filter((o) => o.value !== "stretch" || later.value.length > 0),
);
const backs = computed(() => {
  const when = props.item.out?.when;
  const from =
    when?.at === "stretch" ? later.value.findIndex((s) => s.value === when.stretchId) : -1;
  return [{ value: "", label: "at the end" }, ...later.value.slice(from + 1)];
});
function setBack(out: Out, stretchId: string) {
  const { backAt: _backAt, ...rest } = out;
  emit("change", stretchId === "" ? rest : { ...rest, backAt: stretchId });
}
const choice = computed<Choice>({
  get: () => props.item.out?.when.at ?? "stays",
  set: (value) => {
    const isBack = props.item.out?.isBack ?? value !== "beforeBoil";
    if (value === "stays") emit("change", null);
    else if (value === "beforeEnd") emit("change", { when: { at: value, min: 30 }, isBack });
    else if (value === "stretch")
      emit("change", { when: { at: value, stretchId: later.value[0]?.value ?? "" }, isBack });
    else emit("change", { when: { at: value }, isBack });
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
      :max="2880"
      :model-value="item.out.when.min"
      @update:model-value="
        emit('change', {
          when: { at: 'beforeEnd', min: $event ?? 30 },
          isBack: item.out?.isBack ?? true,
        })
      "
    />
    <TickChoice
      v-if="item.out.when.at === 'stretch'"
      wraps
      label="Out with which heat"
      :options="later"
      :model-value="item.out.when.stretchId"
      @update:model-value="
        item.out &&
        emit('change', { isBack: item.out.isBack, when: { at: 'stretch', stretchId: $event } })
      "
    />
    <label class="check">
      <input
        type="checkbox"
        :checked="item.out.isBack"
        @change="
          item.out &&
          emit('change', { ...item.out, isBack: ($event.target as HTMLInputElement).checked })
        "
      />
      goes back in
    </label>
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
