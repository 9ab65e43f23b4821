import { expect, test } from "@playwright/test";
import { fileURLToPath } from "node:url";
import { runInNewContext } from "node:vm";
import { build, type Rolldown } from "vite";

const POTS = 120;
const SEED = 20;

/** One and the same program for both: only what runs it differs. */
async function program(): Promise<string> {
  const built = (await build({
    configFile: false,
    logLevel: "silent",
    build: {
      write: false,
      minify: false,
      lib: {
        entry: fileURLToPath(new URL("random-courses.ts", import.meta.url)),
        formats: ["iife"],
        name: "pots",
      },
    },
  })) as Rolldown.RolldownOutput[];
  return built[0]?.output[0].code ?? "";
}

/** The engines' own exponentials and logarithms differ in the last digit; nothing may make more of it. */
const CLOSE = 1e-9;
const isClose = (a: unknown, b: unknown): boolean => {
  if (typeof a === "number" && typeof b === "number")
    return Math.abs(a - b) <= CLOSE * Math.max(1e-3, Math.abs(a), Math.abs(b));
  if (typeof a !== "object" || typeof b !== "object" || a === null || b === null) return a === b;
  const keys = Object.keys(a);
  return (
    keys.length === Object.keys(b).length &&
    keys.every((key) => isClose(a[key as keyof typeof a], b[key as keyof typeof b]))
  );
};

test("a pot comes to the same in Node and in Chromium", async ({ page }) => {
  test.slow();
  const code = await program();
  const ask = `${code}; pots.courses(${POTS}, ${SEED})`;
  const inNode = String(runInNewContext(ask)).split("\n");
  await page.goto("about:blank");
  const inChromium = String(await page.evaluate(ask)).split("\n");
  expect(inNode).toHaveLength(POTS);
  const courseOf = (line: string): unknown => (line.startsWith("{") ? JSON.parse(line) : line);
  // Most of them are pots that can be cooked.
  expect(inNode.filter((line) => line.startsWith("{")).length).toBeGreaterThan(POTS * 0.8);
  const other = inNode.flatMap((line, i) =>
    isClose(courseOf(line), courseOf(inChromium[i] ?? "")) ? [] : [i],
  );
  expect(other).toEqual([]);
});
