import { ln } from "../units/same-math";
import { resolve } from "../simulate/set-pot";
import { JUG_SD_L, LiveModel } from "../batch/live-model";
import { measuredOf } from "../batch/of-log";
import { goesInAfter } from "../dish/eaten";
import { cookedPlan } from "../batch/live-plan";
import { SET_FROM_GL, SETS, type SetGrade } from "../extraction/set";
import { BONES_NOISE, bonesOf } from "../simulate/bones-here";
import { valuesOf } from "../simulate/item-facts";
import { untaught } from "../simulate/learned";
import { SPREAD } from "../simulate/parameters";
import type { Plan } from "../simulate/plan-schema";
import { COLD_DENSITY_KG_L } from "../water/properties";
import { kitchenEstimate } from "../units/constant";
import { outcomeOf } from "../units/problem";
import type { Observation } from "./belief";
import { unusable, type LoggedPot } from "./from-pot";

/** Where the weakest and the firmest set end that have no edge of their own, g/L. */
const PLAINLY_POURS_GL = kitchenEstimate("plainly pours", 2, "g/L", "a third of what quivers");
const PLAINLY_RUBBER_GL = kitchenEstimate("plainly rubber", 80, "g/L", "twice where it begins");
/** How far off an eye is that calls a set, log of the gelatin. */
const EYE_SD = kitchenEstimate("a set by eye", 0.12, "log", "kitchen estimate");
/** Where bones gave less of it than a stock that went in, a set says nothing of them. */
const LEAST_SHARE = 0.5;
/** What is further out than this, either way, was something else. */
const MOST_TIMES = 4;

/** From where to where the gelatin of a set lies, g/L. */
export function edgesOf(set: SetGrade): readonly [number, number] {
  const from = (grade: SetGrade | undefined): number =>
    grade === undefined
      ? PLAINLY_RUBBER_GL.value
      : grade === "pours"
        ? PLAINLY_POURS_GL.value
        : SET_FROM_GL[grade].value;
  return [from(set), from(SETS[SETS.indexOf(set) + 1])];
}

/** A grade says the middle of its interval, and is off by what an interval is, an eye, and one lot of bones. */
export const gradeSays = (low: number, high: number): Pick<Observation, "log" | "sd"> => ({
  log: (low + high) / 2,
  sd: Math.hypot((high - low) / Math.sqrt(12), EYE_SD.value, BONES_NOISE.value),
});

/**
 * How much gelatin the bones of a pot gave against the default, by how it stood when cold
 * (docs/method.md, “What a log teaches”: a grade is an interval). Nothing of what was
 * reduced or had something stirred in after the sieve, nor where most of it came with a stock.
 */
export function setSeen(logged: LoggedPot): readonly Observation[] {
  const { batch, cook } = logged;
  const result = measuredOf(cook);
  if (unusable(logged) !== null || result === null || cook.offMs === null) return [];
  const { set, strainedL } = result;
  if (set === null || cook.finishing.length > 0 || batch.plan.end !== "strained") return [];
  const kitchen = untaught(batch.kitchen);
  const { plan } = cookedPlan(resolve(batch.plan, kitchen), cook);
  const bones = bonesOf(plan);
  if (bones === null) return [];
  const { offMs } = cook;
  const outcome = outcomeOf(() => {
    const model = new LiveModel(resolve(plan, kitchen), cook, offMs);
    const { ledger } = model.planned;
    return {
      gelatinG: model.point(model.modelMin(offMs)).gelatinG,
      keptKg: -ledger.leftOnSolids - ledger.leftInCloth,
    };
  });
  if (!outcome.ok) return [];
  const { gelatinG, keptKg } = outcome.value;
  const bringsG = (items: Plan["items"]) =>
    items.reduce((sum, i) => sum + i.massKg * valuesOf(i).gelatinGKg, 0);
  const broughtG = bringsG(plan.items);
  // What goes in after the sieve is in what stands, and was not in the pot.
  const gaveG = gelatinG - bringsG(plan.items.filter((i) => !goesInAfter(i)));
  if (gaveG < LEAST_SHARE * gelatinG || gaveG <= 0) return [];
  const volumeL = strainedL + cook.leftL + keptKg / COLD_DENSITY_KG_L;
  const [lowGL, highGL] = edgesOf(set);
  const factorAt = (gL: number) => ln(Math.max(1e-6, gL * volumeL - broughtG) / gaveG);
  const { log, sd } = gradeSays(factorAt(lowGL), factorAt(highGL));
  if (!(Math.abs(log) <= ln(MOST_TIMES)) || strainedL < 4 * JUG_SD_L) return [];
  return [
    {
      potId: batch.id,
      thing: bones,
      log,
      sd,
      sigma: SPREAD.extraction.value,
    },
  ];
}
