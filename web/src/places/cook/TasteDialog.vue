<script setup lang="ts">
import { TASTE_WORDS } from "@kettlos/core/events/watch/taste-words";
import { clockOf } from "@kettlos/core/units/moments";
import { TASTES, type Taste } from "@kettlos/core/events/watch/terms";
import { whereIs } from "@kettlos/core/batch/counter";
import { doseFor, type Dose } from "@kettlos/core/batch/tasting";
import { ingredientById } from "@kettlos/core/ingredient/catalogue";
import { saltHereWords, thickHereWords } from "@kettlos/core/learn/say-taught";
import type { Trace } from "@kettlos/core/simulate/trace";
import type { PlanItem } from "@kettlos/core/simulate/plan-schema";
import { computed, ref, watch } from "vue";
import { useEntry } from "../../controls/use-entry";
import type { LivePot } from "../../data/pots-store";
import type { NewEvent } from "../../data/repository";
import { useWords } from "../../data/use-words";
import { newItem } from "../../data/new-item";
import OpenDialog from "../../controls/OpenDialog.vue";

/** A tasting round: who, at which heat, what it wants; with the dose, to be put in by one tap. */
const props = defineProps<{
  pot: LivePot;
  trace: Trace | null;
  write: (event: NewEvent) => Promise<void>;
  putExtra: (item: PlanItem) => Promise<void>;
}>();
const words = useWords();
const shown = defineModel<boolean>({ required: true });
const { keep, notWritten } = useEntry(shown);

const tastes = ref<readonly Taste[]>([]);
const who = ref("");
const isAtEatingHeat = ref(true);
const text = ref("");
const put = ref<readonly Taste[]>([]);
watch(shown, () => {
  tastes.value = [];
  put.value = [];
  text.value = "";
  isAtEatingHeat.value = true;
  who.value = props.pot.cook.tastings.at(-1)?.who ?? "";
});

const round = computed(() => props.pot.cook.tastings.length + 1);
const doses = computed<readonly Dose[]>(() => {
  const { trace } = props;
  if (trace === null) return [];
  const { batch, cook, forecast } = props.pot;
  const { plan } = batch;
  const inPot = new Set(
    plan.items.filter((i) => whereIs(i, plan, cook) === "pot").map((i) => i.id),
  );
  const now = { liquidL: forecast.nowL.expected, isIn: (id: string) => inPot.has(id) };
  return tastes.value.map((t) => doseFor(t, plan, batch.kitchen, trace, now));
});
/** What was learned here that a dose goes by. */
const here = computed(() => {
  const { plan, kitchen } = props.pot.batch;
  const speaksOf = (...of: readonly Taste[]) => of.some((taste) => tastes.value.includes(taste));
  return [
    ...(speaksOf("dull", "salty") ? saltHereWords(plan, kitchen) : []),
    ...(speaksOf("thin", "thick") ? thickHereWords(plan, kitchen) : []),
  ];
});
function toggle(taste: Taste) {
  const has = tastes.value.includes(taste);
  const others = tastes.value.filter((t) => t !== taste && t !== "right" && taste !== "right");
  tastes.value = has ? tastes.value.filter((t) => t !== taste) : [...others, taste];
}

/** What is put in is a thing of its own in the pot: the salt is counted. */
async function putIn(dose: Dose) {
  if (dose.add === null || put.value.includes(dose.taste)) return;
  const ingredient = ingredientById(dose.add.ingredientId);
  const item = newItem(ingredient, dose.add.massKg, props.pot.batch.plan.end);
  // Shown with the tap, so that a second one puts in nothing more; not written it can be tapped again.
  put.value = [...put.value, dose.taste];
  try {
    await props.putExtra({ ...item, when: { at: "after", min: 0 } });
  } catch (error) {
    put.value = put.value.filter((taste) => taste !== dose.taste);
    throw error;
  }
}

function save() {
  const note = text.value.trim();
  if (tastes.value.length > 0)
    void keep(() =>
      props.write({
        kind: "tasted",
        who: who.value.trim(),
        tastes: [...tastes.value],
        isAtEatingHeat: isAtEatingHeat.value,
        text: note,
      }),
    );
  else if (note !== "") void keep(() => props.write({ kind: "noted", text: note }));
}
</script>

<template>
  <OpenDialog v-model="shown" :title="`Taste, note: round ${round}`" width="min(560px, 94vw)">
    <form class="fields" @submit.prevent="save">
      <div class="tastes" role="group" aria-label="It tastes">
        <button
          v-for="taste in TASTES"
          :key="taste"
          type="button"
          class="button"
          :class="{ primary: tastes.includes(taste) }"
          :aria-pressed="tastes.includes(taste)"
          @click="toggle(taste)"
        >
          {{ TASTE_WORDS[taste] }}
        </button>
      </div>
      <ul v-if="doses.length > 0" class="doses">
        <li v-for="dose in doses" :key="dose.taste">
          <span>{{ words(dose.text) }}</span>
          <button
            v-if="dose.add !== null"
            type="button"
            class="button"
            :disabled="put.includes(dose.taste)"
            @click="putIn(dose)"
          >
            {{ put.includes(dose.taste) ? "It is in" : "Put it in" }}
          </button>
        </li>
      </ul>
      <p v-for="line in here" :key="line" class="quiet small">{{ line }}</p>
      <div class="row">
        <label class="check">
          <input v-model="isAtEatingHeat" type="checkbox" />
          Cooled on the spoon to eating heat
        </label>
        <label>Who tastes <ElInput v-model="who" maxlength="40" placeholder="cook" /></label>
      </div>
      <p v-if="!isAtEatingHeat" class="quiet small">
        Boiling hot, salt hides: blow on the spoon and taste again before you add any.
      </p>
      <label
        >What you taste or see
        <ElInput
          v-model="text"
          type="textarea"
          :rows="2"
          maxlength="2000"
          placeholder="Clean, still thin. No salt yet, as planned."
      /></label>
      <ul v-if="pot.cook.tastings.length > 0" class="rounds small quiet">
        <li v-for="(tasting, i) in pot.cook.tastings" :key="tasting.eventId">
          Round {{ i + 1 }}, {{ clockOf(tasting.atMs)
          }}<template v-if="tasting.who">, {{ tasting.who }}</template
          >: {{ tasting.tastes.join(", ") }}. {{ tasting.text }}
        </li>
      </ul>
      <button type="submit" class="button primary">Keep this note</button>
      <p v-if="notWritten" class="ember small" role="alert">{{ notWritten }}</p>
    </form>
  </OpenDialog>
</template>

<style scoped>
.tastes {
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-4);
}

.doses {
  display: grid;
  gap: var(--space-4);
}

.doses li {
  display: grid;
  grid-template-columns: 1fr max-content;
  gap: var(--space-5);
  align-items: center;
  padding: var(--space-3) 0;
  border-top: 1px solid var(--hair);
}

.row {
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-4) var(--space-7);
  align-items: end;
}
</style>
