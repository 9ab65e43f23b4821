import { resolve } from "../simulate/set-pot";
import { SCHEMA_VERSION } from "../simulate/schema-version";
import { USUAL_SLEEP } from "../simulate/usual-sleep";
import fc from "fast-check";
import { describe, expect, test } from "vitest";
import { wall } from "../../test/clock-days";
import { testKitchen } from "../../test/kitchen";
import type { Batch } from "../batch/batch-schema";
import { happened } from "../../test/events";
import { fold } from "../batch/fold";
import { onFire } from "../batch/on-fire";
import { planOfKind } from "../dish/kinds";
import { ClockSchema, type Clock } from "../simulate/clock-schema";
import type { Kitchen } from "../simulate/kitchen-schema";
import type { KindId } from "../simulate/dish-words";
import type { Plan } from "../simulate/plan-schema";
import { clockAnswer, troubleAnswers } from "./answer";
import { chanceOf, drawnDay, readyIn } from "./chance";
import { clockworkOf, troublesOf, type Clockwork } from "./clockwork";
import { dayOf, type Asked, type Goal } from "./day";
import { workTasks } from "../schedule/work-tasks";
import { lengthMin, readyMin, timedTasks } from "./needs";
import { potBlocks } from "./pot-blocks";
import { workInBlocks } from "./prep-blocks";
import { changed } from "./remedies";
import { clockSentence, sayChance } from "./say-clock";
import { solve } from "./solve";
import { runningOf } from "./running";
import { minuteOf } from "./wall-clock";
import { withReadyTimes } from "./wishes";

const NOW = minuteOf(Date.parse("2026-03-06T18:00:00+01:00"));
const SUPPER = "2026-03-07T18:30:00+01:00";
const kitchen: Kitchen = testKitchen({
  rings: [
    { id: "ring1", name: "Ring 1", kind: "gas", powerW: 3000 },
    { id: "ring2", name: "Ring 2", kind: "gas", powerW: 2500 },
  ],
});
const known = new Map<string, Plan>();
/** A kind's pot, worked out once; on a ring and in a vessel. */
const potOf = (kind: KindId, more: Partial<Plan> = {}): Plan => {
  const plan = known.get(kind) ?? planOfKind(kind, kitchen, kind);
  known.set(kind, plan);
  return { ...plan, ringId: "ring1", ...more };
};
const clockOf = (given: Partial<Clock>): Clock =>
  ClockSchema.parse({ schemaVersion: SCHEMA_VERSION, ...given });
const meal = (planIds: string[], at = SUPPER) =>
  ({ id: "supper", name: "Supper", at, planIds }) as Clock["meals"][number];
const ask = (plans: readonly Plan[], given: Partial<Clock>): Asked => ({
  kitchen,
  plans,
  clock: clockOf(given),
  now: NOW,
});

test("what a pot is served with is cooked for its meal, on a ring, and ready as it is served", () => {
  const braise = potOf("braise", {
    serves: { people: 8, eachKg: 0.35 },
    accompaniments: [{ kind: "mash", eachKg: 0.25 }],
    heat: { method: "oven", ovenId: "oven", ovenC: 150, lid: "on", start: "hot" },
  });
  const day = dayOf(ask([braise], { meals: [meal(["braise"])] }), wall);
  const side = day.blocks.find((b) => b.kind === "side");
  expect(side?.steps.map((t) => [t.title, t.minutes.p50, t.isFlame])).toEqual([
    ["Mash", 21, false],
    ["Mash", 25, true],
  ]);
  const placed = solve(day).placed;
  const serveAt = placed.get("supper/serve")?.at ?? NaN;
  const endAt = (placed.get(side?.id ?? "")?.at ?? NaN) + 46;
  expect(endAt).toBeLessThanOrEqual(serveAt);
  expect(serveAt - endAt).toBeLessThanOrEqual(30);
});

