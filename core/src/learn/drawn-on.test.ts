import { resolve, type SetPot } from "../simulate/set-pot";
import fc from "fast-check";
import { describe, expect, test } from "vitest";
import { testKitchen } from "../../test/kitchen";
import { cooked, LIT, loggedPlan as plan } from "../../test/logged-pot";
import { answersFor } from "../because/answers";
import { forecastLive } from "../batch/live-forecast";
import type { Kitchen } from "../simulate/kitchen-schema";
import {
  COME_UP_NOISE,
  ofNext,
  POT_NOISE,
  ringSigmaOf,
  ringThing,
  steamHere,
  steamSigmaOf,
  steamThing,
} from "../simulate/learned";
import { EXPECTED, SPREAD } from "../simulate/parameters";
import type { Plan } from "../simulate/plan-schema";
import { simulate } from "../simulate/simulate";
import { spreadOf } from "../simulate/spread";
import { NO_TEACHING } from "../simulate/no-teaching";
import { coldWaterKg, waterL } from "../simulate/stated-water";
import { ringSeen, steamSeen } from "./from-pot";
import { ringHereWords, taughtWords } from "./say-taught";
import { learnedOf, whatTaught, wordsOf } from "./taught";

const kitchen = testKitchen();
const waterKg = coldWaterKg(waterL(resolve(plan, kitchen)), kitchen);
const words = [0.7, 0.72, 0.69, 0.71, 0.68].map((steam, i) => ({
  ...wordsOf(cooked({ steam, ring: 1.2, batch: { id: `p${i}` } })),
  atMs: LIT + i * 60_000,
}));
const taughtBy = (teaching = NO_TEACHING): Kitchen => ({
  ...kitchen,
  learned: learnedOf(words, { teaching }),
});
const taught = taughtBy();
const thing = steamThing(plan.vesselId, plan.heat);
const withSteam = (log: number, sd = 0.1): Kitchen => ({
  ...kitchen,
  learned: {
    steam: {
      things: { [thing]: { log, sd, pots: 3 } },
      kitchen: { log: 0.5, sd: 0.5, pots: 3 },
    },
    ring: {
      things: { [ringThing(plan)]: { log: log / 2, sd, pots: 3 } },
      kitchen: { log: 0, sd: 0.5, pots: 3 },
    },
  },
});
const strained = (setPot: SetPot, truth = {}) =>
  simulate(setPot, { waterKg, parameters: { ...EXPECTED, ...truth } }).strained.volumeL;
const rangeIn = (here: Kitchen) => {
  const trace = simulate(resolve(plan, here), { waterKg });
  const { lowFactor, highFactor } = spreadOf(resolve(plan, here), waterKg, trace).figures.strainedL;
  return [trace.strained.volumeL * lowFactor, trace.strained.volumeL * highFactor] as const;
};

