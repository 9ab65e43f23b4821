import { asPlanned } from "../simulate/as-planned";
import { resolve } from "../simulate/set-pot";
import { SCHEMA_VERSION } from "../simulate/schema-version";
import fc from "fast-check";
import { inWords } from "../units/said";
import { noteOf } from "./keeping";
import { describe, expect, test } from "vitest";
import { happened } from "../../test/events";
import { simulated } from "../../test/simulated";
import { cautionsFor } from "../safety/rules";
import { testBraise, testKitchen, testPlan } from "../../test/kitchen";
import type { Batch } from "../batch/batch-schema";
import { fold } from "../batch/fold";
import { linkedTo } from "../dish/linked";
import { costOf, shoppingList } from "../dish/shopping";
import { filled } from "../portion/headspace";
import { PlanItemSchema, type Plan } from "../simulate/plan-schema";
import { simulate } from "../simulate/simulate";
import { coldWaterKg } from "../simulate/stated-water";
import { StoreContainerSchema } from "../vessel/store-container";
import { COLD_DENSITY_KG_L } from "../water/properties";
import {
  canBe,
  drawerOf,
  drawnFrom,
  drawsOf,
  enoughFor,
  lotNeed,
  rawKg,
  spokenFor,
  type Drawer,
} from "./draws";
import { lasts } from "./daily-use";
import { labelOf, LABEL_SHEETS, PAGE_MM, pagesOf } from "./label-of";
import { larderOf } from "./larder";
import { portionCautions, shelfCautions } from "./larder-cautions";
import type { Lot } from "./larder-schema";
import { codeFor, lotPerKg, potFacts } from "./lot-of";
import { allergensOf } from "../dish/diets";
import { flourGLOf } from "../simulate/binding";
import { goesInPan, liquidKgOf, panPlan } from "./in-a-pan";
import { isUnsalted, litresOf } from "./lot-amounts";
import { petHazardsIn } from "./pet-hazards";
import { lotFrom, potLeft } from "./portioned";
import { rawLot } from "./raw-lot";

const kitchen = testKitchen({
  prices: [
    { ingredientId: "lambNeck", perKg: 7 },
    { ingredientId: "onion", perKg: 1 },
    { ingredientId: "tableSalt", perKg: 0 },
  ],
});
const batchOf = (plan: Plan, id = "b"): Batch => ({
  schemaVersion: SCHEMA_VERSION,
  id,
  createdMs: 50,
  plan,
  kitchen,
});
const drawing = (plan: Plan, over: Partial<Batch> = {}): Drawer => {
  const batch = { ...batchOf(plan), ...over };
  return drawerOf({ batch, stored: batch });
};
const strainedAt = (volumeL: number, ...more: object[]) =>
  fold(
    happened(
      { kind: "lit", atMs: 0 },
      { kind: "offHeat", atMs: 400 * 60_000 },
      {
        kind: "strained",
        atMs: 401 * 60_000,
        measured: { volumeL, passes: 1, clothPasses: 0, pressed: false },
      },
      ...more,
    ),
  );
const salted = testPlan({
  items: [
    ...testPlan().items,
    { id: "salt", ingredientId: "tableSalt", massKg: 0.02, when: { at: "beforeEnd", min: 5 } },
    { id: "spelt", ingredientId: "pearledSpelt", massKg: 0.1, when: { at: "afterStrain" } },
  ],
});
const jar = StoreContainerSchema.parse({
  id: "j",
  name: "Jar",
  kind: "jar",
  capacityL: 0.5,
  heightM: 0.1,
});
const factsOf = (plan: Plan, volumeL: number, ...more: object[]) => {
  const [facts] = potFacts(batchOf(plan), strainedAt(volumeL, ...more), new Map());
  if (facts === undefined) throw new Error("not strained");
  return facts;
};
const lotOf = (plan = salted) =>
  lotFrom({
    id: "lot",
    batch: batchOf(plan),
    facts: factsOf(plan, 3),
    container: jar,
    place: "freezer",
    day: "260318",
    usedCodes: new Set(["260318A"]),
  });

