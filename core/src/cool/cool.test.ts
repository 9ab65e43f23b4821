import fc from "fast-check";
import { describe, expect, test } from "vitest";
import { chillNow } from "../../test/chilling";
import { vectorsOf } from "../../test/vectors";
import { lostBefore, type BeforeChilling } from "./before-chilling";
import {
  bestOf,
  chanceInTime,
  chillChoices,
  countFor,
  inCount,
  stagesBeginning,
  quickestOf,
  withMoreOf,
} from "./chill-choices";
import { decayThrough } from "./decay";
import { codeOf, CODES, COOLING_CODES, remedyFor } from "./codes";
import { Z90 } from "../units/estimate";
import { spreadOf } from "./ways";
import { TRAYS, type CoolingContainer } from "./container";
import {
  coolingCurve,
  coolingTauMin,
  gatesMet,
  iceKg,
  tempAtC,
  whenAtMin,
  type CoolingFacts,
} from "./cooling";
import { COOLING_WAYS } from "./ways";

const pot = (diameterM: number): CoolingContainer => ({
  id: "pot",
  name: "Pot",
  shape: "round",
  lengthM: diameterM,
  widthM: diameterM,
  heightM: 0.25,
  isPlastic: false,
  have: 1,
  isVessel: true,
});
const deep: CoolingFacts = {
  container: pot(0.28),
  massKg: 10,
  fromC: 90,
  roomC: 22,
  waterC: 12,
  airKPa: 101.3,
  isThick: false,
};
const shallow: CoolingFacts = { ...deep, container: TRAYS[0]!, massKg: 2 };
const toHours = (
  facts: CoolingFacts,
  way: "fridge" | "iceBath",
  fromC: number,
  toC: number,
  aroundC: number,
) => (coolingTauMin(facts, way) * Math.log((fromC - aroundC) / (toC - aroundC))) / 60;

describe("Newton's law against worked numbers", () => {
  test("a deep pot and a shallow tray in a fridge, an ice bath: analytic", () => {
    const [deepV] = vectorsOf(16, (i) => i["areaM2"] === 0.26600757);
    expect(Math.abs(toHours(deep, "fridge", 60, 21, 4) - Number(deepV?.expected))).toBeLessThan(
      0.02,
    );
    const [trayV] = vectorsOf(16, (i) => i["areaM2"] === 0.19428);
    expect(Math.abs(toHours(shallow, "fridge", 60, 21, 4) - Number(trayV?.expected))).toBeLessThan(
      0.02,
    );
    const [iceV] = vectorsOf(16, (i) => i["areaM2"] === 0.2044);
    expect(
      Math.abs(toHours(deep, "iceBath", 60, 21, 0) * 60 - Number(iceV?.expected)),
    ).toBeLessThan(0.1);
  });

  test("the curve is the law where nothing steams: under 30 °C, and in a bath", () => {
    const cool = { ...deep, fromC: 28 };
    const tau = coolingTauMin(cool, "fridge");
    const curve = coolingCurve(cool, [{ way: "fridge", min: 0 }]);
    for (const t of [30, 90, 300])
      expect(tempAtC(curve, t)).toBeCloseTo(3 + 25 * Math.exp(-t / tau), 6);
    const bath = coolingCurve(deep, [{ way: "iceBath", min: 0 }]);
    expect(tempAtC(bath, 12)).toBeCloseTo(90 * Math.exp(-12 / coolingTauMin(deep, "iceBath")), 6);
  });

  test("ice for a bath", () => {
    const [v] = vectorsOf(16, (i) => i["dT"] === 39);
    expect(iceKg(10, 60, 21)).toBeCloseTo(Number(v?.expected), 2);
  });

  test("a fridge at 5 °C never brings it to 5 °C", () => {
    const curve = coolingCurve({ ...shallow, waterC: 5 }, [{ way: "trough", min: 0 }]);
    expect(whenAtMin(curve, 5)).toBeNull();
    expect(gatesMet(curve, CODES.us.gates)[1]).toMatchObject({ tookMin: null, passes: false });
  });
});

