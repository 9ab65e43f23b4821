import fc from "fast-check";
import { describe, expect, test } from "vitest";
import { vectorsOf } from "../../test/vectors";
import { alcoholG, alcoholKept, usdaKept } from "./alcohol";
import { saltToAddG, toDilute } from "./salt";
import { bodyOf, reduceToL, thickenWithG, THICKENERS, thinWithL } from "./thickness";

describe("worked numbers of section 14", () => {
  for (const v of vectorsOf(14, (i) => "tMin" in i))
    test(v.name, () => {
      const { tMin, evaporatedShare } = v.input as { tMin: number; evaporatedShare?: number };
      const kept =
        evaporatedShare === undefined ? usdaKept(tMin) : alcoholKept(tMin, evaporatedShare);
      expect(Math.abs(kept - Number(v.expected))).toBeLessThanOrEqual(v.tolerance);
    });
  for (const v of vectorsOf(14, (i) => "haveG" in i))
    test(v.name, () => {
      const { haveG, volumeL, targetGL } = v.input as Record<string, number>;
      expect(saltToAddG(haveG ?? 0, volumeL ?? 0, targetGL ?? 0)).toBeCloseTo(
        Number(v.expected),
        9,
      );
    });
  for (const v of vectorsOf(14, (i) => i["starch"] === "corn"))
    test(v.name, () => {
      const { volumeL, E0, E1 } = v.input as Record<string, number>;
      const g = thickenWithG(volumeL ?? 0, E0 ?? 0, E1 ?? 0, THICKENERS.cornStarch.k.value);
      expect(g).toBeCloseTo(Number(v.expected), 6);
    });
});

test("the worked unthickened broth is not brought to a nappe by boiling", () => {
  const [v] = vectorsOf(14, (i, name) => i["E0"] === 0 && name.startsWith("an unthickened"));
  const { volumeL, E0, E1 } = v?.input as Record<string, number>;
  expect(reduceToL(volumeL ?? 0, E0 ?? 0, E1 ?? 0)).toBe(v?.expected);
});

describe("alcohol", () => {
  test("12 % wine holds 94.7 g a litre", () => expect(alcoholG(1, 0.12)).toBeCloseTo(94.68, 2));
  test("a shut pot keeps it all, an open one what the time leaves", () => {
    expect(alcoholKept(480, 0)).toBe(1);
    expect(alcoholKept(480, 0.9)).toBe(0.05);
  });
  test("longer never keeps more; more steam never keeps more", () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0, max: 600, noNaN: true }),
        fc.double({ min: 0, max: 600, noNaN: true }),
        fc.double({ min: 0, max: 1, noNaN: true }),
        (a, b, e) => {
          const [short, long] = [Math.min(a, b), Math.max(a, b)];
          expect(alcoholKept(long, e)).toBeLessThanOrEqual(alcoholKept(short, e) + 1e-12);
          expect(alcoholKept(a, 1)).toBeLessThanOrEqual(alcoholKept(a, e) + 1e-12);
        },
      ),
    );
  });
});

describe("salt", () => {
  test("what is diluted by the figure has the target", () => {
    fc.assert(
      fc.property(
        fc.double({ min: 20, max: 200, noNaN: true }),
        fc.double({ min: 0.5, max: 2, noNaN: true }),
        fc.double({ min: 5, max: 9, noNaN: true }),
        (haveG, volumeL, target) => {
          expect(haveG / (volumeL + toDilute(haveG, volumeL, target))).toBeCloseTo(target, 6);
        },
      ),
    );
  });
  test("a pot under its target needs no water", () => expect(toDilute(10, 3, 7)).toBe(0));
});

describe("thickness", () => {
  test("no boiling thickens a clear broth; a thick one goes by E·V", () => {
    expect(reduceToL(2, 0, 45)).toBeNull();
    expect(reduceToL(2, 30, 45)).toBeCloseTo(4 / 3, 9);
    expect(reduceToL(2, 60, 45)).toBe(2);
  });
  test("thinned by the figure it has the thickness wanted; thick to thin and back", () => {
    const addL = thinWithL(1.5, 80, 45);
    expect((80 * 1.5) / (1.5 + addL)).toBeCloseTo(45, 9);
    expect(reduceToL(1.5 + addL, 45, 80)).toBeCloseTo(1.5, 9);
    expect(thinWithL(1.5, 30, 45)).toBe(0);
  });
  test("flour binds half of corn starch", () => {
    expect(thickenWithG(1, 0, 45, 1)).toBeGreaterThan(2 * thickenWithG(1, 0, 45, 2));
    expect(thickenWithG(1, 60, 45, 1)).toBe(0);
  });
  test("is named by the nearest body", () => {
    expect(bodyOf(0).id).toBe("broth");
    expect(bodyOf(12.4).id).toBe("broth");
    expect(bodyOf(12.6).id).toBe("lightSoup");
    expect(bodyOf(52).id).toBe("nappe");
    expect(bodyOf(53).id).toBe("gravy");
    expect(bodyOf(500).id).toBe("paste");
  });
});
