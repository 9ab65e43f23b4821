import { defineConfig } from "@playwright/test";
import { CHROMIUM_ARGS, CHROMIUM_PATH } from "../scripts/browser";

const PORT = Number(process.env["E2E_PORT"] ?? 5187);
const report = process.env["E2E_REPORT"];

export default defineConfig({
  testDir: ".",
  timeout: 150_000,
  // Two workers share two cores with the server and the pages' own workers.
  expect: { timeout: 20_000 },
  workers: 2,
  forbidOnly: process.env["CI"] !== undefined,
  reporter: report === undefined ? "list" : [["line"], ["json", { outputFile: report }]],
  outputDir: "test-results",
  use: {
    actionTimeout: 20_000,
    baseURL: `http://localhost:${PORT}`,
    viewport: { width: 1280, height: 800 },
    timezoneId: "Europe/Vienna",
    locale: "en-GB",
    reducedMotion: "reduce",
    trace: "retain-on-failure",
    launchOptions: { executablePath: CHROMIUM_PATH, args: CHROMIUM_ARGS },
  },
  webServer: {
    command: "node --import tsx ../server/src/main.ts",
    url: `http://localhost:${PORT}/healthz`,
    env: { PORT: String(PORT) },
    reuseExistingServer: false,
  },
});
