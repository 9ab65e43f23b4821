import { Problem } from "../../units/problem";

/** Longer texts are refused unread: no recipe is a book. */
export const MAX_RECIPE_CHARACTERS = 100_000;
const MOST_LINES = 400;
const LONGEST_LINE = 2000;

const ENTITIES: Readonly<Record<string, string>> = {
  "&amp;": "&",
  "&lt;": "<",
  "&gt;": ">",
  "&quot;": '"',
  "&#39;": "'",
  "&nbsp;": " ",
  "&frac12;": "½",
  "&frac14;": "¼",
  "&frac34;": "¾",
  "&deg;": "°",
};

/** Plain text of a string that may hold markup: tags go, entities become signs. It is never rendered. */
export const plainText = (text: string): string =>
  text
    .replace(/<[^>]{0,500}>/g, " ")
    .replace(/&[a-z0-9#]{2,8};/gi, (e) => ENTITIES[e.toLowerCase()] ?? " ")
    // eslint-disable-next-line no-control-regex -- control signs are what is taken out
    .replace(/[\u0000-\u0008\u000b-\u001f\u007f\u200b-\u200f\u202a-\u202e\ufeff]/g, "")
    .replace(/[ \t\u00a0]+/g, " ")
    .trim();

/**
 * The lines of a pasted text, cleaned; blank ones are kept as "".
 * @throws Problem `range` where it is too long, `unreadable` where nothing is in it
 */
export function linesOf(text: string): readonly string[] {
  if (text.length > MAX_RECIPE_CHARACTERS)
    throw new Problem(
      "range",
      "recipe",
      text.length,
      `This is ${Math.round(text.length / 1000)} thousand characters; a recipe of up to ${MAX_RECIPE_CHARACTERS / 1000} thousand is read. Paste only the recipe itself.`,
    );
  const lines = text.split(/\r\n?|\n/).map(plainText);
  if (lines.every((l) => l === ""))
    throw new Problem("unreadable", "recipe", text.slice(0, 40), "There is no text in it.");
  const long = lines.find((l) => l.length > LONGEST_LINE);
  if (lines.length > MOST_LINES || long !== undefined)
    throw new Problem(
      "range",
      "recipe",
      lines.length,
      `It has ${long === undefined ? `${lines.length} lines` : "a line of over 2,000 characters"}; that is no recipe. Paste only the recipe itself.`,
    );
  return lines;
}
