import { describe, expect, test } from "vitest";
import { readTyped } from "./read-typed";

describe("a typed answer to a doubt", () => {
  test("people, a time, an amount of the ingredient", () => {
    expect(readTyped("people", "38", null)).toEqual({ ok: true, value: { people: 38 } });
    expect(readTyped("time", "2 h 30", null)).toEqual({ ok: true, value: { hold: 150 } });
    expect(readTyped("time", "90", null)).toEqual({ ok: true, value: { hold: 90 } });
    expect(readTyped("amount", "250 g", "carrot")).toEqual({ ok: true, value: { massKg: 0.25 } });
    expect(readTyped("amount", "2 medium", "onion")).toMatchObject({
      ok: true,
      value: { massKg: 0.3 },
    });
  });

  test.each([
    ["people", "a few", null, /no number of people/],
    ["people", "0", null, /no number of people/],
    ["time", "soon", null, /time such as/],
    ["amount", "8 oz", "boughtStock", /leaves it open/],
    ["amount", "250 g", null, /leaves it open/],
  ] as const)("%s: %s is refused with its reason", (kind, text, id, reason) => {
    const outcome = readTyped(kind, text, id);
    expect(outcome.ok).toBe(false);
    expect(outcome.ok ? "" : outcome.problem.message).toMatch(reason);
  });
});