describe("a plan draws on what is learned", () => {
  test("the same as if the pot had that for its constants", () => {
    fc.assert(
      fc.property(fc.double({ min: -1, max: 0.7, noNaN: true }), (log) => {
        const here = simulate(resolve(plan, withSteam(log)), { waterKg });
        const there = simulate(resolve(plan, kitchen), {
          waterKg,
          parameters: { ...EXPECTED, evaporation: Math.exp(log), efficiency: Math.exp(log / 2) },
        });
        expect(here.strained.volumeL).toBeCloseTo(there.strained.volumeL, 9);
        expect(here.comeUpMin).toBeCloseTo(there.comeUpMin, 9);
      }),
      { numRuns: 25 },
    );
  });

  const others: readonly (readonly [string, Plan["heat"], string])[] = [
    [
      "the oven",
      { method: "oven", ovenId: "oven", ovenC: 150, lid: "on", start: "hot" } as Plan["heat"],
      plan.vesselId,
    ],
    [
      "the oven, its lid off",
      { method: "oven", ovenId: "oven", ovenC: 150, lid: "off", start: "cold" } as Plan["heat"],
      plan.vesselId,
    ],
    [
      "a crock",
      {
        method: "slowCooker",
        setting: "high",
        start: "cold",
        highFirstMin: 0,
        lidLifts: 0,
      } as Plan["heat"],
      kitchen.vessels.find((v) => v.kind === "slowCooker")?.id ?? "",
    ],
  ];
  test.each(others)("in %s too", (_, heat, vesselId) => {
    const elsewhere = { ...plan, vesselId, heat };
    const log = -0.5;
    const here: Kitchen = {
      ...kitchen,
      learned: {
        steam: {
          things: { [steamThing(vesselId, heat)]: { log, sd: 0.1, pots: 3 } },
          kitchen: { log: 0, sd: 0.5, pots: 3 },
        },
        ring: { things: {}, kitchen: { log: 0, sd: 0.7, pots: 0 } },
      },
    };
    const usual = strained(resolve(elsewhere, kitchen));
    const learned = strained(resolve(elsewhere, here));
    expect(learned).toBeGreaterThan(usual);
    expect(learned).toBeCloseTo(
      strained(resolve(elsewhere, kitchen), { evaporation: Math.exp(log) }),
      9,
    );
  });

  test("a range of the next pot holds what one pot is off from the next, also before any; knowing more widens none", () => {
    const sd = fc.double({ min: 0.01, max: 1, noNaN: true });
    fc.assert(
      fc.property(sd, sd, sd, sd, (usual, noise, one, other) => {
        const before = ofNext(null, usual, noise);
        const [less, more] = [Math.max(one, other), Math.min(one, other)].map((s) =>
          ofNext({ mean: 0, sd: s, pots: 2, otherPots: 0 }, usual, noise),
        ) as [number, number];
        expect(before ** 2).toBeCloseTo(usual ** 2 + noise ** 2, 9);
        expect(less).toBeLessThanOrEqual(before);
        expect(more).toBeLessThanOrEqual(less);
        expect(more).toBeGreaterThan(noise);
        // One pot alone may have been an odd one: of the same sd, it is less sure than two, and surer than none.
        for (const [pots, otherPots] of [
          [1, 0],
          [0, 1],
        ] as const) {
          const alone = ofNext({ mean: 0, sd: usual / 2, pots, otherPots }, usual, noise);
          const two = ofNext({ mean: 0, sd: usual / 2, pots: 1, otherPots: 1 }, usual, noise);
          expect(alone).toBeGreaterThan(two);
          expect(alone).toBeLessThan(before);
        }
      }),
    );
  });

  test("what no ring warms goes by no ring's log", () => {
    const cooker = kitchen.vessels.find((v) => v.kind === "pressureCooker");
    if (cooker === undefined) throw new Error("no cooker");
    const heat: Plan["heat"] = { method: "pressure", setting: "high", release: "natural" };
    const shut = { ...plan, vesselId: cooker.id, heat };
    const driven = (drive: "stovetop" | "electric"): Kitchen => ({
      ...taught,
      vessels: taught.vessels.map((v) =>
        v.id === cooker.id && v.pressure !== undefined
          ? { ...v, pressure: { ...v.pressure, drive } }
          : v,
      ),
    });
    // Nor by what simmers, under pressure.
    expect(steamHere(taught, cooker.id, heat)).toBeNull();
    const unlearned = Math.hypot(SPREAD.efficiency.value, COME_UP_NOISE.value);
    expect(ringSigmaOf(resolve(shut, driven("electric")))).toBe(unlearned);
    expect(ringSigmaOf(resolve(shut, driven("stovetop")))).toBeLessThan(unlearned);
    expect(ringHereWords(resolve(shut, driven("electric")))).toEqual([]);
    expect(ringHereWords(resolve(shut, driven("stovetop")))[0]).toMatch(
      /by 5 other pots of this kitchen/,
    );
  });

  test("another lid goes by the kitchen's other pots, a pot under pressure by none", () => {
    const { heat } = plan;
    const open = { ...plan, heat: { ...heat, lid: "off" } } as Plan;
    expect(strained(resolve(open, withSteam(0)))).toBeLessThan(strained(resolve(open, kitchen)));
    expect(steamSigmaOf(resolve(open, withSteam(0)))).toBeLessThan(
      steamSigmaOf(resolve(open, kitchen)),
    );
    const shut: Plan = {
      ...plan,
      vesselId: kitchen.vessels.find((v) => v.kind === "pressureCooker")?.id ?? "",
      heat: { method: "pressure", setting: "high", release: "natural" },
    };
    const offRing = { ...withSteam(0.6) };
    const noRing = {
      ...offRing,
      learned: { ...offRing.learned, ring: { things: {}, kitchen: { log: 0, sd: 0.5, pots: 0 } } },
    } as Kitchen;
    expect(strained(resolve(shut, noRing))).toBe(strained(resolve(shut, kitchen)));
  });

  test("ranges narrow by what is known, but never under what one pot is off from the next", () => {
    const [low, high] = rangeIn(taught);
    const [before, after] = rangeIn(kitchen);
    expect(high - low).toBeLessThan(0.6 * (after - before));
    expect(steamSigmaOf(resolve(plan, withSteam(0, 0.001)))).toBeGreaterThanOrEqual(
      POT_NOISE.value,
    );
    expect(steamSigmaOf(resolve(plan, withSteam(0, 2)))).toBe(steamSigmaOf(resolve(plan, kitchen)));
    // Five pots that steam 30 % less: the sixth is within, which the default's own range has at its edge.
    const sixth = strained(resolve(plan, kitchen), { evaporation: 0.7, efficiency: 1.2 });
    expect(sixth).toBeGreaterThan(low);
    expect(sixth).toBeLessThan(high);
  });

  test("a pot says the same, whatever was known when it was put on", () => {
    const known = cooked({ steam: 0.7, batch: { kitchen: taught } });
    const unknown = cooked({ steam: 0.7 });
    expect(steamSeen(known)).toEqual(steamSeen(unknown));
    expect(ringSeen(known)).toEqual(ringSeen(unknown));
  });

  test("on the fire too: before any level is read, the rate is that of this kitchen", () => {
    const { cook } = cooked({ steam: 0.7, dips: [], isMeasured: false });
    const at = LIT + 180 * 60_000;
    const here = forecastLive(resolve(plan, taught), { ...cook, offMs: null }, at);
    const there = forecastLive(resolve(plan, kitchen), { ...cook, offMs: null }, at);
    expect(here.steamedL).toBeLessThan(0.85 * there.steamedL);
    expect(here.strainedL.high - here.strainedL.low).toBeLessThan(
      0.7 * (there.strainedL.high - there.strainedL.low),
    );
  });

  test("every figure that draws on it says so, and no other", () => {
    const why = (here: Kitchen) => {
      const answers = answersFor(resolve(plan, here), () => null);
      if (!answers.ok) throw answers.problem;
      return answers.value.figures;
    };
    const here = why(taught);
    expect(here.strainedL.because.here).toEqual([
      expect.stringMatching(
        /with its lid ajar, at a gentle simmer: steams \d+ % less than usual: from 5 pots here, ±\d+ %; before: usual, ±57 %\.$/,
      ),
      expect.stringMatching(/^Lamb neck in the sieve: .*liquid stays on it.*: from 5 pots here/),
    ]);
    expect(here.toSimmerMin.because.here?.[0]).toMatch(/more heat than usual: from 5 pots here/);
    expect(here.holdMin.because.here).toEqual([]);
    expect(why(kitchen).strainedL.because.here).toEqual([]);
  });
});

