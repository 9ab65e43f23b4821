import { exp } from "../units/same-math";
import { gatesFrom, type BeforeChilling } from "./before-chilling";
import { FRIDGE_FROM_C } from "./chill-live";
import type { Gate } from "./codes";
import { floorM2, holdsL, type CoolingContainer } from "./container";
import {
  coolingCurve,
  whenAtMin,
  type CoolingFacts,
  type CoolingPoint,
  type CoolingStage,
  type GateResult,
} from "./cooling";
import { normalCdf, Z90 } from "../units/estimate";
import { spreadOf, WAYS, type CoolingWay } from "./ways";

/** What is to be chilled, and what its clock has run through already; nothing where it is hot. */
interface ToChill extends CoolingFacts {
  readonly before?: BeforeChilling | null;
}

/** One way of chilling a pot, simulated. */
export interface ChillChoice {
  readonly id: string;
  /** What stands in each container. */
  readonly facts: ToChill;
  readonly container: CoolingContainer;
  readonly count: number;
  readonly stages: readonly CoolingStage[];
  readonly points: readonly CoolingPoint[];
  readonly gates: readonly GateResult[];
  /** In time as expected. */
  readonly passes: boolean;
  /** In time at the slow end (P90) too. */
  readonly isSure: boolean;
  /** So many of its containers the kitchen has not got. */
  readonly lacks: number;
  /** Hands and things it asks for: the less the better. */
  readonly effort: number;
}

const MARGIN_MIN = 2;
const EFFORT: Readonly<Record<CoolingWay, number>> = {
  fridge: 0,
  room: 0,
  fan: 1,
  sink: 2,
  trough: 2,
  iceBath: 4,
};

const isEverywhere = ({ stages }: ChillChoice): boolean =>
  stages.every((s) => WAYS[s.way].isEverywhere);

/** The least work that is surely fast enough with what this kitchen has; null where nothing is. */
export const bestOf = (choices: readonly ChillChoice[]): ChillChoice | null =>
  choices.find((c) => c.isSure && c.lacks === 0 && isEverywhere(c)) ?? null;

/** Where nothing is surely fast enough: what is most in time, or least late, with what this kitchen has. */
export const quickestOf = (choices: readonly ChillChoice[]): ChillChoice | null =>
  choices
    .filter((c) => c.lacks === 0 && isEverywhere(c))
    .toSorted((a, b) => overMin(a) - overMin(b))[0] ?? null;

/**
 * The least work that is surely fast enough where the kitchen lacks fewest of what it takes; null where no
 * number of anything is enough.
 */
export const withMoreOf = (choices: readonly ChillChoice[]): ChillChoice | null =>
  choices
    .filter((c) => c.isSure && c.lacks > 0 && isEverywhere(c))
    .toSorted((a, b) => a.lacks - b.lacks || a.effort - b.effort)[0] ?? null;

/** Everything but the container and how much is in it. */
export type PotToChill = Omit<ToChill, "container" | "massKg">;

/** The stages that begin with a way: a bath until it is cool, then the fridge. */
export function stagesBeginning(way: CoolingWay, facts: CoolingFacts): readonly CoolingStage[] {
  if (way === "fridge") return [{ way, min: 0 }];
  const alone = coolingCurve(facts, [{ way, min: 0 }]);
  const coolMin = whenAtMin(alone, FRIDGE_FROM_C) ?? whenAtMin(alone, FRIDGE_FROM_C + 8) ?? 60;
  return [
    { way, min: Math.ceil(coolMin + MARGIN_MIN) },
    { way: "fridge", min: 0 },
  ];
}

/** So many of a container as hold all of it. */
export const countFor = (container: CoolingContainer, volumeL: number): number =>
  Math.max(1, Math.ceil(volumeL / holdsL(container) - 1e-9));

/** Thinner than this it is poured to no end, m; more than so many nobody carries. */
const THINNEST_M = 0.015;
const MOST = 24;

/**
 * Every container by every way to begin with, in so many of it (and so as shallow) as the slow end passes
 * the gates; where none is enough, so many as pass as expected, else as hold it. Those that surely pass with
 * what there is stand first, the least effort foremost; then those that take more of it than there is; then
 * those that pass as expected; then those that do not, the nearest foremost.
 */
