import { SPREAD } from "../simulate/parameters";
import { learn, plusMinus, type Observation } from "./belief";
import { ringSeen, steamSeen, type LoggedPot, type Seen } from "./from-pot";

/** What is learned: how fast a pot steams, how much of a ring's heat reaches its pot. */
export type TaughtKind = "steam" | "ring";

/** One pot's word on it. */
export interface TaughtBy {
  readonly potId: string;
  /** As a factor on the default. */
  readonly factor: number;
  /** How much of it is believed, 0 to 1: old ones have faded, wild ones are doubted. */
  readonly weight: number;
  readonly isWild: boolean;
}

/** A factor on a default, as this kitchen has taught it. */
export interface Taught {
  readonly kind: TaughtKind;
  /** What it is of, by ids: "tall|ajar|bare", "left|tall". */
  readonly thing: string;
  readonly before: number;
  readonly factor: number;
  /** In hundredths, one way or the other, nine times in ten each. */
  readonly plusMinusPct: number;
  readonly beforePlusMinusPct: number;
  readonly from: readonly TaughtBy[];
}

export interface WhatTaught {
  readonly values: readonly Taught[];
  /** What the whole kitchen has in common, for a thing that is new to it. */
  readonly kitchen: Readonly<
    Record<TaughtKind, { readonly factor: number; readonly plusMinusPct: number }>
  >;
  readonly notUsed: readonly {
    readonly potId: string;
    readonly kind: TaughtKind;
    readonly why: string;
  }[];
}

/** What every pot says by itself: worked out once a pot, for it does not change with what others say. */
export interface PotWords {
  readonly potId: string;
  readonly atMs: number;
  readonly seen: Readonly<Record<TaughtKind, Seen>>;
}

/** Usual spread of how fast a pot steams, one standard deviation of the logarithm (model section 13). */
export const STEAM_SIGMA = 0.35;
const SIGMA: Record<TaughtKind, number> = { steam: STEAM_SIGMA, ring: SPREAD.efficiency.value };
const KINDS: readonly TaughtKind[] = ["steam", "ring"];

export const wordsOf = (pot: LoggedPot): PotWords => ({
  potId: pot.batch.id,
  atMs: pot.cook.litMs ?? pot.batch.createdMs,
  seen: { steam: steamSeen(pot), ring: ringSeen(pot) },
});

/**
 * What a kitchen's pots have taught, in one pass over what each says (model section 13).
 * @param without pots that are left out by hand, or the one whose own forecast is made
 */
export function whatTaught(
  words: readonly PotWords[],
  without: ReadonlySet<string> = new Set(),
): WhatTaught {
  const used = words.filter((w) => !without.has(w.potId)).sort((a, b) => a.atMs - b.atMs);
  const learned = Object.fromEntries(
    KINDS.map((kind) => [
      kind,
      learn(
        used.flatMap(({ seen }): Observation[] => (seen[kind].ok ? [seen[kind].observation] : [])),
        SIGMA[kind],
      ),
    ]),
  ) as Record<TaughtKind, ReturnType<typeof learn>>;
  return {
    values: KINDS.flatMap((kind) =>
      [...learned[kind].things].map(([thing, { mean, sd }]): Taught => ({
        kind,
        thing,
        before: 1,
        factor: Math.exp(mean),
        plusMinusPct: plusMinus(sd),
        beforePlusMinusPct: plusMinus(SIGMA[kind]),
        from: learned[kind].observations
          .filter((o) => o.thing === thing)
          .map(({ potId, log, weight, isWild }) => ({
            potId,
            factor: Math.exp(log),
            weight,
            isWild,
          })),
      })),
    ),
    kitchen: {
      steam: common(learned.steam.kitchen),
      ring: common(learned.ring.kitchen),
    },
    notUsed: used.flatMap(({ potId, seen }) =>
      KINDS.flatMap((kind) => (seen[kind].ok ? [] : [{ potId, kind, why: seen[kind].why }])),
    ),
  };
}

const common = ({ mean, sd }: { readonly mean: number; readonly sd: number }) => ({
  factor: Math.exp(mean),
  plusMinusPct: plusMinus(sd),
});
