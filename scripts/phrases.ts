// Every phrase of the application: counted and checked, as JSON, or for a language to say.
import { usesOf } from "../web/language/uses";
import { VOCABULARY } from "../web/src/words/vocabulary";
import { mkdirSync, writeFileSync } from "node:fs";
import { fileURLToPath } from "node:url";
import { parseArgs } from "node:util";
import { gatherPhrases, type Phrase } from "../web/language/gather";
import { phrasesFile, readPhrases } from "../web/language/languages";
import { namesMeasure, NAMED_ANYWAY } from "../web/language/measures";
import { argumentsBy } from "./command-line";

const USAGE = "Usage: npm run phrases [-- --json | --language TAG]";

const { json, language } = argumentsBy(
  () =>
    parseArgs({
      options: { json: { type: "boolean", default: false }, language: { type: "string" } },
    }).values,
  USAGE,
);

/** Writes a language's file anew: what it says already, what is new empty, what nobody says any more left out. */
function writeLanguage(tag: string, phrases: readonly Phrase[]): void {
  const file = phrasesFile(tag);
  const said = readPhrases(tag);
  const texts = Object.fromEntries(phrases.map(({ id }) => [id, said[id] ?? ""]));
  mkdirSync(new URL(".", file), { recursive: true });
  writeFileSync(file, `${JSON.stringify(texts, null, 2)}\n`);
  const missing = phrases.filter(({ id }) => texts[id] === "").length;
  console.log(`${fileURLToPath(file)}: ${phrases.length} phrases, ${missing} not said yet`);
}

/** Names of measures that a sentence has by itself, where its figure should be said in the cook's. */
function check(phrases: readonly Phrase[]): void {
  const named = phrases.filter(
    ({ id, isByMeasure, modules }) =>
      !isByMeasure && namesMeasure(id) && !NAMED_ANYWAY.some((n) => n.test(id, modules)),
  );
  for (const { id, modules } of named)
    console.error(`${modules.join(", ")}: ${JSON.stringify(id)} names a measure by itself.`);
  const compared = phrases.filter((p) => p.comparedBy.length > 0);
  for (const { id, comparedBy } of compared)
    console.error(`${comparedBy.join(", ")}: “${id}” is said, and compared with.`);
  const unsaid = VOCABULARY.filter((term) => usesOf(term, phrases).count === 0);
  for (const { term } of unsaid) console.error(`“${term}” is in the vocabulary and nowhere said.`);
  console.log(
    `${phrases.length} phrases in ${new Set(phrases.flatMap((p) => p.modules)).size} modules`,
  );
  if (named.length + unsaid.length + compared.length > 0) process.exitCode = 1;
}

const phrases = await gatherPhrases();
if (json) console.log(JSON.stringify(phrases, null, 2));
else if (language !== undefined) writeLanguage(language, phrases);
else check(phrases);
