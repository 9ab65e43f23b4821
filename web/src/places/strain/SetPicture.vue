<script setup lang="ts">
import type { SetGrade } from "@kettlos/core/extraction/set";

/** A spoonful turned out on a plate, by how it stands. */
defineProps<{ set: SetGrade }>();
const SHAPE: Record<SetGrade, string> = {
  pours: "M6 42Q14 38 36 39T66 42Z",
  quivers: "M12 42Q14 30 36 30T60 42Z",
  wobbles: "M16 42Q16 22 36 22T56 42Z",
  "holds an edge": "M20 42L23 20H49L52 42Z",
  rubber: "M22 42V14H50V42Z",
};
</script>

<template>
  <svg viewBox="0 0 72 52" width="62" height="45" aria-hidden="true">
    <path :d="SHAPE[set]" fill="var(--broth)" stroke="var(--ink)" stroke-width="1.2" />
    <path d="M2 43H70" stroke="var(--rim)" stroke-width="4" stroke-linecap="round" />
  </svg>
</template>
