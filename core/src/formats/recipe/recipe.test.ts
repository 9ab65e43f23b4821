import { resolve } from "../../simulate/set-pot";
import { boilDownOf } from "./read-boil-down";
import fc from "fast-check";
import { describe, expect, test } from "vitest";
import { testKitchen, testPlan } from "../../../test/kitchen";
import { CATALOGUE, ingredientById } from "../../ingredient/catalogue";
import type { Plan, When } from "../../simulate/plan-schema";
import { simulate } from "../../simulate/simulate";
import type { RecipeDraft } from "./draft";
import { firstChoices } from "./first-choices";
import { looksLikeJson, readRecipeJsonLd } from "./json-ld";
import { draftLine } from "./draft-line";
import { matchIngredient } from "../../ingredient/match-ingredient";
import { planOfDraft } from "./plan-of-draft";
import { leave, readRecipeText, settle } from "./read-recipe";
import { writeRecipeJsonLd } from "./write-json-ld";

const TEXT = `Mountain goat stew
Serves 4-6

Ingredients
1.2 kg goat shoulder, in 4 cm dice
2 large onions, chopped
2-3 carrots
1 (14 oz) can kidney beans
400 g kidney beans
1 glass red wine
8 oz stock
2 bay leaves
a pinch of nutmeg
salt and pepper to taste
1 tsp dragon root

Method
1. Brown the goat. Add the onions and cook for 10 minutes.
2. Pour in wine and stock. Simmer for 2 to 3 hours until tender.
3. Add the carrots for the last 30 minutes. Sprinkle with parsley.`;

