import { resolve } from "@kettlos/core/simulate/set-pot";
import { SCHEMA_VERSION } from "@kettlos/core/simulate/schema-version";
import { CookEventSchema } from "@kettlos/core/events/event-schema";
import type { Gap } from "@kettlos/core/batch/gap";
import { answersFor } from "@kettlos/core/because/answers";
import { PlanSchema } from "@kettlos/core/simulate/plan-schema";
import { describe, expect, test } from "vitest";
import { NOW, planOf, sample } from "../../test/pot";
import { copyOf } from "../data/copy-plan";
import { newPlan } from "../data/new-plan";
import { markLabels } from "../drawings/mark-labels";
import { plannedBands } from "../data/planned-bands";
import { countdown } from "./cook/countdown";
import { eventSaid } from "@kettlos/core/events/event-said";
import { inWords } from "@kettlos/core/units/said";
import { sharedScale } from "../drawings/shared-scale";
import { flavourCaution } from "./plan/dish/flavour-caution";
import { whenFor, whenRank, whenWords } from "../words/when-words";
import { waterWords } from "./plan/pot/water-words";
import { causeWords } from "../words/cause-words";

describe("times", () => {
  test.each([
    [3 * 60_000 + 40_000, "3:40"],
    [59_000, "0:59"],
    [0, "0:00"],
    [(63 * 60 + 40) * 1000, "1:03:40"],
    [-61_000, "+1:01"],
    [-400, "0:00"],
    [26 * 3_600_000, "26:00:00"],
  ])("%d ms is %s", (ms, text) => {
    expect(countdown(ms)).toBe(text);
  });
});

describe("when something goes in", () => {
  test("is said as on the ladder, and stands in the order of the work", () => {
    const whens = [
      { at: "afterStrain" as const },
      { at: "beforeEnd" as const, min: 30 },
      { at: "offHeat" as const },
      { at: "start" as const },
      { at: "beforeEnd" as const, min: 90 },
      { at: "beforeEnd" as const, min: 60 },
      { at: "nextDay" as const },
      { at: "after" as const, min: 0 },
    ];
    const sorted = [...whens]
      .sort((a, b) => whenRank(a, 180) - whenRank(b, 180))
      .map((when) => whenWords(when));
    expect(sorted).toEqual([
      "At start",
      "Once it boils",
      "Last 1 h 30",
      "Last hour",
      "Last 30 min",
      "Off the heat",
      "Strained",
      "Next day",
    ]);
  });

  test("the catalogue's moments become the plan's", () => {
    expect(whenFor("lastHour")).toEqual({ at: "beforeEnd", min: 60 });
    expect(whenFor("last30")).toEqual({ at: "beforeEnd", min: 30 });
    expect(whenFor("last10")).toEqual({ at: "beforeEnd", min: 10 });
    expect(whenFor("start")).toEqual({ at: "start" });
    expect(whenFor("offHeat")).toEqual({ at: "offHeat" });
    expect(whenFor("afterStrain")).toEqual({ at: "afterStrain" });
  });
});

test("the ways of stating water are said in the cook's units", () => {
  expect(waterWords({ by: "over", overM: 0.025 }, "metric")).toBe("2.5 cm over");
  expect(waterWords({ by: "over", overM: 0.0254 }, "us")).toBe("1 in over");
  expect(waterWords({ by: "ratio", waterPerBone: 1.5 }, "both")).toBe("by weight 1 : 1.5");
  expect(waterWords({ by: "left", wanted: { by: "volume", volumeL: 3 } }, "metric")).toMatch(
    /left/,
  );
});

describe("the gap in words", () => {
  const gap = (gapL: number, steam: number, solids: number): Gap => ({
    plannedL: 3,
    gotL: 3 + gapL,
    gapL,
    parts: [
      { cause: "steam", litres: steam },
      { cause: "solids", litres: solids },
      { cause: "juice", litres: 0 },
      { cause: "measuring", litres: 0 },
    ],
    likeliest: Math.abs(steam) >= Math.abs(solids) ? "steam" : "solids",
  });

  test("less because it steamed faster, more because the bones let go", () => {
    expect(causeWords(gap(-0.4, -0.3, -0.1), "metric")).toBe(
      "400 mL less than planned. Likeliest: it steamed faster than expected (about 300 mL).",
    );
    expect(causeWords(gap(0.3, 0.1, 0.2), "metric")).toBe(
      "300 mL more than planned. Likeliest: the bones let go of more (about 200 mL).",
    );
  });

  test("a spoonful is no gap", () => {
    expect(causeWords(gap(0.04, 0.04, 0), "metric")).toMatch(/As planned/);
  });
});

