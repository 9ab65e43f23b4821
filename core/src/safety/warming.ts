import type { Heat } from "../heats/heat-schema";
import type { Vessel } from "../vessel/vessel-schema";

import { heatOf, isInOven, isSlow } from "../heats/heat";
import { SAFE_WARM_UP_MIN, slowestMeatHighMin, slowestMeatMin } from "../convert/warming";
import { codeOf, holdingLineC } from "../cool/codes";
import { SPREAD } from "../simulate/parameters";
import { stretchesOf } from "../simulate/stretches";
import { Z90 } from "../units/estimate";
import { aboutC, ruleC, say } from "../units/said";
import { showDuration } from "../units/show";
import type { Caution } from "./caution";
import type { Facts } from "./facts";

const WARM_UP_RULE = say`The thickest part passes from ${ruleC(5)} to ${ruleC(60)} within 4 h.`;
const WARM_UP_WHOSE = "the 4 h limit of food codes; your local food code rules";
const whereIn = (heat: Heat, vessel: Vessel | undefined): string => {
  if (isInOven(heat)) return "in this oven";
  return heatOf(heat).usesRing(heat, vessel) ? "on this ring" : "in this cooker";
};

/** In an oven, or a huge pot on a weak ring; a slow cooker has its own, which refuses. */
export function slowWarming(facts: Facts): Caution | null {
  const { plan, vessel, trace, waterL } = facts;
  const { heat } = plan;
  if (isSlow(heat) || trace.problem !== null) return null;
  const slowest = slowestMeatMin(facts, trace, waterL);
  return slowest <= SAFE_WARM_UP_MIN
    ? null
    : {
        id: isInOven(heat) ? "ovenTooSlow" : "ringTooSlow",
        severity: "danger",
        places: ["plan", "cook"],
        title: `It warms too slowly ${whereIn(heat, vessel)}`,
        text: say`${Number.isFinite(slowest) ? say`Its thickest part takes ${showDuration(slowest)} from ${ruleC(5)} to ${ruleC(60)}` : say`Its thickest part does not come to ${ruleC(60)} within five hours`}; four are the limit. ${heatOf(heat).faster(vessel)}`,
        rule: WARM_UP_RULE,
        whose: WARM_UP_WHOSE,
      };
}

/** In time as expected, and not where ring, oven or crock is a slow one. */
export function slowAtItsEnd(facts: Facts): Caution | null {
  const { plan, vessel, trace, waterL } = facts;
  const isFrozenInCrock = isSlow(plan.heat) && plan.items.some((i) => i.frozen);
  if (trace.problem !== null || isFrozenInCrock) return null;
  const slowest = slowestMeatMin(facts, trace, waterL);
  if (slowest > SAFE_WARM_UP_MIN) return null;
  const highMin = slowestMeatHighMin(facts, trace, waterL);
  return highMin <= SAFE_WARM_UP_MIN
    ? null
    : {
        id: "slowWarmUp",
        severity: "caution",
        places: ["plan", "cook"],
        title: "It may warm too slowly",
        text: say`Its thickest part takes about ${showDuration(slowest)} from ${ruleC(5)} to ${ruleC(60)}, and one time in ten ${Number.isFinite(highMin) ? `${showDuration(highMin)} or more` : "it is not there in five hours"}; four are the limit. ${heatOf(plan.heat).faster(vessel)} Read it after three hours.`,
        rule: WARM_UP_RULE,
        whose: WARM_UP_WHOSE,
      };
}

/** How much cooler than thought WARM may hold, °C: the slow end of a plateau. */
const WARM_LOW_C = Z90 * SPREAD.plateauC.value;

/** Kept on WARM, all its hours over the holding line: what goes on it too cool may never come up to it. */
export function heldTooCool({ plan, kitchen, trace }: Facts): Caution | null {
  const warmed = stretchesOf(plan).flatMap(({ heat }, index) =>
    isSlow(heat) && heat.warmMin > 0 ? [index] : [],
  );
  if (warmed.length === 0) return null;
  const code = codeOf(kitchen);
  const lineC = holdingLineC(code);
  const held = warmed.flatMap((index) => {
    const fromMin = trace.stretches[index]?.toMin ?? Infinity;
    const toMin = trace.stretches[index + 1]?.fromMin ?? fromMin + trace.releaseMin;
    return trace.points.filter((p) => p.tMin >= fromMin && p.tMin <= toMin);
  });
  const coolestC = Math.min(...held.map((p) => p.liquidC));
  return held.length === 0 || coolestC - WARM_LOW_C >= lineC
    ? null
    : {
        id: "warmHold",
        severity: coolestC < lineC ? "danger" : "caution",
        places: ["plan", "cook"],
        title: "WARM does not keep it hot enough",
        text: say`On WARM it comes down to about ${aboutC(coolestC)}; ${ruleC(lineC)} and more are wanted all the while. Cook it until it simmers first, keep it on LOW, or chill it.`,
        rule: say`Hot food is held at ${ruleC(lineC)} or more; WARM does not cook or reheat.`,
        whose: code.whose,
      };
}
