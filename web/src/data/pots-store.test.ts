import { afterEach, beforeEach, describe, expect, test, vi } from "vitest";
import { watch } from "vue";
import { NOW, sample } from "../../test/pot";
import { PAST, shelve } from "../../test/shelve";
import { useKitchenStore } from "./kitchen-store";
import { usePotsStore } from "./pots-store";
import { forgetEverything } from "./safety-copies";
import { importAll } from "./take-in";
import { appendEvent, beginBatch } from "./repository";
import { until } from "../../test/until";

beforeEach(async () => {
  vi.useFakeTimers({ now: NOW, toFake: ["Date"] });
  await forgetEverything();
  await importAll(sample, "replace");
  await shelve(...PAST);
});
afterEach(() => vi.useRealTimers());

async function loaded() {
  const kitchen = useKitchenStore();
  const pots = usePotsStore();
  await until(() => expect(kitchen.isLoaded && pots.isReady).toBe(true));
  return pots;
}

describe("all pots", () => {
  test("are folded; the one on the fire is forecast and has actions", async () => {
    const pots = await loaded();
    expect(pots.finished).toHaveLength(16);
    expect(pots.live.map((p) => p.batch.id)).toEqual(["on-fire"]);
    const live = pots.live[0]!;
    expect(live.actions[0]?.title).toBe("Leek and peppercorns in");
    expect(live.forecast.endMs.expected).toBeGreaterThan(NOW);
  });

  test("the newest logged stands first", async () => {
    const pots = await loaded();
    const times = pots.finished.map((p) => p.finishedMs);
    expect(times).toEqual([...times].sort((a, b) => b - a));
  });

  test("a written event shows only once it is stored, and moves the pot on", async () => {
    const pots = await loaded();
    await appendEvent("on-fire", { kind: "offHeat" });
    await until(() => expect(pots.open.get("on-fire")?.cook.stage).toBe("strain"));
    expect(pots.live[0]?.actions.map((a) => a.kind)).toEqual(["strain"]);
    await appendEvent("on-fire", {
      kind: "strained",
      measured: { volumeL: 3.1, tempC: 15, passes: 2, clothPasses: 0, pressed: false },
    });
    await until(() => expect(pots.live[0]?.actions).toEqual([]));
    await appendEvent("on-fire", { kind: "finished" });
    await until(() => expect(pots.finishedCount).toBe(17));
    expect(pots.live).toEqual([]);
  });

  test("a second pot put on is live beside the first", async () => {
    const pots = await loaded();
    const batch = await beginBatch(sample.plans[0]!, sample.kitchen);
    await until(() => expect(pots.live).toHaveLength(2));
    expect(pots.open.get(batch.id)?.cook.stage).toBe("fill");
  });
});

test("several pots are forecast anew by turns, no two in one second, and none is left out", async () => {
  vi.useFakeTimers({ now: NOW, toFake: ["Date", "setInterval", "clearInterval"] });
  const pots = await loaded();
  await beginBatch(sample.plans[0]!, sample.kitchen);
  await beginBatch(sample.plans[1]!, sample.kitchen);
  await until(() => expect(pots.fire).toHaveLength(3));
  let before = pots.fire;
  const anew = new Map<string, number>();
  for (let second = 0; second < 20; second++) {
    vi.advanceTimersByTime(1000);
    const moved = pots.fire.filter((pot, i) => pot !== before[i]);
    expect(moved.length).toBeLessThanOrEqual(1);
    for (const { batch } of moved) anew.set(batch.id, (anew.get(batch.id) ?? 0) + 1);
    before = pots.fire;
  }
  expect([...anew.values()]).toEqual([1, 1, 1]);
});

describe("while it loads", () => {
  test("no past pot is ever taken for one that was never lit, whenever its events arrive", async () => {
    const pots = usePotsStore();
    const kitchen = useKitchenStore();
    const seen = new Set<string>();
    watch(
      () => pots.fire.map((p) => p.batch.id),
      (ids) => ids.forEach((id) => seen.add(id)),
      { immediate: true, flush: "sync" },
    );
    await until(() => expect(kitchen.isLoaded && pots.finishedCount).toBe(16));
    // Read in anew beside what is there: batches and events arrive one after the other.
    await forgetEverything();
    await importAll(sample, "replace");
    await until(() => expect(pots.finishedCount).toBe(16));
    expect([...seen]).toEqual(["on-fire"]);
  });

  test("a pot that cannot be reckoned stays, with its problem", async () => {
    const pots = await loaded();
    const plan = { ...sample.plans[0]!, ringId: "gone" };
    const batch = await beginBatch(plan, sample.kitchen);
    await appendEvent(batch.id, { kind: "lit" });
    const stuck = () => pots.inEarnest.find((p) => p.batch.id === batch.id);
    // The pot is there at once, its event a moment later.
    await until(() => expect(stuck()?.cook.litMs ?? null).not.toBeNull());
    expect(stuck()?.problem?.code).toBe("unknownReference");
    expect(stuck()?.actions[0]?.kind).toBe("look");
    expect(pots.live.map((p) => p.batch.id)).toEqual(["on-fire"]);
  });
});
