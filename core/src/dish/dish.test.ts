import { asPlanned } from "../simulate/as-planned";
import { resolve } from "../simulate/set-pot";
import { describe, expect, test } from "vitest";
import { HEATS, testKitchen, testPlan, VESSEL_OF } from "../../test/kitchen";
import type { Plan } from "../simulate/plan-schema";
import { simulate } from "../simulate/simulate";
import { workMinutes, workTasks } from "../schedule/work-tasks";
import { besideOf } from "./accompaniments";
import { bodyOfPlan } from "./body-of";
import { dishOf } from "./dish-of";
import { fatOf } from "./fat-of";
import { jointFit } from "./joint-fit";
import { linkedTo, relinked, stockNeeds, stockYield } from "./linked";
import { saltOf } from "./salt-of";
import { boughtKg, shoppingList } from "./shopping";
import { swapsFor } from "./substitution";
import { takeOuts } from "./take-out";
import { verdictsOf } from "./verdicts";

const kitchen = testKitchen();
type Given = NonNullable<Parameters<typeof testPlan>[0]>;
type Items = NonNullable<Given["items"]>;
const cube = (m: number) => ({
  kind: "brick" as const,
  sizeM: [m, m, m] as [number, number, number],
});
const START = { at: "start" as const };
const STEW: Given = {
  end: "served",
  serves: { people: 6, eachKg: 0.4 },
  heat: { method: "hob", vigour: "gentle", lid: "on", boilFirstMin: null },
  water: { by: "amount", volumeL: 1.5 },
  stop: { by: "time", holdMin: 220 },
};
const MEAT = { id: "meat", ingredientId: "beefChuck", massKg: 1.2, when: START, piece: cube(0.03) };
const stew = (items: Items, over: Given = {}) => testPlan({ ...STEW, ...over, items });
const traceOf = (plan: Plan) => asPlanned(resolve(plan, kitchen)).trace;
const dish = (plan: Plan) => dishOf(resolve(plan, kitchen), traceOf(plan));
const states = (plan: Plan) =>
  Object.fromEntries(verdictsOf(plan, traceOf(plan)).map((v) => [v.itemId, v.state]));

describe("verdicts against the intent", () => {
  const carrot = (min: number, target: "rootsHold" | "rootsSoft" | "rootsMelt") => ({
    id: "carrot",
    ingredientId: "carrot",
    massKg: 0.3,
    piece: cube(0.02),
    target,
    when: { at: "beforeEnd" as const, min },
  });
  test("the same carrot holds, is soft, or is not done for melting", () => {
    expect(states(stew([MEAT, carrot(40, "rootsHold")]))["carrot"]).toMatch(/done|atItsBest/);
    expect(states(stew([MEAT, carrot(40, "rootsMelt")]))["carrot"]).toBe("notDone");
    const long = stew([MEAT, carrot(340, "rootsHold")], { stop: { by: "time", holdMin: 360 } });
    expect(states(long)["carrot"]).toBe("overdone");
    expect(states(stew([MEAT, carrot(200, "rootsMelt")]))["carrot"]).not.toBe("overdone");
  });
  test("beans go to mush, and tomato from the start keeps them hard", () => {
    const beans = {
      id: "b",
      ingredientId: "whiteBean",
      massKg: 0.4,
      when: START,
      work: [{ kind: "soak" as const }],
    };
    const tomato = (massKg: number) => ({
      id: "t",
      ingredientId: "cannedTomato",
      massKg,
      when: START,
    });
    const plan = (holdMin: number, items: Items) => stew(items, { stop: { by: "time", holdMin } });
    expect(states(plan(100, [beans]))["b"]).toMatch(/done|atItsBest/);
    // A can in a big pot slows nothing; two fifths of the liquid do, and so does paste by four times its weight.
    expect(states(plan(100, [beans, tomato(0.4)]))["b"]).toMatch(/done|atItsBest/);
    expect(states(plan(100, [beans, tomato(0.4)]))["b"]).toMatch(/done|atItsBest/);
    expect(states(plan(100, [beans, tomato(1.4)]))["b"]).toBe("notDone");
    const paste = { ...tomato(0.2), ingredientId: "tomatoPaste" };
    expect(states(plan(100, [beans, { ...paste, massKg: 0.35 }]))["b"]).toBe("notDone");
    expect(states(plan(100, [beans, { ...paste, massKg: 0.1 }]))["b"]).toMatch(/done|atItsBest/);
    expect(states(plan(400, [beans]))["b"]).toBe("overdone");
  });
  test("milk curdles from the start, and does not off the heat; parsley loses its smell", () => {
    const milk = (when: Items[number]["when"]) =>
      states(stew([MEAT, { id: "m", ingredientId: "milk", massKg: 0.2, when }]))["m"];
    expect(milk(START)).toBe("spoilt");
    expect(milk({ at: "offHeat" })).toBeUndefined();
    const parsley = { id: "p", ingredientId: "parsley", massKg: 0.02, when: START };
    expect(states(stew([MEAT, parsley]))["p"]).toBe("spoilt");
  });
  test("what a stock throws away is not judged", () => {
    expect(
      states(stew([MEAT, carrot(200, "rootsHold")], { end: "strained" }))["carrot"],
    ).toBeUndefined();
  });
});

