// How much the first load is over what it stands on: the bare libraries and components that the page uses, as they are
// left once nothing is in them that it does not.
import { fileURLToPath } from "node:url";
import { gzipSync } from "node:zlib";
import { build, minify, type Plugin, type Rolldown } from "vite";
import { tell } from "./bench-report";

const web = fileURLToPath(new URL("../web", import.meta.url));
const MOST_TIMES = 1.5;
const kb = (bytes: number) => (bytes / 1000).toFixed(1);

/** What is loaded where these modules are: their files, and all that those import as they begin. */
function loadedFor(
  modules: readonly string[],
  bundle: Rolldown.OutputBundle,
): readonly Rolldown.OutputChunk[] {
  const chunks = new Map(
    Object.values(bundle).flatMap((file) =>
      file.type === "chunk" ? [[file.fileName, file] as const] : [],
    ),
  );
  const names = new Set(
    [...chunks.values()]
      .filter(({ moduleIds }) => modules.some((end) => moduleIds.some((id) => id.endsWith(end))))
      .map(({ fileName }) => fileName),
  );
  for (const name of names)
    for (const imported of chunks.get(name)?.imports ?? []) names.add(imported);
  return [...names].flatMap((name) => chunks.get(name) ?? []);
}

/** Before the frame stands; and until what is on the fire is worked out, where there is a kitchen. */
const FRAME = ["/src/main.ts", "/src/start.ts"];
const STAGES = [
  ["first load of Bench, to its frame", FRAME],
  ["first load of Bench, to its pots", [...FRAME, "/src/data/forecaster.ts"]],
] as const;

/** What libraries leave in it, small, each module by itself. */
async function bareOf(chunks: readonly Rolldown.OutputChunk[]): Promise<string> {
  const modules = chunks.flatMap((chunk) => Object.entries(chunk.modules));
  const bare: string[] = [];
  for (const [id, { code }] of modules) {
    if (!id.includes("/node_modules/") || code === null || code === "") continue;
    // Within a function of its own, so that its names are made short as they are in the page; what it gives is kept.
    const { code: small } = await minify("module.js", `(() => {${code}\n})();`, {
      compress: { unused: false },
    });
    bare.push(small);
  }
  return bare.join("\n");
}

export async function benchFloor(): Promise<void> {
  let bundle: Rolldown.OutputBundle = {};
  const looking: Plugin = {
    name: "what-is-loaded",
    generateBundle: (_, made) => void (bundle = made),
  };
  await build({
    root: web,
    configFile: `${web}/vite.config.ts`,
    logLevel: "error",
    build: { write: false },
    plugins: [looking],
  });
  const gzip = (code: string) => gzipSync(code, { level: 9 }).length;
  for (const [name, modules] of STAGES) {
    const chunks = loadedFor(modules, bundle);
    const all = chunks.reduce((sum, { code }) => sum + gzip(code), 0);
    const floor = gzip(await bareOf(chunks));
    tell({
      name: `${name}: ${(all / floor).toFixed(2)} times the bare libraries it uses (${kb(floor)} kB)`,
      p50: `${kb(all)} kB`,
      p95: "",
      limit: `${MOST_TIMES} times`,
      verdict: all <= MOST_TIMES * floor ? "kept" : "BROKEN",
    });
  }
}
