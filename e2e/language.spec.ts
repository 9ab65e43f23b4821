import { expect, test, type Browser, type Page } from "@playwright/test";
import type { Server } from "node:http";
import { fileURLToPath } from "node:url";
import { createApp } from "../server/src/app";
import { listen } from "../server/src/listen";
import { forward, storedEvents } from "./kitchens";
import { clipped, unsaid } from "./unsaid";

/** The application in the tests' own language, which is longer and of which no letter is English. */
const DIST = fileURLToPath(new URL("../web/dist-pseudo", import.meta.url));
const WEDNESDAY_EVENING = new Date("2026-03-18T20:14:00+01:00");

let server: Server;
let url = "";
test.beforeAll(async () => {
  const listening = await listen(createApp(DIST), { host: "127.0.0.1", port: 0, usualPort: 0 });
  server = listening.server;
  url = `http://localhost:${listening.port}`;
});
test.afterAll(() => {
  server.close();
  server.closeAllConnections();
});

/** Where to look, and what opens there: selectors clicked one after the other, keys pressed. */
const PLACES: readonly {
  readonly path: string;
  readonly opens?: readonly string[];
  readonly keys?: string;
}[] = [
  { path: "/bench", keys: "?/" },
  {
    path: "/plan/plan-lamb",
    opens: [
      ".editable >> nth=0",
      ".editable >> nth=1",
      ".editable >> nth=2",
      ".editable >> nth=3",
      ".editable >> nth=4",
      ".rung",
      ".why",
      ".ways button",
      "aside .editable",
      ".panel > .choice label >> nth=1",
      ".panel > .choice label >> nth=2",
      ".panel > .choice label >> nth=3",
      ".panel > .choice label >> nth=4",
    ],
  },
  { path: "/plan/plan-gravy", opens: [".rung", ".stretches button"] },
  { path: "/plan/plan-braise", opens: [".rung"] },
  { path: "/new", keys: "?" },
  { path: "/words" },
  { path: "/read" },
  { path: "/shopping" },
  { path: "/crossover/plan-braise", opens: [".how .editable"] },
  { path: "/convert" },
  { path: "/clock", keys: "?" },
  { path: "/cook/on-fire", opens: [".why"], keys: "lchwtfpi?" },
  { path: "/strain/past-11" },
  { path: "/chill/past-11" },
  { path: "/portion/past-11" },
  { path: "/larder", opens: ["a.item"] },
  { path: "/labels" },
  { path: "/logbook" },
  { path: "/logbook/past-08" },
  { path: "/logbook/past-12" },
  { path: "/beside/past-01/past-08" },
  { path: "/taught" },
  { path: "/trends" },
  { path: "/kitchen", opens: ["ul button >> nth=0"] },
];

/** Opens every fold of the page, as if it had been read through. */
async function unfold(page: Page): Promise<void> {
  await page.clock.runFor(2500);
  await page.locator("main").waitFor();
  await page.evaluate(() => {
    for (const fold of document.querySelectorAll("details")) fold.open = true;
  });
}

interface Reader {
  readonly page: Page;
  /** Reads all that a page says now. */
  readonly look: (where: string) => Promise<void>;
  /** Goes there and reads it. */
  readonly visit: (path: string) => Promise<void>;
  /** What was not said in the language, or cut; each with where it was first seen. */
  readonly wrong: ReadonlyMap<string, string>;
  readonly close: () => Promise<void>;
}

/** Somebody who reads every letter: on the first visit, at a screen of so many pixels. */
async function readerOf(
  browser: Browser,
  viewport: { readonly width: number; readonly height: number },
): Promise<Reader> {
  const context = await browser.newContext({
    viewport,
    // Days and months by their own letters too: an English one would be seen.
    locale: "el-GR",
    timezoneId: "Europe/Vienna",
    reducedMotion: "reduce",
  });
  const page = await context.newPage();
  const wrong = new Map<string, string>();
  const isWrong = (what: string, where: string) => {
    if (!wrong.has(what)) wrong.set(what, where);
  };
  page.on("pageerror", (error) => isWrong(`error: ${error.message}`, page.url()));
  await page.clock.install({ time: WEDNESDAY_EVENING });
  const look = async (where: string) => {
    for (const text of await unsaid(page)) isWrong(`not said: ${text}`, where);
    for (const text of await clipped(page)) isWrong(`cut: ${text}`, where);
  };
  await page.goto(url);
  await page.locator("main button").first().waitFor();
  await look("first visit");
  const visit = async (path: string) => {
    await page.goto(`${url}${path}`);
    await unfold(page);
    await look(path);
  };
  return { page, look, visit, wrong, close: () => context.close() };
}

