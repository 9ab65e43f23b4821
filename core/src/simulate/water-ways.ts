import type { SetPot } from "./set-pot";
import { outcomeOf, type Outcome } from "../units/problem";
import { depthForLiquidM } from "../vessel/solids";
import { isOverFillLine } from "./pot-fit";
import type { WaterStatement } from "./plan-schema";
import { vesselOf } from "./references";
import { waterL } from "./stated-water";

/** One way of stating water and what it comes to in this pot. */
export interface WaterWay {
  readonly statement: WaterStatement;
  readonly outcome: Outcome<{
    readonly volumeL: number;
    readonly depthM: number;
  }>;
  readonly overFillLine: boolean;
}

/** Over this depth above the bones the usual "2–3 cm over" is shown. */
const USUAL_OVER_M = 0.025;

/**
 * The ways of stating water side by side: what each gives in this pot, and whether it stands over
 * the fill line. "So that X are left" is among them only where it is the plan's own.
 */
export function waterWays(setPot: SetPot): readonly WaterWay[] {
  const {
    plan,
    start: { solids, othersL, bonesKg },
  } = setPot;
  const vessel = vesselOf(setPot);
  const places: WaterStatement[] = [
    { by: "fillLine" },
    {
      by: "ratio",
      waterPerBone: plan.water.by === "ratio" ? plan.water.waterPerBone : 2,
    },
    {
      by: "over",
      overM: plan.water.by === "over" ? plan.water.overM : USUAL_OVER_M,
    },
    { by: "cover" },
    { by: "halfWay" },
  ];
  const all = places.some((p) => p.by === plan.water.by) ? places : [plan.water, ...places];
  return all
    .filter((s) => s.by !== "ratio" || bonesKg > 0)
    .map((statement) => {
      const outcome = outcomeOf(() => {
        const volumeL = waterL(setPot, statement);
        return {
          volumeL,
          depthM: depthForLiquidM(vessel, solids, volumeL + othersL),
        };
      });
      return {
        statement,
        outcome,
        overFillLine: outcome.ok && isOverFillLine(vessel, outcome.value.depthM),
      };
    });
}
