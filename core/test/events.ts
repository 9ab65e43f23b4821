import { SCHEMA_VERSION } from "../src/simulate/schema-version";
import { CookEventSchema, type CookEvent } from "../src/events/event-schema";

/** Events as a log would hold them, numbered in order. */
export const happened = (...events: readonly object[]): CookEvent[] =>
  events.map((e, i) =>
    CookEventSchema.parse({ ...e, id: `e${i}`, batchId: "b", schemaVersion: SCHEMA_VERSION }),
  );
