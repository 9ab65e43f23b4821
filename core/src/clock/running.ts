import { resolve } from "../simulate/set-pot";
import { stretchOf } from "../heats/heat";
import { MINUTE_MS } from "../units/time";
import type { Action } from "../batch/action";
import type { Batch } from "../batch/batch-schema";
import type { Cook } from "../batch/fold";
import type { OnFire } from "../batch/on-fire";
import { isWorkOver, type WorkOn } from "../events/hands/effects";
import { sideId, sidesLeft } from "../batch/side-actions";
import { besideThePot } from "../schedule/work-tasks";
import { POT_TIMES } from "../schedule/pot-times";
import { stretchesOf } from "../simulate/stretches";
import { USUAL_BATH_MIN } from "./chill-minutes";
import { afterHeat, runsAlone, standsOnRing, workAfterHeat } from "./fire-block";
import { about, exactly } from "./minutes";
import { blockOf, taskOf, type Block, type Meanwhile, type Task } from "./task";
import { minuteOf, type Minute } from "./wall-clock";

/** A pot that is on the fire: what is left of it, where it stands on the clock. */
export interface Running {
  readonly planId: string;
  readonly batchId: string;
  readonly name: string;
  readonly fireId: string;
  readonly blocks: readonly Block[];
}

/** What begins it is over, and a sieve is a step of its own. */
const NOT_MEANWHILE: ReadonlySet<Action["kind"]> = new Set(["strain", "light"]);

/** What is left to do by hand between the heat and the table. */
const OFF_HEAT: ReadonlySet<Action["kind"]> = new Set(["add", "salt", "putBack"]);

/** What is left of its heat: the stretch it is in, and those to come, each on what it stands on. */
function heatLeft({ id, plan, kitchen }: Batch, { forecast }: OnFire, nowMs: number) {
  const setPot = resolve(plan, kitchen);
  const index = forecast?.stretchIndex ?? 0;
  const ends = forecast?.stretchEndsMs ?? [{ low: nowMs, expected: nowMs, high: nowMs }];
  return ends.map((end, i) => {
    const stretch = stretchesOf(plan)[index + i];
    const heat = stretch?.heat ?? plan.heat;
    const fromMs = i === 0 ? nowMs : (ends[i - 1]?.expected ?? nowMs);
    const min = Math.max(1, Math.round((end.expected - fromMs) / MINUTE_MS));
    const slowMin = Math.round((end.high - fromMs) / MINUTE_MS);
    const onRing = standsOnRing(heat, setPot);
    return taskOf(`${id}/hold${i === 0 ? "" : `:${stretch?.id ?? i}`}`, stretchOf(heat).holds, {
      planIds: [plan.id],
      minutes: { p10: min, p50: min, p90: Math.max(min, slowMin) },
      attention: runsAlone(heat, setPot) ? "none" : "eyes",
      isFlame: onRing,
      ringIds: onRing ? [plan.ringId] : [],
      vesselIds: [plan.vesselId],
    });
  });
}

/** A side dish is looked after beside all else, on any ring where it cooks. */
function sideNeeds(action: Action, { plan, kitchen }: Batch, cook: Cook): Partial<Task> {
  const side = sidesLeft(plan, cook).find((s) => sideId(s.kind) === action.id);
  const isFlame = side !== undefined && side.restMin > 0;
  return {
    attention: "near",
    isFlame,
    ringIds: isFlame ? kitchen.rings.map((r) => r.id) : [],
  };
}

/**
 * What is left of a pot on the fire from now on, by its forecast, and off it up to the sieve or the table;
 * null before it is lit and once it is strained or served.
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
  const beside = besideThePot(resolve(plan, batch.kitchen));
  const idOf = (key: string) => `${batch.id}/${key}`;
  const holds = heatLeft(batch, pot, nowMs);
  /** Minutes from now at which each stretch that is left begins. */
  const holdFrom = holds.map((_, i) =>
    holds.slice(0, i).reduce((sum, hold) => sum + hold.minutes.p50, 0),
  );
  const after =
    plan.end === "served" && !isAhead
      ? []
      : afterHeat(plan, idOf, exactly(USUAL_BATH_MIN.value), plan.name);
  const isOpen = (work: WorkOn) => !isWorkOver(cook, work);
  /** An action of the Cook screen, by hand. */
  const taskFor = (action: Action, more: Partial<Task> = {}): Task =>
    taskOf(idOf(action.id), action.title, {
      planIds: [plan.id],
      how: plan.name,
      minutes: about(action.min ?? POT_TIMES.add.value),
      ...more,
    });
  /** Off the heat: what is still to go in or to come out; where nothing is, it stands ready for its table. */
  const offHeat = pot.actions.filter((a) => OFF_HEAT.has(a.kind)).map((a) => taskFor(a));
  const standing = taskOf(idOf("ready"), "Stands ready", {
    planIds: [plan.id],
    minutes: exactly(1),
    attention: "none",
    vesselIds: [plan.vesselId],
  });
  const worked = workAfterHeat(resolve(plan, batch.kitchen), idOf, isOpen);
  const cooked = isOn ? [...holds, ...worked] : [...worked, ...offHeat];
  const steps = [...cooked, ...after];
  if (steps.length === 0) steps.push(standing);
  /** What is done while it is on. */
  const meanwhileOf = (action: Action): readonly Meanwhile[] => {
    const atMin = Math.max(0, minuteOf(action.atMs) - now);
    if (NOT_MEANWHILE.has(action.kind) || action.atMs > Math.max(endMs, nowMs)) return [];
    // A stock comes off for its sieve; in the last minutes of a dish it is taken off.
    if (action.kind === "offHeat" && plan.end === "strained") return [];
    const task = taskFor(action, {
      ...(action.kind === "meanwhile" && beside !== null
        ? { isFlame: true, ringIds: beside.ringIds, vesselIds: [beside.pan.id] }
        : {}),
      ...(action.kind === "side" ? sideNeeds(action, batch, cook) : {}),
    });
    const step = Math.max(
      0,
      holdFrom.findLastIndex((from) => from <= atMin),
    );
    return [{ task, step, atMin: atMin - (holdFrom[step] ?? 0) }];
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
        readyStep: Math.max(0, cooked.length - (plan.end === "served" ? 1 : 0)),
        isServed: plan.end === "served" && !isAhead,
        fixedAt: now,
      }),
    ],
  };
}
