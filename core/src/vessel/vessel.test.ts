import fc from "fast-check";
import { describe, expect, test } from "vitest";
import { vectorsOf } from "../../test/vectors";
import { outcomeOf } from "../units/problem";
import { called } from "./called";
import {
  depthForLiquidM,
  freeSurfaceM2,
  heapOf,
  heapTopM,
  liquidAtDepthL,
  NO_SOLIDS,
} from "./solids";
import { VesselSchema, type VesselShape } from "./vessel-schema";
import {
  capacityL,
  depthForVolumeM,
  outerAreaM2,
  roundFromCapacity,
  vesselAreaM2,
  vesselVolumeL,
} from "./volume";
import { coveringL, halfWayL, lyingTopM } from "./lying";

interface VesselInput {
  shape: string;
  bottomM: [number, number];
  topM: [number, number];
  heightM: number;
  depthM?: number;
  volumeL?: number;
  liquidL?: number;
  fillLineM?: number;
  solids?: { massKg: number; densityKgL: number; pack: number }[];
  block?: { massKg: number; densityKgL: number; heightM: number };
}

const shapeOf = (i: VesselInput): VesselShape => ({
  shape: i.shape === "rect" ? "rectangular" : i.shape === "oval" ? "oval" : "round",
  bottomM: i.bottomM,
  topM: i.topM,
  heightM: i.heightM,
});

const whole = (i: VesselInput) =>
  VesselSchema.parse({
    ...shapeOf(i),
    id: "v",
    name: "v",
    kind: "pot",
    massKg: 2,
    body: "steel",
    lid: "none",
  });

function computed(name: string, i: VesselInput): number {
  const vessel = shapeOf(i);
  if (i.block !== undefined) {
    const { massKg, densityKgL, heightM } = i.block;
    const solids = {
      ...NO_SOLIDS,
      block: { volumeL: massKg / densityKgL, heightM },
    };
    return liquidAtDepthL(vessel, solids, i.depthM ?? 0);
  }
  if (i.solids !== undefined) {
    const solids = heapOf(i.solids.map((s) => ({ ...s, packing: s.pack })));
    if (i.liquidL !== undefined) return depthForLiquidM(vessel, solids, i.liquidL);
    const lying = i.solids.map((s) => ({
      volumeL: s.massKg / s.densityKgL,
      packing: s.pack,
      heightM: 0.01,
    }));
    if (name.includes("cover")) return coveringL(whole(i), lying);
    if (name.includes("over25")) return coveringL(whole(i), lying, 0.025);
    return 2 * i.solids.reduce((sum, s) => sum + s.massKg, 0);
  }
  if (i.volumeL !== undefined) return depthForVolumeM(vessel, i.volumeL);
  return name.includes("surface")
    ? vesselAreaM2(vessel, i.depthM ?? 0)
    : vesselVolumeL(vessel, i.depthM ?? 0);
}

describe("vessels against worked numbers", () => {
  for (const v of vectorsOf(2))
    test(v.name, () => {
      const got = outcomeOf(() => computed(v.name, v.input as unknown as VesselInput));
      if (typeof v.expected === "number") {
        expect(got.ok && Math.abs(got.value - v.expected)).toBeLessThanOrEqual(v.tolerance);
      } else {
        const wanted = v.expected as { error: string; field: string };
        expect(got).toMatchObject({
          ok: false,
          problem: { code: wanted.error, field: wanted.field },
        });
      }
    });
});

const size = fc.double({ min: 0.12, max: 0.6, noNaN: true });
const grow = fc.double({ min: 1, max: 1.5, noNaN: true });
const anyShape: fc.Arbitrary<VesselShape> = fc
  .record({
    shape: fc.constantFrom("round" as const, "oval" as const, "rectangular" as const),
    a: size,
    b: size,
    grow: fc.oneof(fc.constant(1), grow),
    heightM: fc.double({ min: 0.05, max: 0.4, noNaN: true }),
  })
  .map(({ shape, a, b, grow: g, heightM }) => {
    const width = shape === "round" ? a : b;
    return { shape, bottomM: [a, width], topM: [a * g, width * g], heightM };
  });

