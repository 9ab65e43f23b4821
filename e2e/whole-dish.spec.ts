import { expect, test, type Page } from "@playwright/test";
import { violations } from "./axe";
import { openOwn, openSample, putIn, sentence, storedEvents, workThrough } from "./kitchens";

const RECIPE = `Hut goat stew
Serves 6

600 g goat shoulder, diced
1 large onion, chopped
2-3 carrots
200 g potatoes
1 (14 oz) can kidney beans, drained
200 g canned tomatoes
2 tbsp olive oil
1 glass red wine
8 oz stock
3 tbsp flour
2 bay leaves
salt to taste

Brown the goat. Pour in wine, tomatoes and stock. Simmer for 2 to 3 hours until tender.
Add the carrots, potatoes and beans for the last 40 minutes.`;

const side = (page: Page, name: RegExp | string) =>
  page.getByRole("group", { name: "What to look at" }).getByText(name);
const answer = (page: Page, question: RegExp, choice: string | RegExp) =>
  page
    .getByRole("listitem")
    .filter({ hasText: question })
    .getByRole("button", { name: choice })
    .first()
    .click();

test("a pasted recipe: doubts settled, for 38 people over two pots, salt and body read, planned", async ({
  page,
}) => {
  test.slow();
  await openSample(page);
  await page.getByRole("button", { name: /Plan a pot/ }).click();
  await page.getByRole("link", { name: "Read a recipe" }).click();
  await page.getByLabel(/Paste it as it stands/).fill(RECIPE);
  await page.getByRole("button", { name: "Read it" }).click();
  const make = page.getByRole("button", { name: "Make it a plan" });
  await expect(make).toBeDisabled();
  await answer(page, /Which rules/, "until tender");
  await answer(page, /Carrot: from 2 to 3/, /^3 /);
  await answer(page, /8 oz stock/, /fl oz/);
  // What is plain is read beside its words: the moment, the drained can, salt to taste, the browning.
  const row = (text: string) => page.getByRole("listitem").filter({ hasText: text }).first();
  await expect(row("200 g potatoes")).toContainText("last 40 min");
  await expect(row("kidney beans, drained")).toContainText("240 g");
  await expect(row("salt to taste")).toContainText("to taste");
  await expect(row("600 g goat shoulder")).toContainText("brown");
  // Another name typed in its row is read anew.
  const carrot = page.getByLabel("2-3 carrots: read as");
  await carrot.fill("parsnip");
  await carrot.press("Enter");
  await answer(page, /Parsnip: from 2 to 3/, /^2 /);
  await page.getByRole("button", { name: "Undo the last answer" }).click();
  await page.getByRole("button", { name: "Undo the last answer" }).click();
  await expect(carrot).toHaveValue("Carrot");
  await expect(page.getByText("All clear")).toBeVisible();
  await make.click();
  await expect(sentence(page)).toContainText("600 g goat shoulder");
  await expect(sentence(page)).toContainText(/\d portions/);

  await side(page, "Who eats").click();
  await page.getByLabel("How many eat").fill("38");
  await page.getByLabel("How many eat").press("Enter");
  await expect(page.getByText(/Too much for the/)).toBeVisible();
  await page.getByRole("button", { name: "Cook it in 2 pots" }).click();
  await expect(sentence(page)).toContainText("in the tall pot");
  await expect(page.getByRole("button", { name: /Hut goat stew, pot 1/ })).toBeVisible();

  await side(page, "Salt and body").click();
  await expect(page.getByRole("img", { name: /g\/kg salt/ })).toBeVisible();
  await expect(page.getByText(/Add .* at the end/)).toBeVisible();
  await page.getByText("gravy", { exact: true }).click();
  await expect(page.getByText(/stir in|Thin it with/)).toBeVisible();
  await page.goto("/new");
  await expect(page.getByRole("button", { name: /Hut goat stew, pot 2/ })).toBeVisible();
});

