<script setup lang="ts">
import type { Kitchen } from "@kettlos/core/simulate/kitchen-schema";
import type { Plan } from "@kettlos/core/simulate/plan-schema";
import { watchDebounced } from "@vueuse/core";
import { computed, onBeforeUnmount, shallowRef } from "vue";
import { plain } from "../../../data/plain";
import { useConversion } from "../../../workers/use-conversion";
import { useThePlan } from "../the-plan";
import { otherHeats } from "./other-heats";

/**
 * How long the same dish takes on what else this kitchen has, each by one tap; what would be unsafe there,
 * or asks for something the kitchen lacks, is told on its own screen.
 */
const emit = defineEmits<{ change: [Plan] }>();
const { plan, kitchen } = useThePlan();
/** While it is still being changed nothing is worked out. */
const QUIET_MS = 600;
const { columns, ask } = useConversion({ withRanges: false });
/** What the answers are for: of another plan, or another kitchen, none is shown. */
const asked = shallowRef<readonly [Plan, Kitchen] | null>(null);
let isLeft = false;
onBeforeUnmount(() => (isLeft = true));
watchDebounced(
  [plan, kitchen],
  async () => {
    // The screen may be left meanwhile: another one's question is not overtaken.
    if (isLeft) return;
    const about = [plan.value, kitchen.value] as const;
    await ask(...about, [], ["low"]);
    asked.value = about;
  },
  { debounce: QUIET_MS, immediate: true },
);

const others = computed(() =>
  asked.value?.[0] === plan.value && asked.value[1] === kitchen.value
    ? otherHeats(
        columns.value.map((c) => c.answer),
        kitchen.value,
      )
    : [],
);
</script>

<template>
  <p class="others">
    <RouterLink class="compare" :to="`/crossover/${plan.id}`">On another heat</RouterLink>
    <button
      v-for="other in others"
      :key="other.key"
      type="button"
      class="link"
      @click="emit('change', plain(other.plan))"
    >
      {{ other.name }} <b class="figure">{{ other.said }}</b>
    </button>
  </p>
</template>

<style scoped>
.others {
  display: flex;
  flex-wrap: wrap;
  gap: 0 var(--space-6);
  align-items: center;
}

.compare,
.others button {
  display: inline-flex;
  gap: var(--space-3);
  align-items: center;
  min-height: 44px;
}
</style>
