import type { LotLabel } from "@kettlos/core/larder/label-of";
import { mount } from "@vue/test-utils";
import { afterAll, beforeAll, expect, test } from "vitest";
import PrintedLabel from "./PrintedLabel.vue";
import SmallCode from "./SmallCode.vue";

beforeAll(() => {
  Object.defineProperty(document, "fonts", {
    value: { ready: Promise.resolve() },
    configurable: true,
  });
});
afterAll(() => void Reflect.deleteProperty(document, "fonts"));

const label: LotLabel = {
  name: "Lamb neck broth",
  code: "L-12",
  madeMs: Date.parse("2026-03-08T12:00:00+01:00"),
  bestBeforeMs: Date.parse("2026-06-08T12:00:00+02:00"),
  isFrozen: true,
  litres: 0.48,
  massKg: 0.48,
  isUnsalted: true,
  saltGKg: 0,
  allergens: ["celery"],
  unread: [],
  isForAnimals: false,
  note: "",
  batchId: "past-10",
  count: 1,
};
const coded = (over: Partial<LotLabel>, heightMm: number) =>
  mount(PrintedLabel, { props: { label: { ...label, ...over }, units: "metric", heightMm } })
    .findComponent(SmallCode)
    .props("text") as string;

test("the code says what the label says, to whoever has no Kettlos, and leads to the pot", () => {
  const lines = coded({}, 50).split("\n");
  expect(lines[0]).toBe("Lamb neck broth, 480 mL · unsalted");
  expect(lines[1]).toMatch(/^made 8 Mar 2026, best before 8 Jun 2026$/);
  expect(lines[2]).toBe("contains celery");
  expect(lines[3]).toMatch(/\/logbook\/past-10$/);
});

test("what was put in by hand has no pot to lead to; a small label has room for the link alone", () => {
  expect(coded({ batchId: null, allergens: [] }, 50).split("\n")).toHaveLength(2);
  expect(coded({}, 25)).toMatch(/^http\S+\/logbook\/past-10$/);
});
