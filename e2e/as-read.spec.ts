import { expect, test, type Page } from "@playwright/test";
import { openSample } from "./kitchens";

/** Every place of the sample kitchen that says figures. */
const PLACES = [
  "/bench",
  "/plan/plan-lamb",
  "/plan/plan-braise",
  "/plan/plan-beans",
  "/crossover/plan-braise",
  "/convert",
  "/clock",
  "/cook/on-fire",
  "/strain/past-08",
  "/chill/past-08",
  "/portion/past-10",
  "/larder",
  "/shopping",
  "/logbook",
  "/logbook/past-08",
  "/taught",
  "/trends",
  "/beside/past-01/past-08",
  "/dish/Lamb%20neck%20broth",
  "/kitchen",
  "/new",
] as const;

/** What the sample's cook wrote by hand: it stays as it was written. */
const WRITTEN = /^(2 cm lengths|8 mm dice, with the spelt|Half-litre jar)/;

/** All that a page says: what is read, heard, typed into and stands in its drawings. */
async function said(page: Page): Promise<readonly string[]> {
  const all = await page.evaluate(() => {
    for (const details of document.querySelectorAll("details")) details.open = true;
    const told = [...document.querySelectorAll("*")].flatMap((one) => [
      ...["aria-label", "aria-valuetext", "title", "placeholder", "alt"].map((a) =>
        one.getAttribute(a),
      ),
      one instanceof HTMLInputElement && one.type === "text" ? one.value : null,
      one instanceof SVGTextElement || one instanceof HTMLOptionElement ? one.textContent : null,
    ]);
    return [...told, ...document.body.innerText.split("\n")];
  });
  return all.flatMap((text) => (text === null || text.trim() === "" ? [] : [text.trim()]));
}

async function everyPlace(page: Page, units: string, bad: RegExp): Promise<readonly string[]> {
  await page.clock.install({ time: new Date("2026-03-18T16:40:00+01:00") });
  await openSample(page);
  await page.locator("header").getByText(units, { exact: true }).click();
  await expect(page.locator("header").getByRole("radio", { name: units })).toBeChecked();
  const found: string[] = [];
  // A sentence that is shown before it is put in words, too.
  const raw = /"as":|\[object Object\]/;
  const look = async (place: string) => {
    // What is worked out elsewhere comes later than the heading: read until it stands still.
    let texts: readonly string[] = [];
    await expect
      .poll(async () => {
        const before = texts.length;
        texts = await said(page);
        return texts.length - before;
      })
      .toBe(0);
    expect(texts.length, place).toBeGreaterThan(30);
    found.push(
      ...texts
        .filter((t) => raw.test(t) || (bad.test(t) && !WRITTEN.test(t)))
        .map((t) => `${place}: ${t}`),
    );
  };
  for (const place of PLACES) {
    await page.goto(place);
    await expect(page.getByRole("heading", { level: 1 }).first()).toBeVisible();
    await look(place);
    if (place === "/kitchen") {
      for (const name of [/^Half-litre jar/, /^Pressure cooker/]) {
        await page.getByRole("button", { name }).first().click();
        await look(`${place} ${name.source}`);
      }
    }
    if (place.startsWith("/plan/"))
      for (const side of [/Work \d/, /Salt and body/, /Who eats/, /Ways/]) {
        await page.getByRole("group", { name: "What to look at" }).getByText(side).click();
        await look(`${place} ${side.source}`);
      }
  }
  return [...new Set(found)];
}

