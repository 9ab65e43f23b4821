import { resolve } from "../simulate/set-pot";
import { describe, expect, test } from "vitest";
import { HEATS, testBraise, testKitchen, testPlan } from "../../test/kitchen";
import type { Plan } from "../simulate/plan-schema";
import { inWords } from "../units/said";
import { answersFor } from "./answers";
import { standIn } from "./stand-in";
import { faultOf, waysOut } from "./ways-out";

const kitchen = testKitchen();
const noon = () => 12;
const plan = (over: object): Plan => testPlan(over as never);
const braise = (over: object): Plan => testBraise(over as never);
const START = { at: "start" } as const;

/** Ten ways to make a plan impossible. */
const IMPOSSIBLE: readonly (readonly [string, () => Plan])[] = [
  ["overfull", () => plan({ water: { by: "amount", volumeL: 20 } })],
  [
    "heaped over the rim",
    () => plan({ items: [{ id: "n", ingredientId: "chickenFrame", massKg: 9, when: START }] }),
  ],
  ["drier than dry", () => plan({ water: { by: "amount", volumeL: 0.3 } })],
  [
    "nothing to be tender",
    () =>
      plan({
        stop: { by: "tender" },
        items: [{ id: "w", ingredientId: "bayLeaf", massKg: 0.001, when: START }],
      }),
  ],
  [
    "nothing to be tender, and no water by weight of nothing",
    () =>
      plan({
        stop: { by: "tender" },
        water: { by: "ratio", waterPerBone: 2 },
        items: [{ id: "w", ingredientId: "bayLeaf", massKg: 0.001, when: START }],
      }),
  ],
  ["no such pot", () => plan({ vesselId: "gone" })],
  ["no such ring", () => plan({ ringId: "gone" })],
  ["an oven hotter than it goes", () => braise({ heat: { ...HEATS.oven, ovenC: 350 } })],
  ["a pot that does not go into the cooker's place", () => plan({ heat: HEATS.pressure })],
  [
    "never down that far",
    () =>
      plan({
        stop: { by: "liquid", liquidL: 0.5 },
        heat: { method: "hob", vigour: "bare", lid: "on", boilFirstMin: null },
      }),
  ],
  [
    "a later stretch that never comes to its end",
    () =>
      plan({
        then: [
          {
            id: "later",
            heat: { method: "hob", vigour: "bare", lid: "on", boilFirstMin: null },
            stop: { by: "liquid", liquidL: 0.3 },
          },
        ],
      }),
  ],
  [
    "then into an oven that is gone",
    () =>
      braise({
        then: [
          {
            id: "later",
            heat: { ...HEATS.oven, ovenId: "gone" },
            stop: { by: "time", holdMin: 30 },
          },
        ],
      }),
  ],
  [
    "waiting for itself",
    () =>
      plan({
        items: [
          { id: "a", ingredientId: "lambNeck", massKg: 2, when: START },
          { id: "b", ingredientId: "carrot", massKg: 0.2, when: { at: "whenTender", itemId: "c" } },
          { id: "c", ingredientId: "onion", massKg: 0.2, when: { at: "whenTender", itemId: "b" } },
        ],
      }),
  ],
  [
    "a crock that never gets warm in time",
    () =>
      braise({
        vesselId: "crock",
        heat: HEATS.low,
        water: { by: "amount", volumeL: 2 },
        items: [
          {
            id: "m",
            ingredientId: "muttonShoulder",
            massKg: 1.8,
            when: START,
            piece: { kind: "brick", sizeM: [0.16, 0.16, 0.16] },
          },
        ],
      }),
  ],
];

describe("an impossible plan", () => {
  test.each(IMPOSSIBLE)(
    "%s: is drawn, says what stands in the way, and each way offered leads out",
    (_what, made) => {
      const impossible = made();
      expect(faultOf(answersFor(resolve(impossible, kitchen), noon))).not.toBeNull();
      const drawn = standIn(resolve(impossible, kitchen), noon);
      expect(drawn?.answers.trace.points.length).toBeGreaterThan(0);
      const ways = waysOut(resolve(impossible, kitchen), noon);
      expect(ways.length).toBeGreaterThan(0);
      const dangers = (p: Plan) => {
        const outcome = answersFor(resolve(p, kitchen), noon);
        return outcome.ok
          ? outcome.value.cautions.filter((c) => c.severity === "danger").map((c) => c.id)
          : [];
      };
      const already = new Set(dangers(drawn?.plan ?? impossible));
      for (const way of ways) {
        expect(
          dangers(way.plan).filter((d) => !already.has(d)),
          inWords(way.said, "metric"),
        ).toEqual([]);
        expect(
          faultOf(answersFor(resolve(way.plan, kitchen), noon)),
          inWords(way.said, "metric"),
        ).toBeNull();
        expect(way.plan.id).toBe(impossible.id);
        expect(inWords(way.said, "us")).not.toMatch(/°C|\bL\b|\bmL\b/);
      }
    },
  );

  test("a plan that works has no way out of anything", () => {
    expect(waysOut(resolve(testPlan(), kitchen), noon)).toEqual([]);
  });
  test("without any pot nothing is drawn", () => {
    expect(standIn(resolve(testPlan(), { ...kitchen, vessels: [] }), noon)).toBeNull();
  });
});

test("too much water puts only the water aside, a gone oven what follows on the heat", () => {
  const later = (ovenId: string) => ({
    id: "later",
    heat: { ...HEATS.oven, ovenId },
    stop: { by: "time", holdMin: 30 },
  });
  const full = standIn(
    resolve(braise({ water: { by: "amount", volumeL: 90 }, then: [later("oven")] }), kitchen),
    noon,
  );
  expect(full?.plan.then).toHaveLength(1);
  const gone = standIn(resolve(braise({ then: [later("gone")] }), kitchen), noon);
  expect(gone?.plan.then).toEqual([]);
  expect(gone?.plan.heat).toEqual(braise({}).heat);
});
