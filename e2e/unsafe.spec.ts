import { expect, test, type Page } from "@playwright/test";
import { forward, light, openOwn, openSample, planEmptyPot, putIn } from "./kitchens";

const MORNING = new Date("2026-03-18T09:00:00+01:00");
const EVENING = new Date("2026-03-18T20:14:00+01:00");

const title = (page: Page) => page.getByRole("main").getByRole("heading", { level: 1 });
const press = async (page: Page, key: string) => {
  await page.locator("#main").focus();
  await page.keyboard.press(key);
};

test("a pot forgotten for five hours off the heat: cold by the estimate, a danger everywhere, its chill not certified", async ({
  page,
}) => {
  test.slow();
  await page.clock.install({ time: EVENING });
  await openSample(page);
  await page.goto("/cook/on-fire");
  for (const name of ["Leek", "Peppercorns"]) {
    const tap = page.getByRole("button", { name: `${name} is in now` });
    await tap.click();
    // The list closes up: the next tap waits until it lies still.
    await expect(tap).toBeHidden();
  }
  await expect(page.getByText("Nothing left: all is in.")).toBeVisible();
  await forward(page, 100);
  await expect(title(page)).toHaveText("Take it off the heat");
  await press(page, "Space");
  await expect(title(page)).toHaveText("Strain it");
  await expect(page.getByText(/9\d\.\d °C/).first()).toBeVisible();
  await forward(page, 300);
  // Five hours on it is not as it came off, and says what the code asks for.
  await expect(page.getByText(/Danger: It has stood too long/)).toBeVisible();
  await expect(page.getByText(/9\d\.\d °C/)).toHaveCount(0);
  await page.goto("/bench");
  await expect(page.getByText("It has stood too long").first()).toBeVisible();
  await page.goto("/strain/on-fire");
  await expect(page.getByText(/Danger: It has stood too long/)).toBeVisible();
  await expect(page.getByText(/Chilling begins by/)).toHaveCount(0);
  await page.getByLabel("Strained", { exact: true }).fill("3.2 L");
  await page.getByLabel("Strained", { exact: true }).press("Enter");
  await page.getByRole("button", { name: "Keep what came through" }).click();
  await page.getByRole("link", { name: /Chill it/ }).click();
  await page.waitForURL(/\/chill\//);
  // No way is fast enough any more, and none is offered.
  await expect(
    page.getByText("Danger: its time below the line has run out already."),
  ).toBeVisible();
  await expect(page.getByRole("heading", { name: "This way it is too slow" })).toBeVisible();
  await expect(page.locator("button.best")).toHaveCount(0);
  await page.getByRole("button", { name: "It is done so, from now" }).click();
  await expect(page.getByText(/not known to be met/).first()).toBeVisible();
  await expect(page.getByText("Danger: a gate was missed.")).toBeVisible();
  await forward(page, 200);
  await expect(page.getByText("Cold in time, by every gate.")).toHaveCount(0);
  await page.getByLabel("In the middle it is at").fill("4.5");
  await page.getByLabel("In the middle it is at").press("Enter");
  await expect(page.getByText("Cold in time, by every gate.")).toHaveCount(0);
  // And it goes along to the containers.
  await page.goto("/portion/on-fire");
  await expect(page.getByText(/missed|thrown away|Throw it away/i).first()).toBeVisible();
});

test("a chicken pot off after four minutes is not hot enough in the middle, at off and at the table", async ({
  page,
}) => {
  await page.clock.install({ time: MORNING });
  await openOwn(page);
  await planEmptyPot(page);
  await putIn(page, "1.2 kg chicken thigh");
  await page.getByRole("button", { name: /: name/ }).click();
  await page.getByRole("group", { name: "How it ends" }).getByText(/serve/i).click();
  await page.keyboard.press("Escape");
  await page.getByRole("button", { name: /Put it on/ }).click();
  await light(page);
  await expect(title(page)).toHaveText(/It (boils|simmers)/);
  await forward(page, 4);
  await press(page, "h");
  await page.getByRole("button", { name: /Take it off the heat, sooner/ }).click();
  const danger = page.getByText(/Danger: Not hot enough in the middle/);
  await expect(danger).toBeVisible();
  await expect(page.getByText(/by the estimate, 74 °C .*wanted for poultry/).first()).toBeVisible();
  // Read with a thermometer, and hot enough, it is none.
  await press(page, "c");
  await page.getByText("in a piece", { exact: true }).click();
  await page.getByLabel("In the middle of the thickest piece").fill("78");
  await page.getByRole("button", { name: "Keep this reading" }).click();
  await expect(danger).toBeHidden();
});

/** How far things moved on this screen by themselves, as a share of it, and which. */
const moved = (page: Page) =>
  page.evaluate<{ share: number; what: string }>(`new Promise((resolve) => {
    const seen = { share: 0, what: "" };
    new PerformanceObserver((list) => {
      for (const entry of list.getEntries().filter((e) => !e.hadRecentInput)) {
        seen.share += entry.value;
        for (const { node, previousRect: was, currentRect: is } of entry.sources)
          seen.what += " " + (node?.innerText ?? "").slice(0, 40) + " " + was.y + " to " + is.y + ";";
      }
      resolve(seen);
    }).observe({ type: "layout-shift", buffered: true });
    requestAnimationFrame(() => requestAnimationFrame(() => resolve(seen)));
  })`);

test("a danger that stands there already is there with the first of the screen: nothing moves for it", async ({
  page,
}) => {
  await page.clock.install({ time: new Date("2026-03-18T23:30:00+01:00") });
  await openSample(page);
  for (const size of [
    { width: 390, height: 844 },
    { width: 1280, height: 800 },
  ])
    for (const path of ["/bench", "/plan/plan-lamb", "/cook/on-fire"]) {
      await page.setViewportSize(size);
      await page.goto(path);
      await expect(page.getByRole("alert").getByText("It burns in the night")).toBeVisible();
      await expect(title(page)).toBeVisible();
      await forward(page, 0.1);
      const { share, what } = await moved(page);
      expect(share, `${path} at ${size.width}:${what}`).toBeLessThan(0.02);
    }
});

test.describe("letters that come late", () => {
  test.use({ viewport: { width: 390, height: 844 } });

  test("nothing moves for them", async ({ page }) => {
    await page.clock.install({ time: new Date("2026-03-18T23:30:00+01:00") });
    await openSample(page);
    await page.route("**/*.woff2", async (route) => {
      await new Promise((resolve) => setTimeout(resolve, 700));
      await route.continue();
    });
    for (const path of ["/bench", "/plan/plan-lamb", "/cook/on-fire"]) {
      const letters = page.waitForResponse(/\.woff2$/);
      await page.goto(path);
      await letters;
      await expect(title(page)).toBeVisible();
      await page.evaluate("document.fonts.ready.then(() => undefined)");
      await forward(page, 0.1);
      const { share, what } = await moved(page);
      expect(share, `${path}:${what}`).toBeLessThan(0.02);
    }
  });
});

test("a flame that burns into the night is said before it begins, without any time set; off, nothing is", async ({
  page,
}) => {
  await page.clock.install({ time: EVENING });
  await openSample(page);
  await page.goto("/plan/plan-hare");
  await expect(page.getByText("Lit now, the ring would burn in the night")).toBeVisible();
  await page.getByRole("button", { name: /Put it on/ }).click();
  await light(page);
  await expect(page.getByText(/Take care: It will burn into the night/)).toBeVisible();
  await forward(page, 150);
  await expect(page.getByText(/Danger: It burns in the night/)).toBeVisible();
});

test("beans that go in late, or are turned down too soon, say what boil they lack, planned and on the fire", async ({
  page,
}) => {
  await page.clock.install({ time: MORNING });
  await openOwn(page);
  await planEmptyPot(page);
  await putIn(page, "400 g dried kidney beans");
  await expect(page.getByText("Danger: Beans need a 10 min rolling boil")).toBeVisible();
  await page.getByRole("button", { name: /Put it on/ }).click();
  await light(page);
  const danger = page.getByText("Danger: The beans have not boiled hard enough");
  await expect(danger).toBeVisible();
  await expect(page.getByText(/5 min at a full boil are missing of 10/).first()).toBeVisible();
  // Turned up it will be boiled; turned down after four minutes six are missing.
  await forward(page, 40);
  await press(page, "h");
  await page.getByText("rolling", { exact: true }).click();
  await page.getByRole("button", { name: "It is so now" }).click();
  await expect(danger).toBeHidden();
  await forward(page, 5);
  await press(page, "h");
  await page.getByText("gentle", { exact: true }).click();
  await page.getByRole("button", { name: "It is so now" }).click();
  await expect(danger).toBeVisible();
  await expect(
    page.getByText(/Kidney beans, dry: [5-8] min at a full boil are missing/).first(),
  ).toBeVisible();
});

test("20 L to chill with two trays: how many it takes, how many are there, and what would do", async ({
  page,
}) => {
  await page.clock.install({ time: MORNING });
  await openOwn(page, { holds: "40 L", wide: "38 cm" });
  await page.goto("/kitchen");
  await page.getByRole("button", { name: "shallow tray", exact: true }).click();
  await page.getByLabel("How many").fill("2");
  await page.getByLabel("How many").press("Tab");
  await page.getByRole("link", { name: "Bench", exact: true }).click();
  await planEmptyPot(page);
  await putIn(page, "10 kg beef knuckle");
  await page.getByRole("button", { name: /Put it on/ }).click();
  await light(page);
  await forward(page, 300);
  await press(page, "h");
  await page.getByRole("button", { name: /Take it off the heat, sooner/ }).click();
  await expect(title(page)).toHaveText("Strain it");
  await press(page, "Space");
  await page.getByLabel("Strained", { exact: true }).fill("20 L");
  await page.getByLabel("Strained", { exact: true }).press("Enter");
  await page.getByRole("button", { name: "Keep what came through" }).click();
  await page.getByRole("link", { name: /Chill it/ }).click();
  await page.waitForURL(/\/chill\//);

  // Nothing there is fast enough; in trays in the fridge it is, with more of them.
  await expect(title(page)).toHaveText(/too slow/);
  await page.getByLabel("It stands in").selectOption("Shallow tray");
  await page.getByLabel("First").selectOption("fridge");
  await expect(title(page)).toHaveText("This way it is cold in time");
  const wanted = Number(await page.getByLabel("How many").inputValue());
  expect(wanted).toBeGreaterThan(5);
  await expect(page.getByText(`You have 2, ${wanted - 2} more wanted.`)).toBeVisible();
  await expect(
    page.getByText(new RegExp(`In ${wanted} shallow trays, \\d\\.\\d cm`)),
  ).toBeVisible();
  await page.getByLabel("How many").fill("2");
  await expect(
    page.getByText(/2 hold \d+\.\d L to nine tenths: it takes \d at least/),
  ).toBeVisible();
  await expect(title(page)).toHaveText("They do not hold all of it");
  await expect(page.getByRole("button", { name: "It is done so, from now" })).toBeDisabled();
  await page.getByLabel("How many").fill(String(wanted - 1));
  await expect(title(page)).toHaveText(/may be too slow/);
  await expect(page.getByText(/In time about [5-9] times in ten/)).toBeVisible();
});

test("mince on its third day is thrown away, not frozen; frozen in time it is not frozen twice", async ({
  page,
}) => {
  await page.clock.install({ time: MORNING });
  await openSample(page);
  await page.getByRole("link", { name: "Larder", exact: true }).click();
  await expect(page.getByRole("heading", { name: /of stock/ })).toBeVisible();
  await press(page, "n");
  await page.getByLabel("What it is").fill("minced beef");
  await page.getByLabel("What it is").press("Enter");
  await page.getByLabel("In each").fill("500 g");
  await page.getByLabel("How many").fill("2");
  await page.getByRole("dialog").getByText("fridge", { exact: true }).click();
  await page.getByRole("button", { name: "Put it in" }).click();
  await expect(page.getByRole("dialog")).toBeHidden();
  await page.getByRole("link", { name: /minced beef.*2 bags/is }).click();
  // One of two goes into the freezer while it may.
  await page.getByRole("button", { name: "Into the freezer" }).click();
  await expect(page.getByRole("link", { name: /minced beef.*1 bag.*freezer/is })).toBeVisible();
  await forward(page, 2 * 24 * 60 + 60);
  await expect(page.getByText("Danger: past its days in the fridge.")).toBeVisible();
  await expect(page.getByText(/raw mince.*1–2 days|US guidance: 1–2 days/).first()).toBeVisible();
  await expect(page.getByRole("button", { name: "Into the freezer" })).toHaveCount(0);
  await expect(page.getByRole("button", { name: "Throw away" })).toBeVisible();
  // Thawed raw it is cooked, not frozen again.
  await page.getByRole("link", { name: /minced beef.*freezer/is }).click();
  await page.getByRole("button", { name: "Thaw in the fridge" }).click();
  await page.getByRole("link", { name: /minced beef.*fridge use by 2[1-9] Mar$/is }).click();
  await expect(page.getByText(/Thawed raw it is not frozen again raw/)).toBeVisible();
  await expect(page.getByRole("button", { name: "Into the freezer" })).toHaveCount(0);
});
