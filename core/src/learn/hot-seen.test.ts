import { asPlanned } from "../simulate/as-planned";
import { resolve } from "../simulate/set-pot";
import { SCHEMA_VERSION } from "../simulate/schema-version";
import fc from "fast-check";
import { assert, describe, expect, test } from "vitest";
import { happened } from "../../test/events";
import { HEATS, testBraise, testKitchen } from "../../test/kitchen";
import { LIT } from "../../test/logged-pot";
import { fold } from "../batch/fold";
import { answersFor } from "../because/answers";
import { slowestMeatHighMin } from "../convert/warming";
import { drawRanges } from "../convert/draws";
import { HOT_SIGMA, hotHere, hotSigmaC } from "../simulate/hot-here";
import { PARAMETER_NAMES, SPREAD } from "../simulate/parameters";
import type { Kitchen } from "../simulate/kitchen-schema";
import { pointAt } from "../simulate/point-at";
import { waterL } from "../simulate/stated-water";
import type { LoggedPot } from "./from-pot";
import { hotSeen } from "./hot-seen";
import { hotHereWords, nameOfThing } from "./say-taught";
import { learnedOf, whatTaught, wordsOf } from "./taught";

const kitchen = testKitchen();
const LONG = { by: "time" as const, holdMin: 480 };
const crock = testBraise({ vesselId: "crock", heat: HEATS.low, stop: LONG });
const oven = testBraise({ heat: HEATS.oven, stop: { ...LONG, holdMin: 240 } });
type Dish = typeof crock;
const traceOf = (plan: Dish, k = kitchen) => asPlanned(resolve(plan, k)).trace;

/** A pot that stood so many degrees off what is thought, read at shares of its hold. */
function read(plan: Dish, offC: number, shares: readonly number[], id = "b"): LoggedPot {
  const trace = traceOf(plan);
  const at = (min: number) => Math.round(LIT + min * 60_000);
  const cook = fold(
    happened(
      { kind: "lit", atMs: at(0) },
      { kind: "simmers", atMs: at(trace.toSimmerMin) },
      ...shares.map((share) => {
        const min = trace.toSimmerMin + share * trace.holdMin;
        const tempC = pointAt(trace, min).liquidC + offC;
        return { kind: "temperature", where: "liquid", tempC, atMs: at(min) };
      }),
      { kind: "offHeat", atMs: at(trace.toSimmerMin + trace.holdMin) },
    ),
  );
  return { batch: { schemaVersion: SCHEMA_VERSION, id, createdMs: LIT, plan, kitchen }, cook };
}
const offOf = (plan: Dish, pot: LoggedPot) => {
  const [seen] = hotSeen(pot);
  return seen === undefined ? NaN : (traceOf(plan).holdC - kitchen.roomC) * Math.expm1(seen.log);
};

describe("what thermometers say of an oven or a slow cooker", () => {
  test("how far off what is thought it stands, by the mean of its readings", () => {
    fc.assert(
      fc.property(fc.double({ min: -8, max: 6, noNaN: true }), (offC) => {
        expect(offOf(crock, read(crock, offC, [0.9]))).toBeCloseTo(offC, 6);
        expect(offOf(oven, read(oven, offC, [0.8, 0.95]))).toBeCloseTo(offC, 6);
      }),
      { numRuns: 12 },
    );
    expect(hotSeen(read(crock, -3, [0.9]))[0]?.thing).toBe("crock|low");
    expect(hotSeen(read(oven, -3, [0.9]))[0]?.thing).toBe("oven|oven");
    const [once] = hotSeen(read(oven, -3, [0.9]));
    const [thrice] = hotSeen(read(oven, -3, [0.8, 0.9, 0.95]));
    expect(thrice?.sd).toBeLessThan(once?.sd ?? NaN);
  });

  test("nothing unread, still warming, on a ring, of several heats, or of a cooker that was measured", () => {
    expect(hotSeen(read(crock, -3, []))).toEqual([]);
    expect(hotSeen(read(crock, -3, [0.05]))).toEqual([]);
    const ring = testBraise({ heat: HEATS.hob, stop: LONG });
    expect(hotSeen(read(ring, -3, [0.9]))).toEqual([]);
    const pot = read(crock, -3, [0.9]);
    const [cold] = happened({
      ...{ kind: "interrupted", why: "paused", fromMs: LIT + 6e6, atMs: LIT + 6e6 },
      ...{ untilMs: LIT + 7e6, isUnknown: false },
    });
    const off = fold([...pot.cook.events, cold ?? assert.fail("nothing happened")]);
    expect(off.interruptions).toHaveLength(1);
    expect(hotSeen({ ...pot, cook: off })).toEqual([]);
    const turned = { id: "s", heat: { ...crock.heat, setting: "high" }, stop: LONG } as never;
    expect(
      hotSeen({ ...pot, batch: { ...pot.batch, plan: { ...crock, then: [turned] } } }),
    ).toEqual([]);
    const vessels = kitchen.vessels.map((v) => ({
      ...v,
      warmUps: [{ setting: "low" as const, fillShare: 0.5, readings: [] }],
    }));
    const measured = { ...pot.batch, kitchen: { ...kitchen, vessels } };
    expect(hotSeen({ ...pot, batch: measured })).toEqual([]);
  });
});

