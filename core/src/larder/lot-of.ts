import type { Batch } from "../batch/batch-schema";
import type { Cook } from "../batch/fold";
import { gapOf } from "../batch/gap";
import { fatOf } from "../dish/fat-of";
import { alcoholOf } from "../dish/alcohol-of";
import { allergensOf } from "../dish/diets";
import { eatenOf, goesInAfter } from "../dish/eaten";
import { saltOf } from "../dish/salt-of";
import { costOf } from "../dish/shopping";
import type { Label } from "../ingredient/label";
import { ALCOHOL_KG_L } from "../seasoning/alcohol";
import { contentsOf } from "../simulate/item-facts";
import { simulate } from "../simulate/simulate";
import { coldWaterKg, waterL } from "../simulate/water-ways";
import { COLD_DENSITY_KG_L } from "../water/properties";
import type { Lot } from "./larder-schema";

/** What a pot gave, as every container of it shares it. */
export interface PotFacts {
  /** All of it, as it was measured, kg. */
  readonly allKg: number;
  readonly isLiquid: boolean;
  readonly label: Label;
  readonly costPerKg: number | null;
  readonly madeMs: number;
  readonly isForAnimals: boolean;
}

/**
 * What is in a pot that was measured: salt, gelatin and alcohol as simulated, thinner or stronger by
 * what the measured steam made of it (solids that kept back liquid kept its salt too). Null before it
 * was strained or served.
 */
export function potFacts(batch: Batch, cook: Cook): PotFacts | null {
  const { kitchen } = batch;
  const { result } = cook;
  if (result === null) return null;
  // Measured before anything goes into the strained liquid: that is no part of the stock that is kept.
  const plan =
    batch.plan.end === "strained"
      ? { ...batch.plan, items: batch.plan.items.filter((i) => !goesInAfter(i)) }
      : batch.plan;
  const trace = simulate(plan, kitchen, { waterKg: coldWaterKg(waterL(plan, kitchen), kitchen) });
  const isLiquid = plan.end === "strained";
  const allKg = result.servedKg ?? result.strainedL * COLD_DENSITY_KG_L;
  const plannedL = trace.strained.volumeL;
  const steamL = gapOf(plan, kitchen, cook)?.parts.find((p) => p.cause === "steam")?.litres ?? 0;
  const thinner = plannedL > 0 ? Math.max(0.2, (plannedL + steamL) / plannedL) : 1;
  const salt = saltOf(plan, trace);
  const alcohol = alcoholOf(plan, trace, null);
  const eaten = eatenOf(plan, trace);
  const perKg = (perL: number) => perL / COLD_DENSITY_KG_L / thinner;
  const perEatenKg = (n: number) => (eaten.allKg > 0 ? n / eaten.allKg : 0);
  const cost = costOf(plan, kitchen);
  return {
    allKg,
    isLiquid,
    label: {
      saltGKg: salt.unit === "L" ? perKg(salt.per) : salt.per / thinner,
      gelatinGKg: perKg(trace.strained.gelatinGL),
      alcoholShare:
        alcohol === null
          ? 0
          : Math.min(1, perEatenKg(alcohol.leftG) / (1000 * ALCOHOL_KG_L.value) / thinner),
      fatGKg: perEatenKg(fatOf(plan, trace, null).eatenG) / thinner,
      allergens: [...allergensOf(plan)],
      madeOf: [...new Set(plan.items.flatMap(contentsOf).map((i) => i.id))],
    },
    costPerKg: cost === null || cost.unpriced > 0 || allKg <= 0 ? null : cost.cost / allKg,
    madeMs: result.strainedMs,
    isForAnimals: plan.feeds === "animals",
  };
}

/** Salt under this is what bones and vegetables bring by themselves, g/kg. */
export const UNSALTED_BELOW_G_KG = 1.5;
export const isUnsalted = (lot: Pick<Lot, "label">): boolean =>
  (lot.label.saltGKg ?? 0) < UNSALTED_BELOW_G_KG;

/** Litres of a liquid, by its weight. */
export const litresOf = (massKg: number): number => massKg / COLD_DENSITY_KG_L;

const LETTERS = "ABCDEFGHIJKLMNOPQRSTUVWXYZ";
/** The code on the lid: the day it was made, and a letter for each lot of that day. */
export const codeFor = (day: string, used: ReadonlySet<string>): string => {
  for (const letter of LETTERS) if (!used.has(`${day}${letter}`)) return `${day}${letter}`;
  let n = 1;
  while (used.has(`${day}Z${n}`)) n++;
  return `${day}Z${n}`;
};
