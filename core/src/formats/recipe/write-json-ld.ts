import type { StretchHeat } from "../../heats/heat-schema";
import { pieceEdgeM } from "../../heat/piece-sides";
import { boilFirstMinOf, hasLid, isSealed, isSlow, stretchOf } from "../../heats/heat";
import { isOffBones, nameOf } from "../../simulate/item-facts";
import type { HeatStretch, Plan, PlanItem } from "../../simulate/plan-schema";
import type { Trace } from "../../simulate/trace";

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

const names = (items: readonly PlanItem[]): string =>
  items.map((i) => nameOf(i).replace(",", "").toLowerCase()).join(", ");

const minutesOf = ({ stretches }: Trace, index: number): number => {
  const went = stretches[index];
  return went === undefined ? 0 : Math.round(went.toMin - went.fromMin);
};

const LID_TEXT = { off: " uncovered", ajar: " with the lid ajar", on: " covered" } as const;

/** What boils down, by how far; null where it goes by the clock or the fork. */
function downText(stop: HeatStretch["stop"], min: number): string | null {
  const far =
    stop.by === "share"
      ? `${Math.round(stop.share * 100)} % of it`
      : stop.by === "liquid"
        ? `${Number((stop.liquidL * 1000).toPrecision(3))} ml`
        : null;
  return far === null
    ? null
    : `Boil the sauce down uncovered to ${far}, which takes about ${min} minutes.`;
}

/** A later stretch: what moves as it begins, the heat, and for how long. */
function stretchText(
  { id, heat, stop, isStrained }: HeatStretch,
  from: StretchHeat,
  plan: Plan,
  min: number,
): string {
  const moving = (test: (item: PlanItem) => boolean) => plan.items.filter(test);
  const out = moving((i) => i.out?.when.at === "stretch" && i.out.when.stretchId === id);
  const back = moving((i) => i.out?.backAt === id);
  const goesIn = moving((i) => i.when.at === "stretch" && i.when.stretchId === id);
  const lid = hasLid(heat) ? LID_TEXT[heat.lid] : "";
  const picked = out.filter(isOffBones);
  return [
    ...(isSealed(from) ? ["Let the pressure down and open the lid."] : []),
    ...(isStrained ? ["Strain it, throw the solids away and return the liquid to the pot."] : []),
    ...(out.length === 0 ? [] : [`Take the ${names(out)} out.`]),
    ...(picked.length === 0 ? [] : [`Take the meat off the bones of the ${names(picked)}.`]),
    ...(back.length === 0 ? [] : [`Put the ${names(back)} back.`]),
    ...(goesIn.length === 0 ? [] : [`Add the ${names(goesIn)}.`]),
    downText(stop, min) ?? `Then ${stretchOf(heat).written(heat)}${lid} for ${min} minutes more.`,
  ].join(" ");
}

/** What goes in, what goes before the simmer, and how long that is. */
function firstText({ heat }: Plan, what: string, min: number): string {
  const into = `Put the ${what} in the pot`;
  const boilMin = boilFirstMinOf(heat) ?? 0;
  if (boilMin > 0)
    return `${into}. Boil hard for ${Math.round(boilMin)} minutes. Then ${stretchOf(heat).written(heat)} for ${min} minutes.`;
  if (isSlow(heat) && heat.setting === "low" && heat.highFirstMin > 0)
    return `${into}. Cook in the slow cooker on high for ${Math.round(heat.highFirstMin)} minutes, then on low for ${min - Math.round(heat.highFirstMin)} minutes.`;
  return `${into} and ${stretchOf(heat).written(heat)} for ${min} minutes.`;
}

function stepsOf(plan: Plan, trace: Trace): readonly string[] {
  const at = (kind: PlanItem["when"]["at"]) => plan.items.filter((i) => i.when.at === kind);
  const byMin = new Map<number, PlanItem[]>();
  for (const item of at("beforeEnd"))
    if (item.when.at === "beforeEnd")
      byMin.set(item.when.min, [...(byMin.get(item.when.min) ?? []), item]);
  const late = [...byMin].sort((a, b) => b[0] - a[0]);
  const off = [...at("offHeat"), ...at("afterStrain"), ...at("nextDay")];
  return [
    firstText(plan, names(at("start")), minutesOf(trace, 0)),
    ...plan.then.map((stretch, i) =>
      stretchText(stretch, plan.then[i - 1]?.heat ?? plan.heat, plan, minutesOf(trace, i + 1)),
    ),
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
