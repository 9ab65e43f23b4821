import { expect, test, type Page } from "@playwright/test";
import { forward, light, openSample, sentence, storedEvents } from "./kitchens";

const next = (page: Page) => page.getByRole("heading", { level: 1 });
const stretches = (page: Page) =>
  page.getByRole("list", { name: "What follows on the heat" }).getByRole("listitem");
const follow = async (page: Page, idea: string) => {
  await page.getByRole("button", { name: /then …$/ }).click();
  await page.getByRole("button", { name: idea, exact: true }).click();
};

test("a braise: covered until tender, the meat out, its gravy boiled down, the meat back, undone and done again", async ({
  page,
}) => {
  test.slow();
  await page.clock.install({ time: new Date("2026-03-18T09:00:00+01:00") });
  await openSample(page);
  await page.goto("/plan/plan-gravy");
  await expect(sentence(page)).toContainText(
    /until tender .*, then down to 50 % .* at a rolling boil, lid off, then 10 min at a gentle simmer, lid on/,
  );
  await expect(stretches(page).first()).toContainText("mutton shoulder out");
  await expect(stretches(page).last()).toContainText("mutton shoulder back");
  // It is put on with all of it, and the first stretch is lit.
  await page.getByRole("button", { name: /Put it on/ }).click();
  await light(page);
  await forward(page, 20);
  await page.getByRole("button", { name: /It simmers now/ }).click();
  await expect(page.getByRole("button", { name: /It simmers now/ })).toBeHidden();
  // The fork says it is tender: the gravy is due, the meat comes out with it.
  await forward(page, 220);
  await page.locator("#main").focus();
  await page.keyboard.press("f");
  await page.getByRole("button", { name: /^Tender/ }).click();
  await expect(next(page)).toHaveText("Rolling boil, lid off");
  await expect(
    page.locator("#main").getByText(/Mutton shoulder out; keep it covered and hot/),
  ).toBeVisible();
  await page.locator("#main").focus();
  await page.keyboard.press("Space");
  await expect(next(page)).not.toHaveText("Rolling boil, lid off");
  expect((await storedEvents(page)).map((e) => e.kind)).toEqual(
    expect.arrayContaining(["takenOut", "heatSet"]),
  );
  await expect(page.getByText("Mutton shoulder out", { exact: false }).first()).toBeVisible();
  // Undone it waits to be turned again; done again it goes on.
  await page.keyboard.press("u");
  await expect(next(page)).toHaveText("Rolling boil, lid off");
  await page.locator("#main").focus();
  await page.keyboard.press("Space");
  const warm = page.locator(".later li, .next h1").filter({ hasText: "Gentle simmer, lid on" });
  await expect(warm.first()).toBeVisible();
  // On a small ring it takes its time: as long as the forecast says.
  await forward(page, 70);
  await expect(next(page)).toHaveText("Gentle simmer, lid on");
  await page.locator("#main").focus();
  await page.keyboard.press("Space");
  await forward(page, 11);
  await expect(next(page)).toHaveText("Take it off the heat");
  await page.locator("#main").focus();
  await page.keyboard.press("Space");
  await expect(next(page)).toHaveText("Salt it");
  await page.locator("#main").focus();
  await page.keyboard.press("Space");
  await expect(next(page)).toHaveText("Serve it");
});

test("what follows on the heat is planned, changed, moved with, undone, and taken out again", async ({
  page,
}) => {
  test.slow();
  await openSample(page);
  await page.goto("/plan/plan-braise");
  await expect(sentence(page)).toContainText("in the oven at");
  const before = await sentence(page).textContent();
  await follow(page, "Lid off, boil it down");
  await expect(stretches(page)).toHaveCount(1);
  await expect(sentence(page)).toContainText("then down to 67 %");
  await stretches(page).first().getByRole("button").click();
  const editor = page.getByRole("dialog", { name: /^Change: / });
  await editor.getByText("down to litres").click();
  await expect(editor.getByLabel("Left in the pot, bones in")).toBeVisible();
  await editor.getByLabel("Left in the pot, bones in").fill("0.4 L");
  await editor.getByLabel("Left in the pot, bones in").press("Tab");
  await expect(sentence(page)).toContainText(/then down to 400 mL/);
  await editor.getByLabel("goat shoulder out").check();
  await expect(stretches(page).first()).toContainText("goat shoulder out");
  // Off the heat it stands for a time, and for nothing else.
  await editor.getByText("off the heat", { exact: true }).click();
  await expect(editor.getByText("until tender")).toBeHidden();
  await expect(sentence(page)).toContainText(/then .* off the heat, lid on/);
  await page.keyboard.press("Escape");
  await page.keyboard.press("u");
  await expect(sentence(page)).toContainText(/then down to 400 mL/);
  await follow(page, "Lid on, simmer on");
  await expect(stretches(page)).toHaveCount(2);
  // A level that is never reached says so, with ways out that work.
  await stretches(page).first().getByRole("button").click();
  await editor.getByText("on", { exact: true }).click();
  await editor.getByText(/bare/).click();
  await editor.getByLabel("Left in the pot, bones in").fill("0.1 L");
  await editor.getByLabel("Left in the pot, bones in").press("Tab");
  await page.keyboard.press("Escape");
  await expect(
    page.getByRole("alert").filter({ hasText: /does not get down that far/ }),
  ).toBeVisible();
  await page
    .getByRole("button", { name: /Without “.*”/ })
    .first()
    .click();
  await expect(stretches(page)).toHaveCount(1);
  await stretches(page).first().getByRole("button").click();
  await page.getByRole("button", { name: "Take this stretch out" }).click();
  await expect(stretches(page)).toHaveCount(0);
  expect((await sentence(page).textContent())?.replace(/\s+/g, " ")).toBe(
    before?.replace(/\s+/g, " "),
  );
});
