import { numberWords } from "./number-words";
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

/**
 * Reads a number of no measure, as people type it: "6", "1,5", "2 1/2", "half a dozen"; "60 %" where that is its `unit`.
 * @throws Problem `unreadable` where it is no number, or no whole one where one is wanted
 * @example readBareNumber("1,5") // { kind: "one", value: 1.5 }
 */
export function readBareNumber(
  text: string,
  { isWhole = false, unit = "" }: { readonly isWhole?: boolean; readonly unit?: string } = {},
): NumberReading {
  const trimmed = text.trim();
  const bare = unit !== "" && trimmed.endsWith(unit) ? trimmed.slice(0, -unit.length) : trimmed;
  const number = readNumber(numberWords(bare).trim());
  if (trimmed === "") throw unreadable(text, "Nothing is written. Write a number, such as 6.");
  if (number === null) throw unreadable(text, `"${text}" is not a number.`);
  const values = [number.value, ...(number.orElse === undefined ? [] : [number.orElse])].filter(
    (value) => !isWhole || Number.isInteger(value),
  );
  const [value, other] = values;
  if (value === undefined) throw unreadable(text, `"${text}" is not a whole number.`);
  return other === undefined
    ? { kind: "one", value }
    : {
        kind: "ask",
        question: `Is that ${plain(value)} or ${plain(other)}?`,
        choices: values.map((one) => ({ label: plain(one), value: one })),
      };
}

const unreadable = (text: string, message: string): Problem =>
  new Problem("unreadable", "number", text, message);
