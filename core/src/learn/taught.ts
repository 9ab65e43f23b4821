import { exp } from "../units/same-math";
import { USUAL_SIGMA_LOG } from "../simulate/heat-facts";
import type { LearnedFactors } from "../simulate/learned-schema";
import { LEARNED_KINDS, type LearnedKind } from "../simulate/learned-kinds";
import { USUAL_SIGMA_LOG as USUAL_COOLING_SIGMA } from "../cool/ways";
import { TARGET_SIGMA } from "../doneness/target-belief";
import { HOT_SIGMA } from "../simulate/hot-here";
import { WORK_SIGMA } from "../simulate/learned";
import { BODY_SIGMA, SALT_SIGMA } from "../simulate/wanted-here";
import { SPREAD } from "../simulate/parameters";
import type { Teaching } from "../simulate/teaching-schema";
import { NO_TEACHING } from "../simulate/no-teaching";
import { beliefOf, learn, plusMinus, type Learned, type Observation } from "./belief";
import { ringSeen, steamSeen, type LoggedPot, type Seen } from "./from-pot";
import { begunMs } from "../batch/of-log";
import { hotSeen } from "./hot-seen";
import { keptSeen } from "./kept-seen";
import { setSeen } from "./set-seen";
import { coolSeen } from "./cool-seen";
import { tenderSeen } from "./tender-seen";
import { tasteSeen } from "./taste-seen";
import { workSeen } from "./work-seen";

/**
 * What is learned: how fast a pot steams, how much of a ring's heat reaches its pot, how hot a heat gets, how long work takes, how
 * much gelatin bones give and liquid solids keep, how much cooking meat takes to be tender, how fast things cool, how salty and how thick it is wanted.
 */
export type TaughtKind = LearnedKind;

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
  /** Kept as it was by hand, whatever its pots say since. */
  readonly isFrozen: boolean;
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
    readonly kind: SeenOnce;
    readonly why: string;
  }[];
}

/** What every pot says by itself: worked out once a pot, for it does not change with what others say. */
export interface PotWords {
  readonly potId: string;
  /** The kitchen it was cooked in. */
  readonly kitchenId: string;
  readonly atMs: number;
  readonly seen: Readonly<Record<SeenOnce, Seen>>;
  /** How hot its heat got, how long each piece of its work took, what its bones gave, what stayed on its solids, what its forks said, how fast it cooled, how salty and how thick it was wanted. */
  readonly said: Readonly<Record<SaidAny, readonly Observation[]>>;
}

/** What every pot says once, or why not. */
export const SEEN_ONCE = ["steam", "ring"] as const satisfies readonly TaughtKind[];
export type SeenOnce = (typeof SEEN_ONCE)[number];
/** What it says as often as it was done, or not at all. */
type SaidAny = Exclude<TaughtKind, SeenOnce>;
const isSeenOnce = (kind: TaughtKind): kind is SeenOnce => SEEN_ONCE.some((k) => k === kind);
const byKind = <T>(of: (kind: TaughtKind) => T) =>
  Object.fromEntries(LEARNED_KINDS.map((kind) => [kind, of(kind)])) as Record<TaughtKind, T>;

/** What a pot says of one kind. */
export function saidOf({ seen, said }: PotWords, kind: TaughtKind): readonly Observation[] {
  if (!isSeenOnce(kind)) return said[kind];
  const once = seen[kind];
  return once.ok ? [once.observation] : [];
}

export const wordsOf = (pot: LoggedPot): PotWords => ({
  potId: pot.batch.id,
  kitchenId: pot.batch.kitchen.id,
  atMs: begunMs(pot),
  seen: { steam: steamSeen(pot), ring: ringSeen(pot) },
  said: {
    hot: hotSeen(pot),
    work: workSeen(pot),
    set: setSeen(pot),
    kept: keptSeen(pot),
    tender: tenderSeen(pot),
    cooling: coolSeen(pot),
    ...tasteSeen(pot),
  },
});

const learnedBy = (words: readonly PotWords[], teaching: Teaching) =>
  byKind((kind): Learned => {
    const sinceMs = new Map<string, number>();
    for (const reset of teaching.resets)
      if (reset.kind === kind)
        sinceMs.set(
          reset.thing,
          Math.max(Date.parse(reset.at), sinceMs.get(reset.thing) ?? -Infinity),
        );
    return learn(
      words.flatMap((pot): readonly Observation[] =>
        saidOf(pot, kind).filter((o) => pot.atMs >= (sinceMs.get(o.thing) ?? -Infinity)),
      ),
    );
  });

/** A pot that came with another kitchen's log speaks of pots and rings that are not these. */
const isFromElsewhere = (words: PotWords, { kitchenId }: TaughtOptions): boolean =>
  kitchenId !== undefined && words.kitchenId !== kitchenId;

/** The pots that are learned from, the oldest first. */
const usedOf = (words: readonly PotWords[], options: TaughtOptions): readonly PotWords[] => {
  const { without = new Set(), teaching = NO_TEACHING } = options;
  const leftOut = new Set([...teaching.leftOut, ...without]);
  return words
    .filter((w) => !leftOut.has(w.potId) && !isFromElsewhere(w, options))
    .sort((a, b) => a.atMs - b.atMs);
};

