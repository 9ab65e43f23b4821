import type { Effects, Open } from "../effect";
import type { WatchEvent } from "./schema";
import type { Check, ReadingForm, Round, Taste } from "./terms";

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

export interface Tasting {
  readonly eventId: string;
  readonly atMs: number;
  readonly who: string;
  readonly tastes: readonly Taste[];
  readonly isAtEatingHeat: boolean;
  readonly text: string;
}

export interface Watched {
  readonly readings: readonly Reading[];
  readonly temperatures: readonly Temperature[];
  readonly tastings: readonly Tasting[];
  readonly checks: readonly {
    readonly atMs: number;
    readonly itemId: string;
    readonly how: Check;
  }[];
  /** When it was last skimmed, and stirred. */
  readonly skimmedMs: number | null;
  readonly stirredMs: number | null;
  /** When each round was last let go. */
  readonly letGoMs: ReadonlyMap<Round, number>;
}

export const unwatched = (): Open<Watched> => ({
  readings: [],
  temperatures: [],
  tastings: [],
  checks: [],
  skimmedMs: null,
  stirredMs: null,
  letGoMs: new Map(),
});

export const WATCH_EFFECTS: Effects<WatchEvent, Open<Watched>> = {
  read: (watched, { id, atMs, reading, source }) =>
    watched.readings.push({
      eventId: id,
      atMs,
      form: reading.form,
      value: reading.value,
      isInstrument: source === "instrument",
    }),
  temperature: (watched, event) => watched.temperatures.push(event),
  tasted: (watched, event) => watched.tastings.push({ ...event, eventId: event.id }),
  checked: (watched, event) => watched.checks.push(event),
  skimmed: (watched, { atMs }) => (watched.skimmedMs = atMs),
  stirred: (watched, { atMs }) => (watched.stirredMs = atMs),
  lookedIn: null,
  letGo: (watched, { round, atMs }) => watched.letGoMs.set(round, atMs),
};
