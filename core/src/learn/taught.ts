import { USUAL_SIGMA_LOG } from "../simulate/heat-facts";
import { SPREAD } from "../simulate/parameters";
import { beliefOf, learn, plusMinus, type Learned, type Observation } from "./belief";
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
  /** What a thing that is new to this kitchen would be like, by all the others. */
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
      ),
    ]),
  ) as Record<TaughtKind, Learned>;
  return {
    values: KINDS.flatMap((kind) =>
      [...learned[kind].things].map(([thing, { mean, sd }]): Taught => {
        const from = learned[kind].observations.filter((o) => o.thing === thing);
        return {
          kind,
          thing,
          before: 1,
          factor: Math.exp(mean),
          plusMinusPct: plusMinus(sd),
          beforePlusMinusPct: plusMinus(from[0]?.sigma ?? NaN),
          from: from.map(({ potId, log, weight, isWild }) => ({
            potId,
            factor: Math.exp(log),
            weight,
            isWild,
          })),
        };
      }),
    ),
    kitchen: {
      steam: fresh(learned.steam, USUAL_SIGMA_LOG),
      ring: fresh(learned.ring, SPREAD.efficiency.value),
    },
    notUsed: used.flatMap(({ potId, seen }) =>
      KINDS.flatMap((kind) => (seen[kind].ok ? [] : [{ potId, kind, why: seen[kind].why }])),
    ),
  };
}

/** What a thing that is new to the kitchen may be like, of the usual spread. */
function fresh(learned: Learned, sigma: number) {
  const { mean, sd } = beliefOf("", learned, sigma);
  return { factor: Math.exp(mean), plusMinusPct: plusMinus(sd) };
}
