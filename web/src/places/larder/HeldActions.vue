<script setup lang="ts">
import { noteOf, whyNotFrozen } from "@kettlos/core/larder/keeping";
import type { Holding } from "@kettlos/core/larder/larder";
import { WHY_THROWN, type WayOut, type WhyThrown } from "@kettlos/core/larder/larder-words";
import { petHazardsIn } from "@kettlos/core/larder/pet-hazards";
import type { UnitSystem } from "@kettlos/core/units/show";
import { computed, ref } from "vue";
import CountField from "../../controls/CountField.vue";
import { appendLarder } from "../../data/larder-log";
import { usePotsStore } from "../../data/pots-store";
import { useWords } from "../../data/use-words";
import { eachWords, WHY_WORDS } from "../../words/held-words";

/** Taking out, moving, counting, labelling: of so many at a time. */
const words = useWords();
const pots = usePotsStore();
const props = defineProps<{ holding: Holding; isUsable: boolean; units: UnitSystem }>();
const one = computed(() => (props.units === "us" ? "us" : "metric"));
const count = ref<number | null>(1);
const many = computed(() =>
  Math.min(props.holding.count, Math.max(1, Math.floor(count.value ?? 1))),
);
const hazards = computed(() => petHazardsIn(props.holding.lot));
const other = computed(() => (props.holding.place === "fridge" ? "freezer" : "fridge"));
const isRaw = computed(
  () => props.holding.lot.kind !== "stock" && props.holding.lot.kind !== "dish",
);
/** Why it may not go into the freezer; null where it may, or is there. */
const notFrozen = computed(() =>
  props.holding.place === "freezer"
    ? null
    : whyNotFrozen(props.holding.lot, props.holding, pots.nowMs),
);
const isAskingWhy = ref(false);

const lotId = computed(() => props.holding.lot.id);
function take(out: WayOut, why?: WhyThrown) {
  isAskingWhy.value = false;
  void appendLarder({
    kind: "taken",
    lotId: lotId.value,
    place: props.holding.place,
    count: many.value,
    out,
    ...(why === undefined ? {} : { why }),
  });
}
const move = () =>
  void appendLarder({
    kind: "moved",
    lotId: lotId.value,
    from: props.holding.place,
    count: many.value,
  });
const counted = ref<number | null>(null);
function recount() {
  if (counted.value === null || !(counted.value >= 0)) return;
  void appendLarder({
    kind: "counted",
    lotId: lotId.value,
    place: props.holding.place,
    count: Math.floor(counted.value),
  });
  counted.value = null;
}
</script>

<template>
  <section class="actions" aria-label="Take out, move, count">
    <p class="beside">
      <CountField v-model="count" label="How many" :min="1" :max="holding.count" />
      <span class="quiet of">of {{ holding.count }}, {{ eachWords(holding.lot, one) }} each</span>
    </p>
    <p class="beside">
      <button v-if="isUsable" type="button" class="button" @click="take('table')">
        {{ isRaw ? "Used" : "To the table" }}
      </button>
      <button
        v-if="isUsable && hazards.length === 0"
        type="button"
        class="button"
        @click="take('animals')"
      >
        To the animals
      </button>
      <button v-if="isUsable && notFrozen === null" type="button" class="button" @click="move">
        {{ other === "freezer" ? "Into the freezer" : "Thaw in the fridge" }}
      </button>
      <button
        type="button"
        class="button"
        :aria-expanded="isAskingWhy"
        @click="isAskingWhy = !isAskingWhy"
      >
        Throw away
      </button>
    </p>
    <ul v-if="isAskingWhy" class="choice-list" aria-label="Why it is thrown away">
      <li v-for="why in WHY_THROWN" :key="why">
        <button type="button" @click="take('thrown', why)">{{ WHY_WORDS[why] }}</button>
      </li>
    </ul>
    <p v-if="isUsable && hazards.length > 0" class="small">
      <strong>Take care:</strong> not for animals:
      {{ hazards.map((h) => `${h.name.toLowerCase()}, ${h.why}`).join("; ") }}.
    </p>
    <p v-if="isUsable && noteOf(holding.lot.kind)" class="small quiet">
      {{ words(noteOf(holding.lot.kind)) }}
      <template v-if="notFrozen === 'rawRefrozen'">
        Thawed raw it is not frozen again raw; cooked through it may be, once.</template
      >
    </p>
    <form class="beside" @submit.prevent="recount">
      <CountField v-model="counted" label="Really there" :placeholder="String(holding.count)" />
      <button type="submit" class="button">Set the count</button>
      <RouterLink class="button" :to="{ path: '/labels', query: { lot: holding.lot.id } }"
        >Labels</RouterLink
      >
    </form>
  </section>
</template>

<style scoped>
.actions {
  display: grid;
  gap: var(--space-4);
  padding: var(--space-5) 0;
  border-top: 1px solid var(--hair);
  border-bottom: 1px solid var(--hair);
}

.of {
  padding-bottom: var(--space-4);
}
</style>
