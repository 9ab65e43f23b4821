import { resolve } from "../simulate/set-pot";
import fc from "fast-check";
import { describe, expect, test } from "vitest";
import { happened } from "../../test/events";
import { HEATS, testBraise, testKitchen, testPlan } from "../../test/kitchen";
import { fold } from "../batch/fold";
import { EXPECTED } from "../simulate/parameters";
import { pointAt } from "../simulate/point-at";
import { drawHidden, HiddenPot } from "./hidden-pot";
import { honestyOf } from "./honesty";
import { linkStateOf } from "./link-state";
import { StreamMessageSchema } from "./messages";
import { CHANNELS } from "./channels";
import { scored } from "./score-of";
import { normal, seeded } from "../units/random";
import { Sensors, type Truth } from "./sensors";
import { Thinner } from "./thin";

const kitchen = testKitchen();
const LIT = Date.parse("2026-03-18T08:00:00Z");
const MIN = 60_000;
const at = (min: number) => Math.round(LIT + min * MIN);
const stock = testPlan({
  heat: { method: "hob", vigour: "gentle", lid: "ajar", boilFirstMin: 5 },
  stop: { by: "time", holdMin: 240 },
});
const stew = testBraise({
  end: "served",
  heat: HEATS.hob,
  water: { by: "amount", volumeL: 1.4 },
  stop: { by: "tender" },
});
const lit = { kind: "lit", atMs: LIT };
const STILL: Truth = { liquidC: 80, pieceC: 60, potKg: 9, depthM: 0.1, isBoiling: false };

describe("random numbers", () => {
  test("repeat with their seed, and neighbouring seeds have nothing to do with each other", () => {
    const draw = (seed: number) => normal(seeded(seed));
    expect(draw(5)).toBe(draw(5));
    const draws = Array.from({ length: 400 }, (_, i) => draw(i));
    const mean = draws.reduce((a, b) => a + b, 0) / draws.length;
    const sd = Math.sqrt(draws.reduce((a, b) => a + (b - mean) ** 2, 0) / draws.length);
    expect(Math.abs(mean)).toBeLessThan(0.15);
    expect(sd).toBeCloseTo(1, 0);
    const along = draws.slice(1).reduce((a, d, i) => a + d * (draws[i] ?? 0), 0) / draws.length;
    expect(Math.abs(along)).toBeLessThan(0.15);
  });
});

describe("sensors", () => {
  test("scatter about the truth by what is stated, in steps, and drop out now and then", () => {
    const sensors = new Sensors(11);
    const seen: number[] = [];
    let gone = 0;
    for (let s = 1; s <= 6000; s++) {
      const { values } = sensors.read(LIT + s * 1000, STILL, 1);
      if (values.liquidC === undefined) gone++;
      else seen.push(values.liquidC);
    }
    const mean = seen.reduce((a, b) => a + b, 0) / seen.length;
    const sd = Math.sqrt(seen.reduce((a, b) => a + (b - mean) ** 2, 0) / seen.length);
    expect(mean).toBeCloseTo(80, 1);
    expect(sd).toBeGreaterThan(0.25);
    expect(sd).toBeLessThan(0.36);
    expect(seen.every((v) => Math.abs(v * 10 - Math.round(v * 10)) < 1e-6)).toBe(true);
    expect(gone).toBeGreaterThan(5);
    expect(gone).toBeLessThan(600);
  });

  test("lag behind a sudden change by their own time", () => {
    const sensors = new Sensors(3);
    sensors.read(LIT, { ...STILL, liquidC: 20 }, 1);
    const after = (dtS: number) => {
      const s = new Sensors(3);
      s.read(LIT, { ...STILL, liquidC: 20 }, 1);
      return s.read(LIT + 1, { ...STILL, liquidC: 90 }, dtS).values.liquidC ?? NaN;
    };
    expect(after(12)).toBeGreaterThan(55);
    expect(after(12)).toBeLessThan(72);
    expect(after(120)).toBeCloseTo(90, -1);
  });

  test("the same seed gives the same readings", () => {
    const a = new Sensors(7);
    const b = new Sensors(7);
    expect(a.read(1, STILL, 1)).toEqual(b.read(1, STILL, 1));
  });

  test("what they say is a message as the stream has it", () => {
    const samples = new Sensors(1).read(LIT, STILL, 1);
    expect(StreamMessageSchema.parse({ kind: "samples", samples })).toBeTruthy();
    expect(
      StreamMessageSchema.safeParse({ kind: "hello", version: 2, instruments: [] }).success,
    ).toBe(false);
  });
});

