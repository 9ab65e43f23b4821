import { resolve } from "../simulate/set-pot";
import { SCHEMA_VERSION } from "../simulate/schema-version";
import { ONE_COOK } from "../simulate/hands";
import fc from "fast-check";
import { describe, expect, test } from "vitest";
import { madeBlock, madeDay, madeTask, NOON, wall } from "../../test/clock-days";
import { testKitchen } from "../../test/kitchen";
import type { Batch } from "../batch/batch-schema";
import { happened } from "../../test/events";
import { fold } from "../batch/fold";
import { onFire } from "../batch/on-fire";
import { planOfKind } from "../dish/kinds";
import { scaled } from "../dish/scale";
import { ClockSchema, type Clock } from "../simulate/clock-schema";
import type { Kitchen } from "../simulate/kitchen-schema";
import { inWords, litres, say } from "../units/said";
import { roomL } from "../portion/headspace";
import type { Plan } from "../simulate/plan-schema";
import { simulate } from "../simulate/simulate";
import { waterL } from "../simulate/stated-water";
import { potBlocks } from "./pot-blocks";
import { brokenIn } from "./check";
import { clashOf } from "./clash";
import { clockAnswer } from "./answer";
import { leftToCook } from "./cooked";
import { clockworkOf, troublesOf } from "./clockwork";
import { dayOf, type Asked, type Day, type Goal } from "./day";
import { lengthMin, readyMin } from "./needs";
import { tasksAt } from "./place";
import { reheatBlock } from "./reheat";
import { changed, noNewDanger } from "./remedies";
import { runningOf } from "./running";
import { sayWish } from "./say-clock";
import { solve } from "./solve";
import { minuteOf } from "./wall-clock";

const kitchen: Kitchen = testKitchen({
  rings: [
    { id: "ring1", name: "Ring 1", kind: "gas", powerW: 3000 },
    { id: "ring2", name: "Ring 2", kind: "gas", powerW: 1500 },
  ],
});
const NOW = minuteOf(Date.parse("2026-03-06T09:00:00+01:00"));
const SUPPER = "2026-03-07T18:30:00+01:00";
const braise = { ...planOfKind("braise", kitchen, "braise"), ringId: "ring1" };
const ask = (given: Partial<Clock>, more: Partial<Asked> = {}): Asked => ({
  kitchen,
  plans: [braise],
  clock: ClockSchema.parse({ schemaVersion: SCHEMA_VERSION, ...given }),
  now: NOW,
  ...more,
});
const meal = (more: Partial<Clock["meals"][number]> = {}) =>
  ({ id: "supper", name: "Supper", at: SUPPER, planIds: ["braise"], ...more }) as never;

test("what a cook wishes is said to them, and of the others by name", () => {
  const said = (name: string, kind: "sleep" | "away") => {
    const hand = { ...madeDay({ blocks: [], goals: [] }).hands[0]!, name };
    return inWords(sayWish({ kind, hand }, new Map(), wall), "metric");
  };
  expect(said(ONE_COOK.name, "sleep")).toBe("you sleep at night");
  expect(said("Ada", "sleep")).toBe("Ada sleeps at night");
  expect(said(ONE_COOK.name, "away")).toBe("you are not always here");
  expect(said("Ada", "away")).toBe("Ada is not always here");
});

