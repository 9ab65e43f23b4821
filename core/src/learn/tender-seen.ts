import { resolve } from "../simulate/set-pot";
import { LiveModel } from "../batch/live-model";
import { cookedPlan } from "../batch/live-plan";
import { FORK_NOISE, forksSay, TARGET_SIGMA } from "../doneness/target-belief";
import { untaught } from "../simulate/learned";
import { outcomeOf } from "../units/problem";
import type { Observation } from "./belief";
import { unusable, type LoggedPot } from "./from-pot";

/**
 * How much cooking each thing took to be tender against the default, by what every fork said of it at the cook
 * value it found there. One word of each end and pot, the surest. Nothing of what is done by its core.
 */
export function tenderSeen(logged: LoggedPot): readonly Observation[] {
  const { batch, cook } = logged;
  if (unusable(logged) !== null || cook.checks.length === 0) return [];
  const kitchen = untaught(batch.kitchen);
  const { plan } = cookedPlan(resolve(batch.plan, kitchen), cook);
  const outcome = outcomeOf(
    () => new LiveModel(resolve(plan, kitchen), cook, cook.offMs ?? 0).long,
  );
  if (!outcome.ok) return [];
  const { judged, forks } = outcome.value;
  const surest = new Map<string, Observation>();
  for (const [itemId, target] of judged) {
    if (target.coreC !== undefined) continue;
    const found = forks.filter((f) => f.itemId === itemId);
    const said = forksSay(
      { done: target.done.value, ideal: target.ideal.value, past: target.past.value },
      cook.checks
        .filter((c) => c.itemId === itemId)
        .flatMap(({ how }, i) => {
          const cookMin = found[i]?.cookMin ?? 0;
          return cookMin > 0 ? [{ how, cookMin }] : [];
        }),
    );
    if (said === null || said.sd >= (surest.get(target.id)?.sd ?? Infinity)) continue;
    surest.set(target.id, {
      potId: batch.id,
      thing: target.id,
      log: said.mean,
      sd: Math.hypot(said.sd, FORK_NOISE.value),
      sigma: TARGET_SIGMA.value,
    });
  }
  return [...surest.values()];
}
