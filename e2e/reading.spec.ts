import { expect, test, type Page } from "@playwright/test";
import { openSample, sentence } from "./kitchens";

const TERSE = `Red chili
Makes 8 servings
3 lbs ground beef
2 med onions, chopped
4 cloves garlic, minced
1 (28 oz) can crushed tomatoes
2 (15 oz) cans kidney beans, drained and rinsed
1 Tbsp ground cumin
2 tsp salt
1 c beef broth
Directions
Brown meat with onions and garlic. Drain.
Stir in everything else. Simmer uncovered 1 hour.`;

const CHATTY = `Grandfather's venison stew
This is the stew we make the first cold week of November. It feeds about 6 hungry people.
You will need:
about 2 pounds of venison, cut into 1-inch chunks
three or four carrots
a cup of dry red wine
1 teaspoon of juniper berries, crushed
half a pound of mountain root
salt and pepper
How to make it:
First, pat the meat dry and brown it in batches, and don't crowd the pot.
Pour in the wine and let it bubble away by half. Wish it well.
Cover and let it simmer very gently for about two and a half hours. Add the carrots about 45 minutes before it is done.`;

const JSON_LD = JSON.stringify({
  "@context": "https://schema.org",
  "@graph": [
    { "@type": "WebPage" },
    {
      "@type": ["Thing", "Recipe"],
      name: "Braised chicken legs",
      recipeYield: "Serves 4",
      recipeIngredient: [
        "4 chicken legs (about 1 kg)",
        "200 g shallots",
        "250 ml chicken stock",
        "3 tbsp crème fraîche",
      ],
      recipeInstructions: [
        {
          "@type": "HowToSection",
          itemListElement: [
            { "@type": "HowToStep", text: "Brown the legs skin side down." },
            { "@type": "HowToStep", text: "Braise, covered, at 170C for 50 minutes." },
            { "@type": "HowToStep", text: "Stir in the crème fraîche off the heat." },
          ],
        },
      ],
    },
  ],
});

async function read(page: Page, text: string) {
  await page.goto("/read");
  await page.getByLabel(/Paste it as it stands/).fill(text);
  await page.getByRole("button", { name: "Read it" }).click();
}
const row = (page: Page, text: string) =>
  page.getByRole("listitem").filter({ hasText: text }).first();
const lookedUp = (page: Page, name: string) =>
  page.evaluate(
    (wanted) =>
      new Promise<Record<string, unknown> | undefined>((resolve) => {
        const open = indexedDB.open("kettlos");
        open.onsuccess = () => {
          const all = open.result.transaction("plans").objectStore("plans").getAll();
          all.onsuccess = () => {
            const rows = all.result as { plan: Record<string, unknown> }[];
            resolve(rows.map((r) => r.plan).find((p) => p["name"] === wanted));
          };
        };
      }),
    name,
  );
/** A plan as it is stored: it is shown while it is still being written. */
async function stored(page: Page, name: string) {
  await expect.poll(() => lookedUp(page, name)).toBeDefined();
  return lookedUp(page, name);
}

test("a terse recipe is read whole and becomes its plan without a question", async ({ page }) => {
  await openSample(page);
  await read(page, TERSE);
  await expect(page.getByText("All clear")).toBeVisible();
  await page.getByRole("button", { name: "Make it a plan" }).click();
  await expect(sentence(page)).toContainText("beef");
  const plan = await stored(page, "Red chili");
  expect(plan).toMatchObject({
    serves: { people: 8 },
    stop: { by: "time", holdMin: 60 },
    heat: { method: "hob", lid: "off" },
  });
  const items = plan?.["items"] as { ingredientId: string; massKg: number; work: object[] }[];
  const of = (id: string) => items.find((i) => i.ingredientId === id);
  expect(of("mincedBeef")?.massKg).toBeCloseTo(1.361, 2);
  expect(of("mincedBeef")?.work).toEqual([{ kind: "brown" }]);
  expect(of("cannedBeans")?.massKg).toBeCloseTo(0.51, 2);
  expect(of("cannedTomato")?.massKg).toBeCloseTo(0.794, 2);
});

