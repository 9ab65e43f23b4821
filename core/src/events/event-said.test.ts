import { SCHEMA_VERSION } from "../simulate/schema-version";
import { CookEventSchema } from "./event-schema";
import { expect, test } from "vitest";
import { testPlan } from "../../test/kitchen";
import { regionHere, setRegion } from "../units/region";
import { inWords } from "../units/said";
import { eventSaid } from "./event-said";

const plan = testPlan();
const words = (body: object, units: "metric" | "us" = "metric") =>
  inWords(
    eventSaid(
      CookEventSchema.parse({
        id: "e",
        batchId: "b",
        atMs: 0,
        schemaVersion: SCHEMA_VERSION,
        ...body,
      }),
      plan,
    ),
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
  const neck = plan.items[0]?.id ?? "";
  expect(words({ kind: "split", itemId: neck, intoId: "x", massKg: 0.4 })).toBe(
    "Lamb neck split, 400 g apart",
  );
  expect(words({ kind: "leftOut", itemId: neck })).toBe("Lamb neck left out");
  expect(words({ kind: "checked", itemId: neck, how: "notYet" })).toBe("Fork, lamb neck: not yet");
  expect(words({ kind: "takenOut", itemId: neck })).toBe("Lamb neck out");
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
  expect(words({ kind: "chillRead", tempC: 21 })).toBe("While it chills, 21 °C");
});

test.each([
  [{ kind: "lit" }, "Ring lit"],
  [{ kind: "boils" }, "Boils"],
  [{ kind: "simmers" }, "Simmers"],
  [{ kind: "toppedUp", volumeL: 0.5, tempC: 90 }, "Topped up, 500 mL"],
  [{ kind: "ladledOut", volumeL: 1 }, "Ladled out, 1 L"],
  [{ kind: "pouredBack", volumeL: 0.25 }, "Put back, 250 mL"],
  [{ kind: "heatSet", vigour: "gentle", lid: "on", setting: "low" }, "Turned to LOW"],
  [{ kind: "heatSet", vigour: "gentle", lid: "on", ovenC: 140 }, "Oven to 140 °C"],
  [{ kind: "heatSet", vigour: "gentle", lid: "ajar" }, "Turned to a gentle simmer, lid ajar"],
  [{ kind: "resumed" }, "Back again"],
  [{ kind: "skimmed" }, "Skimmed"],
  [{ kind: "lookedIn" }, "Looked in"],
  [{ kind: "letGo", round: "look" }, "Let go: reading the level"],
  [{ kind: "waterIn" }, "The water is in"],
  [{ kind: "noSalt", round: "last" }, "No more salt at this round"],
  [{ kind: "putBack", itemId: "neck" }, "Lamb neck back in"],
  [{ kind: "worked", itemId: "onion", work: "cut", how: "done" }, "Onion: cut"],
  [{ kind: "worked", itemId: "onion", work: "sweat", how: "begun" }, "Onion: sweated, begun"],
  [
    { kind: "worked", itemId: "neck", work: "brown", how: "batch" },
    "Lamb neck: browned, one batch",
  ],
  [{ kind: "worked", itemId: "gone", work: "soak", how: "left" }, "Work: not soaking"],
  [{ kind: "sideDish", side: "rice", isLeft: false }, "Rice begun"],
  [{ kind: "sideDish", side: "bread", isLeft: true }, "Bread left out"],
  [{ kind: "stirred" }, "Stirred"],
  [{ kind: "read", reading: { form: "fromRim", value: 0.07 } }, "Level read, 7 cm from the rim"],
  [
    { kind: "read", reading: { form: "belowTideMark", value: 0.01 } },
    "Level read, 1 cm under the tide mark",
  ],
  [{ kind: "read", reading: { form: "volume", value: 3 } }, "Level read, 3 L"],
  [{ kind: "read", reading: { form: "potWeight", value: 7.4 } }, "Pot weighed, 7.4 kg"],
  [{ kind: "offHeat" }, "Off the heat"],
  [
    { kind: "strained", measured: { massKg: 3.2, passes: 2, clothPasses: 0, pressed: false } },
    "Strained, 3.2 kg",
  ],
  [
    { kind: "strained", measured: { servedKg: 4, passes: 1, clothPasses: 0, pressed: false } },
    "Served, 4 kg",
  ],
  [{ kind: "fatLifted", fatKg: 0.12 }, "Fat lifted, 120 g"],
  [{ kind: "setJudged", set: "wobbles" }, "Set when cold: wobbles"],
  [{ kind: "chilled" }, "Cold through"],
  [{ kind: "finished" }, "Logged"],
  [{ kind: "liked", how: "notAgain" }, "At the table: not again"],
])("%o reads %s", (body, text) => expect(words(body)).toBe(text));

test("what the cook wrote stays as it was written, whatever sign the region puts in figures", () => {
  setRegion({ ...regionHere(), decimal: "," });
  try {
    expect(words({ kind: "noted", text: "2.5 cups of it" })).toBe("“2.5 cups of it”");
    expect(words({ kind: "reducedTo", volumeL: 1.5 })).toBe("Boiled down to 1,5 L");
  } finally {
    setRegion({ ...regionHere(), decimal: "." });
  }
});
