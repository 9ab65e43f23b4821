import { resolve } from "../simulate/set-pot";
import fc from "fast-check";
import { assert, describe, expect, test } from "vitest";
import { cooked, loggedPlan, type How } from "../../test/logged-pot";
import { gapOf } from "../batch/gap";
import { answersFor } from "../because/answers";
import { keepsMost, keptHere, keptSigmaOf, KEPT_NOISE, withKeptHere } from "../simulate/kept-here";
import { EXPECTED, PARAMETER_NAMES, SPREAD } from "../simulate/parameters";
import { simulate } from "../simulate/simulate";
import { coldWaterKg, waterL } from "../simulate/stated-water";
import type { Plan } from "../simulate/plan-schema";
import { seeded, normal } from "../units/random";
import { Z90 } from "../units/estimate";
import { beliefOf, learn } from "./belief";
import type { LoggedPot } from "./from-pot";
import { keptSeen } from "./kept-seen";
import { keptHereWords } from "./say-taught";
import { learnedOf, whatTaught, wordsOf } from "./taught";

const { kitchen } = cooked({}).batch;
/** Many bones in a full pot: what they keep is more than a jug is off. */
const bones: Plan = {
  ...loggedPlan,
  items: loggedPlan.items.map((i) => ({ ...i, massKg: 5 })),
};
const waterKg = coldWaterKg(waterL(resolve(bones, kitchen)), kitchen);
const { ledger } = simulate(resolve(bones, kitchen), { waterKg });

/** A pot whose solids kept so many times as much, and who knows what else of it was otherwise. */
function kept(by: number, how: How = {}, id = "b", jugL = 0): LoggedPot {
  const { batch, cook } = cooked({ cooks: bones, ...how });
  const moreL = -ledger.leftOnSolids * (by - 1);
  const result =
    cook.result === null
      ? null
      : { ...cook.result, strainedL: Math.max(0.1, cook.result.strainedL - moreL + jugL) };
  return { batch: { ...batch, id }, cook: { ...cook, result } };
}
const logOf = (pot: LoggedPot) => keptSeen(pot)[0]?.log ?? NaN;

describe("what a sieve says of what its solids keep", () => {
  test("what the levels leave unsaid: more kept where less came, less where more did", () => {
    expect(keptSeen(kept(1))[0]).toMatchObject({ thing: keepsMost(bones), potId: "b" });
    expect(logOf(kept(1))).toBeCloseTo(0, 1);
    expect(logOf(kept(1.6))).toBeGreaterThan(0.25);
    expect(logOf(kept(0.6))).toBeLessThan(-0.25);
  });

  test("how fast it steamed is its levels' word, and hardly its", () => {
    for (const steam of [0.7, 1.4]) expect(Math.abs(logOf(kept(1, { steam })))).toBeLessThan(0.2);
  });

  test("nothing without a level, unmeasured, of a dish that is served, or for practice", () => {
    expect(keptSeen(kept(1.5, { dips: [] }))).toEqual([]);
    expect(keptSeen(kept(1.5, { isMeasured: false }))).toEqual([]);
    const pot = kept(1.5);
    const served = { ...bones, end: "served" as const };
    expect(keptSeen({ ...pot, batch: { ...pot.batch, plan: served } })).toEqual([]);
    const practice = { seed: 1, speed: 60, realMs: 1, potMs: 1 };
    expect(keptSeen({ ...pot, batch: { ...pot.batch, practice } })).toEqual([]);
  });

  test("what was left with the grit is none of it", () => {
    expect(logOf(kept(1, { leftL: 0.3 }))).toBeCloseTo(logOf(kept(1)), 6);
  });

  test("the less came through, the more was kept", () => {
    fc.assert(
      fc.property(fc.double({ min: 0.4, max: 2, noNaN: true }), (by) => {
        expect(logOf(kept(by + 0.2))).toBeGreaterThan(logOf(kept(by)));
      }),
      { numRuns: 20 },
    );
  });
});

const keptL = (k: typeof kitchen) => -simulate(resolve(bones, k), { waterKg }).ledger.leftOnSolids;
/** Known to keep as much as so, as surely as a log can tell. */
const sureOf = (log: number) => ({
  things: { [keepsMost(bones) ?? ""]: { log, sd: 0.01, pots: 30 } },
  kitchen: { log: 0, sd: 0.5, pots: 30 },
});

