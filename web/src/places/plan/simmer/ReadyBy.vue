<script setup lang="ts">
import { weekdayDateClockOf, momentValueOf } from "@kettlos/core/units/moments";
import EditPopover from "../../../controls/EditPopover.vue";
import { useOpened } from "../../../controls/use-opened";

/** When it shall be strained, or any time. */
defineProps<{ readyAt: string | null; word?: string }>();
const emit = defineEmits<{ change: [readyAt: string | null] }>();
const { key, anchor, toggle, shut } = useOpened();
/** As a local date and time field writes a moment. */

function take(event: Event) {
  const ms = Date.parse((event.target as HTMLInputElement).value);
  if (Number.isFinite(ms)) emit("change", new Date(ms).toISOString());
}
</script>

<template>
  <p class="ready">
    {{ word ?? "Strained" }} by
    <button
      type="button"
      class="editable"
      :aria-expanded="key !== null"
      @click="toggle('ready', $event)"
    >
      {{ readyAt === null ? "any time" : weekdayDateClockOf(Date.parse(readyAt)) }}
    </button>
  </p>
  <EditPopover
    v-if="anchor !== null"
    :anchor="anchor"
    :width="320"
    :label="`${word ?? 'Strained'} by`"
    @shut="shut"
  >
    <label>
      {{ word ?? "Strained" }} by
      <input
        class="written"
        type="datetime-local"
        :value="readyAt === null ? '' : momentValueOf(Date.parse(readyAt))"
        @change="take"
      />
    </label>
    <button v-if="readyAt !== null" type="button" class="button" @click="emit('change', null)">
      Any time
    </button>
  </EditPopover>
</template>

<style scoped>
.ready {
  display: flex;
  gap: var(--space-4);
  align-items: center;
  min-height: 44px;
}

.ready .editable {
  min-height: 32px;
  font-weight: 650;
}
</style>
