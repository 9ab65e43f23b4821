import { asPlanned } from "../simulate/as-planned";
import { resolve } from "../simulate/set-pot";
import { SCHEMA_VERSION } from "../simulate/schema-version";
import fc from "fast-check";
import { describe, expect, test } from "vitest";
import { happened } from "../../test/events";
import { testBraise, testKitchen, testPlan } from "../../test/kitchen";
import type { Taste } from "../events/watch/terms";
import { fold, type Cook } from "../batch/fold";
import { eatenOf } from "../dish/eaten";
import { GRAVY_GL, saltLiked, saltWanted, thickLiked } from "../dish/wanted";
import type { Plan } from "../simulate/plan-schema";
import { factorWords, saltHereWords, thickHereWords, wantedWords } from "./say-taught";
import { learnedOf, whatTaught, wordsOf } from "./taught";
import { tasteSeen } from "./taste-seen";

const kitchen = testKitchen();
const LIT = Date.parse("2026-03-18T08:00:00Z");
const at = (min: number) => LIT + min * 60_000;
const item = (id: string, ingredientId: string, massKg: number) => ({
  id,
  ingredientId,
  massKg,
  when: { at: "start" as const },
});
const dish = (saltG: number, flourG: number, over: object = {}) =>
  testBraise({
    kind: "braise",
    end: "served",
    items: [
      ...testBraise().items,
      ...(saltG > 0 ? [item("s", "tableSalt", saltG / 1000)] : []),
      ...(flourG > 0 ? [item("f", "flour", flourG / 1000)] : []),
    ],
    ...over,
  });
const traceOf = (plan: Plan) => asPlanned(resolve(plan, kitchen)).trace;
const END = 190;
const taste = (min: number, tastes: readonly Taste[], isAtEatingHeat = true) => ({
  kind: "tasted",
  atMs: at(min),
  tastes,
  isAtEatingHeat,
});
const putIn = (min: number, id: string, ingredientId: string, massKg: number) => [
  { kind: "extra", atMs: at(min), item: item(id, ingredientId, massKg) },
  { kind: "added", atMs: at(min), itemId: id, massKg },
];

/** Cooked as it was planned, and weighed as it was reckoned. */
function cookedDish(plan: Plan, ...said: readonly object[]): Cook {
  const trace = traceOf(plan);
  const eaten = eatenOf(plan, trace);
  const measured =
    plan.end === "served"
      ? { servedKg: eaten.allKg, massKg: eaten.liquidKg }
      : { volumeL: trace.strained.volumeL };
  return fold(
    happened(
      { kind: "lit", atMs: at(0) },
      { kind: "simmers", atMs: at(20) },
      ...said.filter((e) => !("kind" in e && e.kind === "stirredIn")),
      { kind: "offHeat", atMs: at(END) },
      {
        kind: "strained",
        atMs: at(END + 5),
        measured: { ...measured, passes: 1, clothPasses: 0, pressed: false, tempC: 15 },
      },
      ...said.filter((e) => "kind" in e && e.kind === "stirredIn"),
    ),
  );
}
const batchOf = (plan: Plan) => ({
  schemaVersion: SCHEMA_VERSION,
  id: "b",
  createdMs: LIT,
  plan,
  kitchen,
});
const seenOf = (plan: Plan, ...said: readonly object[]) =>
  tasteSeen({ batch: batchOf(plan), cook: cookedDish(plan, ...said) });
const saltPer = (plan: Plan, saltG: number) => {
  const { allKg } = eatenOf(plan, traceOf(plan));
  return saltG / allKg;
};

