import { expect, test, type Page } from "@playwright/test";
import { forward, light, openSample, sentence, storedEvents } from "./kitchens";

const RECIPE = `Hut shanks
Serves 4
1.6 kg lamb shanks
200 g onion
1.4 litre water
Method
Cover and simmer for 2 hours. Lift the meat out and take it off the bones. Reduce the sauce by half. Return the meat. Let it stand, covered, for 10 minutes before serving.`;

const next = (page: Page) => page.locator(".next h1");
const look = (page: Page) => page.locator(".look").first();
const press = async (page: Page, key: string) => {
  await page.locator("#main").focus();
  await page.keyboard.press(key);
};

/** Lets the clock run until it is time for this; what comes round meanwhile is let go. */
async function until(page: Page, title: RegExp): Promise<void> {
  for (let min = 0; !title.test(await next(page).innerText()); min += 5) {
    expect(min, `${String(title)}: ${await next(page).innerText()}`).toBeLessThan(300);
    await forward(page, 5);
  }
}
/** What was lifted out and put back, in order. */
const moved = async (page: Page) =>
  (await storedEvents(page)).flatMap((e) =>
    e.kind === "takenOut" || e.kind === "putBack" ? [`${e.kind} ${e.itemId}`] : [],
  );

test("a recipe of four stretches: shanks off their bones, their sauce boiled down, back, and left to stand", async ({
  page,
}) => {
  await page.clock.install({ time: new Date("2026-03-18T09:00:00+01:00") });
  await openSample(page);
  await page.goto("/read");
  await page.getByLabel(/Paste it as it stands/).fill(RECIPE);
  await page.getByRole("button", { name: "Read it" }).click();
  await expect(
    page.getByText(
      /2 h, lid on, then its sauce boiled down to 50 %, the meat out, off its bones and back, then 10 min off the heat, lid on/,
    ),
  ).toBeVisible();
  await page.getByRole("button", { name: "Make it a plan" }).click();
  await expect(sentence(page)).toContainText(/then down to 50 %.*then 10 min off the heat/);
  await page.getByRole("button", { name: "Change Lamb shanks" }).click();
  await expect(page.getByLabel("Bones in it, of its raw weight")).toHaveValue(/480 g/);
  await page.keyboard.press("Escape");

  await page.getByRole("button", { name: /Put it on/ }).click();
  await light(page);
  await forward(page, 30);
  await page.getByRole("button", { name: /It simmers now/ }).click();
  await forward(page, 110);
  await press(page, "f");
  await page.getByRole("button", { name: /^Tender/ }).click();
  await until(page, /^Rolling boil, lid off$/);
  await expect(look(page)).toContainText(
    /Lamb shanks out\. Once cool enough to touch, take the meat of the lamb shanks off the bones: about \d{3} g/,
  );
  await expect(page.getByText("Feel for splinters; no cooked bones to animals")).toBeVisible();
  await press(page, "Space");
  await until(page, /^Heat off, let it stand/);
  await expect(look(page)).toContainText("Lamb shanks back in.");
  await press(page, "Space");
  await until(page, /^It has stood$/);
  expect((await moved(page)).filter((one) => one.includes(" line-"))).toEqual([
    "takenOut line-0",
    "putBack line-0",
  ]);
});

test("a stock strained in between: its solids stay out, the liquid goes on by half", async ({
  page,
}) => {
  await page.clock.install({ time: new Date("2026-03-18T09:00:00+01:00") });
  await openSample(page);
  await page.goto("/plan/plan-hare");
  await page.getByLabel("Say heat and time").fill("90 min");
  await page.getByLabel("Say heat and time").press("Enter");
  await expect(sentence(page)).toContainText("1 h 30 at a gentle simmer");
  await page.getByRole("button", { name: "And then …" }).click();
  await page.getByRole("button", { name: "Strain it, boil it down" }).click();
  await expect(sentence(page)).toContainText(/then strained and down to 50 %/);
  await page.getByRole("button", { name: /Put it on/ }).click();
  await light(page);
  await forward(page, 40);
  await page.getByRole("button", { name: /It boils now/ }).click();
  await page.getByRole("button", { name: /Turned down, it simmers/ }).click();
  await until(page, /^Strain it; rolling boil, lid off$/);
  await expect(look(page)).toContainText(
    /Pour it through the sieve into another pot or bowl.*The liquid goes back into the rinsed pot/,
  );
  await press(page, "Space");
  await expect(next(page)).not.toHaveText(/^Strain it/);
  expect((await moved(page)).at(-1)).toMatch(/^takenOut /);
  // Taken back, it is still to be strained.
  await press(page, "u");
  await expect(next(page)).toHaveText(/^Strain it; rolling boil/);
  await press(page, "Space");
  await until(page, /^Take it off the heat$/);
  await press(page, "Space");
  await until(page, /^Strain it$/);
  await expect(look(page)).toContainText("Once more, through the fine sieve.");
});
