<script setup lang="ts">
import { ref, watch } from "vue";

/** A taste or a note, kept with its time. */
const shown = defineModel<boolean>({ required: true });
const emit = defineEmits<{ note: [string] }>();
const text = ref("");
watch(shown, () => (text.value = ""));

function save() {
  if (text.value.trim() === "") return;
  emit("note", text.value.trim());
  shown.value = false;
}
</script>

<template>
  <ElDialog v-model="shown" title="Taste, note" width="min(520px, 94vw)">
    <form class="fields" @submit.prevent="save">
      <label
        >What you taste or see
        <ElInput
          v-model="text"
          type="textarea"
          :rows="3"
          maxlength="2000"
          placeholder="Clean, still thin. No salt yet, as planned."
      /></label>
      <button type="submit" class="button primary">Keep this note</button>
    </form>
  </ElDialog>
</template>
