import { MASHED_STARCH_G_KG } from "../ingredient/traits";
import { CORN_AFTER_HOUR, CORN_THINS_AFTER_MIN, ROUX_BINDS } from "../seasoning/thickness";
import { ingredientOf, itemWork, nameOf, valuesOf } from "./item-facts";
import type { Plan, PlanItem } from "./plan-schema";
import type { Trace } from "./trace";

/** One thing that gives body, as g of wheat flour. */
export interface BodyFrom {
  readonly itemId: string;
  readonly name: string;
  readonly flourG: number;
}

/** Everything that gives body by the end, the most first; what goes in after the sieve is not in the pot. */
export const bindsIn = (plan: Plan, trace: Trace): readonly BodyFrom[] =>
  plan.items
    .filter(
      (i) => plan.end === "served" || (i.when.at !== "afterStrain" && i.when.at !== "nextDay"),
    )
    .map((i) => ({ itemId: i.id, name: nameOf(i), flourG: flourGOf(i, trace) }))
    .filter((f) => f.flourG > 0.5)
    .sort((a, b) => b.flourG - a.flourG);

/** What binds in the pot while it is on, g of flour; what is mashed or stirred in after the heat left out. */
export const boundFlourG = ({ items }: Pick<Plan, "items">): number =>
  items
    .filter(({ when }) => !AFTER_HEAT.has(when.at))
    .reduce((sum, item) => sum + item.massKg * valuesOf(item).starchGKg * rouxBinds(item), 0);
const AFTER_HEAT: ReadonlySet<PlanItem["when"]["at"]> = new Set([
  "offHeat",
  "afterStrain",
  "nextDay",
]);

/** How thick the liquid is at the end, g of flour a litre. */
export function flourGLOf(plan: Plan, trace: Trace): number {
  const flourG = bindsIn(plan, trace).reduce((sum, f) => sum + f.flourG, 0);
  return trace.endLiquidL > 0 ? flourG / trace.endLiquidL : 0;
}

/** What gives body once it is soft and crushed. */
export const isMashed = (item: PlanItem): boolean =>
  ingredientOf(item).group === "pulse" || item.ingredientId === "potato";

const rouxBinds = (item: PlanItem): number => {
  const roux = itemWork(item, "roux");
  return roux === undefined ? 1 : ROUX_BINDS[roux.colour ?? "blond"].value;
};

/** What an item gives, g of flour: its starch as far as it still binds, and what of it is mashed. */
function flourGOf(item: PlanItem, trace: Trace): number {
  const course = trace.items.find((c) => c.itemId === item.id);
  let binds = rouxBinds(item);
  if (item.ingredientId === "cornStarch" && boiledMin(item, trace) >= CORN_THINS_AFTER_MIN)
    binds *= CORN_AFTER_HOUR.value;
  const own = item.massKg * valuesOf(item).starchGKg * binds;
  const share = Math.min(
    1,
    (itemWork(item, "crush")?.share ?? 0) + (itemWork(item, "blend")?.share ?? 0),
  );
  const mashed = isMashed(item) ? (course?.endKg ?? item.massKg) * share * MASHED_STARCH_G_KG : 0;
  return own + mashed;
}

/** Minutes something boils in the pot, by when it goes in. */
function boiledMin({ when }: PlanItem, trace: Trace): number {
  switch (when.at) {
    case "start":
      return trace.holdMin;
    case "after":
      return Math.max(0, trace.holdMin - when.min);
    case "beforeEnd":
      return Math.min(trace.holdMin, when.min);
    default:
      return 0;
  }
}
