import { flushPromises } from "@vue/test-utils";
import { createPinia, setActivePinia } from "pinia";
import { afterEach, beforeEach, describe, expect, test } from "vitest";
import { planOf, sample } from "../../../test/pot";
import { db } from "../../data/db";
import { useKitchenStore } from "../../data/kitchen-store";
import { forgetEverything } from "../../data/safety-copies";
import { importAll } from "../../data/take-in";
import { holdUnwritten } from "../../data/held";
import { writeHeld } from "../../data/unwritten";
import { usePlanStore } from "./plan-store";
import { until } from "../../../test/until";

async function loaded() {
  const kitchen = useKitchenStore();
  await until(() => expect(kitchen.isLoaded && kitchen.kitchen !== null).toBe(true));
  const store = usePlanStore();
  store.open(planOf("plan-lamb"));
  return store;
}

beforeEach(async () => {
  await forgetEverything();
  await importAll(sample, "replace");
});

// A change still waiting to be saved must not land in the next test.
afterEach(() => usePlanStore().flush());

describe("the plan on the screen", () => {
  test("is worked out as soon as it is open", async () => {
    const store = await loaded();
    expect(store.fault).toBeNull();
    expect(store.answers?.waterL).toBeCloseTo(4.4, 2);
    expect(store.answers?.figures.strainedL.expected).toBeGreaterThan(3);
  });

  test("opened in parts it says the same; what is not wanted any more by then is not opened", async () => {
    const store = await loaded();
    const { answers, fault } = store;
    const isOpen = (id: string) => expect(usePlanStore().plan?.id).toBe(id);
    await store.openInParts(planOf("plan-chili"), () => false);
    isOpen("plan-lamb");
    store.plan = null;
    await store.openInParts(planOf("plan-lamb"), () => true);
    isOpen("plan-lamb");
    expect([store.answers, store.fault]).toEqual([answers, fault]);
  });

  test("opened in parts it goes by the kitchen as it is by then, and by its fault where it has one", async () => {
    const store = await loaded();
    const kitchen = useKitchenStore();
    const lamb = planOf("plan-lamb");
    const opening = store.openInParts(lamb, () => true);
    await kitchen.change({ waterC: 30 });
    await until(() => expect(kitchen.kitchen?.waterC).toBe(30));
    await opening;
    const { answers } = store;
    store.open(lamb);
    expect(answers?.figures).toEqual(store.answers?.figures);
    await store.openInParts({ ...lamb, vesselId: "none" }, () => true);
    expect(store.fault).not.toBeNull();
    expect(store.plan?.vesselId).toBe("none");
  });

  test("pulling the line sets an amount to the nearest 50 mL and keeps the ranges' width", async () => {
    const store = await loaded();
    const before = store.answers?.spread;
    store.pullWaterTo(0.15);
    expect(store.pulledTo?.depthM).toBeCloseTo(0.15, 2);
    store.followWater();
    expect(store.plan?.water).toEqual({ by: "amount", volumeL: expect.any(Number) as number });
    expect(((store.answers?.waterL ?? 0) * 20) % 1).toBeCloseTo(0, 6);
    expect(store.answers?.trace.startDepthM).toBeCloseTo(0.15, 2);
    expect(store.answers?.spread).toBe(before);
    store.letGoOfWater();
    expect(store.answers?.spread).not.toBe(before);
  });

  test("one pull is undone as one change; a line that does not move works nothing out", async () => {
    const store = await loaded();
    const asWas = store.plan?.water;
    store.pullWaterTo(0.15);
    const { pulledTo } = store;
    store.pullWaterTo(0.15);
    expect(store.pulledTo).toBe(pulledTo);
    store.followWater();
    store.pullWaterTo(0.18);
    expect(store.isPulled).toBe(true);
    store.letGoOfWater();
    expect([store.isPulled, store.pulledTo]).toEqual([false, null]);
    expect(store.answers?.trace.startDepthM).toBeCloseTo(0.18, 2);
    store.undo();
    expect(store.plan?.water).toEqual(asWas);
  });

  test("pulled under the floor a little water stays; the plan is never empty", async () => {
    const store = await loaded();
    store.pullWaterTo(0);
    store.letGoOfWater();
    expect(store.answers?.waterL).toBe(0.1);
  });

  test("what is taken back while it is still being written is taken back on the disk too", async () => {
    const store = await loaded();
    const asWas = store.plan;
    store.change({ note: "for the wrong pot" });
    const first = store.flush();
    store.undo();
    await Promise.all([first, store.flush()]);
    await flushPromises();
    const id = asWas?.id ?? "";
    await until(async () => expect((await db.plans.get(id))?.plan.note).toBe(asWas?.note));
    await new Promise((resolve) => setTimeout(resolve, 400));
    expect((await db.plans.get(id))?.plan).toEqual(asWas);
    expect(store.plan).toEqual(asWas);
  });

  test("a change is saved soon after, and flushed at once when asked", async () => {
    const store = await loaded();
    store.change({ name: "Sunday broth" });
    await store.flush();
    expect((await db.plans.get("plan-lamb"))?.plan.name).toBe("Sunday broth");
    store.change({ name: "Monday broth" });
    await until(async () =>
      expect((await db.plans.get("plan-lamb"))?.plan.name).toBe("Monday broth"),
    );
  });

  test("opening another plan at once loses nothing of the one before", async () => {
    const store = await loaded();
    store.change({ name: "Sunday broth" });
    store.open(planOf("plan-hare"));
    await until(async () =>
      expect((await db.plans.get("plan-lamb"))?.plan.name).toBe("Sunday broth"),
    );
    expect((await db.plans.get("plan-hare"))?.plan.name).toBe("Plain hare broth");
  });

  test("a hundred and twenty steps go back and forth, each by its name, across a reload", async () => {
    const store = await loaded();
    for (let i = 1; i <= 120; i++) store.change({ stop: { by: "time", holdMin: 60 + i } });
    expect(store.undoes).toBe("3 h");
    store.undo();
    expect(store.plan?.stop).toEqual({ by: "time", holdMin: 179 });
    expect(store.redoes).toBe("3 h");
    store.redo();
    expect(store.plan?.stop).toEqual({ by: "time", holdMin: 180 });
    await store.flush();
    await until(async () => expect(await db.steps.count()).toBe(120));
    setActivePinia(createPinia());
    const again = await loaded();
    const [kept] = await db.plans.where("id").equals("plan-lamb").toArray();
    if (kept !== undefined) again.open(kept.plan);
    await until(() => expect(again.undoes).toBe("3 h"));
    for (let i = 0; i < 120; i++) again.undo();
    expect(again.plan?.stop).toEqual({ by: "time", holdMin: 390 });
    expect(again.undoes).toBeNull();
    // Going another way from here, what was undone is gone.
    again.change({ name: "Another way" });
    expect(again.redoes).toBeNull();
    expect(again.undoes).toBe("the name");
  });

  test("items are added, changed and taken off; the figures follow", async () => {
    const store = await loaded();
    const before = store.answers?.figures.gelatinGL.expected ?? 0;
    store.addItem({
      id: "feet",
      ingredientId: "chickenFeet",
      massKg: 0.5,
      when: { at: "start" },
      preparation: "",
      boneState: "raw",
      frozen: false,
      boiledMin: 0,
      work: [],
    });
    const withFeet = store.answers?.figures.gelatinGL.expected ?? 0;
    expect(withFeet).toBeGreaterThan(before * 1.2);
    store.changeItem("feet", { massKg: 0.25 });
    const half = store.answers?.figures.gelatinGL.expected ?? 0;
    expect(half).toBeLessThan(withFeet);
    expect(half).toBeGreaterThan(before);
    store.removeItem("feet");
    expect(store.answers?.figures.gelatinGL.expected).toBeCloseTo(before, 9);
  });

  test("what does not go in is still drawn, says so, and undo mends it", async () => {
    const store = await loaded();
    const refused = () => store.answers?.cautions.some((c) => c.id === "overRim");
    store.setWater({ by: "amount", volumeL: 40 });
    expect(store.answers?.trace.startDepthM).toBeGreaterThan(0);
    expect(refused()).toBe(true);
    store.undo();
    expect(store.fault).toBeNull();
    expect(refused()).toBe(false);
  });

  test("a kitchen moved up the mountain changes the open plan", async () => {
    const store = await loaded();
    const before = store.answers?.trace.holdC ?? 0;
    await useKitchenStore().change({ altitudeM: 3000 });
    await flushPromises();
    await until(() => expect(store.answers?.trace.holdC).toBeLessThan(before - 4));
  });
});

