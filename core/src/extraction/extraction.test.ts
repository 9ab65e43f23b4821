import { describe, expect, test } from "vitest";
import { vectorsOf } from "../../test/vectors";
import { ingredientById } from "../ingredient/catalogue";
import { fatCapMm } from "./fat-cap";
import { gelatinDrawnG, gelatinLeftG } from "./gelatin";
import { setOf, toNextSet } from "./set";

const IDS: Record<string, string> = {
  trotter: "porkTrotter",
  lambNeck: "lambNeck",
  poultryBack: "chickenBacks",
  poultryFeet: "chickenFeet",
  vealKnuckle: "vealKnuckle",
  beefKnuckle: "beefKnuckle",
};

const bone = (kind: string) => {
  const { gelatinGKg, gelatinKMin } = ingredientById(IDS[kind] ?? kind);
  return [gelatinGKg?.value ?? 0, gelatinKMin?.value ?? 1] as const;
};

describe("gelatin of the catalogue's bones against worked numbers", () => {
  for (const v of vectorsOf(11, (i) => "C100" in i))
    test(v.name, () => {
      const i = v.input as {
        kind: string;
        kg: number;
        C100: number;
        liquidBeforeStrainingL: number;
      };
      const got = gelatinDrawnG(i.kg, ...bone(i.kind), i.C100) / i.liquidBeforeStrainingL;
      expect(got).toBeCloseTo(Number(v.expected), 5);
    });

  test("a second boil starts from what is left", () => {
    const v = vectorsOf(11, (i) => "C100first" in i)[0];
    const left = gelatinLeftG(3, ...bone("vealKnuckle"), 300);
    const second = left * (1 - Math.exp(-300 / 220));
    expect(second).toBeCloseTo(Number(v?.expected), 5);
  });
});

describe("the set", () => {
  /** The worked numbers name two classes otherwise than model.md, which rules. */
  const names: Record<string, string> = {
    trembles: "quivers",
    jiggles: "wobbles",
    stands: "holds an edge",
  };
  for (const v of vectorsOf(11, (i) => "gelatinGL" in i))
    test(v.name, () => {
      const wanted = String(v.expected);
      expect(setOf(Number(v.input.gelatinGL))).toBe(names[wanted] ?? wanted);
    });

  test("40 g/L still holds an edge, more is rubber", () => {
    expect([setOf(40), setOf(40.01)]).toEqual(["holds an edge", "rubber"]);
  });

  test("fat cap of 150 g on a 26 cm pot", () => {
    expect(fatCapMm(0.15, 0.05309)).toBeCloseTo(3.07, 2);
  });
});

test("powder goes to the next firmer set, and never past holding an edge", () => {
  expect(toNextSet(2)).toEqual({ set: "quivers", missingGL: 4 });
  expect(toNextSet(6)).toEqual({ set: "wobbles", missingGL: 6 });
  expect(toNextSet(12.5)?.missingGL).toBeCloseTo(9.5, 9);
  expect(toNextSet(22)).toBeNull();
  expect(toNextSet(60)).toBeNull();
});
