import { ln } from "../units/same-math";
import { resolve } from "../simulate/set-pot";
import { LiveModel } from "../batch/live-model";
import { cookedPlan } from "../batch/live-plan";
import { HOT_NOISE_C, HOT_SIGMA, hotThing, isMeasured } from "../simulate/hot-here";
import { untaught } from "../simulate/learned";
import { pointAt } from "../simulate/point-at";
import { outcomeOf } from "../units/problem";
import type { Observation } from "./belief";
import { isOneHeat, unusable, type LoggedPot } from "./from-pot";
import { THERMOMETER_SD_C } from "./thermometer";

/** So near its plateau it should be for a reading to speak of it, °C. */
const NEAR_C = 2;

/**
 * How far over the room an oven or slow cooker brought its pot against the default, by the thermometer readings of
 * the liquid while it should stand at its plateau. Nothing of a pot on several heats, or off it in between, nor
 * of a cooker whose own warm-up was measured.
 */
export function hotSeen(logged: LoggedPot): readonly Observation[] {
  const { batch, cook } = logged;
  const { litMs, offMs } = cook;
  if (unusable(logged) !== null || litMs === null || offMs === null) return [];
  const kitchen = untaught(batch.kitchen);
  const { plan } = cookedPlan(resolve(batch.plan, kitchen), cook);
  const thing = hotThing(plan.vesselId, plan.heat);
  if (thing === null || !isOneHeat(plan, cook) || cook.interruptions.length > 0) return [];
  if (isMeasured(kitchen, plan.vesselId, plan.heat)) return [];
  const outcome = outcomeOf(() => new LiveModel(resolve(plan, kitchen), cook, offMs));
  if (!outcome.ok) return [];
  const { planned } = outcome.value;
  const offsC = cook.temperatures
    .filter((t) => t.where === "liquid" && t.atMs >= litMs && t.atMs <= offMs)
    .flatMap(({ atMs, tempC }) => {
      const { liquidC } = pointAt(planned, outcome.value.modelMin(atMs));
      return liquidC >= planned.holdC - NEAR_C ? [tempC - liquidC] : [];
    });
  if (offsC.length === 0) return [];
  const riseC = planned.holdC - kitchen.roomC;
  const offC = offsC.reduce((sum, c) => sum + c, 0) / offsC.length;
  const sdC = Math.hypot(THERMOMETER_SD_C.value / Math.sqrt(offsC.length), HOT_NOISE_C.value);
  if (riseC + offC <= 0) return [];
  return [
    {
      ...{ potId: batch.id, thing, log: ln((riseC + offC) / riseC), sd: sdC / riseC },
      sigma: HOT_SIGMA.value,
    },
  ];
}
