import type { Label } from "../ingredient/label-schema";
import { isEaten } from "../dish/eaten";
import { ingredientOf, nameOf } from "../simulate/item-facts";
import type { Plan } from "../simulate/plan-schema";
import type { Batch } from "./batch-schema";
import type { Cook } from "./fold";
import { inBowl } from "./in-bowl";
import { bowlLabel, without, type InBowl } from "./bowl";
import type { Product } from "./product-kinds";
import { sayList } from "./say-list";

/** Something that left the pot, with what is in it. */
export interface Leaving {
  /** Undefined where all of it is one. */
  readonly product?: Product;
  readonly name: string;
  readonly isLiquid: boolean;
  readonly bowl: InBowl;
  readonly label: Label;
}

/**
 * What left the pot: all of it as one; or, where its solids were kept apart, its liquid and those. Of a dish
 * they share what was served, of a stock they are beside what came through the sieve. Salt and alcohol go
 * with the weight, as it has all cooked through in one liquid; body and gelatin are the liquid's. What fat
 * stays in solids from a sieve nobody knows, and their label says nothing of it. None before it was strained
 * or served.
 */
export function productsOf(batch: Batch, cook: Cook): readonly Leaving[] {
  const bowl = inBowl(batch, cook);
  if (bowl === null) return [];
  const { plan } = batch;
  const isStock = plan.end === "strained";
  if (cook.apartKg <= 0)
    return [{ name: plan.name, isLiquid: isStock, bowl, label: bowlLabel(bowl) }];
  const massKg = isStock ? cook.apartKg : Math.min(cook.apartKg, bowl.massKg);
  const share = bowl.massKg > 0 ? massKg / bowl.massKg : 0;
  const solids: InBowl = {
    ...bowl,
    massKg,
    solidsKg: massKg,
    saltG: bowl.saltG * share,
    alcoholG: bowl.alcoholG * share,
    fatG: bowl.fatG * share,
    gelatinG: 0,
    flourG: 0,
  };
  const rest = without(bowl, massKg);
  const liquid = isStock
    ? bowl
    : {
        ...rest,
        solidsKg: Math.max(0, bowl.solidsKg - massKg),
        gelatinG: bowl.gelatinG,
        flourG: bowl.flourG,
      };
  return [
    {
      product: "liquid",
      name: isStock ? plan.name : `${plan.name}: the sauce`,
      isLiquid: true,
      bowl: liquid,
      label: bowlLabel(liquid),
    },
    {
      product: "solids",
      name: `${plan.name}: ${solidsName(plan)}`,
      isLiquid: false,
      bowl: solids,
      label: isStock ? withoutFat(bowlLabel(solids)) : bowlLabel(solids),
    },
  ];
}

function withoutFat(label: Label): Label {
  const { fatGKg: _fat, ...rest } = label;
  return rest;
}

/** What the solids are, the heaviest first: "mutton shoulder and onion". */
export function solidsName(plan: Plan): string {
  const names = plan.items
    .filter((i) => isEaten(i, plan) && MEALS.has(ingredientOf(i).group))
    .toSorted((a, b) => b.massKg - a.massKg)
    .slice(0, 2)
    .map((i) => nameOf(i).toLowerCase());
  return names.length === 0 ? "the solids" : sayList(names);
}
const MEALS: ReadonlySet<string> = new Set(["meat", "fish", "vegetable", "pulse"]);
