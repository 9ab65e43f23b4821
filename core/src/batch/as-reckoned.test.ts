import { asPlanned } from "../simulate/as-planned";
import { resolve } from "../simulate/set-pot";
import { describe, expect, test } from "vitest";
import { testBraise, testKitchen, testPlan } from "../../test/kitchen";
import { eatenOf } from "../dish/eaten";
import type { Plan } from "../simulate/plan-schema";
import { COLD_DENSITY_KG_L } from "../water/properties";
import { asReckoned, solidsToKeepKg } from "./as-reckoned";

const kitchen = testKitchen();
const worked = (plan: Plan) => {
  const trace = asPlanned(resolve(plan, kitchen)).trace;
  return [plan, trace, eatenOf(plan, trace)] as const;
};
const stock = worked(
  testPlan({
    items: [
      ...testPlan().items,
      { id: "meat", ingredientId: "beefChuck", massKg: 0.6, when: { at: "start" } },
      { id: "bay", ingredientId: "bayLeaf", massKg: 0.01, when: { at: "start" } },
    ],
  }),
);
const dish = worked(testBraise({ end: "served" }));

describe("what came out where nobody measured", () => {
  test("without a forecast it is as planned", () => {
    expect(asReckoned(...stock, null)).toEqual({ volumeL: stock[1].strained.volumeL });
    expect(asReckoned(...dish, null)).toMatchObject({ servedKg: dish[2].allKg });
  });

  test("with one it is by so much liquid more or less, and the solids stay", () => {
    const endL = stock[1].strained.volumeL - 0.4;
    expect(asReckoned(...stock, endL)).toEqual({ volumeL: expect.closeTo(endL, 9) as number });
    const got = asReckoned(...dish, dish[1].strained.volumeL + 0.3);
    if (!("servedKg" in got)) throw new Error("not served");
    expect(got.servedKg - dish[2].allKg).toBeCloseTo(0.3 * COLD_DENSITY_KG_L, 9);
    expect(got.servedKg - got.massKg).toBeCloseTo(dish[2].solidsKg, 9);
  });
});

test("of a dish all its solids can be kept apart, of a stock what is no bone and no spice", () => {
  expect(solidsToKeepKg(...dish)).toBe(dish[2].solidsKg);
  const [plan, trace] = stock;
  const end = (id: string) => trace.items.find((i) => i.itemId === id)?.endKg ?? NaN;
  const vegetables = plan.items.filter((i) => ["onion", "carrot"].includes(i.ingredientId));
  expect(solidsToKeepKg(...stock)).toBeCloseTo(
    vegetables.reduce((sum, i) => sum + end(i.id), end("meat")),
    9,
  );
});
