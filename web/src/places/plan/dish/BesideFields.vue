<script setup lang="ts">
import { allergenWords } from "@kettlos/core/ingredient/allergen-words";
import UnitField from "../../../controls/UnitField.vue";
import { BESIDE, canLadle, type Beside } from "@kettlos/core/dish/accompaniments";
import { ACCOMPANIMENTS, type AccompanimentId } from "@kettlos/core/simulate/dish-words";
import type { Plan } from "@kettlos/core/simulate/plan-schema";
import { showDuration, showMass, showVolume } from "@kettlos/core/units/show";
import { computed } from "vue";
import QuantityField from "../../../controls/QuantityField.vue";
import { useThePlan } from "../the-plan";

/** What is served beside it: how much for one, its minutes, and where its hot liquid comes from. */
const props = defineProps<{
  sides: readonly Beside[];
  /** In the pot at the end, L. */
  leftL: number;
}>();
const { plan, units, one } = useThePlan();
type Asked = Plan["accompaniments"][number];
const emit = defineEmits<{ change: [Asked[]] }>();
const asked = (kind: AccompanimentId) => plan.value.accompaniments.find((a) => a.kind === kind);
const toggle = (kind: AccompanimentId) =>
  emit(
    "change",
    asked(kind) === undefined
      ? [...plan.value.accompaniments, { kind, eachKg: BESIDE[kind].eachKg.value }]
      : plan.value.accompaniments.filter((a) => a.kind !== kind),
  );
const MINUTES = [
  ["handsMin", "by hand"],
  ["restMin", "by itself"],
] as const;
/** An emptied field is as usual again. */
function set<K extends keyof Asked>(kind: AccompanimentId, key: K, value: Asked[K] | null) {
  emit(
    "change",
    plan.value.accompaniments.map((a) => {
      if (a.kind !== kind) return a;
      const { [key]: _was, ...rest } = a;
      return value === null || value === undefined
        ? ({ ...rest, kind, eachKg: a.eachKg } satisfies Asked)
        : { ...a, [key]: value };
    }),
  );
}
const drawnL = computed(() =>
  props.sides.reduce((sum, s) => sum + (s.isFromPot ? s.stockL : 0), 0),
);
</script>

<template>
  <fieldset class="row">
    <legend>Beside it</legend>
    <label v-for="kind in ACCOMPANIMENTS" :key="kind" class="check">
      <input type="checkbox" :checked="asked(kind) !== undefined" @change="toggle(kind)" />{{
        BESIDE[kind].name
      }}
    </label>
  </fieldset>
  <ul v-if="sides.length > 0" class="sides">
    <li v-for="b in sides" :key="b.kind">
      <strong>{{ b.name }}</strong>
      <label class="small quiet"
        >each
        <UnitField
          :label="`${b.name} for one`"
          hide-label
          little
          dimension="mass"
          :units="units"
          :min="0.005"
          :max="2"
          :model-value="asked(b.kind)?.eachKg ?? null"
          @update:model-value="set(b.kind, 'eachKg', $event)"
      /></label>
      <label v-for="[key, label] in MINUTES" :key="key" class="small quiet"
        >{{ label }}
        <QuantityField
          :label="`${b.name} ${label}`"
          hide-label
          dimension="time"
          bare-unit="min"
          :show="showDuration"
          :min="0"
          :max="600"
          :model-value="b[key]"
          @update:model-value="set(b.kind, key, $event)"
      /></label>
      <span class="small quiet in-all"
        >{{ showMass(b.allKg, one) }} in all<template v-if="b.stockL > 0.01"
          >, takes {{ showVolume(b.stockL, one) }} of hot liquid</template
        ><template v-if="b.allergens.length > 0"
          >; usually holds {{ allergenWords(b.allergens) }}</template
        >
        <label v-if="b.stockL > 0.01 && canLadle(plan)" class="check"
          ><input
            type="checkbox"
            :checked="b.isFromPot"
            @change="set(b.kind, 'fromPot', b.isFromPot ? null : true)"
          />ladled out of this pot</label
        ></span
      >
    </li>
  </ul>
  <p v-if="drawnL > leftL" class="ember small">
    That is more than the {{ showVolume(leftL, one) }} left in this pot: cook it in water or in a
    stock of its own.
  </p>
  <p v-else-if="drawnL > 0.01" class="small">
    Of the {{ showVolume(leftL, one) }} left in this pot {{ showVolume(leftL - drawnL, one) }} stay
    for the plates.
  </p>
</template>

<style scoped>
.row {
  display: flex;
  flex-wrap: wrap;
  gap: 0 var(--space-6);
  margin: 0;
  padding: 0;
  border: 0;
}

legend {
  padding: 0;
  color: var(--quiet);
  font-size: var(--size-small);
}

.check {
  min-height: 34px;
}

.sides li {
  display: grid;
  grid-template-columns: 100px repeat(3, 92px) minmax(0, 1fr);
  gap: var(--space-2) var(--space-5);
  align-items: center;
  padding: var(--space-2) 0;
  border-bottom: 1px solid var(--hair);
}

.in-all {
  display: grid;
}

@media (pointer: coarse) {
  .check {
    min-height: 44px;
  }
}

@media (width <= 700px) {
  .sides li {
    grid-template-columns: repeat(3, minmax(0, 1fr));
  }

  .sides strong,
  .in-all {
    grid-column: 1 / -1;
  }
}
</style>
