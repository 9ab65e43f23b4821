<script setup lang="ts">
import { useWords } from "../../data/use-words";
import { openDoubts, type RecipeDraft } from "@kettlos/core/formats/recipe/draft";
import { looksLikeJson, readRecipeJsonLd } from "@kettlos/core/formats/recipe/json-ld";
import { planOfDraft } from "@kettlos/core/formats/recipe/plan-of-draft";
import {
  leave,
  readRecipeText,
  rename,
  settle,
  settleHead,
} from "@kettlos/core/formats/recipe/read-recipe";
import { outcomeOf } from "@kettlos/core/units/problem";
import { computed, ref, shallowRef } from "vue";
import { useRoute, useRouter } from "vue-router";
import { useKitchenStore } from "../../data/kitchen-store";
import { savePlan } from "../../data/repository";
import { useOwnIngredients } from "../../data/own-ingredients";
import DoubtRow from "./DoubtRow.vue";
import LineRow from "./LineRow.vue";
import { lineWords } from "./line-words";
import { useIncoming } from "../../data/incoming";
import { newId } from "../../data/new-id";

/** A recipe, pasted or from a file, becomes a plan: every doubt is asked, nothing is guessed silently. */
const words = useWords();
const kitchenStore = useKitchenStore();
const router = useRouter();
const text = ref("");
const problem = ref("");
const draft = shallowRef<RecipeDraft | null>(null);
const before = shallowRef<RecipeDraft[]>([]);
const open = computed(() => (draft.value === null ? 0 : openDoubts(draft.value)));
const own = useOwnIngredients();
/** A line that speaks of several things shows its words once. */
const rows = computed(() =>
  (draft.value?.lines ?? []).map((line, i, all) => ({
    line,
    isFirst: i === 0 || all[i - 1]?.text !== line.text,
  })),
);
const unread = computed(() => draft.value?.steps.filter((s) => !s.isHeld).length ?? 0);

function read(given: string) {
  const outcome = outcomeOf(() =>
    looksLikeJson(given) ? readRecipeJsonLd(given, own.all()) : readRecipeText(given, own.all()),
  );
  if (!outcome.ok) return void (problem.value = words(outcome.problem.said));
  problem.value = "";
  // What was being settled when another was pasted is an undo away.
  before.value = draft.value === null ? [] : [...before.value, draft.value];
  draft.value = outcome.value;
}
/** What was shared from elsewhere comes in the address; an address alone is no recipe, and no network is asked. */
const route = useRoute();
const shared = [route.query["title"], route.query["text"]]
  .filter((part) => typeof part === "string" && part !== "")
  .join("\n");
if (shared !== "") read((text.value = shared));
else if (typeof route.query["url"] === "string")
  problem.value =
    "Only the address of it came. Open it there, mark the recipe, and share or paste its words.";
useIncoming("recipe", (brought) => read((text.value = brought)));
const MAX_BYTES = 400_000;
async function readFile(event: Event) {
  const input = event.target as HTMLInputElement;
  const file = input.files?.[0];
  input.value = "";
  if (file === undefined) return;
  if (file.size > MAX_BYTES)
    return void (problem.value = `${file.name} holds ${Math.round(file.size / 1000)} kB; a recipe of up to 100 kB is read.`);
  read(await file.text());
}
function change(next: RecipeDraft) {
  if (draft.value !== null) before.value = [...before.value, draft.value];
  draft.value = next;
}
function undo() {
  draft.value = before.value.at(-1) ?? draft.value;
  before.value = before.value.slice(0, -1);
}
async function plan() {
  const { kitchen } = kitchenStore;
  const { value: d } = draft;
  if (kitchen === null || d === null) return;
  // What the cook named is the kitchen's from now on.
  for (const { ownName, ingredientId, isLeftOut } of d.lines)
    if (ownName !== null && ingredientId !== null && !isLeftOut) own.keep(ownName, ingredientId);
  const outcome = outcomeOf(() => planOfDraft(d, kitchen, newId()));
  if (!outcome.ok) return void (problem.value = words(outcome.problem.said));
  await savePlan(outcome.value);
  await router.push(`/plan/${outcome.value.id}`);
}
</script>