const line = (draft: RecipeDraft, start: string) => {
  const found = draft.lines.find((l) => l.text.startsWith(start));
  if (found === undefined) throw new Error(`no line ${start}`);
  return found;
};
const asked = (draft: RecipeDraft, start: string) => line(draft, start).doubts.map((d) => d.id);
describe("a pasted recipe", () => {
  const draft = readRecipeText(TEXT);
  test("what is plain is read", () => {
    expect(draft.name).toBe("Mountain goat stew");
    expect(draft.method).toBe("hob");
    expect(line(draft, "1.2 kg")).toMatchObject({
      ingredientId: "goatShoulder",
      massKg: 1.2,
      doubts: [],
    });
    expect(line(draft, "2 large")).toMatchObject({ ingredientId: "onion", massKg: 0.46 });
    expect(line(draft, "1 glass").massKg).toBeCloseTo(0.15, 9);
    expect(line(draft, "a pinch").massKg).toBeCloseTo(0.0004, 9);
    expect(line(draft, "2 bay").massKg).toBeCloseTo(0.0006, 9);
  });
  test("what is open is asked: people, time, ranges, ounces, cans, no amount, the unknown", () => {
    expect(draft.people).toBeNull();
    expect(draft.doubts.map((d) => d.id)).toEqual(["people", "hold"]);
    expect(asked(draft, "2-3")).toEqual(["amount"]);
    expect(line(draft, "2-3").when).toEqual({ at: "beforeEnd", min: 30 });
    expect(asked(draft, "1 (14 oz)")).toContain("amount");
    expect(asked(draft, "400 g kidney")).toEqual(["ingredient"]);
    expect(asked(draft, "8 oz")).toEqual(["amount"]);
    expect(draft.lines.filter((l) => l.isToTaste).map((l) => l.ingredientId)).toEqual([
      "tableSalt",
      "peppercorn",
    ]);
    expect(asked(draft, "1 tsp dragon")).toEqual(["ingredient"]);
    expect(line(draft, "1 tsp dragon").ingredientId).toBeNull();
  });
  test("what is fried before the pot simmers is in it from the start, unasked", () => {
    expect(asked(draft, "2 large")).toEqual([]);
  });
  test("choosing the ingredient reads its amount", () => {
    const choice = line(draft, "400 g kidney").doubts[0]?.choices.find((c) =>
      c.label.includes("dry"),
    );
    const next = settle(draft, line(draft, "400 g kidney").id, "ingredient", choice?.set ?? {});
    expect(line(next, "400 g kidney")).toMatchObject({
      ingredientId: "kidneyBean",
      massKg: 0.4,
      doubts: [],
    });
  });
  test("with every doubt settled it is a plan; before, it is refused", () => {
    const kitchen = testKitchen();
    expect(() => planOfDraft(draft, kitchen, "x")).toThrow(/still open/);
    const plan = planOfDraft(firstChoices(draft), kitchen, "x");
    expect(plan).toMatchObject({ end: "served", serves: { people: 4 }, stop: { by: "tender" } });
    expect(plan.items.find((i) => i.ingredientId === "carrot")?.when).toEqual({
      at: "beforeEnd",
      min: 30,
    });
    expect(plan.items.map((i) => i.ingredientId)).not.toContain("tableSalt");
    expect(plan.items.find((i) => i.ingredientId === "kidneyBean")?.work).toEqual([
      { kind: "soak" },
    ]);
  });
  test("more than a plan holds is refused in words; frozen bones stay frozen; water covers", () => {
    const kitchen = testKitchen();
    const many = firstChoices(
      readRecipeText(`Pot\nServes 4\n${"1 kg lamb neck\n".repeat(61)}Method\nSimmer 2 hours.`),
    );
    expect(() => planOfDraft(many, kitchen, "x")).toThrow(/61 things/);
    const cold = firstChoices(
      readRecipeText(
        "Stock\nServes 4\n2 kg frozen chicken backs\n100 g frozen peas\nsalt to taste\nMethod\nCover with cold water. Simmer 2 hours. Blend a third of it. Season.",
      ),
    );
    const plan = planOfDraft(cold, kitchen, "x");
    expect(plan.items.map((i) => i.frozen)).toEqual([true, false]);
    expect(plan.water).toEqual({ by: "cover" });
    expect(plan.recipe?.toTaste).toEqual(["salt"]);
    expect(plan.recipe?.steps.map((s) => s.isHeld)).toEqual([false, true, false, true]);
  });
  test("what was taken for nothing to eat is asked about once it is taken in", () => {
    const draft = readRecipeText(
      "Pot\nServes 4\n1 kg lamb neck\nkitchen twine\nMethod\nSimmer 2 hours.",
    );
    const [, twine] = draft.lines;
    expect(twine?.isLeftOut).toBe(true);
    const [, taken] = leave(draft, twine?.id ?? "", false).lines;
    expect(taken?.doubts.map((d) => d.id)).toEqual(["ingredient"]);
  });
  test.each([
    ["2 litres of stock", "boughtStock", 2],
    ["250 millilitres milk", "milk", 0.25],
    ["2 kilos beef shin", "beefShank", 2],
    ["two bunches of parsley", "parsley", 0.1],
    ["2 handfuls of parsley", "parsley", 0.06],
    ["a dozen juniper berries", "juniper", 0.0018],
    ["1 can (800 g) chopped tomatoes", "cannedTomato", 0.8],
    ["1 (12 fl oz) bottle beer", "beer", 0.355],
    ["2 (1-pound) packs carrots", "carrot", 0.907],
    ["2 tbsp white wine vinegar", "vinegar", 0.0296],
    ["half a cabbage, shredded", "cabbage", 0.6],
  ])("one line: %s", (text, ingredientId, massKg) => {
    const read = draftLine(text, "x");
    expect(read).toMatchObject({ ingredientId, doubts: [] });
    expect(read.massKg).toBeCloseTo(massKg, 3);
  });
  test.each([
    ["1 lb dried kidney beans (not canned)", "kidneyBean"],
    ["500 g dried white beans or 2 cans", "whiteBean"],
  ])("dry or canned is never guessed: %s", (text, dryId) => {
    const read = draftLine(text, "x");
    expect(read.ingredientId).toBeNull();
    const offered = read.doubts[0]?.choices.map((c) => c.set.ingredientId);
    expect(offered).toEqual(expect.arrayContaining([dryId, "cannedBeans"]));
  });
  test("every name of the catalogue is found again by itself", () => {
    for (const i of CATALOGUE) {
      const { sure, others } = matchIngredient(i.name.replace(",", "").toLowerCase());
      const found = sure === null ? others.map((o) => o.id) : [sure.id];
      expect(found, i.name).toContain(i.id);
    }
  });
});

