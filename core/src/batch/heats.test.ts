import { resolve } from "../simulate/set-pot";
import { describe, expect, test } from "vitest";
import { happened } from "../../test/events";
import { HEATS, testBraise, testKitchen, VESSEL_OF, type HeatName } from "../../test/kitchen";
import { answersFor } from "../because/answers";
import { sentenceText } from "../because/sentence";
import type { Plan } from "../simulate/plan-schema";
import { inWords } from "../units/said";
import type { CookEvent } from "../events/event-schema";
import { courseOf } from "./course-of";
import { fold } from "./fold";
import { flowOf } from "./flow";
import { gapOf } from "./gap";
import { forecastLive } from "./live-forecast";
import { actionsFor } from "./next-action";

const kitchen = testKitchen();
const LIT = Date.parse("2026-03-18T08:00:00Z");
const MINUTE = 60_000;
const HOLD: Record<HeatName, number> = { hob: 170, oven: 165, low: 480, high: 320, pressure: 20 };
const dish = (name: HeatName, over: Parameters<typeof testBraise>[0] = {}): Plan =>
  testBraise({
    heat: HEATS[name],
    vesselId: VESSEL_OF[name],
    stop: { by: "time", holdMin: HOLD[name] },
    ...over,
  });

const titles = (plan: Plan, events: readonly CookEvent[], nowMs: number): string[] => {
  const cook = fold(events);
  return actionsFor(
    resolve(plan, kitchen),
    cook,
    forecastLive(resolve(plan, kitchen), cook, nowMs),
    nowMs,
  ).map((a) => a.title);
};

describe("what to do, heat by heat", () => {
  test.each<[HeatName, string, string, string]>([
    ["hob", "Light the ring", "It simmers", "Take it off the heat"],
    ["oven", "Light the ring", "Into the oven", "Take it out of the oven"],
    ["low", "Switch the slow cooker on", "It is switched on", "Switch it off"],
    ["pressure", "Light the ring", "It is at pressure", "Heat off, let the pressure down"],
  ])("%s", (name, start, clock, end) => {
    const plan = dish(name);
    expect(titles(plan, [], LIT)).toEqual(["Into the pot", start]);
    const lit = happened({ kind: "lit", atMs: LIT });
    expect(titles(plan, lit, LIT)[0]).toBe(clock);
    const holding = happened(
      { kind: "lit", atMs: LIT },
      { kind: "simmers", atMs: LIT + 20 * MINUTE },
    );
    expect(titles(plan, holding, LIT + 21 * MINUTE)).toContain(end);
  });

  test.each<[HeatName, boolean]>([
    ["hob", true],
    ["oven", true],
    ["low", false],
    ["pressure", false],
  ])("%s: a fork goes in only where a lid may be lifted: %s", (name, isTried) => {
    const plan = dish(name, { end: "served", stop: { by: "tender" } });
    const simmers = { kind: "simmers", atMs: LIT + 20 * MINUTE };
    const cook = fold(happened({ kind: "lit", atMs: LIT }, simmers));
    const nowMs = LIT + 30 * MINUTE;
    const kinds = actionsFor(
      resolve(plan, kitchen),
      cook,
      forecastLive(resolve(plan, kitchen), cook, nowMs),
      nowMs,
    );
    expect(kinds.some((a) => a.kind === "check")).toBe(isTried);
  });

  test.each<[HeatName, RegExp]>([
    ["hob", /Ring off\.$/],
    ["oven", /Heat off\.$/],
    ["low", /Heat off\.$/],
  ])("%s: what is served says what goes off, and has no grit to settle", (name, off) => {
    const plan = dish(name, { end: "served" });
    const cook = fold(
      happened({ kind: "lit", atMs: LIT }, { kind: "simmers", atMs: LIT + 20 * MINUTE }),
    );
    const nowMs = LIT + 30 * MINUTE;
    const setPot = resolve(plan, kitchen);
    const end = actionsFor(setPot, cook, forecastLive(setPot, cook, nowMs), nowMs).find(
      (a) => a.kind === "offHeat",
    );
    expect(inWords(end?.lookFor ?? "", "metric")).toMatch(off);
  });

  test("a stretch under pressure is turned to no setting of a slow cooker", () => {
    const plan = dish("hob", {
      vesselId: "pressure",
      then: [{ id: "p", heat: HEATS.pressure, stop: { by: "time", holdMin: 20 } }],
    });
    const cook = fold(
      happened(
        { kind: "lit", atMs: LIT },
        { kind: "simmers", atMs: LIT + 20 * MINUTE },
        { kind: "heatSet", vigour: "bare", lid: "on", stretchId: "p", atMs: LIT + 200 * MINUTE },
      ),
    );
    const { turns } = courseOf(resolve(plan, kitchen), cook, LIT + 210 * MINUTE);
    expect(turns).toHaveLength(1);
    expect(turns[0]).not.toHaveProperty("setting");
  });

  test("before it is lit the water is said by its amount, as it is poured", () => {
    const look = (plan: Plan, system: "metric" | "us") => {
      const forecast = forecastLive(resolve(plan, kitchen), fold([]), LIT);
      return inWords(
        actionsFor(resolve(plan, kitchen), fold([]), forecast, LIT)[0]?.lookFor ?? "",
        system,
      );
    };
    expect(look(dish("hob"), "metric")).toBe(
      "1.4 kg goat shoulder, 900 mL cold water: it then stands 4.6 cm over the floor.",
    );
    expect(look(dish("hob"), "us")).toMatch(/3 ¾ cups cold water: .* 1 ⅞ in over the floor/);
    const hot = dish("low", { heat: { ...HEATS.low, start: "hot" } });
    expect(look(hot, "metric")).toMatch(/900 mL boiling water/);
    const none = dish("hob", { water: { by: "amount", volumeL: 0 } });
    expect(look(none, "metric")).toBe("1.4 kg goat shoulder");
  });

  test("a cold oven start begins at the oven", () => {
    expect(titles(dish("oven", { heat: { ...HEATS.oven, start: "cold" } }), [], LIT)).toEqual([
      "Into the pot",
      "Put it into the oven",
    ]);
  });

  test("a shut pot is neither skimmed nor dipped, and nothing goes in under pressure", () => {
    const late = {
      items: [
        ...testBraise().items,
        {
          id: "c",
          ingredientId: "carrot",
          massKg: 0.2,
          when: { at: "beforeEnd" as const, min: 10 },
        },
      ],
    };
    const holding = happened(
      { kind: "lit", atMs: LIT },
      { kind: "simmers", atMs: LIT + 20 * MINUTE },
    );
    const at = LIT + 22 * MINUTE;
    expect(titles(dish("low", late), holding, at)).toEqual(["Carrot in", "Switch it off"]);
    expect(titles(dish("pressure", late), holding, at)).toEqual([
      "Heat off, let the pressure down",
    ]);
    expect(titles(dish("hob", late), holding, at)).toContain("Skim");
    const off = happened(
      { kind: "lit", atMs: LIT },
      { kind: "simmers", atMs: LIT + 20 * MINUTE },
      { kind: "offHeat", atMs: LIT + 40 * MINUTE },
    );
    expect(titles(dish("pressure", late), off, LIT + 41 * MINUTE)).toEqual([
      "Carrot in",
      "Strain it",
    ]);
  });

  test("the end comes when the plan says, on the heat's own clock", () => {
    for (const name of ["oven", "low", "pressure"] as const) {
      const clockMs = LIT + 30 * MINUTE;
      const cook = fold(happened({ kind: "lit", atMs: LIT }, { kind: "simmers", atMs: clockMs }));
      const { endMs } = forecastLive(resolve(dish(name), kitchen), cook, clockMs + MINUTE);
      expect((endMs.expected - clockMs) / MINUTE).toBeCloseTo(HOLD[name], 0);
    }
  });
});

