import vue from "@vitejs/plugin-vue";
import { ElementPlusResolver } from "unplugin-vue-components/resolvers";
import components from "unplugin-vue-components/vite";
import { readFileSync } from "node:fs";
import { defineConfig, type Plugin } from "vite";
import { VitePWA } from "vite-plugin-pwa";

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

export default defineConfig({
  // Its build for browsers that have promises of their own; the one it gives by itself brings them along.
  resolve: { alias: [{ find: /^dexie$/, replacement: "dexie/dist/modern/dexie.mjs" }] },
  plugins: [
    withoutJsonSchema(),
    vue(),
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
        description: "Plans a long simmer and follows one pot from bones to strained litres.",
        theme_color: "#15366F",
        background_color: "#F3F6F5",
        display: "standalone",
        icons: [{ src: "/icon.svg", sizes: "any", type: "image/svg+xml", purpose: "any" }],
      },
    }),
  ],
  build: {
    target: "es2023",
    // What reads that target preloads modules by itself.
    modulePreload: { polyfill: false },
    chunkSizeWarningLimit: 800,
    rolldownOptions: {
      output: {
        // What the first screen needs, together: fifty files of it pack worse than one.
        codeSplitting: { groups: [{ name: "first", tags: ["$initial"] }] },
      },
    },
  },
});
