import { asPlanned } from "../simulate/as-planned";
import { resolve } from "../simulate/set-pot";
import { SCHEMA_VERSION } from "../simulate/schema-version";
import type { StretchHeat } from "../heats/heat-schema";
import fc from "fast-check";
import { expect, test } from "vitest";
import { happened } from "../../test/events";
import { HEATS, testBraise, testKitchen } from "../../test/kitchen";
import { byTime, hob, stretch } from "../../test/stretches";
import { ledgerBalanceKg } from "../liquid/ledger";
import { bodyOfPlan } from "../dish/body-of";
import { eatenOf } from "../dish/eaten";
import { fatOf } from "../dish/fat-of";
import { ALCOHOL_KG_L } from "../seasoning/alcohol";
import { ingredientOf, valuesOf } from "../simulate/item-facts";
import type { Kitchen } from "../simulate/kitchen-schema";
import { PlanSchema, type Plan, type PlanItem } from "../simulate/plan-schema";
import { simulate } from "../simulate/simulate";
import { coldWaterKg, waterL } from "../simulate/stated-water";
import type { Batch } from "./batch-schema";
import { fold } from "./fold";
import { forecastLive } from "./live-forecast";
import { inBowl } from "./in-bowl";
import { productsOf } from "./products";
import { workTasks } from "../schedule/work-tasks";

const plain = testKitchen();
const kitchen: Kitchen = {
  ...plain,
  vessels: [
    ...plain.vessels,
    ...plain.vessels
      .filter((v) => v.id === "tall")
      .map((v) => ({ ...v, id: "pan", kind: "pan" as const, name: "Sauté pan" })),
  ],
  rings: [...plain.rings, ...plain.rings.map((r) => ({ ...r, id: "second" }))],
};
const LIT = Date.parse("2026-03-18T08:00:00Z");
const momentOf = (min: number): number => LIT + Math.round(min * 60_000);

const lid = fc.constantFrom("off", "ajar", "on" as const);
const heat: fc.Arbitrary<StretchHeat> = fc.oneof(
  fc
    .tuple(fc.constantFrom("bare", "gentle", "steady", "rolling" as const), lid)
    .map(([v, l]) => hob(v, l)),
  fc
    .tuple(fc.integer({ min: 90, max: 200 }), lid)
    .map(([ovenC, l]): StretchHeat => ({ ...HEATS.oven, ovenC, lid: l })),
  lid.map((l): StretchHeat => ({ method: "rest", lid: l })),
);
/** Until a time, or down to a share of what is in it. */
const stop = fc.oneof(
  fc.integer({ min: 1, max: 60 }).map(byTime),
  fc.double({ min: 0.8, max: 0.98, noNaN: true }).map((share) => ({ by: "share" as const, share })),
);
const boils = (h: StretchHeat) => h.method === "hob" && h.vigour !== "bare" && h.lid === "off";

/**
 * A dish of up to six stretches: meat browned in batches that comes out and goes back, a base sweated beside
 * the pot, wine boiled down, a roux, lentils of which a part is blended.
 */
const method = fc
  .record({
    later: fc.array(fc.tuple(heat, stop), { minLength: 1, maxLength: 5 }),
    out: fc.nat(4),
    back: fc.nat(4),
    reduced: fc.double({ min: 0.3, max: 0.9, noNaN: true }),
    blended: fc.double({ min: 0, max: 1, noNaN: true }),
    lateMin: fc.integer({ min: 35, max: 90 }),
    waterL: fc.double({ min: 1.4, max: 2.2, noNaN: true }),
  })
  .map(({ later, out, back, reduced, blended, lateMin, waterL: volumeL }): Plan => {
    const then = later.map(([h, s], i) => stretch(`s${i}`, h, boils(h) ? s : byTime(12 + 9 * i)));
    const [from, to] = [Math.min(out, back), Math.max(out, back)].map((i) => then[i]?.id);
    const item = (id: string, ingredientId: string, massKg: number, more: object = {}) => ({
      id,
      ingredientId,
      massKg,
      when: { at: "start" },
      ...more,
    });
    const leaves =
      from === undefined
        ? {}
        : {
            out: {
              when: { at: "stretch", stretchId: from },
              isBack: true,
              ...(to === undefined || to === from ? {} : { backAt: to }),
            },
          };
    return PlanSchema.parse({
      ...testBraise({ end: "served" }),
      heat: hob("gentle", "on"),
      stop: byTime(45),
      water: { by: "amount", volumeL },
      items: [
        item("meat", "beefChuck", 0.8, { work: [{ kind: "cut" }, { kind: "brown" }], ...leaves }),
        item("base", "onion", 0.25, {
          when: { at: "beforeEnd", min: lateMin },
          work: [{ kind: "cut" }, { kind: "sweat" }],
        }),
        item("wine", "redWine", 0.3, { work: [{ kind: "reduce", share: reduced }] }),
        item("flour", "flour", 0.03, { work: [{ kind: "roux", colour: "blond" }] }),
        item("lentils", "brownLentil", 0.2, { work: [{ kind: "blend", share: blended }] }),
        item("salt", "tableSalt", 0.012),
      ],
      then,
    });
  });

