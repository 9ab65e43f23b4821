import fc from "fast-check";
import { describe, expect, test } from "vitest";
import { vectorsOf } from "../../test/vectors";
import { beliefOf, conjugate, learn, plusMinus, type Observation } from "./belief";

const SIGMA = 0.35;
const NOISE = 0.12;
const seen = (
  thing: string,
  logs: readonly number[],
  sd = NOISE,
  sigma = SIGMA,
): readonly Observation[] =>
  logs.map((log, i) => ({ potId: `${thing} ${i}`, thing, log, sd, sigma }));
const ones = (all: readonly Observation[]) => all.map(() => 1);

describe("the conjugate step alone, as worked", () => {
  interface Worked {
    readonly priorSigma: number;
    readonly noise: number;
    readonly n?: number;
    readonly observedOverDefault?: readonly number[];
  }
  const cases = vectorsOf(13).map((v) => ({
    name: v.name,
    input: v.input as unknown as Worked,
    expected: v.expected as number,
    tolerance: v.tolerance,
  }));
  test.each(cases)("$name", ({ input, expected, tolerance }) => {
    const { priorSigma, noise, n, observedOverDefault } = input;
    const logs = observedOverDefault?.map(Math.log) ?? Array.from({ length: n ?? 0 }, () => 0);
    const all = seen("pot", logs, noise, priorSigma);
    const belief = conjugate(all, ones(all)).things.get("pot");
    const got =
      observedOverDefault === undefined
        ? plusMinus(belief?.sd ?? NaN)
        : Math.exp(belief?.mean ?? NaN);
    expect(Math.abs(got - expected)).toBeLessThanOrEqual(tolerance);
  });
});

describe("what pots teach", () => {
  const log = fc.double({ min: -0.5, max: 0.5, noNaN: true });
  const many = fc.array(fc.tuple(fc.constantFrom("a", "b", "c"), log), {
    minLength: 1,
    maxLength: 25,
  });
  const asObservations = (pairs: readonly (readonly [string, number])[]) =>
    pairs.map(([thing, l], i) => ({ potId: `${i}`, thing, log: l, sd: NOISE, sigma: SIGMA }));

  test("the order of pots does not matter to what they say together", () => {
    fc.assert(
      fc.property(many, (pairs) => {
        const all = asObservations(pairs);
        const [there, back] = [all, [...all].reverse()].map((o) => conjugate(o, ones(o)));
        for (const [thing, belief] of there?.things ?? []) {
          expect(back?.things.get(thing)?.mean).toBeCloseTo(belief.mean, 9);
          expect(back?.things.get(thing)?.sd).toBeCloseTo(belief.sd, 9);
        }
      }),
    );
  });

  test("one more pot never makes the default less sure, and what was taken back is as if it had not been", () => {
    fc.assert(
      fc.property(many, fc.constantFrom("a", "b", "c"), log, (pairs, thing, more) => {
        const all = asObservations(pairs);
        const one = [...all, { potId: "new", thing, log: more, sd: NOISE, sigma: SIGMA }];
        const [before, after] = [all, one].map((o) => conjugate(o, ones(o)));
        for (const [id, belief] of before?.things ?? [])
          expect(after?.things.get(id)?.sd).toBeLessThanOrEqual(belief.sd + 1e-12);
        expect(learn(one.slice(0, -1))).toEqual(learn(all));
      }),
    );
  });

  test("a thing that is new to a kitchen is as its kitchen is, and less sure than one that is known", () => {
    const learned = learn([...seen("a", [-0.3, -0.32, -0.28]), ...seen("b", [-0.25, -0.27])]);
    const fresh = beliefOf("c", learned, SIGMA);
    const known = beliefOf("a", learned, SIGMA);
    expect(fresh.mean).toBeLessThan(-0.1);
    expect(fresh.mean).toBeGreaterThan(known.mean);
    expect(fresh.sd).toBeGreaterThan(known.sd);
    expect(fresh.sd).toBeLessThan(SIGMA);
    const none = beliefOf("c", learn([]), SIGMA);
    expect(none.mean).toBe(0);
    expect(none.sd).toBeCloseTo(SIGMA, 12);
  });

  test("a wild one is told, and moves what is believed by less than a plain one would", () => {
    const plain = seen("a", [-0.3, -0.28, -0.31, -0.29]);
    const wild = [...plain, { potId: "wild", thing: "a", log: 0.7, sd: NOISE, sigma: SIGMA }];
    const near = [...plain, { potId: "near", thing: "a", log: -0.1, sd: NOISE, sigma: SIGMA }];
    const meanOf = (o: readonly Observation[]) => learn(o).things.get("a")?.mean ?? NaN;
    expect(learn(wild).observations.map((o) => o.isWild)).toEqual([
      ...[false, false, false, false],
      true,
    ]);
    expect(learn(near).observations.some((o) => o.isWild)).toBe(false);
    expect(Math.abs(meanOf(wild) - meanOf(plain))).toBeLessThan(
      Math.abs(meanOf(near) - meanOf(plain)) * 2,
    );
    const asPlain = conjugate(wild, ones(wild)).things.get("a")?.mean ?? NaN;
    expect(Math.abs(meanOf(wild) - meanOf(plain))).toBeLessThan(
      Math.abs(asPlain - meanOf(plain)) / 2,
    );
    expect(learn(wild).observations.at(-1)?.weight).toBeLessThan(0.15);
  });

  test("what is less certain before goes further with its kitchen, and is believed sooner itself", () => {
    const learned = learn(seen("a", [-0.3, -0.32, -0.28, -0.3]));
    const usual = beliefOf("b", learned, SIGMA);
    const wide = beliefOf("b", learned, 0.5);
    expect(wide.mean / usual.mean).toBeCloseTo(0.5 / SIGMA, 9);
    expect(wide.sd / usual.sd).toBeCloseTo(0.5 / SIGMA, 9);
    const own = (sigma: number) => learn(seen("c", [0.4], 0.3, sigma)).things.get("c")?.mean ?? NaN;
    expect(own(0.5)).toBeGreaterThan(own(SIGMA) + 0.03);
  });

  test("a changed habit is followed: what is old fades", () => {
    const change = [
      ...seen(
        "a",
        Array.from({ length: 60 }, () => 0.3),
      ),
      ...seen(
        "a",
        Array.from({ length: 40 }, () => -0.1),
      ),
    ];
    const mean = learn(change).things.get("a")?.mean ?? NaN;
    expect(mean).toBeLessThan(0.08);
    expect(mean).toBeGreaterThan(-0.1);
  });
});

test("an observation that lies where it was thought makes nobody surer than one normal one does", () => {
  const one = { potId: "a", thing: "x", log: 0, sd: 0.15, sigma: 0.35 };
  const { sd } = beliefOf("x", learn([one]), 0.35);
  expect(sd).toBeCloseTo(conjugate([one], [1]).things.get("x")?.sd ?? NaN, 9);
});