describe("salt through the whole pot", () => {
  const ITEMS: Items = [
    { id: "stock", ingredientId: "boughtStock", massKg: 2, when: START },
    { id: "cube", ingredientId: "stockCube", massKg: 0.01, when: START },
    { id: "soy", ingredientId: "soySauce", massKg: 0.0353, when: START },
  ];
  test("the worked 25.3 g of stock, cube and soy sauce, and where they come from", () => {
    const plan = stew([MEAT, ...ITEMS]);
    const salt = saltOf(plan, {}, traceOf(plan));
    expect(salt.saltG).toBeCloseTo(25.3, 1);
    expect(salt.from.map((f) => f.itemId)).toEqual(["stock", "soy", "cube"]);
    expect(salt.portionG).toBeCloseTo(salt.per * 0.4, 9);
  });
  test("salted stock that is boiled down gets saltier; the sum added brings it to the target", () => {
    const plan = (lid: "on" | "off") =>
      stew(ITEMS, {
        end: "strained",
        heat: { method: "hob", vigour: "steady", lid, boilFirstMin: null },
      });
    const open = saltOf(plan("off"), {}, traceOf(plan("off")));
    const shut = saltOf(plan("on"), {}, traceOf(plan("on")));
    expect(open.per).toBeGreaterThan(shut.per * 1.15);
    expect(open.isSalty).toBe(true);
    expect(open.saltG / (open.amount + open.diluteL)).toBeCloseTo(open.targetPer, 6);
    const bland = saltOf(stew([MEAT]), {}, traceOf(stew([MEAT])));
    expect((bland.saltG + bland.addG) / bland.amount).toBeCloseTo(bland.targetPer, 9);
  });
  test("a label replaces the catalogue's value", () => {
    const plan = stew([{ ...ITEMS[0], id: "stock", label: { saltGKg: 2 } } as Items[number]]);
    expect(saltOf(plan, {}, traceOf(plan)).saltG).toBeCloseTo(4, 6);
  });
});

