import { resolve } from "./set-pot";
import { describe, expect, test } from "vitest";
import { HEATS, testKitchen, testPlan, VESSEL_OF } from "../../test/kitchen";
import { verdictsOf } from "../dish/verdicts";
import { crossover, rangesFor } from "../convert/crossover";
import type { Plan, PlanItem } from "./plan-schema";
import { rulingItemId } from "./ruling";
import { simulate } from "./simulate";
import { spreadOf } from "./spread";
import { coldWaterKg, waterL } from "./stated-water";

const kitchen = testKitchen({ altitudeM: 0 });
type Given = Partial<PlanItem> & { ingredientId: string };
const pot = (items: readonly Given[], over: object = {}): Plan =>
  testPlan({
    end: "served",
    vesselId: "casserole",
    heat: HEATS.hob,
    stop: { by: "tender" },
    water: { by: "amount", volumeL: 1.4 },
    items: items.map((i, n) => ({
      id: `i${n}`,
      massKg: 0.5,
      when: { at: "start" },
      ...i,
    })) as never,
    ...over,
  });
const waterKg = (plan: Plan) => coldWaterKg(waterL(resolve(plan, kitchen)), kitchen);
const ruler = (plan: Plan) =>
  plan.items.find((i) => i.id === rulingItemId(resolve(plan, kitchen), waterKg(plan)))
    ?.ingredientId;
const SOAKED = [{ kind: "soak" as const }];

describe("what rules a dish until it is tender", () => {
  test.each<[string, readonly Given[], string]>([
    [
      "beans with sausage: the beans, whatever weighs more",
      [
        { ingredientId: "sausage", massKg: 1.2 },
        { ingredientId: "whiteBean", massKg: 0.3, work: SOAKED },
      ],
      "whiteBean",
    ],
    [
      "mixed pulses: the slowest",
      [{ ingredientId: "redLentil" }, { ingredientId: "chickpea", work: SOAKED }],
      "chickpea",
    ],
    [
      "beef with bacon and carrots: the beef",
      [
        { ingredientId: "beefChuck", massKg: 0.4 },
        { ingredientId: "curedPork", massKg: 0.6 },
        { ingredientId: "carrot", massKg: 0.6 },
      ],
      "beefChuck",
    ],
    [
      "oxtail has an end too when it is eaten",
      [{ ingredientId: "oxtail" }, { ingredientId: "carrot" }],
      "oxtail",
    ],
    [
      "a big piece of what is quick is later than a small one of what is slow",
      [
        { ingredientId: "carrot", piece: { kind: "brick", sizeM: [0.01, 0.01, 0.01] } },
        { ingredientId: "chickenThigh", piece: { kind: "brick", sizeM: [0.14, 0.14, 0.14] } },
      ],
      "chickenThigh",
    ],
  ])("%s", (_what, items, wanted) => {
    const plan = pot(items);
    expect(ruler(plan)).toBe(wanted);
    const trace = simulate(resolve(plan, kitchen), { waterKg: waterKg(plan) });
    expect(trace.problem).toBeNull();
    expect(plan.items.find((i) => i.id === trace.mainItemId)?.ingredientId).toBe(wanted);
  });

  test("what was sweated, goes in by the end of the others, or was lifted out for good rules nothing", () => {
    const lentils = { ingredientId: "redLentil" };
    const slow = { ingredientId: "beefChuck" };
    expect(ruler(pot([lentils, slow]))).toBe("beefChuck");
    expect(ruler(pot([lentils, { ...slow, work: [{ kind: "sweat" }] }]))).toBe("redLentil");
    expect(ruler(pot([lentils, { ...slow, when: { at: "beforeEnd", min: 10 } }]))).toBe(
      "redLentil",
    );
    expect(
      ruler(pot([lentils, { ...slow, out: { when: { at: "tender" }, isBack: false } as never }])),
    ).toBe("redLentil");
  });

  test("the cook can name another piece; a name that is not judged is not followed", () => {
    const items = [{ ingredientId: "beefChuck" }, { ingredientId: "carrot" }];
    expect(ruler(pot(items, { ruledBy: "i1" }))).toBe("carrot");
    expect(ruler(pot(items, { ruledBy: "gone" }))).toBe("beefChuck");
  });

  test("nothing is done that is not in yet: what waits for the meat is waited for", () => {
    const plan = pot([
      { ingredientId: "goatShoulder", massKg: 0.6 },
      { ingredientId: "carrot", massKg: 0.2, when: { at: "whenTender", itemId: "i0" } },
    ]);
    const trace = simulate(resolve(plan, kitchen), { waterKg: waterKg(plan) });
    expect(trace.problem).toBeNull();
    const carrot = trace.items.find((i) => i.itemId === "i1");
    expect(carrot?.cookMin).toBeGreaterThan(25);
    expect(trace.items[0]!.cookMin).toBeGreaterThan(105);
  });

  test("fish is done by its core, well before 85 °C in the middle", () => {
    const fish = pot(
      [{ ingredientId: "whiteFish", piece: { kind: "brick", sizeM: [0.03, 0.06, 0.12] } }],
      { heat: { ...HEATS.hob, vigour: "bare" } },
    );
    const trace = simulate(resolve(fish, kitchen), { waterKg: waterKg(fish) });
    expect(trace.problem).toBeNull();
    const { hottestCentreC } = trace.items[0]!;
    expect(hottestCentreC).toBeGreaterThanOrEqual(63);
    expect(hottestCentreC).toBeLessThan(80);
    expect(verdictsOf(fish, trace)[0]?.state).toBe("atItsBest");
    const long = { ...fish, stop: { by: "time" as const, holdMin: 60 } };
    const overdone = simulate(resolve(long, kitchen), { waterKg: waterKg(long) });
    expect(verdictsOf(long, overdone)[0]?.state).toBe("overdone");
  });

  test("a strained stock is ruled by its bones, not by what is thrown away", () => {
    expect(rulingItemId(resolve(testPlan(), kitchen), 4)).toBeNull();
  });
});

test("until tender carries the spread of its target, and the converter says the same range", () => {
  const plan = pot([{ ingredientId: "beefChuck", massKg: 1.2 }]);
  const trace = simulate(resolve(plan, kitchen), { waterKg: waterKg(plan) });
  const { holdMin } = spreadOf(resolve(plan, kitchen), waterKg(plan), trace).figures;
  const sigma = Math.log(holdMin.highFactor / holdMin.lowFactor) / 2 / 1.28155;
  expect(sigma).toBeGreaterThan(0.24);
  expect(holdMin.shares.target).toBeGreaterThan(0.5);
  const timed: Plan = { ...plan, stop: { by: "time", holdMin: trace.holdMin } };
  const fixed = spreadOf(resolve(timed, kitchen), waterKg(timed), trace).figures.holdMin;
  expect(fixed.highFactor).toBeCloseTo(1, 6);
  const target = { heat: plan.heat, vesselId: VESSEL_OF.hob };
  const [range] = rangesFor(crossover(plan, [target as never], kitchen), { draws: 500, seed: 7 });
  const said = range!.holdMin;
  expect(said.low! / trace.holdMin).toBeCloseTo(holdMin.lowFactor, 1);
  expect(said.high! / trace.holdMin).toBeCloseTo(holdMin.highFactor, 1);
});
