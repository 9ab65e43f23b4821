import { SCHEMA_VERSION } from "@kettlos/core/simulate/schema-version";
import { shoppingList } from "@kettlos/core/dish/shopping";
import { KitchenSchema } from "@kettlos/core/simulate/kitchen-schema";
import { PlanSchema } from "@kettlos/core/simulate/plan-schema";
import Papa from "papaparse";
import { describe, expect, test } from "vitest";
import { bramholtKitchen } from "../../sample/kitchen";
import { listCsv, listText } from "./list-formats";

const kitchen = KitchenSchema.parse({
  ...bramholtKitchen(),
  onHand: [],
  prices: [{ ingredientId: "carrot", perKg: 2 }],
});
const plan = PlanSchema.parse({
  schemaVersion: SCHEMA_VERSION,
  id: "p",
  name: '=HYPERLINK("x")',
  vesselId: "tall",
  ringId: "ring1",
  items: [
    {
      id: "a",
      ingredientId: "lambNeck",
      massKg: 2.2,
      when: { at: "start" },
      preparation: "chopped",
    },
    { id: "b", ingredientId: "carrot", massKg: 0.5, when: { at: "start" } },
    { id: "c", ingredientId: "cannedTomato", massKg: 0.5, when: { at: "start" } },
  ],
  water: { by: "cover" },
  heat: { method: "hob", vigour: "gentle", lid: "ajar", boilFirstMin: null },
  stop: { by: "time", holdMin: 60 },
});
const list = shoppingList([plan], kitchen);

describe("the shopping list", () => {
  test("as text: by counter, with how the butcher cuts it and the packs", () => {
    expect(listText(list, "metric")).toBe(
      "Butcher\n- 2.2 kg lamb neck, chopped\n\nVegetables and herbs\n- 500 mL canned tomato (1 pack)\n- 500 g carrot\n",
    );
  });

  test("as CSV: read back it has every line; a name that looks like a formula is defused", () => {
    const { data } = Papa.parse<Record<string, string>>(listCsv(list).trim(), { header: true });
    expect(data.map((d) => [d["name"], d["buyKg"], d["packs"], d["cost"]])).toEqual([
      ["Lamb neck", "2.2", "", ""],
      ["Canned tomato", "0.5", "1", ""],
      ["Carrot", "0.5", "", "1.00"],
    ]);
    expect(data[0]?.["for"]?.startsWith("=")).toBe(false);
  });
});
