import { describe, expect, test } from "vitest";
import { HEATS, testBraise, testKitchen, testPlan } from "../../test/kitchen";
import { vesselOfForm } from "../heat/vessel-forms";
import { PlanSchema } from "../simulate/plan-schema";
import { vesselOf } from "../simulate/references";
import { resolve } from "../simulate/set-pot";
import { reportOf } from "./file-report";
import { readKettlosFile, writeKettlosFile } from "./kettlos-json";
import { planFile, planHere } from "./plan-file";

const AT = "2026-03-18T08:00:00Z";
const there = testKitchen();
const plan = testPlan();

describe("a plan to somebody else", () => {
  test("comes back whole, with its pot and no more of the kitchen than it stands on", () => {
    const file = planFile(plan, { ...there, hands: [], freezerL: 60 }, AT);
    expect(readKettlosFile(writeKettlosFile(file))).toEqual({ ok: true, file });
    expect(file.kitchen.vessels.map((v) => v.id)).toEqual([plan.vesselId]);
    expect(file.kitchen).toMatchObject({ altitudeM: 1640, ovens: [], freezerL: null });
    // Also where something else in it has to be left out.
    const torn = reportOf(JSON.stringify({ ...file, events: [{ kind: "none" }] }));
    expect(torn.ok && torn.file.part).toBe("plans");
  });

  test("what leads into this kitchen alone stays behind; what a stock holds goes along", () => {
    const [first] = plan.items;
    if (first === undefined) throw new Error("nothing in it");
    const item = { ...first, fromLotId: "lot-3", fromPlanId: "p-2", label: { saltGKg: 4 } };
    const drawing = PlanSchema.parse({
      ...plan,
      readyAt: "2026-03-19T12:00:00Z",
      note: "half a trotter less",
      items: [item],
    });
    const [given] = planFile(drawing, there, AT).plans;
    expect(given).toMatchObject({ readyAt: null, note: "" });
    expect(given?.items[0]).toMatchObject({ id: first.id, label: { saltGKg: 4 } });
    expect(given?.items[0]).not.toHaveProperty("fromLotId");
    expect(given?.items[0]).not.toHaveProperty("fromPlanId");
  });
});

describe("a plan of another kitchen here", () => {
  const stockpot = (id: string, litres: number) => vesselOfForm("stockpot", id, litres);

  test("goes into the smallest pot that leaves room for it, else the largest", () => {
    const here = testKitchen({
      vessels: [stockpot("four", 4), stockpot("sixteen", 16), stockpot("eight", 8)],
      rings: [
        { id: "a", name: "Small", kind: "gas", powerW: 1000 },
        { id: "b", name: "Big", kind: "gas", powerW: 3500 },
      ],
    });
    const { plan: own, instead } = planHere(plan, there, here, "mine");
    expect(own).toMatchObject({ id: "mine", vesselId: "eight", ringId: "b" });
    expect(instead?.id).toBe("eight");
    const small = { ...here, vessels: [stockpot("two", 2), stockpot("three", 3)] };
    expect(planHere(plan, there, small, "mine").plan.vesselId).toBe("three");
    expect(own.items).toEqual(plan.items);
  });

  test("stays in its own pot where that stands here too", () => {
    const [tall] = there.vessels;
    if (tall === undefined) throw new Error("no pot");
    const here = testKitchen({ vessels: [stockpot("twelve", 12), { ...tall, id: "mine-too" }] });
    expect(planHere(plan, there, here, "x")).toMatchObject({
      plan: { vesselId: "mine-too" },
      instead: null,
    });
  });

  test("an oven dish finds the oven here; without what it needs it says what is missing", () => {
    const dish = testBraise({ heat: HEATS.oven, vesselId: "casserole" });
    const oven = { id: "ours", name: "Oven", fan: true, maxC: 250 };
    const here = testKitchen({ vessels: [vesselOfForm("casserole", "round", 5)], ovens: [oven] });
    const own = planHere(dish, there, here, "x").plan;
    expect(own.heat).toMatchObject({ method: "oven", ovenId: "ours" });
    expect(vesselOf(resolve(own, here)).id).toBe("round");
    const bare = testKitchen({ vessels: [], rings: [], ovens: [] });
    const stuck = planHere(dish, there, bare, "x");
    expect(stuck).toMatchObject({ plan: { vesselId: "casserole" }, instead: null });
    expect(() => vesselOf(resolve(stuck.plan, bare))).toThrow(/is not in this kitchen/);
  });
});
