import { readdirSync, readFileSync } from "node:fs";
import { join } from "node:path";

const DIR = join(import.meta.dirname, "recipes");

/** What a line must be read as. `kg` null: the amount is to be asked. */
export type Wanted =
  | { readonly kind: "is"; readonly parts: readonly WantedPart[] }
  | { readonly kind: "asked"; readonly among: readonly string[] }
  | { readonly kind: "own" }
  | { readonly kind: "nothing" };
export interface WantedPart {
  readonly id: string;
  readonly kg: number | null;
  readonly as: "amount" | "taste" | "cover";
}

export interface CorpusLine {
  readonly text: string;
  readonly wanted: Wanted;
}

/** One recipe of the corpus: as it is written, and what must come of it. */
export interface CorpusRecipe {
  readonly file: string;
  readonly name: string;
  /** The form it is given in: pasted text, or one of the shapes of JSON-LD in use. */
  readonly shape: string;
  readonly text: string;
  readonly lines: readonly CorpusLine[];
  /** What the steps say, by name: hold=150, lid=on, brown=beefChuck. */
  readonly facts: ReadonlyMap<string, string>;
}

function partOf(said: string): WantedPart {
  const [id = "", amount = ""] = said.trim().split(/\s+/);
  if (amount === "taste" || amount === "cover") return { id, kg: null, as: amount };
  return { id, kg: amount === "?" ? null : Number(amount), as: "amount" };
}

function wantedOf(said: string): Wanted {
  if (said === "-") return { kind: "nothing" };
  if (said === "own") return { kind: "own" };
  if (said.startsWith("?"))
    return { kind: "asked", among: said.slice(1).trim().split("|").filter(Boolean) };
  return { kind: "is", parts: said.split(",").map(partOf) };
}

function factsOf(said: string): ReadonlyMap<string, string> {
  const facts = new Map<string, string>();
  for (const word of said.split(/\s+/).filter(Boolean)) {
    const [name = "", value] = word.split("=");
    if (value === undefined)
      facts.set(name.startsWith("?") ? name.slice(1) : "method", name.startsWith("?") ? "?" : name);
    else facts.set(name, value);
  }
  return facts;
}

function recipeOf(block: string, file: string): CorpusRecipe {
  const [name = "", ...rows] = block.trimEnd().split("\n");
  const text: string[] = [];
  const lines: CorpusLine[] = [];
  let facts: ReadonlyMap<string, string> = new Map();
  let shape = "text";
  for (const row of rows) {
    if (row.startsWith(">>")) facts = factsOf(row.slice(2));
    else if (row.startsWith("as: ")) shape = `json-ld/${row.slice(4)}`;
    else {
      const [said = "", wanted] = row.split(" => ");
      text.push(said);
      if (wanted !== undefined) lines.push({ text: said, wanted: wantedOf(wanted.trim()) });
    }
  }
  const written =
    shape === "text" ? [name, ...text].join("\n") : asJsonLd(name, text, lines, shape);
  return { file, name, shape, text: written, lines, facts };
}

/** The shapes that pages publish recipes in: as an item, in a graph, with steps as text, list, steps or sections. */
function asJsonLd(
  name: string,
  rows: readonly string[],
  lines: readonly CorpusLine[],
  shape: string,
): string {
  const recipeYield = rows.find((r) => r.startsWith("yield: "))?.slice(7) ?? "";
  const steps = rows.slice(rows.indexOf("Method") + 1).filter((r) => r !== "");
  const howTo = steps.map((text) => ({ "@type": "HowToStep", text }));
  const recipe = {
    "@type": shape === "json-ld/graph" ? ["Thing", "Recipe"] : "Recipe",
    name,
    recipeYield,
    recipeIngredient: lines.map((l) => l.text),
    recipeInstructions:
      shape === "json-ld/text"
        ? steps.join("\n")
        : shape === "json-ld/howto" || shape === "json-ld/graph"
          ? howTo
          : shape === "json-ld/sections"
            ? [{ "@type": "HowToSection", name: "The pot", itemListElement: howTo }]
            : steps,
  };
  const context = "https://schema.org";
  return JSON.stringify(
    shape === "json-ld/graph"
      ? { "@context": context, "@graph": [{ "@type": "WebPage" }, recipe] }
      : shape === "json-ld/list"
        ? [{ "@context": context, ...recipe }]
        : { "@context": context, ...recipe },
  );
}

/** Every recipe of the corpus. */
export const corpus = (): readonly CorpusRecipe[] =>
  readdirSync(DIR)
    .filter((f) => f.endsWith(".txt"))
    .toSorted()
    .flatMap((file) =>
      readFileSync(join(DIR, file), "utf8")
        .split(/^=== /m)
        .slice(1)
        .map((block) => recipeOf(block, file)),
    );
