import { plannedOnce } from "../simulate/as-planned";
import { resolve } from "../simulate/set-pot";
import { alcoholOf } from "../dish/alcohol-of";
import { bodyOfPlan } from "../dish/body-of";
import { allergensOf, unreadLabels } from "../dish/diets";
import { eatenOf, goesInAfter } from "../dish/eaten";
import { fatOf } from "../dish/fat-of";
import { saltInG } from "../dish/salt-of";
import { contentsOf } from "../simulate/item-facts";
import { COLD_DENSITY_KG_L } from "../water/properties";
import type { Batch } from "./batch-schema";
import { finished, type InBowl } from "./bowl";
import type { Cook } from "./fold";
import { gapOf } from "./gap";

/**
 * What came through the sieve as it was measured, and what was done to it since. Salt, gelatin and
 * alcohol are as simulated, thinner or stronger by what the measured steam made of it: solids that kept
 * back liquid kept its salt too. Null before it was strained or served.
 */
export function inBowl(batch: Batch, cook: Cook): InBowl | null {
  const { kitchen } = batch;
  const { result } = cook;
  if (result === null) return null;
  // Measured before anything goes into the strained liquid.
  const plan =
    batch.plan.end === "strained"
      ? { ...batch.plan, items: batch.plan.items.filter((i) => !goesInAfter(i)) }
      : batch.plan;
  const setPot = resolve(plan, kitchen);
  const { trace } = plannedOnce(setPot);
  const massKg = result.servedKg ?? result.strainedL * COLD_DENSITY_KG_L;
  const plannedL = trace.strained.volumeL;
  // Nobody measured it: what it is reckoned to be less than planned went as steam.
  const steamL = result.isReckoned
    ? result.strainedL - plannedL
    : (gapOf(setPot, cook)?.parts.find((p) => p.cause === "steam")?.litres ?? 0);
  const eaten = eatenOf(plan, trace);
  // By the weight of all that is eaten: of a dish the solids are part of it, and no steam leaves them.
  const thinner =
    eaten.allKg > 0 ? Math.max(0.2, 1 + (steamL * COLD_DENSITY_KG_L) / eaten.allKg) : 1;
  /** What the simulated pot holds of something, g, in the bowl as it was measured. */
  const here = (wholeG: number) =>
    eaten.allKg > 0 ? (wholeG / eaten.allKg / thinner) * massKg : 0;
  const measured: InBowl = {
    massKg,
    solidsKg: Math.max(0, massKg - result.strainedL * COLD_DENSITY_KG_L),
    saltG: here(saltInG(plan, trace)),
    gelatinG: here(trace.strained.gelatinGL * plannedL),
    alcoholG: here(alcoholOf(plan, trace, null)?.leftG ?? 0),
    fatG: here(fatOf(plan, trace, null).eatenG),
    flourG: here(bodyOfPlan(plan, trace).flourGL * plannedL),
    allergens: allergensOf(plan),
    madeOf: [...new Set(plan.items.flatMap(contentsOf).map((i) => i.id))],
    unread: unreadLabels(plan),
  };
  return finished(measured, cook.finishing);
}
