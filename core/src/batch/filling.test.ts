import { resolve } from "../simulate/set-pot";
import { describe, expect, test } from "vitest";
import { happened } from "../../test/events";
import { testBraise, testKitchen } from "../../test/kitchen";
import type { Kitchen } from "../simulate/kitchen-schema";
import type { Plan, PlanItem } from "../simulate/plan-schema";
import { inWords } from "../units/said";
import type { CookEvent } from "../events/event-schema";
import { fold } from "./fold";
import { forecastLive } from "./live-forecast";
import { cookedPlan } from "./live-plan";
import { onFire } from "./on-fire";
import type { Action } from "./action";

const kitchen = testKitchen();
const LIT = Date.parse("2026-03-18T08:00:00Z");
const MINUTE = 60_000;

const actions = (
  written: Plan,
  events: readonly CookEvent[],
  nowMs = LIT,
  here: Kitchen = kitchen,
): readonly Action[] => {
  const cook = fold(events);
  const { plan } = cookedPlan(resolve(written, here), cook);
  return onFire(resolve(plan, here), cook, nowMs).actions;
};
const wine = {
  id: "w",
  ingredientId: "redWine",
  massKg: 0.25,
  when: { at: "start" as const },
};
const braise = testBraise({ items: [...testBraise().items, wine] });

describe("into the pot, before it is lit", () => {
  const fill = (events: readonly CookEvent[]) =>
    actions(braise, events).find((a) => a.id === "fill");
  const words = (events: readonly CookEvent[]) => inWords(fill(events)?.lookFor ?? "", "metric");

  test("all of it by its amount; what is in is no more said, and at last nothing is", () => {
    expect(words([])).toMatch(/^1\.4 kg goat shoulder, 250 mL red wine, 900 mL cold water/);
    expect(fill([])?.itemIds).toEqual(["goat", "w"]);
    const meat = { kind: "added", itemId: "goat", massKg: 1.4, atMs: LIT } as const;
    const water = { kind: "waterIn", atMs: LIT } as const;
    expect(words(happened(meat))).toMatch(/^250 mL red wine, 900 mL cold water/);
    expect(words(happened(meat, water))).toBe("250 mL red wine");
    const all = happened(meat, water, { kind: "added", itemId: "w", massKg: 0.25, atMs: LIT });
    expect(fill(all)).toBeUndefined();
    expect(actions(braise, all)[0]?.kind).toBe("light");
  });

  test("on for a while before anybody said so, what was said to be in was in from the start", () => {
    const said = [
      { kind: "added", itemId: "goat", massKg: 1.4, atMs: LIT },
      { kind: "added", itemId: "w", massKg: 0.25, atMs: LIT },
      { kind: "waterIn", atMs: LIT },
    ] as const;
    const since = { kind: "lit", atMs: LIT - 40 * MINUTE } as const;
    const forecast = (events: readonly CookEvent[]) =>
      forecastLive(resolve(braise, kitchen), fold(events), LIT + 1);
    const late = forecast(happened(...said, since));
    const asPlanned = forecast(happened(since));
    expect(late.endMs.expected).toBeCloseTo(asPlanned.endMs.expected, -3);
    // What goes in once it is on does so then.
    const added = fold(happened(...said.slice(0, 1), since, said[1])).addedItems;
    expect(added.get("goat")?.atMs).toBe(LIT - 40 * MINUTE);
    expect(added.get("w")?.atMs).toBe(LIT);
  });

  test("what lights it names water only where there is some", () => {
    const light = (volumeL: number) =>
      inWords(
        actions({ ...braise, water: { by: "amount", volumeL } }, []).find((a) => a.id === "light")
          ?.lookFor ?? "",
        "metric",
      );
    expect(light(0.9)).toBe("In the pot: Goat shoulder, red wine and water.");
    expect(light(0)).toBe("In the pot: Goat shoulder and red wine.");
  });

  test("what goes in hot, or still frozen, is told at the stove", () => {
    const [goat, ...rest] = braise.items;
    if (goat === undefined) throw new Error("no goat");
    const items = [{ ...goat, frozen: true }, ...rest.map((i) => ({ ...i, hotC: 90 }))];
    const look = (plan: Plan, id: string, events: readonly CookEvent[], system: "metric" | "us") =>
      inWords(actions(plan, events).find((a) => a.id === id)?.lookFor ?? "", system);
    expect(look({ ...braise, items }, "fill", [], "metric")).toMatch(
      /goat shoulder, still frozen, 250 mL red wine, hot, at 90 °C/,
    );
    const late = items.map((i) =>
      i.id === "w" ? { ...i, when: { at: "beforeEnd", min: 20 } as const } : i,
    );
    const on = happened({ kind: "lit", atMs: LIT }, { kind: "simmers", atMs: LIT + MINUTE });
    expect(look({ ...braise, items: late }, "add:20", on, "us")).toBe("hot, at 195 °F");
  });

  test("lit without a word, all of it is taken to be in", () => {
    const lit = happened({ kind: "lit", atMs: LIT });
    expect(actions(braise, lit).map((a) => a.kind)).not.toContain("fill");
    expect(actions(braise, lit).map((a) => a.id)).not.toContain("add:start");
  });
});

