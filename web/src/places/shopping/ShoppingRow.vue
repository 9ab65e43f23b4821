<script setup lang="ts">
import type { ShoppingLine } from "@kettlos/core/dish/shopping";
import { showMass, showVolume } from "@kettlos/core/units/show";
import UnitField from "../../controls/UnitField.vue";
import { vTyped, type Typed } from "../../controls/v-typed";

/** A line of the list: to tick off in the shop, with what is in the house of it and what it costs. */
const props = defineProps<{
  line: ShoppingLine;
  units: "metric" | "us";
  isIn: boolean;
  /** As it is written in the field, by what it is priced by: "kilogram", "pound". */
  price: Typed;
  pricedBy: string;
  priceProblem: string;
  money: (sum: number) => string;
}>();
defineEmits<{ tick: [isIn: boolean]; have: [massKg: number | null]; price: [text: string] }>();

const amount = (kg: number) =>
  props.line.isLiquid ? showVolume(kg, props.units) : showMass(kg, props.units);
const packWords = ({ packs }: ShoppingLine) =>
  packs === null
    ? ""
    : `${packs.count} × ${amount(packs.packKg)}${packs.overKg > 0.001 ? `, ${amount(packs.overKg)} over` : ""}`;
</script>

<template>
  <li :class="{ enough: line.buyKg <= 0, ticked: isIn }">
    <label class="check what">
      <input
        type="checkbox"
        :checked="isIn"
        :disabled="line.buyKg <= 0"
        :aria-label="`${line.name} is in the basket`"
        @change="$emit('tick', ($event.target as HTMLInputElement).checked)"
      />
      <span>
        <strong>{{ line.name }}</strong>
        <span v-if="line.how.length > 0" class="quiet small">{{ line.how.join("; ") }}</span>
        <span v-if="line.larderKg > 0" class="quiet small">
          {{ amount(line.larderKg) }} in the larder</span
        >
      </span>
    </label>
    <b class="figure">{{ line.buyKg > 0 ? amount(line.buyKg) : "enough" }}</b>
    <span class="packs quiet small">{{ packWords(line) }}</span>
    <span class="field">
      <span class="head" aria-hidden="true">In the house</span>
      <UnitField
        :label="`${line.name} in the house`"
        hide-label
        little
        clears
        dimension="mass"
        :units="units"
        :min="0"
        :max="500"
        placeholder="none here"
        :model-value="line.haveKg > 0 ? line.haveKg : null"
        @update:model-value="$emit('have', $event)"
      />
    </span>
    <span class="field priced">
      <span class="head" aria-hidden="true">Price of a {{ pricedBy }}</span>
      <input
        v-typed="price"
        class="written price"
        inputmode="decimal"
        :aria-invalid="priceProblem !== ''"
        :aria-label="`Price of a ${pricedBy} of ${line.name}`"
        placeholder="not said"
        @change="$emit('price', ($event.target as HTMLInputElement).value)"
      />
    </span>
    <span class="cost figure">{{
      line.cost === null || line.buyKg <= 0 ? "" : money(line.cost)
    }}</span>
    <p v-if="priceProblem !== ''" class="problem ember small" role="alert">{{ priceProblem }}</p>
  </li>
</template>

<style scoped>
li {
  display: grid;
  grid-template-columns: var(--list);
  gap: 0 var(--space-6);
  align-items: center;
  min-height: 48px;
  border-bottom: 1px solid var(--hair);
}

.what span span {
  display: block;
}

.what input {
  flex: none;
}

li b,
.cost {
  text-align: right;
}

.problem {
  grid-column: 1 / -1;
  margin: var(--space-3) 0;
  text-align: right;
}

.head {
  display: none;
  color: var(--quiet);
  font-size: var(--size-small);
}

.price {
  width: 92px;
  text-align: right;
}

.enough strong,
.enough b {
  color: var(--herb);
}

.ticked strong,
.ticked b {
  color: var(--quiet);
  text-decoration: line-through;
}

@media (width <= 700px) {
  li {
    padding: var(--space-3) 0;
  }

  .head {
    display: block;
  }

  .priced {
    text-align: right;
  }

  .cost {
    grid-row: 2;
    grid-column: 2;
  }
}

@media print {
  .field {
    display: none;
  }
}
</style>
