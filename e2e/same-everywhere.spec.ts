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

test("a pot comes to the same in Node and in Chromium, to the last digit", async ({ page }) => {
  test.slow();
  const code = await program();
  const ask = `${code}; pots.courses(${POTS}, ${SEED})`;
  const inNode = String(runInNewContext(ask)).split("\n");
  await page.goto("about:blank");
  const inChromium = String(await page.evaluate(ask)).split("\n");
  expect(inNode).toHaveLength(POTS);
  // Most of them are pots that can be cooked.
  expect(inNode.filter((line) => line.startsWith("{")).length).toBeGreaterThan(POTS * 0.8);
  const other = inNode.flatMap((line, i) => (line === inChromium[i] ? [] : [i]));
  expect(other).toEqual([]);
});
