import { resolve } from "../simulate/set-pot";
import { describe, expect, test } from "vitest";
import { happened } from "../../test/events";
import { testKitchen, testPlan } from "../../test/kitchen";
import { metric } from "../../test/metric";
import type { Plan } from "../simulate/plan-schema";
import { fold } from "./fold";
import { onFire } from "./on-fire";

const kitchen = testKitchen({ altitudeM: 0 });
const LIT = Date.parse("2026-03-18T15:00:00Z");
const at = (min: number) => Math.round(LIT + min * 60_000);
const dish = (ingredientId: string, over: Partial<Plan> = {}) =>
  testPlan({
    end: "served",
    heat: { method: "hob", vigour: "gentle", lid: "on", boilFirstMin: null },
    stop: { by: "time", holdMin: 60 },
    water: { by: "amount", volumeL: 2 },
    items: [{ id: "x", ingredientId, massKg: 1.2, when: { at: "start" } }],
    ...(over as object),
  });
const lit = { kind: "lit", atMs: LIT };
const off = (min: number) => ({ kind: "offHeat", atMs: at(min) });
const core = (plan: Plan, events: readonly object[], min: number) => {
  const cook = fold(happened(...events));
  return onFire(resolve(plan, kitchen), cook, at(min))
    .cautions.map(metric)
    .find((c) => c.id === "core");
};
const simmers = { kind: "simmers", atMs: at(25) };

describe("taken off before its middle is hot enough", () => {
  test("a chicken pot off after four minutes is a danger; cooked for its time it is none", () => {
    const chicken = dish("chickenThigh");
    const early = core(chicken, [lit, off(4)], 5);
    expect(early).toMatchObject({ severity: "danger", title: "Not hot enough in the middle" });
    expect(early?.text).toMatch(
      /Chicken thigh.*: \d+ °C by the estimate, 74 °C wanted for poultry/,
    );
    expect(early?.whose).toContain("USDA");
    expect(core(chicken, [lit, simmers, off(85)], 86)).toBeUndefined();
    expect(core(chicken, [lit, simmers], 30)).toBeUndefined();
  });

  test("at serving it still stands, and a thermometer in the piece knows better, either way", () => {
    const chicken = dish("chickenThigh");
    const served = {
      kind: "strained",
      measured: { servedKg: 2, passes: 1, clothPasses: 0, pressed: false },
      atMs: at(6),
    };
    expect(core(chicken, [lit, off(4), served], 7)?.severity).toBe("danger");
    const piece = (tempC: number) => ({ kind: "temperature", where: "piece", tempC, atMs: at(5) });
    expect(core(chicken, [lit, off(4), piece(76), served], 7)).toBeUndefined();
    expect(
      core(chicken, [lit, simmers, off(85), { ...piece(60), atMs: at(86) }], 87)?.text,
    ).toMatch(/60 °C read/);
  });

  test("meat on the bone counts when it is eaten, bones of a stock do not", () => {
    const oxtail = dish("oxtail");
    expect(core(oxtail, [lit, off(4)], 5)?.severity).toBe("danger");
    const stock = { ...oxtail, end: "strained" as const };
    expect(core(stock, [lit, off(4)], 5)).toBeUndefined();
    const eaten = { kind: "solids", fate: "eaten", atMs: at(6) };
    expect(core(stock, [lit, off(4), eaten], 7)?.severity).toBe("danger");
    // Kept apart to be eaten is eaten, whatever becomes of the rest.
    const apart = { kind: "keptApart", massKg: 0.5, atMs: at(6) };
    expect(core(stock, [lit, off(4), apart], 7)?.severity).toBe("danger");
    expect(core(stock, [lit, off(4), { ...apart, massKg: 0 }], 7)).toBeUndefined();
  });

  test("what goes in off the heat, or after the sieve, was never cooked; what was left out is not eaten", () => {
    const late = dish("chickenThigh", {
      items: [
        { id: "x", ingredientId: "onion", massKg: 0.5, when: { at: "start" } },
        { id: "fish", ingredientId: "whiteFish", massKg: 0.4, when: { at: "offHeat" } },
      ],
    } as never);
    const cooked = [lit, simmers, off(85)];
    expect(core(late, cooked, 86)).toBeUndefined();
    const added = { kind: "added", itemId: "fish", massKg: 0.4, atMs: at(86) };
    expect(core(late, [...cooked, added], 87)?.text).toMatch(/went in off the heat/);
    const stirred = { kind: "stirredIn", ingredientId: "mincedBeef", massKg: 0.2, atMs: at(95) };
    const served = {
      kind: "strained",
      measured: { servedKg: 2, passes: 1, clothPasses: 0, pressed: false },
      atMs: at(90),
    };
    expect(core(late, [...cooked, served, stirred], 96)?.text).toMatch(/ground meat/);
    expect(core(late, [...cooked, served], 96)).toBeUndefined();
  });
});
