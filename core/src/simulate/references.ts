import type { SetPot } from "./set-pot";
import type { OvenHeat } from "../heats/oven-schema";
import type { PressureHeat } from "../heats/pressure-schema";
import { heatOf, suits } from "../heats/heat";
import { ovenC, say } from "../units/said";
import type { Oven } from "../heat/oven-schema";
import type { Ring } from "../heat/ring-schema";
import { Problem } from "../units/problem";
import type { Vessel } from "../vessel/vessel-schema";
import type { Kitchen } from "./kitchen-schema";
import type { Plan } from "./plan-schema";
import { heatsOf } from "./stretches";

/** True where it goes on every heat of a plan. */
export const suitsPlan = (vessel: Vessel, plan: Plan): boolean =>
  heatsOf(plan).every((heat) => suits(vessel, heat.method));

/** The plan's vessel. @throws Problem `unknownReference`, `notOnHob` */
export function vesselOf({ plan, vessel: found }: SetPot): Vessel {
  if (found === undefined)
    throw new Problem(
      "unknownReference",
      "vesselId",
      plan.vesselId,
      `The plan's pot "${plan.vesselId}" is not in this kitchen.`,
    );
  const unfit = heatsOf(plan).find((heat) => !suits(found, heat.method));
  if (unfit !== undefined) {
    const { code, said } = heatOf(unfit).unfit;
    const message = `The ${found.name} ${said}. Choose another pot.`;
    throw new Problem(code, "vesselId", plan.vesselId, message);
  }
  return found;
}

/** The oven a plan uses. @throws Problem `unknownReference`, `range` */
export function ovenOf(heat: OvenHeat, kitchen: Kitchen): Oven {
  const found = kitchen.ovens.find((o) => o.id === heat.ovenId);
  if (found === undefined)
    throw new Problem(
      "unknownReference",
      "heat.ovenId",
      heat.ovenId,
      `The plan's oven "${heat.ovenId}" is not in this kitchen.`,
    );
  if (heat.ovenC > found.maxC)
    throw new Problem(
      "range",
      "heat.ovenC",
      heat.ovenC,
      say`The ${found.name} goes up to ${ovenC(found.maxC)}.`,
    );
  return found;
}

/** What a plan's pressure cooker does. @throws Problem `wrongVessel`, `range` */
export function gaugeKPaOf(vessel: Vessel, heat: PressureHeat): number {
  const gauge = heat.setting === "high" ? vessel.pressure?.highKPa : vessel.pressure?.lowKPa;
  if (gauge === undefined || gauge === null)
    throw new Problem(
      "range",
      "heat.setting",
      heat.setting,
      `The ${vessel.name} has no ${heat.setting} pressure.`,
    );
  return gauge;
}

/** The plan's ring. @throws Problem `unknownReference` */
export function ringOf({ plan, ring: found }: SetPot): Ring {
  if (found === undefined)
    throw new Problem(
      "unknownReference",
      "ringId",
      plan.ringId,
      `The plan's ring "${plan.ringId}" is not in this kitchen.`,
    );
  return found;
}
