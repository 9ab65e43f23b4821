import { resolve } from "../simulate/set-pot";
import { SCHEMA_VERSION } from "../simulate/schema-version";
import fc from "fast-check";
import { describe, expect, test } from "vitest";
import { happened } from "../../test/events";
import { testKitchen, testPlan } from "../../test/kitchen";
import { EXPECTED } from "../simulate/parameters";
import { simulate } from "../simulate/simulate";
import { pointAt } from "../simulate/point-at";
import { coldWaterKg } from "../simulate/stated-water";
import type { CookEvent, EventBody } from "../events/event-schema";
import { flowOf } from "./flow";
import { fold, lastTap } from "./fold";
import { inForce } from "./in-force";
import { gapOf } from "./gap";
import { forecastLive, readingsAsLiquid } from "./live-forecast";
import { actionsFor } from "./next-action";

const kitchen = testKitchen();
const LIT = Date.parse("2026-03-18T09:00:00+01:00");
const MIN = 60_000;

describe("folding events", () => {
  test("a cook goes from filling to done", () => {
    const all = happened(
      { kind: "lit", atMs: LIT },
      { kind: "boils", atMs: LIT + 40 * MIN },
      { kind: "simmers", atMs: LIT + 45 * MIN },
      { kind: "offHeat", atMs: LIT + 400 * MIN },
      {
        kind: "strained",
        atMs: LIT + 420 * MIN,
        measured: { volumeL: 3, tempC: 80, passes: 2, clothPasses: 0, pressed: false },
      },
      { kind: "finished", atMs: LIT + 1300 * MIN },
    );
    const stages = all.map((_, i) => fold(all.slice(0, i + 1)).stage);
    expect(fold([]).stage).toBe("fill");
    expect(stages).toEqual(["simmer", "simmer", "simmer", "strain", "chill", "done"]);
  });

  test("a hot jug is turned into cold litres, a weight too", () => {
    const at = LIT + 420 * MIN;
    const measured = { passes: 1, clothPasses: 0, pressed: false, tempC: 80 };
    const jug = fold(
      happened({ kind: "strained", atMs: at, measured: { ...measured, volumeL: 3 } }),
    );
    expect(jug.result?.strainedL).toBeCloseTo((3 * 0.9718) / 0.9991, 2);
    const scale = fold(
      happened({ kind: "strained", atMs: at, measured: { ...measured, massKg: 3 } }),
    );
    expect(scale.result?.strainedL).toBeCloseTo(3 / 0.9991, 2);
  });

  test("undo takes back the last written event, and an undo can be undone", () => {
    const all = happened(
      { kind: "lit", atMs: LIT },
      { kind: "noted", atMs: LIT + MIN, text: "smells good" },
    );
    expect(lastTap(all)[0]?.id).toBe("e1");
    const undone = [...all, ...happened({ kind: "undo", atMs: LIT + 2 * MIN, eventId: "e1" })];
    undone[2] = { ...undone[2]!, id: "u1" };
    expect(fold(undone).notes).toEqual([]);
    expect(lastTap(undone)[0]?.id).toBe("e0");
    const redone: CookEvent[] = [
      ...undone,
      {
        kind: "undo",
        id: "u2",
        batchId: "b",
        schemaVersion: SCHEMA_VERSION,
        atMs: LIT + 3 * MIN,
        eventId: "u1",
      },
    ];
    expect(fold(redone).notes.map((n) => n.text)).toEqual(["smells good"]);
  });

  test("what was written with one tap is taken back together, and nothing else with it", () => {
    const clock = (monoMs: number) => ({ clock: { page: "p", monoMs } });
    const all = happened(
      { kind: "lit", atMs: LIT, ...clock(10) },
      { kind: "takenOut", itemId: "neck", atMs: LIT + MIN, ...clock(90) },
      {
        kind: "heatSet",
        vigour: "rolling",
        lid: "off",
        stretchId: "s",
        atMs: LIT + MIN,
        ...clock(90),
      },
    );
    expect(lastTap(all).map((e) => e.id)).toEqual(["e2", "e1"]);
    const undone = [
      ...all,
      ...lastTap(all).map((e, i): CookEvent => ({
        kind: "undo",
        eventId: e.id,
        id: `u${i}`,
        batchId: "b",
        schemaVersion: SCHEMA_VERSION,
        atMs: LIT + 2 * MIN,
      })),
    ];
    expect(fold(undone).settings).toEqual([]);
    expect(fold(undone).outMs.size).toBe(0);
    expect(lastTap(undone).map((e) => e.id)).toEqual(["e0"]);
  });

  test("any number of undos walks back to nothing, never further", () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 8 }), fc.integer({ min: 1, max: 12 }), (n, undos) => {
        const written: CookEvent[] = happened(
          ...Array.from({ length: n }, (_, i): EventBody => ({
            kind: "noted",
            atMs: LIT + i,
            text: `n${i}`,
          })),
        );
        for (let k = 0; k < undos; k++) {
          const [target] = lastTap(written);
          if (target === undefined) break;
          written.push({
            kind: "undo",
            id: `u${k}`,
            batchId: "b",
            schemaVersion: SCHEMA_VERSION,
            atMs: LIT + n + k,
            eventId: target.id,
          });
        }
        expect(inForce(written)).toHaveLength(Math.max(0, n - undos));
      }),
    );
  });
});

