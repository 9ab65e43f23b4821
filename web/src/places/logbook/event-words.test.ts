import { CookEventSchema } from "@kettlos/core/batch/batch-schema";
import { expect, test } from "vitest";
import { planOf } from "../../../test/pot";
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
