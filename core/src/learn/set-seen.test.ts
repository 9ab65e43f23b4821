import { resolve } from "../simulate/set-pot";
import fc from "fast-check";
import { xoroshiro128plus } from "pure-rand/generator/xoroshiro128plus";
import { describe, expect, test } from "vitest";
import { happened } from "../../test/events";
import { cooked, loggedPlan, type How } from "../../test/logged-pot";
import type { Finishing } from "../events/sieve/effects";
import { setOf, SETS, type SetGrade } from "../extraction/set";
import { answersFor } from "../because/answers";
import { BONES_NOISE, bonesHere, bonesOf, withBonesHere } from "../simulate/bones-here";
import { valuesOf } from "../simulate/item-facts";
import { EXPECTED } from "../simulate/parameters";
import { simulate } from "../simulate/simulate";
import { coldWaterKg, waterL } from "../simulate/stated-water";
import { Z90 } from "../units/estimate";
import { normal } from "../units/random";
import type { LoggedPot } from "./from-pot";
import { bonesHereWords, nameOfIngredient } from "./say-taught";
import { beliefOf, learn } from "./belief";
import { edgesOf, gradeSays, setSeen } from "./set-seen";
import { learnedOf, whatTaught, wordsOf } from "./taught";

/** The pot as it stood when it was cold. */
const stood = (set: SetGrade | null, how: How = {}, id = "b"): LoggedPot => {
  const { batch, cook } = cooked(how);
  const result = cook.result === null ? null : { ...cook.result, set };
  return { batch: { ...batch, id }, cook: { ...cook, result } };
};
const { kitchen } = cooked({}).batch;
const waterKg = coldWaterKg(waterL(resolve(loggedPlan, kitchen)), kitchen);
const reckonedGL = simulate(resolve(loggedPlan, kitchen), { waterKg }).strained.gelatinGL;
const reckoned = setOf(reckonedGL);
const gradeFrom = (by: number): SetGrade => {
  const grade = SETS[SETS.indexOf(reckoned) + by];
  if (grade === undefined) throw new Error("no such set");
  return grade;
};
const logOf = (pot: LoggedPot) => setSeen(pot)[0]?.log ?? NaN;

describe("what a set says of the bones", () => {
  test("as reckoned: as much as usual; a grade firmer more, a grade weaker less", () => {
    expect(bonesOf(loggedPlan)).not.toBeNull();
    expect(setSeen(stood(reckoned))[0]?.thing).toBe(bonesOf(loggedPlan));
    const [firmer, weaker] = [gradeFrom(1), gradeFrom(-1)];
    for (const set of [reckoned, firmer, weaker]) {
      const [low, high] = edgesOf(set);
      expect(logOf(stood(set))).toBeCloseTo(Math.log(Math.sqrt(low * high) / reckonedGL), 1);
    }
    expect(logOf(stood(firmer))).toBeGreaterThan(0);
    expect(logOf(stood(weaker))).toBeLessThan(0);
  });

  test("the same set of a pot that came out with less in it: its bones gave less", () => {
    const all = stood(reckoned, { leftL: 0 });
    const { result } = all.cook;
    if (result === null) throw new Error("not measured");
    const half = { ...all.cook, result: { ...result, strainedL: result.strainedL / 2 } };
    expect(logOf({ ...all, cook: half })).toBeLessThan(logOf(all) + 1e-9);
  });

  test("nothing where it was not judged, not measured, reduced or thickened since, or for practice", () => {
    expect(setSeen(stood(null))).toEqual([]);
    expect(setSeen(stood(reckoned, { isMeasured: false }))).toEqual([]);
    const pot = stood(reckoned);
    const finishing = happened({
      kind: "reducedTo",
      atMs: 1,
      volumeL: 1,
    }) as unknown as Finishing[];
    expect(setSeen({ ...pot, cook: { ...pot.cook, finishing } })).toEqual([]);
    const practice = { seed: 1, speed: 60, realMs: 1, potMs: 1 };
    expect(setSeen({ ...pot, batch: { ...pot.batch, practice } as never })).toEqual([]);
    const served = { ...loggedPlan, end: "served" as const };
    expect(setSeen({ ...pot, batch: { ...pot.batch, plan: served } })).toEqual([]);
  });

  test("nothing where most of its gelatin came in with a stock", () => {
    const stock = {
      ...(loggedPlan.items[0] ?? fail()),
      id: "stock",
      ingredientId: "houseStock",
      massKg: 3,
      label: { gelatinGKg: 60 },
    };
    const plan = { ...loggedPlan, items: [...loggedPlan.items, stock] };
    expect(setSeen(stood("rubber", { plan }))).toEqual([]);
  });

  test("powder after the sieve is counted: the bones gave so much less of the same set", () => {
    const [first] = loggedPlan.items;
    if (first === undefined) throw new Error("nothing in it");
    const powder = {
      ...first,
      id: "powder",
      ingredientId: "gelatinPowder",
      massKg: 0.01,
      when: { at: "afterStrain" as const },
    };
    const plan = { ...loggedPlan, items: [...loggedPlan.items, powder] };
    const [set] = setSeen(stood(reckoned, { plan }));
    const plain = setSeen(stood(reckoned))[0];
    const powderG = powder.massKg * valuesOf(powder).gelatinGKg;
    // So much less at each edge of the grade, of as much gelatin that the pot gave.
    const { endLiquidL } = simulate(resolve(loggedPlan, kitchen), { waterKg });
    const [low = NaN, high = NaN] = edgesOf(reckoned).map((gL) => 1 - powderG / (gL * endLiquidL));
    expect(set?.log).toBeCloseTo((plain?.log ?? NaN) + Math.log(low * high) / 2, 1);
  });

  test("a firmer grade never says less", () => {
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 3 }), (i) => {
        const [weaker, firmer] = [SETS[i], SETS[i + 1]];
        const [a, b] = [weaker, firmer].map((set) => setSeen(stood(set ?? null))[0]?.log);
        if (a !== undefined && b !== undefined) expect(b).toBeGreaterThanOrEqual(a);
      }),
    );
  });
});

