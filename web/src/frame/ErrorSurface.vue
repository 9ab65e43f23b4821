<script setup lang="ts">
import { useClipboard } from "@vueuse/core";
import { mishap } from "./errors";

const { copy, copied } = useClipboard();
const reload = () => location.reload();
</script>

<template>
  <section v-if="mishap" class="mishap" role="alert">
    <p>
      <strong>Something went wrong.</strong> Everything that was shown as done is on the disk.
      <span class="small">{{ mishap.message }}</span>
    </p>
    <button class="button" type="button" @click="reload">Load again</button>
    <button class="button" type="button" @click="copy(mishap.details)">
      {{ copied ? "Copied" : "Copy details" }}
    </button>
    <button class="button" type="button" @click="mishap = null">Go on</button>
  </section>
</template>

<style scoped>
.mishap {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: var(--space-5);
  padding: var(--space-4) var(--space-7);
  border-bottom: 3px solid var(--ember);
  background: var(--ember-soft);
}

p {
  flex: 1;
  min-width: 240px;
}
</style>