describe("what is malformed, hostile or enormous", () => {
  test.each([
    ["nothing", "   \n ", /no text/],
    ["a book", "a".repeat(100_001), /100 thousand/],
    ["one endless line", `x\n${"b".repeat(3000)}`, /2,000 characters/],
    ["five hundred lines", "1 kg lamb neck\n".repeat(500), /lines/],
    [
      "prose alone",
      "It was a dark night and the pot was empty, as pots are when nobody has filled them.",
      /No ingredients/,
    ],
  ])("%s is refused with its reason", (_what, text, reason) => {
    expect(() => readRecipeText(text)).toThrow(reason);
  });
  test.each([
    ["no JSON", "{", /not JSON/],
    ["no recipe", '{"@type":"Person"}', /no schema.org recipe/],
    [
      "ingredients that are no text",
      '{"@type":"Recipe","recipeIngredient":[{"a":1}]}',
      /cannot be read/,
    ],
    [
      "nested without end",
      `${'{"@graph":['.repeat(60)}{"@type":"Recipe"}${"]}".repeat(60)}`,
      /no schema.org recipe/,
    ],
  ])("%s is refused with its reason", (_what, text, reason) => {
    expect(() => readRecipeJsonLd(text)).toThrow(reason);
  });
  test("markup is taken out, never kept", () => {
    const draft = readRecipeText(`<b>Stew</b><script>alert(1)</script>\n1 kg <i>lamb neck</i>`);
    expect(JSON.stringify(draft)).not.toMatch(/[<>]/);
    expect(draft.lines[0]).toMatchObject({ ingredientId: "lambNeck", massKg: 1 });
  });
  test("no text makes it fall over: it is read or refused", () => {
    fc.assert(
      fc.property(fc.string({ maxLength: 400 }), (text) => {
        try {
          readRecipeText(text);
        } catch (error) {
          expect((error as Error).name).toBe("Problem");
        }
      }),
    );
  });
});

describe("recipe JSON-LD", () => {
  const kitchen = testKitchen();
  const POOL = CATALOGUE.filter((i) => i.id !== "water" && i.group !== "salt").map((i) => i.id);
  const WHENS: When[] = [{ at: "start" }, { at: "beforeEnd", min: 20 }];
  test("written and read back it has the same ingredients, amounts, people and name", () => {
    fc.assert(
      fc.property(
        fc.uniqueArray(fc.tuple(fc.constantFrom(...POOL), fc.integer({ min: 5, max: 1500 })), {
          minLength: 1,
          maxLength: 8,
          selector: ([id]) => id,
        }),
        fc.integer({ min: 1, max: 90 }),
        (picked, people) => {
          const plan = testPlan({
            end: "served",
            serves: { people, eachKg: 0.4 },
            items: picked.map(([ingredientId, g], i) => ({
              id: `i${i}`,
              ingredientId,
              massKg: g / 1000,
              when: WHENS[i % 2] ?? { at: "start" },
            })),
            stop: { by: "time", holdMin: 90 },
          });
          const trace = simulate(resolve(testPlan(), kitchen), { waterKg: 4 });
          const draft = readRecipeJsonLd(writeRecipeJsonLd(plan, trace, 1.5));
          expect(draft.name).toBe(plan.name);
          expect(draft.people).toBe(people);
          for (const [i, [ingredientId, g]] of picked.entries()) {
            const read = draft.lines[i];
            const either = read?.doubts.find((d) => d.id === "ingredient");
            if (either !== undefined)
              expect(either.choices.map((c) => c.set.ingredientId)).toContain(ingredientId);
            else {
              expect(read?.ingredientId, ingredientById(ingredientId).name).toBe(ingredientId);
              expect(read?.massKg ?? 0).toBeCloseTo(g / 1000, 4);
            }
          }
          expect(draft.lines.at(-1)).toMatchObject({ ingredientId: "water" });
        },
      ),
      { numRuns: 60 },
    );
  });
  test("steps, sections, a graph and a yield of several forms are read", () => {
    const draft = readRecipeJsonLd(
      JSON.stringify({
        "@graph": [
          { "@type": "WebPage" },
          {
            "@type": ["Thing", "Recipe"],
            name: "Hut &amp; pot",
            recipeYield: ["8", "8 bowls"],
            recipeIngredient: ["1 kg lamb neck"],
            recipeInstructions: [
              {
                "@type": "HowToSection",
                itemListElement: [
                  { "@type": "HowToStep", text: "Cook in the oven at 300F for 3 hours." },
                ],
              },
            ],
          },
        ],
      }),
    );
    expect(draft).toMatchObject({ name: "Hut & pot", people: 8, method: "oven", hold: 180 });
    expect(draft.ovenC).toBeCloseTo(148.9, 1);
  });
  test("what begins like JSON is read as JSON", () => {
    expect(looksLikeJson(' {"a":1}')).toBe(true);
    expect(looksLikeJson("1 kg lamb")).toBe(false);
  });
});

