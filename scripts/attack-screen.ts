import { reportOf } from "@kettlos/core/formats/file-report";
import { writeKettlosFile } from "@kettlos/core/formats/kettlos-json";
import { bramholtSample } from "../web/src/sample/bramholt";
import { withApplication } from "./browser";
import { mutated, seeded } from "./mutate";

const SCREENS = ["bench", "plan", "cook", "strain", "larder", "logbook", "kitchen"];
const EXTREMES: readonly ((file: Document) => void)[] = [
  // Names that would be markup, a lot of ten thousand, dust, and a day far off.
  (file) => void (inner(file, "kitchen")["name"] = "<script>window.bad=1</script>"),
  (file) => each(file, "larder", (e) => "count" in e && (e["count"] = 10_000)),
  (file) => each(file, "plans", (p) => each(p, "items", (i) => (i["massKg"] = 1e-6))),
  (file) => each(file, "plans", (p) => (p["readyAt"] = "2199-12-31T23:59:00Z")),
  (file) => each(file, "plans", (p) => (p["vesselId"] = "gone")),
  (file) => each(file, "batches", (b) => (inner(b, "plan")["ringId"] = "gone")),
  (file) => each(file, "plans", (p) => each(p, "items", (i) => (i["massKg"] = 200))),
];
/** A file as plain data, to be spoilt. */
type Document = Record<string, unknown>;
const inner = (document: Document, key: string): Document => document[key] as Document;
function each(file: Document, list: string, change: (item: Document) => unknown): void {
  for (const item of file[list] as Document[]) change(item);
}

/** Takes nasty kitchens in on the real screen and looks at every place. @returns how many broke one */
export async function openNasty(tries: number): Promise<number> {
  const random = seeded(40);
  const clean = writeKettlosFile(bramholtSample(Date.now()));
  let broken = 0;
  await withApplication(async (browser, url) => {
    const page = await browser.newPage({ serviceWorkers: "block" });
    let errors = 0;
    page.on("pageerror", (error) => {
      errors++;
      console.error(error.message);
    });
    page.on("dialog", (dialog) => {
      errors++;
      void dialog.dismiss();
    });
    for (let i = 0; i < tries; i++) {
      const extreme = EXTREMES[i];
      let text: string;
      if (extreme === undefined) text = mutated(clean, random);
      else {
        const file = JSON.parse(clean) as Document;
        extreme(file);
        text = JSON.stringify(file);
      }
      if (!reportOf(text).ok) continue;
      errors = 0;
      await page.goto(`${url}/kitchen`);
      await page.locator("input[type=file][accept*=json]").waitFor({ state: "attached" });
      const isFirst =
        (await page.getByRole("button", { name: "Save it all to a file" }).count()) === 0;
      await page.locator("input[type=file][accept*=json]").setInputFiles({
        name: "nasty.json",
        mimeType: "application/json",
        buffer: Buffer.from(text),
      });
      await page
        .getByRole("button", { name: isFirst ? "Take it in" : "In place of everything here" })
        .click();
      await page
        .getByText(isFirst ? "On the fire" : "Replaced everything")
        .first()
        .waitFor();
      for (const screen of SCREENS) {
        await page.goto(`${url}/${screen}`);
        const stands = page.locator("main h1, main h2").first().waitFor({ timeout: 8_000 });
        const isBlank = await stands.then(
          () => false,
          () => true,
        );
        const bad = await page.evaluate(() => "bad" in window);
        if (isBlank || bad) {
          console.error(`nasty kitchen ${i}: ${bad ? "a script ran" : `nothing on ${screen}`}`);
          errors++;
        }
      }
      if (errors > 0) broken++;
    }
  });
  return broken;
}
