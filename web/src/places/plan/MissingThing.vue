<script setup lang="ts">
import type { Kitchen } from "@kettlos/core/simulate/kitchen-schema";
import type { Plan } from "@kettlos/core/simulate/plan-schema";
import { suits } from "@kettlos/core/simulate/references";
import type { Problem } from "@kettlos/core/units/problem";
import { computed } from "vue";

/** A plan whose pot, ring or oven is not in this kitchen (any more): what there is instead, a tap each. */
const props = defineProps<{ plan: Plan; kitchen: Kitchen; problem: Problem }>();
const emit = defineEmits<{ change: [Partial<Plan>] }>();

interface Way {
  readonly id: string;
  readonly name: string;
  readonly change: Partial<Plan>;
}
const ways = computed<readonly Way[]>(() => {
  const { plan, kitchen, problem } = props;
  if (problem.field === "vesselId")
    return kitchen.vessels
      .filter((v) => suits(v, plan.heat.method))
      .map((v) => ({ id: v.id, name: v.name, change: { vesselId: v.id } }));
  if (problem.field === "ringId")
    return kitchen.rings.map((r) => ({ id: r.id, name: r.name, change: { ringId: r.id } }));
  const { heat } = plan;
  if (problem.field === "heat.ovenId" && heat.method === "oven")
    return kitchen.ovens.map((o) => ({
      id: o.id,
      name: o.name,
      change: { heat: { ...heat, ovenId: o.id } },
    }));
  return [];
});
</script>

<template>
  <p v-if="ways.length > 0" class="ways">
    Take instead:
    <button
      v-for="way in ways"
      :key="way.id"
      type="button"
      class="button"
      @click="emit('change', way.change)"
    >
      {{ way.name }}
    </button>
  </p>
</template>

<style scoped>
.ways {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  align-items: center;
}
</style>
