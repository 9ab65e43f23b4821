<script setup lang="ts">
import { bowlL, type InBowl } from "@kettlos/core/batch/bowl";
import { tooLittle, wantedOf } from "@kettlos/core/batch/too-little";
import { SET_DOES_WORDS } from "@kettlos/core/extraction/set";
import { showDuration, showVolume, type UnitSystem } from "@kettlos/core/units/show";
import { computed } from "vue";
import { useKitchenStore } from "../../data/kitchen-store";
import type { PotState } from "../../data/pot-state";
import { usePotsStore } from "../../data/pots-store";

/** Too little for the dish it was for: by how much, and what can honestly be done. */
const props = defineProps<{ pot: PotState; bowl: InBowl; units: UnitSystem }>();
const store = useKitchenStore();
const pots = usePotsStore();
const one = computed(() => (props.units === "us" ? "us" : "metric"));
const wanted = computed(() => {
  // What was put on since then has had its stock.
  const since = pots.drawers.filter((p) => p.createdMs > props.pot.batch.createdMs);
  const cooked = new Set(since.map((p) => p.planId));
  return wantedOf(
    props.pot.batch.plan.id,
    store.plans.filter((p) => !cooked.has(p.id)),
  );
});
const short = computed(() =>
  wanted.value.needL <= bowlL(props.bowl)
    ? null
    : tooLittle(props.pot.setPot, props.bowl, wanted.value.needL),
);
</script>

<template>
  <section v-if="short !== null" class="short" aria-label="Too little">
    <p class="ember">
      <strong>{{ showVolume(short.shortL, one) }} too little</strong> for
      {{ wanted.plans.join(", ").toLowerCase() }}, which takes {{ showVolume(wanted.needL, one) }}.
    </p>
    <ul>
      <li>
        Stretch it with {{ showVolume(short.stretched.waterL, one) }} of water: it then
        <strong>{{ SET_DOES_WORDS[short.stretched.set] }}</strong> when cold, and everything in it
        is as much thinner.
      </li>
      <li v-if="short.secondWash !== null">
        Boil the bones a second time, {{ showDuration(short.secondWash.min) }}: about
        {{ showVolume(short.secondWash.volumeL, one) }} more that by itself
        <strong>{{ SET_DOES_WORDS[short.secondWash.set] }}</strong>.
      </li>
      <li v-if="short.soonerMin !== null">
        The next time, reduce less: off the heat {{ showDuration(short.soonerMin) }} sooner leaves
        as much, as thin as stretched.
      </li>
    </ul>
  </section>
</template>

<style scoped>
.short {
  display: grid;
  gap: var(--space-2);
  padding-left: var(--space-5);
  border-left: 4px solid var(--ember);
}

ul {
  padding-left: var(--space-6);
  list-style: disc;
}
</style>
