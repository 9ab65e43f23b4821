import { resolve } from "./set-pot";
import fc from "fast-check";
import { describe, expect, test } from "vitest";
import { testKitchen, testPlan } from "../../test/kitchen";
import { ledgerBalanceKg } from "../liquid/ledger";
import { capacityL } from "../vessel/volume";
import { coldWaterKg } from "./stated-water";
import { overRim } from "./over-rim";
import type { Plan } from "./plan-schema";
import { vesselOf } from "./references";
import { simulate } from "./simulate";

const kitchen = testKitchen();
const stock = testPlan({ stop: { by: "time", holdMin: 60 } });
const run = (plan: Plan, litres: number) =>
  simulate(resolve(plan, kitchen), { waterKg: coldWaterKg(litres, kitchen) });
const neck = (massKg: number) => [{ ...stock.items[0]!, massKg }];

describe("what does not go in", () => {
  test("runs over: it stands in the ledger, at the rim, with its moment", () => {
    const vessel = vesselOf(resolve(stock, kitchen));
    const full = capacityL(vessel);
    const t = run({ ...stock, items: [] }, full + 3);
    expect(-t.ledger.overRim).toBeGreaterThan(2.9);
    expect(t.startDepthM).toBeCloseTo(vessel.heightM, 9);
    expect(t.marks.find((m) => m.kind === "ranOver")?.tMin).toBe(0);
    expect(overRim(t, vessel)).toMatchObject({ code: "aboveRim" });
    const fits = run({ ...stock, items: [] }, full * 0.8);
    expect(fits.ledger.overRim).toBe(0);
    expect(fits.marks.some((m) => m.kind === "ranOver")).toBe(false);
    expect(overRim(fits, vessel)).toBeNull();
  });

  test("brimful and cold, the swelling alone runs over as it warms", () => {
    const full = capacityL(vesselOf(resolve(stock, kitchen)));
    const t = run({ ...stock, items: [] }, full * 0.999);
    const mark = t.marks.find((m) => m.kind === "ranOver");
    expect(mark?.tMin).toBeGreaterThan(5);
    expect(-t.ledger.overRim).toBeGreaterThan(full * 0.01);
    expect(-t.ledger.overRim).toBeLessThan(full * 0.05);
  });

  test("a heap over the rim keeps only what goes between, and says how far it stands over", () => {
    const plan = { ...stock, vesselId: "casserole", items: neck(6) };
    const vessel = vesselOf(resolve(plan, kitchen));
    const t = run(plan, 3);
    expect(t.heapTopM).toBeGreaterThan(vessel.heightM);
    expect(t.startDepthM).toBeLessThanOrEqual(vessel.heightM + 1e-9);
    expect(overRim(t, vessel)).toMatchObject({ code: "heapAboveRim" });
    // More bones stand higher and leave less room.
    const more = run({ ...plan, items: neck(8) }, 3);
    expect(more.heapTopM).toBeGreaterThan(t.heapTopM);
  });

  test("topped up far over the rim while it cooks, the ledger still closes and salt goes along", () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.5, max: 40, noNaN: true }),
        fc.double({ min: 0, max: 40, noNaN: true }),
        fc.double({ min: 0.1, max: 9, noNaN: true }),
        (waterL, pourL, boneKg) => {
          const salt = { ...stock.items[0]!, id: "salt", ingredientId: "tableSalt", massKg: 0.05 };
          const plan = { ...stock, items: [...neck(boneKg), salt] };
          const happenings = [{ does: "pour" as const, tMin: 30, kg: pourL, tempC: 15 }];
          const t = simulate(resolve(plan, kitchen), {
            waterKg: waterL,
            course: {
              happenings,
              gaps: [],
              turns: [],
              seen: [],
              cameUpMin: null,
              turnedDownMin: null,
            },
          });
          expect(ledgerBalanceKg(t.ledger)).toBeCloseTo(t.strained.liquidKg, 9);
          expect(t.strained.saltG).toBeLessThanOrEqual(50 * 1.2 + 1e-6);
          const vessel = vesselOf(resolve(plan, kitchen));
          for (const p of t.points) {
            expect(p.depthM).toBeLessThanOrEqual(vessel.heightM + 1e-9);
            expect(p.liquidL).toBeLessThanOrEqual(capacityL(vessel) + 1e-6);
          }
        },
      ),
      { numRuns: 60 },
    );
  });
});
