import { numberWords } from "./number-words";
import type { Limits } from "./limits";
import { Problem } from "./problem";
import { readNumber } from "./read-number";
import { plain } from "./region";

/** A number that was read; where its notation allows two, both, to be asked once. */
export type NumberReading =
  | { readonly kind: "one"; readonly value: number }
  | {
      readonly kind: "ask";
      readonly question: string;
      readonly choices: readonly { readonly label: string; readonly value: number }[];
    };

/** What a bare number may be. */
export interface BareNumber {
  readonly isWhole?: boolean;
  /** What may stand after it: "%". */
  readonly unit?: string;
  /** From where to where it may lie, as it is typed. */
  readonly limits?: Limits;
}

/**
 * Reads a number of no measure, as people type it: "6", "1,5", "2 1/2", "half a dozen"; "60 %" where that is its `unit`.
 * It is asked about only where both readings may be.
 * @throws Problem `unreadable` where it is no number, or no whole one where one is wanted; `range` beyond its limits
 * @example readBareNumber("1,5") // { kind: "one", value: 1.5 }
 */
export function readBareNumber(
  text: string,
  { isWhole = false, unit = "", limits = ANY }: BareNumber = {},
): NumberReading {
  const trimmed = text.trim();
  if (trimmed === "") throw unreadable(text, "Nothing is written. Write a number, such as 6.");
  const bare = unit !== "" && trimmed.endsWith(unit) ? trimmed.slice(0, -unit.length) : trimmed;
  const number = readNumber(numberWords(bare.replace(GROUPED, "")).trim());
  if (number === null) throw unreadable(text, `"${text}" is not a number.`);
  const read = number.orElse === undefined ? [number.value] : [number.value, number.orElse];
  const whole = isWhole ? read.filter(Number.isInteger) : read;
  if (whole.length === 0) throw unreadable(text, `"${text}" is not a whole number.`);
  const values = whole.filter((v) => v >= limits.least && v <= limits.most);
  const [value, other] = values;
  if (value === undefined) throw outOfRange(trimmed, limits, unit);
  return other === undefined
    ? { kind: "one", value }
    : {
        kind: "ask",
        question: `Is that ${plain(value)} or ${plain(other)}?`,
        choices: values.map((one) => ({ label: plain(one), value: one })),
      };
}

/** The space between thousands, of any width: 20 000. */
const GROUPED = /(?<=^\s*\d{1,3}(?:\s\d{3})*)\s(?=\d{3}(?:\D|$))/gu;
const ANY: Limits = { least: 0, most: Infinity };
const unreadable = (text: string, message: string): Problem =>
  new Problem("unreadable", "number", text, message);

function outOfRange(text: string, { least, most }: Limits, unit: string): Problem {
  const said = (limit: number) => `${plain(limit)}${unit === "" ? "" : ` ${unit}`}`;
  const to = most === Infinity ? " on" : ` to ${said(most)}`;
  return new Problem("range", "number", text, `${text} is out of range: from ${said(least)}${to}.`);
}