describe("the blocks of a plan", () => {
  const day = dayOf(ask([potOf("braise")], { meals: [meal(["braise"])] }), wall);
  const schedule = solve(day);
  const at = (id: string) => schedule.placed.get(id)?.at ?? NaN;

  test("hold all its work, in the order of the pot, the table last", () => {
    const ids = day.blocks.map((b) => b.id);
    expect(ids.some((id) => id.includes(":brown") || id.endsWith("/prep/pot"))).toBe(true);
    expect(ids).toContain("braise/fill");
    for (const block of day.blocks)
      for (const link of block.after) expect(at(link.blockId)).toBeLessThan(at(block.id));
    expect(at("supper/serve") + 15).toBe(minuteOf(Date.parse(SUPPER)));
  });

  test("a stock goes through the sieve, the bath and a night before its fat is lifted", () => {
    const stock = dayOf(ask([potOf("boneBroth")], { loose: [loose("boneBroth")] }), wall);
    const placed = solve(stock).placed;
    const fire = placed.get("boneBroth/fire");
    const titles = fire?.block.steps.map((s) => s.title) ?? [];
    expect(titles.at(-1)).toMatch(/fridge/);
    expect(titles.some((t) => /strain/i.test(t))).toBe(true);
    const portion = placed.get("boneBroth/portion");
    const end =
      (fire?.at ?? 0) + (fire?.block.steps.reduce((s, t) => s + Math.round(t.minutes.p50), 0) ?? 0);
    expect((portion?.at ?? 0) - end).toBeGreaterThanOrEqual(479);
  });

  test("what is done already is not asked for again", () => {
    const [first] = day.blocks.filter((b) => b.id.includes("/prep/"));
    if (first === undefined) throw new Error("no work");
    const done = [{ blockId: first.id, at: SUPPER }];
    const less = dayOf(ask([potOf("braise")], { meals: [meal(["braise"])], done }), wall);
    expect(less.blocks.map((b) => b.id)).not.toContain(first.id);
    expect(solve(less).impossible).toEqual([]);
  });

  test("the same work of two pots of one meal is done at one go, other sizes by themselves", () => {
    const onionsOf = (plans: readonly Plan[], given: Partial<Clock> = {}) => {
      const meals = [meal(plans.map((p) => p.id))];
      const { blocks } = dayOf(ask(plans, { meals, ...given }), wall);
      const cut = blocks.filter((b) => /cut the onion/i.test(b.steps[0]?.title ?? ""));
      return { blocks, cut };
    };
    const twins = [potOf("braise"), potOf("braise", { id: "twin" })];
    const { blocks, cut } = onionsOf(twins);
    expect(cut.map((b) => b.planIds)).toEqual([["braise", "twin"]]);
    const waits = blocks.filter((b) => b.after.some((l) => l.blockId === cut[0]?.id));
    expect(new Set(waits.flatMap((b) => b.planIds))).toEqual(new Set(["braise", "twin"]));
    // One pot's share of it that is done already leaves the other's.
    const at = SUPPER;
    const [mine, other] = cut[0]?.ids ?? [];
    expect(mine).not.toBe(other);
    const half = onionsOf(twins, { done: [{ blockId: mine ?? "", at }] });
    expect(half.cut.map((b) => b.ids)).toEqual([[other]]);
    expect(onionsOf([potOf("braise"), potOf("meatChili")]).cut).toHaveLength(2);
  });
});

const loose = (planId: string, more: Partial<Clock["loose"][number]> = {}) => ({
  planId,
  by: null,
  notBefore: null,
  onlyOvernight: false,
  batchId: null,
  ...more,
});

