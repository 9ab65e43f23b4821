import { expect, test, type Page } from "@playwright/test";
import { fill, openSample, putIn, sentence, storedEvents } from "./kitchens";

/** What is written beside a stew's own kind, so that fourteen things lie on the counter. */
const MORE = [
  "300 g celeriac",
  "200 g swede",
  "150 g leek",
  "6 g salt",
  "200 g peas",
  "10 g thyme",
];

interface Stored {
  readonly id: string;
  readonly kind: string;
  readonly atMs: number;
  readonly source?: string;
  readonly where?: string;
  readonly reading?: { readonly form: string };
}
const log = async (page: Page) => (await storedEvents(page)) as unknown as readonly Stored[];
/** The newest pot's own events, in the order of writing. */
const ofPot = (events: readonly Stored[], batchId: string) =>
  events.filter((e) => (e as unknown as { batchId: string }).batchId === batchId);
const byHand = (events: readonly Stored[]) => events.filter((e) => e.source !== "instrument");

const speed = (page: Page, label: string, timeout?: number) =>
  page
    .getByRole("group", { name: "Speed of the clock" })
    .getByText(label, { exact: true })
    .click(timeout === undefined ? {} : { timeout });
const title = (page: Page) => page.getByRole("main").getByRole("heading", { level: 1 });
/** Twenty minutes overdue, or hours. */
const OVER_20_MIN = /^\+(?:[2-9]\d:\d\d|\d+:\d\d:\d\d)$/;
/** Done in a row, whatever is asked for, until this stands as the next thing to do. */
async function pressUntil(page: Page, wanted: RegExp): Promise<void> {
  await expect(async () => {
    const now = await title(page).innerText();
    if (wanted.test(now)) return;
    // What is still on the counter is asked about: all of it is left out.
    const asked = page.getByRole("dialog", { name: "Still on the counter" });
    if (await asked.isVisible()) {
      const leave = asked.getByRole("button", { name: /^Leave (it|all of it) out$/ }).last();
      if (await leave.isVisible()) await leave.click();
      await asked.getByRole("button", { name: "Off the heat" }).click({ timeout: 5000 });
      throw new Error("asked what is on the counter");
    }
    await page.locator("#main").focus();
    if (/Read the level|Try it/.test(now)) await page.keyboard.press("Escape");
    else await page.keyboard.press("Space");
    throw new Error(`still ${now}`);
  }).toPass({ timeout: 60_000, intervals: [300] });
}

