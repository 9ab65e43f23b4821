<script setup lang="ts">
import { ageOf } from "@kettlos/core/larder/keeping";
import { isUsable } from "@kettlos/core/larder/larder";
import { computed } from "vue";
import { useLarderStore } from "../data/larder-store";
import { usePotsStore } from "../data/pots-store";

/** What is due: to be used, or past its days in the fridge and not to be eaten any more. */
const larderStore = useLarderStore();
const pots = usePotsStore();
const due = computed(() => {
  const toThrow = new Set<string>();
  const first = new Set<string>();
  for (const h of larderStore.larder.holdings)
    if (!isUsable(h, pots.nowMs)) toThrow.add(h.lot.name);
    else if (ageOf(h.place, h.bestBeforeMs, pots.nowMs) !== "good") first.add(h.lot.name);
  return { toThrow: [...toThrow].join(", "), first: [...first].join(", ") };
});
</script>

<template>
  <p v-if="due.toThrow" class="ember" role="status">
    <strong>Danger: past their days in the fridge, throw away:</strong> {{ due.toThrow }}.
  </p>
  <p v-if="due.first" role="status"><strong>Use first:</strong> {{ due.first }}.</p>
</template>
