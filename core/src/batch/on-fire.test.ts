import { resolve } from "../simulate/set-pot";
import { ONE_COOK } from "../simulate/hands";
import { describe, expect, test } from "vitest";
import { inWords } from "../units/said";
import { happened } from "../../test/events";
import { testBraise, testKitchen, testPlan, HEATS, VESSEL_OF } from "../../test/kitchen";
import type { Plan } from "../simulate/plan-schema";
import { fold } from "./fold";
import { livePlan } from "./live-plan";
import { onFire } from "./on-fire";

const kitchen = testKitchen();
const LIT = Date.parse("2026-03-18T20:00:00Z");
const MIN = 60_000;
const at = (min: number) => Math.round(LIT + min * MIN);
const leek = {
  ...testPlan().items[0]!,
  id: "leek",
  ingredientId: "leek",
  massKg: 0.2,
  when: { at: "beforeEnd" as const, min: 60 },
};
const stock = testPlan({
  heat: { method: "hob", vigour: "gentle", lid: "ajar", boilFirstMin: 5 },
  stop: { by: "time", holdMin: 240 },
  items: [...testPlan().items, leek],
});
const lit = { kind: "lit", atMs: LIT };
const simmers = [
  { kind: "boils", atMs: at(35) },
  { kind: "simmers", atMs: at(40) },
];
const look = (plan: Plan, events: readonly object[], min: number) => {
  const cook = fold(happened(...events));
  return onFire(resolve(livePlan(plan, cook), kitchen), cook, at(min));
};
const severityOf = (plan: Plan, events: readonly object[], min: number, id: string) =>
  look(plan, events, min).cautions.find((c) => c.id === id)?.severity;

describe("nine hours asleep with the ring on", () => {
  test("the first thing is to take it off and look, not the leek that was due", () => {
    const { actions, cautions } = look(stock, [lit, ...simmers], 9 * 60 + 40);
    expect(actions[0]).toMatchObject({ kind: "offHeat", atMs: at(280) });
    expect(inWords(actions[0]?.lookFor ?? "", "metric")).toMatch(
      /^It is 5 h over its time\. Heat off first, then look/,
    );
    // What was due meanwhile is still there, with its time.
    expect(actions.find((a) => a.kind === "add")).toMatchObject({ atMs: at(220) });
    expect(cautions[0]?.severity).toBe("danger");
    expect(cautions.map((c) => c.id)).toContain("unseen");
  });

  test("also where nobody ever said that it boiled", () => {
    const { actions, forecast } = look(stock, [lit], 9 * 60 + 40);
    expect(actions[0]?.kind).toBe("offHeat");
    expect(forecast?.moved.laterMin).toBeLessThan(5);
    // A cook who is there and says nothing of a boil still waits for it.
    const there = look(stock, [lit, { kind: "noted", text: "not yet", atMs: at(60) }], 61);
    expect(there.forecast?.moved.laterMin).toBeGreaterThan(10);
  });

  test("a reading that is still to come does not hide that it boils hard and was to be turned down", () => {
    const boilsOn = [lit, { kind: "boils", atMs: at(35) }];
    const { actions } = look(stock, boilsOn, 35 + 130);
    expect(actions[0]).toMatchObject({ title: "Turn it down", atMs: at(40) });
    expect(actions.find((a) => a.kind === "look")?.atMs).toBeGreaterThan(at(165));
  });

  test("a danger goes by the clock; somebody who was just there, an oven, a pot that is off are none", () => {
    const on = [lit, ...simmers];
    expect(severityOf(stock, on, 100, "unseen")).toBeUndefined();
    expect(severityOf(stock, on, 165, "unseen")).toBe("caution");
    expect(severityOf(stock, on, 281, "unseen")).toBe("danger");
    const skimmed = [...on, { kind: "skimmed", atMs: at(160) }];
    expect(severityOf(stock, skimmed, 165, "unseen")).toBeUndefined();
    expect(
      severityOf(stock, [...on, { kind: "offHeat", atMs: at(45) }], 400, "unseen"),
    ).toBeUndefined();
    const readings = [
      { kind: "temperature", where: "liquid", tempC: 90, source: "instrument", atMs: at(160) },
    ];
    expect(severityOf(stock, [...on, ...readings], 165, "unseen")).toBe("caution");
    const oven = testBraise({
      heat: HEATS.oven,
      vesselId: VESSEL_OF.oven,
      stop: { by: "time", holdMin: 180 },
    });
    expect(
      severityOf(oven, [lit, { kind: "simmers", atMs: at(30) }], 400, "unseen"),
    ).toBeUndefined();
  });

  test("unseen in the middle of its time, the look comes before what is due", () => {
    const long = { ...stock, stop: { by: "time" as const, holdMin: 700 } };
    const { actions } = look(long, [lit, ...simmers], 9 * 60);
    expect(actions[0]?.kind).toBe("look");
  });
});

