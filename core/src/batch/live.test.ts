import { resolve } from "../simulate/set-pot";
import { describe, expect, test } from "vitest";
import { inWords } from "../units/said";
import { happened } from "../../test/events";
import { HEATS, testBraise, testKitchen, testPlan, VESSEL_OF } from "../../test/kitchen";
import { metric } from "../../test/metric";
import type { Plan } from "../simulate/plan-schema";
import { callOf, onCounter, whereIs } from "./counter";
import { fold } from "./fold";
import { liveCautions } from "./live-cautions";
import { forecastLive } from "./live-forecast";
import { livePlan } from "./live-plan";
import { actionsFor } from "./next-action";
import { stirEveryMin } from "./rounds";

const kitchen = testKitchen();
const LIT = Date.parse("2026-03-18T08:00:00Z");
const MIN = 60_000;
const at = (min: number) => Math.round(LIT + min * MIN);
const stock = testPlan({
  heat: { method: "hob", vigour: "gentle", lid: "ajar", boilFirstMin: 5 },
});
const lit = { kind: "lit", atMs: LIT };
const stew = testBraise({
  end: "served",
  heat: HEATS.hob,
  water: { by: "amount", volumeL: 1.4 },
  stop: { by: "tender" },
});
const look = (plan: Plan, events: readonly object[], min: number) => {
  const cook = fold(happened(...events));
  const forecast = forecastLive(resolve(livePlan(plan, cook), kitchen), cook, at(min));
  const facts = { plan: livePlan(plan, cook), kitchen, cook, forecast, nowMs: at(min) };
  return {
    cook,
    forecast,
    actions: actionsFor(resolve(facts.plan, kitchen), cook, forecast, at(min)),
    cautions: liveCautions(facts),
  };
};
const promisedMin = (plan: Plan) => {
  const { planned } = look(plan, [], 0).forecast;
  return planned.toSimmerMin + planned.holdMin;
};

test("as long as nothing is changed the plan's own course is worked out once, and says the same", () => {
  const setPot = resolve(stew, kitchen);
  const cook = fold(happened(lit));
  const [first, later] = [at(5), at(40)].map((nowMs) => forecastLive(setPot, cook, nowMs));
  expect(later?.planned).toBe(first?.planned);
  expect(later).toEqual(forecastLive(resolve(stew, kitchen), cook, at(40)));
});

