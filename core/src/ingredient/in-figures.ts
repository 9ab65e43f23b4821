import { numberWords } from "../units/number-words";

const PACK = String.raw`(cans?|tins?|jars?|bottles?|packets?|packs?|cartons?)`;
const EACH = String.raw`(?:\s+each)?`;
/** "2 cans (400 g each) tomatoes", "2 (400 g) cans of tomatoes", "2 x 400 g tins of tomatoes", "a 400 g tin of tomatoes". */
const PACKED: readonly (readonly [
  RegExp,
  count: number,
  size: number,
  pack: number,
  rest: number,
])[] = [
  [
    new RegExp(String.raw`^(\d+|an?)?\s*${PACK}\s*\(([^)]+?)${EACH}\)\s*(?:of\s+)?(.+)$`, "i"),
    1,
    3,
    2,
    4,
  ],
  [
    new RegExp(String.raw`^(\d+|an?)?\s*\(([^)]+?)${EACH}\)\s*${PACK}\s+(?:of\s+)?(.+)$`, "i"),
    1,
    2,
    3,
    4,
  ],
  [
    new RegExp(
      String.raw`^(?:(\d+)\s*[x×]\s*|an?\s+)?(\d[\d.,]*[\s-]*(?:kg|g|ml|cl|l|oz|ounces?|lbs?|pounds?))\s*${PACK}\s+(?:of\s+)?(.+)$`,
      "i",
    ),
    1,
    2,
    3,
    4,
  ],
];
/** Said without "a" before it. */
const BARE = /^(?:pinch|dash|splash|glug|knob|handful|bunch|bulb|head|sprig|stick)\b/i;

/**
 * A line of what goes in with its amount in figures, as the readers of amounts know it: number words,
 * packs of a stated size, measures said without a number.
 * @example inFigures("1 can (800 g) chopped tomatoes") // "1 x 800 g canned chopped tomatoes"
 * @example inFigures("bunch of thyme") // "1 bunch of thyme"
 */
export function inFigures(line: string): string {
  const text = numberWords(line.trim());
  for (const [pattern, count, size, pack, rest] of PACKED) {
    const found = pattern.exec(text);
    if (found === null) continue;
    const number = /^\d+$/.test(found[count] ?? "") ? found[count] : "1";
    const kept = /^(?:can|tin)/i.test(found[pack] ?? "") ? "canned " : "";
    const each = (found[size] ?? "").replace(/(\d)-(?=[a-z])/i, "$1 ");
    return `${number ?? "1"} x ${each} ${kept}${found[rest] ?? ""}`;
  }
  return BARE.test(text) ? `1 ${text}` : text;
}
