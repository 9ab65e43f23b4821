<script setup lang="ts">
import { ref } from "vue";

/**
 * A dialog that opens ready to type: in its first field, or on the button that goes on where it has none.
 * Esc closes it and keeps nothing; Enter in a field keeps, as its form does.
 */
defineProps<{ title: string; width: string }>();
const shown = defineModel<boolean>({ required: true });
const body = ref<HTMLElement | null>(null);

/** What is ready to be used first, the best first. */
const READY = [
  "input:not([type=radio]):not([type=checkbox]):not([type=file]):not(:disabled), textarea, select",
  "input:checked",
  "button.primary:not(:disabled)",
  "button",
];
function ready() {
  // Who was quicker than the dialog goes on typing where that was begun.
  if (body.value?.contains(document.activeElement) === true) return;
  for (const what of READY) {
    const first = body.value?.querySelector<HTMLElement>(what);
    if (first === null || first === undefined) continue;
    first.focus();
    return;
  }
}
</script>

<template>
  <ElDialog v-model="shown" :title :width @opened="ready">
    <div ref="body"><slot /></div>
  </ElDialog>
</template>
