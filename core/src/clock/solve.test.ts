import fc from "fast-check";
import { describe, expect, test } from "vitest";
import { drawnKitchenDay, madeBlock, madeDay, madeTask, NOON, wall } from "../../test/clock-days";
import { brokenIn } from "./check";
import type { Goal } from "./day";
import { lengthMin, readyMin } from "./needs";
import { reachedAt, solve } from "./solve";

const seeds = fc.integer({ min: 1, max: 1_000_000 });

describe("a filled clock", () => {
  test("breaks nothing: no thing twice, no order turned round, no flame asleep or away", () => {
    fc.assert(
      fc.property(seeds, (seed) => {
        const schedule = solve(drawnKitchenDay(seed), { isQuick: true });
        expect(brokenIn(schedule)).toEqual([]);
        // What has a place is there whole.
        for (const goal of schedule.day.goals)
          if (!schedule.impossible.includes(goal))
            expect(schedule.placed.has(goal.blockId)).toBe(true);
      }),
      { numRuns: Number(process.env["FC_RUNS"] ?? 50) * 2 },
    );
  });

  test("is the same each time", () => {
    fc.assert(
      fc.property(seeds, (seed) => {
        const at = () => {
          const { placed, cost } = solve(drawnKitchenDay(seed));
          return { cost, at: [...placed].map(([id, p]) => [id, p.at, ...p.hands.values()]) };
        };
        expect(at()).toEqual(at());
      }),
      { numRuns: 10 },
    );
  });

  test("trying longer never makes it dearer, nor later", () => {
    fc.assert(
      fc.property(seeds, (seed) => {
        const day = drawnKitchenDay(seed);
        const quick = solve(day, { isQuick: true });
        const whole = solve(day);
        const late = (s: typeof whole) =>
          s.day.goals.reduce((sum, g) => sum + g.weight * (s.lateMin.get(g.id) ?? 0), 0);
        if (quick.impossible.length === whole.impossible.length)
          expect(late(whole)).toBeLessThanOrEqual(late(quick));
      }),
      { numRuns: 20 },
    );
  });

  test("a pinned block stays to the minute, and the rest goes round it", () => {
    fc.assert(
      fc.property(seeds, fc.integer({ min: 30, max: 200 }), (seed, byMin) => {
        const day = drawnKitchenDay(seed);
        const first = solve(day, { isQuick: true });
        const work = day.blocks.find((b) => b.id.includes("/prep/") && first.placed.has(b.id));
        if (work === undefined) return;
        const at = Math.max(day.now, (first.placed.get(work.id)?.at ?? day.now) - byMin);
        const pinned = {
          ...day,
          blocks: day.blocks.map((b) => (b.id === work.id ? { ...b, fixedAt: at } : b)),
        };
        expect(solve(pinned, { isQuick: true }).placed.get(work.id)?.at).toBe(at);
      }),
      { numRuns: 30 },
    );
  });
});

/** One pot and its table, with hands that never sleep: nothing else binds. */
const alone = (dueMin: number, more: Partial<Goal> = {}) => {
  const cut = madeBlock("a/prep/cut", [madeTask("a/cut", 20)]);
  const fire = madeBlock(
    "a/fire",
    [
      madeTask("a/up", 25, { attention: "near", isFlame: true, ringIds: ["ring1"] }),
      madeTask("a/hold", 180, { attention: "eyes", isFlame: true, ringIds: ["ring1"] }),
    ],
    { after: [{ blockId: cut.id, from: "end", leastMin: 0, mostMin: 240 }] },
  );
  const goal: Goal = {
    id: "a",
    name: "a",
    kind: "pot",
    due: NOON + dueMin,
    blockId: fire.id,
    planIds: ["a"],
    weight: 1,
    ...more,
  };
  const up = { id: "you", name: "You", there: [], away: [], sleep: null };
  return madeDay({ blocks: [cut, fire], goals: [goal], hands: [up] });
};

