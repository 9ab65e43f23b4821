import { SCHEMA_VERSION } from "@kettlos/core/simulate/schema-version";
import { chromium, expect, test, type Page } from "@playwright/test";
import { readFileSync, writeFileSync } from "node:fs";
import { gzipSync } from "node:zlib";
import { CHROMIUM_ARGS, CHROMIUM_PATH } from "../scripts/browser";
import { forward, light, openSample, sentence, storedEvents } from "./kitchens";

const EVENING = new Date("2026-03-18T20:14:00+01:00");
const HOUR_MS = 3_600_000;

const title = (page: Page) => page.getByRole("main").getByRole("heading", { level: 1 });

test.describe("a pot on the fire is always there", () => {
  test.beforeEach(({ page }) => page.clock.install({ time: EVENING }));

  test("20 L into a 12 L pot: it stays on every screen, says what does not go in, and undo mends it", async ({
    page,
  }) => {
    await openSample(page);
    await page.goto("/cook/on-fire");
    await expect(title(page)).toHaveText("Leek and peppercorns in");
    await page.locator("#main").focus();
    await page.keyboard.press("w");
    await page.getByLabel("Water poured in, best boiling").fill("20 L");
    await page.getByRole("button", { name: "It is done" }).click();
    // Hardly possible, and asked about before it is believed.
    await expect(page.getByText(/Only about .* more goes in to the rim/)).toBeVisible();
    await page.getByRole("button", { name: "Yes, it is so" }).click();
    await expect(page.getByText(/Take care: [\d.]+ L .*does not go in/)).toBeVisible();
    await expect(title(page)).toHaveText("Leek and peppercorns in");
    await expect(
      page
        .getByText("Water in, 20 L")
        .or(page.getByText(/20(\.0)? L/))
        .first(),
    ).toBeVisible();
    const rail = page.getByRole("contentinfo", { name: "On the hob" });
    await expect(rail.getByRole("link", { name: /Pork trotter stock/ })).toBeVisible();
    await page.goto("/bench");
    await expect(page.getByRole("heading", { name: "Pork trotter stock" })).toBeVisible();
    await page.goto("/cook");
    await expect(title(page)).toHaveText("Leek and peppercorns in");
    await page.locator("#main").focus();
    await page.keyboard.press("u");
    await expect(page.getByText(/does not go in/)).toBeHidden();
  });

  test("nine hours asleep: off and look comes first, what was due is listed, danger calls until heard", async ({
    page,
  }) => {
    await openSample(page);
    await page.goto("/cook/on-fire");
    await expect(title(page)).toHaveText("Leek and peppercorns in");
    await forward(page, 9 * 60);
    await expect(title(page)).toHaveText("Take it off the heat");
    await expect(page.locator(".look")).toContainText(/over its time\. Heat off first, then look/);
    await expect(page.getByText(/It should have come off at/)).toBeVisible();
    await expect(page.getByText("as planned")).toHaveCount(0);
    await expect(page.locator("ol.later")).toContainText("Leek and peppercorns in");
    const danger = page.getByRole("alert").filter({ hasText: "Nobody has looked at it for" });
    await expect(danger).toBeVisible();
    await page.goto("/larder");
    await expect(danger).toBeVisible();
    await danger.getByRole("button", { name: "I am on it" }).click();
    await expect(danger).toBeHidden();
    await forward(page, 11);
    await expect(danger).toBeVisible();
  });

  test("what was left out cannot be reckoned: the pot stays, by its plan as written, and says so", async ({
    page,
  }) => {
    await openSample(page);
    await page.goto("/plan/plan-braise");
    await page.getByRole("button", { name: /Put it on/ }).click();
    const counter = page.locator("section.left");
    await expect(counter.getByRole("button", { name: /is in now/ }).first()).toBeVisible();
    const batchId = page.url().split("/").at(-1) ?? "";
    // The whole counter is left out, as a slip of the hand would.
    await page.evaluate(
      async ([id, schemaVersion]) => {
        const database = await new Promise<IDBDatabase>((resolve, reject) => {
          const opening = indexedDB.open("kettlos");
          opening.onsuccess = () => resolve(opening.result);
          opening.onerror = () => reject(new Error("cannot open"));
        });
        const transaction = database.transaction(["batches", "events"], "readwrite");
        const batch = await new Promise<{ plan: { items: { id: string }[] } }>((resolve) => {
          const got = transaction.objectStore("batches").get(id);
          got.onsuccess = () => resolve(got.result as { plan: { items: { id: string }[] } });
        });
        transaction
          .objectStore("batches")
          .put({ ...batch, plan: { ...batch.plan, stop: { by: "tender" } } });
        for (const item of batch.plan.items) {
          const event = {
            id: `out-${item.id}`,
            batchId: id,
            schemaVersion,
            kind: "leftOut",
            itemId: item.id,
            atMs: Date.now(),
          };
          transaction.objectStore("events").add({ id: event.id, batchId: id, event });
        }
        await new Promise((resolve) => (transaction.oncomplete = resolve));
        database.close();
      },
      [batchId, SCHEMA_VERSION] as const,
    );
    await page.reload();
    await expect(page.getByText("Worked out as it was written")).toBeVisible();
    await expect(page.getByRole("heading", { name: "Nothing is on the fire" })).toHaveCount(0);
    // Undone one by one, until what is to be tender is back.
    await expect(async () => {
      await page.locator("#main").focus();
      await page.keyboard.press("u");
      await expect(page.getByText("Worked out as it was written")).toBeHidden({ timeout: 1000 });
    }).toPass();
  });

  test("a clock set back is seen: the pot has been on as long as before", async ({ page }) => {
    await openSample(page);
    await page.goto("/cook/on-fire");
    await expect(title(page)).toHaveText("Leek and peppercorns in");
    const before = await page.locator(".count").innerText();
    await page.clock.setSystemTime(new Date(EVENING.getTime() - HOUR_MS));
    await page.clock.runFor(1500);
    await expect(page.getByText("The clock was set back by 1 h.")).toBeVisible();
    await expect(page.locator(".count")).toHaveText(new RegExp(`^${before.slice(0, 2)}`));
    expect((await storedEvents(page)).filter((e) => e.kind === "clockSet")).toHaveLength(1);
  });
});

