import { describe, expect, test } from "vitest";
import { draftLine } from "./draft-line";
import { readHeat } from "./read-heat";

/** What a line is taken for without asking; "asked" where it is asked. */
const ofRecipe = (text: string) => {
  const { ingredientId, massKg, doubts } = draftLine(text, "x");
  return doubts.length > 0 ? "asked" : [ingredientId, massKg];
};

describe("another animal, part, state or product is never taken for one", () => {
  test.each([
    ["2 kg beef soup bones", ["beefBones"]],
    ["400 g dried butter beans", ["butterBean"]],
    ["200 g chicken livers", ["poultryLiver"]],
    ["500 g turkey neck", ["poultryNecks"]],
    ["500 g minced pork", ["mincedPork"]],
    ["50 g birch sugar", []],
    ["1 cup corn", ["sweetcorn"]],
    ["1/2 cup rice wine", ["riceWine"]],
    ["1 tsp lemon zest", ["lemonZest"]],
    ["1 packet onion soup mix", ["onionSoupMix"]],
    ["1 cup clam liquor", ["shellfishLiquor"]],
    ["1 l homemade stock", ["houseStock"]],
    ["250 g duck neck", ["poultryNecks"]],
    ["300 g coconut sugar", []],
    ["1 cup almond milk", []],
    ["2 tbsp onion powder", ["onionPowder"]],
    ["200 g smoked trout", ["smokedFish"]],
    ["3 tbsp tomato paste", ["tomatoPaste"]],
  ] as const)("%s", (text, right) => {
    const read = ofRecipe(text);
    expect(read === "asked" || right.some((id) => id === read[0]), JSON.stringify(read)).toBe(true);
  });

  test.each([
    ["1 kg ground beef", "mincedBeef", 1],
    ["2 cloves minced garlic", "garlic", 0.01],
    ["1 tsp ground cumin", "cumin", 0.0025],
    ["1 kg beef cheeks", "beefCheek", 1],
    ["2 medium onions", "onion", 0.3],
    ["1 head of garlic", "garlic", 0.045],
    ["1 stick butter (113 g)", "butter", 0.113],
    ["1/2 tsp (2 g) salt", "tableSalt", 0.002],
    ["250 g duck neck", "poultryNecks", 0.25],
  ])("%s is plain", (text, id, kg) => {
    const read = ofRecipe(text);
    expect(read).not.toBe("asked");
    expect(read[0]).toBe(id);
    expect(Number(read[1])).toBeCloseTo(kg, 3);
  });

  test("two sizes in one line are asked about, not one of them taken", () => {
    expect(ofRecipe("1 medium and 2 tiny onions")).toBe("asked");
  });
});

describe("the time of a recipe", () => {
  const hold = (...steps: string[]) => readHeat(steps);
  test.each([
    ["Simmer for 1 1/2 hours.", 90],
    ["Simmer 1/2 hour.", 30],
    ["Braise for 3/4 hour in the oven at 150 C.", 45],
    ["Simmer for 1 hour 30 minutes.", 90],
    ["Cook on the hob 2 h 30.", 150],
    ["Simmer for an hour and a half.", 90],
    ["Simmer 4 1/2 hours.", 270],
    ["Simmer 1.5 hours. Rest 20 minutes.", 90],
  ])("%s", (step, min) => {
    expect(hold(step)).toMatchObject({ hold: min });
  });

  test("on top of it, beside it, and by itself", () => {
    expect(hold("Simmer for 2 hours.", "Add the carrots and simmer 1 more hour.").hold).toBe(180);
    expect(hold("Brown the meat for 20 minutes.", "Simmer 2 hours, then rest 4 hours.").hold).toBe(
      120,
    );
    expect(hold("Bake at 300F for 3 to 4 hours.")).toMatchObject({ method: "oven", hold: null });
    expect(hold("Bake at 300F for 3 to 4 hours.").ovenC).toBeCloseTo(148.9, 1);
    const range = hold("Simmer 2 1/2 to 3 hours.").doubts.find((d) => d.id === "hold");
    expect(range?.question).toBe("It says 2 h 30 to 3 h. How long?");
  });

  test.each([
    ["Cover and simmer for 2 hours. Uncover and simmer 30 minutes more.", 150, "on", 30],
    ["Cover and bake at 150 C for 2 hours, then uncovered for 30 minutes.", 150, "on", 30],
    ["Simmer, lid ajar, for 3 hours. Remove the lid for the last 45 minutes.", 180, "ajar", 45],
    ["Simmer uncovered for 3 hours.", 180, "off", null],
    ["Simmer, covered, for 3 hours.", 180, "on", null],
    // What is boiled down after the sieve is no end of the pot.
    ["Simmer, covered, 3 hours. Strain. Simmer uncovered 20 minutes more.", 200, "on", null],
  ] as const)("uncovered at its end: %s", (step, min, lid, openMin) => {
    expect(hold(step)).toMatchObject({ hold: min, lid, openMin });
  });

  test.each([
    ["Cover the veal with cold water. Simmer for 1 hour.", null, true],
    ["Bones barely covered by 2 cm of stock. Simmer 1 hour.", null, false],
    ["Cover with the lid. Simmer 1 hour.", "on", false],
    ["Cover and cook in the oven at 150 C for 2 hours.", "on", false],
    ["Simmer, covered, for 1 hour.", "on", false],
  ] as const)("water that covers is no lid: %s", (step, lid, isCovered) => {
    expect(hold(step)).toMatchObject({ lid, isCovered, vigour: null });
  });

  test("degrees without a measure are asked about where either could be meant", () => {
    const asked = (step: string) => hold(step).doubts.map((d) => d.id);
    expect(hold("Bake at 300 degrees for 2 hours.").ovenC).toBeCloseTo(148.9, 1);
    expect(hold("Bake at 150 degrees for 2 hours.").ovenC).toBe(150);
    expect(hold("Bake at 225 degrees for 2 hours.").ovenC).toBeNull();
    expect(asked("Bake at 225 degrees for 2 hours.")).toEqual(["degrees"]);
    expect(hold("Simmer at 90 C for 2 hours.").method).toBe("hob");
  });

  test("LOW or HIGH is asked where nobody says it", () => {
    const said = hold("Cook in the slow cooker for 6 hours.");
    expect(said.crockSetting).toBeNull();
    expect(said.doubts.map((d) => d.id)).toEqual(["setting"]);
  });

  test("a slow cooker's two settings are both offered", () => {
    const doubt = hold("Cook in the slow cooker, low 8 or high 5 hours.").doubts.find(
      (d) => d.id === "hold",
    );
    expect(doubt?.choices.map((c) => c.set)).toEqual([
      { crockSetting: "low", hold: 480 },
      { crockSetting: "high", hold: 300 },
    ]);
  });
});
