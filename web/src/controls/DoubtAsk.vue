<script setup lang="ts">
import AskChoices from "./AskChoices.vue";

/** Asked once of what is hardly possible: it is so, or it is corrected. */
defineProps<{ asked: string | null }>();
const emit = defineEmits<{ yes: []; no: [] }>();
const CHOICES = [
  { label: "Yes, it is so", value: true },
  { label: "No, let me correct it", value: false },
];
const choose = (isSo: boolean) => (isSo ? emit("yes") : emit("no"));
</script>

<template>
  <AskChoices v-if="asked !== null" :question="asked" :choices="CHOICES" @choose="choose" />
</template>
