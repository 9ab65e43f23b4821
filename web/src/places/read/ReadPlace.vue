<script setup lang="ts">
import { openDoubts, type RecipeDraft } from "@kettlos/core/formats/recipe/draft";
import { looksLikeJson, readRecipeJsonLd } from "@kettlos/core/formats/recipe/json-ld";
import { planOfDraft } from "@kettlos/core/formats/recipe/plan-of-draft";
import { readRecipeText, settle, settleHead } from "@kettlos/core/formats/recipe/read-recipe";
import { outcomeOf } from "@kettlos/core/units/problem";
import { computed, ref, shallowRef } from "vue";
import { useRouter } from "vue-router";
import { useKitchenStore } from "../../data/kitchen-store";
import { savePlan } from "../../data/repository";
import DoubtRow from "./DoubtRow.vue";
import { lineWords } from "./line-words";
import { newId } from "../../data/new-id";

/** A recipe, pasted or from a file, becomes a plan: every doubt is asked, nothing is guessed silently. */
const kitchenStore = useKitchenStore();
const router = useRouter();
const text = ref("");
const problem = ref("");
const draft = shallowRef<RecipeDraft | null>(null);
const before = shallowRef<RecipeDraft[]>([]);
const open = computed(() => (draft.value === null ? 0 : openDoubts(draft.value)));
const doubtful = computed(
  () => draft.value?.lines.filter((l) => !l.isLeftOut && l.doubts.length > 0) ?? [],
);

function read(given: string) {
  const outcome = outcomeOf(() =>
    looksLikeJson(given) ? readRecipeJsonLd(given) : readRecipeText(given),
  );
  if (!outcome.ok) return void (problem.value = outcome.problem.message);
  problem.value = "";
  before.value = [];
  draft.value = outcome.value;
}
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
  const outcome = outcomeOf(() => planOfDraft(d, kitchen, newId()));
  if (!outcome.ok) return void (problem.value = outcome.problem.message);
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
      <div class="columns">
        <section aria-label="Questions">
          <h2>{{ open === 0 ? "All clear" : `${open} to settle` }}</h2>
          <ul class="doubts">
            <li v-for="doubt in draft.doubts" :key="doubt.id">
              <DoubtRow
                :doubt="doubt"
                :ingredient-id="null"
                @settle="change(settleHead(draft, doubt.id, $event))"
              />
            </li>
            <template v-for="line in doubtful" :key="line.id">
              <li v-for="doubt in line.doubts" :key="`${line.id}-${doubt.id}`">
                <DoubtRow
                  :doubt="doubt"
                  :line="line.text"
                  :ingredient-id="line.ingredientId"
                  @settle="change(settle(draft, line.id, doubt.id, $event))"
                />
              </li>
            </template>
          </ul>
          <p v-if="problem" class="ember" role="alert">{{ problem }}</p>
          <p class="buttons">
            <button type="button" class="button primary" :disabled="open > 0" @click="plan">
              Make it a plan
            </button>
            <button v-if="before.length > 0" type="button" class="button" @click="undo">
              Undo the last answer
            </button>
            <button type="button" class="button" @click="draft = null">Another recipe</button>
          </p>
        </section>
        <section aria-label="As understood">
          <h2>As understood</h2>
          <p class="quiet">
            {{ draft.people === null ? "" : `For ${draft.people}. ` }}{{ lineWords.heat(draft) }}
          </p>
          <ul class="lines">
            <li v-for="line in draft.lines" :key="line.id" :class="{ out: line.isLeftOut }">
              <span class="quiet small">{{ line.text }}</span>
              <strong>{{ lineWords.line(line) }}</strong>
            </li>
          </ul>
        </section>
      </div>
    </template>
  </div>
</template>

<style scoped>
.read {
  max-width: 1180px;
}

.paste {
  display: grid;
  gap: 12px;
  max-width: 760px;
  padding-top: 8px;
}

textarea {
  width: 100%;
  padding: 8px;
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
  gap: 12px;
  padding-top: 8px;
}

label.button:focus-within {
  box-shadow: var(--focus);
}

.columns {
  display: grid;
  grid-template-columns: minmax(0, 1.15fr) minmax(0, 1fr);
  gap: 24px 48px;
  padding-top: 12px;
}

h2 {
  padding-bottom: 6px;
  border-bottom: 4px solid var(--ink);
}

.doubts li {
  padding: 8px 0;
  border-bottom: 1px solid var(--hair);
}

.lines li {
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(0, 1.1fr);
  gap: 12px;
  padding: 5px 0;
  border-bottom: 1px solid var(--hair);
}

.out strong {
  color: var(--quiet);
  font-weight: 400;
}

@media (width <= 900px) {
  .columns {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
