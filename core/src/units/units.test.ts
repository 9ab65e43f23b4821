import fc from "fast-check";
import { describe, expect, test } from "vitest";
import { ingredientById } from "../ingredient/catalogue";
import { readAmount } from "../ingredient/read-amount";
import { outcomeOf } from "./problem";
import { readNumber } from "./read-number";
import { readQuantity, type QuantityReading } from "./read-quantity";
import {
  showDuration,
  showLength,
  showMass,
  showTemperature,
  showVolume,
  showVolumeRange,
} from "./show";
import type { Dimension } from "./unit-table";

const value = (reading: QuantityReading): number => {
  if (reading.kind !== "one") throw new Error(`asked: ${reading.question}`);
  return reading.quantity.value;
};
const read = (text: string, dimension: Dimension, bareUnit?: string) =>
  value(readQuantity(text, bareUnit === undefined ? { dimension } : { dimension, bareUnit }));

describe("quantities as people type them", () => {
  test.each([
    ["1 1/2 qt", "volume", 1.419529],
    ["½ cup", "volume", 0.118294],
    ["1½ L", "volume", 1.5],
    ["1,5 L", "volume", 1.5],
    ["750 mL", "volume", 0.75],
    ["12 fl oz", "volume", 0.354882],
    ["2 tbsp", "volume", 0.029574],
    ["1 pint", "volume", 0.473176],
    ["1 qt 8 oz", "volume", 1.182941],
    ["3 × 0.5 L", "volume", 1.5],
    ["2 bottles of 750 mL", "volume", 1.5],
    ["2 lb 3 oz", "mass", 0.992233],
    ["8 oz", "mass", 0.226796],
    ["2 cans of 400 g", "mass", 0.8],
    ["2 x 400 g cans", "mass", 0.8],
    ["a can of 400 g", "mass", 0.4],
    ["4 ½ in", "length", 0.1143],
    ["90 min", "time", 90],
    ["1h30", "time", 90],
    ["1 h 30 min", "time", 90],
    ["1 day 4 h", "time", 1680],
    ["350F", "temperature", 176.667],
    ["gas 4", "temperature", 176.667],
    ["gas mark ½", "temperature", 121.111],
    ["95 °C", "temperature", 95],
  ] as const)("%s", (text, dimension, expected) => {
    expect(read(text, dimension)).toBeCloseTo(expected, 3);
  });

  test("a bare number takes the field's unit", () => {
    expect(read("6", "time", "h")).toBe(360);
    expect(read("4.4", "volume", "L")).toBe(4.4);
  });

  test("a bare ounce where a volume is wanted is asked about, once, with both answers", () => {
    const reading = readQuantity("8 oz", { dimension: "volume" });
    expect(reading).toMatchObject({
      kind: "ask",
      choices: [{ quantity: { dimension: "volume" } }, { quantity: { dimension: "mass" } }],
    });
  });

  test("1,500 may be a thousand or a decimal: asked", () => {
    expect(readNumber("1,500")).toEqual({ value: 1500, orElse: 1.5 });
    expect(readNumber("0,500")).toEqual({ value: 0.5 });
    expect(readQuantity("1,500 g", { dimension: "mass" }).kind).toBe("ask");
  });

  test.each([
    ["", "volume"],
    ["lots", "volume"],
    ["-3 L", "volume"],
    ["3 furlongs", "length"],
    ["2 kg", "volume"],
    ["3 L 2 kg", "volume"],
    ["5", "volume"],
    ["gas 40", "temperature"],
    ["1/0 L", "volume"],
  ] as const)("refuses %j for a %s, saying what would be right", (text, dimension) => {
    const got = outcomeOf(() => readQuantity(text, { dimension }));
    expect(got.ok).toBe(false);
    expect(got.ok ? "" : got.problem.message.length).toBeGreaterThan(20);
  });
});

describe("shown as a cook would say it", () => {
  test.each([
    [showVolume(2.4000001, "both"), "2.4 L · 2 ½ qt"],
    [showVolume(0.85, "metric"), "850 mL"],
    [showVolume(0.2, "us"), "¾ cup"],
    [showVolume(0.03, "us"), "2 tbsp"],
    [showVolumeRange(2, 2.6, "metric"), "2.0–2.6 L"],
    [showMass(2.2, "both"), "2.2 kg · 4 lb 14 oz"],
    [showMass(2.21, "metric"), "2.21 kg"],
    [showMass(0.18, "metric"), "180 g"],
    [showMass(0.00024, "metric"), "0.2 g"],
    [showMass(0, "metric"), "0 g"],
    [showMass(0.9999, "metric"), "1.0 kg"],
    [showLength(0.114, "both"), "11.4 cm · 4 ½ in"],
    [showTemperature(84.52, "both"), "84.5 °C · 184 °F"],
    [showDuration(45), "45 min"],
    [showDuration(390), "6 h 30"],
    [showDuration(59.7), "1 h"],
  ])("%s", (got, expected) => {
    expect(got).toBe(expected);
  });

  test("what is shown reads back as what was meant, to its last digit", () => {
    fc.assert(
      fc.property(fc.double({ min: 0.02, max: 60, noNaN: true }), (litres) => {
        const metric = read(showVolume(litres, "metric"), "volume");
        expect(Math.abs(metric - litres)).toBeLessThanOrEqual(0.051);
        expect(showVolume(metric, "metric")).toBe(showVolume(litres, "metric"));
        const us = read(showVolume(litres, "us"), "volume");
        expect(Math.abs(us - litres)).toBeLessThanOrEqual(0.125);
      }),
    );
  });

  test("weights too, in both systems", () => {
    fc.assert(
      fc.property(fc.double({ min: 0.02, max: 60, noNaN: true }), (kg) => {
        const metric = read(showMass(kg, "metric"), "mass");
        expect(Math.abs(metric - kg)).toBeLessThanOrEqual(0.0051);
        expect(Math.abs(read(showMass(kg, "us"), "mass") - kg)).toBeLessThanOrEqual(0.0145);
      }),
    );
  });
});

describe("counts of an ingredient", () => {
  const grams = (text: string, id: string, eachKg?: number) => {
    const reading = readAmount(text, ingredientById(id), eachKg);
    if (reading.kind !== "one") throw new Error("asked");
    return reading.amount;
  };

  test.each([
    ["2 medium onions", "onion", 0.3],
    ["a bulb of garlic", "garlic", 0.045],
    ["3 cloves", "garlic", 0.015],
    ["3 carrots", "carrot", 0.27],
    ["3", "carrot", 0.27],
    ["2 tomatoes", "tomato", 0.24],
    ["3 bay leaves", "bayLeaf", 0.0009],
    ["2 cans", "cannedTomato", 0.8],
    ["2 cans of 250 g", "cannedTomato", 0.5],
    ["2.4 kg", "lambNeck", 2.4],
    ["1 lb", "lambNeck", 0.4536],
  ])("%s of %s", (text, id, kg) => {
    expect(grams(text, id).massKg).toBeCloseTo(kg, 4);
  });

  test("the weight of one can be the cook's own", () => {
    expect(grams("2 medium onions", "onion", 0.2)).toEqual({
      massKg: 0.4,
      counted: { count: 2, word: "medium", eachKg: 0.2 },
    });
  });

  test("ounces of a liquid are asked about, ounces of a solid are weight", () => {
    expect(readAmount("8 oz", ingredientById("whiteWine")).kind).toBe("ask");
    expect(readAmount("8 oz", ingredientById("carrot")).kind).toBe("one");
  });
});
