<script setup lang="ts">
import type { Answers } from "@kettlos/core/because/answers";
import { onCounter } from "@kettlos/core/batch/counter";
import { nameOf } from "@kettlos/core/simulate/item-facts";
import { showMass, showVolume, showVolumeRange, type UnitSystem } from "@kettlos/core/units/show";
import { computed } from "vue";
import AheadNote from "../../controls/AheadNote.vue";
import type { PotState } from "../../data/pot-state";
import { usePotsStore } from "../../data/pots-store";
import type { NewEvent } from "../../data/repository";

/** What is expected, what is to come out first, and what still lies on the counter. */
const props = defineProps<{ pot: PotState; answers: Answers; units: UnitSystem }>();
defineEmits<{ write: [NewEvent] }>();
const pots = usePotsStore();
const one = computed(() => (props.units === "us" ? "us" : "metric"));
const isServed = computed(() => props.pot.batch.plan.end === "served");
const expected = computed(
  () =>
    pots.live.find((p) => p.batch.id === props.pot.batch.id)?.forecast.strainedL ??
    props.answers.figures.strainedL,
);
const takeOuts = computed(() => props.answers.dish.takeOuts);
const isOut = (itemId: string) => props.pot.cook.outMs.has(itemId);
const forgotten = computed(() => onCounter(props.pot.batch.plan, props.pot.cook));
</script>

<template>
  <h1>{{ isServed ? "Serve it" : "What came through" }}</h1>
  <AheadNote v-if="pot.batch.practice === undefined" :plan-id="pot.batch.plan.id" />
  <p v-if="isServed" class="quiet">
    Expected about {{ showMass(answers.dish.eaten.allKg, one)
    }}<template v-if="answers.dish.eaten.portions !== null"
      >, {{ Math.round(answers.dish.eaten.portions) }} portions</template
    >.
  </p>
  <ul v-if="isServed && takeOuts.length > 0" aria-label="Take out before serving">
    <li v-for="t in takeOuts" :key="t.itemId">
      <label class="check">
        <input
          type="checkbox"
          :checked="isOut(t.itemId)"
          :disabled="isOut(t.itemId)"
          @change="$emit('write', { kind: 'takenOut', itemId: t.itemId })"
        />
        {{ t.what }} out
      </label>
    </li>
  </ul>
  <p v-if="!isServed" class="quiet">
    Expected about {{ showVolume(expected.expected, one) }} ({{
      showVolumeRange(expected.low, expected.high, one)
    }}).
  </p>
  <p v-if="forgotten.length > 0" class="ember" role="status">
    <strong>Still on the counter: {{ forgotten.map(nameOf).join(", ").toLowerCase() }}.</strong>
    <RouterLink :to="`/cook/${pot.batch.id}`">Put it in, or leave it out</RouterLink>
  </p>
</template>
