import { expect, test } from "@playwright/test";
import { readFileSync, writeFileSync } from "node:fs";
import { openSample, putIn, sentence } from "./kitchens";

const EVENING = new Date("2026-03-18T20:14:00+01:00");

test.beforeEach(async ({ page }) => {
  await page.clock.install({ time: EVENING });
});

test("the plan by keyboard alone: water, heat, lid, time, an ingredient, why", async ({ page }) => {
  await openSample(page);
  await page.keyboard.press("2");
  await expect(sentence(page)).toContainText("lamb neck");
  await page.getByRole("slider", { name: "Water line" }).focus();
  await page.keyboard.press("Shift+ArrowUp");
  await expect(sentence(page)).toContainText(/4\.[5-9] L water|5\.0 L water/);
  await page.keyboard.press("u");
  await page.getByRole("radio", { name: /gentle/ }).focus();
  await page.keyboard.press("ArrowRight");
  await expect(sentence(page)).toContainText("steady simmer");
  await page.getByRole("radio", { name: "ajar" }).focus();
  await page.keyboard.press("ArrowRight");
  await expect(sentence(page)).toContainText("lid on");
  await page.locator("main").focus();
  await page.keyboard.press("-");
  await expect(sentence(page)).toContainText("6 h at a steady simmer");
  await putIn(page, "3 carrots");
  await expect(page.getByRole("button", { name: "Change Carrot" })).toHaveCount(2);
  await page.getByRole("button", { name: "Why: Strained" }).focus();
  await page.keyboard.press("Enter");
  await expect(page.getByText(/Water in, plus what meat and vegetables let go/)).toBeVisible();
  await page.keyboard.press("Escape");
  await page.locator("main").focus();
  await page.keyboard.press("?");
  const help = page.getByRole("dialog", { name: "Help: Plan" });
  await expect(help.getByText("How much water for what lies in this pot")).toBeVisible();
  await expect(help.getByText("Help for this screen")).toBeVisible();
  await help.getByRole("link", { name: "All words of Kettlos" }).click();
  await expect(help).toBeHidden();
  await expect(page.getByRole("heading", { name: "Words" })).toBeVisible();
  await page.keyboard.press("/");
  await page.getByRole("combobox", { name: "What to find" }).fill("glossary");
  await expect(page.getByRole("option").first()).toContainText("Words");
  await page.getByRole("combobox", { name: "What to find" }).fill("doneness");
  await page.getByRole("option", { name: /Cook value/ }).click();
  await expect(page.locator("dt.asked")).toHaveText("Cook value");
  await expect(page.locator("dt.asked")).toBeInViewport();
  await page.keyboard.press("9");
  await expect(page.getByRole("heading", { name: "Pots" })).toBeVisible();
});

test("from the result back: what shall be left gives bones, water and pot", async ({ page }) => {
  await openSample(page);
  await page.goto("/plan/plan-lamb");
  await page.getByRole("button", { name: /change the water/ }).click();
  await page.getByText("so that … are left").click();
  await page.getByLabel("Left, strained").fill("3 L");
  await page.getByLabel("Left, strained").press("Enter");
  await expect(sentence(page)).toContainText("about 3.0 L strained");
  await page.getByText("moulds", { exact: true }).click();
  await page.getByLabel("How many moulds").fill("20");
  await page.getByLabel("How many moulds").press("Enter");
  await expect(sentence(page)).toContainText("about 4.5 L strained");
  await page.getByRole("button", { name: "Work out bones and pot too" }).click();
  await page.getByRole("button", { name: "Take", exact: true }).first().click();
  await expect(sentence(page)).toContainText("about 4.5 L strained");
  const bones = Number(/([\d.]+) kg lamb neck/.exec(await sentence(page).innerText())?.[1]);
  expect(bones).toBeGreaterThan(2.5);
  expect(bones).toBeLessThan(3.5);
});

test("a pot too small says so before anything is in, and which pot would do", async ({ page }) => {
  await openSample(page);
  await page.goto("/plan/plan-lamb");
  await page.getByRole("button", { name: /change the pot/ }).click();
  await expect(page.getByRole("button", { name: /Sauté pan/ })).toContainText(
    /runs over|over the rim/,
  );
  await expect(page.getByRole("button", { name: /Pressure cooker/ })).toContainText(/over|fits/);
  // Below the plan it is offered as another heat; among the pots for this one it is not.
  const pots = page.getByRole("dialog");
  await expect(pots.getByRole("button", { name: /Slow cooker/ })).toHaveCount(0);
  await page.getByRole("button", { name: /Sauté pan/ }).click();
  await expect(page.getByRole("alert")).toContainText(/does not go in|heap stands/);
  await page.getByRole("button", { name: "Undo: the pot" }).click();
  await expect(sentence(page)).toContainText("tall pot");
});