describe("late and early re-plan the rest", () => {
  test("a late boil moves the end by as much, and says that it was the boil", () => {
    const boil = look(stock, [], 0).forecast.planned.comeUpMin;
    const late = look(
      stock,
      [lit, { kind: "boils", atMs: at(boil + 22) }, { kind: "simmers", atMs: at(boil + 27) }],
      boil + 30,
    ).forecast;
    expect(late.moved.laterMin).toBeCloseTo(22, 0);
    expect(late.moved.because).toEqual([{ what: "cameUp", min: expect.closeTo(22, 0) as number }]);
    expect((late.endMs.expected - LIT) / MIN).toBeCloseTo(promisedMin(stock) + 22, 0);
    const early = look(stock, [lit, { kind: "boils", atMs: at(boil - 10) }], boil - 9).forecast;
    expect(early.moved.laterMin).toBeLessThan(-9);
  });

  test("while it has not boiled the end moves on with the clock, and a caution asks", () => {
    const boil = look(stock, [], 0).forecast.planned.comeUpMin;
    const waiting = look(stock, [lit], boil + 30);
    expect(waiting.forecast.moved.laterMin).toBeGreaterThan(30);
    expect(waiting.actions[0]).toMatchObject({ kind: "boils" });
    expect(look(stock, [lit], boil * 1.4 + 12).cautions.map((c) => c.id)).toContain("slowToBoil");
    expect(look(stock, [lit], boil).cautions.map((c) => c.id)).not.toContain("slowToBoil");
  });

  test("a thermometer on the way up says when it will boil; there, it says so", () => {
    const { planned } = look(stock, [], 0).forecast;
    const half = planned.points.find((p) => p.liquidC > 55)!;
    const slow = look(
      stock,
      [
        lit,
        { kind: "temperature", where: "liquid", tempC: half.liquidC, atMs: at(half.tMin * 1.5) },
      ],
      half.tMin * 1.5,
    ).forecast;
    expect((slow.cameUpMs - LIT) / MIN / planned.comeUpMin).toBeCloseTo(1.5, 1);
    const there = look(
      stock,
      [lit, { kind: "temperature", where: "liquid", tempC: planned.boilingC, atMs: at(50) }],
      60,
    );
    expect((there.forecast.cameUpMs - LIT) / MIN).toBeCloseTo(50, 0);
    expect(inWords(there.actions[0]?.lookFor ?? "", "metric")).toMatch(/thermometer has it there/);
  });

  test("an hour without heat is cooked again, and more: it must warm up first", () => {
    const on = [lit, { kind: "boils", atMs: at(40) }, { kind: "simmers", atMs: at(45) }];
    const gap = (fromMin: number, toMin: number | null) => ({
      kind: "interrupted",
      why: "paused",
      fromMs: at(fromMin),
      untilMs: toMin === null ? null : at(toMin),
      atMs: at(toMin ?? fromMin),
    });
    const straight = look(stock, on, 150).forecast.endMs.expected;
    const paused = look(stock, [...on, gap(60, 120)], 150).forecast;
    const more = (paused.endMs.expected - straight) / MIN;
    expect(more).toBeGreaterThan(40);
    expect(more).toBeLessThan(90);
    expect(paused.moved.because.map((b) => b.what)).toContain("noHeat");
    // Still out: it counts up to now, and a tap ends it.
    const still = look(stock, [...on, gap(60, null)], 120);
    expect(still.cook.interruptions[0]?.untilMs).toBeNull();
    const back = look(stock, [...on, gap(60, null), { kind: "resumed", atMs: at(120) }], 121);
    expect(back.cook.interruptions[0]?.untilMs).toBe(at(120));
    expect(back.forecast.endMs.expected).toBeCloseTo(paused.endMs.expected, -5);
  });
});

describe("what goes in late", () => {
  test("never comes to rule the pot by being moved to the clock: lit, it is ready as planned", () => {
    const staged = testBraise({
      end: "served",
      heat: HEATS.hob,
      stop: { by: "tender" },
      items: [
        ...testBraise().items,
        {
          id: "root",
          ingredientId: "celeriac",
          massKg: 0.3,
          target: "rootsMelt",
          when: { at: "beforeEnd", min: 30 },
        },
      ],
    });
    const { forecast } = look(staged, [lit], 1);
    expect(forecast.tender?.itemId).toBe("goat");
    expect(Math.abs(forecast.moved.laterMin)).toBeLessThan(3);
    const cut = {
      kind: "interrupted",
      why: "paused",
      fromMs: at(60),
      untilMs: at(80),
      atMs: at(80),
    };
    const cold = look(staged, [lit, { kind: "simmers", atMs: at(25) }, cut], 90).forecast;
    expect(cold.moved.because.map((b) => b.what)).not.toContain("tenderness");
  });
});

