import type { Ingredient } from "../ingredient/ingredient";
import type { PlanItem } from "./plan-schema";

/** Start temperatures, °C: model.md, rules for all of it. */
export const FROM_FRIDGE_C = 5;
const PULSE_C = 15;

/** Temperature at which an ingredient goes in, °C. */
export const startC = (
  ingredient: Ingredient,
  item: PlanItem,
  waterC: number,
  roomC: number,
): number =>
  item.frozen
    ? 0
    : item.hotC !== undefined
      ? item.hotC
      : ingredient.id === "water"
        ? waterC
        : ingredient.group === "pulse"
          ? PULSE_C
          : ingredient.group === "bones" ||
              ingredient.group === "meat" ||
              ingredient.group === "fish"
            ? FROM_FRIDGE_C
            : roomC;
