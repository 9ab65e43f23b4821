import { readFileSync } from "node:fs";
import { expect, test, type Page } from "@playwright/test";
import {
  fill,
  forward,
  light,
  openOwn,
  openSample,
  planEmptyPot,
  putIn,
  sentence,
  storedEvents,
} from "./kitchens";

const EVENING = new Date("2026-03-18T20:14:00+01:00");

test.beforeEach(async ({ page }) => {
  await page.clock.install({ time: EVENING });
});

/** "2.4 L" or "430 mL" in litres. */
const litres = (text: string) => Number.parseFloat(text) / (text.includes("mL") ? 1000 : 1);

/** A small pot on the fire, simmering. */
async function simmering(page: Page, line = "2 kg oxtail"): Promise<void> {
  await openOwn(page);
  await planEmptyPot(page);
  await putIn(page, line);
  await page.getByRole("button", { name: /Put it on/ }).click();
  await fill(page);
  await expect(page.getByRole("heading", { name: "Light the ring" })).toBeVisible();
  for (const [minutes, heading] of [
    [0, "It boils"],
    [45, "Turn it down"],
    [5, "Skim"],
  ] as const) {
    await forward(page, minutes);
    await page.keyboard.press("Space");
    await expect(page.getByRole("heading", { name: heading })).toBeVisible();
  }
}

test("heat and lid turned, water poured in: the forecast follows and can be taken back", async ({
  page,
}) => {
  await simmering(page);
  await forward(page, 60);
  const strained = page.locator(".yield .result");
  const before = litres(await strained.innerText());
  await page.keyboard.press("h");
  const heat = page.getByRole("dialog", { name: "Heat and lid now" });
  await heat.getByText("off", { exact: true }).click();
  await heat.getByText("steady", { exact: true }).click();
  await heat.getByRole("button", { name: "It is so now" }).click();
  await expect(page.getByText("Turned to a steady simmer, lid off")).toBeVisible();
  await expect.poll(async () => litres(await strained.innerText())).toBeLessThan(before - 0.5);
  await page.keyboard.press("w");
  await page.getByLabel("Water poured in, best boiling").fill("1 L");
  await page.getByLabel("Water poured in, best boiling").press("Enter");
  await expect(page.getByText("Topped up, 1 L")).toBeVisible();
  await expect(page.getByRole("dialog", { name: "Top up" })).toBeHidden();
  await page.keyboard.press("u");
  await page.keyboard.press("u");
  await expect(page.getByText("Turned to a steady simmer, lid off")).toBeHidden();
  await expect.poll(async () => litres(await strained.innerText())).toBeCloseTo(before, 1);
});

test("a level that cannot be is refused with what would be right, and nothing is stored", async ({
  page,
}) => {
  await simmering(page);
  const before = (await storedEvents(page)).length;
  await page.keyboard.press("l");
  const dialog = page.getByRole("dialog", { name: "Read the level" });
  await dialog.getByLabel("How deep, floor to surface").fill("60 cm");
  await dialog.getByLabel("How deep, floor to surface").press("Enter");
  await expect(dialog.getByRole("alert")).toContainText("out of range: from 0.0 cm to 22.6 cm");
  await dialog.getByLabel("How deep, floor to surface").fill("deep");
  await dialog.getByLabel("How deep, floor to surface").press("Enter");
  await expect(dialog.getByRole("alert")).toContainText("Type a length such as");
  await dialog.getByRole("button", { name: "Keep this reading" }).click();
  await expect(
    dialog.getByText("Not kept yet: “How deep, floor to surface” is not clear."),
  ).toBeVisible();
  await page.keyboard.press("Escape");
  expect(await storedEvents(page)).toHaveLength(before);
});

test("a pot that stops by its level says when it is down there, from when to when", async ({
  page,
}) => {
  await openOwn(page);
  await planEmptyPot(page);
  await putIn(page, "2 kg oxtail");
  await page.getByRole("button", { name: /change the time/ }).click();
  await page.getByText("down to litres").click();
  await page.getByLabel("Left in the pot, bones in").fill("3 L");
  await page.getByLabel("Left in the pot, bones in").press("Enter");
  await expect(sentence(page)).toContainText("down to 3.0 L (about");
  await page.keyboard.press("Escape");
  await page.getByRole("button", { name: /Put it on/ }).click();
  await fill(page);
  await expect(page.getByRole("heading", { name: "Light the ring" })).toBeVisible();
  await page.keyboard.press("Space");
  await expect(page.getByText("Down there")).toBeVisible();
  const range = await page.getByRole("definition").filter({ hasText: " to " }).innerText();
  expect(range).toMatch(/\d\d:\d\d \(\d\d:\d\d to .*\d\d:\d\d\)/);
});

