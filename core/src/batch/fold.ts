import type { Vigour } from "../heat/constants";
import type { Lid } from "../vessel/lid";
import type { PlanItem } from "../simulate/plan-schema";
import { SCHEMA_VERSION } from "../simulate/kitchen-schema";
import { COLD_DENSITY_KG_L, waterDensityKgL } from "../water/properties";
import type { CookEvent, ReadingForm, Result } from "./batch-schema";

type EventOf<K extends CookEvent["kind"]> = Extract<CookEvent, { kind: K }>;

/** Where a pot is. */
export type Stage = "gather" | "fill" | "simmer" | "strain" | "done";

export interface Reading {
  readonly eventId: string;
  readonly atMs: number;
  readonly form: ReadingForm;
  readonly value: number;
}

/** A cook so far: what the events come to, once those taken back are left out. */
export interface Cook {
  readonly stage: Stage;
  readonly litMs: number | null;
  readonly boiledMs: number | null;
  readonly simmerMs: number | null;
  readonly offMs: number | null;
  readonly strainedMs: number | null;
  readonly finishedMs: number | null;
  readonly addedItems: ReadonlyMap<string, { atMs: number; massKg: number }>;
  readonly swaps: readonly { itemId: string; ingredientId: string; massKg: number }[];
  /** What was put in without having been planned. */
  readonly extras: readonly PlanItem[];
  readonly topUps: readonly { atMs: number; volumeL: number }[];
  readonly settings: readonly { atMs: number; vigour: Vigour; lid: Lid }[];
  readonly readings: readonly Reading[];
  readonly did: ReadonlySet<string>;
  readonly notes: readonly { eventId: string; atMs: number; text: string }[];
  readonly result: Result | null;
  /** Events in force, oldest first. */
  readonly events: readonly CookEvent[];
}

/** Events in force, in time order: an undo takes its event back, and an undo can itself be undone. */
export function inForce(events: readonly CookEvent[]): readonly CookEvent[] {
  const gone = new Set<string>();
  for (const event of [...events].reverse())
    if (event.kind === "undo" && !gone.has(event.id)) gone.add(event.eventId);
  return events
    .filter((e) => e.kind !== "undo" && !gone.has(e.id))
    .map((event, order) => ({ event, order }))
    .sort((a, b) => a.event.atMs - b.event.atMs || a.order - b.order)
    .map(({ event }) => event);
}

/** The event that an undo would take back now: the last one in force by order of writing. */
export function lastUndoable(events: readonly CookEvent[]): CookEvent | null {
  const live = new Set(inForce(events).map((e) => e.id));
  return events.findLast((e) => live.has(e.id)) ?? null;
}

/** Folds a batch's events, in the order they were written, into the state of the cook. */
export function fold(events: readonly CookEvent[]): Cook {
  const live = inForce(events);
  const ofKind = <K extends CookEvent["kind"]>(kind: K): EventOf<K>[] =>
    live.filter((e): e is EventOf<K> => e.kind === kind);
  const firstMs = (kind: CookEvent["kind"]) => ofKind(kind)[0]?.atMs ?? null;
  const litMs = firstMs("lit");
  const offMs = firstMs("offHeat");
  const strained = ofKind("strained").at(-1) ?? null;
  const finishedMs = firstMs("finished");
  return {
    stage:
      finishedMs !== null
        ? "done"
        : offMs !== null || strained !== null
          ? "strain"
          : litMs !== null
            ? "simmer"
            : "fill",
    litMs,
    boiledMs: firstMs("boils"),
    simmerMs: firstMs("simmers"),
    offMs,
    strainedMs: strained?.atMs ?? null,
    finishedMs,
    addedItems: new Map(ofKind("added").map((e) => [e.itemId, { atMs: e.atMs, massKg: e.massKg }])),
    swaps: ofKind("swapped").map(({ itemId, ingredientId, massKg }) => ({
      itemId,
      ingredientId,
      massKg,
    })),
    extras: ofKind("extra").map((e) => e.item),
    topUps: ofKind("toppedUp").map((e) => ({
      atMs: e.atMs,
      volumeL: e.volumeL,
    })),
    settings: ofKind("heatSet").map((e) => ({
      atMs: e.atMs,
      vigour: e.vigour,
      lid: e.lid,
    })),
    readings: ofKind("read").map((e) => ({
      eventId: e.id,
      atMs: e.atMs,
      form: e.reading.form,
      value: e.reading.value,
    })),
    did: new Set(ofKind("did").map((e) => e.what)),
    notes: ofKind("noted").map((e) => ({
      eventId: e.id,
      atMs: e.atMs,
      text: e.text,
    })),
    result: strained === null ? null : resultOf(strained, ofKind("fatLifted"), ofKind("setJudged")),
    events: live,
  };
}

function resultOf(
  strained: EventOf<"strained">,
  fats: readonly EventOf<"fatLifted">[],
  sets: readonly EventOf<"setJudged">[],
): Result {
  const { measured } = strained;
  const massKg = measured.massKg ?? (measured.volumeL ?? 0) * waterDensityKgL(measured.tempC);
  return {
    schemaVersion: SCHEMA_VERSION,
    batchId: strained.batchId,
    strainedMs: strained.atMs,
    strainedL: massKg / COLD_DENSITY_KG_L,
    servedKg: measured.servedKg ?? null,
    passes: measured.passes,
    clothPasses: measured.clothPasses,
    pressed: measured.pressed,
    fatKg: fats.at(-1)?.fatKg ?? null,
    set: sets.at(-1)?.set ?? null,
  };
}
