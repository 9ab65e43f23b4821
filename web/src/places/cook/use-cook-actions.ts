import { isSealed } from "@kettlos/core/heats/heat";
import type { Action } from "@kettlos/core/batch/action";
import { movesWith } from "@kettlos/core/batch/stretch-actions";
import { isTappedIn, onCounter } from "@kettlos/core/batch/counter";
import { drifts } from "@kettlos/core/batch/course-of";
import { waterToPourL } from "@kettlos/core/batch/filling";
import { ingredientById } from "@kettlos/core/ingredient/catalogue";
import type { Plan, PlanItem } from "@kettlos/core/simulate/plan-schema";
import { computed, ref, type Ref } from "vue";
import { newItem } from "../../data/new-item";
import { setAs } from "./set-as";
import { useRouter } from "vue-router";
import type { LivePot } from "../../data/pots-store";
import { binBatch } from "../../data/bin";
import { appendEvent, appendEvents, undoLast, type NewEvent } from "../../data/repository";

/** What opens over the pot. */
export type Opened =
  "level" | "temperature" | "heat" | "pour" | "taste" | "fork" | "pause" | "since" | "instruments";

/** What a tap does to this pot: each is written as an event, and what follows is read from those. */
export function useCookActions(pot: Ref<LivePot | null>) {
  const router = useRouter();
  const opened = ref<Opened | null>(null);
  /** An action that waits until nothing is left on the counter. */
  const waiting = ref<Action | null>(null);

  async function write(event: NewEvent) {
    if (pot.value !== null) await appendEvent(pot.value.batch.id, event);
  }

  /** The same from a dialog that stays open until it is written. */
  async function writeOpen(event: NewEvent) {
    if (pot.value !== null) await appendEvent(pot.value.batch.id, event, "inItsDialog");
  }

  /** Beside the plan: it lies ready, and on the fire it is in at once. */
  async function putExtra(item: PlanItem) {
    await write({ kind: "extra", item });
    if (item.when.at === "after")
      await write({ kind: "added", itemId: item.id, massKg: item.massKg });
  }

  /** What would be passed over by going on with this action. */
  const leftBehind = computed<readonly PlanItem[]>(() => {
    if (pot.value === null || waiting.value === null) return [];
    return passedOver(pot.value, waiting.value);
  });

  /** Water that would not be in, L. */
  const waterBehindL = computed(() =>
    pot.value === null || waiting.value === null ? 0 : waterPassedOver(pot.value, waiting.value),
  );

  /** Does the next action, unless something on the counter has to be said first. */
  async function complete(action: Action): Promise<void> {
    if (pot.value === null) return;
    if (passedOver(pot.value, action).length > 0 || waterPassedOver(pot.value, action) > 0) {
      waiting.value = action;
      return;
    }
    await goOn(action);
  }

  /** What is being written: a second tap before a slow disk is done with the first says nothing more. */
  const inHand = new Set<string>();
  async function goOn(action: Action): Promise<void> {
    const { id, kind } = action;
    if (inHand.has(`${kind} ${id}`)) return;
    inHand.add(`${kind} ${id}`);
    try {
      await carryOut(action);
    } finally {
      inHand.delete(`${kind} ${id}`);
    }
  }

  async function carryOut(action: Action): Promise<void> {
    waiting.value = null;
    const batch = pot.value?.batch;
    if (batch === undefined) return;
    const ids = action.itemIds ?? [];
    switch (action.kind) {
      case "work":
      case "workGoes":
      case "workAfter":
      case "meanwhile":
        return say(action.writes ?? []);
      case "side":
        return appendEvents(batch.id, [
          ...(action.ladleL === undefined
            ? []
            : [{ kind: "ladledOut" as const, volumeL: action.ladleL }]),
          ...(action.writes ?? []),
        ]);
      case "fill":
        return fill(ids);
      case "salt":
        return action.stirIn === undefined
          ? undefined
          : appendEvents(batch.id, stirredIn(action.id, action.stirIn, batch.plan.end));
      case "light":
        return lit();
      case "boils":
        return write({ kind: "boils" });
      case "turnDown":
      case "simmers":
        return write({ kind: "simmers" });
      case "turn":
        return turn(action);
      case "skim":
        return write({ kind: "skimmed" });
      case "stir":
        return write({ kind: "stirred" });
      case "add":
        for (const item of batch.plan.items.filter((i) => ids.includes(i.id)))
          await write({ kind: "added", itemId: item.id, massKg: item.massKg });
        return;
      case "lift":
        for (const id of ids) await write({ kind: "takenOut", itemId: id });
        return;
      case "putBack":
        for (const id of ids) await write({ kind: "putBack", itemId: id });
        return;
      case "look":
        opened.value = "level";
        return;
      case "check":
        opened.value = "fork";
        return;
      case "offHeat":
        return write({ kind: "offHeat" });
      case "strain":
        await router.push(`/strain/${batch.id}`);
    }
  }

  /** What the log is to hold, by one tap. */
  async function say(events: readonly NewEvent[]): Promise<void> {
    if (pot.value !== null && events.length > 0) await appendEvents(pot.value.batch.id, events);
  }

  /** All that is not in yet, by one tap. */
  async function fill(ids: readonly string[]): Promise<void> {
    if (pot.value === null) return;
    const { batch, cook, forecast } = pot.value;
    await appendEvents(batch.id, [
      ...batch.plan.items
        .filter((i) => ids.includes(i.id))
        .map((i): NewEvent => ({ kind: "added", itemId: i.id, massKg: i.massKg })),
      ...(waterToPourL(cook, forecast.waterL) > 0 ? [{ kind: "waterIn" as const }] : []),
    ]);
  }

  /** What drifts to its heat is on from then; on a ring its coming up is seen. */
  async function lit(atMs?: number): Promise<void> {
    if (pot.value === null) return;
    const at = atMs === undefined ? {} : { atMs };
    await appendEvents(pot.value.batch.id, [
      { kind: "lit", ...at },
      ...(drifts(pot.value.batch.plan) ? [{ kind: "simmers" as const, ...at }] : []),
    ]);
  }

  /** The next stretch of the heat begins, with what comes out, goes back and goes in. */
  async function turn({ stretchId }: Action): Promise<void> {
    if (pot.value === null || stretchId === undefined) return;
    const { batch, cook } = pot.value;
    const heat = batch.plan.then.find((s) => s.id === stretchId)?.heat;
    if (heat === undefined) return;
    const moves = movesWith(stretchId, batch.plan, cook);
    await appendEvents(batch.id, [
      ...moves.out.map((i): NewEvent => ({ kind: "takenOut", itemId: i.id })),
      setAs(stretchId, heat),
      ...moves.back.map((i): NewEvent => ({ kind: "putBack", itemId: i.id })),
      ...moves.in.map((i): NewEvent => ({ kind: "added", itemId: i.id, massKg: i.massKg })),
    ]);
  }

  async function undo() {
    if (pot.value !== null) await undoLast(pot.value.batch.id);
  }

  async function takeOff() {
    if (pot.value === null) return;
    const { id } = pot.value.batch;
    await router.push("/bench");
    await binBatch(id);
  }

  return {
    opened,
    waiting,
    leftBehind,
    waterBehindL,
    write,
    writeOpen,
    putExtra,
    complete,
    goOn,
    say,
    lit,
    undo,
    takeOff,
  };
}

