import fc from "fast-check";
import { expect, test } from "vitest";
import { shared } from "./shared";

const data = fc.jsonValue().map((v) => structuredClone(v));

test("says what the newer one says, and a copy of the older one is the older one itself", () => {
  fc.assert(
    fc.property(data, data, (older, newer) => {
      expect(shared(newer, older)).toEqual(newer);
      expect(shared(structuredClone(older), older)).toBe(older);
    }),
  );
});

test("what one part says else leaves the others as they were", () => {
  const older = { kitchen: { hands: ["cook"], rings: [{ id: "left" }] }, plans: [{ id: "a" }] };
  const newer = structuredClone(older);
  newer.kitchen.hands.push("helper");
  const both = shared(newer, older);
  expect(both.plans).toBe(older.plans);
  expect(both.kitchen.rings).toBe(older.kitchen.rings);
  expect(both.kitchen.hands).toEqual(["cook", "helper"]);
});

test("a map is taken as it is, and what is gone is gone", () => {
  const older = { at: new Map([["a", 1]]), note: "x" };
  const newer = { at: new Map([["a", 2]]) };
  expect(shared(newer, older)).toEqual(newer);
  expect(shared(newer, older).at).toBe(newer.at);
  expect(shared({ a: undefined }, { b: undefined })).toEqual({ a: undefined });
});
