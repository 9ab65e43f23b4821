import { z } from "../../units/zod";
import { Problem } from "../../units/problem";
import type { OwnIngredient } from "../../ingredient/own-ingredient";
import { MAX_RECIPE_CHARACTERS, plainText } from "./clean-text";
import { draftOf, isHeading } from "./read-recipe";
import type { RecipeDraft } from "./draft";

const DEEPEST = 12;
const MOST_LINES = 200;

const Text = z
  .union([z.string(), z.number()])
  .transform((t) => plainText(String(t)).slice(0, 2000));
const Recipe = z.looseObject({
  name: Text.optional(),
  recipeYield: z.union([Text, z.array(Text)]).optional(),
  recipeIngredient: z.union([z.array(Text).max(MOST_LINES), Text]).optional(),
  ingredients: z.array(Text).max(MOST_LINES).optional(),
  recipeInstructions: z.unknown().optional(),
  url: Text.optional(),
});

const typesOf = (value: Record<string, unknown>): readonly unknown[] => {
  const type = value["@type"];
  return Array.isArray(type) ? type : [type];
};
const isRecord = (value: unknown): value is Record<string, unknown> =>
  typeof value === "object" && value !== null && !Array.isArray(value);

/** The first Recipe in a document, wherever it is nested. */
function findRecipe(value: unknown, depth = 0): Record<string, unknown> | null {
  if (depth > DEEPEST) return null;
  if (Array.isArray(value)) {
    for (const one of value) {
      const found = findRecipe(one, depth + 1);
      if (found !== null) return found;
    }
    return null;
  }
  if (!isRecord(value)) return null;
  if (typesOf(value).includes("Recipe")) return value;
  return findRecipe(value["@graph"], depth + 1) ?? findRecipe(value.mainEntity, depth + 1);
}

/** Steps of any of the forms in use: text, lists, steps, sections of steps. */
function stepsOf(value: unknown, depth = 0): readonly string[] {
  if (depth > DEEPEST) return [];
  if (typeof value === "string")
    return value
      .split(/\r?\n|<\/(?:li|p)>/)
      .map(plainText)
      .filter(Boolean);
  if (Array.isArray(value)) return value.slice(0, MOST_LINES).flatMap((v) => stepsOf(v, depth + 1));
  if (!isRecord(value)) return [];
  const { text, name } = value;
  if (value.itemListElement !== undefined) return stepsOf(value.itemListElement, depth + 1);
  return stepsOf(text ?? name, depth + 1);
}

/**
 * Reads a schema.org Recipe in JSON-LD into a draft with its doubts.
 * @throws Problem `range` where it is too large, `unreadable` where it is no JSON or holds no Recipe
 */
export function readRecipeJsonLd(text: string, own: readonly OwnIngredient[] = []): RecipeDraft {
  if (text.length > MAX_RECIPE_CHARACTERS)
    throw new Problem("range", "recipe", text.length, "The file is over 100 kB; it is not read.");
  let data: unknown;
  try {
    data = JSON.parse(text);
  } catch (error) {
    throw new Problem(
      "unreadable",
      "recipe",
      text.slice(0, 40),
      `This is not JSON: ${error instanceof Error ? error.message.slice(0, 120) : "unreadable"}.`,
    );
  }
  const found = findRecipe(data);
  if (found === null)
    throw new Problem(
      "unreadable",
      "recipe",
      "@type",
      'There is no schema.org recipe in it: nothing has "@type": "Recipe".',
    );
  const parsed = Recipe.safeParse(found);
  if (!parsed.success) {
    const issue = parsed.error.issues[0];
    throw new Problem(
      "unreadable",
      "recipe",
      issue?.path.join("."),
      `The recipe's ${issue?.path.map(String).join(".") ?? "contents"} cannot be read: ${issue?.message ?? ""}`,
    );
  }
  const { name, recipeYield, recipeIngredient, ingredients, recipeInstructions, url } = parsed.data;
  const lines = recipeIngredient ?? ingredients ?? [];
  const yieldText = Array.isArray(recipeYield) ? recipeYield.join(" ") : (recipeYield ?? "");
  const all = (typeof lines === "string" ? [lines] : lines).filter(Boolean);
  return draftOf(
    {
      name: (name ?? "").slice(0, 80),
      source: (url ?? "").slice(0, 300),
      servesText: /^\d+$/.test(yieldText)
        ? `serves ${yieldText}`
        : yieldText.replace(/^(\d+)/, "serves $1"),
      ingredients: all.filter((l) => !isHeading(l)),
      remarks: all.filter(isHeading),
      steps: stepsOf(recipeInstructions),
    },
    own,
  );
}

/** True where a text is meant as JSON: then it is read as JSON-LD, not as a pasted recipe. */
export const looksLikeJson = (text: string): boolean => /^\s*[[{]/.test(text);
