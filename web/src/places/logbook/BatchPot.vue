<script setup lang="ts">
import { begunMs } from "@kettlos/core/batch/of-log";
import { weekdayDateOf } from "../../data/moments";
import { gapOf, type Gap } from "@kettlos/core/batch/gap";
import { vesselOf } from "@kettlos/core/simulate/references";
import { showVolume, type UnitSystem } from "@kettlos/core/units/show";
import { capacityL, depthForVolumeM } from "@kettlos/core/vessel/volume";
import { computed } from "vue";
import type { PotState } from "../../data/pots-store";
import SmallPot from "../../drawings/SmallPot.vue";

/** A finished batch as its pot: what was got as its level, what was planned as a line. */
const props = defineProps<{
  pot: PotState;
  /** Planned against got, where that is worked out already. */
  worked?: Gap | null | undefined;
  pxPerM: number;
  units: UnitSystem;
}>();

const vessel = computed(() => vesselOf(props.pot.batch.plan, props.pot.batch.kitchen));
const gap = computed(() =>
  props.worked === undefined
    ? gapOf(props.pot.batch.plan, props.pot.batch.kitchen, props.pot.cook)
    : props.worked,
);
const depth = (litres: number) =>
  depthForVolumeM(vessel.value, Math.min(litres, capacityL(vessel.value)));
const one = computed(() => (props.units === "us" ? "us" : "metric"));
const difference = computed(() => {
  const litres = gap.value?.gapL ?? 0;
  if (Math.abs(litres) < 0.05) return "as planned";
  return `${showVolume(Math.abs(litres), one.value)} ${litres > 0 ? "more" : "less"}`;
});
</script>

<template>
  <figure v-if="gap">
    <SmallPot
      :vessel="vessel"
      :px-per-m="pxPerM"
      :label="`${pot.batch.plan.name}: planned ${showVolume(gap.plannedL, units)}, got ${showVolume(gap.gotL, units)}`"
      :level-m="depth(gap.gotL)"
      :planned-m="depth(gap.plannedL)"
    />
    <figcaption>
      <strong>{{ pot.batch.plan.name }}</strong>
      <span class="figure got"
        ><span class="result">{{ showVolume(gap.gotL, one) }}</span></span
      >
      <span class="quiet small">planned {{ showVolume(gap.plannedL, one) }}, {{ difference }}</span>
      <span class="quiet small"
        >{{ weekdayDateOf(begunMs(pot))
        }}<template v-if="pot.batch.practice !== undefined">, practice</template
        ><template v-if="pot.cook.result?.set">, {{ pot.cook.result.set }}</template></span
      >
    </figcaption>
  </figure>
</template>

<style scoped>
figcaption {
  display: grid;
  max-width: 200px;
}

.got {
  font-size: 20px;
  line-height: 30px;
}

.result {
  border-bottom-width: 3px;
}
</style>
