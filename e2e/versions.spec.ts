import { expect, test } from "@playwright/test";
import { cpSync, mkdtempSync, readFileSync, rmSync, writeFileSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { fileURLToPath } from "node:url";
import { createApp } from "../server/src/app";
import { listen, type Listening } from "../server/src/listen";
import { openSample, storedEvents } from "./kitchens";

test.use({ serviceWorkers: "allow" });

let dist = "";
let served: Listening;
test.beforeAll(async () => {
  dist = mkdtempSync(join(tmpdir(), "kettlos-version-"));
  cpSync(fileURLToPath(new URL("../web/dist", import.meta.url)), dist, { recursive: true });
  served = await listen(createApp(dist), { host: "127.0.0.1", port: 0, usualPort: 0 });
});
test.afterAll(() => {
  served.server.close();
  served.server.closeAllConnections();
  rmSync(dist, { recursive: true, force: true });
});

/** A newer version: its page and its worker are others. */
function publish(mark: string) {
  const index = join(dist, "index.html");
  writeFileSync(
    index,
    readFileSync(index, "utf8").replace(/<html[^>]*>/, `<html lang="en" data-version="${mark}">`),
  );
  const worker = join(dist, "sw.js");
  const revised = readFileSync(worker, "utf8").replace(
    /(url:"index\.html",revision:")[^"]*/,
    `$1${mark}`,
  );
  writeFileSync(worker, revised);
}

test("a new version is offered, taken when asked, and no entry is lost", async ({ page }) => {
  test.setTimeout(480_000);
  await openSample(page, `http://localhost:${served.port}/`);
  await page.evaluate(() => navigator.serviceWorker.ready.then(() => undefined));
  await page.goto(`http://localhost:${served.port}/cook/on-fire`);
  await page.getByRole("button", { name: /^Taste/ }).waitFor();
  publish("newer");
  await page.evaluate(async () => {
    const registration = await navigator.serviceWorker.getRegistration();
    await registration?.update();
  });
  const notice = page.getByRole("status").filter({ hasText: "A new version of Kettlos is here." });
  await expect(notice).toBeVisible();
  // Until it is taken, the page that is open stays as it was.
  await expect(page.locator("html")).not.toHaveAttribute("data-version");
  await page.locator("#main").focus();
  await page.keyboard.press("t");
  await page.getByLabel("What you taste or see").fill("before the new one");
  await page.getByRole("button", { name: "Keep this note" }).click();
  await page.getByText("“before the new one”").waitFor();
  await notice.getByRole("button", { name: "Take it now" }).click();
  // A browser lets a worker serve only once the one before it has nothing under way, and gives that one five minutes.
  await expect(page.locator("html")).toHaveAttribute("data-version", "newer", {
    timeout: 330_000,
  });
  await expect(page.getByText("“before the new one”")).toBeVisible();
  expect((await storedEvents(page)).some((e) => e.kind === "noted")).toBe(true);
});

test("a page that is open since the first visit takes a newer version too", async ({ page }) => {
  await openSample(page, `http://localhost:${served.port}/`);
  await page.evaluate(() => navigator.serviceWorker.ready.then(() => undefined));
  expect(await page.evaluate(() => navigator.serviceWorker.controller)).toBeNull();
  publish("newest");
  await page.evaluate(async () => {
    const registration = await navigator.serviceWorker.getRegistration();
    await registration?.update();
  });
  const notice = page.getByRole("status").filter({ hasText: "A new version of Kettlos is here." });
  await notice.getByRole("button", { name: "Take it now" }).click();
  await expect(page.locator("html")).toHaveAttribute("data-version", "newest");
  await expect(page.getByRole("heading", { name: "On the fire" })).toBeVisible();
});

test("data of a newer version is not touched, and it is said", async ({ page }) => {
  await page.goto(`http://localhost:${served.port}/robots.txt`);
  await page.evaluate(
    () =>
      new Promise<void>((resolve, reject) => {
        const opening = indexedDB.open("kettlos", 900);
        opening.onerror = () => reject(new Error("cannot open"));
        opening.onsuccess = () => {
          opening.result.close();
          resolve();
        };
      }),
  );
  await page.goto(`http://localhost:${served.port}/`);
  await expect(
    page.getByRole("heading", { name: "Your pots were kept by a newer Kettlos" }),
  ).toBeVisible();
});
