<script setup lang="ts">
import { computed, ref, useId, watch } from "vue";
import { usePicked } from "./use-picked";

/** A line to write on that offers ways to go on; arrows choose, Enter takes, Escape shuts. */
const props = defineProps<{
  label: string;
  placeholder: string;
  suggest: (text: string) => readonly string[];
}>();
const text = defineModel<string>({ required: true });
const emit = defineEmits<{ enter: [] }>();

const id = useId();
const isOpen = ref(false);
const offers = computed(() => (isOpen.value ? props.suggest(text.value) : []));
const { at, move } = usePicked(() => offers.value.length);
watch(text, () => (at.value = -1));

function step(by: 1 | -1) {
  isOpen.value = true;
  move(by);
}
function take(offer: string) {
  text.value = offer;
  shut();
  emit("enter");
}
function enter() {
  const offer = offers.value[at.value];
  if (offer === undefined) {
    shut();
    emit("enter");
  } else take(offer);
}
function shut() {
  isOpen.value = false;
  at.value = -1;
}
</script>

<template>
  <div class="suggest">
    <label :for="id" class="visually-hidden">{{ label }}</label>
    <input
      :id="id"
      v-model="text"
      class="written"
      role="combobox"
      autocomplete="off"
      aria-autocomplete="list"
      :placeholder="placeholder"
      :aria-expanded="offers.length > 0"
      :aria-controls="offers.length > 0 ? `${id}-list` : undefined"
      :aria-activedescendant="at >= 0 ? `${id}-${at}` : undefined"
      @input="isOpen = true"
      @blur="shut"
      @keydown.down.prevent="step(1)"
      @keydown.up.prevent="step(-1)"
      @keydown.enter.prevent="enter"
      @keydown.esc="shut"
    />
    <ul v-if="offers.length > 0" :id="`${id}-list`" role="listbox" aria-label="Ways to go on">
      <li
        v-for="(offer, i) in offers"
        :id="`${id}-${i}`"
        :key="offer"
        role="option"
        :aria-selected="i === at"
        @mousedown.prevent="take(offer)"
      >
        {{ offer }}
      </li>
    </ul>
  </div>
</template>

<style scoped>
.suggest {
  position: relative;
}

.written {
  width: 100%;
}

ul {
  position: absolute;
  z-index: 5;
  top: 100%;
  right: 0;
  left: 0;
  border: 1.5px solid var(--rim);
  border-radius: 0 0 3px 3px;
  background: var(--surface);
}

li {
  display: flex;
  align-items: center;
  min-height: 44px;
  padding: 0 var(--space-5);
  cursor: pointer;
}

li[aria-selected="true"],
li:hover {
  background: var(--rim-soft);
}
</style>
