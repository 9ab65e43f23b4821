import fc from "fast-check";
import { xoroshiro128plus } from "pure-rand/generator/xoroshiro128plus";
import { assert, describe, expect, test } from "vitest";
import { happened } from "../../test/events";
import { cooked, LIT } from "../../test/logged-pot";
import type { Chill } from "../events/chill/schema";
import { coolingOf, potToChill } from "../batch/chill-of";
import { chillingNow } from "../../test/chilling";
import { containersOf } from "../batch/chill-containers";
import { CHILL_NOISE, coolingHere, coolingThing, paceHere } from "../batch/cooling-here";
import { fold } from "../batch/fold";
import type { Chilling } from "../events/chill/effects";
import { coolingMinOf } from "../because/cooling-figures";
import { inCount } from "../cool/chill-choices";
import { CODES } from "../cool/codes";
import { coolingCurve, coolingTauMin, tempAtC } from "../cool/cooling";
import { USUAL_SIGMA_LOG, type CoolingWay } from "../cool/ways";
import { Z90 } from "../units/estimate";
import { normal } from "../units/random";
import { beliefOf, learn } from "./belief";
import { coolSeen } from "./cool-seen";
import type { LoggedPot } from "./from-pot";
import { nameOfThing } from "./say-taught";
import { learnedOf, whatTaught, wordsOf } from "./taught";

const { kitchen } = cooked({}).batch;
const SINK: Chill = {
  ...{ containerId: "tall", count: 1, massKg: 4, fromC: 85, isThick: false },
  stages: [
    { way: "sink", min: 70 },
    { way: "fridge", min: 0 },
  ],
};
const factsOf = (chill: Chill) => coolingOf(chill, kitchen) ?? assert.fail("nothing to cool in");
const BEGAN = LIT + 10 * 3_600_000;
const tempOf = (pace: number, min: number, chill = SINK) =>
  tempAtC(coolingCurve({ ...factsOf(chill), pace }, chill.stages), min);

/** A pot chilled at a pace of its own, read at those minutes. */
function chilled(pace: number, minutes: readonly number[], chill = SINK, id = "b"): LoggedPot {
  const { batch, cook } = cooked({});
  const { chilling } = fold(
    happened(
      { kind: "lit", atMs: LIT },
      { kind: "chillBegun", atMs: BEGAN, chill },
      ...minutes.map((min) => ({
        ...{ kind: "chillRead", atMs: BEGAN + min * 60_000 },
        tempC: tempOf(pace, min, chill),
      })),
    ),
  );
  return { batch: { ...batch, id }, cook: { ...cook, chilling } };
}

describe("what a thermometer says of how fast it cools", () => {
  test("the pace at which it was read, whatever it is, by container and way", () => {
    fc.assert(
      fc.property(fc.double({ min: 0.4, max: 2.5, noNaN: true }), (pace) => {
        const [seen] = coolSeen(chilled(pace, [20, 40]));
        if (seen === undefined) return;
        expect(seen.thing).toBe(coolingThing("tall", "sink"));
        expect(Math.exp(seen.log)).toBeCloseTo(pace, 3);
      }),
      { numRuns: 40 },
    );
    expect(coolSeen(chilled(0.7, [40]))).toHaveLength(1);
  });

  test("nothing unread, read too soon, as cold as its surroundings, in the fridge after, or for practice", () => {
    expect(coolSeen(chilled(1, []))).toEqual([]);
    expect(coolSeen(chilled(1, [3]))).toEqual([]);
    expect(coolSeen(chilled(1, [120]))).toEqual([]);
    // Warm still, and in the fridge by then.
    expect(tempOf(0.3, 100)).toBeGreaterThan(30);
    expect(coolSeen(chilled(0.3, [100]))).toEqual([]);
    const long = { ...SINK, stages: [{ way: "sink" as const, min: 0 }] };
    expect(coolSeen(chilled(1, [900], long))).toEqual([]);
    const pot = chilled(1, [40]);
    const practice = { seed: 1, speed: 60, realMs: 1, potMs: 1 };
    expect(coolSeen({ ...pot, batch: { ...pot.batch, practice } })).toEqual([]);
    expect(coolSeen(chilled(1, [40], { ...SINK, containerId: "tall" }))).toHaveLength(1);
    const gone = chilled(1, [40]);
    const { chilling } = gone.cook;
    if (chilling === null) throw new Error("not chilled");
    const elsewhere = { ...chilling, chill: { ...SINK, containerId: "gone" } };
    expect(coolSeen({ ...gone, cook: { ...gone.cook, chilling: elsewhere } })).toEqual([]);
  });

  test("a reading soon after it began is surer of nothing", () => {
    const [early] = coolSeen(chilled(1, [6]));
    const [late] = coolSeen(chilled(1, [45]));
    expect(late?.sd).toBeLessThan(early?.sd ?? Infinity);
    expect(late?.sd).toBeGreaterThan(CHILL_NOISE.value);
  });

  test("the same whatever was known when it was put on", () => {
    const pot = chilled(0.7, [40]);
    const learned = learnedOf([wordsOf(pot)]);
    const known = { ...pot, batch: { ...pot.batch, kitchen: { ...kitchen, learned } } };
    expect(coolSeen(known)[0]?.log).toBeCloseTo(coolSeen(pot)[0]?.log ?? NaN, 9);
  });
});