test.describe("what is typed is kept by its button", () => {
  test.beforeEach(({ page }) => page.clock.install({ time: EVENING }));

  test("an amount, then another way; a temperature, then another place; the X: nothing is stored before", async ({
    page,
  }) => {
    await openSample(page);
    await page.goto("/cook/on-fire");
    await expect(title(page)).toHaveText("Leek and peppercorns in");
    const count = async () => (await storedEvents(page)).length;
    const before = await count();
    await page.locator("#main").focus();
    await page.keyboard.press("w");
    await page.getByLabel("Water poured in, best boiling").fill("1 L");
    await page.getByText("ladled out", { exact: true }).click();
    expect(await count()).toBe(before);
    await expect(page.getByLabel("Liquid taken out of the pot")).toHaveValue("1.0 L");
    await page.getByRole("button", { name: "It is done" }).click();
    await expect.poll(count).toBe(before + 1);
    expect((await storedEvents(page)).at(-1)?.kind).toBe("ladledOut");

    await page.locator("#main").focus();
    await page.keyboard.press("c");
    await page.getByLabel("In the liquid, stirred").fill("65");
    await page.getByText("in a piece", { exact: true }).click();
    await page.getByRole("dialog").getByRole("button", { name: "Close" }).click();
    await expect(page.getByRole("dialog")).toBeHidden();
    expect(await count()).toBe(before + 1);
  });

  test("a name holds spaces, is taken on leaving, and what is removed comes back", async ({
    page,
  }) => {
    await openSample(page);
    await page.goto("/plan/plan-lamb");
    await page.getByRole("button", { name: /^Lamb neck broth: name/ }).click();
    const name = page.getByRole("dialog", { name: "This plan" }).getByLabel("Name");
    await name.fill("");
    await name.pressSequentially("Broth for the hut ");
    await expect(name).toHaveValue("Broth for the hut ");
    await name.press("Tab");
    await expect(page.getByRole("button", { name: /^Broth for the hut: name/ })).toBeVisible();
    await page
      .getByRole("dialog", { name: "This plan" })
      .getByRole("button", { name: "Remove" })
      .click();
    await expect(page.getByText("Broth for the hut is removed.")).toBeVisible();
    await page.getByRole("button", { name: "Bring it back" }).click();
    await expect(page.getByRole("button", { name: /^Broth for the hut: name/ })).toBeVisible();
    await expect(sentence(page)).toContainText("lamb neck");
  });
});