describe("what a pot gave", () => {
  test("as simulated where it came out as planned: salt, gelatin, allergens without what goes in after", () => {
    const before = testPlan({ items: salted.items.filter((i) => i.id !== "spelt") });
    const { strained } = asPlanned(resolve(before, kitchen)).trace;
    const facts = factsOf(salted, strained.volumeL);
    expect((facts.label.saltGKg ?? 0) * COLD_DENSITY_KG_L).toBeCloseTo(strained.saltGL, 1);
    expect((facts.label.gelatinGKg ?? 0) * COLD_DENSITY_KG_L).toBeCloseTo(strained.gelatinGL, 1);
    expect(facts.label.madeOf).toContain("lambNeck");
    expect(facts.label.madeOf).not.toContain("pearledSpelt");
    expect(facts.label.allergens).not.toContain("gluten");
    expect(facts.isLiquid).toBe(true);
  });

  test("its cost is by the weight that came through; one price missing, and nothing is said", () => {
    expect(factsOf(testPlan(), 3).costPerKg).toBeCloseTo(
      (2.2 * 7 + 0.18) / (3 * COLD_DENSITY_KG_L),
      3,
    );
    expect(factsOf(salted, 3).costPerKg).toBeNull();
  });

  test("what a pot draws from the larder costs what that cost to make; bought things there, their price", () => {
    const stock: Lot = { ...lotOf(testPlan()), id: "jars", costPerKg: 4 };
    const bought: Lot = { ...lotOf(testPlan()), id: "bag", costPerKg: null };
    const lots = new Map([stock, bought].map((lot) => [lot.id, lot]));
    const item = (more: object, i: number) =>
      PlanItemSchema.parse({ id: `i${i}`, when: { at: "start" }, massKg: 1, ...more });
    const costs = (...items: object[]) =>
      costOf(resolve(testPlan({ items: items.map(item) }), kitchen), lotPerKg(lots));
    expect(costs({ ingredientId: "houseStock", massKg: 1.5, fromLotId: "jars" })).toEqual({
      cost: 6,
      unpriced: 0,
    });
    expect(costs({ ingredientId: "lambNeck", massKg: 2, fromLotId: "bag" })?.cost).toBe(14);
    // Stock of nobody knows what cost is not free: it is said to be missing.
    expect(costs({ ingredientId: "lambNeck" }, { ingredientId: "houseStock" })).toEqual({
      cost: 7,
      unpriced: 1,
    });
    expect(costs({ ingredientId: "lambNeck", fromLotId: "gone" })?.cost).toBe(7);
    expect(costs({ ingredientId: "water" })).toBeNull();
  });

  test("litres are conserved from the pot to its portions, over containers and what is used", () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.3, max: 8, noNaN: true }),
        fc.integer({ min: 0, max: 6 }),
        fc.double({ min: 0, max: 0.25, noNaN: true }),
        (volumeL, wanted, share) => {
          const facts = factsOf(testPlan(), volumeL);
          const fill = filled(litresOf(facts.allKg), jar, true, wanted);
          const usedKg = (facts.allKg - fill.count * fill.eachL * COLD_DENSITY_KG_L) * share;
          const base = { schemaVersion: SCHEMA_VERSION, atMs: 1 };
          const events = [
            ...(fill.count > 0
              ? [
                  {
                    ...base,
                    id: "s",
                    kind: "stored" as const,
                    lot: lotFrom({
                      id: "l",
                      batch: batchOf(testPlan()),
                      facts,
                      container: jar,
                      place: "freezer",
                      day: "260318",
                      usedCodes: new Set(),
                    }),
                    count: fill.count,
                    place: "freezer" as const,
                  },
                ]
              : []),
            ...(usedKg > 0
              ? [
                  {
                    ...base,
                    id: "u",
                    kind: "used" as const,
                    batchId: "b",
                    massKg: usedKg,
                    out: "table" as const,
                  },
                ]
              : []),
          ];
          const left = potLeft("b", facts, larderOf(events, [], "short"));
          expect(left.storedKg + left.usedKg + left.leftKg).toBeCloseTo(facts.allKg, 9);
          expect(litresOf(left.storedKg)).toBeCloseTo(fill.count * fill.eachL, 9);
        },
      ),
      { numRuns: 30 },
    );
  });
});

