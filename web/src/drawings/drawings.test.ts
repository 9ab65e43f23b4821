import type { VesselShape } from "@kettlos/core/vessel/vessel-schema";
import fc from "fast-check";
import { describe, expect, test } from "vitest";
import { heapOfBones } from "./bones";
import { depthAtY, halfWidthAt, potFrame, withinWalls, yAt } from "./pot-frame";
import { graduations } from "./ticks";

const TAPERED: VesselShape = {
  shape: "round",
  bottomM: [0.2, 0.2],
  topM: [0.3, 0.3],
  heightM: 0.15,
};
const BOX = { width: 400, height: 300, left: 40, right: 40, top: 30, bottom: 20 };

describe("a pot to scale", () => {
  test("width and height share one scale and stay in the box", () => {
    const frame = potFrame(TAPERED, BOX);
    const width = 2 * halfWidthAt(frame, TAPERED.heightM);
    const height = frame.floorY - frame.rimY;
    expect(width / height).toBeCloseTo(0.3 / 0.15, 9);
    expect(width).toBeLessThanOrEqual(320 + 1e-9);
    expect(frame.rimY).toBeGreaterThanOrEqual(30 - 1e-9);
  });

  test("a depth and its place on the drawing are each other's inverse", () => {
    const frame = potFrame(TAPERED, BOX);
    fc.assert(
      fc.property(fc.double({ min: 0, max: 0.15, noNaN: true }), (depth) => {
        expect(depthAtY(frame, yAt(frame, depth))).toBeCloseTo(depth, 9);
      }),
    );
    expect(depthAtY(frame, -50)).toBe(TAPERED.heightM);
    expect(depthAtY(frame, 900)).toBe(0);
  });
});

describe("graduations", () => {
  test("numerals never stand closer than they may, and every mark is in range", () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.5, max: 60, noNaN: true }),
        fc.double({ min: 60, max: 500, noNaN: true }),
        (max, px) => {
          const ticks = graduations(max, (v) => (v / max) * px);
          const labelled = ticks.filter((t) => t.label !== null);
          expect(labelled.length).toBeGreaterThan(0);
          for (let i = 1; i < labelled.length; i++)
            expect(labelled[i]!.at - labelled[i - 1]!.at).toBeGreaterThanOrEqual(16.99);
          for (const tick of ticks) expect(tick.value).toBeLessThanOrEqual(max + 1e-6);
        },
      ),
    );
  });
});

describe("a heap of bones", () => {
  const frame = potFrame(TAPERED, BOX);
  const bones = heapOfBones(frame, 0.08, 0.036, 7);

  test("the same seed draws the same heap, another another", () => {
    expect(heapOfBones(frame, 0.08, 0.036, 7)).toEqual(bones);
    expect(heapOfBones(frame, 0.08, 0.036, 8)).not.toEqual(bones);
  });

  test("every bone lies between the floor and the heap's top", () => {
    expect(bones.length).toBeGreaterThan(6);
    const numbers = bones.flatMap((b) =>
      [...b.line.matchAll(/-?\d+(?:\.\d+)?,(-?\d+(?:\.\d+)?)/g)].map((m) => Number(m[1])),
    );
    expect(Math.min(...numbers)).toBeGreaterThan(yAt(frame, 0.08) - 4);
    expect(Math.max(...numbers)).toBeLessThan(frame.floorY + 4);
  });

  test("no piece sticks out through a wall or a rounded corner, however the pot tapers", () => {
    const corners = (path: string) =>
      [...path.matchAll(/(-?\d+(?:\.\d+)?),(-?\d+(?:\.\d+)?)/g)].map(
        (m) => [Number(m[1]), Number(m[2])] as const,
      );
    fc.assert(
      fc.property(
        fc.double({ min: 0.12, max: 0.4, noNaN: true }),
        fc.double({ min: 0.12, max: 0.4, noNaN: true }),
        fc.constantFrom("bones" as const, "dice" as const, "seeds" as const),
        fc.integer({ min: 1, max: 50 }),
        (bottomM, topM, pieces, seed) => {
          const pot = potFrame(
            { shape: "round", bottomM: [bottomM, bottomM], topM: [topM, topM], heightM: 0.15 },
            BOX,
          );
          for (const { line } of heapOfBones(pot, 0.1, 0.03, seed, pieces))
            for (const [x, y] of corners(line)) {
              expect(Math.abs(x - pot.centreX)).toBeLessThan(
                halfWidthAt(pot, (pot.floorY - y) / pot.pxPerM) + 0.2,
              );
              expect(y).toBeLessThan(pot.floorY + 0.2);
            }
        },
      ),
      { numRuns: 40 },
    );
    const [x] = withinWalls(frame, frame.centreX - 200, frame.floorY);
    expect(frame.centreX - x).toBeCloseTo(halfWidthAt(frame, 0) - 12, 6);
  });

  test("a bone's body lies within its line, and a thicker line leaves less of it", () => {
    const widest = (path: string) => {
      const xs = [...path.matchAll(/(-?\d+(?:\.\d+)?),/g)].map((m) => Number(m[1]));
      return Math.max(...xs) - Math.min(...xs);
    };
    const thick = heapOfBones(frame, 0.08, 0.036, 7, "bones", 3);
    for (const [i, { line, body, marrow }] of bones.entries()) {
      expect(widest(body)).toBeLessThan(widest(line));
      expect(widest(thick[i]!.body)).toBeLessThan(widest(body));
      if (marrow !== null) expect(widest(marrow.line)).toBeLessThan(widest(body));
    }
  });

  test("nothing in, nothing drawn", () => {
    expect(heapOfBones(frame, 0, 0.036, 7)).toEqual([]);
  });
});