describe("body", () => {
  const flour = (work: Items[number]["work"]) => ({
    id: "f",
    ingredientId: "flour",
    massKg: 0.08,
    when: START,
    ...(work === undefined ? {} : { work }),
  });
  test("flour over the liquid; a dark roux binds less than half of it", () => {
    const body = (work: Items[number]["work"]) => {
      const plan = stew([MEAT, flour(work)]);
      return bodyOfPlan(plan, traceOf(plan));
    };
    const raw = body(undefined);
    expect(raw.flourGL).toBeCloseTo(80 / raw.volumeL, 6);
    expect(body([{ kind: "roux", colour: "dark" }]).flourGL / raw.flourGL).toBeCloseTo(0.4, 2);
  });
  test("reduce or thicken: both ways, with minutes and grams; thinning where it is too thick", () => {
    const plan = stew([MEAT, flour([])], { thickWantedGL: 80 });
    const { ways, volumeL, flourGL } = bodyOfPlan(plan, traceOf(plan));
    expect(ways?.reduce?.toL).toBeCloseTo((volumeL * flourGL) / 80, 6);
    expect(ways?.reduce?.min ?? 0).toBeGreaterThan(10);
    const grams = Object.fromEntries(ways?.thicken.map((w) => [w.id, w.g]) ?? []);
    expect(grams["flour"] ?? 0).toBeGreaterThan((grams["cornStarch"] ?? 0) * 2);
    const thin = stew([MEAT, flour([])], { thickWantedGL: 10 });
    expect(bodyOfPlan(thin, traceOf(thin)).ways?.thinL).toBeGreaterThan(1);
    const clear = stew([MEAT], { thickWantedGL: 45 });
    expect(bodyOfPlan(clear, traceOf(clear)).ways?.reduce).toBeNull();
  });
  test("crushed beans give body, corn starch boiled an hour loses some", () => {
    const beans = (share: number) =>
      stew(
        [
          {
            id: "b",
            ingredientId: "brownLentil",
            massKg: 0.4,
            when: START,
            work: [{ kind: "crush", share }],
          },
        ],
        {
          stop: { by: "time", holdMin: 40 },
        },
      );
    expect(bodyOfPlan(beans(0.5), traceOf(beans(0.5))).flourGL).toBeGreaterThan(
      bodyOfPlan(beans(0.1), traceOf(beans(0.1))).flourGL + 10,
    );
    const corn = (min: number) => {
      const plan = stew([
        MEAT,
        { id: "c", ingredientId: "cornStarch", massKg: 0.04, when: { at: "beforeEnd", min } },
      ]);
      const { from } = bodyOfPlan(plan, traceOf(plan));
      return from[0]?.flourG ?? 0;
    };
    expect(corn(90)).toBeCloseTo(corn(10) * 0.6, 6);
  });
});

describe("work before", () => {
  test("browning: batches from the floor and the size of the pieces; hands add up", () => {
    const plan = stew([
      { ...MEAT, massKg: 2, work: [{ kind: "trim" }, { kind: "cut" }, { kind: "brown" }] },
    ]);
    const tasks = workTasks(resolve(plan, kitchen));
    const brown = tasks.find((t) => t.kind === "brown");
    expect(brown?.how).toMatch(/2 batches/);
    expect(brown?.min).toBe(16);
    const finer = stew([{ ...MEAT, massKg: 2, piece: cube(0.015), work: [{ kind: "brown" }] }]);
    expect(workTasks(resolve(finer, kitchen))[0]?.min).toBeGreaterThan(16);
    const { handsMin } = workMinutes(tasks);
    expect(handsMin).toBeCloseTo(
      tasks.reduce((s, t) => s + t.min, 0),
      9,
    );
  });
  test("a soak is left alone and begins ahead; it comes first, the stove last", () => {
    const plan = stew([
      { ...MEAT, work: [{ kind: "brown" }] },
      {
        id: "b",
        ingredientId: "whiteBean",
        massKg: 0.3,
        when: START,
        work: [{ kind: "rinse" }, { kind: "soak" }],
      },
    ]);
    const tasks = workTasks(resolve(plan, kitchen));
    expect(tasks.map((t) => t.kind)).toEqual(["soak", "rinse", "brown"]);
    expect(workMinutes(tasks).aheadMin).toBe(600);
    expect(workMinutes(tasks).handsMin).toBeLessThan(60);
  });
});

