import fc from "fast-check";
import { expect, test } from "vitest";
import { drawnKitchenDay, madeBlock, madeDay, madeTask, NOON } from "../../test/clock-days";
import { near, nudged, putFirst, tightened, usualOrder } from "./better";
import { costOf, waitMin } from "./cost";
import { networkOf } from "./network";
import { fill, frameOf } from "./sequence";
import { solve } from "./solve";

/** Two pieces of work for one pot, one of them short, with one pair of hands. */
const two = () => {
  const long = madeBlock("a/prep/long", [madeTask("long", 20)]);
  const short = madeBlock("a/prep/short", [madeTask("short", 5)]);
  const fire = madeBlock(
    "a/fire",
    [madeTask("hold", 60, { attention: "eyes", isFlame: true, ringIds: ["ring1"] })],
    {
      after: [long, short].map(({ id }) => ({
        blockId: id,
        from: "end" as const,
        leastMin: 0,
        mostMin: 720,
      })),
    },
  );
  const goal = {
    id: "a",
    name: "a",
    kind: "pot" as const,
    due: NOON + 300,
    blockId: fire.id,
    planIds: ["a"],
    weight: 1,
  };
  return madeDay({ blocks: [long, short, fire], goals: [goal] });
};

test("the long work done last waits more than the short one would; a step puts that right", () => {
  const day = two();
  const network = networkOf(day);
  const frame = frameOf(network, day.goals);
  const late = new Map<string, number>();
  const order = putFirst(network, usualOrder(network), 0);
  const filled = fill(network, { frame, lateMin: late, order });
  expect(waitMin(network, filled.at, day.goals, late)).toBe(20);
  const costs = [...near(network, order, filled)].map((next) => {
    const f = fill(network, { frame, lateMin: late, order: next });
    return costOf(network, f, day.goals, late, undefined, 0);
  });
  expect(Math.min(...costs)).toBe(5);
  expect(solve(day, { switchCost: 0 }).cost).toBe(5);
});

test("a pot that two pieces of work wait for goes on earlier, and both wait less", () => {
  const day = two();
  const network = networkOf(day);
  const frame = frameOf(network, day.goals);
  const order = usualOrder(network);
  const away = { ...order, pullMin: [30, 30, 0] };
  const filled = fill(network, { frame, lateMin: new Map(), order: away });
  const tight = tightened(network, away, filled);
  expect(tight?.wonMin).toBeGreaterThan(0);
  const closer = fill(network, {
    frame,
    lateMin: new Map(),
    order: { ...(tight?.order ?? away), pullMin: [0, 0, tight?.order.pullMin[2] ?? 0] },
  });
  expect(closer.at[2]).toBeLessThan(filled.at[2] ?? 0);
  expect(tightened(network, order, fill(network, { frame, lateMin: new Map(), order }))).toBeNull();
});

test("no step away from an order loses a block, turns links round or begins before now", () => {
  fc.assert(
    fc.property(fc.integer({ min: 1, max: 100_000 }), (seed) => {
      const day = drawnKitchenDay(seed, 6);
      const network = networkOf(day);
      const frame = frameOf(network, day.goals);
      const order = usualOrder(network);
      const filled = fill(network, { frame, lateMin: new Map(), order });
      if (filled.failed !== null) return;
      for (const next of [...near(network, order, filled), ...nudged(order, filled)].slice(0, 40)) {
        const f = fill(network, { frame, lateMin: new Map(), order: next });
        if (f.failed !== null) continue;
        expect(f.order).toHaveLength(filled.order.length);
        network.nodes.forEach((node, i) => {
          for (const e of node.after) {
            const gap = (f.at[i] ?? NaN) - (f.at[e.node] ?? NaN) - e.fromMin;
            expect(gap).toBeGreaterThanOrEqual(e.gapMin);
            expect(gap).toBeLessThanOrEqual(e.mostMin);
          }
          expect(f.at[i]).toBeGreaterThanOrEqual(day.now);
        });
      }
    }),
    { numRuns: 15 },
  );
});
