import vue from "@vitejs/plugin-vue";
import { ElementPlusResolver } from "unplugin-vue-components/resolvers";
import components from "unplugin-vue-components/vite";
import { readFileSync } from "node:fs";
import { fileURLToPath } from "node:url";
import { defineConfig, type Plugin } from "vite";
import { VitePWA } from "vite-plugin-pwa";
import { inLanguage } from "./language/plugin";
import { languageOf } from "./language/languages";
import { us } from "./language/us";

const tag = process.env.KETTLOS_LANGUAGE ?? "en";
const language = languageOf(tag);
const inUs = tag === "en" ? us : undefined;
const DESCRIPTION = "Plans a long simmer and follows one pot from bones to strained litres.";

/** What the installed application's icon leads to. */
const SHORTCUTS = [
  ["On the fire", "/cook"],
  ["Plan a pot", "/new"],
  ["Clock", "/clock"],
  ["Larder", "/larder"],
] as const;

/**
 * Leaves out what zod brings along to write a JSON Schema. The application never writes one (the scripts do), and
 * it would be a twentieth of the first load.
 */
const withoutJsonSchema = (): Plugin => ({
  name: "without-json-schema",
  apply: "build",
  load(id) {
    if (!/\/zod\/v4\/core\/(json-schema-processors|to-json-schema)\.js$/.test(id)) return null;
    const names = readFileSync(id, "utf8").matchAll(/^export (?:const|function) (\w+)/gm);
    return `const none = () => () => { throw new Error("no JSON Schema is written here"); };
      export { ${[...names].map(([, name]) => `none as ${name}`).join(", ")} };`;
  },
});

interface Graph {
  getModuleInfo(id: string): { importedIds: readonly string[] } | null;
}

/** Names the chunk of whatever a module imports as it begins, itself and what those import included. */
function reachedFrom(begin: string, name: string) {
  let reached: ReadonlySet<string> | undefined;
  return (moduleId: string, graph: Graph): string | null => {
    if (reached === undefined) {
      const found = new Set([fileURLToPath(new URL(`.${begin}`, import.meta.url))]);
      for (const id of found)
        for (const imported of graph.getModuleInfo(id)?.importedIds ?? []) found.add(imported);
      reached = found;
    }
    return reached.has(moduleId) ? name : null;
  };
}

