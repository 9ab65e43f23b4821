<script setup lang="ts">
import {
  FORMS,
  soldSizesL,
  VESSEL_FORMS,
  vesselOfForm,
  type VesselForm,
} from "@kettlos/core/heat/vessel-forms";
import { outcomeOf } from "@kettlos/core/units/problem";
import { plain } from "@kettlos/core/units/region";
import { showVolume } from "@kettlos/core/units/show";
import { computed, ref, watch } from "vue";
import { useInGroup } from "../../controls/field-group";
import UnitField from "../../controls/UnitField.vue";
import { newId } from "../../data/new-id";
import { useWords } from "../../data/use-words";
import SmallPot from "../../drawings/SmallPot.vue";
import type { HadPot } from "./usual-pots";

/** What pots there are: usual ones by a tap on the size that is marked on them, any other by what it holds. */
const props = defineProps<{ pots: readonly HadPot[]; measures: "metric" | "us" }>();
const emit = defineEmits<{ add: [HadPot]; remove: [id: string] }>();
const words = useWords();

/** Two sizes are the same where nobody could tell them apart. */
const SAME_L = 0.05;
const PX_PER_M = 120;
const rows = computed(() =>
  VESSEL_FORMS.map((form) => {
    const sizes = soldSizesL(form, props.measures);
    return {
      form,
      name: FORMS[form].name,
      drawn: vesselOfForm(form, form, sizes[Math.floor(sizes.length / 2)] ?? 5),
      sizes: sizes.map((markedL) => ({
        markedL,
        label: props.measures === "us" ? showVolume(markedL, "us") : `${plain(markedL)} L`,
        has: props.pots.find(
          (p) =>
            p.form === form && p.acrossM === undefined && Math.abs(p.markedL - markedL) < SAME_L,
        ),
      })),
    };
  }),
);
const tap = (form: VesselForm, markedL: number, has: HadPot | undefined) =>
  has === undefined ? emit("add", { id: newId(), form, markedL }) : emit("remove", has.id);

const isOther = ref(false);
const form = ref<VesselForm>("pot");
const holds = ref<number | null>(null);
const across = ref<number | null>(null);
const other = computed(() => {
  const { value: markedL } = holds;
  const { value: acrossM } = across;
  if (markedL === null) return null;
  return outcomeOf(() => vesselOfForm(form.value, "other", markedL, acrossM ?? undefined));
});
// What was typed and not put with the others would be lost.
useInGroup(() =>
  holds.value === null ? null : "Put the other pot with the others first, or empty what it holds.",
);
const isMissing = ref(false);
watch(holds, () => (isMissing.value = false));
function addOther() {
  const { value: markedL } = holds;
  const { value: acrossM } = across;
  isMissing.value = markedL === null;
  if (markedL === null || other.value?.ok !== true) return;
  emit("add", {
    id: newId(),
    form: form.value,
    markedL,
    ...(acrossM === null ? {} : { acrossM }),
  });
  holds.value = null;
  across.value = null;
}
</script>

<template>
  <ul class="forms">
    <li v-for="row in rows" :key="row.form">
      <span class="drawn" aria-hidden="true"
        ><SmallPot :vessel="row.drawn" :px-per-m="PX_PER_M" label=""
      /></span>
      <span :id="`form-${row.form}`" class="name">{{ row.name }}</span>
      <span class="sizes" role="group" :aria-labelledby="`form-${row.form}`">
        <button
          v-for="size in row.sizes"
          :key="size.markedL"
          type="button"
          :class="{ on: size.has }"
          :aria-pressed="size.has !== undefined"
          @click="tap(row.form, size.markedL, size.has)"
        >
          {{ size.label }}
        </button>
      </span>
    </li>
  </ul>
  <button
    v-if="!isOther"
    type="button"
    class="link"
    :aria-expanded="isOther"
    @click="isOther = true"
  >
    Another size, or one that was measured
  </button>
  <div v-else class="other">
    <label
      ><span class="quiet small">Another</span>
      <select v-model="form" class="written" aria-label="Kind of pot">
        <option v-for="f in VESSEL_FORMS" :key="f" :value="f">
          {{ FORMS[f].name.toLowerCase() }}
        </option>
      </select></label
    >
    <UnitField
      v-model="holds"
      clears
      label="My pot holds"
      dimension="volume"
      :units="measures"
      :min="0.2"
      :max="200"
      :like="measures === 'us' ? 11.4 : 12"
    />
    <UnitField
      v-model="across"
      clears
      label="and is this wide inside"
      dimension="length"
      :units="measures"
      :min="0.08"
      :max="1"
      placeholder="as usual"
    />
    <button type="button" class="button" :disabled="other?.ok === false" @click="addOther">
      Put it with the others
    </button>
    <p v-if="isMissing" class="ember small" role="alert">First say what it holds.</p>
    <p v-if="other?.ok === false" class="ember small" role="alert">
      {{ words(other.problem.said) }}
    </p>
  </div>
</template>

<style scoped>
.forms {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(336px, 1fr));
  gap: 0 var(--space-7);
}

li {
  --drawn: 76px;

  display: grid;
  grid-template-columns: var(--drawn) minmax(0, 1fr) auto;
  gap: 0 var(--space-4);
  align-items: center;
  border-bottom: 1px solid var(--hair);
}

.drawn {
  display: grid;
  place-items: end center;
  height: 56px;
  overflow: hidden;
}

.name {
  line-height: 20px;
}

.sizes {
  display: flex;
}

.sizes button {
  min-width: 44px;
  min-height: 44px;
  padding: 0 var(--space-3);
  border: 0;
  border-bottom: 1px solid var(--tick);
  background: none;
  color: var(--quiet);
  font-variant-numeric: tabular-nums;
  white-space: nowrap;
}

.sizes button:hover {
  color: var(--ink);
}

.sizes button.on {
  box-shadow: inset 0 -4px 0 var(--rim);
  color: var(--ink);
  font-weight: 700;
}

.link {
  justify-self: start;
  min-height: 44px;
}

.other {
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-4) var(--space-6);
  align-items: end;
}

.other > label {
  display: grid;
}

.other p {
  flex-basis: 100%;
}
</style>
