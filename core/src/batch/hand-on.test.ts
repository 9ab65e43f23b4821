import { asPlanned } from "../simulate/as-planned";
import { resolve } from "../simulate/set-pot";
import { SCHEMA_VERSION } from "../simulate/schema-version";
import fc from "fast-check";
import { describe, expect, test } from "vitest";
import { happened } from "../../test/events";
import { HEATS, testKitchen, testPlan } from "../../test/kitchen";
import { PlanSchema, type Plan } from "../simulate/plan-schema";
import type { Batch } from "./batch-schema";
import { isAllHandedOn } from "./bowl-kg";
import { isStillToChill } from "./chill-of";
import { fold } from "./fold";
import { begunWith, drawsOn, pouredOn, roomL } from "./hand-on";
import { inBowl } from "./in-bowl";
import { forecastLive } from "./live-forecast";
import { livePlan } from "./live-plan";
import { bowlLabel, without } from "./bowl";

const kitchen = testKitchen();
const LIT = Date.parse("2026-03-18T08:00:00Z");
const HOUR = 3_600_000;
const broth = testPlan();
const batch: Batch = {
  schemaVersion: SCHEMA_VERSION,
  id: "b",
  createdMs: LIT,
  plan: broth,
  kitchen,
};
const strained = [
  { kind: "lit", atMs: LIT },
  { kind: "simmers", atMs: LIT + HOUR },
  { kind: "offHeat", atMs: LIT + 7 * HOUR },
  {
    kind: "strained",
    atMs: LIT + 7 * HOUR,
    measured: { massKg: 3, tempC: 90, passes: 1, clothPasses: 0, pressed: false },
  },
  { kind: "stirredIn", ingredientId: "tableSalt", massKg: 0.015, atMs: LIT + 7.1 * HOUR },
] as const;
const handed = (massKg: number) =>
  ({ kind: "handedOn", toBatchId: "next", massKg, atMs: LIT + 7.2 * HOUR }) as const;
const bowlAfter = (...massKg: number[]) =>
  inBowl(batch, fold(happened(...strained, ...massKg.map(handed))));

const soup: Plan = testPlan({
  id: "soup",
  vesselId: broth.vesselId,
  water: { by: "amount", volumeL: 0.5 },
  items: [
    { id: "l", ingredientId: "leek", massKg: 0.4, when: { at: "start" } },
    {
      id: "s",
      ingredientId: "houseStock",
      massKg: 2,
      when: { at: "start" },
      fromPlanId: broth.id,
    },
  ],
});

describe("straight from the sieve into the next pot", () => {
  test("what is poured on and what stays are together what was there, of everything", () => {
    const bowl = bowlAfter();
    if (bowl === null) throw new Error("nothing strained");
    fc.assert(
      fc.property(fc.double({ min: 0.01, max: 3, noNaN: true }), (massKg) => {
        const left = without(bowl, massKg);
        const label = bowlLabel(bowl);
        expect(left.massKg + massKg).toBeCloseTo(bowl.massKg, 9);
        expect(left.saltG + massKg * (label.saltGKg ?? 0)).toBeCloseTo(bowl.saltG, 9);
        expect(left.gelatinG + massKg * (label.gelatinGKg ?? 0)).toBeCloseTo(bowl.gelatinG, 9);
        expect(left.fatG + massKg * (label.fatGKg ?? 0)).toBeCloseTo(bowl.fatG, 9);
      }),
    );
    expect(bowlAfter(2)?.massKg).toBeCloseTo(1.015, 9);
    expect(bowlAfter(2, 0.5)?.massKg).toBeCloseTo(0.515, 9);
  });

  test("all of it gone, nothing is left to chill; part of it gone, the rest is", () => {
    const cook = (...massKg: number[]) => fold(happened(...strained, ...massKg.map(handed)));
    const nowMs = LIT + 8 * HOUR;
    expect(isStillToChill(cook(), nowMs)).toBe(true);
    expect(isStillToChill(cook(2), nowMs)).toBe(true);
    expect(isAllHandedOn(cook(2, 1.01))).toBe(true);
    expect(isStillToChill(cook(2, 1.01), nowMs)).toBe(false);
    // Solids kept from it still are.
    const apart = { kind: "keptApart", massKg: 0.5, atMs: LIT + 7.3 * HOUR };
    const kept = fold(happened(...strained, handed(2), handed(1.01), apart));
    expect(isStillToChill(kept, nowMs)).toBe(true);
  });

  test("the next pot has it as it was measured, hot: it boils sooner, and its salt is the broth's", () => {
    const bowl = bowlAfter();
    if (bowl === null) throw new Error("nothing strained");
    expect(drawsOn(soup, broth.id).map((i) => i.id)).toEqual(["s"]);
    const take = (tempC: number) =>
      begunWith(soup, "s", bowl, { massKg: 1.8, tempC, makeUp: true });
    const hot = take(88);
    expect(hot.items[1]).toMatchObject({ massKg: 1.8, hotC: 88 });
    // What is short of it is made up by water: 0.2 kg.
    expect(hot.water).toEqual({ by: "amount", volumeL: expect.closeTo(0.7, 2) as number });
    expect(take(20).items[1]?.hotC).toBeUndefined();
    const run = (plan: Plan) => asPlanned(resolve(plan, kitchen)).trace;
    expect(run(hot).comeUpMin).toBeLessThan(0.7 * run(take(20)).comeUpMin);
    expect(run(hot).ledger.added).toBeCloseTo(run(take(20)).ledger.added, 9);
    const { endLiquidL, strained: got } = run(hot);
    const leeks = { ...hot, items: hot.items.slice(0, 1) };
    const ofLeeksG = run(leeks).strained.saltGL * run(leeks).endLiquidL;
    expect(got.saltGL * endLiquidL - ofLeeksG).toBeCloseTo((1.8 * bowl.saltG) / bowl.massKg, 6);
  });

  test("water that is reckoned is left as it is stated; a plan that does not draw on it is refused", () => {
    const bowl = bowlAfter();
    if (bowl === null) throw new Error("nothing strained");
    const covered: Plan = { ...soup, water: { by: "cover" } };
    const all = { massKg: 1, tempC: 90, makeUp: true };
    expect(begunWith(covered, "s", bowl, all).water).toEqual({ by: "cover" });
    expect(begunWith(soup, "s", bowl, { ...all, makeUp: false }).water).toEqual(soup.water);
    expect(() => begunWith(soup, "none", bowl, all)).toThrow(/does not draw on it/);
  });
});

