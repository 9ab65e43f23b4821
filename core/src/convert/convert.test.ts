import { resolve } from "../simulate/set-pot";
import { HeatSchema } from "../heats/heat-schema";
import fc from "fast-check";
import { inWords } from "../units/said";
import { describe, expect, test } from "vitest";
import { HEATS, testBraise, testKitchen, VESSEL_OF, type HeatName } from "../../test/kitchen";
import { vectorsOf } from "../../test/vectors";
import { ledgerBalanceKg } from "../liquid/ledger";
import type { Plan } from "../simulate/plan-schema";
import { outcomeOf } from "../units/problem";
import { convert, type Conversion } from "./convert";
import { crockRefusal } from "./crock-safety";
import { SAFE_WARM_UP_MIN } from "./warming";
import { goalOf } from "./goal";
import { kitchenRule } from "./kitchen-rule";
import { leastLiquidL } from "./limits";
import { bodyOfPlan } from "../dish/body-of";
import { limitsOf } from "./remedies";
import { stagingChanges } from "./staging";

const NAMES = Object.keys(HEATS) as HeatName[];
const kitchen = testKitchen();
const targetOf = (name: HeatName) => ({
  heat: HeatSchema.parse(HEATS[name]),
  vesselId: VESSEL_OF[name],
});
const converted = (plan: Plan, name: HeatName, k = kitchen): Conversion =>
  convert(goalOf(resolve(plan, k)), targetOf(name), k);
const braiseOf = (edgeM: number, holdMin = 165, water = 0.9) => {
  const [goat] = testBraise().items;
  return testBraise({
    items: [{ ...goat!, piece: { kind: "brick", sizeM: [edgeM, edgeM, edgeM] } }],
    stop: { by: "time", holdMin },
    water: { by: "amount", volumeL: water },
  });
};

describe("a dish on another heat", () => {
  test("is cooked the same and ends with the same liquid, on every heat", () => {
    const goal = goalOf(resolve(testBraise(), kitchen));
    for (const name of NAMES) {
      const { trace, overL } = convert(goal, targetOf(name), kitchen);
      expect(trace.cookMin / goal.trace.cookMin).toBeCloseTo(1, 1);
      expect(Math.abs(trace.cookMin - goal.trace.cookMin)).toBeLessThan(0.6);
      expect(Math.abs(trace.endLiquidKg - goal.trace.endLiquidKg)).toBeLessThan(0.02);
      expect(overL).toBe(0);
    }
  });

  test("there and back is where it began, for any piece, time and heat", () => {
    fc.assert(
      fc.property(
        fc.constantFrom<HeatName>("hob", "low", "high", "pressure"),
        fc.double({ min: 0.02, max: 0.055, noNaN: true }),
        fc.integer({ min: 110, max: 260 }),
        (name, edgeM, holdMin) => {
          const there = converted(braiseOf(edgeM, holdMin), name);
          const back = converted(there.plan, "oven");
          // Come-up and release alone can be more than the dish wants: then it cannot come back.
          if (there.trace.holdMin < 1) return;
          // A hold is found to half a minute, and half a minute under pressure is minutes in the oven.
          const foundMin = name === "pressure" ? 4 : 2;
          expect(Math.abs(back.trace.holdMin - holdMin)).toBeLessThan(foundMin + holdMin * 0.01);
          expect(Math.abs(back.waterL - 0.9)).toBeLessThan(0.04);
        },
      ),
      { numRuns: 10 },
    );
  });

  test("at more altitude a heat that boils never takes less for the same cooking", () => {
    const low = testKitchen({ altitudeM: 200 });
    const high = testKitchen({ altitudeM: 2200 });
    const plan = braiseOf(0.04, 150);
    const goal = goalOf(resolve(plan, low));
    for (const name of NAMES) {
      const at = (k: typeof kitchen) => convert(goal, targetOf(name), k).trace.holdMin;
      expect(at(high)).toBeGreaterThanOrEqual(at(low) - 0.5);
    }
  });

  test("bigger pieces never shorten it", () => {
    for (const name of NAMES) {
      const goal = goalOf(resolve(braiseOf(0.03), kitchen));
      const times = [0.03, 0.05, 0.075].map((edge) => {
        const dish = { ...goal, plan: braiseOf(edge) };
        return convert(dish, targetOf(name), kitchen).trace.holdMin;
      });
      expect(times[1]!).toBeGreaterThanOrEqual(times[0]! - 0.5);
      expect(times[2]!).toBeGreaterThanOrEqual(times[1]! - 0.5);
    }
  });

  test("closes its ledger and never goes over the vessel's limit", () => {
    for (const name of NAMES) {
      const c = converted(testBraise(), name);
      expect(ledgerBalanceKg(c.trace.ledger)).toBeCloseTo(c.trace.strained.liquidKg, 9);
      expect(c.trace.fullestShare).toBeLessThanOrEqual(0.86);
    }
  });
});

