import { describe, expect, test } from "vitest";
import { bramholtKitchen } from "../sample/kitchen";
import { bramholtPlans } from "../sample/plans";
import { kitchenChange } from "./kitchen-change";
import { planChange } from "./plan-change";

const [plan] = Object.values(bramholtPlans());
if (plan === undefined) throw new Error("no sample plan");
const [first, second] = plan.items;
if (first === undefined || second === undefined) throw new Error("nothing in it");

describe("what was changed, in a few words", () => {
  test.each([
    [
      "an amount",
      { items: [{ ...first, massKg: 8 }, ...plan.items.slice(1)] },
      /lamb neck to 8\.0 kg/,
    ],
    ["something more", { items: [...plan.items, { ...second, id: "x", massKg: 0.5 }] }, /^500 g /],
    ["something less", { items: plan.items.slice(1) }, /lamb neck taken out/],
    ["the order", { items: plan.items.toReversed() }, /the order/],
    [
      "its moment",
      { items: [{ ...first, when: { at: "offHeat" as const } }, ...plan.items.slice(1)] },
      /when the lamb neck goes in/,
    ],
    ["the time", { stop: { by: "time" as const, holdMin: 95 } }, /1 h 35/],
    [
      "pot and ring and water",
      { vesselId: "a", ringId: "b", water: { by: "cover" as const } },
      /the pot, the ring and more/,
    ],
  ])("%s", (_what, part, said) => {
    expect(planChange(plan, { ...plan, ...part }, "metric")).toMatch(said);
  });

  test("of the kitchen", () => {
    const kitchen = bramholtKitchen();
    const [pot, ...rest] = kitchen.vessels;
    expect(kitchenChange(kitchen, { ...kitchen, vessels: rest })).toBe(
      `${pot?.name.toLowerCase() ?? ""} taken out`,
    );
    expect(kitchenChange(kitchen, { ...kitchen, altitudeM: 0 })).toBe("its altitude");
  });
});
