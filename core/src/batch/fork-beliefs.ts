import { believeTarget } from "../doneness/target-belief";
import type { Plan } from "../simulate/plan-schema";
import { judgedTarget } from "../simulate/judged";
import type { Trace } from "../simulate/trace";
import type { Cook } from "./fold";

/** Ids of the pieces that something waits for: to go in, or to come out themselves. */
const waitedFor = ({ items }: Plan): ReadonlySet<string> =>
  new Set(
    items.flatMap(({ id, when, out }) => [
      ...(when.at === "whenTender" ? [when.itemId] : []),
      ...(out?.when.at === "tender" ? [id] : []),
    ]),
  );

/** Ids of those that a fork went into. */
export function forkedFor(plan: Plan, cook: Cook): ReadonlySet<string> {
  const waited = waitedFor(plan);
  return new Set(cook.checks.map((c) => c.itemId).filter((id) => waited.has(id)));
}

/**
 * How far from the usual they are tender, as a factor by item, from what the fork said: `trace` follows the
 * pot with all of them in it.
 */
export function forkBeliefs(plan: Plan, cook: Cook, trace: Trace): ReadonlyMap<string, number> {
  return new Map(
    [...forkedFor(plan, cook)].flatMap((id): [string, number][] => {
      const item = plan.items.find((i) => i.id === id);
      const target = item === undefined ? null : judgedTarget(item, trace);
      if (target === null) return [];
      const said = cook.checks.filter((c) => c.itemId === id);
      const found = trace.forks.filter((f) => f.itemId === id);
      const belief = believeTarget(
        { done: target.done.value, ideal: target.ideal.value, past: target.past.value },
        said.flatMap(({ how }, i) => {
          const cookMin = found[i]?.cookMin;
          return cookMin === undefined || cookMin <= 0 ? [] : [{ how, cookMin }];
        }),
        target.sigmaLog,
      );
      return [[id, belief.expected]];
    }),
  );
}