describe("a lot in a plan", () => {
  const item = PlanItemSchema.parse({
    id: "stock",
    ingredientId: "boughtStock",
    massKg: 1,
    when: { at: "start" },
    fromPlanId: "other",
  });

  test("brings its salt and gelatin to the gram, and is cold where it is frozen", () => {
    const lot = lotOf();
    const drawn = drawnFrom(item, lot, "freezer");
    expect(drawn).toMatchObject({
      ingredientId: "houseStock",
      fromLotId: "lot",
      frozen: true,
      massKg: 1,
    });
    expect(drawn.fromPlanId).toBeUndefined();
    const plan = testPlan({
      items: [testPlan().items[0]!, drawn],
      water: { by: "amount", volumeL: 3 },
    });
    const trace = simulate(resolve(plan, kitchen), { waterKg: coldWaterKg(3, kitchen) });
    const none = simulate(resolve({ ...plan, items: [plan.items[0]!] }, kitchen), {
      waterKg: coldWaterKg(4, kitchen),
    });
    const grams = (t: typeof trace) => t.strained.saltGL * t.strained.volumeL;
    const kept = trace.strained.liquidKg / trace.endLiquidKg;
    expect(grams(trace) - grams(none)).toBeGreaterThan((lot.label.saltGKg ?? 0) * kept * 0.9);
    expect(grams(trace)).toBeLessThanOrEqual((lot.label.saltGKg ?? 0) + 1e-6);
  });

  test("takes whole containers, says what is over and when there are too few", () => {
    const lot = lotOf();
    const events = [
      {
        id: "s",
        atMs: 1,
        schemaVersion: SCHEMA_VERSION,
        kind: "stored" as const,
        lot,
        count: 2,
        place: "freezer" as const,
      },
    ];
    const larder = larderOf(events, [], "short");
    const need = lotNeed({ ...drawnFrom(item, lot, "freezer"), massKg: 0.6 }, larder, 1);
    expect(need).toMatchObject({ wantCount: 2, haveCount: 2, isEnough: true });
    expect(need?.overKg).toBeCloseTo(2 * lot.eachKg - 0.6, 9);
    expect(lotNeed(drawnFrom(item, lot, "freezer"), larder, 1)?.isEnough).toBe(false);
    expect(lotNeed(item, larder, 1)).toBeNull();
    // Thawed and past its days it is there, but not to be eaten.
    const thawed = larderOf(
      [
        ...events,
        {
          ...events[0]!,
          id: "m",
          kind: "moved",
          lotId: lot.id,
          from: "freezer",
          count: 2,
          atMs: 2,
        },
      ] as never,
      [],
      "short",
    );
    const small = { ...drawnFrom(item, lot, "fridge"), massKg: 0.1 };
    expect(lotNeed(small, thawed, 3)?.isEnough).toBe(true);
    expect(lotNeed(small, thawed, 4 * 86_400_000)?.haveCount).toBe(0);
  });

  test("is drawn by the pots that are on, but never by practice, and spoken for by plans that wait", () => {
    const lot = lotOf();
    const lots = new Map([["lot", lot]]);
    const plan = testPlan({ id: "stew", items: [drawnFrom(item, lot, "freezer")] });
    const pot = drawing(plan);
    expect(drawsOf([pot], lots)).toMatchObject([{ lotId: "lot", count: 3, batchId: "b" }]);
    const practised = drawing(plan, { practice: { seed: 1, speed: 60, realMs: 0, potMs: 0 } });
    expect(drawsOf([practised], lots)).toEqual([]);
    expect(spokenFor([plan], [], lots)).toMatchObject([{ planId: "stew", count: 3 }]);
    expect(spokenFor([plan], [pot], lots)).toEqual([]);
    expect(spokenFor([plan], [practised], lots)).toHaveLength(1);
    expect(drawsOf([pot], new Map())).toEqual([]);
  });

  test("what it can stand for, and how many pots it is enough for", () => {
    const lot = lotOf();
    expect(canBe({ ingredientId: "boughtStock" }, lot)).toBe(true);
    expect(canBe({ ingredientId: "lambNeck" }, lot)).toBe(false);
    expect(canBe({ ingredientId: "lambNeck" }, { ingredientId: null })).toBe(false);
    const stew = testPlan({ id: "stew", items: [item] });
    const bones = enoughFor({ ingredientId: "lambNeck" }, 4.5, [stew, testPlan()]);
    expect(bones).toHaveLength(1);
    expect(bones[0]?.times).toBeCloseTo(4.5 / 2.2, 9);
    const short = enoughFor(lot, 0.4, [stew]);
    expect(short[0]?.shortKg).toBeCloseTo(0.6, 9);
  });
});

