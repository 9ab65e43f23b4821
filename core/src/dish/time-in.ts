import { asPlanned } from "../simulate/as-planned";
import { resolve, type SetPot } from "../simulate/set-pot";
import { HOLD_MIN } from "../units/limits";
import { cookRate } from "../doneness/cook-value";
import { judgedTarget } from "../simulate/judged";
import type { Plan } from "../simulate/plan-schema";

const ROUNDS = 4;

/**
 * The plan with everything that goes in "before the end" timed so that it is at its best when the rest
 * is done: minutes moved by what its cook value lacks or has too much. What has no end to be judged by,
 * and what a stock throws away, keeps its minutes.
 * @throws Problem as simulate does
 */
export function timedIn({ plan, kitchen }: SetPot): Plan {
  let timed = plan;
  for (let round = 0; round < ROUNDS; round++) {
    const { trace } = asPlanned(resolve(timed, kitchen));
    const rate = cookRate(trace.holdC);
    let moved = false;
    const items = timed.items.map((item) => {
      const { when } = item;
      const got = trace.items.find((c) => c.itemId === item.id)?.cookMin;
      const target = judgedTarget(item, trace);
      const isJudged = plan.end === "served" && target !== null && got !== undefined;
      if (when.at !== "beforeEnd" || !isJudged) return item;
      const min = Math.round(when.min + (target.ideal.value - got) / rate);
      const fair = Math.min(HOLD_MIN.most, Math.max(HOLD_MIN.least, min));
      if (Math.abs(fair - when.min) < 2) return item;
      moved = true;
      return { ...item, when: { at: "beforeEnd" as const, min: fair } };
    });
    timed = { ...timed, items };
    if (!moved) break;
  }
  return timed;
}
