import { SCHEMA_VERSION } from "../simulate/schema-version";
import { describe, expect, test } from "vitest";
import { ClockSchema } from "../simulate/clock-schema";
import { KitchenSchema } from "../simulate/kitchen-schema";
import { PlanSchema } from "../simulate/plan-schema";
import { readFileSync } from "node:fs";
import { migrateClock, migrateFile, migrateKitchen, migratePlan } from "./migrate";
import { fold } from "../batch/fold";
import { isWorkOver, saidOfWork } from "../events/hands/effects";
import { readKettlosData } from "./kettlos-json";

const kept = JSON.parse(
  readFileSync(new URL("../../test/samples/kettlos-v1.json", import.meta.url), "utf8"),
) as Record<string, unknown> & { kitchen: { vessels: { kind: string }[] }; plans: object[] };

describe("documents of version 1", () => {
  test("the kept file reads whole in the present form, and nothing in it is lost", () => {
    expect(kept["schemaVersion"]).toBe(1);
    const reading = readKettlosData(kept);
    if (!reading.ok) throw new Error(JSON.stringify(reading.problems));
    expect(reading.file.schemaVersion).toBe(SCHEMA_VERSION);
    expect(reading.file.kitchen.vessels).toHaveLength(kept.kitchen.vessels.length);
    expect(reading.file.plans).toHaveLength(kept.plans.length);
    expect(reading.file.kitchen.ovens).toEqual([]);
  });

  test("a pressure cooker gets the second ring, other vessels nothing", () => {
    const kitchen = KitchenSchema.parse(
      migrateKitchen({
        ...kept.kitchen,
        vessels: [
          {
            ...kept.kitchen.vessels[0],
            id: "pc",
            kind: "pressureCooker",
            pressure: undefined,
          },
          { ...kept.kitchen.vessels[0], id: "pot", kind: "pot" },
        ],
      }),
    );
    expect(kitchen.vessels[0]?.pressure).toMatchObject({ drive: "stovetop", highKPa: 103 });
    expect(kitchen.vessels[1]?.pressure).toBeUndefined();
  });

  test("plans keep their heat; what is of now or no document is left alone", () => {
    const plan = PlanSchema.parse(migratePlan(kept.plans[0]));
    expect(plan.heat.method).toBe("hob");
    expect(migratePlan(plan)).toBe(plan);
    for (const odd of [null, 3, "x", [], { schemaVersion: 9 }]) expect(migrateFile(odd)).toBe(odd);
  });
});

describe("documents of version 2", () => {
  const second = JSON.parse(
    readFileSync(new URL("../../test/samples/kettlos-v2.json", import.meta.url), "utf8"),
  ) as Record<string, unknown> & { plans: Record<string, unknown>[] };

  test("the kept file reads whole in the present form", () => {
    expect(second["schemaVersion"]).toBe(2);
    const reading = readKettlosData(second);
    if (!reading.ok) throw new Error(JSON.stringify(reading.problems));
    expect(reading.file.schemaVersion).toBe(SCHEMA_VERSION);
    expect(reading.file.plans).toHaveLength(second.plans.length);
    expect(reading.file.plans[0]).toMatchObject({ end: "strained", serves: null, kind: null });
  });

  test("dry beans were taken for soaked, unless the plan said otherwise: now it is written down", () => {
    const bean = { ingredientId: "runnerBean", massKg: 0.5, when: { at: "start" } };
    const plan = PlanSchema.parse(
      migratePlan({
        ...second.plans[0],
        items: [
          { ...bean, id: "soaked" },
          { ...bean, id: "unsoaked", target: "beansUnsoaked" },
          { ...bean, id: "lentils", ingredientId: "brownLentil" },
        ],
      }),
    );
    expect(plan.items.map((i) => i.work)).toEqual([[{ kind: "soak" }], [], []]);
  });
});

describe("documents of version 3", () => {
  const third = JSON.parse(
    readFileSync(new URL("../../test/samples/kettlos-v3.json", import.meta.url), "utf8"),
  ) as Record<string, unknown> & { events: { kind: string; atMs: number }[] };

  test("the kept file reads whole: whatever was done is an event of its own, when and in the order it was", () => {
    expect(third["schemaVersion"]).toBe(3);
    const reading = readKettlosData(third);
    if (!reading.ok) throw new Error(JSON.stringify(reading.problems));
    const { events, pictures, clock, schemaVersion } = reading.file;
    expect([schemaVersion, pictures[0]?.schemaVersion, clock?.schemaVersion]).toEqual([4, 4, 4]);
    expect(events.map((e) => e.atMs)).toEqual(third.events.map((e) => e.atMs));
    expect(events.filter((_, i) => third.events[i]?.kind === "did").map((e) => e.kind)).toEqual([
      ...["worked", "worked", "worked", "worked", "waterIn", "skimmed", "stirred", "letGo"],
      ...["lookedIn", "noSalt", "takenOut", "putBack", "sideDish", "sideDish", "noted"],
    ]);
  });

  test("what they come to is what they came to", () => {
    const reading = readKettlosData(third);
    if (!reading.ok) throw new Error("unreadable");
    const cook = fold(reading.file.events);
    const at = (min: number) => Date.parse("2026-03-14T08:00:00Z") + min * 60_000;
    expect(cook.stage).toBe("done");
    expect([cook.skimmedMs, cook.stirredMs]).toEqual([at(60), at(90)]);
    expect([...cook.outMs, ...cook.backMs]).toEqual([
      ["neck", at(200)],
      ["neck", at(220)],
    ]);
    expect(saidOfWork(cook, { itemId: "neck", kind: "brown" })).toEqual({
      begun: [at(-40)],
      batch: [at(-30)],
      done: [at(-20)],
      left: [],
    });
    expect(isWorkOver(cook, { itemId: "onion", kind: "cut" })).toBe(true);
    expect([...cook.sides]).toEqual([
      ["rice", { isLeft: false }],
      ["bread", { isLeft: true }],
    ]);
    expect(cook.notes.map((n) => n.text)).toEqual(["turned the pot round"]);
  });
});

test("what was pinned, done or lengthened under the clock's former ids keeps its place", () => {
  const former = (of: string) => ["plan", "work", of].join("/");
  const clock = {
    schemaVersion: 3,
    meals: [],
    pins: [{ blockId: former("pot"), at: "2026-03-07T15:00:00+01:00" }],
    done: [{ blockId: former("a:cut"), at: "2026-03-07T15:00:00+01:00" }],
    lengths: [{ taskId: "plan/fill", min: 20 }],
  };
  const got = ClockSchema.parse(migrateClock(clock));
  expect(got.pins[0]?.blockId).toBe("plan/prep/pot");
  expect(got.done[0]?.blockId).toBe("plan/prep/a:cut");
  expect(got.lengths[0]?.taskId).toBe("plan/fill");
  expect(migrateClock(got)).toEqual(got);
  expect(migrateFile({ schemaVersion: 3, clock })).toMatchObject({ clock: { pins: got.pins } });
  expect(migrateClock(3)).toBe(3);
});
