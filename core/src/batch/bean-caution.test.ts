import { resolve } from "../simulate/set-pot";
import { describe, expect, test } from "vitest";
import { happened } from "../../test/events";
import { HEATS, testKitchen, testPlan, VESSEL_OF } from "../../test/kitchen";
import { metric } from "../../test/metric";
import type { Plan } from "../simulate/plan-schema";
import { fold } from "./fold";
import { onFire } from "./on-fire";

const kitchen = testKitchen({ altitudeM: 0 });
const LIT = Date.parse("2026-03-18T15:00:00Z");
const at = (min: number) => Math.round(LIT + min * 60_000);
const chili = (over: object = {}, heat: object = {}): Plan =>
  testPlan({
    end: "served",
    items: [
      {
        id: "bean",
        ingredientId: "kidneyBean",
        massKg: 0.4,
        when: { at: "start" },
        work: [{ kind: "soak" }],
        ...over,
      },
    ],
    water: { by: "amount", volumeL: 2.2 },
    heat: { method: "hob", vigour: "gentle", lid: "on", boilFirstMin: 10 },
    stop: { by: "time", holdMin: 90 },
    ...heat,
  });
const lit = { kind: "lit", atMs: LIT };
const boils = { kind: "boils", atMs: at(25) };
const down = (min: number) => ({ kind: "simmers", atMs: at(min) });
const off = (min: number) => ({ kind: "offHeat", atMs: at(min) });
const beans = (plan: Plan, events: readonly object[], min: number) =>
  onFire(resolve(plan, kitchen), fold(happened(...events)), at(min))
    .cautions.map(metric)
    .find((c) => c.id === "beans");

describe("beans on the fire", () => {
  test("boiled as planned nothing is said, before or after", () => {
    expect(beans(chili(), [lit], 5)).toBeUndefined();
    expect(beans(chili(), [lit, boils], 30)).toBeUndefined();
    expect(beans(chili(), [lit, boils, down(35.5)], 60)).toBeUndefined();
    expect(beans(chili(), [lit, boils, down(35.5), off(120)], 121)).toBeUndefined();
  });

  test("turned down after four minutes it says so at once, with what is missing", () => {
    const early = beans(chili(), [lit, boils, down(29)], 30);
    expect(early).toMatchObject({ severity: "danger", sinceMs: at(29) });
    expect(early?.text).toMatch(/6 min at a full boil are missing of 10\. Bring it to/);
    const turnedUp = { kind: "heatSet", vigour: "rolling", lid: "on", atMs: at(32) };
    expect(beans(chili(), [lit, boils, down(29), turnedUp], 33)).toBeUndefined();
  });

  test("in when the boil was over: none of it counts, though the rest of the pot had it", () => {
    const late = chili({ when: { at: "after", min: 20 } });
    const added = { kind: "added", itemId: "bean", massKg: 0.4, atMs: at(50) };
    expect(beans(late, [lit, boils, down(36), added], 51)?.text).toMatch(/10 min .* missing of 10/);
    const boiledBefore = chili({ when: { at: "after", min: 20 }, boiledMin: 12 });
    expect(beans(boiledBefore, [lit, boils, down(36), added], 51)).toBeUndefined();
    expect(
      beans(late, [lit, boils, down(36), { kind: "leftOut", itemId: "bean", atMs: at(50) }], 51),
    ).toBeUndefined();
  });

  test("off before it boiled, and in off the heat: nobody eats of it", () => {
    expect(beans(chili(), [lit, off(12)], 13)?.text).toMatch(/Back on the ring/);
    const served = {
      kind: "strained",
      measured: { servedKg: 2, passes: 1, clothPasses: 0, pressed: false },
      atMs: at(14),
    };
    expect(beans(chili(), [lit, off(12), served], 15)?.severity).toBe("danger");
    // Of a stock they are thrown out, unless they are kept to be eaten.
    const stock = chili();
    const strained = [lit, off(12), { ...served, measured: { ...served.measured, massKg: 1 } }];
    const apart = { kind: "keptApart", massKg: 0.4, atMs: at(15) };
    expect(beans({ ...stock, end: "strained" }, strained, 16)).toBeUndefined();
    expect(beans({ ...stock, end: "strained" }, [...strained, apart], 16)?.severity).toBe("danger");
    const stirredIn = { kind: "stirredIn", ingredientId: "whiteBean", massKg: 0.1, atMs: at(130) };
    const cooked = [lit, boils, down(36), off(120), { ...served, atMs: at(125) }];
    expect(beans(chili(), [...cooked, stirredIn], 131)?.text).toMatch(
      /White beans, dry: 10 min .* are missing/,
    );
    expect(beans(chili(), cooked, 131)).toBeUndefined();
  });

  test("what is planned to go in off the heat, after the sieve or the next day is never silent once it is lit", () => {
    for (const when of ["offHeat", "nextDay"] as const) {
      const raw = chili({ when: { at: when } });
      const boiled = chili({ when: { at: when }, boiledMin: 10 });
      const added = { kind: "added", itemId: "bean", massKg: 0.4, atMs: at(122) };
      const steps = [[lit], [lit, boils, down(36)], [lit, boils, down(36), off(120)]] as const;
      for (const [i, events] of [...steps, [...steps[2], added]].entries()) {
        expect(beans(raw, events, 123)?.severity, `${when} ${i}`).toBe("danger");
        expect(beans(boiled, events, 123), `${when} ${i}`).toBeUndefined();
      }
    }
  });

  test("a slow cooker says to boil them on the ring; under pressure they are done", () => {
    const on = (name: "low" | "pressure", holdMin: number) =>
      chili(
        {},
        {
          heat: HEATS[name],
          vesselId: VESSEL_OF[name],
          water: { by: "amount", volumeL: 1.2 },
          stop: { by: "time", holdMin },
        },
      );
    expect(beans(on("low", 480), [lit], 60)?.text).toMatch(/into a pot on the ring/);
    expect(beans(on("pressure", 20), [lit], 5)).toBeUndefined();
    expect(beans(on("pressure", 20), [lit, off(3)], 4)?.severity).toBe("danger");
  });
});
