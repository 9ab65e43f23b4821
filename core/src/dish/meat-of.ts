import { ingredientOf, isOffBones, nameOf } from "../simulate/item-facts";
import type { Plan } from "../simulate/plan-schema";
import type { Trace } from "../simulate/trace";

/** What becomes of the meat, kg. */
export interface MeatOf {
  readonly itemId: string;
  readonly name: string;
  readonly rawKg: number;
  readonly cookedKg: number;
  readonly shrinkShare: number;
}

/** Raw to cooked weight of every meat and fish that is eaten. */
export const meatOf = (plan: Plan, trace: Trace): readonly MeatOf[] =>
  plan.items.flatMap((item) => {
    const { group } = ingredientOf(item);
    const cookedKg = trace.items.find((c) => c.itemId === item.id)?.endKg;
    // Off its bones only the meat is left to shrink.
    const rawOfItKg = item.massKg * (1 - (isOffBones(item) ? (item.out?.boneShare ?? 0) : 0));
    if ((group !== "meat" && group !== "fish") || cookedKg === undefined) return [];
    return [
      {
        itemId: item.id,
        name: nameOf(item),
        rawKg: item.massKg,
        cookedKg,
        shrinkShare: 1 - cookedKg / rawOfItKg,
      },
    ];
  });

/** How a cook knows that it is done, by what it shall become. */
export const DONE_SIGNS: Readonly<Record<string, string>> = {
  tenderDice: "A fork slides in and turns without effort.",
  shank: "It yields when bent and draws back from the bone.",
  onTheBone: "It yields when bent and comes off the bone by itself.",
  trotter: "The skin is soft as jelly and the bones come apart.",
  lambDice: "A fork slides in and turns without effort.",
  poultryOnBone: "The joint bends loosely and the juice runs clear.",
  wings: "The joint comes apart and the juice runs clear.",
  rendered: "The fat is glassy, and much of it is in the pan.",
  splitPeas: "They fall apart when stirred.",
  lentilsWhole: "Soft, and still whole.",
  barley: "Soft with a little bite.",
  chickpeasUnsoaked: "Pressed with the tongue it is creamy to the middle.",
  potatoBig: "A knife point goes in by itself.",
  brisket: "A skewer goes in like into butter; lifted, it sags.",
  jointToSlice: "A skewer slides in and out; it still holds together when lifted.",
  jointToShred: "The bone turns and comes free; it falls apart under a fork.",
  poultryThigh: "The joint bends loosely and the juice runs clear.",
  leanGame: "A fork slides in; pressed, it is still springy. Beyond that it dries.",
  oldGame: "A fork slides in and the meat leaves the bone.",
  minceCoarse: "Crumbs are tender between the teeth, not grainy.",
  minceFine: "Crumbs are tender between the teeth, not grainy.",
  offal: "Pressed, it is firm and no longer gives blood.",
  hardOffal: "A knife goes through without squeaking.",
  fish: "It flakes when pressed and is no longer glassy.",
  shellfish: "Shells stand open. Throw away what stays shut.",
  beansSoaked: "Pressed with the tongue it is creamy to the middle.",
  beansUnsoaked: "Pressed with the tongue it is creamy to the middle.",
  chickpeasSoaked: "Pressed with the tongue it is creamy to the middle.",
  lentils: "Soft, and still whole.",
  grains: "Soft with a little bite.",
  rootsHold: "A knife point goes in with a little push; edges stay.",
  rootsSoft: "A knife point goes in by itself.",
  rootsMelt: "It mashes under a spoon.",
  potatoStarchy: "A knife point goes in by itself; edges begin to blur.",
  potatoWaxy: "A knife point goes in by itself; edges stay.",
  quickVegetable: "Bright, with a bite.",
  onionMelt: "Glassy, then gone.",
  sausage: "Firm all through.",
};
