import type { Term } from "../src/words/vocabulary";
import type { Phrase } from "./gather";

const escaped = (text: string): string => text.replace(/[.*+?^${}()|[\]\\]/gu, "\\$&");

/** How a word stands in a sentence. */
const patternOf = ({ term, found }: Term): RegExp =>
  found ?? new RegExp(`(?<!\\p{L})${escaped(term)}`, "iu");

/** In how many phrases a word is said besides its own entry, and the screens whose own they are. */
export function usesOf(
  term: Term,
  phrases: readonly Phrase[],
): { readonly count: number; readonly places: readonly string[] } {
  const pattern = patternOf(term);
  const said = phrases.flatMap(({ id, modules }) => {
    const elsewhere = modules.filter((m) => !/words\/vocabulary|screen-help/u.test(m));
    return elsewhere.length > 0 && pattern.test(id) ? [elsewhere] : [];
  });
  const places = said
    .flat()
    .flatMap((module) => /web\/src\/places\/(\w+)\//u.exec(module)?.[1] ?? []);
  return { count: said.length, places: [...new Set(places)].sort() };
}
