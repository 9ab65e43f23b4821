<script setup lang="ts">
import { MINUTE_MS } from "@kettlos/core/units/time";
import { clockOf } from "@kettlos/core/units/moments";
import { useWords } from "../../data/use-words";
import type { EventFacts } from "@kettlos/core/events/event-schema";
import type { Action, ActionKind } from "@kettlos/core/batch/action";
import { computed, ref, watch } from "vue";
import { countdown } from "./countdown";

/** The next thing to do, readable from two metres, and the ones after. */
const props = defineProps<{
  action: Action;
  later: readonly Action[];
  nowMs: number;
  /** A dish goes to the table, a stock to the sieve. */
  end: "strained" | "served";
  /** While work is to do before: what lights it all the same. */
  light?: Action | undefined;
}>();
const emit = defineEmits<{
  done: [];
  light: [];
  since: [];
  say: [events: readonly EventFacts[]];
}>();
const words = useWords();
/** What leaving it out means is read before it is done. */
const isLeaving = ref(false);
watch(
  () => props.action.id,
  () => (isLeaving.value = false),
);
const ROUNDS: ReadonlySet<ActionKind> = new Set(["skim", "stir", "look", "check"]);
const leaveWords = computed(() =>
  ROUNDS.has(props.action.kind) ? "Let it go this time" : "Leave it out",
);
function leave() {
  if (props.action.leave !== undefined) emit("say", props.action.leave.writes);
}

const DONE: Record<ActionKind, string> = {
  work: "It is done",
  workGoes: "It is done",
  workAfter: "It is done",
  meanwhile: "It is done",
  side: "It is begun",
  fill: "All of it is in",
  salt: "It is in",
  light: "It is lit",
  boils: "It boils now",
  turnDown: "Turned down, it simmers",
  turn: "It is so now",
  simmers: "It simmers now",
  skim: "Skimmed",
  stir: "Stirred",
  check: "Say what the fork says",
  add: "It is in",
  lift: "It is out",
  putBack: "It is back in",
  look: "Write the level down",
  offHeat: "It is off the heat",
  strain: "To the sieve",
};
const doneWords = computed(() =>
  props.action.kind === "strain" && props.end === "served"
    ? "To the table"
    : (props.action.done ?? DONE[props.action.kind]),
);
const left = computed(() => countdown(props.action.atMs - props.nowMs));
/** What has no time of its own: it is done when the cook comes to it. */
const QUIET: ReadonlySet<ActionKind> = new Set(["light", "fill", "work", "workAfter"]);
const isQuiet = computed(() => QUIET.has(props.action.kind));
/** So much overdue it calls louder. */
const LATE_MS = 10 * MINUTE_MS;
const isLate = computed(() => !isQuiet.value && props.nowMs - props.action.atMs > LATE_MS);
const isDue = computed(() => props.action.atMs <= props.nowMs && !isQuiet.value);
</script>

<template>
  <div class="next" :class="{ due: isDue, late: isLate }">
    <p class="at quiet">
      <template v-if="action.kind === 'light'">When everything is in</template>
      <template v-else-if="action.kind === 'fill'">Before it goes on</template>
      <template v-else-if="action.kind === 'workAfter'">Off the heat, {{ action.about }}</template>
      <template v-else-if="action.kind === 'work'">Before it goes on, {{ action.about }}</template>
      <template v-else>{{ isDue ? "Now, since" : "Next, at" }} {{ clockOf(action.atMs) }}</template>
    </p>
    <h1>{{ action.title }}</h1>
    <p v-if="!isQuiet" class="count figure" aria-hidden="true">
      {{ left }}
    </p>
    <p class="look">{{ words(action.lookFor) }}</p>
    <button type="button" class="button primary done" @click="$emit('done')">
      {{ doneWords }} <kbd>Space</kbd>
    </button>
    <div v-if="action.timer || action.leave || light || action.kind === 'light'" class="aside">
      <button
        v-if="action.timer"
        type="button"
        class="button"
        @click="$emit('say', [action.timer])"
      >
        Set its timer
      </button>
      <button
        v-if="action.leave && !isLeaving"
        type="button"
        class="button"
        @click="isLeaving = true"
      >
        {{ leaveWords }} …
      </button>
      <span v-else-if="action.leave" class="means" role="status"
        >{{ action.leave.means }}
        <button type="button" class="button" @click="leave">{{ leaveWords }}</button></span
      >
      <button v-if="light" type="button" class="button" @click="$emit('light')">
        {{ light.done ?? DONE.light }}
      </button>
      <button v-if="action.kind === 'light'" type="button" class="button" @click="$emit('since')">
        It has been on since …
      </button>
    </div>
    <ol v-if="later.length > 0 && light === undefined" class="later">
      <li v-for="item in later" :key="item.id">
        <span>{{ item.title }}</span>
        <template v-if="item.about"
          ><b class="figure">{{ item.about.replace("about ", "") }}</b></template
        >
        <template v-else-if="item.kind !== 'light' && item.kind !== 'fill'">
          <b class="figure">{{ countdown(item.atMs - nowMs) }}</b>
          <span class="quiet small">{{ clockOf(item.atMs) }}</span>
        </template>
      </li>
    </ol>
  </div>
</template>

<style scoped>
.late .at,
.late h1 {
  color: var(--ember);
}

.at {
  font-size: var(--size-lead);
  line-height: 26px;
}

h1 {
  font-size: var(--size-figure);
  line-height: 48px;
}

.count {
  font-size: clamp(96px, 12vw, 152px);
  font-weight: 750;
  line-height: 0.95;
  letter-spacing: -0.03em;
}

.due .count,
.due h1 {
  color: var(--ember);
}

.look {
  padding: var(--space-3) 0 var(--space-5);
  font-size: var(--size-lead);
  line-height: 26px;
}

.done {
  width: 100%;
  min-height: 60px;
  font-size: var(--size-lead);
}

.aside,
.means {
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-4) var(--space-5);
  align-items: center;
}

.aside {
  margin-top: var(--space-4);
}

.later {
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-5) 0;
  margin-top: var(--space-5);
}

.later li {
  display: grid;
  min-width: 124px;
  padding: 0 var(--space-6) 0 var(--space-4);
  border-left: 1.5px solid var(--ink);
}

.later b {
  font-size: var(--size-head);
  line-height: 32px;
}

@media (width <= 700px) {
  h1 {
    font-size: var(--size-head);
    line-height: 34px;
  }
}

@media (height <= 480px) {
  .count {
    font-size: var(--size-figure);
  }

  .done {
    min-height: 48px;
  }
}
</style>
