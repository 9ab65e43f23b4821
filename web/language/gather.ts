import { join } from "node:path";
import { tmpdir } from "node:os";
import { mkdtempSync, rmSync } from "node:fs";
import { fileURLToPath } from "node:url";
import { build } from "vite";
import { AS_WRITTEN } from "./languages";
import { phrasesTo } from "./plugin";

export interface Phrase {
  readonly id: string;
  /** Modules that it stands in. */
  readonly modules: readonly string[];
  /** Whether it is said in one system of measures only, wherever it stands. */
  readonly isByMeasure: boolean;
  /** Modules that compare something with it: in another language that would no longer be the same. */
  readonly comparedBy: readonly string[];
}

const WEB = fileURLToPath(new URL("..", import.meta.url));

/** Every phrase of the application and its workers, by compiling all of it; what that writes is thrown away. */
export async function gatherPhrases(): Promise<readonly Phrase[]> {
  const found = new Map<string, { modules: Set<string>; isByMeasure: boolean }>();
  const comparedBy = new Map<string, Set<string>>();
  const put = ({ id, isByMeasure }: Pick<Phrase, "id" | "isByMeasure">, module: string) => {
    const phrase = found.get(id) ?? { modules: new Set(), isByMeasure: true };
    phrase.modules.add(module);
    phrase.isByMeasure &&= isByMeasure;
    found.set(id, phrase);
  };
  const gather = phrasesTo(put, (word, module) =>
    comparedBy.set(word, (comparedBy.get(word) ?? new Set()).add(module)),
  );
  // The service worker is written whatever is said of the rest, and is not to take the place of the true one.
  const outDir = mkdtempSync(join(tmpdir(), "kettlos-phrases-"));
  const { KETTLOS_LANGUAGE: asked } = process.env;
  process.env.KETTLOS_LANGUAGE = AS_WRITTEN;
  await build({
    configFile: `${WEB}vite.config.ts`,
    root: WEB,
    logLevel: "error",
    build: { write: false, outDir, emptyOutDir: true },
    plugins: [gather],
    worker: { plugins: () => [gather] },
  });
  if (asked === undefined) delete process.env.KETTLOS_LANGUAGE;
  else process.env.KETTLOS_LANGUAGE = asked;
  rmSync(outDir, { recursive: true });
  return [...found]
    .map(([id, { modules, isByMeasure }]) => ({
      id,
      modules: [...modules].sort(),
      isByMeasure,
      comparedBy: [...(comparedBy.get(id) ?? [])],
    }))
    .sort((a, b) => (a.id < b.id ? -1 : 1));
}
