import { expect, test } from "@playwright/test";
import { violations, violationsInContrast } from "./axe";
import { light, openSample } from "./kitchens";

const EVENING = new Date("2026-03-18T20:14:00+01:00");

test.beforeEach(async ({ page }) => {
  await page.clock.install({ time: EVENING });
});

const SCREENS: Record<string, [string, RegExp][]> = {
  "before the fire": [
    ["/bench", /On the fire/],
    ["/plan/plan-lamb", /lamb neck/],
    ["/new", /What goes on/],
    ["/read", /Read a recipe/],
    ["/shopping?plan=plan-braise", /Butcher/],
  ],
  "on the fire": [
    ["/crossover/plan-braise", /Slow cooker/],
    ["/convert", /Pressure/],
    ["/cook/on-fire", /In the pot/],
    ["/kitchen", /Pots/],
  ],
  "after the fire": [
    ["/strain/past-11", /strained/],
    ["/portion/past-10", /to portion/],
    ["/larder", /of stock/],
    ["/labels?pot=past-10", /labels/],
    ["/logbook", /Logbook/],
    ["/logbook/past-11", /What happened/],
    ["/taught", /How fast it steams/],
    ["/beside/past-01/past-08", /Where the difference is from/],
    ["/dish/Lamb%20neck%20broth", /From one time to the next/],
    ["/trends", /How it set, by bones and hours/],
    ["/lessons", /Practice: pots that go wrong/],
  ],
};

test("no violations on a first visit", async ({ page }) => {
  await page.goto("/");
  await expect(page.getByRole("heading", { name: "Set up mine" })).toBeVisible();
  expect(await violations(page)).toEqual([]);
});

// Several journeys, so that on a busy machine none of them runs out of its time.
for (const [which, places] of Object.entries(SCREENS))
  test(`no violations on the screens ${which}`, async ({ page }) => {
    test.slow();
    await openSample(page);
    for (const [path, heading] of places) {
      await page.goto(path);
      await expect(page.getByRole("heading", { name: heading }).first()).toBeVisible();
      expect(await violations(page), path).toEqual([]);
    }
  });

for (const [which, places] of Object.entries(SCREENS))
  test(`where more contrast is asked for there is, on the screens ${which}`, async ({ page }) => {
    test.slow();
    await openSample(page);
    for (const [path, heading] of places) {
      await page.goto(path);
      await expect(page.getByRole("heading", { name: heading }).first()).toBeVisible();
      expect(await violationsInContrast(page), path).toEqual([]);
    }
  });

test("no violations on the sides of a plan", async ({ page }) => {
  test.slow();
  await openSample(page);
  await page.goto("/plan/plan-chili");
  for (const side of [/What goes in/, /Work \d/, /Salt and body/, /Who eats/, /Ways/]) {
    await page.getByRole("group", { name: "What to look at" }).getByText(side).click();
    expect(await violations(page), String(side)).toEqual([]);
  }
  await page.goto("/plan/plan-lamb");
  await page.getByRole("button", { name: /change the water/ }).click();
  await expect(page.getByText("so that … are left")).toBeVisible();
  expect(await violations(page), "water editor").toEqual([]);
});

test("no violations where the heat is planned on, and in the work before the fire", async ({
  page,
}) => {
  test.slow();
  await openSample(page);
  await page.goto("/plan/plan-gravy");
  await page.getByRole("button", { name: "then …" }).click();
  await expect(page.getByRole("button", { name: "Lid off, boil it down" })).toBeVisible();
  expect(await violations(page), "what may follow").toEqual([]);
  await page.keyboard.press("Escape");
  await page.getByRole("button", { name: /^Rolling boil, lid off.*change this stretch/ }).click();
  await expect(page.getByRole("dialog", { name: /^Change: / })).toBeVisible();
  expect(await violations(page), "a stretch").toEqual([]);
  await page.keyboard.press("Escape");
  await page.getByRole("button", { name: /Put it on/ }).click();
  await page.getByRole("button", { name: "Leave it out …" }).click();
  expect(await violations(page), "work before").toEqual([]);
});

test("no violations in the dialogs of a pot", async ({ page }) => {
  test.slow();
  await openSample(page);
  await page.goto("/plan/plan-lamb");
  await page.getByRole("button", { name: /Practise it first/ }).click();
  await light(page);
  await expect(page.getByRole("heading", { name: "It boils" })).toBeVisible();
  expect(await violations(page), "practice").toEqual([]);
  for (const key of "lchwtfpi") {
    await page.locator("#main").focus();
    await page.keyboard.press(key);
    await expect(page.getByRole("dialog")).toBeVisible();
    expect(await violations(page), `dialog ${key}`).toEqual([]);
    const isReady = () => document.activeElement?.closest(".el-dialog__body") instanceof Element;
    await expect.poll(() => page.evaluate(isReady), `dialog ${key} opens ready to type`).toBe(true);
    await page.keyboard.press("Escape");
    await expect(page.getByRole("dialog")).toBeHidden();
  }
});
