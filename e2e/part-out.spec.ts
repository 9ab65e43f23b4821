import { expect, test, type Page } from "@playwright/test";
import { forward, light, openSample, sentence, storedEvents } from "./kitchens";

const next = (page: Page) => page.locator(".next h1");
const press = async (page: Page, key: string) => {
  await page.locator("#main").focus();
  await page.keyboard.press(key);
};

test("a pureed soup of which a part is blended: ladled out by its litres, in lots, and back, before the cream", async ({
  page,
}) => {
  test.slow();
  await page.clock.install({ time: new Date("2026-03-18T09:00:00+01:00") });
  await openSample(page);
  await page.goto("/new");
  await page.getByRole("button", { name: /^Cream soup/ }).click();
  await expect(sentence(page)).toContainText("squash");
  // A third of it is to be blended, squash and potato alike.
  for (const name of ["Squash", "Potato"]) {
    await page.getByRole("button", { name: `Change ${name}` }).click();
    await page.getByText("work on it", { exact: true }).click();
    const share = page.getByRole("group", { name: "Blended" });
    await share.getByText("30 %", { exact: true }).click();
    await page.keyboard.press("Escape");
  }
  await page.getByRole("button", { name: /Put it on/ }).click();
  const all = page.locator(".next");
  const done: string[] = [];
  while (!(await page.getByText("All of it is done.").isVisible())) {
    const before = await all.innerText();
    done.push(await next(page).innerText());
    await press(page, "Space");
    await expect.poll(() => all.innerText()).not.toBe(before);
  }
  // Nothing is blended raw.
  expect(done.join()).toMatch(/Cut the squash/);
  expect(done.join()).not.toMatch(/Blend/);
  await light(page);
  await forward(page, 15);
  await press(page, "Space");
  await forward(page, 70);
  for (;;) {
    const title = await next(page).innerText();
    if (title === "Take it off the heat") break;
    if (/Read the level|Try it/.test(title)) await forward(page, 5);
    else await press(page, "Space");
    await expect(next(page)).not.toHaveText(title);
  }
  await press(page, "Space");
  await expect(next(page)).toHaveText(/^Blend some of it/);
  await expect(page.locator(".look")).toContainText(/Lot 1 of 2.*Ladle out 30 %, about \d+ mL/);
  await expect(page.getByText("Blend hot in small lots")).toBeVisible();
  await press(page, "Space");
  await expect(page.locator(".look")).toContainText("Lot 2 of 2.");
  // Undone it is the first lot again.
  await press(page, "u");
  await expect(page.locator(".look")).toContainText("Lot 1 of 2.");
  await press(page, "Space");
  await press(page, "Space");
  await expect(next(page)).toHaveText("Cream in");
  await press(page, "Space");
  await expect(next(page)).toHaveText("Serve it");
  const did = (await storedEvents(page)).flatMap((e) => ("what" in e ? [String(e.what)] : []));
  expect(did.filter((what) => /^work:.*:blend$/.test(what))).toHaveLength(2);
});

test("beans soaked overnight, a base sweated in a pan beside the pot and in by its time", async ({
  page,
}) => {
  test.slow();
  await page.clock.install({ time: new Date("2026-03-18T21:00:00+01:00") });
  await openSample(page);
  await page.goto("/plan/plan-beans");
  // The onion is to go in an hour before the end, sweated.
  await page.getByRole("button", { name: "Change Onion" }).click();
  await page.getByText("before the end", { exact: true }).click();
  await page.getByRole("textbox", { name: "Before the end" }).fill("60 min");
  await page.getByRole("textbox", { name: "Before the end" }).press("Enter");
  await page.getByText("work on it", { exact: true }).click();
  const sweat = page.getByRole("button", { name: "sweat", exact: true });
  if ((await sweat.getAttribute("aria-pressed")) !== "true") await sweat.click();
  await page.keyboard.press("Escape");
  await page.getByRole("button", { name: /Put it on/ }).click();

  // In the evening: soaked. It calls in the morning; what is left to do before is done then.
  await expect(next(page)).toHaveText(/^Soak the runner bean/);
  await press(page, "Space");
  await forward(page, 10 * 60 + 5);
  const all = page.locator(".next");
  while (!(await page.getByText("All of it is done.").isVisible())) {
    const before = await all.innerText();
    expect(before).not.toMatch(/^.*Sweat the onion/);
    await press(page, "Space");
    await expect.poll(() => all.innerText()).not.toBe(before);
  }
  await light(page);
  await forward(page, 40);
  await press(page, "Space");
  // The pan is called for in time; what it holds goes in when it is due.
  for (let min = 0; !/^Sweat the onion/.test(await next(page).innerText()); min += 5) {
    expect(min).toBeLessThan(300);
    if (/Stir|Skim|boils|Turn it down/.test(await next(page).innerText()))
      await press(page, "Space");
    await forward(page, 5);
  }
  await expect(page.locator(".look")).toContainText(/Beside the pot, in the .* Then it goes in\./);
  await press(page, "Space");
  await expect(page.getByText("Onion: sweated")).toBeVisible();
  const did = (await storedEvents(page)).flatMap((e) => ("what" in e ? [String(e.what)] : []));
  expect(did.filter((what) => /^work:.*:sweat$/.test(what))).toHaveLength(1);
  await expect(
    page.getByText("Onion is in now").or(page.getByRole("button", { name: "Onion is in now" })),
  ).toBeVisible();
});
