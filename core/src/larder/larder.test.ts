import { SCHEMA_VERSION } from "../simulate/schema-version";
import { DAY_MS } from "../units/time";
import fc from "fast-check";
import { expect, test } from "vitest";
import { lotNamed } from "../../test/lots";
import { inWords } from "../units/said";
import { ageOf, bestBeforeMs, noteOf } from "./keeping";
import { heldKg, isUsable, lastLarderEvent, larderOf, leftOf, type Draw } from "./larder";
import type { LarderEvent, LarderEventBody, Lot } from "./larder-schema";

let n = 0;
const at = (atMs: number, body: LarderEventBody): LarderEvent => ({
  ...body,
  id: `e${n++}`,
  atMs,
  schemaVersion: SCHEMA_VERSION,
});
const A = lotNamed("A");
const stored = (atMs: number, count: number, place: "fridge" | "freezer" = "freezer", lot = A) =>
  at(atMs, { kind: "stored", lot, count, place });

test("stored, moved, taken: what is left is where it was put", () => {
  const larder = larderOf(
    [
      stored(DAY_MS, 8),
      at(2 * DAY_MS, { kind: "moved", lotId: "A", from: "freezer", count: 3 }),
      at(3 * DAY_MS, { kind: "taken", lotId: "A", place: "fridge", count: 1, out: "table" }),
    ],
    [],
    "short",
  );
  expect(leftOf(larder, "A", "freezer")).toBe(5);
  expect(leftOf(larder, "A", "fridge")).toBe(2);
  expect(larder.gone).toMatchObject([{ how: "table", count: 1, lotId: "A" }]);
  // The fridge's is due first, and stands first.
  expect(larder.holdings.map((h) => h.place)).toEqual(["fridge", "freezer"]);
});

test("past its days in the fridge it is not usable; frozen it always is", () => {
  const [fridge] = larderOf([stored(0, 2, "fridge")], [], "short").holdings;
  const [freezer] = larderOf([stored(0, 2)], [], "short").holdings;
  if (fridge === undefined || freezer === undefined) throw new Error("nothing there");
  expect(isUsable(fridge, 3 * DAY_MS)).toBe(true);
  expect(isUsable(fridge, 3 * DAY_MS + 1)).toBe(false);
  expect(isUsable(freezer, 900 * DAY_MS)).toBe(true);
  expect(heldKg([fridge, freezer])).toBeCloseTo(1.8, 9);
});

test("days in the fridge count together, before freezing and after thawing", () => {
  const lot = lotNamed("B", { madeMs: 0 });
  // A day in the fridge, frozen for thirty, thawed: two of its three fridge days are left.
  const larder = larderOf(
    [
      stored(0, 1, "fridge", lot),
      at(DAY_MS, { kind: "moved", lotId: "B", from: "fridge", count: 1 }),
      at(31 * DAY_MS, { kind: "moved", lotId: "B", from: "freezer", count: 1 }),
    ],
    [],
    "short",
  );
  expect(larder.holdings).toHaveLength(1);
  expect(larder.holdings[0]?.bestBeforeMs).toBe(33 * DAY_MS);
});

test("what was frozen a day late has a day less when it is thawed; what was frozen long ago counts from then", () => {
  const late = larderOf(
    [stored(DAY_MS, 1), at(31 * DAY_MS, { kind: "moved", lotId: "A", from: "freezer", count: 1 })],
    [],
    "short",
  );
  expect(late.holdings[0]?.bestBeforeMs).toBe(33 * DAY_MS);
  const found = { ...stored(40 * DAY_MS, 1), sinceMs: 2 * DAY_MS };
  expect(larderOf([found], [], "short").holdings[0]).toMatchObject({
    sinceMs: 2 * DAY_MS,
    bestBeforeMs: 92 * DAY_MS,
    spent: null,
  });
});

test("what stood a day before it was put on the shelf is a day older", () => {
  const larder = larderOf([stored(DAY_MS, 1, "fridge")], [], "short");
  expect(larder.holdings[0]?.bestBeforeMs).toBe(3 * DAY_MS);
});

test("a pot draws from the fridge first, and gives back by not drawing", () => {
  const events = [stored(0, 4), at(1, { kind: "moved", lotId: "A", from: "freezer", count: 1 })];
  const draw: Draw = { atMs: 5, lotId: "A", count: 2, batchId: "b", batchName: "Stew" };
  const drawn = larderOf(events, [draw], "short");
  expect(leftOf(drawn, "A", "fridge")).toBe(0);
  expect(leftOf(drawn, "A", "freezer")).toBe(2);
  expect(drawn.gone).toMatchObject([{ how: "pot", count: 2, batchName: "Stew" }]);
  expect(leftOf(larderOf(events, [], "short"), "A")).toBe(4);
});