const PHONE = { width: 390, height: 844 };
for (const [name, viewport] of [
  ["a desk", { width: 1280, height: 800 }],
  ["a tablet", { width: 820, height: 1180 }],
  ["a phone", PHONE],
] as const)
  test(`in another language every place is said, and nothing is cut, on ${name}`, async ({
    browser,
  }) => {
    test.slow();
    const { page, look, visit, wrong, close } = await readerOf(browser, viewport);
    await page.locator("main button").first().click();
    await page.locator("footer li.pressing").waitFor();
    for (const { path, opens = [], keys = "" } of PLACES) {
      await visit(path);
      for (const selector of opens) {
        await page.locator("main").locator(selector).first().click({ timeout: 5000 });
        await unfold(page);
        await look(`${path} ${selector}`);
        await page.keyboard.press("Escape");
      }
      for (const key of keys) {
        await page.locator("body").press(key);
        await unfold(page);
        await look(`${path} ${key}`);
        await page.keyboard.press("Escape");
      }
    }
    expect(Object.fromEntries(wrong)).toEqual({});
    await close();
  });

test("in another language a kitchen with nothing in it yet says so everywhere", async ({
  browser,
}) => {
  test.slow();
  const { page, look, visit, wrong, close } = await readerOf(browser, PHONE);
  const sizes = page.locator(".forms button");
  for (const i of [0, 3, 7]) await sizes.nth(i).click();
  await page.locator("main .link").click();
  await page.locator(".kept button").first().click();
  await look("what stands in the kitchen");
  await page.locator("main button[type=submit]").click();
  await page.locator("nav a:visible").first().waitFor();
  for (const path of [
    ...["/bench", "/plan", "/crossover", "/convert", "/clock", "/cook", "/strain", "/chill"],
    ...[
      "/portion",
      "/larder",
      "/labels",
      "/logbook",
      "/taught",
      "/trends",
      "/shopping",
      "/kitchen",
    ],
    ...["/lessons", "/given"],
    ...["/plan/nowhere", "/cook/nowhere", "/logbook/nowhere", "/nowhere"],
  ])
    await visit(path);
  expect(Object.fromEntries(wrong)).toEqual({});
  await close();
});

test("in another language a pot is followed from the ring to the larder, and onto paper", async ({
  browser,
}) => {
  test.slow();
  const { page, look, visit, wrong, close } = await readerOf(browser, PHONE);
  await page.locator("main button").first().click();
  await page.locator("footer li.pressing").waitFor();
  await visit("/cook/on-fire");
  const events = async () => (await storedEvents(page)).length;
  /** Taps what the pot asks for, and reads what comes then. */
  const next = async () => {
    const before = await events();
    await page.locator(".next .done").click();
    await expect.poll(events).toBeGreaterThan(before);
    await page.clock.runFor(1500);
    await look(`/cook, after entry ${before}`);
  };
  await next();
  await forward(page, 130);
  await look("/cook, late");
  await next();
  await expect
    .poll(async () => new Set((await storedEvents(page)).map((e) => e.kind)).has("offHeat"))
    .toBe(true);
  await visit("/strain/on-fire");
  await page.locator(".fields input:not([type=radio])").first().fill("3,2");
  await page.locator(".fields button.primary").last().click();
  await expect
    .poll(async () =>
      (await storedEvents(page)).some((e) => e.kind === "strained" && e.batchId === "on-fire"),
    )
    .toBe(true);
  await unfold(page);
  await look("/strain, strained");
  await visit("/chill/on-fire");
  await page.locator(".chill button.primary").first().click();
  await forward(page, 20);
  await look("/chill, begun");
  await visit("/portion/on-fire");
  await page.locator("main button.primary").first().click();
  await unfold(page);
  await look("/portion, in jars");
  await visit("/larder");
  await visit("/logbook/on-fire");

  await page.setViewportSize({ width: 794, height: 1123 });
  await page.emulateMedia({ media: "print" });
  for (const path of ["/clock", "/plan/plan-lamb", "/logbook/past-08", "/labels", "/shopping"])
    await visit(path);
  expect(Object.fromEntries(wrong)).toEqual({});
  await close();
});
