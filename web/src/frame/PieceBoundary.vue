<script setup lang="ts">
import { onErrorCaptured, ref, watch } from "vue";
import { report } from "./errors";

/**
 * Keeps an error in one drawing or panel from taking the screen with it. It is tried again when what it
 * shows is another one.
 */
const props = defineProps<{ what: string; of: unknown }>();
const failed = ref(false);
onErrorCaptured((error) => {
  if (failed.value) return false;
  failed.value = true;
  report(error);
  return false;
});
watch(
  () => props.of,
  () => (failed.value = false),
);
</script>

<template>
  <div v-if="failed" class="failed" role="note">
    <p>
      <strong>{{ what }} cannot be shown.</strong> The rest works, and nothing is lost.
    </p>
    <button type="button" class="button" @click="failed = false">Try again</button>
  </div>
  <slot v-else />
</template>

<style scoped>
.failed {
  display: grid;
  gap: var(--space-4);
  justify-items: start;
  padding: var(--space-5);
  border: 1px dashed var(--ember);
}
</style>