describe("chance", () => {
  const asked = ask([potOf("braise"), potOf("boneBroth", { ringId: "ring2" })], {
    meals: [meal(["braise"])],
    loose: [loose("boneBroth", { by: "2026-03-08T17:00:00+01:00" })],
  });
  const work = clockworkOf(asked, wall);

  const SAID = [
    work,
    ...(["boneBroth", "brownStock", "meatStock", "poultryStock"] as const).flatMap((kind) =>
      ["2026-03-07T20:30:00+01:00", "2026-03-08T20:00:00+01:00"].map((by) =>
        clockworkOf(ask([potOf(kind)], { loose: [loose(kind, { by })] }), wall),
      ),
    ),
  ];
  /** The share of 500 other days on which a goal is in time. */
  const livedIn = ({ schedule, wishedAt }: Clockwork, goal: Goal, seed: number): number => {
    const days = Array.from({ length: 500 }, (_, i) => drawnDay(schedule, seed + i));
    const wished = wishedAt.get(goal.id) ?? NaN;
    return (
      days.filter((lived) => (readyIn(lived, schedule, goal) ?? Infinity) <= wished).length / 500
    );
  };

  test("where nine in ten is said, 500 other days come to 86 to 94 in a hundred", () => {
    let said = 0;
    for (const each of SAID)
      for (const goal of each.schedule.day.goals) {
        const chance = each.chance.goals.find((g) => g.goalId === goal.id)?.inTime ?? NaN;
        if (sayChance(chance) !== "nine times in ten") continue;
        said++;
        // Of four times as many days: the draws of 500 alone are a point and a half either way.
        const share = [1, 2, 3, 4].reduce((sum, n) => sum + livedIn(each, goal, 1000 * n) / 4, 0);
        expect(share).toBeGreaterThanOrEqual(0.86);
        expect(share).toBeLessThanOrEqual(0.94);
      }
    expect(said).toBeGreaterThanOrEqual(3);
  });

  test("as much is kept in hand as nine in ten take, and not a whole evening", () => {
    for (const each of SAID)
      for (const goal of each.schedule.day.goals) {
        const chance = each.chance.goals.find((g) => g.goalId === goal.id)?.inTime ?? NaN;
        if (!each.schedule.lateMin.has(goal.id)) expect(chance).toBeGreaterThanOrEqual(0.9);
        if ((each.inHandMin.get(goal.id) ?? 0) > 0)
          expect(livedIn(each, goal, 7000)).toBeLessThanOrEqual(0.985);
      }
  });

  test("longer tasks never make anything surer", () => {
    const slower = {
      ...work.schedule,
      placed: new Map(
        [...work.schedule.placed].map(([id, p]) => {
          const steps = p.block.steps.map((s) => ({
            ...s,
            minutes: { ...s.minutes, p90: s.minutes.p90 * 1.5 },
          }));
          return [id, { ...p, block: { ...p.block, steps } }];
        }),
      ),
    };
    const wished = (g: { id: string }) => work.wishedAt.get(g.id) ?? null;
    const [a, b] = [chanceOf(work.schedule, wished, 300), chanceOf(slower, wished, 300)];
    a.goals.forEach((g, i) => expect(b.goals[i]?.inTime).toBeLessThanOrEqual(g.inTime));
  });
});

describe("what waits for the table", () => {
  const two = [potOf("braise"), potOf("boneBroth", { ringId: "ring2" })];
  const work = clockworkOf(ask(two, { meals: [meal(["braise", "boneBroth"])] }), wall);
  const { placed, day } = work.schedule;
  const readyOf = (id: string) => {
    const p = placed.get(`${id}/fire`);
    return p === undefined ? NaN : p.at + readyMin(p.block);
  };
  const serveAt = placed.get("supper/serve")?.at ?? NaN;

  test("waits hot no longer than it keeps hot, whatever is kept in hand, and that is said", () => {
    const answer = clockAnswer(work, wall);
    for (const [id, pot] of day.pots) {
      const waitMin = serveAt - readyOf(id);
      expect(waitMin).toBeGreaterThanOrEqual(0);
      expect(waitMin).toBeLessThanOrEqual(pot.keepsHotMin);
      const row = answer.rows.find((r) => r.taskId === `${id}/fire:hot`);
      if (waitMin >= 5)
        expect(row).toMatchObject({ title: "Keep it hot", from: readyOf(id), to: serveAt });
      else expect(row).toBeUndefined();
    }
    expect(day.pots.get("braise")?.keepsHotMin).toBe(120);
  });

  test("keeps the oven it waits in: nothing hotter goes in meanwhile", () => {
    const dish = (id: string, ovenC: number) =>
      potOf("braise", {
        id,
        vesselId: id === "a" ? "casserole" : "tall",
        heat: { method: "oven", ovenId: "oven", ovenC, lid: "on", start: "cold" },
      });
    const asked = ask([dish("a", 150), dish("b", 180)], { meals: [meal(["a", "b"])] });
    const together = clockworkOf(asked, wall);
    // Both are in the oven to the end, at degrees that do not go together.
    expect(together.clashes.length + together.schedule.impossible.length).toBeGreaterThan(0);
  });

  test("a broth on the table goes there from the sieve, and not into the bath", () => {
    const titles = day.blocks.flatMap((b) => b.steps.map((s) => s.title));
    expect(titles.some((t) => /strain the/i.test(t))).toBe(true);
    expect(titles).not.toContain("Into the cold");
    expect(day.blocks.some((b) => b.id.endsWith("/portion"))).toBe(false);
  });
});