test.describe("in a US kitchen", () => {
  test.use({ locale: "en-US" });

  test("no metric measure, no clock of 24 hours, no day before its month", async ({ page }) => {
    test.slow();
    const metric = String.raw`\d\s*(°C|kg|L|l|mL|cm|mm|m)\b|\d\s*g\b(?! (a portion|salt))|\b(litres?|kilograms?)\b`;
    // Minutes and seconds count down as elsewhere: they have no hour of the day.
    const clock24 = String.raw`\b(0\d|1[3-9]|2[0-3]):[0-5]\d\b(?!:)`;
    // What a flame burns in, not what calls or is round.
    const ring = String.raw`(?<!Yes, |it )\b[Rr]ings?\b(?! when|\.)`;
    const dayFirst = String.raw`\b\d{1,2} (Jan|Feb|Mar|Apr)`;
    expect(
      await everyPlace(page, "US", new RegExp(`${metric}|${clock24}|${dayFirst}|${ring}`)),
    ).toEqual([]);
    await page.goto("/bench");
    await expect(page.locator("footer .now strong")).toHaveText(/^\d{1,2}:\d\d\sPM$/);
  });

  test("the first visit asks in its measures, and in others once they are chosen", async ({
    page,
  }) => {
    await page.goto("/");
    const stockpots = page.getByRole("group", { name: "Stockpot" });
    await stockpots.getByRole("button", { name: "12 qt" }).click();
    await expect(page.getByRole("group", { name: "How many there are" })).toBeVisible();
    await expect(page.getByText("Burners", { exact: true })).toBeVisible();
    await page.getByLabel("Altitude you cook at").fill("5,400");
    await page.getByLabel("Altitude you cook at").press("Enter");
    await page.getByRole("button", { name: "5400 ft" }).click();
    await expect(page.getByText("Water boils at 202 °F.")).toBeVisible();
    await page.getByRole("group", { name: "I measure in" }).getByText("metric").click();
    await expect(page.getByLabel("Altitude you cook at")).toHaveValue("1646 m");
    await expect(stockpots.getByRole("button", { name: "12 L" })).toBeVisible();
    await page.getByRole("group", { name: "I measure in" }).getByText("US").click();
    await page.getByRole("button", { name: "Start with this pot" }).click();
    await expect(page.getByRole("heading", { name: "My kitchen" })).toBeVisible();
    await page.goto("/kitchen");
    await expect(page.getByLabel("Altitude")).toHaveValue("5400 ft");
  });
});

test("a price by the pound is the same price by the kilogram", async ({ page }) => {
  await openSample(page);
  const inMeasures = async (units: string) => {
    await page.goto("/shopping");
    await page.locator("header").getByText(units, { exact: true }).click();
    await expect(page.locator("header").getByRole("radio", { name: units })).toBeChecked();
  };
  await inMeasures("US");
  const byPound = page.getByLabel("Price of a pound of Carrot");
  await byPound.fill("0.7");
  await byPound.press("Enter");
  await expect(byPound).toHaveValue("0.7");
  // The page is opened anew at once: not before the price is on the disk.
  await expect.poll(() => storedKitchens(page)).toMatch(/1\.543/);
  await inMeasures("metric");
  await expect(page.getByLabel("Price of a kilogram of Carrot")).toHaveValue("1.54");
});

/** The kitchens of this browser, as they are stored. */
const storedKitchens = (page: Page): Promise<string> =>
  page.evaluate(
    () =>
      new Promise((resolve) => {
        const opening = indexedDB.open("kettlos");
        opening.onsuccess = () => {
          const all = opening.result.transaction("kitchens").objectStore("kitchens").getAll();
          all.onsuccess = () => {
            opening.result.close();
            resolve(JSON.stringify(all.result));
          };
        };
      }),
  );

test.describe("in an Austrian kitchen", () => {
  test.use({ locale: "de-AT" });

  test("a comma in every figure, no US measure, no AM and PM", async ({ page }) => {
    test.slow();
    const us = String.raw`°F|\b(qt|cups?|oz|lb|tbsp|ft)\b|\d\s[AP]M\b`;
    expect(await everyPlace(page, "metric", new RegExp(String.raw`\d\.\d|${us}`))).toEqual([]);
  });

  test("what is typed with its comma or its point is read as it is meant there", async ({
    page,
  }) => {
    await openSample(page);
    await page.goto("/plan/plan-lamb");
    await page.getByRole("button", { name: "Change Lamb neck" }).click();
    const much = page.getByLabel("How much");
    await much.fill("1,25 kg");
    await much.press("Enter");
    await expect(much).toHaveValue("1,25 kg");
    // A point before three figures is a thousand there; it is asked, that first.
    await much.fill("1.500 g");
    await much.press("Enter");
    await expect(page.getByText("Is that 1500 or 1,5 g?")).toBeVisible();
    await page.getByRole("button", { name: "1500 g", exact: true }).click();
    await expect(much).toHaveValue("1,5 kg");
  });
});
