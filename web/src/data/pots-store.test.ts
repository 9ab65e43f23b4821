import { afterEach, beforeEach, describe, expect, test, vi } from "vitest";
import { watch } from "vue";
import { NOW, sample } from "../../test/pot";
import { PAST, shelve } from "../../test/shelve";
import { useKitchenStore } from "./kitchen-store";
import { usePotsStore } from "./pots-store";
import { forgetEverything, importAll } from "./backup";
import { appendEvent, beginBatch } from "./repository";

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
  await vi.waitFor(() => expect(kitchen.isLoaded && pots.isReady).toBe(true), {
    timeout: 90_000,
  });
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
    await vi.waitFor(() => expect(pots.open.get("on-fire")?.cook.stage).toBe("strain"), {
      timeout: 90_000,
    });
    expect(pots.live[0]?.actions.map((a) => a.kind)).toEqual(["strain"]);
    await appendEvent("on-fire", {
      kind: "strained",
      measured: { volumeL: 3.1, tempC: 15, passes: 2, clothPasses: 0, pressed: false },
    });
    await vi.waitFor(() => expect(pots.live[0]?.actions).toEqual([]), { timeout: 90_000 });
    await appendEvent("on-fire", { kind: "finished" });
    await vi.waitFor(() => expect(pots.finishedCount).toBe(17), { timeout: 90_000 });
    expect(pots.live).toEqual([]);
  });

  test("a second pot put on is live beside the first", async () => {
    const pots = await loaded();
    const batch = await beginBatch(sample.plans[0]!, sample.kitchen);
    await vi.waitFor(() => expect(pots.live).toHaveLength(2), { timeout: 90_000 });
    expect(pots.open.get(batch.id)?.cook.stage).toBe("fill");
  });
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
    await vi.waitFor(() => expect(kitchen.isLoaded && pots.finishedCount).toBe(16), {
      timeout: 90_000,
    });
    // Read in anew beside what is there: batches and events arrive one after the other.
    await forgetEverything();
    await importAll(sample, "replace");
    await vi.waitFor(() => expect(pots.finishedCount).toBe(16), { timeout: 90_000 });
    expect([...seen]).toEqual(["on-fire"]);
  });

  test("a pot that cannot be reckoned stays, with its problem", async () => {
    const pots = await loaded();
    const plan = { ...sample.plans[0]!, ringId: "gone" };
    const batch = await beginBatch(plan, sample.kitchen);
    await appendEvent(batch.id, { kind: "lit" });
    const stuck = () => pots.inEarnest.find((p) => p.batch.id === batch.id);
    // The pot is there at once, its event a moment later.
    await vi.waitFor(() => expect(stuck()?.cook.litMs ?? null).not.toBeNull(), {
      timeout: 90_000,
    });
    expect(stuck()?.problem?.code).toBe("unknownReference");
    expect(stuck()?.actions[0]?.kind).toBe("look");
    expect(pots.live.map((p) => p.batch.id)).toEqual(["on-fire"]);
  });
});
