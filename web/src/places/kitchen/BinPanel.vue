<script setup lang="ts">
import { format } from "date-fns";
import { binned, bringBack } from "../../data/bin";
import { useLive } from "../../data/use-live";

/** What was removed in the last thirty days, each brought back by a tap. */
const all = useLive(binned);
</script>

<template>
  <h2 id="bin">Removed lately</h2>
  <p v-if="all === undefined || all.length === 0" class="quiet small">
    What you remove (a plan, a pot, a ring, a container) lies here for 30 days.
  </p>
  <ul v-else>
    <li v-for="one in all" :key="one.id">
      <strong>{{ one.name }}</strong>
      <span class="quiet small">{{ format(one.removedMs, "d MMM HH:mm") }}</span>
      <button
        type="button"
        class="link"
        :aria-label="`Bring back ${one.name}`"
        @click="bringBack(one)"
      >
        bring it back
      </button>
    </li>
  </ul>
</template>

<style scoped>
li {
  display: flex;
  flex-wrap: wrap;
  gap: 0 16px;
  align-items: baseline;
  border-bottom: 1px solid var(--hair);
}

.link {
  min-height: 44px;
}
</style>
