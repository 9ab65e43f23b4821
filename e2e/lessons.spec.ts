import { expect, test, type Page } from "@playwright/test";
import { forward, openSample } from "./kitchens";

const MORNING = new Date("2026-03-18T09:14:00+01:00");
const LUKEWARM = "The slow cooker that stays lukewarm";

/** Practice pots run sixty times as fast: so many minutes of the pot. */
const potMinutes = (page: Page, minutes: number) => forward(page, minutes / 60);
const lesson = (page: Page, title: string) =>
  page.getByRole("listitem").filter({ has: page.getByRole("heading", { name: title }) });
const bar = (page: Page) => page.getByRole("region", { name: "Practice" });

async function switchOn(page: Page): Promise<void> {
  await page.goto("/lessons");
  await lesson(page, LUKEWARM).getByRole("button").click();
  await expect(bar(page).getByText("Aim:")).toBeVisible();
  await page.getByRole("button", { name: "All of it is in" }).click();
  await page.getByRole("button", { name: /^It is on\b/ }).click();
  await expect(bar(page).getByText("it is cold, and still")).toBeVisible();
}

/** Eight hours after it was put on it is due off; its points out of 100. */
async function points(page: Page): Promise<number> {
  await expect(
    page.getByRole("heading", { level: 1, name: /Take it off|Switch it off/ }),
  ).toBeVisible();
  await page.locator("#main").focus();
  await page.keyboard.press("Space");
  await page.getByRole("button", { name: /To the (sieve|table)/ }).click();
  const score = page.getByRole("region", { name: "How it was cooked" });
  await expect(score.getByRole("heading")).toContainText("of 100");
  return Number(await score.locator(".points").innerText());
}

test("a lesson is cooked with eye, thermometer and hand, counted by what was really so, and done better", async ({
  page,
}) => {
  test.slow();
  await page.clock.install({ time: MORNING });
  await openSample(page);
  await page.goto("/new");
  await page.getByRole("link", { name: "Practise" }).click();
  await expect(page.getByRole("heading", { name: "Practice: pots that go wrong" })).toBeVisible();

  // Nobody looks: it is lukewarm for hours.
  await switchOn(page);
  await potMinutes(page, 500);
  expect(await points(page)).toBe(0);
  await expect(page.getByText("a cooker that never gets as hot as it should")).toBeVisible();
  await expect(page.getByText(/thrown away/).first()).toBeVisible();

  // Looked at after two hours, and turned up.
  await switchOn(page);
  await potMinutes(page, 120);
  await bar(page).getByRole("button", { name: "Thermometer" }).click();
  await expect(bar(page).getByText(/Just now: 3\d(\.5)? °C in the liquid/)).toBeVisible();
  await page.keyboard.press("h");
  const dialog = page.getByRole("dialog", { name: "Heat and lid now" });
  await dialog.getByText("HIGH").click();
  await dialog.locator("button[type=submit]").click();
  await expect(dialog).toBeHidden();
  await potMinutes(page, 400);
  expect(await points(page)).toBe(100);

  // The best of both stands on the shelf, with what it teaches; the kitchen has learned nothing of it.
  await page.goto("/lessons");
  await expect(lesson(page, LUKEWARM)).toContainText(/100\s*of 100, at best/);
  await expect(page.getByText("1 of 9 done.")).toBeVisible();
  await page.goto("/larder");
  await expect(page.getByText("Practice stew")).toHaveCount(0);
});

test("chilling that stalls is seen by a thermometer, goes on from what it read, and is changed on the clock it has", async ({
  page,
}) => {
  await page.clock.install({ time: MORNING });
  await openSample(page);
  await page.goto("/lessons");
  await lesson(page, "The chilling that stalls").getByRole("button").click();
  await page.getByLabel("It stands in").selectOption({ index: 0 });
  await page.getByLabel("First").selectOption({ label: "ice or snow bath, stirred" });
  await page.getByRole("button", { name: "It is done so, from now" }).click();
  await potMinutes(page, 30);
  const thermometer = bar(page).getByRole("button", { name: "Thermometer" });
  await thermometer.click();
  const now = page.getByRole("heading", { level: 1 });
  await expect(page.getByRole("list", { name: "Readings" }).getByRole("listitem")).toHaveCount(1);
  const read = Number.parseFloat(await now.innerText());
  expect(read).toBeGreaterThan(35);
  await potMinutes(page, 1);
  expect(Math.abs(Number.parseFloat(await now.innerText()) - read)).toBeLessThan(5);
  const gate = page.getByRole("listitem").filter({ hasText: "57 °C to 21 °C" });
  await expect(gate).toContainText(/1 h [3-5]\d left/);

  await page.getByRole("button", { name: "Chill it another way" }).click();
  await page.locator("button.best").click();
  await page.getByRole("button", { name: "It is done so, from now" }).click();
  await expect(page.getByRole("heading", { name: "The gates" })).toBeVisible();
  // Its time runs on.
  await expect(gate).toContainText(/1 h [2-4]\d left/);
  await potMinutes(page, 60);
  await thermometer.click();
  await expect(gate).toContainText("met");
  await potMinutes(page, 240);
  await thermometer.click();
  await expect(page.getByText("Cold in time, by every gate.")).toBeVisible();
  await page.getByRole("button", { name: "It is cold through" }).click();
  const score = page.getByRole("region", { name: "How it was cooked" });
  await expect(score).toContainText("its chilling stalled 8 min after it was begun");
  expect(Number(await score.locator(".points").innerText())).toBeGreaterThanOrEqual(95);
});
