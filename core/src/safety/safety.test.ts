import { describe, expect, test } from "vitest";
import { testKitchen, testPlan } from "../../test/kitchen";
import { simulate } from "../simulate/simulate";
import { coldWaterKg, fitIn, waterL } from "../simulate/water-ways";
import { requiredBeanBoilMin } from "./bean-boil";
import { cautionsFor, RULES } from "./rules";

type PlanOver = Parameters<typeof testPlan>[0];

function cautions(over: PlanOver = {}, litHour: number | null = 9, altitudeM = 1640) {
  const plan = testPlan(over);
  const kitchen = testKitchen({ altitudeM });
  const litres = waterL(plan, kitchen);
  const vessel = kitchen.vessels[0];
  if (vessel === undefined) throw new Error("no vessel");
  const trace = simulate(plan, kitchen, { waterKg: coldWaterKg(litres, kitchen) });
  const fit = fitIn(vessel, plan, litres);
  return cautionsFor({ plan, kitchen, trace, fit, waterL: litres, litHour });
}
const ids = (...args: Parameters<typeof cautions>) => cautions(...args).map((c) => c.id);
const one = (ingredientId: string, massKg = 1, more: object = {}) => ({
  items: [{ id: "x", ingredientId, massKg, when: { at: "start" as const }, ...more }],
});

/** Each hazard with a plan that has it and a near miss that has not. */
const CASES: readonly [hazard: string, id: string, yes: () => string[], no: () => string[]][] = [
  [
    "over the rim",
    "fillLine",
    () => ids({ water: { by: "amount", volumeL: 8.6 } }),
    () => ids({ water: { by: "amount", volumeL: 8.2 } }),
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
];

describe("cautions stand where the risk arises and stay away where it does not", () => {
  test.each(CASES)("%s: %s", (_hazard, id, yes, no) => {
    expect(yes()).toContain(id);
    expect(no()).not.toContain(id);
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

describe("beans", () => {
  test("10 min low down, 30 where water boils under 98 °C, 45 under 96 °C", () => {
    expect(requiredBeanBoilMin(0)).toBe(10);
    expect(requiredBeanBoilMin(580)).toBe(10);
    expect(requiredBeanBoilMin(620)).toBe(30);
    expect(requiredBeanBoilMin(1170)).toBe(30);
    expect(requiredBeanBoilMin(1230)).toBe(45);
  });

  test("a plan that boils them long enough is not a danger any more", () => {
    const beans = (boilFirstMin: number) =>
      cautions({
        ...one("runnerBean", 0.3),
        heat: { method: "hob", vigour: "gentle", lid: "on", boilFirstMin },
      }).find((c) => c.id === "beans")?.severity;
    expect(beans(44)).toBe("danger");
    expect(beans(45)).toBe("caution");
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
