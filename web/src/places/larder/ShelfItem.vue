<script setup lang="ts">
import { isUnsalted } from "@kettlos/core/larder/lot-amounts";
import { PLACE_WORDS } from "@kettlos/core/larder/larder-words";
import { shortDateOf } from "@kettlos/core/units/moments";
import { ageOf } from "@kettlos/core/larder/keeping";
import type { Holding } from "@kettlos/core/larder/larder";
import type { UnitSystem } from "@kettlos/core/units/show";
import { computed } from "vue";
import HeldShapes from "../../drawings/HeldShapes.vue";
import { AGE_WORDS, allWords, countWords, keyOf, saltWords } from "../../words/held-words";

/** Containers of one lot as they stand on the shelf, with what must be known before reaching for them. */
const props = defineProps<{
  holding: Holding;
  spokenCount: number;
  isOpen: boolean;
  units: UnitSystem;
  nowMs: number;
}>();
const MOST_DRAWN = 5;
const one = computed(() => (props.units === "us" ? "us" : "metric"));
const age = computed(() => ageOf(props.holding.place, props.holding.bestBeforeMs, props.nowMs));
const salt = computed(() => saltWords(props.holding.lot, props.units));
</script>

<template>
  <RouterLink
    class="item"
    :class="{ on: isOpen }"
    :to="isOpen ? '/larder' : `/larder/${keyOf(holding)}`"
    :aria-current="isOpen ? 'true' : undefined"
  >
    <HeldShapes
      class="standing"
      :holding="holding"
      :most="MOST_DRAWN"
      :size="holding.count > 3 ? 38 : 56"
    />
    <span class="words">
      <strong>{{ holding.lot.name }}</strong>
      <span
        ><b class="figure">{{ allWords(holding.lot, holding.count, one) }}</b> ·
        {{ countWords(holding.lot.container.kind, holding.count) }} ·
        {{ PLACE_WORDS[holding.place] }}</span
      >
      <span v-if="salt" :class="{ salty: !isUnsalted(holding.lot) }">{{ salt }}</span>
      <span v-if="holding.lot.isForAnimals">for the animals</span>
      <span :class="age === 'good' ? 'quiet' : 'ember'"
        >{{ holding.place === "fridge" ? "use by" : "best before" }}
        {{ shortDateOf(holding.bestBeforeMs)
        }}<template v-if="age !== 'good'">: {{ AGE_WORDS[age] }}</template></span
      >
      <span v-if="spokenCount > 0" class="quiet">{{ spokenCount }} spoken for</span>
    </span>
  </RouterLink>
</template>

<style scoped>
.item {
  display: grid;
  grid-template-rows: 60px auto;
  gap: var(--space-4);
  align-content: start;
  color: var(--ink);
  text-decoration: none;
}

.item .standing {
  flex-wrap: nowrap;
  min-width: 0;
  padding: 0 var(--space-2);
  overflow: hidden;
}

.words {
  display: grid;
  padding: 0 var(--space-2) var(--space-4);
  font-size: var(--size-small);
  line-height: 18px;
}

.words strong {
  font-size: var(--size-body);
  line-height: 20px;
}

.salty {
  font-weight: 650;
}

.item.on .words {
  border-left: 4px solid var(--rim);
}

.item:hover strong {
  color: var(--rim);
}
</style>
