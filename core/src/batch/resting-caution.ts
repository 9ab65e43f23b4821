import { isRest } from "../heats/heat";
import { MINUTE_MS } from "../units/time";
import { codeOf, holdingLineC } from "../cool/codes";
import { DANGER_ZONE_MIN } from "../safety/standing-off";
import { stretchesOf } from "../simulate/stretches";
import { aboutC, ruleC, say } from "../units/said";
import { showDuration } from "../units/show";
import { live, type LiveCaution, type LiveFacts } from "./live-caution";

/** Standing off the heat as planned, and under the holding line already. */
export function restingTooCool({
  plan,
  kitchen,
  cook,
  forecast,
  nowMs,
}: LiveFacts): LiveCaution | null {
  const { course, stretchIndex, nowC } = forecast;
  const stretch = stretchesOf(plan)[stretchIndex];
  if (stretch === undefined || !isRest(stretch.heat) || cook.offMs !== null) return null;
  const code = codeOf(kitchen);
  const lineC = holdingLineC(code);
  if (nowC >= lineC) return null;
  const startedMs = cook.settings.find((s) => s.stretchId === stretch.id)?.atMs ?? nowMs;
  const fromMin = course.stretches[stretchIndex]?.fromMin ?? 0;
  const fell = course.points.find((p) => p.tMin >= fromMin && p.liquidC < lineC);
  const sinceMs = fell === undefined ? nowMs : startedMs + (fell.tMin - fromMin) * MINUTE_MS;
  const underMin = Math.max(0, (nowMs - sinceMs) / MINUTE_MS);
  const isBad = underMin > DANGER_ZONE_MIN;
  return live({
    id: "restCool",
    severity: isBad ? "danger" : "caution",
    sinceMs,
    title: isBad ? "It has stood too long" : "It gets too cool as it stands",
    text: say`About ${aboutC(nowC)}, and under ${ruleC(lineC)} for ${showDuration(underMin)}. ${isBad ? "Throw it away, even if it looks done." : "Bring it back to a full simmer now, serve it, or chill it."}`,
    rule: say`Food does not stay more than 2 h in all between ${ruleC(5)} and ${ruleC(lineC)}.`,
    whose: code.whose,
  });
}
