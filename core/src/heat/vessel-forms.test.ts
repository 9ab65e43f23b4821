import fc from "fast-check";
import { describe, expect, test } from "vitest";
import { capacityL } from "../vessel/volume";
import { VesselSchema } from "../vessel/vessel-schema";
import { FORMS, shapeOfForm, soldSizesL, vesselOfForm, VESSEL_FORMS } from "./vessel-forms";

const anyForm = fc.constantFrom(...VESSEL_FORMS);

describe("a usual pot by its marked size", () => {
  test("holds what is marked on it, and is a pot that can be stored", () => {
    fc.assert(
      fc.property(anyForm, fc.double({ min: 0.2, max: 200, noNaN: true }), (form, markedL) => {
        const vessel = vesselOfForm(form, "one", markedL);
        expect(capacityL(vessel)).toBeCloseTo(markedL, 9);
        expect(vessel.heightM / vessel.topM[1]).toBeCloseTo(FORMS[form].heightToWidth, 9);
        // The biggest are wider than any pot is; those that are sold are whole.
        if (markedL <= 60) expect(VesselSchema.parse(vessel)).toEqual(vessel);
      }),
    );
  });

  test("is as wide and high as such pots are", () => {
    // A 12 L stockpot is 26 cm across, a 6 qt crock about 30 cm long and 13 cm deep.
    expect(shapeOfForm("stockpot", 12).topM[0]).toBeCloseTo(0.26, 2);
    const crock = shapeOfForm("slowCooker", 6.5);
    expect(crock.shape).toBe("oval");
    expect(crock.topM[0]).toBeCloseTo(0.3, 1);
    expect(crock.heightM).toBeCloseTo(0.13, 2);
    // Enamelled steel of 12 L weighs 2.4 kg, a slow cooker's crock of 6.5 L near 4.
    expect(vesselOfForm("pot", "one", 12).massKg).toBeCloseTo(2.4, 1);
    expect(vesselOfForm("slowCooker", "one", 6.5).massKg).toBeCloseTo(3.9, 1);
  });

  test("measured across it is as high as that takes", () => {
    fc.assert(
      fc.property(
        anyForm,
        fc.double({ min: 2, max: 10, noNaN: true }),
        fc.double({ min: 0.22, max: 0.4, noNaN: true }),
        (form, markedL, acrossM) => {
          const vessel = vesselOfForm(form, "one", markedL, acrossM);
          expect(capacityL(vessel)).toBeCloseTo(markedL, 9);
          expect(Math.max(...vessel.topM)).toBeCloseTo(acrossM, 12);
        },
      ),
    );
    expect(() => shapeOfForm("pot", 200, 0.08)).toThrow(/check both/);
    expect(() => shapeOfForm("pot", 0.1)).toThrow();
  });

  test("is sold by the quart where quarts are marked on pots", () => {
    expect(soldSizesL("slowCooker", "us").map((l) => l.toFixed(2))).toEqual([
      "3.79",
      "5.68",
      "7.57",
    ]);
    for (const form of VESSEL_FORMS)
      for (const measures of ["metric", "us"] as const) {
        const sizes = soldSizesL(form, measures);
        expect([...sizes].sort((a, b) => a - b)).toEqual(sizes);
      }
  });
});