describe("gates", () => {
  test("room, ice bath, fridge against each code, as worked elsewhere", () => {
    for (const code of ["us", "anz"] as const) {
      const [v] = vectorsOf(16, (i, name) => name.startsWith(`gates ${code} for room`));
      const stages = v?.input["stages"] as { hours: number; airC: number; tauMin: number }[];
      const points = [{ tMin: 0, tempC: 90 }];
      for (const s of stages)
        for (let m = 0.25; m <= s.hours * 60 + 1e-9; m += 0.25) {
          const last = points.at(-1)!;
          points.push({
            tMin: last.tMin + 0.25,
            tempC: s.airC + (last.tempC - s.airC) * Math.exp(-0.25 / s.tauMin),
          });
        }
      const met = gatesMet(points, CODES[code === "anz" ? "auNz" : code].gates);
      (v?.expected as { took: number; pass: boolean }[]).forEach((e, i) => {
        expect(Math.abs((met[i]?.tookMin ?? 0) / 60 - e.took)).toBeLessThan(0.03);
        expect(met[i]?.passes).toBe(e.pass);
      });
    }
  });

  test("at their very edge: the minute itself passes, a tenth over fails; °F and °C are the same gate", () => {
    const own = [
      { fromC: 65, toC: 10, withinMin: 90 },
      { fromC: 10, toC: 4, withinMin: 180 },
    ];
    for (const coolingCode of COOLING_CODES) {
      const { gates } = codeOf({ coolingCode, ownCode: own });
      gates.forEach((gate, i) => {
        const line = (tookMin: number) =>
          gatesMet(
            [
              { tMin: 0, tempC: gate.fromC + 20 },
              { tMin: 10, tempC: gate.fromC },
              { tMin: 10 + tookMin, tempC: gate.toC },
            ],
            gates,
          )[i];
        expect(line(gate.withinMin)?.passes).toBe(true);
        expect(line(gate.withinMin + 0.1)?.passes).toBe(false);
      });
    }
    const us = CODES.us.gates[0]!;
    expect(Math.round((us.fromC * 9) / 5 + 32)).toBe(135);
    expect(Math.round((us.toC * 9) / 5 + 32)).toBe(70);
    expect(Math.round((CODES.us.gates[1]!.toC * 9) / 5 + 32)).toBe(41);
  });

  test("what is missed: reheated once where the code allows it, thrown away where it does not", () => {
    const [first, second] = CODES.us.gates;
    expect(remedyFor([], false)).toBeNull();
    expect(remedyFor([first!], false)).toBe("reheatOnce");
    expect(remedyFor([first!], true)).toBe("discard");
    expect(remedyFor([first!, second!], false)).toBe("discard");
    expect(remedyFor([CODES.auNz.gates[0]!], false)).toBe("discard");
    expect(remedyFor([CODES.uk.gates[0]!], false)).toBe("discard");
  });

  test("what begins under a gate has opened it at once", () => {
    const [gate] = gatesMet(
      [
        { tMin: 0, tempC: 40 },
        { tMin: 60, tempC: 20 },
      ],
      CODES.us.gates,
    );
    expect(gate?.fromMin).toBe(0);
  });
});

