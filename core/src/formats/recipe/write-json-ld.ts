import { nameOf } from "../../simulate/item-facts";
import type { Plan, PlanItem } from "../../simulate/plan-schema";
import type { Trace } from "../../simulate/trace";
import { pieceEdgeM } from "../../heat/piece-schema";

const grams = (kg: number): string => `${Number((kg * 1000).toPrecision(4))} g`;
/** ISO 8601 duration of so many minutes. */
const duration = (min: number): string => `PT${Math.round(min)}M`;

const lineOf = (item: PlanItem): string => {
  const cut =
    item.piece === undefined ? "" : `${Math.round(pieceEdgeM(item.piece) * 1000) / 10} cm`;
  const prepared = [item.preparation, cut, item.boneState === "raw" ? "" : item.boneState]
    .filter(Boolean)
    .join(", ");
  return `${grams(item.massKg)} ${nameOf(item).replace(",", "").toLowerCase()}${prepared === "" ? "" : `, ${prepared}`}`;
};

function heatText({ heat }: Plan): string {
  switch (heat.method) {
    case "hob":
      return "simmer on the hob";
    case "oven":
      return `cook in the oven at ${Math.round(heat.ovenC)} C`;
    case "slowCooker":
      return `cook in the slow cooker on ${heat.setting}`;
    case "pressure":
      return "cook under pressure";
  }
}

const names = (items: readonly PlanItem[]): string =>
  items.map((i) => nameOf(i).replace(",", "").toLowerCase()).join(", ");

function stepsOf(plan: Plan, trace: Trace): readonly string[] {
  const at = (kind: PlanItem["when"]["at"]) => plan.items.filter((i) => i.when.at === kind);
  const byMin = new Map<number, PlanItem[]>();
  for (const item of at("beforeEnd"))
    if (item.when.at === "beforeEnd")
      byMin.set(item.when.min, [...(byMin.get(item.when.min) ?? []), item]);
  const late = [...byMin].sort((a, b) => b[0] - a[0]);
  const off = [...at("offHeat"), ...at("afterStrain"), ...at("nextDay")];
  return [
    `Put the ${names(at("start"))} in the pot and ${heatText(plan)} for ${Math.round(trace.holdMin)} minutes.`,
    ...late.map(([min, items]) => `Add the ${names(items)} for the last ${min} minutes.`),
    ...(off.length === 0 ? [] : [`Stir in the ${names(off)} off the heat.`]),
    ...(plan.end === "strained" ? ["Strain it."] : []),
  ];
}

/** A plan as a schema.org Recipe in JSON-LD. Reading it back gives the same ingredients and amounts. */
export function writeRecipeJsonLd(plan: Plan, trace: Trace, waterL: number): string {
  const water = waterL > 0.001 ? [`${Number((waterL * 1000).toPrecision(4))} ml water`] : [];
  return `${JSON.stringify(
    {
      "@context": "https://schema.org",
      "@type": "Recipe",
      name: plan.name,
      ...(plan.serves === null ? {} : { recipeYield: `${plan.serves.people} servings` }),
      recipeIngredient: [...plan.items.map(lineOf), ...water],
      recipeInstructions: stepsOf(plan, trace).map((text) => ({ "@type": "HowToStep", text })),
      cookTime: duration(trace.totalMin),
      totalTime: duration(trace.totalMin + plan.prepareMin),
      ...(plan.source === "" ? {} : { isBasedOn: plan.source }),
    },
    null,
    2,
  )}\n`;
}
