import { resolve } from "../simulate/set-pot";
import type { Vessel } from "../vessel/vessel-schema";
import { describe, expect, test } from "vitest";
import { HEATS, testBraise, testKitchen, testPlan } from "../../test/kitchen";
import { metric } from "../../test/metric";
import { simulated } from "../../test/simulated";
import { requiredBeanBoilMin } from "../doneness/bean-boil";
import { coreRuleOf } from "../doneness/targets-of";
import { cautionsFor, RULES } from "./rules";

type PlanOver = Parameters<typeof testPlan>[0];

function cautions(over: PlanOver = {}, litHour: number | null = 9, altitudeM = 1640) {
  return cautionsFor(simulated(resolve(testPlan(over), testKitchen({ altitudeM })), litHour)).map(
    metric,
  );
}
const ids = (...args: Parameters<typeof cautions>) => cautions(...args).map((c) => c.id);
const one = (ingredientId: string, massKg = 1, more: object = {}) => ({
  items: [{ id: "x", ingredientId, massKg, when: { at: "start" as const }, ...more }],
});

/** Cautions of a braise on another heat. */
const braise = (over: Partial<Parameters<typeof testBraise>[0]>) => ids(testBraise(over));
const inCrock = (over: Partial<Parameters<typeof testBraise>[0]> = {}) =>
  braise({ heat: HEATS.low, vesselId: "crock", stop: { by: "time", holdMin: 480 }, ...over });
const resting = (holdMin: number) => ({
  id: "rest",
  heat: { method: "rest" as const, lid: "off" as const },
  stop: { by: "time" as const, holdMin },
});
const underPressure = (over: Partial<Parameters<typeof testBraise>[0]> = {}) =>
  braise({
    heat: HEATS.pressure,
    vesselId: "pressure",
    stop: { by: "time", holdMin: 20 },
    ...over,
  });
const mutton = (massKg: number, edgeM: number, more: object = {}) =>
  one("muttonShoulder", massKg, {
    piece: { kind: "brick", sizeM: [edgeM, edgeM, edgeM] },
    ...more,
  });

/** A canteen's stock on a ring of so many watts. */
function hugePot(powerW: number) {
  return toldOfHuge(powerW).map((c) => c.id);
}
/** The same under pressure, in a cooker with a heat of its own. */
const hugeElectric = (powerW: number) =>
  toldOfHuge(powerW, {
    kind: "pressureCooker",
    heightM: 1,
    powerW,
    pressure: { drive: "electric", highKPa: 80, lowKPa: 40, minLiquidL: null, vents: false },
  });
function toldOfHuge(powerW: number, more: Partial<Vessel> = {}) {
  const kitchen = testKitchen({
    altitudeM: 0,
    vessels: [
      {
        ...testKitchen().vessels[0]!,
        id: "huge",
        bottomM: [0.4, 0.4],
        topM: [0.4, 0.4],
        heightM: 0.4,
        massKg: 6,
        ...more,
      },
    ],
    rings: [{ id: "gas", name: "Ring", kind: "induction", powerW }],
  });
  const plan = testPlan({
    vesselId: "huge",
    ...one("beefKnuckle", more.heightM === undefined ? 14 : 40),
    water: { by: "amount", volumeL: more.heightM === undefined ? 24 : 70 },
    heat:
      more.pressure === undefined
        ? { method: "hob", vigour: "bare", lid: "on", boilFirstMin: null }
        : HEATS.pressure,
  });
  return cautionsFor(simulated(resolve(plan, kitchen))).map(metric);
}

test("an electric cooker that warms too slowly is told so of itself; no ring is spoken of", () => {
  const told = hugeElectric(1980).find((c) => c.id === "ringTooSlow");
  expect(told?.title).toBe("It warms too slowly in this cooker");
  expect(told?.text).toContain("two loads");
  expect(`${told?.title} ${told?.text}`).not.toMatch(/\bring\b/);
  expect(hugeElectric(3000).map((c) => c.id)).not.toContain("ringTooSlow");
});

/** An onion that waits until something is tender, and what that itself waits for. */
const waiting = (itemId: string, forId: string | null) => {
  const [neck, onion] = testPlan().items;
  return ids({
    end: "served",
    items: [
      {
        ...neck!,
        ingredientId: "goatShoulder",
        when: forId === null ? { at: "start" } : { at: "whenTender", itemId: forId },
      },
      { ...onion!, when: { at: "whenTender", itemId } },
    ],
    heat: { method: "hob", vigour: "gentle", lid: "on", boilFirstMin: null },
    stop: { by: "time", holdMin: 400 },
  });
};

