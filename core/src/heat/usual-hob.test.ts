import { expect, test } from "vitest";
import { RINGS, RING_KINDS } from "./ring-kinds";
import { RingSchema } from "./ring-schema";
import { MOST_RINGS, usualRings } from "./usual-hob";

const numbered = () => {
  let n = 0;
  return () => `ring-${++n}`;
};
const names = (count: number, measures: "metric" | "us" = "metric") =>
  usualRings("gas", count, measures, numbered()).map((r) => r.name);

test("a hob has what hobs of so many rings have, the biggest first", () => {
  expect(names(1)).toEqual(["Big ring"]);
  expect(names(2, "us")).toEqual(["Big burner", "Small burner"]);
  expect(names(4)).toEqual(["Big ring", "Middle ring", "Other middle ring", "Small ring"]);
});

test("each can be stored, under a name of its own, and none is stronger than a big one", () => {
  for (const kind of RING_KINDS)
    for (let count = 1; count <= MOST_RINGS; count++) {
      const rings = usualRings(kind, count, "us", numbered());
      expect(rings).toHaveLength(count);
      expect(new Set(rings.map((r) => r.name)).size).toBe(count);
      expect(rings.map((r) => RingSchema.parse(r))).toEqual(rings);
      const powers = rings.map((r) => r.powerW);
      expect(powers).toEqual([...powers].sort((a, b) => b - a));
      expect(powers[0]).toBe(RINGS[kind].usualW);
    }
});
