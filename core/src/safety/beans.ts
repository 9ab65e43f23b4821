import { isOnRing, isSealed, isSlow } from "../heats/heat";
import { BEAN_SOAK_MIN, PRESSURE_ENOUGH_MIN, requiredBeanBoilMin } from "../doneness/bean-boil";
import { ingredientOf, itemWork, nameOf } from "../simulate/item-facts";
import type { Plan, PlanItem } from "../simulate/plan-schema";
import { ruleC, say } from "../units/said";
import { showDuration } from "../units/show";
import type { Caution } from "./caution";
import type { Facts } from "./facts";

export const BEAN_RULE = say`10 min at a full boil destroys the toxin; US advice is 30 min; longer where water boils under ${ruleC(98)}.`;
export const BEAN_WHOSE =
  "FDA (30 min) and UK FSA (10 min); the margin for altitude is Kettlos's own";

const beansOf = (plan: Plan): readonly PlanItem[] =>
  plan.items.filter((i) => ingredientOf(i).dryBean === true);

interface Unboiled {
  readonly item: PlanItem;
  readonly boiledMin: number;
  readonly needMin: number;
}

/** Beans that do not get their own minutes at a full boil, whenever they go in. */
export function beansUnboiled({ plan, kitchen, trace }: Facts): Caution | null {
  const short = beansOf(plan).flatMap((item): readonly Unboiled[] => {
    const boil = trace.items.find((i) => i.itemId === item.id)?.boil ?? null;
    const needMin = requiredBeanBoilMin(kitchen.altitudeM);
    const isEnough = boil === null ? item.boiledMin >= needMin : boil.enoughAtMin !== null;
    return isEnough ? [] : [{ item, needMin, boiledMin: boil?.boiledMin ?? item.boiledMin }];
  });
  const worst = short.toSorted((a, b) => a.boiledMin - b.boiledMin)[0];
  if (worst === undefined) return null;
  const { item, boiledMin, needMin } = worst;
  const isPressure = isSealed(plan.heat);
  const before = isPressure
    ? `hold them at pressure at least ${PRESSURE_ENOUGH_MIN} min, or boil them hard ${needMin} min first`
    : `boil them hard in fresh water for ${needMin} min (US advice: 30 min or more) before they ${isSlow(plan.heat) ? "go into the slow cooker, which alone may make the toxin worse" : "simmer"}`;
  return {
    id: "beans",
    severity: "danger",
    places: ["plan", "cook"],
    title: `Beans need a ${needMin} min rolling boil`,
    text: `${nameOf(item)}: about ${Math.round(boiledMin)} min of it as planned${whyFew(item, plan)}. Soak them at least 5 h, throw that water away, and ${before}.`,
    rule: BEAN_RULE,
    whose: BEAN_WHOSE,
    ...(isSlow(plan.heat) ? { refuses: true } : {}),
  };
}

/** Why they boil so little, where it is by when they go in. */
function whyFew(item: PlanItem, { heat, then }: Plan): string {
  if (item.when.at === "nextDay") return ", since they go in the next day";
  if (item.when.at === "offHeat") return ", since they go in off the heat";
  if (item.when.at === "start" || then.length > 0) return "";
  if (isSealed(heat)) return ", since they go in after the release";
  return isOnRing(heat) ? ", since they go in when the boil is over" : "";
}

/** Boiled long enough, but not soaked, or hardly. */
export function beansUnsoaked({ plan }: Facts): Caution | null {
  const dry = beansOf(plan).find((i) => (soakMin(i) ?? 0) < BEAN_SOAK_MIN);
  if (dry === undefined) return null;
  const min = soakMin(dry);
  return {
    id: "beansSoak",
    severity: "caution",
    places: ["plan", "cook"],
    title: "Soak the beans first",
    text: `${nameOf(dry)}: ${min === null ? "not soaked" : `soaked for ${showDuration(min)} only`}. At least 5 h, and that water goes away; unsoaked they also take far longer and cook unevenly.`,
    rule: "Dry common beans soak at least 5 h; the water is thrown away.",
    whose: BEAN_WHOSE,
  };
}

/** Soaked without minutes it is overnight; null where it is not soaked. */
function soakMin(item: PlanItem): number | null {
  const soak = itemWork(item, "soak");
  return soak === undefined ? null : (soak.min ?? Infinity);
}