describe("what cannot be", () => {
  const clash = ask(
    [potOf("braise", { vesselId: "casserole" }), potOf("stew", { vesselId: "casserole" })],
    { meals: [meal(["braise", "stew"])] },
  );
  const work = clockworkOf(clash, wall);
  const troubles = troublesOf(work, wall);

  test("is drawn all the same, and breaks where it clashes", () => {
    expect(work.schedule.placed.has("braise/fire")).toBe(true);
    expect(work.schedule.placed.has("stew/fire")).toBe(true);
    expect(work.broken.map((b) => b.what)).toContain("twoOnOne");
  });

  test("is said by the smallest set of wishes: the pot that both want, and nothing else", () => {
    expect(troubles[0]?.wishes).toEqual([{ kind: "one", key: "vessel casserole" }]);
    const said = troubleAnswers(troubles, work, wall)[0];
    expect(said?.wishes[0]).toBe("one pot at a time in the oval casserole");
  });

  test("each way out, really taken, brings all of it in time", () => {
    const remedies = troubles[0]?.remedies ?? [];
    expect(remedies.length).toBeGreaterThanOrEqual(2);
    // What takes least stands first, and a pot left out last.
    const late = remedies.map((r) => r.cost.lateMin);
    expect(late).toEqual([...late].sort((a, b) => a - b));
    const without = remedies.findIndex((r) => r.id.startsWith("without"));
    if (without >= 0)
      expect(remedies.slice(without).every((r) => r.id.startsWith("without"))).toBe(true);
    for (const remedy of remedies) {
      const after = clockworkOf(changed(clash, remedy.change), wall);
      expect(after.schedule.impossible, remedy.title).toEqual([]);
      expect([...after.schedule.lateMin], remedy.title).toEqual([]);
      expect(after.broken, remedy.title).toEqual([]);
    }
  });

  test("late for want of time says so, and the meal later is a way out", () => {
    const soon = new Date((NOW + 90) * 60_000).toISOString();
    const late = ask([potOf("braise")], { meals: [meal(["braise"], soon)] });
    const tight = clockworkOf(late, wall);
    const answer = clockAnswer(tight, wall);
    expect(answer.goals[0]?.lateMin).toBeGreaterThan(60);
    expect(answer.sentence).toMatch(/late/);
    const [trouble] = troublesOf(tight, wall);
    expect(trouble?.wishes.map((w) => w.kind)).toContain("now");
    expect(trouble?.remedies.some((r) => r.title.startsWith("Supper at"))).toBe(true);
  });

  test("a flame through the night has no place, and another heat or the day has", () => {
    const night = ask([potOf("boneBroth")], {
      loose: [loose("boneBroth", { onlyOvernight: true })],
    });
    const burns = clockworkOf(night, wall);
    const [trouble] = troublesOf(burns, wall);
    expect(trouble?.wishes.map((w) => w.kind)).toEqual(["sleep", "overnight"]);
    expect(trouble?.remedies.map((r) => r.title)).toContain(`${potOf("boneBroth").name} by day`);
  });
});

