<script setup lang="ts">
import { either, type Either } from "@kettlos/core/units/said";
import { useWords } from "../../data/use-words";
import { READING_FORMS, type ReadingForm } from "@kettlos/core/events/watch/terms";
import { showLength, showVolume, type UnitSystem } from "@kettlos/core/units/show";
import type { Dimension } from "@kettlos/core/units/unit-table";
import type { Vessel } from "@kettlos/core/vessel/vessel-schema";
import { capacityL } from "@kettlos/core/vessel/volume";
import { computed, ref, watch } from "vue";
import FieldForm from "../../controls/FieldForm.vue";
import UnitField from "../../controls/UnitField.vue";
import { useFarOff } from "./use-far-off";
import { useEntry } from "../../controls/use-entry";
import TickChoice from "../../controls/TickChoice.vue";
import type { LivePot } from "../../data/pots-store";
import type { NewEvent } from "../../data/repository";
import OpenDialog from "../../controls/OpenDialog.vue";

/** One level reading, in whatever form is at hand. */
const props = defineProps<{
  vessel: Vessel;
  pot: LivePot;
  units: UnitSystem;
  write: (event: NewEvent) => Promise<void>;
}>();
const shown = defineModel<boolean>({ required: true });
const { keep, notWritten } = useEntry(shown);

const words = useWords();
const FORMS: Record<
  ReadingForm,
  { label: string | Either; ask: string; dimension: Exclude<Dimension, "temperature"> }
> = {
  liquidDepth: {
    label: "depth",
    ask: "How deep, floor to surface",
    dimension: "length",
  },
  fromRim: {
    label: "from the rim",
    ask: "Rim down to the surface",
    dimension: "length",
  },
  belowTideMark: {
    label: "tide mark",
    ask: "From the tide mark on the wall down to the surface",
    dimension: "length",
  },
  volume: {
    label: either("litres", "quarts"),
    ask: "By the pot's own marks or a jug",
    dimension: "volume",
  },
  potWeight: {
    label: "weight",
    ask: "Pot and all on the scale, without lid",
    dimension: "mass",
  },
};
const form = ref<ReadingForm>("liquidDepth");
const value = ref<number | null>(null);
watch(shown, () => (value.value = null));
watch(form, () => (value.value = null));

const spec = computed(() => FORMS[form.value]);
const max = computed(() =>
  spec.value.dimension === "length"
    ? props.vessel.heightM
    : spec.value.dimension === "volume"
      ? capacityL(props.vessel)
      : 500,
);
const options = computed(() =>
  READING_FORMS.map((value) => ({ value, label: words([FORMS[value].label]) })),
);

const farOff = useFarOff(
  () => props.pot,
  () => props.units,
);
const doubt = () =>
  value.value === null ? null : farOff.level({ form: form.value, value: value.value });

function save() {
  const read = value.value;
  if (read === null) return;
  void keep(() =>
    props.write({
      kind: "read",
      reading: { form: form.value, value: read },
    }),
  );
}
</script>

<template>
  <OpenDialog v-model="shown" title="Read the level" width="min(520px, 94vw)">
    <FieldForm v-slot="{ keep: keepIt }" class="fields" :not-written :doubt @keep="save">
      <TickChoice v-model="form" label="Form of the reading" :options="options" />
      <UnitField
        :key="form"
        v-model="value"
        :label="spec.ask"
        :units="units"
        :dimension="spec.dimension"
        :min="0"
        :max="max"
        needed
        @entered="keepIt"
      />
      <p class="quiet small">
        <template v-if="pot.forecast.isDry">By the estimate nothing is left in it.</template>
        <template v-else
          >Expected at about {{ showLength(pot.forecast.nowDepthM, units) }} deep,
          {{ showVolume(pot.forecast.nowL.expected, units) }}.</template
        >
      </p>
      <button type="submit" class="button primary">Keep this reading</button>
    </FieldForm>
  </OpenDialog>
</template>
