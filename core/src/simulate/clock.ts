import type { Clock } from "./clock-schema";
import { SCHEMA_VERSION } from "./schema-version";

/** Nothing wanted, nothing put anywhere by hand. */
export const emptyClock = (): Clock => ({
  schemaVersion: SCHEMA_VERSION,
  meals: [],
  loose: [],
  pins: [],
  done: [],
  lengths: [],
});
