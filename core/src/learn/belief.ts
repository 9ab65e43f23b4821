import { exp, powerOf } from "../units/same-math";
import { square } from "../units/whole-power";
import { KITCHEN_SHARE, newThing, type Belief } from "../simulate/learned";
import { Z90 } from "../units/estimate";

/** What one pot says of a factor on a default, in the logarithm. */
export interface Observation {
  readonly potId: string;
  /** What it is about: a pot with its lid and vigour, a ring. */
  readonly thing: string;
  readonly log: number;
  /** Its noise: how far off one such pot usually is. */
  readonly sd: number;
  /** Spread of the factor of such a thing before anything is learned, one standard deviation. */
  readonly sigma: number;
}

/** An observation with how much of it is believed, 0 to 1, for its age and for its being far off. */
interface Weighed extends Observation {
  readonly weight: number;
  /** Further off than three standard deviations: asked about, and hardly believed. */
  readonly isWild: boolean;
}

export interface Learned {
  /** What is common to all things of this kitchen, each by its own spread: in units of it. */
  readonly kitchen: Belief;
  readonly things: ReadonlyMap<string, Belief>;
  readonly observations: readonly Weighed[];
}

/** Degrees of freedom of Student's t: so a wild one weighs little (docs/method.md, “What a log teaches”). */
const TAIL = 4;
/**
 * An observation that lies where it was thought weighs (ν + 1)/ν; it makes nobody surer than one normal
 * observation does, and those that lie further out less.
 */
const INFORMS = TAIL / (TAIL + 1);
/** After so many newer pots of the same thing one counts half (docs/method.md, “What a log teaches”). */
const HALF_AFTER = 30;
const WILD_SDS = 3;
const ROUNDS = 30;
const SETTLED = 1e-12;

interface Sum {
  readonly precision: number;
  readonly weighted: number;
}

/**
 * What observations teach of a factor on a default: a factor of the whole kitchen
 * and one of each thing, conjugate normal, with the tail of Student's t by reweighting (docs/method.md, “What a log teaches”).
 * @param observations of any things, the oldest first; their order counts for how far they have faded only
 */
export function learn(observations: readonly Observation[]): Learned {
  const faded = fadedBy(observations);
  let weights = faded;
  let beliefs = conjugate(observations, weights);
  for (let round = 0; round < ROUNDS; round++) {
    weights = observations.map((o, i) => {
      const off = (o.log - (beliefs.things.get(o.thing)?.mean ?? 0)) / o.sd;
      return ((faded[i] ?? 0) * (TAIL + 1)) / (TAIL + square(off));
    });
    const next = conjugate(observations, weights);
    const moved = [...next.things].map(([thing, b]) => {
      return Math.abs(b.mean - (beliefs.things.get(thing)?.mean ?? 0));
    });
    beliefs = next;
    if (Math.max(0, ...moved) < SETTLED) break;
  }
  const surer = conjugate(
    observations,
    weights.map((w) => w * INFORMS),
  );
  return {
    kitchen: { ...beliefs.kitchen, sd: surer.kitchen.sd },
    things: new Map(
      [...beliefs.things].map(([thing, { mean }]) => [
        thing,
        { mean, sd: surer.things.get(thing)?.sd ?? NaN },
      ]),
    ),
    observations: observations.map((o, i) => ({
      ...o,
      weight: Math.min(1, weights[i] ?? 0),
      isWild: isWild(o, beliefs.things.get(o.thing)),
    })),
  };
}

/** Of a thing that taught nothing yet: what the kitchen is like, and what may be its own. */
export function beliefOf(thing: string, { kitchen, things }: Learned, sigma: number): Belief {
  return things.get(thing) ?? newThing(kitchen, sigma);
}

const isWild = (o: Observation, belief: Belief | undefined): boolean =>
  belief !== undefined && Math.abs(o.log - belief.mean) > WILD_SDS * Math.hypot(o.sd, belief.sd);

/** How far each has faded, by how many newer ones there are of its thing. */
function fadedBy(observations: readonly Observation[]): readonly number[] {
  const newer = new Map<string, number>();
  const faded: number[] = [];
  for (let i = observations.length - 1; i >= 0; i--) {
    const thing = observations[i]?.thing ?? "";
    const count = newer.get(thing) ?? 0;
    faded[i] = powerOf(0.5, count / HALF_AFTER);
    newer.set(thing, count + 1);
  }
  return faded;
}

/** How far a factor may be off one way or the other, nine times in ten each, in hundredths: "±9 %". */
export const plusMinus = (sd: number): number => 100 * (exp(Z90 * sd) - 1);

/**
 * Kitchen and things by conjugate normal, each thing drawing on all others through the kitchen's factor. What
 * is less certain before moves further: all is put together in units of each thing's own spread.
 */
export function conjugate(
  observations: readonly Observation[],
  weights: readonly number[],
): Pick<Learned, "kitchen" | "things"> {
  const own = new Map<string, Sum>();
  const sigmas = new Map(observations.map((o) => [o.thing, o.sigma]));
  observations.forEach((o, i) => {
    const precision = (weights[i] ?? 0) / square(o.sd / o.sigma);
    const before = own.get(o.thing) ?? { precision: 0, weighted: 0 };
    own.set(o.thing, {
      precision: before.precision + precision,
      weighted: before.weighted + (precision * o.log) / o.sigma,
    });
  });
  const thingVariance = 1 - KITCHEN_SHARE;
  /** What a thing says of the kitchen: its mean, less sure by what may be its own. */
  const ofKitchen = new Map(
    [...own].map(([thing, { precision, weighted }]): [string, Sum] => {
      const through = precision / (1 + precision * thingVariance);
      return [thing, { precision: through, weighted: through * (weighted / precision) }];
    }),
  );
  let all: Sum = { precision: 1 / KITCHEN_SHARE, weighted: 0 };
  for (const { precision, weighted } of ofKitchen.values())
    all = { precision: all.precision + precision, weighted: all.weighted + weighted };
  const things = new Map(
    [...own].map(([thing, sum]): [string, Belief] => {
      const through = ofKitchen.get(thing) ?? { precision: 0, weighted: 0 };
      const othersPrecision = all.precision - through.precision;
      const othersMean = (all.weighted - through.weighted) / othersPrecision;
      const before = 1 / (1 / othersPrecision + thingVariance);
      const precision = before + sum.precision;
      const sigma = sigmas.get(thing) ?? NaN;
      return [
        thing,
        {
          mean: (sigma * (before * othersMean + sum.weighted)) / precision,
          sd: sigma / Math.sqrt(precision),
        },
      ];
    }),
  );
  return {
    kitchen: { mean: all.weighted / all.precision, sd: 1 / Math.sqrt(all.precision) },
    things,
  };
}
