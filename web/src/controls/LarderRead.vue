<script setup lang="ts">
import { useLarderStore } from "../data/larder-store";

/** Says that the larder is being read, where what stands beside it goes by what lies there. */
const larderStore = useLarderStore();
</script>

<template>
  <span v-if="!larderStore.isLoaded" role="status" class="quiet">Reading the larder …</span>
</template>