test("two pots on the fire: both on the bench and the hob rail, one tap apart", async ({
  page,
}) => {
  await openSample(page);
  await page.goto("/plan/plan-hare");
  await page.getByRole("button", { name: /Put it on/ }).click();
  await fill(page);
  await expect(page.getByRole("heading", { name: "Light the ring" })).toBeVisible();
  await page.keyboard.press("Space");
  await expect(page.getByRole("heading", { name: "It boils" })).toBeVisible();
  const rail = page.getByRole("contentinfo", { name: "On the hob" });
  await expect(rail.getByRole("link", { name: /Plain hare broth/ })).toBeVisible();
  await expect(rail.getByRole("link", { name: /Pork trotter stock/ })).toBeVisible();
  await page
    .getByRole("navigation", { name: "Pots on the fire" })
    .getByText("Pork trotter stock")
    .click();
  await expect(page.getByText("Leek and peppercorns in").first()).toBeVisible();
  await page.goto("/bench");
  await expect(page.getByRole("heading", { name: "Plain hare broth" })).toBeVisible();
  await expect(page.getByRole("heading", { name: "Pork trotter stock" })).toBeVisible();
});

test("a pot not lit yet can be taken off again without a trace", async ({ page }) => {
  await openSample(page);
  await page.goto("/plan/plan-lamb");
  await page.getByRole("button", { name: /Put it on/ }).click();
  await page.getByRole("button", { name: "Take it off again" }).click();
  await expect(page.getByRole("heading", { name: "Bramholt Hut" })).toBeVisible();
  await page.goto("/logbook");
  await expect(page.getByText(/planned \d/).first()).toBeVisible();
  expect(
    (await storedEvents(page)).some((e) => e.kind === "lit" && e.atMs >= EVENING.getTime()),
  ).toBe(false);
});

test("strained by weight, with a bowl that cannot weigh that much", async ({ page }) => {
  await simmering(page, "2 kg chicken backs");
  await forward(page, 365);
  await page.getByRole("button", { name: /It is off the heat/ }).click();
  await forward(page, 11);
  await page.getByRole("button", { name: /To the sieve/ }).click();
  await page.getByText("by weight", { exact: true }).click();
  await page.getByRole("button", { name: "Keep what came through" }).click();
  await expect(page.getByRole("alert")).toContainText("Measure what came through first");
  await page.getByLabel("Bowl and stock").fill("4.1 kg");
  await page.getByLabel("Bowl empty").fill("5 kg");
  await page.getByRole("button", { name: "Keep what came through" }).click();
  await expect(page.getByRole("alert")).toContainText("weighs more than the full one");
  await page.getByLabel("Bowl empty").fill("1,1 kg");
  await page.getByRole("button", { name: "Keep what came through" }).click();
  await expect(page.getByRole("heading", { level: 1 })).toContainText("3.0 L");
  await expect(page.getByRole("link", { name: "Portion it" })).toBeVisible();
  await page.keyboard.press("u");
  await expect(page.getByRole("heading", { name: "What came through" })).toBeVisible();
});

test("cautions stand where the risk is: night, animals, beans", async ({ page }) => {
  await openSample(page);
  await page.goto("/plan/plan-lamb");
  await expect(page.getByText("Note: Someone stays by the ring")).toBeVisible();
  await page.getByRole("button", { name: "Thu 19 Mar 17:00" }).focus();
  await page.keyboard.press("Enter");
  const field = page.getByLabel("Strained by").locator("input");
  await expect(field).toBeFocused();
  // Arrow keys step whichever part stands first in this browser's own order of day and month.
  const before = await field.inputValue();
  await page.keyboard.press("ArrowDown");
  await expect(field).not.toHaveValue(before);
  await field.fill("2026-03-19T04:00");
  await page.keyboard.press("Escape");
  await expect(page.getByRole("button", { name: "Thu 19 Mar 04:00" })).toBeVisible();
  await expect(page.getByText("Danger: The ring would burn in the night")).toBeVisible();
  await putIn(page, "300 g dried runner beans");
  await expect(page.getByText("Danger: Beans need a 45 min rolling boil")).toBeVisible();
  await page.goto("/plan/plan-hare");
  await putIn(page, "1 medium onion");
  await expect(page.getByText("Danger: Not for animals: Onion")).toBeVisible();
});

