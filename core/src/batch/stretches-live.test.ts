import { resolve } from "../simulate/set-pot";
import { SCHEMA_VERSION } from "../simulate/schema-version";
import { describe, expect, test } from "vitest";
import { happened } from "../../test/events";
import { HEATS, testBraise, testKitchen, VESSEL_OF } from "../../test/kitchen";
import { byTime, gravyBraise, hob } from "../../test/stretches";
import { codeOf, holdingLineC } from "../cool/codes";
import { runningOf } from "../clock/running";
import { EXPECTED } from "../simulate/parameters";
import { PlanSchema, type Plan } from "../simulate/plan-schema";
import { inWords } from "../units/said";
import { HiddenPot } from "../instruments/hidden-pot";
import { flowOf } from "./flow";
import { fold } from "./fold";
import { forecastLive } from "./live-forecast";
import { ladledOutL } from "./ladled-out";
import { liveCautions } from "./live-cautions";
import { actionsFor } from "./next-action";
import { onFire } from "./on-fire";
import { planOfCook } from "./plan-of-cook";
import { begunStretches, planNow } from "./stretch-now";

const kitchen = testKitchen();
const LIT = Date.parse("2026-03-18T08:00:00Z");
const MINUTE = 60_000;
const at = (min: number) => LIT + min * MINUTE;
const LIT_EVENT = { kind: "lit", atMs: LIT };
const SIMMERS = { kind: "simmers", atMs: at(20) };
const turn = (stretchId: string, min: number, more: object = {}) => ({
  kind: "heatSet",
  vigour: "rolling",
  lid: "off",
  stretchId,
  atMs: at(min),
  ...more,
});
const live = (plan: Plan, events: readonly object[], nowMin: number) => {
  const cook = fold(happened(LIT_EVENT, SIMMERS, ...events));
  const forecast = forecastLive(resolve(plan, kitchen), cook, at(nowMin));
  return {
    cook,
    forecast,
    actions: actionsFor(resolve(plan, kitchen), cook, forecast, at(nowMin)),
  };
};
const minOf = (ms: number | undefined) => ((ms ?? NaN) - LIT) / MINUTE;

