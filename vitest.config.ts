import { fileURLToPath } from "node:url";
import { defineConfig } from "vitest/config";

/** A machine with both cores busy takes several times as long. */
const testTimeout = 300_000;

/** Tests that store, stand in for modules or hold the clock: each has a browser of its own. */
const APART = [
  "src/data/**/*.test.ts",
  "src/find/find.test.ts",
  "src/places/cook/{cook-place,use-cook-actions}.test.ts",
  "src/places/crossover/crossover-store.test.ts",
  "src/places/kitchen/{container-editor,cookers,hands-panel}.test.ts",
  "src/places/larder/larder-screen.test.ts",
  "src/places/plan/{keep-parts,plan-store,use-turns}.test.ts",
  "src/places/plan/pot/{water-editor,work-back}.test.ts",
  "src/places/strain/after-sieve.test.ts",
];
const web = {
  root: "web",
  environment: "happy-dom",
  setupFiles: [fileURLToPath(new URL("./web/test/setup.ts", import.meta.url))],
  testTimeout,
  hookTimeout: testTimeout,
};

export default defineConfig({
  test: {
    projects: [
      {
        test: {
          name: "core",
          root: "core",
          // Pure functions leave nothing behind: each module is read once for all files.
          isolate: false,
          include: ["src/**/*.test.ts", "test/**/*.test.ts"],
          setupFiles: [fileURLToPath(new URL("./core/test/setup.ts", import.meta.url))],
          testTimeout,
          hookTimeout: testTimeout,
        },
      },
      {
        test: {
          name: "server",
          root: "server",
          isolate: false,
          include: ["src/**/*.test.ts"],
          testTimeout,
          hookTimeout: testTimeout,
        },
      },
      {
        test: {
          name: "language",
          root: "web",
          isolate: false,
          include: ["language/**/*.test.ts"],
          testTimeout,
          hookTimeout: testTimeout,
        },
      },
      {
        extends: "./web/vite.config.ts",
        test: {
          ...web,
          name: "web",
          isolate: false,
          include: ["src/**/*.test.ts"],
          exclude: APART,
        },
      },
      {
        extends: "./web/vite.config.ts",
        test: { ...web, name: "web apart", include: APART },
      },
    ],
  },
});