describe("depth and volume are each other's inverse", () => {
  test("in all shapes, straight and tapered, empty", () => {
    fc.assert(
      fc.property(anyShape, fc.double({ min: 0, max: 1, noNaN: true }), (vessel, share) => {
        const volume = capacityL(vessel) * share;
        const back = vesselVolumeL(vessel, depthForVolumeM(vessel, volume));
        expect(back).toBeCloseTo(volume, 7);
      }),
    );
  });

  test("and with a heap, floaters and a joint in", () => {
    fc.assert(
      fc.property(
        anyShape,
        fc.double({ min: 0, max: 0.25, noNaN: true }),
        fc.double({ min: 0.25, max: 0.6, noNaN: true }),
        fc.double({ min: 0, max: 0.1, noNaN: true }),
        fc.double({ min: 0.02, max: 0.95, noNaN: true }),
        fc.boolean(),
        (vessel, heapShare, packing, floatShare, fill, joint) => {
          const full = capacityL(vessel);
          const heapSolidL = full * heapShare * packing;
          const solids = {
            heapSolidL,
            packing: heapSolidL > 0 ? packing : 1,
            floatingL: full * floatShare,
            ...(joint
              ? {
                  block: { volumeL: full * 0.1, heightM: vessel.heightM * 0.6 },
                }
              : {}),
          };
          const room = liquidAtDepthL(vessel, solids, vessel.heightM);
          const liquid = room * fill;
          const depth = depthForLiquidM(vessel, solids, liquid);
          expect(liquidAtDepthL(vessel, solids, depth)).toBeCloseTo(liquid, 6);
        },
      ),
    );
  });

  test("a pot that no kitchen has is refused with all three of its measures", () => {
    for (const [litres, acrossM] of [
      [200, 0.08],
      [40, 0.18],
    ] as const)
      expect(() => roundFromCapacity(litres, acrossM)).toThrow(
        /wide that holds .* would be .* cm high: check both/,
      );
    expect(roundFromCapacity(12, 0.16).heightM).toBeCloseTo(0.597, 3);
  });

  test("a vessel's name stands in a sentence as its cook would say it", () => {
    for (const [name, said] of [
      ["Tall pot", "the tall pot"],
      ["My pot", "my pot"],
      ["The big one", "the big one"],
      ["Emma's pot", "emma's pot"],
      ["Oursin casserole", "the oursin casserole"],
    ] as const)
      expect(called(name)).toBe(said);
  });

  test("a first guess does not change the answer", () => {
    const tapered: VesselShape = {
      shape: "round",
      bottomM: [0.2, 0.2],
      topM: [0.3, 0.3],
      heightM: 0.2,
    };
    expect(depthForVolumeM(tapered, 5, 0.19)).toBeCloseTo(depthForVolumeM(tapered, 5), 9);
  });
});

