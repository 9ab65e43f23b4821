import { asPlanned } from "../simulate/as-planned";
import { resolve } from "../simulate/set-pot";
import { describe, expect, test } from "vitest";
import { happened } from "../../test/events";
import { HEATS, testBraise, testKitchen, VESSEL_OF } from "../../test/kitchen";
import { potBlocks } from "../clock/pot-blocks";
import { bodyOfPlan } from "../dish/body-of";
import { workMinutes, workTasks } from "../schedule/work-tasks";
import type { Plan } from "../simulate/plan-schema";
import { inWords } from "../units/said";
import { fold } from "./fold";
import { cookedPlan } from "./live-plan";
import { onFire } from "./on-fire";
import { workBatch, workDone, workLeft } from "../../test/works";
import { workBefore } from "./work-before";

const kitchen = testKitchen();
const LIT = Date.parse("2026-03-18T08:00:00Z");
const HOUR = 3_600_000;
/** A pureed soup of which so much is blended, with a bay leaf in it and cream off the heat. */
const soup = (share: number): Plan =>
  testBraise({
    end: "served",
    saltWantedGKg: 8,
    stop: { by: "time", holdMin: 40 },
    water: { by: "amount", volumeL: 1.5 },
    items: [
      {
        id: "p",
        ingredientId: "potato",
        massKg: 0.8,
        when: { at: "start" },
        work: [{ kind: "cut" }, { kind: "blend", share }],
      },
      {
        id: "s",
        ingredientId: "squash",
        massKg: 0.6,
        when: { at: "start" },
        work: [{ kind: "blend", share }],
      },
      { id: "b", ingredientId: "bayLeaf", massKg: 0.0003, when: { at: "start" } },
      { id: "c", ingredientId: "cream", massKg: 0.1, when: { at: "offHeat" } },
    ],
  });
const on = [
  { kind: "lit", atMs: LIT },
  { kind: "simmers", atMs: LIT + 0.5 * HOUR },
] as const;
const off = { kind: "offHeat", atMs: LIT + 1.2 * HOUR } as const;
const did = (what: object) => ({ ...what, atMs: LIT + 1.3 * HOUR }) as const;
const actions = (written: Plan, events: readonly object[]) => {
  const cook = fold(happened(...events));
  const { plan } = cookedPlan(resolve(written, kitchen), cook);
  return onFire(resolve(plan, kitchen), cook, LIT + 1.3 * HOUR).actions;
};
const run = (plan: Plan) => asPlanned(resolve(plan, kitchen)).trace;

describe("what is blended or crushed once it is soft", () => {
  test("is no work before, and comes off the heat before cream, salt and table", () => {
    const plan = soup(1);
    expect(workBefore(resolve(plan, kitchen), fold([])).map((w) => w.task.id)).toEqual(["p:cut"]);
    expect(actions(plan, [...on]).map((a) => a.kind)).not.toContain("workAfter");
    expect(actions(plan, [...on, off]).map((a) => a.id)).toEqual([
      "after:blend:1",
      "add:off",
      "salt:last",
      "strain",
    ]);
    const { handsMin, handsBeforeMin, afterMin } = workMinutes(workTasks(resolve(plan, kitchen)));
    expect(afterMin).toBeGreaterThan(8);
    expect(handsMin).toBeCloseTo(handsBeforeMin + afterMin, 9);
  });

  test("a part is ladled out by its litres, in lots, once the bay leaf is out; each lot is ticked", () => {
    const plan = soup(1 / 3);
    const blend = (...marks: object[]) =>
      actions(plan, [...on, off, ...marks.map(did)]).find((a) => a.kind === "workAfter");
    const words = inWords(blend()?.lookFor ?? "", "metric");
    expect(words).toMatch(/^First out: 1 bay leaf\. Lot 1 of 2\. Ladle out a third, about/);
    const outL = Number(/about ([\d.]+) (m?L)/.exec(words)?.[1]) / 1000;
    const { endLiquidL, solidsOutKg } = run(plan);
    expect(outL).toBeCloseTo((endLiquidL + solidsOutKg) / 3, 1);
    expect(words).toContain("third full");
    expect(inWords(blend({ kind: "takenOut", itemId: "b" })?.lookFor ?? "", "us")).toMatch(
      /^Lot 1 of 2.*1 qt in lots of 2 cups/,
    );
    expect(blend()?.writes).toEqual([workBatch("p:blend")]);
    expect(blend(workBatch("p:blend"))?.writes).toEqual([workDone("p:blend"), workDone("s:blend")]);
    expect(blend(workDone("p:blend"), workDone("s:blend"))).toBeUndefined();
  });

  test("what must stay whole is not blended: only the potato is lifted out, by its weight", () => {
    const stew = soup(1);
    const meat = { ...stew.items[0], id: "m", ingredientId: "beefChuck", massKg: 0.5, work: [] };
    const withMeat = { ...stew, items: [...stew.items, meat as Plan["items"][number]] };
    const blend = actions(withMeat, [...on, off]).find((a) => a.kind === "workAfter");
    expect(blend?.title).toBe("Blend the potato and squash");
    const words = inWords(blend?.lookFor ?? "", "metric");
    expect(words).toMatch(
      /Lift out the potato and squash, about 1\.\d+ kg, .* The rest stays whole/,
    );
    expect(actions(stew, [...on, off])[0]?.title).toBe("Blend it smooth");
  });

  test("much of something else stays whole too; a little is blended with the rest", () => {
    const titleWith = (massKg: number) => {
      const carrot = { ...soup(1).items[0], id: "k", ingredientId: "carrot", massKg, work: [] };
      const plan = { ...soup(1), items: [...soup(1).items, carrot as Plan["items"][number]] };
      return actions(plan, [...on, off])[0]?.title;
    };
    expect(titleWith(0.1)).toBe("Blend it smooth");
    expect(titleWith(1)).toBe("Blend the potato and squash");
  });

  test("on the clock it comes after the heat, with hands, and before the table", () => {
    const { blocks, fireId } = potBlocks(resolve(soup(1), kitchen));
    const fire = blocks.find((b) => b.id === fireId);
    const titles = fire?.steps.map((s) => s.title) ?? [];
    expect(titles.slice(-2)).toEqual(["Blend the potato", "Blend the squash"]);
    expect(fire?.readyStep).toBe(titles.length - 1);
    expect(blocks.some((b) => b.id.includes("p:blend"))).toBe(false);
  });

  test("left out, it is not thickened by it", () => {
    const plan = soup(0.5);
    const marks = actions(plan, [...on, off]).find((a) => a.kind === "workAfter")?.leave?.writes;
    expect(marks).toEqual([workLeft("p:blend"), workLeft("s:blend")]);
    const cook = fold(happened(...on, off, ...(marks ?? []).map(did)));
    const left = cookedPlan(resolve(plan, kitchen), cook).plan;
    expect(actions(plan, [...on, off, ...(marks ?? []).map(did)])[0]?.id).toBe("add:off");
    expect(bodyOfPlan(left, run(left)).flourGL).toBeLessThan(
      0.5 * bodyOfPlan(plan, run(plan)).flourGL,
    );
  });

  test("shut under pressure it waits until the lid is off", () => {
    const plan: Plan = {
      ...soup(1),
      heat: { ...HEATS.pressure, release: "natural" },
      vesselId: VESSEL_OF.pressure,
      stop: { by: "time", holdMin: 10 },
    };
    const blend = actions(plan, [...on, off]).find((a) => a.kind === "workAfter");
    expect(blend?.atMs).toBeGreaterThan(off.atMs + 5 * 60_000);
  });
});
