import { PlanItemSchema, type When } from "@kettlos/core/simulate/plan-schema";
import { describe, expect, test } from "vitest";
import { laddered, movedTo, stepped } from "./ladder-order";

const HOLD = 180;
const item = (id: string, when: When) =>
  PlanItemSchema.parse({ id, ingredientId: "carrot", massKg: 0.1, when });
const ITEMS = [
  item("last", { at: "offHeat" }),
  item("a", { at: "start" }),
  item("b", { at: "start" }),
  item("late", { at: "beforeEnd", min: 30 }),
  item("tender", { at: "whenTender", itemId: "a" }),
];
const ids = (items: readonly { id: string }[]) => items.map((i) => i.id).join(" ");
const whenOf = (items: readonly { id: string; when: When }[], id: string) =>
  items.find((i) => i.id === id)?.when;

describe("the ladder's order", () => {
  test("is by time, then as listed", () =>
    expect(ids(laddered(ITEMS, HOLD))).toBe("a b late tender last"));

  test("a step by key changes places within a stage, and steps into the next at its edge", () => {
    expect(ids(laddered(stepped(ITEMS, HOLD, "a", 1), HOLD))).toBe("b a late tender last");
    const over = stepped(ITEMS, HOLD, "b", 1);
    expect(whenOf(over, "b")).toEqual({ at: "beforeEnd", min: 30 });
    expect(whenOf(stepped(ITEMS, HOLD, "last", -1), "last")).toEqual({
      at: "whenTender",
      itemId: "a",
    });
    expect(stepped(ITEMS, HOLD, "a", -1)).toBe(ITEMS);
  });

  test("dragged it takes the stage it lands in, that of the rung above", () => {
    const moved = movedTo(ITEMS, HOLD, "last", 1);
    expect(whenOf(moved, "last")).toEqual({ at: "start" });
    expect(ids(laddered(moved, HOLD))).toBe("a last b late tender");
    expect(whenOf(movedTo(ITEMS, HOLD, "late", 0), "late")).toEqual({ at: "start" });
    expect(whenOf(movedTo(ITEMS, HOLD, "b", 0), "b")).toEqual({ at: "start" });
  });

  test("nothing is made to wait for itself, and nothing is lost", () => {
    const moved = movedTo(ITEMS, HOLD, "a", 3);
    expect(whenOf(moved, "a")).not.toEqual({ at: "whenTender", itemId: "a" });
    expect([...moved].map((i) => i.id).sort()).toEqual(ITEMS.map((i) => i.id).sort());
  });
});