describe("litres in the fridge", () => {
  /** Two stocks that stand there until their fat is hard, each for a time of its own. */
  const twoStocks = (eachL: number, fridgeL: number | null): Day => {
    const stock = (id: string) => [
      madeBlock(`${id}/fire`, [madeTask(`${id}/hold`, 60, { attention: "none" })]),
      madeBlock(`${id}/portion`, [madeTask(`${id}/portion`, 20)], {
        after: [
          { blockId: `${id}/fire`, from: "end", leastMin: 480, mostMin: 2880, fridgeL: eachL },
        ],
      }),
    ];
    const goalOf = (id: string): Goal => ({
      id,
      name: id,
      kind: "pot",
      due: NOON + 2880,
      blockId: `${id}/portion`,
      planIds: [id],
      weight: 1,
    });
    const up = { id: "you", name: "You", there: [], away: [], sleep: null };
    const day = madeDay({
      blocks: ["a", "b"].flatMap(stock),
      goals: [goalOf("a"), goalOf("b")],
      hands: [up],
    });
    return { ...day, fridgeL };
  };
  const stays = (day: Day) => {
    const { placed } = solve(day);
    return ["a", "b"].map((id) => ({
      from: (placed.get(`${id}/fire`)?.at ?? NaN) + 60,
      to: (placed.get(`${id}/portion`)?.at ?? NaN) + 20,
    }));
  };
  const overlap = ([a, b]: ReturnType<typeof stays>) =>
    a !== undefined && b !== undefined && a.from < b.to && b.from < a.to;

  test("stand there one after the other where both have no room together", () => {
    expect(overlap(stays(twoStocks(6, null)))).toBe(true);
    expect(overlap(stays(twoStocks(6, 12)))).toBe(true);
    const day = twoStocks(6, 10);
    expect(overlap(stays(day))).toBe(false);
    expect(brokenIn(solve(day))).toEqual([]);
  });

  test("that are too many are what cannot be, and are seen where they stand all the same", () => {
    const day = twoStocks(6, 5);
    const found = solve(day);
    expect(found.impossible.map((g) => g.id)).toEqual(["a", "b"]);
    const [goal] = found.impossible;
    if (goal === undefined) throw new Error("all have a place");
    const clash = clashOf({ ...day, goals: [goal] }, goal);
    expect(clash.wishes).toEqual([{ kind: "fridge", volumeL: 5 }]);
    const [wish] = clash.wishes;
    if (wish !== undefined) {
      expect(inWords(sayWish(wish, new Map(), wall), "metric")).toBe("5 L of room in the fridge");
      expect(inWords(sayWish(wish, new Map(), wall), "us")).not.toMatch(/ L /);
    }
    const drawn = { ...solve({ ...day, fridgeL: null }), day };
    expect(brokenIn(drawn).map((b) => b.what)).toContain("fridge");
  });

  test("a stock's own are on the clock, with their line on the run sheet", () => {
    const stock = { ...planOfKind("boneBroth", kitchen, "stock"), fat: "liftCold" as const };
    const asked = ask(
      { loose: [{ planId: "stock", by: null, notBefore: null, onlyOvernight: false }] as never },
      { plans: [stock] },
    );
    const answer = clockAnswer(clockworkOf(asked, wall), wall);
    const row = answer.rows.find((r) => r.fridgeL !== null);
    expect((row?.to ?? 0) - (row?.from ?? 0)).toBeGreaterThanOrEqual(480);
    expect(row?.fridgeL).toBeGreaterThan(0.5);
    expect(inWords(row?.how ?? "", "metric")).toMatch(/^\d.* L of /);
  });
});

test("stocks that the freezer has no room for are said; what is drawn on and what is served is none of it", () => {
  const stock = planOfKind("boneBroth", kitchen, "stock");
  const loose = [
    { planId: "stock", by: null, notBefore: null, onlyOvernight: false, batchId: null },
  ];
  const noteOf = (freezerFreeL: number | null, plans = [stock]) => {
    const work = clockworkOf(ask({ loose }, { plans, freezerFreeL }), wall);
    return clockAnswer(work, wall).notes.map((note) => inWords(note, "metric"));
  };
  expect(noteOf(null)).toEqual([]);
  expect(noteOf(500)).toEqual([]);
  const wanted = inWords(
    say`${litres(roomL(potBlocks(resolve(stock, kitchen)).litres))}`,
    "metric",
  );
  expect(noteOf(1)[0]).toContain(`want ${wanted}.`);
  expect(noteOf(1)[0]).toMatch(
    /^The freezer has room for 1 L; the stocks on the clock want \d.* L\./,
  );
  const [item] = braise.items;
  const drawing = { ...braise, items: [{ ...item, fromPlanId: "stock" }] } as typeof braise;
  expect(noteOf(1, [stock, drawing])).toEqual([]);
});

