<script setup lang="ts">
/** Into the pot. */
</script>

<template>
  <svg viewBox="0 0 30 30" width="30" height="30" aria-hidden="true">
    <path d="M15 2v9m-4-4 4 4 4-4" class="arrow" />
    <path d="M5 16v7q0 4 4 4h12q4 0 4-4v-7" class="body" />
    <path d="M2 15h26" class="rim" />
  </svg>
</template>

<style scoped>
.arrow,
.body {
  fill: none;
  stroke: var(--rim);
  stroke-width: 2;
}

.rim {
  stroke: var(--rim-deep);
  stroke-width: 4;
  stroke-linecap: round;
}
</style>
