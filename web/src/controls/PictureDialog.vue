<script setup lang="ts">
import type { Picture } from "@kettlos/core/batch/picture-schema";
import { useEventListener } from "@vueuse/core";
import { computed } from "vue";
import { srcOf } from "../data/pictures";
import { fileWord } from "../data/save-file";
import OpenDialog from "./OpenDialog.vue";

/** One picture of a pot, large; the ones before and after it by the arrow keys. */
const props = defineProps<{
  picture: Picture;
  words: string;
  at: number;
  of: number;
  canRemove?: boolean;
}>();
const emit = defineEmits<{ step: [by: number]; remove: []; close: [] }>();
const isShown = computed({
  get: () => true,
  set: (isOpen: boolean) => {
    if (!isOpen) emit("close");
  },
});
useEventListener(window, "keydown", ({ key }: KeyboardEvent) => {
  if (key === "ArrowLeft") emit("step", -1);
  else if (key === "ArrowRight") emit("step", 1);
});
const fileName = computed(() => `${fileWord(props.words)}.jpg`);
</script>

<template>
  <OpenDialog v-model="isShown" :title="words" width="min(960px, 94vw)">
    <img
      :src="srcOf(picture)"
      :width="picture.widthPx"
      :height="picture.heightPx"
      :alt="`Picture of ${words}`"
    />
    <p class="ways">
      <template v-if="of > 1">
        <button type="button" class="button" :disabled="at === 1" @click="$emit('step', -1)">
          Before
        </button>
        <button type="button" class="button" :disabled="at === of" @click="$emit('step', 1)">
          After
        </button>
        <span class="quiet small">{{ at }} of {{ of }}</span>
      </template>
      <a class="button" :href="srcOf(picture)" :download="fileName">Save as a file</a>
      <button v-if="canRemove" type="button" class="button danger" @click="$emit('remove')">
        Take it away
      </button>
    </p>
  </OpenDialog>
</template>

<style scoped>
img {
  display: block;
  width: auto;
  max-width: 100%;
  height: auto;
  max-height: 68vh;
  margin-inline: auto;
}

.ways {
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-4) var(--space-5);
  align-items: center;
  padding-top: var(--space-5);
}
</style>
