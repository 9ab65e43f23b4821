// Prints what Kettlos puts on paper as PDF, in A4 and Letter: npm run paper [folder] [kettlos file]
import type { Page } from "@playwright/test";
import { mkdirSync } from "node:fs";
import { join, resolve } from "node:path";
import { withApplication } from "./browser";

const folder = resolve(process.argv[2] ?? "paper");
const file = process.argv[3];
mkdirSync(folder, { recursive: true });

/** Opens a kitchen: the one of a file, or the sample. */
async function openKitchen(page: Page, url: string): Promise<void> {
  await page.goto(url);
  if (file === undefined) {
    await page.getByRole("button", { name: "Open the sample kitchen" }).click();
  } else {
    await page.locator("input[type=file]").setInputFiles(file);
    await page.getByRole("button", { name: "Take it in" }).click();
  }
  await page.getByRole("navigation", { name: "Places" }).waitFor();
}

/** Where the links of a screen lead to, each once. */
const linked = async (page: Page, path: string): Promise<readonly string[]> => {
  const all = await page
    .locator(`main a[href^="${path}"]`)
    .evaluateAll((links) => links.map((a) => a.getAttribute("href") ?? ""));
  return [...new Set(all)];
};

await withApplication(async (browser, url) => {
  const page = await browser.newPage({ viewport: { width: 1280, height: 900 } });
  await openKitchen(page, url);
  const print = async (path: string, name: string, ready: string) => {
    await page.goto(`${url}${path}`);
    await page.emulateMedia({ media: "print" });
    await page.locator(ready).first().waitFor({ state: "attached" });
    await page.evaluate(() => document.fonts.ready.then(() => undefined));
    for (const format of ["A4", "Letter"] as const) {
      const to = join(folder, `${name}-${format.toLowerCase()}.pdf`);
      await page.pdf({
        path: to,
        format,
        margin: { top: "14mm", bottom: "14mm", left: "14mm", right: "14mm" },
      });
      console.log(to);
    }
    await page.emulateMedia({ media: "screen" });
  };
  await page.goto(`${url}/bench`);
  await page.locator("main a[href^='/plan/']").first().waitFor();
  for (const path of await linked(page, "/plan/"))
    await print(path, `plan-${path.slice("/plan/".length)}`, "article.sheet");
  await page.goto(`${url}/logbook`);
  await page.locator("main a[href^='/logbook/']").first().waitFor();
  const [newest] = await linked(page, "/logbook/");
  if (newest !== undefined) await print(newest, "log-card", "article.card");
  await print("/shopping", "shopping", "main h1");
  await print("/larder", "larder", "main h1");
  await print("/clock", "run-sheet", ".clock[aria-busy=false] .sentence");
});