describe("the answer", () => {
  const work = clockworkOf(ask([potOf("braise")], { meals: [meal(["braise"])] }), wall);
  const answer = clockAnswer(work, wall);

  test("is plain: it passes between threads as it is", () => {
    expect(structuredClone(answer)).toEqual(answer);
  });

  test("rows stand in time, whose slow end is never before their end, each with a why", () => {
    answer.rows.forEach((row, i) => {
      expect(row.from).toBeGreaterThanOrEqual(answer.rows[i - 1]?.from ?? 0);
      expect(row.slowTo).toBeGreaterThanOrEqual(row.to);
      expect(row.why).not.toBe("");
      if (row.attention === "hands") expect(row.handId).toBe("you");
    });
  });

  test("begins with what to do first", () => {
    const first = answer.rows[0];
    expect(answer.sentence.toLowerCase()).toContain(first?.title.toLowerCase());
    // Also where it is only looked after, and is to be begun this minute.
    if (first === undefined) throw new Error("nothing to do");
    const near = [{ ...first, attention: "near" as const }, ...answer.rows.slice(1)];
    const asked = { ...work.asked, now: first.from };
    expect(clockSentence({ ...work, asked }, near, wall)).toMatch(/^Begin now: /);
    expect(clockSentence({ ...work, asked }, near, wall).toLowerCase()).toContain(
      first.title.toLowerCase(),
    );
  });
});

test("a plan that says when it shall be ready is on the clock, one that is past or on a table is not", () => {
  const plan = { ...potOf("boneBroth"), readyAt: SUPPER };
  const nowMs = NOW * 60_000;
  expect(withReadyTimes(clockOf({}), [plan], nowMs).loose).toMatchObject([
    { planId: "boneBroth", by: SUPPER },
  ]);
  expect(withReadyTimes(clockOf({}), [plan], nowMs + 3 * 86_400_000).loose).toEqual([]);
  expect(withReadyTimes(clockOf({ meals: [meal(["boneBroth"])] }), [plan], nowMs).loose).toEqual(
    [],
  );
});

test("a pot of a meal that is not planned any more is said", () => {
  const work = clockworkOf(ask([potOf("braise")], { meals: [meal(["braise", "gone"])] }), wall);
  expect(work.schedule.day.problems.get("gone")?.message).toContain("not planned any more");
  expect(work.schedule.placed.has("braise/fire")).toBe(true);
});

test("the day hangs on the task that may take longest over, and not on what comes last", () => {
  const answer = clockAnswer(
    clockworkOf(ask([potOf("braise")], { meals: [meal(["braise"])] }), wall),
    wall,
  );
  expect(answer.hangsOn).toBe("braise/hold");
});

test("every piece of a plan's work is in one block, and in no other", () => {
  const plan = potOf("braise");
  const ids = [...workInBlocks(resolve(plan, kitchen)).values()].flat().map((w) => w.id);
  expect([...ids].sort()).toEqual(
    workTasks(resolve(plan, kitchen))
      .map((t) => t.id)
      .sort(),
  );
});

test("a pot on the fire goes on from its forecast, and what it is wanted for is still said", () => {
  const plan = potOf("boneBroth");
  const batch: Batch = { schemaVersion: SCHEMA_VERSION, id: "b", createdMs: 0, plan, kitchen };
  const cook = fold(happened({ kind: "lit", atMs: (NOW - 120) * 60_000 }));
  const nowMs = NOW * 60_000;
  const running = runningOf(batch, cook, onFire(resolve(plan, kitchen), cook, nowMs), nowMs);
  if (running === null) throw new Error("it is on");
  const by = "2026-03-07T03:00:00+01:00";
  const asked = {
    ...ask([plan], { loose: [loose("boneBroth", { by, batchId: "b" })] }),
    running: [running],
  };
  const work = clockworkOf(asked, wall);
  const fire = work.schedule.placed.get("b/fire");
  expect(fire?.at).toBe(NOW);
  // Nothing of its plan is asked for a second time.
  expect([...work.schedule.placed.keys()]).toEqual(["b/fire"]);
  expect(clockAnswer(work, wall).goals[0]).toMatchObject({ id: "boneBroth", kind: "pot" });
});

test("a plan that cannot be cooked is said, and the others keep their places", () => {
  const wrong = potOf("stew", { id: "wrong", vesselId: "gone" });
  const work = clockworkOf(
    ask([potOf("braise"), wrong], { meals: [meal(["braise", "wrong"])] }),
    wall,
  );
  expect([...work.schedule.day.problems.keys()]).toEqual(["wrong"]);
  expect(work.schedule.placed.has("braise/fire")).toBe(true);
});