/** A served dish of one thing. */
const served = (item: object, over: PlanOver = {}) =>
  ids({
    end: "served",
    serves: { people: 4, eachKg: 0.4 },
    items: [{ id: "x", massKg: 1, when: { at: "start" as const }, ...item } as never],
    stop: { by: "time", holdMin: 60 },
    ...over,
  });

/** Each hazard with a plan that has it and a near miss that has not. */
/** Of a pot cooked here before. */
const READY = { allergens: [], madeOf: ["beefChuck"] };
const CASES: readonly [hazard: string, id: string, yes: () => string[], no: () => string[]][] = [
  [
    "heated again",
    "reheatOnce",
    () => ids({ end: "served", ...one("houseStock", 1, { fromLotId: "l", label: READY }) }),
    () => ids({ end: "served", ...one("beefChuck", 1, { fromLotId: "l" }) }),
  ],
  [
    "alcohol",
    "alcohol",
    () => served({ ingredientId: "redWine", massKg: 0.3 }),
    () => served({ ingredientId: "appleJuice", massKg: 0.3 }),
  ],
  [
    "salt in a portion",
    "saltPortion",
    () => served({ ingredientId: "boughtStock", massKg: 2 }, { serves: { people: 4, eachKg: 1 } }),
    () =>
      served({ ingredientId: "boughtStock", massKg: 2 }, { serves: { people: 4, eachKg: 0.3 } }),
  ],
  [
    "fat in a portion",
    "fatPortion",
    () => served({ ingredientId: "oil", massKg: 0.4 }, { fat: "keep" }),
    () => served({ ingredientId: "oil", massKg: 0.03 }, { fat: "keep" }),
  ],
  [
    "not for these eaters",
    "diet",
    () => served({ ingredientId: "porkShoulder" }, { diets: ["noPork"] }),
    () => served({ ingredientId: "beefChuck" }, { diets: ["noPork"] }),
  ],
  [
    "joint too big for the pot",
    "jointFit",
    () =>
      served(
        { ingredientId: "beefChuck", piece: { kind: "brick", sizeM: [0.08, 0.12, 0.34] } },
        { vesselId: "casserole" },
      ),
    () =>
      served(
        { ingredientId: "beefChuck", piece: { kind: "brick", sizeM: [0.08, 0.12, 0.18] } },
        { vesselId: "casserole" },
      ),
  ],
  [
    "blending hot",
    "blendHot",
    () => served({ ingredientId: "squash", work: [{ kind: "blend", share: 1 }] }),
    () => served({ ingredientId: "squash", work: [{ kind: "cut" }] }),
  ],
  [
    "hot fat",
    "hotFat",
    () => served({ ingredientId: "beefChuck", work: [{ kind: "brown" }] }),
    () => served({ ingredientId: "beefChuck", work: [{ kind: "trim" }] }),
  ],
  [
    "tasting raw",
    "rawTaste",
    () => served({ ingredientId: "flour", massKg: 0.05 }),
    () => served({ ingredientId: "cornStarch", massKg: 0.05 }),
  ],
  [
    "unsound trimmings",
    "trimmings",
    () => ids(one("carrot")),
    () => served({ ingredientId: "carrot" }),
  ],
  [
    "thawing",
    "thaw",
    () => served({ ingredientId: "beefChuck", work: [{ kind: "thaw" }] }),
    () => served({ ingredientId: "beefChuck" }),
  ],
  [
    "something to bite on",
    "takeOut",
    () => served({ ingredientId: "bayLeaf", massKg: 0.001 }),
    () => ids(one("bayLeaf", 0.001)),
  ],
  ["holding and reheating", "hotHold", () => served({ ingredientId: "beefChuck" }), () => ids()],
  [
    "hot liquid into glass",
    "jars",
    () => ids(),
    () => ids({ feeds: "animals", ...one("hareFrame") }),
  ],
  ["power cut", "powerCut", () => inCrock(), () => braise({})],
  ["valve and gasket", "valve", () => underPressure(), () => braise({})],
  [
    "over the rim",
    "fillLine",
    () => ids({ water: { by: "amount", volumeL: 8.6 } }),
    () => ids({ water: { by: "amount", volumeL: 8.2 } }),
  ],
  [
    "over the rim",
    "overRim",
    () => ids({ water: { by: "amount", volumeL: 11.5 } }),
    () => ids({ water: { by: "amount", volumeL: 8.6 } }),
  ],
  [
    "never goes in",
    "neverIn",
    // Each waits for the other, or for itself.
    () => waiting("onion", "neck"),
    () => waiting("neck", null),
  ],
  [
    "boiling dry",
    "dry",
    () =>
      ids({
        water: { by: "amount", volumeL: 0.6 },
        heat: { method: "hob", vigour: "rolling", lid: "off", boilFirstMin: null },
      }),
    () => ids(),
  ],
  [
    "bones standing bare",
    "bonesBare",
    () => ids({ heat: { method: "hob", vigour: "steady", lid: "off", boilFirstMin: 5 } }),
    () => ids(),
  ],
  ["unattended flame", "flameAtNight", () => ids({}, 18), () => ids({}, 9)],
  [
    "unattended flame",
    "flame",
    () => ids({ stop: { by: "time", holdMin: 60 } }),
    () => ids({ stop: { by: "time", holdMin: 45 } }),
  ],
  [
    "lifting a full pot",
    "twoPeople",
    () => ids({ water: { by: "amount", volumeL: 6 } }),
    () => ids({ water: { by: "amount", volumeL: 5.6 } }),
  ],
  ["dry beans", "beans", () => ids(one("runnerBean", 0.3)), () => ids(one("chickpea", 0.3))],
  [
    "dry beans",
    "beansSoak",
    () => ids(one("runnerBean", 0.3, { boiledMin: 45, work: [{ kind: "soak", min: 240 }] })),
    () => ids(one("runnerBean", 0.3, { boiledMin: 45, work: [{ kind: "soak" }] })),
  ],
  ["bone splinters", "splinters", () => ids(), () => ids(one("carrot"))],
  ["game", "game", () => ids(one("deerJoint")), () => ids(one("lambNeck"))],
  ["animals", "animals", () => ids({ feeds: "animals" }), () => ids()],
  ["shellfish", "shellfish", () => ids(one("mussels")), () => ids(one("whiteFishFrame"))],
  ["frozen start", "frozen", () => ids(one("lambNeck", 1, { frozen: true })), () => ids()],
  [
    "salt concentrates",
    "salt",
    () =>
      ids({
        items: [
          ...one("lambNeck", 2).items,
          { id: "s", ingredientId: "tableSalt", massKg: 0.032, when: { at: "start" } },
        ],
      }),
    () =>
      ids({
        items: [
          ...one("lambNeck", 2).items,
          { id: "s", ingredientId: "tableSalt", massKg: 0.018, when: { at: "start" } },
        ],
      }),
  ],
  [
    "slow warming in a crock",
    "crockTooSlow",
    () => inCrock(mutton(1.8, 0.15)),
    () => inCrock(mutton(1.8, 0.05)),
  ],
  [
    "slow warming in a crock",
    "crockTooSlow",
    () => inCrock(mutton(1.2, 0.03, { frozen: true })),
    () => inCrock(mutton(1.2, 0.03)),
  ],
  [
    "overfull crock",
    "crockFull",
    () => inCrock({ water: { by: "amount", volumeL: 4.6 } }),
    () => inCrock({ water: { by: "amount", volumeL: 3 } }),
  ],
  [
    "held on WARM",
    "warmHold",
    () => inCrock({ heat: { ...HEATS.low, warmMin: 240 }, stop: { by: "time", holdMin: 60 } }),
    () => inCrock({ heat: { ...HEATS.low, warmMin: 240 }, stop: { by: "time", holdMin: 480 } }),
  ],
  [
    "standing off the heat",
    "standsOff",
    () => braise({ then: [resting(100)] }),
    () => braise({ then: [resting(15)] }),
  ],
  ["slow warming", "ringTooSlow", () => hugePot(700), () => hugePot(3000)],
  [
    "slow warming at its slow end",
    "slowWarmUp",
    () => inCrock(mutton(1.8, 0.11)),
    () => inCrock(mutton(1.8, 0.09)),
  ],
  ["slow warming at its slow end", "slowWarmUp", () => hugePot(900), () => hugePot(2200)],
  [
    "slow warming",
    "ovenTooSlow",
    () =>
      braise({
        ...mutton(2, 0.14),
        heat: { ...HEATS.oven, ovenC: 85, start: "cold" },
        stop: { by: "time", holdMin: 400 },
      }),
    () => braise({ ...mutton(2, 0.14), stop: { by: "time", holdMin: 300 } }),
  ],
  ["lid of the crock", "crockLid", () => inCrock(), () => braise({})],
  [
    "overfull pressure cooker",
    "pressureFull",
    () => underPressure({ water: { by: "amount", volumeL: 4 } }),
    () => underPressure({ water: { by: "amount", volumeL: 3 } }),
  ],
  [
    "overfull pressure cooker",
    "pressureFull",
    () => underPressure({ ...one("chickpea", 1), water: { by: "amount", volumeL: 3.4 } }),
    () => underPressure({ ...one("chickpea", 0.5), water: { by: "amount", volumeL: 2.4 } }),
  ],
  [
    "too little liquid under pressure",
    "pressureDry",
    () => underPressure({ water: { by: "amount", volumeL: 0.1 } }),
    () => underPressure({ water: { by: "amount", volumeL: 0.3 } }),
  ],
  [
    "dairy or thickener under pressure",
    "pressureThick",
    () =>
      underPressure({
        items: [...one("beefChuck").items, { ...one("cream", 0.2).items[0]!, id: "c" }],
      }),
    () =>
      underPressure({
        items: [
          ...one("beefChuck").items,
          { ...one("cream", 0.2).items[0]!, id: "c", when: { at: "offHeat" } },
        ],
      }),
  ],
  ["release of pressure", "release", () => underPressure(), () => braise({})],
  ["not canning", "notCanning", () => underPressure(), () => inCrock()],
  [
    "core temperature",
    "core",
    () => braise({ ...mutton(1.5, 0.12), stop: { by: "time", holdMin: 40 } }),
    () => braise({ ...mutton(1.5, 0.05), stop: { by: "time", holdMin: 90 } }),
  ],
  ["running alone", "alone", () => inCrock(), () => underPressure()],
];

