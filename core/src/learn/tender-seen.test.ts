import { asPlanned } from "../simulate/as-planned";
import { resolve } from "../simulate/set-pot";
import { SCHEMA_VERSION } from "../simulate/schema-version";
import fc from "fast-check";
import { xoroshiro128plus } from "pure-rand/generator/xoroshiro128plus";
import { assert, describe, expect, test } from "vitest";
import { happened } from "../../test/events";
import { LIT } from "../../test/logged-pot";
import { HEATS, testBraise, testKitchen } from "../../test/kitchen";
import { fold } from "../batch/fold";
import { forecastLive } from "../batch/live-forecast";
import { answersFor } from "../because/answers";
import { forksSay, TARGET_SIGMA, type ForkCheck } from "../doneness/target-belief";
import { TARGETS } from "../doneness/targets";
import { simulate } from "../simulate/simulate";
import { tenderHere, tenderSigma } from "../simulate/tender-here";
import { Z90 } from "../units/estimate";
import { normal } from "../units/random";
import { beliefOf, learn, type Observation } from "./belief";
import type { LoggedPot } from "./from-pot";
import { learnedOf, whatTaught, wordsOf } from "./taught";
import { endWords, tenderHereWords } from "./say-taught";
import { tenderSeen } from "./tender-seen";

const kitchen = testKitchen();
const stew = testBraise({ end: "served", heat: HEATS.hob, stop: { by: "tender" } });
const goat = stew.items[0] ?? assert.fail("nothing to braise");
const fish = testBraise({
  ...{ end: "served", heat: HEATS.hob },
  items: [{ ...goat, ingredientId: "whiteFish" }],
});
const { done, ideal } = TARGETS.tenderDice;
const trace = asPlanned(resolve(stew, kitchen)).trace;
/** When its meat has had so much cooking, min from the first flame. */
const atCookMin = (cookMin: number) =>
  trace.points.find((p) => p.cookMin >= cookMin)?.tMin ?? trace.totalMin;

/** The stew with forks that went in at so much cooking each, by what they said. */
function forked(checks: readonly ForkCheck[], id = "b", over: Partial<LoggedPot["batch"]> = {}) {
  const at = (min: number) => Math.round(LIT + min * 60_000);
  const cook = fold(
    happened(
      { kind: "lit", atMs: at(0) },
      { kind: "simmers", atMs: at(trace.toSimmerMin) },
      ...checks.map(({ cookMin, how }) => ({
        ...{ kind: "checked", atMs: at(atCookMin(cookMin)), itemId: goat.id },
        how,
      })),
      { kind: "offHeat", atMs: at(trace.toSimmerMin + trace.holdMin) },
    ),
  );
  const batch = { schemaVersion: SCHEMA_VERSION, id, createdMs: LIT, plan: stew, kitchen, ...over };
  return { batch, cook } satisfies LoggedPot;
}
const logOf = (pot: LoggedPot) => tenderSeen(pot)[0]?.log ?? NaN;
const LATE = forked([
  { cookMin: 80, how: "notYet" },
  { cookMin: 100, how: "nearly" },
]);

describe("what forks say of a pot", () => {
  test("not yet where it should be done: more cooking; tender before: less; by its own end", () => {
    expect(tenderSeen(LATE)).toMatchObject([{ potId: "b", thing: "tenderDice" }]);
    expect(logOf(LATE)).toBeGreaterThan(0.1);
    const early = forked([{ cookMin: 65, how: "tender" }]);
    expect(logOf(early)).toBeLessThan(-0.2);
  });

  test("nothing without a fork, from practice, or where it says what anybody would have said", () => {
    expect(tenderSeen(forked([]))).toEqual([]);
    const practice = { seed: 1, speed: 60, realMs: 1, potMs: 1 };
    expect(tenderSeen(forked([{ cookMin: 65, how: "tender" }], "b", { practice }))).toEqual([]);
    expect(tenderSeen(forked([{ cookMin: 15, how: "notYet" }]))).toEqual([]);
  });

  test("what is done by its core says nothing by a fork", () => {
    expect(tenderSeen(forked([{ cookMin: 40, how: "notYet" }], "b", { plan: fish }))).toEqual([]);
  });

  test("the same whatever was known when it was put on", () => {
    const known = { ...kitchen, learned: learnedOf([wordsOf(LATE)]) };
    const again = { ...LATE, batch: { ...LATE.batch, kitchen: known } };
    expect(logOf(again)).toBeCloseTo(logOf(LATE), 9);
  });

  test("the later a fork still says not yet, the more", () => {
    const ends = { done: done.value, ideal: ideal.value, past: TARGETS.tenderDice.past.value };
    fc.assert(
      fc.property(fc.double({ min: 70, max: 160, noNaN: true }), (cookMin) => {
        const [a, b] = [cookMin, cookMin * 1.15].map(
          (m) => forksSay(ends, [{ cookMin: m, how: "notYet" }])?.mean ?? 0,
        );
        expect(b ?? NaN).toBeGreaterThan(a ?? NaN);
      }),
    );
  });
});