describe("solids in the pot", () => {
  const vessel = roundFromCapacity(12, 0.26);

  test("'it holds 12 L and is 26 cm across' gives the height and the capacity back", () => {
    expect(vessel.heightM).toBeCloseTo(0.226, 4);
    expect(capacityL(vessel)).toBeCloseTo(12, 9);
    expect(outerAreaM2(vessel)).toBeCloseTo(0.2377, 3);
  });

  test("an oval's outer wall matches the ellipse perimeter by numerical integration", () => {
    const oval: VesselShape = {
      shape: "oval",
      bottomM: [0.3, 0.2],
      topM: [0.3, 0.2],
      heightM: 0.1,
    };
    const n = 20000;
    let perimeter = 0;
    for (let i = 0; i < n; i++) {
      const t = ((i + 0.5) / n) * 2 * Math.PI;
      perimeter += (Math.hypot(0.15 * Math.sin(t), 0.1 * Math.cos(t)) * 2 * Math.PI) / n;
    }
    expect(outerAreaM2(oval) - vesselAreaM2(oval, 0)).toBeCloseTo(perimeter * 0.1, 6);
  });

  describe("water by what it covers", () => {
    const pot = VesselSchema.parse({
      ...vessel,
      id: "v",
      name: "v",
      kind: "pot",
      massKg: 2,
      body: "steel",
      lid: "none",
    });
    const bones = { volumeL: 2.4 / 1.17, packing: 0.45, heightM: 0.01 };
    test("half-way is half of cover where walls are straight and it is a heap", () => {
      expect(halfWayL(pot, [bones])).toBeCloseTo(coveringL(pot, [bones]) / 2, 9);
    });
    test("a joint is covered to its top, half-way to the half of its height", () => {
      const joint = { volumeL: 1.5, packing: 0.58, heightM: 0.09 };
      expect(lyingTopM(pot, [joint])).toBe(0.09);
      expect(coveringL(pot, [joint])).toBeCloseTo(vesselVolumeL(pot, 0.09) - 1.5, 9);
      expect(halfWayL(pot, [joint])).toBeCloseTo(vesselVolumeL(pot, 0.045) - 0.75, 9);
      // A second, lower one beside it moves neither top.
      const low = { ...joint, volumeL: 0.5, heightM: 0.06 };
      expect(coveringL(pot, [joint, low])).toBeCloseTo(vesselVolumeL(pot, 0.09) - 2, 9);
    });
    test("the top is never lower than the tallest piece, however few there are", () => {
      const knuckle = { volumeL: 0.4, packing: 0.45, heightM: 0.1 };
      expect(coveringL(pot, [knuckle])).toBeCloseTo(vesselVolumeL(pot, 0.1) - 0.4, 9);
    });
    test("with a heap beside a joint: all of it is under water, and more of either wants no less in all", () => {
      fc.assert(
        fc.property(
          fc.double({ min: 0.1, max: 1.5, noNaN: true }),
          fc.double({ min: 0.1, max: 1.5, noNaN: true }),
          fc.double({ min: 0.02, max: 0.12, noNaN: true }),
          (jointL, heapL, heightM) => {
            const parts = [
              { volumeL: jointL, packing: 0.58, heightM },
              { volumeL: heapL, packing: 0.55, heightM: 0.02 },
            ];
            const all = coveringL(pot, parts) + jointL + heapL;
            expect(all).toBeCloseTo(vesselVolumeL(pot, lyingTopM(pot, parts)), 6);
            expect(halfWayL(pot, parts)).toBeLessThanOrEqual(coveringL(pot, parts) + 1e-9);
            expect(halfWayL(pot, parts)).toBeGreaterThan(0);
          },
        ),
      );
    });
    test("what lies higher than the pot cannot be covered in it, half-way it can", () => {
      const tall = { volumeL: 1, packing: 0.58, heightM: pot.heightM + 0.02 };
      expect(() => coveringL(pot, [tall])).toThrow(/cannot be covered/);
      expect(halfWayL(pot, [tall])).toBeGreaterThan(0);
    });
  });

  test("vegetables float and push aside their own weight", () => {
    const floats = heapOf([{ massKg: 0.5, densityKgL: 0.95, packing: 0.55 }]);
    expect(depthForLiquidM(vessel, floats, 3)).toBeCloseTo(depthForVolumeM(vessel, 3.5), 9);
  });

  test("within a heap the free surface is what the solids leave", () => {
    const heap = heapOf([{ massKg: 4, densityKgL: 1.17, packing: 0.45 }]);
    const area = vesselAreaM2(vessel, 0.05);
    expect(freeSurfaceM2(vessel, heap, heapTopM(vessel, heap) / 2)).toBeCloseTo(area * 0.55, 9);
    expect(freeSurfaceM2(vessel, heap, heapTopM(vessel, heap) + 0.01)).toBeCloseTo(area, 9);
  });

  test("a heap that does not fit names itself", () => {
    const heap = heapOf([{ massKg: 12, densityKgL: 1.17, packing: 0.45 }]);
    expect(outcomeOf(() => heapTopM(vessel, heap))).toMatchObject({
      ok: false,
      problem: { code: "heapAboveRim" },
    });
  });

  test("a round vessel with two diameters is refused with its path", () => {
    const bad = VesselSchema.safeParse({
      ...vessel,
      bottomM: [0.2, 0.3],
      id: "v",
      name: "v",
      kind: "pot",
      massKg: 2,
      body: "steel",
      lid: "none",
    });
    expect(bad.success).toBe(false);
    expect(bad.error?.issues[0]?.path).toEqual(["bottomM"]);
  });
});
