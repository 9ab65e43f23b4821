import fc from "fast-check";
import { describe, expect, test } from "vitest";
import { pseudo } from "./pseudo";
import { us } from "./us";
import { checkHoles, translated, type Language } from "./translate";

/** Runs a module that sets `out`. */
const run = (code: string): unknown =>
  new Function("x", "y", `let out; ${code}; return out;`)("<x>", "<y>");
const says =
  (texts: Readonly<Record<string, string>>): Language =>
  (id) =>
    texts[id];

describe("a module in another language", () => {
  test("says what the language says, and what it does not as it was written", () => {
    const code = 'out = ["Lid off", "Lid on"].join()';
    expect(run(translated(code, says({ "Lid off": "Deckel ab" })))).toBe("Deckel ab,Lid on");
  });
  test("takes the place of the mark, in English too", () => {
    expect(translated('out = word("fridge");', () => undefined)).toBe('out = "fridge";');
    expect(translated('out = word("fridge");', says({ fridge: "Kühlschrank" }))).toBe(
      'out = "Kühlschrank";',
    );
  });
  test("is as it was, to the letter, where nothing of it is said otherwise", () => {
    const code = "out = [`{a} ${x ? `in ${y} \\n` : \"or so\"} of it`, 'one two', /a b/];";
    expect(run(translated(code, () => undefined))).toEqual(run(code));
  });
  test("has its figures in the order of that language", () => {
    const code = "out = `${x} of ${y} left`";
    expect(run(translated(code, says({ "{0} of {1} left": "von {1} noch {0}" })))).toBe(
      "von <y> noch <x>",
    );
  });
  test("also where one phrase stands in another", () => {
    const code = 'out = `It is ${x ? `very ${y} there` : "so"} now`';
    const language = says({ "It is {0} now": "Nun {0}", "very {0} there": "dort sehr {0}" });
    expect(run(translated(code, language))).toBe("Nun dort sehr <y>");
  });
  test("also where only the one within is said otherwise", () => {
    const code = "out = `It is ${x ? `very ${y} there` : 0} now`";
    expect(run(translated(code, says({ "very {0} there": "dort sehr {0}" })))).toBe(
      "It is dort sehr <y> now",
    );
  });
  test("says another word where the locale is of the United States, whatever the language says else", () => {
    const code =
      "const tag = (texts, ...holes) => String.raw({ raw: texts }, ...holes).toUpperCase();" +
      "out = [`${x} on the ring, ${y} on`, 'Light the ring', 'It rings soon', tag`Off the ring, ${y} on`]";
    const at = (locale: string, made: string): unknown =>
      new Function("x", "y", "navigator", `let out; ${made}; return out;`)("<x>", "<y>", {
        language: locale,
      });
    const made = translated(code, () => undefined, us);
    expect(at("en-GB", made)).toEqual([
      "<x> on the ring, <y> on",
      "Light the ring",
      "It rings soon",
      "OFF THE RING, <Y> ON",
    ]);
    expect(at("en-US", made)).toEqual([
      "<x> on the burner, <y> on",
      "Light the burner",
      "It rings soon",
      "OFF THE BURNER, <Y> ON",
    ]);
    for (const locale of ["en", "en-US-u-hc-h23"])
      expect(at(locale, made), locale).toEqual(at("en-US", made));
    expect(at("en-AU", made)).toEqual(at("en-GB", made));
    expect(us("Rings and ovens")).toBe("Burners and ovens");
    expect(
      us("The ring that fat leaves on the wall of the pot: how high it stood."),
    ).toBeUndefined();
    expect(us("during the boil")).toBeUndefined();
  });
  test("is refused where a figure would be lost or made up", () => {
    const code = "out = `${x} of ${y} left`";
    for (const text of ["noch {0}", "{0} {1} {2}", "nichts"])
      expect(() => translated(code, says({ "{0} of {1} left": text }))).toThrow("does not hold");
    expect(() => checkHoles("Lid off", "Deckel {0} ab")).toThrow(
      "does not hold what “Lid off” holds: nothing",
    );
  });
  test("says any text as it is, whatever signs are in it", () => {
    fc.assert(
      fc.property(fc.string(), (any) => {
        const text = any.replace(/[{}]/gu, "");
        expect(run(translated('out = "Lid off"', says({ "Lid off": text })))).toBe(text);
        const around = run(
          translated("out = `Lid off ${x} now`", says({ "Lid off {0} now": `${text}{0}${text}` })),
        );
        expect(around).toBe(`${text}<x>${text}`);
      }),
    );
  });
});

describe("the tests' own language", () => {
  test("is in other letters, in brackets, longer by two fifths, with the same holes and the space round it", () => {
    const words = fc.array(fc.stringMatching(/^[A-Za-z]{1,9}$/u), { minLength: 1, maxLength: 9 });
    fc.assert(
      fc.property(words, fc.nat(3), (all, at) => {
        const id = ` ${all.slice(0, at).join(" ")} {0} ${all.join(" ")} `.replace(/ +/gu, " ");
        const said = pseudo(id) ?? "";
        expect(said.replace(/\{0\}/u, "")).not.toMatch(/[A-Za-z]/u);
        expect(said).toMatch(/^ ⟦.*\{0\}.*⟧ $/u);
        expect(said.length).toBeGreaterThanOrEqual(1.3 * id.length - 2);
        expect(said.length).toBeLessThanOrEqual(1.5 * id.length + 4);
      }),
    );
  });
});