describe("cautions stand where the risk arises and stay away where it does not", () => {
  test.each(CASES)("%s: %s", (_hazard, id, yes, no) => {
    expect(yes()).toContain(id);
    expect(no()).not.toContain(id);
  });

  test("a quick release of a foaming pot is a danger, of a plain braise it is not", () => {
    const release = (over: Partial<Parameters<typeof testBraise>[0]>) =>
      cautions(
        testBraise({
          heat: { ...HEATS.pressure, release: "quick" },
          vesselId: "pressure",
          stop: { by: "time", holdMin: 20 },
          ...over,
        }),
      ).find((c) => c.id === "release")?.severity;
    expect(release(one("whiteBean", 0.4))).toBe("danger");
    expect(release({ water: { by: "amount", volumeL: 0.8 } })).toBe("caution");
  });

  test("poultry needs 74 °C at the core, a whole cut 63 °C: between them only poultry is warned of", () => {
    const core = (ingredientId: string) =>
      cautions(
        testBraise({
          ...one(ingredientId, 1.2, { piece: { kind: "brick", sizeM: [0.08, 0.08, 0.08] } }),
          stop: { by: "time", holdMin: 45 },
        }),
      ).find((c) => c.id === "core");
    expect(core("chickenThigh")?.text).toContain("74 °C");
    expect(core("muttonShoulder")).toBeUndefined();
  });

  test("a plan that ends soon is undercooked, not too slow to be safe", () => {
    for (const short of [
      inCrock({ ...mutton(1.2, 0.04), stop: { by: "time", holdMin: 60 } }),
      braise({ ...mutton(1.2, 0.06), stop: { by: "time", holdMin: 5 } }),
    ]) {
      expect(short).toContain("core");
      expect(short).not.toContain("crockTooSlow");
      expect(short).not.toContain("ovenTooSlow");
    }
  });

  test("a ring is not slept beside, a slow cooker may run at night", () => {
    const night = (over: Partial<Parameters<typeof testBraise>[0]>) =>
      ids(testBraise({ stop: { by: "time", holdMin: 480 }, ...over }), 20);
    expect(night({ heat: HEATS.hob, vesselId: "casserole" })).toContain("flameAtNight");
    expect(night({ heat: HEATS.low, vesselId: "crock" })).not.toContain("flameAtNight");
  });

  test("every rule but the two that always hold at the sieve has a case", () => {
    const tried = new Set<string>([...CASES.map(([hazard]) => hazard), "cooling", "keeping"]);
    expect(RULES.map((r) => r.hazard).filter((h) => !tried.has(h))).toEqual([]);
    expect(cautions().find((c) => c.id === "cooling")?.places).toEqual(["strain"]);
    expect(cautions().find((c) => c.id === "keeping")?.places).toEqual(["strain"]);
  });

  test("every caution says its rule and whose it is, gravest first", () => {
    const all = cautions({ ...one("runnerBean", 0.3), feeds: "animals" }, 20);
    for (const c of all) {
      expect(c.rule.length).toBeGreaterThan(10);
      expect(c.whose.length).toBeGreaterThan(3);
    }
    const order = all.map((c) => ["danger", "caution", "note"].indexOf(c.severity));
    expect(order).toEqual([...order].sort((a, b) => a - b));
  });
});

