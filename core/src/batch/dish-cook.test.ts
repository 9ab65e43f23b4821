import { resolve } from "../simulate/set-pot";
import { SCHEMA_VERSION } from "../simulate/schema-version";
import { describe, expect, test } from "vitest";
import { inWords } from "../units/said";
import { happened } from "../../test/events";
import { testKitchen, testPlan } from "../../test/kitchen";
import { answersFor } from "../because/answers";
import { sentenceText } from "../because/sentence";
import { CookEventSchema, type CookEvent } from "../events/event-schema";
import { fold } from "./fold";
import { forecastLive } from "./live-forecast";
import { actionsFor } from "./next-action";
import { livePlan } from "./live-plan";
import { unseenMin } from "./unseen";
import { planOfCook } from "./plan-of-cook";
import { PlanItemSchema } from "../simulate/plan-schema";

const kitchen = testKitchen();
const LIT = Date.parse("2026-03-18T08:00:00Z");
const MINUTE = 60_000;
const CUBE: [number, number, number] = [0.03, 0.03, 0.03];
const plan = testPlan({
  end: "served",
  serves: { people: 5, eachKg: 0.4 },
  items: [
    {
      id: "meat",
      ingredientId: "porkShoulder",
      massKg: 1.2,
      when: { at: "start" },
      piece: { kind: "brick", sizeM: CUBE },
      target: "jointToShred",
      out: { when: { at: "tender" }, isBack: true },
    },
    {
      id: "carrot",
      ingredientId: "carrot",
      massKg: 0.3,
      when: { at: "whenTender", itemId: "meat" },
    },
    {
      id: "bay",
      ingredientId: "bayLeaf",
      massKg: 0.0006,
      when: { at: "start" },
      counted: { count: 2, word: "leaf", eachKg: 0.0003 },
    },
  ],
  heat: { method: "hob", vigour: "steady", lid: "on", boilFirstMin: null },
  water: { by: "amount", volumeL: 1.2 },
  stop: { by: "time", holdMin: 330 },
});
const actions = (events: readonly CookEvent[], nowMs: number) => {
  const cook = fold(events);
  return actionsFor(
    resolve(plan, kitchen),
    cook,
    forecastLive(resolve(plan, kitchen), cook, nowMs),
    nowMs,
  );
};
const ON = [
  { kind: "lit", atMs: LIT },
  { kind: "simmers", atMs: LIT + 20 * MINUTE },
];
const OFF = { kind: "offHeat", atMs: LIT + 350 * MINUTE };

