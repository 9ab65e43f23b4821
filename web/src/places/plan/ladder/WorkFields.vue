<script setup lang="ts">
import { ROUX_COLOUR_WORDS, WORK_WORDS } from "@kettlos/core/prepare/work-names";
import { ROUX_COLOURS, WORKS, type RouxColour, type WorkKind } from "@kettlos/core/prepare/works";
import UnitField from "../../../controls/UnitField.vue";
import { WORK_TIMES } from "@kettlos/core/prepare/work-times";
import type { Work } from "@kettlos/core/prepare/work-schema";
import { ingredientOf, saltAheadShare } from "@kettlos/core/simulate/item-facts";
import type { PlanItem } from "@kettlos/core/simulate/plan-schema";
import { computed } from "vue";
import MarkChoice from "../../../controls/MarkChoice.vue";
import TickChoice from "../../../controls/TickChoice.vue";
import { useThePlan } from "../the-plan";

/** What is done to it before it goes in, and once it is soft: each work on or off, and how far where that matters. */
const props = defineProps<{ item: PlanItem }>();
const { one } = useThePlan();
const emit = defineEmits<{ change: [Work[]] }>();

const group = computed(() => ingredientOf(props.item).group);
/** Works that make sense for what it is. */
const ALLOWED: Partial<Record<WorkKind, readonly string[]>> = {
  thaw: ["bones", "meat", "fish", "vegetable"],
  saltAhead: ["meat", "bones", "fish"],
  soak: ["pulse", "dried", "grain"],
  scrub: ["fish", "vegetable"],
  trim: ["meat", "bones", "vegetable"],
  cut: ["meat", "fish", "vegetable", "aromatic", "dried"],
  tie: ["meat"],
  bundle: ["aromatic", "vegetable"],
  brown: ["meat", "bones", "fish"],
  sweat: ["vegetable"],
  fry: ["aromatic", "acid", "liquid", "vegetable"],
  roux: ["starch"],
  reduce: ["liquid"],
  crush: ["pulse", "vegetable", "aromatic"],
  blend: ["pulse", "vegetable"],
  rinse: ["bones", "meat", "fish", "vegetable", "pulse", "grain", "dried"],
};
const offered = computed(() => WORKS.filter((k) => ALLOWED[k]?.includes(group.value) === true));
const nameOf = (kind: WorkKind) =>
  kind === "brown" || kind === "roux" ? WORK_WORDS[kind] : WORK_TIMES[kind].name;
const of = (kind: WorkKind) => props.item.work.find((w) => w.kind === kind);
const put = (kind: WorkKind, part: Partial<Work>) =>
  emit(
    "change",
    props.item.work.map((w) => (w.kind === kind ? { ...w, ...part } : w)),
  );
function toggle(kind: WorkKind) {
  if (of(kind) !== undefined)
    emit(
      "change",
      props.item.work.filter((w) => w.kind !== kind),
    );
  else
    emit("change", [
      ...props.item.work,
      {
        kind,
        ...(kind === "reduce" ? { share: 0.5 } : {}),
        ...(kind === "crush" ? { share: 0.3 } : {}),
        ...(kind === "blend" ? { share: 1 } : {}),
        ...(kind === "roux" ? { colour: "blond" as const } : {}),
      },
    ]);
}
/** As a spoonful looks on a white plate. */
const ROUX_LOOKS: Readonly<Record<RouxColour, string>> = {
  white: "#f6ecd0",
  blond: "#dfb766",
  brown: "#9a5a20",
  dark: "#4f2a15",
};
const COLOURS = ROUX_COLOURS.map((value) => ({ value, label: ROUX_COLOUR_WORDS[value] }));
const SHARES = [0.25, 0.3, 0.5, 0.75, 1].map((s) => ({
  value: String(s),
  label: `${Math.round(s * 100)} %`,
}));
const shared = computed(() =>
  props.item.work.filter((w) => w.kind === "reduce" || w.kind === "crush" || w.kind === "blend"),
);
const SHARE_WORDS = { reduce: "Boiled down to", crush: "Crushed", blend: "Blended" } as const;
const shareWord = (w: Work) => SHARE_WORDS[w.kind as keyof typeof SHARE_WORDS];
const SALTS = [0.005, 0.0075, 0.01, 0.0125, 0.015].map((s) => ({
  value: String(s),
  label: `${Number((s * 100).toFixed(2))} %`,
}));
const soak = computed(() => of("soak"));
</script>

<template>
  <ul class="works" aria-label="Work on it">
    <li v-for="kind in offered" :key="kind">
      <button
        type="button"
        :aria-pressed="of(kind) !== undefined"
        :class="{ on: of(kind) !== undefined }"
        @click="toggle(kind)"
      >
        {{ nameOf(kind) }}
      </button>
    </li>
  </ul>
  <MarkChoice
    v-if="of('roux')"
    label="Colour of the roux"
    :options="COLOURS"
    :chosen="of('roux')?.colour ?? 'blond'"
    @choose="put('roux', { colour: $event })"
  >
    <template #picture="{ value }">
      <span class="spoonful" :style="{ background: ROUX_LOOKS[value] }" />
    </template>
  </MarkChoice>
  <div v-for="work in shared" :key="work.kind" class="share">
    <span class="quiet small">{{ shareWord(work) }}</span>
    <TickChoice
      :label="shareWord(work)"
      :options="SHARES"
      :model-value="String(work.share ?? 1)"
      @update:model-value="put(work.kind, { share: Number($event) })"
    />
  </div>
  <div v-if="of('saltAhead')" class="share">
    <span class="quiet small">Salt, by its weight</span>
    <TickChoice
      label="Salt, by its weight"
      :options="SALTS"
      :model-value="String(saltAheadShare(of('saltAhead') ?? {}))"
      @update:model-value="put('saltAhead', { share: Number($event) })"
    />
  </div>
  <UnitField
    v-if="soak && group !== 'pulse'"
    label="Soaking water that goes into the pot"
    dimension="volume"
    :units="one"
    :min="0"
    :max="50"
    placeholder="none: thrown away"
    :model-value="soak.liquorL ?? null"
    @update:model-value="put('soak', { liquorL: $event ?? 0 })"
  />
</template>

<style scoped>
.spoonful {
  width: 36px;
  height: 20px;
  border: 1px solid var(--ink);
  border-radius: 50%;
}

.works {
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-2);
}

.works button {
  min-height: 44px;
  padding: 0 var(--space-5);
  border: 1.5px solid var(--hair);
  border-radius: 3px;
  background: var(--surface);
}

.works button.on {
  border-color: var(--rim);
  box-shadow: inset 0 -4px 0 var(--rim);
  font-weight: 650;
}

.share {
  display: grid;
  gap: var(--space-1);
}
</style>
