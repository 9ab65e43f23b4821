import { SCHEMA_VERSION } from "../simulate/schema-version";
import fc from "fast-check";
import { readFileSync } from "node:fs";
import { describe, expect, test } from "vitest";
import { testKitchen, testPlan } from "../../test/kitchen";
import { kettlosJsonSchema } from "./json-schema";
import {
  readKettlosData,
  readKettlosFile,
  writeKettlosFile,
  type KettlosFile,
} from "./kettlos-json";

const file = (): KettlosFile => ({
  format: "kettlos",
  schemaVersion: SCHEMA_VERSION,
  kitchen: testKitchen(),
  plans: [testPlan()],
  batches: [],
  events: [],
  pictures: [],
  larder: [],
  settings: [],
});
const problems = (data: unknown) => {
  const reading = readKettlosData(data);
  return reading.ok ? [] : reading.problems;
};

describe("the Kettlos file", () => {
  test("what is written reads back the same, for any plan", () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.01, max: 100, noNaN: true }),
        fc.constantFrom("bare" as const, "gentle" as const, "steady" as const, "rolling" as const),
        fc.string({ maxLength: 60 }),
        (massKg, vigour, note) => {
          const whole: KettlosFile = {
            ...file(),
            plans: [
              testPlan({
                note,
                items: [{ id: "x", ingredientId: "oxtail", massKg, when: { at: "start" } }],
                heat: { method: "hob", vigour, lid: "off", boilFirstMin: null },
              }),
            ],
          };
          expect(readKettlosFile(writeKettlosFile(whole))).toEqual({ ok: true, file: whole });
        },
      ),
    );
  });

  test("the kept sample of version 1 still reads", () => {
    const text = readFileSync(
      new URL("../../test/samples/kettlos-v1.json", import.meta.url),
      "utf8",
    );
    const reading = readKettlosFile(text);
    expect(reading.ok).toBe(true);
    expect(reading.ok && reading.file.events.length).toBeGreaterThan(5);
  });

  test.each([
    ["not JSON", "{", /not JSON/],
    ["another file", '{"a":1}', /must be "kettlos"/],
    ["a newer version", '{"format":"kettlos","schemaVersion":99}', /Update Kettlos/],
    ["a list", "[]", /must be "kettlos"/],
  ])("%s is refused with its reason", (_name, text, reason) => {
    const reading = readKettlosFile(text);
    expect(reading.ok).toBe(false);
    expect(reading.ok ? "" : reading.problems[0]?.message).toMatch(reason);
  });

  test("each problem says where it is", () => {
    const bad = file() as unknown as { plans: { items: { massKg: number }[]; vesselId: string }[] };
    bad.plans[0]!.items[0]!.massKg = -2;
    expect(problems(bad)).toMatchObject([{ path: "plans[0].items[0].massKg" }]);
  });

  test("two plans of one id, an event of no batch; a plan whose pot was taken out still reads", () => {
    expect(problems({ ...file(), plans: [testPlan({ vesselId: "none" })] })).toEqual([]);
    expect(problems({ ...file(), plans: [testPlan(), testPlan()] })[0]?.message).toMatch(/same id/);
    const event = { id: "e", batchId: "b", schemaVersion: SCHEMA_VERSION, kind: "lit", atMs: 1 };
    expect(problems({ ...file(), events: [event] })).toMatchObject([{ path: "events[0].batchId" }]);
  });

  test("the published JSON Schema is the one the code makes", () => {
    const text = readFileSync(
      new URL("../../../docs/schema/kettlos-file.schema.json", import.meta.url),
      "utf8",
    );
    expect(JSON.parse(text)).toEqual(JSON.parse(JSON.stringify(kettlosJsonSchema())));
  });
});
