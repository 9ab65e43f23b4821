import { expect, test, type Locator, type Page } from "@playwright/test";
import { openSample } from "./kitchens";

/** A desk, a tablet, a phone, a small one, a desk at twice its size, and a small phone at more than that. */
const SIZES = [
  [1280, 800],
  [820, 1180],
  [390, 844],
  [320, 640],
  [640, 400],
  [320, 256],
] as const;

/** Whole on the screen, and nothing lies over it. */
async function inSight(what: Locator): Promise<boolean> {
  return what.evaluate((element) => {
    const { left, right, top, bottom } = element.getBoundingClientRect();
    const isOn = left >= 0 && top >= 0 && right <= innerWidth && bottom <= innerHeight;
    const there = document.elementFromPoint((left + right) / 2, (top + bottom) / 2);
    return isOn && there !== null && (element.contains(there) || there.contains(element));
  });
}
const sideways = (page: Page) =>
  page.evaluate(() => document.documentElement.scrollWidth - window.innerWidth);
const room = (page: Page) => page.evaluate(() => document.querySelector("main")?.clientHeight ?? 0);

for (const [width, height] of SIZES)
  test(`at ${width} by ${height} the next thing to do is in sight, and there is room for the work`, async ({
    page,
  }) => {
    await page.setViewportSize({ width, height });
    // In the morning: nothing burns in the night.
    await page.clock.install({ time: new Date("2026-03-18T09:14:00+01:00") });
    await openSample(page);
    await page.goto("/cook/on-fire");
    const done = page.locator(".next .done");
    await expect(done).toBeVisible();
    await expect.poll(() => inSight(done)).toBe(true);
    // Three fifths of the screen are for the work.
    expect(await room(page)).toBeGreaterThan(height * 0.6);
    await page.goto("/plan/plan-lamb");
    const putOn = page.getByRole("button", { name: /^Put it on/ });
    await expect.poll(() => inSight(putOn)).toBe(true);
    expect(await sideways(page)).toBe(0);
    if (width > 700) return;
    await page.goto("/cook/on-fire");
    await expect(done).toBeVisible();
    await page.evaluate(() => document.querySelector("main")?.scrollTo(0, 1e6));
    await expect.poll(() => inSight(done)).toBe(true);
    // The places lie under the thumb, those that are gone to less often behind one tap.
    await page.getByRole("button", { name: "More", exact: true }).click();
    await page
      .getByRole("navigation", { name: "More places" })
      .getByRole("link", { name: "Kitchen" })
      .click();
    await expect(page.getByRole("heading", { name: "Pots", exact: true })).toBeVisible();
    await expect(page.getByRole("navigation", { name: "More places" })).toBeHidden();
    expect(await sideways(page)).toBe(0);
    // What else is on the hob is a tap away.
    const hob = page.getByRole("contentinfo", { name: "On the hob" });
    await expect(hob.getByRole("listitem")).toHaveCount(1);
    await hob.getByRole("button", { name: "All that is on the hob" }).click();
    await expect.poll(() => hob.getByRole("listitem").count()).toBeGreaterThan(1);
  });
