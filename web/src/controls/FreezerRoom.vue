<script setup lang="ts">
import { showVolume, type UnitSystem } from "@kettlos/core/units/show";
import { computed } from "vue";
import { useKitchenStore } from "../data/kitchen-store";
import { useLarderStore } from "../data/larder-store";
import LarderRead from "./LarderRead.vue";

/** How full the freezer is, and with what is about to go in. */
const props = defineProps<{ units: UnitSystem; moreL?: number }>();
const kitchenStore = useKitchenStore();
const larderStore = useLarderStore();
const one = computed(() => (props.units === "us" ? "us" : "metric"));
const allL = computed(() => kitchenStore.kitchen?.freezerL ?? null);
const takenL = computed(() => larderStore.freezerTakenL);
const afterL = computed(() => takenL.value + (props.moreL ?? 0));
const share = (l: number) => `${Math.min(100, (100 * l) / Math.max(1e-9, allL.value ?? 1))}%`;
</script>

<template>
  <div v-if="allL !== null && allL > 0" class="room">
    <p class="small">
      Freezer: <LarderRead />
      <template v-if="larderStore.isLoaded"
        ><b class="figure">{{ showVolume(takenL, one) }}</b> of
        {{ showVolume(allL, one) }} taken<template v-if="moreL"
          >, {{ showVolume(afterL, one) }} with these</template
        >
      </template>
    </p>
    <div class="bar" aria-hidden="true">
      <span class="taken" :style="{ width: share(takenL) }" />
      <span v-if="moreL" class="more" :style="{ width: share(Math.min(moreL, allL - takenL)) }" />
    </div>
    <p v-if="afterL > allL" class="ember small" role="status">
      <strong>Take care: no room.</strong> {{ showVolume(afterL - allL, one) }} too much for the
      freezer. Reduce it, use something up, or keep what you will eat within three days in the
      fridge.
    </p>
  </div>
</template>

<style scoped>
.room {
  display: grid;
  gap: var(--space-2);
}

.bar {
  display: flex;
  height: 14px;
  border: 1.5px solid var(--tick);
  background: repeating-linear-gradient(90deg, var(--tick) 0 1px, transparent 1px 10%);
}

.taken {
  background: var(--steam);
}

.more {
  background: repeating-linear-gradient(135deg, var(--rim) 0 2px, transparent 2px 5px);
}
</style>
