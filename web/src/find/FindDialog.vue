<script setup lang="ts">
import { computed, nextTick, ref, shallowRef, useId, useTemplateRef, watch } from "vue";
import { useRouter } from "vue-router";
import { usePicked } from "../controls/use-picked";
import { useKitchenStore } from "../data/kitchen-store";
import { useLarderStore } from "../data/larder-store";
import { usePotsStore } from "../data/pots-store";
import type { Findable, Found } from "./findable";
import { findables } from "./findables";
import { finderOf } from "./finder";

/** One line to find anything by: arrows choose, Enter opens. */
const shown = defineModel<boolean>({ required: true });
const kitchenStore = useKitchenStore();
const larderStore = useLarderStore();
const pots = usePotsStore();
const router = useRouter();
const id = useId();
const text = ref("");
const line = useTemplateRef<HTMLInputElement>("line");

/** All there is at the moment of asking, and what was still being read then; otherwise nothing jumps about while it is open. */
const all = shallowRef<readonly Findable[]>([]);
/** When that was: "yesterday" goes by it. */
const askedMs = ref(0);
watch(
  [shown, () => larderStore.isLoaded, () => pots.open.size, () => pots.finished.length],
  () => {
    if (kitchenStore.kitchen === null || !shown.value) return;
    askedMs.value = pots.nowMs;
    all.value = findables({
      kitchen: kitchenStore.kitchen,
      plans: kitchenStore.plans,
      open: [...pots.open.values()].filter((p) => p.cook.finishedMs === null),
      logged: pots.finished,
      holdings: larderStore.larder.holdings,
      units: kitchenStore.units,
    });
  },
  { immediate: true },
);
const find = computed(() => finderOf(all.value, askedMs.value));
const isAsked = computed(() => text.value.trim() !== "");
const found = computed<readonly Found[]>(() =>
  isAsked.value
    ? find.value(text.value)
    : all.value.filter((f) => f.isPressing).map((f) => ({ ...f, matched: [] })),
);
const { at, move } = usePicked(() => found.value.length);
/** What is picked stays picked while the same is asked for. */
watch([found, text], ([list, asked], [before, askedBefore]) => {
  const picked = asked === askedBefore ? before[at.value]?.id : undefined;
  const stays = list.findIndex(({ id: its }) => its === picked);
  at.value = stays >= 0 ? stays : isAsked.value && list.length > 0 ? 0 : -1;
});

function open(entry: Found | undefined) {
  if (entry === undefined) return;
  shown.value = false;
  void router.push(entry.to);
}
async function begin() {
  text.value = "";
  await toLine();
}
/** At once, so that what is typed while the dialog still fades in is not lost, and again once it stands. */
async function toLine() {
  await nextTick();
  line.value?.focus();
}
</script>

<template>
  <ElDialog
    v-model="shown"
    title="Find"
    width="min(680px, 94vw)"
    top="8vh"
    @open="begin"
    @opened="toLine"
  >
    <label :for="id" class="visually-hidden">What to find</label>
    <input
      :id="id"
      ref="line"
      v-model="text"
      class="written"
      role="combobox"
      type="text"
      autocomplete="off"
      spellcheck="false"
      aria-autocomplete="list"
      placeholder="a pot, a plan, a jar, last March, altitude …"
      :aria-expanded="found.length > 0"
      :aria-controls="`${id}-list`"
      :aria-activedescendant="at >= 0 ? `${id}-${at}` : undefined"
      @keydown.down.prevent="move(1)"
      @keydown.up.prevent="move(-1)"
      @keydown.enter.prevent="open(found[at])"
    />
    <ul v-if="found.length > 0" :id="`${id}-list`" role="listbox" aria-label="What was found">
      <li
        v-for="(entry, i) in found"
        :id="`${id}-${i}`"
        :key="entry.id"
        role="option"
        :aria-selected="i === at"
        @click="open(entry)"
      >
        <span class="quiet small where">{{ entry.where }}</span>
        <span>
          <strong>{{ entry.title }}</strong>
          <span v-if="entry.says" class="quiet">{{ ` ${entry.says}` }}</span>
          <span v-if="entry.matched.length > 0" class="small with"
            >with {{ entry.matched.join(", ") }}</span
          >
        </span>
      </li>
    </ul>
    <p v-else-if="isAsked && !larderStore.isLoaded" role="status">Reading the log …</p>
    <p v-else-if="isAsked" role="status">
      Nothing goes by “{{ text.trim() }}”. Names of pots, plans, jars and screens are searched, what
      is in them, and what was noted.
    </p>
    <p v-else class="quiet">
      Names of pots, plans, jars and screens, what is in them, and what was noted.
    </p>
  </ElDialog>
</template>

<style scoped>
.written {
  width: 100%;
  margin-bottom: var(--space-5);
  font-size: var(--size-lead);
}

li {
  display: grid;
  grid-template-columns: 88px 1fr;
  gap: var(--space-5);
  align-items: baseline;
  min-height: 44px;
  padding: var(--space-4) var(--space-5);
  border-top: 1px solid var(--hair);
  cursor: pointer;
}

li[aria-selected="true"],
li:hover {
  background: var(--rim-soft);
}

.with {
  display: block;
}
</style>
