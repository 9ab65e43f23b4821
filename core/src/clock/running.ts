import type { Action } from "../batch/action";
import type { Batch } from "../batch/batch-schema";
import type { Cook } from "../batch/fold";
import type { OnFire } from "../batch/on-fire";
import { about, exactly } from "./minutes";
import type { Block, Meanwhile, Task } from "./task";
import { minuteOf, MINUTE_MS, type Minute } from "./wall-clock";

/** A pot that is on the fire: what is left of it, where it stands on the clock. */
export interface Running {
  readonly planId: string;
  readonly batchId: string;
  readonly name: string;
  readonly fireId: string;
  readonly blocks: readonly Block[];
}

const ON_WORDS = {
  hob: "Simmers",
  oven: "In the oven",
  slowCooker: "In the slow cooker",
  pressure: "At pressure",
} as const;
const STRAIN_MIN = 10;
const INTO_COLD_MIN = 8;
const INTO_FRIDGE_MIN = 3;
const BATH_MIN = 60;
const DO_MIN = 2;
const SERVE_LIKE: ReadonlySet<Action["kind"]> = new Set(["offHeat", "strain", "light"]);

/** What is left of a pot on the fire from now on, by its forecast; null before it is lit and once it is strained. */
export function runningOf(batch: Batch, cook: Cook, pot: OnFire, nowMs: number): Running | null {
  if (cook.litMs === null || cook.strainedMs !== null || batch.practice !== undefined) return null;
  const { plan } = batch;
  const now: Minute = minuteOf(nowMs);
  const endMs = cook.offMs ?? pot.forecast?.endMs.expected ?? nowMs;
  const highMs = pot.forecast?.endMs.high ?? endMs;
  const leftMin = Math.max(1, Math.round((endMs - nowMs) / MINUTE_MS));
  const { heat } = plan;
  const isAlone = aloneOf(batch);
  const base = {
    planIds: [plan.id],
    how: plan.name,
    isFlame: false,
    ringIds: [],
    vesselIds: [plan.vesselId],
    oven: null,
    isCold: false,
  } as const;
  const onRing = heat.method === "hob" || (heat.method === "pressure" && !isElectric(batch));
  const hold: Task = {
    ...base,
    id: `${batch.id}/hold`,
    title: ON_WORDS[heat.method],
    how: "",
    minutes: {
      p10: leftMin,
      p50: leftMin,
      p90: Math.max(leftMin, Math.round((highMs - nowMs) / MINUTE_MS)),
    },
    attention: isAlone ? "none" : "eyes",
    isFlame: onRing,
    ringIds: onRing ? [plan.ringId] : [],
  };
  const hand = (id: string, title: string, min: number, more: Partial<Task> = {}): Task => ({
    ...base,
    id: `${batch.id}/${id}`,
    title,
    minutes: about(min),
    attention: "hands",
    ...more,
  });
  const isOn = cook.offMs === null;
  const after =
    plan.end === "served"
      ? []
      : [
          hand("strain", `Strain the ${plan.name.toLowerCase()}`, STRAIN_MIN),
          hand("cold", "Into the cold", INTO_COLD_MIN, { vesselIds: [], isCold: true }),
          hand("bath", "Chills", BATH_MIN, {
            minutes: exactly(BATH_MIN),
            attention: "none",
            vesselIds: [],
            isCold: true,
          }),
          hand("fridge", "Cold enough: into the fridge", INTO_FRIDGE_MIN, { vesselIds: [] }),
        ];
  const steps = [...(isOn ? [hold] : []), ...after];
  if (steps.length === 0) return null;
  const meanwhile = isOn ? pot.actions.flatMap((a) => meanwhileOf(a, hand, now, leftMin)) : [];
  const fireId = `${batch.id}/fire`;
  return {
    planId: plan.id,
    batchId: batch.id,
    name: plan.name,
    fireId,
    blocks: [
      {
        id: fireId,
        planIds: [plan.id],
        steps,
        meanwhile,
        after: [],
        readyStep: plan.end === "served" || !isOn ? 0 : 1,
        isServed: plan.end === "served",
        isOvernight: false,
        fixedAt: now,
        notBefore: null,
      },
    ],
  };
}

const isElectric = ({ kitchen, plan }: Batch): boolean =>
  kitchen.vessels.find((v) => v.id === plan.vesselId)?.pressure?.drive === "electric";

/** Whether the house lets it run with nobody up. */
function aloneOf(batch: Batch): boolean {
  const { runsAlone } = batch.kitchen;
  switch (batch.plan.heat.method) {
    case "slowCooker":
      return runsAlone.slowCooker;
    case "oven":
      return runsAlone.oven;
    case "pressure":
      return isElectric(batch) && runsAlone.electricPressure;
    case "hob":
      return false;
  }
}

/** An action of the Cook screen that is still to come, as work on the clock. */
function meanwhileOf(
  action: Action,
  hand: (id: string, title: string, min: number) => Task,
  now: Minute,
  leftMin: number,
): readonly Meanwhile[] {
  if (SERVE_LIKE.has(action.kind)) return [];
  const atMin = Math.max(0, minuteOf(action.atMs) - now);
  if (atMin > leftMin) return [];
  return [{ task: hand(action.id, action.title, DO_MIN), step: 0, atMin }];
}