/** A real pot that steams at `rate` of the default, read without error at some minutes of the hold. */
function realPot(
  rate: number,
  heldMin: readonly number[],
  form: "liquidDepth" | "fromRim" | "volume" | "potWeight" | "belowTideMark",
) {
  const plan = testPlan();
  const trace = simulate(resolve(plan, kitchen), {
    waterKg: coldWaterKg(4.4, kitchen),
    parameters: { ...EXPECTED, evaporation: rate },
  });
  const simmerMs = LIT + trace.toSimmerMin * MIN;
  const tideM = Math.max(...trace.points.map((p) => p.depthM));
  const goneIn = coldWaterKg(4.4, kitchen) + 2.2;
  const read = heldMin.map((min): EventBody => {
    const point = pointAt(trace, trace.toSimmerMin + min);
    const late = min > 300 ? 0.18 : 0;
    const value = {
      liquidDepth: point.depthM,
      fromRim: 0.226 - point.depthM,
      belowTideMark: tideM - point.depthM,
      volume: point.liquidL,
      potWeight: 2.2 + goneIn + late - point.steamedKg,
    }[form];
    return { kind: "read", atMs: simmerMs + min * MIN, reading: { form, value } };
  });
  const list: EventBody[] = [
    { kind: "lit", atMs: LIT },
    { kind: "boils", atMs: LIT + trace.comeUpMin * MIN },
    { kind: "simmers", atMs: simmerMs },
    ...read,
  ].map((e) => ({ ...e, atMs: Math.round(e.atMs) })) as EventBody[];
  return { plan, trace, simmerMs, events: happened(...list) };
}

