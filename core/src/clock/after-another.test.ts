import { SCHEMA_VERSION } from "../simulate/schema-version";
import { ONE_COOK } from "../simulate/hands";
import { describe, expect, test } from "vitest";
import { madeBlock, madeDay, madeTask, NOON, wall } from "../../test/clock-days";
import { testKitchen } from "../../test/kitchen";
import { planOfKind } from "../dish/kinds";
import { ClockSchema, type Clock } from "../simulate/clock-schema";
import type { Kitchen } from "../simulate/kitchen-schema";
import { asOf, clashOf, isClash } from "./clash";
import { chanceOf, SURE } from "./chance";
import { clockworkOf, troublesInTurn, troublesOf } from "./clockwork";
import { dayOf, type Asked } from "./day";
import { solve } from "./solve";
import { minuteOf } from "./wall-clock";

const NOW = minuteOf(Date.parse("2026-03-06T09:00:00+01:00"));
const SUPPER = "2026-03-07T18:30:00+01:00";
const kitchen: Kitchen = testKitchen({
  hands: ["you", "two"].map((id) => ({ ...ONE_COOK, id, name: id })),
  rings: [
    { id: "ring1", name: "Ring 1", kind: "gas", powerW: 3000 },
    { id: "ring2", name: "Ring 2", kind: "gas", powerW: 2500 },
  ],
});
const braise = { ...planOfKind("braise", kitchen, "braise"), ringId: "ring1" };
const stew = { ...planOfKind("stew", kitchen, "stew"), ringId: "ring2" };
const ask = (given: Partial<Clock>, vesselIds: readonly [string, string]): Asked => ({
  kitchen,
  plans: [
    { ...braise, vesselId: vesselIds[0] },
    { ...stew, vesselId: vesselIds[1] },
  ],
  clock: ClockSchema.parse({
    schemaVersion: SCHEMA_VERSION,
    meals: [{ id: "supper", name: "Supper", at: SUPPER, planIds: ["braise", "stew"] }],
    ...given,
  }),
  now: NOW,
});
const onePot = ask({}, ["casserole", "casserole"]);
const twoPots = ask({}, ["casserole", "tall"]);

describe("a clock filled after another", () => {
  const clashing = clockworkOf(onePot, wall);
  const free = clockworkOf(twoPots, wall);

  test("finds the same clash again, and the same where there is none any more or one is new", () => {
    const goals = (work: typeof clashing) => work.clashes.map((c) => c.goal.id);
    const kinds = (work: typeof clashing) =>
      work.clashes.flatMap((c) => c.wishes.map((w) => w.kind));
    expect(kinds(clashing)).toEqual(["one"]);
    const again = clockworkOf(onePot, wall, { last: clashing });
    expect([goals(again), kinds(again)]).toEqual([goals(clashing), kinds(clashing)]);
    expect(clockworkOf(twoPots, wall, { last: clashing }).clashes).toEqual([]);
    expect(kinds(clockworkOf(onePot, wall, { last: free }))).toEqual(["one"]);
  });

  test("keeps no less in hand than is sure, and takes off what is more than need be", () => {
    const loose = [{ planId: "braise", by: SUPPER }] as Clock["loose"];
    const pot = ask({ meals: [], loose }, ["casserole", "tall"]);
    const fresh = clockworkOf(pot, wall).inHandMin.get("braise") ?? 0;
    expect(fresh).toBeGreaterThan(0);
    for (const min of [0, 10, 60, 110]) {
      const last = { clashes: [], inHandMin: new Map([["braise", min]]) };
      const { chance, inHandMin } = clockworkOf(pot, wall, { last });
      const [goal] = chance.goals;
      expect(goal?.inTime, `${min} min before`).toBeGreaterThanOrEqual(SURE);
      expect(goal?.spareMin, `${min} min before`).toBeLessThan(10);
      expect(Math.abs((inHandMin.get("braise") ?? 0) - fresh)).toBeLessThanOrEqual(10);
    }
  });

  test("coarsely it gives up and keeps in hand what was given up and kept last", () => {
    const quick = clockworkOf(onePot, wall, { last: clashing, isQuick: true });
    expect(quick.schedule.impossible).toEqual([]);
    expect(quick.inHandMin).toBe(clashing.inHandMin);
    expect(quick.wishedAt).toEqual(clashing.wishedAt);
    expect(quick.schedule.placed.size).toBe(clashing.schedule.placed.size);
  });
});

