import { resolve } from "../simulate/set-pot";
import { describe, expect, test } from "vitest";
import { happened } from "../../test/events";
import { testBraise, testKitchen } from "../../test/kitchen";
import { byTime, hob } from "../../test/stretches";
import { PlanSchema, type Plan } from "../simulate/plan-schema";
import { fold } from "./fold";
import { onFire } from "./on-fire";

const kitchen = testKitchen();
const LIT = Date.parse("2026-03-18T08:00:00Z");
const MINUTE = 60_000;
const [meat] = testBraise().items;
/** Meat two hours and a half; carrots come out once they are tender, potatoes go in then. */
const plan = PlanSchema.parse({
  ...testBraise({
    heat: hob("gentle", "on"),
    stop: byTime(150),
    end: "served",
    water: { by: "amount", volumeL: 1.5 },
  }),
  items: [
    meat,
    {
      id: "carrot",
      ingredientId: "carrot",
      massKg: 0.4,
      when: { at: "start" },
      out: { when: { at: "tender" }, isBack: true },
    },
    {
      id: "potato",
      ingredientId: "potato",
      massKg: 0.5,
      when: { at: "whenTender", itemId: "carrot" },
    },
  ],
});
const lookAt = (atMin: number, ...events: object[]) => lookIn(plan, atMin, ...events);
const lookIn = (plan: Plan, atMin: number, ...events: object[]) => {
  const cook = fold(
    happened({ kind: "lit", atMs: LIT }, { kind: "simmers", atMs: LIT + 20 * MINUTE }, ...events),
  );
  const { actions } = onFire(resolve(plan, kitchen), cook, LIT + atMin * MINUTE);
  const minOf = (id: string) => {
    const action = actions.find((a) => a.itemIds?.includes(id));
    return action === undefined ? NaN : (action.atMs - LIT) / MINUTE;
  };
  return { carrot: minOf("carrot"), potato: minOf("potato") };
};
const fork = (atMin: number, how: string, itemId = "carrot") => ({
  kind: "checked",
  itemId,
  how,
  atMs: Math.round(LIT + atMin * MINUTE),
});

describe("a fork in a piece that something waits for", () => {
  const plain = lookAt(30);

  test("not yet: it comes out later, and what waits for it goes in later, by as much", () => {
    const late = lookAt(plain.carrot + 4, fork(plain.carrot + 3, "notYet"));
    expect(late.carrot).toBeGreaterThan(plain.carrot + 8);
    expect(late.carrot).toBeGreaterThan(plain.carrot + 4);
    expect(late.potato - plain.potato).toBeGreaterThan(5);
    // Again: later again.
    const again = lookAt(
      late.carrot + 4,
      fork(plain.carrot + 3, "notYet"),
      fork(late.carrot + 3, "notYet"),
    );
    expect(again.carrot).toBeGreaterThan(late.carrot + 25);
  });

  test("it counts where nothing else waits for the piece than to come out itself", () => {
    const alone = { ...plan, items: plan.items.filter((i) => i.id !== "potato") };
    const before = lookIn(alone, 30).carrot;
    expect(lookIn(alone, before + 4, fork(before + 3, "notYet")).carrot).toBeGreaterThan(
      before + 8,
    );
  });

  test("tender before its time: it is due, and so is what waits for it", () => {
    const early = lookAt(46, fork(45, "tender"));
    expect(early.carrot).toBeLessThan(plain.carrot - 3);
    expect(early.potato).toBeLessThan(plain.potato - 3);
  });

  test("a fork in what nothing waits for moves neither", () => {
    const [forked, not] = [lookAt(40, fork(39, "notYet", "goat")), lookAt(40)];
    expect(forked.carrot).toBeCloseTo(not.carrot, 6);
    expect(forked.potato).toBeCloseTo(not.potato, 6);
    expect(lookAt(40, fork(39, "notYet", meat?.id ?? "")).carrot).toBeCloseTo(lookAt(40).carrot, 6);
  });
});
