import { SCHEMA_VERSION } from "../simulate/schema-version";
import fc from "fast-check";
import { describe, expect, test } from "vitest";
import { testKitchen, testPlan } from "../../test/kitchen";
import { ClockSchema } from "../simulate/clock-schema";
import { PlanSchema } from "../simulate/plan-schema";
import { reportOf } from "./file-report";
import { readKettlosFile, writeKettlosFile, type KettlosFile } from "./kettlos-json";
import { mergeKitchens } from "./merge-kitchens";
import { mergePlans } from "./merge-plans";
import { repair } from "./repair";

const file = (over: Partial<KettlosFile> = {}): KettlosFile => ({
  format: "kettlos",
  schemaVersion: SCHEMA_VERSION,
  kitchen: testKitchen(),
  plans: [testPlan()],
  batches: [
    {
      schemaVersion: SCHEMA_VERSION,
      id: "b",
      createdMs: 1,
      plan: testPlan(),
      kitchen: testKitchen(),
    },
  ],
  events: [{ id: "e0", batchId: "b", schemaVersion: SCHEMA_VERSION, kind: "lit", atMs: 5 }],
  pictures: [],
  larder: [],
  settings: [{ key: "sound", value: "on" }],
  ...over,
});
const reported = (data: unknown) => {
  const got = reportOf(JSON.stringify(data));
  if (!got.ok) throw new Error(JSON.stringify(got.problems));
  const { file: read, report } = got;
  return { file: read, repaired: report.repaired, leftOut: report.leftOut };
};
/** A copy with the value at a path replaced. */
const withAt = (data: unknown, path: readonly (string | number)[], value: unknown): unknown => {
  const copy = JSON.parse(JSON.stringify(data)) as Record<string, unknown>;
  let at: Record<string | number, unknown> = copy;
  for (const key of path.slice(0, -1)) at = at[key] as Record<string | number, unknown>;
  at[path.at(-1)!] = value;
  return copy;
};

describe("a file with faults", () => {
  test("a whole one says nothing", () => {
    expect(reported(file())).toEqual({ file: file(), repaired: [], leftOut: [] });
  });

  test("a bad ingredient is taken out of its plan, a bad field set to what is usual, both said", () => {
    const bad = withAt(
      withAt(file(), ["plans", 0, "items", 0, "massKg"], -2),
      ["plans", 0, "pieceM"],
      9,
    );
    const { file: got, repaired, leftOut } = reported(bad);
    expect(got.plans[0]!.items).toHaveLength(testPlan().items.length - 1);
    expect(got.plans[0]!.pieceM).toBe(0.03);
    expect(repaired.map((r) => r.path).sort()).toEqual(["plans[0].items[0]", "plans[0].pieceM"]);
    expect(leftOut).toEqual([]);
  });

  test("a plan beyond repair, half an event, an event of no batch and a second of one id are left out", () => {
    const events = [
      ...file().events,
      {
        id: "e0",
        batchId: "b",
        schemaVersion: SCHEMA_VERSION,
        kind: "noted",
        text: "twice",
        atMs: 6,
      },
      {
        id: "e1",
        batchId: "b",
        schemaVersion: SCHEMA_VERSION,
        kind: "toppedUp",
        volumeL: "much",
        atMs: 7,
      },
      {
        id: "e2",
        batchId: "gone",
        schemaVersion: SCHEMA_VERSION,
        kind: "noted",
        text: "x",
        atMs: 8,
      },
    ];
    const { file: got, leftOut } = reported({
      ...file(),
      events,
      plans: [{ ...testPlan(), heat: { method: "moon" } }, testPlan({ id: "good" })],
    });
    expect(got.plans.map((p) => p.id)).toEqual(["good"]);
    expect(got.events.map((e) => e.id)).toEqual(["e0"]);
    expect(leftOut).toHaveLength(4);
    // What comes of it reads back like any other.
    expect(readKettlosFile(writeKettlosFile(got))).toEqual({ ok: true, file: got });
  });

  test("the clock is kept where something else is repaired, and a bad meal goes out of it alone", () => {
    const meal = (id: string, at: string) => ({
      id,
      name: "Supper",
      at,
      eaters: 38,
      planIds: ["plan"],
      sides: [],
      serveMin: 15,
      importance: "usual" as const,
    });
    const clock = ClockSchema.parse({
      schemaVersion: SCHEMA_VERSION,
      meals: [meal("a", "2026-03-07T18:30:00+01:00")],
      pins: [{ blockId: "plan/fire", at: "2026-03-07T15:00:00+01:00" }],
    });
    const other = withAt(file({ clock }), ["plans", 0, "pieceM"], 9);
    expect(reported(other).file.clock).toEqual(clock);
    const bad = { ...clock, meals: [...clock.meals, meal("b", "soon")] };
    const { file: got, repaired } = reported({ ...file(), clock: bad });
    expect(got.clock).toEqual(clock);
    expect(repaired.map((r) => r.path)).toEqual(["clock.meals[1]"]);
  });

  test("a later stretch that is none goes out of its plan alone", () => {
    const open = { method: "hob", vigour: "gentle", lid: "off", boilFirstMin: null };
    const then = [
      { id: "a", heat: open, stop: { by: "time", holdMin: 20 } },
      { id: "b", heat: { method: "moon" }, stop: { by: "time", holdMin: 20 } },
    ];
    const { file: got, repaired } = reported(withAt(file(), ["plans", 0, "then"], then));
    expect(got.plans[0]?.then.map((s) => s.id)).toEqual(["a"]);
    expect(repaired.map((r) => r.path)).toEqual(["plans[0].then[1]"]);
  });

  test("a kitchen whose height cannot be read is taken at sea level, and that is said", () => {
    const { file: got, repaired } = reported(withAt(file(), ["kitchen", "altitudeM"], "high"));
    expect(got.kitchen.altitudeM).toBe(0);
    expect(repaired).toMatchObject([{ path: "kitchen.altitudeM" }]);
  });

  test("without a kitchen, of a newer version, or no file at all it is refused", () => {
    expect(reportOf(JSON.stringify({ ...file(), kitchen: 3 })).ok).toBe(false);
    expect(reportOf('{"format":"kettlos","schemaVersion":99}').ok).toBe(false);
    expect(reportOf("[").ok).toBe(false);
  });

  test("whatever is broken in it, what is taken in is whole, and nothing crashes", () => {
    const paths: (string | number)[][] = [];
    const walk = (value: unknown, path: (string | number)[]) => {
      if (path.length > 0) paths.push(path);
      if (Array.isArray(value)) value.forEach((v, i) => walk(v, [...path, i]));
      else if (typeof value === "object" && value !== null)
        for (const [k, v] of Object.entries(value)) walk(v, [...path, k]);
    };
    walk(file(), []);
    const odd = fc.oneof(
      fc.constantFrom(null, "", -1, 1e300, 0, [], {}, "x".repeat(300), true, 8.64e15),
      fc.jsonValue(),
    );
    fc.assert(
      fc.property(fc.array(fc.tuple(fc.constantFrom(...paths), odd), { maxLength: 4 }), (cuts) => {
        let data: unknown = file();
        for (const [path, value] of cuts)
          try {
            data = withAt(data, path, value);
          } catch {
            // Cut off with something above it.
          }
        const got = reportOf(JSON.stringify(data));
        if (got.ok) expect(readKettlosFile(writeKettlosFile(got.file)).ok).toBe(true);
        else expect(got.problems.length).toBeGreaterThan(0);
      }),
      { numRuns: 150 },
    );
  });

  test("a repair changes nothing of what was handed in", () => {
    const data = { ...testPlan(), pieceM: 7 };
    expect(repair(PlanSchema, data)).toMatchObject({ ok: true, repairs: [{ did: "setToUsual" }] });
    expect(data.pieceM).toBe(7);
  });
});