describe("a pot of several stretches on the fire", () => {
  const plan = gravyBraise();

  test("before: each has its end, as planned, and the next is told with what moves", () => {
    const { forecast, actions } = live(plan, [], 60);
    expect(forecast.stretchIndex).toBe(0);
    expect(forecast.stretchEndsMs).toHaveLength(3);
    expect(minOf(forecast.stretchEndsMs[0]?.expected)).toBeCloseTo(140, 0);
    const plannedMin = forecast.planned.stretches.map((s) => s.toMin - s.fromMin);
    const ends = forecast.stretchEndsMs.map((s) => minOf(s.expected));
    expect((ends[1] ?? 0) - (ends[0] ?? 0)).toBeCloseTo(plannedMin[1] ?? 0, -1);
    expect((ends[2] ?? 0) - (ends[1] ?? 0)).toBeCloseTo(10, 1);
    expect(forecast.endMs.expected).toBe(forecast.stretchEndsMs[2]?.expected);
    const turns = actions.filter((a) => a.kind === "turn");
    expect(turns.map((a) => a.title)).toEqual(["Rolling boil, lid off", "Gentle simmer, lid on"]);
    expect(turns.map((a) => a.itemIds)).toEqual([["goat"], ["goat", "herb"]]);
    expect(inWords(turns[0]?.lookFor ?? "", "metric")).toMatch(
      /Goat shoulder out; keep it covered/,
    );
    expect(inWords(turns[1]?.lookFor ?? "", "metric")).toMatch(/back in\. Parsley in\./);
  });

  test("begun late, all after it is later; a level there says when it is down", () => {
    const early = live(plan, [turn("sauce", 140)], 145).forecast;
    const late = live(plan, [turn("sauce", 160)], 165).forecast;
    const movedMin = (late.endMs.expected - early.endMs.expected) / MINUTE;
    expect(movedMin).toBeGreaterThan(15);
    expect(movedMin).toBeLessThan(24);
    expect(late.stretchIndex).toBe(1);
    expect(late.moved.because.at(-1)?.what).toBe("stretches");
    const slow = live(
      plan,
      [
        turn("sauce", 140),
        { kind: "read", reading: { form: "volume", value: 1.75 }, atMs: at(155) },
      ],
      156,
    ).forecast;
    expect(slow.endMs.expected).toBeGreaterThan(early.endMs.expected + 2 * MINUTE);
  });

  test("what comes round goes by the heat it is on, and the last is taken off as that one is", () => {
    const inOven = gravyBraise({
      items: testBraise().items,
      then: [{ id: "oven", heat: { ...HEATS.oven }, stop: byTime(60) }],
    });
    const { actions } = live(inOven, [turn("oven", 140, { ovenC: 150, lid: "on" })], 150);
    expect(actions.map((a) => a.title)).toContain("Take it out of the oven");
    expect(actions.some((a) => a.kind === "stir")).toBe(false);
    expect(live(inOven, [], 60).actions.some((a) => a.kind === "stir")).toBe(true);
  });

  test("begun without a word of the meat: it is still in, and told to be lifted", () => {
    const { actions, forecast } = live(plan, [turn("sauce", 140)], 150);
    expect(actions.find((a) => a.kind === "lift")?.itemIds).toEqual(["goat"]);
    const lifted = live(
      plan,
      [turn("sauce", 140), { kind: "takenOut", itemId: "goat", atMs: at(140) }],
      150,
    );
    expect(lifted.actions.some((a) => a.kind === "lift")).toBe(false);
    expect(lifted.forecast.cookMin).toBeLessThan(forecast.cookMin - 3);
  });

  test("not turned yet it is as it is now, however long it is over its time", () => {
    const { forecast } = live(plan, [{ kind: "stirred", atMs: at(180) }], 180);
    // The meat is in and the lid on: nothing of the boiling down to come is in the pot.
    expect(forecast.nowC).toBeCloseTo(forecast.planned.holdC, 1);
    const before = live(plan, [], 139).forecast;
    expect(forecast.nowDepthM).toBeGreaterThan(before.nowDepthM * 0.95);
    expect(forecast.cookMin).toBeGreaterThan(before.cookMin + 10);
    expect(minOf(forecast.stretchEndsMs[0]?.expected)).toBeCloseTo(140, 0);
  });

  test("forgotten, it is over the time of its own stretch: heat off before anything is turned", () => {
    const { cook, forecast, actions } = live(plan, [], 560);
    expect(actions[0]).toMatchObject({ kind: "turn", id: "turn:sauce" });
    expect(inWords(actions[0]?.lookFor ?? "", "metric")).toMatch(/over its time\. Heat off first/);
    const told = liveCautions({ plan, kitchen, cook, forecast, nowMs: at(560) });
    const unseen = told.find((c) => c.id === "unseen");
    expect(unseen?.severity).toBe("danger");
    expect(inWords(unseen?.text ?? "", "metric")).toMatch(/should have been turned 7 h/);
  });

  test("by what it is over stands at the stove, where that is no time", () => {
    const look = (kind: string, of: Plan, nowMin: number, events: object[] = []) =>
      live(of, events, nowMin)
        .actions.filter((a) => a.kind === kind)
        .map((a) => inWords(a.lookFor, "metric"));
    expect(look("turn", plan, 60)[1]).toMatch(/^Once it is down to 800 mL\. /);
    const half = gravyBraise({
      then: [
        { id: "sauce", heat: hob("rolling", "off"), stop: { by: "share", share: 0.5 } },
        { id: "warm", heat: hob("gentle", "on"), stop: { by: "depth", depthM: 0.02 } },
      ],
    });
    expect(look("turn", half, 60)[1]).toMatch(/^Once 50 % of it is left, about .* m?L\. /);
    expect(look("offHeat", half, 60)[0]).toMatch(/^Once it is 2 cm deep\. /);
  });

  test("a power cut is what moved it, and not how it was set", () => {
    const cut = {
      kind: "interrupted",
      why: "powerCut",
      fromMs: at(50),
      untilMs: at(80),
      atMs: at(80),
    };
    const { because } = live(plan, [cut], 90).forecast.moved;
    expect(because.find((b) => b.what === "noHeat")?.min).toBeCloseTo(30, 0);
  });

  test("what was to go back with a stretch that was passed over is told", () => {
    const events = [
      turn("sauce", 140),
      { kind: "takenOut", itemId: "goat", atMs: at(140) },
      turn("warm", 170, { vigour: "gentle", lid: "on" }),
    ];
    const back = (more: object[]) =>
      live(plan, [...events, ...more], 172).actions.filter((a) => a.kind === "putBack");
    expect(back([]).map((a) => a.itemIds)).toEqual([["goat"]]);
    expect(back([{ kind: "putBack", itemId: "goat", atMs: at(171) }])).toEqual([]);
  });

  test("one that is passed over began with the next; taken off early nothing more is to come", () => {
    const cook = fold(happened(LIT_EVENT, SIMMERS, turn("warm", 150)));
    expect(begunStretches(plan, cook)).toEqual([at(150), at(150)]);
    expect(planNow(plan, cook).heat).toMatchObject({ vigour: "gentle", lid: "on" });
    const off = live(plan, [{ kind: "offHeat", atMs: at(100) }], 110);
    expect(off.forecast.stretchEndsMs).toHaveLength(1);
    expect(off.actions.some((a) => a.kind === "turn")).toBe(false);
    expect(minOf(off.forecast.endMs.expected)).toBeCloseTo(100, 3);
  });

  test("a turn by hand lasts as long as its stretch", () => {
    const turned = { kind: "heatSet", vigour: "rolling", lid: "off", atMs: at(60) };
    const both = live(plan, [turned, turn("sauce", 90), turn("warm", 100)], 130).forecast;
    const course = both.course.points.findLast((p) => p.tMin <= 125);
    expect(course?.liquidC).toBeLessThan(both.planned.boilingC - 1);
  });

  test("the true pot goes the same way as the forecast where nothing about it is hidden", () => {
    const events = [turn("sauce", 150), { kind: "takenOut", itemId: "goat", atMs: at(150) }];
    const cook = fold(happened(LIT_EVENT, { ...SIMMERS, atMs: at(18) }, ...events));
    const hidden = new HiddenPot(resolve(plan, kitchen), 7, EXPECTED);
    const trace = hidden.traceAt(cook, at(165));
    const truth = hidden.truthAt(trace, cook, at(165));
    const forecast = forecastLive(resolve(plan, kitchen), cook, at(165));
    expect(forecast.nowDepthM).toBeCloseTo(truth.depthM, 2);
    expect(truth.liquidC).toBeCloseTo(trace.boilingC, 0);
  });

  test("on the clock: what is left of it stands on what it stands on", () => {
    const inOven = gravyBraise({
      items: testBraise().items,
      then: [{ id: "oven", heat: { ...HEATS.oven }, stop: byTime(60) }],
    });
    const cook = fold(happened(LIT_EVENT, SIMMERS));
    const batch = { schemaVersion: SCHEMA_VERSION, id: "b", createdMs: LIT, plan: inOven, kitchen };
    const pot = onFire(resolve(inOven, kitchen), cook, at(80));
    const steps = runningOf(batch, cook, pot, at(80))?.blocks[0]?.steps ?? [];
    expect(steps.map((s) => [s.title, s.ringIds.length, s.minutes.p50])).toEqual([
      ["Simmers", 1, 60],
      ["In the oven", 0, 60],
    ]);
  });
});