describe("late ingredients", () => {
  const dish = testBraise({
    items: [
      ...testBraise().items,
      { id: "carrot", ingredientId: "carrot", massKg: 0.3, when: { at: "beforeEnd", min: 40 } },
      { id: "cream", ingredientId: "cream", massKg: 0.1, when: { at: "start" } },
    ],
  });

  test("keep their own cook value, and go in after release under pressure", () => {
    const goal = goalOf(resolve(dish, kitchen));
    const want = goal.trace.items.find((i) => i.itemId === "carrot")!.cookMin;
    for (const name of ["hob", "low", "pressure"] as const) {
      const c = convert(goal, targetOf(name), kitchen);
      const got = c.trace.items.find((i) => i.itemId === "carrot")!;
      expect(Math.abs(got.cookMin - want)).toBeLessThan(Math.max(2, want * 0.12));
      if (name === "pressure") {
        expect(got.inMin).toBeGreaterThan(c.trace.toSimmerMin + c.trace.holdMin);
        expect(stagingChanges(goal, c.plan, c.trace).map((s) => s.text)).toEqual([
          expect.stringMatching(/^Carrot: after release/),
          expect.stringMatching(/^Cream: after release/),
        ]);
      }
    }
  });
});

describe("limits and ways out", () => {
  test("a nearly dry dish gets the cooker's least liquid, and the remedies take it out again", () => {
    const dry = testBraise({ water: { by: "amount", volumeL: 0.15 } });
    const c = converted(dry, "pressure");
    const vessel = kitchen.vessels.find((v) => v.id === "pressure")!;
    expect(c.leastL).toBe(leastLiquidL(c.plan, vessel));
    expect(c.overL).toBeGreaterThan(0.1);
    const limit = limitsOf(c, kitchen).find((l) => l.id === "leastLiquid");
    expect(limit?.remedies.map((r) => r.kind)).toEqual(["reduce", "thicken", "ladleOff"]);
    const off = limit?.remedies.find((r) => r.kind === "ladleOff")?.volumeL ?? 0;
    const goal = goalOf(resolve(dry, kitchen));
    expect(c.trace.endLiquidL - off).toBeCloseTo(goal.trace.endLiquidL, 6);
    // Reducing so long at a steady simmer steams that much off a 22 cm pot: 17 kg/m²·h.
    const minutes = limit?.remedies.find((r) => r.kind === "reduce")?.minutes ?? 0;
    const areaM2 = (Math.PI * 0.22 ** 2) / 4;
    expect((17 * areaM2 * minutes) / 60).toBeCloseTo(off, 1);
  });

  test("too much for the vessel is held back or cooked in loads, and nothing is lost", () => {
    const big = testBraise({
      vesselId: "tall",
      items: [{ id: "neck", ingredientId: "lambNeck", massKg: 2.6, when: { at: "start" } }],
      heat: { method: "hob", vigour: "gentle", lid: "ajar", boilFirstMin: null },
      water: { by: "amount", volumeL: 5 },
      stop: { by: "time", holdMin: 240 },
    });
    const goal = goalOf(resolve(big, kitchen));
    const c = convert(goal, targetOf("low"), kitchen);
    expect(c.loads).toBeGreaterThan(1);
    expect(c.trace.endLiquidKg * c.loads).toBeCloseTo(goal.trace.endLiquidKg, 1);
    expect(c.plan.items[0]!.massKg * c.loads).toBeCloseTo(2.6, 9);
    expect(limitsOf(c, kitchen).map((l) => l.id)).toContain("loads");
    expect(c.trace.fullestShare).toBeLessThanOrEqual(0.755);
  });

  test("what was held back once is not held back twice on the way home", () => {
    const full = testBraise({
      vesselId: "tall",
      items: [{ id: "c", ingredientId: "chickpea", massKg: 0.7, when: { at: "start" } }],
      heat: { method: "hob", vigour: "gentle", lid: "ajar", boilFirstMin: null },
      water: { by: "amount", volumeL: 4.4 },
      stop: { by: "time", holdMin: 190 },
    });
    const there = converted(full, "pressure");
    expect(there.heldBackL).toBeGreaterThan(0);
    const back = convert(
      goalOf(resolve(there.plan, kitchen)),
      { heat: full.heat, vesselId: "tall" },
      kitchen,
    );
    expect(back.plan.items.map((i) => i.id)).toEqual(["c"]);
    expect(Math.abs(back.waterL - 4.4)).toBeLessThan(0.1);
  });

  test("no minutes at pressure is no answer: it says that coming up alone is too much", () => {
    const quick = testBraise({
      items: [{ id: "t", ingredientId: "chickenThigh", massKg: 0.8, when: { at: "start" } }],
      heat: { method: "hob", vigour: "gentle", lid: "on", boilFirstMin: null },
      stop: { by: "time", holdMin: 25 },
    });
    const outcome = outcomeOf(() => converted(quick, "pressure"));
    expect(outcome).toMatchObject({ ok: false, problem: { code: "notReachable" } });
    if (!outcome.ok) expect(outcome.problem.message).toMatch(/quick release where it is safe/);
  });

  test("what never fits and what is never done say so", () => {
    const tiny = testKitchen();
    const pan = { ...tiny.vessels[3]!, id: "toy", heightM: 0.012 };
    const k = { ...tiny, vessels: [...tiny.vessels, pan] };
    expect(
      outcomeOf(() =>
        convert(goalOf(resolve(testBraise(), k)), { ...targetOf("pressure"), vesselId: "toy" }, k),
      ),
    ).toMatchObject({ ok: false, problem: { code: "notReachable" } });
    const long = testBraise({
      heat: HEATS.pressure,
      vesselId: "pressure",
      stop: { by: "time", holdMin: 400 },
    });
    expect(outcomeOf(() => convert(goalOf(resolve(long, k)), targetOf("low"), k))).toMatchObject({
      ok: false,
      problem: { code: "notReachable", field: "stop" },
    });
  });

  test("starch against too much liquid reckons from the body that is there, as the dish's own body does", () => {
    const withFlour = (massKg: number) =>
      testBraise({
        heat: HEATS.hob,
        end: "served",
        items: [
          ...testBraise().items,
          { id: "f", ingredientId: "flour", massKg, when: { at: "start" } },
        ],
        water: { by: "amount", volumeL: 0.15 },
      });
    const starch = (massKg: number) => {
      const goal = goalOf(resolve(withFlour(massKg), kitchen));
      const made = convert(goal, targetOf("pressure"), kitchen);
      const thin = limitsOf(made, kitchen).find((l) => l.id === "thin" || l.id === "leastLiquid");
      const remedy = thin?.remedies.find((r) => r.kind === "thicken");
      return { remedy, made, wantedL: made.trace.endLiquidL - made.overL };
    };
    const broth = starch(0.001);
    expect(inWords(broth.remedy?.text ?? "", "metric")).toContain("as thick as a stew gravy");
    expect(broth.remedy?.massG).toBeGreaterThan(15);
    const { remedy, made, wantedL } = starch(0.06);
    expect(inWords(remedy?.text ?? "", "metric")).toContain("as thick as it was to be");
    // With it the body is that of the same flour in what was wanted.
    const { flourGL, volumeL } = bodyOfPlan(made.plan, made.trace);
    const grams = remedy?.massG ?? 0;
    const after = (flourGL * volumeL + 2 * grams) / (volumeL + (0.002 * grams * volumeL) / volumeL);
    expect(after).toBeCloseTo((flourGL * volumeL) / wantedL, -1);
  });
});

