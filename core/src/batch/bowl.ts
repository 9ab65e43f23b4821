import type { Label } from "../ingredient/label-schema";
import { ALLERGENS, type Allergen } from "../ingredient/ingredient";
import { ALCOHOL_KG_L } from "../seasoning/alcohol";
import { ingredientOf, isLoose, unreadIn, valuesOf } from "../simulate/item-facts";
import { plainItem } from "../simulate/plain-item";
import { COLD_DENSITY_KG_L } from "../water/properties";
import type { Finishing } from "../events/sieve/effects";

/** What is in the bowl after the sieve (or on the table), by weight of each; all g but massKg. */
export interface InBowl {
  readonly massKg: number;
  /** Of it what is no liquid: a dish's meat and roots, what was put back. */
  readonly solidsKg: number;
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
    solidsKg: bowl.solidsKg * left,
    saltG: bowl.saltG * left,
    gelatinG: bowl.gelatinG * left,
    alcoholG: bowl.alcoholG * left,
    fatG: bowl.fatG * left,
    flourG: bowl.flourG * left,
  };
}

/** What a kilogram of it brings into another pot, as a label says it. */
export function bowlLabel(bowl: InBowl): Label {
  return {
    saltGKg: perKg(bowl, bowl.saltG),
    gelatinGKg: perKg(bowl, bowl.gelatinG),
    alcoholShare: Math.min(1, perKg(bowl, bowl.alcoholG) / (1000 * ALCOHOL_KG_L.value)),
    fatGKg: perKg(bowl, bowl.fatG),
    ...(bowl.flourG > 0 ? { starchGKg: perKg(bowl, bowl.flourG) } : {}),
    allergens: [...bowl.allergens],
    madeOf: [...bowl.madeOf],
    unread: [...bowl.unread],
  };
}

/** Its liquid down to so many litres: only water leaves; alcohol is left in, which is on the safe side. */
export const boiledDown = (bowl: InBowl, volumeL: number): InBowl => ({
  ...bowl,
  massKg: Math.min(bowl.massKg, bowl.solidsKg + volumeL * COLD_DENSITY_KG_L),
});

/** So much of an ingredient more. */
export function stirredIn(bowl: InBowl, ingredientId: string, massKg: number): InBowl {
  const item = plainItem({ id: "stirred", ingredientId, massKg, when: { at: "afterStrain" } });
  const values = valuesOf(item);
  const allergens = new Set([...bowl.allergens, ...values.allergens]);
  const alcoholG =
    (massKg / ingredientOf(item).densityKgL.value) *
    values.alcoholShare *
    1000 *
    ALCOHOL_KG_L.value;
  return {
    massKg: bowl.massKg + massKg,
    solidsKg: bowl.solidsKg + (isLoose(ingredientOf(item)) ? 0 : massKg),
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

/** Its liquid, cold litres. */
export const bowlL = ({ massKg, solidsKg }: Pick<InBowl, "massKg" | "solidsKg">): number =>
  Math.max(0, massKg - solidsKg) / COLD_DENSITY_KG_L;
/** g in a litre of its liquid. */
export const perL = (bowl: InBowl, g: number): number => (bowlL(bowl) > 0 ? g / bowlL(bowl) : 0);
/** g in a kilogram of all of it. */
export const perKg = ({ massKg }: InBowl, g: number): number => (massKg > 0 ? g / massKg : 0);