export function chillChoices(
  pot: PotToChill,
  totalKg: number,
  containers: readonly CoolingContainer[],
  ways: readonly CoolingWay[],
  gates: readonly Gate[],
): readonly ChillChoice[] {
  const all = containers.flatMap((container) =>
    ways.map((way) => inEnough({ ...pot, container }, totalKg, way, gates)),
  );
  const rank = (c: ChillChoice) => (c.isSure ? (c.lacks === 0 ? 0 : 1) : c.passes ? 2 : 3);
  return all.sort(
    (a, b) => rank(a) - rank(b) || (a.passes ? a.effort - b.effort : overMin(a) - overMin(b)),
  );
}

/** As few of one container as are enough. */
function inEnough(
  pot: Omit<ToChill, "massKg">,
  totalKg: number,
  way: CoolingWay,
  gates: readonly Gate[],
): ChillChoice {
  const least = countFor(pot.container, totalKg);
  const most = mostOf(pot.container, totalKg, least);
  const of = (count: number) => inCount(pot, totalKg, count, way, gates);
  const fewest = of(least);
  if (fewest.isSure || most === least) return fewest;
  const enough = (is: (c: ChillChoice) => boolean): ChillChoice | null => {
    if (!is(of(most))) return null;
    let [low, high] = [least, most];
    while (low < high) {
      const middle = Math.floor((low + high) / 2);
      if (is(of(middle))) high = middle;
      else low = middle + 1;
    }
    return of(high);
  };
  return enough((c) => c.isSure) ?? enough((c) => c.passes) ?? fewest;
}

/** Of vessels there is one; trays and jars are divided until the layer is thin. */
function mostOf(container: CoolingContainer, totalKg: number, least: number): number {
  if (container.isVessel) return least;
  const thinnest = Math.floor(totalKg / (floorM2(container) * 1000 * THINNEST_M));
  return Math.max(least, Math.min(MOST, thinnest));
}

/** So many of a container, evenly filled. */
export function inCount(
  pot: Omit<ToChill, "massKg">,
  totalKg: number,
  count: number,
  way: CoolingWay,
  gates: readonly Gate[],
): ChillChoice {
  const facts = { ...pot, massKg: totalKg / count };
  return chillChoice(facts, count, stagesBeginning(way, facts), gates);
}

/** One way of chilling, as chosen. */
function chillChoice(
  facts: ToChill,
  count: number,
  stages: readonly CoolingStage[],
  gates: readonly Gate[],
): ChillChoice {
  const points = coolingCurve(facts, stages);
  const met = gatesFrom(facts.before ?? null, points, gates);
  const passes = met.every((g) => g.passes);
  const work = stages.reduce((sum, s) => sum + EFFORT[s.way], 0);
  const { container } = facts;
  return {
    id: `${container.id}|${stages.map((s) => s.way).join("+")}`,
    facts,
    container,
    count,
    stages,
    points,
    gates: met,
    passes,
    isSure: passes && passesAt(facts, stages, gates, exp(-Z90 * spreadOf(stages))),
    lacks: Math.max(0, count - (container.have ?? Infinity)),
    effort: work + (count - 1) * 0.5 + (container.heightM < 0.08 ? 0.5 : 0),
  };
}

/** Whether every gate is met where heat passes so much faster or slower than thought. */
const passesAt = (
  facts: ToChill,
  stages: readonly CoolingStage[],
  gates: readonly Gate[],
  pace: number,
): boolean =>
  gatesFrom(
    facts.before ?? null,
    coolingCurve({ ...facts, pace: (facts.pace ?? 1) * pace }, stages),
    gates,
  ).every((g) => g.passes);

const ROUNDS = 14;
const WIDEST_LOG = 3;

/** How likely every gate is met in time, 0–1, by the spread of how heat passes (log-normal). */
export function chanceInTime({ facts, stages }: ChillChoice, gates: readonly Gate[]): number {
  const sigma = spreadOf(stages);
  let [low, high] = [-WIDEST_LOG * sigma, WIDEST_LOG * sigma];
  if (passesAt(facts, stages, gates, exp(low))) return 1;
  if (!passesAt(facts, stages, gates, exp(high))) return 0;
  for (let round = 0; round < ROUNDS; round++) {
    const middle = (low + high) / 2;
    if (passesAt(facts, stages, gates, exp(middle))) high = middle;
    else low = middle;
  }
  return 1 - normalCdf(high / sigma);
}

/** By how much the worst gate is missed, min; a day where one is never met. */
const overMin = ({ gates }: ChillChoice): number =>
  Math.max(...gates.map((g) => (g.tookMin === null ? 1440 : g.tookMin - g.gate.withinMin)));
