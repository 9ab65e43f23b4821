import fc from "fast-check";
import { expect, test } from "vitest";
import { testKitchen, testPlan } from "../../test/kitchen";
import { liquidAtDepthL } from "../vessel/solids";
import { asPlanned } from "./as-planned";
import { waterPulledTo } from "./pulled-water";
import { vesselOf } from "./references";
import { resolve } from "./set-pot";

const kitchen = testKitchen();
const potWith = (volumeL: number, wineKg: number, bonesKg: number) =>
  resolve(
    testPlan({
      items: [
        { id: "b", ingredientId: "beefBones", massKg: bonesKg, when: { at: "start" } },
        { id: "w", ingredientId: "redWine", massKg: wineKg, when: { at: "start" } },
      ],
      water: { by: "amount", volumeL },
    }),
    kitchen,
  );
const standsOf = (setPot: ReturnType<typeof resolve>) => {
  const { waterL, trace } = asPlanned(setPot);
  return { waterL, startDepthM: trace.startDepthM };
};

test("the line stands where it is pulled to, whatever is poured in beside the water", () => {
  fc.assert(
    fc.property(
      fc.double({ min: 1.5, max: 3, noNaN: true }),
      fc.double({ min: 0.05, max: 0.8, noNaN: true }),
      fc.double({ min: 0.5, max: 1.5, noNaN: true }),
      fc.double({ min: 0.5, max: 0.9, noNaN: true }),
      (volumeL, wineKg, bonesKg, share) => {
        const from = potWith(volumeL, wineKg, bonesKg);
        const depthM = share * vesselOf(from).heightM;
        const to = waterPulledTo(from, standsOf(from), depthM);
        const { startDepthM } = standsOf(potWith(to.volumeL, wineKg, bonesKg));
        expect(Math.abs(startDepthM - to.depthM)).toBeLessThan(1e-3);
        expect((to.volumeL * 20) % 1).toBeCloseTo(0, 9);
        if (to.volumeL === 0.1) return;
        const { solids } = from.start;
        const offL =
          liquidAtDepthL(vesselOf(from), solids, to.depthM) -
          liquidAtDepthL(vesselOf(from), solids, depthM);
        expect(Math.abs(offL)).toBeLessThan(0.0251);
      },
    ),
    { numRuns: 30 },
  );
});

test("under the floor a little water stays; at the rim it says no depth over it", () => {
  const from = potWith(2, 0.3, 1);
  expect(waterPulledTo(from, standsOf(from), 0).volumeL).toBe(0.1);
  const { heightM } = vesselOf(from);
  for (let offM = 0; offM < 0.002; offM += 1e-4) {
    const to = waterPulledTo(from, standsOf(from), heightM - offM);
    expect(to.depthM).toBeLessThanOrEqual(heightM + 1e-9);
    expect(to.depthM).toBeGreaterThan(heightM - 0.005);
  }
});