describe("a recipe of two stretches", () => {
  const read = (steps: string) => {
    const text = `Hut braise\nServes 6\n\n1.4 kg goat shoulder, in 4 cm dice\n1 litre water\n\nMethod\n${steps}`;
    return planOfDraft(firstChoices(readRecipeText(text)), testKitchen(), "x");
  };
  const minutes = (plan: ReturnType<typeof read>) =>
    [plan.stop, ...plan.then.map((s) => s.stop)].map((s) => (s.by === "time" ? s.holdMin : s.by));

  test("covered, then uncovered: together as long as it says, on the hob and in the oven", () => {
    const hob = read("Cover and simmer for 2 hours. Uncover and simmer 30 minutes more.");
    expect(minutes(hob)).toEqual([120, 30]);
    expect([hob.heat, hob.then[0]?.heat]).toMatchObject([{ lid: "on" }, { lid: "off" }]);
    const oven = read("Cover and bake at 150 C for 3 hours. Uncover for the last 40 minutes.");
    expect(minutes(oven)).toEqual([140, 40]);
    expect(oven.then[0]?.heat).toMatchObject({ method: "oven", ovenC: 150, lid: "off" });
  });

  test("written out and read back it has the same two", () => {
    const plan = read("Cover and simmer for 2 hours. Uncover and simmer 30 minutes more.");
    const trace = simulate(resolve(plan, testKitchen()), { waterKg: 1 });
    const again = planOfDraft(
      firstChoices(readRecipeJsonLd(writeRecipeJsonLd(plan, trace, 1))),
      testKitchen(),
      "y",
    );
    expect(minutes(again)).toEqual([120, 30]);
    expect(again.then[0]?.heat).toMatchObject({ method: "hob", lid: "off" });
  });

  test.each([
    ["Remove the meat. Boil the sauce down by half. Return the meat.", { by: "share", share: 0.5 }],
    [
      "Transfer the goat to a plate. Reduce the cooking liquid by a third. Put the meat back.",
      { by: "share", share: 2 / 3 },
    ],
    [
      "Lift the meat out and reduce the sauce to 800 ml. Return the meat.",
      { by: "liquid", liquidL: 0.8 },
    ],
    [
      "Take the meat out. Boil the juices down for 15 minutes. Return the meat.",
      { by: "time", holdMin: 15 },
    ],
  ] as const)("its sauce boiled down, the meat out for it: %s", (end, stop) => {
    const plan = read(`Cover and simmer for 2 hours. ${end}`);
    expect(minutes(plan)[0]).toBe(120);
    expect(plan.then).toHaveLength(1);
    expect(plan.then[0]).toMatchObject({ heat: { vigour: "rolling", lid: "off" } });
    expect(plan.then[0]?.stop.by).toBe(stop.by);
    for (const [key, value] of Object.entries(stop))
      if (typeof value === "number")
        expect(plan.then[0]?.stop).toHaveProperty(key, expect.closeTo(value, 6));
    const meat = plan.items.find((i) => i.out !== undefined);
    expect(meat?.out).toEqual({ when: { at: "stretch", stretchId: "boil-down" }, isBack: true });
  });

  test("boiled down with the meat in, written out and read back: as far as it was", () => {
    const plan = read("Cover and simmer for 2 hours. Reduce the sauce by half.");
    expect(plan.items.every((i) => i.out === undefined)).toBe(true);
    const trace = simulate(resolve(plan, testKitchen()), { waterKg: 1 });
    const again = planOfDraft(
      firstChoices(readRecipeJsonLd(writeRecipeJsonLd(plan, trace, 1))),
      testKitchen(),
      "y",
    );
    expect(minutes(again)[0]).toBe(120);
    expect(again.then[0]?.stop).toEqual({ by: "share", share: 0.5 });
  });

  test.each([
    "Simmer for 2 hours until the sauce is reduced by half.",
    "Add the wine and reduce by half. Simmer for 2 hours.",
    "Simmer for 2 hours. Strain, reduce the liquid by half and stir in the cream. Add the meat.",
    "Simmer for 2 hours. Reduce the heat.",
    "Simmer for 2 hours. Reduce the heat and let the sauce stand for 20 minutes.",
    "Simmer for 2 hours. Reduce to a simmer and warm the sauce for 10 minutes.",
    "Simmer for 2 hours. Reduce the sauce until it is thick.",
  ])("no boiling down of its own: %s", (steps) => {
    expect(read(steps).then).toEqual([]);
  });

  test("one stretch stays one", () => {
    expect(read("Simmer uncovered for 2 hours.").then).toEqual([]);
    expect(read("Cover and simmer for 2 hours.").then).toEqual([]);
  });
});

