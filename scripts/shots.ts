// Takes one picture of each main view from the sample kitchen, at a fixed moment.
import type { Page } from "@playwright/test";
import { mkdirSync } from "node:fs";
import { fileURLToPath } from "node:url";
import { withApplication } from "./browser";

/** A Wednesday evening, so that every picture shows the same kitchen at the same moment. */
const MOMENT = new Date("2026-03-18T20:14:00+01:00");
const DESK = { width: 1280, height: 800 };
const PHONE = { width: 390, height: 844 };
const folder = process.argv[2] ?? fileURLToPath(new URL("../docs/screenshots/", import.meta.url));
const only = process.argv.slice(3);
mkdirSync(folder, { recursive: true });

/** The pot on the fire goes through the sieve, and half an hour into a cold trough. */
async function strainAndChill(page: Page, url: string): Promise<void> {
  await page.goto(`${url}/cook/on-fire`);
  for (const name of ["Leek", "Peppercorns"])
    await page.getByRole("button", { name: `${name} is in now` }).click();
  await page.getByText("Nothing left: all is in.").waitFor();
  await page.clock.fastForward("01:40:00");
  await page.clock.runFor(1500);
  await page.getByRole("button", { name: /It is off the heat/ }).click();
  await page.getByRole("button", { name: /To the sieve/ }).click();
  await page.getByLabel("Strained", { exact: true }).fill("3.2 L");
  await page.getByLabel("Strained", { exact: true }).press("Enter");
  await page.getByRole("button", { name: "Keep what came through" }).click();
  await page.getByRole("link", { name: /Chill it/ }).click();
  await page.getByRole("button", { name: "It is done so, from now" }).click();
  await page.clock.fastForward("00:20:00");
  await page.clock.runFor(1500);
  await page.getByLabel("In the middle it is at").fill("41");
  await page.getByLabel("In the middle it is at").press("Enter");
  await page.clock.runFor(1500);
}

/** Some of it into jars, some into moulds; what is over is still in the bowl. */
async function portionIt(page: Page): Promise<void> {
  await page.getByRole("link", { name: "Portion", exact: true }).click();
  await page.getByRole("button", { name: /Litre jar/ }).click();
  await page.getByLabel("How many").fill("2");
  await page.getByLabel("How many").press("Tab");
  await page.getByRole("button", { name: /^Fill 2 of/ }).click();
  await page.getByRole("button", { name: /Mould of six/ }).click();
  await page.getByLabel("How many").fill("9");
  await page.getByLabel("How many").press("Tab");
  await page.getByRole("button", { name: /^Fill 9 of/ }).click();
  await page.getByText("9 blocks").first().waitFor();
}

/** The worker has filled the clock, and found what clashes. */
async function clockFilled(page: Page): Promise<void> {
  await page.clock.runFor(2000);
  await page.getByText("Not all of this can be").first().waitFor({ state: "attached" });
}

async function settle(page: Page): Promise<void> {
  await page.evaluate(() => document.fonts.ready.then(() => undefined));
  await page.waitForTimeout(250);
}

await withApplication(async (browser, url) => {
  const context = await browser.newContext({
    viewport: DESK,
    timezoneId: "Europe/Vienna",
    locale: "en-GB",
    reducedMotion: "reduce",
  });
  const page = await context.newPage();
  await page.clock.install({ time: MOMENT });
  page.on("pageerror", (error) => console.error("page error:", error.message));
  const shoot = async (name: string) => {
    if (only.length > 0 && !only.includes(name)) return;
    await settle(page);
    await page.screenshot({ path: `${folder}/${name}.png` });
    console.log(`${name}.png`);
  };

  await page.goto(url);
  await page.getByRole("button", { name: "Open the sample kitchen" }).waitFor();
  for (const [form, size] of [
    ["Stockpot", "12 L"],
    ["Oval casserole", "4.5 L"],
    ["Slow cooker", "6.5 L"],
  ] as const)
    await page
      .getByRole("group", { name: form, exact: true })
      .getByRole("button", { name: size })
      .click();
  await shoot("first-visit");
  await page.getByRole("button", { name: "Open the sample kitchen" }).click();
  await page.getByRole("heading", { name: "On the fire" }).waitFor();
  // What is to start is reckoned once the screen stands.
  await page.clock.runFor(2500);
  await page.getByText("switch it on").first().waitFor();
  await shoot("bench");

  await page.goto(`${url}/plan/plan-lamb`);
  await page.getByRole("slider", { name: "Water line" }).waitFor();
  await shoot("plan");
  await page.goto(`${url}/crossover/plan-braise`);
  await page.getByText("Kitchen rule").first().waitFor();
  await shoot("crossover");
  await page.goto(`${url}/clock`);
  await clockFilled(page);
  await shoot("clock");
  await page.goto(`${url}/cook/on-fire`);
  await page.getByRole("heading", { name: "In the pot" }).waitFor();
  await shoot("cook");
  await page.goto(`${url}/logbook`);
  await page.getByRole("heading", { name: "Logbook" }).waitFor();
  await shoot("logbook");
  await page.goto(`${url}/taught`);
  await page.getByRole("heading", { name: "How fast it steams" }).waitFor();
  await shoot("taught");
  await page.goto(`${url}/lessons`);
  await page.getByRole("heading", { name: "Too salty" }).waitFor();
  await shoot("lessons");
  await page.goto(`${url}/beside/past-01/past-08`);
  await page.getByText("Where the difference is from").waitFor();
  await shoot("logbook-beside");
  await page.goto(`${url}/dish/Lamb%20neck%20broth`);
  await page.getByText("Better for the hour more").waitFor();
  await page
    .getByText(/less: −/)
    .first()
    .waitFor();
  await shoot("logbook-dish");
  await page.goto(`${url}/strain/past-11`);
  await page.getByRole("heading", { name: /strained/ }).waitFor();
  await shoot("strain");
  await page.goto(`${url}/kitchen`);
  await page.getByRole("heading", { name: "Pots" }).waitFor();
  await page.getByRole("button", { name: /Oval casserole/ }).click();
  await shoot("kitchen");

  await page.goto(`${url}/larder`);
  await page
    .getByRole("main")
    .getByRole("link", { name: /Pork trotter stock/ })
    .first()
    .click();
  await page.getByRole("heading", { name: "Enough for" }).waitFor();
  await shoot("larder");
  await page.setViewportSize(PHONE);
  await page.goto(`${url}/clock`);
  await clockFilled(page);
  await shoot("clock-phone");
  await page.goto(`${url}/cook/on-fire`);
  await page.getByRole("main").waitFor();
  await shoot("cook-phone");
  await page.setViewportSize(DESK);
  await page.evaluate(() => localStorage.setItem("kettlos-look", "night"));
  await page.goto(`${url}/cook/on-fire`);
  await page.getByRole("heading", { name: "In the pot" }).waitFor();
  await shoot("cook-night");
  await page.evaluate(() => localStorage.setItem("kettlos-look", "day"));
  await strainAndChill(page, url);
  await shoot("chill");
  await portionIt(page);
  await shoot("portion");
  await context.close();
});