describe("a page that goes before the disk has taken the last change", () => {
  const held = () => Object.keys(localStorage).filter((k) => k.startsWith("kettlos-unwritten-"));

  test("holds it until it is written, and no longer", async () => {
    const store = await loaded();
    store.change({ note: "more bay" });
    store.leave();
    store.leave();
    expect(held()).toHaveLength(1);
    await until(() => expect(held()).toHaveLength(0));
    expect((await db.plans.get("plan-lamb"))?.plan.note).toBe("more bay");
    store.leave();
    expect(held()).toHaveLength(0);
  });

  test("finds it written when it opens again, beside what was changed elsewhere", async () => {
    const store = await loaded();
    const base = planOf("plan-lamb");
    holdUnwritten(base, { ...base, note: "more bay" }, null);
    localStorage.setItem("kettlos-unwritten-broken", "{");
    store.change({ forWhat: "Sunday" });
    await store.flush();
    await writeHeld();
    const stored = (await db.plans.get("plan-lamb"))?.plan;
    expect(stored).toMatchObject({ note: "more bay", forWhat: "Sunday" });
    expect(held()).toHaveLength(0);
  });

  test("holds the steps to undo too, and finds them when it opens again", async () => {
    const store = await loaded();
    await store.flush();
    const written = await db.steps.count();
    store.change({ note: "more bay" });
    window.dispatchEvent(new Event("pagehide"));
    const [key = ""] = held();
    const asHeld = localStorage.getItem(key) ?? "";
    await until(() => expect(held()).toHaveLength(0));
    expect(await db.steps.count()).toBe(written + 1);
    // Gone with the page that wrote it.
    await db.steps.clear();
    localStorage.setItem(key, asHeld);
    await writeHeld();
    const [step] = await db.steps.toArray();
    expect(step?.step.value).toMatchObject({ id: "plan-lamb", note: planOf("plan-lamb").note });
    expect(held()).toHaveLength(0);
  });
});
