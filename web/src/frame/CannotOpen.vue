<script setup lang="ts">
/** What stands in place of everything when the data cannot be opened; nothing of it is touched. */
defineProps<{ kind: "newer" | "blocked" | "notWhole" }>();
const TITLES = {
  newer: "Your pots were kept by a newer Kettlos",
  blocked: "Another tab holds your pots",
  notWhole: "Not all of Kettlos is here",
} as const;
const reload = () => location.reload();
</script>

<template>
  <main class="place" role="alert">
    <h1>{{ TITLES[kind] }}</h1>
    <p v-if="kind === 'newer'">
      This is an older version of the application and does not read them. Nothing was changed. Load
      the newest version: with a network, load again; without one, wait for it.
    </p>
    <p v-else-if="kind === 'notWhole'">Nothing was changed. With a network, load again.</p>
    <p v-else>
      A tab with an older version of Kettlos still has them open. Close it, or load it again; then
      load this one.
    </p>
    <p><button type="button" class="button primary" @click="reload">Load again</button></p>
  </main>
</template>