describe("pressure, then open", () => {
  const plan = testBraise({
    heat: HEATS.pressure,
    vesselId: VESSEL_OF.pressure,
    stop: byTime(25),
    end: "served",
    then: [{ id: "open", heat: hob("gentle", "off"), stop: byTime(30) }],
  });

  test("the lid comes off only as it is down; held until then where it is known", () => {
    const { actions, forecast } = live(plan, [], 30);
    const next = actions.find((a) => a.kind === "turn");
    expect(minOf(next?.atMs)).toBeCloseTo(45, 0);
    expect(inWords(next?.lookFor ?? "", "metric")).toMatch(/until the indicator drops by itself/);
    const downMin =
      (forecast.planned.stretches[1]?.fromMin ?? 0) - (forecast.planned.stretches[0]?.toMin ?? 0);
    expect((forecast.endMs.expected - (next?.atMs ?? 0)) / MINUTE).toBeCloseTo(30 + downMin, 0);
    const late = {
      ...plan,
      items: [
        ...plan.items,
        {
          ...plan.items[0]!,
          id: "carrot",
          ingredientId: "carrot",
          massKg: 0.3,
          when: { at: "beforeEnd" as const, min: 20 },
        },
      ],
    };
    for (const nowMin of [30, 70]) {
      const events = nowMin > 62 ? [turn("open", 62, { vigour: "gentle" })] : [];
      const { course, endMs } = live(late, events, nowMin).forecast;
      const carrot = course.marks.find((m) => m.kind === "itemIn" && m.itemId === "carrot");
      expect(minOf(endMs.expected) - (carrot?.tMin ?? 0)).toBeCloseTo(20, -0.7);
    }
    const opened = live(plan, [turn("open", 62, { vigour: "gentle" })], 65).forecast;
    expect(opened.course.stretches[1]?.fromMin).toBeCloseTo(62, 0);
    expect(minOf(opened.endMs.expected)).toBeCloseTo(92, 0);
  });
});

