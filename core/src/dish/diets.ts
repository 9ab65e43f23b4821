import { ALLERGENS, type Allergen } from "../ingredient/ingredient";
import { traitsOf } from "../ingredient/traits";
import { LOW_SALT_G } from "../seasoning/salt";
import type { DietId } from "../simulate/dish-words";
import { ingredientOf, nameOf, valuesOf } from "../simulate/item-facts";
import type { Plan, PlanItem } from "../simulate/plan-schema";
import { kitchenEstimate } from "../units/constant";
import type { AlcoholOf } from "./alcohol-of";
import type { FatOf } from "./fat-of";
import type { SaltOf } from "./salt-of";
import { SUBSTITUTES } from "./substitutes";

export const DIET_NAMES: Record<DietId, string> = {
  vegan: "vegan",
  vegetarian: "vegetarian",
  noPork: "no pork",
  noAlcohol: "no alcohol",
  lowSalt: "low salt",
  lowFat: "low fat",
  mild: "mild",
  glutenFree: "gluten-free",
  cat: "a cat",
  dog: "a dog",
};

export const LOW_FAT_G = kitchenEstimate(
  "fat in a low-fat portion",
  10,
  "g",
  "about a seventh of a day's",
);

/** One thing in a pot that an eater does not eat, and what could stand in for it. */
export interface DietConflict {
  readonly diet: DietId;
  /** Null where the whole pot is the matter (salt, fat). */
  readonly itemId: string | null;
  readonly text: string;
  /** Ids of ingredients that would do instead. */
  readonly instead: readonly string[];
}

/** Which animal something comes from; null for plants and minerals. */
export function animalOf(item: PlanItem): "meat" | "fish" | "dairy" | "egg" | null {
  const { group } = ingredientOf(item);
  const traits = traitsOf(item.ingredientId);
  if (traits.isPlant === true) return null;
  if (traits.isAnimal !== undefined) return traits.isAnimal;
  if (group === "meat" || group === "bones") return isFishBone(item) ? "fish" : "meat";
  if (group === "fish") return "fish";
  if (item.ingredientId === "beefDripping") return "meat";
  return group === "dairy" || valuesOf(item).allergens.includes("milk") ? "dairy" : null;
}

const isFishBone = (item: PlanItem): boolean => ingredientOf(item).flavour === "fish";

const isAgainst: Record<
  Exclude<DietId, "lowSalt" | "lowFat">,
  (item: PlanItem) => string | null
> = {
  vegan: (i) => (animalOf(i) === null ? null : "is of animals"),
  vegetarian: (i) => {
    const animal = animalOf(i);
    return animal === "meat" || animal === "fish" ? `is ${animal}` : null;
  },
  noPork: (i) => (traitsOf(i.ingredientId).isPork === true ? "is pork" : null),
  noAlcohol: (i) =>
    valuesOf(i).alcoholShare > 0 ? "holds alcohol, and cooking leaves part of it" : null,
  mild: (i) => (traitsOf(i.ingredientId).isHot === true ? "is hot" : null),
  glutenFree: (i) => (valuesOf(i).allergens.includes("gluten") ? "holds gluten" : null),
  cat: (i) => ingredientOf(i).petHazard ?? null,
  dog: (i) => ingredientOf(i).petHazard ?? null,
};

/** What is done with the whole pot, for the diets that look at a portion. */
export interface PotFacts {
  readonly salt: SaltOf;
  readonly fat: FatOf;
  readonly alcohol: AlcoholOf | null;
}

/** Everything in a pot that its eaters do not eat, with what would do instead. */
export function dietConflicts(plan: Plan, facts: PotFacts): readonly DietConflict[] {
  return plan.diets.flatMap((diet): DietConflict[] => {
    if (diet === "lowSalt") return lowSalt(facts.salt);
    if (diet === "lowFat") return lowFat(facts.fat);
    return plan.items.flatMap((item): DietConflict[] => {
      const why = isAgainst[diet](item);
      if (why === null) return [];
      return [
        {
          diet,
          itemId: item.id,
          text: `${nameOf(item)} ${diet === "cat" || diet === "dog" ? `is not for ${DIET_NAMES[diet]}: ${why}` : why}.`,
          instead: (SUBSTITUTES[item.ingredientId] ?? [])
            .map((s) => s.ingredientId)
            .filter((id) => isAgainst[diet]({ ...item, ingredientId: id }) === null),
        },
      ];
    });
  });
}

function lowSalt(salt: SaltOf): DietConflict[] {
  if (salt.portionG === null || salt.portionG <= LOW_SALT_G.value) return [];
  return [
    {
      diet: "lowSalt",
      itemId: null,
      text: `${salt.portionG.toFixed(1)} g salt a portion; ${LOW_SALT_G.value} g is low. Take less of ${salt.from[0]?.name.toLowerCase() ?? "what is salted"}.`,
      instead: [],
    },
  ];
}

function lowFat(fat: FatOf): DietConflict[] {
  if (fat.portionG === null || fat.portionG <= LOW_FAT_G.value) return [];
  return [
    {
      diet: "lowFat",
      itemId: null,
      text: `${Math.round(fat.portionG)} g fat a portion; ${LOW_FAT_G.value} g is low. Chill it and lift the fat, or take leaner meat.`,
      instead: [],
    },
  ];
}

/** Every allergen in the pot, labels first, in the usual order. */
export const allergensOf = (plan: Plan): readonly Allergen[] => {
  const found = new Set(plan.items.flatMap((i) => valuesOf(i).allergens));
  return ALLERGENS.filter((a) => found.has(a));
};
