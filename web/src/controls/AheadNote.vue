<script setup lang="ts">
import { ruleC, say } from "@kettlos/core/units/said";
import { REHEATED_C } from "@kettlos/core/cool/codes";
import { isAheadIn } from "@kettlos/core/clock/cooked";
import { computed } from "vue";
import { useClockStore } from "../data/clock-store";
import { useWords } from "../data/use-words";

/** At the stove: a pot that is cooked ahead of its meal is chilled, not served. */
const props = defineProps<{ planId: string }>();
const clockStore = useClockStore();
const words = useWords();
const meal = computed(() =>
  clockStore.wanted.meals.find((m) => isAheadIn({ meals: [m] }, props.planId)),
);
const hot = say`and made hot again to ${ruleC(REHEATED_C)} for it, once`;
</script>

<template>
  <p v-if="meal" class="ahead" role="note">
    <strong>Cooked ahead for {{ meal.name }}.</strong> Once it is done none of it stands about: all
    of it is chilled at once, kept in the fridge, {{ words(hot) }}.
    <RouterLink to="/clock">On the clock</RouterLink>
  </p>
</template>

<style scoped>
.ahead {
  padding: var(--space-4) var(--space-5);
  border-left: 6px solid var(--rim);
  background: var(--rim-soft);
}
</style>
