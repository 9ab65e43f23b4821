import type { CookEvent } from "@kettlos/core/events/event-schema";
import { beforeEach, expect, test, vi } from "vitest";
import { watch } from "vue";
import { NOW, sample, shelvedPotOf } from "../../test/pot";
import { PAST, shelve } from "../../test/shelve";
import { forgetEverything } from "./safety-copies";
import { importAll } from "./take-in";
import { bringBack, binBatch, binned } from "./bin";
import { db, type StoredShelved } from "./db";
import { offTheShelf } from "./log-begun";
import { shelfKey } from "./log-keys";
import { potState } from "./pot-state";
import { usePotsStore } from "./pots-store";
import { useKitchenStore } from "./kitchen-store";
import { setSpeed } from "./practice-speed";
import { appendEvent, undoLast } from "./repository";
import { grown, type OpenPot } from "./use-log";
import { useWholePot } from "./use-pot";
import { until } from "../../test/until";

const eventsOf = (id: string) => sample.events.filter((e) => e.batchId === id);
const [first] = PAST;
if (first === undefined) throw new Error("the sample has cooked nothing");

type Drawn = Readonly<Record<string, Pick<StoredShelved["pot"], "namedLots" | "drawnKg">>>;

/** Old pots behind those of the sample; none drew on the larder but these. */
async function shelveMany(count: number, drawn: Drawn = {}) {
  await shelve(...PAST);
  const [row] = await db.shelved.toArray();
  const [batch] = sample.batches;
  if (row === undefined || batch === undefined) throw new Error("nothing on a shelf");
  const many = Array.from({ length: count }, (_, n) => ({ id: `many-${n}`, finishedMs: n }));
  await db.batches.bulkPut(many.map(({ id }) => ({ ...batch, id })));
  await db.shelved.bulkPut(
    many.map(({ id, finishedMs }) => ({
      key: shelfKey(id, []),
      batchId: id,
      finishedMs,
      pot: { ...row.pot, id, finishedMs, namedLots: [], drawnKg: [], ...drawn[id] },
    })),
  );
  return many;
}

beforeEach(async () => {
  vi.useFakeTimers({ now: NOW, toFake: ["Date"] });
  await forgetEverything();
  await importAll(sample, "replace");
});

test("what stands on a shelf is not read whole, and nothing of it is missing in the logbook", async () => {
  await shelve(...PAST);
  const [pots, kitchen] = [usePotsStore(), useKitchenStore()];
  await until(() => expect(pots.isWhole && kitchen.isLoaded).toBe(true));
  expect([...pots.open.keys()]).toEqual(["on-fire"]);
  expect(pots.finished.map((p) => p.id)).toEqual(
    PAST.map(shelvedPotOf)
      .sort((a, b) => b.finishedMs - a.finishedMs)
      .map((p) => p.id),
  );
  expect(pots.finishedCount).toBe(PAST.length);
  expect(pots.drawers).toHaveLength(PAST.length + 1);
});

test("of a long log the latest stand first, counted with all the others, and what is said is seen meanwhile", async () => {
  const many = await shelveMany(3000);
  const pots = usePotsStore();
  await until(() => expect(pots.isReady).toBe(true));
  expect(pots.isWhole).toBe(false);
  expect(pots.finished).toHaveLength(40);
  expect(pots.finished.slice(0, PAST.length).every((p) => PAST.includes(p.id))).toBe(true);
  expect(pots.finishedCount).toBe(PAST.length + many.length);
  await appendEvent("on-fire", { kind: "noted", text: "while the rest is read" });
  await until(() => expect(pots.isWhole).toBe(true));
  expect(pots.finished).toHaveLength(PAST.length + many.length);
  await until(() =>
    expect(pots.open.get("on-fire")?.cook.notes.at(-1)?.text).toBe("while the rest is read"),
  );
});

