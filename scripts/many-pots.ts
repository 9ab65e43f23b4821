import type { Batch } from "@kettlos/core/batch/batch-schema";
import type { CookEvent } from "@kettlos/core/events/event-schema";
import type { KettlosFile } from "@kettlos/core/formats/kettlos-json";
import type { LarderEvent } from "@kettlos/core/larder/larder-schema";
import { SCHEMA_VERSION } from "@kettlos/core/simulate/schema-version";
import { seeded, uniform } from "@kettlos/core/units/random";
import { createWriteStream } from "node:fs";
import { once } from "node:events";
import { bramholtSample } from "../web/src/sample/bramholt";

const DAY_MS = 86_400_000;
const MINUTE_MS = 60_000;
const READINGS_EACH = 100;
const POTS_A_LOT = 5;
const POTS_A_PLAN = 20;

type Sample = ReturnType<typeof bramholtSample>;

/** One finished pot like one of the sample's, with so many readings; two a day, the newest first. */
function potLike(sample: Sample, n: number, readingsEach: number, random: () => number) {
  const past = sample.batches.filter((b) => b.id !== "on-fire");
  const like = past[n % past.length];
  if (like === undefined) throw new Error("the sample has cooked nothing");
  const own = sample.events.filter((e) => e.batchId === like.id);
  const id = `many-${n}`;
  const earlierMs = (60 + Math.floor(n / 2)) * DAY_MS + Math.floor(random() * 60) * MINUTE_MS;
  const litMs = own.find((e) => e.kind === "lit")?.atMs ?? 0;
  const offMs = own.find((e) => e.kind === "offHeat")?.atMs ?? litMs;
  const everyMs = (offMs - litMs) / (readingsEach + 1);
  const readings = Array.from({ length: readingsEach }, (_, i) => ({
    kind: "temperature",
    where: "liquid",
    tempC: 92 + random(),
    source: "instrument",
    atMs: Math.round(litMs + (i + 1) * everyMs),
  }));
  const events = [...own, ...readings]
    .toSorted((a, b) => a.atMs - b.atMs)
    .map(
      (event, i) =>
        ({
          ...event,
          atMs: event.atMs - earlierMs,
          id: `${id}-${i}`,
          batchId: id,
          schemaVersion: SCHEMA_VERSION,
        }) as CookEvent,
    );
  const batch: Batch = { ...like, id, createdMs: like.createdMs - earlierMs };
  return { batch, events };
}

const SEED = 20260318;
/** Made anew from the same seed, the same pots. */
function* potsLike(sample: Sample, count: number, readingsEach: number) {
  const source = seeded(SEED);
  for (let n = 0; n < count; n++) yield potLike(sample, n, readingsEach, () => uniform(source));
}

/** The hut's kitchen with so many pots in its log, without readings. */
export function manyPots(count: number, nowMs: number): KettlosFile {
  const sample = bramholtSample(nowMs);
  const pots = [...potsLike(sample, count, 0)];
  return {
    ...sample,
    batches: [...sample.batches, ...pots.map((p) => p.batch)],
    events: [...sample.events, ...pots.flatMap((p) => p.events)],
  };
}

/**
 * Writes the hut's kitchen to a file with so many pots in its log, piece by piece, and lots and plans as are usual
 * with that many. @returns how many entries their logs have
 */
export async function writeManyPots(path: string, count: number, nowMs: number): Promise<number> {
  const sample = bramholtSample(nowMs);
  const source = seeded(SEED);
  const random = () => uniform(source);
  const { batches: ownBatches, events: ownEvents, larder, plans, ...head } = sample;
  const stored = larder.filter(
    (e): e is Extract<LarderEvent, { kind: "stored" }> => e.kind === "stored",
  );
  const lots = Array.from({ length: Math.floor(count / POTS_A_LOT) }, (_, n) => {
    const like = stored[n % stored.length];
    if (like === undefined) throw new Error("the sample's larder is empty");
    const earlierMs = Math.floor(random() * 100) * DAY_MS;
    const lot = {
      ...like.lot,
      id: `lot-many-${n}`,
      code: `M${n}`,
      madeMs: like.lot.madeMs - earlierMs,
    };
    return { ...like, id: `stored-many-${n}`, atMs: like.atMs - earlierMs, lot };
  });
  const morePlans = Array.from({ length: Math.floor(count / POTS_A_PLAN) }, (_, n) => {
    const like = plans[n % plans.length];
    if (like === undefined) throw new Error("the sample has no plan");
    return { ...like, id: `plan-many-${n}`, name: `${like.name} ${n}`, readyAt: null };
  });
  const out = createWriteStream(path);
  const put = async (text: string) => {
    if (!out.write(text)) await once(out, "drain");
  };
  /** A list of so many, each made as it is written. */
  async function list(name: keyof KettlosFile, own: readonly unknown[], more: Iterable<unknown>) {
    await put(`,"${name}":[`);
    let isFirst = true;
    for (const part of [own, more])
      for (const value of part) {
        await put(`${isFirst ? "" : ","}${JSON.stringify(value)}`);
        isFirst = false;
      }
    await put("]");
  }
  const each = function* (of: (pot: ReturnType<typeof potLike>) => Iterable<unknown>) {
    for (const pot of potsLike(sample, count, READINGS_EACH)) yield* of(pot);
  };
  let entries = ownEvents.length;
  await put(JSON.stringify({ ...head, settings: undefined, pictures: undefined }).slice(0, -1));
  await list("plans", plans, morePlans);
  await list(
    "batches",
    ownBatches,
    each(({ batch }) => [batch]),
  );
  await list(
    "events",
    ownEvents,
    each(({ events }) => ((entries += events.length), events)),
  );
  await list("larder", larder, lots);
  out.end("}");
  await once(out, "finish");
  return entries;
}