test("what is filled goes on, and raw meat does not lie about", () => {
  const day = dayOf(ask([potOf("braise")], { meals: [meal(["braise"])] }), wall);
  const placed = solve(day).placed;
  const endOf = (id: string) => {
    const p = placed.get(id);
    return p === undefined ? NaN : p.at + lengthMin(p.block);
  };
  const gap = (placed.get("braise/fire")?.at ?? NaN) - endOf("braise/fill");
  expect(gap).toBeLessThanOrEqual(20);
  const cut = day.blocks.find((b) => /goatShoulder.*:cut$/.test(b.id));
  const links = day.blocks.flatMap((b) => b.after.filter((l) => l.blockId === cut?.id));
  expect(links.length).toBeGreaterThan(0);
  for (const link of links) expect(link.mostMin).toBe(120);
});

test("a pot for no time is on as soon as there is room", () => {
  const work = clockworkOf(
    ask([potOf("vegetableStock")], { loose: [loose("vegetableStock")] }),
    wall,
  );
  const first = Math.min(...[...work.schedule.placed.values()].map((p) => p.at));
  expect(first).toBe(NOW);
  expect([...work.schedule.lateMin]).toEqual([]);
});

test("a length given by hand is what it takes", () => {
  fc.assert(
    fc.property(fc.integer({ min: 5, max: 200 }), (min) => {
      const given = { meals: [meal(["braise"])], lengths: [{ taskId: "braise/fill", min }] };
      const day = dayOf(ask([potOf("braise")], given), wall);
      const fill = day.blocks.find((b) => b.id === "braise/fill");
      expect(fill?.steps[0]?.minutes).toEqual({ p10: min, p50: min, p90: min });
    }),
    { numRuns: 5 },
  );
});

describe("a pot of several stretches on the clock", () => {
  const plan = potOf("braise", {
    heat: { method: "hob", vigour: "gentle", lid: "on", boilFirstMin: null },
    stop: { by: "time", holdMin: 60 },
    then: [
      {
        id: "in",
        heat: { method: "oven", ovenId: "oven", ovenC: 150, lid: "on", start: "hot" },
        stop: { by: "time", holdMin: 90 },
      },
      { id: "rest", heat: { method: "rest", lid: "on" }, stop: { by: "time", holdMin: 15 } },
    ],
  });

  test("stands on the ring, in the oven and beside it in turn, each as long as it takes", () => {
    const { blocks, fireId } = potBlocks(resolve(plan, kitchen));
    const fire = blocks.find((b) => b.id === fireId);
    const steps = (fire?.steps ?? []).map((s) => [
      s.title,
      s.isFlame,
      s.oven?.ovenC ?? null,
      Math.round(s.minutes.p50),
    ]);
    expect(steps.slice(1, 4)).toEqual([
      ["Simmers", true, null, 60],
      ["In the oven", false, 150, 90],
      ["Stands off the heat", false, null, 15],
    ]);
    // Nobody is wanted beside what stands off the heat; turning it is work of hands at its moment.
    expect(fire?.steps[3]?.attention).toBe("none");
    const turns = (fire?.meanwhile ?? []).filter((m) => m.task.id.includes("/turn:"));
    expect(turns.map((m) => [m.task.title, m.step])).toEqual([
      ["Into the oven", 2],
      ["Heat off, let it stand, lid on", 3],
    ]);
  });

  test("taking meat off its bones and straining have their minutes of hands", () => {
    const [meat, ...rest] = plan.items;
    const minutes = (more: object, isStrained: boolean) => {
      const then = plan.then.map((t, n) => (n === 0 && isStrained ? { ...t, isStrained } : t));
      const out = {
        when: { at: "stretch", stretchId: "in" },
        isBack: true,
        backAt: "rest",
        ...more,
      };
      const made = { ...plan, then, items: [{ ...meat!, out }, ...rest] } as Plan;
      const { blocks, fireId } = potBlocks(resolve(made, kitchen));
      const meanwhile = blocks.find((b) => b.id === fireId)?.meanwhile ?? [];
      const of = (part: string) =>
        meanwhile.find((m) => m.task.id.includes(part))?.task.minutes.p50;
      return { out: of(`/itemOut:${meat!.id}`), turn: of("/turn:in") };
    };
    expect(minutes({}, false)).toEqual({ out: 2, turn: 2 });
    expect(minutes({}, true).turn).toBe(10);
    // Four minutes, and eight a kilogram.
    expect(minutes({ boneShare: 0.2 }, false).out).toBeCloseTo(2 + 4 + 8 * meat!.massKg, 0);
  });
});