describe("the course in words", () => {
  const plan = planOf("plan-lamb");
  const say = (event: object) =>
    inWords(
      eventSaid(
        CookEventSchema.parse({
          id: "e",
          batchId: "b",
          schemaVersion: SCHEMA_VERSION,
          atMs: NOW,
          ...event,
        }),
        plan,
      ),
      "metric",
    );

  test.each([
    [{ kind: "lit" }, "Ring lit"],
    [{ kind: "added", itemId: plan.items[1]?.id, massKg: 0.18 }, "Onion in, 180 g"],
    [{ kind: "added", itemId: "gone", massKg: 0.1 }, "Something in, 100 g"],
    [{ kind: "toppedUp", volumeL: 0.5 }, "Topped up, 500 mL"],
    [{ kind: "heatSet", vigour: "steady", lid: "on" }, "Turned to a steady simmer, lid on"],
    [{ kind: "read", reading: { form: "fromRim", value: 0.1 } }, "Level read, 10 cm from the rim"],
    [{ kind: "read", reading: { form: "potWeight", value: 9.1 } }, "Pot weighed, 9.1 kg"],
    [
      { kind: "read", reading: { form: "belowTideMark", value: 0.02 } },
      "Level read, 2 cm under the tide mark",
    ],
    [{ kind: "skimmed" }, "Skimmed"],
    [{ kind: "noted", text: "clear" }, "“clear”"],
    [
      {
        kind: "strained",
        measured: { massKg: 3.1, passes: 2, clothPasses: 0, pressed: false },
      },
      "Strained, 3.1 kg",
    ],
    [{ kind: "fatLifted", fatKg: 0.15 }, "Fat lifted, 150 g"],
    [{ kind: "setJudged", set: "wobbles" }, "Set when cold: wobbles"],
    [{ kind: "finished" }, "Logged"],
  ])("%o", (event, text) => {
    expect(say(event)).toBe(text);
  });
});

describe("marks on the ribbon", () => {
  test("things that go in together share a label; what comes after straining has none", () => {
    const plan = planOf("plan-lamb");
    const outcome = answersFor(resolve(plan, sample.kitchen), () => 9);
    if (!outcome.ok) throw outcome.problem;
    const { trace } = outcome.value;
    const texts = (units: "metric" | "us") => markLabels(plan, trace, units).map((l) => l.text);
    expect(texts("metric")).toEqual(["boils at 94.5 °C, skim", "onion, herb bundle", "strain"]);
    expect(texts("us")[0]).toBe("boils at 202 °F, skim");
  });

  test("without a boil first, the simmer is marked", () => {
    const plan = planOf("plan-trout");
    const outcome = answersFor(resolve(plan, sample.kitchen), () => 9);
    if (!outcome.ok) throw outcome.problem;
    expect(markLabels(plan, outcome.value.trace, "both")[0]?.text).toBe("simmers");
  });
});

describe("planned pots on the clock", () => {
  test("only those still to come, lit in time for pot and sieve", () => {
    const bands = plannedBands(sample.plans, sample.kitchen, NOW, new Map());
    expect(bands.map((b) => b.plan.id)).toEqual(["plan-lamb"]);
    const outcome = answersFor(resolve(planOf("plan-lamb"), sample.kitchen), () => 9);
    if (!outcome.ok) throw outcome.problem;
    expect(bands[0]?.lightMs).toBe(outcome.value.start?.lightMs);
    expect(plannedBands(sample.plans, sample.kitchen, NOW + 2 * 86_400_000, new Map())).toEqual([]);
    expect(plannedBands(sample.plans, null, NOW, new Map())).toEqual([]);
  });
});

