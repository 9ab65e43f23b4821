import { expect, test } from "@playwright/test";
import { violations } from "./axe";
import { forward, openSample, stockThroughSieve, storedEvents } from "./kitchens";

const EVENING = new Date("2026-03-18T20:14:00+01:00");

test.beforeEach(async ({ page }) => {
  await page.clock.install({ time: EVENING });
});

test("after the sieve: reduced, salted, firmer, thickened; cooled with ice, and the jars know it", async ({
  page,
}) => {
  await openSample(page);
  await stockThroughSieve(page);
  const then = page.getByRole("region", { name: "Boil it down, thicken, salt it" });
  await expect(then).toContainText(/Now 3\.1 L.*salt 0 g\/L/);
  await then.getByRole("button", { name: /^demi-glace/ }).click();
  await expect(then).toContainText(/lid off, about 1 h \d+/);
  await then.getByRole("button", { name: "Why: Minutes to boil it down" }).click();
  await expect(page.getByText("surface at the rim")).toBeVisible();
  await page.keyboard.press("Escape");
  await then.getByRole("button", { name: "It is down there" }).click();
  await expect(then).toContainText(/Now 1\.6 L/);
  await then.getByText("salt", { exact: true }).click();
  await expect(then).toContainText(/fine salt, about \d/);
  await then.getByRole("button", { name: "Stirred in" }).click();
  await expect(then).toContainText(/salt 7 g\/L/);
  await then.getByText("something in", { exact: true }).click();
  await then.getByLabel("Stirred in, or put back").fill("100 ml red wine");
  await then.getByLabel("Stirred in, or put back").press("Enter");
  await expect(then).toContainText(/Now 1\.7 L/);
  expect(await violations(page)).toEqual([]);
  // Nothing of it to animals: bones, leek, wine.
  await expect(page.getByText(/nothing of it to animals: cooked bones splinter/)).toBeVisible();
  await page.getByRole("button", { name: "thrown away" }).click();
  await page.getByRole("button", { name: "cloudy" }).click();
  await expect(page.getByRole("button", { name: "cloudy" })).toHaveAttribute(
    "aria-pressed",
    "true",
  );
  // How long it may stand first.
  const rest = page.getByRole("region", { name: "If it rests or travels first" });
  await expect(rest).toContainText(/Above 57 °C for about \d/);
  await expect(rest).toContainText(/Chilling begins by \d\d:\d\d at the latest/);
  await rest.getByText("hot box").click();
  await expect(rest).toContainText("Warmed with hot water first");

  await page.getByRole("link", { name: /Chill it/ }).click();
  await page.waitForURL(/\/chill\//);
  // The usual one, written down, counts as written too.
  await page.getByLabel("It is at").fill("80");
  await page.getByLabel("It is at").press("Tab");
  await page.getByLabel("Ice of drinking water").fill("400 g");
  await page.getByLabel("Ice of drinking water").press("Tab");
  await expect(page.getByText(/At once 4\d\.\d °C, and 2\.1 L in all/)).toBeVisible();
  await page.getByRole("button", { name: "It is in", exact: true }).click();
  await expect(page.getByLabel("It is at")).toHaveValue(/^4\d/);
  const kinds = (await storedEvents(page)).slice(-6).map((e) => e.kind);
  expect(kinds).toEqual(["reducedTo", "stirredIn", "stirredIn", "solids", "looked", "stirredIn"]);

  // Taken back: the ice is not in it any more.
  await page.locator("#main").focus();
  await page.keyboard.press("u");
  await expect.poll(async () => (await storedEvents(page)).at(-1)?.kind).toBe("undo");
  await page.getByRole("link", { name: "Portion", exact: true }).click();
  await expect(page.getByRole("heading", { level: 1 })).toContainText("1.7 L");
  await page.getByRole("button", { name: /Half-litre jar/ }).click();
  await page.getByRole("button", { name: /^Fill 3 of 3/ }).click();
  await page.getByRole("link", { name: "Larder", exact: true }).click();
  await page.getByRole("link", { name: /Pork trotter stock.*3 jars/s }).click();
  await expect(page.getByRole("complementary")).toContainText(/[67](\.\d)? g\/L/);
  // What is in jars is boiled down from its shelf: a pan with two of them in, and what they hold.
  await page.getByLabel("How many into a pan").fill("2");
  await page.getByRole("button", { name: "Boil down, thicken or salt it" }).click();
  await expect(page.getByRole("heading", { level: 1 })).toContainText("down to 50 %");
  await expect(page.getByRole("button", { name: /Change House stock/ })).toBeVisible();
  await page.goto("/strain/on-fire");
  await expect(page.getByText("boiled down, thickened or salted from its place")).toBeVisible();
  await expect(page.getByRole("region", { name: "Boil it down, thicken, salt it" })).toHaveCount(0);
});

test("a dish: what is left over after the meal is portioned; a gate of one's own counts", async ({
  page,
}) => {
  await openSample(page);
  await page.goto("/kitchen");
  await page.getByText("our own", { exact: true }).click();
  await page.getByLabel("Within").first().fill("30 min");
  await page.getByLabel("Within").first().press("Enter");
  await expect(page.getByText(/60 °C .*down to 21 °C .*within 30 min, then/)).toBeVisible();
  await page.goto("/portion/dish-01");
  await expect(page.getByRole("heading", { level: 1 })).toContainText("to portion");
  // Ten days on: only what has been frozen meanwhile is kept.
  await expect(page.getByText(/Danger: It was made \d+ days ago/)).toBeVisible();
  await page.getByRole("button", { name: "It has been in the freezer since" }).click();
  await expect(page.getByText("not chilled by the clock here")).toBeVisible();
  await page.getByLabel("Left over after the meal").fill("1.5 kg");
  await page.getByLabel("Left over after the meal").press("Enter");
  await expect(page.getByRole("heading", { level: 1 })).toContainText("1.5 kg");
  await page.getByRole("button", { name: /^Tub/ }).click();
  await page.getByRole("button", { name: /^Fill 1 of 1/ }).click();
  await page.getByRole("link", { name: "Larder", exact: true }).click();
  await page.getByRole("link", { name: /Runner beans with mutton.*freezer/s }).click();
  // Back into a pan: its sauce and its solids, and only the sauce boils down.
  await expect(page.getByLabel("How much of it is liquid")).toHaveValue(/g$/);
  await page.getByRole("button", { name: "Boil down, thicken or salt it" }).click();
  await expect(page.getByRole("main").getByRole("heading", { level: 1 })).toContainText(
    /down to 80 %/,
  );
  await expect(page.getByText(/Runner beans with mutton.*: the solids/).first()).toBeVisible();
  await page.goBack();
  await page.getByRole("button", { name: "Thaw in the fridge" }).click();
  await expect(page.getByRole("link", { name: /Runner beans with mutton.*fridge/s })).toBeVisible();
  await forward(page, 4 * 24 * 60);
  await expect(page.getByRole("status").filter({ hasText: "throw away" })).toContainText(
    "Runner beans with mutton",
  );
  await page.goto("/chill/on-fire");
  await expect(page.getByText("Nothing to chill here")).toBeVisible();
});