describe("strained and looked back on", () => {
  test.each(["oven", "low", "pressure"] as const)("%s: every litre is accounted for", (name) => {
    const plan = dish(name);
    const offMs = LIT + (30 + HOLD[name]) * MINUTE;
    const cook = fold(
      happened(
        { kind: "lit", atMs: LIT },
        { kind: "simmers", atMs: LIT + 30 * MINUTE },
        { kind: "offHeat", atMs: offMs },
        {
          kind: "strained",
          atMs: offMs + 30 * MINUTE,
          measured: { volumeL: 0.8, passes: 1, clothPasses: 0, pressed: false },
        },
      ),
    );
    const gap = gapOf(resolve(plan, kitchen), cook);
    expect(gap).not.toBeNull();
    const { planned } = forecastLive(resolve(plan, kitchen), cook, offMs);
    const flow = flowOf(resolve(plan, kitchen), cook);
    const steam = flow.find((f) => f.colour === "steam");
    expect(steam?.plannedL).toBeCloseTo(-(planned.ledger.evaporated + planned.ledger.vented), 9);
    expect(gap!.plannedL).toBeCloseTo(planned.strained.volumeL, 9);
  });
});

describe("the plan in a sentence", () => {
  const said = (plan: Plan, system: "metric" | "us" = "metric") => {
    const answers = answersFor(resolve(plan, kitchen), () => 9);
    if (!answers.ok) throw answers.problem;
    return sentenceText(resolve(plan, kitchen), answers.value, system);
  };
  test.each<[HeatName, string]>([
    ["oven", "2 h 45 in the oven at 150 °C, covered:"],
    ["low", "8 h on LOW:"],
    ["pressure", "20 min at high pressure with natural release:"],
    ["hob", "2 h 50 at a gentle simmer, lid on:"],
  ])("%s", (name, words) => {
    expect(said(dish(name))).toContain(words);
  });

  test("until tender says about how long; US cooks read °F", () => {
    expect(said(dish("oven", { stop: { by: "tender" } }))).toMatch(
      /until tender \(about \d h \d\d\)/,
    );
    expect(said(dish("oven"), "us")).toContain("in the oven at 300 °F");
  });

  test("a dish is judged by what is eaten in it, a stock by its flavour", () => {
    const judged = (plan: Plan) => {
      const answers = answersFor(resolve(plan, kitchen), () => 9);
      if (!answers.ok) throw answers.problem;
      return answers.value.flavour;
    };
    expect(judged(dish("oven"))).toMatchObject({ by: "tender", what: "tender dice" });
    expect(judged(dish("oven", { stop: { by: "time", holdMin: 60 } }))?.state).toBe("short");
    const bones = dish("oven", {
      items: [{ id: "n", ingredientId: "lambNeck", massKg: 1, when: { at: "start" } }],
    });
    expect(judged(bones)).toMatchObject({ by: "flavour", what: "a meat stock" });
  });

  test("every figure has its why on every heat", () => {
    for (const name of Object.keys(HEATS) as HeatName[]) {
      const answers = answersFor(resolve(dish(name), kitchen), () => 9);
      if (!answers.ok) throw answers.problem;
      for (const figure of Object.values(answers.value.figures)) {
        expect(figure.low).toBeLessThanOrEqual(figure.expected + 1e-9);
        expect(figure.high).toBeGreaterThanOrEqual(figure.expected - 1e-9);
        expect(figure.because.formula.length).toBeGreaterThan(20);
        const shares = figure.because.spread.reduce((sum, s) => sum + s.share, 0);
        expect(shares).toBeLessThanOrEqual(1 + 1e-9);
      }
    }
  });
});
