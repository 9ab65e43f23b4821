import { describe, expect, test } from "vitest";
import { NOW, potOf } from "../../test/pot";
import { callsOf } from "./calls-of";
import type { LivePot } from "./pots-store";

const pot = potOf("on-fire");
const action = pot.actions.find((a) => a.kind === "add");
const dueMs = action?.atMs ?? NaN;

describe("what calls", () => {
  test("nothing before it is due, then what is due by name, then how late it is", () => {
    expect(callsOf(pot, dueMs - 60_000, "metric")).toEqual([]);
    const [due] = callsOf(pot, dueMs + 1000, "metric");
    expect(due?.title).toBe("Leek and peppercorns in");
    expect(due?.isDanger).toBe(false);
    expect(callsOf(pot, dueMs + 5 * 60_000, "metric")[0]?.title).toBe(
      "Leek and peppercorns in, 5 min late",
    );
  });

  test("the same call keeps its key, so that it rings once", () => {
    const keys = [1000, 90_000, 600_000].map(
      (late) => callsOf(pot, dueMs + late, "metric")[0]?.key,
    );
    expect(new Set(keys).size).toBe(1);
  });

  test("rounds of the same kind each have a key of their own", () => {
    const stir = (atMs: number) => ({ ...action, id: "stir", kind: "stir", title: "Stir", atMs });
    const at = (atMs: number): LivePot => ({ ...pot, actions: [stir(atMs)] as never });
    expect(callsOf(at(NOW), NOW, "metric")[0]?.key).not.toBe(
      callsOf(at(NOW + 60_000), NOW + 60_000, "metric")[0]?.key,
    );
  });

  test("a danger calls at once and before all else; a caution does not", () => {
    const caution = {
      id: "dry",
      severity: "danger",
      title: "It runs dry",
      text: "Water in.",
      sinceMs: NOW,
    } as never;
    const danger = callsOf({ ...pot, cautions: [caution] }, dueMs + 1000, "metric");
    expect(danger[0]?.isDanger).toBe(true);
    expect(danger.slice(1).length).toBeGreaterThan(0);
    expect(danger.slice(1).every((c) => !c.isDanger)).toBe(true);
    const mild = { ...(caution as object), severity: "caution" } as never;
    expect(callsOf({ ...pot, cautions: [mild] }, NOW, "metric").some((c) => c.isDanger)).toBe(
      false,
    );
  });
});
