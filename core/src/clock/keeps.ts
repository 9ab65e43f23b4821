import { kitchenEstimate, published } from "../units/constant";
import type { PlanItem } from "../simulate/plan-schema";
import { ingredientOf } from "../simulate/item-facts";

const cold = "cold and covered; a cook's habit, well inside a day in the fridge";

/** How long something may wait between one piece of work and the next, min. */
export const KEEPS_MIN = {
  cut: kitchenEstimate("vegetables cut", 720, "min", cold),
  raw: published(
    "raw meat or fish on the board",
    120,
    "min",
    "US guidance (USDA): two hours in all",
  ),
  browned: kitchenEstimate("what is browned or sweated, in its pan", 45, "min", "hot to the pot"),
  filled: kitchenEstimate("a filled pot before its heat", 20, "min", "it does not stand about"),
  soaked: kitchenEstimate("soaked over what it needs", 480, "min", "in the cold, once it is soft"),
  thawed: published(
    "thawed, in the fridge",
    1440,
    "min",
    "US guidance (USDA): within a day or two",
  ),
  hot: kitchenEstimate(
    "a dish off the ring under its lid, over 60 °C",
    45,
    "min",
    "a few litres in a heavy pot, by the cooling of this model",
  ),
  warm: kitchenEstimate("a dish on WARM or in a low oven", 120, "min", "softer after that"),
  chilled: published(
    "a dish chilled for another day",
    2880,
    "min",
    "US guidance (USDA): three to four days; two of them are planned with",
  ),
  portion: published("chilled stock before its jars", 2880, "min", "two of its days in the fridge"),
  fatSets: kitchenEstimate("a night in the fridge, until the fat is hard", 480, "min", "seen"),
} as const;

const RAW_GROUPS: ReadonlySet<string> = new Set(["meat", "fish", "bones"]);

/** How long an ingredient that was cut or rinsed may wait, min: by what it is. */
export const preparedKeepsMin = (item: PlanItem | undefined): number =>
  item !== undefined && RAW_GROUPS.has(ingredientOf(item).group)
    ? KEEPS_MIN.raw.value
    : KEEPS_MIN.cut.value;