describe("whose rule for chilling", () => {
  test.each([
    ["us", /57 °C down to 21/],
    ["auNz", /60 °C down to 21.*4 h more/],
    ["uk", /8 °C or below/],
  ] as const)("%s", (coolingCode, words) => {
    const plan = testPlan();
    const kitchen = testKitchen({ coolingCode });
    const told = cautionsFor(simulated(resolve(plan, kitchen))).map(metric);
    expect(told.find((c) => c.id === "cooling")?.text).toMatch(words);
  });
});

describe("what a stock was made of", () => {
  const stock = (madeOf?: string[]) =>
    one("houseStock", 1, madeOf === undefined ? {} : { label: { madeOf } });
  const found = (over: PlanOver, id: string) => cautions(over).find((c) => c.id === id);

  test("onion in the stock is onion in the animals' pot; without word of it, it is not trusted", () => {
    expect(found({ feeds: "animals", ...stock(["lambNeck", "onion"]) }, "animals")).toMatchObject({
      severity: "danger",
      title: "Not for animals: Onion",
    });
    expect(found({ feeds: "animals", ...stock() }, "animals")?.severity).toBe("danger");
    expect(found({ feeds: "animals", ...stock(["hareFrame"]) }, "animals")?.severity).toBe("note");
  });

  test.each([
    ["vegetarian", ["lambNeck", "carrot"], /lamb neck, which is meat/],
    ["vegetarian", ["smokedTroutFrame"], /is fish/],
    ["noPork", ["porkTrotter"], /pork trotters, which is pork/],
    ["vegan", ["celeriac", "fennel"], null],
    ["vegan", undefined, /check its label/],
  ] as const)("%s, a stock of %s", (diet, madeOf, words) => {
    const text = found({ diets: [diet], ...stock(madeOf?.slice()) }, "diet")?.text;
    if (words === null) expect(text).toBeUndefined();
    else expect(text).toMatch(words);
  });

  test("bought stock is asked about until its label says plants only", () => {
    const bought = (label: object) =>
      found({ diets: ["vegan"], ...one("boughtStock", 1, { label }) }, "diet");
    expect(bought({})?.text).toMatch(/often made with meat/);
    expect(bought({ isPlant: true })).toBeUndefined();
  });
});

