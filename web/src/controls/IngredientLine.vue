<script setup lang="ts">
import { MOST_ITEM_KG } from "@kettlos/core/units/limits";
import { either, kilos, say } from "@kettlos/core/units/said";
import { noAmount } from "@kettlos/core/formats/recipe/amount-doubts";
import type { Doubt, DraftLine, LineFacts } from "@kettlos/core/formats/recipe/draft";
import { draftLines, settleLine } from "@kettlos/core/formats/recipe/draft-line";
import { findIngredients } from "@kettlos/core/ingredient/find-ingredients";
import { ingredientById } from "@kettlos/core/ingredient/catalogue";
import type { Ingredient } from "@kettlos/core/ingredient/ingredient";
import type { OwnIngredient } from "@kettlos/core/ingredient/own-ingredient";
import type { Amount } from "@kettlos/core/ingredient/read-amount";
import { ref, shallowRef } from "vue";
import { useOwnIngredients } from "../data/own-ingredients";
import { useWords } from "../data/use-words";
import AskChoices from "./AskChoices.vue";
import SuggestInput from "./SuggestInput.vue";

/** A line of what goes in, typed as it would be said and read as a recipe's is; what it leaves open is asked. */
const props = defineProps<{ label: string; placeholder: string; takesOwn?: boolean }>();
const emit = defineEmits<{ put: [Ingredient, Amount, OwnIngredient | null] }>();

const own = useOwnIngredients();
const words = useWords();
const text = ref("");
const problem = ref("");
const question = ref("");
const choices = ref<readonly { label: string; value: () => void }[]>([]);
/** What the line speaks of, and what of it is settled: all of it goes in at once, or nothing. */
const open = shallowRef<readonly DraftLine[]>([]);
const settled = shallowRef<readonly Put[]>([]);
interface Put {
  readonly ingredientId: string;
  readonly amount: Amount;
  readonly ownName: string | null;
}

function read() {
  choices.value = [];
  problem.value = "";
  settled.value = [];
  const said = text.value.trim();
  if (said === "") return;
  if (/^[-−]\s*\d/u.test(said)) {
    const name = draftLines(said.replace(/^[-−]/u, ""), "line")[0]?.nameText ?? "";
    return void (problem.value = `How much ${name}? A weight or a count is more than nothing.`);
  }
  open.value = draftLines(said, "line", own.all());
  goOn();
}

/** Settles what is plain, asks about the first that is not. */
function goOn() {
  const [line, ...rest] = open.value;
  if (line === undefined) return done();
  if (line.toCover)
    return stop("Water goes by its line on the pot: pull it there, or say “to cover” beside it.");
  if (line.isLeftOut) return stop(`"${line.nameText}" is nothing that goes in.`);
  const doubt = doubtOf(line);
  if (doubt !== null) return ask(line, doubt);
  if (line.ingredientId === null || line.massKg === null) return stop(unknown());
  const { ingredientId, massKg, counted, ownName } = line;
  if (!(massKg > 0 && massKg <= MOST_ITEM_KG))
    return stop(
      `${text.value} is out of range: more than nothing, up to ${words([kilos(MOST_ITEM_KG)])}.`,
    );
  const amount = { massKg, ...(counted === undefined ? {} : { counted }) };
  settled.value = [...settled.value, { ingredientId, amount, ownName }];
  open.value = rest;
  goOn();
}

/** To taste is no amount for the pot on the screen: here it is asked. */
const doubtOf = (line: DraftLine): Doubt<LineFacts> | null =>
  line.doubts[0] ??
  (line.isToTaste && line.ingredientId !== null && line.massKg === null
    ? noAmount(line, ingredientById(line.ingredientId))
    : null);

const isOffered = (set: Partial<LineFacts>): boolean =>
  set.isLeftOut !== true && set.isToTaste !== true && (props.takesOwn || set.ownName === undefined);

function ask(line: DraftLine, doubt: Doubt<LineFacts>) {
  const offered = doubt.choices.filter((c) => isOffered(c.set));
  if (offered.length === 0) return stop(unknown());
  question.value = doubt.question;
  choices.value = offered.map((c) => ({
    label: words(c.label),
    value: () => {
      choices.value = [];
      const next = settleLine(line, doubt.id, c.set);
      open.value = [
        c.set.massKg === undefined ? next : { ...next, isToTaste: false },
        ...open.value.slice(1),
      ];
      goOn();
    },
  }));
}

const unknown = (): string =>
  words(
    say`"${text.value}" names nothing in the catalogue. Try "${either("2.5 kg lamb neck", "5 lb lamb neck")}" or "2 medium onions".`,
  );

function stop(why: string) {
  problem.value = why;
  open.value = [];
}
function done() {
  for (const { ingredientId, amount, ownName } of settled.value)
    emit(
      "put",
      ingredientById(ingredientId),
      amount,
      ownName === null ? null : own.keep(ownName, ingredientId),
    );
  settled.value = [];
  text.value = "";
  choices.value = [];
}

/** Offers names that fit the word being typed after the amount. */
function suggest(typed: string): readonly string[] {
  const found = /^(\S*\d\S*(?:\s+(?:kg|g|lb|oz|ml|l|qt|cups?|tbsp|tsp))?\s+)(.+)$/i.exec(typed);
  const name = found?.[2];
  if (name === undefined) return [];
  const mine = own
    .all()
    .filter((o) => o.name.toLowerCase().includes(name.toLowerCase()))
    .map((o) => o.name);
  return [...mine, ...findIngredients(name).map((i) => i.name.toLowerCase())]
    .slice(0, 7)
    .map((offer) => `${found?.[1] ?? ""}${offer}`);
}
</script>

<template>
  <div class="add">
    <SuggestInput
      v-model="text"
      :label="label"
      :placeholder="placeholder"
      :suggest="suggest"
      @enter="read"
    />
    <button type="button" class="button" @click="read">Put in</button>
  </div>
  <AskChoices :question="question" :choices="choices" @choose="$event()" />
  <p v-if="problem" class="ember small" role="alert">{{ problem }}</p>
</template>

<style scoped>
.add {
  display: flex;
  gap: var(--space-5);
}

.add .suggest {
  flex: 1;
}
</style>