test("what is to stand overnight goes by the sleep of that night", () => {
  const given = (nights: object[]) => {
    const hands = [{ id: "you", name: "You", there: [], away: [], sleep: USUAL_SLEEP, nights }];
    const asked = ask([potOf("braise")], { meals: [meal(["braise"])] });
    return dayOf({ ...asked, kitchen: { ...kitchen, hands } as Kitchen }, wall).overnight(600);
  };
  // Friday's night: bed at half past midnight, up at half past nine.
  const late = given([{ weekdays: [5], from: "00:30", to: "09:30" }]);
  const minute = (iso: string) => minuteOf(Date.parse(iso));
  const [usual, other] = ["2026-03-06T22:00:00+01:00", "2026-03-07T00:30:00+01:00"].map(
    (iso) => minute(iso) + 1,
  );
  expect(given([]).map((s) => s.to)).toContain(usual);
  expect(late.map((s) => s.to)).toContain(other);
  expect(late.map((s) => s.to)).not.toContain(usual);
});

describe("the end of the heat", () => {
  const end = (plan: Plan) => {
    const { blocks, fireId } = potBlocks(resolve(plan, kitchen));
    const fire = blocks.find((b) => b.id === fireId);
    if (fire === undefined) throw new Error("not on");
    return timedTasks(fire).find((t) => t.task.id.endsWith("/offHeat"));
  };
  const stands = {
    id: "rest",
    heat: { method: "rest", lid: "on" },
    stop: { by: "time", holdMin: 15 },
  };
  const inOven = {
    id: "in",
    heat: { method: "oven", ovenId: "oven", ovenC: 150, lid: "on", start: "hot" },
    stop: { by: "time", holdMin: 90 },
  };
  const onRing: Partial<Plan> = {
    heat: { method: "hob", vigour: "gentle", lid: "on", boilFirstMin: null },
    stop: { by: "time", holdMin: 60 },
  };
  const withThen = (...then: object[]) =>
    potOf("braise", { ...onRing, then: then as Plan["then"] });

  test("of a dish is work of its own, by what it is on last; a sieve and what stands anyhow have none", () => {
    expect(end(withThen())?.task.title).toBe("Take it off the heat");
    expect(end(withThen(inOven))?.task.title).toBe("Turn the oven low, or take it out");
    expect(end(withThen(inOven, stands))).toBeUndefined();
    expect(end(potOf("boneBroth"))).toBeUndefined();
  });

  test("stands in the last minutes of it, on the plan and on the fire", () => {
    const plan = withThen(inOven);
    const { blocks, fireId } = potBlocks(resolve(plan, kitchen));
    const fire = blocks.find((b) => b.id === fireId);
    if (fire === undefined) throw new Error("not on");
    const endOf = (t: ReturnType<typeof end>) => (t === undefined ? NaN : t.off + t.min);
    const oven = timedTasks(fire).find((t) => t.task.title === "In the oven");
    expect(endOf(end(plan))).toBe(endOf(oven));
    const atMs = NOW * 60_000;
    const log = happened(
      { kind: "lit", atMs: atMs - 30 * 60_000 },
      { kind: "simmers", atMs: atMs - 10 * 60_000 },
    );
    const batch: Batch = { schemaVersion: SCHEMA_VERSION, id: "b", createdMs: 0, plan, kitchen };
    const cook = fold(log);
    const running = runningOf(batch, cook, onFire(resolve(plan, kitchen), cook, atMs), atMs);
    const [block] = running?.blocks ?? [];
    if (block === undefined) throw new Error("it is on");
    const tasks = timedTasks(block);
    const off = tasks.find((t) => t.task.id.endsWith("/offHeat"));
    // In the oven by then, an hour and a half after the ring.
    expect(off?.task.title).toBe("Take it out of the oven");
    expect(endOf(off)).toBe(lengthMin(block));
    expect(tasks.find((t) => t.task.id.includes("turn"))?.off).toBeCloseTo(50, -1);
  });

  test("is still asked for when it is due, and the clock says that as what comes next", () => {
    const plan = withThen();
    const log = happened(
      { kind: "lit", atMs: NOW * 60_000 - 90 * 60_000 },
      { kind: "simmers", atMs: NOW * 60_000 - 65 * 60_000 },
    );
    const batch: Batch = { schemaVersion: SCHEMA_VERSION, id: "b", createdMs: 0, plan, kitchen };
    const cook = fold(log);
    for (const now of [NOW - 7, NOW - 6, NOW - 5, NOW, NOW + 9]) {
      const pot = onFire(resolve(plan, kitchen), cook, now * 60_000);
      const running = runningOf(batch, cook, pot, now * 60_000);
      const tasks = running === null ? [] : running.blocks.flatMap((b) => timedTasks(b));
      expect(
        tasks.map((t) => t.task.title),
        `${now - NOW} min`,
      ).toContain("Take it off the heat");
    }
    const at = NOW - 30;
    const running = runningOf(
      batch,
      cook,
      onFire(resolve(plan, kitchen), cook, at * 60_000),
      at * 60_000,
    );
    const asked = ask([plan], { loose: [loose("braise", { by: SUPPER, batchId: "b" })] });
    const work = clockworkOf(
      { ...asked, running: running === null ? [] : [running], now: at },
      wall,
    );
    expect(clockAnswer(work, wall).sentence).toMatch(/^(Now: |Next, )/);
  });

  test("is not the end of it: what stands off the heat waits for its table, and is not cooked again", () => {
    const plan = withThen();
    const [meat, ...rest] = plan.items;
    const parsley = { ...meat!, id: "late", when: { at: "offHeat" } } as Plan["items"][number];
    const log = (more: object[] = []) =>
      fold(
        happened(
          { kind: "lit", atMs: NOW * 60_000 - 90 * 60_000 },
          { kind: "simmers", atMs: NOW * 60_000 - 65 * 60_000 },
          { kind: "offHeat", atMs: NOW * 60_000 - 60_000 },
          ...more,
        ),
      );
    const nowMs = NOW * 60_000;
    const left = (of: Plan, cook: ReturnType<typeof fold>) =>
      runningOf(
        { schemaVersion: SCHEMA_VERSION, id: "b", createdMs: 0, plan: of, kitchen },
        cook,
        onFire(resolve(of, kitchen), cook, nowMs),
        nowMs,
      );
    const titles = (of: Plan) =>
      left(of, log())?.blocks.flatMap((b) => timedTasks(b).map((t) => t.task.title));
    expect(titles(plan)).toEqual(["Stands ready"]);
    expect(titles({ ...plan, items: [meat!, ...rest, parsley] })).toHaveLength(1);
    expect(titles({ ...plan, items: [meat!, ...rest, parsley] })?.[0]).toMatch(/ in$/);
    const running = left(plan, log());
    const asked = {
      ...ask([plan], { meals: [meal(["braise"])] }),
      running: running === null ? [] : [running],
    };
    const work = clockworkOf(asked, wall);
    expect([...work.schedule.placed.keys()].sort()).toEqual(["b/fire", "supper/serve"]);
    expect(
      left(
        plan,
        log([
          {
            kind: "strained",
            atMs: nowMs,
            measured: { massKg: 2, passes: 1, clothPasses: 0, pressed: false },
          },
        ]),
      ),
    ).toBeNull();
  });

  test("at the stove is said by what it is on last too; what stands has stood", () => {
    const log = happened({ kind: "lit", atMs: 0 }, { kind: "simmers", atMs: 20 * 60_000 });
    const saidOf = (plan: Plan) =>
      onFire(resolve(plan, kitchen), fold(log), 30 * 60_000).actions.find(
        (a) => a.kind === "offHeat",
      )?.title;
    expect(saidOf(withThen())).toBe("Take it off the heat");
    expect(saidOf(withThen(inOven))).toBe("Take it out of the oven");
    expect(saidOf(withThen(inOven, stands))).toBe("It has stood");
  });
});
