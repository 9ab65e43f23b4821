import { STOVETOP_SECOND_RING_KPA } from "../heat/pressure";
import { SCHEMA_VERSION } from "../simulate/kitchen-schema";

type Raw = Record<string, unknown>;

const isRaw = (value: unknown): value is Raw =>
  typeof value === "object" && value !== null && !Array.isArray(value);

const each = (value: unknown, change: (item: unknown) => unknown): unknown =>
  Array.isArray(value) ? value.map(change) : value;

/** Only documents of version 1 are changed; what is not a document passes, for the schema to judge. */
const fromOne = (change: (document: Raw) => Raw) => (value: unknown) =>
  isRaw(value) && value.schemaVersion === 1
    ? { ...change(value), schemaVersion: SCHEMA_VERSION }
    : value;

/** Version 1 knew pressure cookers as pots only: they get the second ring until the cook says otherwise. */
const vessel = (value: unknown): unknown =>
  isRaw(value) && value.kind === "pressureCooker" && value.pressure === undefined
    ? { ...value, pressure: { drive: "stovetop", highKPa: STOVETOP_SECOND_RING_KPA } }
    : value;

/** A stored kitchen of an older version in the present form. Version 1 had no ovens. */
export const migrateKitchen = fromOne((kitchen) => ({
  ...kitchen,
  vessels: each(kitchen.vessels, vessel),
}));

/** A stored plan in the present form. */
export const migratePlan = fromOne((plan) => plan);

/** A stored event in the present form. */
export const migrateEvent = fromOne((event) => event);

/** A stored batch in the present form, with its plan and kitchen. */
export const migrateBatch = fromOne((batch) => ({
  ...batch,
  plan: migratePlan(batch.plan),
  kitchen: migrateKitchen(batch.kitchen),
}));

/** A whole file in the present form. */
export const migrateFile = fromOne((file) => ({
  ...file,
  kitchen: migrateKitchen(file.kitchen),
  plans: each(file.plans, migratePlan),
  batches: each(file.batches, migrateBatch),
  events: each(file.events, migrateEvent),
}));
