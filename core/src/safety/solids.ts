import { ingredientOf, petHazardsOf, valuesOf } from "../simulate/item-facts";
import { ANIMAL_SALT_G_KG } from "../seasoning/salt";
import type { Plan } from "../simulate/plan-schema";

/**
 * Why what was strained out may not be fed, in words: cooked bones splinter, and whatever in the same pot
 * harms an animal went through all of it. Empty where it may be fed.
 */
export function solidsHazards(plan: Plan): readonly string[] {
  const found = plan.items.flatMap((item) =>
    petHazardsOf(item).map(({ name, why }) => `${name.toLowerCase()} was in the pot, ${why}`),
  );
  const hasBones = plan.items.some((i) => ingredientOf(i).group === "bones");
  // Judged over the whole pot: many little salts are a salty pot.
  const saltG = plan.items.reduce((sum, i) => sum + i.massKg * valuesOf(i).saltGKg, 0);
  const allKg = plan.items.reduce((sum, i) => sum + i.massKg, 0);
  const hasSalt = saltG > ANIMAL_SALT_G_KG.value * allKg;
  const hasAlcohol = plan.items.some((i) => valuesOf(i).alcoholShare > 0);
  return [
    ...new Set([
      ...(hasBones ? ["cooked bones splinter"] : []),
      ...found,
      ...(hasSalt && found.length === 0 ? ["it was salted"] : []),
      ...(hasAlcohol && found.length === 0 ? ["alcohol was in the pot"] : []),
    ]),
  ];
}
