import { contentsL, vesselFor } from "../convert/targets";
import { isInOven } from "../heats/heat";
import type { StretchHeat } from "../heats/heat-schema";
import { heatsOf } from "../simulate/stretches";
import { SCHEMA_VERSION } from "../simulate/schema-version";
import { KitchenSchema, type Kitchen } from "../simulate/kitchen-schema";
import type { Plan, PlanItem } from "../simulate/plan-schema";
import { suitsPlan } from "../simulate/references";
import { findVessel, resolve } from "../simulate/set-pot";
import type { Vessel } from "../vessel/vessel-schema";
import type { KettlosFile } from "./kettlos-json";

/**
 * One plan as a Kettlos file of its own: with its pot, ring and oven, and how high it is there, so that its
 * figures can be read elsewhere. What leads into this kitchen alone (lots, other plans, its meal, the note
 * for the next time) stays behind; what a stock holds goes along as its label.
 */
export function planFile(plan: Plan, kitchen: Kitchen, exportedAt: string): KettlosFile {
  const ovens = new Set(heatsOf(plan).flatMap((h) => (isInOven(h) ? [h.ovenId] : [])));
  return {
    format: "kettlos",
    schemaVersion: SCHEMA_VERSION,
    part: "plans",
    exportedAt,
    kitchen: KitchenSchema.parse({
      schemaVersion: SCHEMA_VERSION,
      id: kitchen.id,
      name: kitchen.name,
      altitudeM: kitchen.altitudeM,
      units: kitchen.units,
      waterC: kitchen.waterC,
      roomC: kitchen.roomC,
      vessels: kitchen.vessels.filter((v) => v.id === plan.vesselId),
      rings: kitchen.rings.filter((r) => r.id === plan.ringId),
      ovens: kitchen.ovens.filter((o) => ovens.has(o.id)),
    }),
    plans: [{ ...plan, readyAt: null, note: "", items: plan.items.map(asGiven) }],
    batches: [],
    events: [],
    pictures: [],
    larder: [],
    settings: [],
  };
}

function asGiven({ fromLotId: _lot, fromPlanId: _plan, ...item }: PlanItem): PlanItem {
  return item;
}

/** A plan of another kitchen as it would be cooked here, and in what other pot; null where it is the same one. */
export interface PlanHere {
  readonly plan: Plan;
  /** What it is cooked in here instead; null where nothing here suits, or it is the pot that was meant. */
  readonly instead: Vessel | null;
}

/**
 * Puts a plan of another kitchen on what there is here: the smallest pot that suits its heats and leaves room
 * for it, else the largest; the strongest ring; an oven. Where nothing suits it stays as it was, and the
 * plan says what is missing.
 */
export function planHere(plan: Plan, there: Kitchen, here: Kitchen, id: string): PlanHere {
  const meant = findVessel(plan, there);
  const same = here.vessels.find((v) => meant !== undefined && isSameVessel(v, meant));
  const suiting = here.vessels.filter((v) => suitsPlan(v, plan));
  const contents = contentsL(resolve(plan, there));
  const { method } = plan.heat;
  const vessel = vesselFor(method, { ...here, vessels: suiting }, contents, same?.id ?? "");
  const ring =
    here.rings.find((r) => there.rings.some((t) => t.id === r.id && t.name === r.name)) ??
    here.rings.toSorted((a, b) => b.powerW - a.powerW)[0];
  const [oven] = here.ovens;
  const inOven = <H extends StretchHeat>(heat: H): H =>
    !isInOven(heat) || oven === undefined || here.ovens.some((o) => o.id === heat.ovenId)
      ? heat
      : { ...heat, ovenId: oven.id };
  return {
    plan: {
      ...plan,
      id,
      vesselId: vessel?.id ?? plan.vesselId,
      ringId: ring?.id ?? plan.ringId,
      heat: inOven(plan.heat),
      then: plan.then.map((s) => ({ ...s, heat: inOven(s.heat) })),
    },
    instead: same === undefined ? vessel : null,
  };
}

const isSameVessel = (a: Vessel, b: Vessel): boolean =>
  a.kind === b.kind && a.heightM === b.heightM && a.topM.join() === b.topM.join();