test("over made-up kitchens the next pot's range holds, and is nearer than without", () => {
  const random = xoroshiro128plus(5);
  const SIGMA = 0.25;
  const [TRUE_SIGMA, LOT, EYE] = [0.2, 0.15, 0.12];
  for (const pots of [3, 8]) {
    let [held, error, errorWithout] = [0, 0, 0];
    const kitchens = 600;
    for (let k = 0; k < kitchens; k++) {
      const truth = TRUE_SIGMA * normal(random);
      const words = Array.from({ length: pots }, (_, i) => {
        const reckonedG = Math.exp(2.3 + 0.7 * normal(random));
        const gaveGL = reckonedG * Math.exp(truth + LOT * normal(random));
        const edges = edgesOf(setOf(gaveGL * Math.exp(EYE * normal(random))));
        const [low, high] = edges.map((gL) => Math.log(gL / reckonedG));
        return { ...gradeSays(low ?? NaN, high ?? NaN), potId: `${i}`, thing: "x", sigma: SIGMA };
      });
      const { mean, sd } = beliefOf("x", learn(words), SIGMA);
      const next = truth + LOT * normal(random);
      if (Math.abs(next - mean) <= Z90 * Math.min(SIGMA, Math.hypot(sd, BONES_NOISE.value))) held++;
      error += (next - mean) ** 2;
      errorWithout += next ** 2;
    }
    expect(held / kitchens).toBeGreaterThan(0.76);
    expect(held / kitchens).toBeLessThan(0.84);
    expect(error).toBeLessThan(0.75 * errorWithout);
  }
});

describe("what it teaches", () => {
  const weaker = gradeFrom(-1);
  const words = [1, 2, 3, 4].map((n) => wordsOf(stood(weaker, {}, `b${n}`)));
  // Of all that they teach, what the bones give alone.
  const learned = { ...learnedOf([]), set: learnedOf(words).set };
  const taught = { ...kitchen, learned };

  test("the next pot of these bones is reckoned with less gelatin, in a narrower range", () => {
    const before = answersFor(resolve(loggedPlan, kitchen), () => null);
    const after = answersFor(resolve(loggedPlan, taught), () => null);
    if (!before.ok || !after.ok) throw new Error("cannot be reckoned");
    const [was, is] = [before.value.figures.gelatinGL, after.value.figures.gelatinGL];
    expect(is.expected).toBeLessThan(0.97 * was.expected);
    expect(is.high / is.low).toBeLessThan((0.95 * was.high) / was.low);
    expect(is.because.here?.join(" ")).toMatch(
      /Lamb neck: \d+ % less gelatin than usual: from 4 pots here/,
    );
    // Litres are not touched by it.
    expect(after.value.figures.strainedL.expected).toBeCloseTo(
      before.value.figures.strainedL.expected,
      9,
    );
  });

  test("other bones go by it less, and what has no bones not at all", () => {
    const [first] = loggedPlan.items;
    if (first === undefined) throw new Error("nothing in it");
    const other = { items: [{ ...first, ingredientId: "oxtail" }] };
    const own = bonesHere(taught, loggedPlan)?.mean ?? NaN;
    const theirs = bonesHere(taught, other)?.mean ?? NaN;
    expect(own).toBeLessThan(theirs);
    expect(theirs).toBeLessThan(0);
    const none = { items: [{ ...first, ingredientId: "onion" }] };
    expect(bonesHere(taught, none)).toBeNull();
    expect(withBonesHere(EXPECTED, resolve({ ...loggedPlan, ...none }, taught))).toBe(EXPECTED);
    expect(bonesHereWords({ ...loggedPlan, ...none }, taught)).toEqual([]);
  });

  test("no pot goes by its own word, and it is told by the bones' name", () => {
    const value = whatTaught(words).values.find((v) => v.kind === "set");
    expect(value?.from).toHaveLength(4);
    expect(nameOfIngredient(value?.thing ?? "")).not.toBe(value?.thing);
    expect(nameOfIngredient("gone")).toBe("gone");
    const without = learnedOf(words, { without: new Set(["b1", "b2", "b3", "b4"]) });
    expect(bonesHere({ ...kitchen, learned: without }, loggedPlan)).toBeNull();
    // Read anew with what is known by now, it says the same: a pot speaks against the defaults.
    const again = stood(weaker);
    const known = { ...again, batch: { ...again.batch, kitchen: taught } };
    expect(setSeen(known)[0]?.log).toBeCloseTo(logOf(again), 9);
  });
});

const fail = (): never => {
  throw new Error("nothing in the plan");
};
