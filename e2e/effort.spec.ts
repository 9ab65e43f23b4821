import { expect, test, type Page } from "@playwright/test";
import { manyPots } from "../scripts/many-pots";
import { forward, openSample } from "./kitchens";

const MORNING = new Date("2026-03-18T08:00:00+01:00");

/** What each task took in taps and keys before it was made shorter: docs/effort.md. */
const BEFORE = { kitchen: 69, firstStock: 43, recipe: 11, slowCooker: 3, oldPot: 9, drawn: 6 };
/** At least a third fewer now. */
const most = (task: keyof typeof BEFORE) => Math.floor((BEFORE[task] * 2) / 3);

/** Counts every tap and key from here on. */
async function counts(page: Page): Promise<void> {
  await page.addInitScript(() => {
    for (const kind of ["pointerdown", "keydown"])
      window.addEventListener(
        kind,
        () =>
          sessionStorage.setItem("effort", String(1 + Number(sessionStorage.getItem("effort")))),
        true,
      );
  });
  await page.clock.install({ time: MORNING });
}
const begin = (page: Page) => page.evaluate(() => sessionStorage.removeItem("effort"));
const effort = (page: Page) => page.evaluate(() => Number(sessionStorage.getItem("effort")));
const button = (page: Page, name: string | RegExp) => page.getByRole("button", { name });
async function type(page: Page, label: string, text: string): Promise<void> {
  await page.getByLabel(label, { exact: true }).click();
  await page.keyboard.type(text);
  await page.keyboard.press("Enter");
}

test.beforeEach(({ page }) => counts(page));

test("a kitchen of five pots, hob, oven and jars", async ({ page }) => {
  await page.goto("/");
  await page.getByLabel("Altitude you cook at").click();
  await page.keyboard.press("Control+A");
  await page.keyboard.type("350");
  for (const [form, size] of [
    ["Stockpot", "12 L"],
    ["Pot", "5 L"],
    ["Oval casserole", "6 L"],
    ["Slow cooker", "6.5 L"],
    ["Pressure cooker", "6 L"],
  ] as const)
    await page
      .getByRole("group", { name: form, exact: true })
      .getByRole("button", { name: size })
      .click();
  await page.getByRole("group", { name: "Oven" }).getByText("with a fan").click();
  for (const name of ["Half-litre jar", "Tub"]) await button(page, name).click();
  await button(page, "Start with these 5 pots").click();
  await expect(page.getByRole("heading", { name: "My kitchen" })).toBeVisible();
  expect(await effort(page)).toBeLessThanOrEqual(16);

  // Complete enough that nothing asks for an oven, a pot or a jar later.
  await page.goto("/kitchen");
  await expect(page.getByLabel("Altitude")).toHaveValue("350 m");
  await expect(button(page, /Oval casserole/)).toBeVisible();
  await expect(page.getByLabel("with a fan")).toBeChecked();
  await page.goto("/new");
  await button(page, /Braise/)
    .first()
    .click();
  await page.getByRole("link", { name: "On another heat" }).click();
  await expect(page.getByText(/which oven|set up an oven/i)).toHaveCount(0);
});

