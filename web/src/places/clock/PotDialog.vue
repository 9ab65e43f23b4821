<script setup lang="ts">
import type { LoosePot } from "@kettlos/core/simulate/clock-schema";
import type { Plan } from "@kettlos/core/simulate/plan-schema";
import { format } from "date-fns";
import { ref, watch } from "vue";
import FieldForm from "../../controls/FieldForm.vue";
import OpenDialog from "../../controls/OpenDialog.vue";

/** A pot for no meal: by a time or whenever there is room, by day or through the night. */
const props = defineProps<{
  pot: LoosePot | null;
  plans: readonly Plan[];
  nowMs: number;
}>();
const shown = defineModel<boolean>({ required: true });
const emit = defineEmits<{ keep: [pot: LoosePot]; remove: [planId: string] }>();
const LOCAL = "yyyy-MM-dd'T'HH:mm";

const planId = ref("");
const by = ref("");
const notBefore = ref("");
const onlyOvernight = ref(false);
const problem = ref("");
const asLocal = (iso: string | null | undefined) =>
  iso === null || iso === undefined ? "" : format(Date.parse(iso), LOCAL);
watch(shown, (is) => {
  if (!is) return;
  planId.value = props.pot?.planId ?? props.plans[0]?.id ?? "";
  by.value = asLocal(props.pot?.by);
  notBefore.value = asLocal(props.pot?.notBefore);
  onlyOvernight.value = props.pot?.onlyOvernight ?? false;
  problem.value = "";
});
const isoOf = (local: string) => (local === "" ? null : new Date(Date.parse(local)).toISOString());

function keep() {
  const end = by.value === "" ? Infinity : Date.parse(by.value);
  if (planId.value === "") problem.value = "Say which pot. None is planned yet: plan one first.";
  else if (end <= props.nowMs) problem.value = "That time is past. Say one that is still to come.";
  else if (notBefore.value !== "" && Date.parse(notBefore.value) >= end)
    problem.value = "It cannot begin after it shall be ready.";
  else {
    emit("keep", {
      planId: planId.value,
      by: isoOf(by.value),
      notBefore: isoOf(notBefore.value),
      onlyOvernight: onlyOvernight.value,
      batchId: props.pot?.batchId ?? null,
    });
    shown.value = false;
  }
}
function remove() {
  if (props.pot !== null) emit("remove", props.pot.planId);
  shown.value = false;
}
</script>

<template>
  <OpenDialog v-model="shown" title="A pot for no meal" width="min(480px, 94vw)">
    <FieldForm class="fields" :not-written="problem" @keep="keep">
      <label
        >Which pot
        <select v-model="planId" class="written" :disabled="pot !== null">
          <option v-for="plan in plans" :key="plan.id" :value="plan.id">{{ plan.name }}</option>
        </select></label
      >
      <label
        >Ready by; empty: whenever there is room
        <input v-model="by" class="written" type="datetime-local"
      /></label>
      <label>Not before <input v-model="notBefore" class="written" type="datetime-local" /></label>
      <label class="check"
        ><input v-model="onlyOvernight" type="checkbox" />Through the night, ready in the
        morning</label
      >
      <p class="beside">
        <button v-if="pot !== null" type="button" class="button danger" @click="remove">
          Take it off
        </button>
        <button type="submit" class="button primary">Put it on the clock</button>
      </p>
    </FieldForm>
  </OpenDialog>
</template>

<style scoped>
.fields > label:not(.check) {
  display: grid;
  color: var(--quiet);
  font-size: 14px;
}

.written {
  font-size: 16px;
}
</style>