test("of a long log those that drew on the larder or named a lot of it are known at once, however old", async () => {
  const lots: Drawn = {
    "many-7": { namedLots: ["lot-a"], drawnKg: [["lot-a", 0.5]] },
    // Another one was taken than its plan said, and of one nothing was.
    "many-8": { namedLots: [], drawnKg: [["lot-b", 0.5]] },
    "many-9": { namedLots: ["lot-c"], drawnKg: [] },
  };
  const many = await shelveMany(900, lots);
  const pots = usePotsStore();
  /** The latest do not wait for those. */
  const latest = new Promise<readonly [drawn: boolean, count: number]>((resolve) =>
    watch(
      () => pots.finished.length,
      () => resolve([pots.isDrawnKnown, pots.finished.length]),
      { flush: "sync", once: true },
    ),
  );
  const atFirst = new Promise<readonly [isWhole: boolean, drawers: typeof pots.drawers]>(
    (resolve) =>
      watch(
        () => pots.isDrawnKnown,
        () => resolve([pots.isWhole, pots.drawers]),
        { flush: "sync" },
      ),
  );
  expect(await latest).toEqual([false, 40]);
  const [isWhole, drawers] = await atFirst;
  expect(isWhole).toBe(false);
  const known = drawers.filter((p) => p.id in lots).map(({ id, drawnKg }) => [id, drawnKg]);
  expect(Object.fromEntries(known)).toEqual({
    "many-7": [["lot-a", 0.5]],
    "many-8": [["lot-b", 0.5]],
    "many-9": [],
  });
  await until(() => expect(pots.isWhole).toBe(true));
  expect(pots.drawers.filter((p) => p.id.startsWith("many-"))).toHaveLength(many.length);
});

test("what is added to a pot of the logbook takes it off its shelf, whole and at once; it never is gone", async () => {
  await shelve(...PAST);
  const pots = usePotsStore();
  await until(() => expect(pots.isWhole).toBe(true));
  const counts = new Set<number>();
  const stop = watch(
    () => [pots.finishedCount, pots.finished.length],
    (now) => now.forEach((n) => counts.add(n)),
    { immediate: true },
  );
  await appendEvent(first, { kind: "noted", text: "better the next day" });
  await until(() => expect(pots.open.has(first)).toBe(true));
  expect(pots.open.get(first)?.events).toHaveLength(eventsOf(first).length + 1);
  // Taken back, its log is another one still.
  await undoLast(first);
  await until(() => expect(pots.open.get(first)?.cook.notes.at(-1)?.text).not.toContain("better"));
  // Worked out anew, it stands there again.
  const events = (await db.events.where("batchId").equals(first).toArray()).map((e) => e.event);
  const pot = { ...shelvedPotOf(first), notes: ["worked out anew"] };
  await db.shelved.put({
    key: shelfKey(first, events),
    batchId: first,
    finishedMs: pot.finishedMs,
    pot,
  });
  await until(() => expect(pots.open.has(first)).toBe(false));
  expect(pots.shelvedById.get(first)?.notes).toEqual(["worked out anew"]);
  expect([...counts]).toEqual([PAST.length]);
  stop();
});

test("a pot is read whole wherever it stands, and stays on the screen while it goes from one to the other", async () => {
  await shelve(...PAST);
  const pots = usePotsStore();
  await until(() => expect(pots.isWhole).toBe(true));
  const { pot, isRead } = useWholePot(() => first);
  expect([pot.value, isRead.value]).toEqual([null, false]);
  await until(() => expect(pot.value).not.toBeNull());
  expect(pot.value?.events).toEqual(eventsOf(first));
  const seen: (string | undefined)[] = [];
  watch(pot, (now) => seen.push(now?.batch.id), { flush: "sync" });
  await appendEvent(first, { kind: "liked", how: "good" });
  await until(() => expect(pot.value?.cook.liking).toBe("good"));
  await shelve(first);
  await until(() => expect(pots.open.has(first)).toBe(false));
  await until(() => expect(isRead.value).toBe(true));
  expect(pot.value?.cook.liking).toBe("good");
  expect(new Set(seen)).toEqual(new Set([first]));
  const { pot: none, isRead: isNoneRead } = useWholePot(() => "no such pot");
  await until(() => expect(isNoneRead.value).toBe(true));
  expect(none.value).toBeNull();
});

