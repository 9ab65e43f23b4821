import type { Action } from "@kettlos/core/batch/action";
import { movesWith } from "@kettlos/core/batch/stretch-actions";
import { isTappedIn, onCounter } from "@kettlos/core/batch/counter";
import { liftedOut, putBack } from "@kettlos/core/batch/said-marks";
import type { PlanItem } from "@kettlos/core/simulate/plan-schema";
import { computed, ref, type Ref } from "vue";
import { setAs } from "./set-as";
import { useRouter } from "vue-router";
import type { LivePot } from "../../data/pots-store";
import { binBatch } from "../../data/bin";
import { appendEvent, appendEvents, undoLast, type NewEvent } from "../../data/repository";

/** What opens over the pot. */
export type Opened =
  "level" | "temperature" | "heat" | "pour" | "taste" | "fork" | "pause" | "instruments";

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

  /** Does the next action, unless something on the counter has to be said first. */
  async function complete(action: Action): Promise<void> {
    if (pot.value === null) return;
    if (passedOver(pot.value, action).length > 0) {
      waiting.value = action;
      return;
    }
    await goOn(action);
  }

  async function goOn(action: Action): Promise<void> {
    waiting.value = null;
    const batch = pot.value?.batch;
    if (batch === undefined) return;
    const ids = action.itemIds ?? [];
    switch (action.kind) {
      case "work":
      case "workGoes":
        return action.mark === undefined ? undefined : write({ kind: "did", what: action.mark });
      case "light":
        return write({ kind: "lit" });
      case "boils":
        return write({ kind: "boils" });
      case "turnDown":
      case "simmers":
        return write({ kind: "simmers" });
      case "turn":
        return turn(action);
      case "skim":
      case "stir":
        return write({ kind: "did", what: action.kind });
      case "add":
        for (const item of batch.plan.items.filter((i) => ids.includes(i.id)))
          await write({ kind: "added", itemId: item.id, massKg: item.massKg });
        return;
      case "lift":
        for (const id of ids) await write({ kind: "did", what: liftedOut(id) });
        return;
      case "putBack":
        for (const id of ids) await write({ kind: "did", what: putBack(id) });
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

  /** The next stretch of the heat begins, with what comes out, goes back and goes in. */
  async function turn({ stretchId }: Action): Promise<void> {
    if (pot.value === null || stretchId === undefined) return;
    const { batch, cook } = pot.value;
    const heat = batch.plan.then.find((s) => s.id === stretchId)?.heat;
    if (heat === undefined) return;
    const moves = movesWith(stretchId, batch.plan, cook);
    const did = (what: string): NewEvent => ({ kind: "did", what });
    await appendEvents(batch.id, [
      ...moves.out.map((i) => did(liftedOut(i.id))),
      setAs(stretchId, heat),
      ...moves.back.map((i) => did(putBack(i.id))),
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

  return { opened, waiting, leftBehind, write, writeOpen, putExtra, complete, goOn, undo, takeOff };
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
      return plan.heat.method === "pressure" ? [] : left.filter((i) => i.when.at !== "offHeat");
    case "strain":
      return left;
    default:
      return [];
  }
}
