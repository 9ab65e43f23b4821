import { resolve } from "@kettlos/core/simulate/set-pot";
import { SCHEMA_VERSION } from "@kettlos/core/simulate/schema-version";
import { boilFirstMinOf, isOnRing } from "@kettlos/core/heats/heat";
import { MINUTE_MS } from "@kettlos/core/units/time";
import type { Batch } from "@kettlos/core/batch/batch-schema";
import type { CookEvent, EventBody } from "@kettlos/core/events/event-schema";
import type { Liking } from "@kettlos/core/events/log/terms";
import { eatenOf } from "@kettlos/core/dish/eaten";
import { takeOuts } from "@kettlos/core/dish/take-out";
import { isStaged } from "@kettlos/core/simulate/moves";
import { setOf } from "@kettlos/core/extraction/set";
import type { Kitchen } from "@kettlos/core/simulate/kitchen-schema";
import { EXPECTED, type Parameters } from "@kettlos/core/simulate/parameters";
import { PlanItemSchema, type Plan } from "@kettlos/core/simulate/plan-schema";
import { simulate } from "@kettlos/core/simulate/simulate";
import type { Trace } from "@kettlos/core/simulate/trace";
import { pointAt } from "@kettlos/core/simulate/point-at";
import { coldWaterKg, waterL } from "@kettlos/core/simulate/stated-water";
import { normal } from "@kettlos/core/units/random";
import type { RandomGenerator } from "pure-rand/types/RandomGenerator";
import { chillEvents } from "./chilled";

/** How the hut's pots really behave: steam a little under the default, and each pot its own scatter. */
const hiddenParameters = (random: RandomGenerator): Parameters => ({
  ...EXPECTED,
  evaporation: 0.88 * Math.exp(0.12 * normal(random)),
  efficiency: Math.exp(0.08 * normal(random)),
  extraction: Math.exp(0.12 * normal(random)),
  freed: Math.exp(0.1 * normal(random)),
  leftOnSolids: Math.exp(0.2 * normal(random)),
});

export interface MadeBatch {
  readonly batch: Batch;
  readonly events: readonly CookEvent[];
}

export interface MakeOptions {
  readonly id: string;
  readonly plan: Plan;
  readonly kitchen: Kitchen;
  readonly litMs: number;
  readonly random: RandomGenerator;
  readonly note?: string;
  readonly liking?: Liking;
  /** Of a dish: salt put in at the end by tasting, g per kg of it, until it was right. */
  readonly saltGKg?: number;
  /** Of a dish: how many times as much cooking as usual it takes until a fork slides in and out. */
  readonly tenderBy?: number;
  /** Of a dish: the share that is left after the meal, and chilled. */
  readonly leftShare?: number;
  /** Only what has happened by then is written; later events are left out. */
  readonly untilMs?: number;
}

/** Tasted dull, salted, stirred, tasted again. */
function saltedBy(potId: string, massKg: number, atMs: number): readonly EventBody[] {
  const item = PlanItemSchema.parse({
    id: `${potId}-salt`,
    ingredientId: "tableSalt",
    massKg: Math.max(0.001, Math.round(massKg * 1000) / 1000),
    when: { at: "after", min: 0 },
  });
  const tasted = { kind: "tasted", who: "", isAtEatingHeat: true, text: "" } as const;
  return [
    { ...tasted, tastes: ["dull"], atMs },
    { kind: "extra", item, atMs: atMs + MINUTE_MS },
    { kind: "added", itemId: item.id, massKg: item.massKg, atMs: atMs + MINUTE_MS + 1 },
    { ...tasted, tastes: ["right"], atMs: atMs + 4 * MINUTE_MS },
  ];
}

/** A fork goes in late in the hold, and half-way on, until it slides in and out. */
const FORKS_AT = [0.72, 0.86, 0.98];
function forked(trace: Trace, by: number, atMs: (tMin: number) => number): readonly EventBody[] {
  const itemId = trace.mainItemId;
  const target = trace.judged.get(itemId ?? "");
  if (itemId === null || target === undefined) return [];
  const events: EventBody[] = [];
  for (const share of FORKS_AT) {
    const tMin = trace.toSimmerMin + trace.holdMin * share;
    const cookMin = pointAt(trace, tMin).cookMin / by;
    const tenderMin = Math.sqrt(target.done.value * target.ideal.value);
    const how = cookMin < target.done.value ? "notYet" : cookMin < tenderMin ? "nearly" : "tender";
    events.push({ kind: "checked", itemId, how, atMs: atMs(tMin) });
    if (how === "tender") break;
  }
  return events;
}

