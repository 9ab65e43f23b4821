<script setup lang="ts">
import { BONE_WORDS } from "../../../words/bone-words";
import { MOST_ITEM_KG } from "@kettlos/core/units/limits";
import UnitField from "../../../controls/UnitField.vue";
import { useWords } from "../../../data/use-words";
import type { Verdict } from "@kettlos/core/dish/verdicts";
import { targetsOf } from "@kettlos/core/doneness/targets-of";
import type { PieceShape } from "@kettlos/core/heat/piece-schema";
import { ingredientById } from "@kettlos/core/ingredient/catalogue";
import type { IngredientGroup } from "@kettlos/core/ingredient/ingredient";
import type { Amount } from "@kettlos/core/ingredient/read-amount";
import type { PlanItem } from "@kettlos/core/simulate/plan-schema";
import { showDuration, showLength } from "@kettlos/core/units/show";
import { computed, defineAsyncComponent, ref } from "vue";
import AmountField from "../../../controls/AmountField.vue";
import PieceField from "../../../controls/PieceField.vue";
import QuantityField from "../../../controls/QuantityField.vue";
import TemperatureField from "../../../controls/TemperatureField.vue";
import TickChoice from "../../../controls/TickChoice.vue";
import { cleared } from "../../../data/cleared";
import LotLink from "./LotLink.vue";
import OutFields from "./OutFields.vue";
import StockLink from "./StockLink.vue";
import SwapList from "../../../controls/SwapList.vue";
import WhenFields from "./WhenFields.vue";
import WorkFields from "./WorkFields.vue";
import { useThePlan } from "../the-plan";

const LabelFields = defineAsyncComponent(() => import("../../../controls/LabelFields.vue"));

/** What is cut to a size. */
const PIECED: ReadonlySet<IngredientGroup> = new Set(["bones", "meat", "fish", "vegetable"]);

/** One thing that goes in: how much, when, how prepared, what its label says, what would do instead. */
const props = defineProps<{
  item: PlanItem;
  verdict: Verdict | null;
}>();
const { plan, kitchen, units, one } = useThePlan();
const emit = defineEmits<{ change: [Partial<PlanItem>]; remove: []; scale: [massKg: number] }>();
const words = useWords();

const ingredient = computed(() => ingredientById(props.item.ingredientId));
const isSolid = computed(
  () => PIECED.has(ingredient.value.group) || ingredient.value.group === "pulse",
);
const SIDES = [
  { value: "pot", label: "in the pot" },
  { value: "work", label: "work on it" },
  { value: "label", label: "label" },
  { value: "swap", label: "instead" },
] as const;
const side = ref<(typeof SIDES)[number]["value"]>("pot");
const STATES = [
  { value: "raw", label: BONE_WORDS.raw, hint: "As they come" },
  { value: "blanched", label: BONE_WORDS.blanched, hint: "Clearer stock" },
  { value: "roasted", label: BONE_WORDS.roasted, hint: "Brown stock, a little less set" },
  {
    value: "usedBefore",
    label: BONE_WORDS.usedBefore,
    hint: "A second pot: about a fifth less to give",
  },
] as const;
const targets = computed(() =>
  targetsOf(props.item.ingredientId).map((t) => ({ value: t.id, label: t.name })),
);
const hasPieces = computed(() => PIECED.has(ingredient.value.group));
const usualPiece = computed(() =>
  ingredient.value.group === "pulse" ? "as they are" : showLength(0.03, one.value),
);

const drop = (key: keyof PlanItem) => emit("change", cleared(key));
function setPiece(piece: PieceShape | null) {
  if (piece === null) drop("piece");
  else emit("change", { piece });
}
function setAmount({ massKg, counted }: Amount) {
  emit("change", counted === undefined ? { ...cleared("counted"), massKg } : { massKg, counted });
}
</script>

<template>
  <div class="item">
    <h3>{{ ingredient.name }}</h3>
    <p v-if="verdict" class="ember small" role="status">{{ words(verdict.text) }}</p>
    <TickChoice v-model="side" label="What to change" :options="SIDES" />
    <template v-if="side === 'pot'">
      <AmountField
        :key="item.id"
        label="How much"
        :ingredient="ingredient"
        :amount="
          item.counted ? { massKg: item.massKg, counted: item.counted } : { massKg: item.massKg }
        "
        :units="units"
        @change="setAmount"
      />
      <UnitField
        v-if="isSolid && plan.items.length > 1"
        label="Make it all for what there is of it"
        dimension="mass"
        :units="units"
        :min="0.01"
        :max="MOST_ITEM_KG"
        :like="1.4"
        :model-value="null"
        @update:model-value="$event !== null && emit('scale', $event)"
      />
      <WhenFields :item="item" @change="emit('change', { when: $event })" />
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
      <OutFields
        v-if="isSolid"
        :item="item"
        @change="$event === null ? drop('out') : emit('change', { out: $event })"
      />
      <LotLink :item="item" @change="emit('change', $event)" />
      <StockLink
        v-if="ingredient.group === 'liquid' && item.fromLotId === undefined"
        :item="item"
        @change="emit('change', $event)"
      />
    </template>
    <template v-else-if="side === 'work'">
      <TickChoice
        v-if="ingredient.group === 'bones'"
        label="Bones are"
        :options="STATES"
        :model-value="item.boneState"
        @update:model-value="emit('change', { boneState: $event })"
      />
      <WorkFields :item="item" @change="emit('change', { work: $event })" />
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
          @change="emit('change', { frozen: ($event.target as HTMLInputElement).checked })"
        />
        goes in frozen
      </label>
      <TemperatureField
        v-if="ingredient.isLiquid"
        label="Goes in hot, at; empty: as it stands in the kitchen"
        :units="units"
        :min="30"
        :max="105"
        :model-value="item.hotC ?? null"
        @update:model-value="emit('change', $event === null ? cleared('hotC') : { hotC: $event })"
      />
      <label class="prep">
        In your own words
        <ElInput
          :model-value="item.preparation"
          maxlength="200"
          placeholder="halved, skin on"
          @change="(text: string) => emit('change', { preparation: text })"
          @update:model-value="(text: string) => emit('change', { preparation: text })"
        />
      </label>
    </template>
    <LabelFields
      v-else-if="side === 'label'"
      :key="item.id"
      :item="item"
      @change="$event === null ? drop('label') : emit('change', { label: $event })"
    />
    <SwapList
      v-else
      :item="item"
      :plan="plan"
      :kitchen="kitchen"
      :units="units"
      @change="emit('change', $event)"
    />
    <button type="button" class="button danger" @click="emit('remove')">
      Take it off the plan
    </button>
  </div>
</template>

<style scoped>
.item {
  display: grid;
  gap: var(--space-5);
}

.prep {
  color: var(--quiet);
  font-size: var(--size-small);
}
</style>
