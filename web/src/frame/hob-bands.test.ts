import { expect, test } from "vitest";
import { isSame, mostPressing, type HobBand } from "./hob-bands";

const band = (key: string, over: Partial<HobBand>): HobBand => ({
  key,
  to: "",
  name: key,
  from: 0,
  end: 1,
  isPlanned: false,
  nextMs: 100,
  isOverdue: false,
  next: "",
  ...over,
});
const first = (...bands: readonly HobBand[]) => mostPressing(bands)?.key;

test("what is on the fire and overdue comes first, however long something else should have been on", () => {
  const late = band("late", { nextMs: 50, isOverdue: true });
  const forgotten = band("planned", { nextMs: 1, isOverdue: true, isPlanned: true });
  expect(first(forgotten, late)).toBe("late");
  expect(first(band("later still", { nextMs: 60, isOverdue: true }), late)).toBe("late");
});

test("else what comes next, planned or on", () => {
  const on = band("on", { nextMs: 300 });
  const planned = band("planned", { nextMs: 200, isPlanned: true });
  expect(first(on, planned)).toBe("planned");
  expect(first(on, band("off and waits", { nextMs: Infinity }))).toBe("on");
  expect(first()).toBeUndefined();
});

test("what is drawn stays where nothing of it has changed, and no longer", () => {
  const bands = () => [band("on", { next: "5 min left" }), band("planned", { end: 20 })];
  expect(isSame(bands(), bands())).toBe(true);
  expect(isSame(bands(), bands().slice(0, 1))).toBe(false);
  expect(isSame(bands().slice(0, 1), bands())).toBe(false);
  expect(isSame(bands(), bands().toReversed())).toBe(false);
  expect(isSame(bands(), [band("on", { next: "4 min left" }), band("planned", { end: 20 })])).toBe(
    false,
  );
});
