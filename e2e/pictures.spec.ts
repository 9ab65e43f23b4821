import { expect, test, type Page } from "@playwright/test";
import { readKettlosFile } from "@kettlos/core/formats/kettlos-json";
import { readFileSync } from "node:fs";
import { violations } from "./axe";
import { openSample } from "./kitchens";

/** A picture as a camera gives it, far too large to be kept: grain all over, which packs badly. */
async function photo(page: Page, name: string, widthPx: number, heightPx: number) {
  const base64 = await page.evaluate(
    ([w, h]) => {
      const canvas = Object.assign(document.createElement("canvas"), { width: w, height: h });
      const context = canvas.getContext("2d");
      if (context === null) throw new Error("no canvas");
      const grain = context.createImageData(w, h);
      // The same grain each time.
      let seed = 7;
      for (let i = 0; i < grain.data.length; i += 4) {
        seed = (seed * 1103515245 + 12345) % 2147483648;
        grain.data.set([150 + (seed % 90), 90 + (seed % 70), 20 + (seed % 50), 255], i);
      }
      context.putImageData(grain, 0, 0);
      return canvas.toDataURL("image/png").replace(/^[^,]*,/, "");
    },
    [widthPx, heightPx] as const,
  );
  return { name, mimeType: "image/png", buffer: Buffer.from(base64, "base64") };
}
// The pot on the fire burns into no night.
test.beforeEach(({ page }) => page.clock.install({ time: new Date("2026-03-18T16:40:00+01:00") }));
const chooser = (page: Page) => page.locator(".pictures input[type=file]");
const thumbs = (page: Page) => page.locator(".pictures li img");

test("a pot carries pictures: shrunk, kept, opened, taken away and back, and in its file", async ({
  page,
}) => {
  await openSample(page);
  await page.goto("/logbook/past-08");
  await expect(page.getByRole("heading", { name: "Pictures" })).toBeVisible();
  // A file that is no picture is named, and keeps nothing of the good ones away.
  const wide = await photo(page, "ladle.png", 2400, 1600);
  const tall = await photo(page, "jar.png", 900, 1800);
  const words = { name: "words.txt", mimeType: "text/plain", buffer: Buffer.from("no picture") };
  await chooser(page).setInputFiles([words, wide, tall]);
  await expect(thumbs(page)).toHaveCount(2);
  await expect(page.getByText("words.txt cannot be read as a picture")).toBeVisible();
  const sizes = () =>
    thumbs(page).evaluateAll((all) =>
      (all as HTMLImageElement[]).map((i) => [i.naturalWidth, i.naturalHeight, i.src.length]),
    );
  const [first, second] = await sizes();
  expect(first?.slice(0, 2)).toEqual([1280, 853]);
  expect(second?.slice(0, 2)).toEqual([640, 1280]);
  expect(Math.max(first?.[2] ?? 0, second?.[2] ?? 0)).toBeLessThan(500_000);

  await page.reload();
  await expect(thumbs(page)).toHaveCount(2);
  await thumbs(page).first().click();
  const dialog = page.getByRole("dialog");
  await expect(dialog.getByText("1 of 2")).toBeVisible();
  await page.keyboard.press("ArrowRight");
  await expect(dialog.getByText("2 of 2")).toBeVisible();
  expect(await violations(page)).toEqual([]);
  await dialog.getByRole("button", { name: "Take it away" }).click();
  await expect(thumbs(page)).toHaveCount(1);
  await page.getByRole("button", { name: "Bring it back" }).click();
  await expect(thumbs(page)).toHaveCount(2);

  const saved = page.waitForEvent("download");
  await page.getByRole("button", { name: "Save as a file" }).click();
  const read = readKettlosFile(readFileSync(await (await saved).path(), "utf8"));
  if (!read.ok) throw new Error(JSON.stringify(read.problems));
  expect(read.file.pictures.map((p) => [p.widthPx, p.heightPx])).toEqual([
    [1280, 853],
    [640, 1280],
  ]);

  // On paper they stand on its card; beside another pot they are looked at, and stay.
  await page.emulateMedia({ media: "print" });
  const printed = page.getByLabel("Card of this pot").locator("img");
  await expect(printed).toHaveCount(2);
  await expect(printed.first()).toBeVisible();
  await page.emulateMedia({ media: "screen" });
  await page.goto("/beside/past-01/past-08");
  await expect(page.getByRole("heading", { name: "As they looked" })).toBeVisible();
  await expect(thumbs(page)).toHaveCount(2);
  await thumbs(page).nth(1).click();
  await expect(dialog.getByText("2 of 2")).toBeVisible();
  await expect(dialog.getByRole("button", { name: "Take it away" })).toHaveCount(0);
  await page.keyboard.press("Escape");
  await expect(dialog).toHaveCount(0);
  expect(await violations(page)).toEqual([]);
});

test("at the stove, from the camera of a phone", async ({ page }) => {
  await page.setViewportSize({ width: 390, height: 844 });
  await openSample(page);
  await page.goto("/cook/on-fire");
  await chooser(page).setInputFiles(await photo(page, "pot.png", 640, 480));
  await expect(thumbs(page)).toHaveCount(1);
  expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);
  expect(await violations(page)).toEqual([]);
});
