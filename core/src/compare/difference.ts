import { asPlanned } from "../simulate/as-planned";
import { resolve } from "../simulate/set-pot";
import { sharedByCause } from "../batch/gap";
import { LiveModel } from "../batch/live-model";
import { measuredOf } from "../batch/of-log";
import { outcomeOf } from "../units/problem";
import type { Said } from "../units/said";
import { COLD_DENSITY_KG_L } from "../water/properties";
import type { CookedPot } from "./as-cooked";
import { asOnePart, partsBetween, type Part, type PartKind } from "./parts";
import { sayPart } from "./say-parts";
import type { Side } from "./side";

/** What a pot comes to as it is reckoned: strained cold litres, and gelatin and salt in each of them, g. */
export interface Reckoned {
  readonly litres: number;
  readonly gelatinGL: number;
  readonly saltGL: number;
}

/**
 * What no plan holds: how it went by the clock, how fast it steamed by its levels, what the solids gave and
 * kept, and how rough the jug is.
 */
export type Unplanned = "clock" | "steam" | "solids" | "measuring";

/** One thing that was otherwise and what it did, second pot against first. */
export interface DifferencePart {
  readonly kinds: readonly (PartKind | Unplanned)[];
  /** What was otherwise, in words: "4.6 L → 5.0 L". */
  readonly changes: readonly Said[];
  readonly effect: Reckoned;
}

/** One of the two: what came of it, by measure, or by reckoning where nobody measured. */
export interface Came {
  readonly litres: number;
  readonly isMeasured: boolean;
  readonly reckoned: Reckoned;
}

/** Two pots, and the difference between them taken apart; the litres of the parts add up to the whole. */
export interface Difference {
  readonly from: Came;
  readonly to: Came;
  readonly parts: readonly DifferencePart[];
}

const NOTHING: Reckoned = { litres: 0, gelatinGL: 0, saltGL: 0 };
const plus = (a: Reckoned, b: Reckoned, times = 1): Reckoned => ({
  litres: a.litres + times * b.litres,
  gelatinGL: a.gelatinGL + times * b.gelatinGL,
  saltGL: a.saltGL + times * b.saltGL,
});
/** Less than this nobody can tell from the jug: L, and g/L. */
const LEAST_L = 0.005;
const LEAST_GL = 0.05;
const isSmall = ({ effect, changes }: DifferencePart): boolean =>
  changes.length === 0 &&
  Math.abs(effect.litres) < LEAST_L &&
  Math.abs(effect.gelatinGL) < LEAST_GL &&
  Math.abs(effect.saltGL) < LEAST_GL;

/** What is too small to be told goes with the jug, so that all of it still adds up. */
function told(parts: readonly DifferencePart[]): readonly DifferencePart[] {
  const small = parts.filter(isSmall);
  const large = parts.filter((p) => !isSmall(p));
  const effect = small.reduce((sum, p) => plus(sum, p.effect), NOTHING);
  if (small.length === 0 || JSON.stringify(effect) === JSON.stringify(NOTHING)) return large;
  const jug = large.find((p) => p.kinds[0] === "measuring");
  return jug === undefined
    ? [...large, { kinds: ["measuring"], changes: [], effect }]
    : large.map((p) => (p === jug ? { ...p, effect: plus(p.effect, effect) } : p));
}

/** @throws Problem as simulate does, or what kept it from coming to its end */
function reckon({ plan, kitchen, course, leftL }: CookedPot): Reckoned {
  const { strained, problem } = asPlanned(resolve(plan, kitchen), { course }).trace;
  if (problem !== null) throw problem;
  return {
    litres: Math.max(0, strained.volumeL - leftL),
    gelatinGL: strained.gelatinGL,
    saltGL: strained.saltGL,
  };
}

/**
 * What each part does on the way from one pot to the other. It depends on what was changed before it: so it
 * is the mean of all parts changed in their order and in the opposite one, which adds up to the whole all the
 * same, and is the same seen from either pot.
 */
function effectsOf(
  a: CookedPot,
  b: CookedPot,
  parts: readonly Part[],
): ReadonlyMap<Part, Reckoned> {
  const [first, last] = [reckon(a), reckon(b)];
  const effects = new Map(parts.map((part) => [part, NOTHING]));
  for (const order of [parts, parts.toReversed()]) {
    let pot = a;
    let before = first;
    order.forEach((part, i) => {
      pot = part.take(pot, b);
      const after = i === order.length - 1 ? last : reckon(pot);
      effects.set(part, plus(effects.get(part) ?? NOTHING, plus(after, before, -1), 0.5));
      before = after;
    });
  }
  return effects;
}

/** What no plan holds of a pot, cold litres: they add up to what came out, over what is reckoned of it as cooked. */
type Beside = Readonly<Record<Unplanned, number>>;

function besideOf({ setPot, cook, offMs, live }: Side, reckoned: Reckoned): Beside {
  const { plan, kitchen } = setPot;
  const model = new LiveModel(setPot, cook, offMs);
  const { ledger } = model.planned;
  const leftKg = -ledger.leftOnSolids - ledger.leftInCloth;
  const liquidKg = Math.max(0, model.liquidKg(model.modelMin(offMs), 1) - leftKg);
  const byClockL = Math.max(0, liquidKg / COLD_DENSITY_KG_L - cook.leftL);
  const byLevelsL =
    cook.readings.length === 0 ? byClockL : Math.max(0, live.strainedL.expected - cook.leftL);
  const gotL = measuredOf(cook)?.strainedL ?? byLevelsL;
  const rest = sharedByCause(gotL - byLevelsL, live, { plan, kitchen, cook });
  return {
    clock: byClockL - reckoned.litres,
    steam: byLevelsL - byClockL + rest.steam,
    solids: rest.solids + rest.juice,
    measuring: rest.measuring,
  };
}

const UNPLANNED = ["clock", "steam", "solids", "measuring"] as const satisfies readonly Unplanned[];

/**
 * Two finished pots held against each other: what was otherwise, and how much of the difference in what came
 * out each of it makes. What was done is simulated part by part; what is left is how each went by the clock
 * against that, what its levels say of its steam, and the rest (juice, solids, the jug).
 * @throws Problem where one of the two cannot be reckoned at all
 */
export function differenceOf(from: Side, to: Side): Difference {
  const [a, b] = [from.pot, to.pot];
  const apart = partsBetween(a, b);
  const tried = outcomeOf(() => effectsOf(a, b, apart));
  // A pot half one and half the other may be none that can be: then it is one difference.
  const effects = tried.ok ? tried.value : effectsOf(a, b, [asOnePart(apart)]);
  const [aReckoned, bReckoned] = [reckon(a), reckon(b)];
  const aBeside = besideOf(from, aReckoned);
  const bBeside = besideOf(to, bReckoned);
  const parts: readonly DifferencePart[] = [
    ...[...effects].map(([part, effect]): DifferencePart => ({
      kinds: part.kinds,
      changes: sayPart(part.kinds, a, b),
      effect,
    })),
    ...UNPLANNED.map((kind): DifferencePart => ({
      kinds: [kind],
      changes: [],
      effect: { ...NOTHING, litres: bBeside[kind] - aBeside[kind] },
    })),
  ];
  return {
    from: cameOf(from, aBeside, aReckoned),
    to: cameOf(to, bBeside, bReckoned),
    parts: told(parts),
  };
}

const cameOf = ({ cook }: Side, beside: Beside, reckoned: Reckoned): Came => ({
  litres: UNPLANNED.reduce((sum, kind) => sum + beside[kind], reckoned.litres),
  isMeasured: measuredOf(cook) !== null,
  reckoned,
});