describe("the course", () => {
  const facts = fc.record({
    litres: fc.double({ min: 0.5, max: 12, noNaN: true }),
    fromC: fc.double({ min: 62, max: 95, noNaN: true }),
    way: fc.constantFrom(...COOLING_WAYS),
    isThick: fc.boolean(),
  });

  test("never warms, never goes under what is round it", () => {
    fc.assert(
      fc.property(facts, ({ litres, fromC, way, isThick }) => {
        const curve = coolingCurve({ ...deep, massKg: litres, fromC, isThick }, [{ way, min: 0 }]);
        for (let i = 1; i < curve.length; i++)
          expect(curve[i]!.tempC).toBeLessThanOrEqual(curve[i - 1]!.tempC + 1e-9);
        expect(curve.at(-1)!.tempC).toBeGreaterThanOrEqual(-1e-9);
      }),
      { numRuns: 40 },
    );
  });

  test("is faster the shallower it stands, and slower in plastic or where it is thick", () => {
    fc.assert(
      fc.property(
        facts,
        fc.double({ min: 0.3, max: 0.95, noNaN: true }),
        ({ litres, fromC, way, isThick }, share) => {
          const afterAnHourC = (more: Partial<CoolingFacts> = {}) =>
            tempAtC(
              coolingCurve(
                { ...deep, container: pot(0.26), massKg: litres, fromC, isThick, ...more },
                [{ way, min: 0 }],
              ),
              60,
            );
          const asItIs = afterAnHourC();
          // Within a tenth of a degree of what is round it the course ends.
          expect(afterAnHourC({ massKg: litres * share })).toBeLessThan(asItIs + 0.1);
          expect(afterAnHourC({ isThick: true })).toBeGreaterThan(
            afterAnHourC({ isThick: false }) - 0.1,
          );
          const plastic = { ...pot(0.26), isPlastic: true };
          expect(afterAnHourC({ container: plastic })).toBeGreaterThan(asItIs - 0.1);
          if (asItIs > 40) expect(afterAnHourC({ massKg: litres * share })).toBeLessThan(asItIs);
        },
      ),
      { numRuns: 25 },
    );
  });
});

describe("what to do", () => {
  const choices = (gates = CODES.us.gates) =>
    chillChoices(deep, 10, [pot(0.28), ...TRAYS], ["fridge", "room", "trough", "iceBath"], gates);

  test("a deep pot in the fridge fails; the least effort that passes stands first", () => {
    const all = choices();
    const inFridge = all.find((c) => c.id === "pot|fridge");
    expect(inFridge?.passes).toBe(false);
    expect(all[0]?.isSure).toBe(true);
    const passing = all.filter((c) => c.isSure && c.lacks === 0);
    expect(passing.map((c) => c.effort)).toEqual(
      passing.map((c) => c.effort).toSorted((a, b) => a - b),
    );
    const first = all.findIndex((c) => !c.passes);
    expect(all.slice(first).every((c) => !c.passes)).toBe(true);
  });

  test("as many trays, and so shallow, as the slow end too is in time; of a pot there is one", () => {
    const trays = (have: number | null) => TRAYS.map((t) => ({ ...t, have }));
    const of = (totalKg: number, have: number | null) =>
      chillChoices(deep, totalKg, [pot(0.28), ...trays(have)], ["fridge"], CODES.us.gates);
    const shallow = of(20, 2).find((c) => c.container.id === "trayShallow")!;
    expect(shallow).toMatchObject({ isSure: true, lacks: shallow.count - 2 });
    expect(shallow.count).toBeGreaterThan(countFor(shallow.container, 20));
    // One fewer is not: some would be cold too late.
    const fewer = inCount(shallow.facts, 20, shallow.count - 1, "fridge", CODES.us.gates);
    expect(fewer.isSure).toBe(false);
    const inPot = of(20, 2).find((c) => c.container.id === "pot");
    expect(inPot).toMatchObject({ count: 2, lacks: 1, isSure: false });
    // Nothing there is enough; with more to borrow it is.
    expect(bestOf(of(20, 2))).toBeNull();
    expect(withMoreOf(of(20, 2))?.lacks).toBeGreaterThan(0);
    expect(withMoreOf(of(20, null))).toBeNull();
    expect(bestOf(of(20, null))?.isSure).toBe(true);
  });

  test("how likely it is in time: surely at least nine in ten, never where it never gets there", () => {
    const chance = (count: number) =>
      chanceInTime(
        inCount({ ...deep, container: TRAYS[0]! }, 20, count, "fridge", CODES.us.gates),
        CODES.us.gates,
      );
    const all = [5, 6, 7, 8, 9, 10, 12, 14].map(chance);
    expect(all).toEqual(all.toSorted((a, b) => a - b));
    expect(chance(5)).toBeLessThan(0.5);
    expect(chance(14)).toBeGreaterThan(0.9);
    const sure = choices().find((c) => c.isSure)!;
    expect(chanceInTime(sure, CODES.us.gates)).toBeGreaterThanOrEqual(0.9 - 1e-3);
    const never = inCount({ ...deep, container: pot(0.28) }, 40, 1, "room", CODES.us.gates);
    expect(chanceInTime(never, CODES.us.gates)).toBe(0);
  });

  test("trays hold all of it, none over nine tenths", () => {
    const tray = choices().find((c) => c.container.id === "trayShallow");
    expect(tray!.count).toBeGreaterThanOrEqual(3);
  });
});

