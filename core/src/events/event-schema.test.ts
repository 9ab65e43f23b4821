import { expect, test } from "vitest";
import { CHILL } from "./chill/schema";
import { CookEventSchema } from "./event-schema";
import { FIRE } from "./fire/schema";
import { LOG } from "./log/schema";
import { POT } from "./pot/schema";
import { SIEVE } from "./sieve/schema";
import { WATCH } from "./watch/schema";
import { WORK } from "./hands/schema";

test("each kind is of one subject, and stands there under its own name", () => {
  const subjects = [FIRE, POT, WATCH, WORK, SIEVE, CHILL, LOG];
  const names = subjects.flatMap((subject) => Object.keys(subject));
  expect(new Set(names).size).toBe(names.length);
  const kinds = subjects.flatMap((subject) =>
    Object.values(subject).map((schema) => schema.shape.kind.value),
  );
  expect(kinds).toEqual(names);
  expect(CookEventSchema.options).toHaveLength(names.length);
});
