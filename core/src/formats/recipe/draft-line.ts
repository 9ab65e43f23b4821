import { parseIngredient } from "parse-ingredient";
import { ingredientById } from "../../ingredient/catalogue";
import type { Ingredient } from "../../ingredient/ingredient";
import { inFigures } from "../../ingredient/in-figures";
import { LOOSE_MEASURES } from "../../ingredient/loose-measures";
import { matchIngredient } from "../../ingredient/match-ingredient";
import { readAmount, type Amount, type AmountReading } from "../../ingredient/read-amount";
import { outcomeOf, Problem } from "../../units/problem";
import { showMass } from "../../units/show";
import { UNITS } from "../../units/unit-table";
import type { Doubt, DoubtChoice, DraftLine, LineFacts } from "./draft";

/** Every spelling of a weight or volume that the kitchen's own readers know. */
const OWN_UNITS = Object.fromEntries(
  [...UNITS]
    .filter(([, { dimension }]) => dimension === "mass" || dimension === "volume")
    .map(([name]) => [name, { short: name, plural: name, alternates: [] }]),
);
const DRAINED_SHARE = 0.6;
const TO_TASTE = /\b(to taste|as needed|optional|for serving|to serve|to garnish)\b/i;
const PACKED = /^(\d+ x .*?\d\s*(?:fl\.?\s*oz|[a-z]+))\.?\s+(.*)$/i;
const LOOSE = new RegExp(
  String.raw`^(an?|\d+)\s*(${Object.keys(LOOSE_MEASURES).join("|")})(?:es|s)?\s+(?:of\s+)?(.*)$`,
  "i",
);
const IN_BRACKETS =
  /\(\s*(?:about |ca\.? |~\s*)?(\d[\d.,/ ]*\s*(?:g|kg|grams?|ml|oz|ounces?|lbs?|pounds?))\s*\)/i;
const PACK_WORD = /\b(cans?|tins?|jars?|bottles?|packs?|packets?|cartons?|boxes|box)\b/i;
/** Counted by a word of its own; where the catalogue does not know its weight, it is asked. */
const COUNTED_OTHERWISE =
  /^(head|bulb|bunch|slab|rack|slice|wedge|ear|rib|stick)s?\b(?=\s+of\b|\s)/i;
const LEAVE_OUT: DoubtChoice<LineFacts> = { label: "leave it out", set: { isLeftOut: true } };

const EMPTY: LineFacts = {
  ingredientId: null,
  massKg: null,
  when: { at: "start" },
  isLeftOut: false,
  toCover: false,
};

/** Splits what a line says into amount, name and preparation. */
function partsOf(said: string): { amount: string; name: string; range: [number, number] | null } {
  const text = inFigures(said);
  const packed = PACKED.exec(text);
  if (packed !== null) return { amount: packed[1] ?? "", name: packed[2] ?? "", range: null };
  const loose = LOOSE.exec(text);
  if (loose !== null)
    return { amount: `${loose[1] ?? "1"} ${loose[2] ?? ""}`, name: loose[3] ?? "", range: null };
  const [parsed] = parseIngredient(text, { additionalUOMs: OWN_UNITS });
  if (parsed === undefined || parsed.quantity === null) {
    const article = /^an?\s+(.*)$/i.exec(text);
    return article === null
      ? { amount: "", name: text, range: null }
      : { amount: "1", name: article[1] ?? text, range: null };
  }
  const { quantity, quantity2, unitOfMeasure, description } = parsed;
  return {
    amount: `${quantity} ${unitOfMeasure ?? ""}`.trim(),
    name: description.replace(/^of\s+/i, ""),
    range: quantity2 === null ? null : [quantity, quantity2],
  };
}

/** One line of a recipe, with every doubt it leaves. */
export function draftLine(text: string, id: string): DraftLine {
  const { amount, name, range } = partsOf(text.replace(/^[-*•·–]\s*/, ""));
  const comma = name.indexOf(",");
  const nameText = (comma < 0 ? name : name.slice(0, comma)).replace(/\([^)]*\)/g, " ").trim();
  const preparation =
    comma < 0
      ? ""
      : name
          .slice(comma + 1)
          .replace(TO_TASTE, "")
          .trim();
  const base: DraftLine = {
    ...EMPTY,
    id,
    text,
    amountText: amount,
    nameText,
    preparation: preparation.slice(0, 200),
    doubts: [],
  };
  const { sure, others } = matchIngredient(nameText.replace(TO_TASTE, ""), text);
  if (sure !== null) return withIngredient(base, sure, range);
  return {
    ...base,
    doubts: [
      {
        id: "ingredient",
        question:
          others.length === 0
            ? `Kettlos does not know "${nameText.slice(0, 60)}".`
            : `Which is "${nameText.slice(0, 60)}"?`,
        choices: [
          ...others.map((i) => ({ label: i.name, set: { ingredientId: i.id } })),
          LEAVE_OUT,
        ],
      },
    ],
  };
}

/** The line with its ingredient known: now its amount can be read. */
export function withIngredient(
  line: DraftLine,
  ingredient: Ingredient,
  range: [number, number] | null = rangeOf(line.text),
): DraftLine {
  const known = { ...line, ingredientId: ingredient.id };
  const doubts = line.doubts.filter((d) => d.id !== "ingredient" && d.id !== "amount");
  if (ingredient.id === "water" && /\bto cover\b/i.test(line.text))
    return { ...known, massKg: 0, toCover: true, doubts };
  if (range !== null) return { ...known, doubts: [...doubts, rangeDoubt(line, ingredient, range)] };
  const reading = amountOf(line, ingredient);
  if (reading === null) return { ...known, doubts: [...doubts, noAmount(line, ingredient)] };
  if (reading.kind === "ask")
    return {
      ...known,
      doubts: [
        ...doubts,
        {
          id: "amount",
          question: `${ingredient.name}: ${reading.question}`,
          choices: reading.choices.map((c) => ({ label: c.label, set: setOf(c.amount) })),
          typed: "amount",
        },
      ],
    };
  if (isCan(line, ingredient))
    return { ...known, doubts: [...doubts, canDoubt(ingredient, reading.amount)] };
  return { ...known, ...setOf(reading.amount), doubts };
}

