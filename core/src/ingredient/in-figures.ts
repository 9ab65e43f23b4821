import { numberWords } from "../units/number-words";
import { LOOSE_MEASURES } from "./loose-measures";

const PACK = String.raw`(?<pack>cans?|tins?|jars?|bottles?|packets?|packs?|cartons?)`;
const COUNT = String.raw`(?:(?<count>\d+)|an?)`;
const IN_BRACKETS = String.raw`\((?<size>[^)]+?)(?:\s+each)?\)`;
const REST = String.raw`(?:of\s+)?(?<rest>.+)$`;
/** "2 cans (400 g each) tomatoes", "2 (400 g) cans of tomatoes", "2 x 400 g tins of tomatoes", "a 400 g tin of tomatoes". */
const PACKED = [
  String.raw`^${COUNT}?\s*${PACK}\s*${IN_BRACKETS}\s*${REST}`,
  String.raw`^${COUNT}?\s*${IN_BRACKETS}\s*${PACK}\s+${REST}`,
  String.raw`^(?:(?<count>\d+)\s*[x×]\s*|an?\s+)?(?<size>\d[\d.,]*[\s-]*(?:kg|g|ml|cl|l|oz|ounces?|lbs?|pounds?))\s*${PACK}\s+${REST}`,
].map((pattern) => new RegExp(pattern, "i"));
/** Said without "a" before it. */
const BARE = new RegExp(
  String.raw`^(?:${[...Object.keys(LOOSE_MEASURES), "bunch", "bulb", "head", "sprig", "stick"].join("|")})\b`,
  "i",
);

/**
 * A line of what goes in with its amount in figures, as the readers of amounts know it: number words,
 * packs of a stated size, measures said without a number.
 * @example inFigures("1 can (800 g) chopped tomatoes") // "1 x 800 g canned chopped tomatoes"
 * @example inFigures("bunch of thyme") // "1 bunch of thyme"
 */
export function inFigures(line: string): string {
  const text = numberWords(line.trim());
  for (const pattern of PACKED) {
    const found = pattern.exec(text)?.groups;
    if (found === undefined) continue;
    const { count = "1", size = "", pack = "", rest = "" } = found;
    const kept = /^(?:can|tin)/i.test(pack) ? "canned " : "";
    return `${count} x ${size.replace(/(\d)-(?=[a-z])/i, "$1 ")} ${kept}${rest}`;
  }
  return BARE.test(text) ? `1 ${text}` : text;
}
