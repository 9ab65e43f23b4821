/** Numbers that are said in words, from one on. */
export const NUMBER_NAMES = [
  "one",
  "two",
  "three",
  "four",
  "five",
  "six",
  "seven",
  "eight",
  "nine",
  "ten",
  "eleven",
  "twelve",
] as const;

const SAID: readonly (readonly [RegExp, string])[] = [
  [/^half\s+a\s+dozen(?=\s|$)/i, "6"],
  [/^(?:an?|one)\s+dozen(?=\s|$)/i, "12"],
  ...NUMBER_NAMES.map(
    (word, i) =>
      [new RegExp(String.raw`^${word}\s+dozen(?=\s|$)`, "i"), String(12 * (i + 1))] as const,
  ),
  [/^three[\s-]+quarters?(?:\s+of)?(?:\s+an?)?(?=\s|$)/i, "0.75"],
  [/^(?:an?\s+|one\s+)?quarter(?:\s+of)?(?:\s+an?)?(?=\s|$)/i, "0.25"],
  [/^an?\s+and\s+a\s+half(?=\s|$)/i, "1.5"],
  ...NUMBER_NAMES.map(
    (word, i) =>
      [new RegExp(String.raw`^${word}\s+and\s+a\s+half(?=\s|$)`, "i"), String(i + 1.5)] as const,
  ),
  [/^(?:half\s+(?:of\s+)?an?|an?\s+half|half)(?=\s|$)/i, "0.5"],
  [/^an?\s+couple(?=\s|$)/i, "2"],
  ...NUMBER_NAMES.map(
    (word, i) => [new RegExp(String.raw`^${word}(?=\s|$)`, "i"), String(i + 1)] as const,
  ),
];

/**
 * A number said in words at the beginning, in figures; anything else as it is.
 * @example numberWords("half a litre") // "0.5 litre"
 * @example numberWords("two medium onions") // "2 medium onions"
 */
export function numberWords(text: string): string {
  const trimmed = text.trimStart();
  const found = SAID.find(([pattern]) => pattern.test(trimmed));
  if (found === undefined) return text;
  return trimmed.replace(found[0], found[1]).replace(/^(\S+)\s+of\s+/i, "$1 ");
}