test("a stock-take finds fewer, or more again as old as the oldest", () => {
  const fewer = larderOf(
    [stored(0, 6), at(9, { kind: "counted", lotId: "A", place: "freezer", count: 4 })],
    [],
    "short",
  );
  expect(leftOf(fewer, "A")).toBe(4);
  const more = larderOf(
    [
      stored(3, 2),
      stored(8, 2),
      at(9, { kind: "counted", lotId: "A", place: "freezer", count: 7 }),
    ],
    [],
    "short",
  );
  expect(leftOf(more, "A")).toBe(7);
  expect(more.holdings.find((h) => h.sinceMs === 3)?.count).toBe(5);
});

test("undo takes the last entry back, and the next undo the one before", () => {
  const events = [
    stored(0, 6),
    at(1, { kind: "taken", lotId: "A", place: "freezer", count: 2, out: "table" }),
  ];
  const last = lastLarderEvent(events);
  expect(last?.kind).toBe("taken");
  const undone = [...events, at(2, { kind: "undo", eventId: last?.id ?? "" })];
  expect(leftOf(larderOf(undone, [], "short"), "A")).toBe(6);
  expect(lastLarderEvent(undone)?.kind).toBe("stored");
});

test("keeping: raw goes by its animal, both schools of freezing, edges of age", () => {
  const until = (over: Partial<Lot>, place: "fridge" | "freezer", school: "short" | "long") =>
    bestBeforeMs(lotNamed("C", over), { place, sinceMs: 0, fridgeMs: 0, frozenMs: 0 }, school) /
    DAY_MS;
  expect(until({}, "fridge", "short")).toBe(3);
  expect(until({}, "freezer", "short")).toBe(90);
  expect(until({}, "freezer", "long")).toBe(180);
  expect(until({ kind: "leftovers" }, "freezer", "long")).toBe(90);
  expect(until({ kind: "rawBones", ingredientId: "whiteFishFrame" }, "fridge", "short")).toBe(1);
  expect(until({ kind: "rawBones", ingredientId: "porkTrotter" }, "fridge", "short")).toBe(3);
  expect(ageOf("fridge", 3 * DAY_MS, 3 * DAY_MS)).toBe("soon");
  expect(ageOf("fridge", 3 * DAY_MS, 3 * DAY_MS + 1)).toBe("past");
  expect(ageOf("fridge", 3 * DAY_MS, 2 * DAY_MS - 1)).toBe("good");
  expect(ageOf("freezer", 90 * DAY_MS, 77 * DAY_MS)).toBe("soon");
});

const raw = (id: string, ingredientId: string | null) =>
  lotNamed(id, { kind: "rawMeat", ingredientId, isLiquid: false });
const keeps = (ingredientId: string | null, atDays: number) => {
  const larder = larderOf([stored(0, 1, "fridge", raw("R", ingredientId))], [], "short");
  return isUsable(larder.holdings[0]!, atDays * DAY_MS);
};

test("mince, sausage, offal and poultry keep two days, whole cuts three, fish and what nobody knows one", () => {
  for (const id of ["mincedBeef", "sausage", "beefLiver", "chickenThigh"]) {
    expect(keeps(id, 2), id).toBe(true);
    expect(keeps(id, 2.1), id).toBe(false);
  }
  expect(keeps("beefChuck", 3)).toBe(true);
  expect(keeps("beefChuck", 3.1)).toBe(false);
  for (const id of ["whiteFish", "mussels", null]) {
    expect(keeps(id, 1), String(id)).toBe(true);
    expect(keeps(id, 1.1), String(id)).toBe(false);
  }
});

test("past its days it is not made good by freezing; in time it is", () => {
  const frozenAfter = (days: number) => {
    const events = [
      stored(0, 1, "fridge", raw("R", "mincedBeef")),
      at(days * DAY_MS, { kind: "moved", lotId: "R", from: "fridge", count: 1 }),
    ];
    return larderOf(events, [], "short").holdings[0]!;
  };
  expect(frozenAfter(2)).toMatchObject({ spent: null, place: "freezer" });
  expect(frozenAfter(3).spent).toBe("pastWhenFrozen");
  expect(isUsable(frozenAfter(3), 4 * DAY_MS)).toBe(false);
  // Nor by having been put straight into the freezer long after it was made.
  expect(larderOf([stored(9 * DAY_MS, 1)], [], "short").holdings[0]?.spent).toBe("pastWhenFrozen");
  expect(larderOf([stored(2 * DAY_MS, 1)], [], "short").holdings[0]?.spent).toBeNull();
});

test("thawed raw it is not frozen again; cooked it may be, and its frozen days go on counting", () => {
  const thawedAndBack = (lot: Lot) =>
    larderOf(
      [
        stored(0, 1, "freezer", lot),
        at(30 * DAY_MS, { kind: "moved", lotId: lot.id, from: "freezer", count: 1 }),
        at(31 * DAY_MS, { kind: "moved", lotId: lot.id, from: "fridge", count: 1 }),
      ],
      [],
      "short",
    ).holdings[0]!;
  expect(thawedAndBack(raw("R", "beefChuck")).spent).toBe("rawRefrozen");
  expect(thawedAndBack(A)).toMatchObject({ spent: null, bestBeforeMs: (31 + 90 - 30) * DAY_MS });
});

