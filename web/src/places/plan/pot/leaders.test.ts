import fc from "fast-check";
import { expect, test } from "vitest";
import { placeLeaders } from "./leaders";

const at = (...ys: number[]) => ys.map((lineY) => ({ lineY }));

test("labels with room stand at their levels", () => {
  expect(placeLeaders(at(200, 50, 120), 40, 300).map((l) => l.y)).toEqual([50, 120, 200]);
});

test("crowded ones give way downward, and up again from the floor", () => {
  expect(placeLeaders(at(100, 110, 120), 40, 400).map((l) => l.y)).toEqual([100, 140, 180]);
  expect(placeLeaders(at(290, 295, 298), 40, 300).map((l) => l.y)).toEqual([220, 260, 300]);
});

test("whatever the levels: in order, far enough apart, none below the lowest", () => {
  fc.assert(
    fc.property(fc.array(fc.double({ min: 0, max: 300, noNaN: true }), { maxLength: 6 }), (ys) => {
      const placed = placeLeaders(at(...ys), 46, 320);
      for (const [i, leader] of placed.entries()) {
        expect(leader.y).toBeLessThanOrEqual(320);
        if (i > 0) expect(leader.y - placed[i - 1]!.y).toBeGreaterThanOrEqual(46 - 1e-9);
        if (i > 0) expect(leader.lineY).toBeGreaterThanOrEqual(placed[i - 1]!.lineY);
      }
    }),
  );
});
