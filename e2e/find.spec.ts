import { expect, test } from "@playwright/test";
import { violations } from "./axe";
import { openSample } from "./kitchens";

test.beforeEach(async ({ page }) => {
  await page.clock.install({ time: new Date("2026-03-18T20:14:00+01:00") });
  await openSample(page);
});

test("anything is found by keyboard from anywhere: a pot, what is in it, a jar, a kind, a screen", async ({
  page,
}) => {
  const line = page.getByRole("combobox", { name: "What to find" });
  const found = page.getByRole("option");
  const ask = async (text: string) => {
    await page.locator("#main").focus();
    await page.keyboard.press("/");
    await expect(line).toBeFocused();
    await expect(line).toHaveValue("");
    await page.keyboard.type(text);
    await expect(line).toHaveValue(text);
  };

  await ask("");
  await expect(found).toHaveText([/On the fire.*Pork trotter stock/]);
  expect(await violations(page), "before anything is asked").toEqual([]);
  await page.keyboard.type("trotter");
  await expect(found.first()).toHaveAttribute("aria-selected", "true");
  expect(await violations(page), "found").toEqual([]);
  await page.keyboard.press("Enter");
  await expect(page).toHaveURL(/\/cook\/on-fire$/);
  await expect(page.getByRole("dialog")).toBeHidden();
  await expect(page.getByRole("heading", { level: 1 })).toHaveText("Leek and peppercorns in");

  await ask("spelt lamb");
  await expect(found.filter({ hasText: "Plan" }).first()).toContainText(
    "with Lamb neck, Pearled spelt",
  );

  // Escape shuts it, and the keys are the screen's own again.
  await page.keyboard.press("Escape");
  await expect(page.getByRole("dialog")).toBeHidden();
  await page.locator("#main").focus();
  await page.keyboard.press("8");
  await expect(page).toHaveURL(/\/logbook$/);
  await expect(page.getByRole("heading", { level: 1 })).toBeVisible();

  await ask("freezer fumet");
  await page.keyboard.press("Enter");
  await expect(page).toHaveURL(/\/larder\/./);
  await expect(page.getByRole("heading", { name: "Smoked trout fumet" })).toBeVisible();

  await ask("begin fish");
  await page.keyboard.press("Enter");
  await expect(page.getByRole("button", { name: /^Fish/ })).toBeFocused();
  await page.keyboard.press("Enter");
  await expect(page.getByRole("slider", { name: "Water line" })).toBeVisible();

  await ask("altitude");
  await expect(found.first()).toContainText("Kitchen");
  await page.keyboard.press("Enter");
  await expect(page).toHaveURL(/\/kitchen$/);

  await page.getByRole("button", { name: "Find" }).click();
  await line.fill("quince jelly");
  await expect(page.getByRole("status").filter({ hasText: "quince jelly" })).toBeVisible();
});

test("found on a phone: the line, the list and the button fit", async ({ page }) => {
  await page.setViewportSize({ width: 390, height: 844 });
  await page.getByRole("button", { name: "Find" }).click();
  await page.getByRole("combobox", { name: "What to find" }).fill("lamb");
  await expect(page.getByRole("option").first()).toBeVisible();
  const wide = await page.evaluate("document.documentElement.scrollWidth");
  expect(wide).toBeLessThanOrEqual(390);
  await page.getByRole("option").first().click();
  await expect(page.getByRole("dialog")).toBeHidden();
});
