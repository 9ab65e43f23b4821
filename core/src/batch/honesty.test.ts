import { resolve } from "../simulate/set-pot";
import { describe, expect, test } from "vitest";
import { happened } from "../../test/events";
import { testKitchen, testPlan } from "../../test/kitchen";
import { EXPECTED } from "../simulate/parameters";
import { simulate } from "../simulate/simulate";
import { pointAt } from "../simulate/point-at";
import { coldWaterKg } from "../simulate/stated-water";
import { normal, seeded } from "../units/random";
import type { CookEvent } from "../events/event-schema";
import { fold } from "./fold";
import { forecastLive } from "./live-forecast";

const LIT = Date.parse("2026-03-18T09:00:00+01:00");
const MIN = 60_000;

describe("the forecast is honest", () => {
  test("over hidden pots its 80 % range holds about four fifths of the true yields, and narrows", () => {
    const random = seeded(1640);
    const kitchen = testKitchen();
    const plan = testPlan({
      heat: { method: "hob", vigour: "gentle", lid: "ajar", boilFirstMin: 5 },
    });
    const pots = 60;
    let inside = 0;
    let before = 0;
    let after = 0;
    for (let i = 0; i < pots; i++) {
      const trace = simulate(resolve(plan, kitchen), {
        waterKg: coldWaterKg(4.4, kitchen),
        parameters: {
          ...EXPECTED,
          evaporation: Math.exp(0.35 * normal(random)),
          leftOnSolids: Math.exp(0.3 * normal(random)),
          freed: Math.exp(0.15 * normal(random)),
        },
      });
      const simmerMs = Math.round(LIT + trace.toSimmerMin * MIN);
      const list = happened(
        { kind: "lit", atMs: LIT },
        { kind: "simmers", atMs: simmerMs },
        ...[100, 200, 300].map((min) => ({
          kind: "read",
          atMs: Math.round(simmerMs + min * MIN),
          reading: {
            form: "liquidDepth",
            value: pointAt(trace, trace.toSimmerMin + min).depthM + 0.002 * normal(random),
          },
        })),
      );
      const range = (events: readonly CookEvent[]) =>
        forecastLive(resolve(plan, kitchen), fold(events), simmerMs + 301 * MIN).strainedL;
      const first = range(list.slice(0, 2));
      const last = range(list);
      before += first.high - first.low;
      after += last.high - last.low;
      if (trace.strained.volumeL >= last.low && trace.strained.volumeL <= last.high) inside++;
    }
    expect(inside / pots).toBeGreaterThan(0.68);
    expect(inside / pots).toBeLessThan(0.95);
    expect(after).toBeLessThan(before * 0.6);
  });
});

describe("before anything is known", () => {
  test("an unlit pot is forecast as planned, and nothing is steamed off", () => {
    const plan = testPlan();
    const kitchen = testKitchen();
    const live = forecastLive(resolve(plan, kitchen), fold([]), LIT);
    expect(live.steamedL).toBe(0);
    expect(live.strainedL.expected).toBeCloseTo(live.planned.strained.volumeL, 1);
    expect(live.bareMs).toBeNull();
  });

  test("a pot that will come bare says when, within the hour the simulation says", () => {
    const plan = testPlan({
      heat: { method: "hob", vigour: "steady", lid: "off", boilFirstMin: null },
    });
    const kitchen = testKitchen();
    const events = happened({ kind: "lit", atMs: LIT }, { kind: "simmers", atMs: LIT + 45 * MIN });
    const live = forecastLive(resolve(plan, kitchen), fold(events), LIT + 60 * MIN);
    const mark = live.planned.marks.find((m) => m.kind === "bonesBare");
    const modelled = (mark?.tMin ?? 0) - live.planned.toSimmerMin;
    const forecast = ((live.bareMs ?? 0) - (LIT + 45 * MIN)) / MIN;
    expect(Math.abs(forecast - modelled)).toBeLessThan(30);
    expect(live.nextLookMs).toBeLessThan(live.bareMs ?? 0);
  });
});
