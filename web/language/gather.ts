import { fileURLToPath } from "node:url";
import { build } from "vite";
import { phrasesTo } from "./plugin";

export interface Phrase {
  readonly id: string;
  /** Modules that it stands in. */
  readonly modules: readonly string[];
  /** Whether it is said in one system of measures only, wherever it stands. */
  readonly isByMeasure: boolean;
}

const WEB = fileURLToPath(new URL("..", import.meta.url));

/** Every phrase of the application and its workers, by compiling all of it without writing anything. */
export async function gatherPhrases(): Promise<readonly Phrase[]> {
  const found = new Map<string, { modules: Set<string>; isByMeasure: boolean }>();
  const gather = phrasesTo(({ id, isByMeasure }, module) => {
    const phrase = found.get(id) ?? { modules: new Set(), isByMeasure: true };
    phrase.modules.add(module);
    phrase.isByMeasure &&= isByMeasure;
    found.set(id, phrase);
  });
  await build({
    configFile: `${WEB}vite.config.ts`,
    root: WEB,
    logLevel: "error",
    build: { write: false },
    plugins: [gather],
    worker: { plugins: () => [gather] },
  });
  return [...found]
    .map(([id, { modules, isByMeasure }]) => ({ id, modules: [...modules].sort(), isByMeasure }))
    .sort((a, b) => (a.id < b.id ? -1 : 1));
}
