import type { Heat } from "../heats/heat-schema";
import { isInOven, isSealed, isSlow } from "../heats/heat";
import { exactC, ruleC, say, type Said } from "../units/said";
import { pieceTauOf } from "../simulate/piece-of";
import type { Goal } from "./goal";
import type { Simulated } from "./draws";
import { kitchenRule, type RuleHeat, type RuleRange } from "./kitchen-rule";
import { sayRange } from "./say-time";

/** What the kitchen rule says beside the model. */
export interface SecondOpinion {
  readonly rule: RuleRange;
  readonly said: string;
  readonly agrees: boolean;
  /** Why they differ; empty where they agree. */
  readonly why: readonly Said[];
}

export const ruleHeatOf = (heat: Heat): RuleHeat => (isSlow(heat) ? heat.setting : heat.method);

const LOW_BOIL_C = 98;
const BIG_PIECE_TAU_MIN = 12;
const SMALL_PIECE_TAU_MIN = 2;

/** The rule's answer for a conversion, and the reasons where model and rule part. Null where it has none. */
export function secondOpinion(goal: Goal, converted: Simulated): SecondOpinion | null {
  const rule = kitchenRule(
    ruleHeatOf(goal.plan.heat),
    goal.trace.holdMin,
    ruleHeatOf(converted.plan.heat),
  );
  if (rule === null) return null;
  // That the ranges touch is no agreement: what is expected has to lie in the rule's.
  const expected = converted.trace.holdMin;
  const agrees = rule.lowMin <= expected && expected <= rule.highMin;
  return {
    rule,
    said: sayRange(rule.lowMin, rule.highMin),
    agrees,
    why: agrees ? [] : reasons(goal, converted, rule),
  };
}

function reasons(goal: Goal, { plan, trace }: Simulated, rule: RuleRange): readonly Said[] {
  const main = plan.items.find((i) => i.id === trace.mainItemId);
  const tauMin = main === undefined ? 0 : pieceTauOf(main, plan.pieceM) / 60;
  const isLonger = trace.holdMin > rule.highMin;
  const why: Said[] = [];
  if (trace.boilingC < LOW_BOIL_C && isLonger)
    why.push(
      say`Water boils at ${exactC(trace.boilingC)} here; the rule was made near sea level, where all is hotter.`,
    );
  if (tauMin > BIG_PIECE_TAU_MIN && isLonger)
    why.push(
      "The pieces are big: their centre lags by the same time on every heat, which the rule leaves out.",
    );
  if (tauMin < SMALL_PIECE_TAU_MIN && !isLonger)
    why.push("The pieces are small and take the heat at once.");
  if (isSealed(plan.heat) && !isLonger)
    why.push(
      say`Under pressure it cooks at ${ruleC(trace.holdC)}, and coming up and letting down count too: less than a third of the time is left to hold.`,
    );
  if (isSlow(plan.heat) && !isLonger)
    why.push(
      "The rule gives room for cold food, a full crock and a weak cooker; this one is worked out from its own fill.",
    );
  if (isInOven(goal.plan.heat) && goal.trace.holdC < goal.trace.boilingC - 6)
    why.push(
      "The oven as written is mild: its pot stays well under the simmer the rule thinks of.",
    );
  return why.length > 0
    ? why
    : ["The rule knows only the time; the model knows this pot, this piece and this altitude."];
}
