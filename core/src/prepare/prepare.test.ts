import { describe, expect, test } from "vitest";
import { vectorsOf } from "../../test/vectors";
import { browningBatches, browningMin, footprintM2 } from "./browning";
import { liquorL, soakedUpLKg } from "./soaking";

describe("worked numbers of section 15", () => {
  for (const v of vectorsOf(15, (i) => "edgeM" in i))
    test(v.name, () => {
      const { massKg, edgeM, density } = v.input as Record<string, number>;
      expect(footprintM2(massKg ?? 0, edgeM ?? 1, density)).toBeCloseTo(Number(v.expected), 9);
    });
  for (const v of vectorsOf(15, (i) => "floorM2" in i))
    test(v.name, () => {
      const { footprintM2: foot, floorM2 } = v.input as Record<string, number>;
      expect(browningBatches(foot ?? 0, floorM2 ?? 1)).toBe(v.expected);
    });
  for (const v of vectorsOf(15, (i) => "batches" in i))
    test(v.name, () => {
      expect(browningMin((v.input as Record<string, number>)["batches"] ?? 0, false)).toBe(
        v.expected,
      );
    });
});

describe("soaking", () => {
  test("pulses take up 1.05 L/kg in the soak, mushrooms all they can", () => {
    expect(soakedUpLKg(true, 1.35)).toBe(1.05);
    expect(soakedUpLKg(false, 5)).toBe(5);
  });
  test("what can be poured in is what was not taken up, less the grit", () => {
    expect(liquorL(0.5, 0.04, 5)).toBeCloseTo(0.27, 9);
    expect(liquorL(0.1, 0.04, 5)).toBe(0);
  });
});
