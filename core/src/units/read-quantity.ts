import { numberWords } from "./number-words";
import { Problem } from "./problem";
import { plain } from "./region";
import { readNumber, type ReadNumber } from "./read-number";
import { BARE_OUNCE, UNITS, type Dimension } from "./unit-table";
import { OUNCE_KG, US_FLUID_OUNCE_L } from "./us-measures";

/** A quantity in base units: kg, L, m, min, kPa or °C. */
export interface Quantity {
  readonly dimension: Dimension;
  readonly value: number;
}

/** What was read; where the words allow two meanings both are given, to be asked once. */
export type QuantityReading =
  | { kind: "one"; quantity: Quantity }
  | {
      kind: "ask";
      question: string;
      choices: readonly { label: string; quantity: Quantity }[];
    };

export interface ReadOptions {
  /** What the field wants. An ounce in a volume field is asked about, never assumed. */
  readonly dimension: Dimension;
  /** The unit a bare number is taken in, e.g. "L"; without it a bare number is refused. */
  readonly bareUnit?: string;
  /** Accept weight for volume or volume for weight (liquids); the caller converts. */
  readonly acceptWeightForVolume?: boolean;
}

const WANTED: Record<Dimension, string> = {
  mass: "a weight such as 2.4 kg or 2 lb 3 oz",
  volume: "a volume such as 4.5 L or 1 1/2 qt",
  length: "a length such as 11.4 cm or 4 1/2 in",
  time: "a time such as 6 h, 1h30 or 90 min",
  pressure: "a pressure such as 103 kPa or 15 psi",
  temperature: "a temperature such as 95 °C, 200F or gas 4",
};

const NUMBER = String.raw`(?:\d+\s+\d+\s*[/⁄]\s*\d+|\d+\s*[/⁄]\s*\d+|\d[\d.,]*\s*[¼-¾⅐-⅞]?|[¼-¾⅐-⅞]|[.,]\d+)`;
const UNIT = String.raw`(?:fl\.?\s*oz\.?|fluid\s+ounces?|fluid\s+oz|[a-zµ]+\.?|["″'′])`;
const PART = new RegExp(String.raw`\s*(${NUMBER})\s*(${UNIT})?\s*(?:and|,|&|\+)?`, "giuy");
const PACK = new RegExp(
  String.raw`^(${NUMBER})?\s*(?:(?:an?\s+)?(?:cans?|tins?|bottles?|jars?|packs?|packets?|cartons?)|x|×|\*|an?)\s*(?:of|à|at|@)?\s*\(?\s*(.+?)\)?\s*(?:cans?|tins?|bottles?|jars?|packs?|packets?|cartons?)?(?:\s+each)?$`,
  "iu",
);

/**
 * Reads a quantity as people type it: "1 1/2 qt", "½ cup", "2 lb 3 oz", "1,5 L", "350F", "gas 4",
 * "90 min", "1h30", "2 cans of 400 g", "3 × 0.5 L".
 * Fluid ounces and ounces of weight are never confused: a bare "oz" where a volume is wanted, and a
 * "1,500" that may be a thousand or a decimal, come back as a question with both answers.
 * @throws Problem `unreadable` naming what would be right.
 * @example readQuantity("2 lb 3 oz", { dimension: "mass" }) // one: mass 0.992… kg
 */
export function readQuantity(text: string, options: ReadOptions): QuantityReading {
  const wanted = numberWords(text).trim().toLowerCase().replaceAll("\u00a0", " ");
  if (wanted === "") throw unreadable(text, options, "Nothing was typed");
  const reading =
    options.dimension === "temperature"
      ? {
          kind: "one" as const,
          quantity: readTemperature(wanted, text, options),
        }
      : (readPacks(wanted, text, options) ?? readParts(wanted, text, options));
  return checkDimension(reading, text, options);
}

function readPacks(wanted: string, text: string, options: ReadOptions): QuantityReading | null {
  const found = PACK.exec(wanted);
  const inner = found?.[2];
  if (inner === undefined || !/\d|[¼-¾⅐-⅞]/u.test(inner)) return null;
  const count = found?.[1] === undefined ? 1 : readNumber(found[1])?.value;
  if (count === undefined) return null;
  return scale(readParts(inner, text, options), count);
}

function scale(reading: QuantityReading, by: number): QuantityReading {
  const times = (q: Quantity): Quantity => ({
    dimension: q.dimension,
    value: q.value * by,
  });
  return reading.kind === "one"
    ? { kind: "one", quantity: times(reading.quantity) }
    : {
        kind: "ask",
        question: reading.question,
        choices: reading.choices.map((c) => ({
          label: c.label,
          quantity: times(c.quantity),
        })),
      };
}

function readParts(wanted: string, text: string, options: ReadOptions): QuantityReading {
  PART.lastIndex = 0;
  let at = 0;
  let total: QuantityReading | null = null;
  while (at < wanted.length) {
    PART.lastIndex = at;
    const found = PART.exec(wanted);
    if (found?.[1] === undefined) throw unreadable(text, options, `"${text}" cannot be read`);
    at = PART.lastIndex;
    const number = readNumber(found[1]);
    if (number === null) throw unreadable(text, options, `"${found[1]}" is not a number`);
    const part = readPart(number, found[2], total, text, options);
    total = total === null ? part : add(total, part, text, options);
  }
  if (total === null) throw unreadable(text, options, `"${text}" cannot be read`);
  return total;
}

