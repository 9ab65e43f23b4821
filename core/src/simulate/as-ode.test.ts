import { describe, expect, test } from "vitest";
import { asOde } from "../../test/as-ode";
import { testKitchen, testPlan } from "../../test/kitchen";
import type { Vigour } from "../heat/constants";
import type { Lid } from "../vessel/lid";
import { resolve } from "./set-pot";
import { simulate } from "./simulate";

/** Bones in water, held for so long: what a general solver can be told in a few lines. */
const bonesIn = (vigour: Vigour, lid: Lid, holdMin: number) =>
  resolve(
    testPlan({
      vesselId: "tall",
      items: [{ id: "bones", ingredientId: "beefKnuckle", massKg: 1.2, when: { at: "start" } }],
      heat: { method: "hob", vigour, lid, boilFirstMin: null },
      stop: { by: "time", holdMin },
      fat: "skimHot",
    }),
    testKitchen(),
  );

describe("a solver that knows nothing of pots comes to the same", () => {
  test.each([
    ["gentle", "ajar", 240],
    ["bare", "on", 1440],
    ["steady", "off", 90],
  ] as const)("%s, lid %s, %d min", (vigour, lid, holdMin) => {
    const setPot = bonesIn(vigour, lid, holdMin);
    const ours = simulate(setPot, { waterKg: 6 });
    const theirs = asOde(setPot, 6, { parts: "whole", tolerance: 1e-8 });
    const held = ours.points.findLast((p) => p.phase === "hold");
    expect(Math.abs(theirs.toSimmerMin - ours.toSimmerMin) * 60).toBeLessThan(2);
    expect(Math.abs((held?.steamedKg ?? NaN) - theirs.steamedKg) / 6).toBeLessThan(2e-4);
    expect(Math.abs(ours.cookAtEndOfHoldMin / theirs.cookMin - 1)).toBeLessThan(2e-3);
  });
});