test("a file with faults says what would be repaired and left out, before anything is done; a copy brings back", async ({
  page,
}) => {
  await openSample(page);
  await page.goto("/kitchen");
  const [download] = await Promise.all([
    page.waitForEvent("download"),
    page.getByRole("button", { name: "Save it all to a file" }).click(),
  ]);
  const file = JSON.parse(readFileSync(await download.path(), "utf8")) as {
    plans: { items: { massKg: number }[]; heat: unknown }[];
    events: unknown[];
  };
  file.plans[0]!.items[0]!.massKg = -3;
  file.plans[1]!.heat = { method: "moon" };
  file.events.push({
    id: "odd",
    batchId: "nowhere",
    schemaVersion: SCHEMA_VERSION,
    kind: "lit",
    atMs: 5,
  });
  const bad = test.info().outputPath("faults.json");
  writeFileSync(bad, JSON.stringify(file));
  await page.locator("input[type=file][accept*=json]").setInputFiles(bad);
  await expect(page.getByText("Would be repaired: 1")).toBeVisible();
  await expect(page.getByText("plans[0].items[0]", { exact: true })).toBeVisible();
  await expect(page.getByText("Would be left out: 2")).toBeVisible();
  await page.getByRole("button", { name: "In place of everything here" }).click();
  await expect(page.getByText(/Replaced everything with 11 plans and 17 batches/)).toBeVisible();
  // What was there is kept as a copy, and comes back.
  await page.getByRole("button", { name: "Look at it" }).first().click();
  await expect(page.getByText("All of it is whole.")).toBeVisible();
  await page.getByRole("button", { name: "In place of everything here" }).click();
  await expect(page.getByText(/Replaced everything with 12 plans/)).toBeVisible();
  // All of it removed, it can still be brought back from the first screen.
  await page.getByRole("button", { name: "Leave the sample kitchen" }).click();
  await page.getByRole("button", { name: "Remove it all" }).click();
  await expect(page.getByRole("heading", { name: "Set up mine" })).toBeVisible();
  await page.getByRole("button", { name: "Look at it" }).first().click();
  await page.getByRole("button", { name: "Take it in" }).click();
  await expect(page.getByRole("heading", { name: "Bramholt Hut" })).toBeVisible();
});

test("a kitchen of another browser is restored on the first visit", async ({ page, browser }) => {
  await openSample(page);
  await page.goto("/kitchen");
  const [download] = await Promise.all([
    page.waitForEvent("download"),
    page.getByRole("button", { name: "Save it all to a file" }).click(),
  ]);
  const other = await browser.newContext({ serviceWorkers: "block" });
  const fresh = await other.newPage();
  await fresh.goto(page.url().replace("/kitchen", "/"));
  // Compressed it is read like any other; cut off it is refused, and said why.
  const packed = gzipSync(readFileSync(await download.path()));
  const file = fresh.locator("input[type=file][accept*=json]");
  const asFile = (buffer: Buffer) => ({
    name: "kettlos.json.gz",
    mimeType: "application/gzip",
    buffer,
  });
  await file.setInputFiles(asFile(packed.subarray(0, packed.length / 2)));
  await expect(fresh.getByRole("alert")).toContainText("cannot be read");
  await file.setInputFiles(asFile(packed));
  await fresh.getByRole("button", { name: "Take it in" }).click();
  await expect(fresh.getByRole("heading", { name: "Bramholt Hut" })).toBeVisible();
  await other.close();
});

test("two tabs on one plan: both changes stand, and a plan removed in one is not brought back by the other", async ({
  context,
  page,
}) => {
  await openSample(page);
  await page.goto("/plan/plan-lamb");
  const other = await context.newPage();
  await other.goto(page.url());
  await expect(sentence(other)).toContainText("lamb neck");
  await other.locator("main").focus();
  await other.keyboard.press("+");
  await expect(sentence(page)).toContainText(", 7 h at");
  await page.getByRole("radio", { name: "ajar" }).focus();
  await page.keyboard.press("ArrowRight");
  await expect(sentence(other)).toContainText("lid on");
  await expect(sentence(other)).toContainText(", 7 h at");
  await page.getByRole("button", { name: /^Lamb neck broth: name/ }).click();
  await page
    .getByRole("dialog", { name: "This plan" })
    .getByRole("button", { name: "Remove" })
    .click();
  await expect(page.getByText("Lamb neck broth is removed.")).toBeVisible();
  await other.locator("main").focus();
  await other.keyboard.press("-");
  await expect(other.getByText("Lamb neck broth was removed in another tab.")).toBeVisible();
  await page.goto("/new");
  await expect(page.getByRole("button", { name: /^Lamb neck broth/ })).toHaveCount(0);
});