const taughtBy = (plan: Dish, offC: number): Kitchen => ({
  ...kitchen,
  learned: learnedOf(["a", "b", "c"].map((id) => wordsOf(read(plan, offC, [0.85, 0.95], id)))),
});

describe("what it teaches", () => {
  test("cooler: the next pot stands so much cooler, takes longer, is surer; Why says from what", () => {
    const cool = taughtBy(crock, -4);
    expect(traceOf(crock, cool).holdC).toBeLessThan(traceOf(crock).holdC - 2.5);
    expect(traceOf(crock, cool).cookMin).toBeLessThan(traceOf(crock).cookMin);
    expect(hotSigmaC(crock, cool)).toBeLessThan(SPREAD.plateauC.value);
    const figureIn = (k: Kitchen) => {
      const answers = answersFor(resolve(crock, k), () => null);
      return answers.ok ? answers.value.figures.cookMin : assert.fail("cannot be reckoned");
    };
    const ofHeat = (k: Kitchen) =>
      figureIn(k).because.spread.find((s) => s.name === PARAMETER_NAMES.plateauC)?.share ?? 0;
    expect(ofHeat(cool)).toBeLessThan(0.6 * ofHeat(kitchen));
    expect(figureIn(cool).because.here?.join(" ")).toMatch(
      /Slow cooker on LOW runs \d+ % cooler than usual, counted from the room: from 3 pots here, ±\d %/i,
    );
  });

  test("a cooker whose warm-up was measured goes by that, and nothing is said of what was learned", () => {
    const cool = taughtBy(crock, -4);
    const warmUps = [{ setting: "low" as const, fillShare: 0.5, readings: [] }];
    const vessels = cool.vessels.map((v) => ({ ...v, warmUps }));
    expect(hotHereWords(resolve(crock, cool))).toHaveLength(1);
    expect(hotHereWords(resolve(crock, { ...cool, vessels }))).toEqual([]);
  });

  test("known to run a little cool, its warm-up is looked at no less carefully than before", () => {
    const litres = waterL(resolve(crock, kitchen));
    const highMin = (k: Kitchen) =>
      slowestMeatHighMin(resolve(crock, k), traceOf(crock, k), litres);
    const usual = highMin(kitchen);
    expect(usual).toBeGreaterThan(0);
    for (const offC of [-0.3, -1, -4])
      expect(highMin(taughtBy(crock, offC))).toBeGreaterThanOrEqual(usual);
  });

  test("what is taken over from it is surer too", () => {
    const cool = taughtBy(oven, -4);
    const widthIn = (k: Kitchen) => {
      const hob = testBraise({ heat: HEATS.hob, stop: { ...LONG, holdMin: 150 } });
      const [from, to] = [oven, hob].map((plan) => ({ plan, trace: traceOf(plan, k) }));
      if (from === undefined || to === undefined) throw new Error("nothing to take over");
      const [ranges] = drawRanges(from, [to], k, { draws: 400, seed: 3 });
      return (ranges?.holdMin.high ?? NaN) / (ranges?.holdMin.low ?? NaN);
    };
    expect(widthIn(cool)).toBeLessThan(0.97 * widthIn(kitchen));
  });

  test("hotter is told, and no plan counts on it: nothing is warm sooner for it", () => {
    const hot = taughtBy(crock, 5);
    expect(hotHere(hot, "crock", crock.heat)?.mean).toBeGreaterThan(0.03);
    expect(traceOf(crock, hot).points).toEqual(traceOf(crock).points);
    expect(hotSigmaC(crock, hot)).toBeCloseTo(hotSigmaC(crock, kitchen), 9);
    expect(hotSigmaC(crock, hot)).toBeGreaterThan(SPREAD.plateauC.value);
    expect(hotHereWords(resolve(crock, hot))[0]).toMatch(
      /hotter than usual.*planned as usual all the same/,
    );
  });

  test("an oven goes by its own word and, less, by the kitchen's; a ring by none; an older log by nothing", () => {
    const cool = taughtBy(oven, -4);
    expect(traceOf(oven, cool).holdC).toBeLessThan(traceOf(oven).holdC - 2);
    const [own, other] = [oven.heat, crock.heat].map(
      (heat) => hotHere(cool, "crock", heat)?.mean ?? NaN,
    );
    expect(other).toBeLessThan(0);
    expect(other).toBeGreaterThan(own ?? NaN);
    expect(hotHere(cool, "casserole", HEATS.hob as never)).toBeNull();
    const { hot: _, ...older } = cool.learned ?? assert.fail("nothing learned");
    expect(hotHere({ ...kitchen, learned: older }, "crock", crock.heat)).toBeNull();
    expect(HOT_SIGMA.value).toBeCloseTo(0.04, 9);
  });

  test("is told by its name", () => {
    const words = [wordsOf(read(oven, -4, [0.9]))];
    const [value] = whatTaught(words).values.filter((v) => v.kind === "hot");
    if (value === undefined) throw new Error("nothing taught");
    const none = () => "";
    expect(nameOfThing(value, kitchen, none)).toBe(kitchen.ovens[0]?.name);
    expect(nameOfThing({ ...value, thing: "gone|high" }, kitchen, none)).toBe(
      "One that is gone on HIGH",
    );
  });
});