/** A batch as it would have gone: simulated with hidden constants, read with a hand's scatter. */
export function makeBatch(options: MakeOptions): MadeBatch {
  const { id, plan, kitchen, litMs, random } = options;
  const waterKg = coldWaterKg(waterL(resolve(plan, kitchen)), kitchen);
  const trace = simulate(resolve(plan, kitchen), {
    waterKg,
    parameters: hiddenParameters(random),
  });
  const at = (tMin: number) => Math.round(litMs + tMin * MINUTE_MS);
  const events: EventBody[] = [{ kind: "lit", atMs: litMs }];
  if (boilFirstMinOf(plan.heat) !== null) events.push({ kind: "boils", atMs: at(trace.comeUpMin) });
  events.push({ kind: "simmers", atMs: at(trace.toSimmerMin) });
  if (trace.holdMin > 30 && isOnRing(plan.heat))
    events.push({
      kind: "skimmed",
      atMs: at(trace.toSimmerMin + 16),
    });
  for (const mark of trace.marks) {
    const item = plan.items.find((i) => i.id === mark.itemId);
    if (mark.kind === "itemIn" && item !== undefined && isStaged(item))
      events.push({
        kind: "added",
        itemId: item.id,
        massKg: item.massKg,
        atMs: at(mark.tMin),
      });
  }
  for (const share of trace.holdMin > 100 ? [0.3, 0.6, 0.85] : [0.5]) {
    const tMin = trace.toSimmerMin + trace.holdMin * share;
    const depthM = pointAt(trace, tMin).depthM + 0.0015 * normal(random);
    const value = Math.round(depthM * 1000) / 1000;
    events.push({
      kind: "read",
      reading: { form: "liquidDepth", value },
      atMs: at(tMin),
    });
  }
  if (options.tenderBy !== undefined) events.push(...forked(trace, options.tenderBy, at));
  const offMin = trace.toSimmerMin + trace.holdMin;
  if (options.saltGKg !== undefined)
    events.push(
      ...saltedBy(id, (options.saltGKg / 1000) * eatenOf(plan, trace).allKg, at(offMin - 6)),
    );
  events.push({ kind: "offHeat", atMs: at(offMin) });
  const isServed = plan.end === "served";
  const round = (n: number, step: number) => Math.round(n / step) * step;
  const volumeL = Math.round((trace.strained.volumeL + 0.03 * normal(random)) * 20) / 20;
  events.push({
    kind: "strained",
    atMs: at(trace.totalMin + 12),
    measured: {
      ...(isServed
        ? {
            massKg: round(trace.strained.liquidKg, 0.01),
            servedKg: round(eatenOf(plan, trace).allKg + 0.02 * normal(random), 0.05),
          }
        : { volumeL: Math.max(0.05, volumeL) }),
      tempC: 15,
      passes: 2,
      clothPasses: plan.strain.clothPasses,
      pressed: plan.strain.pressed,
    },
  });
  const chilledKg = isServed
    ? (options.leftShare ?? 0) * eatenOf(plan, trace).allKg
    : trace.strained.liquidKg;
  if (chilledKg > 0)
    events.push(
      ...chillEvents(
        kitchen,
        {
          containerId: isServed ? "braiser" : "tall",
          massKg: round(chilledKg, 0.01),
          fromC: isServed ? 65 : 78,
          isThick: isServed,
          beganMs: at(trace.totalMin + (isServed ? 55 : 18)),
        },
        // Of its own, so that the scatter of the pots to come stays as it is.
        random.clone(),
      ),
    );
  const morning = at(trace.totalMin + 14 * 60);
  if (trace.strained.fatKg > 0.005 && plan.fat === "liftCold")
    events.push({
      kind: "fatLifted",
      fatKg: Math.round(trace.strained.fatKg * 200) / 200,
      atMs: morning,
    });
  if (isServed)
    for (const t of takeOuts(plan))
      events.push({ kind: "takenOut", itemId: t.itemId, atMs: at(trace.totalMin + 6) });
  else
    events.push({
      kind: "setJudged",
      set: setOf(trace.strained.gelatinGL),
      atMs: morning + 1000,
    });
  if (options.note !== undefined)
    events.push({ kind: "noted", text: options.note, atMs: morning + 2000 });
  events.push({ kind: "finished", atMs: morning + 3000 });
  if (options.liking !== undefined)
    events.push({ kind: "liked", how: options.liking, atMs: morning + 9 * 60 * MINUTE_MS });
  const until = options.untilMs ?? Infinity;
  return {
    batch: {
      schemaVersion: SCHEMA_VERSION,
      id,
      createdMs: litMs - 20 * MINUTE_MS,
      plan,
      kitchen,
    },
    events: events
      .filter((e) => e.atMs <= until)
      .sort((a, b) => a.atMs - b.atMs)
      .map((e, i) => ({
        ...e,
        id: `${id}-${i}`,
        batchId: id,
        schemaVersion: SCHEMA_VERSION,
      })),
  };
}
