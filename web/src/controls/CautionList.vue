<script setup lang="ts">
import type { Caution } from "@kettlos/core/safety/caution";
import { ref } from "vue";
import { useWords } from "../data/use-words";

/** Cautions, the gravest first; each opens to its rule and whose it is. */
defineProps<{ cautions: readonly Caution[] }>();
const words = useWords();
const open = ref(new Set<string>());
const WORD = { danger: "Danger", caution: "Take care", note: "Note" } as const;

function toggle(id: string) {
  if (!open.value.delete(id)) open.value.add(id);
}
</script>

<template>
  <ul class="cautions">
    <li v-for="caution in cautions" :key="caution.id" :class="caution.severity">
      <button type="button" :aria-expanded="open.has(caution.id)" @click="toggle(caution.id)">
        <svg viewBox="0 0 20 20" width="20" height="20" aria-hidden="true">
          <path
            v-if="caution.severity !== 'note'"
            d="M10 2 19 18H1Z"
            stroke-width="2"
            stroke-linejoin="round"
          />
          <circle v-else cx="10" cy="10" r="8" stroke-width="1.6" />
          <path class="sign" d="M10 7.5v5M10 14.6v1" stroke-width="2" stroke-linecap="round" />
        </svg>
        <span>
          <strong>{{ WORD[caution.severity] }}: {{ words(caution.title) }}</strong>
          <span class="text">{{ words(caution.text) }}</span>
        </span>
      </button>
      <p v-if="open.has(caution.id)" class="small rule-text">
        {{ words(caution.rule) }}
        <span class="quiet">Rule of: {{ caution.whose }}.</span>
      </p>
    </li>
  </ul>
</template>

<style scoped>
.cautions {
  display: grid;
  gap: var(--space-1);
}

button {
  display: grid;
  grid-template-columns: 20px 1fr;
  gap: var(--space-4);
  width: 100%;
  min-height: 44px;
  padding: var(--space-3) 0;
  border: 0;
  background: none;
  text-align: left;
}

svg {
  margin-top: 1px;
}

path,
circle {
  fill: none;
  stroke: var(--ember);
}

.danger path:first-child {
  fill: var(--ember);
}

.danger .sign {
  stroke: var(--surface);
}

.note circle,
.note path {
  stroke: var(--quiet);
}

.danger strong,
.caution strong {
  color: var(--ember);
}

.text {
  display: block;
  font-size: var(--size-small);
  line-height: 19px;
}

.rule-text {
  padding: 0 0 var(--space-4) var(--space-8);
}
</style>
