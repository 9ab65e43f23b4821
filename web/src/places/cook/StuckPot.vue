<script setup lang="ts">
import { clockOf } from "@kettlos/core/units/moments";
import type { UnitSystem } from "@kettlos/core/units/show";
import { computed } from "vue";
import CautionList from "../../controls/CautionList.vue";
import type { FirePot } from "../../data/pots-store";
import { appendEvent, undoLast, type NewEvent } from "../../data/repository";
import StageStrip from "../../frame/StageStrip.vue";
import { useShortcuts } from "../../frame/shortcuts";
import { eventSaid } from "@kettlos/core/events/event-said";
import { inWords } from "@kettlos/core/units/said";
import NextAction from "./NextAction.vue";

/** A pot of which nothing can be forecast: what is to do by the clock, its log, and Undo. */
const props = defineProps<{ pot: FirePot; nowMs: number; units: Exclude<UnitSystem, "both"> }>();

const next = computed(() => props.pot.actions[0] ?? null);
const done = computed(() => props.pot.cook.events.toReversed().slice(0, 12));
const isOn = computed(() => props.pot.cook.litMs !== null && props.pot.cook.offMs === null);
const write = (event: NewEvent) => appendEvent(props.pot.batch.id, event);
const undo = () => undoLast(props.pot.batch.id);
const EVENT_OF = {
  light: { kind: "lit" },
  look: { kind: "lookedIn" },
  offHeat: { kind: "offHeat" },
  strain: { kind: "finished" },
} as const satisfies Record<string, NewEvent>;
async function complete() {
  const kind = next.value?.kind;
  if (kind === "light" || kind === "look" || kind === "offHeat" || kind === "strain")
    await write(EVENT_OF[kind]);
}
const action = computed(() =>
  next.value === null
    ? null
    : {
        ...next.value,
        ...(next.value.kind === "look" ? { done: "I have looked" } : {}),
        ...(next.value.kind === "strain" ? { done: "Done, into the logbook" } : {}),
      },
);

useShortcuts(() => [
  { keys: " ", does: "Next action is done", run: () => void complete() },
  { keys: "u", does: "Undo the last entry", run: () => void undo() },
]);
</script>

<template>
  <StageStrip
    :name="pot.batch.plan.name"
    :end="pot.batch.plan.end"
    :about="pot.cook.litMs === null ? 'not lit yet' : `on since ${clockOf(pot.cook.litMs)}`"
    :stage="pot.cook.stage"
    :plan-id="pot.batch.plan.id"
    :batch-id="pot.batch.id"
    :is-strained="pot.cook.strainedMs !== null"
  />
  <div class="place stuck">
    <section>
      <CautionList :cautions="pot.cautions" />
      <NextAction
        v-if="action !== null"
        :end="pot.batch.plan.end"
        :action="action"
        :later="pot.actions.slice(1)"
        :now-ms="nowMs"
        @done="complete"
      />
      <p class="ways">
        <button v-if="isOn" type="button" class="button" @click="write({ kind: 'offHeat' })">
          It is off the heat
        </button>
        <button type="button" class="button" :disabled="pot.cook.events.length === 0" @click="undo">
          Undo <kbd>U</kbd>
        </button>
      </p>
    </section>
    <section>
      <h2>Done</h2>
      <ul>
        <li v-for="event in done" :key="event.id">
          <time class="quiet">{{ clockOf(event.atMs) }}</time>
          {{ inWords(eventSaid(event, pot.batch.plan), units) }}
        </li>
        <li v-if="done.length === 0" class="quiet">Nothing yet.</li>
      </ul>
    </section>
  </div>
</template>

<style scoped>
.stuck {
  display: grid;
  grid-template-columns: minmax(0, 1.4fr) minmax(0, 1fr);
  gap: var(--space-6) var(--space-9);
}

.ways {
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-5);
  padding-top: var(--space-5);
}

li {
  padding: var(--space-2) 0;
}

time {
  display: inline-block;
  min-width: 48px;
}

@media (width <= 900px) {
  .stuck {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
