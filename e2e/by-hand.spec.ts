import { expect, test, type Locator, type Page } from "@playwright/test";
import { forward } from "./kitchens";

const MORNING = new Date("2026-03-18T08:00:00+01:00");

/** What works the screen. */
interface Hand {
  /** Goes to a button or link and presses it. */
  press: (what: Locator) => Promise<void>;
  /** Goes to a field, and puts something else into it. */
  write: (field: Locator, text: string) => Promise<void>;
  /** Takes one mark of a row of them. */
  choose: (row: Locator, mark: string) => Promise<void>;
  /** Takes one of a list that opens. */
  pick: (list: Locator, option: string) => Promise<void>;
}

/** More stops than any screen has: it cannot be reached. */
const MOST_STOPS = 220;

/** Nothing but Tab, Enter, Space, arrows and letters; what has the focus is seen to have it. */
function keys(page: Page): Hand {
  const isThere = (what: Locator) =>
    what.evaluate((el) => el === document.activeElement || el.contains(document.activeElement));
  const reach = async (what: Locator) => {
    await expect(what).toBeVisible();
    await expect(what).toBeEnabled();
    for (let stop = 0; stop < MOST_STOPS; stop++) {
      if (await isThere(what)) {
        const outline = await page.evaluate(() => {
          const el = document.activeElement;
          if (el === null) return 0;
          const isSeen = (e: Element) => {
            const { outlineStyle, outlineColor, outlineWidth, boxShadow } = getComputedStyle(e);
            // A field's is there for the system's own colours; else the line under it is the thicker.
            const isClear = outlineColor === "rgba(0, 0, 0, 0)" && boxShadow === "none";
            return outlineStyle === "none" || isClear ? 0 : Number.parseFloat(outlineWidth);
          };
          const around = [el, el.parentElement, el.closest("label"), el.nextElementSibling];
          return Math.max(...around.map((e) => (e === null ? 0 : isSeen(e))));
        });
        expect(outline, `the focus on ${String(what)} is not seen`).toBeGreaterThanOrEqual(2);
        return;
      }
      await page.keyboard.press("Tab");
    }
    throw new Error(`no Tab comes to ${String(what)}`);
  };
  return {
    press: async (what) => {
      await reach(what);
      await page.keyboard.press("Enter");
    },
    write: async (field, text) => {
      await reach(field);
      await page.keyboard.press("Control+A");
      await page.keyboard.type(text);
      await page.keyboard.press("Enter");
    },
    choose: async (row, mark) => {
      await reach(row);
      const wanted = row.getByLabel(mark, { exact: true });
      for (let step = 0; step < 12 && !(await wanted.isChecked()); step++)
        await page.keyboard.press("ArrowRight");
      await expect(wanted).toBeChecked();
    },
    pick: async (list, option) => {
      await reach(list);
      await page.keyboard.type(option);
      await expect(list.locator("option:checked")).toHaveText(option);
    },
  };
}

/** Nothing but a finger, on what is large enough for it. */
const FINGER_PX = 44;
function finger(page: Page): Hand {
  const press = async (what: Locator) => {
    await expect(what).toBeVisible();
    await expect
      .poll(async () => (await what.boundingBox())?.height ?? 0, {
        message: `${String(what)} is too low for a finger`,
      })
      .toBeGreaterThanOrEqual(FINGER_PX - 0.5);
    await what.tap();
  };
  return {
    press,
    write: async (field, text) => {
      await field.tap();
      await field.fill(text);
      // Done, on the keyboard of a phone.
      await page.keyboard.press("Enter");
    },
    choose: (row, mark) => row.getByText(mark, { exact: true }).tap(),
    pick: async (list, option) => {
      await list.tap();
      await list.selectOption({ label: option });
    },
  };
}