describe("standing off the heat", () => {
  const plan = testBraise({
    then: [{ id: "rest", heat: { method: "rest", lid: "off" }, stop: byTime(240) }],
  });
  const oven = { kind: "simmers", atMs: at(20) };

  test("nothing is stirred, skimmed or dipped as it stands", () => {
    const { actions } = live(plan, [turn("rest", 185, { vigour: "bare" })], 200);
    expect(actions.map((a) => a.kind)).toEqual(["offHeat"]);
  });

  test("under the line it is told, and after two hours thrown away", () => {
    const told = (nowMin: number) => {
      const cook = fold(happened(LIT_EVENT, oven, turn("rest", 185, { vigour: "bare" })));
      const forecast = forecastLive(resolve(plan, kitchen), cook, at(nowMin));
      return liveCautions({ plan, kitchen, cook, forecast, nowMs: at(nowMin) })
        .filter((c) => c.id === "restCool")
        .map((c) => c.severity);
    };
    expect(told(190)).toEqual([]);
    // From the first minutes under it on.
    const lineC = holdingLineC(codeOf(kitchen));
    const cook = fold(happened(LIT_EVENT, oven, turn("rest", 185, { vigour: "bare" })));
    let min = 190;
    while (forecastLive(resolve(plan, kitchen), cook, at(min)).nowC >= lineC) min += 2;
    expect(told(min - 4)).toEqual([]);
    expect(told(min)).toEqual(["caution"]);
    expect(told(320)).toEqual(["caution"]);
    expect(told(430)).toEqual(["danger"]);
  });
});

describe("planned again as it went", () => {
  const off = { kind: "offHeat", atMs: at(200) };

  test("each stretch with its real minutes, and it is a plan that can be kept", () => {
    const cook = fold(happened(LIT_EVENT, SIMMERS, turn("sauce", 150), turn("warm", 185), off));
    const next = planOfCook(resolve(gravyBraise(), kitchen), cook, "again");
    expect([next.stop, ...next.then.map((s) => s.stop)]).toEqual([
      byTime(130),
      byTime(35),
      byTime(15),
    ]);
    expect(next.then.map((s) => s.id)).toEqual(["sauce", "warm"]);
    expect(PlanSchema.safeParse(next).success).toBe(true);
  });

  test("what was set for a minute on the way to something else is no stretch", () => {
    const set = (vigour: string, min: number) => ({
      kind: "heatSet",
      vigour,
      lid: "off",
      atMs: at(min),
    });
    const cook = fold(happened(LIT_EVENT, SIMMERS, set("rolling", 100), set("bare", 101), off));
    const next = planOfCook(
      resolve(testBraise({ heat: hob("gentle", "on") }), kitchen),
      cook,
      "again",
    );
    expect(next.then.map((s) => [s.heat, s.stop])).toEqual([[hob("bare", "off"), byTime(100)]]);
  });

  test("one that never came is gone, and what moved with it moves with the next", () => {
    const cook = fold(happened(LIT_EVENT, SIMMERS, turn("sauce", 150), off));
    const next = planOfCook(resolve(gravyBraise(), kitchen), cook, "again");
    expect(next.then.map((s) => s.id)).toEqual(["sauce"]);
    expect(next.items.find((i) => i.id === "herb")?.when).toEqual({ at: "offHeat" });
    expect(next.items.find((i) => i.id === "goat")?.out).toEqual({
      when: { at: "stretch", stretchId: "sauce" },
      isBack: true,
    });
  });
});