describe("forecast of a live pot", () => {
  test.each(["liquidDepth", "fromRim", "belowTideMark", "volume", "potWeight"] as const)(
    "readings as %s find how fast it really steams, and the yield",
    (form) => {
      const real = realPot(0.75, [90, 180, 270], form);
      const now = real.simmerMs + 271 * MIN;
      const live = forecastLive(resolve(real.plan, kitchen), fold(real.events), now);
      expect(live.steamRate.mean).toBeGreaterThan(0.68);
      // What boils off at first goes by the ring.
      expect(live.steamRate.mean).toBeLessThan(0.87);
      expect(Math.abs(live.strainedL.expected - real.trace.strained.volumeL)).toBeLessThan(0.08);
      expect(live.strainedL.low).toBeLessThan(real.trace.strained.volumeL);
      expect(live.strainedL.high).toBeGreaterThan(real.trace.strained.volumeL);
    },
  );

  test("the range narrows with each reading", () => {
    const real = realPot(1.2, [60, 150, 240], "liquidDepth");
    const widths = [3, 4, 5, 6].map((n) => {
      const live = forecastLive(
        resolve(real.plan, kitchen),
        fold(real.events.slice(0, n)),
        real.simmerMs + 241 * MIN,
      );
      return live.strainedL.high - live.strainedL.low;
    });
    for (let i = 1; i < widths.length; i++) expect(widths[i]).toBeLessThan(widths[i - 1] ?? 0);
  });

  test("a pot weighed after a late onion counts the onion, not as liquid", () => {
    const real = realPot(1, [330], "potWeight");
    const added: CookEvent[] = [
      ...real.events,
      ...happened({
        kind: "added",
        atMs: Math.round(real.simmerMs + 300 * MIN),
        itemId: "onion",
        massKg: 0.18,
      }),
    ].map((e, i) => ({ ...e, id: `x${i}` }));
    const liquid = readingsAsLiquid(
      resolve(real.plan, kitchen),
      fold(added),
      real.simmerMs + 331 * MIN,
    )[0];
    const truth = pointAt(real.trace, real.trace.toSimmerMin + 330).liquidKg;
    expect(liquid?.liquidKg).toBeCloseTo(truth, 2);
  });

  test("a lid put on slows it from then on; water poured in is there", () => {
    const real = realPot(1, [], "liquidDepth");
    const at = Math.round(real.simmerMs + 120 * MIN);
    const now = real.simmerMs + 300 * MIN;
    const open = forecastLive(resolve(real.plan, kitchen), fold(real.events), now);
    const shut = forecastLive(
      resolve(real.plan, kitchen),
      fold([
        ...real.events,
        ...happened({ kind: "heatSet", atMs: at, vigour: "bare", lid: "on" }).map((e) => ({
          ...e,
          id: "l",
        })),
      ]),
      now,
    );
    expect(shut.steamedL).toBeLessThan(open.steamedL);
    expect(shut.steamedL).toBeCloseTo(
      pointAt(real.trace, real.trace.toSimmerMin + 120).steamedKg +
        0.08 *
          (pointAt(real.trace, real.trace.toSimmerMin + 300).steamedKg -
            pointAt(real.trace, real.trace.toSimmerMin + 120).steamedKg),
      1,
    );
    const topped = forecastLive(
      resolve(real.plan, kitchen),
      fold([
        ...real.events,
        ...happened({ kind: "toppedUp", atMs: at, volumeL: 0.5 }).map((e) => ({ ...e, id: "t" })),
      ]),
      now,
    );
    expect(topped.nowL.expected - open.nowL.expected).toBeCloseTo(0.5, 1);
  });

  test("a level target is forecast with a range around the real moment", () => {
    const plan = testPlan({ stop: { by: "liquid", liquidL: 3.3 } });
    const real = realPot(0.8, [60, 120, 180], "liquidDepth");
    const truth = simulate(resolve(plan, kitchen), {
      waterKg: coldWaterKg(4.4, kitchen),
      parameters: { ...EXPECTED, evaporation: 0.8 },
    });
    const live = forecastLive(resolve(plan, kitchen), fold(real.events), real.simmerMs + 181 * MIN);
    const heldMin = (ms: number) => (ms - real.simmerMs) / MIN;
    expect(heldMin(live.endMs.low)).toBeLessThan(truth.holdMin);
    expect(heldMin(live.endMs.high)).toBeGreaterThan(truth.holdMin);
    expect(Math.abs(heldMin(live.endMs.expected) - truth.holdMin)).toBeLessThan(25);
  });
});

