import { expect, test, type Page } from "@playwright/test";
import { openOwn, openSample, planEmptyPot, putIn, sentence, storedEvents } from "./kitchens";

const column = (page: Page, name: string) => page.getByRole("region", { name, exact: true });
const time = (page: Page, name: string) => column(page, name).getByLabel("Time", { exact: true });
/** Minutes of "2 h 58" or "10 min". */
const minutesOf = (text: string): number => {
  const [, h, m] = /^(?:(\d+) h)?\s?(?:(\d+)(?: min)?)?$/.exec(text.trim()) ?? [];
  return Number(h ?? 0) * 60 + Number(m ?? 0);
};
const shown = async (page: Page, name: string) => minutesOf(await time(page, name).inputValue());
/** The ranges come after the expected figures. */
const settled = (page: Page) =>
  expect(column(page, "Slow cooker").getByText(/Kitchen rule/)).toBeVisible();

test("a braise from the oven to crock and pressure, edited, accepted, cooked", async ({ page }) => {
  test.slow();
  await page.clock.install({ time: new Date("2026-03-18T09:00:00+01:00") });
  await openSample(page);
  await page.goto("/plan/plan-braise");
  await expect(sentence(page)).toContainText("in the oven at 150 °C, covered");
  await page.keyboard.press("x");
  await expect(column(page, "Oven").getByText("as written")).toBeVisible();
  await settled(page);
  await expect(column(page, "Slow cooker").locator(".said")).toHaveText(/^LOW \d+½?–\d+½? h$/);
  await expect(
    column(page, "Pressure")
      .getByText(/natural release/)
      .first(),
  ).toBeVisible();
  await expect(column(page, "Pressure").getByText(/Carrot: after release/)).toBeVisible();
  const before = { hob: await shown(page, "Hob"), crock: await shown(page, "Slow cooker") };
  expect(before.crock).toBeGreaterThan(before.hob * 2);

  await time(page, "Pressure").fill("25 min");
  await time(page, "Pressure").press("Enter");
  await expect(column(page, "Pressure").getByText("as written")).toBeVisible();
  await settled(page);
  await expect.poll(() => shown(page, "Hob")).toBeGreaterThan(before.hob + 20);
  await expect.poll(() => shown(page, "Slow cooker")).toBeGreaterThan(before.crock + 30);
  await expect(column(page, "Oven").getByText("as written")).toBeHidden();

  await page.locator("main").focus();
  await page.keyboard.press("u");
  await expect(column(page, "Oven").getByText("as written")).toBeVisible();
  await expect.poll(() => shown(page, "Hob")).toBe(before.hob);
  await page.keyboard.press("Control+Shift+z");
  await expect(column(page, "Pressure").getByText("as written")).toBeVisible();
  await settled(page);

  await column(page, "Slow cooker").getByRole("button", { name: "Make it the plan" }).click();
  await expect(sentence(page)).toContainText("in the slow cooker");
  await expect(sentence(page)).toContainText("on LOW");
  await expect(page.getByText("Leave the lid on")).toBeVisible();
  await page.keyboard.press("p");
  // The work before stands first; what lights it is beside it.
  await expect(page.getByRole("heading", { name: /^Trim the goat/ })).toBeVisible();
  await page.getByRole("button", { name: /^It is on/ }).click();
  // Its salt is what such pots were liked with here: half of it now, the rest before it is served.
  await expect(page.getByRole("heading", { name: /Salt it/ })).toBeVisible();
  // Its polenta is begun in time to be ready with it.
  for (const name of [
    /Carrot and dried apricots in/,
    /Begin the polenta/,
    /Switch it off/,
    /Salt it/,
    /Serve it/,
  ]) {
    await page.keyboard.press("Space");
    await expect(page.getByRole("heading", { name })).toBeVisible();
  }
  const kinds = (await storedEvents(page)).map((e) => e.kind).slice(-10);
  const salted = ["extra", "added"];
  expect(kinds).toEqual([
    ...["lit", "simmers", ...salted, "added", "added", "sideDish", "offHeat"],
    ...salted,
  ]);
});

