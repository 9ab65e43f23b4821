import { writeKettlosFile } from "@kettlos/core/formats/kettlos-json";
import { planFile } from "@kettlos/core/formats/plan-file";
import { writeRecipeJsonLd } from "@kettlos/core/formats/recipe/write-json-ld";
import { expect, test } from "vitest";
import { answersOf } from "../../test/planned";
import { planOf, sample } from "../../test/pot";
import { whatIs } from "./what-is";

const lamb = planOf("plan-lamb");

test("what Kettlos writes is known again: files, recipes, links", () => {
  const file = planFile(lamb, sample.kitchen, "2026-03-18T08:00:00Z");
  expect(whatIs(writeKettlosFile(file))).toEqual({ kind: "file" });
  expect(whatIs(JSON.stringify(file, null, 2))).toEqual({ kind: "file" });
  const { trace, waterL } = answersOf(lamb);
  expect(whatIs(writeRecipeJsonLd(lamb, trace, waterL))).toEqual({ kind: "recipe" });
  expect(whatIs(" https://hut.example/given#a-b_9\n")).toEqual({
    kind: "link",
    path: "/given#a-b_9",
  });
});

test("a recipe is lines with an amount among them; other texts are left alone", () => {
  expect(whatIs("Beef stew\n1 kg shin\n2 onions\n\nSimmer 3 h.")).toEqual({ kind: "recipe" });
  expect(whatIs("Stock\n- ½ cup barley\nbones")).toEqual({ kind: "recipe" });
  for (const text of [
    "",
    "lamb neck",
    "call the butcher\nand the miller\nabout Thursday",
    '{"a": 1,\n"b": 2,\n"c": 3}',
    "https://hut.example/plan/2",
  ])
    expect(whatIs(text), text).toBeNull();
});
