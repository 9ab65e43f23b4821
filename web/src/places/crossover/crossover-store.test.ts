import { HeatSchema } from "@kettlos/core/heats/heat-schema";
import { convertDish } from "@kettlos/core/because/converted";
import { resolve } from "@kettlos/core/simulate/set-pot";
import { inWords } from "@kettlos/core/units/said";
import { beforeEach, describe, expect, test, vi } from "vitest";
import { planOf, sample } from "../../../test/pot";
import { db } from "../../data/db";
import { useKitchenStore } from "../../data/kitchen-store";
import { importAll } from "../../data/take-in";
import type { HeatColumn } from "../../workers/use-conversion";
import type { Reckoner } from "../../workers/reckoner.worker";
import { useCrossoverStore } from "./crossover-store";
import { until } from "../../../test/until";

type Api = Pick<Reckoner, "convert" | "ranges">;
/** The worker's answers on this thread; `hold` lets a test keep one back. */
const worker = vi.hoisted((): { api: unknown } => ({ api: null }));
vi.mock("../../workers/reckoner", () => ({ reckoner: () => worker.api }));

let asked = 0;
let drawn: ReturnType<typeof convertDish>["ranges"] = () => [];
const direct: Api = {
  convert: (_token, plan, kitchen, ...more) => {
    asked++;
    const { converted, ranges } = convertDish(resolve(plan, kitchen), ...more);
    drawn = ranges;
    return Promise.resolve(converted);
  },
  ranges: () => Promise.resolve(drawn()),
};

const braise = planOf("plan-braise");
const columnOf = (columns: readonly HeatColumn[], method: string) => {
  const found = columns.find((c) => c.answer.target.heat.method === method);
  if (found?.answer.ok !== true) throw new Error(`no ${method}`);
  return { ...found, column: found.answer.column };
};

async function opened(plan = braise) {
  const kitchen = useKitchenStore();
  await until(() => expect(kitchen.isLoaded).toBe(true));
  const store = useCrossoverStore();
  store.open(plan);
  await settled(store);
  return store;
}
const settled = (store: ReturnType<typeof useCrossoverStore>) =>
  until(() => expect(store.isBusy).toBe(false));

beforeEach(async () => {
  worker.api = direct;
  await importAll(sample, "replace");
});