describe("tenderness", () => {
  const on = [lit, { kind: "simmers", atMs: at(25) }];
  const fork = (min: number, how: string) => ({
    kind: "checked",
    itemId: "goat",
    how,
    atMs: at(min),
  });

  test("the forecast of a tender pot has a range, and a fork moves it", () => {
    const before = look(stew, on, 60).forecast;
    expect(before.tender?.itemId).toBe("goat");
    expect(before.endMs.low).toBeLessThan(before.endMs.expected);
    const dueMin = (before.endMs.expected - LIT) / MIN;
    const notYet = look(stew, [...on, fork(dueMin, "notYet")], dueMin + 1);
    expect(notYet.forecast.endMs.expected).toBeGreaterThan(before.endMs.expected + 10 * MIN);
    expect(notYet.forecast.moved.because.map((b) => b.what)).toContain("tenderness");
    const tender = look(stew, [...on, fork(dueMin - 50, "tender")], dueMin - 49).forecast;
    expect(tender.endMs.expected).toBeLessThan(before.endMs.expected);
    const width = (f: typeof before) => f.endMs.high - f.endMs.low;
    expect(width(tender)).toBeLessThan(width(before));
  });

  test("a fork is asked for when it may first be tender, again after, and no more once it is", () => {
    const next = look(stew, on, 60).actions.find((a) => a.kind === "check")!;
    const { tender } = look(stew, on, 60).forecast;
    expect(next.atMs).toBeCloseTo(tender!.atMs.low, -3);
    const min = (next.atMs - LIT) / MIN;
    const again = look(stew, [...on, fork(min, "nearly")], min + 1).actions;
    expect(again.find((a) => a.kind === "check")?.atMs).toBeGreaterThan(at(min + 9));
    const done = look(stew, [...on, fork(min, "tender")], min + 1).actions;
    expect(done.map((a) => a.kind)).not.toContain("check");
  });

  test("a stock is judged by what it gives and not by its bite", () => {
    expect(look(stock, on, 60).forecast.tender).toBeNull();
    expect(look(stock, on, 60).actions.map((a) => a.kind)).not.toContain("check");
  });

  test("by the clock, a fork that says not yet at the end gives it longer", () => {
    const clock = { ...stew, stop: { by: "time" as const, holdMin: 100 } };
    const end = look(clock, on, 60).forecast.endMs.expected;
    expect(end).toBe(at(125));
    const more = look(clock, [...on, fork(124, "notYet")], 124).forecast.endMs.expected;
    expect(more).toBeGreaterThan(end);
  });
});

