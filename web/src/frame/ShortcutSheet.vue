<script setup lang="ts">
import { computed } from "vue";
import { allShortcuts, keyName } from "./shortcuts";

const shown = defineModel<boolean>({ required: true });
const shortcuts = computed(() => (shown.value ? allShortcuts() : []));
</script>

<template>
  <ElDialog v-model="shown" title="Keys" width="min(560px, 92vw)">
    <dl class="keys">
      <template v-for="shortcut in shortcuts" :key="shortcut.keys + shortcut.does">
        <dt>
          <kbd>{{ keyName(shortcut.keys) }}</kbd>
        </dt>
        <dd>{{ shortcut.does }}</dd>
      </template>
      <dt><kbd>Tab</kbd></dt>
      <dd>Next thing that can be changed</dd>
      <dt><kbd>↑</kbd> <kbd>↓</kbd></dt>
      <dd>On the water line: a step; with Shift, five</dd>
      <dt><kbd>Esc</kbd></dt>
      <dd>Close</dd>
    </dl>
  </ElDialog>
</template>

<style scoped>
.keys {
  display: grid;
  grid-template-columns: max-content 1fr;
  gap: 8px 16px;
  align-items: center;
}
</style>
