import { resolve } from "../simulate/set-pot";
import fc from "fast-check";
import { describe, expect, test } from "vitest";
import { testKitchen, testPlan } from "../../test/kitchen";
import { SIMMER_FLUX_KG_M2_H } from "../liquid/constants";
import { FIGURES, type FigureId } from "../simulate/spread";
import { answersFor, type Answers } from "./answers";
import { sentenceText } from "./sentence";

const kitchen = testKitchen();
const hour = (ms: number | null) => (ms === null ? null : new Date(ms).getUTCHours());
const answer = (over: Parameters<typeof testPlan>[0] = {}): Answers => {
  const outcome = answersFor(resolve(testPlan(over), kitchen), hour);
  if (!outcome.ok) throw outcome.problem;
  return outcome.value;
};

describe("answers", () => {
  const answers = answer();

  test("the sentence a cook would say", () => {
    const text = sentenceText(resolve(testPlan(), kitchen), answers, "metric");
    expect(text).toMatch(
      /^2\.2 kg lamb neck, 4\.4 L water in the tall stockpot, 6 h at a bare simmer, lid off: about 2\.8 L strained \(\d\.\d–3\.\d L\), (quivers|wobbles) when cold\.$/,
    );
    expect(sentenceText(resolve(testPlan(), kitchen), answers, "us")).toMatch(
      /4 lb 14 oz lamb neck, 4 ¾ qt/,
    );
  });

  test("every figure has a range around it and explains itself with sources", () => {
    for (const id of Object.keys(FIGURES) as FigureId[]) {
      const figure = answers.figures[id];
      expect(figure.low, id).toBeLessThanOrEqual(figure.expected);
      expect(figure.high, id).toBeGreaterThanOrEqual(figure.expected);
      expect(figure.because.formula.length, id).toBeGreaterThan(15);
      for (const constant of figure.because.constants)
        expect(constant.source, `${id}: ${constant.name}`).not.toBe("");
      const shares = figure.because.spread.reduce((sum, s) => sum + s.share, 0);
      expect(shares).toBeLessThanOrEqual(1 + 1e-9);
    }
  });

  test("the steam's range is the simmer's own spread, worked by hand", () => {
    const { steamedL } = answers.figures;
    const sigma = Math.log(steamedL.high / steamedL.expected) / 1.28155;
    expect(sigma).toBeGreaterThan(0.25);
    expect(sigma).toBeLessThan((SIMMER_FLUX_KG_M2_H.bare.sigmaLog ?? 0) + 0.02);
    expect(steamedL.because.spread[0]?.name).toBe("how fast it steams");
  });

  test("a bare simmer up here is short of its flavour, a steady one is not", () => {
    const flavour = (vigour: "bare" | "steady") =>
      answer({
        heat: { method: "hob", vigour, lid: "on", boilFirstMin: 5 },
        stop: { by: "time", holdMin: 240 },
      }).flavour?.state;
    expect(flavour("bare")).toBe("short");
    expect(flavour("steady")).toBe("has its flavour");
  });

  test("what may be left is never more than went in, however wide the spread", () => {
    const { strainedL, steamedL } = answers.figures;
    expect(strainedL.high).toBeLessThan(4.4);
    const drop = strainedL.expected - strainedL.low;
    const rise = strainedL.high - strainedL.expected;
    expect(drop).toBeGreaterThan(rise);
    expect(drop).toBeGreaterThan((steamedL.high - steamedL.expected) * 0.8);
  });

  test("allergens come from the ingredients, once each", () => {
    const { dish } = answer({
      items: [
        { id: "f", ingredientId: "whiteFishFrame", massKg: 1, when: { at: "start" } },
        { id: "t", ingredientId: "trout", massKg: 0.3, when: { at: "offHeat" } },
        { id: "c", ingredientId: "celery", massKg: 0.1, when: { at: "start" } },
      ],
    });
    expect(dish.allergens).toEqual(["celery", "fish"]);
  });

  test("a wanted time is counted back over the pot", () => {
    const readyAt = "2026-03-19T17:00:00+01:00";
    const { start, figures } = answer({ readyAt });
    expect(start?.readyMs).toBe(Date.parse(readyAt));
    const potMin = (Date.parse(readyAt) - (start?.lightMs ?? 0)) / 60_000;
    expect(potMin).toBeCloseTo(figures.totalMin.expected + 15, 6);
  });

  test("a kept spread changes no expected figure, only the ranges", () => {
    const kept = answersFor(
      resolve(testPlan({ water: { by: "amount", volumeL: 5 } }), kitchen),
      hour,
      answers.spread,
    );
    const fresh = answer({ water: { by: "amount", volumeL: 5 } });
    expect(kept.ok && kept.value.figures.strainedL.expected).toBe(fresh.figures.strainedL.expected);
  });

  test("what cannot be is said as data, not thrown", () => {
    const outcome = answersFor(
      resolve(testPlan({ stop: { by: "tender" }, items: [] }), kitchen),
      hour,
    );
    expect(outcome).toMatchObject({ ok: false, problem: { code: "notReachable" } });
  });

  test("more than goes in is answered all the same: what runs over is said, and refused", () => {
    const { trace, cautions } = answer({ water: { by: "amount", volumeL: 12 } });
    expect(trace.ledger.overRim).toBeLessThan(-1);
    expect(cautions[0]).toMatchObject({ id: "overRim", severity: "danger", refuses: true });
    expect(answer({}).cautions.map((c) => c.id)).not.toContain("overRim");
  });

  test("no figure is ever not a number", () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.2, max: 8, noNaN: true }),
        fc.double({ min: 0.1, max: 3, noNaN: true }),
        fc.integer({ min: 1, max: 900 }),
        fc.constantFrom("bare" as const, "rolling" as const),
        (volumeL, massKg, holdMin, vigour) => {
          const outcome = answersFor(
            resolve(
              testPlan({
                items: [{ id: "b", ingredientId: "oxtail", massKg, when: { at: "start" } }],
                water: { by: "amount", volumeL },
                stop: { by: "time", holdMin },
                heat: { method: "hob", vigour, lid: "ajar", boilFirstMin: null },
              }),
              kitchen,
            ),
            hour,
          );
          if (!outcome.ok) return;
          for (const figure of Object.values(outcome.value.figures))
            expect(
              [figure.low, figure.expected, figure.high].every(Number.isFinite),
              figure.id,
            ).toBe(true);
        },
      ),
      { numRuns: 25 },
    );
  });
});

describe("a flame at night, with and without a time set", () => {
  const nights = (readyAt: string | null, nowHour: number | null) =>
    answersFor(resolve(testPlan({ readyAt }), kitchen), (ms) => (ms === null ? nowHour : hour(ms)));
  const found = (...args: Parameters<typeof nights>) => {
    const outcome = nights(...args);
    if (!outcome.ok) throw outcome.problem;
    return outcome.value.cautions.find((c) => c.id === "flameAtNight")?.severity;
  };
  test("without a time it is judged as lit now, and said more softly; where there is no now, not at all", () => {
    expect(found(null, 20)).toBe("caution");
    expect(found(null, 9)).toBeUndefined();
    expect(found(null, null)).toBeUndefined();
    expect(found("2026-03-19T02:00:00Z", 9)).toBe("danger");
    expect(found("2026-03-19T18:00:00Z", 20)).toBeUndefined();
  });
});
