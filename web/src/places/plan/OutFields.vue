<script setup lang="ts">
import type { Out, PlanItem } from "@kettlos/core/simulate/plan-schema";
import { showDuration } from "@kettlos/core/units/show";
import { computed } from "vue";
import QuantityField from "../../controls/QuantityField.vue";
import TickChoice from "../../controls/TickChoice.vue";

/** Whether it comes out before the end, and goes back in. */
const props = defineProps<{ item: PlanItem }>();
const emit = defineEmits<{ change: [Out | null] }>();

const OPTIONS = [
  { value: "stays", label: "stays in" },
  { value: "tender", label: "out when tender" },
  { value: "beforeEnd", label: "out before the end" },
  { value: "beforeBoil", label: "out before the boil" },
] as const;
type Choice = (typeof OPTIONS)[number]["value"];
const choice = computed<Choice>({
  get: () => props.item.out?.when.at ?? "stays",
  set: (value) => {
    const isBack = props.item.out?.isBack ?? value !== "beforeBoil";
    if (value === "stays") emit("change", null);
    else if (value === "beforeEnd") emit("change", { when: { at: value, min: 30 }, isBack });
    else emit("change", { when: { at: value }, isBack });
  },
});
</script>

<template>
  <TickChoice v-model="choice" label="Whether it comes out" :options="OPTIONS" />
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
    <label class="check">
      <input
        type="checkbox"
        :checked="item.out.isBack"
        @change="
          item.out &&
          emit('change', { ...item.out, isBack: ($event.target as HTMLInputElement).checked })
        "
      />
      goes back in at the end
    </label>
  </template>
</template>
