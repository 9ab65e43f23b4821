import { word } from "../units/word";
import { figure } from "../units/region";
import { contentName } from "../ingredient/own-content";
import { ALLERGENS, type Allergen, type Ingredient } from "../ingredient/ingredient";
import { traitsOf } from "../ingredient/traits";
import { LOW_SALT_G } from "../seasoning/salt";
import type { DietId } from "../simulate/dish-words";
import { contentsOf, nameOf, petHazardsOf, unreadIn, valuesOf } from "../simulate/item-facts";
import type { Plan, PlanItem } from "../simulate/plan-schema";
import { kitchenEstimate } from "../units/constant";
import { besideOf } from "./accompaniments";
import type { AlcoholOf } from "./alcohol-of";
import type { FatOf } from "./fat-of";
import type { SaltOf } from "./salt-of";
import { swapped } from "./swapped";
import { SUBSTITUTES } from "./substitutes";

export const DIET_WORDS: Record<DietId, string> = {
  vegan: "vegan",
  vegetarian: "vegetarian",
  noPork: "no pork",
  noAlcohol: "no alcohol",
  lowSalt: "low salt",
  lowFat: "low fat",
  mild: "mild",
  glutenFree: word("gluten-free"),
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

type Animal = "meat" | "fish" | "dairy" | "egg";
const SEAFOOD: readonly Allergen[] = ["fish", "crustaceans", "molluscs"];

/** Which animal an ingredient comes from; null for plants and minerals. */
function animalOf({ id, group, flavour, allergens }: Ingredient): Animal | null {
  const traits = traitsOf(id);
  if (traits.isPlant === true) return null;
  if (traits.isAnimal !== undefined) return traits.isAnimal;
  if (group === "fish" || flavour === "fish") return "fish";
  if (group === "meat" || group === "bones" || id === "beefDripping") return "meat";
  if (allergens.some((a) => SEAFOOD.includes(a))) return "fish";
  return group === "dairy" || allergens.includes("milk") ? "dairy" : null;
}

/** What speaks against something itself, or against anything it was made of. */
function through(item: PlanItem, why: (i: Ingredient) => string | null): string | null {
  for (const content of contentsOf(item)) {
    const found = why(content);
    if (found !== null)
      return content.id === item.ingredientId
        ? found
        : `is made with ${content.name.toLowerCase()}, which ${found}`;
  }
  return null;
}

/** What speaks against it for those who eat nothing of some animals. */
const ofAnimals = (item: PlanItem, says: (animal: Animal) => string | null): string | null => {
  if (item.label?.isPlant === true) return null;
  const found = through(item, (i) => {
    const animal = animalOf(i);
    return animal === null ? null : says(animal);
  });
  const isOpen =
    traitsOf(item.ingredientId).isOftenMeat === true && item.label?.madeOf === undefined;
  return found ?? (isOpen ? "is often made with meat or fish; check its label" : null);
};

const petHazard = (item: PlanItem): string | null => {
  const found = petHazardsOf(item)[0];
  if (found === undefined) return null;
  return found.name === nameOf(item)
    ? found.why
    : `${found.name.toLowerCase()} in it, ${found.why}`;
};

const isAgainst: Record<
  Exclude<DietId, "lowSalt" | "lowFat">,
  (item: PlanItem) => string | null
> = {
  vegan: (item) => ofAnimals(item, () => "is of animals"),
  vegetarian: (item) => ofAnimals(item, (a) => (a === "meat" || a === "fish" ? `is ${a}` : null)),
  noPork: (item) =>
    through(item, (i) =>
      traitsOf(i.id).isPork === true
        ? "is pork"
        : i.id === "gelatinPowder"
          ? "is often of pork; check its label"
          : null,
    ),
  noAlcohol: (item) =>
    valuesOf(item).alcoholShare > 0 ? "holds alcohol, and cooking leaves part of it" : null,
  mild: (item) => through(item, (i) => (traitsOf(i.id).isHot === true ? "is hot" : null)),
  glutenFree: (item) => (valuesOf(item).allergens.includes("gluten") ? "holds gluten" : null),
  cat: petHazard,
  dog: petHazard,
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
    return [
      ...ofSides(plan, diet),
      ...plan.items.flatMap((item): DietConflict[] => {
        const why = against(item, diet);
        if (why === null) return [];
        return [
          {
            diet,
            itemId: item.id,
            text: `${nameOf(item)} ${diet === "cat" || diet === "dog" ? `is not for ${DIET_WORDS[diet]}: ${why}` : why}.`,
            instead: (SUBSTITUTES[item.ingredientId] ?? [])
              .map((s) => s.ingredientId)
              .filter((id) => against(swapped(item, id, item.massKg), diet) === null),
          },
        ];
      }),
    ];
  });
}

/** What is served beside it is eaten by the same people. */
function ofSides(plan: Plan, diet: DietId): DietConflict[] {
  const not: readonly Allergen[] =
    diet === "glutenFree" ? ["gluten"] : diet === "vegan" ? ["milk", "egg"] : [];
  return besideOf(plan).flatMap(({ name, allergens }) => {
    const held = not.filter((a) => allergens.includes(a));
    return held.length === 0
      ? []
      : [
          {
            diet,
            itemId: null,
            text: `The ${name} beside it usually holds ${held.join(" and ")}.`,
            instead: [],
          },
        ];
  });
}

/** What speaks against something for an eater, or that nobody knows. */
const against = (item: PlanItem, diet: Exclude<DietId, "lowSalt" | "lowFat">): string | null =>
  isAgainst[diet](item) ?? unreadWhy(item, diet);

/** What nobody has read the label of is not known to suit an eater. */
function unreadWhy(item: PlanItem, diet: DietId): string | null {
  if (item.label?.isPlant === true && (diet === "vegan" || diet === "vegetarian")) return null;
  const unread = unreadIn(item).map((id) => contentName(id).toLowerCase());
  if (unread.length === 0) return null;
  return unread[0] === nameOf(item).toLowerCase()
    ? `is not known to be ${DIET_WORDS[diet]}: read its label`
    : `is not known to be ${DIET_WORDS[diet]}: read the label of ${unread.join(", ")} in it`;
}

/** A portion where nobody said for how many. */
const USUAL_PORTION = {
  L: kitchenEstimate("a bowl of broth", 0.3, "L", "a soup plate to its rim's edge"),
  kg: kitchenEstimate("a plate of a dish", 0.4, "kg", "a main course"),
} as const;

function lowSalt(salt: SaltOf): DietConflict[] {
  const portionG = salt.portionG ?? salt.per * USUAL_PORTION[salt.unit].value;
  if (portionG <= LOW_SALT_G.value) return [];
  const usual =
    salt.portionG === null
      ? ` of ${USUAL_PORTION[salt.unit].value} ${salt.unit} (say for how many)`
      : "";
  return [
    {
      diet: "lowSalt",
      itemId: null,
      text: `${figure(portionG, 1)} g salt a portion${usual}; ${LOW_SALT_G.value} g is low. Take less of ${salt.from[0]?.name.toLowerCase() ?? "what is salted"}.`,
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

/** Ids of everything in the pot that is composed and nobody has read the label of. */
export const unreadLabels = (plan: Plan): readonly string[] => [
  ...new Set(plan.items.flatMap(unreadIn)),
];

/** Every allergen in the pot, labels first, in the usual order. */
export const allergensOf = (plan: Plan): readonly Allergen[] => {
  const found = new Set(plan.items.flatMap((i) => valuesOf(i).allergens));
  return ALLERGENS.filter((a) => found.has(a));
};
