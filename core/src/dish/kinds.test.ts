import { resolve } from "../simulate/set-pot";
import { inWords } from "../units/said";
import { describe, expect, test } from "vitest";
import { testKitchen } from "../../test/kitchen";
import { answersFor } from "../because/answers";
import { KINDS } from "../simulate/dish-words";
import { Problem } from "../units/problem";
import { BONES } from "../ingredient/catalogue-bones";
import { capacityL } from "../vessel/volume";
import { planOfBones, planOfKind } from "./kinds";
import { choiceOf, choose, questionsFor, SCHOOLS } from "./schools/schools";
import { timedIn } from "./time-in";

const NOON = () => 12;
/** High up, by the sea, and with no oven: the defaults must stand everywhere. */
const KITCHENS = [
  ["at 1640 m", testKitchen()],
  ["at sea level", testKitchen({ altitudeM: 0 })],
  ["without an oven", testKitchen({ altitudeM: 400, ovens: [] })],
] as const;

describe.each(KITCHENS)("every kind from its defaults, %s", (_where, kitchen) => {
  test.each(KINDS)("%s is a sensible pot", (kind) => {
    const plan = planOfKind(kind, kitchen, kind);
    const outcome = answersFor(resolve(plan, kitchen), NOON);
    if (!outcome.ok) throw outcome.problem;
    const { trace, fit, cautions, dish, flavour } = outcome.value;
    expect(trace.problem).toBeNull();
    expect(fit.limit).toBe("fits");
    expect(cautions.filter((c) => c.severity === "danger").map((c) => c.id)).toEqual([]);
    expect(dish.verdicts.filter((v) => v.state !== "done" && v.state !== "atItsBest")).toEqual([]);
    expect(trace.endLiquidL).toBeGreaterThan(0.2);
    if (plan.end === "strained") {
      expect(trace.strained.volumeL).toBeGreaterThan(1);
      expect(flavour?.state).toBe("at its best");
    } else {
      expect(dish.eaten.portions ?? 0).toBeGreaterThan(4);
      expect(dish.eaten.portions ?? 0).toBeLessThan(11);
    }
  });
});

test.each(BONES.map((b) => b.id))(
  "%s alone, with water, fill the big pot as a stock does",
  (id) => {
    const kitchen = testKitchen();
    const plan = planOfBones(id, kitchen, "bones");
    expect(plan.items.map((i) => [i.ingredientId, i.boneState, i.when.at])).toEqual([
      [id, "raw", "start"],
    ]);
    const outcome = answersFor(resolve(plan, kitchen), NOON);
    if (!outcome.ok) throw outcome.problem;
    const { trace, fit, flavour } = outcome.value;
    expect(trace.problem).toBeNull();
    expect(fit.limit).toBe("fits");
    expect(flavour?.state).toBe("at its best");
    expect(trace.strained.volumeL).toBeGreaterThan(1);
  },
);

test("a kitchen without a ring cannot plan a kind, and says what is missing", () => {
  expect(() => planOfKind("stew", testKitchen({ rings: [] }), "x")).toThrow(Problem);
});

test("a dish for so many is for them, in a pot that holds it, or in the biggest where none does", () => {
  const kitchen = testKitchen();
  const sizeOf = (people: number | null) => {
    const plan = planOfKind("stew", kitchen, "x", people);
    const vessel = kitchen.vessels.find((v) => v.id === plan.vesselId);
    const massKg = plan.items.reduce((sum, i) => sum + i.massKg, 0);
    const outcome = answersFor(resolve(plan, kitchen), NOON);
    const portions = outcome.ok ? (outcome.value.dish.eaten.portions ?? 0) : 0;
    return { plan, vessel, massKg, portions, fit: outcome.ok ? outcome.value.fit.limit : "none" };
  };
  const [six, two, twelve, hundred] = [null, 2, 12, 100].map(sizeOf);
  expect(two?.plan.serves?.people).toBe(2);
  expect(two?.massKg).toBeLessThan((six?.massKg ?? 0) / 2);
  expect(two?.portions).toBeCloseTo(2, 0);
  expect(twelve?.portions).toBeCloseTo(12, 0);
  expect(twelve?.fit).toBe("fits");
  expect(twelve?.plan.serves?.people).toBe(12);
  // Nothing of what was asked for is cut away unseen: the plan opens with its fault.
  expect(hundred?.plan.serves?.people).toBe(100);
  expect(hundred?.fit).not.toBe("fits");
  expect(Math.max(...kitchen.vessels.map(capacityL))).toBe(
    hundred?.vessel && capacityL(hundred.vessel),
  );
});