test("into a pot that is on: with its salt and gelatin, as hot as it is, and its litres", () => {
  const bowl = bowlAfter();
  if (bowl === null) throw new Error("not strained");
  const item = pouredOn(bowl, 0.5, 91.26, "poured");
  expect(item).toMatchObject({ massKg: 0.5, hotC: 91.3, ingredientId: "houseStock" });
  expect(pouredOn(bowl, 0.5, 20, "cold").hotC).toBeUndefined();
  const on = [
    { kind: "lit", atMs: LIT },
    { kind: "simmers", atMs: LIT + HOUR },
  ];
  const poured = [
    { kind: "extra", item, atMs: LIT + 2 * HOUR },
    { kind: "added", itemId: "poured", massKg: 0.5, atMs: LIT + 2 * HOUR },
  ];
  const leek: Plan = {
    ...soup,
    items: soup.items.filter((i) => i.id === "l"),
    water: { by: "amount", volumeL: 3 },
    heat: { method: "hob", vigour: "bare", lid: "on", boilFirstMin: null },
    stop: { by: "time", holdMin: 150 },
  };
  const of = (...events: object[]) => {
    const cook = fold(happened(...on, ...events));
    return forecastLive(resolve(livePlan(leek, cook), kitchen), cook, LIT + 2.1 * HOUR).course;
  };
  const [before, after] = [of(), of(...poured)];
  expect(after.strained.saltG - before.strained.saltG).toBeGreaterThan(
    0.8 * 0.5 * (item.label?.saltGKg ?? 0),
  );
  expect(after.endLiquidKg - before.endLiquidKg).toBeCloseTo(0.5, 1);
});

test("room for it is what the fill line leaves, and none in a cooker that is shut", () => {
  const cook = fold(happened({ kind: "lit", atMs: LIT }, { kind: "simmers", atMs: LIT + HOUR }));
  const at = (depthM: number) => roomL(batch, cook, depthM);
  expect(at(0.1)! - at(0.15)!).toBeCloseTo(Math.PI * 0.13 ** 2 * 0.05 * 1000, 2);
  expect(at(0.226)).toBe(0);
  const shut: Batch = {
    ...batch,
    plan: { ...broth, vesselId: "pressure", heat: PlanSchema.shape.heat.parse(HEATS.pressure) },
  };
  expect(roomL(shut, cook, 0.05)).toBeNull();
  const off = fold(
    happened(
      { kind: "lit", atMs: LIT },
      { kind: "simmers", atMs: LIT + HOUR },
      { kind: "offHeat", atMs: LIT + 2 * HOUR },
    ),
  );
  expect(roomL(shut, off, 0.05)).toBeGreaterThan(1);
});
