<script setup lang="ts">
import { LabelSchema, type Label } from "@kettlos/core/ingredient/label-schema";
import { useRefused } from "./use-refused";
import { vTyped } from "./v-typed";
import { readNumber } from "@kettlos/core/units/read-number";
import { ALLERGEN_WORDS } from "@kettlos/core/ingredient/allergen-words";
import { ALLERGENS, type Allergen } from "@kettlos/core/ingredient/ingredient";
import { traitsOf } from "@kettlos/core/ingredient/traits";
import { valuesOf } from "@kettlos/core/simulate/item-facts";
import type { PlanItem } from "@kettlos/core/simulate/plan-schema";
import { computed } from "vue";

/** What the packet says, per 100 g as labels do; empty fields go by the catalogue. */
const props = defineProps<{ item: PlanItem }>();
const emit = defineEmits<{ change: [Label | null] }>();

const values = computed(() => valuesOf(props.item));
type Field =
  "saltGKg" | "fatGKg" | "sugarGKg" | "starchGKg" | "alcoholShare" | "waterShare" | "packKg";
/** How each stands on a label, and the factor from there to what is kept. */
const FIELDS: readonly { key: Field; label: string; unit: string; factor: number }[] = [
  { key: "saltGKg", label: "Salt", unit: "g in 100 g", factor: 10 },
  { key: "fatGKg", label: "Fat", unit: "g in 100 g", factor: 10 },
  { key: "sugarGKg", label: "Sugar", unit: "g in 100 g", factor: 10 },
  { key: "starchGKg", label: "Thickens like flour", unit: "g in 100 g", factor: 10 },
  { key: "waterShare", label: "Water", unit: "%", factor: 0.01 },
  { key: "alcoholShare", label: "Alcohol", unit: "% vol", factor: 0.01 },
  { key: "packKg", label: "One packet holds", unit: "g", factor: 0.001 },
];
const isOftenMeat = computed(() => traitsOf(props.item.ingredientId).isOftenMeat === true);
const { refuse, clear, standsIn, refused } = useRefused<Field>();
const usual = (key: Field) =>
  key === "packKg" ? (values.value.packsKg[0] ?? 0) : values.value[key];
const keptIn = ({ key, factor }: (typeof FIELDS)[number]) => {
  const value = props.item.label?.[key];
  return value === undefined ? "" : show(value / factor);
};
const show = (n: number) => String(Number(n.toPrecision(4)));

function set(field: (typeof FIELDS)[number], text: string) {
  clear();
  const { [field.key]: _before, ...rest } = props.item.label ?? {};
  if (text.trim() === "") return emit("change", Object.keys(rest).length === 0 ? null : rest);
  const value = (readNumber(text)?.value ?? NaN) * field.factor;
  const label = { ...rest, [field.key]: value };
  const parsed = LabelSchema.safeParse(label);
  if (parsed.success && Number.isFinite(value)) return emit("change", label);
  refuse(field.key, text, `${field.label} of ${text} ${field.unit} is not possible.`);
}
/** Nothing but its label says what is in it. */
const isComposed = computed(
  () => props.item.isOwn === true || traitsOf(props.item.ingredientId).isComposed === true,
);
/** What is ticked is then all there is in it. */
function sayRead(isRead: boolean) {
  const { allergens: _before, ...rest } = props.item.label ?? {};
  if (isRead) emit("change", { ...rest, allergens: [...values.value.allergens] });
  else emit("change", Object.keys(rest).length === 0 ? null : rest);
}
function toggle(allergen: Allergen) {
  const now = values.value.allergens;
  const allergens = now.includes(allergen) ? now.filter((a) => a !== allergen) : [...now, allergen];
  emit("change", { ...props.item.label, allergens });
}
</script>

<template>
  <dl class="label">
    <template v-for="field in FIELDS" :key="field.key">
      <dt>
        <label :for="`label-${field.key}`">{{ field.label }}</label>
      </dt>
      <dd>
        <input
          :id="`label-${field.key}`"
          v-typed="standsIn(field.key, keptIn(field))"
          class="written"
          inputmode="decimal"
          :placeholder="show(usual(field.key) / field.factor)"
          @change="set(field, ($event.target as HTMLInputElement).value)"
        />
        <span class="quiet small">{{ field.unit }}</span>
      </dd>
    </template>
  </dl>
  <p v-if="refused" class="ember small" role="alert">{{ refused.why }}</p>
  <label v-if="isOftenMeat" class="check">
    <input
      type="checkbox"
      :checked="item.label?.isPlant === true"
      @change="
        emit('change', { ...item.label, isPlant: ($event.target as HTMLInputElement).checked })
      "
    />
    its label says: nothing of animals
  </label>
  <fieldset class="allergens">
    <legend class="quiet small">Contains</legend>
    <label v-if="isComposed" class="check read">
      <input
        type="checkbox"
        :checked="item.label?.allergens !== undefined"
        @change="sayRead(($event.target as HTMLInputElement).checked)"
      />its label has been read, and this is all
    </label>
    <label v-for="a in ALLERGENS" :key="a" class="check">
      <input type="checkbox" :checked="values.allergens.includes(a)" @change="toggle(a)" />{{
        ALLERGEN_WORDS[a]
      }}
    </label>
  </fieldset>
</template>

<style scoped>
.label {
  display: grid;
  grid-template-columns: 1fr max-content;
  gap: 0 var(--space-5);
  align-items: center;
}

dd {
  display: flex;
  gap: var(--space-4);
  align-items: baseline;
}

dd input {
  width: 84px;
  text-align: right;
}

dd span {
  width: 76px;
}

.allergens {
  display: grid;
  grid-template-columns: repeat(3, 1fr);
  margin: 0;
  padding: 0;
  border: 0;
  font-size: var(--size-small);
}

.check {
  min-height: 30px;
}
</style>