test("a second plan's link to a stock does not outlive a draw, and the other way round", () => {
  const drawn = drawnFrom(
    linkedTo(
      PlanItemSchema.parse({
        id: "x",
        ingredientId: "houseStock",
        massKg: 1,
        when: { at: "start" },
        label: { saltGKg: 99 },
      }),
      {
        planId: "p",
        name: "P",
        lowL: 1,
        expectedL: 1,
        highL: 1,
        saltGL: 5,
        gelatinGL: 5,
        alcoholGL: 0,
        set: "pours",
        unread: [],
        allergens: [],
        madeOf: [],
      },
    ),
    lotOf(),
    "fridge",
  );
  expect(drawn.fromPlanId).toBeUndefined();
  expect(drawn.label?.saltGKg).toBe(lotOf().label.saltGKg);
  expect(drawn.frozen).toBe(false);
});

describe("labels", () => {
  test("say what the lot is, to the day", () => {
    const lot = lotOf();
    expect(lot.code).toBe("260318B");
    expect(isUnsalted(lot)).toBe(false);
    const events = [
      {
        id: "s",
        atMs: lot.madeMs,
        schemaVersion: SCHEMA_VERSION,
        kind: "stored" as const,
        lot,
        count: 3,
        place: "freezer" as const,
      },
    ];
    const held = larderOf(events, [], "short").holdings[0]!;
    expect(labelOf(held)).toMatchObject({
      name: "Lamb neck broth",
      count: 3,
      isUnsalted: false,
      isFrozen: true,
      bestBeforeMs: lot.madeMs + 90 * 86_400_000,
      note: noteOf("stock"),
    });
    expect(labelOf(held).unread).toEqual([]);
    const lotWith = (label: object, over: object = {}) =>
      labelOf({ ...held, lot: { ...held.lot, label, ...over } as never });
    expect(lotWith({ allergens: [], unread: ["stockCube"] }).unread).toEqual(["stock cubes"]);
    // Leftovers by an unknown name, and a bought thing nobody read: anything may be in them.
    const leftovers = { kind: "leftovers", ingredientId: null, name: "Curry of Sunday" };
    expect(lotWith({}, leftovers).unread).toEqual(["Curry of Sunday"]);
    const fish = { kind: "rawMeat", ingredientId: "trout", name: "Trout" };
    expect(lotWith({}, fish)).toMatchObject({ unread: [], allergens: ["fish"] });
    expect(lotWith({}, { ...fish, ingredientId: "sausage", name: "Sausage" }).unread).toEqual([
      "Sausage",
    ]);
    expect(labelOf(held).litres).toBeCloseTo(0.435, 6);
  });

  test("every sheet fits on its page", () => {
    for (const s of LABEL_SHEETS) {
      const page = PAGE_MM[s.page];
      const width = s.leftMm + s.columns * s.widthMm + (s.columns - 1) * s.gapXMm;
      expect(width, s.id).toBeLessThanOrEqual(page.widthMm + 0.05);
      expect(s.topMm + s.rows * s.heightMm, s.id).toBeLessThanOrEqual(page.heightMm + 0.05);
    }
  });

  test("begin where the sheet is not used up yet, and lose none", () => {
    const pages = pagesOf([1, 2, 3, 4, 5], 4, 2);
    expect(pages).toEqual([
      [null, null, 1, 2],
      [3, 4, 5],
    ]);
    expect(pagesOf([], 4, 0)).toEqual([]);
  });

  test("codes never come twice", () => {
    const used = new Set<string>();
    for (let i = 0; i < 40; i++) used.add(codeFor("260318", used));
    expect(used.size).toBe(40);
  });
});

