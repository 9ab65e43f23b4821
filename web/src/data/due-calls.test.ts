import { describe, expect, test } from "vitest";
import { dueCalls, type Rung } from "./due-calls";

const call = (key: string, isDanger = false) => ({
  key,
  isDanger,
  title: key,
  text: "",
  dueMs: 0,
  batchId: "",
});
const MIN = 60_000;

describe("calling until somebody hears", () => {
  test("first at once, a danger again each minute, what is due every five, each time counted", () => {
    const calls = [call("leek"), call("dry", true)];
    let rung: ReadonlyMap<string, Rung> = new Map();
    const at = (min: number) => {
      const { ring, after } = dueCalls(calls, rung, min * MIN);
      rung = after;
      return ring.map((c) => c.key);
    };
    expect(at(0)).toEqual(["dry", "leek"]);
    expect(at(0.5)).toEqual([]);
    expect(at(1)).toEqual(["dry"]);
    expect(at(2)).toEqual(["dry"]);
    expect(at(5)).toEqual(["dry", "leek"]);
    expect(rung.get("dry")?.times).toBe(4);
  });

  test("heard, it is quiet; a danger that still stands calls again after ten minutes", () => {
    const heard: Rung = { lastMs: 0, times: 3, heardMs: 0 };
    const before = new Map([
      ["dry", heard],
      ["leek", heard],
    ]);
    const calls = [call("leek"), call("dry", true)];
    expect(dueCalls(calls, before, 9 * MIN).ring).toEqual([]);
    const later = dueCalls(calls, before, 10 * MIN);
    expect(later.ring.map((c) => c.key)).toEqual(["dry"]);
    expect(later.after.get("dry")).toMatchObject({ heardMs: null, times: 4 });
  });

  test("what is gone is forgotten and rings anew when it comes back; a clock set back rings", () => {
    const before = new Map([["leek", { lastMs: 100 * MIN, times: 1, heardMs: null }]]);
    expect(dueCalls([], before, 101 * MIN).after.size).toBe(0);
    expect(dueCalls([call("leek")], before, 40 * MIN).ring).toHaveLength(1);
  });
});