describe("off its bones, and strained in between, at the stove", () => {
  const shanks = (out: object = {}): Plan =>
    gravyBraise({
      items: [
        {
          id: "shank",
          ingredientId: "lambShank",
          massKg: 1.6,
          when: { at: "start" },
          out: {
            when: { at: "stretch", stretchId: "sauce" },
            isBack: true,
            boneShare: 0.3,
            ...out,
          },
        },
      ],
    });
  const lookFor = (plan: Plan, kind: string, min = 60, events: readonly object[] = []) =>
    live(plan, events, min)
      .actions.filter((a) => a.kind === kind)
      .map((a) => inWords(a.lookFor, "metric"));

  test("how it is taken off them, about how much that is, and that it feels for splinters", () => {
    const [out] = lookFor(shanks({ backAt: "warm" }), "turn");
    expect(out).toMatch(
      /^Lamb shanks out\. Once cool enough to touch, take the meat of the lamb shanks/,
    );
    expect(out).toMatch(/about (6|7)\d\d g, 17 min\. Feel for splinters/);
    expect(out).not.toMatch(/keep it covered and hot/);
    const plan = shanks({ when: { at: "tender" } });
    expect(lookFor(plan, "lift")[0]).toMatch(
      /yields when bent.* take the meat of the lamb shanks off/,
    );
    const done = [
      { kind: "takenOut", itemId: "shank", atMs: at(140) },
      { kind: "offHeat", atMs: at(200) },
    ];
    expect(lookFor(plan, "putBack", 201, done)).toEqual([
      "Off its bones, bite by bite. Warm it through until it steams.",
    ]);
  });

  test("the sieve is told with what goes on after it, by two where the pot is heavy", () => {
    const plan = gravyBraise();
    const strained = {
      ...plan,
      then: plan.then.map((s, i) => (i === 0 ? { ...s, isStrained: true as const } : s)),
    };
    const turns = live(strained, [], 60).actions.filter((a) => a.kind === "turn");
    expect(turns.map((a) => a.title)).toEqual([
      "Strain it; rolling boil, lid off",
      "Gentle simmer, lid on",
    ]);
    const [first] = lookFor(strained, "turn");
    expect(first).toMatch(/^Heat off\. Pour it through the sieve/);
    expect(first).toMatch(/the solids stay out\. The liquid goes back/);
    expect(first).toMatch(/Goat shoulder out; keep it covered and hot/);
    expect(first).not.toMatch(/by the ladle first/);
    const heavy = {
      ...strained,
      vesselId: "tall",
      water: { by: "amount" as const, volumeL: 8 },
    };
    expect(lookFor(heavy, "turn")[0]).toMatch(
      /by the ladle first and the rest by two, away from you/,
    );
  });

  test("until so thick, and down to a temperature, it says by what it is over", () => {
    const flour = {
      id: "flour",
      ingredientId: "flour",
      massKg: 0.04,
      when: { at: "start" } as const,
    };
    const plan = gravyBraise({
      items: [{ ...gravyBraise().items[0]!, out: undefined }, flour],
      then: [
        { ...gravyBraise().then[0]!, stop: { by: "thick", flourGL: 60 } },
        {
          id: "stand",
          heat: { method: "rest", lid: "on" },
          stop: { by: "temperature", tempC: 65 },
        },
        { id: "warm", heat: hob("gentle", "on"), stop: { by: "temperature", tempC: 80 } },
      ],
    });
    const { actions, forecast } = live(plan, [], 60);
    const said = actions
      .filter((a) => a.kind === "turn" || a.kind === "offHeat")
      .map((a) => inWords(a.lookFor, "metric"));
    expect(said[1]).toMatch(/^Once it is like stew gravy\. /);
    expect(said[2]).toMatch(/^Once it is down to 65 °C\. /);
    expect(said[3]).toMatch(/^Once the middle is at 80 °C\. /);
    const ends = forecast.stretchEndsMs.map((s) => s.expected);
    expect(ends.every((ms, i) => i === 0 || ms >= (ends[i - 1] ?? 0))).toBe(true);
    // By its level it is ranged: by its binding it is down to 40 g over 60 g/L.
    expect(forecast.stretchEndsMs[1]?.high).toBeGreaterThan(forecast.stretchEndsMs[1]?.low ?? NaN);
  });

  test("a sieve passed over is still to come, with what it holds back", () => {
    const [meat] = gravyBraise().items;
    const plan = gravyBraise({
      items: [{ ...meat!, out: undefined }],
      then: gravyBraise().then.map((s, i) => (i === 0 ? { ...s, isStrained: true } : s)),
    });
    expect(lookFor(plan, "lift", 150, [turn("sauce", 140)])).toEqual([
      expect.stringMatching(/Through the sieve; it stays out\.$/),
    ]);
    // Nobody said that it was strained: it is reckoned with all that is in it.
    const outMin = (events: readonly object[]) =>
      live(plan, events, 150).forecast.course.items[0]?.outMin ?? null;
    expect(outMin([turn("sauce", 140)])).toBeNull();
    const said = { kind: "takenOut", itemId: meat!.id, atMs: at(140) };
    expect(outMin([said, turn("sauce", 140)])).toBeCloseTo(140, 0);
    const went = planOfCook(
      resolve(plan, kitchen),
      fold(happened(LIT_EVENT, SIMMERS, turn("sauce", 140), { kind: "offHeat", atMs: at(200) })),
      "again",
    );
    expect(went.then[0]?.isStrained).toBe(true);
  });
});

