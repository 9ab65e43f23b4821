import { SCHEMA_VERSION } from "../simulate/schema-version";
import type { Batch } from "../batch/batch-schema";
import type { CookEvent } from "../events/event-schema";
import type { Picture } from "../batch/picture-schema";
import type { Kitchen } from "../simulate/kitchen-schema";
import { untaught } from "../simulate/learned";
import type { KettlosFile } from "./kettlos-json";

/**
 * Some pots with their logs and pictures, as a Kettlos file of their own. Each brings the kitchen it was cooked in along; what
 * else is in the kitchen, and its plans, larder and clock, stay where they are.
 */
export const potsFile = (
  pots: readonly {
    readonly batch: Batch;
    readonly events: readonly CookEvent[];
    readonly pictures: readonly Picture[];
  }[],
  kitchen: Kitchen,
  exportedAt: string,
): KettlosFile => ({
  format: "kettlos",
  schemaVersion: SCHEMA_VERSION,
  part: "pots",
  exportedAt,
  kitchen: untaught(kitchen),
  plans: [],
  batches: pots.map((p) => p.batch),
  events: pots.flatMap((p) => p.events),
  pictures: pots.flatMap((p) => p.pictures),
  larder: [],
  settings: [],
});