test("what is removed is gone from its shelf, with its words; brought back, it is whole", async () => {
  await shelve(...PAST);
  await db.words.put({ batchId: first, key: "x", words: {} as never });
  const pots = usePotsStore();
  await until(() => expect(pots.isWhole).toBe(true));
  await binBatch(first);
  await until(() => expect(pots.finished.some((p) => p.id === first)).toBe(false));
  expect(await db.words.count()).toBe(0);
  expect(await db.shelved.where("batchId").equals(first).count()).toBe(0);
  const [gone] = await binned();
  if (gone === undefined) throw new Error("nothing in the bin");
  await bringBack(gone);
  await until(() => expect(pots.open.get(first)?.events).toHaveLength(eventsOf(first).length));
});

test("read in again, a pot under way is as the file has it, whatever was known of it", async () => {
  const pots = usePotsStore();
  await until(() => expect(pots.open.has("on-fire")).toBe(true));
  const before = eventsOf("on-fire");
  await appendEvent("on-fire", { kind: "noted", text: "not in the file" });
  await until(() => expect(pots.open.get("on-fire")?.events).toHaveLength(before.length + 1));
  await importAll(sample, "replace");
  await until(() => expect(pots.open.get("on-fire")?.events).toHaveLength(before.length));
  await importAll(sample, "merge");
  await appendEvent("on-fire", { kind: "noted", text: "after it" });
  await until(() =>
    expect(pots.open.get("on-fire")?.events.at(-1)).toMatchObject({ text: "after it" }),
  );
  expect(pots.open.get("on-fire")?.events).toHaveLength(before.length + 1);
});

test("a practice pot goes on at its new speed", async () => {
  const practice = { seed: 1, speed: 60, realMs: NOW, potMs: NOW };
  await db.batches.update("on-fire", { practice });
  const pots = usePotsStore();
  await until(() => expect(pots.open.get("on-fire")?.stored.practice?.speed).toBe(60));
  await setSpeed("on-fire", 10);
  await until(() => expect(pots.open.get("on-fire")?.stored.practice?.speed).toBe(10));
});

test("what was worked out in another way than now waits to be put on its shelf anew, and is not read whole", async () => {
  const pot = shelvedPotOf(first);
  await offTheShelf([first]);
  await db.shelved.put({
    key: `${first}\n0:9:x`,
    batchId: first,
    finishedMs: pot.finishedMs,
    pot: { ...pot, name: "as an older Kettlos had it" },
  });
  const pots = usePotsStore();
  await until(() => expect(pots.isReady).toBe(true));
  expect([pots.isWhole, pots.open.has(first), pots.shelvedById.has(first)]).toEqual([
    ...[false, false, false],
  ]);
  expect(pots.finishedCount).toBe(PAST.length);
  await shelve(first);
  await until(() => expect(pots.isWhole).toBe(true));
  expect(pots.shelvedById.get(first)?.name).toBe(pot.name);
});

test("logs grow by what is new, and pots that nothing is added to stay the same ones", () => {
  const stored = (seq: number, batchId: string) => ({
    seq,
    id: `s${seq}`,
    batchId,
    event: { kind: "lit", id: `x${seq}`, batchId } as CookEvent,
  });
  const [batch] = sample.batches;
  if (batch === undefined) throw new Error("the sample has cooked nothing");
  const none = new Map<string, OpenPot>(["a", "b"].map((id) => [id, { batch, events: [] }]));
  const one = grown(none, [stored(1, "a"), stored(2, "b"), stored(3, "a")]);
  expect(one.get("a")?.events.map((e) => e.id)).toEqual(["x1", "x3"]);
  const two = grown(one, [stored(4, "b")]);
  expect(two.get("a")).toBe(one.get("a"));
  expect(two.get("b")?.events).toHaveLength(2);
  expect(one.get("b")?.events).toHaveLength(1);
  expect(grown(two, [])).toBe(two);
  // Of a pot that is not open only its shelf is of interest.
  expect(grown(two, [stored(5, "on a shelf")])).toBe(two);
  expect(potState({ batch, events: [] }).cook.events).toEqual([]);
});
