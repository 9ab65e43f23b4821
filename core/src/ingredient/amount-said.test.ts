import { expect, test } from "vitest";
import { inWords } from "../units/said";
import { amountSaid } from "./amount-said";
import { ingredientById } from "./catalogue";

const amount = (id: string, massKg: number, counted?: { count: number; word: string }) =>
  (["metric", "us"] as const).map((system) =>
    inWords(
      amountSaid(ingredientById(id), {
        massKg,
        counted: counted === undefined ? undefined : { ...counted, eachKg: massKg / counted.count },
      }),
      system,
    ),
  );

test.each([
  ["lambNeck", 2.4, "2.4 kg", "5 lb 5 oz"],
  ["redWine", 0.25, "250 mL", "1 cup"],
  ["peppercorn", 0.0025, "2.5 g", "1 tsp"],
  ["tableSalt", 0.012, "12 g", "2 tsp"],
  // More than half an ounce is weighed.
  ["tableSalt", 0.03, "30 g", "1 oz"],
  ["juniper", 0.0015, "1.5 g", "10 berries"],
  ["bayLeaf", 0.0003, "0.3 g", "1 leaf"],
  // Nothing says what a spoon of it weighs: by the scale.
  ["caraway", 0.0071, "7 g", "¼ oz"],
])("%s, %d kg", (id, massKg, metric, us) => expect(amount(id, massKg)).toEqual([metric, us]));

test("what was counted is said so, not counted anew", () => {
  expect(amount("bayLeaf", 0.0009, { count: 2, word: "bay leaf" })).toEqual([
    "0.9 g",
    "2 bay leaves",
  ]);
  expect(amount("thyme", 0.004, { count: 4, word: "sprig" })[1]).toBe("4 sprigs");
});