test("a phone over plain http: no secure context, and everything is written; another name gets nothing", async ({
  baseURL,
}) => {
  const port = new URL(baseURL ?? "").port;
  const browser = await chromium.launch({
    executablePath: CHROMIUM_PATH,
    args: [...CHROMIUM_ARGS, "--host-resolver-rules=MAP *.test 127.0.0.1"],
  });
  try {
    const page = await browser.newPage({ viewport: { width: 390, height: 844 } });
    await openSample(page, `http://kettlos.test:${port}/`);
    expect(await page.evaluate(() => window.isSecureContext)).toBe(false);
    await page.goto(`http://kettlos.test:${port}/plan/plan-hare`);
    await page.getByRole("button", { name: /Put it on/ }).click();
    await light(page);
    await expect.poll(async () => (await storedEvents(page)).at(-1)?.kind).toBe("lit");
    await page.reload();
    await expect(title(page)).toHaveText("It boils");

    const answer = await page.goto(`http://evil.test:${port}/`);
    expect(answer?.status()).toBe(421);
    const pushed = await page.evaluate(async (url) => {
      const response = await fetch(url, { method: "PUT", body: "{}" }).catch(() => null);
      return response?.status ?? null;
    }, `http://kettlos.test:${port}/api/instruments/x`);
    // The browser asks first and is told no; what got through all the same would be refused.
    expect([null, 403]).toContain(pushed);
  } finally {
    await browser.close();
  }
});

test("a browser that keeps nothing says so, and plans and saves to a file all the same", async ({
  page,
}) => {
  await page.addInitScript(() => {
    Object.defineProperty(window, "indexedDB", { get: () => undefined });
  });
  await openSample(page);
  await expect(page.getByText("This browser keeps nothing here.")).toBeVisible();
  await page.getByRole("navigation", { name: "Places" }).getByText("Plan", { exact: true }).click();
  await expect(sentence(page)).not.toBeEmpty();
  await page.getByRole("navigation", { name: "Places" }).getByText("Kitchen").click();
  const [download] = await Promise.all([
    page.waitForEvent("download"),
    page.getByRole("button", { name: "Save it all to a file" }).click(),
  ]);
  expect(JSON.parse(readFileSync(await download.path(), "utf8"))).toMatchObject({
    format: "kettlos",
  });
});

test("a page that goes while the disk is busy holds the change of a plan and its undo, and opens with them", async ({
  page,
}) => {
  await openSample(page);
  await page.goto("/plan/plan-braise");
  await expect(title(page)).toContainText("2 h 45");
  await page.evaluate(
    () =>
      new Promise<void>((resolve) => {
        const open = indexedDB.open("kettlos");
        open.onsuccess = () => {
          const plans = open.result
            .transaction(["plans", "steps"], "readwrite")
            .objectStore("plans");
          const again = () => {
            plans.count().onsuccess = again;
            resolve();
          };
          again();
        };
      }),
  );
  const said = page.getByLabel("Say heat and time");
  await said.fill("oven 150 3 h 20");
  await said.press("Enter");
  await expect(title(page)).toContainText("3 h 20");
  await page.reload();
  await expect(title(page)).toContainText("3 h 20");
  await page.goto("/");
  await page.goto("/plan/plan-braise");
  await expect(title(page)).toContainText("3 h 20");
  await page.getByRole("button", { name: /^Undo: / }).click();
  await expect(title(page)).toContainText("2 h 45");
});

