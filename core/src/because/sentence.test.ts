import { resolve } from "../simulate/set-pot";
import { describe, expect, test } from "vitest";
import { testKitchen, testPlan } from "../../test/kitchen";
import { answersFor } from "./answers";
import { sentenceParts, sentenceText } from "./sentence";

const kitchen = testKitchen();
function say(
  over: Parameters<typeof testPlan>[0] = {},
  system: "metric" | "us" | "both" = "metric",
) {
  const plan = testPlan(over);
  const outcome = answersFor(resolve(plan, kitchen), () => 9);
  if (!outcome.ok) throw outcome.problem;
  return {
    text: sentenceText(resolve(plan, kitchen), outcome.value, system),
    parts: sentenceParts(resolve(plan, kitchen), outcome.value, system),
    answers: outcome.value,
  };
}
const start = { at: "start" as const };

describe("the sentence", () => {
  test("its parts join to its text, and only what can be changed has a field", () => {
    const { text, parts } = say();
    expect(parts.map((p) => p.text).join("")).toBe(text);
    expect(parts.flatMap((p) => p.field?.of ?? [])).toEqual([
      "item",
      "water",
      "vessel",
      "stop",
      "vigour",
      "lid",
    ]);
    expect(parts.filter((p) => p.isResult)).toHaveLength(1);
  });

  test("what follows on the heat is said in order, each with its own end and field", () => {
    const { text, parts } = say({
      then: [
        {
          id: "down",
          heat: { method: "hob", vigour: "rolling", lid: "off", boilFirstMin: null },
          stop: { by: "share", share: 0.8 },
        },
        { id: "rest", heat: { method: "rest", lid: "on" }, stop: { by: "time", holdMin: 20 } },
      ],
    });
    expect(text).toMatch(
      /6 h at a bare simmer, lid off, then down to 80 % \(about .+\) at a rolling boil, lid off, then 20 min off the heat, lid on: about/,
    );
    const ids = parts.flatMap(({ field }) => (field?.of === "stretch" ? [field.stretchId] : []));
    expect(ids).toEqual(["down", "down", "rest", "rest"]);
  });

  test("bones lead before vegetables, two are named, later ones are not", () => {
    const { text } = say({
      items: [
        { id: "c", ingredientId: "carrot", massKg: 3, when: start },
        { id: "n", ingredientId: "lambNeck", massKg: 1, when: start },
        { id: "f", ingredientId: "fennel", massKg: 0.5, when: start },
        { id: "o", ingredientId: "onion", massKg: 0.2, when: { at: "beforeEnd", min: 60 } },
      ],
    });
    expect(text).toMatch(/^1\.0 kg lamb neck, 3\.0 kg carrot, 4\.4 L water/);
    expect(text).not.toMatch(/fennel|onion/);
  });

  test.each([
    [{ by: "liquid" as const, liquidL: 3 }, /down to 3\.0 L \(about \d+ h/],
    [{ by: "share" as const, share: 0.6 }, /down to 60 % \(about \d+ h/],
    [{ by: "depth" as const, depthM: 0.1 }, /down to 10\.0 cm deep \(about \d+ h/],
    [{ by: "time" as const, holdMin: 45 }, /, 45 min at a bare simmer/],
    [{ by: "temperature" as const, tempC: 71 }, /until the middle is at 71 °C \(about .+\)/],
  ])("a stop of %o is said", (stop, wanted) => {
    expect(say({ stop }).text).toMatch(wanted);
  });

  test("in US units throughout; with both, metric speaks", () => {
    expect(say({}, "us").text).not.toMatch(/\bL\b|kg/);
    expect(say({}, "both").text).toBe(say({}, "metric").text);
  });

  test("the set is the expected one; water alone pours", () => {
    expect(say({ items: [] }).text).toMatch(/pours when cold\.$/);
    const trotters = say({
      items: [{ id: "t", ingredientId: "porkTrotter", massKg: 3, when: start }],
      water: { by: "amount", volumeL: 3 },
      heat: { method: "hob", vigour: "steady", lid: "on", boilFirstMin: 5 },
    });
    expect(trotters.answers.set.expected).toBe("rubber");
    expect(trotters.text).toMatch(/sets like rubber when cold\.$/);
  });

  test("a heat and a lid are said as they are seen", () => {
    expect(
      say({
        heat: { method: "hob", vigour: "rolling", lid: "ajar", boilFirstMin: null },
        stop: { by: "time", holdMin: 20 },
      }).text,
    ).toContain("20 min at a rolling boil, lid ajar:");
  });
});