describe("one dish on four heats", () => {
  test("opens with four columns in the order of the heats, the written one marked", async () => {
    const store = await opened();
    expect(store.columns.map((c) => c.answer.target.heat.method)).toEqual([
      "hob",
      "oven",
      "slowCooker",
      "pressure",
    ]);
    expect(columnOf(store.columns, "oven").column.isWritten).toBe(true);
    expect(store.columns.every((c) => c.range !== null)).toBe(true);
  });

  test("a plan changed elsewhere is shown as it now is; what was worked on here comes back by undo", async () => {
    const store = await opened();
    const longer = { ...braise, stop: { by: "time" as const, holdMin: 400 } };
    store.open(longer);
    expect(store.dish).toEqual(longer);
    expect(store.undoes).toBeNull();
    const worked = { ...longer, name: "Worked on" };
    store.write(worked);
    store.open(longer);
    expect(store.dish, "the same plan again changes nothing").toEqual(worked);
    store.open(braise);
    expect(store.dish).toEqual(braise);
    store.undo();
    expect(store.dish).toEqual(worked);
    await settled(store);
  });

  test("an edited heat becomes the written one and the rest follow; undo brings it back", async () => {
    const store = await opened();
    const before = columnOf(store.columns, "hob").column.trace.holdMin;
    const pressure = columnOf(store.columns, "pressure").column.plan;
    store.write({ ...pressure, stop: { by: "time", holdMin: 30 } });
    await settled(store);
    expect(columnOf(store.columns, "pressure").column.isWritten).toBe(true);
    expect(columnOf(store.columns, "oven").column.isWritten).toBe(false);
    expect(columnOf(store.columns, "hob").column.trace.holdMin).toBeGreaterThan(before + 30);
    store.undo();
    await settled(store);
    expect(columnOf(store.columns, "oven").column.isWritten).toBe(true);
    expect(columnOf(store.columns, "hob").column.trace.holdMin).toBe(before);
  });

  test("how another heat is set changes that column alone", async () => {
    const store = await opened();
    const hob = columnOf(store.columns, "hob");
    const crock = columnOf(store.columns, "slowCooker").column.trace.holdMin;
    store.setTarget(hob.answer, {
      ...hob.answer.target,
      heat: HeatSchema.parse({ method: "hob", vigour: "steady", lid: "on", boilFirstMin: null }),
    });
    await settled(store);
    expect(columnOf(store.columns, "hob").column.trace.holdMin).toBeLessThan(
      hob.column.trace.holdMin - 15,
    );
    expect(columnOf(store.columns, "slowCooker").column.trace.holdMin).toBe(crock);
    expect(store.dish).toEqual(braise);
  });

  test("how the written heat is set is the dish's own, and all follow", async () => {
    const store = await opened();
    const oven = columnOf(store.columns, "oven");
    const hob = columnOf(store.columns, "hob").column.trace.holdMin;
    if (oven.answer.target.heat.method !== "oven") throw new Error("no oven");
    store.setTarget(oven.answer, {
      ...oven.answer.target,
      heat: { ...oven.answer.target.heat, ovenC: 120 },
    });
    await settled(store);
    expect(store.dish?.heat).toMatchObject({ ovenC: 120 });
    expect(columnOf(store.columns, "hob").column.trace.holdMin).toBeLessThan(hob - 15);
  });

  test("HIGH stands in the crock's column when asked for", async () => {
    const store = await opened();
    const low = columnOf(store.columns, "slowCooker").column.trace.holdMin;
    store.crockSetting = "high";
    await until(() =>
      expect(columnOf(store.columns, "slowCooker").answer.target.heat).toMatchObject({
        setting: "high",
      }),
    );
    expect(columnOf(store.columns, "slowCooker").column.trace.holdMin).toBeLessThan(low - 90);
  });

  test("a dish that does not work says so", async () => {
    const store = await opened({ ...braise, water: { by: "amount", volumeL: 40 } });
    expect(inWords(store.problem ?? "", "metric")).toMatch(/hold/);
    expect(store.columns).toEqual([]);
  });

  test("an answer that was overtaken is not shown", async () => {
    const store = await opened();
    const answers: ((value: unknown) => void)[] = [];
    worker.api = {
      convert: () => new Promise((resolve) => answers.push(resolve)),
      ranges: () => Promise.resolve([]),
    };
    store.write({ ...braise, stop: { by: "time", holdMin: 100 } });
    store.write({ ...braise, stop: { by: "time", holdMin: 200 } });
    answers[1]?.({ answers: [], problem: "the newer one" });
    answers[0]?.({ answers: [], problem: "the older one" });
    await until(() => expect(store.problem).toBe("the newer one"));
    await Promise.resolve();
    expect(store.problem).toBe("the newer one");
  });
});

describe("making one the plan", () => {
  test("keeps the plan's id and name, with the heat, vessel, time and water of the column", async () => {
    const store = await opened();
    const { plan } = columnOf(store.columns, "pressure").column;
    await store.accept(plan);
    const stored = (await db.plans.get("plan-braise"))?.plan;
    expect(stored).toMatchObject({
      name: braise.name,
      vesselId: "pressure",
      heat: { method: "pressure" },
    });
    expect(stored?.stop.by).toBe("time");
    expect((await db.kitchens.toArray())[0]?.vessels).toHaveLength(sample.kitchen.vessels.length);
  });

  test("takes a suggested cooker into the kitchen", async () => {
    const kitchen = {
      ...sample.kitchen,
      vessels: sample.kitchen.vessels.filter((v) => v.kind !== "slowCooker"),
    };
    await importAll({ ...sample, kitchen, batches: [], events: [] }, "replace");
    const store = await opened();
    const { plan } = columnOf(store.columns, "slowCooker").column;
    expect(plan.vesselId).toBe("suggested-crock");
    await store.accept(plan);
    const vessels = (await db.kitchens.toArray())[0]?.vessels ?? [];
    expect(vessels.map((v) => v.id)).toContain("suggested-crock");
    expect(asked).toBeGreaterThan(0);
  });
});
