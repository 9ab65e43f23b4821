<script setup lang="ts">
import type { UnitSystem } from "@kettlos/core/units/show";
import { ref, watch } from "vue";
import UnitField from "../../controls/UnitField.vue";

/** Water poured in while it cooks. */
defineProps<{ units: UnitSystem }>();
const shown = defineModel<boolean>({ required: true });
const emit = defineEmits<{ add: [number] }>();
const volumeL = ref<number | null>(null);
watch(shown, () => (volumeL.value = null));

function save() {
  if (volumeL.value === null) return;
  emit("add", volumeL.value);
  shown.value = false;
}
</script>

<template>
  <ElDialog v-model="shown" title="Top up" width="min(420px, 94vw)">
    <form class="fields" @submit.prevent="save">
      <UnitField
        v-model="volumeL"
        label="Water poured in, best boiling"
        :units="units"
        dimension="volume"
        :min="0.02"
        :max="100"
        @entered="save"
      />
      <button type="submit" class="button primary">It is in</button>
    </form>
  </ElDialog>
</template>