describe("the salt that is wanted, in its rounds", () => {
  const salted = testBraise({ saltWantedGKg: 9, end: "served" });
  const lit = { kind: "lit", atMs: LIT } as const;
  const simmers = { kind: "simmers", atMs: LIT + 20 * MINUTE } as const;
  const off = { kind: "offHeat", atMs: LIT + 200 * MINUTE } as const;
  const roundOf = (plan: Plan, events: readonly CookEvent[], min: number) =>
    actions(plan, events, LIT + min * MINUTE).find((a) => a.kind === "salt");
  const putIn = (round: Action | undefined, atMs: number) => {
    const massKg = round?.stirIn?.massKg ?? 0;
    const id = round?.id ?? "";
    const when = { at: "after", min: 0 } as const;
    const item = { ...(braise.items[0] as PlanItem), id, ingredientId: "tableSalt", massKg, when };
    return [
      { kind: "extra", item, atMs },
      { kind: "added", itemId: id, massKg, atMs },
    ] as const;
  };

  test("half as it simmers, the rest off the heat: together what was wanted", () => {
    const first = roundOf(salted, happened(lit, simmers), 30);
    expect(first?.id).toBe("salt:first");
    const halfKg = first?.stirIn?.massKg ?? 0;
    expect(halfKg).toBeGreaterThan(0.005);
    const withFirst = happened(lit, simmers, ...putIn(first, LIT + 31 * MINUTE));
    expect(roundOf(salted, withFirst, 40)).toBeUndefined();
    const done = happened(lit, simmers, ...putIn(first, LIT + 31 * MINUTE), off);
    const last = roundOf(salted, done, 201);
    expect(last?.id).toBe("salt:last");
    expect(Math.abs((last?.stirIn?.massKg ?? 0) - halfKg)).toBeLessThanOrEqual(0.001);
    const both = [...putIn(first, LIT + 31 * MINUTE), off, ...putIn(last, LIT + 202 * MINUTE)];
    expect(roundOf(salted, happened(lit, simmers, ...both), 203)).toBeUndefined();
  });

  test("left out once, all of it is for the end", () => {
    const noSalt = { kind: "noSalt", round: "first", atMs: LIT + 31 * MINUTE } as const;
    expect(roundOf(salted, happened(lit, simmers, noSalt), 40)).toBeUndefined();
    const left = happened(lit, simmers, noSalt, off);
    const whole = roundOf(salted, left, 201)?.stirIn?.massKg ?? 0;
    const half = roundOf(salted, happened(lit, simmers), 30)?.stirIn?.massKg ?? 0;
    expect(whole).toBeGreaterThan(1.8 * half);
  });

  test("as such pots were liked here, where the plan does not say: what is chosen on it", () => {
    const none = { things: {}, kitchen: { log: 0, sd: 1, pots: 0 } };
    const tasted: Kitchen = {
      ...kitchen,
      learned: {
        steam: none,
        ring: none,
        salt: { ...none, things: { braise: { log: Math.log(0.8), sd: 0.05, pots: 6 } } },
      },
    };
    const lookFor = (over: Partial<Plan>, min: number, ...done: readonly (typeof off)[]) => {
      const plan = testBraise({ kind: "braise", end: "served", saltWantedGKg: null, ...over });
      const salt = actions(plan, happened(lit, simmers, ...done), LIT + min * MINUTE, tasted).find(
        (a) => a.kind === "salt",
      );
      return salt === undefined ? null : inWords(salt.lookFor, "metric");
    };
    expect(lookFor({}, 30)).toMatch(/half of the \d+ g/);
    expect(lookFor({}, 201, off)).toMatch(/comes to 7\.\d g\/kg, as such pots were liked here;/);
    expect(lookFor({ saltWantedGKg: 9 }, 201, off)).toMatch(/comes to 9 g\/kg;/);
    expect(lookFor({ kind: "braise", diets: ["lowSalt"] }, 30)).toBeNull();
    expect(lookFor({ end: "strained" }, 30)).toBeNull();
  });

  test("none was planned, a stock, and a pot that boils far down", () => {
    expect(roundOf(testBraise({ end: "served" }), happened(lit, simmers), 30)).toBeUndefined();
    const stock = testBraise({ saltWantedGKg: 9, end: "strained" });
    expect(roundOf(stock, happened(lit, simmers), 30)).toBeUndefined();
    const down = testBraise({
      saltWantedGKg: 9,
      end: "served",
      heat: { method: "hob", vigour: "rolling", lid: "off", boilFirstMin: null },
      stop: { by: "share", share: 0.5 },
    });
    expect(roundOf(down, happened(lit, simmers), 30)).toBeUndefined();
    expect(roundOf(down, happened(lit, simmers, off), 201)?.id).toBe("salt:last");
  });
});
