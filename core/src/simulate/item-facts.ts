import { coreRuleOf, targetOf, targetsOf } from "../doneness/targets-of";
import type { DonenessTarget } from "../doneness/targets";
import { ingredientById } from "../ingredient/catalogue";
import type { Ingredient } from "../ingredient/ingredient";
import { labelValues, type LabelValues } from "../ingredient/label";
import { soakedUpLKg } from "../prepare/soaking";
import { workOf, type Work, type WorkKind } from "../prepare/work-schema";
import type { PlanItem } from "./plan-schema";

export const ingredientOf = (item: PlanItem): Ingredient => ingredientById(item.ingredientId);
export const nameOf = (item: PlanItem): string => ingredientOf(item).name;

/** What a kilogram of it brings, its own label first. */
export const valuesOf = (item: PlanItem): LabelValues =>
  labelValues(ingredientOf(item), item.label);

/** A piece of work that is done to it; undefined where it is not. */
export const itemWork = (item: PlanItem, kind: WorkKind): Work | undefined =>
  workOf(item.work, kind);

/** Weight that goes into the pot, kg: less where it was boiled down before. */
export const pouredKg = (item: PlanItem): number =>
  item.massKg * (itemWork(item, "reduce")?.share ?? 1);

/** True where it joins the liquid, melts or dissolves: it makes no heap and is not strained out. */
export const isLoose = ({ isLiquid, group }: Ingredient): boolean =>
  isLiquid || group === "salt" || group === "sweet" || group === "starch" || group === "fat";

/** Water it has taken up before it goes in, kg. */
export function soakedKg(item: PlanItem): number {
  const ingredient = ingredientOf(item);
  const uptake = ingredient.uptakeLKg?.value;
  return uptake === undefined || itemWork(item, "soak") === undefined
    ? 0
    : item.massKg * soakedUpLKg(ingredient.group === "pulse", uptake);
}

/**
 * The end it shall be cooked to: the wanted one where it has it, else its usual one; dry beans that
 * were not soaked take longer. Null where none is judged.
 */
export function targetOfItem(item: PlanItem): DonenessTarget | null {
  if (item.target === undefined && ingredientOf(item).group === "pulse") {
    const slow = targetsOf(item.ingredientId).find((t) => t.id === "beansUnsoaked");
    if (slow !== undefined && itemWork(item, "soak") === undefined && item.boiledMin === 0)
      return slow;
  }
  return targetOf(item.ingredientId, item.target);
}

/** The core temperature it must reach; null where none applies. */
export const coreRuleOfItem = (item: PlanItem) => coreRuleOf(item.ingredientId);
