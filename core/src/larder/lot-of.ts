import { resolve } from "../simulate/set-pot";
import type { Label } from "../ingredient/label-schema";
import type { Batch } from "../batch/batch-schema";
import type { Cook } from "../batch/fold";
import type { Product } from "../batch/product-kinds";
import { productsOf } from "../batch/products";
import { costOf } from "../dish/shopping";
import type { Lot } from "./larder-schema";

/** What a pot gave, as every container of it shares it. */
export interface PotFacts {
  /** Set where its solids were kept apart from its liquid: which of the two. */
  readonly product?: Product;
  readonly name: string;
  readonly kind: Lot["kind"];
  /** All of it, as it was measured, kg. */
  readonly allKg: number;
  readonly isLiquid: boolean;
  /** How much of it is no liquid, 0–1. */
  readonly solidsShare: number;
  readonly label: Label;
  readonly costPerKg: number | null;
  readonly madeMs: number;
  readonly isForAnimals: boolean;
}

/**
 * What a pot gave, as it was measured and finished, each product for itself; none before it was strained or
 * served. `lots` are those of the larder, for what the pot drew from it.
 */
export function potFacts(
  batch: Batch,
  cook: Cook,
  lots: ReadonlyMap<string, Lot>,
): readonly PotFacts[] {
  const { plan, kitchen } = batch;
  const products = productsOf(batch, cook);
  const { result } = cook;
  if (result === null) return [];
  const allKg = products.reduce((sum, p) => sum + p.bowl.massKg, 0);
  const cost = costOf(resolve(plan, kitchen), lotPerKg(lots));
  const costPerKg = cost === null || cost.unpriced > 0 || allKg <= 0 ? null : cost.cost / allKg;
  return products.map(({ product, name, isLiquid, bowl, label }) => ({
    ...(product === undefined ? {} : { product }),
    name,
    kind:
      isLiquid && plan.end === "strained"
        ? "stock"
        : plan.end === "strained"
          ? "leftovers"
          : "dish",
    allKg: bowl.massKg,
    isLiquid,
    solidsShare: bowl.massKg > 0 ? Math.min(1, bowl.solidsKg / bowl.massKg) : 0,
    label,
    costPerKg,
    madeMs: result.strainedMs,
    isForAnimals: plan.feeds === "animals",
  }));
}

/** What a kilogram of a lot cost to make, by its id; null where prices were missing or it is gone. */
export const lotPerKg =
  (lots: ReadonlyMap<string, Lot>) =>
  (lotId: string): number | null =>
    lots.get(lotId)?.costPerKg ?? null;

const LETTERS = "ABCDEFGHIJKLMNOPQRSTUVWXYZ";
/** The code on the lid: the day it was made, and a letter for each lot of that day. */
export const codeFor = (day: string, used: ReadonlySet<string>): string => {
  for (const letter of LETTERS) if (!used.has(`${day}${letter}`)) return `${day}${letter}`;
  let n = 1;
  while (used.has(`${day}Z${n}`)) n++;
  return `${day}Z${n}`;
};
