import { afterEach, beforeEach, expect, test, vi } from "vitest";
import { NOW, sample } from "../../test/pot";
import { forgetEverything } from "./safety-copies";
import { importAll } from "./take-in";
import { db } from "./db";
import { useKitchenStore } from "./kitchen-store";
import { appendLarder } from "./larder-log";
import { useLarderStore } from "./larder-store";
import { usePotsStore } from "./pots-store";
import { appendEvent, undoLast } from "./repository";
import { keepLogged } from "./self-log";
import { until } from "../../test/until";

const H = 3_600_000;
const BEGAN = NOW + H;

beforeEach(async () => {
  vi.useFakeTimers({ now: BEGAN, toFake: ["Date"] });
  await forgetEverything();
  await importAll(sample, "replace");
});
afterEach(() => vi.useRealTimers());

/** The pot on the fire, strained and cold by BEGAN; so much of it is used up. */
async function putAway(massKg: number) {
  const measured = { massKg: 3, tempC: 15, passes: 2, clothPasses: 0, pressed: false };
  await appendEvent("on-fire", { kind: "offHeat" });
  await appendEvent("on-fire", { kind: "strained", measured });
  const chill = {
    containerId: "tall",
    count: 1,
    massKg: 3,
    fromC: 80,
    isThick: false,
    stages: [{ way: "iceBath" as const, min: 60 }],
  };
  await appendEvent("on-fire", { kind: "chillBegun", chill });
  await appendEvent("on-fire", { kind: "chilled" });
  await appendLarder({ kind: "used", batchId: "on-fire", massKg, out: "table" });
}
const isLogged = async () => {
  const events = await db.events.where("batchId").equals("on-fire").toArray();
  return events.some((e) => e.event.kind === "finished");
};
async function later() {
  vi.setSystemTime(NOW + 14 * H);
  const [kitchen, pots, larder] = [useKitchenStore(), usePotsStore(), useLarderStore()];
  await until(() => expect(kitchen.isLoaded && pots.isReady && larder.isLoaded).toBe(true));
  keepLogged();
}

test("a pot that is eaten or put away goes into the logbook by itself; taken back, it stays out", async () => {
  await putAway(3);
  await later();
  await until(async () => expect(await isLogged()).toBe(true));
  await undoLast("on-fire");
  // Until it is read that it was taken back: before that the store has it as it was.
  await until(() => {
    const kinds = usePotsStore()
      .open.get("on-fire")
      ?.events.map((e) => e.kind);
    expect(kinds).toContain("undo");
  });
  const count = await db.events.count();
  vi.setSystemTime(NOW + 50 * H);
  keepLogged();
  await new Promise((resolve) => setTimeout(resolve, 50));
  expect(await db.events.count()).toBe(count);
});

test("one of which something is left does not", async () => {
  await putAway(2);
  await later();
  await new Promise((resolve) => setTimeout(resolve, 50));
  expect(await isLogged()).toBe(false);
});
