import { SCHEMA_VERSION } from "../simulate/schema-version";
import type { Vigour } from "../heat/constants";
import type { CrockSetting } from "../heat/slow-cooker";
import type { Lid } from "../vessel/lid";
import type { PlanItem } from "../simulate/plan-schema";
import { COLD_DENSITY_KG_L, waterDensityKgL } from "../water/properties";
import { groupedBy } from "../units/grouped";
import { inForce } from "./in-force";
import { onOneClock } from "./one-clock";
import type {
  Check,
  Chill,
  Clarity,
  Colour,
  CookEvent,
  Interruption,
  Liking,
  Marrow,
  ReadingForm,
  Result,
  SolidsFate,
  Taste,
} from "./batch-schema";

type Kind = CookEvent["kind"];
type EventOf<K extends Kind> = Extract<CookEvent, { kind: K }>;

/** Where a pot is. */
export type Stage = "gather" | "fill" | "simmer" | "strain" | "chill" | "done";

export interface Reading {
  readonly eventId: string;
  readonly atMs: number;
  readonly form: ReadingForm;
  readonly value: number;
  readonly isInstrument: boolean;
}

export interface Temperature {
  readonly atMs: number;
  readonly where: "liquid" | "piece";
  readonly tempC: number;
}

/** A time without heat, or with the lid off; `untilMs` is null while it lasts. */
export interface Interrupted {
  readonly why: Interruption;
  readonly fromMs: number;
  readonly untilMs: number | null;
  /** Nobody knows how long: it may have begun at fromMs, when it was last seen, or any time since. */
  readonly isUnknown: boolean;
  /** When it was written down. */
  readonly saidMs: number;
}

export interface Tasting {
  readonly eventId: string;
  readonly atMs: number;
  readonly who: string;
  readonly tastes: readonly Taste[];
  readonly isAtEatingHeat: boolean;
  readonly text: string;
}

export interface Chilling {
  readonly chill: Chill;
  readonly beganMs: number;
  readonly readings: readonly { readonly atMs: number; readonly tempC: number }[];
  readonly endedMs: number | null;
  /** True where it was chilled before, and hot again since. */
  readonly wasReheated: boolean;
}

/** One thing done to a strained pot. */
export type Finishing = EventOf<(typeof FINISHES)[number]>;
const FINISHES = ["reducedTo", "stirredIn", "handedOn"] as const satisfies readonly Kind[];
const isFinishing = (event: CookEvent): event is Finishing =>
  FINISHES.some((kind) => kind === event.kind);

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
  readonly splits: readonly { itemId: string; intoId: string; massKg: number }[];
  readonly leftOut: ReadonlySet<string>;
  /** What was put in without having been planned. */
  readonly extras: readonly PlanItem[];
  /** Liquid poured in, or ladled out (below nothing); what is poured back was ladled out before, and is hot. */
  readonly pours: readonly { atMs: number; volumeL: number; isBack: boolean }[];
  readonly settings: readonly {
    atMs: number;
    vigour: Vigour;
    lid: Lid;
    setting?: CrockSetting | undefined;
    ovenC?: number | undefined;
    /** The stretch of the plan's heat that it begins. */
    stretchId?: string | undefined;
  }[];
  readonly interruptions: readonly Interrupted[];
  readonly readings: readonly Reading[];
  readonly temperatures: readonly Temperature[];
  readonly tastings: readonly Tasting[];
  readonly checks: readonly { atMs: number; itemId: string; how: Check }[];
  /** What was done, and when each time. */
  readonly did: ReadonlyMap<string, readonly number[]>;
  readonly notes: readonly { eventId: string; atMs: number; text: string }[];
  readonly result: Result | null;
  /** What was done to it after the sieve, in order. */
  readonly finishing: readonly Finishing[];
  readonly looks: { readonly clarity: Clarity | null; readonly colour: Colour | null };
  /** How it was liked once it was eaten. */
  readonly liking: Liking | null;
  readonly solids: SolidsFate | null;
  /** Solids kept apart from the liquid to be eaten, kg. */
  readonly apartKg: number;
  readonly marrow: Marrow | null;
  /** Left in the pot with the grit, L. */
  readonly leftL: number;
  /** How it is chilled, since when, what was read, and when it was cold through. */
  readonly chilling: Chilling | null;
  /** Events in force, oldest first. */
  readonly events: readonly CookEvent[];
}

/** The last event in force by order of writing. */
function lastUndoable(events: readonly CookEvent[]): CookEvent | null {
  const live = new Set(inForce(events).map((e) => e.id));
  return (
    events.findLast((e) => live.has(e.id) && !isFromInstrument(e) && e.kind !== "clockSet") ?? null
  );
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
      e.kind !== "clockSet" &&
      e.clock?.page === last.clock.page &&
      e.clock.monoMs === last.clock.monoMs);
  return events.filter(isOfTap).toReversed();
}

/** Readings that came by themselves are not what a cook means by "the last entry". */
const isFromInstrument = (event: CookEvent): boolean =>
  "source" in event && event.source === "instrument";