<template>
  <div class="place read">
    <h1>{{ draft === null ? "Read a recipe" : draft.name }}</h1>
    <form v-if="draft === null" class="paste" @submit.prevent="read(text)">
      <label for="recipe"
        >Paste it as it stands: name, ingredients a line each, then the steps</label
      >
      <textarea id="recipe" v-model="text" class="written" rows="16" spellcheck="false" />
      <p v-if="problem" class="ember" role="alert">{{ problem }}</p>
      <p class="buttons">
        <button type="submit" class="button primary" :disabled="text.trim() === ''">Read it</button>
        <label class="button">
          Open a recipe file
          <input
            class="visually-hidden"
            type="file"
            accept=".json,.jsonld,.txt,application/ld+json"
            @change="readFile"
          />
        </label>
      </p>
      <p class="quiet small">
        A file may be plain text or a schema.org recipe (JSON-LD). It is read here, in this browser,
        and goes nowhere.
      </p>
    </form>
    <template v-else>
      <p class="understood">
        <strong>{{ draft.people === null ? "" : `For ${draft.people}. ` }}</strong>{{
          lineWords.heat(draft, kitchenStore.units)
        }}
      </p>
      <ul v-if="draft.doubts.length > 0" class="doubts" aria-label="Questions about the pot">
        <li v-for="doubt in draft.doubts" :key="doubt.id">
          <DoubtRow
            :doubt="doubt"
            :ingredient-id="null"
            @settle="change(settleHead(draft, doubt.id, $event))"
          />
        </li>
      </ul>
      <div class="columns">
        <section aria-label="What goes in, as it was read">
          <h2>What goes in</h2>
          <ul class="lines">
            <LineRow
              v-for="row in rows"
              :key="row.line.id"
              :line="row.line"
              :is-first="row.isFirst"
              @settle="(id, set) => draft && change(settle(draft, row.line.id, id, set))"
              @rename="draft && change(rename(draft, row.line.id, $event, own.all()))"
              @keep="draft && change(leave(draft, row.line.id, !$event))"
            />
          </ul>
        </section>
        <section aria-label="What the steps say">
          <h2>What the steps say</h2>
          <p v-if="draft.steps.length === 0" class="quiet">It has no steps.</p>
          <p v-if="unread > 0" class="quiet small">
            Of what is marked the plan holds no figure: its sentence stays with it, and is told at
            the stove.
          </p>
          <ol class="steps">
            <li
              v-for="(step, i) in draft.steps"
              :key="i"
              :class="{
                unread: step.kinds.length === 0,
                kept: step.kinds.length > 0 && !step.isHeld,
              }"
            >
              {{ step.text }}
            </li>
          </ol>
        </section>
      </div>
      <div class="foot">
        <p v-if="problem" class="ember" role="alert">{{ problem }}</p>
        <p class="buttons">
          <button type="button" class="button primary" :disabled="open > 0" @click="plan">
            Make it a plan
          </button>
          <strong role="status">{{ open === 0 ? "All clear" : `${open} to settle` }}</strong>
          <button v-if="before.length > 0" type="button" class="button" @click="undo">
            Undo the last answer
          </button>
          <button type="button" class="button" @click="draft = null">Another recipe</button>
        </p>
      </div>
    </template>
  </div>
</template>

<style scoped>
.read {
  max-width: 1320px;
}

.paste {
  display: grid;
  gap: var(--space-5);
  max-width: 760px;
  padding-top: var(--space-4);
}

textarea {
  width: 100%;
  padding: var(--space-4);
  border: 1.5px solid var(--tick);
  border-radius: 3px;
  background: var(--surface);
  font-weight: 400;
  line-height: 22px;
  resize: vertical;
}

.buttons {
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-5);
  padding-top: var(--space-4);
}

label.button:focus-within {
  outline: var(--focus);
  outline-offset: 2px;
}

.understood {
  padding: var(--space-2) 0 var(--space-4);
}

.columns {
  display: grid;
  grid-template-columns: minmax(0, 2.2fr) minmax(0, 1fr);
  gap: var(--space-7) var(--space-9);
  padding-top: var(--space-5);
}

h2 {
  padding-bottom: var(--space-3);
  border-bottom: 4px solid var(--ink);
}

.doubts {
  border-top: 1px solid var(--hair);
}

.doubts li {
  padding: var(--space-4) 0 var(--space-4) var(--space-4);
  border-bottom: 1px solid var(--hair);
  border-left: 4px solid var(--ember);
}

.steps {
  counter-reset: step;
}

.steps li {
  padding: var(--space-4) 0;
  border-bottom: 1px solid var(--hair);
}

.steps .unread {
  padding-left: var(--space-4);
  border-left: 4px double var(--ember);
}

.steps .unread::after {
  color: var(--ember);
  content: " not understood";
  font-size: var(--size-small);
}

.steps .kept {
  padding-left: var(--space-4);
  border-left: 4px double var(--tick);
}

.steps .kept::after {
  color: var(--quiet);
  content: " kept as its sentence";
  font-size: var(--size-small);
}

.foot {
  position: sticky;
  bottom: 0;
  padding: var(--space-2) 0 var(--space-4);
  border-top: 1px solid var(--hair);
  background: var(--ground);
}

.foot .buttons {
  align-items: center;
}

@media (width <= 1100px) {
  .columns {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