test("animals: onion, salt and cooked bones are named, what nobody knows is not trusted", () => {
  const names = (lot: Parameters<typeof petHazardsIn>[0]) => petHazardsIn(lot).map((h) => h.name);
  expect(names(lotOf())).toEqual(expect.arrayContaining(["Onion", "Salt"]));
  const plain = {
    kind: "stock",
    ingredientId: "houseStock",
    label: { madeOf: ["hareFrame"] },
  } as const;
  expect(names({ ...plain, label: { madeOf: ["hareFrame"] } })).toEqual([]);
  expect(names({ ...plain, label: {} })).toEqual(["What it is made of"]);
  // A bundle in the pot it is from: known to have been read, not read, or never noted.
  const bundled = { madeOf: ["hareFrame", "herbBundle"] };
  expect(names({ ...plain, label: { ...bundled, unread: [] } })).toEqual([]);
  expect(names({ ...plain, label: { ...bundled, unread: ["herbBundle"] } })).toEqual([
    "Herb bundle",
  ]);
  expect(names({ ...plain, label: bundled })).toEqual(["Herb bundle"]);
  const raw = { kind: "trimmings", label: {} } as const;
  expect(names({ ...raw, ingredientId: "spiceBall" })).toEqual(["Spice ball"]);
  expect(names({ ...raw, ingredientId: "carrot" })).toEqual([]);
  expect(names({ ...raw, ingredientId: null })).toEqual(["What it is"]);
  // A spoon of vinegar is no mystery to a cat.
  expect(names({ ...plain, label: { madeOf: ["hareFrame", "vinegar"] } })).toEqual([]);
  expect(names({ kind: "carcass", ingredientId: "hareFrame", label: { madeOf: [] } })).toEqual([
    "Cooked bones",
  ]);
  expect(names({ kind: "trimmings", ingredientId: "leek", label: {} })).toEqual(["Leek"]);
  expect(names({ kind: "rawMeat", ingredientId: "goatShoulder", label: {} })).toEqual([]);
});

test("raw things that lie there come off a shopping list, unless spoken for or past their date", () => {
  const raw = rawLot({
    id: "r",
    name: "Necks",
    kind: "rawBones",
    ingredientId: "lambNeck",
    eachKg: 0.8,
    madeMs: 0,
    day: "260318",
    usedCodes: new Set(),
  });
  const base = { schemaVersion: SCHEMA_VERSION, atMs: 0 };
  const larder = larderOf(
    [{ ...base, id: "s", kind: "stored", lot: raw, count: 3, place: "freezer" }],
    [],
    "short",
  );
  const spoken = [{ lotId: "r", planId: "p", planName: "P", count: 1 }];
  expect(rawKg(larder, [], 1).get("lambNeck")).toBeCloseTo(2.4, 9);
  expect(rawKg(larder, spoken, 1).get("lambNeck")).toBeCloseTo(1.6, 9);
  expect(rawKg(larder, [], 181 * 86_400_000).size).toBe(0);
  const line = shoppingList([testPlan()], kitchen, rawKg(larder, spoken, 1)).lines.find(
    (l) => l.ingredientId === "lambNeck",
  );
  expect(line?.buyKg).toBeCloseTo(0.6, 9);
});

test("raw things by hand, and rations", () => {
  const raw = rawLot({
    id: "r",
    name: "Necks",
    kind: "rawBones",
    ingredientId: "lambNeck",
    eachKg: 0.8,
    madeMs: 5,
    day: "260318",
    usedCodes: new Set(),
  });
  expect(raw.container).toMatchObject({ kind: "bag", capacityL: 1 });
  expect(raw.isLiquid).toBe(false);
  const day = 86_400_000;
  const got = lasts({ eaters: 2, eachL: 0.03, timesADay: 2 }, 1.2, 600, 1000);
  expect(got.perDayL).toBeCloseTo(0.12, 12);
  expect(got.untilMs).toBeCloseTo(1000 + 10 * day, 0);
  expect(got.untilMs - got.makeByMs).toBe(600 * 60_000);
});

