import { isOffBones } from "../simulate/item-facts";
import type { PlanItem } from "../simulate/plan-schema";
import { kitchenEstimate, type Constant } from "../units/constant";

const takes = (what: string, min: number): Constant =>
  kitchenEstimate(what, min, "min", "a cook with a watch, until your own is known");

/** Minutes of what every pot asks for beside the work on its ingredients. */
export const POT_TIMES = {
  look: takes("a look at the pot", 2),
  lookEvery: takes("time between two looks", 45),
  skim: takes("skimming as it comes up", 5),
  add: takes("putting something in or lifting it out", 2),
  begin: takes("putting something to thaw or to soak", 3),
  shut: takes("shutting and setting it", 3),
  off: takes("taking it off the heat, or out of the oven", 2),
  open: takes("letting down and opening", 3),
  strain: takes("straining", 10),
  intoCold: takes("from the sieve into the cold", 8),
  intoFridge: takes("from the bath into the fridge", 3),
  portion: takes("portioning and labelling", 15),
} as const;

const PICK_MIN = takes("taking meat off its bones, once it can be touched", 4);
const PICK_MIN_KG = kitchenEstimate(
  "the same, a kilogram",
  8,
  "min/kg",
  "a cook with a watch, until your own is known",
);

/** Minutes by hand that taking these off their bones takes; 0 where none is. */
export const pickMin = (items: readonly PlanItem[]): number =>
  items
    .filter(isOffBones)
    .reduce((sum, i) => sum + PICK_MIN.value + PICK_MIN_KG.value * i.massKg, 0);
