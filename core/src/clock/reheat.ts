import { resolve, type SetPot } from "../simulate/set-pot";
import { suits } from "../heats/heat";
import { REHEATED_C } from "../cool/codes";
import { isHeatedAgain } from "../dish/heated-again";
import type { Kitchen } from "../simulate/kitchen-schema";
import type { Plan } from "../simulate/plan-schema";
import { FROM_FRIDGE_C } from "../simulate/start-temperature";
import { simulate } from "../simulate/simulate";
import { kitchenEstimate } from "../units/constant";
import { ruleC, say } from "../units/said";
import type { Vessel } from "../vessel/vessel-schema";
import { capacityL } from "../vessel/volume";
import { COLD_DENSITY_KG_L } from "../water/properties";
import { KEEPS_MIN } from "./keeps";
import { about } from "./minutes";
import { blockOf, taskOf, type Block } from "./task";

const THROUGH = kitchenEstimate(
  "hot through once it simmers",
  5,
  "min",
  "stirred; the pieces lag behind the liquid",
);
const FILLED = kitchenEstimate("a pot that is stirred hot", 0.85, "of it", "it does not slop over");

/**
 * Pots that it can be reheated in: its own first where that goes on a ring, then the smallest that hold it. None
 * of what was cooked and chilled before: that is heated once, and eaten.
 */
export function reheatPots(plan: Plan, massKg: number, kitchen: Kitchen): readonly Vessel[] {
  if (isHeatedAgain(plan)) return [];
  const volumeL = massKg / COLD_DENSITY_KG_L;
  const isOwn = (v: Vessel) => Number(v.id === plan.vesselId);
  return kitchen.vessels
    .filter(
      (v) =>
        suits(v, "hob") &&
        v.kind !== "pressureCooker" &&
        capacityL(v) * Math.min(v.fillShare, FILLED.value) >= volumeL,
    )
    .toSorted((a, b) => isOwn(b) - isOwn(a) || capacityL(a) - capacityL(b));
}

/** Why there is no pot to make it hot again in. */
export const whyNotAhead = (plan: Plan): string =>
  isHeatedAgain(plan)
    ? "it was cooked and chilled before, and is heated once only"
    : "no pot on a ring holds it to be made hot again";

/**
 * What was cooked ahead and chilled, hot again for the table: up to the simmer from the fridge on its ring, by
 * simulation of as much water (food holds less heat than that), and through. Null where no pot on a ring holds it.
 * @param massKg all that is in the pot
 * @param vesselId the pot that was asked for; another where it does not hold it
 */
export function reheatBlock(
  { plan, kitchen }: SetPot,
  massKg: number,
  fireId: string,
  vesselId?: string,
): Block | null {
  const volumeL = massKg / COLD_DENSITY_KG_L;
  const able = reheatPots(plan, massKg, kitchen);
  const vessel = able.find((v) => v.id === vesselId) ?? able[0];
  const ring = kitchen.rings.find((r) => r.id === plan.ringId) ?? kitchen.rings[0];
  if (vessel === undefined || ring === undefined) return null;
  const cold: Plan = {
    ...plan,
    vesselId: vessel.id,
    ringId: ring.id,
    items: [],
    then: [],
    water: { by: "amount", volumeL },
    heat: { method: "hob", vigour: "gentle", lid: "on", boilFirstMin: null },
    stop: { by: "time", holdMin: 5 },
  };
  const trace = simulate(resolve(cold, { ...kitchen, waterC: FROM_FRIDGE_C }), { waterKg: massKg });
  if (trace.problem !== null) return null;
  const id = `${plan.id}/reheat`;
  const task = taskOf(id, `Reheat the ${plan.name.toLowerCase()}`, {
    planIds: [plan.id],
    how: say`stirring, to ${ruleC(REHEATED_C)} in the middle (US guidance; your local code rules), once only: what is left then is thrown away`,
    minutes: about(trace.toSimmerMin + THROUGH.value),
    attention: "near",
    isFlame: true,
    ringIds: [ring.id],
    vesselIds: [vessel.id],
  });
  return blockOf(id, "reheat", [task], {
    planIds: [plan.id],
    isServed: true,
    after: [
      {
        blockId: fireId,
        from: "end",
        leastMin: 0,
        mostMin: KEEPS_MIN.chilled.value,
        fridgeL: volumeL,
      },
    ],
  });
}
