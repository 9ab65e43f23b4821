import { readFileSync } from "node:fs";
import { expect, test, type Page } from "@playwright/test";
import { violations } from "./axe";
import { forward, openSample, stockThroughSieve, storedEvents } from "./kitchens";

const EVENING = new Date("2026-03-18T20:14:00+01:00");

test.beforeEach(async ({ page }) => {
  await page.clock.install({ time: EVENING });
});

async function readAt(page: Page, degrees: string): Promise<void> {
  await page.getByLabel("In the middle it is at").fill(degrees);
  await page.getByLabel("In the middle it is at").press("Enter");
  // The clock is put forward only once it is kept.
  await expect(page.getByLabel("Readings").getByText(degrees.replace(",", "."))).not.toHaveCount(0);
}

/** The stock that is on the fire, through the sieve, to where it is chilled. */
async function strained(page: Page): Promise<void> {
  await openSample(page);
  await stockThroughSieve(page);
  await page.getByRole("link", { name: /Chill it/ }).click();
  await page.waitForURL(/\/chill\//);
}

/** The whole pot, into the fridge. */
async function asItIs(page: Page): Promise<void> {
  await page.getByLabel("It stands in").selectOption({ label: "Tall pot" });
  await page.getByLabel("First").selectOption({ label: "fridge" });
}

test("from the sieve to cold: a way that fails, one that passes, readings, the record", async ({
  page,
}) => {
  await strained(page);
  // What stands there first is fast enough; the pot as it is, into the fridge, is not, and that is said.
  await expect(page.getByRole("heading", { name: "This way it is cold in time" })).toBeVisible();
  await expect(
    page.getByText("As it is, in the tall pot into the fridge, it is too slow."),
  ).toBeVisible();
  await asItIs(page);
  await expect(page.getByRole("heading", { name: "This way it is too slow" })).toBeVisible();
  await expect(page.getByRole("img", { name: /21 °C too late/ })).toBeVisible();
  expect(await violations(page)).toEqual([]);
  await page.locator("button.best").click();
  await expect(page.getByRole("heading", { name: "This way it is cold in time" })).toBeVisible();
  await page.getByRole("button", { name: "It is done so, from now" }).click();
  await expect(page.getByText("not begun").first()).toBeVisible();
  await forward(page, 20);
  await readAt(page, "50");
  await expect(page.getByText(/in time so far, 1 h \d+ left/)).toBeVisible();
  expect(await violations(page)).toEqual([]);
  await page.reload();
  await expect(page.getByText(/in time so far, 1 h \d+ left/)).toBeVisible();
  await forward(page, 50);
  await readAt(page, "19");
  await expect(page.getByText(/met · there at/)).toHaveCount(1);
  const cold = page.getByRole("button", { name: "It is cold through" });
  await expect(cold).toBeDisabled();
  await forward(page, 150);
  await readAt(page, "4,5");
  await expect(page.getByText("Cold in time, by every gate.")).toBeVisible();
  await cold.click();
  // Cold through, it is put away next; how it was chilled stays where it was.
  await expect(page.getByRole("heading", { name: /to portion/ })).toBeVisible();
  await page.getByRole("link", { name: /Chill$/ }).click();
  const downloading = page.waitForEvent("download");
  await page.getByRole("button", { name: "Record to a file" }).click();
  const record = readFileSync(await (await downloading).path(), "utf8");
  expect(record).toContain("Pork trotter stock");
  expect(record.match(/^reading,/gm)).toHaveLength(3);
  expect(record.match(/^gate,.*,met,/gm)).toHaveLength(2);
  const kinds = (await storedEvents(page)).slice(-6).map((e) => e.kind);
  expect(kinds).toEqual([
    "strained",
    "chillBegun",
    "chillRead",
    "chillRead",
    "chillRead",
    "chilled",
  ]);
});

test("a missed gate says what the code requires, and a reheated pot starts over once it may", async ({
  page,
}) => {
  await strained(page);
  await asItIs(page);
  await page.getByRole("button", { name: "It is done so, from now" }).click();
  await forward(page, 30);
  await readAt(page, "56");
  await forward(page, 130);
  await readAt(page, "31");
  await expect(page.getByRole("alert")).toContainText("a gate was missed");
  await expect(page.getByRole("alert")).toContainText("74 °C");
  await expect(page.getByRole("alert")).toContainText("US model food code");
  await page.getByRole("button", { name: /start over from now/ }).click();
  await expect(page.getByRole("alert")).toBeHidden();
  await expect(page.getByText("not begun").first()).toBeVisible();
  // It may be made hot again once; missed a second time, it is thrown away.
  await forward(page, 30);
  await readAt(page, "56");
  await forward(page, 130);
  await readAt(page, "31");
  await expect(page.getByRole("alert")).toContainText(
    "Throw it away, however it smells or tastes.",
  );
  await expect(page.getByRole("alert")).toContainText("reheated once already");
  await expect(page.getByRole("button", { name: /start over/ })).toHaveCount(0);
});