/** Whether a module imports what checks documents, by itself or through others. */
function isChecking(moduleId: string, graph: Graph, seen = new Set<string>()): boolean {
  if (/\/node_modules\/zod\//.test(moduleId)) return true;
  if (seen.has(moduleId)) return false;
  seen.add(moduleId);
  return (graph.getModuleInfo(moduleId)?.importedIds ?? []).some((id) =>
    isChecking(id, graph, seen),
  );
}
type Named = (moduleId: string, graph: Graph) => string | null;
/** By the first of these that knows its name, where it does not check documents. */
const unchecked =
  (...named: readonly Named[]): Named =>
  (moduleId, graph) => {
    if (isChecking(moduleId, graph)) return null;
    for (const nameOf of named) {
      const name = nameOf(moduleId, graph);
      if (name !== null) return name;
    }
    return null;
  };

/** What documents are checked by, part after part, in this order (`data/checks.ts`): a part is worked through as a whole. */
const CHECKS = [
  "units/text-schema",
  "ingredient/label-schema",
  "simulate/teaching-schema",
  "vessel/vessel-schema",
  "simulate/hands-schema",
  "simulate/kitchen-schema",
  "heats/heat-schema",
  "simulate/plan-schema",
  "events/event-schema",
  "larder/larder-schema",
  "simulate/clock-schema",
] as const;
const fromChecks = CHECKS.map((begin, i) => reachedFrom(`/../core/src/${begin}.ts`, `checks-${i}`));
const fromWholes = reachedFrom("/src/data/wholes.ts", "checks-last");
/** What stands on all of these: nothing of what checks other files comes with it. */
const checksLast = (moduleId: string, graph: Graph) =>
  isChecking(moduleId, graph) ? fromWholes(moduleId, graph) : null;
/** Names the chunk of the lists that all of it goes by: screens show them too, and do not wait for what checks. */
const fromSchemas = CHECKS.map((begin) => reachedFrom(`/../core/src/${begin}.ts`, "lists"));
const lists = unchecked(...fromSchemas);

/** What comes late on every screen, and on Bench, each in a file of its own: it brings none of what only other screens share. */
const LATE = {
  beside: [
    ...["data/storage-care.ts", "data/instruments-store.ts", "data/wholes.ts", "frame/TakeIn.vue"],
    ...["drawings/BoneHeap.vue", "places/bench/HalfWayPots.vue"],
  ].map((path) => `/src/${path}`),
  filling: ["running", "prep-blocks", "cooked", "moves"].map(
    (name) => `/../core/src/clock/${name}.ts`,
  ),
  learning: ["learning", "self-log"].map((name) => `/src/data/${name}.ts`),
};
/** What most screens are built of, in the order in which it is asked for ahead of them (`frame/fittings.ts`). */
const FITTINGS = [
  "/src/controls/TypedField.vue",
  "/src/controls/UnitField.vue",
  "/../core/src/because/answers.ts",
].map((begin, i) => unchecked(reachedFrom(begin, `fittings-${i}`)));
const late = Object.entries(LATE).map(([name, begins]) =>
  unchecked(...begins.map((begin) => reachedFrom(begin, name))),
);

/** Names the chunk of what screens share: what checks documents is no part of it, or each screen would wait for that. */
const shared = (name: string) => (moduleId: string, graph: Graph) =>
  isChecking(moduleId, graph) ? "checking" : name;

/**
 * Files of which nearly all is run as soon as they are there: the browser is told to make all of it ready while it comes,
 * beside the page, and not function after function as each is called.
 */
const WHOLLY_USED = /^(index|start|forecasting|fittings-\d|many|some|lists|filling|\w+Place)$/;
const WHOLLY = "//# allFunctionsCalledOnLoad";

/** What every screen is set in. */
const LETTERS = ["figtree-latin-wght-normal.woff2", "head-latin.woff2"];

/** The page asks for what its script loads first together with it, its style sheets and letters too. */
const withStart = (): Plugin => ({
  name: "with-start",
  apply: "build",
  transformIndexHtml: {
    order: "post",
    handler: (_, { bundle = {} }) => {
      const start = Object.values(bundle).find(
        (file) =>
          file.type === "chunk" && file.moduleIds.some((id) => id.endsWith("/src/start.ts")),
      );
      if (start?.type !== "chunk")
        throw new Error("What the page begins with is in no file of its own.");
      const letters = Object.values(bundle).filter(
        (file) => file.type === "asset" && file.names.some((name) => LETTERS.includes(name)),
      );
      if (letters.length !== LETTERS.length)
        throw new Error(`The page's letters are not among its files: ${LETTERS.join(", ")}`);
      const link = (attrs: Record<string, string>) => ({
        tag: "link",
        attrs: { crossorigin: "", ...attrs },
        injectTo: "head" as const,
      });
      return [
        link({ rel: "modulepreload", href: `/${start.fileName}` }),
        ...letters.map(({ fileName }) =>
          link({ rel: "preload", as: "font", type: "font/woff2", href: `/${fileName}` }),
        ),
        ...[...(start.viteMetadata?.importedCss ?? [])].map((file) =>
          link({ rel: "stylesheet", href: `/${file}` }),
        ),
      ];
    },
  },
});

export default defineConfig({
  // Its build for browsers that have promises of their own; the one it gives by itself brings them along.
  resolve: { alias: [{ find: /^dexie$/, replacement: "dexie/dist/modern/dexie.mjs" }] },
  plugins: [
    withoutJsonSchema(),
    withStart(),
    inLanguage(language, inUs),
    // Static stretches are no one string of markup: their phrases are found in them, and it is less to load.
    vue({ template: { compilerOptions: { hoistStatic: false } } }),
    components({
      dts: "components.d.ts",
      dirs: [],
      resolvers: [ElementPlusResolver({ importStyle: process.env.VITEST ? false : "css" })],
    }),
    VitePWA({
      // A new version is offered and taken when the cook says so.
      registerType: "prompt",
      injectRegister: null,
      workbox: {
        globPatterns: ["**/*.{js,css,html,svg,woff2}"],
        navigateFallbackDenylist: [/^\/api\//, /^\/healthz$/],
      },
      manifest: {
        name: "Kettlos",
        short_name: "Kettlos",
        description: language(DESCRIPTION) ?? DESCRIPTION,
        theme_color: "#15366F",
        background_color: "#F3F6F5",
        display: "standalone",
        id: "/",
        icons: [
          { src: "/icon.svg", sizes: "any", type: "image/svg+xml", purpose: "any" },
          // Cut round or square by the device: what is drawn keeps away from its edges.
          { src: "/icon-maskable.svg", sizes: "any", type: "image/svg+xml", purpose: "maskable" },
        ],
        shortcuts: SHORTCUTS.map(([name, url]) => ({ name: language(name) ?? name, url })),
        // A recipe shared from elsewhere is read.
        share_target: {
          action: "/read",
          method: "GET",
          params: { title: "title", text: "text", url: "url" },
        },
      },
    }),
  ],
  worker: {
    plugins: () => [inLanguage(language, inUs)],
    rolldownOptions: { checks: { pluginTimings: false } },
  },
  build: {
    target: "es2023",
    // What reads that target preloads modules by itself.
    modulePreload: {
      polyfill: false,
      // What a screen imports its file says itself: asked for ahead by a link each, twenty of them took as long as its drawing.
      resolveDependencies: (_, dependencies) =>
        dependencies.filter((dependency) => dependency.endsWith(".css")),
    },
    chunkSizeWarningLimit: 800,
    rolldownOptions: {
      // Every module is read once more in another language: no news.
      checks: { pluginTimings: false },
      output: {
        postBanner: ({ name }) => (WHOLLY_USED.test(name) ? WHOLLY : ""),
        // What the first screen needs, together: fifty files of it pack worse than one. It is read in in two tasks.
        codeSplitting: {
          groups: [
            { name: "first", tags: ["$initial"], priority: 9 },
            { name: reachedFrom("/src/start.ts", "start"), priority: 8 },
            // And what works pots and plans out, which is loaded as a whole too.
            { name: reachedFrom("/src/data/forecaster.ts", "forecasting"), priority: 7 },
            { name: lists, priority: 6.5 },
            ...fromChecks.map((name, i) => ({ name, priority: 6 - i / 12 })),
            ...late.map((name, i) => ({ name, priority: 5 - i / 10 })),
            ...FITTINGS.map((name, i) => ({ name, priority: 4.7 - i / 20 })),
            // After those: whatever its modules import goes with them.
            { name: checksLast, priority: 4.5 },
            // What else screens share comes in two files by how many share it, so that a screen asks for a dozen and not a hundred.
            { name: shared("many"), minShareCount: 7, priority: 3 },
            { name: shared("some"), minShareCount: 3, priority: 2 },
          ],
        },
      },
    },
  },
});
