<script setup lang="ts">
import { coreRuleOf } from "@kettlos/core/doneness/targets-of";
import { showTemperature, type UnitSystem } from "@kettlos/core/units/show";
import { computed, ref, watch } from "vue";
import FieldForm from "../../controls/FieldForm.vue";
import TemperatureField from "../../controls/TemperatureField.vue";
import TickChoice from "../../controls/TickChoice.vue";
import { useFarOff } from "./use-far-off";
import { useEntry } from "../../controls/use-entry";
import type { LivePot } from "../../data/pots-store";
import type { NewEvent } from "../../data/repository";
import OpenDialog from "../../controls/OpenDialog.vue";

/** A thermometer read by hand: in the liquid, or in the middle of the thickest piece. */
const props = defineProps<{
  write: (event: NewEvent) => Promise<void>;
  pot: LivePot;
  units: UnitSystem;
}>();
const shown = defineModel<boolean>({ required: true });
const { keep, notWritten } = useEntry(shown);
const WHERE = [
  { value: "liquid", label: "in the liquid" },
  { value: "piece", label: "in a piece" },
] as const;
const where = ref<"liquid" | "piece">("liquid");
const tempC = ref<number | null>(null);
watch(shown, () => (tempC.value = null));
const wanted = computed(() => {
  const rules = props.pot.batch.plan.items.flatMap((i) => coreRuleOf(i.ingredientId) ?? []);
  return rules.sort((a, b) => b.coreC - a.coreC)[0] ?? null;
});

const farOff = useFarOff(
  () => props.pot,
  () => props.units,
);
const doubt = () => (tempC.value === null ? null : farOff.temperature(where.value, tempC.value));

function save() {
  const readC = tempC.value;
  if (readC === null) return;
  void keep(() =>
    props.write({ kind: "temperature", where: where.value, tempC: readC, source: "hand" }),
  );
}
</script>

<template>
  <OpenDialog v-model="shown" title="Read the thermometer" width="min(460px, 94vw)">
    <FieldForm v-slot="{ keep: keepIt }" class="fields" :not-written :doubt @keep="save">
      <TickChoice v-model="where" label="Where" :options="WHERE" />
      <TemperatureField
        v-model="tempC"
        :label="
          where === 'liquid' ? 'In the liquid, stirred' : 'In the middle of the thickest piece'
        "
        :units="units"
        :min="-10"
        :max="140"
        needed
        @entered="keepIt"
      />
      <p v-if="where === 'liquid' && !pot.forecast.isDry" class="quiet small">
        Expected at about {{ showTemperature(pot.forecast.nowC, units) }}.
      </p>
      <p v-else-if="where === 'piece' && wanted !== null" class="quiet small">
        {{ showTemperature(wanted.coreC, units) }} or more for {{ wanted.what }}.
        {{ wanted.whose }}.
      </p>
      <button type="submit" class="button primary">Keep this reading</button>
    </FieldForm>
  </OpenDialog>
</template>
