import { resolve } from "../simulate/set-pot";
import { describe, expect, test } from "vitest";
import { answersFor } from "../because/answers";
import { HEATS, testBraise, testKitchen, VESSEL_OF, type HeatName } from "../../test/kitchen";
import { gravyBraise } from "../../test/stretches";
import { PlanSchema } from "../simulate/plan-schema";
import { onlyFirst, withoutStretch } from "../simulate/without-stretch";
import { laterHeat, openedHeat, stretchIdeas } from "./stretch-ideas";

const kitchen = testKitchen();
const on = (name: HeatName) =>
  testBraise({
    heat: HEATS[name],
    vesselId: VESSEL_OF[name],
    stop: { by: "time", holdMin: name === "pressure" ? 25 : 150 },
    end: "served",
    water: { by: "amount", volumeL: 1.6 },
  });

describe("what may follow on a heat", () => {
  test.each<[HeatName, readonly string[]]>([
    ["hob", ["reduce", "uncover", "strain", "oven", "rest"]],
    ["oven", ["reduce", "uncover", "strain", "brown", "rest"]],
    ["low", ["high", "rest"]],
    ["pressure", ["open", "reduce", "strain", "rest"]],
  ])("on %s: only what its pot can do", (name, ids) => {
    expect(stretchIdeas(resolve(on(name), kitchen)).map((i) => i.id)).toEqual(ids);
  });

  test("each is a plan that can be kept, worked out and put on", () => {
    for (const name of ["hob", "oven", "low", "pressure"] as const)
      for (const { stretch, said } of stretchIdeas(resolve(on(name), kitchen))) {
        const next = { ...on(name), then: [{ ...stretch, id: "next" }] };
        expect(PlanSchema.safeParse(next).error?.issues, said).toBeUndefined();
        const outcome = answersFor(resolve(next, kitchen), () => 10);
        expect(outcome.ok, said).toBe(true);
        if (outcome.ok) expect(outcome.value.trace.problem, said).toBeNull();
      }
  });

  test("six are enough, and without a vessel there is none", () => {
    const six = {
      ...on("hob"),
      then: [1, 2, 3, 4, 5].map((i) => ({
        id: `s${i}`,
        heat: { method: "rest" as const, lid: "on" as const },
        stop: { by: "time" as const, holdMin: 5 },
      })),
    };
    expect(stretchIdeas(resolve(six, kitchen))).toEqual([]);
    expect(stretchIdeas(resolve({ ...on("hob"), vesselId: "gone" }, kitchen))).toEqual([]);
    expect(laterHeat("oven", testKitchen({ ovens: [] }))).toBeNull();
  });
});

test("to boil down on: the heat it ends on, its lid off; none where there is no lid to take off", () => {
  expect(openedHeat(on("hob"))).toMatchObject({ method: "hob", vigour: "gentle", lid: "off" });
  expect(openedHeat(on("oven"))).toMatchObject({ method: "oven", ovenC: 150, lid: "off" });
  expect(openedHeat(on("low"))).toBeNull();
  expect(openedHeat(on("pressure"))).toBeNull();
});

describe("a stretch taken out", () => {
  const plan = gravyBraise();

  const itemsOf = (p: typeof plan) => p.items.map((i) => [i.when.at, i.out ?? null]);

  test("what moved with it moves with the next, or at the end", () => {
    expect(itemsOf(withoutStretch(plan, "sauce"))).toEqual([
      ["start", null],
      ["stretch", null],
    ]);
    expect(itemsOf(withoutStretch(plan, "warm"))).toEqual([
      ["start", { when: { at: "stretch", stretchId: "sauce" }, isBack: true }],
      ["offHeat", null],
    ]);
    expect(withoutStretch(plan, "none")).toBe(plan);
  });

  test("all of them: nothing refers to what is gone", () => {
    const first = onlyFirst(plan);
    expect(first.then).toEqual([]);
    expect(JSON.stringify(first.items)).not.toContain("stretch");
  });
});
