<script setup lang="ts">
import { ladledOutL } from "@kettlos/core/batch/ladled-out";
import type { UnitSystem } from "@kettlos/core/units/show";
import { computed, ref, watch } from "vue";
import FieldForm from "../../controls/FieldForm.vue";
import TickChoice from "../../controls/TickChoice.vue";
import UnitField from "../../controls/UnitField.vue";
import { useFarOff } from "./use-far-off";
import { useEntry } from "../../controls/use-entry";
import type { LivePot } from "../../data/pots-store";
import type { NewEvent } from "../../data/repository";
import OpenDialog from "../../controls/OpenDialog.vue";

/** Liquid poured in while it cooks, or a portion ladled out and put back. */
const props = defineProps<{
  pot: LivePot;
  units: UnitSystem;
  write: (event: NewEvent) => Promise<void>;
}>();
const shown = defineModel<boolean>({ required: true });
const { keep, notWritten } = useEntry(shown);
const WAYS = [
  { value: "toppedUp", label: "water in" },
  { value: "ladledOut", label: "ladled out" },
  { value: "pouredBack", label: "put back" },
] as const;
const LEAST_L = 0.02;
const way = ref<(typeof WAYS)[number]["value"]>("toppedUp");
const ASK = {
  toppedUp: "Water poured in, best boiling",
  ladledOut: "Liquid taken out of the pot",
  pouredBack: "Liquid put back, kept hot",
} as const;
const volumeL = ref<number | null>(null);
watch(shown, () => {
  volumeL.value = null;
  way.value = "toppedUp";
});
const ask = computed(() => ASK[way.value]);

/** What is said by its share: of what is in the pot, or of what is out. */
const shares = computed(() => {
  const inL = props.pot.forecast.nowL.expected;
  const of =
    way.value === "ladledOut"
      ? [
          { label: "a quarter of it", volumeL: inL / 4 },
          { label: "a third", volumeL: inL / 3 },
          { label: "half", volumeL: inL / 2 },
        ]
      : way.value === "pouredBack"
        ? [{ label: "all that is out", volumeL: ladledOutL(props.pot.cook) }]
        : [];
  return of
    .map(({ label, volumeL: v }) => ({ label, volumeL: Math.round(v * 100) / 100 }))
    .filter((s) => s.volumeL >= LEAST_L);
});

const farOff = useFarOff(
  () => props.pot,
  () => props.units,
);
const doubt = () =>
  volumeL.value === null || way.value === "ladledOut" ? null : farOff.poured(volumeL.value);

function save() {
  const pouredL = volumeL.value;
  if (pouredL === null) return;
  void keep(() => props.write({ kind: way.value, volumeL: pouredL }));
}
</script>

<template>
  <OpenDialog v-model="shown" title="Top up, take out" width="min(420px, 94vw)">
    <FieldForm v-slot="{ keep: keepIt }" class="fields" :not-written :doubt @keep="save">
      <TickChoice v-model="way" label="In or out" :options="WAYS" />
      <UnitField
        :key="way"
        v-model="volumeL"
        :label="ask"
        :units="units"
        dimension="volume"
        :min="LEAST_L"
        :max="100"
        needed
        @entered="keepIt"
      />
      <p v-if="shares.length > 0" class="shares">
        <button
          v-for="share in shares"
          :key="share.label"
          type="button"
          class="link"
          @click="volumeL = share.volumeL"
        >
          {{ share.label }}
        </button>
      </p>
      <p v-if="way !== 'toppedUp'" class="quiet small">
        A clean ladle each time. What was tasted or has cooled does not go back in unless it boils
        again.
      </p>
      <button type="submit" class="button primary">It is done</button>
    </FieldForm>
  </OpenDialog>
</template>

<style scoped>
.shares {
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-2) var(--space-6);
}
</style>