describe("a clash that is known", () => {
  const day = dayOf(onePot, wall);
  const [goal] = solve(day).impossible;
  if (goal === undefined) throw new Error("both have a place in one pot");
  const none = new Set<string>();
  const found = clashOf(day, goal, none);

  test("is one where all of it is needed, and not where there is more or less of it", () => {
    expect(isClash(day, found, none)).toBe(true);
    expect(isClash(day, { ...found, wishes: [] }, none)).toBe(false);
    const more = { ...found, wishes: [...found.wishes, { kind: "now" } as const] };
    expect(isClash(day, more, none)).toBe(false);
    expect(isClash(dayOf(twoPots, wall), found, none)).toBe(false);
  });

  test("is known on another day by what is wished then", () => {
    const later = dayOf({ ...onePot, now: NOW + 60 }, wall);
    expect(asOf(later, found, none)?.goal.id).toBe(goal.id);
    expect(asOf({ ...later, goals: [] }, found, none)).toBeNull();
    expect(asOf({ ...later, blocks: [] }, found, none)).toBeNull();
  });
});

test("a clock with nothing more asked for is no later than the one it is told of", () => {
  const tight = { ...twoPots, now: minuteOf(Date.parse(SUPPER)) - 60 };
  const day = dayOf(tight, wall);
  const base = solve(day, { isRough: true });
  expect([...base.lateMin.values()].some((min) => min > 0)).toBe(true);
  const after = solve(day, { isRough: true, atLeastLateMin: base.lateMin });
  expect(after.lateMin).toEqual(base.lateMin);
  expect(after.inTheWay).toEqual(base.inTheWay);
});

test("ways out are tried in turn, and come to the same as at one go", () => {
  const work = clockworkOf(onePot, wall);
  const turns = troublesInTurn(work, wall);
  let count = 0;
  let turn = turns.next();
  for (; turn.done !== true; turn = turns.next()) count++;
  expect(count).toBeGreaterThan(3);
  expect(turn.value).toEqual(troublesOf(work, wall));
});

test("who waits for a ring, or for hands, begins once they are really free", () => {
  for (const on of [
    { attention: "eyes", isFlame: true, ringIds: ["ring1"] },
    { attention: "hands" },
  ] as const) {
    const goal = (id: string, due: number) =>
      ({
        id,
        name: id,
        kind: "pot",
        due,
        blockId: `${id}/fire`,
        planIds: [id],
        weight: 1,
      }) as const;
    const first = madeBlock("a/fire", [
      madeTask("a/hold", 60, { ...on, minutes: { p10: 60, p50: 60, p90: 110 } }),
    ]);
    const second = madeBlock("b/fire", [
      madeTask("b/hold", 30, { ...on, minutes: { p10: 30, p50: 30, p90: 30 } }),
    ]);
    const day = madeDay({
      blocks: [first, second],
      goals: [goal("a", NOON + 120), goal("b", NOON + 151)],
    });
    const schedule = solve(day);
    const [a, b] = ["a/fire", "b/fire"].map((id) => schedule.placed.get(id));
    if (a === undefined || b === undefined) throw new Error("both have a place");
    expect(b.at).toBeGreaterThanOrEqual(a.at + 60);
    const { slowEnd } = chanceOf(schedule, () => null, 300);
    const slowA = slowEnd.get("a/hold") ?? NaN;
    expect(slowA).toBeGreaterThan(b.at + 5);
    expect(slowEnd.get("b/hold")).toBe(slowA + 30);
  }
});
