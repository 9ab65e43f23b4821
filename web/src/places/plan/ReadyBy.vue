<script setup lang="ts">
import { format } from "date-fns";
import EditPopover from "../../controls/EditPopover.vue";
import { useOpened } from "../../controls/use-opened";

/** When it shall be strained, or any time. */
defineProps<{ readyAt: string | null }>();
const emit = defineEmits<{ change: [readyAt: string | null] }>();
const { key, anchor, toggle, shut } = useOpened();
</script>

<template>
  <p class="ready">
    Strained by
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
    label="Strained by"
    @shut="shut"
  >
    <label class="field">
      Strained by
      <ElDatePicker
        :model-value="readyAt === null ? null : new Date(readyAt)"
        type="datetime"
        format="ddd D MMM HH:mm"
        placeholder="any time"
        @update:model-value="
          (date: Date | null) => emit('change', date === null ? null : date.toISOString())
        "
      />
    </label>
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

.field :deep(.el-date-editor) {
  width: 100%;
}
</style>
