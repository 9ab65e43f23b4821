import { expect, test } from "vitest";
import { testKitchen } from "../../test/kitchen";
import { lessonKitchen } from "../instruments/lessons/lesson-kitchen";
import { LESSONS } from "../instruments/lessons/lessons";
import { PlanItemSchema, PlanSchema } from "./plan-schema";
import { usualItem, usualPlan, type GivenPlan } from "./usual-plan";

const least: GivenPlan = {
  ...{ id: "p", name: "Broth", vesselId: "tall", ringId: "left" },
  items: [{ id: "a", ingredientId: "lambNeck", massKg: 1, when: { at: "start" } }],
  water: { by: "amount", volumeL: 2 },
  heat: { method: "hob", vigour: "gentle", lid: "ajar", boilFirstMin: null },
  stop: { by: "time", holdMin: 60 },
};

test("what is usual is what the schema fills in", () => {
  const plan = usualPlan(least);
  expect(PlanSchema.parse({ schemaVersion: plan.schemaVersion, ...least })).toEqual(plan);
  for (const item of least.items) expect(PlanItemSchema.parse(item)).toEqual(usualItem(item));
});

test("what is stored without them goes by these values: another one would make another plan of it", () => {
  expect(usualPlan(least)).toMatchObject({
    ...{ feeds: "people", kind: null, end: "strained", serves: null, readyAt: null },
    ...{ saltWantedGKg: null, thickWantedGL: null, pieceM: 0.03, fat: "liftCold", prepareMin: 15 },
    strain: { when: "afterPause", pressed: false, clothPasses: 0 },
    items: [{ preparation: "", boneState: "raw", frozen: false, boiledMin: 0, work: [] }],
  });
});

test("what is said stands, of the plan and of what goes in", () => {
  const [item] = least.items;
  const plan = usualPlan({
    ...least,
    ...{ feeds: "animals", prepareMin: 0, diets: ["vegetarian"] },
    items: item === undefined ? [] : [{ ...item, frozen: true, boneState: "roasted" }],
  });
  expect(plan).toMatchObject({ feeds: "animals", prepareMin: 0, diets: ["vegetarian"] });
  expect(plan.items[0]).toMatchObject({ frozen: true, boneState: "roasted", boiledMin: 0 });
});

test("no two plans share a list that one of them could be changed by", () => {
  const [one, other] = [usualPlan(least), usualPlan(least)];
  expect(one.then).not.toBe(other.then);
  expect(one.strain).not.toBe(other.strain);
  expect(one.items[0]?.work).not.toBe(other.items[0]?.work);
});

test("the plans of the lessons are whole by the schema", () => {
  for (const lesson of Object.values(LESSONS)) {
    const plan = lesson.plan(lessonKitchen(testKitchen()), "one");
    expect(PlanSchema.parse(plan)).toEqual(plan);
  }
});
