import { CookEventSchema, type CookEvent } from "../src/batch/batch-schema";

/** Events as a log would hold them, numbered in order. */
export const happened = (...events: readonly object[]): CookEvent[] =>
  events.map((e, i) =>
    CookEventSchema.parse({ ...e, id: `e${i}`, batchId: "b", schemaVersion: 3 }),
  );
