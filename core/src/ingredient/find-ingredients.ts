import { namesOf } from "./also-called";
import { CATALOGUE } from "./catalogue";
import type { Ingredient } from "./ingredient";

/** Entries whose name or other words begin with, then contain, the text; best first. */
export function findIngredients(text: string): readonly Ingredient[] {
  const wanted = text.trim().toLowerCase();
  if (wanted === "") return CATALOGUE;
  const rank = (i: Ingredient): number => {
    const words = namesOf(i).map((n) => n.toLowerCase());
    if (words.some((w) => w === wanted)) return 0;
    if (words.some((w) => w.startsWith(wanted))) return 1;
    if (words.some((w) => w.split(/[ ,]+/).some((part) => part.startsWith(wanted)))) return 2;
    return words.some((w) => w.includes(wanted)) ? 3 : 4;
  };
  return CATALOGUE.map((i) => ({ i, r: rank(i) }))
    .filter(({ r }) => r < 4)
    .sort((a, b) => a.r - b.r)
    .map(({ i }) => i);
}