/** What pots speak of, and what is kept by hand, though all its pots are left out since. */
const thingsOf = (
  kind: TaughtKind,
  { things }: Learned,
  { frozen }: Teaching,
): readonly string[] => [
  ...new Set([...things.keys(), ...frozen.filter((f) => f.kind === kind).map((f) => f.thing)]),
];

const USUAL_SIGMA: Readonly<Record<TaughtKind, number>> = {
  steam: USUAL_SIGMA_LOG,
  ring: SPREAD.efficiency.value,
  hot: HOT_SIGMA.value,
  work: WORK_SIGMA.value,
  set: SPREAD.extraction.value,
  kept: SPREAD.leftOnSolids.value,
  tender: TARGET_SIGMA.value,
  cooling: USUAL_COOLING_SIGMA,
  salt: SALT_SIGMA.value,
  body: BODY_SIGMA.value,
};

/** Spread of such a thing before anything is learned, as any pot of it has said. */
function sigmaIn(words: readonly PotWords[], kind: TaughtKind, thing: string): number {
  for (const pot of words) {
    const said = saidOf(pot, kind).find((o) => o.thing === thing);
    if (said !== undefined) return said.sigma;
  }
  return USUAL_SIGMA[kind];
}

const frozenIn = ({ frozen }: Teaching, kind: TaughtKind, thing: string) =>
  frozen.find((f) => f.kind === kind && f.thing === thing);

interface TaughtOptions {
  /** Pots that have no word in it beside those that are left out by hand: the one whose own forecast is made. */
  readonly without?: ReadonlySet<string>;
  /** What the cook says to it. */
  readonly teaching?: Teaching;
  /** The kitchen that learns; nothing is learned from pots of another. */
  readonly kitchenId?: string;
}

/** What a kitchen's pots have taught, as a simulation draws on it (docs/method.md, “What a log teaches”). */
export function learnedOf(words: readonly PotWords[], options: TaughtOptions = {}): LearnedFactors {
  const { teaching = NO_TEACHING } = options;
  const learned = learnedBy(usedOf(words, options), teaching);
  return byKind((kind): LearnedFactors[SeenOnce] => {
    const { kitchen, things, observations } = learned[kind];
    const pots = new Map<string, number>();
    for (const { thing } of observations) pots.set(thing, (pots.get(thing) ?? 0) + 1);
    const frozen = teaching.frozen.filter((f) => f.kind === kind);
    return {
      things: Object.fromEntries([
        ...[...things].map(([thing, { mean, sd }]) => [
          thing,
          { log: mean, sd, pots: pots.get(thing) ?? 0 },
        ]),
        ...frozen.map(({ thing, log, sd, pots: from }) => [thing, { log, sd, pots: from }]),
      ]) as LearnedFactors[SeenOnce]["things"],
      kitchen: { log: kitchen.mean, sd: kitchen.sd, pots: observations.length },
    };
  });
}

/** The same told: each value with what it was before and what every pot said of it, in one pass. */
export function whatTaught(words: readonly PotWords[], options: TaughtOptions = {}): WhatTaught {
  const { teaching = NO_TEACHING } = options;
  const used = usedOf(words, options);
  const learned = learnedBy(used, teaching);
  return {
    values: LEARNED_KINDS.flatMap((kind) =>
      thingsOf(kind, learned[kind], teaching).map((thing): Taught => {
        const from = learned[kind].observations.filter((o) => o.thing === thing);
        const frozen = frozenIn(teaching, kind, thing);
        const sigma = sigmaIn(words, kind, thing);
        const { mean, sd } = beliefOf(thing, learned[kind], sigma);
        return {
          kind,
          thing,
          before: 1,
          factor: exp(frozen?.log ?? mean),
          plusMinusPct: plusMinus(frozen?.sd ?? sd),
          beforePlusMinusPct: plusMinus(sigma),
          isFrozen: frozen !== undefined,
          from: from.map(({ potId, log, weight, isWild }) => ({
            potId,
            factor: exp(log),
            weight,
            isWild,
          })),
        };
      }),
    ),
    kitchen: byKind((kind) => fresh(learned[kind], USUAL_SIGMA[kind])),
    notUsed: [
      ...used.flatMap(({ potId, seen }) =>
        SEEN_ONCE.flatMap((kind) => (seen[kind].ok ? [] : [{ potId, kind, why: seen[kind].why }])),
      ),
      ...words
        .filter((w) => isFromElsewhere(w, options))
        .flatMap(({ potId }) =>
          SEEN_ONCE.map((kind) => ({ potId, kind, why: "it was cooked in another kitchen" })),
        ),
    ],
  };
}

/** What a thing that is new to the kitchen may be like, of the usual spread. */
function fresh(learned: Learned, sigma: number) {
  const { mean, sd } = beliefOf("", learned, sigma);
  return { factor: exp(mean), plusMinusPct: plusMinus(sd) };
}