test("a kind from its defaults: work, ways, eaters, a swap, and onto the fire to the table", async ({
  page,
}) => {
  test.slow();
  await page.clock.install({ time: new Date("2026-03-18T09:00:00+01:00") });
  await openSample(page);
  await page.goto("/new");
  await page.getByRole("button", { name: /^Stew/ }).click();
  await expect(sentence(page)).toContainText("beef chuck");
  await side(page, /Work \d/).click();
  await expect(page.getByText("Brown the beef chuck")).toBeVisible();
  await side(page, "Who eats").click();
  await page.getByLabel("gluten-free").check();
  await expect(
    page.getByRole("region", { name: "Who eats" }).getByText("Wheat flour holds gluten."),
  ).toBeVisible();
  await page.getByRole("button", { name: "corn starch" }).click();
  await expect(
    page.getByRole("region", { name: "Who eats" }).getByText("Wheat flour holds gluten."),
  ).toBeHidden();
  await expect(page.getByText(/Take out before serving/)).toContainText("2 bay leaves");
  await page.getByLabel("barley", { exact: true }).check();
  await page.getByLabel("barley by itself").fill("45");
  await page.getByLabel("barley by itself").press("Enter");
  await page.getByLabel("ladled out of this pot").check();
  await expect(
    page.getByText(/stay for the plates|more than the .* left in this pot/),
  ).toBeVisible();
  await side(page, "Ways").click();
  await page.getByRole("group", { name: "When to stop" }).getByText("by the clock").click();
  await expect(sentence(page)).toContainText("3 h at a");

  await page.locator("main").focus();
  await page.keyboard.press("p");
  // Its Cook begins at the first cut: every piece of its work, one after the other.
  await expect(page.getByText(/^\d+ of \d+ left\.$/)).toBeVisible();
  expect((await workThrough(page)).length).toBeGreaterThan(4);
  for (const name of ["Into the pot", "Light the ring", "It simmers", "Skim"]) {
    await expect(page.getByRole("heading", { level: 1, name })).toBeVisible();
    await page.keyboard.press("Space");
  }
  for (const name of ["Carrot", "Potato"]) {
    await page.getByRole("button", { name: `${name} is in now` }).click();
    await expect(page.getByRole("button", { name: `${name} is in now` })).toBeHidden();
  }
  // What is served beside it is begun in time to be ready with it, its liquid out of this pot.
  await page.clock.fastForward("03:30:00");
  await expect(page.getByRole("heading", { level: 1, name: "Begin the barley" })).toBeVisible();
  await expect(page.locator(".look")).toContainText(/of hot liquid out of the pot.* 4\d min/);
  await page.keyboard.press("Space");
  await expect
    .poll(async () => (await storedEvents(page)).slice(-2).map((e) => e.kind))
    .toEqual(["ladledOut", "sideDish"]);
  await expect(page.getByRole("heading", { level: 1, name: "Take it off the heat" })).toBeVisible();
  await page.keyboard.press("Space");
  await expect(page.getByRole("heading", { level: 1, name: "Parsley in" })).toBeVisible();
  await page.keyboard.press("Space");
  await expect(page.getByRole("heading", { level: 1, name: "Salt it" })).toBeVisible();
  await page.keyboard.press("Space");
  await expect(page.getByRole("heading", { name: "Serve it" })).toBeVisible();
  await page.keyboard.press("Space");
  await page.getByLabel("2 bay leaves out").check();
  await page.getByLabel("Pot and all").first().fill("6 kg");
  await page.getByLabel("Pot and all").first().press("Enter");
  await page.getByLabel("Pot empty").first().fill("3.1 kg");
  await page.getByLabel("Pot empty").first().press("Enter");
  await page.getByRole("button", { name: "Keep what was served" }).click();
  await expect(page.getByRole("heading", { name: /2.9 kg.*served/ })).toBeVisible();
  expect((await storedEvents(page)).map((e) => e.kind)).toContain("strained");

  // At the table it can still be put right: saltier, and its sauce thicker, or down by itself.
  const right = page.getByRole("region", { name: "Still to be put right" });
  await expect(right).toContainText(/Now 2\.9 kg.*, of it .* sauce, salt \d\.\d g\/kg/);
  await right.getByLabel(/Salt wanted, g\/kg/).fill("12");
  await right.getByRole("button", { name: "Stirred in" }).click();
  await expect(right).toContainText("It is as salty as that already.");
  await right.getByText("thicken", { exact: true }).click();
  await right.getByText("like stew gravy", { exact: true }).click();
  await right.getByRole("button", { name: "Stirred in" }).click();
  await expect(right).toContainText("It is as thick already.");
  await right.getByText("reduce on", { exact: true }).click();
  await right.getByLabel("Down to").fill("700 ml");
  await right.getByLabel("Down to").press("Enter");
  await expect(right).toContainText(/about \d+ min.*Then salt .* g\/kg, and the sauce is/s);
  await right.getByRole("button", { name: "It is down there" }).click();
  await expect(right).toContainText(/of it 700 mL .*sauce/);
  expect(await violations(page)).toEqual([]);
});

test("the ladder is sorted by key and by drag, stages are chosen, a stock is linked", async ({
  page,
}) => {
  await openSample(page);
  await page.goto("/plan/plan-braise");
  const rung = (name: string) => page.getByRole("button", { name: `Change ${name}` });
  await rung("Carrot").focus();
  await page.keyboard.press("Alt+ArrowUp");
  const inStage = (name: string) => page.locator(".ladder li", { has: rung(name) });
  await expect(inStage("Dried apricots")).toContainText("Last 45 min");
  await expect(inStage("Carrot")).not.toContainText("Last 45 min");
  await rung("Bay leaf").hover();
  await rung("Bay leaf").locator(".grip").dragTo(rung("Dried apricots"));
  await expect(page.locator(".ladder li").last()).toContainText(/Bay leaf|Dried apricots/);
  await rung("Carrot").click();
  await page.getByText("when tender", { exact: true }).click();
  await page
    .getByRole("group", { name: "What shall be tender" })
    .getByText("goat shoulder")
    .click();
  await page.keyboard.press("Escape");
  await expect(page.locator(".ladder")).toContainText("Goat shoulder tender");
  await rung("House stock").click();
  await expect(
    page.getByText(/This dish needs 300 mL[^;]*; pigeon frame stock yields/),
  ).toBeVisible();
});

