<script setup lang="ts">
import type { LoosePot } from "@kettlos/core/simulate/clock-schema";
import type { Plan } from "@kettlos/core/simulate/plan-schema";
import { ref, watch } from "vue";
import FieldForm from "../../controls/FieldForm.vue";
import MomentField from "../../controls/MomentField.vue";
import OpenDialog from "../../controls/OpenDialog.vue";
import { useEntry } from "../../controls/use-entry";

/** A pot for no meal: by a time or whenever there is room, by day or through the night. */
const props = defineProps<{
  pot: LoosePot | null;
  plans: readonly Plan[];
  nowMs: number;
  keepIt: (pot: LoosePot) => Promise<void>;
  removeIt: (planId: string) => Promise<void>;
}>();
const shown = defineModel<boolean>({ required: true });
const { keep, notWritten } = useEntry(shown);

const planId = ref("");
const by = ref<string | null>(null);
const notBefore = ref<string | null>(null);
const onlyOvernight = ref(false);
const problem = ref("");
watch(shown, (is) => {
  if (!is) return;
  planId.value = props.pot?.planId ?? props.plans[0]?.id ?? "";
  by.value = props.pot?.by ?? null;
  notBefore.value = props.pot?.notBefore ?? null;
  onlyOvernight.value = props.pot?.onlyOvernight ?? false;
  problem.value = "";
});

/** What cannot be kept as it is entered. */
function wrong(): string {
  const end = by.value === null ? Infinity : Date.parse(by.value);
  if (planId.value === "") return "Say which pot. None is planned yet: plan one first.";
  if (end <= props.nowMs) return "That time is past. Say one that is still to come.";
  return notBefore.value !== null && Date.parse(notBefore.value) >= end
    ? "It cannot begin after it shall be ready."
    : "";
}
function save() {
  problem.value = wrong();
  if (problem.value !== "") return;
  const pot: LoosePot = {
    planId: planId.value,
    by: by.value,
    notBefore: notBefore.value,
    onlyOvernight: onlyOvernight.value,
    batchId: props.pot?.batchId ?? null,
  };
  void keep(() => props.keepIt(pot));
}
const remove = (pot: LoosePot) => void keep(() => props.removeIt(pot.planId));
</script>

<template>
  <OpenDialog v-model="shown" title="A pot for no meal" width="min(480px, 94vw)">
    <FieldForm class="fields" :not-written="problem || notWritten" @keep="save">
      <label class="which"
        >Which pot
        <select v-model="planId" class="written" :disabled="pot !== null">
          <option v-for="plan in plans" :key="plan.id" :value="plan.id">{{ plan.name }}</option>
        </select></label
      >
      <MomentField v-model="by" label="Ready by; empty: whenever there is room" />
      <MomentField v-model="notBefore" label="Not before" />
      <label class="check"
        ><input v-model="onlyOvernight" type="checkbox" />Through the night, ready in the
        morning</label
      >
      <p class="beside">
        <button v-if="pot !== null" type="button" class="button danger" @click="remove(pot)">
          Take it off
        </button>
        <button type="submit" class="button primary">Put it on the clock</button>
      </p>
    </FieldForm>
  </OpenDialog>
</template>

<style scoped>
.which {
  display: grid;
  color: var(--quiet);
  font-size: var(--size-small);
}

.which .written {
  font-size: var(--size-body);
}
</style>