test("what splits or thickens waits for the lid, however it was staged", () => {
  const thick = (ingredientId: string, when: object) =>
    underPressure({
      items: [
        { id: "m", ingredientId: "goatShoulder", massKg: 0.8, when: { at: "start" } },
        { id: "x", ingredientId, massKg: 0.2, when } as never,
      ],
      water: { by: "amount", volumeL: 0.8 },
    });
  for (const id of ["cream", "flour", "condensedSoup", "jarSauce"]) {
    expect(thick(id, { at: "start" }), id).toContain("pressureThick");
    expect(thick(id, { at: "after", min: 0 }), id).toContain("pressureThick");
    expect(thick(id, { at: "beforeEnd", min: 10 }), id).not.toContain("pressureThick");
    expect(thick(id, { at: "offHeat" }), id).not.toContain("pressureThick");
  }
  // Coconut milk is a matter of school.
  expect(thick("coconutMilk", { at: "start" })).toContain("pressureCoconut");
  expect(thick("coconutMilk", { at: "start" })).not.toContain("pressureThick");
  expect(thick("coconutMilk", { at: "offHeat" })).not.toContain("pressureCoconut");
});

test("another pot's gravy, or stock with cream in it, is thickener and dairy under pressure too", () => {
  const withStock = (label: object) =>
    underPressure({
      items: [
        { id: "m", ingredientId: "goatShoulder", massKg: 0.8, when: { at: "start" } },
        { id: "x", ingredientId: "houseStock", massKg: 0.8, when: { at: "start" }, label },
      ],
      water: { by: "amount", volumeL: 0.2 },
    });
  expect(withStock({ madeOf: ["beefKnuckle"] })).not.toContain("pressureThick");
  expect(withStock({ madeOf: ["beefKnuckle"], starchGKg: 45 })).toContain("pressureThick");
  expect(withStock({ madeOf: ["beefKnuckle", "cream"] })).toContain("pressureThick");
  expect(withStock({ madeOf: ["beefKnuckle", "flour"] })).toContain("pressureThick");
});

