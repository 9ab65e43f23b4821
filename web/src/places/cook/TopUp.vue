<script setup lang="ts">
import { showVolume, type UnitSystem } from "@kettlos/core/units/show";
import { computed, ref, watch } from "vue";
import QuantityField from "../../controls/QuantityField.vue";

/** Water poured in while it cooks. */
const props = defineProps<{ units: UnitSystem }>();
const shown = defineModel<boolean>({ required: true });
const emit = defineEmits<{ add: [number] }>();
const volumeL = ref<number | null>(null);
watch(shown, () => (volumeL.value = null));
const one = computed(() => (props.units === "us" ? "us" : "metric"));

function save() {
  if (volumeL.value === null) return;
  emit("add", volumeL.value);
  shown.value = false;
}
</script>

<template>
  <ElDialog v-model="shown" title="Top up" width="min(420px, 94vw)">
    <form class="fields" @submit.prevent="save">
      <QuantityField
        v-model="volumeL"
        label="Water poured in, best boiling"
        dimension="volume"
        :bare-unit="one === 'us' ? 'qt' : 'L'"
        :show="(v) => showVolume(v, one)"
        :min="0.02"
        :max="100"
        :density-kg-l="1"
        @entered="save"
      />
      <button type="submit" class="button primary">It is in</button>
    </form>
  </ElDialog>
</template>
