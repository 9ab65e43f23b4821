import { bowlL, perL, type InBowl } from "../batch/bowl";
import { SET_FROM_GL, toNextSet, type SetGrade } from "../extraction/set";
import { GELATIN_IN_POWDER } from "../ingredient/traits";
import { DISH_SALT_G_KG, saltToAddG, SIPPING_SALT_G_L, toDilute } from "../seasoning/salt";
import { BODIES, THICKENERS, thickenWithG, type ThickenerId } from "../seasoning/thickness";
import type { Constant } from "../units/constant";
import type { BecauseInput, Estimate } from "../units/estimate";
import { outcomeOf, type Outcome } from "../units/problem";
import { input } from "./explain";

/** A weight that follows from what is in the bowl by a sum: as sure as what was measured. */
const weight = (
  id: string,
  name: string,
  massG: number,
  formula: string,
  inputs: readonly BecauseInput[],
  constants: readonly Constant[],
): Estimate => ({
  id,
  name,
  unit: "g",
  low: massG,
  expected: massG,
  high: massG,
  because: { formula, inputs, constants, spread: [] },
});

/** Grams of a thickener that take the bowl to toGL flour-equivalent. Problems: as thickenWithG. */
export function thickenerGOf(
  bowl: InBowl,
  toGL: number,
  thickener: ThickenerId,
): Outcome<Estimate> {
  const { name, k } = THICKENERS[thickener];
  const fromGL = perL(bowl, bowl.flourG);
  const outcome = outcomeOf(() => thickenWithG(bowlL(bowl), fromGL, toGL, k.value));
  if (!outcome.ok) return outcome;
  const body = BODIES.find((b) => b.from.value === toGL);
  const value = weight(
    "thickenerG",
    `Grams of ${name}`,
    outcome.value,
    "litres × what the thickness lacks, over how the thickener binds; the last grams bind less, since starch takes room itself: V·(E₁ − E₀)/(k − 0.002·E₁).",
    [
      input("in the bowl", bowlL(bowl), "L"),
      input("as thick as", fromGL, "g flour/L"),
      input("wanted", toGL, "g flour/L"),
    ],
    [k, ...(body === undefined ? [] : [body.from])],
  );
  return { ok: true, value };
}

/** Grams of fine salt that take the bowl to wanted g of it a litre of liquid, or a kilogram of all; 0 where it is as salty already. */
export function saltGOf(bowl: InBowl, wantedPer: number, per: "L" | "kg"): Estimate {
  const amount = per === "L" ? bowlL(bowl) : bowl.massKg;
  return weight(
    "saltToAddG",
    "Grams of salt",
    saltToAddG(bowl.saltG, amount, wantedPer),
    per === "L"
      ? "litres × salt wanted, less the salt that is in it."
      : "kilograms × salt wanted, less the salt that is in it.",
    [
      input("in the bowl", amount, per),
      input("salt in it", bowl.saltG, "g"),
      input("wanted", wantedPer, `g/${per}`),
    ],
    [SIPPING_SALT_G_L, DISH_SALT_G_KG].filter((c) => c.value === wantedPer),
  );
}

/** Unsalted stock or water that brings the bowl down to wanted g of salt a litre, or a kilogram of all; L or kg. */
export function dilutionOf(bowl: InBowl, wantedPer: number, per: "L" | "kg"): Estimate {
  const amount = per === "L" ? bowlL(bowl) : bowl.massKg;
  const more = toDilute(bowl.saltG, amount, wantedPer);
  return {
    id: "dilution",
    name: "Unsalted stock or water",
    unit: per,
    low: more,
    expected: more,
    high: more,
    because: {
      formula: "salt that is in it, over the salt wanted, less what there is.",
      inputs: [
        input("in the bowl", amount, per),
        input("salt in it", bowl.saltG, "g"),
        input("wanted", wantedPer, `g/${per}`),
      ],
      constants: [SIPPING_SALT_G_L, DISH_SALT_G_KG].filter((c) => c.value === wantedPer),
      spread: [],
    },
  };
}

/** Grams of gelatin powder to the next firmer set, and which; null where powder should take it no further. */
export function powderGOf(bowl: InBowl): { readonly set: SetGrade; readonly g: Estimate } | null {
  const next = toNextSet(perL(bowl, bowl.gelatinG));
  if (next === null) return null;
  return {
    set: next.set,
    g: weight(
      "powderG",
      "Grams of gelatin powder",
      ((next.missingGL * bowlL(bowl)) / GELATIN_IN_POWDER.value) * 1000,
      "litres × the gelatin that a litre lacks to the next set, over the gelatin in the powder.",
      [
        input("in the bowl", bowlL(bowl), "L"),
        input("gelatin in it", perL(bowl, bowl.gelatinG), "g/L"),
      ],
      [SET_FROM_GL[next.set], GELATIN_IN_POWDER],
    ),
  };
}