describe("what the cook says to it", () => {
  const later = new Date(LIT + 3_600_000).toISOString();
  test("reset, it is the default again; what comes after counts", () => {
    const reset = { kind: "steam", thing, at: later } as const;
    const here = taughtBy({ ...NO_TEACHING, resets: [reset] });
    expect(here.learned?.steam).toEqual({
      things: {},
      kitchen: { log: 0, sd: Math.sqrt(0.6), pots: 0 },
    });
    expect(here.learned?.ring).toEqual(taught.learned?.ring);
    const one = learnedOf([...words, { ...words[0]!, potId: "new", atMs: LIT + 7_200_000 }], {
      teaching: { ...NO_TEACHING, resets: [reset] },
    });
    expect(one.steam.things[thing]?.pots).toBe(1);
  });

  test("a pot left out has no word", () => {
    const without = learnedOf(words, { teaching: { ...NO_TEACHING, leftOut: ["p1", "p3"] } });
    expect(without).toEqual(learnedOf(words.filter((w) => w.potId !== "p1" && w.potId !== "p3")));
  });

  test("kept as it is, nothing moves it", () => {
    const kept = { kind: "steam", thing, log: -0.1, sd: 0.05, pots: 2 } as const;
    const teaching = { ...NO_TEACHING, frozen: [kept] };
    expect(learnedOf(words, { teaching }).steam.things[thing]).toEqual({
      log: -0.1,
      sd: 0.05,
      pots: 2,
    });
    const [value] = whatTaught(words, { teaching }).values;
    expect(value).toMatchObject({ isFrozen: true, factor: Math.exp(-0.1) });
    expect(value?.from).toHaveLength(5);
    // Its pots left out since, it still stands there, to be let go.
    const leftOut = words.map((w) => w.potId);
    const [alone] = whatTaught(words, { teaching: { ...teaching, leftOut } }).values;
    expect(alone).toMatchObject({ isFrozen: true, factor: Math.exp(-0.1), from: [] });
    expect(alone && taughtWords(alone)).toMatch(
      /^steams 10 % less than usual, ±7 %, its pots left out, kept as it was; before: usual, ±57 %$/,
    );
  });

  test("the order in which pots are read does not matter", () => {
    fc.assert(
      fc.property(fc.shuffledSubarray(words, { minLength: 5 }), (other) => {
        expect(learnedOf(other)).toEqual(learnedOf(words));
      }),
      { numRuns: 10 },
    );
  });
});
