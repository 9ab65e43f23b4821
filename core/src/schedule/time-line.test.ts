import { resolve } from "../simulate/set-pot";
import { describe, expect, test } from "vitest";
import { HEATS, testBraise, testKitchen, VESSEL_OF, type HeatName } from "../../test/kitchen";
import { byTime, gravyBraise, hob, stretch } from "../../test/stretches";
import type { Plan } from "../simulate/plan-schema";
import { simulate } from "../simulate/simulate";
import { POT_TIMES } from "./pot-times";
import { timeLine } from "./time-line";
import { turnsOf, turnTo } from "./turns";

const lineOf = (plan: Plan) => {
  const trace = simulate(resolve(plan, testKitchen()), { waterKg: 1.4 });
  return { trace, line: timeLine({ ...plan, prepareMin: 0 }, trace) };
};
const on = (name: HeatName, over: Parameters<typeof testBraise>[0] = {}) =>
  testBraise({ heat: HEATS[name], vesselId: VESSEL_OF[name], end: "served", ...over });

describe("the work from the flame to the table", () => {
  test.each<[string, Plan]>([
    ["on the hob", on("hob")],
    ["in the oven", on("oven")],
    ["kept on WARM", on("low", { heat: { ...HEATS.low, warmMin: 90 } })],
    ["under pressure", on("pressure", { stop: byTime(20) })],
    ["in three stretches", gravyBraise()],
    [
      "pressure, then open",
      on("pressure", { stop: byTime(20), then: [stretch("o", hob("gentle", "off"), byTime(25))] }),
    ],
    [
      "HIGH on WARM in between",
      on("high", {
        heat: { ...HEATS.high, warmMin: 30 },
        stop: byTime(60),
        then: [stretch("r", { method: "rest", lid: "on" }, byTime(20))],
      }),
    ],
  ])("%s: one part after the other, as long as the pot takes", (_name, plan) => {
    const { trace, line } = lineOf(plan);
    expect(line.at(-1)?.toMin).toBeCloseTo(trace.totalMin, 3);
    line.slice(1).forEach((part, i) => expect(part.fromMin).toBe(line[i]?.toMin));
  });

  test("a simmer is looked at, an oven is shut once, a gauge is only heard", () => {
    const hands = (name: HeatName, what: string) =>
      lineOf(on(name, { stop: byTime(165) })).line.find((p) => p.what === what)?.handsOnMin;
    const { shut, look, lookEvery } = POT_TIMES;
    expect(hands("oven", "In the oven")).toBe(shut.value);
    expect(hands("low", "In the slow cooker")).toBe(shut.value);
    expect(hands("hob", "Simmers")).toBe(Math.floor(165 / lookEvery.value) * look.value);
    expect(hands("pressure", "At pressure")).toBe(0);
  });

  test("each stretch by its name", () => {
    const { line } = lineOf(
      on("pressure", { stop: byTime(20), then: [stretch("o", hob("gentle", "off"), byTime(25))] }),
    );
    expect(line.map((p) => p.what)).toEqual([
      "Up to pressure",
      "At pressure",
      "Pressure down",
      "Simmers",
    ]);
  });
});

describe("what is done to begin a stretch", () => {
  test("is said by what changes", () => {
    const oven = { ...HEATS.oven };
    const plan = testBraise({
      heat: hob("gentle", "on"),
      then: [
        stretch("a", hob("gentle", "off"), byTime(9)),
        stretch("b", hob("rolling", "off"), byTime(9)),
        stretch("c", oven, byTime(9)),
        stretch("d", { ...oven, ovenC: 200 }, byTime(9)),
        stretch("e", { method: "rest", lid: "on" }, byTime(9)),
      ],
    });
    expect(turnsOf(plan).map((t) => t.title)).toEqual([
      "Lid off",
      "Rolling boil, lid off",
      "Into the oven",
      "Turn the oven up",
      "Heat off, let it stand, lid on",
    ]);
    expect(turnTo(plan, "c")?.from).toEqual(hob("rolling", "off"));
    expect(turnTo(plan, "none")).toBeUndefined();
    expect(turnsOf(testBraise())).toEqual([]);
  });
});
