import { describe, expect, test } from "vitest";
import { planOf } from "../../../test/pot";
import { db } from "../../data/db";
import { forgetEverything } from "../../data/safety-copies";
import { keepParts } from "./keep-parts";

describe("a dish shared over several pots", () => {
  test("this plan stays the first; the others are kept beside it, by number", async () => {
    await forgetEverything();
    const lamb = { ...planOf("plan-lamb"), name: "Lamb neck broth" };
    const halves = [1, 2].map(() => ({
      ...lamb,
      items: lamb.items.map((i) => ({ ...i, massKg: i.massKg / 2 })),
    }));
    const kept = await keepParts(lamb, halves);
    expect(kept.map((p) => p.name)).toEqual(["Lamb neck broth, pot 1", "Lamb neck broth, pot 2"]);
    expect(kept[0]?.id).toBe(lamb.id);
    const stored = await db.plans.toArray();
    expect(stored.map((s) => s.id)).toEqual([kept[1]?.id]);
    expect(kept[1]?.id).not.toBe(lamb.id);
    // Shared once more it does not become "pot 1, pot 1".
    const again = await keepParts(kept[0]!, [kept[0]!, kept[0]!, kept[0]!]);
    expect(again.map((p) => p.name).at(-1)).toBe("Lamb neck broth, pot 3");
  });
});
