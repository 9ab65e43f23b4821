import type { Effects } from "../effect";
import type { Chill, ChillEvent } from "./schema";

export interface Chilling {
  readonly chill: Chill;
  readonly beganMs: number;
  readonly readings: readonly { readonly atMs: number; readonly tempC: number }[];
  readonly endedMs: number | null;
  /** True where it was chilled before, and hot again since. */
  readonly wasReheated: boolean;
  /** How it was chilled before it was moved; null where it was not. */
  readonly moved: Chilling | null;
}

/** The ways it was chilled since it was hot last, the first of them foremost. */
export const waysOf = (chilling: Chilling): readonly Chilling[] => [
  ...(chilling.moved === null ? [] : waysOf(chilling.moved)),
  chilling,
];

export interface Chilled {
  /** How it is chilled, since when, what was read, and when it was cold through. */
  readonly chilling: Chilling | null;
}

interface OpenChilling extends Chilling {
  readonly readings: { readonly atMs: number; readonly tempC: number }[];
  endedMs: number | null;
}

export const unchilled = (): { chilling: OpenChilling | null } => ({ chilling: null });

const begun = (chill: Chill, atMs: number): OpenChilling => ({
  chill,
  beganMs: atMs,
  readings: [],
  endedMs: null,
  wasReheated: false,
  moved: null,
});

export const CHILL_EFFECTS: Effects<ChillEvent, { chilling: OpenChilling | null }> = {
  chillBegun: (pot, { chill, atMs }) => {
    const wasReheated = pot.chilling !== null;
    pot.chilling = { ...begun(chill, atMs), wasReheated };
  },
  chillMoved: (pot, { chill, atMs }) => {
    const moved = pot.chilling;
    pot.chilling = { ...begun(chill, atMs), wasReheated: moved?.wasReheated === true, moved };
  },
  chillRead: ({ chilling }, { atMs, tempC }) => chilling?.readings.push({ atMs, tempC }),
  chilled: ({ chilling }, { atMs }) => {
    if (chilling !== null) chilling.endedMs ??= atMs;
  },
};
