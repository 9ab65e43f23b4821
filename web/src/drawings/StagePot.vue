<script setup lang="ts">
import type { VesselShape } from "@kettlos/core/vessel/vessel-schema";
import { computed } from "vue";
import PotSection from "./PotSection.vue";
import { halfWidthAt, potFrame } from "./pot-frame";

/** Where one pot is, drawn as it stands: empty, filled, on the heat, under the sieve, in the bath, in jars. */
const props = defineProps<{
  vessel: VesselShape;
  stands: "empty" | "filled" | "onHeat" | "underSieve" | "inBath" | "inJars";
  /** How high its liquid is, m; nothing in it where nothing is said. */
  levelM?: number;
}>();

const SIZE = { width: 60, height: 46, left: 9, right: 9, top: 15, bottom: 12 } as const;
const frame = computed(() => potFrame(props.vessel, SIZE));
const level = computed(() => (props.stands === "empty" ? 0 : (props.levelM ?? 0)));
const sieve = computed(() => {
  const half = Math.min(16, halfWidthAt(frame.value, props.vessel.heightM) * 0.9);
  const { centreX: x, rimY: y } = frame.value;
  return `M${x - half} ${y - 12}a${half} ${half * 0.8} 0 0 0 ${2 * half} 0ZM${x + half} ${y - 12}h9`;
});
const flames = computed(() => {
  const { centreX: x, floorY: y } = frame.value;
  return [-9, 0, 9].map((dx) => `M${x + dx} ${y + 4}q-3.500 4 0 7q3.500 -3 0 -7`).join("");
});
const jars = [8, 32];
</script>

<template>
  <svg :width="SIZE.width" :height="SIZE.height" aria-hidden="true">
    <template v-if="stands === 'inJars'">
      <g v-for="x in jars" :key="x">
        <path
          class="jar"
          :d="`M${x + 3} 12h14v4q4 2 4 6v19q0 2 -2 2h-18q-2 0 -2 -2v-19q0 -4 4 -6Z`"
        />
        <path class="liquid" :d="`M${x} 25h20v15q0 2 -2 2h-16q-2 0 -2 -2Z`" />
        <path class="lid" :d="`M${x + 2} 11h16`" />
      </g>
    </template>
    <template v-else>
      <path
        v-if="stands === 'inBath'"
        class="bath"
        :d="`M2 ${SIZE.height - 26}V${SIZE.height - 2}H${SIZE.width - 2}V${SIZE.height - 26}`"
      />
      <PotSection :frame="frame" :level-m="level" small />
      <path v-if="stands === 'onHeat'" class="flames" :d="flames" />
      <path v-if="stands === 'underSieve'" class="sieve" :d="sieve" />
    </template>
  </svg>
</template>

<style scoped>
svg {
  flex: none;
}

.jar {
  fill: var(--enamel);
  stroke: var(--ink);
  stroke-width: 1.1;
}

.liquid {
  fill: var(--broth);
}

.lid {
  stroke: var(--rim);
  stroke-width: 4;
}

.bath {
  fill: var(--steam-back);
  stroke: var(--steam);
  stroke-width: 2;
}

.flames {
  fill: var(--ember);
}

.sieve {
  fill: var(--bone);
  stroke: var(--ink);
  stroke-width: 1.4;
}
</style>