test("in the quiet hours nothing is chopped or fried; what simmers goes on", () => {
  fc.assert(
    fc.property(
      fc.integer({ min: 10, max: 17 }),
      fc.integer({ min: 60, max: 240 }),
      (hour, min) => {
        const to = `${Math.floor((hour * 60 + min) / 60)}:${String((hour * 60 + min) % 60).padStart(2, "0")}`;
        const quiet = [{ weekdays: [], from: `${hour}:00`, to }];
        const asked = ask({ meals: [meal()] }, { kitchen: { ...kitchen, quiet } });
        const found = solve(dayOf(asked, wall), { isQuick: true });
        expect(found.impossible).toEqual([]);
        expect(brokenIn(found)).toEqual([]);
        const loud = [...found.placed.values()].flatMap(tasksAt).filter((t) => t.task.isLoud);
        expect(loud.length).toBeGreaterThan(3);
        for (const t of loud)
          for (const at of [wall.timeOf(t.from), wall.timeOf(t.to - 1)])
            expect(at >= `${hour}:00` && at < to, `${at} ${t.task.id}`).toBe(false);
      },
    ),
    { numRuns: 12 },
  );
});

test("one cook looks after three pots at once, and not after a fourth", () => {
  const day = (count: number) => {
    const blocks = Array.from({ length: count }, (_, i) =>
      madeBlock(`p${i}/prep/x`, [madeTask(`p${i}/x`, 30, { attention: "near" })]),
    );
    const goals = blocks.map((b, i): Goal => ({
      id: `g${i}`,
      name: b.id,
      kind: "pot",
      due: NOON + 120,
      blockId: b.id,
      planIds: [],
      weight: 1,
    }));
    return madeDay({ blocks, goals });
  };
  const starts = (count: number) =>
    [...solve(day(count)).placed.values()].map((p) => p.at - NOON).toSorted((a, b) => a - b);
  expect(starts(3)).toEqual([90, 90, 90]);
  expect(starts(4)).toEqual([60, 90, 90, 90]);
});

test("a pot's level begins with the water and the wine that go in", () => {
  const { levels } = potBlocks(resolve(braise, kitchen));
  const wineKg = 0.12;
  expect(levels[0]?.volumeL).toBeGreaterThan(waterL(resolve(braise, kitchen)));
  expect(levels[0]?.volumeL).toBeLessThan(waterL(resolve(braise, kitchen)) + wineKg);
  expect(levels.at(-1)?.min).toBeGreaterThan(levels[0]?.min ?? 0);
});