describe("what it teaches", () => {
  const pots = ["a", "b", "c", "d"].map((id) => kept(1.6, {}, id));
  const taught = { ...kitchen, learned: learnedOf(pots.map(wordsOf)) };

  test("the next stock of them is foretold with less, its range no wider, its Why says from what", () => {
    const [before, after] = [kitchen, taught].map((k) => {
      const answers = answersFor(resolve(bones, k), () => null);
      return answers.ok ? answers.value.figures.strainedL : assert.fail("cannot be reckoned");
    });
    if (before === undefined || after === undefined) throw new Error("no litres");
    expect(after.expected).toBeLessThan(before.expected - 0.15);
    expect(after.expected).toBeGreaterThan(before.expected + ledger.leftOnSolids * 0.6);
    expect(keptSigmaOf(bones, taught)).toBeLessThan(SPREAD.leftOnSolids.value);
    const ofSolids = (e: typeof before) =>
      e.because.spread.find((s) => s.name === PARAMETER_NAMES.leftOnSolids)?.share ?? 0;
    const widthOf = (e: typeof before) => Math.log(e.high / e.low) ** 2 * ofSolids(e);
    // They keep more now; what is in doubt of each litre of it is less.
    expect(Math.sqrt(widthOf(after)) / keptL(taught)).toBeLessThan(
      0.95 * (Math.sqrt(widthOf(before)) / keptL(kitchen)),
    );
    expect(after.because.here?.join(" ")).toMatch(
      /Lamb neck in the sieve: \d+ % more liquid stays on it than usual: from 4 pots here/,
    );
  });

  test("of a gap less is laid to them, the surer what they keep", () => {
    const { cook } = kept(1.6);
    const ofSolids = (k: typeof kitchen) =>
      gapOf(resolve(bones, k), cook)?.parts.find((p) => p.cause === "solids")?.litres ?? NaN;
    // Both against a gap of their own.
    const share = (k: typeof kitchen) =>
      ofSolids(k) / (gapOf(resolve(bones, k), cook)?.gapL ?? NaN);
    const known = { ...taught, learned: { ...taught.learned, kept: sureOf(0) } };
    expect(share(known)).toBeLessThan(0.8 * share(kitchen));
  });

  test("what is ladled as it is has no word of it; other solids draw on it less; an older log on nothing", () => {
    expect(keptHereWords({ ...bones, end: "served" }, taught)).toEqual([]);
    const own = keptHere(taught, bones)?.mean ?? NaN;
    const [neck] = bones.items;
    const other = { items: [{ ...(neck ?? assert.fail("empty")), ingredientId: "chickenFeet" }] };
    const theirs = keptHere(taught, other)?.mean ?? NaN;
    expect(theirs).toBeGreaterThan(0);
    expect(theirs).toBeLessThan(own);
    const { kept: _, ...older } = taught.learned;
    expect(keptHere({ learned: older }, bones)).toBeNull();
    expect(withKeptHere(EXPECTED, bones, { learned: older })).toBe(EXPECTED);
    const water = { ...bones, items: [] };
    expect(withKeptHere(EXPECTED, water, taught)).toBe(EXPECTED);
  });

  test("no pot goes by its own word", () => {
    const words = pots.map(wordsOf);
    const without = learnedOf(words, { without: new Set(["a"]) }).kept?.things;
    expect(Object.values(without ?? {})[0]?.pots).toBe(3);
    const [value] = whatTaught(words).values.filter((v) => v.kind === "kept");
    expect(value?.from).toHaveLength(4);
  });
});

test("over made-up kitchens the next pot's range holds, and is nearer than without", () => {
  const random = seeded(21);
  const SIGMA = SPREAD.leftOnSolids.value;
  for (const pots of [2, 6]) {
    let [held, error, errorWithout] = [0, 0, 0];
    const kitchens = 60;
    for (let k = 0; k < kitchens; k++) {
      const truth = SIGMA * normal(random);
      const words = Array.from({ length: pots }, (_, i) => {
        const by = Math.exp(truth + KEPT_NOISE.value * normal(random));
        const steam = Math.exp(0.3 * normal(random));
        return keptSeen(kept(by, { steam, dips: [0.5, 0.95] }, `${i}`, 0.05 * normal(random)));
      }).flat();
      const { mean, sd } = beliefOf(words[0]?.thing ?? "x", learn(words), SIGMA);
      const next = truth + KEPT_NOISE.value * normal(random);
      if (Math.abs(next - mean) <= Z90 * Math.min(SIGMA, Math.hypot(sd, KEPT_NOISE.value))) held++;
      error += (next - mean) ** 2;
      errorWithout += next ** 2;
    }
    expect(held / kitchens).toBeGreaterThan(0.7);
    expect(held / kitchens).toBeLessThan(0.92);
    expect(Math.sqrt(error)).toBeLessThan(0.85 * Math.sqrt(errorWithout));
  }
});