const alcoholInG = (items: readonly PlanItem[]) =>
  items.reduce(
    (sum, i) =>
      sum +
      (i.massKg / ingredientOf(i).densityKgL.value) *
        valuesOf(i).alcoholShare *
        1000 *
        ALCOHOL_KG_L.value,
    0,
  );
const saltInG = (items: readonly PlanItem[]) =>
  items.reduce((sum, i) => sum + i.massKg * valuesOf(i).saltGKg, 0);

test("whatever the method: liquid, salt, fat, alcohol and starch close to 1e-9 through pans, parts out and back, two products", () => {
  let whole = 0;
  fc.assert(
    fc.property(method, fc.double({ min: 0, max: 1, noNaN: true }), (plan, apart) => {
      const { trace } = asPlanned(resolve(plan, kitchen));
      expect(ledgerBalanceKg(trace.ledger)).toBeCloseTo(trace.endLiquidKg, 9);
      if (trace.problem !== null) return;
      whole++;
      // The pans are there: browned before, sweated beside it while it is on, and neither makes salt.
      const tasks = workTasks(resolve(plan, kitchen));
      expect(tasks.find((t) => t.itemId === "base" && t.kind === "sweat")?.when).toBe("meanwhile");
      expect(tasks.find((t) => t.kind === "brown")?.when).toBe("before");
      expect(trace.strained.saltG).toBeCloseTo(saltInG(plan.items), 9);
      const { wine } = Object.fromEntries(plan.items.map((i) => [i.id, i]));
      expect(trace.strained.alcoholMostG).toBeLessThanOrEqual(
        alcoholInG(wine === undefined ? [] : [wine]) + 1e-9,
      );

      // Served as reckoned, and shared out in two.
      const eaten = eatenOf(plan, trace);
      const cook = fold(
        happened(
          { kind: "lit", atMs: LIT },
          { kind: "simmers", atMs: momentOf(trace.toSimmerMin) },
          { kind: "offHeat", atMs: momentOf(trace.totalMin) },
          {
            kind: "strained",
            atMs: momentOf(trace.totalMin + 1),
            measured: {
              massKg: eaten.liquidKg,
              servedKg: eaten.allKg,
              tempC: 15,
              passes: 1,
              clothPasses: 0,
              pressed: false,
              isReckoned: true,
            },
          },
          {
            kind: "keptApart",
            massKg: apart * eaten.solidsKg,
            atMs: momentOf(trace.totalMin + 2),
          },
        ),
      );
      const batch: Batch = {
        schemaVersion: SCHEMA_VERSION,
        id: "b",
        createdMs: LIT,
        plan,
        kitchen,
      };
      const bowl = inBowl(batch, cook);
      if (bowl === null) throw new Error("not served");
      expect(bowl.massKg).toBeCloseTo(eaten.allKg, 9);
      expect(bowl.saltG).toBeCloseTo(saltInG(plan.items), 6);
      expect(bowl.fatG).toBeCloseTo(fatOf(plan, trace, null).eatenG, 6);
      const body = bodyOfPlan(plan, trace);
      expect(bowl.flourG).toBeCloseTo(body.flourGL * body.volumeL, 6);
      const parts = productsOf(batch, cook);
      expect(parts).toHaveLength(apart * eaten.solidsKg > 0 ? 2 : 1);
      for (const of of [
        "massKg",
        "solidsKg",
        "saltG",
        "alcoholG",
        "fatG",
        "gelatinG",
        "flourG",
      ] as const)
        expect(parts.reduce((sum, p) => sum + p.bowl[of], 0)).toBeCloseTo(bowl[of], 9);
    }),
  );
  // Most of them are pots that a cook could cook.
  expect(whole).toBeGreaterThan(20);
});

test("a part ladled out of it and poured back while it is on changes nothing but its heat", () => {
  fc.assert(
    fc.property(method, fc.double({ min: 0.05, max: 0.4, noNaN: true }), (plan, volumeL) => {
      const waterKg = coldWaterKg(waterL(resolve(plan, kitchen)), kitchen);
      const planned = simulate(resolve(plan, kitchen), { waterKg });
      if (planned.problem !== null) return;
      const at = (min: number) => momentOf(planned.toSimmerMin + min);
      const base = [
        { kind: "lit", atMs: LIT },
        { kind: "simmers", atMs: at(0) },
      ];
      const of = (...events: object[]) =>
        forecastLive(resolve(plan, kitchen), fold(happened(...base, ...events)), at(25)).course;
      const whole = of();
      const parted = of(
        { kind: "ladledOut", volumeL, atMs: at(10) },
        { kind: "pouredBack", volumeL, atMs: at(12) },
      );
      for (const course of [whole, parted])
        expect(ledgerBalanceKg(course.ledger)).toBeCloseTo(course.endLiquidKg, 9);
      // It goes back with all that was in it, and none of it is water.
      expect(parted.ledger.added).toBeCloseTo(whole.ledger.added, 9);
      expect(parted.ledger.handedOver).toBeGreaterThan(0);
      expect(parted.strained.saltG).toBeCloseTo(whole.strained.saltG, 9);
      expect(Math.abs(parted.strained.alcoholMostG - whole.strained.alcoholMostG)).toBeLessThan(
        0.1 * whole.strained.alcoholMostG + 1e-9,
      );
    }),
    { numRuns: 15 },
  );
});
