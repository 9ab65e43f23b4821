import { flowOf, type FlowPart } from "../batch/flow";
import { cookedPlan } from "../batch/live-plan";
import type { LoggedPot } from "../learn/from-pot";
import type { LearnedFactors } from "../simulate/learned-schema";
import { differenceOf, type Difference } from "./difference";
import { wentOf, type Went } from "./went";

/** Two pots side by side: how each went, where its litres went, and the difference taken apart. */
export interface Compared {
  readonly difference: Difference;
  readonly went: readonly [Went, Went];
  readonly flows: readonly [readonly FlowPart[], readonly FlowPart[]];
}

/** @throws Problem where one of the two cannot be reckoned */
export function compare(
  from: LoggedPot,
  to: LoggedPot,
  known: LearnedFactors | undefined,
): Compared {
  const flow = ({ batch, cook }: LoggedPot) => {
    const { plan } = cookedPlan(batch.plan, batch.kitchen, cook);
    return flowOf(plan, batch.kitchen, cook);
  };
  return {
    difference: differenceOf(from, to, known),
    went: [wentOf(from, known), wentOf(to, known)],
    flows: [flow(from), flow(to)],
  };
}
