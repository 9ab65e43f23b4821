<script setup lang="ts">
import { IMPORTANCE, type Meal, type Side } from "@kettlos/core/simulate/clock-schema";
import type { Plan } from "@kettlos/core/simulate/plan-schema";
import { format } from "date-fns";
import { ref, watch } from "vue";
import CountField from "../../controls/CountField.vue";
import FieldForm from "../../controls/FieldForm.vue";
import OpenDialog from "../../controls/OpenDialog.vue";
import TickChoice from "../../controls/TickChoice.vue";
import { newId } from "../../data/new-id";

/** A meal: its name and time, who eats, its pots and what is cooked beside them. */
const props = defineProps<{ meal: Meal | null; plans: readonly Plan[]; nowMs: number }>();
const shown = defineModel<boolean>({ required: true });
const emit = defineEmits<{ keep: [meal: Meal]; remove: [id: string] }>();

/** As a local date and time field writes a moment. */
const LOCAL = "yyyy-MM-dd'T'HH:mm";
const MOST_EATERS = 5000;
const FIRM = { any: "when it suits", usual: "on time", firm: "on the minute" } as const;

const name = ref("");
const at = ref("");
const eaters = ref<number | null>(null);
const serveMin = ref<number | null>(15);
const planIds = ref<readonly string[]>([]);
const sides = ref<readonly Side[]>([]);
const importance = ref<Meal["importance"]>("usual");
const problem = ref("");
const options = IMPORTANCE.map((value) => ({ value, label: FIRM[value] }));

watch(shown, (is) => {
  if (!is) return;
  const { meal } = props;
  const evening = new Date(props.nowMs);
  evening.setDate(evening.getDate() + 1);
  evening.setHours(18, 30, 0, 0);
  name.value = meal?.name ?? "Supper";
  at.value = format(meal === null ? evening : Date.parse(meal.at), LOCAL);
  eaters.value = meal?.eaters ?? null;
  serveMin.value = meal?.serveMin ?? 15;
  planIds.value = meal?.planIds ?? [];
  sides.value = meal?.sides ?? [];
  importance.value = meal?.importance ?? "usual";
  problem.value = "";
});
function toggle(id: string) {
  planIds.value = planIds.value.includes(id)
    ? planIds.value.filter((p) => p !== id)
    : [...planIds.value, id];
}
const addSide = () =>
  (sides.value = [
    ...sides.value,
    { id: newId(), name: "Side dish", handsMin: 10, restMin: 20, onRing: true },
  ]);
const changeSide = (id: string, part: Partial<Side>) =>
  (sides.value = sides.value.map((s) => (s.id === id ? { ...s, ...part } : s)));
const wholeOf = (event: Event, most: number): number =>
  Math.min(most, Math.max(0, Math.round(Number((event.target as HTMLInputElement).value) || 0)));

function keep() {
  const ms = Date.parse(at.value);
  const count = eaters.value;
  if (name.value.trim() === "") problem.value = "Give the meal a name.";
  else if (!Number.isFinite(ms)) problem.value = "Say the day and the time of the meal.";
  else if (ms <= props.nowMs) problem.value = "That time is past. Say one that is still to come.";
  else if (count !== null && !(Number.isInteger(count) && count >= 1 && count <= MOST_EATERS))
    problem.value = `For ${count}? Say a whole number of eaters from 1 to ${MOST_EATERS}.`;
  else if (sides.value.some((s) => s.name.trim() === ""))
    problem.value = "Give each side dish a name.";
  else {
    emit("keep", {
      id: props.meal?.id ?? newId(),
      name: name.value.trim(),
      at: new Date(ms).toISOString(),
      eaters: count,
      planIds: [...planIds.value],
      sides: [...sides.value],
      serveMin: Math.round(serveMin.value ?? 15),
      importance: importance.value,
    });
    shown.value = false;
  }
}
function remove() {
  if (props.meal !== null) emit("remove", props.meal.id);
  shown.value = false;
}
</script>

<template>
  <OpenDialog
    v-model="shown"
    :title="meal === null ? 'A meal' : meal.name"
    width="min(620px, 94vw)"
  >
    <FieldForm class="fields" :not-written="problem" @keep="keep">
      <div class="beside">
        <label>Name <input v-model="name" class="written" maxlength="80" /></label>
        <label>When <input v-model="at" class="written" type="datetime-local" /></label>
        <CountField v-model="eaters" label="Eaters" :min="1" :max="5000" />
        <CountField v-model="serveMin" label="To serve, min" :min="0" :max="240" />
      </div>
      <TickChoice v-model="importance" label="How firm" :options />
      <fieldset class="pots">
        <legend>Pots of this meal</legend>
        <label v-for="plan in plans" :key="plan.id" class="check">
          <input type="checkbox" :checked="planIds.includes(plan.id)" @change="toggle(plan.id)" />{{
            plan.name
          }}
        </label>
        <p v-if="plans.length === 0" class="quiet">No pot is planned yet.</p>
      </fieldset>
      <ul v-if="sides.length > 0" class="sides">
        <li v-for="side in sides" :key="side.id" class="beside">
          <label
            >Side dish
            <input
              class="written"
              maxlength="60"
              :value="side.name"
              @change="changeSide(side.id, { name: ($event.target as HTMLInputElement).value })"
          /></label>
          <label
            >By hand, min
            <input
              class="written short"
              type="number"
              min="0"
              max="600"
              :value="side.handsMin"
              @change="changeSide(side.id, { handsMin: wholeOf($event, 600) })"
          /></label>
          <label
            >Then by itself, min
            <input
              class="written short"
              type="number"
              min="0"
              max="1440"
              :value="side.restMin"
              @change="changeSide(side.id, { restMin: wholeOf($event, 1440) })"
          /></label>
          <label class="check"
            ><input
              type="checkbox"
              :checked="side.onRing"
              @change="changeSide(side.id, { onRing: !side.onRing })"
            />on a ring</label
          >
          <button
            type="button"
            class="link"
            :aria-label="`Take out ${side.name}`"
            @click="sides = sides.filter((s) => s.id !== side.id)"
          >
            Take out
          </button>
        </li>
      </ul>
      <p class="beside">
        <button type="button" class="button" @click="addSide">Add a side dish</button>
        <button v-if="meal !== null" type="button" class="button danger" @click="remove">
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

.beside > label:not(.check) {
  display: grid;
  color: var(--quiet);
  font-size: 14px;
}

.beside .written {
  font-size: 16px;
}

.short {
  width: 96px;
}
</style>
