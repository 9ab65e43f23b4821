import { happenedBy, type Happened } from "../events/cook";
import type { CookEvent } from "../events/event-schema";
import { SCHEMA_VERSION } from "../simulate/schema-version";
import { COLD_DENSITY_KG_L, waterDensityKgL } from "../water/properties";
import type { Result } from "./batch-schema";
import { isByCook } from "./by-cook";
import { inByLit } from "./in-by-lit";
import { inForce } from "./in-force";
import { onOneClock } from "./one-clock";

/** Where a pot is. */
export type Stage = "gather" | "fill" | "simmer" | "strain" | "chill" | "done";

/** A cook so far: what the events come to, once those taken back are left out. */
export interface Cook extends Happened {
  readonly stage: Stage;
  /** What came out of it, once it was strained. */
  readonly result: Result | null;
  /** Events in force, oldest first. */
  readonly events: readonly CookEvent[];
}

/** The last event in force by order of writing. */
function lastUndoable(events: readonly CookEvent[]): CookEvent | null {
  const live = new Set(inForce(events).map((e) => e.id));
  return events.findLast((e) => live.has(e.id) && isByCook(e)) ?? null;
}

/** What an undo takes back now, the last first: the last entry, and what was written with the same tap. */
export function lastTap(events: readonly CookEvent[]): readonly CookEvent[] {
  const last = lastUndoable(events);
  if (last === null) return [];
  const live = new Set(inForce(events).map((e) => e.id));
  const isOfTap = (e: CookEvent) =>
    e.id === last.id ||
    (live.has(e.id) &&
      last.clock !== undefined &&
      isByCook(e) &&
      e.clock?.page === last.clock.page &&
      e.clock.monoMs === last.clock.monoMs);
  return events.filter(isOfTap).toReversed();
}

/** Folds a batch's events, in the order they were written, into the state of the cook. */
export function fold(events: readonly CookEvent[]): Cook {
  const live = inForce(inByLit(onOneClock(events)));
  const happened = happenedBy(live);
  return { ...happened, stage: stageOf(happened), result: resultOf(happened), events: live };
}

function stageOf({ finishedMs, strainedMs, offMs, litMs }: Happened): Stage {
  if (finishedMs !== null) return "done";
  if (strainedMs !== null) return "chill";
  if (offMs !== null) return "strain";
  return litMs === null ? "fill" : "simmer";
}

function resultOf({ strained, fatKg, set }: Happened): Result | null {
  if (strained === null) return null;
  const { measured } = strained;
  const massKg = measured.massKg ?? (measured.volumeL ?? 0) * waterDensityKgL(measured.tempC);
  return {
    schemaVersion: SCHEMA_VERSION,
    batchId: strained.batchId,
    strainedMs: strained.atMs,
    strainedL: massKg / COLD_DENSITY_KG_L,
    servedKg: measured.servedKg ?? null,
    isReckoned: measured.isReckoned === true,
    passes: measured.passes,
    clothPasses: measured.clothPasses,
    pressed: measured.pressed,
    fatKg,
    set,
  };
}
