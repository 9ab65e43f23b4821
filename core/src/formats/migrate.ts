import { didOf3 } from "./did-of-3";
import { STOVETOP_SECOND_RING_KPA } from "../heat/pressure";

type Raw = Record<string, unknown>;

const isRaw = (value: unknown): value is Raw =>
  typeof value === "object" && value !== null && !Array.isArray(value);

const each = (value: unknown, change: (item: unknown) => unknown): unknown =>
  Array.isArray(value) ? value.map(change) : value;

type Step = (document: Raw) => Raw;

/** Brings a document up version by version; what is not a document passes, for the schema to judge. */
const upToNow = (fromOne: Step, fromTwo: Step, fromThree: Step) => (value: unknown) => {
  if (!isRaw(value)) return value;
  let document = value;
  [fromOne, fromTwo, fromThree].forEach((step, i) => {
    if (document.schemaVersion === i + 1) document = { ...step(document), schemaVersion: i + 2 };
  });
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
export const migrateKitchen = upToNow(
  (kitchen) => ({ ...kitchen, vessels: each(kitchen.vessels, vessel) }),
  same,
  same,
);

/** A stored plan in the present form. */
export const migratePlan = upToNow(
  same,
  (plan) => ({ ...plan, items: each(plan.items, item) }),
  same,
);

/** Until version 3 whatever was done was one kind of event, with a word for what it was. */
const did: Step = (event) => {
  if (event.kind !== "did" || typeof event.what !== "string") return event;
  const { what, ...rest } = event;
  return { ...rest, ...didOf3(what) };
};

/** A stored event in the present form. */
export const migrateEvent = upToNow(same, same, did);

/** A stored larder event in the present form. */
export const migrateLarderEvent = upToNow(same, same, same);

/** A stored picture in the present form. */
export const migratePicture = upToNow(same, same, same);

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
export const migrateClock = upToNow(same, same, (clock) => ({
  ...clock,
  ...("pins" in clock ? { pins: each(clock.pins, marked) } : {}),
  ...("done" in clock ? { done: each(clock.done, marked) } : {}),
  ...("lengths" in clock ? { lengths: each(clock.lengths, marked) } : {}),
}));

const batch: Step = (document) => ({
  ...document,
  plan: migratePlan(document.plan),
  kitchen: migrateKitchen(document.kitchen),
});

/** A stored batch in the present form, with its plan and kitchen. */
export const migrateBatch = upToNow(batch, batch, batch);

const file: Step = (document) => ({
  ...document,
  kitchen: migrateKitchen(document.kitchen),
  plans: each(document.plans, migratePlan),
  batches: each(document.batches, migrateBatch),
  events: each(document.events, migrateEvent),
  larder: each(document.larder, migrateLarderEvent),
  ...("pictures" in document ? { pictures: each(document.pictures, migratePicture) } : {}),
  ...("clock" in document ? { clock: migrateClock(document.clock) } : {}),
});

/** A whole file in the present form. */
export const migrateFile = upToNow(file, file, file);
