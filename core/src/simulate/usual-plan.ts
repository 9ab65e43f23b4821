import type { Plan, PlanItem } from "./plan-schema";
import { SCHEMA_VERSION } from "./schema-version";
import { USUAL_ITEM, USUAL_PLAN, USUAL_STRAIN } from "./usual-values";

/** What has to be said of an ingredient; all else may be. */
export type GivenItem = Pick<PlanItem, "id" | "ingredientId" | "massKg" | "when"> &
  Partial<PlanItem>;
/** What has to be said of a plan; all else may be. */
export type GivenPlan = Omit<
  Pick<Plan, "id" | "name" | "vesselId" | "ringId" | "water" | "heat" | "stop"> & Partial<Plan>,
  "items" | "schemaVersion"
> & { readonly items: readonly GivenItem[] };

/** An ingredient with what is usual. Nothing of it is checked: that is done as it is written. */
export const usualItem = (given: GivenItem): PlanItem => ({ ...USUAL_ITEM, work: [], ...given });

/** A plan with what is usual. Nothing of it is checked: that is done as it is written. */
export const usualPlan = (given: GivenPlan): Plan => ({
  schemaVersion: SCHEMA_VERSION,
  ...USUAL_PLAN,
  ...{ diets: [], schools: {}, accompaniments: [], then: [], strain: { ...USUAL_STRAIN } },
  ...given,
  items: given.items.map(usualItem),
});
