import { asPlanned } from "../simulate/as-planned";
import { resolve } from "../simulate/set-pot";
import { SCHEMA_VERSION } from "../simulate/schema-version";
import { describe, expect, test } from "vitest";
import { happened } from "../../test/events";
import { testBraise, testKitchen, testPlan } from "../../test/kitchen";
import { bodyOfPlan } from "../dish/body-of";
import { saltOf } from "../dish/salt-of";
import { PlanItemSchema, type Plan } from "../simulate/plan-schema";
import { inWords } from "../units/said";
import { showVolume } from "../units/show";
import { atSpeed, potNowMs } from "./pot-clock";
import { BatchSchema } from "./batch-schema";
import { fold, lastTap } from "./fold";
import { doseFor } from "./tasting";

const kitchen = testKitchen();
const traceOf = (plan: Plan) => asPlanned(resolve(plan, kitchen)).trace;
const salted = (g: number) =>
  testBraise({
    end: "served",
    items: [
      ...testBraise().items,
      ...(g > 0
        ? [{ id: "s", ingredientId: "tableSalt", massKg: g / 1000, when: { at: "start" as const } }]
        : []),
    ],
  });

const saidOf = (...of: Parameters<typeof doseFor>) => inWords(doseFor(...of).text, "metric");

describe("too thin, too thick", () => {
  const floured = (flourG: number, thickWantedGL: number | null = null) =>
    testBraise({
      end: "served",
      thickWantedGL,
      items: [
        ...testBraise().items,
        ...(flourG > 0
          ? [
              {
                id: "f",
                ingredientId: "flour",
                massKg: flourG / 1000,
                when: { at: "start" as const },
              },
            ]
          : []),
      ],
    });
  const bodyWith = (plan: Plan, add: { ingredientId: string; massKg: number } | null) => {
    if (add === null) throw new Error("nothing to add");
    const more = { id: "more", ...add, when: { at: "offHeat" as const } };
    const thicker = { ...plan, items: [...plan.items, PlanItemSchema.parse(more)] };
    return bodyOfPlan(thicker, traceOf(thicker)).flourGL;
  };

  test("thin: so much starch as comes to the body that is wanted, else to the next", () => {
    const wanted = floured(20, 60);
    const dose = doseFor("thin", wanted, kitchen, traceOf(wanted));
    expect(bodyWith(wanted, dose.add)).toBeGreaterThan(54);
    expect(bodyWith(wanted, dose.add)).toBeLessThan(74);
    expect(saidOf("thin", wanted, kitchen, traceOf(wanted))).toMatch(
      /^Lid off, boil it down to .*or corn/,
    );
    // A clear one holds nothing that boiling would thicken.
    const clear = floured(0);
    expect(saidOf("thin", clear, kitchen, traceOf(clear))).toMatch(
      /^Corn starch, \d+ g.*like a light soup/,
    );
  });

  test("thin, of a stock: reduced after the sieve", () => {
    expect(doseFor("thin", testPlan(), kitchen, traceOf(testPlan())).add).toBeNull();
  });

  test("thick without starch to thin: a tenth more liquid", () => {
    const clear = floured(0);
    const { add } = doseFor("thick", clear, kitchen, traceOf(clear));
    expect(add?.massKg).toBeCloseTo(0.1 * bodyOfPlan(clear, traceOf(clear)).volumeL, 2);
  });

  test("thick: so much liquid as comes down to what is wanted", () => {
    const plan = floured(90, 45);
    const { add } = doseFor("thick", plan, kitchen, traceOf(plan));
    expect(add?.ingredientId).toBe("water");
    expect(bodyWith(plan, add)).toBeCloseTo(45, -0.5);
    expect(inWords(doseFor("thick", plan, kitchen, traceOf(plan)).text, "us")).not.toMatch(
      /\d m?L\b/,
    );
  });
});

