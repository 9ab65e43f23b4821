<script setup lang="ts">
import { MINUTE_MS } from "@kettlos/core/units/time";
import { momentOf } from "@kettlos/core/units/moments";
import { drawnLid } from "../../data/drawn-lid";
import {
  showDuration,
  showVolume,
  showVolumeRange,
  type UnitSystem,
} from "@kettlos/core/units/show";
import { vesselOf } from "@kettlos/core/simulate/references";
import { computed } from "vue";
import type { LivePot } from "../../data/pots-store";
import { piecesOf } from "../../drawings/pieces-of";
import SmallPot from "../../drawings/SmallPot.vue";
import { useWords } from "../../data/use-words";

/** A pot on the fire as the bench shows it: what is next, what is in it, what it will give. */
const props = defineProps<{ pot: LivePot; units: UnitSystem; nowMs: number }>();
const words = useWords();

const vessel = computed(() => vesselOf(props.pot.setPot));
const next = computed(() => props.pot.actions[0]);
const one = computed(() => (props.units === "us" ? "us" : "metric"));
const due = computed(() => {
  if (next.value === undefined) return "";
  const left = next.value.atMs - props.nowMs;
  return left <= 0 ? "now" : left < MINUTE_MS ? "1 min" : showDuration(left / MINUTE_MS);
});
</script>

<template>
  <RouterLink
    class="pot"
    :to="pot.cook.offMs === null ? `/cook/${pot.batch.id}` : `/strain/${pot.batch.id}`"
  >
    <SmallPot
      :vessel="vessel"
      :px-per-m="460"
      :pieces="piecesOf(pot.batch.plan)"
      :label="`${pot.batch.plan.name}: ${showVolume(pot.forecast.nowL.expected, units)} in the pot`"
      :from-m="pot.forecast.planned.startDepthM"
      :level-m="pot.cook.litMs === null ? pot.forecast.planned.startDepthM : pot.forecast.nowDepthM"
      :heap-top-m="pot.forecast.planned.heapTopM"
      :lid="drawnLid(pot.batch.plan.heat)"
    />
    <div>
      <h3>{{ pot.batch.plan.name }}</h3>
      <p v-if="next" class="next">
        <span class="figure">{{ next.title }}</span>
        <b class="figure due">{{ due }}</b>
      </p>
      <p v-if="pot.cautions[0] && pot.cautions[0].severity !== 'note'" class="ember">
        {{ words(pot.cautions[0].title) }}
      </p>
      <p class="quiet">
        {{
          pot.forecast.isDry
            ? "By the estimate it is dry"
            : `${showVolume(pot.forecast.nowL.expected, one)} in the pot`
        }}<template v-if="pot.cook.litMs !== null"
          >, on since {{ momentOf(pot.cook.litMs, nowMs) }}</template
        >
      </p>
      <p>
        {{ pot.batch.plan.end === "served" ? "Liquid left" : "Strained" }} about
        <span class="result">{{ showVolume(pot.forecast.strainedL.expected, one) }}</span>
        ({{
          showVolumeRange(pot.forecast.strainedL.low, pot.forecast.strainedL.high, one)
        }})<template v-if="pot.cook.litMs !== null"
          >, off the heat {{ momentOf(pot.forecast.endMs.expected, nowMs) }}</template
        >
      </p>
    </div>
  </RouterLink>
</template>

<style scoped>
.pot {
  display: grid;
  grid-template-columns: max-content 1fr;
  gap: var(--space-6);
  align-items: center;
  padding: var(--space-4) 0;
  border-top: 1px solid var(--hair);
  color: inherit;
  text-decoration: none;
}

.pot:hover {
  background: var(--rim-soft);
}

.next {
  font-size: var(--size-head);
  line-height: 36px;
}

.due {
  margin-left: var(--space-4);
  color: var(--rim);
}

.result {
  border-bottom-width: 3px;
  font-weight: 650;
}
</style>
