<script setup lang="ts">
import { holdsL } from "@kettlos/core/cool/container";
import { COOLING_WAYS, WAYS } from "@kettlos/core/cool/ways";
import { showMass, showTemperature, showVolume, type UnitSystem } from "@kettlos/core/units/show";
import { computed } from "vue";
import CountField from "../../controls/CountField.vue";
import type { useChillHow } from "./use-chill-how";
import { waysWords } from "../../words/ways-words";

/** What it stands in, how many of it, and which way first; what is not fast enough says what would be. */
const props = defineProps<{
  how: ReturnType<typeof useChillHow>;
  totalKg: number;
  units: UnitSystem;
  lineC: number;
  /** Its time has run out already: no way is offered, and no dividing. */
  isLost: boolean;
}>();
defineEmits<{ begin: [] }>();
const { containerId, containers, first, count, solved, chosen } = props.how;
const { sayCount, leastCount, isTooFew, bathIce, best, asItIs, withMore, take } = props.how;
const one = computed(() => (props.units === "us" ? "us" : "metric"));
</script>

<template>
  <label
    >It stands in
    <select v-model="containerId" class="written">
      <option v-for="c in containers" :key="c.id" :value="c.id">
        {{ c.name }}
      </option>
    </select></label
  >
  <label
    >First
    <select v-model="first" class="written">
      <option v-for="way in COOLING_WAYS" :key="way" :value="way">
        {{ WAYS[way].name }}
      </option>
    </select></label
  >
  <CountField
    v-if="solved !== null && !solved.container.isVessel"
    :model-value="count ?? solved.count"
    label="How many"
    :min="1"
    :max="100"
    @update:model-value="sayCount($event)"
  />
  <p v-if="isTooFew && solved !== null" class="ember" role="alert">
    {{ count }} hold {{ showVolume((count ?? 0) * holdsL(solved.container), one) }} to nine tenths:
    it takes {{ leastCount }} at least.
  </p>
  <p v-if="chosen !== null">{{ waysWords(chosen, units) }}</p>
  <p v-if="chosen !== null && chosen.lacks > 0" class="ember">
    You have {{ chosen.container.have }}, {{ chosen.lacks }} more wanted.
  </p>
  <p v-if="bathIce !== null" class="quiet small">
    Ice or snow for it: about {{ showMass(bathIce, one) }}, and water to cover.
  </p>
  <button type="button" class="button primary" :disabled="chosen === null" @click="$emit('begin')">
    It is done so, from now
  </button>
  <p v-if="asItIs !== null && !asItIs.isSure && asItIs !== solved" class="quiet small">
    As it is, in the {{ asItIs.container.name.toLowerCase() }} into the fridge, it
    {{ asItIs.passes ? "may be" : "is" }} too slow.
  </p>
  <template v-if="!isLost && best !== null && chosen?.isSure !== true">
    <h3>The least work that is surely fast enough</h3>
    <button type="button" class="button best" @click="take(best)">
      {{ waysWords(best, units) }}
    </button>
  </template>
  <template v-else-if="!isLost && best === null">
    <p class="ember">Nothing this kitchen has is surely fast enough for all of it at once.</p>
    <template v-if="withMore !== null">
      <h3>With {{ withMore.lacks }} more to borrow it is</h3>
      <button type="button" class="button best" @click="take(withMore)">
        {{ waysWords(withMore, units) }}
      </button>
    </template>
    <p>
      Or divide it: what waits stays above {{ showTemperature(lineC, one) }} on the heat, and goes
      in as room is made.
    </p>
  </template>
</template>

<style scoped>
.best {
  justify-content: start;
  text-align: left;
}
</style>
