<script setup lang="ts">
import { inWords } from "@kettlos/core/units/said";
import type { PieceShape } from "@kettlos/core/heat/piece-schema";
import { readPiece, showPiece } from "@kettlos/core/heat/read-piece";
import { outcomeOf } from "@kettlos/core/units/problem";
import type { UnitSystem } from "@kettlos/core/units/show";
import { computed, ref, useId, watch } from "vue";

/** A piece's size as people type it: "4 cm", "9 × 14 × 20 cm". Empty means the usual size. */
const props = defineProps<{ label: string; units: UnitSystem; placeholder?: string }>();
const value = defineModel<PieceShape | null>({ required: true });

const id = useId();
const text = ref("");
const problem = ref("");
const one = computed(() => (props.units === "us" ? "us" : "metric"));
const shown = computed(() => (value.value === null ? "" : showPiece(value.value, one.value)));
watch(shown, () => reset(), { immediate: true });

function reset() {
  text.value = shown.value;
  problem.value = "";
}
function read() {
  if (text.value === shown.value) return;
  if (text.value.trim() === "") {
    value.value = null;
    return;
  }
  const words = text.value.replace(/dice|cubes?|across/gi, "").trim();
  const outcome = outcomeOf(() => readPiece(words, one.value === "us" ? "in" : "cm"));
  if (outcome.ok) {
    problem.value = "";
    value.value = outcome.value;
  } else problem.value = inWords(outcome.problem.said, props.units);
}
</script>

<template>
  <div class="piece">
    <label :for="id">{{ label }}</label>
    <ElInput
      :id="id"
      v-model="text"
      autocomplete="off"
      :placeholder="placeholder ?? ''"
      :aria-invalid="problem !== ''"
      :aria-describedby="`${id}-problem`"
      @change="read"
      @keydown.enter.prevent="read"
      @keydown.esc="reset"
    />
    <p v-if="problem" :id="`${id}-problem`" class="problem small" role="alert">{{ problem }}</p>
  </div>
</template>

<style scoped>
.piece {
  min-width: 96px;
}

label {
  display: block;
  color: var(--quiet);
  font-size: var(--size-small);
  line-height: 18px;
}

.problem {
  max-width: 320px;
  padding-top: var(--space-3);
  color: var(--ember);
}
</style>
