import { withLog } from "@kettlos/core/learn/from-log";
import { whatTaught } from "@kettlos/core/learn/taught";
import { shownOf } from "@kettlos/core/learn/taught-shown";
import { afterEach, beforeEach, expect, test, vi } from "vitest";
import { effectScope } from "vue";
import { NOW, sample } from "../../test/pot";
import type { Reckoner } from "../workers/reckoner.worker";
import { forgetEverything } from "./safety-copies";
import { importAll } from "./take-in";
import { removeBatch } from "./bin";
import { db } from "./db";
import { keepLearning, learnedFrom } from "./learning";
import { forgetBasis } from "./log-begun";
import { usePotsStore } from "./pots-store";
import { useKitchenStore } from "./kitchen-store";
import { appendEvent, undoLast } from "./repository";
import { until } from "../../test/until";

const worker = vi.hoisted(() => ({ api: null as unknown as Reckoner }));
vi.mock("comlink", () => ({ expose: (api: Reckoner) => (worker.api = api) }));
vi.mock("../workers/reckoner", () => ({ reckoner: () => worker.api }));
await import("../workers/reckoner.worker");

const [first] = sample.batches;
if (first === undefined) throw new Error("the sample has cooked nothing");
const factorsOf = (batches = sample.batches, kitchen = sample.kitchen) =>
  withLog(kitchen, batches, sample.events).learned;
const stored = async () => (await db.learned.toArray())[0];
/** What they teach is worked out once, and not each time that is looked at: that alone would keep a machine busy. */
const untilTaught = (factors: ReturnType<typeof factorsOf>) =>
  until(async () => expect((await stored())?.factors).toEqual(factors));

beforeEach(async () => {
  vi.restoreAllMocks();
  vi.useFakeTimers({ now: NOW, toFake: ["Date"] });
  await forgetEverything();
});
let scope = effectScope();
afterEach(() => scope.stop());
async function kept() {
  const pots = usePotsStore();
  scope = effectScope();
  scope.run(keepLearning);
  await until(() => expect([...pots.open.keys()]).toEqual(["on-fire"]));
  return pots;
}

test("a log that is read in comes onto its shelves, and teaches, pot by pot or all at once", async () => {
  await importAll(sample, "replace");
  const pots = await kept();
  await untilTaught(factorsOf());
  expect(pots.finished.every((p) => p.gap !== undefined)).toBe(true);
  const byFile = await learnedFrom(sample);
  const byKey = (rows: readonly { batchId: string }[]) =>
    rows.toSorted((a, b) => a.batchId.localeCompare(b.batchId));
  expect(byKey(await db.words.toArray())).toEqual(byKey(byFile.words));
  expect(byKey(await db.shelved.toArray())).toEqual(byKey(byFile.shelved));
  expect(byFile.factors).toEqual(factorsOf());
  const told = whatTaught(
    byFile.words.map((w) => w.words),
    { kitchenId: sample.kitchen.id },
  );
  const [row] = await db.taught.toArray();
  expect(JSON.parse(row?.text ?? "")).toEqual(told);
  expect((await db.taughtShown.toArray()).map((t) => t.shown)).toEqual([shownOf(told)]);
});

test("where all is worked out, opening Kettlos reads none of it again", async () => {
  await importAll(sample, "replace", await learnedFrom(sample));
  const whole = vi.spyOn(db.words, "toArray");
  const words = vi.spyOn(worker.api, "words");
  await kept();
  const factors = factorsOf();
  await until(() => expect(useKitchenStore().kitchen?.learned).toEqual(factors));
  expect(whole).not.toHaveBeenCalled();
  // The one on the fire is not strained yet, and teaches nothing.
  expect(words).not.toHaveBeenCalled();
});

test("what is said while a pot is worked out is not lost: it is worked out again", async () => {
  await importAll(sample, "replace", await learnedFrom(sample));
  const pots = await kept();
  const { words } = worker.api;
  let asked = 0;
  vi.spyOn(worker.api, "words").mockImplementation((...pot) => {
    if (asked++ === 0) void appendEvent(first.id, { kind: "noted", text: "and one more thing" });
    return words(...pot);
  });
  await appendEvent(first.id, { kind: "noted", text: "one thing" });
  await until(() => expect(pots.open.has(first.id)).toBe(true));
  await until(() => expect(pots.open.has(first.id)).toBe(false));
  expect(asked).toBeGreaterThan(1);
  expect(pots.shelvedById.get(first.id)?.notes.slice(-2)).toEqual([
    "one thing",
    "and one more thing",
  ]);
});

