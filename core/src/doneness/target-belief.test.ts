import fc from "fast-check";
import { describe, expect, test } from "vitest";
import { believeTarget, type ForkCheck } from "./target-belief";

const DICE = { done: 75, ideal: 105, past: 190 };
const widthOf = (b: { low: number; high: number }) => Math.log(b.high / b.low);

describe("what forks say of the target", () => {
  test("without a fork it is the usual target, with the spread of targets and of pots", () => {
    const b = believeTarget(DICE, []);
    expect(b.expected).toBeCloseTo(1, 2);
    // √(0.25² + 0.12²) · 1.28155 either way.
    expect(Math.log(b.high)).toBeCloseTo(0.355, 2);
    expect(Math.log(b.low)).toBeCloseTo(-0.355, 2);
  });

  test("not yet where it should be tender moves the target up; tender early moves it down", () => {
    expect(believeTarget(DICE, [{ cookMin: 105, how: "notYet" }]).expected).toBeGreaterThan(1.3);
    expect(believeTarget(DICE, [{ cookMin: 60, how: "tender" }]).expected).toBeLessThan(0.85);
    expect(believeTarget(DICE, [{ cookMin: 100, how: "tooSoft" }]).expected).toBeLessThan(0.7);
    // A fork that says what was expected hardly moves it.
    const early = believeTarget(DICE, [{ cookMin: 30, how: "notYet" }]);
    expect(early.expected).toBeCloseTo(1, 1);
  });

  test("two forks either side narrow it, however they scatter", () => {
    const two: ForkCheck[] = [
      { cookMin: 80, how: "notYet" },
      { cookMin: 108, how: "nearly" },
    ];
    expect(widthOf(believeTarget(DICE, two))).toBeLessThan(widthOf(believeTarget(DICE, [])));
  });

  test("the later a fork still says not yet, the later the target", () => {
    fc.assert(
      fc.property(fc.double({ min: 20, max: 200, noNaN: true }), (cookMin) => {
        const a = believeTarget(DICE, [{ cookMin, how: "notYet" }]);
        const b = believeTarget(DICE, [{ cookMin: cookMin * 1.1, how: "notYet" }]);
        expect(b.expected).toBeGreaterThanOrEqual(a.expected - 1e-9);
        expect(a.low).toBeLessThan(a.expected);
        expect(a.high).toBeGreaterThan(a.expected);
      }),
    );
  });

  test("forks that contradict each other still give a range", () => {
    const b = believeTarget(DICE, [
      { cookMin: 400, how: "notYet" },
      { cookMin: 10, how: "tooSoft" },
    ]);
    expect(Number.isFinite(b.low) && Number.isFinite(b.high) && b.low < b.high).toBe(true);
  });
});