describe("cooking a dish", () => {
  test("meat is lifted out when it is tender, with the sign to look for, and what waits goes in then", () => {
    const next = actions(happened(...ON), LIT + 21 * MINUTE);
    const out = next.find((a) => a.kind === "lift");
    const carrot = next.find((a) => a.kind === "add");
    expect(out?.title).toBe("Pork shoulder out");
    expect(inWords(out?.lookFor ?? "", "metric")).toMatch(/falls apart/);
    expect(Math.abs((carrot?.atMs ?? 0) - (out?.atMs ?? 0))).toBeLessThan(3 * MINUTE);
    const done = actions(
      happened(...ON, { kind: "takenOut", itemId: "meat", atMs: LIT + 200 * MINUTE }),
      LIT + 201 * MINUTE,
    );
    expect(done.map((a) => a.kind)).not.toContain("lift");
  });

  test("out half an hour before the end is called by this pot's own end, and lies out in the forecast", () => {
    const [meat, ...rest] = plan.items;
    const timed = {
      ...plan,
      items: [
        { ...meat!, out: { when: { at: "beforeEnd" as const, min: 30 }, isBack: false } },
        ...rest,
      ],
    };
    const at = (min: number) => {
      const now = LIT + min * MINUTE;
      const cook = fold(happened(...ON));
      const forecast = forecastLive(resolve(timed, kitchen), cook, now);
      return {
        forecast,
        out: actionsFor(resolve(timed, kitchen), cook, forecast, now).find(
          (a) => a.kind === "lift",
        ),
      };
    };
    for (const min of [21, 200, 310]) {
      const { forecast, out } = at(min);
      expect(out?.atMs, `${min} min`).toBe(forecast.endMs.expected - 30 * MINUTE);
    }
    const { course } = at(21).forecast;
    const mark = course.marks.find((m) => m.kind === "itemOut");
    expect((mark?.tMin ?? 0) - course.toSimmerMin).toBeCloseTo(300, 0);
  });

  test("off the heat it goes back in, then it is served with the leaves counted out", () => {
    const lifted = { kind: "takenOut", itemId: "meat", atMs: LIT + 200 * MINUTE };
    const off = actions(happened(...ON, lifted, OFF), LIT + 351 * MINUTE);
    expect(off.map((a) => a.title)).toEqual(["Pork shoulder back in", "Serve it"]);
    expect(inWords(off[1]?.lookFor ?? "", "metric")).toMatch(/2 bay leaves/);
    const back = { kind: "putBack", itemId: "meat", atMs: LIT + 352 * MINUTE };
    expect(
      actions(happened(...ON, lifted, OFF, back), LIT + 353 * MINUTE).map((a) => a.title),
    ).toEqual(["Serve it"]);
  });

  test("served by weight: all of it, and its liquid apart", () => {
    const measured = { massKg: 0.9, servedKg: 2.1, passes: 1, clothPasses: 0, pressed: false };
    const { result } = fold(
      happened(...ON, OFF, { kind: "strained", measured, atMs: OFF.atMs + MINUTE }),
    );
    expect(result?.servedKg).toBe(2.1);
    expect(result?.strainedL).toBeCloseTo(0.9, 2);
  });

  test("the sentence counts portions and says how thick", () => {
    const answers = answersFor(resolve(plan, kitchen), () => 12);
    if (!answers.ok) throw answers.problem;
    expect(sentenceText(resolve(plan, kitchen), answers.value, "metric")).toMatch(
      /about \d portions of 400 g \(\d+–\d+\), the liquid like broth\.$/,
    );
  });
});

test("what was really done becomes a plan: amounts, water, heat, time, notes", () => {
  const cook = fold(
    happened(
      ...ON,
      { kind: "added", itemId: "carrot", massKg: 0.45, atMs: LIT + 100 * MINUTE },
      { kind: "toppedUp", volumeL: 0.5, atMs: LIT + 120 * MINUTE },
      { kind: "heatSet", vigour: "bare", lid: "ajar", atMs: LIT + 130 * MINUTE },
      { kind: "noted", text: "More carrot was right.", atMs: LIT + 140 * MINUTE },
      OFF,
    ),
  );
  const next = planOfCook(resolve(plan, kitchen), cook, "again");
  expect(next.id).toBe("again");
  expect(next.items.find((i) => i.id === "carrot")?.massKg).toBe(0.45);
  expect(next.water).toMatchObject({ by: "amount" });
  expect(next.water.by === "amount" ? next.water.volumeL : 0).toBeCloseTo(1.7, 6);
  // Turned in the middle: as many stretches as it had, together as long as it held.
  expect(next.heat).toEqual(plan.heat);
  expect(next.then.map((s) => s.heat)).toMatchObject([{ vigour: "bare", lid: "ajar" }]);
  const mins = [next.stop, ...next.then.map((s) => s.stop)].map((s) =>
    s.by === "time" ? s.holdMin : NaN,
  );
  expect(mins).toEqual([110, 220]);
  expect(next.note).toBe("More carrot was right.");
});