describe("a thermometer in the simmer", () => {
  const warm = (tempC: number, min: number) => ({
    kind: "temperature",
    where: "liquid",
    tempC,
    atMs: at(min),
  });
  const stew = testBraise({
    end: "served",
    heat: { method: "hob", vigour: "gentle", lid: "on", boilFirstMin: null },
    water: { by: "amount", volumeL: 1.4 },
    stop: { by: "tender" },
  });
  const simmers = { kind: "simmers", atMs: at(25) };
  const endOf = (...more: object[]) =>
    look(stew, [lit, simmers, ...more], 120).forecast.endMs.expected;

  test("lazy, what cooks is tender later by as much; at its usual heat nothing moves", () => {
    const usual = endOf();
    const { holdC } = look(stew, [lit, simmers], 120).forecast.planned;
    expect(Math.abs(endOf(warm(holdC, 60)) - usual)).toBeLessThan(60_000);
    const lazy = endOf(warm(holdC - 6, 60), warm(holdC - 6, 100));
    expect(lazy - usual).toBeGreaterThan(20 * 60_000);
    // The colder, the later.
    expect(endOf(warm(holdC - 9, 60), warm(holdC - 9, 100))).toBeGreaterThan(lazy);
  });

  test("turned up since, what was read before counts only for the time before", () => {
    const { holdC } = look(stew, [lit, simmers], 120).forecast.planned;
    const lazy = warm(holdC - 6, 60);
    const still = endOf(lazy);
    const turned = endOf(lazy, { kind: "heatSet", vigour: "gentle", lid: "on", atMs: at(70) });
    expect(turned).toBeLessThan(still);
    expect(turned).toBeGreaterThan(endOf());
  });

  test("read just after a cold pour or a time without heat, it says nothing of the simmer", () => {
    const { holdC } = look(stew, [lit, simmers], 120).forecast.planned;
    const pour = { kind: "toppedUp", volumeL: 0.2, atMs: at(60) };
    expect(endOf(pour, warm(holdC - 8, 65))).toBeCloseTo(endOf(pour), -3);
  });

  test("is said with what it does to an hour, until it is turned up or read again", () => {
    const { holdC } = look(stew, [lit, simmers], 120).forecast.planned;
    const of = (...more: object[]) =>
      look(stew, [lit, simmers, ...more], 120)
        .cautions.map(metric)
        .find((c) => c.id === "lazy");
    expect(of(warm(holdC - 5, 100))?.text).toMatch(/an hour's cooking takes 1 h [2-5]\d/);
    expect(of(warm(holdC - 1, 100))).toBeUndefined();
    expect(of(warm(holdC - 5, 100), warm(holdC, 110))).toBeUndefined();
    const turned = { kind: "heatSet", vigour: "steady", lid: "on", atMs: at(110) };
    expect(of(warm(holdC - 5, 100), turned)).toBeUndefined();
    expect(of(warm(holdC - 5, 50))).toBeUndefined();
  });
});

describe("rounds", () => {
  const on = [lit, { kind: "simmers", atMs: at(25) }];
  test("a thick pot is stirred more often than a thin one, a clear stock never", () => {
    const thick = {
      ...stew,
      items: [
        ...stew.items,
        { ...stew.items[0]!, id: "flour", ingredientId: "flour", massKg: 0.09 },
      ],
    };
    const every = (plan: Plan) => stirEveryMin(plan, look(plan, on, 30).forecast);
    expect(every(stew)).toBeGreaterThan(every(thick) ?? Infinity);
    expect(every(stock)).toBeNull();
    expect(every({ ...stew, heat: { ...HEATS.oven } })).toBeNull();
  });

  test("a stir counts from the last one; skimming often comes round, once does not", () => {
    const stirred = [...on, { kind: "stirred", atMs: at(50) }];
    const before = look(stew, on, 30).actions.find((a) => a.kind === "stir")!;
    const after = look(stew, stirred, 51).actions.find((a) => a.kind === "stir")!;
    expect(after.atMs - before.atMs).toBeCloseTo(25 * MIN, -4);
    const skimmed = [...on, { kind: "skimmed", atMs: at(45) }];
    const kinds = (plan: Plan) => look(plan, skimmed, 46).actions.map((a) => a.kind);
    expect(kinds(stock)).not.toContain("skim");
    expect(kinds({ ...stock, schools: { skimming: "often" } })).toContain("skim");
    expect(
      look({ ...stock, schools: { skimming: "never" } }, on, 30).actions.map((a) => a.kind),
    ).not.toContain("skim");
  });
});

describe("the counter", () => {
  const added = (itemId: string, min: number, massKg = 0.18) => ({
    kind: "added",
    itemId,
    massKg,
    atMs: at(min),
  });

  test("lighting says all of it is in, unless the cook taps things in one by one", () => {
    const all = fold(happened(lit));
    expect(whereIs(stock.items[0]!, stock, all)).toBe("pot");
    const two = testPlan({
      items: [...stock.items, { ...stock.items[0]!, id: "more", massKg: 0.5 }],
    });
    const one = fold(happened(added("more", -5, 0.5), lit));
    expect(onCounter(two, one).map((i) => i.id)).toEqual(["neck", "onion"]);
    const late = look(two, [added("more", -5, 0.5), lit], 10);
    expect(late.actions[0]).toMatchObject({ kind: "add", itemIds: ["neck"], atMs: LIT });
    const tapped = look(two, [added("more", -5, 0.5), lit, added("neck", 12, 2.2)], 20);
    expect(tapped.forecast.course.items.find((i) => i.itemId === "neck")?.inMin).toBeCloseTo(12, 0);
  });

  test("what is split goes in twice, what is left out calls no more", () => {
    const split = { kind: "split", itemId: "onion", intoId: "half", massKg: 0.08, atMs: at(1) };
    const cook = fold(happened(lit, split));
    const plan = livePlan(stock, cook);
    expect(plan.items.map((i) => [i.id, Math.round(i.massKg * 1000)])).toEqual([
      ["neck", 2200],
      ["onion", 100],
      ["half", 80],
    ]);
    const out = fold(happened(lit, split, { kind: "leftOut", itemId: "half", atMs: at(2) }));
    expect(onCounter(livePlan(stock, out), out).map((i) => i.id)).toEqual(["onion"]);
    // Put in after all, it is there again.
    const after = fold(
      happened(lit, { kind: "leftOut", itemId: "onion", atMs: at(2) }, added("onion", 3)),
    );
    expect(livePlan(stock, after).items).toHaveLength(2);
  });

  test("it calls by degrees", () => {
    const calls = [-30, -9, 0, 6, 20].map((min) => callOf(at(100), at(100 + min)));
    expect(calls).toEqual(["ahead", "soon", "due", "late", "forgotten"]);
  });

  test("off the heat, what was to be stirred in then is asked for before the sieve", () => {
    const plan = testPlan({
      items: [
        ...stock.items,
        { id: "herb", ingredientId: "parsley", massKg: 0.02, when: { at: "offHeat" } },
      ],
    });
    const off = [lit, { kind: "simmers", atMs: at(40) }, added("onion", 300)];
    const kinds = look(plan, [...off, { kind: "offHeat", atMs: at(400) }], 401).actions;
    expect(kinds.map((a) => a.title)).toEqual(["Parsley in", "Strain it"]);
  });
});

describe("what is wrong with a pot", () => {
  const on = [lit, { kind: "boils", atMs: at(40) }, { kind: "simmers", atMs: at(45) }];
  const ids = (plan: Plan, events: readonly object[], min: number) =>
    look(plan, events, min).cautions.map((c) => `${c.severity} ${c.id}`);

  test("a pot that may run dry is a danger well before it does, by the fast side of its steam", () => {
    const plan = testPlan({
      water: { by: "amount", volumeL: 1.2 },
      items: [{ ...stock.items[0]!, massKg: 0.5 }],
      heat: { method: "hob", vigour: "steady", lid: "off", boilFirstMin: 5 },
      stop: { by: "time", holdMin: 300 },
    });
    const { dryMs } = look(plan, on, 50).forecast;
    expect(dryMs).not.toBeNull();
    const min = (dryMs! - LIT) / MIN;
    expect(ids(plan, on, min - 40)).not.toContain("danger dry");
    const soon = look(plan, on, min - 10);
    expect(soon.cautions[0]).toMatchObject({ id: "dry", severity: "danger" });
    expect(soon.cautions[0]?.whose).not.toBe("");
    expect(soon.cautions[0]?.text).toMatch(/^Pour in boiling water now/);
    expect(soon.forecast.isDry).toBe(false);
    // When nothing is left by the reckoning, the heat goes off before any water goes in.
    const late = look(plan, on, min + 300);
    expect(late.forecast).toMatchObject({ isDry: true, nowDepthM: 0 });
    expect(late.cautions[0]).toMatchObject({ id: "dry", title: "By the estimate it is dry" });
    expect(late.cautions[0]?.text).toMatch(/^Heat off first\./);
    expect(late.cautions.map((c) => c.id)).not.toContain("bare");
    // Once it is off, nothing runs dry.
    expect(ids(plan, [...on, { kind: "offHeat", atMs: at(60) }], 61)).toEqual([]);
  });

  test("no heat: when it falls under 60 °C, and after two hours under it is thrown away", () => {
    const cut = {
      kind: "interrupted",
      why: "powerCut",
      fromMs: at(60),
      untilMs: null,
      atMs: at(60),
    };
    const soon = look(stock, [...on, cut], 70)
      .cautions.map(metric)
      .find((c) => c.id === "noHeat");
    expect(soon).toMatchObject({ severity: "note" });
    expect(soon?.text).toMatch(/falls under 60 °C in about \d+ min/);
    const long = look(stock, [...on, cut], 60 + 9 * 60)
      .cautions.map(metric)
      .find((c) => c.id === "noHeat");
    expect(long).toMatchObject({ severity: "danger" });
    expect(long?.text).toMatch(/Throw it away/);
    expect(long?.whose).toMatch(/USDA.*local food code/);
  });

  test("a crock too slow through 5 to 60 °C: said from its thermometer, with what to do", () => {
    const crock = testPlan({
      vesselId: VESSEL_OF.low,
      heat: HEATS.low,
      items: [{ id: "neck", ingredientId: "lambNeck", massKg: 1.4, when: { at: "start" } }],
      water: { by: "amount", volumeL: 2 },
      stop: { by: "time", holdMin: 540 },
    });
    const begun = [lit, { kind: "simmers", atMs: LIT }];
    expect(ids(crock, begun, 60)).not.toContain("danger tooSlow");
    const cold = { kind: "temperature", where: "liquid", tempC: 30, atMs: at(150) };
    const slow = look(crock, [...begun, cold], 151)
      .cautions.map(metric)
      .find((c) => c.id === "tooSlow");
    expect(slow?.severity).toBe("danger");
    expect(slow?.text).toMatch(/HIGH|ring/);
    const warm = { kind: "temperature", where: "liquid", tempC: 75, atMs: at(150) };
    expect(ids(crock, [...begun, warm], 151)).toEqual([]);
  });

  test("fast steam by the clock asks to turn it down; a fallen level asks to set the flame", () => {
    const { planned } = look(stock, [], 0).forecast;
    const read = {
      kind: "read",
      reading: { form: "liquidDepth", value: planned.startDepthM - 0.022 },
    };
    const fast = look(stock, [...on, { ...read, atMs: at(105) }], 106);
    expect(fast.forecast.steamRate.mean).toBeGreaterThan(1.3);
    expect(fast.cautions.map((c) => c.id)).toContain("turnDown");
    const turned = { kind: "heatSet", vigour: "bare", lid: "on", atMs: at(107) };
    expect(ids(stock, [...on, { ...read, atMs: at(105) }, turned], 108)).not.toContain(
      "caution turnDown",
    );
  });

  test("a piece that is not hot enough as it comes off is a danger, with the rule and whose it is", () => {
    const piece = (tempC: number) => ({
      kind: "temperature",
      where: "piece",
      tempC,
      atMs: at(200),
    });
    const off = { kind: "offHeat", atMs: at(201) };
    const raw = look(stew, [lit, { kind: "simmers", atMs: at(25) }, piece(58), off], 202);
    expect(raw.cautions.map(metric).find((c) => c.id === "core")).toMatchObject({
      severity: "danger",
    });
    expect(ids(stew, [lit, { kind: "simmers", atMs: at(25) }, piece(80), off], 202)).toEqual([]);
  });
});

describe("cautions stay away where nothing is wrong", () => {
  const crock = testPlan({
    vesselId: VESSEL_OF.low,
    heat: HEATS.low,
    items: [
      { id: "neck", ingredientId: "lambNeck", massKg: 1.2, when: { at: "start" } },
      { id: "carrot", ingredientId: "carrot", massKg: 0.2, when: { at: "beforeEnd", min: 30 } },
      { id: "herb", ingredientId: "parsley", massKg: 0.02, when: { at: "offHeat" } },
    ],
    water: { by: "amount", volumeL: 2 },
    stop: { by: "time", holdMin: 540 },
  });

  test("a crock warms by its meat alone: what goes in late, or off the heat, is no danger", () => {
    const begun = [lit, { kind: "simmers", atMs: LIT }];
    for (const min of [5, 120, 500])
      expect(look(crock, begun, min).cautions.filter((c) => c.severity === "danger")).toEqual([]);
  });

  test("a slow oven is told in an oven's words, a crock in a crock's", () => {
    const cold = { kind: "temperature", where: "liquid", tempC: 28, atMs: at(170) };
    const begun = [lit, { kind: "simmers", atMs: LIT }, cold];
    const said = (plan: Plan) =>
      look(plan, begun, 171)
        .cautions.map(metric)
        .find((c) => c.id === "tooSlow")?.text ?? "";
    expect(said(crock)).toContain("switch to HIGH");
    const oven = testBraise({ heat: { ...HEATS.oven, start: "cold", ovenC: 110 } });
    expect(said(oven)).toContain("turn the oven up");
    expect(said(oven)).not.toContain("HIGH");
  });

  test("times without heat add up: two of an hour and a half are more than the rule's two hours", () => {
    const on = [lit, { kind: "boils", atMs: at(40) }, { kind: "simmers", atMs: at(45) }];
    const small = testPlan({ ...stock, water: { by: "amount", volumeL: 1.4 } });
    const gap = (fromMin: number, toMin: number) => ({
      kind: "interrupted",
      why: "paused",
      fromMs: at(fromMin),
      untilMs: at(toMin),
      atMs: at(toMin),
    });
    const cold = (events: readonly object[], min: number) =>
      look(small, [...on, ...events], min)
        .cautions.map(metric)
        .find((c) => c.id === "noHeat");
    const once = cold([gap(60, 180)], 181);
    const twice = cold([gap(60, 180), gap(300, 420)], 421);
    const minutes = (text = "") => {
      const [, h, min] = /about (?:(\d+) h ?)?(\d+)?(?: min)? in all/.exec(text) ?? [];
      return 60 * Number(h ?? 0) + Number(min ?? 0);
    };
    expect(minutes(once?.text)).toBeGreaterThan(20);
    expect(minutes(once?.text)).toBeLessThan(120);
    expect(minutes(twice?.text)).toBeGreaterThan(minutes(once?.text) * 1.6);
  });

  test("a lid that was off is no time without heat", () => {
    const on = [lit, { kind: "boils", atMs: at(40) }, { kind: "simmers", atMs: at(45) }];
    const open = {
      kind: "interrupted",
      why: "lidOff",
      fromMs: at(60),
      untilMs: null,
      atMs: at(60),
    };
    expect(look(stock, [...on, open], 200).cautions.map((c) => c.id)).not.toContain("noHeat");
  });
});

describe("more than goes in", () => {
  const on = [lit, { kind: "boils", atMs: at(40) }, { kind: "simmers", atMs: at(45) }];
  const pour = (volumeL: number, min: number) => ({ kind: "toppedUp", volumeL, atMs: at(min) });
  const ranOver = (events: readonly object[], min: number) =>
    look(stock, events, min)
      .cautions.map(metric)
      .find((c) => c.id === "ranOver");

  test("20 L into a 12 L pot stays a pot: it says what does not go in, and undo mends it", () => {
    const { forecast, cautions } = look(stock, [...on, pour(20, 60)], 61);
    expect(forecast.ranOverL).toBeGreaterThan(12);
    // Said with the tap itself, not half a minute later.
    expect(look(stock, [...on, pour(20, 60)], 60).forecast.ranOverL).toBeGreaterThan(12);
    const now = (events: readonly object[]) => look(stock, events, 60).forecast.nowL.expected;
    expect(now([...on, pour(1, 60)]) - now(on)).toBeGreaterThan(0.9);
    expect(cautions.map((c) => c.id)).toContain("ranOver");
    expect(forecast.endMs.expected).toBeGreaterThan(at(61));
    const undone = [...on, pour(20, 60), { kind: "undo", eventId: "e3", atMs: at(61) }];
    expect(ranOver(undone, 62)).toBeUndefined();
    expect(ranOver([...on, pour(1, 60)], 61)).toBeUndefined();
    expect(ranOver(on, 300)).toBeUndefined();
  });

  test("a pot that steams faster by its readings has the room, and what is topped up goes in", () => {
    const open = {
      ...stock,
      heat: { ...stock.heat, lid: "off" as const },
      water: { by: "amount" as const, volumeL: 7 },
    } as Plan;
    const before = look(open, on, 400).forecast;
    const kg = before.course.points[0]!.contentsKg;
    // Weighed on the way: it lost 1.4 times the steam.
    const weighed = [120, 240, 360].map((min) => {
      const point = before.course.points.find((p) => p.tMin >= min)!;
      return {
        kind: "read",
        reading: { form: "potWeight", value: 2.2 + kg - 1.6 * point.steamedKg },
        atMs: at(min),
      };
    });
    const now = look(open, [...on, ...weighed], 361).forecast;
    expect(now.steamRate.mean).toBeGreaterThan(1.3);
    // As much as the readings leave room for, but not the default.
    const roomL = 12 * 0.97 - now.nowL.expected - 2.2;
    const topped = look(open, [...on, ...weighed, pour(roomL, 362)], 363);
    expect(topped.forecast.ranOverL).toBeLessThan(0.1);
    expect(topped.forecast.nowL.expected).toBeGreaterThan(now.nowL.expected + roomL * 0.9);
  });
});
