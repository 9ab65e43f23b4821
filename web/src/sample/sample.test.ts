import { resolve } from "@kettlos/core/simulate/set-pot";
import { chillingAt, chillingCourse } from "@kettlos/core/batch/chill-of";
import { fold } from "@kettlos/core/batch/fold";
import { gapOf } from "@kettlos/core/batch/gap";
import { forecastLive } from "@kettlos/core/batch/live-forecast";
import { answersFor } from "@kettlos/core/because/answers";
import { codeOf } from "@kettlos/core/cool/codes";
import { readKettlosData } from "@kettlos/core/formats/kettlos-json";
import { capacityL } from "@kettlos/core/vessel/volume";
import { describe, expect, test } from "vitest";
import { bramholtSample } from "./bramholt";

const NOW = Date.parse("2026-03-18T20:14:00+01:00");
const sample = bramholtSample(NOW);
const cookOf = (id: string) => fold(sample.events.filter((e) => e.batchId === id));

describe("the sample kitchen", () => {
  test("is a valid Kettlos file and repeats", () => {
    const reading = readKettlosData(sample);
    expect(reading.ok ? [] : reading.problems).toEqual([]);
    expect(bramholtSample(NOW)).toEqual(sample);
  });

  test("has the six vessels at their sizes", () => {
    const litres = sample.kitchen.vessels.map((v) => Math.round(capacityL(v) * 10) / 10);
    expect(litres.slice(0, 5)).toEqual([12, 7, 4.5, 6.5, 7.5]);
    expect(sample.kitchen.vessels).toHaveLength(6);
  });

  test("at least ten past batches over eight weeks, logged, with readings and results", () => {
    const past = sample.batches.filter((b) => cookOf(b.id).stage === "done");
    expect(past.length).toBeGreaterThanOrEqual(10);
    for (const batch of past) {
      const cook = cookOf(batch.id);
      expect(cook.readings.length, batch.id).toBeGreaterThan(0);
      const served = batch.plan.end === "served";
      expect(served ? cook.result?.servedKg : cook.result?.set, batch.id).not.toBeNull();
      expect(NOW - (cook.litMs ?? 0)).toBeLessThan(57 * 86_400_000);
    }
  });

  test("results scatter about the model: near it, yet not perfect", () => {
    const gaps = sample.batches.flatMap(
      (b) => gapOf(resolve(b.plan, b.kitchen), cookOf(b.id)) ?? [],
    );
    const shares = gaps.map((g) => Math.abs(g.gapL) / g.plannedL);
    expect(Math.max(...shares)).toBeLessThan(0.25);
    expect(shares.filter((s) => s > 0.01).length).toBeGreaterThan(4);
  });

  test("every stock, and what is left of a dish, was chilled in time by the hut's code", () => {
    for (const batch of sample.batches) {
      const cook = cookOf(batch.id);
      const isKept = sample.larder.some((e) => e.kind === "stored" && e.lot.batchId === batch.id);
      if (cook.stage !== "done" || (batch.plan.end === "served" && !isKept)) continue;
      const course = chillingCourse(cook.chilling!, batch.kitchen);
      const now = course && chillingAt(course, codeOf(batch.kitchen), NOW);
      expect(
        now?.gates.map((g) => g.state),
        batch.id,
      ).toEqual(["met", "met"]);
      expect(cook.chilling?.endedMs, batch.id).toBeGreaterThan(cook.strainedMs ?? Infinity);
    }
  });

  test("one batch on the fire now and one planned for tomorrow", () => {
    const onFire = sample.batches.filter((b) => cookOf(b.id).stage === "simmer");
    expect(onFire).toHaveLength(1);
    const batch = onFire[0]!;
    const live = forecastLive(resolve(batch.plan, batch.kitchen), cookOf(batch.id), NOW);
    expect(live.endMs.expected).toBeGreaterThan(NOW);
    const planned = sample.plans.filter((p) => p.readyAt !== null);
    expect(planned).toHaveLength(1);
    expect(Date.parse(planned[0]?.readyAt ?? "") - NOW).toBeLessThan(86_400_000);
  });

  test("nothing cries wolf: few cautions a plan, and fewer yet on the fire", () => {
    const counts = sample.plans.map((plan) => {
      const outcome = answersFor(resolve(plan, sample.kitchen), () => 9);
      if (!outcome.ok) throw outcome.problem;
      const told = outcome.value.cautions.filter((c) => c.severity !== "note");
      return ["plan", "cook"].map((p) => told.filter((c) => c.places.includes(p as "plan")).length);
    });
    const mean = (at: number) => counts.reduce((sum, c) => sum + (c[at] ?? 0), 0) / counts.length;
    expect(mean(0)).toBeLessThanOrEqual(2);
    expect(mean(1)).toBeLessThanOrEqual(2.5);
  });

  test("no plan of the hut is wrong or in danger", () => {
    for (const plan of sample.plans) {
      const outcome = answersFor(resolve(plan, sample.kitchen), () => 9);
      if (!outcome.ok) throw new Error(`${plan.id}: ${outcome.problem.message}`);
      expect(outcome.value.trace.problem, plan.id).toBeNull();
      expect(outcome.value.fit.limit, plan.id).toBe("fits");
      const dangers = outcome.value.cautions.filter((c) => c.severity === "danger");
      expect(
        dangers.map((c) => c.id),
        plan.id,
      ).toEqual([]);
    }
  });
});