describe("cooked ahead", () => {
  const day = dayOf(ask({ meals: [meal({ ahead: [{ planId: "braise" }] })] }), wall);
  const found = solve(day);
  const at = (id: string) => found.placed.get(id)?.at ?? NaN;

  test("is chilled, stands in the fridge, and is hot again as it is served", () => {
    expect(brokenIn(found)).toEqual([]);
    const fire = found.placed.get("braise/fire");
    const reheat = found.placed.get("braise/reheat");
    if (fire === undefined || reheat === undefined) throw new Error("not on the clock");
    expect(fire.block.steps.map((s) => s.title)).toEqual(
      expect.arrayContaining(["Chills", "Cold enough: into the fridge"]),
    );
    expect(fire.block.steps.some((s) => s.title.startsWith("Strain"))).toBe(false);
    expect(reheat.at).toBeGreaterThanOrEqual(fire.at + lengthMin(fire.block));
    const waits = at("supper/serve") - reheat.at - readyMin(reheat.block);
    expect(waits).toBeGreaterThanOrEqual(0);
    expect(waits).toBeLessThanOrEqual(45);
    expect(inWords(reheat.block.steps[0]?.how ?? "", "metric")).toMatch(/74 °C.*once only/);
    expect(inWords(reheat.block.steps[0]?.how ?? "", "us")).toMatch(/165 °F/);
  });

  test("and cooked already is only to be made hot", () => {
    const left = dayOf(
      ask({ meals: [meal({ ahead: [{ planId: "braise" }] })] }, { cookedAhead: ["braise"] }),
      wall,
    );
    expect(left.blocks.map((b) => b.kind)).toEqual(["reheat", "serve"]);
  });

  test("is not what was heated before, nor what no pot holds; both are said, and cooked for the meal", () => {
    const [meat] = braise.items;
    if (meat === undefined) throw new Error("nothing in it");
    const again = { ...braise, items: [{ ...meat, fromLotId: "lot", label: { madeOf: [] } }] };
    const noRing = { ...kitchen, vessels: kitchen.vessels.filter((v) => v.kind === "slowCooker") };
    const crock = {
      ...braise,
      vesselId: "crock",
      heat: { method: "slowCooker", setting: "low", lid: "on", preheated: false } as never,
    };
    const meals = [meal({ ahead: [{ planId: "braise" }] })];
    for (const [plans, kit, why] of [
      [[again], kitchen, /heated once only/],
      [[crock], noRing, /no pot on a ring/],
    ] as const) {
      const work = clockworkOf(ask({ meals }, { plans: plans as never, kitchen: kit }), wall);
      expect([...work.schedule.day.problems.values()].map((p) => p.message)).toEqual([]);
      expect(clockAnswer(work, wall).notes.map((n) => inWords(n, "metric"))[0]).toMatch(why);
      expect(work.schedule.placed.has("braise/reheat")).toBe(false);
    }
  });

  test("is cut for by itself, not with what is cooked on the day", () => {
    const stew = { ...planOfKind("stew", kitchen, "stew"), ringId: "ring2", vesselId: "tall" };
    const mergedIn = (ahead: { planId: string }[]) =>
      dayOf(
        ask({ meals: [meal({ planIds: ["braise", "stew"], ahead })] }, { plans: [braise, stew] }),
        wall,
      ).blocks.some((b) => b.kind === "prep" && b.planIds.length > 1);
    expect(mergedIn([])).toBe(true);
    expect(mergedIn([{ planId: "braise" }])).toBe(false);
  });

  test("on the fire it goes into the bath, not to the table, and is hot again for its meal", () => {
    const batch: Batch = {
      schemaVersion: SCHEMA_VERSION,
      id: "b",
      createdMs: 0,
      plan: braise,
      kitchen,
    };
    const cook = fold(happened({ kind: "lit", atMs: (NOW - 60) * 60_000 }));
    const nowMs = NOW * 60_000;
    const pot = onFire(resolve(braise, kitchen), cook, nowMs);
    const running = [runningOf(batch, cook, pot, nowMs, true)].flatMap((r) => r ?? []);
    const work = clockworkOf(
      ask({ meals: [meal({ ahead: [{ planId: "braise" }] })] }, { running }),
      wall,
    );
    const { placed } = work.schedule;
    const fire = placed.get("b/fire");
    expect(fire?.block.steps.map((t) => t.title)).toContain("Chills");
    expect(fire?.block.isServed).toBe(false);
    expect([...placed.keys()].toSorted()).toEqual(["b/fire", "braise/reheat", "supper/serve"]);
    const reheat = placed.get("braise/reheat");
    expect(reheat?.at).toBeGreaterThanOrEqual((fire?.at ?? 0) + (fire ? lengthMin(fire.block) : 0));
    expect((placed.get("supper/serve")?.at ?? 0) - (reheat?.at ?? 0)).toBeLessThan(120);
    expect(work.broken).toEqual([]);
  });

  test("what was cooked leaves the table, but for what was cooked ahead", () => {
    const { clock } = ask({
      meals: [meal({ planIds: ["braise", "stew", "soup"], ahead: [{ planId: "braise" }] })],
    });
    const isCooked = (id: string, forMs: number) => id !== "soup" && forMs === Date.parse(SUPPER);
    const left = leftToCook(clock.meals, isCooked);
    expect(left.meals[0]?.planIds).toEqual(["braise", "soup"]);
    expect(left.cookedAhead).toEqual(["braise"]);
  });

  test("more takes longer to be hot again, and so it does on a weaker ring", () => {
    const minOf = (kg: number, ringId = "ring1") =>
      reheatBlock(resolve({ ...braise, ringId }, kitchen), kg, "f")?.steps[0]?.minutes.p50 ?? NaN;
    expect(minOf(3)).toBeGreaterThan(minOf(1.5));
    expect(minOf(3, "ring2")).toBeGreaterThan(minOf(3) * 1.3);
    // Out of the fridge it is colder than the tap.
    const tap: Plan = {
      ...braise,
      items: [],
      then: [],
      water: { by: "amount", volumeL: 3 },
      heat: { method: "hob", vigour: "gentle", lid: "on", boilFirstMin: null },
      stop: { by: "time", holdMin: 5 },
    };
    const fromTapMin = simulate(resolve(tap, kitchen), { waterKg: 3 }).toSimmerMin;
    expect(minOf(3)).toBeGreaterThan(fromTapMin + 5);
    expect(reheatBlock(resolve(braise, kitchen), 500, "f")).toBeNull();
  });
});

