import { isRest } from "../heats/heat";
import { codeOf, holdingLineC } from "../cool/codes";
import { stretchesOf } from "../simulate/stretches";
import { aboutC, ruleC, say } from "../units/said";
import { showDuration } from "../units/show";
import type { Caution } from "./caution";
import type { Facts } from "./facts";

/** So long in all food may be between 5 °C and the holding line and be eaten yet, min: US guidance (USDA). */
export const DANGER_ZONE_MIN = 120;

/** A rest that is planned off the heat: under the holding line food does not stand. */
export function standsOffTheHeat({ plan, kitchen, trace }: Facts): Caution | null {
  if (trace.problem !== null) return null;
  const code = codeOf(kitchen);
  const lineC = holdingLineC(code);
  const rests = stretchesOf(plan).flatMap(({ heat }, index) => {
    const went = trace.stretches[index];
    return went === undefined || !isRest(heat) ? [] : [went];
  });
  let coolestC = Infinity;
  let underMin = 0;
  for (const { fromMin, toMin } of rests) {
    let lastMin = fromMin;
    for (const p of trace.points) {
      if (p.tMin < fromMin || p.tMin > toMin + 1e-6) continue;
      coolestC = Math.min(coolestC, p.liquidC);
      if (p.liquidC < lineC) underMin += p.tMin - lastMin;
      lastMin = p.tMin;
    }
  }
  if (coolestC >= lineC) return null;
  const isBad = underMin > DANGER_ZONE_MIN;
  return {
    id: "standsOff",
    severity: isBad ? "danger" : "caution",
    places: ["plan", "cook"],
    title: isBad ? "It stands too long off the heat" : "It gets too cool as it stands",
    text: say`Off the heat it comes down to about ${aboutC(coolestC)}, and is under ${ruleC(lineC)} for ${showDuration(underMin)}. ${isBad ? "Shorten that, or keep it on the lowest heat." : "Keep the lid on and shorten it, or bring it back to a full simmer at once."}`,
    rule: say`Hot food is held at ${ruleC(lineC)} or more; ${ruleC(5)} to ${ruleC(lineC)} for more than 2 h in all, and it is thrown away.`,
    whose: code.whose,
  };
}
