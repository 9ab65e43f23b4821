<script setup lang="ts">
import type { Picture } from "@kettlos/core/batch/picture-schema";
import { dateClockOf } from "@kettlos/core/units/moments";
import { computed, ref } from "vue";
import { srcOf } from "../data/pictures";
import PictureDialog from "./PictureDialog.vue";

/** Pictures of a pot in a row, each large by a tap. */
const props = defineProps<{
  pictures: readonly Picture[];
  /** Of the pot. */
  name: string;
  canRemove?: boolean;
}>();
const emit = defineEmits<{ remove: [Picture] }>();
const openedId = ref<string | null>(null);
const at = computed(() => props.pictures.findIndex((p) => p.id === openedId.value));
const opened = computed(() => props.pictures[at.value] ?? null);
const wordsOf = ({ atMs }: Picture) => `${props.name}, ${dateClockOf(atMs)}`;
function step(by: number) {
  openedId.value = props.pictures[at.value + by]?.id ?? openedId.value;
}
function remove(picture: Picture) {
  openedId.value = null;
  emit("remove", picture);
}
</script>

<template>
  <ul v-if="pictures.length > 0">
    <li v-for="picture in pictures" :key="picture.id">
      <button type="button" @click="openedId = picture.id">
        <img :src="srcOf(picture)" :alt="`Picture of ${wordsOf(picture)}`" />
      </button>
    </li>
  </ul>
  <PictureDialog
    v-if="opened !== null"
    :picture="opened"
    :words="wordsOf(opened)"
    :at="at + 1"
    :of="pictures.length"
    :can-remove="canRemove"
    @step="step"
    @remove="remove(opened)"
    @close="openedId = null"
  />
</template>

<style scoped>
ul {
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-4);
  padding-bottom: var(--space-4);
}

li button {
  display: block;
  padding: 0;
  border: 1px solid var(--hair);
  border-radius: 3px;
  background: none;
}

img {
  display: block;
  width: 108px;
  height: 81px;
  border-radius: 2px;
  object-fit: cover;
}
</style>
