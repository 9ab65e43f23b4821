import { describe, expect, test } from "vitest";
import type { Constant } from "../units/constant";
import { findIngredients } from "./find-ingredients";
import { CATALOGUE, ingredientById } from "./catalogue";
import { readAmount } from "./read-amount";

const isConstant = (v: unknown): v is Constant =>
  typeof v === "object" && v !== null && "source" in v && "unit" in v;

describe("the catalogue of ingredients", () => {
  test("has at least 220 entries over all groups, each id once", () => {
    expect(CATALOGUE.length).toBeGreaterThanOrEqual(220);
    expect(new Set(CATALOGUE.map((i) => i.id)).size).toBe(CATALOGUE.length);
    expect(new Set(CATALOGUE.map((i) => i.group)).size).toBe(15);
  });

  test("every constant has a source, a sensible value and a kind", () => {
    for (const entry of CATALOGUE) {
      const values: unknown[] = Object.values(entry);
      for (const constant of values.concat(Object.values(entry.each))) {
        if (!isConstant(constant)) continue;
        expect(constant.source, `${entry.id} ${constant.name}`).not.toBe("");
        expect(Number.isFinite(constant.value)).toBe(true);
        expect(constant.value).toBeGreaterThanOrEqual(0);
      }
    }
  });

  test("shares lie between nothing and all of it", () => {
    for (const entry of CATALOGUE) {
      for (const c of [entry.packing, entry.waterShare, entry.meatFreed, entry.vegetableFreed])
        if (c !== undefined) expect(c.value, `${entry.id} ${c.name}`).toBeLessThanOrEqual(1);
      const freed = (entry.meatFreed?.value ?? 0) + (entry.vegetableFreed?.value ?? 0);
      expect(freed, entry.id).toBeLessThanOrEqual(entry.waterShare.value + 0.1);
    }
  });

  test("all bones give gelatin, all common beans carry the bean rule, onions their hazard", () => {
    for (const bone of CATALOGUE.filter((i) => i.group === "bones")) {
      expect(bone.gelatinGKg?.value, bone.id).toBeGreaterThan(0);
      expect(bone.flavour, bone.id).toBeDefined();
    }
    expect(CATALOGUE.filter((i) => i.dryBean).map((i) => i.id)).toEqual([
      "kidneyBean",
      "runnerBean",
      "whiteBean",
      "pintoBean",
      "navyBean",
      "butterBean",
      "borlottiBean",
      "mixedBeans",
      "blackBean",
    ]);
    for (const id of [
      "onion",
      "shallot",
      "leek",
      "garlic",
      "chive",
      "raisin",
      "nutmeg",
      "tableSalt",
    ])
      expect(ingredientById(id).petHazard, id).toBeDefined();
    expect(ingredientById("celery").allergens).toContain("celery");
    expect(ingredientById("pearledSpelt").allergens).toContain("gluten");
  });

  test("finds by name, by other words, best first", () => {
    expect(findIngredients("onion")[0]?.id).toBe("onion");
    expect(findIngredients("bouillon").map((i) => i.id)).toContain("stockCube");
    expect(findIngredients("neck").map((i) => i.id)).toContain("lambNeck");
    expect(findIngredients("zzz")).toEqual([]);
    expect(() => ingredientById("zzz")).toThrowError(/not in the catalogue/);
  });
});

describe("by the cup", () => {
  const cupG = (id: string) => {
    const reading = readAmount("1 cup", ingredientById(id));
    return reading.kind === "one" ? reading.amount.massKg * 1000 : Number.NaN;
  };
  test.each([
    ["flour", 120, 126],
    ["cornStarch", 120, 135],
    ["sugar", 195, 205],
    ["tableSalt", 270, 300],
    ["rice", 180, 200],
    ["kidneyBean", 175, 190],
    ["parsley", 40, 65],
    ["spinach", 25, 35],
  ])("%s weighs %i to %i g as it is poured", (id, low, high) => {
    expect(cupG(id)).toBeGreaterThanOrEqual(low);
    expect(cupG(id)).toBeLessThanOrEqual(high);
  });
  test("nothing solid is heavier by the cup than packed without a gap", () => {
    for (const i of CATALOGUE)
      if (!i.isLiquid && i.group !== "fat")
        expect(cupG(i.id), i.id).toBeLessThanOrEqual(1060 * 0.2366 * i.densityKgL.value);
  });
});