describe("how salty it was wanted", () => {
  const plan = dish(20, 0);
  /** The goat has some of its own. */
  const own = Math.exp(seenOf(plan, taste(185, ["right"])).salt[0]?.log ?? NaN) * 9;

  test("called right: as it came out, against 9 g/kg; on the tongue too hot it tells less", () => {
    const [right] = seenOf(plan, taste(185, ["right"])).salt;
    expect(right?.thing).toBe("braise");
    expect(own).toBeGreaterThan(saltPer(plan, 20) * 0.98);
    expect(own).toBeLessThan(saltPer(plan, 20) + 2);
    const [hot] = seenOf(plan, taste(185, ["right"], false)).salt;
    expect(hot?.log).toBeCloseTo(right?.log ?? NaN, 9);
    expect(hot?.sd).toBeCloseTo(1.5 * (right?.sd ?? NaN), 9);
    const cook = cookedDish(plan, taste(185, ["right"]));
    if (cook.result === null) throw new Error("not served");
    const reckoned = { ...cook, result: { ...cook.result, isReckoned: true } };
    const [notMeasured] = tasteSeen({ batch: batchOf(plan), cook: reckoned }).salt;
    expect(notMeasured?.sd).toBeCloseTo(1.5 * (right?.sd ?? NaN), 9);
  });

  test("dull and left so: a step on; too salty: a step back; the last word counts", () => {
    const [right] = seenOf(plan, taste(185, ["right"])).salt;
    const [dull] = seenOf(plan, taste(185, ["dull"])).salt;
    const [salty] = seenOf(plan, taste(184, ["dull"]), taste(185, ["salty", "sharp"])).salt;
    expect((dull?.log ?? 0) - (right?.log ?? 0)).toBeCloseTo(0.15, 9);
    expect((salty?.log ?? 0) - (right?.log ?? 0)).toBeCloseTo(-0.15, 9);
    expect(dull?.sd).toBeGreaterThan(right?.sd ?? NaN);
  });

  test("dull and salted then, in the pot or at the table: as it came out", () => {
    const [inPot] = seenOf(plan, ...putIn(184, "x", "tableSalt", 0.004), taste(185, ["dull"])).salt;
    const stirredIn = { kind: "stirredIn", atMs: at(END + 9), ingredientId: "tableSalt" };
    const [atTable] = seenOf(plan, taste(185, ["dull"]), { ...stirredIn, massKg: 0.004 }).salt;
    const more = saltPer(plan, 4);
    expect(Math.exp(inPot?.log ?? NaN) * 9).toBeCloseTo(own + more, 0.8);
    expect(Math.exp(atTable?.log ?? NaN) * 9).toBeCloseTo(own + more, 0.8);
    // Pepper puts right nothing that lacks salt, and salt an hour before was for something else.
    const [pepper] = seenOf(
      plan,
      ...putIn(184, "x", "peppercorn", 0.002),
      taste(185, ["dull"]),
    ).salt;
    expect(pepper?.sd).toBe(0.22);
    const [before] = seenOf(plan, ...putIn(60, "x", "tableSalt", 0.004), taste(185, ["dull"])).salt;
    expect(before?.sd).toBe(0.22);
  });

  test("too salty and thinned then: as it came out, not a step under it", () => {
    const pour = { kind: "toppedUp", atMs: at(187), volumeL: 0.3 };
    const [thinned] = seenOf(plan, taste(185, ["salty"]), pour).salt;
    expect(thinned?.sd).toBe(0.18);
    expect(seenOf(plan, pour, taste(185, ["salty"])).salt[0]?.sd).toBe(0.18);
    const water = { kind: "stirredIn", atMs: at(END + 9), ingredientId: "water", massKg: 0.2 };
    expect(seenOf(plan, taste(185, ["salty"]), water).salt[0]?.sd).toBe(0.18);
    const salt = { ...water, ingredientId: "tableSalt", massKg: 0.002 };
    expect(seenOf(plan, taste(185, ["salty"]), salt).salt[0]?.sd).toBe(0.22);
  });

  test("what then boiled down far was tasted otherwise than it came out", () => {
    const open = dish(20, 0, {
      heat: { method: "hob", vigour: "gentle", lid: "off", boilFirstMin: null },
      stop: { by: "time", holdMin: 60 },
      water: { by: "amount", volumeL: 2 },
    });
    expect(seenOf(open, taste(25, ["right"])).salt).toEqual([]);
    expect(seenOf(open, taste(189, ["right"])).salt).toHaveLength(1);
  });

  test("nothing of what is not salted to taste, of a guess, of practice, of what nobody measured", () => {
    const word = taste(185, ["right"]);
    expect(seenOf(dish(20, 0, { feeds: "animals" }), word).salt).toEqual([]);
    expect(seenOf(dish(20, 0, { diets: ["lowSalt"] }), word).salt).toEqual([]);
    // A stock is salted when it is used.
    expect(seenOf(testPlan(), word).salt).toEqual([]);
    expect(seenOf(plan, taste(185, ["dull", "salty"])).salt).toEqual([]);
    expect(seenOf(plan, taste(185, ["sharp"])).salt).toEqual([]);
    const stock = { ...item("h", "houseStock", 0.4), label: { gelatinGKg: 12 } };
    const guessed = dish(20, 0, { items: [...plan.items, stock] });
    expect(seenOf(guessed, word).salt).toEqual([]);
    const known = { ...stock, label: { saltGKg: 4 } };
    expect(seenOf(dish(20, 0, { items: [...plan.items, known] }), word).salt).toHaveLength(1);
    const cook = cookedDish(plan, word);
    const practice = { seed: 1, speed: 60, realMs: LIT, potMs: LIT, truth: "drawn" as const };
    expect(tasteSeen({ batch: { ...batchOf(plan), practice } as never, cook }).salt).toEqual([]);
    expect(tasteSeen({ batch: batchOf(plan), cook: { ...cook, result: null } }).salt).toEqual([]);
  });

  test("the more salt is called right, the saltier it is wanted", () => {
    const saltG = fc.double({ min: 8, max: 40, noNaN: true });
    fc.assert(
      fc.property(saltG, saltG, (a, b) => {
        fc.pre(Math.abs(a - b) > 0.01);
        const [less, more] = [Math.min(a, b), Math.max(a, b)].map(
          (g) => seenOf(dish(g, 0), taste(185, ["right"])).salt[0]?.log ?? NaN,
        );
        expect(more).toBeGreaterThan(less ?? NaN);
      }),
      { numRuns: 25 },
    );
  });
});

