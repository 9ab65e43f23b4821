import { SCHEMA_VERSION } from "../simulate/schema-version";
import { expect, test } from "vitest";
import { larderOf } from "./larder";
import { LarderEventSchema, LotSchema } from "./larder-schema";
import { thrownAway } from "./thrown";

const lot = LotSchema.parse({
  id: "lot",
  code: "260318A",
  name: "Lamb neck broth",
  kind: "stock",
  batchId: "b",
  planId: "p",
  ingredientId: "houseStock",
  containerId: "jar",
  container: { id: "jar", name: "Litre jar", kind: "jar", capacityL: 1 },
  isLiquid: true,
  eachKg: 0.9,
  madeMs: 0,
  label: {},
});
const happened = (...events: readonly object[]) =>
  larderOf(
    events.map((e, i) =>
      LarderEventSchema.parse({ id: `e${i}`, schemaVersion: SCHEMA_VERSION, atMs: i, ...e }),
    ),
    [],
    "short",
  );

test("what was thrown away: off the shelf with its reason, out of the bowl without, the rest not", () => {
  const stored = { kind: "stored", lot, count: 5, place: "fridge" };
  const taken = { kind: "taken", lotId: "lot", place: "fridge" };
  const larder = happened(
    stored,
    { kind: "used", batchId: "b", massKg: 0.4, out: "thrown" },
    { ...taken, count: 2, out: "table" },
    { ...taken, count: 2, out: "thrown", why: "tooOld" },
    { kind: "used", batchId: "b", massKg: 0.3, out: "table" },
  );
  expect(thrownAway(larder)).toEqual([
    { atMs: 1, batchId: "b", massKg: 0.4, why: null },
    { atMs: 3, batchId: "b", massKg: 1.8, why: "tooOld" },
  ]);
});

test("no more is thrown away than there was, and nothing that was put back", () => {
  const stored = { kind: "stored", lot, count: 1, place: "fridge" };
  const thrown = { kind: "taken", lotId: "lot", place: "fridge", count: 3, out: "thrown" };
  expect(thrownAway(happened(stored, thrown)).map((t) => t.massKg)).toEqual([0.9]);
  expect(thrownAway(happened(stored, thrown, { kind: "undo", eventId: "e1" }))).toEqual([]);
});
