import { resolve } from "./set-pot";
import fc from "fast-check";
import { describe, expect, test } from "vitest";
import { testBraise, testKitchen, testPlan } from "../../test/kitchen";
import { byTime, hob, stretch } from "../../test/stretches";
import { eatenOf } from "../dish/eaten";
import { verdictsOf } from "../dish/verdicts";
import { meatOf } from "../dish/meat-of";
import { ledgerBalanceKg } from "../liquid/ledger";
import { usualBoneShare, valuesOf } from "./item-facts";
import { outOf } from "./out-of";
import { PlanSchema, type Plan, type PlanItem } from "./plan-schema";
import { simulate } from "./simulate";
import { simmeredMin, type Trace } from "./trace";

const kitchen = testKitchen();
const run = (plan: Plan, waterKg = 2) => simulate(resolve(plan, kitchen), { waterKg });
const endKg = (trace: Trace, id: string) => trace.items.find((i) => i.itemId === id)?.endKg ?? NaN;

/** Shanks simmered, out with the second heat, back with the third. */
const shanks = (out: object | null, more: object = {}): Plan =>
  PlanSchema.parse({
    ...testBraise({ end: "served" }),
    heat: hob("gentle", "on"),
    stop: byTime(90),
    items: [
      {
        id: "shank",
        ingredientId: "lambShank",
        massKg: 1.2,
        when: { at: "start" },
        ...(out === null
          ? {}
          : { out: { when: { at: "stretch", stretchId: "down" }, isBack: true, ...out } }),
      },
      { id: "salt", ingredientId: "tableSalt", massKg: 0.015, when: { at: "start" } },
    ],
    then: [
      stretch("down", hob("rolling", "off"), byTime(20)),
      stretch("warm", hob("gentle", "on"), byTime(30)),
    ],
    ...more,
  });

describe("meat back and its bones not", () => {
  const whole = run(shanks({ backAt: "warm" }));
  const off = run(shanks({ backAt: "warm", boneShare: 0.3 }));

  test("it weighs less by its bones, and no more of it is eaten than was", () => {
    expect(endKg(whole, "shank") - endKg(off, "shank")).toBeCloseTo(0.36, 2);
    const eatenKg = (trace: Trace, plan: Plan) => eatenOf(plan, trace).solidsKg;
    expect(eatenKg(off, shanks({ backAt: "warm", boneShare: 0.3 }))).toBeCloseTo(
      eatenKg(whole, shanks({ backAt: "warm" })),
      2,
    );
    const [meat] = meatOf(shanks({ backAt: "warm", boneShare: 0.3 }), off);
    expect(meat?.shrinkShare).toBeGreaterThan(0.1);
    expect(meat?.shrinkShare).toBeLessThan(0.45);
  });

  test("what clings to the bones stays out with its salt, as salty as the pot was then", () => {
    const turned = off.marks.find((m) => m.kind === "turned" && m.stretchId === "down")?.tMin;
    const before = off.points.findLast((p) => p.tMin === turned);
    const leftKg = -(off.ledger.handedOn + off.ledger.handedOver);
    expect(leftKg).toBeGreaterThan(0.01);
    const plan = shanks(null);
    const saltG = plan.items.reduce((sum, i) => sum + i.massKg * valuesOf(i).saltGKg, 0);
    expect(whole.strained.saltG).toBeCloseTo(saltG, 9);
    expect(saltG - off.strained.saltG).toBeCloseTo((saltG * leftKg) / before!.liquidKg, 9);
  });

  test("what clings to bones that stay out keeps its gelatin, as strong as the pot was", () => {
    const neck = (more: object) =>
      PlanSchema.parse({
        ...shanks({ backAt: "warm", ...more }),
        items: shanks({ backAt: "warm", ...more }).items.map((i) =>
          i.id === "shank" ? { ...i, ingredientId: "lambNeck" } : i,
        ),
        then: [
          stretch("down", { method: "rest", lid: "on" }, byTime(1)),
          stretch("warm", { method: "rest", lid: "on" }, byTime(1)),
        ],
      });
    const [all, less] = [run(neck({})), run(neck({ boneShare: 0.7 }))];
    const g = ({ strained }: Trace) => strained.gelatinGL * strained.volumeL;
    const leftKg = -(less.ledger.handedOn + less.ledger.handedOver);
    const share = leftKg / (leftKg + less.endLiquidKg);
    expect(leftKg).toBeGreaterThan(0.03);
    expect((g(all) - g(less)) / g(all) / share).toBeGreaterThan(0.8);
    expect((g(all) - g(less)) / g(all) / share).toBeLessThan(1.6);
  });

  test("bones give nothing more once they are out; what they gave stays", () => {
    const neck = (out: object | null) => {
      const plan = shanks(out, { stop: byTime(60) });
      return PlanSchema.parse({
        ...plan,
        items: plan.items.map((i) => (i.id === "shank" ? { ...i, ingredientId: "lambNeck" } : i)),
        then: [plan.then[0], stretch("warm", hob("gentle", "on"), byTime(240))],
      });
    };
    const gelatinG = (plan: Plan) => {
      const { strained } = run(plan);
      return strained.gelatinGL * strained.volumeL;
    };
    const stays = gelatinG(neck({ backAt: "warm" }));
    const picked = gelatinG(neck({ backAt: "warm", boneShare: 0.7 }));
    const out = gelatinG(neck({ isBack: false }));
    expect(out).toBeLessThan(picked);
    expect(picked).toBeLessThan(stays * 0.95);
  });

  test("of bones what was on them is eaten; its usual share of bone is known by kind", () => {
    const neck = shanks({ backAt: "warm", boneShare: 0.7 });
    const items = neck.items.map((i) =>
      i.id === "shank" ? { ...i, ingredientId: "lambNeck" } : i,
    );
    const trace = run({ ...neck, items });
    expect(eatenOf({ ...neck, items }, trace).solidsKg).toBeCloseTo(endKg(trace, "shank"), 9);
    const of = (ingredientId: string) => usualBoneShare({ ...neck.items[0]!, ingredientId });
    expect([of("lambShank"), of("lambNeck"), of("goatShoulder")]).toEqual([0.3, 0.7, 0.2]);
  });

  test("whatever the share: liquid closes, something goes back, and nothing is below nothing", () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.01, max: 0.95, noNaN: true }),
        fc.constantFrom("lambShank", "lambNeck", "chickenLeg", "porkTrotter"),
        fc.boolean(),
        (boneShare, ingredientId, isAtEnd) => {
          const plan = shanks({ boneShare, ...(isAtEnd ? {} : { backAt: "warm" }) });
          const trace = run({
            ...plan,
            items: plan.items.map((i) => (i.id === "shank" ? { ...i, ingredientId } : i)),
          });
          expect(trace.problem).toBeNull();
          expect(ledgerBalanceKg(trace.ledger)).toBeCloseTo(trace.endLiquidKg, 9);
          expect(endKg(trace, "shank")).toBeGreaterThan(0);
        },
      ),
      { numRuns: 25 },
    );
  });
});