describe("a pot that cannot be reckoned", () => {
  // Its meat was left out: nothing in it can be tender.
  const stew = testBraise({ end: "served", heat: HEATS.hob, stop: { by: "tender" } });
  const without = stew.items.map((i) => ({ kind: "leftOut", itemId: i.id, atMs: at(-1) }));

  test("stays there with its problem, by the clock alone", () => {
    const pot = look(stew, [...without, lit], 10);
    expect(pot.forecast).toBeNull();
    expect(pot.problem?.code).toBe("notReachable");
    expect(pot.actions[0]).toMatchObject({ kind: "look", atMs: at(30) });
    expect(pot.cautions).toMatchObject([{ id: "cannotReckon", severity: "caution" }]);
    expect(severityOf(stew, [...without, lit], 31, "cannotReckon")).toBe("danger");
    // Looked into, it is no danger again for half an hour.
    const looked = [...without, lit, { kind: "lookedIn", atMs: at(40) }];
    expect(severityOf(stew, looked, 60, "cannotReckon")).toBe("caution");
  });

  test("off the heat it is strained or served; before it is lit it can be lit", () => {
    const off = look(stew, [...without, lit, { kind: "offHeat", atMs: at(50) }], 60);
    expect(off.actions).toMatchObject([{ kind: "strain", title: "Serve it" }]);
    expect(off.cautions[0]?.severity).toBe("caution");
    expect(look(stew, without, 0).actions[0]?.kind).toBe("light");
    const timed = { ...stew, ringId: "gone", stop: { by: "time" as const, holdMin: 20 } };
    expect(look(timed, [lit, simmers[1]!], 50).actions.map((a) => a.kind)).toEqual([
      "offHeat",
      "look",
    ]);
  });
});

describe("a flame and the house's hours of sleep", () => {
  const on = [lit, ...simmers];
  /** As if it were lit at this hour of the clock. */
  const night = (
    litHour: number,
    min: number,
    plan: Plan = stock,
    events: readonly object[] = on,
    sleep: { from: string; to: string } | null = { from: "22:00", to: "06:00" },
  ) => {
    const here = { ...kitchen, hands: [{ ...ONE_COOK, sleep }] };
    const cook = fold(happened(...events));
    const hourOf = (ms: number) => (litHour + (ms - LIT) / 3_600_000) % 24;
    return onFire(resolve(plan, here), cook, at(min), null, hourOf).cautions.find(
      (c) => c.id === "night",
    );
  };
  test("that it burns into them is said before they begin, a danger once they have; by day nothing", () => {
    expect(night(19, 60)?.severity).toBe("caution");
    expect(night(19, 200)?.severity).toBe("danger");
    expect(night(9, 60)).toBeUndefined();
    expect(night(1, 60)?.severity).toBe("danger");
  });
  test("they are this house's own: a baker's evening, nobody's where one is always up", () => {
    const baker = { from: "18:30", to: "01:30" };
    expect(night(17, 45, stock, on, baker)?.severity).toBe("caution");
    expect(night(17, 120, stock, on, baker)?.severity).toBe("danger");
    expect(night(2, 60, stock, on, baker)).toBeUndefined();
    expect(night(19, 200, stock, on, null)).toBeUndefined();
    const said = night(17, 45, stock, on, baker)?.text;
    expect(inWords(said ?? "", "metric")).toContain("after 18:30.");
  });
  test("off, in an oven, or where nobody knows the hour it is silent", () => {
    expect(night(19, 200, stock, [...on, { kind: "offHeat", atMs: at(150) }])).toBeUndefined();
    const oven = testBraise({ heat: HEATS.oven, vesselId: VESSEL_OF.oven });
    expect(night(19, 200, oven, [lit, { kind: "simmers", atMs: at(30) }])).toBeUndefined();
    expect(look(stock, on, 200).cautions.map((c) => c.id)).not.toContain("night");
  });
});
