import { expect, test } from "vitest";
import { testKitchen, testPlan } from "../../test/kitchen";
import { judgingOf } from "./judging";
import { resolve } from "./set-pot";

const acid = testPlan({
  end: "served",
  items: [
    { id: "beans", ingredientId: "chickpea", massKg: 0.4, when: { at: "start" } },
    { id: "tomato", ingredientId: "cannedTomato", massKg: 0.8, when: { at: "start" } },
  ],
});

test("what judges a pot is what it was for as much liquid, and worked out anew for another amount", () => {
  const setPot = resolve(acid, testKitchen());
  const little = judgingOf(setPot, 1);
  expect(judgingOf(setPot, 1)).toBe(little);
  const much = judgingOf(setPot, 6);
  // Thinned so far, the tomatoes slow the beans no more.
  expect(little.judged.get("beans")?.isSlowed).toBe(true);
  expect(much.judged.get("beans")?.isSlowed).toBe(false);
  expect(judgingOf(setPot, 1)).toEqual(little);
  expect(much.ruledBy).toBe("beans");
});

test("another plan is judged by itself, however alike", () => {
  const kitchen = testKitchen();
  const stock = judgingOf(resolve({ ...acid, end: "strained" }, kitchen), 1);
  expect(stock.ruledBy).toBeNull();
  expect(judgingOf(resolve(acid, kitchen), 1).ruledBy).toBe("beans");
});