test("a shopping list over two plans: what is in the house comes off, prices add up", async ({
  page,
}) => {
  await openSample(page);
  await page.goto("/shopping?plan=plan-braise");
  await page.getByLabel("Runner beans with mutton").check();
  await expect(page.getByRole("region", { name: "Butcher" })).toContainText("Mutton shoulder");
  await page.getByLabel("Goat shoulder in the house").fill("2.2 kg");
  await page.getByLabel("Goat shoulder in the house").press("Enter");
  await expect(page.getByRole("region", { name: "Butcher" })).toContainText("enough");
  const together = page.getByText(/Together/);
  const before = Number(/[\d.]+/.exec((await together.textContent()) ?? "")?.[0]);
  const price = page.getByLabel("Price of a kilogram of Runner beans, dry");
  await price.fill("dear");
  await price.press("Enter");
  await expect(page.getByRole("main").getByRole("alert")).toHaveText(
    '"dear" is no price for a kilogram.',
  );
  await price.fill("");
  await price.press("Enter");
  await expect(page.getByRole("main").getByRole("alert")).toHaveCount(0);
  await price.fill("9000");
  await price.press("Enter");
  await page.getByRole("button", { name: "No, let me correct it" }).click();
  await expect(page.getByRole("main").getByRole("alert")).toHaveText('"9000" is not kept.');
  await expect(price).toHaveValue("9000");
  await price.press("Escape");
  await expect(page.getByRole("main").getByRole("alert")).toHaveCount(0);
  await expect(price).toHaveValue("");
  await page.getByLabel("Price of a kilogram of Runner beans, dry").fill("5");
  await page.getByLabel("Price of a kilogram of Runner beans, dry").press("Enter");
  await expect(together).toContainText((before + 5).toFixed(2));
});

test("on a phone in the shop: ticked off it stays so, more of it is to be bought again, and it comes home", async ({
  page,
}) => {
  await page.setViewportSize({ width: 390, height: 844 });
  await openSample(page);
  await page.goto("/shopping?plan=plan-beans");
  const mutton = page.getByLabel("Mutton shoulder is in the basket");
  const house = page.getByLabel("Mutton shoulder in the house");
  await house.fill("200 g");
  await house.press("Enter");
  await expect(page.getByRole("region", { name: "Butcher" })).toContainText("700 g");
  const home = page.getByRole("button", { name: "What is ticked is home" });
  await mutton.check();
  // Once it is written it can be brought home: the page is left at once.
  await expect(home).toBeVisible();
  await page.reload();
  await expect(mutton).toBeChecked();
  // What was thought to be there is not: the list wants more than was taken.
  await house.fill("");
  await house.press("Enter");
  await expect(mutton).not.toBeChecked();
  await mutton.check();
  await expect(home).toBeVisible();
  // What was taken for another plan is not on this list, and stays in the basket.
  await page.goto("/shopping?plan=plan-braise");
  const goat = page.getByLabel("Goat shoulder is in the basket");
  await goat.check();
  await expect(home).toBeVisible();
  await page.goto("/shopping?plan=plan-beans");
  await home.click();
  await expect(mutton).toBeDisabled();
  await expect(page.getByRole("region", { name: "Butcher" })).toContainText("enough");
  await page.getByRole("button", { name: /^Undo/ }).click();
  await expect(mutton).toBeEnabled();
  await expect(mutton).not.toBeChecked();
  await page.goto("/shopping?plan=plan-braise");
  await expect(goat).toBeChecked();
});

test("eighteen ingredients and nine pieces of work stay in one view, on a phone too", async ({
  page,
}) => {
  test.slow();
  await openOwn(page);
  await page.getByRole("button", { name: /Plan a pot/ }).click();
  await page.getByRole("button", { name: /^Stew/ }).click();
  await expect(sentence(page)).toContainText("beef chuck");
  const more = [
    "100 g celery",
    "20 g garlic",
    "50 g leek",
    "5 g peppercorns",
    "80 g parsnip",
    "100 g mushrooms",
    "50 g peas",
    "10 g mustard",
  ];
  for (const line of more) await putIn(page, line);
  await expect(side(page, "What goes in 18")).toBeVisible();
  await expect(side(page, /Work (9|1\d)/)).toBeVisible();
  await page.setViewportSize({ width: 390, height: 844 });
  for (const name of [/What goes in/, /Work \d/, "Salt and body", "Who eats", "Ways"]) {
    await side(page, name).click();
    const over = await page.evaluate("document.documentElement.scrollWidth - window.innerWidth");
    expect(over).toBeLessThanOrEqual(0);
  }
});
