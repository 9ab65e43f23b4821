import { resolve } from "../simulate/set-pot";
import { expect, test } from "vitest";
import { HEATS, testBraise, testKitchen, VESSEL_OF, type HeatName } from "../../test/kitchen";
import { simulate } from "../simulate/simulate";
import { fireBlock } from "./fire-block";

const kitchen = testKitchen({
  runsAlone: { slowCooker: true, oven: false, electricPressure: true },
});
const stepsOf = (name: HeatName) => {
  const plan = testBraise({
    heat: HEATS[name],
    vesselId: VESSEL_OF[name],
    end: "served",
    stop: { by: "time", holdMin: 120 },
  });
  const trace = simulate(resolve(plan, kitchen), { waterKg: 0.9 });
  return fireBlock(resolve(plan, kitchen), trace, 0.9, false, false).steps;
};
const holdOf = (name: HeatName) => stepsOf(name).find((s) => s.id.endsWith("/hold"));

test("a simmer and an oven that may not run alone want eyes, a gauge on the ring an ear, a crock nobody", () => {
  expect(holdOf("hob")).toMatchObject({ title: "Simmers", attention: "eyes", isFlame: true });
  expect(holdOf("oven")).toMatchObject({ title: "In the oven", attention: "eyes", isFlame: false });
  expect(holdOf("pressure")).toMatchObject({ title: "At pressure", attention: "near" });
  expect(holdOf("pressure")?.isFlame).toBe(true);
  expect(holdOf("low")).toMatchObject({ title: "On LOW", attention: "none", isFlame: false });
});

test("what comes up on the ring has it for that long, an oven's dish too", () => {
  for (const name of ["hob", "oven", "pressure"] as const)
    expect(stepsOf(name).find((s) => s.id.endsWith("/up"))?.isFlame).toBe(true);
});
