import { defineConfig } from "@playwright/test";
import { CHROMIUM_ARGS, CHROMIUM_PATH } from "../scripts/browser";

const PORT = Number(process.env["E2E_PORT"] ?? 5187);
const report = process.env["E2E_REPORT"];

const LONG = ["live-pot.spec.ts", "killed.spec.ts", "accessibility.spec.ts", "larder.spec.ts"];

export default defineConfig({
  testDir: ".",
  timeout: 240_000,
  // Two workers share two cores with the server and the pages' own workers; a machine that has other
  // things to do may stand still for half a minute, and nothing is wrong with the journey then.
  expect: { timeout: 45_000 },
  workers: 2,
  fullyParallel: true,
  // The longest first, so that neither core waits for one of them at the end.
  projects: [
    { name: "long", testMatch: LONG },
    { name: "rest", testIgnore: LONG },
  ],
  forbidOnly: process.env["CI"] !== undefined,
  reporter: report === undefined ? "list" : [["line"], ["json", { outputFile: report }]],
  outputDir: "test-results",
  use: {
    actionTimeout: 45_000,
    baseURL: `http://localhost:${PORT}`,
    viewport: { width: 1280, height: 800 },
    timezoneId: "Europe/Vienna",
    locale: "en-GB",
    reducedMotion: "reduce",
    // A worker that fetches and keeps everything anew for each journey; the one about it lets it.
    serviceWorkers: "block",
    screenshot: "only-on-failure",
    // Recording every journey takes a quarter of its time: asked for when one is looked into.
    trace: process.env["E2E_TRACE"] === undefined ? "off" : "retain-on-failure",
    launchOptions: { executablePath: CHROMIUM_PATH, args: CHROMIUM_ARGS },
  },
  webServer: {
    command: "node --import tsx ../server/src/main.ts",
    url: `http://localhost:${PORT}/healthz`,
    env: { PORT: String(PORT), KETTLOS_NAMES: "kettlos.test" },
    reuseExistingServer: false,
  },
});
