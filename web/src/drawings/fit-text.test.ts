import fc from "fast-check";
import { expect, test } from "vitest";
import { inLines, widthOfText } from "./fit-text";

test("a text in lines is the same text, each line as long as there is room, or one word", () => {
  const words = fc.array(fc.stringMatching(/^[a-z]{1,14}$/u), { minLength: 1, maxLength: 12 });
  fc.assert(
    fc.property(words, fc.integer({ min: 20, max: 300 }), (all, mostPx) => {
      const text = all.join(" ");
      const lines = inLines(text, mostPx);
      expect(lines.join(" ")).toBe(text);
      for (const [i, line] of lines.entries()) {
        if (line.includes(" ")) expect(widthOfText(line)).toBeLessThanOrEqual(mostPx);
        const next = lines[i + 1]?.split(" ")[0];
        if (next !== undefined) expect(widthOfText(`${line} ${next}`)).toBeGreaterThan(mostPx);
      }
    }),
  );
});
