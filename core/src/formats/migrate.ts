import { SCHEMA_VERSION } from "../simulate/schema-version";
import { STOVETOP_SECOND_RING_KPA } from "../heat/pressure";

type Raw = Record<string, unknown>;

const isRaw = (value: unknown): value is Raw =>
  typeof value === "object" && value !== null && !Array.isArray(value);

const each = (value: unknown, change: (item: unknown) => unknown): unknown =>
  Array.isArray(value) ? value.map(change) : value;

type Step = (document: Raw) => Raw;

/** Brings a document up version by version; what is not a document passes, for the schema to judge. */
const upTo3 = (fromOne: Step, fromTwo: Step) => (value: unknown) => {
  if (!isRaw(value)) return value;
  let document = value;
  if (document.schemaVersion === 1) document = { ...fromOne(document), schemaVersion: 2 };
  if (document.schemaVersion === 2)
    document = { ...fromTwo(document), schemaVersion: SCHEMA_VERSION };
  return document;
};
const same: Step = (document) => document;

/** Version 1 knew pressure cookers as pots only: they get the second ring until the cook says otherwise. */
const vessel = (value: unknown): unknown =>
  isRaw(value) && value.kind === "pressureCooker" && value.pressure === undefined
    ? { ...value, pressure: { drive: "stovetop", highKPa: STOVETOP_SECOND_RING_KPA } }
    : value;

/** Pulses that were always soaked before version 3 knew work of its own. */
const SOAKED = new Set(["kidneyBean", "runnerBean", "whiteBean", "blackBean", "chickpea"]);

/** Version 2 took every dry bean for soaked unless it said otherwise; version 3 writes the soak down. */
const item = (value: unknown): unknown =>
  isRaw(value) &&
  typeof value.ingredientId === "string" &&
  SOAKED.has(value.ingredientId) &&
  value.target !== "beansUnsoaked" &&
  value.work === undefined
    ? { ...value, work: [{ kind: "soak" }] }
    : value;

/** A stored kitchen of an older version in the present form. Version 1 had no ovens. */
export const migrateKitchen = upTo3(
  (kitchen) => ({ ...kitchen, vessels: each(kitchen.vessels, vessel) }),
  same,
);

/** A stored plan in the present form. */
export const migratePlan = upTo3(same, (plan) => ({ ...plan, items: each(plan.items, item) }));

/** A stored event in the present form. */
export const migrateEvent = upTo3(same, same);

/** A stored larder event in the present form. */
export const migrateLarderEvent = upTo3(same, same);

/** Work before a pot had another id on the clock: what was pinned, done or lengthened keeps its place. */
const blockId = (id: unknown): unknown =>
  typeof id !== "string"
    ? id
    : id
        .split("/")
        .map((part, at) => (at === 1 && part === "work" ? "prep" : part))
        .join("/");
const marked = (value: unknown): unknown =>
  !isRaw(value)
    ? value
    : "blockId" in value
      ? { ...value, blockId: blockId(value.blockId) }
      : "taskId" in value
        ? { ...value, taskId: blockId(value.taskId) }
        : value;

/** A stored clock in the present form. */
export const migrateClock = (value: unknown): unknown =>
  isRaw(value)
    ? {
        ...value,
        ...("pins" in value ? { pins: each(value.pins, marked) } : {}),
        ...("done" in value ? { done: each(value.done, marked) } : {}),
        ...("lengths" in value ? { lengths: each(value.lengths, marked) } : {}),
      }
    : value;

const batch: Step = (document) => ({
  ...document,
  plan: migratePlan(document.plan),
  kitchen: migrateKitchen(document.kitchen),
});

/** A stored batch in the present form, with its plan and kitchen. */
export const migrateBatch = upTo3(batch, batch);

const file: Step = (document) => ({
  ...document,
  kitchen: migrateKitchen(document.kitchen),
  plans: each(document.plans, migratePlan),
  batches: each(document.batches, migrateBatch),
  events: each(document.events, migrateEvent),
  larder: each(document.larder, migrateLarderEvent),
});

const upTo3File = upTo3(file, file);

/** A whole file in the present form. */
export function migrateFile(value: unknown): unknown {
  const document = upTo3File(value);
  return isRaw(document) && "clock" in document
    ? { ...document, clock: migrateClock(document.clock) }
    : document;
}
