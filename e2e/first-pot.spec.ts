import { expect, test, type Page } from "@playwright/test";
import {
  fill,
  forward,
  light,
  measurePot,
  openOwn,
  planEmptyPot,
  putIn,
  sentence,
  storedEvents,
} from "./kitchens";

const MORNING = new Date("2026-03-18T08:00:00+01:00");

/** Reloads where wanted, and waits until the screen stands again. */
type Pause = (page: Page) => Promise<void>;
const goOn: Pause = () => Promise.resolve();
const reload: Pause = async (page) => {
  // At once: what autosave has not written yet must not be lost either.
  await page.reload();
  await expect(page.getByRole("main").getByRole("heading").first()).toBeVisible();
};

async function readLevel(page: Page, form: string, field: string, value: string): Promise<void> {
  await page.keyboard.press("l");
  const dialog = page.getByRole("dialog", { name: "Read the level" });
  await dialog.getByText(form, { exact: true }).click();
  await dialog.getByLabel(field).fill(value);
  await dialog.getByLabel(field).press("Enter");
  await expect(dialog).toBeHidden();
}

async function wholeJourney(page: Page, pause: Pause): Promise<void> {
  await page.clock.install({ time: MORNING });
  await openOwn(page);
  await pause(page);

  // Plan 2.5 kg of bones in the 12 L pot.
  await planEmptyPot(page);
  await putIn(page, "2.5 kg lamb neck");
  await putIn(page, "2 medium onions");
  await expect(sentence(page)).toContainText("2.5 kg lamb neck, 5.0 L water in my pot, 6 h");
  await pause(page);

  // Drag the water line up, then type the water.
  const before = await sentence(page).innerText();
  const handle = page.getByRole("slider", { name: "Water line" });
  const box = await handle.boundingBox();
  if (box === null) throw new Error("no water line");
  await page.mouse.move(box.x + box.width / 3, box.y + box.height / 2);
  await page.mouse.down();
  await page.mouse.move(box.x + box.width / 3, box.y + box.height / 2 - 30, { steps: 6 });
  await page.mouse.up();
  await expect(sentence(page)).not.toHaveText(before);
  const dragged = Number(/([\d.]+) L water/.exec(await sentence(page).innerText())?.[1]);
  expect(dragged).toBeGreaterThan(5.5);
  await page.getByRole("button", { name: /change the water/ }).click();
  await page.getByLabel("Water", { exact: true }).fill("5 1/2 qt");
  await page.getByLabel("Water", { exact: true }).press("Enter");
  await expect(sentence(page)).toContainText("5.2 L water");
  await page.keyboard.press("Escape");
  await page.getByRole("slider", { name: "Water line" }).focus();
  await page.keyboard.press("ArrowUp");
  await expect(sentence(page)).toContainText("5.3 L water");
  const planned = Number(/about ([\d.]+) L strained/.exec(await sentence(page).innerText())?.[1]);
  await pause(page);
  await expect(sentence(page)).toContainText(`about ${planned.toFixed(1)} L strained`);

  // Cook.
  await page.getByRole("button", { name: /Put it on/ }).click();
  await fill(page);
  await expect(page.getByRole("heading", { name: "Light the ring" })).toBeVisible();
  await page.keyboard.press("Space");
  await expect(page.getByRole("heading", { name: "It boils" })).toBeVisible();
  await pause(page);
  await forward(page, 42);
  await page.keyboard.press("Space");
  await expect(page.getByRole("heading", { name: "Turn it down" })).toBeVisible();
  await forward(page, 5);
  await page.keyboard.press("Space");
  await expect(page.getByRole("heading", { name: "Skim" })).toBeVisible();
  await forward(page, 16);
  await page.keyboard.press("Space");

  // Three level readings, each in another form.
  await forward(page, 60);
  await readLevel(page, "depth", "How deep, floor to surface", "13.4 cm");
  await pause(page);
  await forward(page, 100);
  await readLevel(page, "from the rim", "Rim down to the surface", "9.6");
  await forward(page, 90);
  await readLevel(page, "litres", "By the pot's own marks or a jug", "4.7 L");
  await expect(page.getByText(/from 3 readings/)).toBeVisible();
  await pause(page);
  await expect(page.getByText(/from 3 readings/)).toBeVisible();

  // The onions lie on the counter until they are in; a note; an undo.
  await page.getByRole("button", { name: "Onion is in now" }).click();
  await expect(page.getByText("Nothing left: all is in.")).toBeVisible();
  await page.keyboard.press("t");
  await page.getByLabel("What you taste or see").fill("Clean, still thin");
  await page.getByRole("button", { name: "Keep this note" }).click();
  await expect(page.getByText("“Clean, still thin”")).toBeVisible();
  await page.keyboard.press("u");
  await expect(page.getByText("“Clean, still thin”")).toBeHidden();
  await forward(page, 100);
  await expect(page.getByRole("heading", { name: "Take it off the heat" })).toBeVisible();
  await page.keyboard.press("Space");
  await expect(page.getByRole("heading", { name: "Strain it" })).toBeVisible();
  await pause(page);
  await forward(page, 11);
  await page.getByRole("button", { name: /To the sieve/ }).click();

  // Strain: a hot jug, then fat and set when cold.
  await expect(page.getByRole("heading", { name: "What came through" })).toBeVisible();
  await page.getByLabel("Strained", { exact: true }).fill("4.2 L");
  await page.getByLabel("Strained", { exact: true }).press("Enter");
  await page.getByRole("button", { name: "Keep what came through" }).click();
  await expect(page.getByRole("heading", { level: 1 })).toContainText("4.1 L");
  await expect(page.getByText(/than planned\. Likeliest|As planned/)).toBeVisible();
  await expect(page.getByText("Chill it now, fast and shallow")).toBeVisible();
  await pause(page);
  await page.getByLabel("Fat lifted off").fill("150 g");
  await page.getByLabel("Fat lifted off").press("Enter");
  await page.getByRole("button", { name: "wobbles" }).click();
  await expect(page.getByRole("button", { name: "wobbles" })).toHaveAttribute(
    "aria-pressed",
    "true",
  );
  await page.getByRole("button", { name: "Into the logbook" }).click();

  // The logbook has it, planned against got.
  await expect(page.getByRole("heading", { name: "Planned against got" })).toBeVisible();
  await pause(page);
  await expect(page.getByText("Level read, 13.4 cm", { exact: false })).toBeVisible();
  await expect(page.getByText("Fat lifted, 150 g", { exact: false })).toBeVisible();
  await page.getByRole("link", { name: "All batches" }).click();
  await expect(page.getByRole("img", { name: /New stock: planned .*, got 4\.1 L/ })).toBeVisible();

  const kinds = (await storedEvents(page)).map((e) => e.kind);
  expect(kinds).toEqual([
    "added",
    "waterIn",
    "lit",
    "boils",
    "simmers",
    "skimmed",
    "read",
    "read",
    "read",
    "added",
    "noted",
    "undo",
    "offHeat",
    "strained",
    "fatLifted",
    "setJudged",
    "finished",
  ]);
}

