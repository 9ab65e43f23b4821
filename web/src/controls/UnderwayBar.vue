<script setup lang="ts">
import type { Underway } from "../data/use-file-reading";

/** How far something long is, and the way to stop it. */
defineProps<{ underway: Underway }>();
</script>

<template>
  <div class="underway" role="group" :aria-label="underway.what">
    <progress :value="underway.share" max="1" :aria-label="underway.what" />
    <span class="small">{{ underway.what }}: {{ Math.round(100 * underway.share) }} %</span>
    <button type="button" class="button" @click="underway.stop()">Stop</button>
  </div>
</template>

<style scoped>
.underway {
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-4) var(--space-5);
  align-items: center;
  padding-top: var(--space-5);
}

/* A pot that fills. */
progress {
  flex: 1 1 160px;
  height: 14px;
  border: 1px solid var(--quiet);
  border-radius: 2px;
  background: var(--surface);
  appearance: none;
}

progress::-webkit-progress-bar {
  background: var(--surface);
}

progress::-webkit-progress-value {
  background: var(--broth);
}

progress::-moz-progress-bar {
  background: var(--broth);
}
</style>