test("a joint put in once it is hot is as slow in a crock as one from the start", () => {
  const joint = (when: object) => inCrock(mutton(1.8, 0.15, { when }));
  expect(joint({ at: "start" })).toContain("crockTooSlow");
  expect(joint({ at: "after", min: 0 })).toContain("crockTooSlow");
});

test("whole birds and hams are done by their core, cheeks by their cook value; boar and bear want 74 °C", () => {
  const done = (ingredientId: string, massKg: number) => {
    const plan = testBraise({
      ...one(ingredientId, massKg),
      vesselId: "tall",
      heat: HEATS.hob,
      end: "served",
      water: { by: "amount", volumeL: 3 },
      stop: { by: "tender" },
    } as PlanOver);
    return simulated(resolve(plan, testKitchen())).trace;
  };
  const bird = done("wholeChicken", 1.6);
  expect(bird.items[0]?.hottestCentreC).toBeGreaterThanOrEqual(74);
  expect(bird.holdMin).toBeLessThan(90);
  const ham = done("ham", 3);
  expect(ham.items[0]?.hottestCentreC).toBeGreaterThanOrEqual(63);
  expect(ham.holdMin).toBeLessThan(180);
  expect(done("beefCheek", 1.4).holdMin).toBeGreaterThan(150);
  for (const id of ["wildBoar", "bearMeat", "poultryLiver", "mincedPoultry"])
    expect(coreRuleOf(id)?.coreC, id).toBe(74);
  expect(coreRuleOf("mincedPork")?.coreC).toBe(71);
});

test("frozen meat in a crock is said once: refused, and not told of melting beside", () => {
  const frozen = inCrock(mutton(1.2, 0.03, { frozen: true }));
  expect(frozen).toContain("crockTooSlow");
  expect(frozen).not.toContain("frozen");
  expect(inCrock(one("carrot", 0.5, { frozen: true }))).toContain("frozen");
});

test("a cat's bowl with onion in it is a danger, whoever else eats", () => {
  const found = cautions({ diets: ["cat"] }).find((c) => c.id === "diet");
  expect(found?.severity).toBe("danger");
  expect(found?.whose).toMatch(/vet/);
});

describe("beans", () => {
  test("10 min low down, 30 where water boils under 98 °C, 45 under 96 °C", () => {
    expect(requiredBeanBoilMin(0)).toBe(10);
    expect(requiredBeanBoilMin(580)).toBe(10);
    expect(requiredBeanBoilMin(620)).toBe(30);
    expect(requiredBeanBoilMin(1170)).toBe(30);
    expect(requiredBeanBoilMin(1230)).toBe(45);
  });
});

