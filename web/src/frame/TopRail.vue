<script setup lang="ts">
import { placeOf, PLACES } from "../words/places";
import UnitChoice from "./UnitChoice.vue";

defineProps<{ hasKitchen: boolean }>();
defineEmits<{ find: []; help: [] }>();
</script>

<template>
  <header class="rail" :class="{ 'has-bar': hasKitchen }">
    <RouterLink class="mark" to="/bench" aria-label="Kettlos, to the bench">Kettlos</RouterLink>
    <nav v-if="hasKitchen" class="places" aria-label="Places">
      <RouterLink
        v-for="place in PLACES"
        :key="place.name"
        :to="place.path"
        :class="{ on: placeOf($route.name) === place.name }"
        :aria-current="placeOf($route.name) === place.name ? 'page' : undefined"
        >{{ place.label }}</RouterLink
      >
    </nav>
    <div class="end">
      <UnitChoice v-if="hasKitchen" class="units" />
      <button
        v-if="hasKitchen"
        class="find"
        type="button"
        aria-keyshortcuts="/"
        @click="$emit('find')"
      >
        <svg width="18" height="18" viewBox="0 0 18 18" aria-hidden="true">
          <path d="M11.5 11.5 16 16M13 7.5A5.5 5.5 0 1 1 2 7.5a5.5 5.5 0 0 1 11 0Z" />
        </svg>
        <span>Find</span>
      </button>
      <button class="help" type="button" aria-label="Help" @click="$emit('help')">?</button>
    </div>
  </header>
</template>

<style scoped>
.rail {
  display: flex;
  align-items: stretch;
  min-height: 48px;
  padding: 0 var(--space-7);
  border-bottom: 1px solid var(--hair);
  background: var(--surface);
}

.mark {
  margin-right: var(--space-8);
  color: var(--rim);
  font-family: var(--head);
  font-size: var(--size-head);
  font-weight: 800;
  line-height: 48px;
  letter-spacing: -0.02em;
  text-decoration: none;
}

.places {
  display: flex;
  min-width: 0;
  overflow-x: auto;
  scrollbar-width: none;
}

.places a {
  position: relative;
  padding: 0 var(--space-5);
  color: var(--quiet);
  line-height: 48px;
  text-decoration: none;
  white-space: nowrap;
}

.places a::after {
  content: "";
  position: absolute;
  bottom: 0;
  left: 50%;
  width: 1px;
  height: 7px;
  background: var(--tick);
}

.places a:hover {
  color: var(--ink);
}

.places a.on {
  color: var(--ink);
  font-weight: 700;
}

.places a.on::after {
  right: 12px;
  left: 12px;
  width: auto;
  height: 4px;
  background: var(--rim);
}

.end {
  display: flex;
  gap: var(--space-5);
  align-items: stretch;
  margin-left: auto;
}

.find,
.help {
  min-width: 44px;
  border: 0;
  background: none;
}

.find {
  display: inline-flex;
  gap: var(--space-3);
  align-items: center;
  justify-content: center;
  color: var(--quiet);
}

.find:hover {
  color: var(--ink);
}

.find path {
  fill: none;
  stroke: currentcolor;
  stroke-width: 2;
  stroke-linecap: round;
}

.help {
  font-size: var(--size-lead);
  font-weight: 700;
}

@media (width <= 900px) {
  .rail {
    flex-wrap: wrap;
    padding: 0 var(--space-5);
  }

  .mark {
    margin-right: var(--space-4);
  }

  .end {
    gap: 0;
  }

  .find span {
    position: absolute;
    width: 1px;
    height: 1px;
    overflow: hidden;
    clip-path: inset(50%);
  }

  .places {
    order: 3;
    flex-basis: 100%;
    border-top: 1px solid var(--hair);
  }

  .places a {
    padding: 0 var(--space-4);
  }
}

/* There the places lie under the thumb, and what is left gives the room to the work. */
@media (width <= 700px) {
  .places,
  .units {
    display: none;
  }
}

@media (width <= 700px) and (height <= 480px) {
  .rail.has-bar {
    display: none;
  }
}

@media print {
  .rail {
    display: none;
  }
}
</style>
