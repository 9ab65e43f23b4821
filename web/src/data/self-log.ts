import { HOUR_MS } from "@kettlos/core/units/time";
import { isAllHandedOn } from "@kettlos/core/batch/bowl-kg";
import { potFacts } from "@kettlos/core/larder/lot-of";
import { potLeft } from "@kettlos/core/larder/portioned";
import { outcomeOf } from "@kettlos/core/units/problem";
import { watch } from "vue";
import { report } from "../frame/errors";
import { useLarderStore } from "./larder-store";
import type { PotState } from "./pot-state";
import { usePotsStore } from "./pots-store";
import { appendEvent } from "./repository";

/** Less than this in the bowl is nothing left to portion, kg. */
const LEAST_KG = 0.03;
/** What was put away may still be spoken of until the next day: how it set, the fat that was lifted. */
const AFTER_MS = 12 * HOUR_MS;

/** Whoever took it out of the logbook again has more to say of it. */
const wasTakenBack = (events: PotState["events"]): boolean =>
  events.some(
    (e) => e.kind === "undo" && events.some((f) => f.id === e.eventId && f.kind === "finished"),
  );

/** Pots of which nothing is left to do: poured on, or all of it eaten or put away, for half a day. */
function doneAmong(
  pots: readonly PotState[],
  { lots, larder }: ReturnType<typeof useLarderStore>,
  nowMs: number,
): readonly PotState[] {
  return pots.filter((pot) => {
    const { batch, cook, events } = pot;
    if (cook.strainedMs === null || cook.finishedMs !== null) return false;
    const putAway = larder.events.filter(
      (e) =>
        (e.kind === "stored" && e.lot.batchId === batch.id) ||
        (e.kind === "used" && e.batchId === batch.id),
    );
    const lastMs = Math.max(...[...events, ...putAway].map((e) => e.atMs));
    if (nowMs - lastMs < AFTER_MS || wasTakenBack(events)) return false;
    if (isAllHandedOn(cook)) return true;
    const facts = outcomeOf(() => potFacts(batch, cook, lots));
    return (
      facts.ok &&
      facts.value.length > 0 &&
      facts.value.every((f) => potLeft(batch.id, f, larder).leftKg < LEAST_KG)
    );
  });
}

const EVERY_MS = 60_000;

/** From here on a pot that is done goes into the logbook by itself; that is undone like any entry. */
export function keepLogged(): void {
  const pots = usePotsStore();
  const larder = useLarderStore();
  watch(
    () => [Math.floor(pots.nowMs / EVERY_MS), pots.isReady && larder.isLoaded] as const,
    ([, isReady]) => {
      if (!isReady) return;
      for (const { batch } of doneAmong(pots.inEarnest, larder, pots.nowMs))
        appendEvent(batch.id, { kind: "finished" }).catch(report);
    },
    { immediate: true },
  );
}
