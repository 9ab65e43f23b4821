<script setup lang="ts">
import { momentValueOf } from "@kettlos/core/units/moments";
import { ref, useTemplateRef, watch } from "vue";
import { useInGroup } from "./field-group";

/** A day and a time of day here, as ISO; null where it is left empty. Half of one is not kept. */
const props = defineProps<{ label: string; needed?: boolean }>();
const moment = defineModel<string | null>({ required: true });

/** As a local date and time field writes a moment. */
const field = useTemplateRef<HTMLInputElement>("field");
const isHalf = ref(false);
const asLocal = (iso: string | null) => (iso === null ? "" : momentValueOf(Date.parse(iso)));
const text = ref("");
watch(moment, (iso) => (text.value = asLocal(iso)), { immediate: true });

function read() {
  const el = field.value;
  if (el === null) return;
  isHalf.value = el.validity.badInput;
  const ms = Date.parse(el.value);
  if (!isHalf.value) moment.value = Number.isFinite(ms) ? new Date(ms).toISOString() : null;
}
useInGroup(() =>
  isHalf.value
    ? `Not kept yet: “${props.label}” is only half of a day and a time.`
    : props.needed === true && moment.value === null
      ? `“${props.label}” is still empty.`
      : null,
);
</script>

<template>
  <label class="moment"
    >{{ label }}
    <input
      ref="field"
      class="written"
      type="datetime-local"
      :value="text"
      @input="read"
      @change="read"
  /></label>
</template>

<style scoped>
.moment {
  display: grid;
  color: var(--quiet);
  font-size: var(--size-small);
}

.written {
  font-size: var(--size-body);
}
</style>