test("everything out to a file and back; a bad file changes nothing", async ({ page }) => {
  await openSample(page);
  await page.goto("/kitchen");
  const [download] = await Promise.all([
    page.waitForEvent("download"),
    page.getByRole("button", { name: "Save it all to a file" }).click(),
  ]);
  const path = await download.path();
  const file = JSON.parse(readFileSync(path, "utf8")) as {
    plans: { name: string }[];
    schemaVersion: number;
  };
  expect(file.plans).toHaveLength(12);
  const choose = page.locator("input[type=file][accept*=json]");

  const newer = test.info().outputPath("newer.json");
  writeFileSync(newer, JSON.stringify({ ...file, schemaVersion: 99 }));
  await choose.setInputFiles(newer);
  await expect(page.getByText(/reads up to 4\. Update Kettlos/)).toBeVisible();
  const bad = test.info().outputPath("bad.json");
  writeFileSync(bad, JSON.stringify({ ...file, kitchen: 3 }));
  await choose.setInputFiles(bad);
  await expect(page.getByText("expected object, received number")).toBeVisible();
  await expect(page.getByText("what is here stands as it was", { exact: false })).toBeVisible();

  await page.getByRole("button", { name: "Leave the sample kitchen" }).click();
  await page.getByRole("button", { name: "Remove it all" }).click();
  await expect(page.getByRole("heading", { name: "Set up mine" })).toBeVisible();
  await page.getByRole("group", { name: "Stockpot" }).getByRole("button").first().click();
  await page.getByRole("button", { name: "Start with this pot" }).click();
  await expect(page.getByRole("heading", { name: "My kitchen" })).toBeVisible();
  await page.goto("/plan");
  await expect(page.getByRole("heading", { name: "Nothing planned yet" })).toBeVisible();
  await page.goto("/logbook");
  await expect(page.getByText("No batch is logged yet", { exact: false })).toBeVisible();

  await page.goto("/kitchen");
  await choose.setInputFiles(path);
  await page.getByRole("button", { name: "In place of everything here" }).click();
  await expect(page.getByText("Replaced everything with 12 plans and 17 batches.")).toBeVisible();
  await expect(page.getByLabel("Name of the kitchen")).toHaveValue("Bramholt Hut");
});

test("a pot drawn as it is measured, by a ruler or by what it holds", async ({ page }) => {
  await openSample(page);
  await page.goto("/kitchen");
  await page.getByLabel("Altitude").fill("5,000 ft");
  await page.getByLabel("Altitude").press("Enter");
  await page.getByRole("button", { name: /^5000 ft/ }).click();
  await expect(page.getByText("94.9 °C · 203 °F")).toBeVisible();
  await page.getByRole("button", { name: "Add a pot" }).click();
  await page.getByText("it holds … and is … across").click();
  await page.getByLabel("It holds, to the rim").fill("8 qt");
  await page.getByLabel("It holds, to the rim").press("Enter");
  await expect(page.getByRole("button", { name: /New pot/ })).toContainText("7.6 L · 8 qt");
  await page.getByText("oval", { exact: true }).waitFor({ state: "hidden" });
  await page.getByText("with a ruler", { exact: true }).click();
  await page.getByText("oval", { exact: true }).click();
  await page.getByLabel("Width at the rim").fill("10 in");
  await page.getByLabel("Width at the rim").press("Enter");
  await expect(page.getByRole("button", { name: /New pot/ })).not.toContainText("8 qt");
});

for (const [place, path] of [
  ["bench", "/bench"],
  ["plan", "/plan/plan-lamb"],
  ["cook", "/cook/on-fire"],
  ["larder", "/larder"],
  ["clock", "/clock"],
  ["portion", "/portion/past-10"],
  ["logbook", "/logbook"],
  ["taught", "/taught"],
  ["side by side", "/beside/past-01/past-08"],
  ["one dish", "/dish/Lamb%20neck%20broth"],
  ["trends", "/trends"],
] as const)
  test(`${place} fits a phone: nothing runs off sideways`, async ({ page }) => {
    await page.setViewportSize({ width: 390, height: 844 });
    await openSample(page);
    await page.goto(path);
    await expect(page.getByRole("heading", { level: 1 }).first()).toBeVisible();
    const over = await page.evaluate(() => {
      const main = document.querySelector("main");
      return main === null ? 0 : main.scrollWidth - main.clientWidth;
    });
    expect(over).toBeLessThanOrEqual(1);
  });

/** Share of the screen that moved by itself since it was opened, times how far, as browsers count it. */
const SHIFTS = `
  window.shifted_ = 0;
  new PerformanceObserver((list) => {
    for (const shift of list.getEntries()) if (!shift.hadRecentInput) window.shifted_ += shift.value;
  }).observe({ type: "layout-shift", buffered: true });
`;
for (const [width, height] of [
  [390, 844],
  [1280, 800],
] as const)
  test(`at ${width} px nothing jumps while a screen comes`, async ({ page }) => {
    await page.setViewportSize({ width, height });
    await openSample(page);
    await page.addInitScript(SHIFTS);
    for (const path of ["/bench", "/plan/plan-lamb", "/cook/on-fire", "/larder", "/logbook"]) {
      await page.goto(path);
      await expect(page.getByRole("heading", { level: 1 }).first()).toBeVisible();
      await page.waitForTimeout(3000);
      expect(await page.evaluate<number>("window.shifted_"), path).toBeLessThan(0.05);
    }
  });

test("Bench asks for nothing that only other screens use, also when all that comes late is there", async ({
  page,
}) => {
  await openSample(page);
  const asked: string[] = [];
  page.on("request", (request) => asked.push(new URL(request.url()).pathname));
  await page.goto("/bench");
  await expect(page.getByRole("heading", { name: "Last results" })).toBeVisible();
  const named = (of: RegExp) => asked.filter((path) => of.test(path));
  // The last of what comes by itself: what is written is checked, and the log is gone through.
  await expect.poll(() => named(/\/(checks-last|learning|beside)-.*\.js$/)).toHaveLength(3);
  await page.waitForTimeout(3000);
  expect(named(/\/(many|some|checking|fittings-\d)-/)).toEqual([]);
  await page.goto("/plan/plan-lamb");
  await expect(sentence(page)).toContainText("lamb neck");
  expect(named(/\/fittings-\d-/).length).toBeGreaterThanOrEqual(3);
});