/** From nothing to jars on the shelf. */
async function wholePot(page: Page, { press, write, choose, pick }: Hand): Promise<void> {
  const button = (name: string | RegExp) => page.getByRole("button", { name });
  const heading = (name: string | RegExp) => page.getByRole("heading", { level: 1, name });
  await page.clock.install({ time: MORNING });
  await page.goto("/");
  await write(page.getByLabel("Altitude you cook at"), "350");
  const pots = page.getByRole("group", { name: "Stockpot", exact: true });
  await press(pots.getByRole("button", { name: "12 L" }));
  await choose(page.getByRole("group", { name: "Oven" }), "no oven");
  await press(button("Half-litre jar"));
  await press(button("Start with this pot"));
  await expect(page.getByRole("heading", { name: "My kitchen" })).toBeVisible();

  await press(button(/Plan a pot/));
  await press(button("An empty pot"));
  await write(page.getByLabel("Put something in"), "2.5 kg lamb neck");
  await expect(heading(/2\.5 kg lamb neck/)).toBeVisible();
  await press(button(/Put it on/));

  await press(button("All of it is in"));
  // What lights it stands beside as long as that is not written yet, and goes from under the finger.
  await expect(heading("Into the pot")).toBeHidden();
  const isLit = button(/It is (lit|on\b)/);
  await press(isLit);
  await expect(isLit).toBeHidden();
  await forward(page, 42);
  await press(button("It boils now"));
  await forward(page, 5);
  await press(button("Turned down, it simmers"));
  await forward(page, 16);
  await press(button("Skimmed"));
  await forward(page, 400);
  await press(button(/It is off the heat/));
  await forward(page, 11);
  await press(button(/To the sieve/));

  await write(page.getByLabel("Strained", { exact: true }), "4 L");
  await press(button("Keep what came through"));
  await press(page.getByRole("link", { name: /Chill it/ }));
  // The sieve's page has a part of that name too.
  await page.waitForURL(/\/chill\//);
  await pick(page.getByLabel("First"), "ice or snow bath, stirred");
  await press(button("It is done so, from now"));
  // The code that the locale speaks for: 8 °C within 90 min.
  await forward(page, 80);
  await write(page.getByLabel("In the middle it is at"), "7 °C");
  await expect(page.getByText("Cold in time, by every gate.")).toBeVisible();
  await press(button("It is cold through: portion it"));
  await press(button(/Half-litre jar/).first());
  // Left at once, the page would take what is still being written with it.
  const filling = button(/^Fill \d+/);
  const asked = await filling.innerText();
  await press(filling);
  await expect.poll(() => filling.allInnerTexts()).not.toContain(asked);
  await page.goto("/larder");
  await expect(page.getByRole("main")).toContainText(/New stock|lamb/i);
}

for (const [width, height] of [
  [1280, 800],
  // 200 % of a small laptop.
  [640, 400],
] as const)
  test(`a whole pot by keyboard alone at ${width} × ${height}`, async ({ page }) => {
    test.slow();
    await page.setViewportSize({ width, height });
    await wholePot(page, keys(page));
  });

test.describe("by touch alone", () => {
  test.use({ hasTouch: true, isMobile: true });
  for (const [width, height] of [
    [820, 1180],
    [390, 844],
    [320, 640],
  ] as const)
    test(`a whole pot at ${width} × ${height}`, async ({ page }) => {
      test.slow();
      await page.setViewportSize({ width, height });
      await wholePot(page, finger(page));
    });
});

test("a screen begins at its top, with its heading for the keyboard, and names the tab", async ({
  page,
}) => {
  await page.clock.install({ time: MORNING });
  await page.goto("/");
  await page.getByRole("button", { name: "Open the sample kitchen" }).click();
  await expect(page).toHaveTitle("Bench · Kettlos");
  await page.getByRole("link", { name: "Kitchen", exact: true }).click();
  await expect(page.getByRole("heading", { level: 1 })).toBeFocused();
  await expect(page).toHaveTitle("Kitchen · Kettlos");
  await page.locator("#main").evaluate((main) => main.scrollTo(0, 600));
  await page.getByRole("link", { name: "Larder", exact: true }).click();
  await expect(page).toHaveTitle("Larder · Kettlos");
  await expect(page.getByRole("heading", { level: 1 })).toBeFocused();
  expect(await page.locator("#main").evaluate((main) => main.scrollTop)).toBe(0);
});
