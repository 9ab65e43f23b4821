<script setup lang="ts">
/** The patterns that stand beside every colour: hatch for what is lost, stipple for solids. */
defineProps<{ id: string; small?: boolean }>();
const DOTS = [
  [3, 4],
  [10, 2],
  [17, 6],
  [6, 11],
  [13, 9],
  [20, 14],
  [2, 17],
  [9, 18],
  [16, 17],
] as const;
</script>

<template>
  <defs>
    <pattern
      :id="`${id}-hatch`"
      :width="small ? 5 : 7"
      :height="small ? 5 : 7"
      patternUnits="userSpaceOnUse"
      patternTransform="rotate(45)"
    >
      <rect width="7" height="7" fill="var(--steam-back)" />
      <rect :width="small ? 1.6 : 2.2" height="7" fill="var(--steam)" />
    </pattern>
    <pattern
      :id="`${id}-stipple`"
      width="22"
      height="22"
      patternUnits="userSpaceOnUse"
      :patternTransform="small ? 'scale(0.5)' : undefined"
    >
      <rect width="22" height="22" fill="var(--bone)" />
      <circle
        v-for="[x, y] in DOTS"
        :key="`${x}-${y}`"
        :cx="x"
        :cy="y"
        r="1"
        fill="var(--bone-dot)"
      />
    </pattern>
  </defs>
</template>