test("a pot that is removed teaches nothing any more; one left out by the cook neither", async () => {
  await importAll(sample, "replace", await learnedFrom(sample));
  await kept();
  await removeBatch(first.id);
  const others = sample.batches.filter((b) => b.id !== first.id);
  await untilTaught(factorsOf(others));
  expect(factorsOf(others)).not.toEqual(factorsOf());
  const [, second] = sample.batches;
  if (second === undefined) throw new Error("the sample has cooked one pot");
  const teaching = { resets: [], frozen: [], leftOut: [second.id] };
  await useKitchenStore().change({ teaching });
  await untilTaught(factorsOf(others, { ...sample.kitchen, teaching }));
});

test("words that change in another tab while they are put together are put together anew", async () => {
  await importAll(sample, "replace", await learnedFrom(sample));
  const { learned } = worker.api;
  await forgetBasis();
  vi.spyOn(worker.api, "learned").mockImplementationOnce((said) => {
    const told = learned(said);
    const changed = db.words.delete(first.id).then(forgetBasis);
    return changed.then(() => told) as never;
  });
  await kept();
  const others = sample.batches.filter((b) => b.id !== first.id);
  await untilTaught(factorsOf(others));
});

test("a pot whose straining is taken back teaches nothing any more", async () => {
  await importAll(sample, "replace", await learnedFrom(sample));
  await kept();
  const before = (await stored())?.factors;
  await appendEvent("on-fire", { kind: "offHeat" });
  await appendEvent("on-fire", {
    kind: "strained",
    measured: { volumeL: 1.1, tempC: 15, passes: 1, clothPasses: 0, pressed: false },
  });
  await until(async () => expect(await db.words.get("on-fire")).toBeDefined());
  await until(async () => expect((await stored())?.factors).not.toEqual(before));
  await undoLast("on-fire");
  await until(async () => expect(await db.words.get("on-fire")).toBeUndefined());
  await untilTaught(before);
});

test("a pot that cannot be worked out stands in the logbook all the same, and teaches nothing", async () => {
  await importAll(sample, "replace", await learnedFrom(sample));
  const pots = await kept();
  expect(await db.words.get(first.id)).toBeDefined();
  const { words } = worker.api;
  vi.spyOn(worker.api, "words").mockImplementation((batch, events) => {
    if (batch.id === first.id) throw new Error("beyond reckoning");
    return words(batch, events);
  });
  vi.spyOn(console, "error").mockImplementation(() => {});
  await appendEvent(first.id, { kind: "noted", text: "said too late" });
  await until(async () => expect(await db.words.get(first.id)).toBeUndefined());
  await until(() =>
    expect(pots.shelvedById.get(first.id)).toMatchObject({ gap: null, name: first.plan.name }),
  );
  expect(pots.shelvedById.get(first.id)?.notes).toContain("said too late");
});

test("shelves of a Kettlos before are put up anew from the logs, which lie in one row each from then on", async () => {
  await importAll(sample, "replace", await learnedFrom(sample));
  const before = (await db.shelved.toArray()).map((row) => row.pot);
  await db.shelved.toCollection().modify((row, ref) => {
    ref.value = { ...row, key: `${row.batchId}\n0:1:x`, pot: { ...row.pot, name: "Otherwise" } };
  });
  const pots = await kept();
  await until(() => expect(pots.isWhole).toBe(true));
  await until(async () => expect(await db.shelved.where("unread").equals(1).count()).toBe(0));
  const byId = (all: readonly { id: string }[]) => all.toSorted((a, b) => a.id.localeCompare(b.id));
  expect(byId((await db.shelved.toArray()).map((row) => row.pot))).toEqual(byId(before));
  expect(await db.logs.count()).toBe(before.length);
  expect(await db.events.where("batchId").notEqual("on-fire").count()).toBe(0);
});

test("one that cannot be worked out is not tried for ever, and keeps none from its shelf", async () => {
  await importAll(sample, "replace");
  vi.spyOn(worker.api, "words").mockRejectedValue(new Error("does not go"));
  vi.spyOn(console, "error").mockImplementation(() => undefined);
  const pots = await kept();
  await until(async () => expect(await db.shelved.where("unread").equals(1).count()).toBe(0));
  await until(() => expect(pots.finished).toHaveLength(sample.batches.length - 1));
});