test("quiet hours that are over later, or that never end, are what cannot be too", () => {
  const day = dayOf(ask({ meals: [meal()] }), wall);
  const [goal] = day.goals;
  if (goal?.due === undefined || goal.due === null) throw new Error("no meal");
  for (const loud of [[], [{ from: goal.due, to: day.until }]])
    expect(clashOf({ ...day, loud }, goal).wishes).toEqual([{ kind: "quiet" }]);
});

describe("a way out that holds", () => {
  const waysOf = (asked: Asked, kind: string) => {
    const found = troublesOf(clockworkOf(asked, wall), wall)
      .flatMap((t) => t.remedies)
      .filter((r) => r.id.startsWith(`${kind} `));
    for (const way of found) {
      const after = clockworkOf(changed(asked, way.change), wall);
      expect(after.schedule.impossible, way.title).toEqual([]);
      expect([...after.schedule.lateMin], way.title).toEqual([]);
      expect(after.broken, way.title).toEqual([]);
    }
    return found;
  };
  const [first] = kitchen.rings;
  if (first === undefined) throw new Error("no ring");
  const hob = (id: "braise" | "stew", vesselId: string) => ({
    ...scaled(planOfKind(id, kitchen, id), 1.7),
    ringId: first.id,
    vesselId,
    heat: { method: "hob", vigour: "gentle", lid: "on", boilFirstMin: null } as const,
    stop: { by: "time", holdMin: 120 } as const,
  });
  const dishes = { meals: [meal({ planIds: ["braise", "stew"] })] };

  test("for two dishes and one ring: one of them cooked ahead", () => {
    const asked = ask(dishes, {
      kitchen: { ...kitchen, rings: [first] },
      plans: [hob("braise", "casserole"), hob("stew", "tall")],
    });
    expect(waysOf(asked, "ahead").map((r) => r.title)).toContain(
      `${braise.name} cooked ahead, chilled, and reheated`,
    );
  });

  test("for two dishes and one pot that holds either: one of them in two smaller pots", () => {
    const rings = [1, 2, 3].map((n) => ({ ...first, id: `ring${n}`, name: `Ring ${n}` }));
    const vessels = kitchen.vessels
      .filter((v) => v.id === "casserole")
      .flatMap((v) => [
        v,
        { ...v, id: "small 1", name: "Small oval", heightM: 0.065 },
        { ...v, id: "small 2", name: "Other small oval", heightM: 0.065 },
        { ...v, id: "pan", name: "Pan", kind: "pan" as const, heightM: 0.06 },
      ]);
    const hands = ["you", "two"].map((id) => ({ ...ONE_COOK, id, name: id }));
    const asked = ask(dishes, {
      kitchen: { ...kitchen, rings, vessels, hands },
      plans: [hob("braise", "casserole"), { ...hob("stew", "casserole"), ringId: "ring3" }],
    });
    const ways = waysOf(asked, "two");
    expect(ways.length).toBeGreaterThan(0);
    const kg = (plans: Asked["plans"]) =>
      plans.flatMap((p) => p.items).reduce((sum, i) => sum + i.massKg, 0);
    for (const way of ways)
      expect(kg(changed(asked, way.change).plans)).toBeCloseTo(kg(asked.plans), 9);
  });

  test("brings no danger that the pot had not before, in no pot of two either", () => {
    const [ring1, ring2] = kitchen.rings.map((r, i) => ({ ...r, powerW: i === 0 ? 3000 : 300 }));
    const weak = { ...kitchen, rings: [ring1, ring2].flatMap((r) => r ?? []) };
    const strong: Plan = {
      ...hob("braise", "tall"),
      heat: { method: "hob", vigour: "bare", lid: "on", boilFirstMin: null },
      stop: { by: "time", holdMin: 25 },
    };
    const undone = { ...strong, ringId: "ring2" };
    const isSafe = noNewDanger([strong], weak);
    expect(isSafe({ change: {} })).toBe(true);
    expect(isSafe({ change: { plans: [{ ...strong, name: "Other" }] } })).toBe(true);
    // On the weak ring its middle stays raw.
    expect(isSafe({ change: { plans: [undone] } })).toBe(false);
    expect(isSafe({ change: { plans: [strong, { ...undone, id: "braise-2" }] } })).toBe(false);
    expect(noNewDanger([undone], weak)({ change: { plans: [undone] } })).toBe(true);
  });
});