describe("a recipe of more stretches", () => {
  const read = (steps: string, more = "1 litre water") => {
    const text = `Hut pot\nServes 6\n\n1.4 kg lamb shanks\n${more}\n\nMethod\n${steps}`;
    return planOfDraft(firstChoices(readRecipeText(text)), testKitchen(), "x");
  };
  /** Each stretch as "oven 120 on": its heat, minutes or share, lid. */
  const said = (plan: Plan): readonly string[] =>
    [{ heat: plan.heat, stop: plan.stop, isStrained: undefined }, ...plan.then].map(
      ({ heat, stop, isStrained }) =>
        [
          ...(isStrained ? ["strained"] : []),
          heat.method === "slowCooker" ? `${heat.setting} first ${heat.highFirstMin}` : heat.method,
          stop.by === "time" ? stop.holdMin : stop.by === "share" ? `${stop.share}` : stop.by,
          "lid" in heat ? heat.lid : "",
        ]
          .join(" ")
          .trim(),
    );

  test.each([
    [
      "Pressure cook for 30 minutes. Release the pressure. Simmer uncovered for 10 minutes.",
      ["pressure 30", "hob 10 off"],
    ],
    [
      "Bring it all to a simmer on the hob for 20 minutes, covered. Transfer to the oven at 150 C and cook, covered, for 2 hours.",
      ["hob 20 on", "oven 120 on"],
    ],
    [
      "Cover and simmer for 2 hours. Put the pot in the oven at 200 C, uncovered, for 25 minutes.",
      ["hob 120 on", "oven 25 off"],
    ],
    [
      "Cover and cook in the oven at 150 C for 3 hours. Simmer on the hob uncovered for 15 minutes.",
      ["oven 180 on", "hob 15 off"],
    ],
    ["Cook in the slow cooker on HIGH for 1 hour, then on LOW for 6 hours.", ["low first 60 420"]],
    [
      "Cook in the slow cooker on high for 90 minutes. Turn to low and cook for 5 hours.",
      ["low first 90 390"],
    ],
    [
      "Cover and simmer for 2 hours. Let it stand, covered, for 20 minutes before serving.",
      ["hob 120 on", "rest 20 on"],
    ],
    [
      "Cover and simmer for 2 hours. Reduce the sauce by half. Let the stew rest for 15 minutes.",
      ["hob 120 on", "hob 0.5 off", "rest 15 on"],
    ],
    [
      "Simmer for 3 hours. Strain the stock, return it to the pot and boil it down by half.",
      ["hob 180 ajar", "strained hob 0.5 off"],
    ],
  ])("%s", (steps, stretches) => {
    expect(said(read(steps))).toEqual(stretches);
  });

  test("beans boiled hard first are boiled so before they are turned down", () => {
    const beans = "400 g dried kidney beans\n1.5 litre water";
    const plan = read("Boil hard for 10 minutes. Cover and simmer for 90 minutes.", beans);
    expect(plan.heat).toMatchObject({ method: "hob", boilFirstMin: 10, lid: "on" });
    expect(said(plan)).toEqual(["hob 90 on"]);
    // In water that is thrown away it is no boil of this pot.
    const drained = read("Boil hard for 10 minutes and drain. Simmer for 90 minutes.", beans);
    expect(drained.heat).toMatchObject({ boilFirstMin: null });
  });

  test.each([
    ["Pressure cook for 30 minutes. Release. Simmer the potatoes for 10 minutes.", 1],
    ["Simmer the onions for 10 minutes. Cook in the oven at 150 C for 2 hours.", 1],
    ["Cover and simmer for 2 hours. Rest the meat for 20 minutes and slice it.", 1],
    ["Cook on HIGH for 4 hours or LOW for 8 hours in the slow cooker.", 1],
    ["Simmer for 2 hours. Cook in the oven until brown.", 1],
    ["Simmer for 3 hours. Strain, and add the rice to the stock for 20 minutes.", 1],
    ["Cover and simmer for 2 hours. Leave to stand overnight in the fridge.", 1],
    [
      "Cover and simmer for 2 hours. Meanwhile, roast the squash in the oven at 200 C for 30 minutes.",
      1,
    ],
    ["Cover and simmer for 2 hours. Put the squash in the oven at 200 C for 30 minutes.", 1],
    ["Pressure cook for 30 minutes. Release. Boil the corn for 10 minutes.", 1],
    ["Boil the squash rapidly for 10 minutes. Cover and simmer for 2 hours.", 1],
    ["Cover and simmer for 2 hours. Strain the rice, return it to the pot. Serve.", 1],
  ])("no stretch of the whole pot: %s", (steps, count) => {
    expect(said(read(steps))).toHaveLength(count);
  });

  test.each([
    "Cover and simmer for 2 hours. Strain the sauce and reduce it by half. Return the meat.",
    "Cover and simmer for 2 hours. Strain the pasta. Reduce the sauce by half.",
    "Cover and simmer for 2 hours. Strain and reduce the liquid by half. Serve with the shanks.",
  ])("a dish with its sauce strained is no stock: %s", (steps) => {
    const text = `Pot\nServes 6\n\n1.4 kg lamb shanks\n1 litre water\n\nMethod\n${steps}`;
    expect(readRecipeText(text).strainedDown).toBeNull();
  });

  test("no boil of the pot: what is boiled by itself", () => {
    const plan = read("Boil the squash rapidly for 10 minutes. Cover and simmer for 2 hours.");
    expect(plan.heat).toMatchObject({ boilFirstMin: null });
  });

  test("meat taken off its bones goes back without them", () => {
    const plan = read(
      "Cover and simmer for 2 hours. Take the meat off the bones, shred it and return it to the pot.",
    );
    expect(plan.items[0]?.out).toEqual({
      when: { at: "beforeEnd", min: 1 },
      isBack: true,
      boneShare: 0.3,
    });
    const sauce = read(
      "Cover and simmer for 2 hours. Lift the meat out and take it off the bones. Reduce the sauce by half. Return the meat.",
    );
    expect(sauce.items[0]?.out).toMatchObject({
      when: { stretchId: "boil-down" },
      isBack: true,
      boneShare: 0.3,
    });
    expect(sauce.items[0]?.out?.backAt).toBeUndefined();
    expect(sauce.recipe?.steps.map((s) => s.isHeld)).toEqual([true, true, true, true]);
    const stood = read(
      "Cover and simmer for 2 hours. Lift the meat out. Reduce the sauce by half. Return the meat. Let it stand for 10 minutes.",
    );
    expect(stood.items[0]?.out).toEqual({
      when: { at: "stretch", stretchId: "boil-down" },
      backAt: "then-0",
      isBack: true,
    });
    const text =
      "Pot\nServes 4\n\n1 kg chicken legs\n500 g mussels\n1 litre water\n\nMethod\nCover and simmer for 1 hour. Take the chicken off the bones and return it to the pot.";
    const both = planOfDraft(firstChoices(readRecipeText(text)), testKitchen(), "x");
    const offBones = both.items.filter((i) => i.out?.boneShare !== undefined);
    expect(offBones.map((i) => i.ingredientId)).toEqual(["chickenLeg"]);
    const eaten = read("Cover and simmer for 2 hours. Eat the meat off the bones.");
    expect(eaten.items[0]?.out).toBeUndefined();
  });

  test("where no lid is said it stays as it was; a pressure cooker has been opened", () => {
    const lids = (steps: string) => read(steps).then.map((s) => "lid" in s.heat && s.heat.lid);
    expect(
      lids("Cover and simmer for 2 hours. Put the pot in the oven at 200 C for 25 minutes."),
    ).toEqual(["on"]);
    expect(lids("Pressure cook for 30 minutes. Release. Simmer for 10 minutes.")).toEqual(["off"]);
  });

  test("what this kitchen has not got stays with the steps", () => {
    const text =
      "Pot\nServes 6\n\n1.4 kg lamb shanks\n1 litre water\n\nMethod\nCover and simmer for 2 hours. Put the pot in the oven at 200 C, uncovered, for 25 minutes.";
    const plan = planOfDraft(
      firstChoices(readRecipeText(text)),
      { ...testKitchen(), ovens: [] },
      "x",
    );
    expect(said(plan)).toEqual(["hob 120 on"]);
    expect(plan.recipe?.steps.at(-1)).toMatchObject({ isHeld: false });
    expect(plan.recipe?.steps.at(-1)?.text).toMatch(/in the oven/);
    const here = planOfDraft(firstChoices(readRecipeText(text)), testKitchen(), "x");
    expect(here.recipe?.steps.map((s) => s.isHeld)).toEqual([true, true]);
  });

  test.each([
    "Pressure cook for 30 minutes. Release the pressure. Simmer uncovered for 10 minutes.",
    "Bring it all to a simmer on the hob for 20 minutes, covered. Transfer to the oven at 150 C and cook, covered, for 2 hours.",
    "Cook in the slow cooker on HIGH for 1 hour, then on LOW for 6 hours.",
    "Cover and simmer for 2 hours. Reduce the sauce by half. Let the stew rest for 15 minutes.",
    "Boil hard for 10 minutes. Cover and simmer for 90 minutes.",
    "Simmer for 3 hours. Strain the stock, return it to the pot and boil it down by half.",
  ])("written out and read back it has the same: %s", (steps) => {
    const plan = read(steps);
    const trace = simulate(resolve(plan, testKitchen()), { waterKg: 1.5 });
    expect(trace.problem).toBeNull();
    const again = planOfDraft(
      firstChoices(readRecipeJsonLd(writeRecipeJsonLd(plan, trace, 1.5))),
      testKitchen(),
      "y",
    );
    const times = (all: readonly string[]) => all.map((s) => s.replace(/ (?:on|ajar|off)$/, ""));
    expect(times(said(again))).toEqual(times(said(plan)));
    const boilOf = ({ heat }: Plan) => (heat.method === "hob" ? heat.boilFirstMin : null);
    expect(boilOf(again)).toBe(boilOf(plan));
  });
});

test.each([
  [
    "Simmer the goat for 2 hours. Return to a simmer and add the carrots for the last 20 minutes.",
    20,
  ],
  [
    "Simmer the goat for 2 hours. Bring back to a simmer, add the carrots for the last 20 minutes.",
    20,
  ],
  ["Simmer the goat for 2 hours. Return the meat and add the carrots for the last 20 minutes.", 20],
])("what is added as something else goes back is added then: %s", (steps, min) => {
  const text = `Stew\nServes 4\n\n1 kg goat shoulder\n300 g carrots\n1 litre water\n\nMethod\n${steps}`;
  const { lines } = firstChoices(readRecipeText(text));
  const whenOf = (id: string) => lines.find((l) => l.ingredientId === id)?.when;
  expect(whenOf("carrot")).toEqual({ at: "beforeEnd", min });
  expect(whenOf("goatShoulder")).toEqual({ at: "start" });
});

test("what is boiled down once it has been strained is no stretch of the pot", () => {
  expect(boilDownOf(["Strain the sauce.", "Reduce the sauce by half."])).toBeNull();
  expect(boilDownOf(["Reduce the sauce by half.", "Strain it."])?.said.share).toBe(0.5);
});
