<script setup lang="ts">
import { format } from "date-fns";
import EditPopover from "../../controls/EditPopover.vue";
import { useOpened } from "../../controls/use-opened";

/** When it shall be strained, or any time. */
defineProps<{ readyAt: string | null; word?: string }>();
const emit = defineEmits<{ change: [readyAt: string | null] }>();
const { key, anchor, toggle, shut } = useOpened();
/** As a local date and time field writes a moment. */
const LOCAL = "yyyy-MM-dd'T'HH:mm";

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
      {{ readyAt === null ? "any time" : format(Date.parse(readyAt), "EEE d MMM HH:mm") }}
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
        :value="readyAt === null ? '' : format(Date.parse(readyAt), LOCAL)"
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
  gap: 8px;
  align-items: center;
  min-height: 44px;
}

.ready .editable {
  min-height: 32px;
  font-weight: 650;
}
</style>
