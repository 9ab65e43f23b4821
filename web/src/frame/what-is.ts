/** What a text is that was dropped or pasted; a link by its path within Kettlos. */
type Found =
  { readonly kind: "file" | "recipe" } | { readonly kind: "link"; readonly path: string };

const LINK = /^https?:\/\/\S+?(\/given#[\w-]+)$/u;
/** A Kettlos file says so at its head. */
const KETTLOS = /^\s*\{[^}]{0,400}"format"\s*:\s*"kettlos"/u;
const RECIPE = /"@type"\s*:\s*(?:\[[^\]]*)?"Recipe"/u;
/** A recipe is a name and some lines, of which one begins with an amount. */
const LEAST_LINES = 3;
const AMOUNT_LINE = /^\s*(?:[-•*]\s*)?[\d¼½¾⅓⅔⅛]/mu;

/**
 * What Kettlos would do with a text; null where it would do nothing.
 * @example whatIs("Beef stew\n1 kg shin\n2 onions") // { kind: "recipe" }
 */
export function whatIs(text: string): Found | null {
  const link = LINK.exec(text.trim());
  if (link?.[1] !== undefined) return { kind: "link", path: link[1] };
  if (KETTLOS.test(text)) return { kind: "file" };
  if (RECIPE.test(text)) return { kind: "recipe" };
  if (/^\s*[[{]/u.test(text)) return null;
  const lines = text.split("\n").filter((line) => line.trim() !== "");
  return lines.length >= LEAST_LINES && AMOUNT_LINE.test(text) ? { kind: "recipe" } : null;
}