describe("counted back", () => {
  test("moving what is due by x moves all that hangs on it by x", () => {
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 2000 }), (x) => {
        const [a, b] = [solve(alone(400)), solve(alone(400 + x))];
        for (const [id, p] of a.placed) expect((b.placed.get(id)?.at ?? 0) - p.at).toBe(x);
      }),
    );
  });

  test("everything ends as late as it can: 225 min before it is due the cutting begins", () => {
    const schedule = solve(alone(600));
    expect(schedule.placed.get("a/prep/cut")?.at).toBe(NOON + 600 - 225);
  });

  test("what is begun too late is as little late as can be", () => {
    const schedule = solve(alone(100));
    const goal = schedule.day.goals[0];
    expect(schedule.lateMin.get("a")).toBe(125);
    expect(goal && reachedAt(schedule, goal)).toBe(NOON + 225);
  });

  test("a firm meal is late less than one that any time suits", () => {
    const pot = (id: string, weight: number) => {
      const fire = madeBlock(`${id}/fire`, [
        madeTask(`${id}/hold`, 120, { attention: "eyes", isFlame: true, ringIds: ["ring1"] }),
      ]);
      const goal: Goal = {
        id,
        name: id,
        kind: "pot",
        due: NOON + 130,
        blockId: fire.id,
        planIds: [id],
        weight,
      };
      return { fire, goal };
    };
    const [a, b] = [pot("a", 1), pot("b", 10)];
    const { lateMin } = solve(madeDay({ blocks: [a.fire, b.fire], goals: [a.goal, b.goal] }));
    expect(lateMin.get("b")).toBeUndefined();
    // The other waits for the ring.
    expect(lateMin.get("a")).toBe(110);
  });

  test("where each stood before it stays, if it can", () => {
    const day = drawnKitchenDay(11);
    const first = solve(day);
    const before = new Map([...first.placed].map(([id, p]) => [id, p.at]));
    const again = solve({ ...day, now: day.now + 5 }, { before });
    const moved = [...again.placed].filter(([id, p]) => before.get(id) !== p.at);
    expect(moved).toEqual([]);
  });
});

describe("nights on which the clock is set", () => {
  const sleeper = {
    id: "you",
    name: "You",
    there: [],
    away: [],
    sleep: { from: "23:00", to: "06:00" },
  };
  const nightOf = (noon: string) => {
    const now = Date.parse(noon) / 60_000;
    const hold = madeTask("a/hold", 180, {
      minutes: { p10: 180, p50: 180, p90: 180 },
      attention: "eyes",
      isFlame: true,
      ringIds: ["ring1"],
    });
    const fire = madeBlock("a/fire", [hold]);
    const goal: Goal = {
      id: "a",
      name: "a",
      kind: "pot",
      due: now + 2000,
      blockId: "a/fire",
      planIds: ["a"],
      weight: 1,
    };
    return madeDay({ blocks: [fire], goals: [goal], hands: [sleeper], now });
  };
  test.each([
    ["forward", "2026-03-28T12:00:00+01:00", 360],
    ["back", "2026-10-24T12:00:00+02:00", 480],
  ])("set %s, sleep is so many minutes long", (_way, noon, min) => {
    const [hand] = nightOf(noon).hands;
    const night = hand?.asleep.find((s) => s.to - s.from > 60);
    expect(night && night.to - night.from).toBe(min);
    expect(night && wall.timeOf(night.from)).toBe("23:00");
    expect(night && wall.timeOf(night.to)).toBe("06:00");
    expect(brokenIn(solve(nightOf(noon)))).toEqual([]);
  });
});

test("what waits for the table keeps its pot: no second dish goes through it meanwhile", () => {
  const dish = (id: string) =>
    madeBlock(`${id}/fire`, [
      madeTask(`${id}/hold`, 30, { attention: "none", vesselIds: ["braiser"] }),
    ]);
  const keeps = (id: string) =>
    ({ blockId: `${id}/fire`, from: "end", leastMin: 0, mostMin: 90 }) as const;
  const serve = madeBlock("m/serve", [madeTask("m/serve", 15)], {
    after: [keeps("a"), keeps("b")],
  });
  const goal: Goal = {
    id: "m",
    name: "supper",
    kind: "meal",
    due: NOON + 300,
    blockId: serve.id,
    planIds: ["a", "b"],
    weight: 1,
  };
  const both = [dish("a"), dish("b"), serve];
  expect(solve(madeDay({ blocks: both, goals: [goal] })).impossible).toEqual([goal]);
  const endless = {
    ...madeDay({ blocks: both, goals: [goal] }),
    endless: new Set(["vessel braiser"]),
  };
  const drawn = solve(endless);
  expect(drawn.impossible).toEqual([]);
  expect(brokenIn(drawn).map((b) => b.what)).toContain("twoOnOne");
});

test("how long a block is, and until what is ready", () => {
  const block = madeBlock(
    "a/fire",
    [madeTask("up", 20), madeTask("hold", 60), madeTask("bath", 30)],
    {
      readyStep: 1,
    },
  );
  expect([lengthMin(block), readyMin(block)]).toEqual([110, 80]);
});