describe("dry beans", () => {
  const beans = testBraise({
    items: [
      { id: "b", ingredientId: "runnerBean", massKg: 0.4, when: { at: "start" } },
      ...testBraise().items,
    ],
    water: { by: "amount", volumeL: 1.6 },
    heat: { method: "hob", vigour: "gentle", lid: "ajar", boilFirstMin: 45 },
    vesselId: "tall",
    stop: { by: "time", holdMin: 150 },
    prepareMin: 20,
  });

  test("are boiled hard before the crock and in the pot on the hob, as long as this altitude asks", () => {
    const crock = converted(beans, "low");
    expect(crock.plan.items[0]!.boiledMin).toBe(45);
    expect(crock.plan.prepareMin).toBe(20 + 45 + 15);
    const back = converted(crock.plan, "hob");
    expect(back.plan.heat).toMatchObject({ method: "hob" });
    const gentle = converted(
      {
        ...beans,
        heat: HEATS.pressure,
        vesselId: "pressure",
        stop: { by: "time", holdMin: 30 },
      } as Plan,
      "hob",
    );
    expect(gentle.plan.heat).toMatchObject({ boilFirstMin: 45 });
  });
});

describe("what must not go into a slow cooker", () => {
  const joint = (sizeM: [number, number, number], frozen = false): Plan =>
    testBraise({
      items: [
        {
          id: "j",
          ingredientId: "muttonShoulder",
          massKg: 2,
          when: { at: "start" },
          frozen,
          piece: { kind: "brick", sizeM },
        },
      ],
      water: { by: "amount", volumeL: 1 },
      heat: HEATS.low,
      vesselId: "crock",
      stop: { by: "time", holdMin: 500 },
    });
  const refusalOf = (plan: Plan, k = kitchen) => {
    const setPot = resolve(plan, k);
    const goal = goalOf(setPot);
    return crockRefusal(setPot, goal.trace, goal.waterL);
  };

  test("a frozen piece, whatever its size", () => {
    expect(refusalOf(joint([0.03, 0.03, 0.03], true))?.why).toBe("frozen");
  });

  test("a joint whose core takes over four hours, with remedies that have been tried", () => {
    const plan = joint([0.1, 0.14, 0.2]);
    const refusal = refusalOf(plan);
    expect(refusal?.why).toBe("tooSlow");
    expect(refusal!.remedies.length).toBeGreaterThan(0);
    for (const remedy of refusal!.remedies) {
      expect(remedy.from5To60Min).toBeLessThanOrEqual(SAFE_WARM_UP_MIN);
      expect(refusalOf({ ...plan, ...remedy.change })).toBeNull();
    }
    expect(refusalOf(joint([0.05, 0.05, 0.05]))).toBeNull();
  });
});

