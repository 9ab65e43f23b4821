import { expect, test } from "vitest";
import type { ClockAnswer } from "./answer";
import { sayMoved } from "./moves";

const answer = (now: number, at: Record<string, number>): ClockAnswer =>
  ({
    now,
    at: new Map(Object.entries(at)),
    rows: Object.keys(at).map((id) => ({ blockId: id, title: `Do ${id}`, why: "then serve" })),
  }) as unknown as ClockAnswer;

test("the furthest moved is named with its why, the others counted", () => {
  const moved = sayMoved(
    answer(0, { a: 100, b: 200, c: 300 }),
    answer(0, { a: 110, b: 130, c: 300 }),
  );
  expect(moved).toBe("Moved: do b 1 h 10 earlier, and 1 more; then serve.");
});

test("what only waits to be begun, what is under way and what is new have not moved", () => {
  expect(sayMoved(answer(0, { due: 3, on: 0 }), answer(5, { due: 5, on: 5, fresh: 50 }))).toBe("");
  expect(sayMoved(answer(0, { a: 100 }), answer(5, { a: 102 }))).toBe("");
  expect(sayMoved(null, answer(0, { a: 1 }))).toBe("");
});
