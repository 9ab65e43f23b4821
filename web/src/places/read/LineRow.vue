<script setup lang="ts">
import type { DraftLine, LineFacts } from "@kettlos/core/formats/recipe/draft";
import { findIngredients } from "@kettlos/core/ingredient/find-ingredients";
import { ingredientById } from "@kettlos/core/ingredient/catalogue";
import { ref, watch } from "vue";
import SuggestInput from "../../controls/SuggestInput.vue";
import { useKitchenStore } from "../../data/kitchen-store";
import { useOwnIngredients } from "../../data/own-ingredients";
import DoubtRow from "./DoubtRow.vue";
import { lineWords } from "./line-words";

/** One line of a recipe beside what it was read as; another name can be typed there. */
const props = defineProps<{ line: DraftLine; isFirst: boolean }>();
const emit = defineEmits<{
  settle: [doubtId: string, Partial<LineFacts>];
  rename: [string];
  keep: [boolean];
}>();

const own = useOwnIngredients();
const kitchenStore = useKitchenStore();
const nameNow = () =>
  props.line.ownName ??
  (props.line.ingredientId === null ? "" : ingredientById(props.line.ingredientId).name);
const name = ref(nameNow());
watch(
  () => props.line,
  () => (name.value = nameNow()),
);
const suggest = (text: string) =>
  text.trim() === "" || text === nameNow()
    ? []
    : [
        ...own
          .all()
          .map((o) => o.name)
          .filter((n) => n.toLowerCase().includes(text.toLowerCase())),
        ...findIngredients(text).map((i) => i.name),
      ].slice(0, 6);
function take() {
  const typed = name.value.trim();
  if (typed !== "" && typed !== nameNow()) emit("rename", typed);
}
</script>

<template>
  <li :class="{ out: line.isLeftOut, open: line.doubts.length > 0 }">
    <span class="said">{{ isFirst ? line.text : "" }}</span>
    <SuggestInput
      v-model="name"
      :label="`${line.text}: read as`"
      placeholder="not read"
      :suggest="suggest"
      @enter="take"
      @focusout="take"
    />
    <span class="how"
      ><b class="figure">{{ lineWords.amount(line, kitchenStore.units) }}</b>
      <span class="quiet small">{{ lineWords.how(line, kitchenStore.units) }}</span></span
    >
    <button
      type="button"
      class="link small"
      :aria-label="line.isLeftOut ? `Take in: ${line.text}` : `Leave out: ${line.text}`"
      @click="emit('keep', line.isLeftOut)"
    >
      {{ line.isLeftOut ? "take in" : "leave out" }}
    </button>
    <div v-if="!line.isLeftOut && line.doubts.length > 0" class="asked">
      <DoubtRow
        v-for="doubt in line.doubts"
        :key="doubt.id"
        :doubt="doubt"
        :ingredient-id="line.ingredientId"
        @settle="emit('settle', doubt.id, $event)"
      />
    </div>
  </li>
</template>

<style scoped>
li {
  display: grid;
  grid-template-columns: minmax(0, 1.1fr) minmax(0, 1fr) minmax(0, 1.2fr) max-content;
  gap: var(--space-1) var(--space-5);
  align-items: center;
  min-height: 44px;
  padding-block: var(--space-2);
  border-bottom: 1px solid var(--hair);
}

.open {
  border-left: 4px solid var(--ember);
  padding-left: var(--space-4);
}

.said {
  overflow-wrap: anywhere;
}

.how {
  display: flex;
  flex-wrap: wrap;
  gap: 0 var(--space-4);
  align-items: baseline;
}

.link {
  min-height: 44px;
}

.out .said,
.out .how {
  color: var(--quiet);
  text-decoration: line-through;
}

.asked {
  grid-column: 1 / -1;
  padding-bottom: var(--space-4);
}

@media (width <= 700px) {
  li {
    grid-template-columns: minmax(0, 1fr) max-content;
    padding-block: var(--space-3);
  }

  .said,
  .how {
    grid-column: 1 / -1;
  }
}
</style>