describe("with a thermometer", () => {
  const stages = [{ way: "fridge" as const, min: 0 }];
  test("a slower course than thought is told by its reading, with what is left at each gate", () => {
    const thought = chillNow(shallow, stages, [], CODES.us.gates, 0);
    expect(thought.pace).toBe(1);
    const slow = coolingCurve({ ...shallow, pace: 0.5 }, stages);
    const reading = { tMin: 60, tempC: tempAtC(slow, 60) };
    const now = chillNow(shallow, stages, [reading], CODES.us.gates, 61);
    expect(now.pace).toBeCloseTo(0.5, 1);
    expect(now.nowC).toBeCloseTo(tempAtC(slow, 61), 0);
    expect(now.gates[0]?.state).toBe("late");
    expect(now.gates[0]!.leftMin).toBeLessThan(120);
  });

  test("what cools slower than thought stays in the bath until the fridge may have it", () => {
    const bath = [
      { way: "trough" as const, min: 25 },
      { way: "fridge" as const, min: 0 },
    ];
    const slow = chillNow(deep, bath, [{ tMin: 20, tempC: 60 }], CODES.us.gates, 21);
    expect(slow.stages[0]!.min).toBeGreaterThan(30);
    expect(tempAtC(slow.points, slow.stages[0]!.min)).toBeCloseTo(20, 0);
    const fast = chillNow(deep, bath, [{ tMin: 20, tempC: 22 }], CODES.us.gates, 21);
    expect(fast.stages[0]!.min).toBe(25);
  });

  test("a gate runs, is met, or has failed", () => {
    const state = (tempC: number, tMin: number) =>
      chillNow(shallow, stages, [{ tMin, tempC }], CODES.us.gates, tMin).gates[0]?.state;
    expect(state(70, 5)).toBe("ahead");
    expect(state(20, 60)).toBe("met");
    expect(state(40, 400)).toBe("failed");
    expect(state(20, 500)).toBe("failed");
  });
});

test("a blast chiller is reckoned when it is chosen, and never suggested", () => {
  const all = chillChoices(deep, 10, [pot(0.28), ...TRAYS], COOLING_WAYS, CODES.us.gates);
  expect(all.some((c) => c.stages[0]?.way === "fan" && c.passes)).toBe(true);
  const best = bestOf(all);
  expect(best?.isSure).toBe(true);
  expect(best?.stages.map((s) => s.way)).not.toContain("fan");
  expect(bestOf(all.filter((c) => !c.isSure))).toBeNull();
});

