import { describe, expect, test } from "vitest";
import { neededWords, ratioWord, waterWords } from "./water-words";

describe("the water in words", () => {
  test.each([
    [1, "very rich"],
    [1.5, "rich"],
    [2, "standard"],
    [3, "light"],
  ])("1 : %s is %s", (ratio, word) => expect(ratioWord(ratio)).toBe(word));

  test("where other liquids reach as far, none is needed", () => {
    expect(neededWords(0, "both")).toBe("none needed");
    expect(neededWords(0.002, "metric")).toBe("none needed");
    expect(neededWords(0.16, "metric")).toBe("160 mL");
  });

  test.each([
    [{ by: "amount", volumeL: 4 }, "as typed"],
    [{ by: "ratio", waterPerBone: 1.5 }, "by weight 1 : 1.5"],
    [{ by: "cover" }, "to cover"],
    [{ by: "over", overM: 0.025 }, "2.5 cm over"],
    [{ by: "halfWay" }, "half-way up"],
    [{ by: "fillLine" }, "to the fill line"],
    [{ by: "left", wanted: { by: "volume", volumeL: 3 } }, "for what shall be left"],
  ] as const)("%o is said as %s", (statement, words) =>
    expect(waterWords(statement, "metric")).toBe(words),
  );
});
