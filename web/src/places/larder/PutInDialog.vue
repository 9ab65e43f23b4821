<script setup lang="ts">
import { DAY_MS } from "@kettlos/core/units/time";
import { dayCodeOf } from "@kettlos/core/units/moments";
import { ingredientById, isIngredientId } from "@kettlos/core/ingredient/catalogue";
import { findIngredients } from "@kettlos/core/ingredient/find-ingredients";
import {
  PLACES,
  PLACE_WORDS,
  type LarderKind,
  type Place,
} from "@kettlos/core/larder/larder-words";
import { rawLot, usualKind } from "@kettlos/core/larder/raw-lot";
import type { UnitSystem } from "@kettlos/core/units/show";
import { computed, ref, watch } from "vue";
import CountField from "../../controls/CountField.vue";
import FieldForm from "../../controls/FieldForm.vue";
import SuggestInput from "../../controls/SuggestInput.vue";
import TickChoice from "../../controls/TickChoice.vue";
import UnitField from "../../controls/UnitField.vue";
import { useEntry } from "../../controls/use-entry";
import { useKitchenStore } from "../../data/kitchen-store";
import { storeLot } from "../../data/larder-log";
import { newId } from "../../data/new-id";
import OpenDialog from "../../controls/OpenDialog.vue";

/** Bones, trimmings, fat or leftovers that wait for a pot, put in by hand. */
defineProps<{ units: UnitSystem }>();
const shown = defineModel<boolean>({ required: true });
const { keep, notWritten } = useEntry(shown);
const kitchenStore = useKitchenStore();
const KIND_OPTIONS: readonly { value: LarderKind; label: string }[] = [
  { value: "rawBones", label: "raw bones" },
  { value: "rawMeat", label: "raw meat or fish" },
  { value: "carcass", label: "cooked carcass" },
  { value: "trimmings", label: "trimmings" },
  { value: "fat", label: "rendered fat" },
  { value: "leftovers", label: "leftovers" },
];
const PLACE_OPTIONS = PLACES.map((value) => ({ value, label: PLACE_WORDS[value] }));
const what = ref("");
const kind = ref<LarderKind>("rawBones");
const place = ref<Place>("freezer");
const eachKg = ref<number | null>(null);
const count = ref<number | null>(1);
const days = ref<number | null>(0);
const problem = ref("");
watch(shown, () => {
  what.value = "";
  eachKg.value = null;
  count.value = 1;
  days.value = 0;
  problem.value = "";
});
const found = computed(() => {
  const name = what.value.trim();
  const exact = findIngredients(name).find((i) => i.name.toLowerCase() === name.toLowerCase());
  return exact ?? (isIngredientId(name) ? ingredientById(name) : null);
});
watch(found, (ingredient) => {
  if (ingredient !== null) kind.value = usualKind(ingredient);
});
const suggest = (text: string) =>
  text.trim().length < 2
    ? []
    : findIngredients(text)
        .slice(0, 7)
        .map((i) => i.name);
const containers = computed(() => kitchenStore.kitchen?.containers ?? []);
const containerId = ref("");

async function put() {
  if (what.value.trim() === "") return void (problem.value = "Say what it is first.");
  if (eachKg.value === null || !(eachKg.value > 0))
    return void (problem.value = "Weigh it first: how much is in each.");
  const container = containers.value.find((c) => c.id === containerId.value);
  const madeMs = Math.round(Date.now() - Math.max(0, days.value ?? 0) * DAY_MS);
  const facts = {
    id: newId(),
    name: what.value.trim(),
    kind: kind.value,
    ingredientId: found.value?.id ?? null,
    eachKg: eachKg.value,
    madeMs,
    day: dayCodeOf(madeMs),
    ...(container === undefined ? {} : { container }),
  };
  const entry = {
    kind: "stored",
    count: Math.max(1, Math.floor(count.value ?? 1)),
    place: place.value,
    ...(place.value === "freezer" ? { sinceMs: madeMs } : {}),
  } as const;
  await keep(() =>
    storeLot((usedCodes) => ({ ...entry, lot: rawLot({ ...facts, usedCodes }) }), "inItsDialog"),
  );
}
</script>

<template>
  <OpenDialog v-model="shown" title="Put something in" width="min(460px, 94vw)">
    <FieldForm class="fields" :not-written @keep="put">
      <SuggestInput
        v-model="what"
        label="What it is"
        placeholder="pigeon frames"
        :suggest="suggest"
      />
      <TickChoice v-model="kind" label="What kind" :options="KIND_OPTIONS" wraps />
      <div class="beside">
        <UnitField
          v-model="eachKg"
          label="In each"
          :units="units"
          dimension="mass"
          :min="0.01"
          :max="100"
        />
        <CountField v-model="count" label="How many" :min="1" :max="1000" />
        <CountField
          v-model="days"
          :label="place === 'freezer' ? 'Days there' : 'Days old'"
          :max="1000"
        />
      </div>
      <label class="small quiet"
        >In
        <select v-model="containerId" class="written">
          <option value="">a bag</option>
          <option v-for="c in containers" :key="c.id" :value="c.id">{{ c.name }}</option>
        </select></label
      >
      <TickChoice v-model="place" label="Where" :options="PLACE_OPTIONS" />
      <p class="quiet small">
        Trimmings sound and washed. What is spoiled is thrown away, not boiled. Raw meat and bones
        on the lowest shelf, apart from what is eaten as it is.
      </p>
      <p v-if="problem" class="ember" role="alert">{{ problem }}</p>
      <button type="submit" class="button primary">Put it in</button>
    </FieldForm>
  </OpenDialog>
</template>
