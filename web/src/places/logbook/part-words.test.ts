import { expect, test } from "vitest";
import { differenceWords, partName, partWords, signedVolume } from "./part-words";

const NOTHING = { litres: 0, gelatinGL: 0, saltGL: 0 };

test("parts are called what a cook calls them", () => {
  expect(partName({ kinds: ["water"] })).toBe("Water");
  expect(partName({ kinds: ["vessel", "ring", "heat", "vigour", "lid", "time"] })).toBe(
    "Pot, heat and time",
  );
  expect(partName({ kinds: ["goesIn", "water", "heat", "time"] })).toBe("All of it together");
});

test("a difference has its sign, in the cook's measure", () => {
  expect(signedVolume(-0.3, "metric")).toBe("−300 mL");
  expect(signedVolume(1.2, "metric")).toBe("+1.2 L");
  expect(signedVolume(-0.2366, "us")).toBe("−1 cup");
});

test("what was otherwise is said; of what nobody planned, which way it went", () => {
  const changed = [["4 L → ", { as: "volume", value: 4.5 } as const]];
  expect(partWords({ kinds: ["water"], changes: changed, effect: NOTHING }, "metric")).toEqual([
    "4 L → 4.5 L",
  ]);
  const steam = (litres: number) =>
    partWords({ kinds: ["steam"], changes: [], effect: { ...NOTHING, litres } }, "metric").join();
  expect(steam(-0.2)).toMatch(/faster/);
  expect(steam(0.2)).toMatch(/slower/);
});

test("the sentence names what made the most of it; alike it says so", () => {
  const came = (litres: number) => ({ litres, isMeasured: true, reckoned: NOTHING });
  const part = (kind: "water" | "lid", litres: number, ...changes: readonly string[]) => ({
    kinds: [kind],
    changes,
    effect: { ...NOTHING, litres },
  });
  const parts = [part("water", 0.2, "4 L → 4.2 L"), part("lid", -0.6, "lid on → lid off")];
  const less = { from: came(3), to: came(2.6), parts };
  expect(differenceWords(less, "the second time", "metric")).toBe(
    "400 mL less the second time. The most of it: lid −600 mL (lid on → lid off).",
  );
  const alike = { from: came(3), to: came(3.02), parts: [part("water", 0.02)] };
  expect(differenceWords(alike, "the second time", "metric")).toBe("As much came of both.");
  const even = { from: came(3), to: came(3), parts: [part("lid", -0.3), part("water", 0.3)] };
  expect(differenceWords(even, "the second time", "us")).toMatch(
    /^As much.*most of it: lid −1 ¼ cups/,
  );
});
