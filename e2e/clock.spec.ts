import { expect, test, type Page } from "@playwright/test";
import ICAL from "ical.js";
import { readFileSync } from "node:fs";
import { violations } from "./axe";
import { clockFilled, forward, light, openSample } from "./kitchens";

const EVENING = new Date("2026-03-18T20:14:00+01:00");

/** The sample kitchen on a Wednesday evening, the clock filled: tomorrow's supper clashes. */
async function openClock(page: Page): Promise<void> {
  await page.clock.install({ time: EVENING });
  await openSample(page);
  await page.keyboard.press("4");
  await expect(page.getByRole("heading", { name: /Thursday supper for 38/ })).toBeVisible();
  await clockFilled(page);
}
/** As surely as is planned with, or more so. */
const IN_TIME = /in time (?:nine times in ten|nineteen times in twenty)/;
const told = (page: Page) => page.locator(".sentence");
const bar = (page: Page, name: RegExp) => page.getByRole("button", { name }).first();
/** When a bar begins, min of the day, by what it says of itself. */
async function beginOf(page: Page, name: RegExp): Promise<number> {
  const said = (await bar(page, name).getAttribute("aria-label")) ?? "";
  const [, hours = "0", minutes = "0"] = /(\d\d):(\d\d) to/.exec(said) ?? [];
  return Number(hours) * 60 + Number(minutes);
}

test("the clash of the weekend is mended by a way out, and undone in one step", async ({
  page,
}) => {
  await openClock(page);
  await expect(told(page)).toContainText("cannot be as it stands");
  await expect(page.getByText("one pot at a time in the wide braiser")).toBeVisible();
  const ways = page.locator(".ways .button");
  await expect.poll(() => ways.count()).toBeGreaterThanOrEqual(3);
  await page.getByRole("button", { name: /Goat braise for the big table in the oval/ }).click();
  await expect(told(page)).toContainText(IN_TIME);
  await expect(page.locator(".ways .button")).toHaveCount(0);
  await page.getByRole("button", { name: /^Undo: Goat braise/ }).click();
  await expect(told(page)).toContainText("cannot be as it stands");
});

test("a task is moved by the keys, stays there over a reload, and can be let go", async ({
  page,
}) => {
  await openClock(page);
  await page.getByRole("button", { name: /Goat braise for the big table in the oval/ }).click();
  await expect(told(page)).toContainText(IN_TIME);
  const brown = /^Trim the goat shoulder/;
  const before = await beginOf(page, brown);
  await bar(page, brown).focus();
  for (let i = 0; i < 6; i++) {
    const was = await beginOf(page, brown);
    await page.keyboard.press("ArrowLeft");
    await expect.poll(() => beginOf(page, brown)).toBe(was - 5);
  }
  expect(await beginOf(page, brown)).toBe(before - 30);
  await expect(bar(page, brown)).toHaveAccessibleName(/stays there/);
  await page.reload();
  await clockFilled(page);
  await expect(bar(page, brown)).toHaveAccessibleName(/stays there/);
  expect(await beginOf(page, brown)).toBe(before - 30);
  await bar(page, brown).focus();
  await page.keyboard.press("Enter");
  await page.getByRole("button", { name: "Let it move again" }).click();
  await expect(bar(page, brown)).not.toHaveAccessibleName(/stays there/);
});

test("dragged by the pointer, the rest follows and it stays where it is let go", async ({
  page,
}) => {
  await openClock(page);
  await page.getByRole("button", { name: /Goat braise for the big table in the oval/ }).click();
  await expect(told(page)).toContainText(IN_TIME);
  await page.getByText("a day", { exact: true }).click();
  const name = /^Lamb neck broth, .*Gas ring 1/;
  const big = page.getByRole("button", { name }).nth(1);
  // Where it has come to rest: a bar still on its way is not held.
  await expect(async () => {
    await page.clock.runFor(500);
    await expect(page.getByText("Filling the clock")).toBeHidden({ timeout: 200 });
  }).toPass();
  await big.hover({ position: { x: 30, y: 30 } });
  const box = await big.boundingBox();
  if (box === null) throw new Error("no bar");
  await page.mouse.move(box.x + 30, box.y + 30);
  await page.mouse.down();
  await page.mouse.move(box.x - 10, box.y + 30, { steps: 4 });
  await page.mouse.up();
  await expect(
    page.getByRole("button", { name: /Lamb neck broth.*stays there/ }).first(),
  ).toBeVisible();
  await expect(page.getByRole("button", { name: /^Undo: .* moved/ })).toBeVisible();
});

