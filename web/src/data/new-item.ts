import { plainItem } from "@kettlos/core/simulate/plain-item";
import type { Ingredient } from "@kettlos/core/ingredient/ingredient";
import type { OwnIngredient } from "@kettlos/core/ingredient/own-ingredient";
import type { Plan, PlanItem } from "@kettlos/core/simulate/plan-schema";
import { whenFor } from "../words/when-words";
import { newId } from "./new-id";

/**
 * A new line of a plan. In a stock things go in when the catalogue says; in a dish what is eaten goes in
 * at the start until it is timed, and only what spoils waits.
 */
export function newItem(
  ingredient: Ingredient,
  massKg: number,
  end: Plan["end"],
  counted?: PlanItem["counted"],
  own?: OwnIngredient | null,
): PlanItem {
  const { staging, dryBean } = ingredient;
  const waits = staging === "last10" || staging === "offHeat";
  const when = end === "served" && !waits ? { at: "start" as const } : whenFor(staging);
  return {
    ...plainItem({ id: newId(), ingredientId: ingredient.id, massKg, when }),
    ...(own === undefined || own === null
      ? {}
      : {
          called: own.name,
          isOwn: true as const,
          ...(own.label === undefined ? {} : { label: own.label }),
          ...(own.takeOut === undefined ? {} : { takeOut: own.takeOut }),
        }),
    ...(counted === undefined ? {} : { counted }),
    work: dryBean === true ? [{ kind: "soak" }] : [],
  };
}
