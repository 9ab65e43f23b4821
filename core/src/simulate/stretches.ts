import type { Method, Heat, StretchHeat } from "../heats/heat-schema";
import { isHeat, isRest } from "../heats/heat";
import type { Plan, Stop } from "./plan-schema";

/** The first stretch has no id of its own in a plan. */
export const FIRST_STRETCH = "first";

/** One stretch of a plan's heat, the first like the later ones. */
export interface PlannedStretch {
  readonly id: string;
  readonly heat: StretchHeat;
  readonly stop: Stop;
}

/** A plan's heat from the first flame to the end, stretch by stretch; one where nothing follows. */
export const stretchesOf = (plan: Plan): readonly PlannedStretch[] => [
  { id: FIRST_STRETCH, heat: plan.heat, stop: plan.stop },
  ...plan.then,
];

/** Every heat the pot is on, in order; standing off the heat left out. */
export const heatsOf = (plan: Plan): readonly Heat[] =>
  plan.then.length === 0
    ? [plan.heat]
    : stretchesOf(plan)
        .map((s) => s.heat)
        .filter(isHeat);

/** True where a stretch of it is on that heat. */
export const isOn = (plan: Plan, method: Method): boolean =>
  heatsOf(plan).some((heat) => heat.method === method);

/** The last heat it is on. */
export const lastHeat = (plan: Plan): Heat => heatsOf(plan).at(-1) ?? plan.heat;

/**
 * The plan as it is in one of its stretches: that heat and stop, and nothing after. Standing off the heat
 * it keeps the heat that it came from.
 */
export function inStretch(plan: Plan, index: number): Plan {
  if (plan.then.length === 0) return plan;
  const upTo = stretchesOf(plan).slice(0, index + 1);
  const heat = upTo.map((s) => s.heat).findLast(isHeat) ?? plan.heat;
  return { ...plan, heat, stop: upTo.at(-1)?.stop ?? plan.stop, then: [] };
}

/** True where it ends by how much liquid is left, or how thick. */
export const isByLevel = ({ by }: Stop): boolean =>
  by === "liquid" || by === "share" || by === "depth" || by === "thick";

/** True where every stretch ends by the clock. */
export const isByClock = (plan: Plan): boolean =>
  stretchesOf(plan).every((s) => s.stop.by === "time");

/** True where a stretch of it stands off the heat. */
export const isRestAt = (plan: Plan, index: number): boolean => {
  const heat = stretchesOf(plan)[index]?.heat;
  return heat !== undefined && isRest(heat);
};
