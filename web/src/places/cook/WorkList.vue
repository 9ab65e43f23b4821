<script setup lang="ts">
import { clockOf } from "@kettlos/core/units/moments";
import { workBefore } from "@kettlos/core/batch/work-before";
import { canBeLeft } from "@kettlos/core/batch/work-words";
import { workSaid } from "@kettlos/core/events/hands/effects";
import { showDuration } from "@kettlos/core/units/show";
import { computed } from "vue";
import type { LivePot } from "../../data/pots-store";
import type { NewEvent } from "../../data/repository";
import { useWords } from "../../data/use-words";

/**
 * The work before the pot goes on, ticked off one by one. Once it is lit only what nobody ticked off is asked
 * about: was it done, or left out?
 */
const props = defineProps<{ pot: LivePot }>();
const words = useWords();
defineEmits<{ write: [event: NewEvent] }>();
const all = computed(() => workBefore(props.pot.setPot, props.pot.cook));
const isLit = computed(() => props.pot.cook.litMs !== null);
const work = computed(() => all.value.filter((w) => !isLit.value || w.doneMs === null));
const left = computed(() => all.value.filter((w) => w.doneMs === null).length);
/** Nothing of it was ever ticked off here: then nobody is asked. */
const isKept = computed(() => left.value < all.value.length);
</script>

<template>
  <section
    v-if="work.length > 0 && (!isLit || isKept)"
    class="work"
    aria-label="Work before it goes on"
  >
    <h2>{{ isLit ? "Was this done before?" : "Work before it goes on" }}</h2>
    <p v-if="!isLit" class="quiet small">
      {{ left === 0 ? "All of it is done." : `${left} of ${all.length} left.` }}
    </p>
    <ol>
      <li v-for="{ task, doneMs } in work" :key="task.id" :class="{ done: doneMs !== null }">
        <label>
          <input
            type="checkbox"
            :checked="doneMs !== null"
            :disabled="doneMs !== null"
            @change="$emit('write', workSaid(task, 'done'))"
          />
          <span
            ><strong>{{ task.title }}</strong
            ><template v-if="words(task.how)">: {{ words(task.how) }}</template
            ><br /><span class="quiet small">{{ task.why }}</span></span
          >
        </label>
        <button
          v-if="isLit && canBeLeft(task.kind)"
          type="button"
          class="link"
          :aria-label="`${task.title}: it was left out`"
          @click="$emit('write', workSaid(task, 'left'))"
        >
          left out
        </button>
        <span v-else-if="!isLit" class="quiet small">{{
          doneMs === null ? showDuration(task.min) : clockOf(doneMs)
        }}</span>
      </li>
    </ol>
  </section>
</template>

<style scoped>
.work {
  margin-top: var(--space-6);
}

li {
  display: flex;
  gap: var(--space-5);
  align-items: center;
  justify-content: space-between;
  border-bottom: 1px solid var(--hair);
}

label {
  display: flex;
  gap: var(--space-5);
  align-items: center;
  min-height: 52px;
}

input {
  flex: none;
  width: 24px;
  height: 24px;
  accent-color: var(--rim);
}

li > .small {
  flex: none;
  white-space: nowrap;
}

.done strong {
  font-weight: 400;
}
</style>
