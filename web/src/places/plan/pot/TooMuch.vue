<script setup lang="ts">
import { resolve } from "@kettlos/core/simulate/set-pot";
import { useWords } from "../../../data/use-words";
import { acrossPots } from "@kettlos/core/dish/scale";
import type { Kitchen } from "@kettlos/core/simulate/kitchen-schema";
import type { Plan } from "@kettlos/core/simulate/plan-schema";
import { outcomeOf } from "@kettlos/core/units/problem";
import { showMass, type UnitSystem } from "@kettlos/core/units/show";
import { computed } from "vue";
import { keepParts } from "../keep-parts";

/** Where a dish is too much for its pot: which pots would take it, and that choice. */
const props = defineProps<{ plan: Plan; kitchen: Kitchen; units: UnitSystem }>();
const emit = defineEmits<{ change: [Partial<Plan>] }>();
const words = useWords();

const one = computed(() => (props.units === "us" ? "us" : "metric"));
const across = computed(() => outcomeOf(() => acrossPots(resolve(props.plan, props.kitchen))));
const parts = computed(() => (across.value.ok ? across.value.value : []));
const moves = computed(
  () => parts.value.length > 1 || parts.value[0]?.vesselId !== props.plan.vesselId,
);
const potName = (id: string) =>
  (props.kitchen.vessels.find((v) => v.id === id)?.name ?? "").toLowerCase();
const partKg = (p: Plan) => p.items.reduce((sum, i) => sum + i.massKg, 0);
async function take() {
  const [only] = parts.value;
  if (only === undefined) return;
  if (parts.value.length === 1) return emit("change", { vesselId: only.vesselId });
  const [first] = await keepParts(props.plan, parts.value);
  if (first !== undefined) emit("change", first);
}
</script>

<template>
  <div v-if="!across.ok || moves" class="too-much">
    <p v-if="!across.ok" class="ember">{{ words(across.problem.said) }}</p>
    <template v-else>
      <p>
        <strong>Too much for the {{ potName(plan.vesselId) }}.</strong>
        <template v-if="parts.length > 1">
          <template v-for="(part, i) in parts" :key="part.vesselId"
            >{{ i > 0 ? ", " : " " }}{{ showMass(partKg(part), one) }} in the
            {{ potName(part.vesselId) }}</template
          >.
        </template>
      </p>
      <button type="button" class="button" @click="take">
        {{
          parts.length > 1
            ? `Cook it in ${parts.length} pots`
            : `Take the ${potName(parts[0]?.vesselId ?? "")}`
        }}
      </button>
    </template>
  </div>
</template>

<style scoped>
.too-much {
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-4) var(--space-6);
  align-items: center;
  justify-content: space-between;
  padding: var(--space-3) 0;
}
</style>
