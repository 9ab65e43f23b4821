import { expect, test, type Browser, type Page } from "@playwright/test";
import { openOwn, openSample, sentence } from "./kitchens";

/** What was copied as a link. */
const copied = (page: Page) => page.evaluate(() => navigator.clipboard.readText());

/** Somebody else, with a browser and a kitchen of their own. */
async function elsewhere(browser: Browser): Promise<Page> {
  const context = await browser.newContext({ locale: "en-GB", timezoneId: "Europe/Vienna" });
  const page = await context.newPage();
  await openOwn(page, { holds: "9 L", wide: "24 cm" });
  return page;
}

test("a plan goes to somebody else as a link, and is put on what they have", async ({
  page,
  context,
  browser,
}) => {
  await context.grantPermissions(["clipboard-read", "clipboard-write"]);
  await openSample(page);
  await page.goto("/plan/plan-lamb");
  const said = await sentence(page).innerText();
  await page.getByRole("button", { name: /name, for whom, other plans/ }).click();
  await page.getByRole("button", { name: "Send it" }).click();
  await expect(page.getByText("The link is copied.")).toBeVisible();
  const link = await copied(page);
  expect(link.length).toBeLessThan(8000);
  expect(link).toContain("/given#");

  const other = await elsewhere(browser);
  await other.goto(link);
  await expect(other.getByRole("heading", { name: "Lamb neck broth" })).toBeVisible();
  await expect(other.getByText("From Bramholt Hut, at 1640 m.")).toBeVisible();
  const [there] = await other.locator(".said").allInnerTexts();
  const plain = (text: string) => text.replace(/\s+/gu, " ").replace(/ ([.,:;])/gu, "$1");
  // The same figures as where it was made, but for what its own log has taught.
  expect(plain(there ?? "")).toContain(plain(said).split(":")[0]);
  await expect(other.getByText("Here it would go into my pot:")).toBeVisible();
  await other.getByRole("button", { name: "Put it with my plans" }).click();
  await expect(sentence(other)).toContainText("in my pot");
  await other.reload();
  await expect(sentence(other)).toContainText("2.2 kg lamb neck");

  // One that lost its end on the way.
  await other.goto(link.slice(0, -200));
  await expect(other.getByRole("heading", { name: "This link cannot be read" })).toBeVisible();
  await expect(other.getByText(/cut or changed on its way/)).toBeVisible();
  await other.context().close();
});

test("a pot goes to somebody else's logbook, and a link waits for the kitchen that it needs", async ({
  page,
  context,
  browser,
}) => {
  await context.grantPermissions(["clipboard-read", "clipboard-write"]);
  await openSample(page);
  await page.goto("/logbook/past-08");
  await page.getByRole("button", { name: "Send it" }).click();
  await expect(page.getByText("The link is copied.")).toBeVisible();
  const link = await copied(page);
  const newcomer = await (await browser.newContext({ locale: "en-GB" })).newPage();
  await newcomer.goto(link);
  await expect(newcomer.getByRole("heading", { name: "Set up mine" })).toBeVisible();
  await newcomer.getByRole("group", { name: "Stockpot" }).getByText("12 L").click();
  await newcomer.getByRole("button", { name: "Start with this pot" }).click();
  await expect(newcomer.getByRole("heading", { name: "A pot from another kitchen" })).toBeVisible();
  await newcomer.getByRole("button", { name: "Put it into my logbook" }).click();
  await expect(newcomer.getByText("What happened")).toBeVisible();
  await newcomer.context().close();
});

test("a recipe pasted anywhere is read, a file dropped anywhere is opened, anything else is not", async ({
  page,
}) => {
  await openSample(page);
  await page.goto("/larder");
  await expect(page.getByRole("heading", { level: 1 })).toBeVisible();
  const paste = (text: string) =>
    page.evaluate((pasted) => {
      const clipboardData = new DataTransfer();
      clipboardData.setData("text/plain", pasted);
      window.dispatchEvent(new ClipboardEvent("paste", { clipboardData }));
    }, text);
  const drop = (name: string, type: string, text: string) =>
    page.evaluate(
      ([fileName, fileType, content]) => {
        const dataTransfer = new DataTransfer();
        dataTransfer.items.add(new File([content ?? ""], fileName ?? "", { type: fileType ?? "" }));
        const over = new DragEvent("dragover", { dataTransfer, cancelable: true });
        window.dispatchEvent(over);
        window.dispatchEvent(new DragEvent("drop", { dataTransfer, cancelable: true }));
      },
      [name, type, text] as const,
    );
  await paste("just a note");
  await expect(page).toHaveURL(/larder/);
  await paste("Hut stew\n1 kg beef shin\n2 carrots\n\nSimmer gently for 3 hours.");
  await expect(page).toHaveURL(/read/);
  await expect(page.getByRole("heading", { name: "Hut stew" })).toBeVisible();
  await drop("picture.png", "image/png", "x");
  await expect(page.getByText("picture.png is nothing that Kettlos reads.")).toBeVisible();
  await drop(
    "kettlos.json",
    "application/json",
    JSON.stringify({ format: "kettlos", schemaVersion: 99 }),
  );
  await expect(page).toHaveURL(/kitchen/);
  await expect(page.getByText(/Update Kettlos/)).toBeInViewport();
});