describe("cautions where portions are filled", () => {
  const usual = {
    isCold: true,
    remedy: null,
    wasReheated: false,
    stoodDays: 0.5,
    kind: "bag",
    isFrozen: true,
    codeText: "by the code",
    codeWhose: "the code",
  } as const;
  const ids = (over: Partial<Parameters<typeof portionCautions>[0]>) =>
    portionCautions({ ...usual, ...over }).map((c) => c.id);

  test("none where it is cold, in time, and goes frozen into bags", () => {
    expect(ids({})).toEqual([]);
  });

  test("a missed gate refuses it, and nothing is said beside of being cold first", () => {
    const [first] = portionCautions({ ...usual, remedy: "discard", isCold: false });
    expect(first).toMatchObject({ severity: "danger", refuses: true, whose: "the code" });
    expect(ids({ remedy: "discard", isCold: false })).toEqual(["gate-missed"]);
    const [again] = portionCautions({ ...usual, remedy: "reheatOnce" });
    expect(again).toMatchObject({ id: "gate-missed", refuses: true });
    expect(inWords(again?.text ?? "", "metric")).toMatch(/back to 74 °C within 2 h/);
    // Hot again once and cold in time then: kept, and it stays said.
    expect(ids({ wasReheated: true })).toEqual(["gate-late"]);
    expect(ids({ wasReheated: true, remedy: "discard" })).toEqual(["gate-missed"]);
  });

  test("not cold, or never chilled by the clock, says so; over three days is a danger", () => {
    expect(ids({ isCold: false })).toEqual(["cold-first"]);
    expect(ids({ isCold: null })).toEqual(["cold-first"]);
    expect(ids({ stoodDays: 3 })).toEqual([]);
    expect(ids({ stoodDays: 3.1 })).toEqual(["stood-too-long"]);
    expect(ids({ stoodDays: 3.1, wasFrozenInTime: true })).toEqual([]);
  });

  test("glass cracks only frozen; a jar never keeps on a shelf; the fridge has its days", () => {
    expect(ids({ kind: "jar" })).toEqual(["jars-crack", "not-shelf-stable"]);
    expect(ids({ kind: "shoulderJar", isFrozen: false })).toEqual([
      "not-shelf-stable",
      "fridge-days",
    ]);
    expect(shelfCautions(["tub"]).map((c) => c.id)).toEqual(["keeping"]);
    expect(shelfCautions(["tub", "jar"]).map((c) => c.id)).toContain("not-shelf-stable");
    expect(shelfCautions(["jar"]).every((c) => c.whose !== "" && c.rule !== "")).toBe(true);
  });
});

