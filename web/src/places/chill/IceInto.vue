<script setup lang="ts">
import { perL, type InBowl } from "@kettlos/core/batch/bowl";
import { withIce } from "@kettlos/core/cool/resting";
import { SET_DOES_WORDS, setOf } from "@kettlos/core/extraction/set";
import { showTemperature, showVolume, type UnitSystem } from "@kettlos/core/units/show";
import { COLD_DENSITY_KG_L } from "@kettlos/core/water/properties";
import { computed, ref } from "vue";
import FieldForm from "../../controls/FieldForm.vue";
import UnitField from "../../controls/UnitField.vue";

/** A strong stock cooled by ice of drinking water thrown in: colder at once, and as much thinner as planned. */
const props = defineProps<{ bowl: InBowl; fromC: number; units: UnitSystem }>();
const emit = defineEmits<{ done: [iceKg: number, tempC: number] }>();
const one = computed(() => (props.units === "us" ? "us" : "metric"));
const iceKg = ref<number | null>(null);
const after = computed(() =>
  iceKg.value === null ? null : withIce(props.bowl.massKg, props.fromC, iceKg.value),
);
const gelatinGL = computed(() => perL(props.bowl, props.bowl.gelatinG));
function put() {
  if (iceKg.value === null || after.value === null) return;
  emit("done", iceKg.value, after.value.tempC);
  iceKg.value = null;
}
</script>

<template>
  <section class="ice" aria-labelledby="ice-title">
    <h3 id="ice-title">Or ice into the stock itself</h3>
    <FieldForm class="beside" @keep="put">
      <UnitField
        v-model="iceKg"
        label="Ice of drinking water"
        dimension="mass"
        :units="units"
        :min="0.05"
        :max="bowl.massKg"
        needed
        :like="1"
      />
      <button type="submit" class="button">It is in</button>
    </FieldForm>
    <p v-if="after !== null" class="small">
      At once {{ showTemperature(after.tempC, one) }}, and
      {{ showVolume((bowl.massKg + (iceKg ?? 0)) / COLD_DENSITY_KG_L, one) }} in all that
      {{ SET_DOES_WORDS[setOf(gelatinGL * after.share)] }} when cold.
    </p>
    <p class="small quiet">Only where it was boiled down stronger than it is wanted.</p>
  </section>
</template>

<style scoped>
.ice {
  display: grid;
  gap: var(--space-2);
}
</style>