test("a full disk: what was entered waits, is said not to be kept, and is written when there is room", async ({
  page,
}) => {
  await page.clock.install({ time: EVENING });
  await openSample(page);
  await page.goto("/cook/on-fire");
  await expect(title(page)).toHaveText("Leek and peppercorns in");
  await page.evaluate(() => {
    // eslint-disable-next-line @typescript-eslint/unbound-method -- called with its own this below
    const { add } = IDBObjectStore.prototype;
    const full = window as unknown as { isFull: boolean };
    full.isFull = true;
    IDBObjectStore.prototype.add = function (...args) {
      if (full.isFull) throw new DOMException("no room", "QuotaExceededError");
      return add.apply(this, args);
    };
  });
  await page.locator("#main").focus();
  await page.keyboard.press("w");
  await page.getByLabel("Water poured in, best boiling").fill("0.5 L");
  await page.getByRole("button", { name: "It is done" }).click();
  // It stays in its dialog, said there and nowhere else, so that it is not written twice.
  const inDialog = page.getByRole("dialog", { name: "Top up, take out" });
  await expect(inDialog.getByRole("alert")).toContainText(
    /Not written: an entry of 20:14\..*no room left/,
  );
  await expect(page.getByLabel("Water poured in, best boiling")).toHaveValue(/0\.5|500/);
  await expect(page.getByRole("button", { name: "Try again" })).toHaveCount(0);
  const roomAgain = () =>
    page.evaluate(() => {
      (window as unknown as { isFull: boolean }).isFull = false;
    });
  await roomAgain();
  await page.getByRole("button", { name: "It is done" }).click();
  await expect(inDialog).toBeHidden();
  expect((await storedEvents(page)).filter((e) => e.kind === "toppedUp")).toHaveLength(1);

  // What has no dialog waits in the strip over every screen.
  await page.evaluate(() => {
    (window as unknown as { isFull: boolean }).isFull = true;
  });
  await page.getByRole("button", { name: "Undo" }).click();
  const notice = page.getByRole("alert").filter({ hasText: "Not written: an entry of 20:14." });
  await expect(notice).toContainText("no room left");
  await expect(page.getByText("Something went wrong")).toHaveCount(0);
  await roomAgain();
  await notice.getByRole("button", { name: "Try again" }).click();
  await expect(notice).toBeHidden();
  await expect.poll(async () => (await storedEvents(page)).at(-1)?.kind).toBe("undo");
});

test("a pot forgotten half-way is asked about, and goes into the log as it was reckoned", async ({
  page,
}) => {
  await page.clock.install({ time: new Date("2026-03-18T20:14:00+01:00") });
  await openSample(page);
  const asked = page.getByRole("list", { name: "What became of these?" });
  await expect(page.getByRole("heading", { name: "On the fire" })).toBeVisible();
  await expect(asked).toBeHidden();
  await page.clock.fastForward("48:00:00");
  await page.goto("/bench");
  await expect(asked).toContainText("What became of the pork trotter stock?");
  await expect(asked).toContainText(/still on the heat, where it was to come off Wed 2\d:\d\d/);
  await expect(asked).toContainText("go and look at it first");
  await asked.getByRole("button", { name: /^It came off Wed 2\d:\d\d$/ }).click();
  await expect(asked).toContainText(
    /came off the heat Wed 2\d:\d\d, and what came of it was not told/,
  );
  await expect(asked).toContainText("If it stood out of the cold since, it is not for eating.");
  await asked.getByRole("button", { name: "Log it as it was estimated" }).click();
  await expect(asked).toBeHidden();
  await page.goto("/logbook/on-fire");
  await expect(page.getByText(/Strained, 3\.\d L.*, as estimated/)).toBeVisible();
  await page.goto("/taught");
  await page.getByText("Not learned from, and why").click();
  await expect(
    page.getByRole("listitem").filter({ hasText: "Pork trotter stock" }).first(),
  ).toBeVisible();
});

test("a screen whose file does not come is said to be missing when a page begins with it, and the pots and the other screens are there", async ({
  page,
}) => {
  await page.clock.install({ time: EVENING });
  await openSample(page);
  await page.route("**/assets/ConvertPlace-*.js", (route) => route.abort());
  await page.goto("/convert");
  const said = page.getByRole("alert").filter({ hasText: "Load again" });
  await expect(said).toBeVisible();
  await expect(said).toContainText("Every entry that was shown is on the disk.");
  await expect(page.getByRole("contentinfo", { name: "On the hob" })).toBeVisible();
  await page.getByRole("link", { name: "Larder", exact: true }).click();
  await expect(title(page)).toContainText("of stock");
  await page.unroute("**/assets/ConvertPlace-*.js");
  await page.goto("/convert");
  await expect(title(page)).toBeVisible();
  await expect(said).toBeHidden();
});
