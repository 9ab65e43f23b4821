<script setup lang="ts">
import { useEventListener } from "@vueuse/core";

/** The last step and the one undone last, each by its name; as many as there are, by the keys too. */
defineProps<{ undoes: string | null; redoes: string | null }>();
const emit = defineEmits<{ undo: []; redo: [] }>();

const isTyping = (target: EventTarget | null): boolean =>
  target instanceof HTMLElement && /^(INPUT|TEXTAREA|SELECT)$/.test(target.tagName);
useEventListener("keydown", (event: KeyboardEvent) => {
  // A field undoes its own letters first.
  if (!(event.ctrlKey || event.metaKey) || event.altKey || isTyping(event.target)) return;
  const key = event.key.toLowerCase();
  if (key !== "z" && key !== "y") return;
  event.preventDefault();
  if (key === "y" || event.shiftKey) emit("redo");
  else emit("undo");
});
</script>

<template>
  <span v-if="undoes !== null || redoes !== null" class="steps">
    <button v-if="undoes !== null" type="button" class="link small" @click="emit('undo')">
      Undo: {{ undoes }}
    </button>
    <button v-if="redoes !== null" type="button" class="link small" @click="emit('redo')">
      Redo: {{ redoes }}
    </button>
  </span>
</template>

<style scoped>
.steps {
  display: inline-flex;
  flex-wrap: wrap;
  gap: 0 var(--space-6);
}

.link {
  max-width: 260px;
  min-height: 44px;
  line-height: 17px;
  text-align: left;
}
</style>