test("the logbook shows one kind, opens its course, and plans it again", async ({ page }) => {
  await openSample(page);
  await page.goto("/logbook");
  await expect(page.getByRole("main").getByRole("listitem")).toHaveCount(16);
  await page.getByRole("combobox").selectOption("Smoked trout fumet");
  await expect(page.getByRole("main").getByRole("listitem")).toHaveCount(2);
  await page.getByRole("main").getByRole("listitem").getByRole("link").first().click();
  await expect(page.getByText("Strained,", { exact: false })).toBeVisible();
  await page.getByRole("button", { name: "Plan it again" }).click();
  await expect(sentence(page)).toContainText("smoked trout frames");
  await expect(page.getByText("Take care: It comes out salty")).toBeVisible();
});

test("plans are named, copied, opened and removed", async ({ page }) => {
  await openSample(page);
  await page.goto("/plan/plan-lamb");
  await page.getByRole("button", { name: /^Lamb neck broth: name/ }).click();
  const details = page.getByRole("dialog", { name: "This plan" });
  await details.getByLabel("Name").fill("Friday broth");
  await details.getByRole("button", { name: "Copy this" }).click();
  await expect(page.getByRole("button", { name: /^Friday broth again: name/ })).toBeVisible();
  await page.getByRole("dialog").getByRole("button", { name: "Friday broth", exact: true }).click();
  await expect(page.getByRole("button", { name: /^Friday broth: name/ })).toBeVisible();
  await page.getByRole("button", { name: /^Friday broth: name/ }).click();
  await page.getByRole("dialog").getByRole("button", { name: "Remove" }).click();
  await expect(page.getByRole("button", { name: /^Friday broth again: name/ })).toBeVisible();
});

test("a braise that does not go as planned: paused, forked, ladled, split, left out, taken back", async ({
  page,
}) => {
  test.slow();
  // What was tapped last may be gone from the screen, and the letter with it: the keys are the page's own.
  const press = async (key: string) => {
    await page.locator("#main").focus();
    await page.keyboard.press(key);
  };
  await openSample(page);
  await page.goto("/plan/plan-braise");
  await page.getByRole("button", { name: /Put it on/ }).click();
  await light(page);
  await forward(page, 21);
  await page.getByRole("button", { name: /It is in the oven/ }).click();
  const moved = page.locator(".moved");
  await expect(moved).toContainText("as planned");
  const readyAt = async () => (await moved.locator("b").innerText()).trim();
  const promised = await readyAt();

  // Heat off for half an hour: it says so, and comes back with a tap.
  await forward(page, 30);
  await press("p");
  await page.getByRole("button", { name: "It is so now" }).click();
  await expect(page.getByText(/No heat for \d+ min/)).toBeVisible();
  await forward(page, 30);
  await page.getByRole("button", { name: /Heat is back/ }).click();
  // Until that is in the log the key would say it once more.
  await expect(page.getByRole("button", { name: /Heat is back/ })).toBeHidden();
  await expect(moved).toContainText(/instead of .* to make up for being without heat/);
  expect(await readyAt()).not.toBe(promised);

  // A lid that was off, told afterwards; a portion out and back.
  await press("p");
  await page.getByText("lid off", { exact: true }).click();
  await page.getByText("it is back", { exact: true }).click();
  await page.getByLabel("It lasted").fill("20");
  await page.getByRole("button", { name: "Count it in" }).click();
  await expect(page.getByText("Lid off for 20 min")).toBeVisible();
  await press("w");
  await page.getByText("ladled out", { exact: true }).click();
  await page.getByLabel("Liquid taken out of the pot").fill("300 mL");
  await page.getByLabel("Liquid taken out of the pot").press("Enter");
  await expect(page.getByText("Ladled out, 300 mL")).toBeVisible();

  // The carrots are split, one part left out; the fork says not yet.
  await page.getByRole("button", { name: /^Carrot, 350 g/ }).click();
  await page.getByLabel("Keep part of it for later").fill("150 g");
  await page.getByRole("button", { name: "Split it" }).click();
  await expect(page.getByRole("button", { name: /^Carrot, 200 g/ })).toBeVisible();
  await page.getByRole("button", { name: /^Carrot, 150 g/ }).click();
  await page.getByRole("button", { name: "Leave it out", exact: true }).click();
  await expect(page.getByRole("button", { name: /^Carrot, 150 g/ })).toBeHidden();
  await press("f");
  await page.getByRole("button", { name: /^Not yet/ }).click();
  await expect(page.getByText(/Fork, goat shoulder: not yet/)).toBeVisible();
  await press("u");
  await expect(page.getByText(/Fork, goat shoulder: not yet/)).toBeHidden();

  // A thermometer by hand stands for now.
  await press("c");
  await page.getByLabel("In the liquid, stirred").fill("88.8");
  await page.getByLabel("In the liquid, stirred").press("Enter");
  await expect(page.getByText(/88\.8 °C.*measured/)).toBeVisible();
  // Nor does the table pass over what still lies there.
  await page.getByRole("link", { name: "Serve" }).click();
  await expect(page.getByText("Still on the counter: carrot, dried apricots.")).toBeVisible();
});

