import { fileURLToPath } from "node:url";
import { defineConfig } from "vitest/config";

export default defineConfig({
  test: {
    projects: [
      {
        test: {
          name: "core",
          root: "core",
          include: ["src/**/*.test.ts", "test/**/*.test.ts"],
        },
      },
      {
        test: { name: "server", root: "server", include: ["src/**/*.test.ts"] },
      },
      {
        extends: "./web/vite.config.ts",
        test: {
          name: "web",
          root: "web",
          environment: "happy-dom",
          include: ["src/**/*.test.ts"],
          setupFiles: [fileURLToPath(new URL("./web/test/setup.ts", import.meta.url))],
        },
      },
    ],
  },
});
