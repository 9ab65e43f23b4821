<script setup lang="ts">
import type { Lane } from "./lane-model";

/** What a lane is, drawn: a ring with its flames, an oven, a crock, a bath, a fridge, a bowl that stands, a hand. */
defineProps<{ kind: Lane["kind"] }>();
</script>

<template>
  <svg class="sign" width="40" height="34" viewBox="0 0 40 34" aria-hidden="true">
    <template v-if="kind === 'ring'">
      <path d="M8 4h24v15a3 3 0 0 1-3 3H11a3 3 0 0 1-3-3Z" />
      <path class="rim" d="M5 4h30" />
      <path
        class="fire"
        d="M12 32q-3-3 0-7 3 4 0 7M20 32q-3-3 0-7 3 4 0 7M28 32q-3-3 0-7 3 4 0 7"
      />
    </template>
    <template v-else-if="kind === 'oven'">
      <path d="M5 3h30v28H5Z" />
      <path class="rim" d="M5 8h30" />
      <path d="M10 13h20v13H10Z" />
    </template>
    <template v-else-if="kind === 'vessel'">
      <path d="M6 11h28l-3 18H9Z" />
      <path class="rim" d="M4 11h32" />
      <path d="M9 8q11-6 22 0" />
    </template>
    <template v-else-if="kind === 'cold'">
      <path d="M3 12v16h34V12" />
      <path class="water" d="M3 18q4-4 8.500 0t8.500 0 8.500 0 8.500 0" />
    </template>
    <template v-else-if="kind === 'fridge'">
      <path d="M9 2h22v30H9Z" />
      <path d="M9 12h22M13 6v3M13 16v6" />
    </template>
    <template v-else-if="kind === 'alone'">
      <path d="M6 14h28q0 14-14 14T6 14Z" />
      <path d="M20 4v5M17 9h6" />
    </template>
    <template v-else>
      <path
        d="M12 32V18m0 4V8a2 2 0 0 1 4 0v9m0-11a2 2 0 0 1 4 0v11m0-9a2 2 0 0 1 4 0v10m0-6a2 2 0 0 1 4 0v10q0 6-6 6h-6q-4 0-6-5l-3-6a2 2 0 0 1 3-2l2 3"
      />
    </template>
  </svg>
</template>

<style scoped>
.sign {
  flex: none;
}

path {
  fill: none;
  stroke: var(--ink);
  stroke-linejoin: round;
  stroke-width: 1.8;
}

.rim {
  stroke: var(--rim);
  stroke-width: 4;
}

.fire {
  fill: var(--ember);
  stroke: none;
}

.water {
  stroke: var(--steam);
}
</style>
