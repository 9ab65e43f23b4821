import { resolve } from "../simulate/set-pot";
import { SCHEMA_VERSION } from "../simulate/schema-version";
import { describe, expect, test } from "vitest";
import { happened } from "../../test/events";
import { testKitchen, testPlan } from "../../test/kitchen";
import { runningOf } from "../clock/running";
import { PlanSchema } from "../simulate/plan-schema";
import { inWords } from "../units/said";
import { blindActions } from "./blind-pot";
import { fold } from "./fold";
import { onFire } from "./on-fire";
import { planOfCook } from "./plan-of-cook";
import { sideId } from "./side-actions";

const kitchen = testKitchen();
const LIT = Date.parse("2026-03-18T08:00:00Z");
const MINUTE = 60_000;
const plan = PlanSchema.parse({
  ...testPlan({ end: "served", stop: { by: "time", holdMin: 120 } }),
  serves: { people: 10, eachKg: 0.4 },
  accompaniments: [
    { kind: "rice", eachKg: 0.07, fromPot: true },
    { kind: "bread", eachKg: 0.08 },
  ],
});
const on = [
  { kind: "lit", atMs: LIT },
  { kind: "simmers", atMs: LIT + 30 * MINUTE },
] as const;
const said = (side: string, isLeft: boolean) =>
  ({ kind: "sideDish", side, isLeft, atMs: LIT + 40 * MINUTE }) as const;
const potOf = (...events: object[]) => {
  const cook = fold(happened(...events));
  return { cook, pot: onFire(resolve(plan, kitchen), cook, LIT + 40 * MINUTE) };
};
const sides = (...events: object[]) =>
  potOf(...events).pot.actions.filter((a) => a.kind === "side");

describe("side dishes of a pot that is on", () => {
  test("each is called for so that it is ready with the pot, with what it takes", () => {
    const { pot } = potOf(...on);
    const [rice, bread] = sides(...on);
    const offMs = pot.forecast!.endMs.expected;
    expect((offMs - rice!.atMs) / MINUTE).toBeCloseTo(4 + 25, 3);
    expect((offMs - bread!.atMs) / MINUTE).toBeCloseTo(4, 3);
    expect(inWords(rice!.lookFor, "metric")).toBe(
      "700 g for 10. Ladle 1.5 L of hot liquid out of the pot for it. About 29 min, 4 of them by hand: then it is ready with the pot.",
    );
    expect(rice!.ladleL).toBeCloseTo(1.54, 9);
    expect(bread!.ladleL).toBeUndefined();
    // In its place among what else is due.
    const { actions } = pot;
    expect(actions.map((a) => a.atMs)).toEqual(
      actions.map((a) => a.atMs).toSorted((a, b) => a - b),
    );
  });

  test("begun or left out it is called no more; not before the pot is lit, nor once it is served", () => {
    expect(sides(...on, said("rice", false)).map((a) => a.id)).toEqual([sideId("bread")]);
    expect(sides(...on, said("rice", false), said("bread", true))).toEqual([]);
    expect(sides()).toEqual([]);
    const served = {
      kind: "strained",
      atMs: LIT + 160 * MINUTE,
      measured: { massKg: 3, servedKg: 3, passes: 1, clothPasses: 0, pressed: false },
    };
    expect(sides(...on, { kind: "offHeat", atMs: LIT + 155 * MINUTE }, served)).toEqual([]);
    const [rice] = sides(...on);
    expect(rice?.writes).toEqual([{ kind: "sideDish", side: "rice", isLeft: false }]);
    expect(rice?.leave?.writes).toEqual([{ kind: "sideDish", side: "rice", isLeft: true }]);
  });

  test("what is ladled out for it is gone from the pot", () => {
    const before = potOf(...on).pot.forecast!;
    const after = potOf(...on, { kind: "ladledOut", volumeL: 1.5, atMs: LIT + 40 * MINUTE }).pot
      .forecast!;
    expect(after.strainedL.expected).toBeLessThan(before.strainedL.expected - 1.3);
  });

  test("a pot that cannot be reckoned calls for them too, by the clock of its plan", () => {
    const cook = fold(happened(...on));
    const ids = blindActions(resolve(plan, kitchen), cook, LIT + 40 * MINUTE).map((a) => a.id);
    expect(ids).toContain(sideId("rice"));
    expect(ids.indexOf(sideId("rice"))).toBeLessThan(ids.indexOf("offHeat"));
  });

  test("cooked again as it went it begins with as much water, and ladles that out again", () => {
    const poured = [
      { kind: "toppedUp", volumeL: 2, atMs: LIT + 35 * MINUTE },
      { kind: "ladledOut", volumeL: 1.54, atMs: LIT + 40 * MINUTE },
    ];
    const waterL = (...said: object[]) => {
      const { water } = planOfCook(
        resolve(plan, kitchen),
        potOf(...on, ...poured, ...said).cook,
        "again",
      );
      return water.by === "amount" ? water.volumeL : NaN;
    };
    expect(waterL(said("rice", false))).toBeCloseTo(4.4 + 2, 6);
    // Ladled out for good, it is so much less.
    expect(waterL()).toBeCloseTo(4.4 + 2 - 1.54, 6);
    expect(waterL(said("rice", true))).toBeCloseTo(4.4 + 2 - 1.54, 6);
  });

  test("on the clock it wants a ring of its own and somebody near; bread only hands", () => {
    const { cook, pot } = potOf(...on);
    const batch = {
      schemaVersion: SCHEMA_VERSION,
      id: "b",
      createdMs: LIT,
      plan,
      kitchen,
    } as const;
    const running = runningOf(batch, cook, pot, LIT + 40 * MINUTE)!;
    const tasks = running.blocks.flatMap((b) => b.meanwhile ?? []).map((m) => m.task);
    const of = (kind: "rice" | "bread") => tasks.find((t) => t.id.endsWith(sideId(kind)));
    expect(of("rice")).toMatchObject({ isFlame: true, ringIds: ["gas"], attention: "near" });
    expect(of("bread")).toMatchObject({ isFlame: false, ringIds: [] });
  });
});