describe("eaters", () => {
  const plan = (diets: Plan["diets"]) =>
    stew(
      [
        { id: "p", ingredientId: "porkShoulder", massKg: 1, when: START },
        { id: "w", ingredientId: "redWine", massKg: 0.2, when: START },
        { id: "f", ingredientId: "flour", massKg: 0.03, when: START },
        { id: "o", ingredientId: "onion", massKg: 0.2, when: START },
        { id: "c", ingredientId: "chiliPowder", massKg: 0.005, when: START },
      ],
      { diets },
    );
  test.each([
    ["vegetarian", ["p"]],
    ["noPork", ["p"]],
    ["noAlcohol", ["w"]],
    ["glutenFree", ["f"]],
    ["mild", ["c"]],
    ["dog", ["w", "o", "c"]],
  ] as const)("%s flags %s, and what it offers instead is no conflict", (diet, ids) => {
    const { conflicts } = dish(plan([diet]));
    expect(conflicts.map((c) => c.itemId)).toEqual([...ids]);
    for (const c of conflicts)
      for (const id of c.instead) {
        const item = plan([]).items.find((i) => i.id === c.itemId);
        const again = {
          ...plan([diet]),
          items: [{ ...item, ingredientId: id } as Plan["items"][number]],
        };
        expect(dish(again).conflicts, id).toEqual([]);
      }
  });
  test("what is composed asks for its label, for every diet and allergen, until somebody has read it", () => {
    const cube = { id: "s", ingredientId: "stockCube", massKg: 0.02, when: START };
    const withCube = (label: object, diets: Plan["diets"] = ["glutenFree"]) =>
      dish(stew([{ ...cube, label }], { diets }));
    expect(withCube({}).unread).toEqual(["stockCube"]);
    expect(withCube({}).conflicts[0]?.text).toMatch(/not known to be gluten-free: read its label/);
    expect(withCube({}, ["noAlcohol"]).conflicts).toHaveLength(1);
    expect(withCube({ allergens: [] }).conflicts).toEqual([]);
    expect(withCube({ allergens: [] }).unread).toEqual([]);
    expect(withCube({ allergens: ["gluten"] }).conflicts[0]?.text).toMatch(/holds gluten/);
    // A pot it went into carries the question along.
    const stock = { id: "h", ingredientId: "houseStock", massKg: 1, when: START };
    const label = { allergens: [], madeOf: ["beefKnuckle", "stockCube"], unread: ["stockCube"] };
    const drawn = dish(stew([{ ...stock, label } as never], { diets: ["glutenFree"] }));
    expect(drawn.unread).toEqual(["stockCube"]);
    expect(drawn.conflicts[0]?.text).toMatch(/read the label of stock cubes in it/);
  });
  test("low salt is judged without a head count too, by a usual plate", () => {
    const items = (massKg: number): Items => [
      { id: "p", ingredientId: "porkShoulder", massKg: 1, when: START },
      ...(massKg > 0 ? [{ id: "t", ingredientId: "tableSalt", massKg, when: START }] : []),
    ];
    const { serves: _serves, ...uncounted } = STEW;
    const salty = (massKg: number) =>
      dish(testPlan({ ...uncounted, items: items(massKg), diets: ["lowSalt"] })).conflicts;
    expect(salty(0.02)[0]?.text).toMatch(/a portion of 0\.4 kg \(say for how many\)/);
    expect(salty(0)).toEqual([]);
  });
  test("what is eaten hot keeps its fat unless it is skimmed; shells are no portion", () => {
    const clams = (massKg: number) =>
      dish(stew([{ id: "m", ingredientId: "clams", massKg, when: START }])).eaten.solidsKg;
    expect(clams(2) - clams(1)).toBeLessThan(0.26);
    const eatenG = (fat: Plan["fat"]) => {
      const plan = stew([{ id: "p", ingredientId: "curedPork", massKg: 1, when: START }], { fat });
      const trace = simulate(resolve(plan, kitchen), { waterKg: 1 });
      return fatOf(plan, trace, null);
    };
    expect(eatenG("liftCold").eatenG).toBe(eatenG("keep").eatenG);
    expect(eatenG("skimHot").eatenG).toBeLessThan(eatenG("keep").eatenG);
  });
  test("allergens come from labels where there are any", () => {
    const sauce = { id: "s", ingredientId: "jarSauce", massKg: 0.4, when: START };
    expect(dish(stew([sauce])).allergens).toEqual([]);
    expect(dish(stew([{ ...sauce, label: { allergens: ["soya", "milk"] } }])).allergens).toEqual([
      "milk",
      "soya",
    ]);
  });
  test("what is served beside it is eaten by the same people", () => {
    const of = (kind: "barley" | "rice" | "mash", diet: "glutenFree" | "vegan") =>
      dish(
        testPlan({
          end: "served",
          items: [MEAT],
          diets: [diet],
          accompaniments: [{ kind, eachKg: 0.07 }],
        }),
      ).conflicts.map((c) => c.text);
    expect(of("barley", "glutenFree")).toContain("The barley beside it usually holds gluten.");
    expect(of("rice", "glutenFree").join()).not.toContain("beside");
    expect(of("mash", "vegan")).toContain("The mash beside it usually holds milk.");
  });

  test("out of a shut cooker nothing is ladled for a side dish", () => {
    const asked = {
      accompaniments: [{ kind: "rice" as const, eachKg: 0.07, fromPot: true as const }],
    };
    const on = (name: "hob" | "pressure") =>
      besideOf(testPlan({ ...asked, end: "served", heat: HEATS[name], vesselId: VESSEL_OF[name] }));
    expect(on("hob")[0]?.isFromPot).toBe(true);
    expect(on("pressure")[0]?.isFromPot).toBe(false);
  });

  test("side dishes draw on the stock by the eater", () => {
    const beside = besideOf(
      testPlan({
        end: "served",
        serves: { people: 10, eachKg: 0.4 },
        accompaniments: [
          { kind: "rice", eachKg: 0.07, fromPot: true },
          { kind: "mash", eachKg: 0.25, handsMin: 9, restMin: 30 },
          { kind: "pasta", eachKg: 0.09, fromPot: true },
        ],
      }),
    );
    expect(beside[0]?.stockL).toBeCloseTo(10 * 0.07 * 2.2, 9);
    // What cooks in water takes nothing of a pot; more of it is more work, and the cook's minutes rule.
    expect(beside.map((b) => b.isFromPot)).toEqual([true, false, false]);
    expect(beside[0]).toMatchObject({ handsMin: 4, restMin: 25 });
    expect(beside[1]).toMatchObject({ handsMin: 9, restMin: 30 });
    expect(besideOf(testPlan({ accompaniments: [{ kind: "rice", eachKg: 0.07 }] }))).toEqual([]);
  });
  test("leaves, stems and string are counted in; a sieve keeps them back", () => {
    const items: Items = [
      { ...MEAT, work: [{ kind: "tie" }] },
      {
        id: "bay",
        ingredientId: "bayLeaf",
        massKg: 0.0009,
        when: START,
        counted: { count: 3, word: "leaf", eachKg: 0.0003 },
      },
    ];
    expect(takeOuts(stew(items)).map((t) => t.what)).toEqual([
      "1 string on the beef chuck",
      "3 bay leaves",
    ]);
    expect(takeOuts(stew(items, { end: "strained" }))).toEqual([]);
  });
  test("a swap says what changes: corn starch for flour takes the gluten, and boiled so long it thins", () => {
    const corn = swapsFor(plan([]), "f", kitchen).find((s) => s.ingredientId === "cornStarch");
    expect(corn?.massKg).toBeCloseTo(0.015, 9);
    if (corn?.change.ok !== true) throw new Error("no swap");
    expect(corn.change.value.allergensOut).toEqual(["gluten"]);
    expect(corn.change.value.flourGL).toBeLessThan(-2);
    expect(Math.abs(corn.change.value.liquidL)).toBeLessThan(0.01);
  });
});

