<script setup lang="ts">
import { HOLD_MIN } from "@kettlos/core/units/limits";
import { MINUTE_MS } from "@kettlos/core/units/time";
import { showDuration } from "@kettlos/core/units/show";
import { computed, ref, watch } from "vue";
import FieldForm from "../../controls/FieldForm.vue";
import MomentField from "../../controls/MomentField.vue";
import OpenDialog from "../../controls/OpenDialog.vue";
import { useEntry } from "../../controls/use-entry";

/** It has been on for a while before anybody said so. */
const props = defineProps<{ nowMs: number; lit: (atMs: number) => Promise<void> }>();
const shown = defineModel<boolean>({ required: true });
const { keep, notWritten } = useEntry(shown);

const since = ref<string | null>(null);
const isWrong = ref(false);
watch(shown, () => {
  since.value = new Date(props.nowMs).toISOString();
  isWrong.value = false;
});
const agoMin = computed(() =>
  since.value === null ? 0 : (props.nowMs - Date.parse(since.value)) / MINUTE_MS,
);
/** A moment is said to the minute: this one's own has begun already. */
const problem = computed(() => {
  if (agoMin.value < -1) return "That is still to come. Say when it was put on.";
  return agoMin.value > HOLD_MIN.most
    ? "That is more than two days ago; no pot is on so long. Say when it was put on."
    : null;
});
watch(since, () => (isWrong.value = false));

function save() {
  isWrong.value = problem.value !== null;
  if (isWrong.value || since.value === null) return;
  const atMs = Math.min(Date.parse(since.value), Math.round(props.nowMs));
  void keep(() => props.lit(atMs));
}
</script>

<template>
  <OpenDialog v-model="shown" title="It has been on since" width="min(420px, 94vw)">
    <FieldForm class="fields" :not-written @keep="save">
      <MomentField v-model="since" label="Put on at" needed />
      <p v-if="isWrong" class="problem" role="alert">{{ problem }}</p>
      <p v-else-if="agoMin >= 1 && problem === null" class="quiet">
        On for {{ showDuration(agoMin) }}; what is foreseen goes by that.
      </p>
      <button type="submit" class="button primary">It is on since then</button>
    </FieldForm>
  </OpenDialog>
</template>
