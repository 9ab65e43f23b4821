import { resolve } from "../simulate/set-pot";
import { describe, expect, test } from "vitest";
import { testKitchen, testPlan } from "../../test/kitchen";
import { petHazardsOf, unreadIn } from "../simulate/item-facts";
import { PlanItemSchema } from "../simulate/plan-schema";
import { simulate } from "../simulate/simulate";
import { allergensOf } from "./diets";
import { dishOf } from "./dish-of";
import { shoppingList } from "./shopping";
import { swapped } from "./swapped";
import { takeOuts } from "./take-out";

const own = PlanItemSchema.parse({
  id: "r",
  ingredientId: "carrot",
  called: "mountain root",
  isOwn: true,
  takeOut: "stalk",
  massKg: 0.5,
  when: { at: "start" },
});
const kitchen = testKitchen();
const plan = testPlan({ end: "served", diets: ["glutenFree"], items: [own] });

describe("an ingredient of the kitchen's own", () => {
  test("cooks like what it is most like, and is known by its own name", () => {
    const like = {
      ...plan,
      items: [{ ...own, called: undefined, isOwn: undefined }],
    } as typeof plan;
    const trace = simulate(resolve(plan, kitchen), { waterKg: 3 });
    expect(trace.endLiquidL).toBe(simulate(resolve(like, kitchen), { waterKg: 3 }).endLiquidL);
    expect(takeOuts(plan).map((t) => t.what)).toEqual(["1 stalk"]);
    const list = shoppingList(
      [
        plan,
        {
          ...plan,
          items: [{ ...own, id: "c", called: undefined, isOwn: undefined } as typeof own],
        },
      ],
      kitchen,
    );
    expect(list.lines.map((l) => l.name).toSorted()).toEqual(["Carrot", "mountain root"]);
  });

  test("until its label is read nobody says whom it suits: not an eater, not an animal", () => {
    expect(unreadIn(own)).toEqual(["own: mountain root"]);
    const { conflicts } = dishOf(
      resolve(plan, kitchen),
      simulate(resolve(plan, kitchen), { waterKg: 3 }),
    );
    expect(conflicts.map((c) => c.text)).toEqual([
      "mountain root is not known to be gluten-free: read its label.",
    ]);
    expect(petHazardsOf(own).map((h) => h.name)).toEqual(["mountain root"]);
    const read = { ...own, label: { allergens: ["celery" as const] } };
    expect(unreadIn(read)).toEqual([]);
    expect(petHazardsOf(read)).toEqual([]);
    expect(allergensOf({ ...plan, items: [read] })).toEqual(["celery"]);
  });

  test("another in its place is no longer it", () => {
    expect(swapped(own, "parsnip", 0.5)).not.toHaveProperty("called");
    expect(swapped(own, "parsnip", 0.5)).not.toHaveProperty("isOwn");
  });
});