const taughtBy = (pace: number, way: CoolingWay = "sink") => {
  const chill = {
    ...SINK,
    stages: [
      { way, min: 70 },
      { way: "fridge" as const, min: 0 },
    ],
  };
  const pots = ["a", "b", "c"].map((id) => chilled(pace, [45], chill, id));
  return { pots, kitchen: { ...kitchen, learned: learnedOf(pots.map(wordsOf)) } };
};

describe("what it teaches", () => {
  const slow = taughtBy(0.6).kitchen;
  const fast = taughtBy(1.6).kitchen;
  const gates = CODES.us.gates;
  const tall = containersOf(kitchen).find((c) => c.id === "tall") ?? assert.fail("no tall pot");
  const choiceIn = (k: typeof kitchen) =>
    inCount({ ...potToChill(k, 85, false), container: tall }, 4, 1, "sink", gates);

  test("slower: every plan of it takes longer, and is no surer of its gates", () => {
    const [usual, slower] = [choiceIn(kitchen), choiceIn(slow)];
    expect(coolingTauMin(slower.facts, "sink")).toBeGreaterThan(
      1.3 * coolingTauMin(usual.facts, "sink"),
    );
    expect(slower.stages[0]?.min).toBeGreaterThan(usual.stages[0]?.min ?? NaN);
    expect(Number(slower.isSure)).toBeLessThanOrEqual(Number(usual.isSure));
    for (const [i, gate] of slower.gates.entries())
      expect(gate.tookMin ?? Infinity).toBeGreaterThan(usual.gates[i]?.tookMin ?? NaN);
  });

  test("faster is told and counted on by nothing: no gate is promised sooner for it", () => {
    expect(coolingHere(fast, "tall", "sink")?.mean).toBeGreaterThan(0.2);
    expect(paceHere(fast)("tall", "sink")).toEqual({ pace: 1, sigmaLog: USUAL_SIGMA_LOG });
    const [usual, faster] = [choiceIn(kitchen), choiceIn(fast)];
    expect(faster.points).toEqual(usual.points);
    expect(faster.isSure).toBe(usual.isSure);
    const [gate] = gates;
    const figure = coolingMinOf(faster.facts, faster.stages, gate!, fast);
    expect(figure?.because.here?.[0]).toMatch(
      /^Tall stockpot in a sink of cold water cools \d+ % faster than usual: from 3 chillings here, .* It is planned as usual all the same\.$/,
    );
  });

  test("its range is narrower where it is known to be slow; Why says from what", () => {
    const [gate] = gates;
    const widthOf = (k: typeof kitchen) => {
      const { facts, stages } = choiceIn(k);
      const figure = coolingMinOf(facts, [stages[0]!], gate!, k) ?? assert.fail("never there");
      return { width: figure.high / figure.low, here: figure.because.here };
    };
    expect(widthOf(slow).width).toBeLessThan(widthOf(kitchen).width);
    expect(widthOf(slow).here?.[0]).toMatch(/slower than usual: from 3 chillings here/);
    expect(widthOf(kitchen).here).toEqual([]);
  });

  test("a chilling under way goes by it until a thermometer says otherwise; nothing is met by it", () => {
    const { cook } = chilled(0.6, [40]);
    const chilling = cook.chilling ?? assert.fail("not chilled");
    const unread = { ...chilling, readings: [] };
    const at = (k: typeof kitchen, c: Chilling = unread) =>
      chillingNow(c, k, CODES.us, BEGAN + 40 * 60_000) ?? assert.fail("not chilled");
    expect(at(slow).nowC).toBeGreaterThan(at(kitchen).nowC + 3);
    expect(at(slow, chilling).nowC).toBeCloseTo(at(kitchen, chilling).nowC, 6);
    const later = chillingNow(unread, fast, CODES.us, BEGAN + 90 * 60_000);
    expect(later?.gates.map((g) => g.state)).not.toContain("met");
  });

  test("moved while it cooled, it says what was read last, of the way that it was read in", () => {
    const { cook, batch } = chilled(0.6, [20]);
    const first = cook.chilling ?? assert.fail("not chilled");
    const moved = (readings: Chilling["readings"]): Chilling => ({
      ...first,
      beganMs: BEGAN + 30 * 60_000,
      chill: { ...SINK, containerId: "casserole", fromC: 60 },
      readings,
      moved: first,
    });
    const seenIn = (chilling: Chilling) =>
      coolSeen({ batch, cook: { ...cook, chilling } }).map((o) => o.thing);
    expect(seenIn(moved([]))).toEqual([coolingThing("tall", "sink")]);
    const read = { atMs: BEGAN + 50 * 60_000, tempC: 40 };
    expect(seenIn(moved([read]))).toEqual([coolingThing("casserole", "sink")]);
  });

  test("another container draws on it, less; it is named by its container, also when that is gone", () => {
    const own = coolingHere(slow, "tall", "sink")?.mean ?? NaN;
    const other = coolingHere(slow, "trayDeep", "fridge")?.mean ?? NaN;
    expect(other).toBeLessThan(-0.05);
    expect(other).toBeGreaterThan(own);
    const value = whatTaught(taughtBy(0.6).pots.map(wordsOf)).values.find(
      (v) => v.kind === "cooling",
    );
    if (value === undefined) throw new Error("nothing taught");
    const none = () => "";
    expect(nameOfThing(value, kitchen, none)).toBe("Tall stockpot in a sink of cold water");
    expect(nameOfThing({ ...value, thing: "gone|iceBath" }, kitchen, none)).toBe(
      "A container that is gone in a bath of ice or snow",
    );
  });
});

