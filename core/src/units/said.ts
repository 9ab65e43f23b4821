import { MINUTE_MS } from "./time";
import { clockOf } from "./moments";
import { asWritten } from "./region";
import {
  showDegrees,
  showLength,
  showMass,
  showOven,
  showRoundTemperature,
  showTemperature,
  showVolume,
  type UnitSystem,
} from "./show";

/**
 * A quantity in a sentence, in base units: it is said when somebody reads it, in that cook's measures.
 * `exact` is a temperature to a tenth of a degree, `rule` one that a rule names, to the degree; `about` one that is reckoned; `oven` one that an
 * oven is set to.
 */
export interface Measure {
  readonly as: "exact" | "rule" | "about" | "oven" | "volume" | "mass" | "length" | "timeOfDay";
  readonly value: number;
}

/** What is round in each measure by itself, as nobody reckons it: 10 mL a litre, 2 tsp a quart. */
export interface Either {
  readonly as: "either";
  readonly metric: string;
  readonly us: string;
}
/** What the cook wrote: it stays as it was written. */
export interface Given {
  readonly as: "given";
  readonly text: string;
}
type Part = string | Measure | Either | Given;

/** A sentence with its quantities apart: plain data, so that it passes between threads and into files. */
export type Said = string | readonly Part[];

export const exactC = (value: number): Measure => ({ as: "exact", value });
export const ruleC = (value: number): Measure => ({ as: "rule", value });
export const aboutC = (value: number): Measure => ({ as: "about", value });
export const ovenC = (value: number): Measure => ({ as: "oven", value });
export const litres = (value: number): Measure => ({ as: "volume", value });
export const kilos = (value: number): Measure => ({ as: "mass", value });
export const either = (metric: string, us: string): Either => ({ as: "either", metric, us });
export const given = (text: string): Given => ({ as: "given", text });
/** Minutes from midnight on the kitchen's clock. */
export const timeOfDayMin = (value: number): Measure => ({ as: "timeOfDay", value });
export const metres = (value: number): Measure => ({ as: "length", value });

type Piece = number | Part | Said;

const partsOf = (piece: Piece): readonly Part[] => {
  if (typeof piece === "string" || typeof piece === "number") return [String(piece)];
  return Array.isArray(piece) ? (piece as readonly Part[]) : [piece as Part];
};

/** Neighbouring texts are one; a sentence without a quantity is plain text. */
function whole(parts: readonly Part[]): Said {
  const out: Part[] = [];
  for (const part of parts) {
    const last = out.at(-1);
    if (typeof part === "string" && typeof last === "string") out[out.length - 1] = last + part;
    else if (part !== "") out.push(part);
  }
  return out.every((p) => typeof p === "string") ? out.join("") : out;
}

/**
 * A sentence with quantities in it.
 * @example say`Read at ${aboutC(71)}, ${ruleC(74)} is wanted.`
 */
export const say = (texts: TemplateStringsArray, ...pieces: readonly Piece[]): Said =>
  whole(texts.flatMap((text, i) => [text, ...(i < pieces.length ? partsOf(pieces[i] ?? "") : [])]));

/** Several, one after the other. */
export const sayAll = (all: readonly Said[], between: string): Said =>
  whole(all.flatMap((said, i) => [...(i === 0 ? [] : [between]), ...partsOf(said)]));

/** As it is read in one system of measures. */
export const inWords = (said: Said, system: UnitSystem): string =>
  typeof said === "string"
    ? asWritten(said)
    : said
        .map((part) => (typeof part === "string" ? asWritten(part) : measureIn(part, system)))
        .join("");

/** A round figure stands without its nought: 8 kg, 1 cm. */
function measureIn(measure: Measure | Either | Given, system: UnitSystem): string {
  if (measure.as === "given") return measure.text;
  if (measure.as === "either") return asWritten(system === "us" ? measure.us : measure.metric);
  if (measure.as === "timeOfDay") return shown(measure, system);
  if (system === "both") return `${measureIn(measure, "metric")} (${measureIn(measure, "us")})`;
  return shown(measure, system).replace(/(\d)[.,]0 /u, "$1 ");
}

function shown({ as, value }: Measure, system: UnitSystem): string {
  switch (as) {
    case "exact":
      return showTemperature(value, system);
    case "rule":
      return showRoundTemperature(value, system);
    case "about":
      return showDegrees(value, system);
    case "oven":
      return showOven(value, system);
    case "volume":
      return showVolume(value, system);
    case "mass":
      return showMass(value, system);
    case "length":
      return showLength(value, system);
    case "timeOfDay":
      return clockOf(value * MINUTE_MS, "UTC");
  }
}
