import { expect, test, type Page } from "@playwright/test";
import {
  forward,
  goOn,
  light,
  openSample,
  readAt,
  sentence,
  storedEvents,
  workThrough,
} from "./kitchens";

const next = (page: Page) => page.locator(".next h1");
const press = async (page: Page, key: string) => {
  await page.locator("#main").focus();
  await page.keyboard.press(key);
};

/** Entries that say that a piece of work is done. */
const saidDone = async (page: Page, work: string) =>
  (await storedEvents(page)).filter(
    (e) => e.kind === "worked" && e.work === work && e.how === "done",
  );

/** Lets the clock run until it is time for this; what comes round meanwhile is let go. */
async function until(page: Page, title: string): Promise<void> {
  for (let min = 0; (await next(page).innerText()) !== title; min += 5) {
    expect(min, title).toBeLessThan(240);
    await forward(page, 5);
  }
}

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
  const done = await workThrough(page);
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
  // What is still being written is not said a second time.
  await expect(page.locator(".look")).toContainText("Lot 2 of 2.");
  await press(page, "Space");
  await expect(next(page)).toHaveText("Cream in");
  await press(page, "Space");
  await expect(next(page)).toHaveText("Salt it");
  await press(page, "Space");
  await expect(next(page)).toHaveText("Serve it");
  expect(await saidDone(page, "blend")).toHaveLength(2);
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
  await goOn(page);
  await forward(page, 10 * 60 + 5);
  expect((await workThrough(page)).join()).not.toMatch(/Sweat the onion/);
  await light(page);
  await forward(page, 40);
  await goOn(page);
  // The pan is called for in time; what it holds goes in when it is due.
  for (let min = 0; !/^Sweat the onion/.test(await next(page).innerText()); min += 5) {
    expect(min).toBeLessThan(300);
    if (/Stir|Skim|boils|Turn it down/.test(await next(page).innerText())) await goOn(page);
    await forward(page, 5);
  }
  await expect(page.locator(".look")).toContainText(/Beside the pot, in the .* Then it goes in\./);
  await goOn(page);
  await expect(page.getByText("Onion: sweated")).toBeVisible();
  expect(await saidDone(page, "sweat")).toHaveLength(1);
  await expect(
    page.getByText("Onion is in now").or(page.getByRole("button", { name: "Onion is in now" })),
  ).toBeVisible();
});

test("a braise whole: thawed and salted ahead, browned in batches, covered, its gravy down, sauce and meat for ten, leftovers cold", async ({
  page,
}) => {
  test.slow();
  await page.clock.install({ time: new Date("2026-03-16T08:00:00+01:00") });
  await openSample(page);
  await page.goto("/plan/plan-gravy");
  await page.getByRole("button", { name: "Change Mutton shoulder" }).click();
  await page.getByText("work on it", { exact: true }).click();
  await page.getByRole("button", { name: "thaw in the fridge" }).click();
  await page.getByRole("button", { name: "salt ahead" }).click();
  await page.keyboard.press("Escape");
  await page.getByText("Who eats", { exact: false }).first().click();
  await page.getByLabel("How many eat").fill("10");
  await page.getByLabel("How many eat").press("Enter");
  // So much does not go into the oval casserole: the first way out is another pot.
  await page.getByRole("button", { name: "In the wide braiser" }).click();
  await page.getByRole("button", { name: /Put it on/ }).click();

  // Two days ahead it thaws, then it is salted; each calls when its time is over.
  await expect(next(page)).toHaveText("Thaw the mutton shoulder");
  await goOn(page);
  await forward(page, 24 * 60);
  await expect(next(page)).toHaveText("Thaw the mutton shoulder");
  await goOn(page);
  await expect(next(page)).toHaveText("Salt the mutton shoulder a night ahead");
  await expect(page.locator(".look")).toContainText(/2\d g of salt/);
  await goOn(page);
  await forward(page, 12 * 60 + 5);
  await expect(next(page)).toHaveText("Salt the mutton shoulder a night ahead");
  const titles = await workThrough(page);
  expect(titles.join("|")).toMatch(
    /Brown the mutton shoulder.*Batch 1 of (\d).*Batch \1 of \1.*Boil down the red wine/,
  );
  await light(page);
  await forward(page, 30);
  await page.getByRole("button", { name: /It simmers now/ }).click();
  await forward(page, 220);
  await press(page, "f");
  await page.getByRole("button", { name: /^Tender/ }).click();
  // A key while the dialog still stands would be the dialog's.
  await expect(page.getByRole("dialog")).toBeHidden();
  await expect(next(page)).toHaveText("Rolling boil, lid off");
  await goOn(page);
  await until(page, "Gentle simmer, lid on");
  await goOn(page);
  await until(page, "Take it off the heat");
  await goOn(page);
  // The plan does not say how salty: as braises were liked here, by tasting.
  await expect(next(page)).toHaveText("Salt it");
  await expect(page.locator(".look")).toContainText("as such pots were liked here");
  await goOn(page);
  await expect(next(page)).toHaveText("Serve it");
  await press(page, "Space");

  // The pot's own weight is known; nobody weighs, and that is said. Sauce and meat are shared out apart.
  await expect(page.getByLabel("Pot empty")).not.toHaveValue("");
  await page.getByRole("button", { name: /^Not measured: about .* as estimated/ }).click();
  await expect(page.getByText("nothing is learned from it")).toBeVisible();
  const apart = page.getByRole("region", { name: "The sauce by itself" });
  await apart.getByRole("button", { name: /as estimated/ }).click();
  await expect(apart.getByRole("listitem").filter({ hasText: "the sauce" })).toContainText(
    "for each of 10",
  );
  await expect(apart.getByRole("listitem").filter({ hasText: "mutton shoulder" })).toContainText(
    /\d+ g for each of 10/,
  );

  // A third of the meat is left; the sauce is all eaten. What is left goes cold and into its container.
  await page.getByRole("link", { name: "Portion it" }).click();
  await expect(page.getByRole("heading", { level: 1 })).toContainText("to portion");
  await page.getByRole("button", { name: "All eaten" }).click();
  await expect(page.getByRole("heading", { name: "All of it is put away" })).toBeVisible();
  await page.getByText("mutton shoulder", { exact: false }).first().click();
  await page.getByRole("button", { name: "About a third left" }).click();
  await expect(page.getByRole("heading", { level: 1 })).toContainText("to portion");
  // It is chilled by the code's clock, read until it is cold, and only then on its shelf.
  await page.getByRole("link", { name: "Chill", exact: true }).click();
  await page.waitForURL(/\/chill\//);
  await expect(page.getByRole("heading", { name: "This way it is cold in time" })).toBeVisible();
  await page.getByRole("button", { name: "It is done so, from now" }).click();
  for (const [min, tempC] of [
    [25, "50"],
    [45, "19"],
    [150, "4.5"],
  ] as const) {
    await forward(page, min);
    await readAt(page, tempC);
  }
  await page.getByRole("button", { name: "It is cold through: portion it" }).click();
  await page.getByText("mutton shoulder", { exact: false }).first().click();
  await page.getByText("fridge", { exact: true }).first().click();
  await page.getByRole("button", { name: /^Fill \d+ of/ }).click();
  await expect(page.getByText(/in containers/)).toBeVisible();
});
