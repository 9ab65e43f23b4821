import { describe, expect, test } from "vitest";
import { HandSchema, type Hand } from "./hands-schema";
import { nightBeginsMin, nobodyUp } from "./nobody-up";

const hand = (over: object = {}): Hand => HandSchema.parse({ id: "a", name: "A", ...over });
const sleeps = (from: string, to: string, over: object = {}) =>
  hand({ sleep: { from, to }, ...over });

describe("when nobody is up", () => {
  test("where nobody is named, from ten to six", () => {
    expect(nobodyUp([])).toEqual([
      { fromMin: 0, toMin: 360 },
      { fromMin: 1320, toMin: 1440 },
    ]);
    expect(nightBeginsMin([], 2 * 60)).toBe(1320);
    expect(nightBeginsMin([], 22 * 60)).toBe(1320);
    expect(nightBeginsMin([], 6 * 60)).toBeNull();
    expect(nightBeginsMin([], 21 * 60 + 59)).toBeNull();
    // A day later, and a day before.
    expect(nightBeginsMin([], 26 * 60)).toBe(1320);
    expect(nightBeginsMin([], -60)).toBe(1320);
  });

  test("a baker's evening is a night", () => {
    expect(nobodyUp([sleeps("18:30", "01:30")])).toEqual([
      { fromMin: 0, toMin: 90 },
      { fromMin: 1110, toMin: 1440 },
    ]);
    expect(nightBeginsMin([sleeps("18:30", "01:30")], 20 * 60)).toBe(1110);
  });

  test("of two that sleep by turns, only while both do", () => {
    const two = [sleeps("21:00", "05:00"), sleeps("23:30", "07:00")];
    expect(nobodyUp(two)).toEqual([
      { fromMin: 0, toMin: 300 },
      { fromMin: 1410, toMin: 1440 },
    ]);
    expect(nobodyUp([sleeps("21:00", "05:00"), sleeps("05:00", "12:00")])).toEqual([]);
  });

  test("who is always up, or sleeps otherwise on some nights", () => {
    expect(nobodyUp([sleeps("21:00", "05:00"), hand({ sleep: null })])).toEqual([]);
    const late = [{ from: "02:00", to: "10:00", weekdays: [6] }];
    expect(nobodyUp([sleeps("22:00", "06:00", { nights: late })])).toEqual([
      { fromMin: 0, toMin: 600 },
      { fromMin: 1320, toMin: 1440 },
    ]);
    // Up all of one night says nothing of the others.
    const up = [{ from: "00:00", to: "00:00", weekdays: [5] }];
    expect(nobodyUp([sleeps("22:00", "06:00", { nights: up })])).toHaveLength(2);
  });

  test("a sleep from midnight is one span, by day another", () => {
    expect(nobodyUp([sleeps("00:00", "07:00")])).toEqual([{ fromMin: 0, toMin: 420 }]);
    expect(nobodyUp([sleeps("09:00", "17:00")])).toEqual([{ fromMin: 540, toMin: 1020 }]);
    expect(nightBeginsMin([sleeps("00:00", "07:00")], 60)).toBe(0);
  });
});
