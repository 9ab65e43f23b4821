<script setup lang="ts">
import { ingredientById } from "@kettlos/core/ingredient/catalogue";
import { findIngredients } from "@kettlos/core/ingredient/find-ingredients";
import { matchIngredient } from "@kettlos/core/ingredient/match-ingredient";
import type { OwnIngredient } from "@kettlos/core/ingredient/own-ingredient";
import type { PlanItem } from "@kettlos/core/simulate/plan-schema";
import { computed, ref } from "vue";
import LabelFields from "../../controls/LabelFields.vue";
import NameField from "../../controls/NameField.vue";
import SuggestInput from "../../controls/SuggestInput.vue";
import UnitField from "../../controls/UnitField.vue";
import { useKitchenStore } from "../../data/kitchen-store";
import { newId } from "../../data/new-id";
import { useOwnIngredients } from "../../data/own-ingredients";

/** What this kitchen cooks with that is not in the catalogue: what it is like, its label, what comes out. */
const store = useKitchenStore();
const { save } = useOwnIngredients();
const all = computed(() => store.kitchen?.ownIngredients ?? []);
const chosenId = ref<string | null>(null);
const chosen = computed(() => all.value.find((o) => o.id === chosenId.value) ?? null);
const like = ref("");
const problem = ref("");

function choose(own: OwnIngredient) {
  chosenId.value = chosenId.value === own.id ? null : own.id;
  like.value = ingredientById(own.likeId).name;
  problem.value = "";
}
async function add() {
  const own: OwnIngredient = { id: newId(), name: "New ingredient", likeId: "carrot" };
  await store.change({ ownIngredients: [...all.value, own] });
  choose(own);
}
function setLike() {
  const { value: own } = chosen;
  if (own === null || like.value === ingredientById(own.likeId).name) return;
  const { sure } = matchIngredient(like.value);
  problem.value =
    sure === null
      ? `"${like.value}" is not in the catalogue. Type a name that is, such as carrot.`
      : "";
  if (sure !== null) void save({ ...own, likeId: sure.id });
}
const suggest = (text: string) =>
  text === ""
    ? []
    : findIngredients(text)
        .slice(0, 6)
        .map((i) => i.name);
/** Its label is read and written as an item's of a plan. */
const asItem = (own: OwnIngredient): PlanItem => ({
  id: own.id,
  ingredientId: own.likeId,
  called: own.name,
  isOwn: true,
  massKg: 1,
  when: { at: "start" },
  preparation: "",
  boneState: "raw",
  boiledMin: 0,
  frozen: false,
  work: [],
  ...(own.label === undefined ? {} : { label: own.label }),
});
function setEach(eachKg: number | null) {
  if (chosen.value === null) return;
  const { eachKg: _before, ...rest } = chosen.value;
  void save(eachKg === null ? rest : { ...rest, eachKg });
}
function setTakeOut(text: string) {
  if (chosen.value === null) return;
  const { takeOut: _before, ...rest } = chosen.value;
  void save(text === "" ? rest : { ...rest, takeOut: text });
}
function setLabel(label: OwnIngredient["label"] | null) {
  if (chosen.value === null) return;
  const { label: _before, ...rest } = chosen.value;
  void save(label === null || label === undefined ? rest : { ...rest, label });
}
</script>

<template>
  <h2 id="own">Ingredients of your own</h2>
  <p v-if="all.length === 0" class="quiet small">
    What the catalogue does not know is kept here with what it is most like, and is then read in
    every recipe and line. It is also asked for when a recipe names something unknown.
  </p>
  <ul class="names">
    <li v-for="own in all" :key="own.id">
      <button type="button" class="link" :aria-expanded="own.id === chosenId" @click="choose(own)">
        {{ own.name }}
      </button>
      <span class="quiet small">like {{ ingredientById(own.likeId).name.toLowerCase() }}</span>
    </li>
    <li><button type="button" class="link" @click="add">+ Add one</button></li>
  </ul>
  <div v-if="chosen !== null" :key="chosen.id" class="one">
    <div class="fields">
      <label
        >Name
        <NameField
          label="Name of the ingredient"
          :value="chosen.name"
          :most="60"
          @change="save({ ...chosen, name: $event })"
      /></label>
      <label
        >Most like
        <SuggestInput
          v-model="like"
          label="What it is most like"
          placeholder="carrot"
          :suggest="suggest"
          @enter="setLike"
          @focusout="setLike"
      /></label>
      <p v-if="problem" class="ember small" role="alert">{{ problem }}</p>
      <UnitField
        label="One of it weighs"
        dimension="mass"
        :units="store.units"
        :min="0"
        :max="50"
        :like="0.12"
        :model-value="chosen.eachKg ?? null"
        @update:model-value="setEach"
      />
      <label
        >Comes out before serving
        <NameField
          label="What of it comes out before serving"
          may-be-empty
          :value="chosen.takeOut ?? ''"
          :most="40"
          @change="setTakeOut"
      /></label>
      <p>
        <button
          type="button"
          class="button danger"
          @click="store.remove('ownIngredients', chosen.id)"
        >
          Remove it
        </button>
      </p>
    </div>
    <div><LabelFields :key="chosen.id" :item="asItem(chosen)" @change="setLabel" /></div>
  </div>
</template>

<style scoped>
.names {
  display: flex;
  flex-wrap: wrap;
  gap: 0 var(--space-7);
}

.names .link {
  min-height: 44px;
  margin-right: var(--space-3);
}

.one {
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(0, 1.3fr);
  gap: var(--space-5) var(--space-8);
  padding-top: var(--space-4);
  border-top: 1px solid var(--hair);
}

.fields {
  display: grid;
  gap: var(--space-4);
  align-content: start;
}

label {
  color: var(--quiet);
  font-size: var(--size-small);
}

@media (width <= 700px) {
  .one {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