describe("jars back in a pan", () => {
  let n = 0;
  const ids = () => `new-${n++}`;
  const jars = () => ({ ...lotOf(), eachKg: 0.5 });
  const many = (count: number) => ({ count, liquidKg: liquidKgOf(jars(), count)! });

  test("so many of them, with what is dissolved in them, boil down by half in the widest that holds them", () => {
    const plan = panPlan(jars(), "freezer", many(4), kitchen, ids)!;
    expect(plan.items).toHaveLength(1);
    expect(plan.items[0]).toMatchObject({
      massKg: 2,
      frozen: true,
      fromLotId: jars().id,
      label: jars().label,
    });
    expect(plan.vesselId).toBe("tall");
    // One jar would be a film in it: it goes into something narrower.
    expect(panPlan(jars(), "fridge", many(1), kitchen, ids)?.vesselId).toBe("casserole");
    const trace = simulate(resolve(plan, kitchen), { waterKg: 0 });
    expect(trace.problem).toBeNull();
    expect(trace.marks.map((m) => m.kind)).not.toContain("bonesBare");
    const liquidG = 2 * (jars().label.saltGKg ?? 0);
    expect(trace.strained.saltGL * trace.endLiquidL).toBeCloseTo(liquidG, 6);
    expect(trace.endLiquidKg).toBeCloseTo(1, 1);
    // It is drawn from its shelf as any other.
    expect(drawsOf([drawing(plan)], new Map([[jars().id, jars()]]))).toMatchObject([{ count: 4 }]);
  });

  test("what no pan holds, and what is no liquid, is not offered", () => {
    expect(panPlan(jars(), "fridge", many(60), kitchen, ids)).toBeNull();
    expect(panPlan({ ...jars(), kind: "rawBones" }, "fridge", many(1), kitchen, ids)).toBeNull();
    expect(panPlan(jars(), "fridge", many(1), { ...kitchen, rings: [] }, ids)).toBeNull();
  });

  test("how much of a dish is solid goes with its lot; a stock's is none", () => {
    const facts = { ...factsOf(salted, 3), isLiquid: false, solidsShare: 0.6 };
    const lot = lotFrom({
      id: "lot",
      batch: batchOf(salted),
      facts,
      container: jar,
      place: "fridge",
      day: "260318",
      usedCodes: new Set(),
    });
    expect(lot.solidsShare).toBe(0.6);
    expect(lotOf().solidsShare).toBeUndefined();
    const braise = testBraise({ end: "served" });
    const served = potFacts(
      batchOf(braise),
      fold(
        happened({
          kind: "strained",
          atMs: 0,
          measured: {
            massKg: 0.8,
            servedKg: 2,
            tempC: 15,
            passes: 1,
            clothPasses: 0,
            pressed: false,
          },
        }),
      ),
      new Map(),
    );
    expect(served[0]?.solidsShare).toBeCloseTo(0.6, 1);
  });

  test("a dish goes in as its sauce and its solids: only the sauce boils down, all its salt stays", () => {
    const dish: Lot = {
      ...jars(),
      kind: "dish",
      name: "Goat braise with apricots",
      ingredientId: null,
      isLiquid: false,
      solidsShare: 0.7,
      label: { ...jars().label, saltGKg: 8, starchGKg: 12 },
    };
    expect(liquidKgOf(dish, 4)).toBeCloseTo(0.6, 9);
    const plan = panPlan(dish, "fridge", { count: 4, liquidKg: 0.6 }, kitchen, ids)!;
    expect(plan.end).toBe("served");
    expect(plan.items.map((i) => [i.called, i.massKg])).toEqual([
      ["Goat braise with apricots: its sauce", 0.6],
      ["Goat braise with apricots: the solids", expect.closeTo(1.4, 9)],
    ]);
    const trace = simulate(resolve(plan, kitchen), { waterKg: 0 });
    expect(trace.problem).toBeNull();
    expect(trace.endLiquidKg).toBeCloseTo(0.48, 2);
    expect(trace.items.find((i) => i.endKg > 1)?.endKg).toBeCloseTo(1.4, 9);
    expect(trace.strained.saltG).toBeCloseTo(2 * 8, 9);
    expect(flourGLOf(plan, trace) * trace.endLiquidL).toBeCloseTo(2 * 12, 6);
    expect(cautionsFor(simulated(resolve(plan, kitchen))).map((c) => c.id)).toContain("reheatOnce");
    // What it was made of is asked of it still, and its jars are drawn once.
    expect(allergensOf(plan)).toEqual(allergensOf({ ...plan, items: [plan.items[0]!] }));
    expect(drawsOf([drawing(plan)], new Map([[dish.id, dish]]))).toMatchObject([{ count: 4 }]);
  });

  test("a sauce kept apart is a dish too: eaten, and heated once; a stock is cooked anew", () => {
    const sauce: Lot = {
      ...jars(),
      kind: "dish",
      name: "Goat braise: the sauce",
      ingredientId: null,
      isLiquid: true,
    };
    const plan = panPlan(sauce, "fridge", { count: 2, liquidKg: 1 }, kitchen, ids)!;
    expect(plan.end).toBe("served");
    expect(plan.items.map((i) => i.called)).toEqual(["Goat braise: the sauce"]);
    const idsOf = (of: Plan) => cautionsFor(simulated(resolve(of, kitchen))).map((c) => c.id);
    expect(idsOf(plan)).toContain("reheatOnce");
    const stock = panPlan(jars(), "fridge", many(2), kitchen, ids)!;
    expect(idsOf(stock)).not.toContain("reheatOnce");
    // Stock drawn for a braise makes a new dish of it.
    const [drawn] = stock.items;
    const braise = testBraise({ end: "served", items: [...testBraise().items, drawn!] });
    expect(idsOf(braise)).not.toContain("reheatOnce");
  });

  test("a dish of which nobody knows what is in it, or how much is liquid, is not guessed at", () => {
    const dish: Lot = { ...jars(), kind: "dish", isLiquid: false, ingredientId: null };
    expect(liquidKgOf(dish, 2)).toBeNull();
    expect(goesInPan(dish)).toBe(jars().label.madeOf !== undefined);
    expect(goesInPan({ ...dish, label: {} })).toBe(false);
    expect(panPlan(dish, "fridge", { count: 1, liquidKg: 0 }, kitchen, ids)).toBeNull();
  });
});