function readPart(
  number: ReadNumber,
  rawUnit: string | undefined,
  before: QuantityReading | null,
  text: string,
  options: ReadOptions,
): QuantityReading {
  const unit = rawUnit?.replaceAll(".", "").replace(/\s+/g, " ") ?? bareUnitAfter(before, options);
  if (unit === undefined) throw unreadable(text, options, `"${text}" has no unit`);
  if (BARE_OUNCE.has(unit)) return readOunces(number.value, before, options);
  const entry = UNITS.get(unit.toLowerCase());
  if (entry === undefined) throw unreadable(text, options, `"${unit}" is not a unit known here`);
  const as = (value: number): Quantity => ({
    dimension: entry.dimension,
    value: value * entry.perBase,
  });
  if (number.orElse === undefined) return { kind: "one", quantity: as(number.value) };
  return {
    kind: "ask",
    question: `Is that ${plain(number.value)} or ${plain(number.orElse)} ${unit}?`,
    choices: [
      { label: `${plain(number.value)} ${unit}`, quantity: as(number.value) },
      { label: `${plain(number.orElse)} ${unit}`, quantity: as(number.orElse) },
    ],
  };
}

/** "1h30": a bare number after hours is minutes. */
function bareUnitAfter(before: QuantityReading | null, options: ReadOptions): string | undefined {
  if (before === null) return options.bareUnit?.toLowerCase();
  return before.kind === "one" && before.quantity.dimension === "time" ? "min" : undefined;
}

function readOunces(
  ounces: number,
  before: QuantityReading | null,
  options: ReadOptions,
): QuantityReading {
  const weight: Quantity = { dimension: "mass", value: ounces * OUNCE_KG };
  const fluid: Quantity = {
    dimension: "volume",
    value: ounces * US_FLUID_OUNCE_L,
  };
  const follows = before?.kind === "one" ? before.quantity.dimension : undefined;
  if (follows === "mass" || options.dimension === "mass") return { kind: "one", quantity: weight };
  if (follows === "volume") return { kind: "one", quantity: fluid };
  return {
    kind: "ask",
    question: "Fluid ounces or ounces of weight?",
    choices: [
      { label: `${plain(ounces)} fl oz (volume)`, quantity: fluid },
      { label: `${plain(ounces)} oz (weight)`, quantity: weight },
    ],
  };
}

function add(
  a: QuantityReading,
  b: QuantityReading,
  text: string,
  options: ReadOptions,
): QuantityReading {
  if (a.kind !== "one" || b.kind !== "one" || a.quantity.dimension !== b.quantity.dimension)
    throw unreadable(text, options, `"${text}" mixes things that cannot be added`);
  const value = a.quantity.value + b.quantity.value;
  return { kind: "one", quantity: { dimension: a.quantity.dimension, value } };
}

function readTemperature(wanted: string, text: string, options: ReadOptions): Quantity {
  const gas = /^gas\s*(?:mark)?\s*(¼|½|1\/4|1\/2|\d+)$/u.exec(wanted);
  if (gas?.[1] !== undefined) return { dimension: "temperature", value: gasMarkC(gas[1], text) };
  const found = /^(-?\d[\d.,]*)\s*(?:°|º|deg(?:rees)?)?\s*(c|f|celsius|fahrenheit)?\.?$/u.exec(
    wanted,
  );
  const number = found?.[1] === undefined ? null : Number(found[1].replace(",", "."));
  if (number === null || !Number.isFinite(number))
    throw unreadable(text, options, `"${text}" cannot be read`);
  const unit = found?.[2]?.[0] ?? options.bareUnit?.toLowerCase().replace("°", "");
  if (unit === undefined) throw unreadable(text, options, `"${text}" has no unit`);
  return {
    dimension: "temperature",
    value: unit === "f" ? ((number - 32) * 5) / 9 : number,
  };
}

/** Gas marks rise by 25 °F from mark 1 at 275 °F (British gas-oven scale). */
function gasMarkC(mark: string, text: string): number {
  const low: Record<string, number> = {
    "¼": 225,
    "1/4": 225,
    "½": 250,
    "1/2": 250,
  };
  const fahrenheit = low[mark] ?? 250 + 25 * Number(mark);
  if (fahrenheit < 225 || fahrenheit > 500)
    throw new Problem("range", "temperature", text, `"${text}": gas marks run from ¼ to 10.`);
  return ((fahrenheit - 32) * 5) / 9;
}

function checkDimension(
  reading: QuantityReading,
  text: string,
  options: ReadOptions,
): QuantityReading {
  const fits = (q: Quantity) =>
    q.dimension === options.dimension ||
    (options.acceptWeightForVolume === true &&
      (q.dimension === "mass" || q.dimension === "volume") &&
      (options.dimension === "mass" || options.dimension === "volume"));
  if (reading.kind === "one") {
    if (fits(reading.quantity)) return reading;
    throw unreadable(text, options, `"${text}" is not ${article(options.dimension)}`);
  }
  const choices = reading.choices.filter((c) => fits(c.quantity));
  const only = choices[0];
  if (only === undefined) throw unreadable(text, options, `"${text}" cannot be read`);
  return { kind: "ask", question: reading.question, choices: reading.choices };
}

const article = (d: Dimension) => (d === "mass" ? "a weight" : `a ${d}`);

function unreadable(text: string, options: ReadOptions, what: string): Problem {
  return new Problem(
    "unreadable",
    options.dimension,
    text,
    `${what}. Type ${WANTED[options.dimension]}.`,
  );
}