test("what another application shares is read, and an address alone is told to be none", async ({
  page,
}) => {
  await openSample(page);
  const manifest = (await (await page.request.get("/manifest.webmanifest")).json()) as {
    readonly share_target: {
      readonly action: string;
      readonly params: { readonly title: string; readonly text: string };
    };
    readonly shortcuts: readonly { readonly url: string }[];
    readonly icons: readonly { readonly src: string }[];
  };
  const { action, params } = manifest.share_target;
  const [title = "", ...rest] = TERSE.split("\n");
  const shared = new URLSearchParams({
    [params.title]: title,
    [params.text]: rest.join("\n"),
  });
  await page.goto(`${action}?${shared.toString()}`);
  await expect(page.getByText("All clear")).toBeVisible();
  await expect(page.getByRole("button", { name: "Make it a plan" })).toBeEnabled();
  await page.goto(`${action}?url=${encodeURIComponent("https://example.org/stew")}`);
  await expect(page.getByText(/Only the address of it came/)).toBeVisible();
  // What the icon leads to are screens that there are.
  for (const { url } of manifest.shortcuts) {
    await page.goto(url);
    await expect(page.getByRole("heading", { level: 1 })).toBeVisible();
  }
  for (const { src } of manifest.icons)
    expect((await page.request.get(src)).headers()["content-type"]).toContain("svg");
});

test("a chatty one: what it leaves open is asked, what is unknown is kept as the kitchen's own", async ({
  page,
}) => {
  await openSample(page);
  await read(page, CHATTY);
  await expect(page.getByText("Wish it well.")).toHaveClass(/unread/);
  await row(page, "three or four carrots").getByRole("button", { name: /^4 / }).click();
  const root = row(page, "half a pound of mountain root");
  await root.getByRole("button", { name: /keep "mountain root" as my own/ }).click();
  await root.getByRole("button", { name: "a root", exact: true }).click();
  await expect(page.getByText("All clear")).toBeVisible();
  await page.getByRole("button", { name: "Make it a plan" }).click();
  await expect(page.getByRole("button", { name: "Change mountain root" })).toBeVisible();
  const plan = await stored(page, "Grandfather's venison stew");
  expect(plan).toMatchObject({ stop: { by: "time", holdMin: 150 }, serves: { people: 6 } });
  const items = plan?.["items"] as Record<string, unknown>[];
  expect(
    items.find((i) => i["ingredientId"] === "carrot" && i["called"] === undefined),
  ).toMatchObject({
    when: { at: "beforeEnd", min: 45 },
  });
  expect(items.find((i) => i["called"] === "mountain root")).toMatchObject({ isOwn: true });
  // What was not understood stays with the plan, marked.
  await page.getByRole("group", { name: "What to look at" }).getByText("Recipe").click();
  await expect(page.getByText("Wish it well.")).toBeVisible();
  await expect(page.getByRole("listitem").filter({ hasText: "Wish it well." })).toContainText(
    "mind it yourself",
  );
  // At the stove it is told too, with what is put in to taste.
  await page.locator("main").focus();
  await page.keyboard.press("p");
  await expect(page.getByText("Wish it well.")).toBeVisible();
  await expect(page.getByText(/To taste, at the end: salt, black pepper/)).toBeVisible();
  // Offered again by its name, and kept in the kitchen.
  await page.goto("/kitchen");
  await expect(page.getByRole("button", { name: "mountain root", exact: true })).toBeVisible();
});

test("a published one in JSON-LD, by the keyboard alone", async ({ page }) => {
  await openSample(page);
  await page.goto("/read");
  await page.getByLabel(/Paste it as it stands/).focus();
  await page.keyboard.insertText(JSON_LD);
  await page.keyboard.press("Tab");
  await page.keyboard.press("Enter");
  await expect(page.getByText("All clear")).toBeVisible();
  const make = page.getByRole("button", { name: "Make it a plan" });
  for (let i = 0; i < 40; i++) {
    if (await make.evaluate((b) => b === document.activeElement)) break;
    await page.keyboard.press("Tab");
  }
  await page.keyboard.press("Enter");
  await expect(sentence(page)).toContainText("chicken legs");
  const plan = await stored(page, "Braised chicken legs");
  expect(plan).toMatchObject({
    serves: { people: 4 },
    heat: { method: "oven", ovenC: 170, lid: "on" },
    stop: { by: "time", holdMin: 50 },
  });
});
