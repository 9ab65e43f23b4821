<script setup lang="ts">
import type { DailyUse } from "@kettlos/core/simulate/keeping-words";
import type { Plan } from "@kettlos/core/simulate/plan-schema";
import type { UnitSystem } from "@kettlos/core/units/show";
import { ref } from "vue";
import CountField from "../../controls/CountField.vue";
import FieldForm from "../../controls/FieldForm.vue";
import UnitField from "../../controls/UnitField.vue";
import { newId } from "../../data/new-id";

/** Rations: how many, how much, how often, of which stock. */
const props = defineProps<{ stocks: readonly Plan[]; units: UnitSystem }>();
const emit = defineEmits<{ add: [DailyUse] }>();
const who = ref("");
const eaters = ref<number | null>(1);
const eachL = ref<number | null>(0.25);
const timesADay = ref<number | null>(1);
const planId = ref(props.stocks[0]?.id ?? "");
const problem = ref("");

function add() {
  if (who.value.trim() === "") return void (problem.value = "Say who it is for.");
  if (eachL.value === null) return void (problem.value = "Say how much each gets.");
  if (
    eaters.value === null ||
    timesADay.value === null ||
    !(eaters.value >= 1 && timesADay.value > 0)
  )
    return void (problem.value = "Say for how many, and how often a day.");
  emit("add", {
    id: newId(),
    who: who.value.trim(),
    eaters: Math.floor(eaters.value),
    eachL: eachL.value,
    timesADay: timesADay.value,
    planId: planId.value,
  });
}
</script>

<template>
  <FieldForm class="fields" @keep="add">
    <div class="beside">
      <label class="small quiet field"
        >Who <input v-model="who" class="written" maxlength="60" placeholder="the staff"
      /></label>
      <CountField v-model="eaters" label="How many" :min="1" :max="2000" />
      <UnitField
        v-model="eachL"
        label="Each"
        :units="units"
        dimension="volume"
        :min="0.001"
        :max="5"
        placeholder="2 tbsp"
      />
      <CountField v-model="timesADay" label="Times a day" parts :min="0.1" :max="10" />
      <label class="small quiet field"
        >Of
        <select v-model="planId" class="written">
          <option v-for="p in stocks" :key="p.id" :value="p.id">{{ p.name }}</option>
        </select></label
      >
      <button type="submit" class="button primary">Keep it</button>
    </div>
    <p v-if="problem" class="ember" role="alert">{{ problem }}</p>
  </FieldForm>
</template>

<style scoped>
.field {
  display: grid;
}
</style>
