// Measures how Kettlos grows with its log: 100, 1,000 and 10,000 pots; writes docs/growth.md.
import type { Browser, BrowserContext, CDPSession, Page } from "@playwright/test";
import { spawnSync } from "node:child_process";
import { mkdtempSync, rmSync, statSync, writeFileSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { fileURLToPath } from "node:url";
import { withApplication } from "./browser";
import { longestTaskWhile, type LongestTask } from "./longest-task";
import { writeManyPots } from "./many-pots";

const SIZES = [100, 1000, 10_000];
const RUNS = 5;
const SETTLES_MS = 15_000;
const MINUTES_MS = 60_000;

/** Each place with what shows that its first rows stand. */
const PLACES: readonly (readonly [name: string, path: string, row: string])[] = [
  ["Bench", "/bench", "ul.results figure"],
  ["Logbook", "/logbook", "main li figure"],
  ["Trends", "/trends", "main svg"],
  ["One dish", "/dish/Lamb%20neck%20broth", "main svg"],
  ["Taught", "/taught", "main h2"],
  ["Larder", "/larder", "main li"],
  ["Plan", "/plan/plan-lamb", "main [role=slider]"],
  ["Clock", "/clock", "main h1"],
  ["Shopping", "/shopping", "main h1"],
  ["Convert", "/convert", "main h1"],
  ["Kitchen", "/kitchen", "main h1"],
];

/** One figure at each size; the limit holds at the largest, and it may grow no worse than n·log n. */
interface Row {
  readonly name: string;
  readonly unit: "ms" | "s" | "MB";
  readonly limit: number | null;
  readonly values: number[];
}

/** As text, so that the page gets it just as it stands here. */
const watchFor = (row: string) => `
  window.stood_ = null;
  requestAnimationFrame(function look() {
    if (document.querySelector(${JSON.stringify(row)}) !== null) window.stood_ = performance.now();
    else requestAnimationFrame(look);
  });
`;
interface Stood {
  /** From the address on. */
  readonly stoodMs: number;
  /** From when the screen's own code was worked through. */
  readonly afterCodeMs: number;
  readonly longest: LongestTask;
}
async function standing(
  browser: Browser,
  context: BrowserContext,
  url: string,
  row: string,
): Promise<Stood> {
  const page = await context.newPage();
  await page.addInitScript(watchFor(row));
  const longest = await longestTaskWhile(browser, page, async () => {
    await page.goto(url);
    while ((await page.evaluate("window.stood_")) === null) await page.waitForTimeout(20);
    // What is read on after the first rows holds nobody up either.
    await page.waitForTimeout(1500);
  });
  const stoodMs = await page.evaluate<number>("window.stood_");
  const placedMs = await page.evaluate<number>(
    "performance.getEntriesByName('placed')[0].startTime",
  );
  await page.close();
  return { stoodMs, afterCodeMs: stoodMs - placedMs, longest };
}

const median = (values: readonly number[]) =>
  values.toSorted((a, b) => a - b)[Math.floor(values.length / 2)] ?? NaN;

const COUNTS = `new Promise((resolve) => {
  const opening = indexedDB.open("kettlos");
  opening.onsuccess = () => {
    const all = opening.result.transaction(["shelved", "learned"]);
    const unread = all.objectStore("shelved").index("unread").count();
    const shelved = all.objectStore("shelved").count();
    const learned = all.objectStore("learned").getAll();
    all.oncomplete = () => {
      opening.result.close();
      resolve({
        shelved: shelved.result,
        isWorkedOut: unread.result === 0 && learned.result.every((l) => !l.basis.startsWith("changed")),
      });
    };
  };
})`;

const longestSince = (page: Page) =>
  page.evaluate<number>("Math.max(0, ...window.long_.splice(0))");
const LISTEN = `
  window.long_ = [];
  new PerformanceObserver((list) => {
    for (const entry of list.getEntries()) window.long_.push(entry.duration);
  }).observe({ type: "longtask" });
`;

async function heapMB(session: CDPSession): Promise<number> {
  await session.send("HeapProfiler.collectGarbage");
  const { metrics } = await session.send("Performance.getMetrics");
  return (metrics.find((m) => m.name === "JSHeapUsedSize")?.value ?? NaN) / 1e6;
}

/** Reads the file in, and waits until all of it is worked out; how long each part took, and its longest task. */
async function takeIn(page: Page, url: string, path: string, pots: number) {
  await page.goto(`${url}/kitchen`);
  await page.evaluate(LISTEN);
  const file = page.locator("input[type=file][accept*=json]");
  await file.waitFor({ state: "attached" });
  let from = performance.now();
  const seconds = () => (performance.now() - from) / 1000;
  await file.setInputFiles(path);
  const add = page.getByRole("button", { name: "Added to what is here" });
  await add.waitFor({ timeout: 10 * MINUTES_MS });
  const readS = seconds();
  from = performance.now();
  await add.click();
  await page.getByText(/^Added .* batches/u).waitFor({ timeout: 10 * MINUTES_MS });
  const takenS = seconds();
  const longestMs = await longestSince(page);
  from = performance.now();
  const state = () => page.evaluate<{ shelved: number; isWorkedOut: boolean }>(COUNTS);
  for (let now = await state(); now.shelved < pots || !now.isWorkedOut; now = await state())
    await page.waitForTimeout(1000);
  return {
    readS,
    takenS,
    longestMs,
    workedOutS: seconds(),
    whileWorkedMs: await longestSince(page),
  };
}

/** From a letter typed in Find to what it finds, ms. */
async function findMs(page: Page, url: string): Promise<number> {
  await page.goto(`${url}/logbook`);
  await page
    .getByText(/\\d+ pots|\\d+ of/u)
    .first()
    .waitFor()
    .catch(() => undefined);
  await page.waitForTimeout(4000);
  await page.keyboard.press("/");
  const field = page.getByRole("combobox").or(page.getByRole("searchbox")).first();
  await field.waitFor();
  const times: number[] = [];
  for (const text of [
    "lamb",
    "braise 2025",
    "trotter",
    "gravy",
    "last march",
    "hare",
    "spelt",
    "beans",
    "chili",
  ]) {
    times.push(
      await field.evaluate(
        (input, said) =>
          new Promise<number>((resolve) => {
            const from = performance.now();
            (input as HTMLInputElement).value = said;
            input.dispatchEvent(new Event("input", { bubbles: true }));
            requestAnimationFrame(() => setTimeout(() => resolve(performance.now() - from), 0));
          }),
        text,
      ),
    );
  }
  return median(times);
}

/** Saves everything to a file and reads it back without taking it in. */
async function outAndBack(page: Page, url: string, folder: string) {
  await page.goto(`${url}/kitchen`);
  await page.evaluate(LISTEN);
  const from = performance.now();
  const coming = page.waitForEvent("download", { timeout: 10 * MINUTES_MS });
  await page.getByRole("button", { name: "Save it all to a file" }).click();
  const download = await coming;
  const path = join(folder, download.suggestedFilename());
  await download.saveAs(path);
  const writtenS = (performance.now() - from) / 1000;
  return { writtenS, fileMB: statSync(path).size / 1e6, longestMs: await longestSince(page) };
}

class Figures {
  readonly rows: Row[] = [];
  add(name: string, unit: Row["unit"], value: number, limit: number | null = null): void {
    const found = this.rows.find((r) => r.name === name);
    if (found !== undefined) found.values.push(value);
    else this.rows.push({ name, unit, limit, values: [value] });
    console.log(`${name.padEnd(48)} ${value.toFixed(unit === "s" ? 1 : 0)} ${unit}`);
  }
}

async function measure(
  browser: Browser,
  url: string,
  pots: number,
  figures: Figures,
): Promise<void> {
  const folder = mkdtempSync(join(tmpdir(), "kettlos-bench-"));
  const path = join(folder, "many.json");
  try {
    const entries = await writeManyPots(path, pots, Date.now());
    console.log(`\n${pots} pots, ${entries} entries, ${(statSync(path).size / 1e6).toFixed(0)} MB`);
    const context = await browser.newContext({ viewport: { width: 1280, height: 800 } });
    const page = await context.newPage();
    const session = await context.newCDPSession(page);
    await session.send("Performance.enable");
    await page.goto(url);
    await page.getByRole("button", { name: "Open the sample kitchen" }).click();
    await page.getByRole("heading", { name: "On the fire" }).waitFor();
    const taken = await takeIn(page, url, path, pots);
    figures.add("file read and checked", "s", taken.readS);
    figures.add("taken in after a yes", "s", taken.takenS);
    figures.add("longest task while it is read and taken in", "ms", taken.longestMs, 100);
    figures.add("all of it worked out, beside", "s", taken.workedOutS);
    figures.add("longest task meanwhile", "ms", taken.whileWorkedMs, 100);
    figures.add("heap after it", "MB", await heapMB(session), 150);
    // The browser goes on putting its files in order for a while.
    await page.waitForTimeout(Math.min(SETTLES_MS, 5 * pots));
    const out = await outAndBack(page, url, folder);
    figures.add("everything written to a file", "s", out.writtenS);
    figures.add("of this size", "MB", out.fileMB);
    figures.add("longest task while it is written", "ms", out.longestMs, 100);
    figures.add("search, from a letter to what it finds", "ms", await findMs(page, url), 50);
    figures.add("heap with the whole log read", "MB", await heapMB(session), 150);
    await page.close();
    for (const [name, to, row] of PLACES) {
      const runs: Stood[] = [];
      for (let run = 0; run < RUNS; run++)
        runs.push(await standing(browser, context, `${url}${to}`, row));
      figures.add(
        `${name}: first rows, from its address`,
        "ms",
        median(runs.map((r) => r.stoodMs)),
      );
      figures.add(
        `${name}: first rows after its code`,
        "ms",
        median(runs.map((r) => r.afterCodeMs)),
        150,
      );
      figures.add(
        `${name}: longest task, worked at`,
        "ms",
        median(runs.map((r) => r.longest.workedMs)),
        100,
      );
      figures.add(
        `${name}: longest task, by the wall`,
        "ms",
        median(runs.map((r) => r.longest.wallMs)),
        100,
      );
    }
    await context.close();
  } finally {
    rmSync(folder, { recursive: true, force: true });
  }
}

/** The worst a figure may grow by from one size to the next: n·log n. */
const mayGrow = (from: number, to: number) => (to * Math.log(to)) / (from * Math.log(from));

function line({ name, unit, limit, values }: Row, sizes: readonly number[]): string {
  const digits = unit === "s" ? 1 : 0;
  const grew = values.slice(1).map((v, i) => {
    const [from, to] = [sizes[i] ?? 1, sizes[i + 1] ?? 1];
    return v / Math.max(values[i] ?? v, unit === "s" ? 0.2 : 5) / mayGrow(from, to);
  });
  const last = values.at(-1) ?? NaN;
  const verdict = [
    limit === null ? "" : last <= limit ? "kept" : "BROKEN",
    grew.some((g) => g > 1) ? "GROWS WORSE" : "",
  ].filter((w) => w !== "");
  return `| ${name} | ${values.map((v) => `${v.toFixed(digits)} ${unit}`).join(" | ")} | ${limit === null ? "" : `${limit} ${unit}`} | ${verdict.join(", ")} |`;
}

/** Logs of growing length; writes the table. */
export async function benchGrowth(sizes: readonly number[] = SIZES): Promise<void> {
  const figures = new Figures();
  for (const pots of sizes)
    await withApplication((browser, url) => measure(browser, url, pots, figures));
  const lines = figures.rows.map((row) => line(row, sizes));
  console.log(lines.join("\n"));
  if (sizes !== SIZES) return;
  writeFileSync(
    fileURLToPath(new URL("../docs/growth.md", import.meta.url)),
    [
      "# How Kettlos grows with its log",
      "",
      "Written by `npm run bench -- --growth`: made-up finished pots, each with a hundred readings (a million in ten",
      "thousand), a fifth as many lots in the larder and a twentieth as many plans, read in as a file, then each place opened",
      "five times (the median). Limits are for the longest log; nothing may grow worse than n·log n. A task is measured as",
      "long as a processor worked at it, and by the clock on the wall: on a machine that others use too, that counts what it",
      "did for them meanwhile.",
      "",
      `| figure | ${sizes.map((n) => `${n.toLocaleString("en")} pots`).join(" | ")} | limit | |`,
      `| --- | ${sizes.map(() => "--:").join(" | ")} | --: | --- |`,
      ...lines,
      "",
    ].join("\n"),
  );
  spawnSync("npx", ["prettier", "--write", "--log-level", "warn", "docs/growth.md"]);
}
