<script setup lang="ts">
import { resolve } from "@kettlos/core/simulate/set-pot";
import { waysOut, type WayOut } from "@kettlos/core/because/ways-out";
import type { Kitchen } from "@kettlos/core/simulate/kitchen-schema";
import type { Plan } from "@kettlos/core/simulate/plan-schema";
import { useDebounceFn } from "@vueuse/core";
import { shallowRef, watch } from "vue";
import { clockHour } from "../../data/clock-hour";
import { useWords } from "../../data/use-words";

/** The ways out of what keeps a plan from being put on, each worked out and one tap away. */
const props = defineProps<{ plan: Plan; kitchen: Kitchen }>();
const emit = defineEmits<{ take: [Plan] }>();

const words = useWords();
/** Each way is a plan worked out: not while something is still being pulled or typed. */
const SETTLED_MS = 200;
const ways = shallowRef<readonly WayOut[] | null>(null);
const work = useDebounceFn(() => {
  ways.value = waysOut(resolve(props.plan, props.kitchen), clockHour);
}, SETTLED_MS);
watch(
  () => [props.plan, props.kitchen] as const,
  () => {
    ways.value = null;
    void work();
  },
  { immediate: true },
);
</script>

<template>
  <p class="ways" aria-live="polite">
    <template v-if="ways === null">Looking for a way out …</template>
    <template v-else-if="ways.length === 0"
      >No single change leads out of it: change what goes in, the pot or the heat.</template
    >
    <template v-else>
      <span>Any of these makes it work:</span>
      <button
        v-for="way in ways"
        :key="words(way.said)"
        type="button"
        class="button"
        @click="emit('take', way.plan)"
      >
        {{ words(way.said) }}
      </button>
    </template>
  </p>
</template>

<style scoped>
.ways {
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-4);
  align-items: center;
}
</style>