/** Folds a batch's events, in the order they were written, into the state of the cook. */
export function fold(events: readonly CookEvent[]): Cook {
  const written = onOneClock(events);
  const live = inForce(written);
  const byKind = groupedBy<CookEvent, Kind>(live, (event) => event.kind);
  const all = <K extends Kind>(kind: K) => (byKind.get(kind) ?? []) as EventOf<K>[];
  const firstMs = (kind: Kind) => byKind.get(kind)?.[0]?.atMs ?? null;
  const litMs = firstMs("lit");
  const offMs = firstMs("offHeat");
  const strained = all("strained").at(-1) ?? null;
  const finishedMs = firstMs("finished");
  return {
    stage:
      finishedMs !== null
        ? "done"
        : strained !== null
          ? "chill"
          : offMs !== null
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
    addedItems: addedOf(written, new Set(live)),
    swaps: all("swapped"),
    splits: all("split"),
    leftOut: new Set(all("leftOut").map((e) => e.itemId)),
    extras: all("extra").map((e) => e.item),
    pours: poursOf(all("toppedUp"), all("ladledOut"), all("pouredBack")),
    settings: all("heatSet"),
    interruptions: interruptionsOf(all("interrupted"), all("resumed")),
    readings: all("read").map((e) => ({
      eventId: e.id,
      atMs: e.atMs,
      form: e.reading.form,
      value: e.reading.value,
      isInstrument: isFromInstrument(e),
    })),
    temperatures: all("temperature"),
    tastings: all("tasted").map((e) => ({ ...e, eventId: e.id })),
    checks: all("checked"),
    did: timesOf(all("did")),
    notes: all("noted").map((e) => ({ eventId: e.id, atMs: e.atMs, text: e.text })),
    result: strained === null ? null : resultOf(strained, all("fatLifted"), all("setJudged")),
    finishing: live.filter(isFinishing),
    looks: {
      clarity: all("looked").findLast((e) => e.clarity !== undefined)?.clarity ?? null,
      colour: all("looked").findLast((e) => e.colour !== undefined)?.colour ?? null,
    },
    liking: all("liked").at(-1)?.how ?? null,
    solids: all("solids").at(-1)?.fate ?? null,
    apartKg: all("keptApart").at(-1)?.massKg ?? 0,
    marrow: strained?.measured.marrow ?? null,
    leftL: strained?.measured.leftL ?? 0,
    chilling: chillingOf(all("chillBegun"), all("chillRead"), all("chilled")),
    events: live,
  };
}

/** The last chilling begun, with what was read since. */
function chillingOf(
  begun: readonly EventOf<"chillBegun">[],
  read: readonly EventOf<"chillRead">[],
  ended: readonly EventOf<"chilled">[],
): Chilling | null {
  const last = begun.at(-1);
  if (last === undefined) return null;
  return {
    chill: last.chill,
    beganMs: last.atMs,
    readings: read.filter((r) => r.atMs >= last.atMs),
    endedMs: ended.find((e) => e.atMs >= last.atMs)?.atMs ?? null,
    wasReheated: begun.length > 1,
  };
}

/**
 * What went in, and when: what was said before it was said to be lit was in by then, also where it had been on
 * for a while before anybody said so.
 */
function addedOf(written: readonly CookEvent[], live: ReadonlySet<CookEvent>): Cook["addedItems"] {
  const inOrder = written.filter((e) => live.has(e));
  const lit = inOrder.findIndex((e) => e.kind === "lit");
  const litMs = inOrder[lit]?.atMs ?? Infinity;
  return new Map(
    inOrder.flatMap((e, i) =>
      e.kind === "added"
        ? [[e.itemId, { atMs: i < lit ? Math.min(e.atMs, litMs) : e.atMs, massKg: e.massKg }]]
        : [],
    ),
  );
}

const poursOf = (
  topped: readonly EventOf<"toppedUp">[],
  ladled: readonly EventOf<"ladledOut">[],
  back: readonly EventOf<"pouredBack">[],
): Cook["pours"] =>
  [
    ...topped.map(({ atMs, volumeL }) => ({ atMs, volumeL, isBack: false })),
    ...ladled.map(({ atMs, volumeL }) => ({ atMs, volumeL: -volumeL, isBack: false })),
    ...back.map(({ atMs, volumeL }) => ({ atMs, volumeL, isBack: true })),
  ].sort((a, b) => a.atMs - b.atMs);

/** What was still lasting ends when something is taken up again, or the next of its kind begins. */
function interruptionsOf(
  begun: readonly EventOf<"interrupted">[],
  ended: readonly EventOf<"resumed">[],
): readonly Interrupted[] {
  return begun.map(({ why, fromMs, untilMs, atMs, isUnknown }) => ({
    why,
    fromMs,
    isUnknown: isUnknown === true,
    saidMs: atMs,
    untilMs: untilMs ?? ended.find((e) => e.atMs >= atMs)?.atMs ?? null,
  }));
}

function timesOf(did: readonly EventOf<"did">[]): ReadonlyMap<string, readonly number[]> {
  const times = groupedBy(did, ({ what }) => what);
  return new Map([...times].map(([what, all]) => [what, all.map(({ atMs }) => atMs)]));
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
    isReckoned: measured.isReckoned === true,
    passes: measured.passes,
    clothPasses: measured.clothPasses,
    pressed: measured.pressed,
    fatKg: fats.at(-1)?.fatKg ?? null,
    set: sets.at(-1)?.set ?? null,
  };
}
