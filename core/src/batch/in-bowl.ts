import { alcoholOf } from "../dish/alcohol-of";
import { bodyOfPlan } from "../dish/body-of";
import { allergensOf, unreadLabels } from "../dish/diets";
import { eatenOf, goesInAfter } from "../dish/eaten";
import { fatOf } from "../dish/fat-of";
import { saltOf } from "../dish/salt-of";
import { ALLERGENS, type Allergen } from "../ingredient/ingredient";
import type { Label } from "../ingredient/label";
import { ALCOHOL_KG_L } from "../seasoning/alcohol";
import { contentsOf, ingredientOf, valuesOf, unreadIn } from "../simulate/item-facts";
import { PlanItemSchema } from "../simulate/plan-schema";
import { simulate } from "../simulate/simulate";
import { coldWaterKg, waterL } from "../simulate/water-ways";
import { COLD_DENSITY_KG_L } from "../water/properties";
import type { Batch } from "./batch-schema";
import type { Cook, Finishing } from "./fold";
import { gapOf } from "./gap";

/** What is in the bowl after the sieve (or on the table), by weight of each; all g but massKg. */
export interface InBowl {
  readonly massKg: number;
  readonly saltG: number;
  readonly gelatinG: number;
  readonly alcoholG: number;
  readonly fatG: number;
  /** How it is thickened, g of flour. */
  readonly flourG: number;
  readonly allergens: readonly Allergen[];
  readonly madeOf: readonly string[];
  /** Of it, what is composed and nobody has read the label of. */
  readonly unread: readonly string[];
}

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
  const trace = simulate(plan, kitchen, { waterKg: coldWaterKg(waterL(plan, kitchen), kitchen) });
  const massKg = result.servedKg ?? result.strainedL * COLD_DENSITY_KG_L;
  const plannedL = trace.strained.volumeL;
  // Nobody measured it: what it is reckoned to be less than planned went as steam.
  const steamL = result.isReckoned
    ? result.strainedL - plannedL
    : (gapOf(plan, kitchen, cook)?.parts.find((p) => p.cause === "steam")?.litres ?? 0);
  const eaten = eatenOf(plan, trace);
  // By the weight of all that is eaten: of a dish the solids are part of it, and no steam leaves them.
  const thinner =
    eaten.allKg > 0 ? Math.max(0.2, 1 + (steamL * COLD_DENSITY_KG_L) / eaten.allKg) : 1;
  /** What the simulated pot holds of something, g, in the bowl as it was measured. */
  const here = (wholeG: number) =>
    eaten.allKg > 0 ? (wholeG / eaten.allKg / thinner) * massKg : 0;
  const measured: InBowl = {
    massKg,
    saltG: here(saltOf(plan, trace).saltG),
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

/** What is in the bowl once it was reduced and things were stirred in, in order. */
export const finished = (bowl: InBowl, steps: readonly Finishing[]): InBowl =>
  steps.reduce((now, step) => {
    switch (step.kind) {
      case "reducedTo":
        return boiledDown(now, step.volumeL);
      case "stirredIn":
        return stirredIn(now, step.ingredientId, step.massKg);
      case "handedOn":
        return without(now, step.massKg);
    }
  }, bowl);

/** With so much of it poured away elsewhere, and its share of all that is in it. */
export function without(bowl: InBowl, massKg: number): InBowl {
  const left = bowl.massKg > 0 ? Math.max(0, 1 - massKg / bowl.massKg) : 0;
  return {
    ...bowl,
    massKg: bowl.massKg * left,
    saltG: bowl.saltG * left,
    gelatinG: bowl.gelatinG * left,
    alcoholG: bowl.alcoholG * left,
    fatG: bowl.fatG * left,
    flourG: bowl.flourG * left,
  };
}

/** What a kilogram of it brings into another pot, as a label says it. */
export function bowlLabel(bowl: InBowl): Label {
  const perKg = (g: number) => (bowl.massKg > 0 ? g / bowl.massKg : 0);
  return {
    saltGKg: perKg(bowl.saltG),
    gelatinGKg: perKg(bowl.gelatinG),
    alcoholShare: Math.min(1, perKg(bowl.alcoholG) / (1000 * ALCOHOL_KG_L.value)),
    fatGKg: perKg(bowl.fatG),
    ...(bowl.flourG > 0 ? { starchGKg: perKg(bowl.flourG) } : {}),
    allergens: [...bowl.allergens],
    madeOf: [...bowl.madeOf],
    unread: [...bowl.unread],
  };
}

/** Down to so many litres: only water leaves; alcohol is left in, which is on the safe side. */
export const boiledDown = (bowl: InBowl, volumeL: number): InBowl => ({
  ...bowl,
  massKg: Math.min(bowl.massKg, volumeL * COLD_DENSITY_KG_L),
});

/** So much of an ingredient more. */
export function stirredIn(bowl: InBowl, ingredientId: string, massKg: number): InBowl {
  const item = PlanItemSchema.parse({
    id: "stirred",
    ingredientId,
    massKg,
    when: { at: "afterStrain" },
  });
  const values = valuesOf(item);
  const allergens = new Set([...bowl.allergens, ...values.allergens]);
  const alcoholG =
    (massKg / ingredientOf(item).densityKgL.value) *
    values.alcoholShare *
    1000 *
    ALCOHOL_KG_L.value;
  return {
    massKg: bowl.massKg + massKg,
    saltG: bowl.saltG + massKg * values.saltGKg,
    gelatinG: bowl.gelatinG + massKg * values.gelatinGKg,
    alcoholG: bowl.alcoholG + alcoholG,
    fatG: bowl.fatG + massKg * values.fatGKg,
    flourG: bowl.flourG + massKg * values.starchGKg,
    allergens: ALLERGENS.filter((a) => allergens.has(a)),
    unread: [...new Set([...bowl.unread, ...unreadIn(item)])],
    madeOf: ingredientId === "water" ? bowl.madeOf : [...new Set([...bowl.madeOf, ingredientId])],
  };
}

export const bowlL = (bowl: InBowl): number => bowl.massKg / COLD_DENSITY_KG_L;
/** g in a litre of it. */
export const perL = (bowl: InBowl, g: number): number => (bowl.massKg > 0 ? g / bowlL(bowl) : 0);
