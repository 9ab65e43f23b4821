import type { SetPot } from "../../simulate/set-pot";
import { HOLD_MIN } from "../../units/limits";
import { HEATS } from "../../heats/heat";
import { contentsL, vesselFor } from "../../convert/targets";
import type { Plan } from "../../simulate/plan-schema";
import { Problem } from "../../units/problem";
import { readSpans } from "../../units/read-span";
import { readHeat } from "./read-heat";
import { saidHeat } from "./said-heat";

/** What a heat said in words comes to in a plan. */
export type StatedHeat = Pick<Plan, "heat" | "vesselId" | "stop">;

/** LOW and HIGH with a time are a slow cooker's. */
const CROCK = /^\s*(?:on\s+)?(?:low|high)\b(?!\s*(?:heat|flame))/i;

/**
 * A heat, a lid and a time as a cook says them: "pressure 75 min", "LOW 8 h", "oven 150 °C 3 h, lid on",
 * "hob, bare simmer, lid off". What is not said of them stays; the pot is one that suits.
 * @throws Problem `unreadable` where nothing of it is a heat or a time, `ambiguous` where it says two times or
 * degrees of either measure, `unknownReference` where the kitchen lacks the heat or the vessel for it
 * @example statedHeat("LOW 8 h", plan, kitchen).stop // { by: "time", holdMin: 480 }
 */
export function statedHeat(text: string, setPot: SetPot): StatedHeat {
  const { plan, kitchen } = setPot;
  const said = readHeat([`Cook ${CROCK.test(text) ? "in the slow cooker " : ""}${text}`]);
  const hold = said.hold ?? (/\btender\b/i.test(text) ? "tender" : null);
  const saysTime = readSpans(text).length > 0;
  const open = said.doubts.find(
    (d) => (d.id === "hold" && hold === null && saysTime) || d.id === "degrees",
  );
  if (open !== undefined)
    throw new Problem("ambiguous", "heat", text, `"${text}" leaves it open. ${open.question}`);
  if (said.method === null && hold === null && said.lid === null && said.vigour === null)
    throw new Problem(
      "unreadable",
      "heat",
      text,
      `"${text}" names no heat and no time. Try "pressure 75 min", "LOW 8 h" or "oven 150 C 3 h".`,
    );
  const method = said.method ?? plan.heat.method;
  const heat = saidHeat(method, said, kitchen, plan.heat);
  const vessel = vesselFor(method, kitchen, contentsL(setPot), plan.vesselId);
  if (vessel === null)
    throw new Problem("unknownReference", "vesselId", method, HEATS[method].missing);
  return {
    heat,
    vesselId: vessel.id,
    stop:
      hold === null
        ? plan.stop
        : hold === "tender"
          ? { by: "tender" }
          : { by: "time", holdMin: Math.min(HOLD_MIN.most, Math.max(HOLD_MIN.least, hold)) },
  };
}
