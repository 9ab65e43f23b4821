// Measures how soon each place stands with thousands of pots in the log.
import { writeKettlosFile } from "@kettlos/core/formats/kettlos-json";
import type { Browser, BrowserContext, Page } from "@playwright/test";
import { mkdtempSync, rmSync, writeFileSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { withApplication } from "./browser";
import { manyPots } from "./many-pots";

const READINGS_EACH = 110;
const RUNS = 9;
const SETTLES_MS = 20_000;
/** First rows after the place's own code is there, and no task of the main thread longer, ms. */
const LIMIT_MS = 200;

/** Each place with what shows that its first rows stand. */
const PLACES: readonly (readonly [name: string, path: string, row: string])[] = [
  ["Bench", "/bench", "ul.results figure"],
  ["Logbook", "/logbook", "main li figure"],
  ["Trends", "/trends", "main table tbody tr"],
  ["One dish", "/dish/Lamb%20neck%20broth", "main svg"],
  ["Taught", "/taught", "main h2"],
  ["Larder", "/larder", "main li"],
];

/** As text, so that the page gets it just as it stands here. */
const watchFor = (row: string) => `
  window.stood_ = null;
  window.long_ = [];
  new PerformanceObserver((list) => {
    for (const entry of list.getEntries()) window.long_.push(entry.duration);
  }).observe({ type: "longtask", buffered: true });
  requestAnimationFrame(function look() {
    if (document.querySelector(${JSON.stringify(row)}) !== null) window.stood_ = performance.now();
    else requestAnimationFrame(look);
  });
`;
interface Stood {
  readonly ms: number;
  readonly afterCodeMs: number;
  readonly longestMs: number;
}
async function standing(context: BrowserContext, url: string, row: string): Promise<Stood> {
  const page = await context.newPage();
  await page.addInitScript(watchFor(row));
  await page.goto(url);
  while ((await page.evaluate("window.stood_")) === null) await page.waitForTimeout(20);
  const stood = await page.evaluate<Stood>(`(() => {
    const code = performance.getEntriesByType("resource")
      .filter((e) => e.name.endsWith(".js") && e.responseEnd < window.stood_)
      .map((e) => e.responseEnd);
    return {
      ms: window.stood_,
      afterCodeMs: window.stood_ - Math.max(0, ...code),
      longestMs: Math.max(0, ...window.long_),
    };
  })()`);
  await page.close();
  return stood;
}

const median = (values: readonly number[]) =>
  values.toSorted((a, b) => a - b)[Math.floor(values.length / 2)] ?? NaN;
const held = (ms: number) => ` limit ${LIMIT_MS}: ${ms <= LIMIT_MS ? "kept" : "BROKEN"}`;

const isWorkedOut = (pots: number) => `new Promise((resolve) => {
  const opening = indexedDB.open("kettlos");
  opening.onsuccess = () => {
    const all = opening.result.transaction(["shelved", "learned"]);
    const shelved = all.objectStore("shelved").count();
    const learned = all.objectStore("learned").getAll();
    all.oncomplete = () => {
      opening.result.close();
      resolve(shelved.result >= ${pots} && learned.result.every((l) => l.basis !== ""));
    };
  };
})`;

/** Takes the log in, and waits until all of it is worked out. */
async function takeIn(page: Page, url: string, path: string, pots: number): Promise<void> {
  await page.goto(`${url}/kitchen`);
  await page.locator("input[type=file][accept*=json]").setInputFiles(path);
  const from = performance.now();
  await page.getByRole("button", { name: "Added to what is here" }).click({ timeout: 300_000 });
  await page.getByText(/^Added .* batches/).waitFor({ timeout: 300_000 });
  console.log(
    `the log taken in${`${((performance.now() - from) / 1000).toFixed(1)} s`.padStart(49)}`,
  );
  while (!(await page.evaluate<boolean>(isWorkedOut(pots)))) await page.waitForTimeout(500);
  console.log(
    `and worked out${`${((performance.now() - from) / 1000).toFixed(1)} s`.padStart(51)}`,
  );
}

const medianOf = (runs: readonly Stood[], of: (run: Stood) => number): number =>
  median(runs.map(of));
async function measured(
  context: BrowserContext,
  url: string,
): Promise<readonly (readonly Stood[])[]> {
  const all: Stood[][] = [];
  for (const [, to, row] of PLACES) {
    const runs: Stood[] = [];
    for (let run = 0; run < RUNS; run++) runs.push(await standing(context, `${url}${to}`, row));
    all.push(runs);
  }
  return all;
}

/** How soon each place stands with the sample's few pots and with many, from its address and from when its code is there. */
async function benchPlaces(browser: Browser, url: string, pots: number): Promise<void> {
  const folder = mkdtempSync(join(tmpdir(), "kettlos-bench-"));
  const path = join(folder, "many.json");
  try {
    const file = manyPots(pots, READINGS_EACH, Date.now());
    console.log(`${file.batches.length} pots, ${file.events.length} entries`);
    writeFileSync(path, writeKettlosFile(file));
    const context = await browser.newContext({ viewport: { width: 1280, height: 800 } });
    const page = await context.newPage();
    await page.goto(url);
    await page.getByRole("button", { name: "Open the sample kitchen" }).click();
    await page.getByRole("heading", { name: "On the fire" }).waitFor();
    const few = await measured(context, url);
    await takeIn(page, url, path, pots);
    // The browser goes on putting its files in order for a while.
    await page.waitForTimeout(SETTLES_MS);
    await page.close();
    const many = await measured(context, url);
    PLACES.forEach(([name], i) => {
      const [before, now] = [few[i] ?? [], many[i] ?? []];
      const figure = (of: (run: Stood) => number) =>
        `${medianOf(now, of).toFixed(0).padStart(5)} ms (few pots ${medianOf(before, of).toFixed(0)})`;
      console.log(
        [
          `${name.padEnd(9)} first rows from its address${figure((r) => r.ms)}`,
          `after its code${figure((r) => r.afterCodeMs)}${held(medianOf(now, (r) => r.afterCodeMs))}`,
          `longest task${figure((r) => r.longestMs)}${held(medianOf(now, (r) => r.longestMs))}`,
        ].join("; "),
      );
    });
    await context.close();
  } finally {
    rmSync(folder, { recursive: true, force: true });
  }
}

/** Thousands of pots in the log: prints how soon each place stands. */
export const benchLog = (pots = 2000): Promise<void> =>
  withApplication((browser, url) => benchPlaces(browser, url, pots));
