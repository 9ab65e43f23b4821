import { expect, test, type Page } from "@playwright/test";
import { openSample, sentence } from "./kitchens";

const START = { at: "start" };
const HOB = { method: "hob", vigour: "gentle", lid: "ajar", boilFirstMin: null };
/** Ten ways to make the sample's lamb neck broth impossible. */
const IMPOSSIBLE: Readonly<Record<string, object>> = {
  overfull: { water: { by: "amount", volumeL: 20 } },
  "heaped over the rim": {
    items: [
      {
        id: "n",
        ingredientId: "chickenFrame",
        massKg: 9,
        when: START,
        preparation: "",
        boneState: "raw",
        frozen: false,
        boiledMin: 0,
        work: [],
      },
    ],
  },
  "drier than dry": { water: { by: "amount", volumeL: 0.3 } },
  "nothing to be tender": {
    stop: { by: "tender" },
    items: [
      {
        id: "n",
        ingredientId: "bayLeaf",
        massKg: 0.001,
        when: START,
        preparation: "",
        boneState: "raw",
        frozen: false,
        boiledMin: 0,
        work: [],
      },
    ],
  },
  "no such pot": { vesselId: "gone" },
  "no such ring": { ringId: "gone" },
  "no such oven": { heat: { method: "oven", ovenId: "gone", ovenC: 150, lid: "on", start: "hot" } },
  "no pot for the heat": { heat: { method: "pressure", setting: "high", release: "natural" } },
  "never down that far": {
    stop: { by: "liquid", liquidL: 0.5 },
    heat: { ...HOB, vigour: "bare", lid: "on" },
  },
  "so much left of so little": {
    water: { by: "left", wanted: { by: "volume", volumeL: 40 } },
  },
};

async function make(page: Page, part: object) {
  await page.evaluate(
    (change) =>
      new Promise<void>((resolve) => {
        const open = indexedDB.open("kettlos");
        open.onsuccess = () => {
          const plans = open.result.transaction("plans", "readwrite").objectStore("plans");
          const get = plans.get("plan-lamb");
          get.onsuccess = () => {
            const row = get.result as { plan: object };
            plans.put({ ...row, plan: { ...row.plan, ...change } }).onsuccess = () => resolve();
          };
        };
      }),
    part,
  );
  await page.reload();
}

test("ten impossible plans stay drawn and editable, and each is left by its own button", async ({
  page,
}) => {
  test.slow();
  await openSample(page);
  await page.goto("/plan/plan-lamb");
  await expect(sentence(page)).toContainText("lamb neck");
  const start = await page.evaluate(
    () =>
      new Promise<object>((resolve) => {
        const open = indexedDB.open("kettlos");
        open.onsuccess = () => {
          const get = open.result.transaction("plans").objectStore("plans").get("plan-lamb");
          get.onsuccess = () => resolve((get.result as { plan: object }).plan);
        };
      }),
  );
  for (const [what, part] of Object.entries(IMPOSSIBLE)) {
    await make(page, { ...start, ...part });
    const fault = page.getByRole("region", { name: "What stands in the way" });
    await expect(fault, what).toBeVisible();
    // The pot, what goes in and the simmer are there, and can be changed.
    await expect(page.getByRole("group", { name: /in section$/ }), what).toBeVisible();
    await expect(page.getByRole("region", { name: "What goes in" }).first(), what).toBeVisible();
    await expect(page.getByLabel("Say heat and time"), what).toBeVisible();
    await expect(
      page.getByRole("button", { name: /Put this pot on|Put it on/ }).first(),
      what,
    ).toBeDisabled();
    const ways = fault.locator(".ways").getByRole("button");
    await expect(ways.first(), what).toBeVisible();
    await ways.first().click();
    await expect(fault, what).toBeHidden();
    await expect(page.getByRole("button", { name: "Undo: a way out" }), what).toBeVisible();
  }
});

test("steps are undone and redone by name, across a reload, and by the keys", async ({ page }) => {
  await openSample(page);
  await page.goto("/plan/plan-lamb");
  await expect(sentence(page)).toContainText("6 h 30");
  await page.getByRole("button", { name: "Half an hour longer" }).click();
  await page.getByRole("button", { name: "Half an hour longer" }).click();
  await page.getByLabel("Say heat and time").fill("bare simmer, lid off");
  await page.getByLabel("Say heat and time").press("Enter");
  await expect(page.getByRole("button", { name: "Undo: the heat" })).toBeVisible();
  await page.reload();
  await page.getByRole("button", { name: "Undo: the heat" }).click();
  await expect(page.getByRole("button", { name: "Undo: 7 h 30" })).toBeVisible();
  await page.locator("main").focus();
  await page.keyboard.press("Control+z");
  await page.keyboard.press("Control+z");
  await expect(sentence(page)).toContainText("6 h 30");
  await page.keyboard.press("Control+Shift+z");
  await expect(sentence(page)).toContainText("7 h");
  await expect(page.getByRole("button", { name: "Redo: 7 h 30" })).toBeVisible();
});

test("a heat is said where one looks for it; a price is typed as slowly as one likes", async ({
  page,
}) => {
  await openSample(page);
  await page.goto("/plan/plan-braise");
  await page.getByLabel("Say heat and time").fill("pressure 35 min");
  await page.getByLabel("Say heat and time").press("Enter");
  await expect(sentence(page)).toContainText("pressure");
  await expect(sentence(page)).toContainText("35 min");
  await page.goto("/shopping?plan=plan-braise");
  const price = page.getByLabel(/price/i).first();
  await price.click();
  await price.fill("");
  await page.keyboard.type("12.75", { delay: 500 });
  await expect(price).toHaveValue("12.75");
  await page.keyboard.press("Enter");
  await expect(price).toHaveValue("12.75");
  await page.getByRole("button", { name: "Undo: a price" }).click();
  await expect(price).not.toHaveValue("12.75");
});

test("a plan removed lies in the bin, an unknown address says so, a link waits for the kitchen", async ({
  page,
}) => {
  await openSample(page);
  await page.goto("/plan/nowhere");
  await expect(page.getByText("There is no plan by that address.")).toBeVisible();
  await page.goto("/plan/plan-hare");
  await page.getByRole("button", { name: /name, for whom, other plans/ }).click();
  await page.getByRole("button", { name: "Remove" }).click();
  await expect(page).not.toHaveURL(/plan-hare/);
  // What was open of it is not left standing over another.
  await expect(page.getByRole("button", { name: "Remove" })).toBeHidden();
  await page.goto("/kitchen");
  const bringBack = page.getByRole("button", { name: "bring it back: Plain hare broth" });
  await bringBack.click();
  await expect(bringBack).toBeHidden();
  await page.goto("/plan/plan-hare");
  await expect(page.getByRole("button", { name: /Plain hare broth: name/ })).toBeVisible();
});

test("what was worked on in Crossover can be kept in the plan", async ({ page }) => {
  await openSample(page);
  await page.goto("/crossover/plan-braise");
  const written = page.locator(".heat", { hasText: "as written" });
  const time = written.getByLabel("Time", { exact: true });
  await expect(time).toHaveValue("2 h 45");
  await expect(page.getByRole("button", { name: "Keep it in the plan" })).toBeHidden();
  await time.fill("3 h 20");
  await time.press("Enter");
  await page.getByRole("button", { name: "Keep it in the plan" }).click();
  await expect(page).toHaveURL(/\/plan\/plan-braise$/);
  await expect(sentence(page)).toContainText("3 h 20");
  await page.reload();
  await expect(sentence(page)).toContainText("3 h 20");
});
