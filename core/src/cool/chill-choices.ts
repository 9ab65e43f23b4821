import { FRIDGE_FROM_C } from "./chill-live";
import type { Gate } from "./codes";
import { holdsL, type CoolingContainer } from "./container";
import {
  coolingCurve,
  gatesMet,
  whenAtMin,
  type CoolingFacts,
  type CoolingPoint,
  type CoolingStage,
  type GateResult,
} from "./cooling";
import { WAYS, type CoolingWay } from "./ways";

/** One way of chilling a pot, simulated. */
export interface ChillChoice {
  readonly id: string;
  /** What stands in each container. */
  readonly facts: CoolingFacts;
  readonly container: CoolingContainer;
  readonly count: number;
  readonly stages: readonly CoolingStage[];
  readonly points: readonly CoolingPoint[];
  readonly gates: readonly GateResult[];
  readonly passes: boolean;
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

/** The least work that is fast enough with what every kitchen has; null where nothing is. */
export const bestOf = (choices: readonly ChillChoice[]): ChillChoice | null =>
  choices.find((c) => c.passes && c.stages.every((s) => WAYS[s.way].isEverywhere)) ?? null;

/** Everything but the container and how much is in it. */
export type PotToChill = Omit<CoolingFacts, "container" | "massKg">;

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

/**
 * Every container by every way to begin with, simulated against the gates: those that pass first, the
 * least effort foremost; then those that do not, the nearest foremost.
 */
export function chillChoices(
  pot: PotToChill,
  totalKg: number,
  containers: readonly CoolingContainer[],
  ways: readonly CoolingWay[],
  gates: readonly Gate[],
): readonly ChillChoice[] {
  const all = containers.flatMap((container) => {
    const count = countFor(container, totalKg);
    const facts = { ...pot, container, massKg: totalKg / count };
    return ways.map((way) => chillChoice(facts, count, stagesBeginning(way, facts), gates));
  });
  return all.sort(
    (a, b) =>
      Number(b.passes) - Number(a.passes) ||
      (a.passes ? a.effort - b.effort : overMin(a) - overMin(b)),
  );
}

/** One way of chilling, as chosen. */
export function chillChoice(
  facts: CoolingFacts,
  count: number,
  stages: readonly CoolingStage[],
  gates: readonly Gate[],
): ChillChoice {
  const points = coolingCurve(facts, stages);
  const met = gatesMet(points, gates);
  const work = stages.reduce((sum, s) => sum + EFFORT[s.way], 0);
  return {
    id: `${facts.container.id}|${stages.map((s) => s.way).join("+")}`,
    facts,
    container: facts.container,
    count,
    stages,
    points,
    gates: met,
    passes: met.every((g) => g.passes),
    effort: work + (count - 1) * 0.5 + (facts.container.heightM < 0.08 ? 0.5 : 0),
  };
}

/** By how much the worst gate is missed, min; a day where one is never met. */
const overMin = ({ gates }: ChillChoice): number =>
  Math.max(...gates.map((g) => (g.tookMin === null ? 1440 : g.tookMin - g.gate.withinMin)));