/** What is beside the plan, and in at once, under an id that tells what it was for. */
function stirredIn(
  id: string,
  { ingredientId, massKg }: NonNullable<Action["stirIn"]>,
  end: Plan["end"],
): readonly NewEvent[] {
  const item: PlanItem = {
    ...newItem(ingredientById(ingredientId), massKg, end),
    id,
    when: { at: "after", min: 0 },
  };
  return [
    { kind: "extra", item },
    { kind: "added", itemId: id, massKg },
  ];
}

/**
 * What an action would leave on the counter for good: at lighting what was to go in first, where the cook
 * taps things in one by one; off the heat what was to simmer; at the end everything.
 */
function passedOver({ batch, cook }: LivePot, action: Action): readonly PlanItem[] {
  const { plan } = batch;
  const left = onCounter(plan, cook);
  switch (action.kind) {
    case "light":
      return isTappedIn(plan, cook) ? left.filter((i) => i.when.at === "start") : [];
    case "offHeat":
      // Under pressure what goes in late waits for the lid.
      return isSealed(plan.heat) ? [] : left.filter((i) => i.when.at !== "offHeat");
    case "strain":
      return left;
    default:
      return [];
  }
}

/** Lit without a word on the water, where the cook taps in one by one what goes in. */
const waterPassedOver = ({ batch, cook, forecast }: LivePot, action: Action): number =>
  action.kind === "light" && isTappedIn(batch.plan, cook) ? waterToPourL(cook, forecast.waterL) : 0;