test("asked once: it may ring, the screen may stay on; answers stand in Kitchen and can be changed", async ({
  page,
}) => {
  await simmering(page);
  await expect(page.getByText("Shall it ring when something is due?")).toBeVisible();
  await page.getByRole("button", { name: "Yes, ring" }).click();
  await expect(page.getByText("Shall the screen stay on")).toBeVisible();
  await page.getByRole("button", { name: "No", exact: true }).click();
  await expect(page.getByText("Shall the screen stay on")).toBeHidden();
  await page.goto("/kitchen");
  await expect(page.getByLabel("It rings when something is due")).toBeChecked();
  await expect(page.getByLabel("The screen stays on")).not.toBeChecked();
  await page.getByRole("button", { name: "Sound check" }).click();
  await expect(page.getByText(/danger calls|let nothing sound/)).toBeVisible();
});

test("readings go out to a CSV and come in from one; a wrong line takes nothing in", async ({
  page,
}) => {
  await openSample(page);
  await page.goto("/cook/on-fire");
  await expect(page.getByRole("heading", { name: /Leek and peppercorns in/ })).toBeVisible();
  await page.locator("#main").focus();
  await page.keyboard.press("i");
  const dialog = page.getByRole("dialog", { name: "Instruments" });
  const downloading = page.waitForEvent("download");
  await dialog.getByRole("button", { name: "Readings to a CSV file" }).click();
  const lines = readFileSync(await (await downloading).path(), "utf8")
    .trim()
    .split(/\r?\n/);
  expect(lines[0]).toMatch(/^time,liquid_c,/);
  expect(lines).toHaveLength(3);

  const before = (await storedEvents(page)).length;
  const take = (text: string) =>
    dialog.getByLabel("Readings from a CSV file").setInputFiles({
      name: "probe.csv",
      mimeType: "text/csv",
      buffer: Buffer.from(text),
    });
  await take("time,liquid_c\n2026-03-18 19:00,92.4\n2026-03-18 19:10,hot\n");
  await expect(dialog.getByRole("alert")).toContainText("Nothing was taken in.");
  await expect(dialog.getByRole("alert")).toContainText(/Line 3: .*hot/);
  expect(await storedEvents(page)).toHaveLength(before);
  await take("time,liquid_c,depth_cm\n2026-03-18 19:00,92.4,\n2026-03-18 19:10,92.5,9.7\n");
  await expect(dialog.getByText("3 readings are in.")).toBeVisible();
  await expect(dialog.getByRole("alert")).toHaveCount(0);
  expect(await storedEvents(page)).toHaveLength(before + 3);
  await page.keyboard.press("Escape");
  await expect(page.getByText(/from 3 readings/)).toBeVisible();
});

test("on for a while before anybody said so: since when, and nothing that is still to come", async ({
  page,
}) => {
  await page.clock.install({ time: new Date("2026-03-18T09:00:00+01:00") });
  await openOwn(page);
  await planEmptyPot(page);
  await putIn(page, "2 kg oxtail");
  await page.getByRole("button", { name: /Put it on/ }).click();
  await fill(page);
  await page.getByRole("button", { name: "It has been on since …" }).click();
  const dialog = page.getByRole("dialog", { name: "It has been on since" });
  await dialog.getByLabel("Put on at").fill("2026-03-18T10:30");
  await dialog.getByRole("button", { name: "It is on since then" }).click();
  await expect(dialog.getByRole("alert")).toContainText("still to come");
  expect((await storedEvents(page)).map((e) => e.kind)).not.toContain("lit");
  await dialog.getByLabel("Put on at").fill("2026-03-18T08:20");
  await expect(dialog.getByText("On for 40 min")).toBeVisible();
  await dialog.getByRole("button", { name: "It is on since then" }).click();
  await expect(dialog).toBeHidden();
  await expect(page.getByText(/on since 08:20/)).toBeVisible();
  const lit = (await storedEvents(page)).find((e) => e.kind === "lit");
  expect(new Date(lit?.atMs ?? 0).toISOString()).toBe("2026-03-18T07:20:00.000Z");
  // What was ticked off just before is in from the first, not forty minutes late.
  await expect(page.getByText(/later: late to boil/)).toBeHidden();
  await expect(page.locator("#main").getByText(/^Ready at/)).toBeVisible();
});
