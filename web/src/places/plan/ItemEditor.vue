<script setup lang="ts">
import { targetsOf } from "@kettlos/core/doneness/targets-of";
import type { PieceShape } from "@kettlos/core/heat/piece-schema";
import { ingredientById } from "@kettlos/core/ingredient/catalogue";
import type { IngredientGroup } from "@kettlos/core/ingredient/ingredient";
import type { Amount } from "@kettlos/core/ingredient/read-amount";
import type { PlanItem, When } from "@kettlos/core/simulate/plan-schema";
import { showDuration, type UnitSystem } from "@kettlos/core/units/show";
import { computed } from "vue";
import AmountField from "../../controls/AmountField.vue";
import PieceField from "../../controls/PieceField.vue";
import QuantityField from "../../controls/QuantityField.vue";
import TickChoice from "../../controls/TickChoice.vue";

/** What is cut to a size. */
const PIECED: ReadonlySet<IngredientGroup> = new Set(["bones", "meat", "fish", "vegetable"]);

/** One thing that goes in: how much, when, how prepared. */
const props = defineProps<{ item: PlanItem; units: UnitSystem }>();
const emit = defineEmits<{ change: [Partial<PlanItem>]; remove: [] }>();

const ingredient = computed(() => ingredientById(props.item.ingredientId));
const WHENS = [
  { value: "start", label: "at start" },
  { value: "beforeEnd", label: "before the end" },
  { value: "offHeat", label: "off the heat" },
  { value: "afterStrain", label: "strained" },
] as const;
const at = computed({
  get: () => props.item.when.at,
  set: (value: When["at"]) =>
    emit("change", {
      when: value === "beforeEnd" ? { at: value, min: 60 } : { at: value },
    }),
});
const STATES = [
  { value: "raw", label: "raw", hint: "As they come" },
  { value: "blanched", label: "blanched", hint: "Clearer stock" },
  {
    value: "roasted",
    label: "roasted",
    hint: "Brown stock, a little less set",
  },
  {
    value: "usedBefore",
    label: "used before",
    hint: "A second pot: about a fifth less to give",
  },
] as const;

const targets = computed(() =>
  targetsOf(props.item.ingredientId).map((t) => ({ value: t.id, label: t.name })),
);
const hasPieces = computed(() => PIECED.has(ingredient.value.group));
const usualPiece = computed(() => (ingredient.value.group === "pulse" ? "as they are" : "3 cm"));

function setPiece(piece: PieceShape | null) {
  if (piece !== null) {
    emit("change", { piece });
    return;
  }
  emit("change", { piece: undefined } as Partial<PlanItem>);
}

function setAmount({ massKg, counted }: Amount) {
  const { counted: _before, ...rest } = props.item;
  emit("change", counted === undefined ? { ...rest, massKg } : { massKg, counted });
}
</script>

<template>
  <div class="item">
    <h3>{{ ingredient.name }}</h3>
    <AmountField
      label="How much"
      :ingredient="ingredient"
      :amount="
        item.counted ? { massKg: item.massKg, counted: item.counted } : { massKg: item.massKg }
      "
      :units="units"
      @change="setAmount"
    />
    <TickChoice v-model="at" label="When it goes in" :options="WHENS" />
    <QuantityField
      v-if="item.when.at === 'beforeEnd'"
      label="Before the end"
      dimension="time"
      bare-unit="min"
      :show="showDuration"
      :min="1"
      :max="2880"
      :model-value="item.when.min"
      @update:model-value="emit('change', { when: { at: 'beforeEnd', min: $event ?? 60 } })"
    />
    <TickChoice
      v-if="ingredient.group === 'bones'"
      label="Bones are"
      :options="STATES"
      :model-value="item.boneState"
      @update:model-value="emit('change', { boneState: $event })"
    />
    <TickChoice
      v-if="targets.length > 1"
      label="What it shall become"
      :options="targets"
      :model-value="item.target ?? targets[0]?.value ?? 'tenderDice'"
      @update:model-value="emit('change', { target: $event })"
    />
    <PieceField
      v-if="hasPieces"
      label="Pieces"
      :placeholder="usualPiece"
      :units="units"
      :model-value="item.piece ?? null"
      @update:model-value="setPiece"
    />
    <QuantityField
      v-if="ingredient.dryBean"
      label="Boiled hard beforehand, in water thrown away"
      dimension="time"
      bare-unit="min"
      :show="showDuration"
      :min="0"
      :max="240"
      :model-value="item.boiledMin"
      @update:model-value="emit('change', { boiledMin: $event ?? 0 })"
    />
    <label v-if="ingredient.group === 'bones' || ingredient.group === 'meat'" class="check">
      <input
        type="checkbox"
        :checked="item.frozen"
        @change="
          emit('change', {
            frozen: ($event.target as HTMLInputElement).checked,
          })
        "
      />
      goes in frozen
    </label>
    <label class="prep">
      Prepared
      <ElInput
        :model-value="item.preparation"
        maxlength="200"
        placeholder="halved, skin on"
        @change="(text: string) => emit('change', { preparation: text })"
        @update:model-value="(text: string) => emit('change', { preparation: text })"
      />
    </label>
    <button type="button" class="button danger" @click="emit('remove')">
      Take it off the plan
    </button>
  </div>
</template>

<style scoped>
.item {
  display: grid;
  gap: 12px;
}

.prep {
  color: var(--quiet);
  font-size: 14px;
}
</style>