test("a first stock, from the bones to jars in the freezer", async ({ page }) => {
  await page.goto("/");
  await page
    .getByRole("group", { name: "Stockpot", exact: true })
    .getByRole("button", { name: "12 L" })
    .click();
  await button(page, "Half-litre jar").click();
  await button(page, "Start with this pot").click();
  await expect(page.getByRole("heading", { name: "My kitchen" })).toBeVisible();
  await begin(page);

  await button(page, /Plan a pot/).click();
  await button(page, "Lamb neck").click();
  await button(page, /kg lamb neck, change/).click();
  await button(page, "A little less").click();
  await expect(page.getByRole("heading", { level: 1 })).toContainText("2.5 kg lamb neck");
  await page.keyboard.press("Escape");
  await button(page, /Put it on/).click();
  await button(page, /It is (lit|on\b)/).click();
  await forward(page, 42);
  await button(page, "It boils now").click();
  await forward(page, 5);
  await button(page, "Turned down, it simmers").click();
  await forward(page, 16);
  await button(page, "Skimmed").click();
  await forward(page, 400);
  await button(page, /It is off the heat/).click();
  await forward(page, 11);
  await button(page, /To the sieve/).click();
  await type(page, "Strained", "4");
  await button(page, "Keep what came through").click();
  await page.getByRole("link", { name: /Chill it/ }).click();
  await page.waitForURL(/\/chill\//);
  // What is shown first is the quickest there is: never the whole pot, warm, into the fridge.
  await expect(page.getByText(/into the fridge, it is too slow/)).toBeVisible();
  await expect(page.getByLabel("First")).toHaveValue("iceBath");
  await button(page, "It is done so, from now").click();
  await forward(page, 80);
  await type(page, "In the middle it is at", "7");
  await button(page, /It is cold through/).click();
  await button(page, /^Fill \d+/).click();
  await expect(page.getByRole("link", { name: "Labels for them" })).toBeVisible();
  expect(await effort(page)).toBeLessThanOrEqual(most("firstStock"));
});

const RECIPE = `Red chili
Makes 8 servings
3 lbs ground beef
2 med onions, chopped
1 (28 oz) can crushed tomatoes
2 (15 oz) cans kidney beans, drained and rinsed
2 tsp salt
1 c beef broth
Directions
Brown meat with onions. Stir in everything else. Simmer uncovered 1 hour.`;

test("a recipe to its plan", async ({ page, context }) => {
  await context.grantPermissions(["clipboard-read", "clipboard-write"]);
  await openSample(page);
  await page.evaluate((text) => navigator.clipboard.writeText(text), RECIPE);
  await begin(page);
  await page.keyboard.press("Control+V");
  await button(page, "Make it a plan").click();
  await expect(page.getByRole("heading", { level: 1 })).toContainText("beef");
  expect(await effort(page)).toBeLessThanOrEqual(most("recipe"));
});

test("a dish to the slow cooker, and back", async ({ page }) => {
  await openSample(page);
  await begin(page);
  await page.getByRole("link", { name: "Goat braise with apricots", exact: true }).click();
  await button(page, /^Slow cooker LOW/).click();
  await expect(page.getByRole("heading", { level: 1 })).toContainText(/in the slow cooker.*on LOW/);
  expect(await effort(page)).toBeLessThanOrEqual(most("slowCooker"));
  await page.keyboard.press("u");
  await expect(page.getByRole("heading", { level: 1 })).toContainText("in the oven at 150 °C");
});

test("an old pot of a long log, by when it was", async ({ page }) => {
  test.slow();
  const log = manyPots(200, MORNING.getTime());
  await page.goto("/");
  await page.getByLabel("Read a file").setInputFiles({
    name: "log.json",
    mimeType: "application/json",
    buffer: Buffer.from(JSON.stringify(log)),
  });
  await button(page, "Take it in").click();
  await expect(page.getByRole("heading", { name: "Bramholt Hut" })).toBeVisible();
  await begin(page);
  await page.getByRole("link", { name: "Logbook", exact: true }).click();
  await button(page, /^November 2025: \d+ pots$/).click();
  await page
    .getByRole("main")
    .getByRole("link", { name: /\d+ Nov/ })
    .first()
    .click();
  await expect(page.getByRole("heading", { name: "Planned against got" })).toBeVisible();
  expect(await effort(page)).toBeLessThanOrEqual(most("oldPot"));

  // Or by what one would say of it.
  await page.keyboard.press("/");
  await expect(page.getByRole("combobox", { name: "What to find" })).toBeFocused();
  await page.keyboard.type("last november");
  await expect(page.getByRole("option").first()).toContainText(/Nov/);
  await page.keyboard.press("Enter");
  await expect(page.getByRole("heading", { name: "Planned against got" })).toBeVisible();
});

test("a stock of the larder drawn into a stew", async ({ page }) => {
  await openSample(page);
  await begin(page);
  await button(page, /Plan a pot/).click();
  await button(page, /^Stew /).click();
  const offer = button(page, /^Take .* from the freezer/);
  await offer.click();
  await expect(button(page, "Change House stock")).toContainText("from the freezer");
  await expect(offer).toBeHidden();
  expect(await effort(page)).toBeLessThanOrEqual(most("drawn"));
});