test("over made-up kitchens the next chilling's range holds, and is nearer than without", () => {
  const random = xoroshiro128plus(7);
  const SIGMA = USUAL_SIGMA_LOG;
  for (const chillings of [1, 3, 8]) {
    let [held, error, errorWithout] = [0, 0, 0];
    const kitchens = 200;
    for (let k = 0; k < kitchens; k++) {
      const truth = SIGMA * normal(random);
      const words = Array.from({ length: chillings }, (_, i) => {
        const pace = Math.exp(truth + CHILL_NOISE.value * normal(random));
        const pot = chilled(pace * Math.exp(0.1 * normal(random)), [20 + 5 * i], SINK, `${i}`);
        return coolSeen(pot);
      }).flat();
      const { mean, sd } = beliefOf(coolingThing("tall", "sink"), learn(words), SIGMA);
      const next = truth + CHILL_NOISE.value * normal(random);
      if (Math.abs(next - mean) <= Z90 * Math.hypot(sd, CHILL_NOISE.value)) held++;
      error += (next - mean) ** 2;
      errorWithout += next ** 2;
    }
    expect(held / kitchens).toBeGreaterThan(0.74);
    expect(held / kitchens).toBeLessThan(0.88);
    expect(Math.sqrt(error)).toBeLessThan(0.75 * Math.sqrt(errorWithout));
  }
});
