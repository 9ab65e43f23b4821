import { SCHEMA_VERSION } from "@kettlos/core/simulate/schema-version";
import type { Batch } from "@kettlos/core/batch/batch-schema";
import type { CookEvent } from "@kettlos/core/events/event-schema";
import type { KettlosFile } from "@kettlos/core/formats/kettlos-json";
import { seeded, uniform } from "@kettlos/core/units/random";
import { bramholtSample } from "../web/src/sample/bramholt";

const DAY_MS = 86_400_000;
const MINUTE_MS = 60_000;

/** The hut's kitchen with so many pots in its log, each as one of the sample's, with a reading every few minutes. */
export function manyPots(count: number, readingsEach: number, nowMs: number): KettlosFile {
  const sample = bramholtSample(nowMs);
  const random = seeded(20260318);
  const past = sample.batches.filter((b) => b.id !== "on-fire");
  const batches: Batch[] = [];
  const events: CookEvent[] = [];
  for (let n = 0; n < count; n++) {
    const like = past[n % past.length];
    if (like === undefined) throw new Error("the sample has cooked nothing");
    const own = sample.events.filter((e) => e.batchId === like.id);
    const id = `many-${n}`;
    const earlierMs =
      (60 + Math.floor(n / 2)) * DAY_MS + Math.floor(uniform(random) * 60) * MINUTE_MS;
    const told = (event: object, i: number) =>
      ({
        ...event,
        id: `${id}-${i}`,
        batchId: id,
        schemaVersion: SCHEMA_VERSION,
      }) as CookEvent;
    batches.push({ ...like, id, createdMs: like.createdMs - earlierMs });
    const litMs = own.find((e) => e.kind === "lit")?.atMs ?? 0;
    const offMs = own.find((e) => e.kind === "offHeat")?.atMs ?? litMs;
    const everyMs = (offMs - litMs) / (readingsEach + 1);
    const readings = Array.from({ length: readingsEach }, (_, i) => ({
      kind: "temperature",
      where: "liquid",
      tempC: 92 + uniform(random),
      source: "instrument",
      atMs: Math.round(litMs + (i + 1) * everyMs),
    }));
    events.push(
      ...[...own, ...readings]
        .toSorted((a, b) => a.atMs - b.atMs)
        .map((e, i) => told({ ...e, atMs: e.atMs - earlierMs }, i)),
    );
  }
  return {
    ...sample,
    batches: [...sample.batches, ...batches],
    events: [...sample.events, ...events],
  };
}