test("where every litre goes: what stays on bones that are out, and what is lifted out for good, is told", () => {
  const shanks = (out: object): Plan =>
    gravyBraise({
      items: [
        {
          id: "shank",
          ingredientId: "lambShank",
          massKg: 1.6,
          when: { at: "start" },
          out: { when: { at: "stretch", stretchId: "sauce" }, isBack: true, ...out },
        },
      ],
    });
  const flow = (plan: Plan) => {
    const parts = flowOf(resolve(plan, kitchen), fold([]));
    const sum = (side: "in" | "out") =>
      parts.filter((p) => p.side === side).reduce((all, p) => all + p.plannedL, 0);
    return { parts: parts.map((p) => p.id), in: sum("in"), out: sum("out") };
  };
  for (const out of [{ backAt: "warm" }, { backAt: "warm", boneShare: 0.3 }, { isBack: false }]) {
    const went = flow(shanks(out));
    expect(Math.abs(went.in - went.out) / went.in).toBeLessThan(0.01);
  }
  expect(flow(shanks({ backAt: "warm", boneShare: 0.3 })).parts).toContain("out");
  expect(flow(shanks({ isBack: false })).parts).toContain("bones");
});

describe("out of the pot to go back in", () => {
  const plan = gravyBraise();
  const out = { kind: "takenOut", itemId: "goat", atMs: at(140) };
  const said = (min: number, ...events: readonly object[]) => {
    const cook = fold(happened(LIT_EVENT, SIMMERS, ...events));
    const forecast = forecastLive(resolve(plan, kitchen), cook, at(min));
    return liveCautions({ plan, kitchen, cook, forecast, nowMs: at(min) }).find(
      (c) => c.id === "keptOut",
    );
  };

  test("after an hour it is told, after two it is thrown away unless it was kept hot", () => {
    expect(said(199, out, turn("sauce", 140))).toBeUndefined();
    const soon = said(205, out, turn("sauce", 140));
    expect(soon).toMatchObject({ severity: "caution", sinceMs: at(200) });
    const late = said(261, out, turn("sauce", 140));
    expect(late).toMatchObject({ severity: "danger", whose: codeOf(kitchen).whose });
    expect(inWords(late?.text ?? "", "metric")).toMatch(
      /^Goat shoulder out for 2 h 01\. Throw it away, unless a thermometer shows that it stayed over \d\d °C/,
    );
    expect(inWords(late?.text ?? "", "us")).toMatch(/over 1\d\d °F/);
  });

  test("back in, or out for good, nothing is told", () => {
    const back = { kind: "putBack", itemId: "goat", atMs: at(170) };
    expect(said(300, out, turn("sauce", 140), back)).toBeUndefined();
    const [meat] = plan.items;
    const gone = { ...plan, items: [{ ...meat!, out: { ...meat!.out!, isBack: false } }] };
    const cook = fold(happened(LIT_EVENT, SIMMERS, out, turn("sauce", 140)));
    const forecast = forecastLive(resolve(gone, kitchen), cook, at(300));
    const ids = liveCautions({ plan: gone, kitchen, cook, forecast, nowMs: at(300) }).map(
      (c) => c.id,
    );
    expect(ids).not.toContain("keptOut");
  });
});

test("litres that are out and not back yet, water poured in left out", () => {
  const pours = (...of: readonly [number, boolean][]) =>
    of.map(([volumeL, isBack]) => ({ atMs: 0, volumeL, isBack }));
  expect(ladledOutL({ pours: pours([-1.2, false], [0.5, false], [0.4, true]) })).toBeCloseTo(
    0.8,
    9,
  );
  expect(ladledOutL({ pours: pours([-0.4, false], [0.9, true]) })).toBe(0);
});
