import { resolve } from "../../simulate/set-pot";
import { describe, expect, test } from "vitest";
import { HEATS, testBraise, testKitchen, testPlan } from "../../../test/kitchen";
import { PlanSchema } from "../../simulate/plan-schema";
import { statedHeat } from "./stated-heat";

const kitchen = testKitchen();
const plan = testPlan();

describe("a heat said in words", () => {
  test.each([
    ["pressure 75 min", { method: "pressure" }, "pressure", { by: "time", holdMin: 75 }],
    ["LOW 8 h", { method: "slowCooker", setting: "low" }, "crock", { by: "time", holdMin: 480 }],
    [
      "high 5 hours",
      { method: "slowCooker", setting: "high" },
      "crock",
      { by: "time", holdMin: 300 },
    ],
    ["3 h", plan.heat, plan.vesselId, { by: "time", holdMin: 180 }],
    [
      "bare simmer, lid off",
      { method: "hob", vigour: "bare", lid: "off" },
      plan.vesselId,
      plan.stop,
    ],
    ["hob until tender", { method: "hob" }, plan.vesselId, { by: "tender" }],
  ])("%s", (text, heat, vesselId, stop) => {
    const stated = statedHeat(text, resolve(plan, kitchen));
    expect(stated.heat).toMatchObject(heat);
    expect(stated.vesselId).toBe(vesselId);
    expect(stated.stop).toEqual(stop);
    expect(PlanSchema.safeParse({ ...plan, ...stated }).success).toBe(true);
  });

  test("an oven by its degrees, in either measure", () => {
    for (const [text, c] of [
      ["oven 150 C 3 h, lid on", 150],
      ["oven 300F for 3 hours", 148.9],
    ] as const) {
      const { heat, stop } = statedHeat(text, resolve(plan, kitchen));
      expect(heat.method).toBe("oven");
      expect(heat.method === "oven" ? heat.ovenC : 0).toBeCloseTo(c, 1);
      expect(stop).toEqual({ by: "time", holdMin: 180 });
    }
  });

  test("what is not said of it stays: HIGH, the hot start, the oven", () => {
    const crock = testBraise({
      vesselId: "crock",
      heat: { ...HEATS.low, setting: "high", start: "hot", highFirstMin: 30 },
    });
    expect(statedHeat("3 h", resolve(crock, kitchen)).heat).toEqual(crock.heat);
    expect(statedHeat("LOW 8 h", resolve(crock, kitchen)).heat).toEqual({
      ...crock.heat,
      setting: "low",
    });
    const cold = testBraise({ heat: { ...HEATS.oven, start: "cold", lid: "off" } });
    expect(statedHeat("oven 130 C", resolve(cold, kitchen)).heat).toEqual({
      ...cold.heat,
      ovenC: 130,
    });
  });

  test("HIGH first and then LOW is both, in that order; one or the other is asked back", () => {
    const { heat, stop } = statedHeat("HIGH 1 h, then LOW 6 h", resolve(plan, kitchen));
    expect(heat).toMatchObject({ method: "slowCooker", setting: "low", highFirstMin: 60 });
    expect(stop).toEqual({ by: "time", holdMin: 420 });
    expect(() => statedHeat("HIGH 4 h or LOW 8 h", resolve(plan, kitchen))).toThrow(
      /leaves it open/,
    );
  });

  test("two times, or degrees of either measure, are asked back", () => {
    expect(() => statedHeat("oven 150 C 2 to 3 h", resolve(plan, kitchen))).toThrow(
      /leaves it open/,
    );
    expect(() => statedHeat("oven 225 degrees 3 h", resolve(plan, kitchen))).toThrow(
      /Fahrenheit or Celsius/,
    );
  });

  test("what is no heat says so, a kitchen without the vessel too", () => {
    expect(() => statedHeat("with love", resolve(plan, kitchen))).toThrow(
      /names no heat and no time/,
    );
    const bare = { ...kitchen, vessels: kitchen.vessels.filter((v) => v.kind === "pot") };
    expect(() => statedHeat("LOW 8 h", resolve(plan, bare))).toThrow(/no slow cooker/);
  });
});