test("a big joint is refused in the crock until a remedy is taken", async ({ page }) => {
  await openSample(page);
  await page.goto("/plan/plan-braise");
  await page.getByRole("button", { name: "Change Goat shoulder" }).click();
  await page.getByLabel("Pieces").fill("12 x 16 x 20 cm");
  await page.getByLabel("Pieces").press("Enter");
  await page.keyboard.press("Escape");
  await page.locator("main").focus();
  await page.keyboard.press("x");
  const crock = column(page, "Slow cooker");
  await expect(crock.getByText("Danger: not like this")).toBeVisible();
  await expect(crock.getByRole("button", { name: "Make it the plan" })).toBeDisabled();
  await crock.getByRole("button", { name: /Cut/ }).click();
  await expect(crock.getByText("Danger: not like this")).toBeHidden();
  await expect(crock.getByRole("button", { name: "Make it the plan" })).toBeEnabled();
});

test("beans never reach the crock without a hard boil", async ({ page }) => {
  await openSample(page);
  await page.goto("/crossover/plan-beans");
  await settled(page);
  await column(page, "Slow cooker").getByRole("button", { name: "Make it the plan" }).click();
  await expect(sentence(page)).toContainText("in the slow cooker");
  // Soaked and boiled before as planned: nothing more is said of it.
  await expect(page.getByText(/Beans need a|Soak the beans/)).toHaveCount(0);
  await page.getByRole("button", { name: "Change Runner beans, dry" }).click();
  await page.getByText("work on it", { exact: true }).click();
  const boiled = page.getByLabel(/Boiled hard beforehand/);
  await expect(boiled).toHaveValue("45 min");
  await boiled.fill("5 min");
  await boiled.press("Enter");
  await page.keyboard.press("Escape");
  await expect(page.getByText("Danger: Beans need a 45 min rolling boil")).toBeVisible();
  await expect(page.getByRole("button", { name: /Put it on/ })).toBeDisabled();
});

test("a time in a hurry, kept as a plan; what the kitchen has not got is taken in", async ({
  page,
}) => {
  await openOwn(page);
  await page.goto("/crossover");
  await page.getByRole("link", { name: "Convert a time" }).click();
  await page.getByLabel("What").selectOption("Pork shoulder");
  await page.getByLabel("Time as written").fill("3 hours");
  await page.getByText("oven", { exact: true }).click();
  const answers = page.getByRole("list", { name: "On each heat" }).getByRole("listitem");
  await expect(answers).toHaveCount(5);
  await expect(answers.filter({ hasText: /LOW/ })).toContainText(/LOW \d/);
  await expect(page.getByText(/Taken as usual.*4 cm .*dice.*liquid to cover/)).toBeVisible();
  await page.getByLabel("Time as written").fill("soonish");
  await expect(page.getByRole("alert")).toContainText("soonish");
  await page.getByLabel("Time as written").fill("until tender");
  await expect(answers.filter({ hasText: /^Oven/ })).toContainText(/\d h \d\d – \d h/);
  await page.getByRole("button", { name: "Keep it as a plan" }).click();
  await expect(column(page, "Oven").getByText("as written")).toBeVisible();
  await expect(column(page, "Slow cooker").getByText("suggested")).toBeVisible();
  await settled(page);
  await column(page, "Slow cooker").getByRole("button", { name: "Make it the plan" }).click();
  await expect(sentence(page)).toContainText("in the slow cooker");
  await page.goto("/kitchen");
  await expect(page.getByText("Slow cooker", { exact: true }).first()).toBeVisible();
});

test("a plan of one's own goes to another heat and back by its figures", async ({ page }) => {
  await openOwn(page);
  await planEmptyPot(page);
  await putIn(page, "2 kg lamb neck");
  await page.getByRole("link", { name: "On another heat" }).click();
  const pressure = column(page, "Pressure");
  await expect(pressure.getByRole("button", { name: "Make it the plan" })).toBeEnabled();
  await pressure.getByRole("button", { name: "Make it the plan" }).click();
  await expect(sentence(page)).toContainText("at high pressure with natural release");
  await page.getByRole("link", { name: "On another heat" }).click();
  await expect.poll(() => shown(page, "Hob")).toBeGreaterThan(345);
  expect(await shown(page, "Hob")).toBeLessThan(375);
});