const setOf = ({ massKg, counted }: Amount): Partial<LineFacts> & { massKg: number } => ({
  massKg,
  ...(counted === undefined ? {} : { counted }),
});

const rangeOf = (text: string): [number, number] | null => partsOf(text).range;

function amountOf(
  { amountText, nameText, text }: DraftLine,
  ingredient: Ingredient,
): AmountReading | null {
  if (amountText === "") return null;
  // A weight in brackets is what the other measure comes to: "1/2 tsp (2 g)", "1 stick butter (113 g)".
  const weighed = IN_BRACKETS.exec(text)?.[1];
  if (weighed !== undefined && !PACK_WORD.test(text)) {
    const reading = outcomeOf(() => readAmount(weighed, ingredient));
    if (reading.ok) return reading.value;
  }
  // Two amounts in one line are not added up by guess.
  if (/\d/.test(nameText) || COUNTED_OTHERWISE.test(nameText)) {
    const word = COUNTED_OTHERWISE.exec(nameText)?.[1]?.toLowerCase();
    if (word === undefined || ingredient.each[word] === undefined) return null;
  }
  const size = /\b(small|medium|large)\b/i.exec(text)?.[1] ?? "";
  const named = [`${amountText} ${size} ${nameText}`, `${amountText} ${nameText}`];
  // A bare number counts whatever the name says: glasses, bottles, leaves.
  const isBare = /^[\d.]+$/.test(amountText);
  for (const tried of isBare ? [...named, amountText] : [amountText, ...named])
    try {
      return readAmount(tried.replace(/\s+/g, " "), ingredient);
    } catch (error) {
      if (!(error instanceof Problem)) throw error;
    }
  return null;
}

const show = (kg: number) => showMass(kg, "metric");

function rangeDoubt(
  line: DraftLine,
  ingredient: Ingredient,
  [from, to]: [number, number],
): Doubt<LineFacts> {
  const rest = line.amountText.replace(/^[\d.]+\s*/, "");
  const choices = [from, (from + to) / 2, to].flatMap((n): DoubtChoice<LineFacts>[] => {
    const reading = amountOf({ ...line, amountText: `${n} ${rest}`.trim() }, ingredient);
    return reading?.kind === "one"
      ? [
          {
            label: `${n} ${rest}`.trim() + ` (${show(reading.amount.massKg)})`,
            set: setOf(reading.amount),
          },
        ]
      : [];
  });
  return {
    id: "amount",
    question: `${ingredient.name}: from ${from} to ${to}. How much?`,
    choices: [...choices, LEAVE_OUT],
    typed: "amount",
  };
}

/** Amounts offered where a recipe gives none, kg. */
const OFFERED_KG: Readonly<Record<string, readonly number[]>> = {
  bones: [1, 2],
  meat: [0.5, 1],
  vegetable: [0.1, 0.25],
  aromatic: [0.002, 0.01],
  liquid: [0.25, 1],
  fat: [0.015, 0.03],
};

function noAmount(line: DraftLine, ingredient: Ingredient): Doubt<LineFacts> {
  const isSalt = ingredient.id === "tableSalt" || ingredient.id === "flakedSalt";
  const offered = (OFFERED_KG[ingredient.group] ?? [0.005, 0.02]).map((massKg) => ({
    label: show(massKg),
    set: { massKg },
  }));
  return {
    id: "amount",
    question: `How much ${ingredient.name.toLowerCase()}? "${line.text.slice(0, 80)}" does not say it in a measure Kettlos knows.`,
    choices: isSalt
      ? [{ label: "at the end, by the salt figure", set: { isLeftOut: true } }, ...offered]
      : [...offered, LEAVE_OUT],
    typed: "amount",
  };
}

/** Canned pulses, of which the cook says whether what they stand in goes in too. */
export const isCan = ({ text }: Pick<DraftLine, "text">, { id }: Ingredient): boolean =>
  (id === "cannedBeans" || id === "cannedChickpeas") && /\b(can|tin)s?\b/i.test(text);

function canDoubt({ name }: Ingredient, { massKg, counted }: Amount): Doubt<LineFacts> {
  // A counted can already stands for what is in it drained.
  const allKg = counted === undefined ? massKg : massKg / DRAINED_SHARE;
  return {
    id: "amount",
    question: `${name}: drained, or with what is in the can?`,
    choices: [
      { label: `drained, ${show(allKg * DRAINED_SHARE)}`, set: { massKg: allKg * DRAINED_SHARE } },
      { label: `all of it, ${show(allKg)}`, set: { massKg: allKg } },
    ],
    typed: "amount",
  };
}

/** The line with a doubt settled; naming the ingredient may raise the doubt about its amount. */
export function settleLine(line: DraftLine, doubtId: string, set: Partial<LineFacts>): DraftLine {
  const doubts = line.doubts.filter((d) => d.id !== doubtId);
  const next = { ...line, ...set, doubts };
  return set.ingredientId !== undefined && set.ingredientId !== null && next.massKg === null
    ? withIngredient(next, ingredientById(set.ingredientId))
    : next;
}
