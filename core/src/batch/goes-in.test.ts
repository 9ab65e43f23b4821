import { describe, expect, test } from "vitest";
import { testBraise } from "../../test/kitchen";
import { PlanItemSchema } from "../simulate/plan-schema";
import { inWords } from "../units/said";
import { goesInAs, goesInHow } from "./goes-in";

const item = (ingredientId: string, massKg: number, at: string, more: object = {}) =>
  PlanItemSchema.parse({
    id: ingredientId,
    ingredientId,
    massKg,
    when: at === "beforeEnd" ? { at, min: 10 } : { at },
    ...more,
  });
const said = (...of: Parameters<typeof item>) => inWords(goesInAs(item(...of)), "metric");

describe("how something goes in", () => {
  test("a starch is stirred into a part of it, ladled out and cooled: as much as it takes", () => {
    expect(said("flour", 0.04, "beforeEnd")).toBe(
      "ladle out 200 mL, let it cool until you can dip a finger in, stir the starch into it without lumps, pour it back stirring; it binds as it simmers",
    );
    expect(said("cornStarch", 0.002, "beforeEnd")).toMatch(/^ladle out 50 mL/);
    expect(said("potatoStarch", 0.08, "beforeEnd")).toMatch(/^ladle out 350 mL/);
    expect(inWords(goesInAs(item("flour", 0.04, "beforeEnd")), "us")).not.toMatch(/mL/);
  });

  test("off the heat a starch does not bind, and that is said", () => {
    expect(said("flour", 0.04, "offHeat")).toMatch(/back to a simmer for 2 min: .* does not bind$/);
  });

  test("a roux is thinned, egg and cream are brought up to the pot's heat; at the start nothing is", () => {
    expect(said("flour", 0.04, "beforeEnd", { work: [{ kind: "roux" }] })).toMatch(
      /^thin the roux/,
    );
    expect(said("eggYolk", 0.06, "offHeat")).toMatch(/^whisk 200 mL of the hot liquid/);
    expect(said("cream", 0.2, "offHeat")).toMatch(/^warm it with 100 mL/);
    expect(said("gelatinPowder", 0.01, "offHeat")).toMatch(/10 min to swell/);
    for (const id of ["flour", "cream", "eggYolk"]) expect(said(id, 0.04, "start")).toBe("");
    expect(said("parsley", 0.04, "offHeat")).toBe("");
  });

  test("hot or frozen comes first; of several each says its own, with how it is prepared", () => {
    expect(said("cream", 0.2, "offHeat", { hotC: 60 })).toMatch(/^hot, at 60 °C; warm it/);
    const [meat] = testBraise().items;
    const all = [
      { ...meat!, preparation: "diced", frozen: true },
      item("flour", 0.04, "beforeEnd"),
    ];
    expect(inWords(goesInHow(all), "metric")).toMatch(/^diced; still frozen; ladle out 200 mL/);
    expect(goesInHow([])).toBe("");
  });
});
