import { describe, expect, test } from "vitest";
import { isProse } from "./prose";
import { comparedIn, sitesOf } from "./sites";

const ids = (code: string) => sitesOf(code).map((s) => s.id);

describe("what is said", () => {
  test.each([
    ["several words", 'const a = "lid ajar";', ["lid ajar"]],
    ["one that begins as a sentence does", 'f("Broth");', ["Broth"]],
    ["part of a sentence", 'const a = x + " of it";', [" of it"]],
    ["a template with its figures", "const a = `${x} of ${y} left`;", ["{0} of {1} left"]],
    ["a tagged one", "say`Read at ${t}.`;", ["Read at {0}."]],
    [
      "what stands in another",
      'const a = `It is ${x ? "hot" : "cold"} now`;',
      ["It is {0} now", "hot", "cold"],
    ],
    ["one word in a map of words", 'const LID_WORDS = { on: "on", off: "off" };', ["on", "off"]],
    ["one word under a name of words", '({ label: "raw", value: "raw" });', ["raw"]],
    ["one word that is marked", 'const a = { name: word("fridge"), id: "fridge" };', ["fridge"]],
    ["a list of texts", 'out = ["Lid off", x].join();', ["Lid off"]],
    ["text of a template", '_createElementVNode("span", { class: "a b" }, "now");', ["now"]],
    ["its labels", '({ "aria-label": "less", class: "on top" });', ["less"]],
  ])("%s", (_, code, said) => {
    expect(ids(code)).toEqual(said);
  });
});

describe("what a program reads", () => {
  test.each([
    ["imports", 'import a from "Some thing"; export * from "Other thing";'],
    ["ids in lower case", 'const a = { kind: "gentle", to: "bench" }; f("wobbles");'],
    [
      "what one word is compared with",
      'if (a === "Broth" || b === "ajar") f(); switch (a) { case "Stew": }',
    ],
    ["names of keys", 'const a = { "content": 1 }; a["Some thing"];'],
    ["what strings are taken apart with", 'a.split(" and "); b.replace("Some", "x y");'],
    [
      "classes, styles and paths",
      '({ class: "place larder", d: "M 0 0 L 1 1", style: "color: red" });',
    ],
    [
      "templates of them",
      "const a = `ring-${x}`; const b = `${w}px`; const c = `M${x} ${y}`; const d = `${x}-problem`;",
    ],
    ["patterns", "String.raw`one two`; new RegExp(`one ${x} two`);"],
    [
      "signs of measures, which fields read back",
      "const a = `${x} cm`; const b = `${x} lb ${y} oz`;",
    ],
    ["what is looked up in a list", 'if (["Enter", "Space bar"].includes(key)) f();'],
    ["what is stored", 'const SETS = ["holds an edge"];'],
  ])("%s", (_, code) => {
    expect(ids(code)).toEqual([]);
  });
});

test("a text of several words is the same phrase where it is compared and where it is made", () => {
  const code = 'const a = b ? "past its best" : "short"; if (a === "past its best") f();';
  expect(ids(code)).toEqual(["past its best", "past its best"]);
});

test("one word that is said and compared is found, for it would be two things in another language", () => {
  const code =
    'if (a === "Prepare" || b === "ajar" || c === "past its best") f(); switch (d) { case "Stir": }';
  expect(comparedIn(code)).toEqual(["Prepare", "Stir"]);
});

test("holes are told by where their expressions stand", () => {
  const code = "const a = `${first(1)} of ${second} left`;";
  const [site] = sitesOf(code);
  expect(site?.holes.map((h) => code.slice(h.start, h.end))).toEqual(["first(1)", "second"]);
});

test("what is said for one system of measures only is told", () => {
  const by = (code: string) => sitesOf(code).map((s) => s.isByMeasure);
  expect(by('either("1 g a litre", "a pinch a quart");')).toEqual([true, true]);
  expect(by('_unref(either)("1 g a litre", "a pinch a quart");')).toEqual([true, true]);
  expect(by('const a = system === "us" ? "a pinch a quart" : "1 g a litre";')).toEqual([
    true,
    true,
  ]);
  expect(by('f("1 g a litre");')).toEqual([false]);
});

test("no text without letters, or of signs alone, is prose", () => {
  for (const text of ["", " ", "–", "°C", "kg", "0 0 24 24", "PT"])
    expect(isProse(text)).toBe(false);
});