test("it goes out as a calendar and as CSV, and the calendar is read back", async ({ page }) => {
  await openClock(page);
  const saved = async (button: string) => {
    const download = page.waitForEvent("download");
    await page.getByRole("button", { name: button, exact: true }).click();
    return readFileSync(await (await download).path(), "utf8");
  };
  const root = new ICAL.Component(ICAL.parse(await saved("To a calendar")) as unknown[]);
  const events = root.getAllSubcomponents("vevent").map((e) => new ICAL.Event(e));
  const trim = events.find((e) => e.summary.startsWith("Trim the goat"));
  const begin = await beginOf(page, /^Trim the goat shoulder/);
  const at = trim?.startDate.toJSDate() ?? new Date(0);
  const vienna = at.toLocaleTimeString("en-GB", { timeZone: "Europe/Vienna" });
  expect(Number(vienna.slice(0, 2)) * 60 + Number(vienna.slice(3, 5))).toBe(begin);
  expect(new Set(events.map((e) => e.uid)).size).toBe(events.length);
  expect(root.getFirstSubcomponent("vevent")?.getFirstSubcomponent("valarm")).not.toBeNull();
  expect(await saved("CSV")).toMatch(/^from,to,slowTo,task,/);
});

test("the run sheet prints by itself, with boxes to tick, on A4 and on Letter", async ({
  page,
}) => {
  await page.addInitScript(() => {
    window.print = () => document.documentElement.setAttribute("data-printed", "yes");
  });
  await openClock(page);
  await page.getByRole("button", { name: "Print" }).click();
  await expect(page.locator("html")).toHaveAttribute("data-printed", "yes");
  await page.emulateMedia({ media: "print" });
  await expect(page.getByRole("button", { name: "To a calendar" })).toBeHidden();
  await expect(page.getByRole("region", { name: "What clashes" })).toBeHidden();
  await expect(page.getByRole("checkbox", { name: /Blanch the pork trotters/ })).toBeVisible();
  for (const format of ["A4", "Letter"]) {
    const pdf = await page.pdf({ format });
    expect(pdf.subarray(0, 5).toString()).toBe("%PDF-");
    // All of it on two leaves at the most.
    const leaves = pdf.toString("latin1").match(/\/Type \/Page\b/g)?.length ?? 0;
    expect(leaves).toBeGreaterThan(0);
    expect(leaves).toBeLessThanOrEqual(3);
  }
});