describe("two kitchens made one", () => {
  const here = testKitchen();
  test("what is the same stays one; what has the same id and is another gets its own, plans follow", () => {
    const other = testKitchen({
      rings: [{ id: "gas", name: "Small ring", kind: "gas", powerW: 1200 }],
      ovens: [...here.ovens, { id: "second", name: "Second oven", fan: true, maxC: 220 }],
      prices: [{ ingredientId: "lambNeck", perKg: 9 }],
      onHand: [{ ingredientId: "onion", massKg: 2 }],
    });
    const { kitchen, renamed } = mergeKitchens(here, other);
    expect(kitchen.vessels).toEqual(here.vessels);
    expect(kitchen.rings.map((r) => [r.id, r.powerW])).toEqual([
      ["gas", 3000],
      ["gas-2", 1200],
    ]);
    expect(kitchen.ovens.map((o) => o.id)).toContain("second");
    expect(kitchen.prices).toHaveLength(1);
    expect(kitchen.onHand).toHaveLength(1);
    expect(renamed(testPlan()).ringId).toBe("gas-2");
    // Taken in twice, nothing is doubled, and its plans still find their ring.
    const again = mergeKitchens(kitchen, other);
    expect(again.kitchen).toEqual(kitchen);
    expect(again.renamed(testPlan()).ringId).toBe("gas-2");
  });

  test("more than a kitchen holds is said, not written", () => {
    const rings = Array.from({ length: 15 }, (_, i) => ({
      id: `r${i}`,
      name: `Ring ${i}`,
      kind: "gas" as const,
      powerW: 1000 + i,
    }));
    const other = testKitchen({
      rings: rings.map((r) => ({ ...r, powerW: r.powerW + 500, id: `o${r.id}` })),
    });
    expect(() => mergeKitchens(testKitchen({ rings }), other)).toThrow(/more than one kitchen/);
  });
});

describe("one plan changed in two tabs", () => {
  const base = testPlan();
  const item = (id: string) => ({ ...base.items[0]!, id });
  test("different fields and ingredients both stand", () => {
    const mine = { ...base, name: "Mine", items: [...base.items, item("mine")] };
    const theirs = { ...base, note: "theirs", items: [...base.items.slice(1), item("theirs")] };
    const { plan, conflicts } = mergePlans(base, mine, theirs);
    expect(plan.name).toBe("Mine");
    expect(plan.note).toBe("theirs");
    expect(plan.items.map((i) => i.id)).toEqual(["onion", "mine", "theirs"]);
    expect(conflicts).toEqual([]);
  });

  test("the same field: what was changed here stands, and is named", () => {
    const mine = { ...base, note: "mine" };
    const { plan, conflicts } = mergePlans(base, mine, { ...base, note: "theirs" });
    expect(plan.note).toBe("mine");
    expect(conflicts).toEqual(["note"]);
  });
});