test("a pot draws what is good before what is past, wherever it stands", () => {
  const events = [
    stored(0, 2, "fridge"),
    at(DAY_MS, { kind: "moved", lotId: "A", from: "fridge", count: 1 }),
  ];
  const left = (atDays: number) => {
    const draw: Draw = { atMs: atDays * DAY_MS, lotId: "A", count: 1, batchId: "b", batchName: "" };
    return larderOf(events, [draw], "short").holdings.map((h) => h.place);
  };
  expect(left(2)).toEqual(["freezer"]);
  expect(left(5)).toEqual(["fridge"]);
});

test("the latest frozen, whatever was done before, never lasts longer than frozen at once", () => {
  fc.assert(
    fc.property(
      fc.array(fc.integer({ min: 1, max: 40 }), { minLength: 1, maxLength: 8 }),
      (gaps) => {
        let day = 0;
        const events = gaps.map((gap, i) => {
          day += gap;
          const from = i % 2 === 0 ? ("freezer" as const) : ("fridge" as const);
          return at(day * DAY_MS, { kind: "moved", lotId: "A", from, count: 1 });
        });
        const { holdings } = larderOf([stored(0, 1), ...events], [], "short");
        const inFridgeDays = gaps.reduce((sum, gap, i) => (i % 2 === 1 ? sum + gap : sum), 0);
        expect(holdings[0]!.bestBeforeMs).toBeLessThanOrEqual(
          Math.max(day, 90 + inFridgeDays + 3) * DAY_MS,
        );
      },
    ),
  );
});

const LOTS = [A, lotNamed("B"), lotNamed("C")];
const anyLot = fc.constantFrom("A", "B", "C", "unknown");
const anyPlace = fc.constantFrom("fridge" as const, "freezer" as const);
const count = fc.integer({ min: 1, max: 12 });
const anyBody: fc.Arbitrary<LarderEventBody> = fc.oneof(
  fc.record({
    kind: fc.constant("stored" as const),
    lot: fc.constantFrom(...LOTS),
    count,
    place: anyPlace,
  }),
  fc.record({
    kind: fc.constant("taken" as const),
    lotId: anyLot,
    place: anyPlace,
    count,
    out: fc.constantFrom("table" as const, "animals" as const, "thrown" as const),
  }),
  fc.record({ kind: fc.constant("moved" as const), lotId: anyLot, from: anyPlace, count }),
  fc.record({
    kind: fc.constant("counted" as const),
    lotId: anyLot,
    place: anyPlace,
    count: fc.integer({ min: 0, max: 12 }),
  }),
);
const anyEvents = fc
  .array(fc.tuple(fc.integer({ min: 0, max: 100 * DAY_MS }), anyBody), { maxLength: 30 })
  .map((rows) => rows.map(([atMs, body]) => at(atMs, body)));
const anyDraws = fc.array(
  fc.record({
    atMs: fc.integer({ min: 0, max: 100 * DAY_MS }),
    lotId: anyLot,
    count,
    batchId: fc.constant("b"),
    batchName: fc.constant("Stew"),
  }),
  { maxLength: 6 },
);

test("never below none, and nothing lost or won: in any order, with any draws", () => {
  fc.assert(
    fc.property(anyEvents, anyDraws, (events, draws) => {
      const larder = larderOf(events, draws, "short");
      for (const h of larder.holdings) expect(h.count).toBeGreaterThan(0);
      for (const { id } of LOTS) {
        const put = events
          .filter((e) => e.kind === "stored" && e.lot.id === id)
          .reduce((sum, e) => sum + (e.kind === "stored" ? e.count : 0), 0);
        const gone = larder.gone.filter((g) => g.lotId === id).reduce((sum, g) => sum + g.count, 0);
        expect(leftOf(larder, id)).toBe(put - gone);
      }
    }),
  );
});

test("taking the last entry back brings the larder to what it was", () => {
  fc.assert(
    fc.property(anyEvents, anyBody, (events, body) => {
      const before = larderOf(events, [], "short");
      const event = at(200 * DAY_MS, body);
      const undone = [...events, event, at(200 * DAY_MS, { kind: "undo", eventId: event.id })];
      expect(larderOf(undone, [], "short").holdings).toEqual(before.holdings);
    }),
  );
});

test("a label says how to reheat in the measures of whoever reads it", () => {
  expect(inWords(noteOf("stock"), "metric")).toMatch(/to 74 °C all through/);
  expect(inWords(noteOf("stock"), "us")).toMatch(/to 165 °F all through/);
  expect(inWords(noteOf("trimmings"), "us")).toBe("");
});