describe("what was not planned", () => {
  const CELERY = PlanItemSchema.parse({
    id: "celery",
    ingredientId: "celery",
    massKg: 0.2,
    when: { at: "after", min: 0 },
  });
  const swap = { kind: "swapped", itemId: "carrot", ingredientId: "parsnip", massKg: 0.25 };

  test("something else instead, something beside: the plan that is cooked has both", () => {
    const cook = fold(
      happened(
        ...ON,
        { ...swap, atMs: LIT + 30 * MINUTE },
        { kind: "extra", item: CELERY, atMs: LIT + 40 * MINUTE },
      ),
    );
    const live = livePlan(plan, cook);
    expect(live.items.find((i) => i.id === "carrot")).toMatchObject({
      ingredientId: "parsnip",
      massKg: 0.25,
      when: { at: "whenTender" },
    });
    expect(live.items.at(-1)?.id).toBe("celery");
    expect(livePlan(plan, fold(happened(...ON)))).toBe(plan);
  });

  test("the simulation follows: what was added beside lets its liquid go from when it went in", () => {
    const events = happened(
      ...ON,
      { kind: "extra", item: { ...CELERY, massKg: 1 }, atMs: LIT + 100 * MINUTE },
      { kind: "added", itemId: "celery", massKg: 1, atMs: LIT + 100 * MINUTE },
    );
    const cook = fold(events);
    const now = LIT + 290 * MINUTE;
    const beside = forecastLive(resolve(livePlan(plan, cook), kitchen), cook, now).nowL.expected;
    const without = forecastLive(resolve(plan, kitchen), fold(happened(...ON)), now).nowL.expected;
    expect(beside).toBeGreaterThan(without + 0.08);
    const undone = fold([
      ...events,
      CookEventSchema.parse({
        kind: "undo",
        eventId: "e2",
        id: "u",
        batchId: "b",
        schemaVersion: SCHEMA_VERSION,
        atMs: now,
      }),
    ]);
    expect(livePlan(plan, undone)).toBe(plan);
  });
});

describe("a round that is let go", () => {
  const now = LIT + 290 * MINUTE;
  const round = (kind: string, ...more: object[]) =>
    actions(happened(...ON, ...more), now).find((a) => a.kind === kind);
  const passed = (what: string) => ({ kind: "letGo", round: what, atMs: now });

  test.each(["stir", "look", "check"])("%s comes again in its time, and was not done", (kind) => {
    const due = round(kind);
    expect(due?.leave?.writes).toEqual([{ kind: "letGo", round: kind }]);
    const next = round(kind, passed(kind));
    expect(next?.atMs).toBeGreaterThan(Math.max(now, (due?.atMs ?? Infinity) - 1));
    const { skimmedMs, stirredMs, readings, checks } = fold(happened(...ON, passed(kind)));
    expect({ skimmedMs, stirredMs, readings, checks }).toEqual({
      skimmedMs: null,
      stirredMs: null,
      readings: [],
      checks: [],
    });
  });

  test("the level is asked for minute by minute only where it says when to stop", () => {
    /** How far apart looks are asked for, each let go as it comes, min. */
    const gapsMin = (stop: typeof plan.stop): readonly number[] => {
      const stopped = { ...plan, stop };
      const at = [now];
      for (let i = 0; i < 14; i++) {
        const last = at.at(-1) ?? now;
        const passedBy = at.slice(1).map((atMs) => ({ kind: "letGo", round: "look", atMs }));
        const cook = fold(happened(...ON, ...passedBy));
        const live = forecastLive(resolve(stopped, kitchen), cook, last);
        const look = actionsFor(resolve(stopped, kitchen), cook, live, last).find(
          (a) => a.kind === "look",
        );
        if (look === undefined) break;
        at.push(Math.round(Math.max(last, look.atMs)));
      }
      return at.slice(2).map((ms, i) => (ms - (at[i + 1] ?? ms)) / MINUTE);
    };
    expect(Math.min(...gapsMin({ by: "time", holdMin: 330 }))).toBeGreaterThanOrEqual(15);
    expect(Math.min(...gapsMin({ by: "liquid", liquidL: 1 }))).toBeLessThan(15);
  });

  test("somebody who lets it go has not been at the pot", () => {
    const seen = (...more: object[]) => unseenMin(fold(happened(...ON, ...more)), now);
    expect(seen(passed("look"))).toBeCloseTo(seen(), 6);
    expect(seen({ kind: "stirred", atMs: now })).toBeCloseTo(0, 6);
  });
});
