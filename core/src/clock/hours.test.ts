import { describe, expect, test } from "vitest";
import { HandSchema, type Hand } from "../simulate/hands-schema";
import { hoursOf, nightOf } from "./hours";
import { wallClock } from "./wall-clock";

const wall = wallClock("Europe/Vienna");
const hand = (nights: object[], sleep: object | null = { from: "22:00", to: "06:00" }): Hand =>
  HandSchema.parse({ id: "you", name: "You", sleep, nights });
/** Wednesday 18 March to Monday 23 March 2026. */
const WEEK = { from: wall.at("2026-03-18", "12:00"), to: wall.at("2026-03-23", "12:00") };
const at = (date: string, time: string) => wall.at(`2026-03-${date}`, time);

describe("the night's sleep", () => {
  test("is the same every night where nothing else is said", () => {
    const { asleep, free } = hoursOf(hand([]), WEEK, wall);
    expect(asleep).toHaveLength(5);
    expect(asleep[0]).toEqual({ from: at("18", "22:00"), to: at("19", "06:00") });
    expect(free).toHaveLength(6);
  });

  test("is another on some weekdays and on one date, the date first", () => {
    const other = hand([
      { weekdays: [5, 6], from: "00:30", to: "08:30" },
      { date: "2026-03-21", from: "23:00", to: "05:00" },
    ]);
    const night = (date: string) => nightOf(other, `2026-03-${date}`, wall);
    // Friday's begins past midnight: that is Saturday.
    expect(night("20")).toEqual({ from: at("21", "00:30"), to: at("21", "08:30") });
    expect(night("21")).toEqual({ from: at("21", "23:00"), to: at("22", "05:00") });
    expect(night("22")).toEqual({ from: at("22", "22:00"), to: at("23", "06:00") });
    const { asleep } = hoursOf(other, WEEK, wall);
    expect(asleep.some((s) => s.from <= at("20", "23:00") && s.to > at("20", "23:00"))).toBe(false);
    expect(asleep.some((s) => s.from <= at("21", "08:00") && s.to > at("21", "08:00"))).toBe(true);
  });

  test("past midnight it is the night that began the evening before, also at the edge", () => {
    const late = hand([], { from: "01:00", to: "09:00" });
    const early = { from: at("18", "02:00"), to: at("18", "12:00") };
    expect(hoursOf(late, early, wall).free).toEqual([{ from: at("18", "09:00"), to: early.to }]);
  });

  test("up all night where both are the same, and every night where nobody sleeps", () => {
    expect(
      nightOf(hand([{ weekdays: [3], from: "22:00", to: "22:00" }]), "2026-03-18", wall),
    ).toBeNull();
    const nobody = hand([{ weekdays: [3], from: "22:00", to: "06:00" }], null);
    expect(hoursOf(nobody, WEEK, wall).asleep).toEqual([]);
  });

  test("changes of the clock take an hour of it or give one", () => {
    const spring = nightOf(hand([]), "2026-03-28", wall)!;
    const autumn = nightOf(hand([]), "2026-10-24", wall)!;
    expect([spring.to - spring.from, autumn.to - autumn.from]).toEqual([420, 540]);
  });
});
