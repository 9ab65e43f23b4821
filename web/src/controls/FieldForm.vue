<script setup lang="ts">
import DoubtAsk from "./DoubtAsk.vue";
import { useFieldGroup } from "./field-group";
import { useDoubt } from "./use-doubt";

/**
 * Fields that are kept together by one button, or Enter in one of them: nothing is kept while one is not
 * clear, and what is hardly possible (`doubt` says what) is asked about first.
 */
const props = defineProps<{ notWritten?: string; doubt?: () => string | null }>();
const emit = defineEmits<{ keep: [] }>();
const { problem, isSettled } = useFieldGroup();
const { asked, guard, confirm, withdraw } = useDoubt(() => props.doubt?.() ?? null);
const settled = (then: (keep: () => void) => void) => {
  if (isSettled()) then(() => emit("keep"));
};
const keep = () => settled(guard);
</script>

<template>
  <form @submit.prevent="keep" @input="withdraw">
    <slot :keep="keep" />
    <DoubtAsk :asked="asked" @yes="settled(confirm)" @no="withdraw" />
    <p v-if="problem || notWritten" class="ember small" role="alert">{{ problem || notWritten }}</p>
  </form>
</template>
