import type { Ingredient } from "../../ingredient/ingredient";
import type { Amount } from "../../ingredient/read-amount";
import { kilos, say } from "../../units/said";
import { amountOfParts } from "./amount-of-parts";
import type { Doubt, DoubtChoice, DraftLine, LineFacts } from "./draft";

export const LEAVE_OUT: DoubtChoice<LineFacts> = {
  label: "leave it out",
  set: { isLeftOut: true },
};
const TO_TASTE: DoubtChoice<LineFacts> = {
  label: "to taste, at the end",
  set: { isToTaste: true },
};

const setOf = ({ massKg, counted }: Amount): Partial<LineFacts> => ({
  massKg,
  ...(counted === undefined ? {} : { counted }),
});

/** From so much to so much: both ends and the middle are offered. */
export function rangeDoubt(
  line: DraftLine,
  ingredient: Ingredient,
  [from, to]: readonly [number, number],
): Doubt<LineFacts> {
  const rest = line.amountText.replace(/^[\d./\s¼-¾⅐-⅞]+/u, "");
  const choices = [from, (from + to) / 2, to].flatMap((n): DoubtChoice<LineFacts>[] => {
    const amount = `${n} ${rest}`.trim();
    const reading = amountOfParts({ ...line.parts, amount, weighed: null }, ingredient);
    return reading?.kind === "one"
      ? [{ label: say`${amount} (${kilos(reading.amount.massKg)})`, set: setOf(reading.amount) }]
      : [];
  });
  return {
    id: "amount",
    question: `${ingredient.name}: from ${from} to ${to}. How much?`,
    choices: [...choices, LEAVE_OUT],
    typed: "amount",
  };
}

const HEAPED = 1.6;
const SCANT = 0.9;

/** A heaped or scant measure: level, and what it is likely to be. */
export function vagueDoubt(
  line: DraftLine,
  ingredient: Ingredient,
  amount: Amount,
): Doubt<LineFacts> {
  const isScant = /\bscant\b/iu.test(line.text);
  const by = isScant ? SCANT : HEAPED;
  return {
    id: "amount",
    question: `${ingredient.name}: "${line.text.slice(0, 80)}" leaves open how much that is.`,
    choices: [
      {
        label: say`${isScant ? "scant" : "heaped"}, about ${kilos(amount.massKg * by)}`,
        set: { massKg: amount.massKg * by },
      },
      { label: say`level, ${kilos(amount.massKg)}`, set: setOf(amount) },
    ],
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

/** How much, where the line does not say it. */
export function noAmount(line: DraftLine, ingredient: Ingredient): Doubt<LineFacts> {
  const offered = (OFFERED_KG[ingredient.group] ?? [0.005, 0.02]).map((massKg) => ({
    label: say`${kilos(massKg)}`,
    set: { massKg },
  }));
  const isSeasoning =
    ingredient.group === "salt" || ingredient.group === "aromatic" || line.parts.isToTaste;
  return {
    id: "amount",
    question: `How much ${ingredient.name.toLowerCase()}? "${line.text.slice(0, 80)}" does not say it in a measure Kettlos knows.`,
    choices: [...(isSeasoning ? [TO_TASTE] : []), ...offered, LEAVE_OUT],
    typed: "amount",
  };
}

/** Of a can of pulses: what is in it drained, or all of it. */
export const canDoubt = (
  { name }: Ingredient,
  allKg: number,
  drainedShare: number,
): Doubt<LineFacts> => ({
  id: "amount",
  question: `${name}: drained, or with what is in the can?`,
  choices: [
    { label: say`drained, ${kilos(allKg * drainedShare)}`, set: { massKg: allKg * drainedShare } },
    { label: say`all of it, ${kilos(allKg)}`, set: { massKg: allKg } },
  ],
  typed: "amount",
});
