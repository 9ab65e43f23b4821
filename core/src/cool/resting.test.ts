import { OwnCodeSchema } from "./own-code-schema";
import fc from "fast-check";
import { inWords } from "../units/said";
import { describe, expect, test } from "vitest";
import { stagesBeginning } from "./chill-choices";
import { codeOf, CODES, holdingLineC } from "./codes";
import { TRAYS } from "./container";
import type { CoolingFacts } from "./cooling";
import {
  KEEPERS,
  keepingTauMin,
  latestChillMin,
  standsAtC,
  staysAboveMin,
  withIce,
  type Standing,
} from "./resting";

const pot = {
  id: "p",
  name: "Pot",
  shape: "round" as const,
  lengthM: 0.26,
  widthM: 0.26,
  heightM: 0.22,
  isPlastic: false,
  have: 1,
  isVessel: true,
};
const standing: Standing = { container: pot, massKg: 5, fromC: 95, roomC: 20 };

describe("hot food that stands", () => {
  test("loses its heat as the law has it: 5 kg in a 26 cm pot, by hand", () => {
    // Depth 94 mm; faces 0.1831 m²; τ = 5·4180/(10·0.1831) s.
    const areaM2 =
      Math.PI * 0.26 * (5 / 0.99913 / 1000 / (Math.PI * 0.13 ** 2)) + 2 * Math.PI * 0.13 ** 2;
    const tau = (5 * 4180) / (10 * areaM2) / 60;
    expect(keepingTauMin(standing, "pot")).toBeCloseTo(tau, 0);
    expect(staysAboveMin(standing, "pot", 60)).toBeCloseTo(tau * Math.log(75 / 40), 0);
  });

  test("is at the line when it says so, under it at once where it began under it", () => {
    for (const keeper of KEEPERS) {
      const min = staysAboveMin(standing, keeper, 57);
      expect(standsAtC(standing, keeper, min)).toBeCloseTo(57, 9);
    }
    expect(staysAboveMin({ ...standing, fromC: 50 }, "pot", 57)).toBe(0);
    expect(staysAboveMin({ ...standing, roomC: 58 }, "pot", 57)).toBe(Infinity);
  });

  test("a better coat keeps it longer, and more of it too", () => {
    const mins = KEEPERS.map((k) => staysAboveMin(standing, k, 60));
    expect(mins).toEqual([...mins].sort((a, b) => a - b));
    fc.assert(
      fc.property(fc.double({ min: 1, max: 8, noNaN: true }), (massKg) => {
        const less = staysAboveMin({ ...standing, massKg }, "pot", 60);
        expect(staysAboveMin({ ...standing, massKg: massKg * 1.2 }, "pot", 60)).toBeGreaterThan(
          less,
        );
      }),
    );
  });
});

describe("when chilling begins at the latest", () => {
  const tray = TRAYS[0]!;
  const facts: CoolingFacts = {
    container: tray,
    massKg: 2,
    fromC: 95,
    roomC: 20,
    waterC: 8,
    airKPa: 101,
    isThick: false,
  };
  const stages = stagesBeginning("iceBath", facts);

  test("after it has fallen to the line, but not so late that a gate is missed", () => {
    const latest = latestChillMin(standing, "pot", facts, stages, CODES.us.gates);
    const toLine = staysAboveMin(standing, "pot", 57);
    expect(latest).not.toBeNull();
    // Where it loses heat half as fast again it is there sooner, and from then on two hours are all.
    expect(latest ?? 0).toBeGreaterThan(toLine / 1.6);
    expect(latest ?? 0).toBeLessThan(toLine / 1.5 + 120);
  });

  test("a stricter code leaves less time, a hot box more; too slow a way leaves none", () => {
    const us = latestChillMin(standing, "pot", facts, stages, CODES.us.gates) ?? 0;
    const uk = latestChillMin(standing, "pot", facts, stages, CODES.uk.gates) ?? 0;
    const box = latestChillMin(standing, "hotBox", facts, stages, CODES.us.gates) ?? 0;
    expect(uk).toBeLessThan(us);
    expect(box).toBeGreaterThan(us);
    const deep = { ...facts, container: pot, massKg: 9 };
    expect(
      latestChillMin(standing, "pot", deep, [{ way: "fridge", min: 0 }], CODES.us.gates),
    ).toBeNull();
  });
});

describe("a code of one's own", () => {
  test("takes the kitchen's gates, holds above the highest, and throws away what misses", () => {
    const own = codeOf({
      coolingCode: "own",
      ownCode: [
        { fromC: 65, toC: 10, withinMin: 120 },
        { fromC: 10, toC: 4, withinMin: 90 },
      ],
    });
    expect(holdingLineC(own)).toBe(65);
    expect(own.gates.every((g) => g.onFail === "discard")).toBe(true);
    expect(inWords(own.text, "metric")).toBe(
      "From 65 °C down to 10 °C within 2 h, then from 10 °C down to 4 °C within 90 min.",
    );
    expect(codeOf({ coolingCode: "own", ownCode: null })).toBe(CODES.us);
    expect(holdingLineC(CODES.uk)).toBe(63);
  });

  test("a gate that goes up is refused with why", () => {
    const read = OwnCodeSchema.safeParse([{ fromC: 5, toC: 21, withinMin: 60 }]);
    expect(read.error?.issues[0]?.message).toContain("warmer to the colder");
  });
});

test("ice into a strong stock: heat and weight balance", () => {
  const { tempC, share } = withIce(3, 80, 1);
  // 3·4.18·80 − 334 = 4·4.18·T
  expect(tempC).toBeCloseTo((3 * 4.18 * 80 - 334) / (4 * 4.18), 6);
  expect(share).toBe(0.75);
  expect(withIce(1, 20, 5).tempC).toBe(0);
});
