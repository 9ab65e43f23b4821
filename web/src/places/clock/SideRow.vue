<script setup lang="ts">
import type { Side } from "@kettlos/core/simulate/clock-schema";
import CountField from "../../controls/CountField.vue";

/** A side dish: so much work, then so long by itself, on a ring or not. */
export type SideEntry = Omit<Side, "handsMin" | "restMin"> & {
  readonly handsMin: number | null;
  readonly restMin: number | null;
};
const side = defineModel<SideEntry>({ required: true });
defineEmits<{ remove: [] }>();
const set = (part: Partial<SideEntry>) => (side.value = { ...side.value, ...part });
</script>

<template>
  <li class="beside">
    <label class="name"
      >Side dish
      <input
        class="written"
        maxlength="60"
        :value="side.name"
        @input="set({ name: ($event.target as HTMLInputElement).value })"
    /></label>
    <CountField
      label="By hand, min"
      :max="600"
      :model-value="side.handsMin"
      @update:model-value="set({ handsMin: $event })"
    />
    <CountField
      label="Then by itself, min"
      :max="1440"
      :model-value="side.restMin"
      @update:model-value="set({ restMin: $event })"
    />
    <label class="check"
      ><input type="checkbox" :checked="side.onRing" @change="set({ onRing: !side.onRing })" />on a
      ring</label
    >
    <button
      type="button"
      class="link"
      :aria-label="`Take out ${side.name}`"
      @click="$emit('remove')"
    >
      Take out
    </button>
  </li>
</template>

<style scoped>
.name {
  display: grid;
  color: var(--quiet);
  font-size: var(--size-small);
}

.name .written {
  font-size: var(--size-body);
}

.link {
  min-height: 44px;
}
</style>
