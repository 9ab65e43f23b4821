import { SCHEMA_VERSION } from "@kettlos/core/simulate/schema-version";
import { ClockSchema, type Clock } from "@kettlos/core/simulate/clock-schema";
import { beforeEach, describe, expect, test, vi } from "vitest";
import { NOW, sample } from "../../test/pot";
import { exportAll } from "../../test/whole-export";
import { importAll } from "./take-in";
import { CLOCK_ID, saveClock } from "./clock-log";
import { useClockStore } from "./clock-store";
import { db } from "./db";
import { useKitchenStore } from "./kitchen-store";
import { until } from "../../test/until";

const meal = (id: string, at: number) =>
  ({
    id,
    name: id,
    at: new Date(at).toISOString(),
    planIds: ["plan-braise"],
  }) as Clock["meals"][number];
const clockOf = (part: Partial<Clock>) =>
  ClockSchema.parse({ schemaVersion: SCHEMA_VERSION, ...part });
const stored = async () => (await db.clocks.get(CLOCK_ID))?.clock;
const HOUR = 3_600_000;

beforeEach(async () => {
  vi.useFakeTimers({ now: NOW, toFake: ["Date"] });
  await importAll(sample, "replace");
});

describe("the clock", () => {
  test("goes out to a file and comes back; merged, what is here stands", async () => {
    const out = await exportAll();
    expect(out?.clock).toEqual(sample.clock);
    const theirs = { ...sample, clock: clockOf({ meals: [meal("other", NOW + HOUR)] }) };
    await importAll(theirs, "merge");
    expect((await stored())?.meals.map((m) => m.id)).toEqual(["big-table", "other"]);
  });

  test("what is not right is refused whole, and nothing is lost", async () => {
    const wrong = { ...clockOf({}), meals: [{ ...meal("x", NOW), name: "" }] } as Clock;
    await expect(saveClock(wrong)).rejects.toThrow();
    expect((await stored())?.meals).toEqual(sample.clock?.meals);
  });

  test("a change is undone in one step, with the plans and the hands it changed", async () => {
    const store = useClockStore();
    const kitchenStore = useKitchenStore();
    await until(() => expect(store.isLoaded).toBe(true));
    await until(() => expect(store.clock.meals).toHaveLength(1));
    const plan = kitchenStore.plans.find((p) => p.id === "plan-table-braise");
    if (plan === undefined || sample.clock === undefined) throw new Error("no braise");
    const hands = [{ id: "a", name: "A", there: [], away: [], sleep: null }];
    await store.change({ ...sample.clock, meals: [] }, "all at once", {
      plans: [{ ...plan, vesselId: "casserole" }],
      hands,
    });
    await until(() => expect(store.clock.meals).toEqual([]));
    const vessel = async () => (await db.plans.get(plan.id))?.plan.vesselId;
    expect(await vessel()).toBe("casserole");
    await until(() => expect(kitchenStore.kitchen?.hands).toEqual(hands));
    await store.undo();
    expect(await vessel()).toBe(plan.vesselId);
    expect((await stored())?.meals).toHaveLength(1);
    await until(() => expect(kitchenStore.kitchen?.hands).toEqual(sample.kitchen.hands));
    await store.redo();
    expect((await stored())?.meals).toEqual([]);
  });

  test("a pot whose plan says its time itself is really taken off, and comes back by undo", async () => {
    const store = useClockStore();
    await until(() => expect(store.isLoaded).toBe(true));
    const onClock = () => store.wanted.loose.map((l) => l.planId);
    await until(() => expect(onClock()).toContain("plan-lamb"));
    await store.takeOff("plan-lamb", "lamb taken off");
    await until(() => expect(onClock()).not.toContain("plan-lamb"));
    await store.undo();
    await until(() => expect(onClock()).toContain("plan-lamb"));
    // The same by a way out that leaves it out.
    const next = {
      ...store.wanted,
      loose: store.wanted.loose.filter((l) => l.planId !== "plan-lamb"),
    };
    const cost = { lateMin: 0, handsMin: 0, waitMin: 0, earlierMin: 0, litres: 0 };
    await store.take({ id: "w", title: "Without lamb", cost, change: { clock: next } });
    await until(() => expect(onClock()).not.toContain("plan-lamb"));
  });

  test("meals long over go with the next change; one of today stays", async () => {
    const store = useClockStore();
    await until(() => expect(store.isLoaded).toBe(true));
    const meals = [meal("old", NOW - 100 * HOUR), meal("today", NOW - HOUR)];
    await store.change(clockOf({ meals }), "two meals");
    expect((await stored())?.meals.map((m) => m.id)).toEqual(["today"]);
  });
});