describe("strained in between", () => {
  const down = { ...stretch("down", hob("rolling", "off"), { by: "share", share: 0.5 }) };
  const stock = (isStrained: boolean, more: Partial<Plan> = {}): Plan =>
    PlanSchema.parse({
      ...testPlan(),
      heat: hob("gentle", "ajar"),
      stop: byTime(180),
      items: testPlan().items.map((i) => ({ ...i, when: { at: "start" } })),
      then: [isStrained ? { ...down, isStrained } : down],
      ...more,
    });
  const one = (plan: Plan) => run(plan, 4);

  test("the solids stay in the sieve with what is on them; half of the rest is boiled off", () => {
    const trace = one(stock(true));
    expect(trace.problem).toBeNull();
    expect(ledgerBalanceKg(trace.ledger)).toBeCloseTo(trace.strained.liquidKg, 9);
    expect(trace.solidsOutKg).toBe(0);
    const solidKg = one(stock(true, { then: [] })).solidsOutKg;
    // 0.08 L a kilogram: docs/method.md, “The ledger”.
    expect(-trace.ledger.leftOnSolids).toBeCloseTo(0.08 * solidKg, 2);
    const [first] = trace.stretches;
    const leftL = (first?.endLiquidL ?? 0) + trace.ledger.leftOnSolids;
    expect(trace.endLiquidL).toBeCloseTo(leftL / 2, 1);
  });

  test("what was drawn from the bones is in it; what rules it is not forgotten", () => {
    const strained = one(stock(true));
    const without = one(stock(true, { then: [] }));
    expect(strained.cookMin).toBeCloseTo(without.cookMin, -1);
    expect(strained.mainItemId).toBe(without.mainItemId);
    const g = ({ strained: s }: Trace) => s.gelatinGL * s.volumeL;
    expect(g(strained)).toBeGreaterThan(0.9 * g(without));
    expect(strained.strained.gelatinGL).toBeGreaterThan(1.7 * without.strained.gelatinGL);
    // Their bones in all the while, they give on.
    expect(g(one(stock(false)))).toBeGreaterThan(g(strained));
  });

  test("what goes in after the sieve does not lead because the bones are out", () => {
    const late = stock(true);
    const items = [
      ...late.items,
      {
        ...late.items[0]!,
        id: "leek",
        ingredientId: "leek",
        when: { at: "beforeEnd" as const, min: 10 },
      },
    ];
    const trace = one({ ...late, items });
    expect(trace.items.find((i) => i.itemId === "leek")?.outMin).toBeNull();
    expect(trace.mainItemId).toBe(one(late).mainItemId);
    expect(simmeredMin(trace)).toBeCloseTo(180, 0);
    expect(simmeredMin(one(stock(true, { then: [] })))).toBeCloseTo(180, 0);
  });

  test("pressed, less stays on them", () => {
    const pressed = one(
      stock(true, { strain: { when: "afterPause", pressed: true, clothPasses: 0 } }),
    );
    expect(pressed.ledger.leftOnSolids / one(stock(true)).ledger.leftOnSolids).toBeCloseTo(
      0.03 / 0.08,
      2,
    );
  });

  test("what a ladle lifts out for good is not pressed, only what the sieve holds", () => {
    const leftKg = (pressed: boolean) => {
      const plan = stock(false, { strain: { when: "afterPause", pressed, clothPasses: 0 } });
      const [bones, ...rest] = plan.items;
      const out = { when: { at: "stretch" as const, stretchId: "down" }, isBack: false };
      return -one({ ...plan, items: [{ ...bones!, out }, ...rest] }).ledger.leftOnSolids;
    };
    const onionsKg = 0.2 * 0.08;
    expect(Math.abs(leftKg(true) - leftKg(false))).toBeLessThan(onionsKg);
  });

  test("what does not go back has no moment to", () => {
    const trace = run(shanks({ isBack: false, backAt: "warm" }));
    expect(trace.marks.map((m) => m.kind)).not.toContain("itemBack");
    expect(trace.solidsOutKg).toBe(0);
  });

  test("who comes out with it: what is in by then and was not said to do otherwise", () => {
    const item = (when: PlanItem["when"], more: Partial<PlanItem> = {}): PlanItem => ({
      ...stock(true).items[0]!,
      when,
      ...more,
    });
    const plan = stock(true, {
      then: [
        stretch("cover", hob("gentle", "on"), byTime(20)),
        { ...stretch("sieve", hob("gentle", "on"), byTime(20)), isStrained: true },
        stretch("last", hob("gentle", "on"), byTime(20)),
      ],
    });
    const sieve = { when: { at: "stretch", stretchId: "sieve" }, isBack: false };
    const out = (when: PlanItem["when"], more?: Partial<PlanItem>) => outOf(item(when, more), plan);
    expect(out({ at: "start" })).toEqual(sieve);
    expect(out({ at: "after", min: 9 })).toEqual(sieve);
    expect(out({ at: "stretch", stretchId: "cover" })).toEqual(sieve);
    expect(out({ at: "stretch", stretchId: "sieve" })).toBeUndefined();
    expect(out({ at: "stretch", stretchId: "last" })).toBeUndefined();
    expect(out({ at: "beforeEnd", min: 5 })).toBeUndefined();
    expect(out({ at: "start" }, { ingredientId: "tableSalt" })).toBeUndefined();
    const own = { when: { at: "tender" as const }, isBack: true };
    expect(out({ at: "start" }, { out: own })).toEqual(own);
    expect(outOf(item({ at: "start" }), stock(false))).toBeUndefined();
  });

  test("of a dish what stays in the sieve is neither eaten nor what it is judged by", () => {
    const soup = PlanSchema.parse({
      ...testBraise({ end: "served" }),
      heat: hob("gentle", "on"),
      stop: byTime(120),
      items: [
        { ...testBraise().items[0]!, id: "meat" },
        {
          id: "barley",
          ingredientId: "pearlBarley",
          massKg: 0.2,
          when: { at: "stretch", stretchId: "on" },
        },
      ],
      then: [{ ...stretch("on", hob("gentle", "on"), byTime(40)), isStrained: true }],
    });
    const trace = run(soup, 3);
    expect(trace.mainItemId).toBe("barley");
    expect(verdictsOf(soup, trace).map((v) => v.itemId)).toEqual(["barley"]);
    expect(verdictsOf({ ...soup, then: [] }, trace).map((v) => v.itemId)).toContain("meat");
    expect(eatenOf(soup, trace).solidsKg).toBeCloseTo(endKg(trace, "barley"), 6);
  });
});
