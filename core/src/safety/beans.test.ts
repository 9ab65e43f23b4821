import { resolve } from "../simulate/set-pot";
import { describe, expect, test } from "vitest";
import { HEATS, testKitchen, testPlan, VESSEL_OF, type HeatName } from "../../test/kitchen";
import { simulated } from "../../test/simulated";
import type { Plan, PlanItem } from "../simulate/plan-schema";
import { beansUnboiled, beansUnsoaked } from "./beans";

const SOAKED = [{ kind: "soak" as const }];
const bean = (over: Partial<PlanItem> = {}) => ({
  id: "bean",
  ingredientId: "kidneyBean",
  massKg: 0.4,
  when: { at: "start" as const },
  work: SOAKED,
  ...over,
});
const hob = (boilFirstMin: number | null, vigour: "gentle" | "steady" | "rolling" = "gentle") => ({
  method: "hob" as const,
  vigour,
  lid: "on" as const,
  boilFirstMin,
});
const beanPot = (item: object, over: Partial<Plan> = {}) =>
  testPlan({
    end: "served",
    items: [item as never],
    water: { by: "amount", volumeL: 2.2 },
    heat: hob(null),
    stop: { by: "time", holdMin: 90 },
    ...(over as object),
  });
const on = (name: HeatName, holdMin: number) => ({
  heat: HEATS[name] as Plan["heat"],
  vesselId: VESSEL_OF[name],
  water: { by: "amount" as const, volumeL: 1.2 },
  stop: { by: "time" as const, holdMin },
});
const SEA = testKitchen({ altitudeM: 0 });
const unboiled = (plan: Plan, kitchen = SEA) => beansUnboiled(simulated(resolve(plan, kitchen)));

describe("each bean's own minutes at a full boil", () => {
  test.each<[string, Plan, Plan]>([
    ["never boiled hard / boiled ten", beanPot(bean()), beanPot(bean(), { heat: hob(10) })],
    [
      "a steady simmer / a rolling boil",
      beanPot(bean(), { heat: hob(null, "steady") }),
      beanPot(bean(), { heat: hob(null, "rolling"), stop: { by: "time", holdMin: 10 } }),
    ],
    [
      "nine minutes / ten",
      beanPot(bean(), { heat: hob(9) }),
      beanPot(bean({ boiledMin: 1 }), { heat: hob(9) }),
    ],
    [
      "in when the boil is over / boiled apart before",
      beanPot(bean({ when: { at: "after", min: 5 } }), { heat: hob(30) }),
      beanPot(bean({ when: { at: "after", min: 5 }, boiledMin: 10 }), { heat: hob(30) }),
    ],
    [
      "off the heat / boiled before",
      beanPot(bean({ when: { at: "offHeat" } }), { heat: hob(30) }),
      beanPot(bean({ when: { at: "offHeat" }, boiledMin: 10 })),
    ],
    [
      "the next day / boiled before",
      beanPot(bean({ when: { at: "nextDay" } }), { heat: hob(30) }),
      beanPot(bean({ when: { at: "nextDay" }, boiledMin: 10 })),
    ],
    [
      "a slow cooker alone / boiled before",
      beanPot(bean(), on("low", 480)),
      beanPot(bean({ boiledMin: 10 }), on("low", 480)),
    ],
    [
      "an oven at 150 / boiled before",
      beanPot(bean(), on("oven", 240)),
      beanPot(bean({ boiledMin: 10 }), on("oven", 240)),
    ],
    [
      "after the release / under pressure",
      beanPot(bean({ when: { at: "beforeEnd", min: 5 } }), on("pressure", 20)),
      beanPot(bean(), on("pressure", 20)),
    ],
    [
      "three minutes under pressure / five",
      beanPot(bean(), {
        ...on("pressure", 1),
        heat: { ...HEATS.pressure, release: "quick" } as Plan["heat"],
      }),
      beanPot(bean(), {
        ...on("pressure", 5),
        heat: { ...HEATS.pressure, release: "quick" } as Plan["heat"],
      }),
    ],
  ])("%s", (_what, danger, fine) => {
    expect(unboiled(danger)).toMatchObject({ id: "beans", severity: "danger" });
    expect(unboiled(fine)).toBeNull();
    expect(beansUnsoaked(simulated(resolve(fine, SEA)))).toBeNull();
  });

  test("one kind boiled does not speak for another that goes in late", () => {
    const both = beanPot(bean(), { heat: hob(30) });
    const late = {
      ...both.items[0]!,
      id: "late",
      ingredientId: "whiteBean",
      when: { at: "after" as const, min: 20 },
    };
    const found = unboiled({ ...both, items: [...both.items, late] });
    expect(found?.text).toMatch(/^White beans, dry: about 0 min .*when the boil is over/);
  });

  test("where water boils lower they need longer; under pressure they do not", () => {
    const high = testKitchen({ altitudeM: 1640 });
    expect(unboiled(beanPot(bean(), { heat: hob(30) }), high)?.title).toContain("45 min");
    expect(unboiled(beanPot(bean(), { heat: hob(45) }), high)).toBeNull();
    expect(unboiled(beanPot(bean(), on("pressure", 20)), high)).toBeNull();
  });

  test("a crock refuses them, a pot on the ring is warned", () => {
    expect(unboiled(beanPot(bean(), on("high", 300)))?.refuses).toBe(true);
    expect(unboiled(beanPot(bean()))?.refuses).toBeUndefined();
  });
});

test("not soaked, or hardly, is a caution of its own", () => {
  const soak = (work: PlanItem["work"]) =>
    beansUnsoaked(simulated(resolve(beanPot(bean({ work })), SEA)));
  expect(soak([])?.text).toContain("not soaked");
  expect(soak([{ kind: "soak", min: 120 }])?.text).toContain("2 h only");
  expect(soak([{ kind: "soak", min: 300 }])).toBeNull();
  expect(
    beansUnsoaked(simulated(resolve(beanPot(bean({ ingredientId: "chickpea", work: [] })), SEA))),
  ).toBeNull();
});
