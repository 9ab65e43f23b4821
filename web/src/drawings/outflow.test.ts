import type { FlowPart } from "@kettlos/core/batch/flow";
import type { VesselShape } from "@kettlos/core/vessel/vessel-schema";
import { capacityL, vesselVolumeL } from "@kettlos/core/vessel/volume";
import fc from "fast-check";
import { describe, expect, test } from "vitest";
import { placed, slicesOf } from "./outflow";

const tapered: VesselShape = {
  shape: "round",
  bottomM: [0.2, 0.2],
  topM: [0.28, 0.28],
  heightM: 0.2,
};
const part = (id: string, plannedL: number, gotL: number | null = null): FlowPart => ({
  id,
  name: id,
  side: id === "water" ? "in" : "out",
  colour: "broth",
  plannedL,
  gotL,
});

describe("what left a pot", () => {
  test("lies in it from the floor up as much as it is by the pot's own graduations", () => {
    const litres = fc.double({ min: 0.005, max: 1.2, noNaN: true });
    fc.assert(
      fc.property(litres, litres, litres, (solidsL, strainedL, steamL) => {
        const { slices } = slicesOf(
          [
            part("water", 9),
            part("steam", steamL),
            part("strained", strainedL),
            part("bones", solidsL),
          ],
          tapered,
        );
        expect(slices.map((s) => s.part.id)).toEqual(["bones", "strained", "steam"]);
        let fromM = 0;
        for (const slice of slices) {
          expect(slice.fromM).toBeCloseTo(fromM, 9);
          const litres = vesselVolumeL(tapered, slice.toM) - vesselVolumeL(tapered, slice.fromM);
          expect(litres).toBeCloseTo(slice.litres, 6);
          fromM = slice.toM;
        }
      }),
    );
  });

  test("is drawn to the rim where there was more of it than the pot holds at once", () => {
    const { slices } = slicesOf([part("strained", 5), part("steam", 50)], tapered);
    expect(slices.at(-1)?.toM).toBeLessThanOrEqual(tapered.heightM);
    expect(slices.at(-1)?.toM).toBeCloseTo(tapered.heightM, 6);
  });

  test("was to stand as high as what was planned to be left, once something was measured", () => {
    const flow = (gotL: number | null) => [
      part("strained", 2, gotL),
      part("bones", 0.3, gotL === null ? null : 0.3),
      part("steam", 1, gotL === null ? null : 1.2),
    ];
    expect(slicesOf(flow(null), tapered).plannedM).toBeNull();
    const { plannedM } = slicesOf(flow(1.8), tapered);
    expect(vesselVolumeL(tapered, plannedM ?? 0)).toBeCloseTo(2.3, 6);
    expect(capacityL(tapered)).toBeGreaterThan(3.3);
  });
});

test("labels never overlap, and stand where they belong where there is room", () => {
  const ascending = fc
    .array(fc.double({ min: 0, max: 300, noNaN: true }), { minLength: 1, maxLength: 7 })
    .map((ys) => ys.toSorted((a, b) => a - b));
  fc.assert(
    fc.property(ascending, (wanted) => {
      const heights = wanted.map(() => 40);
      const ys = placed(wanted, heights, 16);
      ys.forEach((y, i) => {
        expect(y).toBeGreaterThanOrEqual(Math.max(16, wanted[i] ?? 0));
        if (i > 0) expect(y - (ys[i - 1] ?? 0)).toBeGreaterThanOrEqual(40 - 1e-9);
      });
    }),
  );
  expect(placed([20, 200], [40, 40], 16)).toEqual([20, 200]);
});
