<script setup lang="ts">
import { computed } from "vue";
import { useRoute } from "vue-router";
import { VOCABULARY } from "../words/vocabulary";
import { helpOf } from "./screen-help";
import { allShortcuts, areKeysOn, keyName } from "./shortcuts";

/** What this screen answers, how to read its drawing, its words, and the keys that act here. */
const shown = defineModel<boolean>({ required: true });
const route = useRoute();
const help = computed(() => helpOf(route.name));
const terms = computed(() => {
  const { words } = help.value;
  return words === undefined ? [] : VOCABULARY.filter((t) => t.at.includes(words));
});
const shortcuts = computed(() => (shown.value ? allShortcuts() : []));
</script>

<template>
  <ElDialog v-model="shown" :title="`Help: ${help.title}`" width="min(760px, 94vw)" top="6vh">
    <p class="answers">{{ help.answers }}</p>
    <div class="both">
      <section v-if="help.drawn.length > 0">
        <h3>What is drawn</h3>
        <dl>
          <template v-for="[part, means] in help.drawn" :key="part">
            <dt>{{ part }}</dt>
            <dd>{{ means }}</dd>
          </template>
        </dl>
      </section>
      <section class="words">
        <h3>Words here</h3>
        <dl v-if="terms.length > 0">
          <template v-for="term in terms" :key="term.term">
            <dt>{{ term.term }}</dt>
            <dd>{{ term.means }}</dd>
          </template>
        </dl>
        <p><RouterLink to="/words" @click="shown = false">All words of Kettlos</RouterLink></p>
      </section>
      <section class="by-keys">
        <h3>Keys</h3>
        <label class="check">
          <input v-model="areKeysOn" type="checkbox" />
          single keys act by themselves
        </label>
        <dl class="keys">
          <template
            v-for="shortcut in areKeysOn ? shortcuts : []"
            :key="shortcut.keys + shortcut.does"
          >
            <dt>
              <kbd>{{ keyName(shortcut.keys) }}</kbd>
            </dt>
            <dd>{{ shortcut.does }}</dd>
          </template>
          <dt><kbd>Tab</kbd></dt>
          <dd>Next thing that can be changed</dd>
          <dt><kbd>↑</kbd> <kbd>↓</kbd></dt>
          <dd>On the water line: a step; with Shift, five</dd>
          <dt><kbd>Esc</kbd></dt>
          <dd>Close</dd>
        </dl>
      </section>
    </div>
  </ElDialog>
</template>

<style scoped>
.answers {
  font-size: var(--size-lead);
  line-height: 26px;
}

.both {
  display: grid;
  grid-template-rows: max-content 1fr;
  grid-template-columns: 1fr 1fr;
  gap: 0 var(--space-8);
}

.words {
  grid-row: span 2;
}

h3 {
  margin: var(--space-6) 0 var(--space-2);
  font: 650 var(--size-body)/22px var(--head);
}

dt {
  font-weight: 650;
}

dd {
  margin: 0 0 var(--space-4);
}

.keys {
  display: grid;
  grid-template-columns: max-content 1fr;
  gap: var(--space-3) var(--space-6);
  align-items: center;
}

.keys dd {
  margin: 0;
}

@media (width <= 700px) {
  .both {
    grid-template-rows: none;
    grid-template-columns: 1fr;
  }

  .words {
    grid-row: auto;
  }
}

/* A finger has no keys. */
@media (hover: none) and (pointer: coarse) {
  .by-keys {
    display: none;
  }
}
</style>
