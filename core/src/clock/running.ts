import type { Action } from "../batch/action";
import type { Batch } from "../batch/batch-schema";
import type { Cook } from "../batch/fold";
import type { OnFire } from "../batch/on-fire";
import { sideBegun, workDone, workLeft } from "../batch/said-marks";
import { sidesLeft } from "../batch/side-actions";
import { besideThePot } from "../schedule/work-tasks";
import { POT_TIMES } from "../schedule/pot-times";
import { stretchesOf } from "../simulate/stretches";
import { USUAL_BATH_MIN } from "./chill-minutes";
import { afterHeat, ON_HEAT, runsAlone, standsOnRing, workAfterHeat } from "./fire-block";
import { about, exactly } from "./minutes";
import { blockOf, taskOf, type Block, type Meanwhile, type Task } from "./task";
import { minuteOf, MINUTE_MS, type Minute } from "./wall-clock";

/** A pot that is on the fire: what is left of it, where it stands on the clock. */
export interface Running {
  readonly planId: string;
  readonly batchId: string;
  readonly name: string;
  readonly fireId: string;
  readonly blocks: readonly Block[];
}

/** What ends it stands on the clock as steps of its own. */
const ENDS: ReadonlySet<Action["kind"]> = new Set(["offHeat", "strain", "light"]);

/** What is left of its heat: the stretch it is in, and those to come, each on what it stands on. */
function heatLeft({ id, plan, kitchen }: Batch, { forecast }: OnFire, nowMs: number) {
  const index = forecast?.stretchIndex ?? 0;
  const ends = forecast?.stretchEndsMs ?? [{ low: nowMs, expected: nowMs, high: nowMs }];
  return ends.map((end, i) => {
    const stretch = stretchesOf(plan)[index + i];
    const heat = stretch?.heat ?? plan.heat;
    const fromMs = i === 0 ? nowMs : (ends[i - 1]?.expected ?? nowMs);
    const min = Math.max(1, Math.round((end.expected - fromMs) / MINUTE_MS));
    const slowMin = Math.round((end.high - fromMs) / MINUTE_MS);
    const onRing = standsOnRing(heat, plan, kitchen);
    return taskOf(`${id}/hold${i === 0 ? "" : `:${stretch?.id ?? i}`}`, ON_HEAT[heat.method], {
      planIds: [plan.id],
      minutes: { p10: min, p50: min, p90: Math.max(min, slowMin) },
      attention: runsAlone(heat, plan, kitchen) ? "none" : "eyes",
      isFlame: onRing,
      ringIds: onRing ? [plan.ringId] : [],
      vesselIds: [plan.vesselId],
    });
  });
}

/** A side dish is looked after beside all else, on any ring where it cooks. */
function sideNeeds(action: Action, { plan, kitchen }: Batch, cook: Cook): Partial<Task> {
  const side = sidesLeft(plan, cook).find((s) => sideBegun(s.kind) === action.id);
  const isFlame = side !== undefined && side.restMin > 0;
  return {
    attention: "near",
    isFlame,
    ringIds: isFlame ? kitchen.rings.map((r) => r.id) : [],
  };
}

/**
 * What is left of a pot on the fire from now on, by its forecast; null before it is lit and once it is strained.
 * @param isAhead a dish that is chilled for another day
 */
export function runningOf(
  batch: Batch,
  cook: Cook,
  pot: OnFire,
  nowMs: number,
  isAhead = false,
): Running | null {
  if (cook.litMs === null || cook.strainedMs !== null || batch.practice !== undefined) return null;
  const { plan } = batch;
  const now: Minute = minuteOf(nowMs);
  const isOn = cook.offMs === null;
  const endMs = pot.forecast?.endMs.expected ?? nowMs;
  const leftMin = Math.max(1, Math.round((endMs - nowMs) / MINUTE_MS));
  const beside = besideThePot(plan, batch.kitchen);
  const idOf = (key: string) => `${batch.id}/${key}`;
  const holds = heatLeft(batch, pot, nowMs);
  const after =
    plan.end === "served" && !isAhead
      ? []
      : afterHeat(plan, idOf, exactly(USUAL_BATH_MIN.value), plan.name);
  const isOpen = (workId: string) =>
    !cook.did.has(workDone(workId)) && !cook.did.has(workLeft(workId));
  const cooked = [...(isOn ? holds : []), ...workAfterHeat(plan, batch.kitchen, idOf, isOpen)];
  const steps = [...cooked, ...after];
  if (steps.length === 0) return null;
  /** An action of the Cook screen that is still to come. */
  const meanwhileOf = (action: Action): readonly Meanwhile[] => {
    const atMin = Math.max(0, minuteOf(action.atMs) - now);
    if (ENDS.has(action.kind) || atMin > leftMin) return [];
    const task = taskOf(idOf(action.id), action.title, {
      planIds: [plan.id],
      how: plan.name,
      minutes: about(action.min ?? POT_TIMES.add.value),
      ...(action.kind === "meanwhile" && beside !== null
        ? { isFlame: true, ringIds: beside.ringIds, vesselIds: [beside.pan.id] }
        : {}),
      ...(action.kind === "side" ? sideNeeds(action, batch, cook) : {}),
    });
    return [{ task, step: 0, atMin }];
  };
  const fireId = idOf("fire");
  return {
    planId: plan.id,
    batchId: batch.id,
    name: plan.name,
    fireId,
    blocks: [
      blockOf(fireId, "running", steps, {
        planIds: [plan.id],
        meanwhile: isOn ? pot.actions.flatMap(meanwhileOf) : [],
        // A stock is ready once it is through the sieve.
        readyStep: cooked.length - (plan.end === "served" && cooked.length > 0 ? 1 : 0),
        isServed: plan.end === "served" && !isAhead,
        fixedAt: now,
      }),
    ],
  };
}
