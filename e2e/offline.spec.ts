import { expect, test } from "@playwright/test";
import { openSample, sentence } from "./kitchens";

test.use({ serviceWorkers: "allow" });

test("works with no network after the first load", async ({ page, context }) => {
  await openSample(page);
  await page.evaluate(() => navigator.serviceWorker.ready.then(() => undefined));
  await context.setOffline(true);
  await page.goto("/plan/plan-lamb");
  await expect(sentence(page)).toContainText("lamb neck");
});