test("late things are timed to be done with the rest, whatever they were", () => {
  const kitchen = testKitchen();
  const plan = planOfKind("stew", kitchen, "x");
  const off = {
    ...plan,
    items: plan.items.map((i) =>
      i.when.at === "beforeEnd" ? { ...i, when: { at: "beforeEnd" as const, min: 5 } } : i,
    ),
  };
  const minutes = (p: typeof plan) =>
    p.items.flatMap((i) => (i.when.at === "beforeEnd" ? [i.when.min] : []));
  timedIn(resolve(off, kitchen));
  minutes(timedIn(resolve(off, kitchen))).forEach((min, i) =>
    expect(Math.abs(min - (minutes(plan)[i] ?? 0))).toBeLessThan(8),
  );
});

describe("schools", () => {
  const kitchen = testKitchen();
  test("every question has a default among its schools, and a line for each", () => {
    for (const q of SCHOOLS) {
      expect(
        q.schools.map((s) => s.id),
        q.id,
      ).toContain(q.byDefault);
      for (const s of q.schools)
        expect(inWords(s.effect, "metric").length, `${q.id} ${s.id}`).toBeGreaterThan(5);
    }
    expect(SCHOOLS.length).toBeGreaterThanOrEqual(30);
  });

  test("a choice that changes the pot is then what the pot is", () => {
    for (const kind of KINDS) {
      const plan = planOfKind(kind, kitchen, kind);
      for (const q of questionsFor(plan))
        for (const s of q.schools) {
          if (s.apply === undefined || s.isNow === undefined) continue;
          const next = choose(plan, q.id, s.id, kitchen);
          if (q.applies(next) && s.isNow(next))
            expect(choiceOf(q, next), `${kind} ${q.id}`).toBe(s.id);
        }
    }
  });

  test("flour taken out can be had again as a roux: body comes with it", () => {
    const bare = choose(planOfKind("stew", kitchen, "x"), "flour", "none", kitchen);
    expect(bare.items.some((i) => i.ingredientId === "flour")).toBe(false);
    const roux = choose(bare, "flour", "roux", kitchen);
    expect(roux.items.at(-1)).toMatchObject({
      ingredientId: "flour",
      massKg: 0.06,
      work: [{ kind: "roux" }],
    });
    const flour = SCHOOLS.find((q) => q.id === "flour");
    expect(flour === undefined ? "" : choiceOf(flour, roux)).toBe("roux");
  });

  test("roasted bones set less, unsoaked beans take longer, unreduced wine keeps alcohol", () => {
    const figures = (kind: Parameters<typeof planOfKind>[0], question: string, school: string) => {
      const outcome = answersFor(
        resolve(choose(planOfKind(kind, kitchen, "x"), question, school, kitchen), kitchen),
        NOON,
      );
      if (!outcome.ok) throw outcome.problem;
      return outcome.value;
    };
    const set = (school: string) => figures("boneBroth", "bones", school).trace.strained.gelatinGL;
    expect(set("roasted")).toBeLessThan(set("raw"));
    const hold = (school: string) => figures("beanChili", "beans", school).trace.holdMin;
    expect(hold("unsoaked")).toBeGreaterThan(hold("soaked") * 1.4);
    const left = (school: string) => figures("braise", "wine", school).trace.strained.alcoholG;
    expect(left("main")).toBeGreaterThan(left("reduced"));
  });
});