test("from an own kitchen to the logbook", async ({ page }) => {
  await wholeJourney(page, goOn);
});

test("the same with a reload at every stage", async ({ page }) => {
  test.slow();
  await wholeJourney(page, reload);
});

test("a second tab sees what the first one did", async ({ context, page }) => {
  await page.clock.install({ time: MORNING });
  await openOwn(page);
  await planEmptyPot(page);
  await putIn(page, "2 kg oxtail");
  await page.getByRole("button", { name: /Put it on/ }).click();
  await expect(page.getByRole("heading", { name: "Into the pot" })).toBeVisible();
  const other = await context.newPage();
  await other.clock.install({ time: MORNING });
  await other.goto(page.url());
  await light(other);
  await expect(page.getByRole("heading", { name: "It boils" })).toBeVisible();
});

test("a first minute that goes wrong: an impossible pot, a height of two meanings", async ({
  page,
}) => {
  await page.goto("/");
  const type = async (label: string, text: string) => {
    await page.getByLabel(label).fill(text);
    await page.getByLabel(label).press("Enter");
  };
  const start = page.getByRole("button", { name: "Start with this pot" });
  const put = page.getByRole("button", { name: "Put it with the others" });
  await expect(page.getByRole("button", { name: "Tap your pots first" })).toBeDisabled();
  await measurePot(page, "200 L", "8 cm");
  await expect(page.getByText(/would be 3978.9 cm high: check both/)).toBeVisible();
  await expect(put).toBeDisabled();
  await measurePot(page, "5 L", "22 cm");
  await put.click();
  await type("Altitude you cook at", "5,300 ft");
  await start.click();
  await expect(page.getByText("Not kept yet: “Altitude you cook at” is not clear.")).toBeVisible();
  await page.getByRole("button", { name: "5300 ft" }).click();
  await expect(page.getByText(/Water boils at 94\.6/)).toBeVisible();
  await start.click();
  await expect(page.getByRole("heading", { name: "My kitchen" })).toBeVisible();
  await planEmptyPot(page);
  await page.getByLabel("Put something in").fill("onion");
  await page.getByLabel("Put something in").press("Enter");
  await page.getByRole("button", { name: "250 g" }).click();
  await putIn(page, "one and a half kilos beef shin");
  await expect(sentence(page)).toContainText("1.5 kg beef shank");
  await expect(sentence(page)).toContainText("in my pot");
});