describe("new plans and pots", () => {
  test("a new plan takes the largest pot that stands on a ring and the strongest ring", () => {
    const plan = newPlan(sample.kitchen);
    expect(plan).toMatchObject({ vesselId: "tall", ringId: "ring1", items: [] });
    expect(PlanSchema.safeParse(plan).success).toBe(true);
    // A pressure cooker is a pot only where nothing else is left, and an electric one stands on no ring.
    const cooker = sample.kitchen.vessels.find((v) => v.kind === "pressureCooker")!;
    const big = { ...cooker, id: "big", bottomM: cooker.bottomM, heightM: 0.6 };
    const pressure = { ...cooker.pressure!, drive: "electric" as const };
    const vessels = [...sample.kitchen.vessels, big, { ...big, id: "plug", pressure }];
    expect(newPlan({ ...sample.kitchen, vessels })?.vesselId).toBe("tall");
    expect(newPlan({ ...sample.kitchen, vessels: vessels.slice(-2) })?.vesselId).toBe("big");
    expect(newPlan({ ...sample.kitchen, rings: [] })).toBeNull();
    const crockOnly = sample.kitchen.vessels.filter((v) => v.kind === "slowCooker");
    expect(newPlan({ ...sample.kitchen, vessels: crockOnly })).toBeNull();
  });

  test("a copy shares nothing with its plan and wants no time", () => {
    const plan = planOf("plan-lamb");
    const copy = copyOf(plan);
    expect(copy.id).not.toBe(plan.id);
    expect(copy.readyAt).toBeNull();
    copy.items[0]!.massKg = 9;
    expect(plan.items[0]?.massKg).toBe(2.2);
  });

  test("a copy does not speak for what the first one took out of the larder", () => {
    const stock = planOf("plan-braise").items.find((i) => i.ingredientId === "houseStock");
    if (stock === undefined) throw new Error("no stock");
    const { fromPlanId: _plan, ...rest } = stock;
    const drawn = { ...rest, fromLotId: "lot", frozen: true, label: { saltGKg: 16 } };
    const [copied] = copyOf({ ...planOf("plan-braise"), items: [drawn] }).items;
    expect(copied).toEqual({ ...rest, label: undefined, frozen: false });
  });

  test("pots in a row share the scale of the tallest", () => {
    expect(sharedScale([...sample.kitchen.vessels, null], 113)).toBeCloseTo(113 / 0.226, 9);
    expect(sharedScale([], 100)).toBe(2000);
  });
});

describe("short of or past its flavour", () => {
  const at = (holdMin: number, vigour: "bare" | "steady") => {
    const base = planOf("plan-trout");
    const plan = PlanSchema.parse({
      ...base,
      stop: { by: "time", holdMin },
      heat: { ...base.heat, vigour, lid: "ajar" },
    });
    const outcome = answersFor(resolve(plan, sample.kitchen), () => 9);
    if (!outcome.ok) throw outcome.problem;
    return flavourCaution(outcome.value, "metric").map((c) => c.id);
  };

  test("a fumet is short after five minutes, right after half an hour, past after an hour", () => {
    expect(at(5, "bare")).toEqual(["short"]);
    expect(at(30, "steady")).toEqual([]);
    expect(at(75, "steady")).toEqual(["past"]);
  });

  test("what a dish wants is a round figure, also where the log has moved it", () => {
    const [goat] = planOf("plan-braise").items;
    const thing = { log: -0.1517, sd: 0.1, pots: 3 };
    const tender = { things: { tenderDice: thing }, kitchen: { log: 0, sd: 0.7, pots: 3 } };
    const none = { things: {}, kitchen: { log: 0, sd: 0.7, pots: 0 } };
    const kitchen = { ...sample.kitchen, learned: { steam: none, ring: none, tender } };
    const plan = { ...planOf("plan-braise"), stop: { by: "time" as const, holdMin: 60 } };
    const outcome = answersFor(resolve(plan, kitchen), () => 9);
    if (!outcome.ok || outcome.value.flavour === null) throw new Error("not judged");
    const { flavour } = outcome.value;
    const said = (state: typeof flavour.state) =>
      flavourCaution({ ...outcome.value, flavour: { ...flavour, state } }, "metric")[0]?.text;
    expect(goat?.ingredientId).toBe("goatShoulder");
    expect(said("short")).toMatch(/wants 64 or more\.$/);
    expect(said("past its best")).toMatch(/past its best from 223\.$/);
  });
});