test("where nothing is surely in time the likeliest is shown, of what there is everywhere", () => {
  const all = chillChoices(deep, 10, [pot(0.28), ...TRAYS], COOLING_WAYS, CODES.uk.gates);
  const own = all.filter((c) => c.lacks === 0);
  const quickest = quickestOf(all)!;
  expect(quickest.lacks).toBe(0);
  expect(quickest.stages.map((s) => s.way)).not.toContain("fan");
  const inFridge = own.find((c) => c.id === "pot|fridge")!;
  const lateMin = (c: typeof quickest) =>
    Math.max(...c.gates.map((g) => (g.tookMin ?? Infinity) - g.gate.withinMin));
  expect(lateMin(quickest)).toBeLessThan(lateMin(inFridge));
  expect(chanceInTime(quickest, CODES.uk.gates)).toBeGreaterThanOrEqual(
    chanceInTime(inFridge, CODES.uk.gates),
  );
  expect(quickestOf([])).toBeNull();
});

describe("what has stood before it is chilled", () => {
  const stood = (fromC: number, offMin: number, wasReadAboveC: number | null = null) => ({
    points: decayThrough(
      [
        { tMin: -offMin, tempC: 92 },
        { tMin: 0, tempC: fromC },
      ],
      () => 20,
    ).slice(0, -1),
    wasReadAboveC,
    readings: [],
  });
  const { gates } = CODES.us;
  const of = (fromC: number, before: ReturnType<typeof stood> | null) =>
    chillChoices(
      { ...deep, fromC, before },
      10,
      [pot(0.28), ...TRAYS],
      ["fridge", "iceBath"],
      gates,
    );

  test("is judged from when its time began: no way is in time where it has run out", () => {
    expect(of(40, null).some((c) => c.isSure)).toBe(true);
    expect(of(40, stood(40, 300)).some((c) => c.passes)).toBe(false);
    expect(lostBefore(stood(40, 300), 40, gates)).toEqual([gates[0]]);
    expect(lostBefore(stood(40, 400), 40, gates)).toEqual(gates);
    // To the minute; and what is cold already has not lost it.
    expect(lostBefore(stood(40, 119), 40, gates)).toEqual([]);
    expect(lostBefore(stood(40, 121), 40, gates)).toEqual([gates[0]]);
    expect(lostBefore(stood(20, 121), 20, gates)).toEqual([]);
    // Where it is still hot its time has not begun.
    expect(lostBefore(stood(80, 300), 80, gates)).toEqual([]);
    expect(of(80, stood(80, 300)).map((c) => c.gates[0]?.tookMin)).toEqual(
      of(80, null).map((c) => c.gates[0]?.tookMin),
    );
  });

  test("is sure only where the slow end is in time with what has run", () => {
    const sure = (offMin: number) => of(45, stood(45, offMin)).filter((c) => c.isSure);
    for (const offMin of [60, 90, 100, 106, 110, 114, 117])
      for (const { facts, stages } of sure(offMin)) {
        const slow = coolingCurve({ ...facts, pace: Math.exp(-Z90 * spreadOf(stages)) }, stages);
        expect(offMin + (whenAtMin(slow, 21) ?? Infinity)).toBeLessThanOrEqual(120);
      }
    expect(sure(90).length).toBeGreaterThan(0);
  });

  test("takes more the longer it stood, and never less", () => {
    const least = (offMin: number) => of(45, stood(45, offMin)).findIndex((c) => c.passes);
    const sure = (offMin: number) => of(45, stood(45, offMin)).filter((c) => c.passes).length;
    expect(least(30)).toBe(0);
    const counts = [20, 60, 100, 119, 150].map(sure);
    expect(counts).toEqual(counts.toSorted((a, b) => b - a));
    expect(counts.at(-1)).toBe(0);
  });
});