describe("the kitchen rule", () => {
  for (const v of vectorsOf(9, (i) => "hobMin" in i))
    test(v.name, () => {
      const { low, high } = v.expected as { low: number[]; high: number[] };
      const hobMin = Number(v.input.hobMin);
      for (const [to, hours] of [
        ["low", low],
        ["high", high],
      ] as const)
        expect(kitchenRule("hob", hobMin, to)).toEqual({
          lowMin: hours[0]! * 60,
          highMin: hours[1]! * 60,
        });
    });

  test("reaches from 15 to 180 min, is silent outside, and works both ways", () => {
    expect(kitchenRule("oven", 15, "low")).toEqual({ lowMin: 240, highMin: 360 });
    expect(kitchenRule("oven", 180, "high")).toEqual({ lowMin: 240, highMin: 360 });
    expect(kitchenRule("hob", 14, "low")).toBeNull();
    expect(kitchenRule("hob", 181, "low")).toBeNull();
    expect(kitchenRule("low", 420, "hob")).toEqual({ lowMin: 30, highMin: 50 });
    expect(kitchenRule("hob", 90, "pressure")).toMatchObject({ lowMin: 25.5 });
    expect(kitchenRule("pressure", 20, "low")).toEqual({ lowMin: 480, highMin: 600 });
    expect(kitchenRule("low", 900, "hob")).toBeNull();
  });
});