describe("linked pots", () => {
  const stock = testPlan({ id: "stock", name: "Lamb neck broth" });
  test("the dish is told what the stock yields, low to high, and carries what is dissolved in it", () => {
    const yields = stockYield(resolve(stock, kitchen));
    if (!yields.ok) throw yields.problem;
    const item = (massKg: number): Items[number] => ({
      id: "s",
      ingredientId: "houseStock",
      massKg,
      when: START,
    });
    const linked = (massKg: number) => {
      const plan = stew([MEAT, item(massKg)]);
      return {
        ...plan,
        items: plan.items.map((i) => (i.id === "s" ? linkedTo(i, yields.value) : i)),
      };
    };
    const state = (massKg: number) => stockNeeds(linked(massKg), [yields.value])[0]?.state;
    expect(state(yields.value.lowL * 0.9)).toBe("enough");
    expect(state(yields.value.expectedL)).toBe("perhaps");
    expect(state(yields.value.highL * 1.2)).toBe("short");
    const gelatinG = traceOf(linked(1)).strained.gelatinGL * traceOf(linked(1)).strained.volumeL;
    expect(gelatinG).toBeCloseTo(yields.value.gelatinGL, 0);
  });
});

describe("a stock's own story", () => {
  const fumet = (items: Items) => testPlan({ id: "fumet", name: "Fumet", items });
  const BONES: Items = [
    { id: "f", ingredientId: "smokedTroutFrame", massKg: 1, when: START },
    { id: "w", ingredientId: "whiteWine", massKg: 0.2, when: START },
  ];
  test("its allergens and what was in its pot come along; a packet's old word does not", () => {
    const yields = stockYield(resolve(fumet(BONES), kitchen));
    if (!yields.ok) throw yields.problem;
    const plan = stew([
      {
        id: "s",
        ingredientId: "houseStock",
        massKg: 1,
        when: START,
        fromPlanId: "fumet",
        label: { isPlant: true, packKg: 1 },
      },
    ]);
    const linked = relinked(plan, () => yields.value);
    expect(dish(linked).allergens).toEqual(["fish", "sulphites"]);
    expect(dish({ ...linked, diets: ["vegetarian"] }).conflicts[0]?.text).toMatch(/trout.*is fish/);
    expect(linked.items[0]?.label).toMatchObject({ packKg: 1 });
    expect(linked.items[0]?.label?.isPlant).toBeUndefined();
    expect(relinked(linked, () => yields.value)).toBe(linked);
  });
});

