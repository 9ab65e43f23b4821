import type { HeatAnswer } from "@kettlos/core/because/converted";
import { cookedMinOf } from "@kettlos/core/convert/like";
import { heatOf, isSealed, isSlow } from "@kettlos/core/heats/heat";
import { KNOB_WORDS } from "@kettlos/core/heats/slow-cooker";
import type { Kitchen } from "@kettlos/core/simulate/kitchen-schema";
import type { Plan } from "@kettlos/core/simulate/plan-schema";
import type { Trace } from "@kettlos/core/simulate/trace";
import { showDuration } from "@kettlos/core/units/show";

/** The same dish on another heat of the kitchen, with how long it takes in words. */
interface OtherHeat {
  readonly key: string;
  readonly name: string;
  readonly said: string;
  readonly plan: Plan;
}

function timeSaid(plan: Plan, trace: Trace): string {
  const { heat, then, stop } = plan;
  const time =
    then.length === 0 && stop.by === "tender"
      ? "until tender"
      : showDuration(cookedMinOf(plan, trace));
  if (isSlow(heat)) return `${KNOB_WORDS[heat.setting]} ${time}`;
  // What is let down by itself cooks on meanwhile: its minutes alone would sound too few.
  return isSealed(heat) && heat.release === "natural" ? `${time} and release` : time;
}

/**
 * Where else a dish can be cooked just as it is: in what the kitchen has, in one load, without danger and not
 * refused.
 */
export function otherHeats(
  answers: readonly HeatAnswer[],
  kitchen: Pick<Kitchen, "vessels">,
): readonly OtherHeat[] {
  return answers.flatMap((answer) => {
    if (!answer.ok) return [];
    const { isWritten, plan, trace, refusal, cautions, loads } = answer.column;
    const isHere = kitchen.vessels.some((v) => v.id === plan.vesselId);
    const isUnsafe = refusal !== null || cautions.some((c) => c.severity === "danger");
    if (isWritten || !isHere || isUnsafe || loads > 1) return [];
    return [
      {
        key: plan.heat.method,
        name: heatOf(plan.heat).title,
        said: timeSaid(plan, trace),
        plan,
      },
    ];
  });
}
