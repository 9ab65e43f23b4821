import type { Plugin } from "vite";
import { comparedIn, sitesOf, type Site } from "./sites";
import { translated, type Language } from "./translate";

/** Modules whose words are read, not said: what recipes call things and how numbers are written out. */
const READ = [
  "core/src/ingredient/also-called.ts",
  "core/src/ingredient/line-parts.ts",
  "core/src/formats/recipe/read-",
  "core/src/units/unit-table.ts",
  "core/src/units/number-words.ts",
  "core/src/units/read-bare-number.ts",
  "web/src/data/db.ts",
];
const OURS = /\/((?:core|web)\/src\/[^?]+)|\/(element-plus\/es\/locale\/lang\/en\.mjs)/u;

/** What the page says of itself, which the manifest says too. */
const DESCRIPTION = /(?<=name="description"\s+content=")[^"]*/u;

/** The module's name where its phrases are said to a cook, undefined of any other. */
function saidIn(id: string): string | undefined {
  if (/\?.*type=style|\.css(?:\?|$)/u.test(id)) return undefined;
  const [, own, library] = OURS.exec(id) ?? [];
  const name = own ?? library;
  return name === undefined || READ.some((read) => name.startsWith(read)) ? undefined : name;
}

/**
 * Builds the application in a language: each phrase is said by it where it is compiled, and none costs a byte more but
 * what is said otherwise in the United States.
 */
export const inLanguage = (language: Language, inUs?: Language): Plugin => ({
  name: "in-language",
  apply: "build",
  enforce: "post",
  transform: (code, id) =>
    saidIn(id) === undefined ? null : { code: translated(code, language, inUs), map: null },
  transformIndexHtml: (html) =>
    html
      .replace('lang="en"', `lang="${language("en") ?? "en"}"`)
      .replace(DESCRIPTION, (text) => language(text) ?? text),
});

/** Hands every phrase of the application over, and every word that is compared, with the module that it stands in. */
export const phrasesTo = (
  found: (site: Pick<Site, "id" | "isByMeasure">, module: string) => void,
  compared: (word: string, module: string) => void,
): Plugin => ({
  name: "phrases",
  apply: "build",
  enforce: "post",
  transform(code, id) {
    const module = saidIn(id);
    if (module === undefined) return null;
    for (const site of sitesOf(code)) found(site, module);
    for (const word of comparedIn(code)) compared(word, module);
    return null;
  },
  transformIndexHtml(html) {
    const [id] = DESCRIPTION.exec(html) ?? [];
    if (id !== undefined) found({ id, isByMeasure: false }, "web/index.html");
  },
});