describe("shopping", () => {
  test("over two plans, less what is in the house, in packs, with its cost; stock of the house is not bought", () => {
    const plan = stew([
      MEAT,
      { id: "t", ingredientId: "cannedTomato", massKg: 0.5, when: START },
      { id: "s", ingredientId: "houseStock", massKg: 1, when: START },
    ]);
    const rich = testKitchen({
      onHand: [{ ingredientId: "beefChuck", massKg: 0.4 }],
      prices: [{ ingredientId: "cannedTomato", perKg: 2 }],
    });
    const { lines, cost, unpriced } = shoppingList(
      [plan, { ...plan, id: "two", name: "Two" }],
      rich,
    );
    expect(lines.map((l) => l.ingredientId)).toEqual(["beefChuck", "cannedTomato"]);
    expect(lines[0]?.buyKg).toBeCloseTo(2, 9);
    expect(lines[1]?.packs).toMatchObject({ packKg: 0.4, count: 3 });
    expect(boughtKg(lines[1]!)).toBeCloseTo(1.2, 9);
    expect(boughtKg({ packs: null, buyKg: 0.7 })).toBe(0.7);
    expect(cost).toBeCloseTo(2.4, 9);
    expect(unpriced).toBe(1);
  });
});

describe("a joint in the pot", () => {
  const joint = (sizeM: [number, number, number]) => {
    const item = stew([{ ...MEAT, piece: { kind: "brick", sizeM } }]).items[0];
    const pot = kitchen.vessels.find((v) => v.id === "casserole");
    if (item === undefined || pot === undefined) throw new Error("no joint");
    return jointFit(item, pot, 0.05);
  };
  test("lies in the oval, stands out of the liquid, or has to be split", () => {
    expect(joint([0.08, 0.12, 0.18])).toMatchObject({ fits: true, splitInto: 1 });
    expect(joint([0.08, 0.12, 0.18])?.standsOutM).toBeCloseTo(0.03, 9);
    expect(joint([0.08, 0.12, 0.34])).toMatchObject({ fits: false, splitInto: 2 });
    expect(joint([0.03, 0.03, 0.03])).toBeNull();
  });
});
