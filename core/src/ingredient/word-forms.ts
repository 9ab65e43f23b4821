import { plain } from "../units/region";
/** The singular of a kitchen word, lower case: "leaves", "berries", "potatoes", "onions". */
export const singular = (word: string): string =>
  word === "leaves"
    ? "leaf"
    : word === "chilies" || word === "chillies"
      ? "chili"
      : word.endsWith("ies")
        ? `${word.slice(0, -3)}y`
        : word.endsWith("oes")
          ? word.slice(0, -2)
          : word.endsWith("s") && !word.endsWith("ss")
            ? word.slice(0, -1)
            : word;

/** Sizes and spoons are said the same of one and of many. */
const UNCHANGED: ReadonlySet<string> = new Set(["small", "medium", "large", "tsp", "tbsp"]);

/** A word of many: leaves, berries, bunches. */
const many = (word: string): string =>
  word.endsWith("leaf")
    ? word.replace(/leaf$/, "leaves")
    : /[^aeiou]y$/.test(word)
      ? word.replace(/y$/, "ies")
      : /(?:s|x|ch|sh)$/.test(word)
        ? `${word}es`
        : `${word}s`;

/** So many of something as a cook says it: "1 leaf", "3 bay leaves", "2 medium". */
export function countWords(count: number, word: string): string {
  const shown = plain(Math.round(count * 100) / 100);
  if (count === 1 || UNCHANGED.has(word)) return `${shown} ${word}`;
  return `${shown} ${many(word)}`;
}
