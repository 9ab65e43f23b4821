import { capital } from "../units/capital";
import { MINUTE_MS } from "../units/time";
import { codeOf, holdingLineC } from "../cool/codes";
import { DANGER_ZONE_MIN } from "../safety/standing-off";
import { nameOf } from "../simulate/item-facts";
import { ruleC, say } from "../units/said";
import { showDuration } from "../units/show";
import { live, type LiveCaution, type LiveFacts } from "./live-caution";
import { sayList } from "./say-list";

/** So long it may be on its way back; from then on it is told. */
const TOLD_FROM_MIN = 60;

/** What was lifted out to go back in, and is still out: nobody knows how warm it has stayed. */
export function keptOut({ plan, kitchen, cook, nowMs }: LiveFacts): LiveCaution | null {
  const out = plan.items.flatMap((item) => {
    const outMs = cook.outMs.get(item.id);
    const isBack = cook.backMs.has(item.id);
    return item.out?.isBack !== true || outMs === undefined || isBack ? [] : [{ item, outMs }];
  });
  const sinceMs = Math.min(...out.map((o) => o.outMs));
  const outMin = (nowMs - sinceMs) / MINUTE_MS;
  if (out.length === 0 || outMin < TOLD_FROM_MIN) return null;
  const code = codeOf(kitchen);
  const lineC = holdingLineC(code);
  const isBad = outMin > DANGER_ZONE_MIN;
  const names = sayList(out.map((o) => nameOf(o.item).toLowerCase()));
  return live({
    id: "keptOut",
    severity: isBad ? "danger" : "caution",
    sinceMs: sinceMs + TOLD_FROM_MIN * MINUTE_MS,
    title: isBad ? "Out of the pot for too long" : "Still out of the pot",
    text: say`${capital(names)} out for ${showDuration(outMin)}. ${
      isBad
        ? say`Throw it away, unless a thermometer shows that it stayed over ${ruleC(lineC)}, or it is in the fridge since.`
        : "Back into the simmering pot, or cover it and chill it."
    }`,
    rule: say`Food does not stay more than 2 h in all between ${ruleC(5)} and ${ruleC(lineC)}.`,
    whose: code.whose,
  });
}
