import type { Kitchen } from "../../simulate/kitchen-schema";
import type { Plan } from "../../simulate/plan-schema";
import { suits } from "../../simulate/references";
import { fitIn, waterL } from "../../simulate/water-ways";
import { outcomeOf, Problem } from "../../units/problem";
import { heatOf } from "./plan-of-draft";
import { readHeat } from "./read-heat";

/** What a heat said in words comes to in a plan. */
export type StatedHeat = Pick<Plan, "heat" | "vesselId" | "stop">;

/** LOW and HIGH with a time are a slow cooker's. */
const CROCK = /^\s*(?:on\s+)?(?:low|high)\b(?!\s*(?:heat|flame))/i;

/**
 * A heat, a lid and a time as a cook says them: "pressure 75 min", "LOW 8 h", "oven 150 °C 3 h, lid on",
 * "hob, bare simmer, lid off". What is not said of them stays; the pot is one that suits.
 * @throws Problem `unreadable` where nothing of it is a heat or a time, `unknownReference` where the kitchen
 * lacks the oven or the pot for it
 * @example statedHeat("LOW 8 h", plan, kitchen).stop // { by: "time", holdMin: 480 }
 */
export function statedHeat(text: string, plan: Plan, kitchen: Kitchen): StatedHeat {
  const read = readHeat([`Cook ${CROCK.test(text) ? "in the slow cooker " : ""}${text}`]);
  const isTender = /\btender\b/i.test(text);
  const hold = read.hold ?? (isTender ? "tender" : null);
  if (read.method === null && hold === null && read.lid === null && read.vigour === null)
    throw new Problem(
      "unreadable",
      "heat",
      text,
      `"${text}" names no heat and no time. Try "pressure 75 min", "LOW 8 h" or "oven 150 C 3 h".`,
    );
  const method = read.method ?? plan.heat.method;
  const isOther = method !== plan.heat.method;
  const heat =
    isOther || method === "slowCooker" || (method === "oven" && read.ovenC !== null)
      ? heatOf({ ...read, method }, kitchen)
      : plan.heat;
  return {
    heat: withSaid(heat, read),
    vesselId: vesselFor(method, plan, kitchen),
    stop:
      hold === null
        ? plan.stop
        : hold === "tender"
          ? { by: "tender" }
          : { by: "time", holdMin: Math.min(2880, Math.max(1, hold)) },
  };
}

function withSaid(heat: Plan["heat"], { lid, vigour }: ReturnType<typeof readHeat>): Plan["heat"] {
  if (heat.method === "hob")
    return { ...heat, lid: lid ?? heat.lid, vigour: vigour ?? heat.vigour };
  return heat.method === "oven" ? { ...heat, lid: lid ?? heat.lid } : heat;
}

/** The plan's own vessel where it suits the heat, else the first that holds the plan. */
function vesselFor(method: Plan["heat"]["method"], plan: Plan, kitchen: Kitchen): string {
  const suiting = kitchen.vessels.filter((v) => suits(v, method));
  const own = suiting.find((v) => v.id === plan.vesselId);
  const fits = (id: string) =>
    suiting.some((v) => {
      const outcome = outcomeOf(() =>
        fitIn(v, plan, waterL({ ...plan, vesselId: plan.vesselId }, kitchen)),
      );
      return v.id === id && outcome.ok && outcome.value.limit === "fits";
    });
  const found = own ?? suiting.find((v) => fits(v.id)) ?? suiting[0];
  if (found === undefined)
    throw new Problem(
      "unknownReference",
      "vesselId",
      method,
      `This kitchen has no ${method === "slowCooker" ? "slow cooker" : method === "pressure" ? "pressure cooker" : "pot"} for it. Set one up under Kitchen.`,
    );
  return found.id;
}
