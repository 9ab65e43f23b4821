import fc from "fast-check";
import { afterEach, describe, expect, test } from "vitest";
import { outcomeOf } from "./problem";
import { readBareNumber } from "./read-bare-number";
import { plain, regionOf, setRegion } from "./region";

const saidOf = (text: string, isWhole = false) => {
  const outcome = outcomeOf(() => readBareNumber(text, { isWhole }));
  return outcome.ok ? null : outcome.problem.message;
};
const valueOf = (text: string, options = {}) => {
  const reading = readBareNumber(text, options);
  return reading.kind === "one" ? reading.value : reading.choices.map((c) => c.value);
};

afterEach(() => setRegion(regionOf("en-GB")));

describe("a number of no measure", () => {
  test("is read as people type it", () => {
    expect(valueOf("6")).toBe(6);
    expect(valueOf("1,5")).toBe(1.5);
    expect(valueOf("2 1/2")).toBe(2.5);
    expect(valueOf("½")).toBe(0.5);
    expect(valueOf("half a dozen")).toBe(6);
    expect(valueOf("20 000")).toBe(20_000);
    expect(valueOf("1\u202f500 000")).toBe(1_500_000);
    expect(valueOf("1 1/2")).toBe(1.5);
    expect(valueOf(" 60 % ", { unit: "%" })).toBe(60);
    expect(valueOf("60", { unit: "%" })).toBe(60);
  });

  test("that may be two is asked, and never where only one of them is whole", () => {
    expect(valueOf("1,500")).toEqual([1500, 1.5]);
    expect(valueOf("1,500", { isWhole: true })).toBe(1500);
  });

  test("beyond its limits it is refused with them; of two readings the one that may be is taken", () => {
    const limits = { least: 200, most: 20_000 };
    expect(valueOf("1,500", { limits })).toBe(1500);
    expect(valueOf("1,500", { limits: { least: 0.5, most: 60 } })).toBe(1.5);
    expect(valueOf("200", { limits })).toBe(200);
    expect(valueOf("20000", { limits })).toBe(20_000);
    const said = (text: string, options: object) => {
      const outcome = outcomeOf(() => readBareNumber(text, options));
      return outcome.ok ? null : outcome.problem.message;
    };
    expect(said("199", { limits })).toBe("199 is out of range: from 200 to 20000.");
    expect(said("0", { limits: { least: 1, most: Infinity } })).toBe(
      "0 is out of range: from 1 on.",
    );
    expect(said("140 %", { unit: "%", limits: { least: 30, most: 100 } })).toBe(
      "140 % is out of range: from 30 % to 100 %.",
    );
  });

  test("what is none is refused with what was typed", () => {
    expect(saidOf("12 34")).toBe('"12 34" is not a number.');
    expect(saidOf("many")).toBe('"many" is not a number.');
    expect(saidOf(" ")).toBe("Nothing is written. Write a number, such as 6.");
    expect(saidOf("-3")).toBe('"-3" is not a number.');
    expect(saidOf("2.5", true)).toBe('"2.5" is not a whole number.');
    expect(saidOf("6 kg")).toBe('"6 kg" is not a number.');
  });

  test("as it is shown it is read back, in either notation", () => {
    for (const locale of ["en-GB", "de-AT", "en-US"]) {
      setRegion(regionOf(locale));
      fc.assert(
        fc.property(fc.integer({ min: 0, max: 99_999 }), (hundredths) => {
          const value = hundredths / 100;
          const read = valueOf(plain(value));
          expect(Array.isArray(read) ? read : [read]).toContain(value);
        }),
      );
    }
  });
});
