import { monthOf } from "@kettlos/core/units/moments";
import { describe, expect, test } from "vitest";
import type { ShelvedPot } from "@kettlos/core/logbook/shelved";
import { sample, shelvedPotOf } from "../../../test/pot";
import { monthKeyOf } from "@kettlos/core/logbook/month-ruler";
import { logFinderOf } from "./log-finder";
import { shelvesOf } from "./shelves";

const past: readonly ShelvedPot[] = sample.batches
  .filter((b) => b.id !== "on-fire")
  .map((b) => shelvedPotOf(b.id));

describe("the log on shelves", () => {
  test.each(["none", "dish", "kind", "vessel", "month"] as const)(
    "by %s every pot stands on one, in the order given",
    (by) => {
      const shelves = shelvesOf(past, by, monthOf);
      const on = shelves.flatMap((s) => s.pots);
      expect(new Set(on)).toEqual(new Set(past));
      expect(on).toHaveLength(past.length);
      for (const { pots } of shelves)
        expect(pots).toEqual([...pots].sort((a, b) => past.indexOf(a) - past.indexOf(b)));
      expect(new Set(shelves.map((s) => s.title)).size).toBe(shelves.length);
    },
  );

  test("a dish has its own, a pot those of all that was cooked in it", () => {
    const of = (by: "dish" | "vessel", title: string) =>
      shelvesOf(past, by, monthOf).find((s) => s.title === title)?.pots ?? [];
    expect(of("dish", "Lamb neck broth")).toHaveLength(4);
    expect(new Set(of("vessel", "Tall pot").map((p) => p.name)).size).toBeGreaterThan(1);
  });
});

describe("what is looked for in the log", () => {
  const NOW_MS = Date.parse("2026-03-18T20:14:00");
  const find = logFinderOf(past, NOW_MS);
  test("a note, by beginnings of its words, all of them, accents or none", () => {
    expect([...find("onion ski")]).toEqual(["past-08"]);
    expect([...find("skimmed EARLY")]).toEqual(["past-08"]);
    expect(find("onion tractor").size).toBe(0);
  });
  test("when it was, alone or with another word", () => {
    const january = past.filter((p) => monthKeyOf(p.begunMs) === "2026-01").map((p) => p.id);
    expect(january.length).toBeGreaterThan(2);
    expect(new Set(january)).toEqual(find("january"));
    expect(find("last January")).toEqual(find("jan 2026"));
    const trotter = find("trotter in january");
    expect(trotter.size).toBeGreaterThan(0);
    expect(trotter.size).toBeLessThan(january.length);
    for (const id of trotter) expect(january).toContain(id);
    expect(find("january 2025").size).toBe(0);
  });
  test("what was in it, in which pot, how it set", () => {
    expect(find("trout").size).toBe(2);
    const set = past.find((p) => p.set !== null)?.set ?? "";
    for (const id of find(set)) {
      const pot = past.find((p) => p.id === id);
      expect(JSON.stringify(pot)).toContain(set);
    }
    expect(find(set).size).toBeGreaterThan(0);
  });
});
