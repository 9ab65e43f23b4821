<script setup lang="ts">
import { MealSchema, type Meal } from "@kettlos/core/simulate/clock-schema";
import { IMPORTANCE } from "@kettlos/core/simulate/importance";
import type { Plan } from "@kettlos/core/simulate/plan-schema";
import { addDays, set } from "date-fns";
import { ref, watch } from "vue";
import CountField from "../../controls/CountField.vue";
import FieldForm from "../../controls/FieldForm.vue";
import MomentField from "../../controls/MomentField.vue";
import OpenDialog from "../../controls/OpenDialog.vue";
import TickChoice from "../../controls/TickChoice.vue";
import { useEntry } from "../../controls/use-entry";
import { newId } from "../../data/new-id";
import SideRow, { type SideEntry } from "./SideRow.vue";

/** A meal: its name and time, who eats, its pots and what is cooked beside them. */
const props = defineProps<{
  meal: Meal | null;
  plans: readonly Plan[];
  nowMs: number;
  keepIt: (meal: Meal) => Promise<void>;
  removeIt: (id: string) => Promise<void>;
}>();
const shown = defineModel<boolean>({ required: true });
const { keep, notWritten } = useEntry(shown);
const FIRM = { any: "when it suits", usual: "on time", firm: "on the minute" } as const;
const options = IMPORTANCE.map((value) => ({ value, label: FIRM[value] }));
const USUAL_SERVE_MIN = 15;

const name = ref("");
const at = ref<string | null>(null);
const eaters = ref<number | null>(null);
const serveMin = ref<number | null>(USUAL_SERVE_MIN);
const planIds = ref<readonly string[]>([]);
/** Of these, cooked ahead. */
const ahead = ref<NonNullable<Meal["ahead"]>>([]);
const sides = ref<readonly SideEntry[]>([]);
const importance = ref<Meal["importance"]>("usual");
const problem = ref("");

/** It may be wanted before it is there. */
watch(
  shown,
  (is) => {
    if (!is) return;
    const { meal } = props;
    const tomorrow = set(addDays(props.nowMs, 1), {
      hours: 18,
      minutes: 30,
      seconds: 0,
      milliseconds: 0,
    });
    name.value = meal?.name ?? "Supper";
    at.value = meal?.at ?? tomorrow.toISOString();
    eaters.value = meal?.eaters ?? null;
    serveMin.value = meal?.serveMin ?? USUAL_SERVE_MIN;
    planIds.value = meal?.planIds ?? [];
    ahead.value = meal?.ahead ?? [];
    sides.value = meal?.sides ?? [];
    importance.value = meal?.importance ?? "usual";
    problem.value = "";
  },
  { immediate: true },
);
const toggle = (id: string) =>
  (planIds.value = planIds.value.includes(id)
    ? planIds.value.filter((p) => p !== id)
    : [...planIds.value, id]);
const isAhead = (id: string) => ahead.value.some((a) => a.planId === id);
const toggleAhead = (id: string) =>
  (ahead.value = isAhead(id)
    ? ahead.value.filter((a) => a.planId !== id)
    : [...ahead.value, { planId: id }]);
const addSide = () =>
  (sides.value = [
    ...sides.value,
    { id: newId(), name: "Side dish", handsMin: 10, restMin: 20, onRing: true },
  ]);

const ASK: Readonly<Record<string, string>> = {
  name: "Give the meal a name.",
  at: "Say the day and the time of the meal.",
  eaters: "Who eats: a whole number from 1 to 5000, or nothing.",
  serveMin: "To serve: whole minutes from 0 to 240.",
  planIds: "At most 12 pots on one table: make it two meals.",
  sides: "Each side dish has a name and whole minutes: up to 600 by hand, up to 1440 by itself.",
};
function save() {
  const read = MealSchema.safeParse({
    id: props.meal?.id ?? newId(),
    name: name.value,
    at: at.value,
    eaters: eaters.value,
    planIds: planIds.value,
    ahead: ahead.value.filter((a) => planIds.value.includes(a.planId)),
    sides: sides.value,
    serveMin: serveMin.value,
    importance: importance.value,
  });
  problem.value = read.success
    ? Date.parse(read.data.at) <= props.nowMs
      ? "That time is past. Say one that is still to come."
      : ""
    : (ASK[String(read.error.issues[0]?.path[0])] ?? "Something in it is not clear.");
  const meal = read.data;
  if (problem.value === "" && meal !== undefined) void keep(() => props.keepIt(meal));
}
const remove = (meal: Meal) => void keep(() => props.removeIt(meal.id));
</script>

<template>
  <OpenDialog
    v-model="shown"
    :title="meal === null ? 'A meal' : meal.name"
    width="min(620px, 94vw)"
  >
    <FieldForm class="fields" :not-written="problem || notWritten" @keep="save">
      <div class="beside">
        <label class="name">Name <input v-model="name" class="written" maxlength="80" /></label>
        <MomentField v-model="at" label="When" needed />
        <CountField v-model="eaters" label="Who eats" :min="1" :max="5000" />
        <CountField v-model="serveMin" label="To serve, min" :min="0" :max="240" />
      </div>
      <TickChoice v-model="importance" label="How firm" :options />
      <fieldset class="pots">
        <legend>Pots of this meal</legend>
        <div v-for="plan in plans" :key="plan.id" class="pot">
          <label class="check">
            <input
              type="checkbox"
              :checked="planIds.includes(plan.id)"
              @change="toggle(plan.id)"
            />{{ plan.name }}
          </label>
          <label v-if="planIds.includes(plan.id)" class="check small">
            <input
              type="checkbox"
              :aria-label="`${plan.name}: cooked ahead`"
              :checked="isAhead(plan.id)"
              @change="toggleAhead(plan.id)"
            />cooked ahead, chilled, reheated
          </label>
        </div>
        <p v-if="plans.length === 0" class="quiet">No pot is planned yet.</p>
      </fieldset>
      <ul v-if="sides.length > 0">
        <SideRow
          v-for="side in sides"
          :key="side.id"
          :model-value="side"
          @update:model-value="sides = sides.map((s) => (s.id === side.id ? $event : s))"
          @remove="sides = sides.filter((s) => s.id !== side.id)"
        />
      </ul>
      <p class="beside">
        <button type="button" class="button" @click="addSide">Add a side dish</button>
        <button v-if="meal !== null" type="button" class="button danger" @click="remove(meal)">
          Take the meal off
        </button>
        <button type="submit" class="button primary">Put it on the clock</button>
      </p>
    </FieldForm>
  </OpenDialog>
</template>

<style scoped>
.pots {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(230px, 1fr));
  max-height: 240px;
  margin: 0;
  padding: 0;
  border: 0;
  overflow-y: auto;
}

legend {
  font-weight: 650;
}

.name {
  display: grid;
  color: var(--quiet);
  font-size: var(--size-small);
}

.name .written {
  font-size: var(--size-body);
}
</style>
