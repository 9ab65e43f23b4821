import { withApplication } from "./browser";
await withApplication(async (browser, url) => {
  const context = await browser.newContext({ viewport: { width: 1280, height: 800 }, locale: "en-GB", timezoneId: "Europe/Vienna" });
  const page = await context.newPage();
  await page.clock.install({ time: new Date("2026-03-18T20:14:00+01:00") });
  await page.goto(url);
  await page.getByRole("button", { name: "Open the sample kitchen" }).click();
  await page.getByRole("heading", { name: "On the fire" }).waitFor();
  await page.goto(`${url}/taught`);
  await page.getByText("How fast it steams").waitFor();
  await page.clock.runFor(3000);
  for (const name of (await page.locator("h2").allTextContents())) console.log(name);
  await page.setViewportSize({ width: 1280, height: 1500 });
  await page.getByText("What the bones give").scrollIntoViewIfNeeded();
  await page.evaluate(() => document.querySelectorAll("h2")[3]?.scrollIntoView());
  await page.screenshot({ path: "/tmp/taught.png" });
});
