import { expect, test } from "vitest";
import { sideOfWords, wordsStyle } from "./rail-words";

test("after the band, before it where it reaches far, on it where it leaves room for neither", () => {
  expect(sideOfWords({ from: 0, end: 62 })).toBe("after");
  expect(sideOfWords({ from: 38, end: 90 })).toBe("before");
  expect(sideOfWords({ from: 32, end: 72 })).toBe("on");
});

test("the needle crosses no words where there is room beside it", () => {
  const now = 15;
  expect(wordsStyle({ from: 2, end: 20 }, now)).toEqual({ left: "20%" });
  // It ended a while ago; long ago its words stand by it.
  expect(wordsStyle({ from: 2, end: 10 }, now)).toEqual({ left: "15%" });
  expect(wordsStyle({ from: 2, end: 10 }, 45)).toEqual({ left: "10%" });
  expect(wordsStyle({ from: 60, end: 90 }, now)).toEqual({ right: "40%" });
  expect(wordsStyle({ from: 5, end: 80 }, now)).toEqual({ left: "15%", maxWidth: "65%" });
  expect(wordsStyle({ from: 5, end: 70 }, 50)).toEqual({ left: "5%", maxWidth: "65%" });
  // Not begun yet: from where it begins.
  expect(wordsStyle({ from: 32, end: 72 }, now)).toEqual({ left: "32%", maxWidth: "40%" });
});
