import { expect, test, type Locator, type Page } from "@playwright/test";
import { clockFilled, light, openOwn, openSample, sentence, storedEvents } from "./kitchens";

const DAY = "2026-03-19";
/** What the run sheet says is next: when, and what. */
async function nextOf(page: Page, day = DAY): Promise<{ at: Date; title: string }> {
  const said = await page.locator(".sheet .next strong").innerText();
  const [, time = "", title = ""] = /^(\d\d:\d\d) ([^,]*)/.exec(said) ?? [];
  return { at: new Date(`${day}T${time}:00+01:00`), title };
}
/** The page's clock at a moment that is still to come. */
async function goTo(page: Page, at: Date): Promise<void> {
  const now = await page.evaluate(() => Date.now());
  if (at.getTime() > now) await page.clock.fastForward(at.getTime() - now);
  await page.clock.runFor(1500);
}

test("on a phone the run sheet is followed from the first cut to the table", async ({ page }) => {
  test.slow();
  await page.setViewportSize({ width: 390, height: 844 });
  await page.clock.install({ time: new Date(`${DAY}T08:00:00+01:00`) });
  await openOwn(page);
  await page.goto("/new");
  await page.getByRole("button", { name: /^Stew/ }).click();
  await expect(sentence(page)).toContainText("beef chuck");
  await page.goto("/clock");
  await page.getByRole("button", { name: /Add a meal/ }).click();
  await page.getByLabel("When", { exact: true }).fill(`${DAY}T18:30`);
  await page.getByRole("checkbox", { name: "Stew", exact: true }).check();
  await page.getByRole("button", { name: "Put it on the clock" }).click();
  await clockFilled(page);
  // Each thing at its time, until the pot is to be filled.
  const did: string[] = [];
  for (;;) {
    const { at, title } = await nextOf(page);
    await goTo(page, at);
    await clockFilled(page);
    if (/^Gather and fill/.test(title)) break;
    const box = page.getByRole("checkbox", { name: `${title} is done` });
    await box.click();
    did.push(title);
    await expect(box).toBeHidden();
  }
  expect(did.length).toBeGreaterThan(4);
  await page
    .getByRole("button", { name: /^Gather and fill/ })
    .first()
    .click();
  await page.getByRole("button", { name: "Put it on" }).click();
  await expect(page.getByText("All of it is done.")).toBeVisible();
  await light(page);
  // From then on the sheet leads to the pot for each thing, and the pot asks for that very thing.
  const asked = page.locator(".next h1");
  const toPot = async (title: string) => {
    await page
      .getByRole("button", { name: new RegExp(`^${title}`) })
      .first()
      .click();
    await page.getByRole("link", { name: "To the pot" }).click();
    await expect(asked).toBeVisible();
  };
  const atPot: string[] = [];
  for (;;) {
    await page.getByRole("link", { name: "Clock", exact: true }).click();
    await clockFilled(page);
    const { at, title } = await nextOf(page);
    await goTo(page, at);
    await clockFilled(page);
    if (/^Serve/.test(title)) break;
    await toPot(title);
    await expect(asked).toHaveText(title);
    const before = (await storedEvents(page)).length;
    await page.locator(".next .done").click();
    const dialog = page.getByRole("dialog");
    if (title === "Read the level") {
      const [, cm = ""] = /at about ([\d.]+) cm/.exec(await dialog.innerText()) ?? [];
      await dialog.getByLabel("How deep, floor to surface").fill(`${cm} cm`);
      await dialog.getByRole("button", { name: "Keep this reading" }).click();
    }
    if (title === "Try it with a fork")
      await dialog.getByRole("button", { name: /^Nearly/ }).click();
    await expect.poll(async () => (await storedEvents(page)).length).toBeGreaterThan(before);
    atPot.push(title);
  }
  expect(new Set(atPot)).toEqual(
    new Set([
      ...["It simmers", "Skim", "Stir", "Read the level", "Carrot in", "Try it with a fork"],
      ...["Potato in", "Take it off the heat", "Parsley in"],
    ]),
  );
  // It waits for its table, and is not cooked a second time.
  await expect(page.getByRole("button", { name: /beef chuck/ })).toHaveCount(0);
  await toPot("Serve");
  await expect(asked).toHaveText("Serve it");
  await page.locator(".next .done").click();
  await page.getByLabel("2 bay leaves out").check();
  await page.getByRole("button", { name: /^Not measured/ }).click();
  await expect(page.getByRole("heading", { name: /served/ })).toBeVisible();
  expect((await storedEvents(page)).at(-1)?.kind).toBe("strained");
});

test("a whole evening by the keys alone: a way out, the work, the pot put on, and to bed", async ({
  page,
}) => {
  test.slow();
  await page.clock.install({ time: new Date("2026-03-18T20:14:00+01:00") });
  await openSample(page);
  const { keyboard } = page;
  /** Goes on by the tab key to where it stands, as somebody without a mouse does. */
  const tabTo = async (what: Locator): Promise<void> => {
    await expect(what).toBeVisible();
    for (let i = 0; i < 150; i++) {
      if (await what.evaluate((e) => e === document.activeElement)) return;
      await keyboard.press("Tab");
    }
    throw new Error(`no key leads to ${String(what)}`);
  };
  await keyboard.press("4");
  await clockFilled(page);
  await expect(page.locator(".sentence")).toContainText("cannot be as it stands");
  await tabTo(page.getByRole("button", { name: /Goat braise for the big table in the oval/ }));
  await keyboard.press("Enter");
  await expect(page.locator(".sentence")).toContainText(/in time nine/);
  await expect(page.locator(".sentence")).toContainText(/Nothing wakes you/);
  await tabTo(page.getByRole("radio", { name: "lanes" }));
  await keyboard.press("ArrowRight");
  // The work of the evening, each thing at its time, up to the pot that goes on for the night.
  const did: string[] = [];
  for (;;) {
    const { at, title } = await nextOf(page, "2026-03-18");
    await goTo(page, at);
    await clockFilled(page);
    if (/^Gather and fill/.test(title)) break;
    const box = page.getByRole("checkbox", { name: `${title} is done` }).first();
    await tabTo(box);
    await keyboard.press("Space");
    did.push(title);
    await expect(box).toBeHidden();
  }
  expect(did).toEqual(["Blanch the pork trotters"]);
  await tabTo(page.getByRole("button", { name: /^Gather and fill: trotter stock/ }).first());
  await keyboard.press("Enter");
  await tabTo(page.getByRole("button", { name: "Put it on" }));
  await keyboard.press("Enter");
  await expect(page.getByText("All of it is done.")).toBeVisible();
  const asked = page.locator(".next h1");
  const titles: string[] = [];
  for (let i = 0; i < 2; i++) {
    titles.push(await asked.innerText());
    await keyboard.press("Space");
    await expect(asked).not.toHaveText(titles.at(-1) ?? "");
  }
  expect(titles).toEqual(["Into the pot", "Switch the slow cooker on"]);
  // With two pots on, digits go from pot to pot; the clock is a link away.
  await tabTo(page.getByRole("link", { name: "Clock", exact: true }));
  await keyboard.press("Enter");
  await clockFilled(page);
  // The other pot's leek yet, and then to bed.
  await expect(page.locator(".sentence")).toContainText(
    /^Next, today 20:\d\d: leek and peppercorns in\. Nothing wakes you.*; first hands tomorrow 0[67]:\d\d\./,
  );
  const lit = (await storedEvents(page)).filter((e) => e.kind === "lit");
  expect(Math.max(...lit.map((e) => e.atMs))).toBeGreaterThan(Date.parse("2026-03-18T20:14+01:00"));
});