describe("the true pot", () => {
  const hidden = new HiddenPot(resolve(stock, kitchen), 42);

  test("is drawn from the assumed spreads, the same each time", () => {
    expect(drawHidden(42, stock.heat)).toEqual(hidden.constants);
    const steam = Array.from({ length: 300 }, (_, i) =>
      Math.log(drawHidden(i, stock.heat).evaporation),
    );
    const sd = Math.sqrt(steam.reduce((a, b) => a + b * b, 0) / steam.length);
    expect(sd).toBeGreaterThan(0.28);
    expect(sd).toBeLessThan(0.42);
  });

  test("the past stays as it was, whatever the cook does later", () => {
    const before = fold(happened(lit, { kind: "boils", atMs: at(40) }));
    const after = fold(
      happened(
        lit,
        { kind: "boils", atMs: at(40) },
        { kind: "simmers", atMs: at(50) },
        { kind: "toppedUp", volumeL: 1, atMs: at(90) },
        { kind: "interrupted", why: "paused", fromMs: at(100), untilMs: at(130), atMs: at(130) },
      ),
    );
    fc.assert(
      fc.property(fc.double({ min: 0, max: 48, noNaN: true }), (min) => {
        const a = hidden.truthAt(hidden.traceAt(before, at(49)), before, at(min));
        const b = hidden.truthAt(hidden.traceAt(after, at(140)), after, at(min));
        expect(a.liquidC).toBeCloseTo(b.liquidC, 0);
        expect(a.potKg).toBeCloseTo(b.potKg, 1);
      }),
      { numRuns: 12 },
    );
  });

  test("boils on until it is turned down, and cools once it is off", () => {
    const boiling = fold(happened(lit));
    const long = hidden.traceAt(boiling, at(150));
    expect(pointAt(long, 140).phase).toBe("boil");
    const off = fold(
      happened(lit, { kind: "simmers", atMs: at(60) }, { kind: "offHeat", atMs: at(120) }),
    );
    const trace = hidden.traceAt(off, at(240));
    expect(pointAt(trace, 239).liquidC).toBeLessThan(pointAt(trace, 119).liquidC - 15);
  });

  test("what lies on the counter is not in it; what goes in weighs at once", () => {
    const none = fold(happened(lit, { kind: "simmers", atMs: at(60) }));
    const onion = fold(
      happened(
        lit,
        { kind: "simmers", atMs: at(60) },
        { kind: "added", itemId: "onion", massKg: 0.18, atMs: at(100) },
      ),
    );
    const kg = (cook: typeof none) =>
      hidden.truthAt(hidden.traceAt(cook, at(120)), cook, at(102)).potKg;
    expect(kg(onion) - kg(none)).toBeCloseTo(0.18, 2);
  });

  test("from lighting to the sieve it gives what it gives, and its ledger is a pot's", () => {
    const cook = fold(
      happened(lit, { kind: "simmers", atMs: at(60) }, { kind: "offHeat", atMs: at(300) }),
    );
    const whole = hidden.wholeTrace(cook);
    expect(whole?.toSimmerMin).toBeCloseTo(60, 0);
    expect((whole?.toSimmerMin ?? 0) + (whole?.holdMin ?? 0)).toBeCloseTo(300, 0);
    expect(hidden.wholeTrace(fold(happened(lit)))).toBeNull();
  });
});