describe("for animals", () => {
  const bowl = (items: object[], over: object = {}) =>
    cautions({ feeds: "animals", items: items as never, fat: "liftCold", ...over }).find(
      (c) => c.id === "animals",
    );
  const neck = { id: "n", ingredientId: "lambNeck", massKg: 2, when: { at: "start" } };
  const more = (ingredientId: string, massKg: number, rest: object = {}) => ({
    id: "m",
    ingredientId,
    massKg,
    when: { at: "start" },
    ...rest,
  });
  test("many little salts are judged over the whole pot", () => {
    const salty = (massKg: number) => bowl([neck, more("flakedSalt", massKg)]);
    expect(bowl([neck])?.severity).toBe("note");
    expect(salty(0.02)?.severity).toBe("danger");
    const brine = more("celery", 1, { label: { saltGKg: 4 } });
    const lots = bowl([neck, brine, { ...brine, id: "o", ingredientId: "carrot" }]);
    expect(lots?.title).toContain("Salt");
    expect(bowl([neck, more("celery", 1)])?.severity).toBe("note");
  });
  test("a bundle or ball of which nobody knows what is in it is not given; read, it may be", () => {
    for (const id of ["herbBundle", "spiceBall"]) {
      expect(bowl([neck, more(id, 0.02)])?.text, id).toContain("nobody knows what is in it");
      expect(bowl([neck, more(id, 0.02, { label: { madeOf: ["thyme"] } })])?.severity).toBe("note");
    }
    expect(
      bowl([neck, more("herbBundle", 0.02, { label: { madeOf: ["thyme", "leek"] } })])?.title,
    ).toContain("Leek");
  });
  test("rich fat is lifted off or it is too rich", () => {
    expect(bowl([neck, more("oil", 0.6)], { fat: "keep" })?.severity).toBe("danger");
    const rich = { fat: "keep", end: "served", water: { by: "amount", volumeL: 1 } };
    expect(bowl([more("porkShoulder", 1, { label: { fatGKg: 300 } })], rich)?.title).toContain(
      "Fat",
    );
  });
});

test("an onion in a pot for the cats is a danger that names it", () => {
  const caution = cautions({ feeds: "animals" }).find((c) => c.id === "animals");
  expect(caution).toMatchObject({ severity: "danger", title: "Not for animals: Onion" });
});

test("deer adds the testing advice, pigeon does not", () => {
  const text = (id: string) => cautions(one(id)).find((c) => c.id === "game")?.text ?? "";
  expect(text("deerJoint")).toMatch(/chronic wasting disease/);
  expect(text("pigeonFrame")).not.toMatch(/chronic wasting disease/);
});

describe("what is asked of new kinds of meat and shellfish", () => {
  const ids = (ingredientId: string) =>
    cautionsFor(
      simulated(
        resolve(
          testBraise({
            end: "served",
            items: [{ id: "m", ingredientId, massKg: 1, when: { at: "start" } }],
          }),
          testKitchen(),
        ),
        12,
      ),
    );
  test("live shells are looked through: mussels and clams, no crab, no sauce, no liquor", () => {
    for (const id of ["mussels", "clams"])
      expect(
        ids(id).map((c) => c.id),
        id,
      ).toContain("shellfish");
    for (const id of ["crab", "prawns", "squid", "oysterSauce", "shellfishLiquor"])
      expect(
        ids(id).map((c) => c.id),
        id,
      ).not.toContain("shellfish");
  });
  test("wasting disease is named with deer, elk and moose, not with hare", () => {
    const said = (id: string) => ids(id).find((c) => c.id === "game")?.text;
    for (const id of ["deerShank", "deerDice", "elk"]) expect(said(id)).toMatch(/wasting/);
    for (const id of ["harePieces", "pheasant"]) expect(said(id)).not.toMatch(/wasting/);
  });
  test.each([
    ["rabbit", 71],
    ["kidney", 71],
    ["beefHeart", 71],
    ["poultryGizzards", 74],
    ["elk", 74],
    ["cookedHam", 74],
    ["cookedPoultry", 74],
    ["lambShank", 63],
    ["vealShoulder", 63],
  ])("%s is to reach %i °C", (id, coreC) => {
    expect(coreRuleOf(id)?.coreC).toBe(coreC);
  });
});

test("strained in between, what is told at the sieve is told at the stove too", () => {
  const places = (isStrained: boolean, id: string) =>
    cautions({
      water: { by: "amount", volumeL: 7 },
      then: [
        {
          id: "down",
          heat: { method: "hob", vigour: "rolling", lid: "off", boilFirstMin: null },
          stop: { by: "time", holdMin: 20 },
          ...(isStrained ? { isStrained } : {}),
        },
      ],
    }).find((c) => c.id === id)?.places;
  for (const id of ["twoPeople", "splinters"]) {
    expect(places(true, id), id).toContain("cook");
    expect(places(false, id), id).not.toContain("cook");
  }
});
