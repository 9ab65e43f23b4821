import { expect, test, type Page } from "@playwright/test";
import { fill, forward, openSample, storedEvents } from "./kitchens";

const next = (page: Page) => page.getByRole("heading", { level: 1 });
const space = async (page: Page) => {
  await page.locator("#main").focus();
  await page.keyboard.press("Space");
};

test("Cook begins at the first cut: a soak that calls when it is over, batch after batch, one left out, then the ring", async ({
  page,
}) => {
  test.slow();
  await page.clock.install({ time: new Date("2026-03-18T07:00:00+01:00") });
  await openSample(page);
  await page.goto("/plan/plan-beans");
  await page.getByRole("button", { name: /Put it on/ }).click();
  // What takes longest is begun first, and what it is done by stands beside it.
  await expect(next(page)).toHaveText(/^Soak the runner bean/);
  await expect(page.getByText(/swollen without wrinkles/)).toBeVisible();
  await expect(page.getByRole("listitem").filter({ hasText: "Prep" })).toHaveClass(/now/);
  // What soaks is not rinsed meanwhile.
  await space(page);
  await expect(next(page)).toHaveText(/^Trim the mutton/);
  await page.getByRole("button", { name: "Leave it out …" }).click();
  await expect(page.getByText("More fat and scum to skim.")).toBeVisible();
  await page.getByRole("button", { name: "Leave it out", exact: true }).click();
  await expect(next(page)).toHaveText(/^Cut the mutton/);
  // Undone it is asked again.
  await page.keyboard.press("u");
  await expect(next(page)).toHaveText(/^Trim the mutton/);
  for (const done of [/^Cut the mutton/, /^Cut the onion/, /^Cut the celery/]) {
    await space(page);
    await expect(next(page)).toHaveText(done);
  }
  await page.getByRole("button", { name: "Set its timer" }).click();
  // The timer runs beside the soak; the sooner of the two stands first.
  await expect(page.getByText("Next, at")).toBeVisible();
  await forward(page, 20);
  await expect(page.getByText("Now, since")).toBeVisible();
  await space(page);
  await expect(next(page)).toHaveText(/^Soak the runner bean/);
  await forward(page, 9 * 60);
  await expect(page.getByText("Next, at")).toBeVisible();
  await forward(page, 60);
  await expect(page.getByText("Now, since")).toBeVisible();
  await space(page);
  await expect(next(page)).toHaveText(/^Rinse the runner bean/);
  await space(page);
  await fill(page);
  await expect(next(page)).toHaveText("Light the ring");
  await expect(page.getByText("All of it is done.")).toBeVisible();
  const done = (await storedEvents(page)).filter((e) => e.kind === "worked" && e.how === "done");
  expect(done.length).toBeGreaterThanOrEqual(6);
});

test("lit before all of it is ticked off: what is open is asked, and left out it is reckoned so", async ({
  page,
}) => {
  await page.clock.install({ time: new Date("2026-03-18T09:00:00+01:00") });
  await openSample(page);
  await page.goto("/plan/plan-gravy");
  await page.getByRole("button", { name: /Put it on/ }).click();
  await expect(next(page)).toHaveText(/^Trim the mutton/);
  await space(page);
  await expect(next(page)).toHaveText(/^Cut the mutton/);
  await page.getByRole("button", { name: /It is lit/ }).click();
  await expect(page.getByRole("heading", { name: "Was this done before?" })).toBeVisible();
  await page.getByRole("button", { name: "Brown the mutton shoulder: it was left out" }).click();
  await expect(page.getByText("Mutton shoulder: not browned")).toBeVisible();
  // Ticked off it is gone from the list.
  for (const name of [/Cut the mutton/, /Cut the onion/, /Sweat the onion/, /Boil down the red/]) {
    const tick = page.getByRole("checkbox", { name });
    await tick.click();
    await expect(tick).toHaveCount(0);
  }
  await expect(page.getByRole("heading", { name: "Was this done before?" })).toBeHidden();
});
