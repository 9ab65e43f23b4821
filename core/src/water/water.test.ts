import { describe, expect, test } from "vitest";
import { vectorsOf } from "../../test/vectors";
import { Problem } from "../units/problem";
import { airPressureKPa, boilingPointC } from "./altitude";
import { latentHeatKJKg, waterDensityKgL } from "./properties";
import { saturationPressureKPa, saturationTemperatureC } from "./saturation";

describe("water against IAPWS check values and steam tables", () => {
  for (const v of vectorsOf(1, (i) => !("altitudeM" in i) || typeof i.altitudeM === "number"))
    test(v.name, () => {
      const i = v.input as Record<string, number>;
      const got =
        i.pressureKPa !== undefined
          ? saturationTemperatureC(i.pressureKPa) + 273.15
          : i.tempK !== undefined
            ? saturationPressureKPa(i.tempK - 273.15)
            : i.gaugeKPa !== undefined
              ? saturationTemperatureC(airPressureKPa(i.altitudeM ?? 0) + i.gaugeKPa)
              : v.name.startsWith("air")
                ? airPressureKPa(i.altitudeM ?? 0)
                : v.name.startsWith("boiling")
                  ? boilingPointC(i.altitudeM ?? 0)
                  : v.name.startsWith("latent")
                    ? latentHeatKJKg(i.tempC ?? 0)
                    : v.name.startsWith("water density")
                      ? waterDensityKgL(i.tempC ?? 0)
                      : saturationTemperatureC(saturationPressureKPa(i.tempC ?? 0));
      expect(Math.abs(got - Number(v.expected))).toBeLessThanOrEqual(v.tolerance);
    });

  test("pressure at 300 K as IAPWS-IF97 table 35 prints it", () => {
    expect(saturationPressureKPa(300 - 273.15)).toBeCloseTo(3.53658941, 7);
    expect(saturationTemperatureC(1000) + 273.15).toBeCloseTo(453.035632, 5);
  });

  test("a nonsense altitude names the field", () => {
    expect(() => boilingPointC(NaN)).toThrowError(Problem);
    try {
      boilingPointC(NaN);
    } catch (error) {
      expect(error).toMatchObject({ code: "range", field: "altitudeM" });
    }
  });
});
