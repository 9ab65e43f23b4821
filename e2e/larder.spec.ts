import { expect, test, type Page } from "@playwright/test";
import { violations } from "./axe";
import { forward, openSample, readAt, stockThroughSieve } from "./kitchens";

const EVENING = new Date("2026-03-18T20:14:00+01:00");

test.beforeEach(async ({ page }) => {
  await page.clock.install({ time: EVENING });
});

async function fill(page: Page, container: RegExp, count: number): Promise<void> {
  await page.getByRole("button", { name: container }).click();
  await page.getByLabel("How many").fill(String(count));
  await page.getByLabel("How many").press("Tab");
  // A tap too many fills nothing twice.
  await page.getByRole("button", { name: new RegExp(`^Fill ${count} of`) }).dblclick();
}

test("from the sieve through cold into three kinds of container, labelled, and drawn by a stew", async ({
  page,
}) => {
  await openSample(page);
  await stockThroughSieve(page);
  // A way of chilling that fails, then one that passes, read until it is cold.
  await page.getByRole("link", { name: /Chill it/ }).click();
  await page.waitForURL(/\/chill\//);
  await page.getByLabel("It stands in").selectOption({ label: "Tall pot" });
  await page.getByLabel("First").selectOption({ label: "fridge" });
  await expect(page.getByRole("heading", { name: "This way it is too slow" })).toBeVisible();
  await page.locator("button.best").click();
  await expect(page.getByRole("heading", { name: "This way it is cold in time" })).toBeVisible();
  await page.getByRole("button", { name: "It is done so, from now" }).click();
  await forward(page, 20);
  await readAt(page, "50");
  await forward(page, 50);
  await readAt(page, "19");
  await forward(page, 150);
  await readAt(page, "4.5");
  await page.getByRole("button", { name: "It is cold through: portion it" }).click();

  // Jars, moulds and a bag; each as full as it may be, and what is over used at once.
  await expect(page.getByRole("heading", { level: 1, name: /to portion/ })).toContainText("3.1 L");
  await fill(page, /Litre jar/, 2);
  await expect(page.getByText("2 jars of 820 mL")).toBeVisible();
  await fill(page, /Mould of six/, 3);
  await fill(page, /Flat bag/, 1);
  await expect(page.getByText("1 bag of 900 mL")).toBeVisible();
  expect(await violations(page)).toEqual([]);
  // Taken back, and done again.
  await page.locator("#main").focus();
  await page.keyboard.press("u");
  await expect(page.getByText("1 bag of 900 mL")).toHaveCount(0);
  await fill(page, /Flat bag/, 1);
  await page.getByRole("button", { name: /Flat bag/ }).click();
  await page.getByRole("button", { name: "To the table" }).click();
  await expect(page.getByRole("heading", { name: "All of it is put away" })).toBeVisible();
  await expect(page.getByText("2.9 L in containers, 240 mL used at once")).toBeVisible();

  // Six labels; the page is the sheet, and prints.
  await page.getByRole("link", { name: "Labels for them" }).click();
  await expect(page.getByRole("heading", { name: "6 labels" })).toBeVisible();
  await expect(page.getByText("Best before 17 Jun 2026").first()).toBeVisible();
  await expect(page.getByText("lot 260318A").first()).toBeVisible();
  expect(await violations(page)).toEqual([]);
  await page.getByLabel("Begin at label").fill("19");
  const pdf = await page.pdf({ preferCSSPageSize: true });
  // A4 in points; three labels fit on what is left of the first sheet.
  expect(pdf.toString("latin1")).toMatch(/MediaBox\s*\[0 0 59[45]\S* 84[12]/);
  expect(pdf.toString("latin1").match(/\/Type\s*\/Page\b/g)).toHaveLength(2);

  // On the shelves; a stew draws on it.
  await page.getByRole("link", { name: "Larder", exact: true }).click();
  const jars = page.getByRole("link", { name: /Pork trotter stock.*2 jars.*17 Jun/s });
  await jars.click();
  expect(await violations(page)).toEqual([]);
  await page
    .getByLabel("Into a plan")
    .selectOption({ label: "Goat braise with apricots, asks for it" });
  await page.getByRole("button", { name: "Take it there" }).click();
  await expect(page.getByRole("button", { name: /Change House stock/ })).toContainText("freezer");
  await page.goto("/larder");
  await expect(page.getByRole("link", { name: /Pork trotter stock.*1 spoken for/s })).toBeVisible();
});

test("a salty stock brings its salt along, is drawn when the pot is put on, and comes back", async ({
  page,
}) => {
  await openSample(page);
  const saltOf = async () => {
    await page.getByRole("main").getByText("Salt and body").click();
    const drawn = page.getByRole("img", { name: /g\/kg salt/ });
    const found = /([\d.]+) g\/kg salt/.exec((await drawn.getAttribute("aria-label")) ?? "");
    return Number(found?.[1] ?? NaN);
  };
  await page.goto("/plan/plan-chili");
  const before = await saltOf();
  await page.goto("/larder");
  await page.getByRole("link", { name: /Smoked trout fumet/ }).click();
  await expect(page.getByText("goes along into every pot that draws on it")).toBeVisible();
  await expect(page.getByText("not for animals")).toBeVisible();
  await page.getByLabel("Into a plan").selectOption({ label: "Lentil and chestnut chili" });
  await page.getByRole("button", { name: "Take it there" }).click();
  const rung = page.getByRole("button", { name: /Change House stock/ });
  await rung.click();
  await expect(page.getByText(/Takes 1 of 2/)).toBeVisible();
  await expect(page.getByText(/salt 1\d(\.\d)? g\/L: it comes along/)).toBeVisible();
  await page.keyboard.press("Escape");
  // Nearly half a kilogram of it in five brings its 16 g a litre along.
  expect(await saltOf()).toBeGreaterThan(before + 1);
  await page.getByRole("button", { name: /Put it on/ }).click();
  await page.waitForURL(/\/cook\//);
  await page.goto("/larder");
  await expect(page.getByRole("link", { name: /Smoked trout fumet.*1 jar/s })).toBeVisible();
});

test("shelves by hand: in, thawed, counted, thrown away, back again", async ({ page }) => {
  await openSample(page);
  await page.getByRole("link", { name: "Larder", exact: true }).click();
  await expect(page.getByRole("heading", { name: /of stock/ })).toBeVisible();
  await page.locator("#main").focus();
  await page.keyboard.press("n");
  await page.getByLabel("What it is").fill("hare frame");
  await page.getByLabel("What it is").press("Enter");
  await page.getByRole("button", { name: "Put it in" }).click();
  await expect(page.getByRole("alert")).toContainText("Weigh it first");
  await page.getByLabel("In each").fill("700 g");
  await page.getByLabel("How many").fill("2");
  await page.getByRole("button", { name: "Put it in" }).click();
  const hare = page.getByRole("link", { name: /hare frame.*1\.4 kg.*2 bags/s });
  await hare.click();
  await page.getByRole("button", { name: "Thaw in the fridge" }).click();
  await expect(page.getByRole("link", { name: /hare frame.*1 bag.*fridge/s })).toBeVisible();
  await page.getByLabel("Really there").fill("0");
  await page.getByRole("button", { name: "Set the count" }).click();
  await expect(page.getByRole("link", { name: /hare frame.*freezer/s })).toHaveCount(0);
  await page.keyboard.press("Escape");
  await page.locator("#main").focus();
  await page.keyboard.press("u");
  // It is back where it was, and open again.
  await expect(page.getByRole("link", { name: /hare frame.*freezer/s })).toBeVisible();
  await page.getByRole("button", { name: "Throw away" }).click();
  await page.getByRole("button", { name: "dried out in the freezer" }).click();
  await expect(page.getByRole("link", { name: /hare frame.*freezer/s })).toHaveCount(0);
  await page.reload();
  await expect(page.getByRole("link", { name: /hare frame.*fridge/s })).toBeVisible();
});
