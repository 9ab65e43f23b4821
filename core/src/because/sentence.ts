import type { SetPot } from "../simulate/set-pot";
import { SET_WORDS } from "../extraction/set";
import type { StretchHeat } from "../heats/heat-schema";
import { isRest, stretchOf } from "../heats/heat";
import { inWords, ruleC, say } from "../units/said";
import { thickWords } from "../seasoning/thickness";
import { ingredientById } from "../ingredient/catalogue";
import { nameOf } from "../simulate/item-facts";
import type { HeatStretch, Plan, PlanItem, Stop } from "../simulate/plan-schema";
import { vesselOf } from "../simulate/references";
import {
  showDuration,
  showLength,
  showMass,
  showVolume,
  showVolumeRange,
  type UnitSystem,
} from "../units/show";
import type { Answers } from "./answers";
import { articleFor } from "../vessel/called";

/** What part of the plan a piece of the sentence stands for, so that it can be edited in place. */
export type SentenceField =
  | { readonly of: "item"; readonly itemId: string }
  | { readonly of: "stretch"; readonly stretchId: string }
  | { readonly of: "water" | "vessel" | "stop" | "heat" | "vigour" | "lid" };

export interface SentencePart {
  readonly text: string;
  readonly field?: SentenceField;
  /** True for liquid results, underlined in amber. */
  readonly isResult?: boolean;
}

/** Names the sentence spells out; the rest is summed up. */
const NAMED = 2;

/**
 * The plan as one sentence a cook would say, in parts that can be edited:
 * "2.4 kg lamb neck, 4.6 L water in the tall pot, 6 h at a gentle simmer, lid off:
 * about 2.9 L strained (2.6–3.2 L), holds an edge when cold."
 */
export function sentenceParts(
  setPot: SetPot,
  answers: Answers,
  system: UnitSystem,
): readonly SentencePart[] {
  const { plan } = setPot;
  const { strainedL } = answers.figures;
  const one = system === "us" ? "us" : "metric";
  const vessel = vesselOf(setPot).name;
  return [
    ...itemParts(plan, one),
    {
      text: answers.waterL < 0.005 ? "no water" : `${showVolume(answers.waterL, one)} water`,
      field: { of: "water" },
    },
    { text: ` in ${articleFor(vessel)}` },
    { text: vessel.toLowerCase(), field: { of: "vessel" } },
    { text: ", " },
    { text: stopText(plan.stop, holdMinOf(answers, 0), one), field: { of: "stop" } },
    ...heatParts(plan.heat, one),
    ...plan.then.flatMap((stretch, i) => stretchParts(stretch, holdMinOf(answers, i + 1), one)),
    { text: ": about " },
    ...(plan.end === "served"
      ? dishParts(answers, one)
      : [
          { text: `${showVolume(strainedL.expected, one)} strained`, isResult: true },
          {
            text: ` (${showVolumeRange(strainedL.low, strainedL.high, one)}), ${setText(answers)}.`,
          },
        ]),
  ];
}

/** What a dish comes to: portions where they are counted, else its weight; and the liquid's body. */
function dishParts({ dish, dishFigures }: Answers, system: UnitSystem): readonly SentencePart[] {
  const { portions } = dishFigures;
  const { body, eaten } = dish;
  const liquid = `the liquid ${body.name.startsWith("like") || body.name === "coats a spoon" ? "" : "is "}${body.name}.`;
  if (portions === null || eaten.eachKg === null)
    return [
      { text: `${showMass(eaten.allKg, system)} to eat`, isResult: true },
      { text: `, ${liquid}` },
    ];
  const range = `${Math.floor(portions.low)}–${Math.ceil(portions.high)}`;
  return [
    { text: `${Math.round(portions.expected)} portions`, isResult: true },
    { text: ` of ${showMass(eaten.eachKg, system)} (${range}), ${liquid}` },
  ];
}

/** The sentence as plain text. */
export const sentenceText = (setPot: SetPot, answers: Answers, system: UnitSystem): string =>
  sentenceParts(setPot, answers, system)
    .map((p) => p.text)
    .join("");

/** The heat: "at a gentle simmer, lid off", "in the oven at 150 °C, covered", "on LOW". */
function heatParts(heat: StretchHeat, system: UnitSystem): readonly SentencePart[] {
  return stretchOf(heat)
    .sentence(heat, system)
    .map(({ text, of }) => (of === undefined ? { text } : { text, field: { of } }));
}

function itemParts(plan: Plan, system: UnitSystem): readonly SentencePart[] {
  const leading = plan.items
    .filter((i) => i.when.at === "start" && !ingredientById(i.ingredientId).isLiquid)
    .sort((a, b) => leadRank(b) - leadRank(a));
  return leading.slice(0, NAMED).flatMap((item) => [
    {
      text: `${showMass(item.massKg, system)} ${nameOf(item).toLowerCase()}`,
      field: { of: "item" as const, itemId: item.id },
    },
    { text: ", " },
  ]);
}

const leadRank = (item: PlanItem): number =>
  item.massKg + (ingredientById(item.ingredientId).role === "body" ? 1000 : 0);

/** Minutes as a cook counts a time that is only about right. */
const roundedMin = (min: number): number => {
  const step = min >= 60 ? 5 : 1;
  return Math.max(1, Math.round(min / step) * step);
};

/** How long a stretch takes, min. */
function holdMinOf({ trace }: Answers, index: number): number {
  const went = trace.stretches[index];
  return went === undefined ? 0 : went.toMin - went.fromMin;
}

/** A later stretch: ", then 30 min at a rolling boil, lid off". */
function stretchParts(
  { id, heat, stop, isStrained }: HeatStretch,
  holdMin: number,
  system: UnitSystem,
): readonly SentencePart[] {
  const how = heatParts(heat, system)
    .map((p) => p.text)
    .join("");
  const field = { of: "stretch" as const, stretchId: id };
  return [
    { text: ", then " },
    ...(isStrained ? [{ text: "strained", field }, { text: " and " }] : []),
    { text: stopText(stop, holdMin, system, isRest(heat)), field },
    { text: " " },
    { text: how.trim(), field },
  ];
}

function stopText(stop: Stop, holdMin: number, system: UnitSystem, isRest = false): string {
  const hold = showDuration(holdMin);
  switch (stop.by) {
    case "time":
      return hold;
    case "liquid":
      return `down to ${showVolume(stop.liquidL, system)} (about ${hold})`;
    case "share":
      return `down to ${Math.round(stop.share * 100)} % (about ${hold})`;
    case "tender":
      return `until tender (about ${showDuration(roundedMin(holdMin))})`;
    case "depth":
      return `down to ${showLength(stop.depthM, system)} deep (about ${hold})`;
    case "thick":
      return `until ${thickWords(stop.flourGL)} (about ${hold})`;
    case "temperature": {
      const at = inWords(say`${ruleC(stop.tempC)}`, system);
      return isRest
        ? `down to ${at} (about ${hold})`
        : `until the middle is at ${at} (about ${hold})`;
    }
  }
}

function setText({ set }: Answers): string {
  return set.expected === "rubber"
    ? "sets like rubber when cold"
    : `${SET_WORDS[set.expected]} when cold`;
}
