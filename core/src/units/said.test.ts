import { afterEach, describe, expect, test } from "vitest";
import { regionOf, setRegion, USUAL_REGION } from "./region";
import {
  aboutC,
  either,
  exactC,
  inWords,
  kilos,
  litres,
  metres,
  ovenC,
  ruleC,
  say,
  sayAll,
  timeOfDayMin,
} from "./said";

afterEach(() => setRegion(USUAL_REGION));

describe("a sentence with its quantities apart", () => {
  const said = say`From ${ruleC(57)} to ${ruleC(5)}, ${litres(2)} at about ${aboutC(92)}, ${kilos(2)} in ${metres(0.05)}.`;

  test("is said in the measures of whoever reads it", () => {
    expect(inWords(said, "metric")).toBe("From 57 °C to 5 °C, 2 L at about 92 °C, 2 kg in 5 cm.");
    expect(inWords(said, "us")).toBe(
      "From 135 °F to 41 °F, 2 qt at about 200 °F, 4 lb 7 oz in 2 in.",
    );
    expect(inWords(say`${ruleC(74)} or more`, "both")).toBe("74 °C (165 °F) or more");
  });

  test("without a quantity it is text, and one in another is one", () => {
    expect(say`Lid ${"on"}, ${2} loads`).toBe("Lid on, 2 loads");
    expect(inWords(say`Danger. ${said}`, "us")).toBe(`Danger. ${inWords(said, "us")}`);
    expect(inWords(sayAll([say`${ruleC(60)}`, "cold"], ", then "), "metric")).toBe(
      "60 °C, then cold",
    );
  });

  test("a figure and a time of day by the region, whatever the measures", () => {
    const night = say`${2.5} g by ${timeOfDayMin(22 * 60)}, ${exactC(94.5)}; ${either("2.5 mL a litre", "½ tsp a quart")}.`;
    expect(inWords(night, "metric")).toBe("2.5 g by 22:00, 94.5 °C; 2.5 mL a litre.");
    expect(inWords(night, "both")).toContain("22:00, 94.5 °C (202 °F); 2.5 mL a litre.");
    setRegion(regionOf("de-AT"));
    expect(inWords(night, "metric")).toBe("2,5 g by 22:00, 94,5 °C; 2,5 mL a litre.");
    setRegion(regionOf("en-US"));
    expect(inWords(night, "us").replace(/\s/gu, " ")).toBe(
      "2.5 g by 10:00 PM, 202 °F; ½ tsp a quart.",
    );
  });

  test("is plain data", () => {
    expect(JSON.parse(JSON.stringify(said))).toEqual(said);
  });

  test.each([
    [150, "300 °F"],
    [120, "250 °F"],
    [160, "325 °F"],
    [180, "350 °F"],
    [154.4, "310 °F"],
  ])("an oven at %i °C is %s", (c, f) => {
    expect(inWords(say`${ovenC(c)}`, "us")).toBe(f);
  });
});
