import { smallestM } from "../heat/piece-sides";
import { workOf, type WorkKind } from "../prepare/works";
import { targetOf, targetsOf } from "../doneness/targets-of";
import type { DonenessTarget, TargetId } from "../doneness/targets";
import { ingredientById, isIngredientId } from "../ingredient/catalogue";
import type { Ingredient } from "../ingredient/ingredient";
import { labelValues, unreadOf, type LabelValues } from "../ingredient/label";
import { ownContent } from "../ingredient/own-content";
import { hazardsAmong, hiddenAmong, type PetHazard } from "../ingredient/pet-hazards";
import { traitsOf } from "../ingredient/traits";
import { soakedUpLKg } from "../prepare/soaking";
import type { Work } from "../prepare/work-schema";
import { kitchenEstimate } from "../units/constant";
import type { PlanItem } from "./plan-schema";

export const ingredientOf = (item: PlanItem): Ingredient => ingredientById(item.ingredientId);
export const nameOf = (item: PlanItem): string => item.called ?? ingredientOf(item).name;

/** How it is listed among contents, on hand and in prices: the kitchen's own by its name. */
export const contentIdOf = (item: PlanItem): string =>
  item.isOwn === true ? ownContent(nameOf(item)) : item.ingredientId;

/** What a kilogram of it brings, its own label first, with what it was salted with ahead. */
export function valuesOf(item: PlanItem): LabelValues {
  const values = labelValues(ingredientOf(item), item.label);
  const salted = itemWork(item, "saltAhead");
  return salted === undefined
    ? values
    : { ...values, saltGKg: values.saltGKg + 1000 * saltAheadShare(salted) };
}

/** Salt by weight of what is salted ahead, where nothing else is said. */
const USUAL_SALT_SHARE = kitchenEstimate("salt rubbed in ahead", 0.01, "share", "0.8–1.2 % suits");
export const saltAheadShare = ({ share }: Pick<Work, "share">): number =>
  share ?? USUAL_SALT_SHARE.value;

/** A piece of work that is done to it; undefined where it is not. */
export const itemWork = (item: PlanItem, kind: WorkKind): Work | undefined =>
  workOf(item.work, kind);

/** Whether it is taken off its bones in between, and they stay out. */
export const isOffBones = ({ out }: PlanItem): boolean =>
  out?.isBack === true && out.boneShare !== undefined;

/** Raw weight that is bone where nothing else is known: of bones, and of meat on them. */
const BONE_SHARE_OF_BONES = kitchenEstimate("bone in bones with meat on", 0.7, "share", "0.5–0.85");
const BONE_SHARE_OF_MEAT = kitchenEstimate("bone in a joint on the bone", 0.2, "share", "0.1–0.35");
export const usualBoneShare = (item: PlanItem): number =>
  traitsOf(item.ingredientId).uneatenShare ??
  (ingredientOf(item).group === "bones" ? BONE_SHARE_OF_BONES : BONE_SHARE_OF_MEAT).value;

/** Weight that goes into the pot, kg: less where it was boiled down before. */
export const pouredKg = (item: PlanItem): number =>
  item.massKg * (itemWork(item, "reduce")?.share ?? 1);

/** True where it joins the liquid, melts or dissolves: it makes no heap and is not strained out. */
export const isLoose = ({ isLiquid, group }: Ingredient): boolean =>
  isLiquid || group === "salt" || group === "sweet" || group === "starch" || group === "fat";

/** Water it has taken up before it goes in, kg. */
export function soakedKg(item: PlanItem): number {
  const ingredient = ingredientOf(item);
  const uptake = ingredient.uptakeLKg?.value;
  return uptake === undefined || itemWork(item, "soak") === undefined
    ? 0
    : item.massKg * soakedUpLKg(ingredient.group === "pulse", uptake);
}

/**
 * The end it shall be cooked to: the wanted one where it has it, else its usual one; dry beans that
 * were not soaked take longer. Null where none is judged.
 */
export function targetOfItem(item: PlanItem): DonenessTarget | null {
  const { ingredientId, target, piece } = item;
  if (target === undefined && ingredientOf(item).group === "pulse") {
    const slow = targetsOf(ingredientId).find((t) => UNSOAKED.has(t.id));
    if (slow !== undefined && itemWork(item, "soak") === undefined && item.boiledMin === 0)
      return slow;
  }
  // A big potato holds together for an hour and more.
  if (target === undefined && ingredientId === "potato" && piece !== undefined) {
    const big = targetOf(ingredientId, "potatoBig");
    if (smallestM(piece) >= BIG_POTATO_M) return big;
  }
  return targetOf(ingredientId, target);
}
const UNSOAKED: ReadonlySet<TargetId> = new Set(["beansUnsoaked", "chickpeasUnsoaked"]);
const BIG_POTATO_M = 0.035;

/** Everything in it: itself, and what a stock or sauce was made of. */
export const contentsOf = (item: PlanItem): readonly Ingredient[] => [
  ingredientOf(item),
  ...(item.label?.madeOf ?? []).filter(isIngredientId).map(ingredientById),
];

/**
 * Ids of what is composed in it and nobody has read the label of: itself, until its allergens are said, or
 * of what it was made of.
 */
export function unreadIn(item: PlanItem): readonly string[] {
  const isOpen = item.label?.allergens === undefined && item.label?.madeOf === undefined;
  if (item.isOwn === true && isOpen) return [contentIdOf(item)];
  return traitsOf(item.ingredientId).isComposed === true && isOpen
    ? [item.ingredientId]
    : unreadOf(item.label ?? {});
}

/**
 * What in it harms cats and dogs, itself or what it was made of, with why; a stock of the house of which
 * nobody said what was in its pot is not trusted.
 */
export function petHazardsOf(item: PlanItem): readonly PetHazard[] {
  const own = ingredientOf(item);
  if (own.id === "houseStock" && item.label?.madeOf === undefined)
    return [{ name: own.name, why: "say which pot it is from: it may hold onion or salt" }];
  return [...hazardsAmong(contentsOf(item)), ...hiddenAmong(unreadIn(item))];
}

/** A liquid that thickens by so much is thickened itself, as g of flour a kilogram: a light soup has 25. */
const THICKENED_G_KG = 10;

/** Dairy or a thickener, itself or by what came in with another pot's stock, gravy or sauce. */
export const scorchesUnderPressure = (item: PlanItem): boolean => {
  const { isLiquid, id } = ingredientOf(item);
  if (id === "coconutMilk") return false;
  if (traitsOf(id).waitsForRelease === true) return true;
  if (isLiquid && valuesOf(item).starchGKg >= THICKENED_G_KG) return true;
  return contentsOf(item).some(({ group }) => group === "dairy" || group === "starch");
};

/** That, and coconut milk, which splits: under pressure they wait until the lid is off. */
export const waitsForRelease = (item: PlanItem): boolean =>
  scorchesUnderPressure(item) || traitsOf(item.ingredientId).waitsForRelease === true;

/** In the pot before it is shut and heated, or as soon as it is hot. */
export const goesInFirst = ({ when }: PlanItem): boolean =>
  when.at === "start" || when.at === "after";
