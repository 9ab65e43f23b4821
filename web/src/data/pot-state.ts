import { resolve, type SetPot } from "@kettlos/core/simulate/set-pot";
import type { Batch } from "@kettlos/core/batch/batch-schema";
import type { CookEvent } from "@kettlos/core/events/event-schema";
import { fold, type Cook } from "@kettlos/core/batch/fold";
import { cookedPlan } from "@kettlos/core/batch/live-plan";
import type { Problem } from "@kettlos/core/units/problem";
import type { OpenPot } from "./use-log";

/** A batch with what its events come to; its plan is the one that is really cooked. */
export interface PotState {
  readonly batch: Batch;
  /** The batch as it began, with the plan as it was written. */
  readonly stored: Batch;
  readonly events: readonly CookEvent[];
  readonly cook: Cook;
  /** Its plan set up in its kitchen. */
  readonly setPot: SetPot;
  /** Why it is reckoned by the plan as written, where it is. */
  readonly astray: Problem | null;
}

/** A pot with its log, folded. */
export function potState({ batch: stored, events }: OpenPot): PotState {
  const cook = fold(events);
  const { plan, problem } = cookedPlan(resolve(stored.plan, stored.kitchen), cook);
  const batch = plan === stored.plan ? stored : { ...stored, plan };
  return { batch, setPot: resolve(plan, stored.kitchen), events, cook, stored, astray: problem };
}
