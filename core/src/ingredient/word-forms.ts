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

/** So many of something as a cook says it: "1 leaf", "3 bay leaves", "2 medium". */
export function countWords(count: number, word: string): string {
  const shown = String(Math.round(count * 100) / 100);
  if (count === 1 || UNCHANGED.has(word)) return `${shown} ${word}`;
  return `${shown} ${word.endsWith("leaf") ? word.replace(/leaf$/, "leaves") : `${word}s`}`;
}
