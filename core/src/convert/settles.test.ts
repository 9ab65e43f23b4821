import { resolve } from "../simulate/set-pot";
import fc from "fast-check";
import { describe, expect, test } from "vitest";
import { HEATS, testBraise, testKitchen, VESSEL_OF } from "../../test/kitchen";
import { centreIsHot } from "../simulate/hold-for-cook";
import type { Plan } from "../simulate/plan-schema";
import { runOnce } from "../simulate/simulate";
import { coldWaterKg } from "../simulate/stated-water";
import { outcomeOf } from "../units/problem";
import { convert } from "./convert";
import { goalOf } from "./goal";

type HeatName = keyof typeof HEATS;
const NAMES = Object.keys(HEATS) as HeatName[];
const dish = (from: HeatName, over: object): Plan =>
  testBraise({ heat: HEATS[from], vesselId: VESSEL_OF[from], end: "served", ...over });
const meat = (massKg: number) => ({
  id: "m",
  ingredientId: "beefChuck",
  massKg,
  when: { at: "start" as const },
  piece: { kind: "brick" as const, sizeM: [0.04, 0.04, 0.04] },
});
const late = (massKg: number, min: number) => ({
  id: "c",
  ingredientId: "carrot",
  massKg,
  when: { at: "beforeEnd" as const, min },
});

/** What the converted plan really comes to, simulated on its own. */
function really(plan: Plan, to: HeatName, altitudeM: number) {
  const kitchen = testKitchen({ altitudeM });
  const goal = goalOf(resolve(plan, kitchen));
  const { heat, vesselId, ringId } = dish(to, {});
  const target = { heat, vesselId, ringId };
  const outcome = outcomeOf(() => convert(goal, target, kitchen));
  if (!outcome.ok) return { goal, problem: outcome.problem };
  const { plan: made, waterL, loads, overL } = outcome.value;
  const waterKg = coldWaterKg(waterL, kitchen);
  const holdMin = made.stop.by === "time" ? made.stop.holdMin : 0;
  const trace = runOnce(resolve(made, kitchen), { waterKg }, holdMin);
  const isForced =
    holdMin <= 1.5 ||
    !centreIsHot(runOnce(resolve(made, kitchen), { waterKg }, Math.max(0, holdMin - 2)));
  return { goal, trace, isForced, loads, overL, problem: null };
}

describe("something cold near the end", () => {
  test("half a kilo of carrots for the last ten minutes leaves the beef as done on HIGH as in the oven", () => {
    const plan = dish("oven", {
      items: [meat(1.4), late(0.5, 10)],
      water: { by: "amount", volumeL: 0.9 },
      stop: { by: "time", holdMin: 165 },
    });
    const got = really(plan, "high", 0);
    const wanted = got.goal.trace.cookMin;
    expect(got.problem).toBeNull();
    expect(got.trace!.cookMin / wanted).toBeGreaterThan(0.98);
    expect(got.trace!.cookMin / wanted).toBeLessThan(1.02);
  });

  test("whatever goes in late, on any heat: the cook value within two parts in a hundred, or above it where the centre forces it, or typed", () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...NAMES),
        fc.constantFrom(...NAMES),
        fc.constantFrom(0, 1640, 2500),
        fc.double({ min: 0.6, max: 1.4, noNaN: true }),
        fc.double({ min: 0.05, max: 0.6, noNaN: true }),
        fc.constantFrom(5, 10, 20, 40),
        fc.constantFrom(90, 120, 165, 200),
        (from, to, altitudeM, massKg, lateKg, min, holdMin) => {
          fc.pre(from !== to && (from === "low" || from === "high" ? holdMin >= 165 : true));
          const plan = dish(from, {
            items: [meat(massKg), late(lateKg, min)],
            water: { by: "amount", volumeL: 1 },
            stop: { by: "time", holdMin },
          });
          const got = really(plan, to, altitudeM);
          if (got.problem !== null) {
            expect(got.problem.code).toBe("notReachable");
            return;
          }
          const wanted = got.goal.trace.cookMin;
          // Less than two minutes at 100 °C is no difference to a fork.
          expect(got.trace!.cookMin).toBeGreaterThan(Math.min(wanted * 0.975, wanted - 2));
          if (got.isForced !== true)
            expect(got.trace!.cookMin).toBeLessThan(Math.max(wanted * 1.025, wanted + 2));
          const endsKg = got.goal.trace.endLiquidKg / (got.loads ?? 1);
          if (got.overL === 0) expect(Math.abs(got.trace!.endLiquidKg - endsKg)).toBeLessThan(0.05);
        },
      ),
      { numRuns: 60 },
    );
  });
});
