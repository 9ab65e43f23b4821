<script setup lang="ts">
import { allergenWords } from "@kettlos/core/ingredient/allergen-words";
import { figure } from "@kettlos/core/units/region";
import { DIET_WORDS, type DietConflict } from "@kettlos/core/dish/diets";
import { costOf } from "@kettlos/core/dish/shopping";
import { lotPerKg } from "@kettlos/core/larder/lot-of";
import { daysItLasts, FRIDGE_DAYS } from "@kettlos/core/portion/lasting";
import { swapped } from "@kettlos/core/dish/swapped";
import { SUBSTITUTES } from "@kettlos/core/dish/substitutes";
import { contentName } from "@kettlos/core/ingredient/own-content";
import { DIETS, type DietId } from "@kettlos/core/simulate/dish-words";
import type { Plan } from "@kettlos/core/simulate/plan-schema";
import { computed } from "vue";
import { useLarderStore } from "../../../data/larder-store";
import WhyFigure from "../../../controls/WhyFigure.vue";
import BesideFields from "./BesideFields.vue";
import ScaleFields from "./ScaleFields.vue";
import { useThePlan } from "../the-plan";

/** How many eat, how much each, what they do not eat, what stands beside the pot. */
const emit = defineEmits<{ change: [Partial<Plan>] }>();
const { plan, kitchen, setPot, answers } = useThePlan();

const dish = computed(() => answers.value.dish);
const conflicts = computed(() => dish.value.conflicts);

function toggleDiet(diet: DietId) {
  const { diets } = plan.value;
  emit("change", {
    diets: diets.includes(diet) ? diets.filter((d) => d !== diet) : [...diets, diet],
  });
}
function swapIn(conflict: DietConflict, ingredientId: string) {
  emit("change", {
    items: plan.value.items.map((item) => {
      if (item.id !== conflict.itemId) return item;
      const per = SUBSTITUTES[item.ingredientId]?.find((s) => s.ingredientId === ingredientId)?.per;
      return swapped(item, ingredientId, item.massKg * (per ?? 1));
    }),
  });
}
/** Of a strained liquid: days it lasts at a ration a day. */
const days = computed(() => {
  const { serves, end } = plan.value;
  return serves === null || end === "served"
    ? null
    : daysItLasts(answers.value.figures.strainedL.expected, serves.people * serves.eachKg);
});
const larder = useLarderStore();
const cost = computed(() => costOf(setPot.value, lotPerKg(larder.lots)));
const money = (sum: number) => `${kitchen.value.currency} ${figure(sum, 2)}`;
const nameOf = (id: string) => contentName(id).toLowerCase();
</script>

<template>
  <section class="eaters" aria-label="Who eats">
    <ScaleFields
      :is-said-above="answers.cautions.some((c) => c.id === 'overRim')"
      @change="emit('change', $event)"
    />
    <p v-if="answers.dishFigures.portions" class="said">
      It makes about
      <b class="figure">{{ Math.round(answers.dishFigures.portions.expected) }}</b> portions.
      <WhyFigure :estimate="answers.dishFigures.portions" />
    </p>
    <p v-if="days !== null" class="small">
      Once a day for {{ plan.serves?.people }} it lasts
      <b class="figure">{{ days < 2 ? figure(days, 1) : Math.floor(days) }}</b> days<template
        v-if="days > FRIDGE_DAYS.value"
        >: freeze what is not eaten in {{ FRIDGE_DAYS.value }}</template
      >.
    </p>
    <p v-if="cost !== null" class="small">
      Costs <b class="figure">{{ money(cost.cost) }}</b><template v-if="dish.eaten.portions"
        >, {{ money(cost.cost / dish.eaten.portions) }} a portion</template
      ><span v-if="cost.unpriced > 0" class="quiet"
        >; {{ cost.unpriced }} without a price (prices stand on the shopping list)</span
      >.
    </p>
    <fieldset>
      <legend>They eat</legend>
      <label v-for="diet in DIETS" :key="diet" class="check">
        <input type="checkbox" :checked="plan.diets.includes(diet)" @change="toggleDiet(diet)" />{{
          DIET_WORDS[diet]
        }}
      </label>
    </fieldset>
    <ul v-if="conflicts.length > 0" class="conflicts">
      <li v-for="c in conflicts" :key="`${c.diet} ${c.text}`">
        <span><strong class="ember">⚠</strong> {{ c.text }}</span>
        <span v-if="c.instead.length > 0" class="instead">
          <span class="quiet small">instead</span>
          <button
            v-for="id in c.instead.slice(0, 3)"
            :key="id"
            type="button"
            class="link"
            @click="swapIn(c, id)"
          >
            {{ nameOf(id) }}
          </button>
        </span>
      </li>
    </ul>
    <p class="small">
      <template v-if="dish.allergens.length > 0"
        >Contains <strong>{{ allergenWords(dish.allergens) }}</strong>.
        <span class="quiet">Labels of ready-made goods come first.</span></template
      ><span v-else class="quiet">No allergen by the catalogue; check every label.</span>
      <span v-if="dish.unread.length > 0">
        May hold others: read the label of
        <strong>{{ dish.unread.map(nameOf).join(", ") }}</strong>, and tick it there.</span
      >
    </p>
    <BesideFields
      v-if="plan.end === 'served'"
      :sides="dish.beside"
      :left-l="answers.trace.endLiquidL"
      @change="emit('change', { accompaniments: $event })"
    />
    <p v-if="dish.takeOuts.length > 0" class="small">
      Take out before serving:
      <strong>{{ dish.takeOuts.map((t) => t.what).join(", ") }}</strong>
    </p>
  </section>
</template>

<style scoped>
.eaters {
  display: grid;
  gap: var(--space-3);
}

fieldset {
  display: flex;
  flex-wrap: wrap;
  gap: 0 var(--space-6);
  margin: 0;
  padding: 0;
  border: 0;
}

legend {
  padding: 0;
  color: var(--quiet);
  font-size: var(--size-small);
}

.check {
  min-height: 34px;
}

.eaters :deep(.why) {
  margin-left: var(--space-3);
}

.conflicts li {
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-2) var(--space-6);
  justify-content: space-between;
  padding: var(--space-2) 0;
  border-bottom: 1px solid var(--hair);
}

.instead {
  display: flex;
  gap: var(--space-4);
  align-items: baseline;
}

@media (pointer: coarse) {
  .check {
    min-height: 44px;
  }
}
</style>