describe("a stream thinned to readings", () => {
  test("a day at 1 Hz is a reading a minute a channel, the middle one of its window", () => {
    const thinner = new Thinner(60_000);
    let kept = 0;
    let odd = 0;
    for (let s = 0; s < 86_400; s++) {
      // One wild value a minute does not move the median.
      const liquidC = s % 60 === 30 ? 400 : 90;
      for (const k of thinner.take({ atMs: LIT + s * 1000, values: { liquidC, potKg: 9 } })) {
        kept++;
        if (k.channel === "liquidC" && k.value !== 90) odd++;
      }
    }
    expect(kept / 2).toBeGreaterThan(1410);
    expect(kept / 2).toBeLessThan(1441);
    expect(odd).toBe(0);
  });

  test("a channel that says next to nothing in a window is left out", () => {
    const thinner = new Thinner(60_000);
    for (let s = 0; s < 60; s++)
      thinner.take({ atMs: s * 1000, values: s < 2 ? { potKg: 5, depthM: 0.1 } : { depthM: 0.1 } });
    expect(thinner.take({ atMs: 60_000, values: {} }).map((k) => k.channel)).toEqual(["depthM"]);
  });
});

test("an instrument is waited for, connected, stale after 5 s, lost after 20 s", () => {
  const states = [null, 0, 4999, 5000, 19_999, 20_000].map((quiet) =>
    quiet === null ? linkStateOf(null, 0, 10_000) : linkStateOf(100_000, 0, 100_000 + quiet),
  );
  expect(states).toEqual(["waiting", "connected", "connected", "stale", "stale", "lost"]);
  expect(linkStateOf(null, 0, 25_000)).toBe("lost");
  expect(CHANNELS).toHaveLength(4);
});

describe("practice is scored from the true pot", () => {
  const same = new HiddenPot(resolve(stew, kitchen), 1, EXPECTED);
  const cooked = (offMin: number, more: readonly object[] = []) =>
    fold(
      happened(lit, { kind: "simmers", atMs: at(25) }, ...more, {
        kind: "offHeat",
        atMs: at(offMin),
      }),
    );
  const plannedMin = (() => {
    const whole = same.traceAt(fold(happened(lit)), at(1));
    return whole.toSimmerMin;
  })();
  const looked = [60, 90, 120].map((min) => ({
    kind: "read",
    reading: { form: "liquidDepth", value: 0.05 },
    atMs: at(min),
  }));

  test("a pot cooked as planned and looked at three times has nearly all the points", () => {
    const end = plannedMin + 150;
    const score = scored(resolve(stew, kitchen), cooked(end, looked), same);
    expect(score?.points).toBeGreaterThan(80);
    expect(score?.hidden).toEqual([]);
    expect(scored(resolve(stew, kitchen), fold(happened(lit)), same)).toBeNull();
  });

  test("off too early is not tender and says so; forgotten things cost; surprises are told", () => {
    const early = scored(resolve(stew, kitchen), cooked(60), same);
    const part = early?.parts.find((p) => p.id === "tenderness");
    expect(part?.points).toBeLessThan(13);
    expect(part?.why).toMatch(/% of the cooking/);
    const late = testPlan({ ...stock, stop: { by: "time", holdMin: 60 } });
    const steamy = new HiddenPot(resolve(late, kitchen), 1, { ...EXPECTED, evaporation: 1.6 });
    const score = scored(
      resolve(late, kitchen),
      fold(happened(lit, { kind: "simmers", atMs: at(60) }, { kind: "offHeat", atMs: at(120) })),
      steamy,
    );
    expect(score?.parts.find((p) => p.id === "counter")?.points).toBe(0);
    expect(score?.hidden).toContain("60 % more steam than expected");
    expect(score?.points).toBeLessThan(90);
  });
});

test("over 200 hidden pots the 80 % range covers 72 to 88 % after three readings, and narrows", () => {
  const down = { ...stock, stop: { by: "share" as const, share: 0.8 } };
  const rows = honestyOf(resolve(down, kitchen), 200, 1640);
  const last = rows.at(-1)!;
  expect(last.readings).toBe(3);
  expect(last.covered).toBeGreaterThanOrEqual(0.72);
  expect(last.covered).toBeLessThanOrEqual(0.88);
  const widths = rows.map((r) => r.widthMin);
  expect(widths).toEqual([...widths].sort((a, b) => b - a));
});
