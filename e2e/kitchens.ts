import type { CookEvent } from "@kettlos/core/events/event-schema";
import { expect, type Page } from "@playwright/test";

/** First visit: opens the made-up sample kitchen. */
export async function openSample(page: Page, url = "/"): Promise<void> {
  await page.goto(url);
  await page.getByRole("button", { name: "Open the sample kitchen" }).click();
  await expect(page.getByRole("heading", { name: "Bramholt Hut" })).toBeVisible();
}

/** First visit: sets up a kitchen of one's own at 500 m, with a 12 L pot or another. */
export async function openOwn(
  page: Page,
  { holds = "12 L", wide = "26 cm" }: { holds?: string; wide?: string } = {},
): Promise<void> {
  await page.goto("/");
  await page.getByLabel("Altitude you cook at").fill("500");
  await page.getByLabel("Altitude you cook at").press("Enter");
  await measurePot(page, holds, wide);
  await page.getByRole("button", { name: "Put it with the others" }).click();
  await page.getByRole("group", { name: "How many there are" }).getByText("1").click();
  await page.getByRole("group", { name: "Oven" }).getByText("no oven").click();
  await page
    .getByRole("group", { name: "Chilled by the rule of" })
    .getByText("US", { exact: true })
    .click();
  await page.getByRole("button", { name: "Start with this pot" }).click();
  await expect(page.getByRole("heading", { name: "My kitchen" })).toBeVisible();
}

/** On the first visit: a pot by what it holds and how wide it is. */
export async function measurePot(page: Page, holds: string, wide: string): Promise<void> {
  const other = page.getByRole("button", { name: "Another size, or one that was measured" });
  if (await other.isVisible()) await other.click();
  for (const [label, text] of [
    ["My pot holds", holds],
    ["and is this wide inside", wide],
  ] as const) {
    await page.getByLabel(label).fill(text);
    await page.getByLabel(label).press("Enter");
  }
}

/** Lets the page's own clock run on by minutes, and a second more for what it brings. */
export async function forward(page: Page, minutes: number): Promise<void> {
  await page.clock.fastForward(minutes * 60_000);
  await page.clock.runFor(1500);
}

/** Lets the worker fill the clock while the page's own time goes on. */
export async function clockFilled(page: Page): Promise<void> {
  await expect(async () => {
    await page.clock.runFor(500);
    await expect(page.locator(".clock[aria-busy=false] .sentence")).toContainText(
      /Begin|Next|Now|until|Nothing/,
      { timeout: 200 },
    );
  }).toPass();
}

/** What is next as it is said, without the time that runs down. */
const nextSaid = async (page: Page): Promise<string> =>
  (await page.locator(".next").locator("> .at, > h1, > .look, > .done").allInnerTexts())
    .join(" ")
    .replace(/\s+/g, " ");

/**
 * Says by its key that what is next is done, and waits until that is written and read: a clock put ahead before it
 * would run over it. Gives what was said before.
 */
export async function goOn(page: Page): Promise<string> {
  const before = await nextSaid(page);
  await page.locator("#main").focus();
  await page.keyboard.press("Space");
  await expect
    .poll(() => nextSaid(page), { message: `said to be done: ${before}` })
    .not.toBe(before);
  return before;
}

/** Does all the work before the pot goes on, one tap after the other; what each said as it came. */
export async function workThrough(page: Page): Promise<readonly string[]> {
  const said: string[] = [];
  while (!(await page.getByText("All of it is done.").isVisible())) said.push(await goOn(page));
  return said;
}

/** Says that all of it is in, and waits until the pot is to be lit. */
export async function fill(page: Page): Promise<void> {
  const into = page.getByRole("heading", { level: 1, name: "Into the pot" });
  await expect(into).toBeVisible();
  await page.getByRole("button", { name: "All of it is in" }).click();
  await expect(into).toBeHidden();
}

/**
 * Fills and lights the pot, and waits until that is written: a key before it would say nothing. Where work
 * is still to do before, it is lit all the same.
 */
export async function light(page: Page): Promise<void> {
  const isLit = page.getByRole("button", { name: /It is (lit|on\b)/ });
  await expect(isLit).toBeVisible();
  if (await page.getByRole("button", { name: "All of it is in" }).isVisible()) await fill(page);
  await isLit.click();
  await expect(isLit).toBeHidden();
}

/** The stock that is on the fire, taken off, strained and measured: 3.2 L. */
export async function stockThroughSieve(page: Page): Promise<void> {
  await page.goto("/cook/on-fire");
  for (const name of ["Leek", "Peppercorns"]) {
    const tap = page.getByRole("button", { name: `${name} is in now` });
    await tap.click();
    // The list closes up: the next tap waits until it lies still.
    await expect(tap).toBeHidden();
  }
  await expect(page.getByText("Nothing left: all is in.")).toBeVisible();
  await forward(page, 100);
  await expect(page.getByRole("heading", { level: 1, name: "Take it off the heat" })).toBeVisible();
  await page.locator("#main").focus();
  await page.keyboard.press("Space");
  await expect(page.getByRole("heading", { level: 1, name: "Strain it" })).toBeVisible();
  await page.keyboard.press("Space");
  await page.getByLabel("Strained", { exact: true }).fill("3.2 L");
  await page.getByLabel("Strained", { exact: true }).press("Enter");
  await page.getByRole("button", { name: "Keep what came through" }).click();
  await expect(page.getByRole("link", { name: /Chill it/ })).toBeVisible();
}

/** From the bench to a new plan with nothing in it yet. */
export async function planEmptyPot(page: Page): Promise<void> {
  await page.getByRole("button", { name: /Plan a pot/ }).click();
  await page.getByRole("button", { name: "An empty pot" }).click();
}

/** Types one line of what goes in, as a cook would say it. */
export async function putIn(page: Page, line: string): Promise<void> {
  const box = page.getByLabel("Put something in");
  await box.fill(line);
  await box.press("Enter");
  await expect(box).toHaveValue("");
}

/** The sentence that is the plan. */
export const sentence = (page: Page) => page.getByRole("main").getByRole("heading", { level: 1 });

/** Every event of this browser, in the order of writing. */
export const storedEvents = (page: Page): Promise<CookEvent[]> =>
  page.evaluate(
    () =>
      new Promise((resolve, reject) => {
        const opening = indexedDB.open("kettlos");
        opening.onerror = () => reject(new Error("cannot open"));
        opening.onsuccess = () => {
          const reading = opening.result.transaction(["logs", "events"]);
          const closed = reading.objectStore("logs").getAll();
          const open = reading.objectStore("events").getAll();
          reading.oncomplete = () => {
            opening.result.close();
            resolve([
              ...(closed.result as { text: string }[]).flatMap(
                ({ text }) => JSON.parse(text) as CookEvent[],
              ),
              ...(open.result as { event: CookEvent }[]).map((r) => r.event),
            ]);
          };
        };
      }),
  );

/** A reading of what chills, written down. */
export async function readAt(page: Page, degrees: string): Promise<void> {
  await page.getByLabel("In the middle it is at").fill(degrees);
  await page.getByLabel("In the middle it is at").press("Enter");
  await expect(page.getByLabel("Readings").getByText(degrees)).toBeVisible();
}
