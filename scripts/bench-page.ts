// What a general audit of pages says of three screens with the sample kitchen, on a phone and on a desk.
import { chromium } from "@playwright/test";
import lighthouse, { desktopConfig } from "lighthouse";
import { mkdtempSync, rmSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { CHROMIUM_ARGS, CHROMIUM_PATH, withApplication } from "./browser";
import { quantile, tell } from "./bench-report";

const PORT = 9333;
/** Of each the middle one counts. */
const RUNS = 3;
const WORKED_OUT_MS = 15_000;
const SCREENS = [
  ["Bench", "/bench"],
  ["Plan", "/plan/plan-lamb"],
  ["Cook", "/cook/on-fire"],
] as const;
const FORMS = [
  { name: "on a phone", config: undefined, leastScore: 92, mostLcpMs: 2000 },
  { name: "on a desk", config: desktopConfig, leastScore: 98, mostLcpMs: null },
] as const;
const MOST_SHIFT = 0.02;

interface Audited {
  readonly score: number;
  readonly lcpMs: number;
  readonly shift: number;
  readonly blockedMs: number;
  /** How fast the audit finds this machine, by work of its own, whatever the page does. */
  readonly pace: number;
}

async function audited(url: string, config: (typeof FORMS)[number]["config"]): Promise<Audited> {
  const result = await lighthouse(
    url,
    // The kitchen that lies in the browser is to be there.
    { port: PORT, onlyCategories: ["performance"], disableStorageReset: true, logLevel: "error" },
    config,
  );
  const report = result?.lhr;
  const figure = (id: string) => report?.audits[id]?.numericValue ?? NaN;
  return {
    score: 100 * (report?.categories["performance"]?.score ?? NaN),
    lcpMs: figure("largest-contentful-paint"),
    shift: figure("cumulative-layout-shift"),
    blockedMs: figure("total-blocking-time"),
    pace: report?.environment.benchmarkIndex ?? NaN,
  };
}

/** Now and then an audit sees nothing painted and gives no score: that says nothing of the page, and it is done again. */
const MOST_TRIES = 3;
async function auditedWhole(...of: Parameters<typeof audited>): Promise<Audited> {
  for (let tries = 1; ; tries++) {
    const found = await audited(...of);
    if (!Number.isNaN(found.score) || tries === MOST_TRIES) return found;
  }
}

/** Puts what was found among the figures. */
export const benchPages = (): Promise<void> =>
  withApplication(async (_, url) => {
    const folder = mkdtempSync(join(tmpdir(), "kettlos-page-"));
    const context = await chromium.launchPersistentContext(folder, {
      executablePath: CHROMIUM_PATH,
      args: [...CHROMIUM_ARGS, `--remote-debugging-port=${PORT}`],
    });
    try {
      const page = await context.newPage();
      await page.goto(url);
      await page.getByRole("button", { name: "Open the sample kitchen" }).click();
      await page.getByRole("heading", { name: "On the fire" }).waitFor();
      // What is worked out beside is done, and no second page of it goes on meanwhile.
      await page.waitForTimeout(WORKED_OUT_MS);
      await page.goto("about:blank");
      const paces: number[] = [];
      for (const { name, config, leastScore, mostLcpMs } of FORMS)
        for (const [screen, path] of SCREENS) {
          const runs: Audited[] = [];
          for (let i = 0; i < RUNS; i++) runs.push(await auditedWhole(`${url}${path}`, config));
          paces.push(...runs.map((r) => r.pace));
          const middle = (of: (run: Audited) => number) => quantile(runs.map(of), 0.5);
          const judged = (what: string, value: string, limit: string, isKept: boolean) =>
            tell({
              name: `${screen} ${name}: ${what}`,
              p50: value,
              p95: "",
              limit,
              verdict: isKept ? "kept" : "BROKEN",
            });
          const score = middle((r) => r.score);
          judged("performance", score.toFixed(0), `at least ${leastScore}`, score >= leastScore);
          const shift = middle((r) => r.shift);
          judged("layout shift", shift.toFixed(3), `${MOST_SHIFT}`, shift <= MOST_SHIFT);
          const lcpMs = middle((r) => r.lcpMs);
          if (mostLcpMs !== null)
            judged(
              `largest paint (blocked ${middle((r) => r.blockedMs).toFixed(0)} ms)`,
              `${lcpMs.toFixed(0)} ms`,
              `${mostLcpMs} ms`,
              lcpMs <= mostLcpMs,
            );
        }
      tell({
        name: "how fast the audit itself finds this machine",
        p50: quantile(paces, 0.5).toFixed(0),
        p95: "",
        limit: "",
        verdict: "",
      });
    } finally {
      await context.close();
      rmSync(folder, { recursive: true, force: true });
    }
  });
