import type { PlanItem } from "./plan-schema";

/** An ingredient as it comes: raw, thawed, with no work to it. */
export const plainItem = (
  item: Pick<PlanItem, "id" | "ingredientId" | "massKg" | "when">,
): PlanItem => ({
  ...item,
  preparation: "",
  boneState: "raw",
  frozen: false,
  boiledMin: 0,
  work: [],
});