describe("how thick it was wanted", () => {
  const plan = dish(20, 40);
  test("called right: as it came out; thin: thicker; thin and thickened: as it came out", () => {
    const [right] = seenOf(plan, taste(185, ["right"])).body;
    const [thin] = seenOf(plan, taste(185, ["thin"])).body;
    const [thick] = seenOf(plan, taste(185, ["thick"])).body;
    expect(Math.exp(right?.log ?? NaN) * GRAVY_GL).toBeGreaterThan(20);
    expect(thin?.log).toBeCloseTo((right?.log ?? NaN) + 0.25, 9);
    expect(thick?.log).toBeCloseTo((right?.log ?? NaN) - 0.25, 9);
    const starch = putIn(186, "x", "cornStarch", 0.01);
    const [mended] = seenOf(plan, taste(185, ["thin"]), ...starch).body;
    expect(mended?.sd).toBe(0.3);
    expect(mended?.log).toBeGreaterThan(right?.log ?? NaN);
  });

  test("nothing of what nothing binds, nor of a stock", () => {
    expect(seenOf(dish(20, 0), taste(185, ["right"])).body).toEqual([]);
    const stock = { ...plan, end: "strained" as const, kind: "brownStock" as const };
    expect(seenOf(stock, taste(185, ["right"])).body).toEqual([]);
  });
});

describe("what it teaches the next plan", () => {
  const salty = dish(28, 40);
  const words = [1, 2, 3].map((n) => {
    const cook = cookedDish(salty, taste(185, ["right"]));
    return wordsOf({ batch: { ...batchOf(salty), id: `b${n}` }, cook });
  });
  const learned = (count: number) => ({ learned: learnedOf(words.slice(0, count)) });
  const own = 9 * Math.exp(words[0]?.said.salt[0]?.log ?? NaN);
  const next = dish(0, 0);

  test("the target goes towards what was called right, and its plan's own word stands", () => {
    const per = (count: number) => saltWanted(next, learned(count));
    expect(own).toBeGreaterThan(10);
    expect(saltLiked(next, { learned: learnedOf([]) })).toBeNull();
    expect(per(0)).toBe(9);
    expect(per(1)).toBeGreaterThan(9);
    expect(per(3)).toBeGreaterThan(per(1));
    expect(per(3)).toBeLessThanOrEqual(Math.ceil(own * 10) / 10);
    expect(saltWanted({ ...next, saltWantedGKg: 8 }, learned(3))).toBe(8);
    expect(saltWanted({ ...next, diets: ["lowSalt"] }, learned(3))).toBe(9);
    expect(saltWanted({ ...next, feeds: "animals" }, learned(3))).toBe(9);
    // A stew goes by the braises, less far.
    const stew = saltWanted({ ...next, kind: "stew" }, learned(3));
    expect(stew).toBeGreaterThan(9);
    expect(stew).toBeLessThan(per(3));
    // A stock is drunk by other measure than a dish is eaten.
    expect(saltLiked({ ...testPlan(), kind: "boneBroth" }, learned(3))).toBeNull();
  });

  test("how thick a braise was says nothing of a soup", () => {
    const three = learned(3);
    expect(thickLiked(next, three)).toBeGreaterThan(20);
    expect(thickLiked({ ...next, kind: "pulseSoup" }, three)).toBeNull();
    expect(thickHereWords({ ...next, kind: "pulseSoup" }, three)).toEqual([]);
    expect(thickHereWords(next, three)[0]).toMatch(/^Braise is wanted .* a stew's gravy: from 3 /);
  });

  test("it is said, with how sure and from what; reset and left out like the rest", () => {
    expect(saltHereWords(next, learned(3))[0]).toMatch(
      /^Braise is wanted with \d+ % more salt than usual: from 3 tastings here, ±\d+ %; before: usual, ±\d+ %\.$/,
    );
    expect(saltHereWords({ ...next, kind: "stew" }, learned(3))[0]).toContain("by 3 other pots");
    expect(factorWords("body", 0.8)).toBe("is wanted 20 % thinner than a stew's gravy");
    expect(wantedWords("served")).toBe("A pot that is served as it is");
    const value = whatTaught(words).values.find((v) => v.kind === "salt");
    expect(value?.from).toHaveLength(3);
    expect(value?.plusMinusPct).toBeLessThan(value?.beforePlusMinusPct ?? NaN);
    const reset = { kind: "salt" as const, thing: "braise", at: new Date(LIT + 1).toISOString() };
    const teaching = { leftOut: [], frozen: [], resets: [reset] };
    expect(whatTaught(words, { teaching }).values.map((v) => v.kind)).not.toContain("salt");
    const leftOut = { ...teaching, resets: [], leftOut: ["b1"] };
    const fewer = whatTaught(words, { teaching: leftOut }).values.find((v) => v.kind === "salt");
    expect(fewer?.from).toHaveLength(2);
  });
});
