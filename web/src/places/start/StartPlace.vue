<script setup lang="ts">
import { useWords } from "../../data/use-words";
import { KIND_FORMULAS } from "@kettlos/core/dish/kind-formulas";
import { planOfBones, planOfKind } from "@kettlos/core/dish/kinds";
import { ingredientById } from "@kettlos/core/ingredient/catalogue";
import { KINDS, type KindId } from "@kettlos/core/simulate/dish-words";
import type { Kitchen } from "@kettlos/core/simulate/kitchen-schema";
import type { Plan } from "@kettlos/core/simulate/plan-schema";
import { outcomeOf, Problem } from "@kettlos/core/units/problem";
import { computed, ref, useTemplateRef, watch } from "vue";
import { useRoute, useRouter } from "vue-router";
import { useKitchenStore } from "../../data/kitchen-store";
import { copyOf } from "../../data/copy-plan";
import { newPlan } from "../../data/new-plan";
import { savePlan } from "../../data/repository";
import { newId } from "../../data/new-id";
import CountField from "../../controls/CountField.vue";

/** Where a plan begins: a kind with sound defaults for this kitchen, one of the house's own, or a recipe. */
const words = useWords();
const kitchenStore = useKitchenStore();
const router = useRouter();
const route = useRoute();
const problem = ref("");
/** Whom a dish is for: the pot is chosen to hold it. */
const people = ref<number | null>(null);

const USUAL_BONES = [
  "chickenFrame",
  "lambNeck",
  "beefBones",
  "vealKnuckle",
  "porkTrotter",
  "whiteFishFrame",
];

const isServed = (kind: KindId) => KIND_FORMULAS[kind].more?.end === "served";
const groups = [
  {
    title: "Strained for its liquid",
    kinds: KINDS.filter((kind) => !isServed(kind)),
    isOfBones: true,
  },
  { title: "Served as it is", kinds: KINDS.filter(isServed), isOfBones: false },
];
const own = computed(() => kitchenStore.plans.slice(0, 12));

/** Whoever comes for one kind finds it under the hand. */
const kindButtons = useTemplateRef<HTMLElement[]>("kindButtons");
watch(
  () => [route.query["kind"], kindButtons.value] as const,
  ([kind, buttons]) => buttons?.find((b) => b.dataset["kind"] === kind)?.focus(),
  { flush: "post", immediate: true },
);

async function open(plan: Plan) {
  await savePlan(plan);
  await router.push(`/plan/${plan.id}`);
}
const peopleOf = (): number | null => {
  const n = people.value;
  if (n === null) return null;
  if (Number.isInteger(n) && n >= 1 && n <= 500) return n;
  throw new Problem("range", "people", n, `For ${n} people? Say a whole number from 1 to 500.`);
};
async function make(plan: (kitchen: Kitchen) => Plan) {
  const { kitchen } = kitchenStore;
  if (kitchen === null) return;
  const outcome = outcomeOf(() => plan(kitchen));
  if (outcome.ok) await open(outcome.value);
  else problem.value = words(outcome.problem.said);
}
const start = (kind: KindId) => make((kitchen) => planOfKind(kind, kitchen, newId(), peopleOf()));
const startBones = (id: string) => make((kitchen) => planOfBones(id, kitchen, newId()));
/** Bones by themselves: those of the house's own pots first, then what most butchers have. */
const bones = computed(() => {
  const own = kitchenStore.plans.flatMap((p) => p.items.map((i) => i.ingredientId));
  const isBones = (id: string) => ingredientById(id).group === "bones";
  return [...new Set([...own.filter(isBones), ...USUAL_BONES])]
    .slice(0, USUAL_BONES.length)
    .map((id) => ({ id, name: ingredientById(id).name }));
});
async function startEmpty() {
  const plan = kitchenStore.kitchen === null ? null : newPlan(kitchenStore.kitchen);
  if (plan === null) problem.value = "First it needs a pot and a ring. Set them up under Kitchen.";
  else await open(plan);
}
const again = (plan: Plan) => open({ ...copyOf(plan), name: `${plan.name.slice(0, 70)} again` });
</script>

<template>
  <div class="place start">
    <header>
      <h1>What goes on?</h1>
      <p class="other">
        <CountField
          v-model="people"
          label="A dish for how many"
          :min="1"
          :max="500"
          placeholder="6"
        />
        <RouterLink class="button" to="/read">Read a recipe</RouterLink>
        <button type="button" class="button" @click="startEmpty">An empty pot</button>
        <RouterLink class="button" to="/lessons">Practise</RouterLink>
      </p>
    </header>
    <p v-if="problem" class="ember" role="alert">{{ problem }}</p>
    <section v-for="group in groups" :key="group.title" :aria-label="group.title">
      <h2>{{ group.title }}</h2>
      <p v-if="group.isOfBones" class="alone quiet small">Bones and water, nothing else:</p>
      <ul v-if="group.isOfBones" class="bones" aria-label="Bones and water, nothing else">
        <li v-for="bone in bones" :key="bone.id">
          <button type="button" @click="startBones(bone.id)">{{ bone.name }}</button>
        </li>
      </ul>
      <ul>
        <li v-for="kind in group.kinds" :key="kind">
          <button ref="kindButtons" type="button" :data-kind="kind" @click="start(kind)">
            <strong>{{ KIND_FORMULAS[kind].name }}</strong>
            <span class="quiet small">{{ KIND_FORMULAS[kind].about }}</span>
          </button>
        </li>
      </ul>
    </section>
    <section v-if="own.length > 0" aria-label="From the house">
      <h2>From the house</h2>
      <ul>
        <li v-for="plan in own" :key="plan.id">
          <button type="button" @click="again(plan)">
            <strong>{{ plan.name }}</strong>
            <span class="quiet small">{{
              plan.note !== ""
                ? `noted: ${plan.note}`
                : plan.forWhat === ""
                  ? "the same again"
                  : `for ${plan.forWhat}`
            }}</span>
          </button>
        </li>
      </ul>
    </section>
  </div>
</template>

<style scoped>
.start {
  display: grid;
  grid-template-columns: repeat(3, minmax(0, 1fr));
  gap: var(--space-5) var(--space-8);
  max-width: 1280px;
}

header {
  display: flex;
  flex-wrap: wrap;
  grid-column: 1 / -1;
  gap: var(--space-5);
  align-items: center;
  justify-content: space-between;
}

.other {
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-5);
  align-items: end;
}

h2 {
  padding-bottom: var(--space-3);
  border-bottom: 4px solid var(--ink);
}

.alone {
  padding-top: var(--space-3);
}

.bones {
  display: flex;
  flex-wrap: wrap;
  gap: 0 var(--space-5);
  border-bottom: 1px solid var(--hair);
}

.bones li button {
  width: auto;
  min-height: 36px;
  border: 0;
  text-decoration: underline;
  text-decoration-color: var(--tick);
  text-underline-offset: 4px;
}

li button {
  display: grid;
  align-content: center;
  width: 100%;
  min-height: 50px;
  padding: var(--space-2) 0;
  border: 0;
  border-bottom: 1px solid var(--hair);
  background: none;
  text-align: left;
}

li button:hover {
  background: var(--rim-soft);
}

@media (pointer: coarse) {
  .bones li button {
    min-height: 44px;
  }
}

@media (width <= 900px) {
  .start {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