test("on a phone the run sheet leads: work is ticked off, and the pot put on from it", async ({
  page,
}) => {
  await page.setViewportSize({ width: 390, height: 844 });
  await page.clock.install({ time: EVENING });
  await openSample(page);
  await page.goto("/clock");
  await clockFilled(page);
  await expect(page.getByText("Next for the kitchen")).toBeVisible();
  const first = page.getByRole("checkbox", { name: /Blanch the pork trotters is done/ });
  await first.click();
  await expect(first).toBeHidden();
  await expect(page.getByText(/Begin .*gather and fill/)).toBeVisible();
  await page
    .getByRole("button", { name: /Gather and fill: trotter stock overnight/ })
    .first()
    .click();
  await page.getByRole("button", { name: "Put it on" }).click();
  await expect(page).toHaveURL(/\/cook\//);
  // What was ticked off is done at the stove too, and in the log.
  await expect(page.getByText("All of it is done.")).toBeVisible();
  await expect(page.getByText("Pork trotters: blanched")).toBeVisible();
  await light(page);
  await page.goto("/clock");
  await clockFilled(page);
  await expect(page.getByRole("button", { name: /Gather and fill: trotter stock/ })).toHaveCount(0);
});

test("work ticked off at the stove is off the clock", async ({ page }) => {
  await page.clock.install({ time: EVENING });
  await openSample(page);
  await page.goto("/plan/plan-table-braise");
  await page
    .getByRole("button", { name: /Put it on/ })
    .first()
    .click();
  await expect(page.getByRole("heading", { name: "Work before it goes on" })).toBeVisible();
  await page.getByRole("checkbox", { name: /Trim the goat shoulder/ }).check();
  await expect(page.getByText("Goat shoulder: trimmed")).toBeVisible();
  await page.goto("/clock");
  await clockFilled(page);
  await expect(page.getByRole("button", { name: /^Cut the goat shoulder/ }).first()).toBeVisible();
  await expect(page.getByRole("button", { name: /^Trim the goat shoulder/ })).toHaveCount(0);
});

test("a meal of one's own is put on the clock by the keys alone", async ({ page }) => {
  await openClock(page);
  await page.keyboard.press("n");
  await expect(page.getByLabel("Name", { exact: true })).toBeFocused();
  await page.keyboard.press("End");
  await page.keyboard.type(" for the staff");
  await page.getByLabel("When", { exact: true }).fill("2026-03-18T10:00");
  await page.getByRole("checkbox", { name: "Runner beans with mutton" }).check();
  await page.keyboard.press("Enter");
  await expect(page.getByText("That time is past.")).toBeVisible();
  await page.getByLabel("When", { exact: true }).fill("2026-03-20T12:00");
  await page.getByLabel("Who eats").fill("6");
  await page.keyboard.press("Enter");
  await expect(page.getByRole("dialog")).toBeHidden();
  await expect(
    page.getByRole("button", { name: "Supper for the staff", exact: true }),
  ).toBeVisible();
  await expect(page.getByRole("button", { name: /Soak the runner beans/ }).first()).toBeVisible();
});

test("a dish cooked ahead is chilled, stands in the fridge, and is hot again for its meal", async ({
  page,
}) => {
  await openClock(page);
  await page.getByRole("button", { name: /cooked ahead, chilled, and reheated/ }).click();
  await expect(told(page)).toContainText(IN_TIME);
  await expect(bar(page, /^Goat braise for the big table, .*, Fridge$/)).toBeVisible();
  await page.getByText("run sheet", { exact: true }).click();
  await expect(page.getByText(/Reheat the goat braise/).first()).toBeVisible();
  await expect(page.getByText(/to 74 °C.*once only/).first()).toBeVisible();
  await page.getByText("lanes", { exact: true }).click();
  await page.getByRole("button", { name: "Thursday supper", exact: true }).click();
  const ahead = page.getByRole("checkbox", { name: /^Goat braise for the big table: cooked/ });
  await expect(ahead).toBeChecked();
  await ahead.uncheck();
  await page.getByRole("button", { name: "Put it on the clock" }).click();
  await expect(page.getByRole("dialog")).toBeHidden();
  await expect(told(page)).toContainText("cannot be as it stands");
});

test("quiet hours and litres in the fridge are kept, and what they keep away is said", async ({
  page,
}) => {
  await openClock(page);
  await page.getByRole("button", { name: /Goat braise for the big table in the oval/ }).click();
  await expect(told(page)).toContainText(IN_TIME);
  await page.getByRole("link", { name: "Kitchen" }).first().click();
  await page.getByRole("button", { name: "Add quiet hours" }).click();
  const quiet = page.locator(".window").filter({ hasText: "Quiet" });
  await quiet.getByLabel("from").fill("06:30");
  await quiet.getByLabel("to", { exact: true }).fill("20:00");
  await page.getByRole("link", { name: "Clock", exact: true }).click();
  await clockFilled(page);
  // Everything has to be cut today, and no meal can wait for that.
  await expect(told(page)).toContainText(/cannot be as it stands|late|no place/);
  await expect(page.getByText(/the quiet hours of the house/).first()).toBeVisible();
  await page.getByRole("link", { name: "Kitchen" }).first().click();
  await quiet.getByRole("button", { name: "Take out" }).click();
  const room = page.getByLabel("Room for stock in the fridge");
  await room.fill("1 l");
  await room.press("Enter");
  await page.getByRole("link", { name: "Clock", exact: true }).click();
  await clockFilled(page);
  await expect(page.getByText(/1 L .*of room in the fridge/).first()).toBeVisible();
});

test("a flame is never planned beside sleep, and Bench and rail say the same start", async ({
  page,
}) => {
  await openClock(page);
  await page.getByText("run sheet", { exact: true }).click();
  const up = page.getByRole("listitem").filter({ hasText: /Up to the simmer, lamb neck broth/i });
  const time = (await up.locator(".time").innerText()).trim();
  expect(Number(time.slice(0, 2))).toBeGreaterThanOrEqual(6);
  await page.goto("/bench");
  await forward(page, 0.1);
  await expect(
    page.getByRole("link", { name: new RegExp(`Thu ${time}.*Lamb neck broth`) }),
  ).toBeVisible();
});

test("the line under the lanes leads to who cooks, far down in Kitchen", async ({ page }) => {
  await openClock(page);
  await page.getByRole("link", { name: /^Who cooks, and when/ }).click();
  await expect(page.getByRole("heading", { name: "Who cooks" })).toBeInViewport();
});

test("lanes, run sheet and dialogs stand up to the checker", async ({ page }) => {
  test.slow();
  await openClock(page);
  expect(await violations(page), "lanes").toEqual([]);
  await page.keyboard.press("r");
  await expect(page.getByText("Next for the kitchen")).toBeVisible();
  expect(await violations(page), "run sheet").toEqual([]);
  await page.keyboard.press("o");
  await expect(page.getByRole("dialog")).toBeVisible();
  expect(await violations(page), "a pot").toEqual([]);
  await page.keyboard.press("Escape");
  await expect(page.getByRole("dialog")).toBeHidden();
  await page.keyboard.press("n");
  await expect(page.getByRole("dialog")).toBeVisible();
  expect(await violations(page), "a meal").toEqual([]);
});

test("a pot that boils late moves the rest, and says so", async ({ page }) => {
  test.slow();
  await openClock(page);
  await page.getByRole("button", { name: /Goat braise for the big table in the oval/ }).click();
  await expect(told(page)).toContainText(IN_TIME);
  // The overnight stock is put on, and lit half an hour after its time.
  await bar(page, /^Gather and fill: trotter stock/).focus();
  await page.keyboard.press("Enter");
  await page.getByRole("button", { name: "Put it on" }).click();
  await expect(page).toHaveURL(/\/cook\//);
  await forward(page, 50);
  await light(page);
  await page.goto("/clock");
  await clockFilled(page);
  const strain = await beginOf(page, /^Strain the trotter stock overnight/);
  // Ten hours from when it was switched on, at about five past nine.
  expect(strain).toBeGreaterThan(7 * 60);
  await expect(bar(page, /^Trotter stock overnight/)).toBeVisible();
  await expect(page.getByRole("button", { name: /^Gather and fill: trotter stock/ })).toHaveCount(
    0,
  );
});
