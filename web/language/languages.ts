import { existsSync, readFileSync } from "node:fs";
import { z } from "zod";
import { pseudo } from "./pseudo";
import { checkHoles, type Language } from "./translate";

const PhrasesSchema = z.record(z.string(), z.string());

/** The file with what a language says, whether or not it is there. */
export const phrasesFile = (tag: string): URL => new URL(`${tag}/phrases.json`, import.meta.url);

/** What is written for a language: each phrase as it is in English with its text, empty where nobody has said it yet. */
export const readPhrases = (tag: string): Readonly<Record<string, string>> =>
  existsSync(phrasesFile(tag))
    ? PhrasesSchema.parse(JSON.parse(readFileSync(phrasesFile(tag), "utf8")))
    : {};

/** English without what the United States say otherwise: as its phrases are gathered. */
export const AS_WRITTEN = "as-written";

/**
 * A language by its tag (BCP 47), or the tests' own by “pseudo”; as it is written where none is asked for.
 * @throws Error where it has no folder, or a text does not hold what its phrase holds.
 */
export function languageOf(tag = "en"): Language {
  if (tag === "en" || tag === AS_WRITTEN) return () => undefined;
  if (tag === "pseudo") return pseudo;
  if (!/^[a-z]{2,3}(?:-[A-Za-z\d]+)*$/u.test(tag) || !existsSync(phrasesFile(tag)))
    throw new Error(
      `There is no language “${tag}”: npm run phrases -- --language ${tag} begins it.`,
    );
  const texts = new Map(
    Object.entries({ ...readPhrases(tag), en: tag }).filter(([, t]) => t !== ""),
  );
  for (const [id, text] of texts) checkHoles(id, text);
  return (id) => texts.get(id);
}
