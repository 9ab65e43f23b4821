import { CookEventSchema } from "@kettlos/core/batch/batch-schema";
import { expect, test } from "vitest";
import { planOf } from "../../test/pot";
import { eventWords } from "./event-words";

const plan = planOf("plan-trotter");
const words = (body: object, units: "metric" | "us" = "metric") =>
  eventWords(
    CookEventSchema.parse({ id: "e", batchId: "b", atMs: 0, schemaVersion: 3, ...body }),
    plan,
    units,
  );

test("what was done after the sieve is told as a cook says it, in the cook's units", () => {
  expect(words({ kind: "reducedTo", volumeL: 1.5 })).toBe("Boiled down to 1.5 L");
  expect(words({ kind: "stirredIn", ingredientId: "tableSalt", massKg: 0.011 })).toBe(
    "Table salt stirred in, 11 g",
  );
  expect(words({ kind: "solids", fate: "thrown" })).toBe("What stayed in the sieve: thrown away");
  expect(words({ kind: "looked", clarity: "hazy", colour: "amber" })).toBe("hazy, amber");
  expect(words({ kind: "reducedTo", volumeL: 0.946 }, "us")).toBe("Boiled down to 1 qt");
});

test("what went on in the pot names what it was done to", () => {
  const trotter = plan.items[0]?.id ?? "";
  expect(words({ kind: "split", itemId: trotter, intoId: "x", massKg: 0.4 })).toBe(
    "Pork trotters split, 400 g apart",
  );
  expect(words({ kind: "leftOut", itemId: trotter })).toBe("Pork trotters left out");
  expect(words({ kind: "checked", itemId: trotter, how: "notYet" })).toBe(
    "Fork, pork trotters: not yet",
  );
  expect(words({ kind: "did", what: `out:${trotter}` })).toBe("Pork trotters out");
  expect(words({ kind: "leftOut", itemId: "gone" })).toBe("Something left out");
});

test("times without heat say how long; tastes and degrees say what", () => {
  expect(words({ kind: "interrupted", why: "powerCut", fromMs: 0, untilMs: 20 * 60_000 })).toBe(
    "Power cut for 20 min",
  );
  expect(words({ kind: "interrupted", why: "paused", fromMs: 0, untilMs: null })).toBe("Heat off");
  expect(words({ kind: "tasted", who: "Ada", tastes: ["dull"], isAtEatingHeat: true })).toBe(
    "Tasted by Ada: dull",
  );
  expect(words({ kind: "temperature", where: "piece", tempC: 68 }, "us")).toBe("Piece at 154 °F");
  expect(words({ kind: "chillRead", tempC: 21 })).toBe("While it chills, 21.0 °C");
});

test.each([
  [{ kind: "lit" }, "Ring lit"],
  [{ kind: "boils" }, "Boils"],
  [{ kind: "simmers" }, "Simmers"],
  [{ kind: "toppedUp", volumeL: 0.5, tempC: 90 }, "Topped up, 500 mL"],
  [{ kind: "ladledOut", volumeL: 1 }, "Ladled out, 1.0 L"],
  [{ kind: "pouredBack", volumeL: 0.25 }, "Put back, 250 mL"],
  [{ kind: "heatSet", vigour: "gentle", lid: "on", setting: "low" }, "Turned to LOW"],
  [{ kind: "heatSet", vigour: "gentle", lid: "on", ovenC: 140 }, "Oven to 140 °C"],
  [{ kind: "heatSet", vigour: "gentle", lid: "ajar" }, "Turned to a gentle simmer, lid ajar"],
  [{ kind: "resumed" }, "Back again"],
  [{ kind: "did", what: "skim" }, "Skimmed"],
  [{ kind: "did", what: "stir" }, "Stirred"],
  [{ kind: "read", reading: { form: "fromRim", value: 0.07 } }, "Level read, 7.0 cm from the rim"],
  [
    { kind: "read", reading: { form: "belowTideMark", value: 0.01 } },
    "Level read, 1.0 cm under the tide mark",
  ],
  [{ kind: "read", reading: { form: "volume", value: 3 } }, "Level read, 3.0 L"],
  [{ kind: "read", reading: { form: "potWeight", value: 7.4 } }, "Pot weighed, 7.4 kg"],
  [{ kind: "offHeat" }, "Off the heat"],
  [
    { kind: "strained", measured: { massKg: 3.2, passes: 2, clothPasses: 0, pressed: false } },
    "Strained, 3.2 kg",
  ],
  [
    { kind: "strained", measured: { servedKg: 4, passes: 1, clothPasses: 0, pressed: false } },
    "Served, 4.0 kg",
  ],
  [{ kind: "fatLifted", fatKg: 0.12 }, "Fat lifted, 120 g"],
  [{ kind: "setJudged", set: "wobbles" }, "Set when cold: wobbles"],
  [{ kind: "chilled" }, "Cold through"],
  [{ kind: "finished" }, "Logged"],
  [{ kind: "liked", how: "notAgain" }, "At the table: not again"],
])("%o reads %s", (body, text) => expect(words(body)).toBe(text));
