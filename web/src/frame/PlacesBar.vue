<script setup lang="ts">
import { onClickOutside, useEventListener } from "@vueuse/core";
import { computed, ref, useTemplateRef, watch } from "vue";
import { useRoute } from "vue-router";
import UnitChoice from "./UnitChoice.vue";
import { placeOf, PLACES, type PlaceName } from "../words/places";

/** The places under the thumb, where the screen is narrow: what is gone to most at once, the others a tap away. */
defineEmits<{ find: []; help: [] }>();
const OFTEN: ReadonlySet<PlaceName> = new Set(["bench", "plan", "clock", "cook", "larder"]);
const often = PLACES.filter((p) => OFTEN.has(p.name));
const others = PLACES.filter((p) => !OFTEN.has(p.name));

const route = useRoute();
const isOpen = ref(false);
const here = computed(() => placeOf(route.name));
const isElsewhere = computed(() => others.some((p) => p.name === here.value));
watch(
  () => route.fullPath,
  () => (isOpen.value = false),
);
const root = useTemplateRef<HTMLElement>("root");
const more = useTemplateRef<HTMLElement>("more");
onClickOutside(root, () => (isOpen.value = false));
useEventListener(window, "keydown", ({ key }: KeyboardEvent) => {
  if (key !== "Escape" || !isOpen.value) return;
  isOpen.value = false;
  more.value?.focus();
});
</script>

<template>
  <div ref="root" class="bar">
    <nav class="row" aria-label="Places">
      <RouterLink
        v-for="place in often"
        :key="place.name"
        :to="place.path"
        :class="{ on: here === place.name }"
        :aria-current="here === place.name ? 'page' : undefined"
        >{{ place.label }}</RouterLink
      >
      <button
        ref="more"
        type="button"
        :class="{ on: isElsewhere }"
        :aria-expanded="isOpen"
        @click="isOpen = !isOpen"
      >
        More
      </button>
    </nav>
    <div v-if="isOpen" class="more">
      <nav aria-label="More places">
        <RouterLink
          v-for="place in others"
          :key="place.name"
          :to="place.path"
          :class="{ on: here === place.name }"
          :aria-current="here === place.name ? 'page' : undefined"
          >{{ place.label }}</RouterLink
        >
      </nav>
      <p class="acts">
        <button type="button" class="button" @click="((isOpen = false), $emit('find'))">
          Find
        </button>
        <button type="button" class="button" @click="((isOpen = false), $emit('help'))">
          Help
        </button>
        <UnitChoice />
      </p>
    </div>
  </div>
</template>

<style scoped>
.bar {
  position: relative;
}

.row {
  display: flex;
  border-top: 1px solid var(--hair);
  background: var(--surface);
}

.row > * {
  flex: 1 1 auto;
  min-height: 48px;
  padding: 0 var(--space-1);
  border: 0;
  border-top: 4px solid transparent;
  background: none;
  color: var(--quiet);
  font-size: var(--size-small);
  line-height: 44px;
  text-align: center;
  text-decoration: none;
}

.row .on {
  border-top-color: var(--rim);
  color: var(--ink);
  font-weight: 700;
}

.more {
  position: absolute;
  inset: auto 0 100%;
  z-index: 5;
  display: grid;
  gap: var(--space-5);
  max-height: calc(100vh - 60px);
  padding: var(--space-5) var(--space-6);
  border-top: 3px solid var(--rim);
  background: var(--surface);
  overflow: auto;
}

.more nav {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 0 var(--space-6);
}

.more a {
  min-height: 44px;
  border-bottom: 1px solid var(--hair);
  color: var(--ink);
  line-height: 44px;
  text-decoration: none;
}

.more .on {
  border-bottom: 4px solid var(--rim);
  font-weight: 700;
}

.acts {
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-4);
  align-items: center;
}
</style>
