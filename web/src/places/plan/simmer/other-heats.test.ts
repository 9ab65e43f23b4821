import { convertDish } from "@kettlos/core/because/converted";
import type { PieceShape } from "@kettlos/core/heat/piece-schema";
import { resolve } from "@kettlos/core/simulate/set-pot";
import type { Plan } from "@kettlos/core/simulate/plan-schema";
import { expect, test } from "vitest";
import { planOf, sample } from "../../../../test/pot";
import { otherHeats } from "./other-heats";

const braise = planOf("plan-braise");
const of = (plan: Plan, kitchen = sample.kitchen) =>
  otherHeats(convertDish(resolve(plan, kitchen), [], ["low"]).converted.answers, kitchen);

test("a braise goes on what else the kitchen has, each with its time, not on what it is on", () => {
  const others = of(braise);
  expect(others.map((o) => o.key)).toEqual(["hob", "slowCooker", "pressure"]);
  expect(others[0]?.said).toMatch(/^\d h/);
  expect(others[1]?.said).toMatch(/^LOW \d+ h/);
  expect(others[2]?.said).toMatch(/and release$/);
  for (const { plan, key } of others) {
    expect(plan.heat.method).toBe(key);
    expect(plan.items.map((i) => i.massKg)).toEqual(braise.items.map((i) => i.massKg));
  }
});

test("what the kitchen lacks is not offered, though it might be bought", () => {
  const vessels = sample.kitchen.vessels.filter((v) => v.kind !== "slowCooker");
  expect(of(braise, { ...sample.kitchen, vessels }).map((o) => o.key)).toEqual(["hob", "pressure"]);
});

test("what must not be cooked so is told on its own screen, and has no tap here", () => {
  const joint: PieceShape = { kind: "brick", sizeM: [0.12, 0.16, 0.2] };
  const items = braise.items.map((i) =>
    i.ingredientId === "goatShoulder" ? { ...i, piece: joint } : i,
  );
  expect(of({ ...braise, items }).map((o) => o.key)).not.toContain("slowCooker");
});