test("a staged stew of fourteen, live with instruments at 600×: late, forgotten, lost, reloaded, in two tabs, to the log", async ({
  context,
  page,
}) => {
  test.setTimeout(600_000);
  await openSample(page);
  await page.goto("/new");
  await page.getByRole("button", { name: /^Stew/ }).click();
  await expect(sentence(page)).toContainText("beef chuck");
  for (const line of MORE) await putIn(page, line);
  await page.getByRole("button", { name: /Practise it first/ }).click();
  await expect(title(page)).toHaveText("Into the pot");
  const batchId = page.url().split("/").at(-1) ?? "";
  await speed(page, "hold");
  const counter = page.locator("section.left > ul").first();
  // All that lies there but the water.
  const staged = await counter.getByRole("button", { name: /^(?!The water).* is in now$/ }).count();
  expect(staged).toBeGreaterThanOrEqual(14);
  await fill(page);
  await expect(title(page)).toHaveText("Light the ring");
  const strip = page.getByRole("button", { name: "Instruments" });
  await expect(strip).toContainText("connected");

  // Lit, and nobody says that it simmers until long after: the rest moves, and the screen says how.
  await page.locator("#main").focus();
  await page.keyboard.press("Space");
  await expect(title(page)).toHaveText("It simmers");
  await expect(page.locator(".moved")).toContainText(/Ready at .*, as planned/);
  await speed(page, "600×");
  await expect(page.locator(".next.late .count")).toHaveText(OVER_20_MIN, { timeout: 60_000 });
  await speed(page, "hold");
  await page.reload();
  await expect(page.locator(".next.late .count")).toHaveText(OVER_20_MIN);
  await page.locator("#main").focus();
  await page.keyboard.press("Space");
  await expect(page.locator(".moved")).toContainText(/Ready at .* instead of .* later/);

  // Something on the counter comes due, is passed by, and calls ever louder until it is in.
  await speed(page, "600×");
  const forgotten = counter.locator("li.forgotten");
  await expect(forgotten.first()).toBeVisible({ timeout: 60_000 });
  await speed(page, "hold");
  await expect(forgotten.first()).toContainText("forgotten");
  const before = await counter.locator("button.tap").count();
  const inPot = async () =>
    ofPot(await log(page), batchId).filter((e) => e.kind === "added").length;
  const inBefore = await inPot();
  // The tab is gone the moment the tap is made: either it is stored and in the pot, or it is neither.
  void forgotten
    .first()
    .getByRole("button", { name: /is in now/ })
    .click();
  await page.reload();
  await expect(strip).toContainText("connected");
  const added = (await inPot()) - inBefore;
  await expect(counter.locator("button.tap")).toHaveCount(before - added);
  if (added === 0)
    await forgotten
      .first()
      .getByRole("button", { name: /is in now/ })
      .click();
  await expect(counter.locator("button.tap")).toHaveCount(before - 1);

  // The link is lost: it is said, the cook goes on by hand, and the instruments come back.
  await strip.click();
  await page.getByRole("button", { name: "Let them fall silent for 30 s" }).click();
  await page.keyboard.press("Escape");
  await expect(strip).toContainText("quiet just now");
  await expect(strip).toContainText("lost: read by hand", { timeout: 30_000 });
  await page.getByRole("button", { name: "Dip a stick" }).click();
  await expect(page.getByText(/Level read, .* deep/)).toBeVisible();
  await expect(strip).toContainText("connected", { timeout: 30_000 });

  // A second tab: each sees what the other did, and only one keeps what the instruments say.
  const other = await context.newPage();
  await other.goto(page.url());
  await expect(title(other)).toHaveText(await title(page).innerText());
  await other.locator("section.left button.tap").first().click();
  await expect(counter.locator("button.tap")).toHaveCount(before - 2);
  await speed(page, "600×");
  await page.waitForTimeout(3000);
  await page.reload();
  await expect(strip).toContainText("connected");

  // To the end; what still lies on the counter does not pass in silence.
  await expect(title(page)).toBeVisible();
  await speed(page, "hold");
  const left = await counter.locator("button.tap").count();
  expect(left).toBeGreaterThan(0);
  await speed(page, "600×");
  // The clock runs on while everything that is asked for is done.
  await pressUntil(page, /Take it off the heat|Serve it/);
  const dialog = page.getByRole("dialog", { name: "Still on the counter" });
  // At 600× it may have come off, or be at the table, with the last key; or be asked about what still lies there.
  const isAtTable = () => page.getByRole("button", { name: "Write that down" }).isVisible();
  await expect(async () => {
    if (!(await dialog.isVisible()) && !(await isAtTable())) await speed(page, "hold", 3000);
  }).toPass();
  if (!(await dialog.isVisible()) && /Take it off/.test(await title(page).innerText())) {
    await page.locator("#main").focus();
    await page.keyboard.press("Space");
  }
  await expect(async () => {
    const isAsked = await dialog.isVisible();
    expect(isAsked || !/Take it off/.test(await title(page).innerText())).toBe(true);
  }).toPass();
  if (await dialog.isVisible()) {
    await dialog.getByRole("button", { name: "Put it in" }).first().click();
    if (await dialog.getByRole("button", { name: "Leave all of it out" }).isVisible())
      await dialog.getByRole("button", { name: "Leave all of it out" }).click();
    await dialog.getByRole("button", { name: "Off the heat" }).click();
  }
  await pressUntil(page, /Serve it/);
  if (!(await isAtTable())) {
    await page.locator("#main").focus();
    await page.keyboard.press("Space");
  }
  await page.getByRole("button", { name: "Write that down" }).click();
  await page.getByRole("button", { name: "Keep what was served" }).click();
  await expect(page.getByRole("region", { name: "How it was cooked" })).toContainText(/of 100/);
  await page.getByRole("button", { name: "Into the logbook" }).click();
  await expect(page.getByRole("heading", { name: "Planned against got" })).toBeVisible();

  // The log is whole: once each, in order, the same from either tab and in the course it tells.
  const mine = ofPot(await log(page), batchId);
  expect(ofPot(await log(other), batchId)).toEqual(mine);
  expect(new Set(mine.map((e) => e.id)).size).toBe(mine.length);
  const kinds = byHand(mine).map((e) => e.kind);
  expect(kinds.filter((k) => k !== "added" && k !== "waterIn").slice(0, 2)).toEqual([
    "lit",
    "simmers",
  ]);
  expect(kinds).toContain("offHeat");
  expect(kinds.slice(-2)).toEqual(["strained", "finished"]);
  // Everything that lay on the counter went in once, or was left out by name.
  expect(kinds.filter((kind) => kind === "added" || kind === "leftOut")).toHaveLength(staged);
  const taken = mine.filter((e) => e.source === "instrument");
  expect(taken.length).toBeGreaterThan(5);
  const keys = taken.map((e) => `${e.atMs}|${e.kind}|${e.where ?? e.reading?.form ?? ""}`);
  expect(new Set(keys).size).toBe(keys.length);
  await other.goto(page.url());
  const told = (p: Page) => p.locator("ol.events").innerText();
  await expect(other.locator("ol.events li")).toHaveCount(byHand(mine).length);
  expect(await told(other)).toBe(await told(page));
});
