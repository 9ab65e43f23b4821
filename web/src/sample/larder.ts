import { SCHEMA_VERSION } from "@kettlos/core/simulate/schema-version";
import { dayCodeOf } from "@kettlos/core/units/moments";
import { fold } from "@kettlos/core/batch/fold";
import type { LarderEvent, LarderEventBody, Lot } from "@kettlos/core/larder/larder-schema";
import type { Place } from "@kettlos/core/larder/larder-words";
import { LotSchema } from "@kettlos/core/larder/larder-schema";
import { potFacts } from "@kettlos/core/larder/lot-of";
import { lotFrom } from "@kettlos/core/larder/portioned";
import type { Kitchen } from "@kettlos/core/simulate/kitchen-schema";
import { addHours, subDays } from "date-fns";
import type { MadeBatch } from "./past-batch";

/** Which pot, in what, how many were filled, where to; and how many have gone to the table since. */
const PORTIONS: readonly [batchId: string, containerId: string, count: number, Place, number][] = [
  ["past-01", "jarHalf", 6, "freezer", 5],
  ["past-06", "jarHalf", 4, "freezer", 1],
  ["past-07", "mould", 12, "freezer", 2],
  ["past-08", "jarOne", 3, "freezer", 2],
  ["past-10", "mould", 18, "freezer", 4],
  ["past-10", "jarOne", 1, "freezer", 0],
  ["past-11", "jarOne", 3, "freezer", 1],
  ["past-11", "jarHalf", 1, "freezer", 0],
  ["past-12", "jarHalf", 2, "freezer", 0],
  ["dish-03", "tub", 2, "freezer", 1],
  ["dish-04", "tub", 1, "fridge", 0],
];

/** What lies there raw, or left over: what it is, kg each, how many, where, days since. */
const RAW: readonly [Partial<Lot> & { name: string }, string, number, Place, number][] = [
  [
    { name: "Pigeon frames", kind: "rawBones", ingredientId: "pigeonFrame", eachKg: 0.6 },
    "bag",
    2,
    "freezer",
    20,
  ],
  [
    { name: "Pork trotters, split", kind: "rawBones", ingredientId: "porkTrotter", eachKg: 0.9 },
    "bag",
    1,
    "freezer",
    12,
  ],
  [
    { name: "Leek greens", kind: "trimmings", ingredientId: "leek", eachKg: 0.25 },
    "bag",
    2,
    "freezer",
    16,
  ],
  [
    { name: "Mutton dripping", kind: "fat", ingredientId: "beefDripping", eachKg: 0.3 },
    "tub",
    1,
    "fridge",
    9,
  ],
];

/** What stands on the hut's shelves: what its pots gave, less what has been eaten, and what waits to be cooked. */
export function bramholtLarder(
  past: readonly MadeBatch[],
  kitchen: Kitchen,
  nowMs: number,
): LarderEvent[] {
  const events: { atMs: number; body: LarderEventBody }[] = [];
  const codes = new Set<string>();
  const lots = new Map<string, Lot>();
  const containerOf = (id: string) => {
    const found = kitchen.containers.find((c) => c.id === id);
    if (found === undefined) throw new Error(`no sample container ${id}`);
    return found;
  };
  for (const [batchId, containerId, count, place, taken] of PORTIONS) {
    const made = past.find((m) => m.batch.id === batchId);
    const [facts] = made === undefined ? [] : potFacts(made.batch, fold(made.events), lots);
    if (made === undefined || facts === undefined) throw new Error(`no sample batch ${batchId}`);
    const lot = lotFrom({
      id: `lot-${batchId}-${containerId}`,
      batch: made.batch,
      facts,
      container: containerOf(containerId),
      place,
      day: dayCodeOf(facts.madeMs),
      usedCodes: codes,
    });
    codes.add(lot.code);
    lots.set(lot.id, lot);
    const filledMs = addHours(facts.madeMs, 14).getTime();
    events.push({ atMs: filledMs, body: { kind: "stored", lot, count, place } });
    if (taken > 0)
      events.push({
        atMs: filledMs + (nowMs - filledMs) / 2,
        body: {
          kind: "taken",
          lotId: lot.id,
          place,
          count: taken,
          out: lot.isForAnimals ? "animals" : "table",
        },
      });
  }
  for (const [given, containerId, count, place, daysAgo] of RAW) {
    const { kind, name, capacityL } = containerOf(containerId);
    const atMs = subDays(nowMs, daysAgo).getTime();
    const lot = LotSchema.parse({
      id: `raw-${given.ingredientId ?? ""}`,
      code: dayCodeOf(atMs) + "R",
      container: { kind, name, capacityL },
      isLiquid: false,
      madeMs: atMs,
      ...given,
    });
    events.push({ atMs, body: { kind: "stored", lot, count, place } });
  }
  return events
    .sort((a, b) => a.atMs - b.atMs)
    .map(({ atMs, body }, i): LarderEvent => ({
      ...body,
      id: `larder-${i}`,
      atMs: Math.round(atMs),
      schemaVersion: SCHEMA_VERSION,
    }));
}
