<script setup lang="ts">
import { nextTick, watch } from "vue";
import { useRoute } from "vue-router";
import { PLACES, type PlaceName } from "../../words/places";
import { VOCABULARY } from "../../words/vocabulary";

/** Every word of Kettlos with what it means, and where it is met; one that was asked for is shown. */
const route = useRoute();
const labelOf = (name: PlaceName) => PLACES.find((p) => p.name === name)?.label ?? "";
const isAsked = (term: string) => decodeURIComponent(route.hash.slice(1)) === term;
watch(
  () => route.hash,
  async () => {
    await nextTick();
    document.querySelector("dt.asked")?.scrollIntoView({ block: "center" });
  },
  { immediate: true },
);
</script>

<template>
  <div class="place">
    <h1>Words</h1>
    <p class="quiet">What is meant by them here, beyond what every kitchen says.</p>
    <dl>
      <div v-for="{ term, means, at } in VOCABULARY" :key="term">
        <dt :class="{ asked: isAsked(term) }">{{ term }}</dt>
        <dd>
          {{ means }}
          <span class="quiet small">{{ at.map(labelOf).join(", ") }}</span>
        </dd>
      </div>
    </dl>
  </div>
</template>

<style scoped>
.place {
  max-width: 1040px;
  padding: var(--space-6) var(--space-7) var(--space-8);
}

dl {
  columns: 2 380px;
  column-gap: var(--space-8);
}

dl div {
  padding: var(--space-4) 0;
  border-top: 1px solid var(--hair);
  break-inside: avoid;
}

dt {
  font: 650 var(--size-body)/24px var(--head);
}

dt.asked {
  border-left: 4px solid var(--rim);
  padding-left: var(--space-4);
}

dd {
  margin: 0;
}

.small {
  display: block;
}
</style>