describe("the next action", () => {
  const plan = testPlan({
    items: [
      { id: "neck", ingredientId: "lambNeck", massKg: 2.2, when: { at: "start" } },
      { id: "onion", ingredientId: "onion", massKg: 0.18, when: { at: "beforeEnd", min: 60 } },
      { id: "herbs", ingredientId: "herbBundle", massKg: 0.02, when: { at: "beforeEnd", min: 60 } },
    ],
  });
  const next = (list: CookEvent[], nowMs: number) => {
    const cook = fold(list);
    return actionsFor(
      resolve(plan, kitchen),
      cook,
      forecastLive(resolve(plan, kitchen), cook, nowMs),
      nowMs,
    );
  };

  test("light, boil, turn down, then skim, read, add together, take off, strain", () => {
    expect(next([], LIT).map((a) => a.kind)).toEqual(["fill", "light"]);
    const lit = happened({ kind: "lit", atMs: LIT });
    expect(next(lit, LIT + MIN)[0]?.kind).toBe("boils");
    const boiled = happened({ kind: "lit", atMs: LIT }, { kind: "boils", atMs: LIT + 50 * MIN });
    expect(next(boiled, LIT + 51 * MIN)[0]).toMatchObject({
      kind: "turnDown",
      atMs: LIT + 55 * MIN,
    });
    const simmering = happened(
      { kind: "lit", atMs: LIT },
      { kind: "boils", atMs: LIT + 50 * MIN },
      { kind: "simmers", atMs: LIT + 56 * MIN },
    );
    const list = next(simmering, LIT + 57 * MIN);
    expect(list.map((a) => a.kind)).toEqual(["skim", "look", "add", "offHeat"]);
    expect(list.find((a) => a.kind === "add")).toMatchObject({
      title: "Onion and herb bundle in",
      itemIds: ["onion", "herbs"],
      atMs: LIT + (56 + 300) * MIN,
    });
  });

  test("an overdue look or skim never hides that it is time to take it off", () => {
    const simmering = happened(
      { kind: "lit", atMs: LIT },
      { kind: "simmers", atMs: LIT + 50 * MIN },
    );
    const kinds = next(simmering, LIT + 411 * MIN).map((a) => a.kind);
    expect(kinds).toEqual(["add", "offHeat"]);
  });

  test("a late boil moves everything after it", () => {
    const late = happened(
      { kind: "lit", atMs: LIT },
      { kind: "boils", atMs: LIT + 90 * MIN },
      { kind: "simmers", atMs: LIT + 95 * MIN },
    );
    expect(next(late, LIT + 96 * MIN).find((a) => a.kind === "offHeat")?.atMs).toBe(
      LIT + (95 + 360) * MIN,
    );
  });

  test("off the heat, only the sieve is left, after the pause; strained, nothing", () => {
    const off = happened({ kind: "lit", atMs: LIT }, { kind: "offHeat", atMs: LIT + 400 * MIN });
    expect(next(off, LIT + 401 * MIN)).toMatchObject([{ kind: "strain", atMs: LIT + 410 * MIN }]);
  });
});

describe("planned against got", () => {
  const strained = (volumeL: number, rate: number, form: "liquidDepth" | "potWeight") => {
    const real = realPot(rate, [90, 180, 270], form);
    const off = Math.round(real.simmerMs + 360 * MIN);
    const list = [
      ...real.events,
      ...happened(
        { kind: "offHeat", atMs: off },
        {
          kind: "strained",
          atMs: off + 20 * MIN,
          measured: { volumeL, tempC: 15, passes: 2, clothPasses: 0, pressed: false },
        },
      ).map((e, i) => ({ ...e, id: `s${i}` })),
    ];
    return { real, cook: fold(list) };
  };

  test("a pot that steamed slower than expected is found out by its readings", () => {
    const { real, cook } = strained(3.15, 0.75, "liquidDepth");
    const gap = gapOf(resolve(real.plan, kitchen), cook);
    expect(gap?.likeliest).toBe("steam");
    expect(gap?.parts.reduce((sum, p) => sum + p.litres, 0)).toBeCloseTo(gap?.gapL ?? NaN, 9);
    expect(gap?.parts.find((p) => p.cause === "steam")?.litres).toBeGreaterThan(0.15);
  });

  test("weighed as reckoned but little in the bowl: it was not the steam", () => {
    const { real, cook } = strained(2.5, 1, "potWeight");
    expect(gapOf(resolve(real.plan, kitchen), cook)?.likeliest).not.toBe("steam");
  });

  test("the flow's two sides balance, planned", () => {
    const { real, cook } = strained(2.9, 1, "liquidDepth");
    const flow = flowOf(resolve(real.plan, kitchen), cook);
    const side = (s: "in" | "out") =>
      flow.filter((p) => p.side === s).reduce((sum, p) => sum + p.plannedL, 0);
    expect(side("in")).toBeCloseTo(side("out"), 1);
    expect(flow.find((p) => p.id === "strained")?.gotL).toBeCloseTo(2.9, 6);
  });

  test("nothing strained yet, no gap", () => {
    expect(gapOf(resolve(testPlan(), kitchen), fold([]))).toBeNull();
  });
});