describe("what no thermometer saw", () => {
  const stages = [{ way: "fridge" as const, min: 0 }];
  const now = (
    readings: readonly { tMin: number; tempC: number }[],
    atMin: number,
    before: BeforeChilling | null = null,
    fromC = shallow.fromC,
  ) => chillNow({ ...shallow, fromC }, stages, readings, CODES.us.gates, atMin, before);

  test("a gate that only the forecast has met is likely; a reading makes it met, and it stays so", () => {
    const curve = coolingCurve(shallow, stages);
    const there = curve.find((p) => p.tempC <= 20)!.tMin;
    expect(now([], there + 5).gates[0]?.state).toBe("likely");
    const read = [{ tMin: there, tempC: 20 }];
    expect(now(read, there + 5).gates[0]?.state).toBe("met");
    expect(now([...read, { tMin: there + 60, tempC: 12 }], there + 90).gates[0]?.state).toBe("met");
    // What was likely yields to a reading that is warmer.
    expect(now([{ tMin: there, tempC: 40 }], there + 5).gates[0]?.state).not.toBe("likely");
  });

  test("what was read is where it goes on from: nothing drops or leaps after a thermometer", () => {
    const bath = stagesBeginning("iceBath", shallow);
    fc.assert(
      fc.property(
        fc.double({ min: 0.01, max: 300, noNaN: true }),
        fc.double({ min: 4, max: 79, noNaN: true }),
        (tMin, tempC) => {
          for (const by of [bath, stages]) {
            const { points } = chillNow(shallow, by, [{ tMin, tempC }], CODES.us.gates, tMin);
            expect(tempAtC(points, tMin)).toBeCloseTo(tempC, 9);
            expect(Math.abs(tempAtC(points, tMin + 0.01) - tempC)).toBeLessThan(0.5);
          }
        },
      ),
    );
    // Read twice as warm as thought when it ought to be in the fridge: it is as warm a minute later.
    const slow = chillNow(shallow, bath, [{ tMin: 45, tempC: 34 }], CODES.us.gates, 46);
    expect(slow.nowC).toBeGreaterThan(32);
  });

  test("the line is crossed on a decaying curve: a late reading gives no time back", () => {
    const { points, gates } = now([{ tMin: 100, tempC: 24 }], 101);
    const crossed = whenAtMin(points, 57)!;
    const straight = ((shallow.fromC - 57) / (shallow.fromC - 24)) * 100;
    expect(crossed).toBeLessThan(straight * 0.8);
    expect(gates[0]?.leftMin).toBeCloseTo(crossed + 120 - 101, 6);
  });

  test("begun at 30 °C five hours off the heat it has missed its gate; seen hot on the way it is judged by that", () => {
    const before = (wasReadAboveC: number | null, offMin: number) => ({
      points: decayThrough(
        [
          { tMin: -offMin, tempC: 92 },
          { tMin: 0, tempC: 30 },
        ],
        () => 20,
      ).slice(0, -1),
      wasReadAboveC,
      readings: [],
    });
    expect(now([], 1, before(null, 300), 30).gates.map((g) => g.state)[0]).toBe("unknown");
    expect(now([], 1, before(80, 300), 30).gates.map((g) => g.state)[0]).toBe("failed");
    // Off the heat half an hour ago it cannot have been under the line for longer than that.
    const soon = now([], 1, before(null, 30), 30).gates[0];
    expect(soon?.state).toBe("running");
    expect(soon?.leftMin).toBeCloseTo(120 - 31, 6);
  });

  test("a decaying course goes through its readings, under the chord, and never under what is round it", () => {
    fc.assert(
      fc.property(
        fc.double({ min: 25, max: 95, noNaN: true }),
        fc.double({ min: 0.05, max: 0.95, noNaN: true }),
        fc.double({ min: 2, max: 400, noNaN: true }),
        (fromC, share, spanMin) => {
          const around = 20;
          const toC = around + (fromC - around) * share;
          const a = { tMin: 0, tempC: fromC };
          const b = { tMin: spanMin, tempC: toC };
          const course = decayThrough([a, b], () => around);
          for (const p of course) {
            const chord = fromC + ((toC - fromC) * p.tMin) / spanMin;
            expect(p.tempC).toBeLessThanOrEqual(chord + 1e-9);
            expect(p.tempC).toBeGreaterThanOrEqual(toC - 1e-9);
          }
        },
      ),
    );
  });
});