describe("what it teaches", () => {
  const pots = ["a", "b", "c"].map((id) => ({ ...LATE, batch: { ...LATE.batch, id } }));
  const taught = { ...kitchen, learned: learnedOf(pots.map(wordsOf)) };

  test("the next one of its end is planned longer, its range no wider; Why says from what", () => {
    const [before, after] = [kitchen, taught].map((k) => {
      const answers = answersFor(resolve(stew, k), () => null);
      if (!answers.ok) throw new Error("cannot be reckoned");
      return answers.value;
    });
    const [hold, longer] = [before?.figures.holdMin, after?.figures.holdMin];
    if (hold === undefined || longer === undefined) throw new Error("no hold");
    expect(longer.expected).toBeGreaterThan(hold.expected * 1.08);
    expect(longer.high / longer.low).toBeLessThanOrEqual((hold.high / hold.low) * 1.001);
    expect(longer.because.here?.join()).toMatch(
      /^Tender dice: takes \d+ % more cooking than usual: from 3 pots here, ±\d+ %; before: usual, ±38 %\.$/,
    );
    expect(hold.because.here).toEqual([]);
  });

  test("at the stove it is foretold in a narrower range, before any fork", () => {
    const { cook } = forked([]);
    const on = { ...cook, offMs: null };
    const nowMs = LIT + (trace.toSimmerMin + 20) * 60_000;
    const widthIn = (k: typeof kitchen) => {
      const { tender } = forecastLive(resolve(stew, k), on, nowMs);
      if (tender === null) throw new Error("nothing gets tender");
      const { low, expected, high } = tender.atMs;
      return (high - low) / (expected - nowMs);
    };
    expect(widthIn(taught)).toBeLessThan(0.9 * widthIn(kitchen));
  });

  test("its verdict goes by it: what was done at the usual end is not done here", () => {
    const by = tenderHere(taught, "tenderDice")?.mean ?? NaN;
    const { judged } = simulate(resolve(stew, taught), { waterKg: 1.5 });
    expect(judged.get(goat.id)?.done.value).toBeCloseTo(done.value * Math.exp(by), 9);
    expect(judged.get(goat.id)?.isSlowed).toBe(false);
  });

  test("other ends draw on it less, what is done by its core not at all; an older log on nothing", () => {
    const own = tenderHere(taught, "tenderDice")?.mean ?? NaN;
    const other = tenderHere(taught, "brisket")?.mean ?? NaN;
    expect(other).toBeGreaterThan(0);
    expect(other).toBeLessThan(own);
    expect(tenderSigma(taught, "tenderDice")).toBeLessThan(TARGET_SIGMA.value);
    expect(tenderHereWords(TARGETS.fish, taught)).toEqual([]);
    const [plain, here] = [kitchen, taught].map(
      (k) => [...simulate(resolve(fish, k), { waterKg: 1 }).judged.values()][0]?.done.value,
    );
    expect(here).toBe(plain);
    const { tender: _, ...without } = taught.learned;
    expect(tenderHere({ learned: without }, "tenderDice")).toBeNull();
  });

  test("is told by its end, and begun anew like the rest", () => {
    const [value] = whatTaught(pots.map(wordsOf)).values.filter((v) => v.kind === "tender");
    expect(value).toMatchObject({ thing: "tenderDice", before: 1, isFrozen: false });
    expect(value?.from).toHaveLength(3);
    expect(endWords("tenderDice")).toBe("Tender dice");
    const resets = [
      { kind: "tender" as const, thing: "tenderDice", at: new Date(LIT + 1e9).toISOString() },
    ];
    const anew = learnedOf(pots.map(wordsOf), { teaching: { leftOut: [], frozen: [], resets } });
    expect(anew.tender?.things).toEqual({});
  });
});

test("over made-up kitchens the next pot's range holds, and is nearer than without", () => {
  const random = xoroshiro128plus(11);
  const SIGMA = TARGET_SIGMA.value;
  const [TRUE_SIGMA, POT, FORK] = [0.25, 0.12, 0.08];
  const ends = { done: 75, ideal: 105, past: 260 };
  const tenderAt = Math.sqrt(ends.done * ends.ideal);
  for (const pots of [1, 3, 8]) {
    let [held, error, errorWithout] = [0, 0, 0];
    const kitchens = 600;
    for (let k = 0; k < kitchens; k++) {
      const truth = TRUE_SIGMA * normal(random);
      const words: Observation[] = [];
      for (let i = 0; i < pots; i++) {
        const here = beliefOf("x", learn(words), SIGMA).mean;
        const of = truth + POT * normal(random);
        // A fork at three quarters of what is foretold, then each fifth on, until it is tender.
        const checks: ForkCheck[] = [];
        for (let cookMin = 0.75 * ends.ideal * Math.exp(here); checks.length < 8; cookMin *= 1.2) {
          const seen = cookMin * Math.exp(FORK * normal(random) - of);
          const how =
            seen < ends.done
              ? "notYet"
              : seen < tenderAt
                ? "nearly"
                : seen < ends.past
                  ? "tender"
                  : "tooSoft";
          checks.push({ cookMin, how });
          if (how === "tender" || how === "tooSoft") break;
        }
        const said = forksSay(ends, checks);
        if (said !== null)
          words.push({
            ...{ potId: `${i}`, thing: "x", sigma: SIGMA, log: said.mean },
            sd: Math.hypot(said.sd, 0.12),
          });
      }
      const { mean, sd } = beliefOf("x", learn(words), SIGMA);
      const next = truth + POT * normal(random);
      if (Math.abs(next - mean) <= Z90 * Math.hypot(sd, 0.12)) held++;
      error += (next - mean) ** 2;
      errorWithout += next ** 2;
    }
    const share = held / kitchens;
    expect(share).toBeGreaterThan(0.74);
    expect(share).toBeLessThan(0.86);
    expect(Math.sqrt(error)).toBeLessThan(0.75 * Math.sqrt(errorWithout));
  }
});