describe("what a taste asks for", () => {
  test("salt is judged as it is tasted now, and without what lies on the counter yet", () => {
    const plan = salted(30);
    const trace = traceOf(plan);
    const now = (liquidL: number, ids: readonly string[]) =>
      saidOf("salty", plan, kitchen, trace, { liquidL, isIn: (id) => ids.includes(id) });
    const perNow = (text: string) => Number(/now about ([\d.]+) g/.exec(text)?.[1]);
    const all = ["goat", "s"];
    const atEnd = perNow(now(trace.endLiquidL, all));
    expect(atEnd).toBeCloseTo(saltOf(plan, kitchen, trace).per, 1);
    expect(perNow(now(trace.endLiquidL + 1, all))).toBeLessThan(atEnd * 0.8);
    expect(perNow(now(trace.endLiquidL, ["goat"]))).toBe(0);
    expect(now(trace.endLiquidL, ["goat"])).toContain("a tenth down");
  });

  test("dull: salt in a small step, never past what it still bears", () => {
    const plan = salted(0);
    const dose = doseFor("dull", plan, kitchen, traceOf(plan));
    const { addG, amount } = saltOf(plan, kitchen, traceOf(plan));
    expect(dose.add?.ingredientId).toBe("tableSalt");
    const g = (dose.add?.massKg ?? 0) * 1000;
    expect(g).toBeLessThanOrEqual(addG + 1e-9);
    expect(g).toBeCloseTo(Math.min(addG, 1.5 * amount), 6);
    // Nearly there: only what is missing.
    const nearly = salted(addG - 1);
    expect((doseFor("dull", nearly, kitchen, traceOf(nearly)).add?.massKg ?? 0) * 1000).toBeCloseTo(
      1,
      0,
    );
  });

  test("dull though salt is there already: acid first, no more salt", () => {
    const plan = salted(40);
    const dose = doseFor("dull", plan, kitchen, traceOf(plan));
    expect(dose.add).toBeNull();
    expect(inWords(dose.text, "metric")).toMatch(/acid/);
  });

  test("too salty: so much unsalted liquid as brings it down; the rest in small steps", () => {
    const plan = salted(60);
    const trace = traceOf(plan);
    expect(saidOf("salty", plan, kitchen, trace)).toContain(
      showVolume(saltOf(plan, kitchen, trace).diluteL, "metric"),
    );
    expect(inWords(doseFor("salty", plan, kitchen, trace).text, "us")).toMatch(
      /^[\d ½¼¾]+ (qt|cups?) of/,
    );
    expect(doseFor("sweet", plan, kitchen, trace).add?.ingredientId).toBe("vinegar");
    expect(doseFor("sharp", plan, kitchen, trace).add?.ingredientId).toBe("sugar");
    // What is put in for it is spooned where ounces are read; salt is told in grams everywhere.
    const sugar = doseFor("sharp", plan, kitchen, trace).text;
    expect(inWords(sugar, "metric")).toMatch(/^Sugar, \d+(\.5)? g,/);
    expect(inWords(sugar, "us")).toMatch(/^Sugar, [^,]* tsp|^Sugar, [^,]* tbsp/);
    expect(doseFor("hot", plan, kitchen, trace).add).toBeNull();
    expect(doseFor("right", plan, kitchen, trace).add).toBeNull();
  });
});

describe("the log", () => {
  test("a tasting, a fork, a portion out and back are in it; readings from instruments are not undone", () => {
    const events = happened(
      { kind: "lit", atMs: 1 },
      { kind: "tasted", who: "cook", tastes: ["dull"], isAtEatingHeat: true, text: "", atMs: 2 },
      { kind: "ladledOut", volumeL: 0.5, atMs: 3 },
      { kind: "pouredBack", volumeL: 0.5, atMs: 4 },
      { kind: "temperature", where: "liquid", tempC: 80, source: "instrument", atMs: 5 },
    );
    const cook = fold(events);
    expect(cook.tastings[0]).toMatchObject({ who: "cook", tastes: ["dull"] });
    expect(cook.pours.map((p) => p.volumeL)).toEqual([-0.5, 0.5]);
    expect(lastTap(events)[0]?.kind).toBe("pouredBack");
  });
});

describe("a practice pot's clock", () => {
  const batch = BatchSchema.parse({
    schemaVersion: SCHEMA_VERSION,
    id: "b",
    createdMs: 0,
    plan: testPlan(),
    kitchen,
    practice: { seed: 1, speed: 60, realMs: 1000, potMs: 5000 },
  });
  test("runs at its speed, does not jump when the speed changes, and stands still on hold", () => {
    expect(potNowMs(batch, 2000)).toBe(65_000);
    const held = atSpeed(batch, 0, 2000);
    expect(potNowMs(held, 2000)).toBe(65_000);
    expect(potNowMs(held, 9_999_999)).toBe(65_000);
    expect(potNowMs(atSpeed(held, 600, 3000), 4000)).toBe(665_000);
    expect(potNowMs({}, 4321)).toBe(4321);
    const { practice: _practice, ...earnest } = batch;
    expect(atSpeed(earnest, 600, 0)).toBe(earnest);
  });
});
