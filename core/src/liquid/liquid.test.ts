import fc from "fast-check";
import { describe, expect, test } from "vitest";
import { vectorsOf } from "../../test/vectors";
import { outcomeOf } from "../units/problem";
import type { VesselShape } from "../vessel/vessel-schema";
import type { Lid } from "../vessel/lid";
import { hobFluxKgM2H, ovenCeilingKgM2H, ovenFluxKgM2H, rollingFluxKgM2H } from "./evaporation";
import { freedShare } from "./freed";
import { Ledger, ledgerBalanceKg } from "./ledger";
import { reductionMin, rollingReductionMin } from "./reduction";

describe("evaporation", () => {
  for (const v of vectorsOf(7, (i) => i.vigour === "gentle"))
    test(v.name, () => {
      const lid = v.input.lid as Lid | "heavy";
      const got = hobFluxKgM2H("gentle", lid === "heavy" ? "on" : lid, lid === "heavy");
      expect(got).toBeCloseTo(Number(v.expected), 9);
    });

  for (const v of vectorsOf(7, (_, name) => name.startsWith("oven flux")))
    test(v.name, () => {
      const lid = v.input.lid === "covered" ? "on" : "off";
      const got = ovenFluxKgM2H(lid, Number(v.input.ovenC));
      expect(Math.abs(got - Number(v.expected))).toBeLessThanOrEqual(v.tolerance);
    });

  for (const v of vectorsOf(7, (_, name) => name.startsWith("energy ceiling")))
    test(v.name, () => {
      const i = v.input as Record<"ovenC" | "tempC" | "areaOutM2" | "areaFreeM2", number>;
      const still = ovenCeilingKgM2H(i.ovenC, i.tempC, i.areaOutM2, i.areaFreeM2, false);
      expect(Math.abs(still - Number(v.expected))).toBeLessThanOrEqual(v.tolerance);
      const fanned = ovenCeilingKgM2H(i.ovenC, i.tempC, i.areaOutM2, i.areaFreeM2, true);
      expect(fanned / still).toBeCloseTo(1.5, 9);
    });

  test("a rolling boil steams what the heat allows", () => {
    expect(rollingFluxKgM2H(1200, 0.05309, 99.974)).toBeCloseTo(36.07, 1);
    expect(rollingFluxKgM2H(-50, 0.05, 99.974)).toBe(0);
  });
});

describe("juice freed by temperature", () => {
  for (const v of vectorsOf(8, (i) => "hottestMeanC" in i))
    test(v.name, () => {
      expect(freedShare(Number(v.input.hottestMeanC))).toBeCloseTo(Number(v.expected), 9);
    });
});

describe("the ledger", () => {
  test("balances the worked entries at the start and the end", () => {
    for (const v of vectorsOf(8, (i) => "entries" in i)) {
      const { entries, tMin } = v.input as {
        entries: { t: number; kind: string; kg: number }[];
        tMin: number;
      };
      const ledger = new Ledger();
      const kinds = {
        added: "added",
        uptake: "takenUp",
        evap: "evaporated",
        juice: "juice",
      } as const;
      for (const e of entries)
        if (e.t <= tMin) ledger.post(kinds[e.kind as keyof typeof kinds], e.kg);
      expect(ledgerBalanceKg(ledger.totals)).toBeCloseTo(Number(v.expected), 9);
    }
  });
});

const POT: VesselShape = {
  shape: "round",
  bottomM: [0.26, 0.26],
  topM: [0.26, 0.26],
  heightM: 0.226,
};

describe("reduction", () => {
  const straight = vectorsOf(10, (i) => "areaM2" in i)[0];
  const tapered = vectorsOf(10, (i) => "bottomM" in i)[0];

  test(straight?.name ?? "", () => {
    const got = reductionMin({
      vessel: POT,
      fromL: 4,
      toL: 2,
      fluxKgM2H: 10,
      tempC: 25.5,
    });
    // The worked number takes water at about 1 kg/L.
    expect(Math.abs(got * (1 / 0.9969) - Number(straight?.expected))).toBeLessThan(1.5);
  });

  test(tapered?.name ?? "", () => {
    const vessel: VesselShape = {
      shape: "round",
      bottomM: [0.2, 0.2],
      topM: [0.26, 0.26],
      heightM: 0.12,
    };
    const got = reductionMin({
      vessel,
      fromL: 3,
      toL: 1,
      fluxKgM2H: 17,
      tempC: 25,
    });
    expect(Math.abs(got / 0.997 - Number(tapered?.expected))).toBeLessThan(1);
  });

  test("a rolling boil takes heat over latent heat", () => {
    const v = vectorsOf(10, (i) => "netPowerW" in i)[0];
    const got = rollingReductionMin(3, 1, 1200, 99.974);
    expect(got / 0.9584).toBeCloseTo(Number(v?.expected), 0);
  });

  test("further down takes longer, more steam takes shorter, in every pot", () => {
    fc.assert(
      fc.property(
        fc.double({ min: 1, max: 8, noNaN: true }),
        fc.double({ min: 0.1, max: 0.9, noNaN: true }),
        fc.double({ min: 1, max: 30, noNaN: true }),
        (fromL, share, fluxKgM2H) => {
          const at = (toL: number, flux: number) =>
            reductionMin({
              vessel: POT,
              fromL,
              toL,
              fluxKgM2H: flux,
              tempC: 95,
            });
          const toL = fromL * share;
          expect(at(toL * 0.9, fluxKgM2H)).toBeGreaterThan(at(toL, fluxKgM2H));
          expect(at(toL, fluxKgM2H * 1.1)).toBeLessThan(at(toL, fluxKgM2H));
        },
      ),
    );
  });

  test("without steam it says so", () => {
    const got = outcomeOf(() =>
      reductionMin({ vessel: POT, fromL: 3, toL: 1, fluxKgM2H: 0, tempC: 95 }),
    );
    expect(got).toMatchObject({ ok: false, problem: { code: "notReachable" } });
  });
});
