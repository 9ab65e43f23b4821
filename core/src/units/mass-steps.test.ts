import fc from "fast-check";
import { describe, expect, test } from "vitest";
import { massStepped } from "./mass-steps";
import { showMass } from "./show";

const massKg = fc.double({ min: 0.0005, max: 60, noNaN: true });
const system = fc.constantFrom("metric" as const, "us" as const);

describe("a weight by steps", () => {
  test("goes to the next round one", () => {
    expect(massStepped(3, -1, "metric")).toBeCloseTo(2.5, 9);
    expect(massStepped(2.5, 1, "metric")).toBeCloseTo(3, 9);
    expect(massStepped(2.2, -1, "metric")).toBeCloseTo(2, 9);
    expect(massStepped(0.25, 1, "metric")).toBeCloseTo(0.3, 9);
    expect(massStepped(0.002, -1, "metric")).toBeCloseTo(0.001, 9);
    expect(showMass(massStepped(3, -1, "us"), "us")).toBe("6 lb");
    expect(showMass(massStepped(3, 1, "us"), "us")).toBe("7 lb");
  });

  test("never stands still going up, never comes to nothing going down, never past half of it", () => {
    fc.assert(
      fc.property(massKg, system, (kg, measures) => {
        expect(massStepped(kg, 1, measures)).toBeGreaterThan(kg);
        const less = massStepped(kg, -1, measures);
        expect(less).toBeGreaterThan(0);
        if (kg > 0.015) {
          expect(less).toBeLessThan(kg);
          expect(less).toBeGreaterThan(kg / 2);
          expect(massStepped(kg, 1, measures)).toBeLessThan(kg * 1.5);
        }
      }),
    );
  });

  test("up and down again is a round weight at most a step away", () => {
    fc.assert(
      fc.property(massKg, system, (kg, measures) => {
        const up = massStepped(kg, 1, measures);
        expect(massStepped(up, -1, measures)).toBeLessThanOrEqual(up);
        expect(massStepped(up, -1, measures)).toBeGreaterThan(kg * 0.5);
      }),
    );
  });
});
