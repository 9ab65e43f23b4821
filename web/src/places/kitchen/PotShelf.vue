<script setup lang="ts">
import { showVolume, type UnitSystem } from "@kettlos/core/units/show";
import type { Vessel } from "@kettlos/core/vessel/vessel-schema";
import { capacityL } from "@kettlos/core/vessel/volume";
import { computed, ref } from "vue";
import { useMeasuredWidth } from "../../drawings/measured-width";
import SmallPot from "../../drawings/SmallPot.vue";

/** The pots of a kitchen in a row, at one scale; a tap takes one down to be measured. */
const props = defineProps<{
  vessels: readonly Vessel[];
  chosenId: string | null;
  units: UnitSystem;
}>();
defineEmits<{ choose: [id: string | null]; add: [] }>();

const shelf = ref<HTMLElement | null>(null);
const { width: widthPx } = useMeasuredWidth(shelf);
/** Beside the pots themselves there is so much air to each, and to the place for one more. */
const AIR_PX = 56;
const MOST_PX_PER_M = 620;
/** In so many rows where all do not fit into one: three or so to a row of a phone. */
const NARROW_PX = 700;
const PER_ROW = 3;
const widthsM = computed(() => props.vessels.map((v) => Math.max(v.bottomM[0], v.topM[0])));
const pxPerM = computed(() => {
  const inRow =
    widthPx.value > NARROW_PX
      ? widthsM.value
      : widthsM.value.toSorted((a, b) => b - a).slice(0, PER_ROW);
  const roomPx = widthPx.value - AIR_PX * (inRow.length + (widthPx.value > NARROW_PX ? 2 : 0));
  const sumM = inRow.reduce((sum, m) => sum + m, 0);
  return Math.min(MOST_PX_PER_M, Math.max(120, roomPx / Math.max(0.2, sumM)));
});
</script>

<template>
  <ul ref="shelf" class="shelf">
    <li v-for="vessel in vessels" :key="vessel.id">
      <button
        type="button"
        :class="{ on: vessel.id === chosenId }"
        :aria-pressed="vessel.id === chosenId"
        @click="$emit('choose', vessel.id === chosenId ? null : vessel.id)"
      >
        <SmallPot
          v-if="widthPx > 0"
          :vessel="vessel"
          :px-per-m="pxPerM"
          :label="`${vessel.name}, ${showVolume(capacityL(vessel), units)}`"
          :lid="vessel.lid === 'none' ? 'none' : 'on'"
        />
        <strong>{{ vessel.name }}</strong>
        <span class="quiet small">{{ showVolume(capacityL(vessel), units) }}</span>
      </button>
    </li>
    <li>
      <button type="button" class="add" @click="$emit('add')">
        <span aria-hidden="true">+</span> Add a pot
      </button>
    </li>
  </ul>
</template>

<style scoped>
.shelf {
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-4) var(--space-2);
  align-items: end;
  padding: var(--space-4) 0;
  border-bottom: 6px solid var(--bone);
}

button {
  display: grid;
  justify-items: center;
  min-height: 44px;
  padding: var(--space-2) var(--space-3) var(--space-4);
  border: 0;
  border-bottom: 4px solid transparent;
  background: none;
}

button.on {
  border-bottom-color: var(--rim);
}

button:hover {
  background: var(--rim-soft);
}

.add {
  padding: var(--space-7) var(--space-6);
  color: var(--rim);
  font-weight: 650;
}

@media (width <= 700px) {
  .shelf {
    display: grid;
    grid-template-columns: repeat(3, minmax(0, 1fr));
  }

  button {
    width: 100%;
    padding-inline: 0;
    line-height: 20px;
  }
}
</style>
