import { resolve } from "../simulate/set-pot";
import type { Heat, Method } from "../heats/heat-schema";
import { HEATS, heatOf, isLidOff, isRest, isSlow, suits } from "../heats/heat";
import type { Kitchen } from "../simulate/kitchen-schema";
import { countedFromEnd } from "../simulate/counted-back";
import type { HeatStretch, Plan } from "../simulate/plan-schema";
import { vesselOf } from "../simulate/references";
import { pointAt } from "../simulate/point-at";
import { FIRST_STRETCH, isByLevel, stretchesOf, type PlannedStretch } from "../simulate/stretches";
import { isStrainedBetween } from "../simulate/out-of";
import { Problem } from "../units/problem";
import type { Trace } from "../simulate/trace";
import { withoutStretch } from "../simulate/without-stretch";
import type { Vessel } from "../vessel/vessel-schema";
import type { Goal } from "./goal";

/** Where a dish goes: a heat and a vessel of this kitchen. */
export interface Target {
  readonly heat: Heat;
  readonly vesselId: string;
}

/** A dish's stretches on another heat, each like what it was written as; their minutes are not found yet. */
export interface Like {
  readonly plan: Plan;
  /** Of its stretches, in order: true for what stays on the heat it was written on. */
  readonly isKept: readonly boolean[];
  /** Of its stretches, in order: the last written one that each stands for. */
  readonly upTo: readonly string[];
}

/** Under this share of the dish's cook value a stretch only finishes it: it stays as it is. */
const FINISH_SHARE = 0.15;

/** The stretch that cooks the dish most: by cook value, without solids by its minutes. */
export function rulingStretch(trace: Trace): number {
  const { stretches } = trace;
  const gained = stretches.map((_, i) => gainedMin(trace, i));
  const all = gained.some((c) => c > 0) ? gained : stretches.map((s) => s.toMin - s.fromMin);
  return all.indexOf(Math.max(...all));
}

/** The heat that cooks the dish most. */
export function rulingHeat(plan: Plan, trace: Trace): Heat {
  const heat = stretchesOf(plan)[rulingStretch(trace)]?.heat ?? plan.heat;
  return isRest(heat) ? plan.heat : heat;
}

/** Minutes of the stretches that cook it, what only finishes it or boils it down left out. */
export function cookedMinOf(plan: Plan, trace: Trace): number {
  if (plan.then.length === 0) return trace.holdMin;
  const ruling = rulingStretch(trace);
  return stretchesOf(plan).reduce((sum, stretch, i) => {
    const went = trace.stretches[i];
    const cooks = i === ruling || (gainedMin(trace, i) >= finishMin(trace) && !isLevel(stretch));
    return went === undefined || !cooks ? sum : sum + went.toMin - went.fromMin;
  }, 0);
}

/** Cook value that a stretch adds, what it comes up by and is let down by counted, min at 100 °C. */
function gainedMin(trace: Trace, index: number): number {
  const cookMinAt = (i: number) => {
    const begins = trace.stretches[i]?.fromMin;
    return begins === undefined ? trace.cookMin : pointAt(trace, begins).cookMin;
  };
  return cookMinAt(index + 1) - (index === 0 ? 0 : cookMinAt(index));
}

/** Under this cook value a stretch only finishes the dish. */
const finishMin = ({ cookMin }: Trace): number => FINISH_SHARE * cookMin;

/** A heat taken up with the pot as it is. */
export const takenUp = <H extends Heat>(heat: H): H => ({
  ...heatOf(heat).follows(heat),
  ...(isSlow(heat) ? { highFirstMin: 0, lidLifts: 0, warmMin: 0 } : {}),
});

const isLevel = ({ stop }: PlannedStretch): boolean => isByLevel(stop);

/** How a written stretch comes over: as it is, on the new heat, or not at all. */
type Fate = "kept" | "cooked" | "dropped";

function fateOf(
  index: number,
  stretch: PlannedStretch,
  goal: Goal,
  method: Method,
  vessel: Vessel,
): Fate {
  if (index === rulingStretch(goal.trace)) return "cooked";
  const { heat } = stretch;
  if (isRest(heat)) return "kept";
  const finishes =
    isLidOff(heat) ||
    isLevel(stretch) ||
    gainedMin(goal.trace, index) < finishMin(goal.trace) ||
    // Once the pressure is let down for what goes in, it is not brought up again.
    (HEATS[method].isSealed && hangsOn(goal.plan, stretch.id, true));
  if (!finishes) return "cooked";
  if (suits(vessel, heat.method)) return "kept";
  // The first has nothing before it to go on: it cooks on the new heat.
  return index === 0 ? "cooked" : "dropped";
}

/** Before a sieve, what the dish is judged by not yet in: nothing there tells how long it takes elsewhere. */
const isBlind = (index: number, { plan, trace }: Goal): boolean =>
  isStrainedBetween(plan) && gainedMin(trace, index) <= 0;
const blind = (): Problem =>
  new Problem(
    "notReachable",
    "then",
    null,
    "What it is judged by goes in after it has been strained, so nothing tells how long it takes before on this heat. Make two plans of it: the stock, and what goes into it.",
  );

/** True where something comes out as a stretch begins, all of it is strained, or something goes in too. */
const hangsOn = (plan: Plan, id: string, orIn: boolean): boolean =>
  plan.then.some((s) => s.id === id && s.isStrained) ||
  plan.items.some(
    ({ when, out }) =>
      (orIn && when.at === "stretch" && when.stretchId === id) ||
      (out?.when.at === "stretch" && out.when.stretchId === id) ||
      out?.backAt === id,
  );

/**
 * A dish of several stretches on another heat, each to its like: what is uncovered, boils down, rests or
 * only finishes the dish stays as written where the vessel goes there; what cooks it takes the new heat,
 * and is one stretch where nothing goes in or comes out between. What cannot stay falls away: its cook
 * value and its liquid are the others' to come to. Litres are those of one of so many loads.
 * @throws Problem `unknownReference`, `notOnHob`, `wrongVessel`; `notReachable` where nothing tells how long
 * what is strained out takes there
 */
export function likeWritten(goal: Goal, target: Target, loads: number, kitchen: Kitchen): Like {
  const vessel = vesselOf(resolve({ ...goal.plan, ...target, then: [] }, kitchen));
  const written = stretchesOf(goal.plan);
  const fates = written.map((stretch, i) => fateOf(i, stretch, goal, target.heat.method, vessel));
  written.forEach((_, i) => {
    if (fates[i] === "cooked" && isBlind(i, goal)) throw blind();
  });
  // Where something falls away, what goes in with the others has time of its own to keep.
  const isWhole = fates.every((fate) => fate !== "dropped");
  let plan: Plan = goal.plan;
  const stays: number[] = [];
  written.forEach((stretch, i) => {
    const isMerged =
      fates[i] === "cooked" &&
      fates[stays.at(-1) ?? -1] === "cooked" &&
      !hangsOn(plan, stretch.id, isWhole);
    if (i > 0 && (isMerged || fates[i] === "dropped")) plan = withoutIn(plan, stretch, goal.trace);
    else stays.push(i);
  });
  const first = fates[0] === "kept" ? goal.plan.heat : target.heat;
  const then = plan.then.map((stretch): HeatStretch => {
    const isCooked = fates[written.findIndex((s) => s.id === stretch.id)] === "cooked";
    return isCooked
      ? { ...stretch, heat: takenUp(target.heat), stop: { by: "time", holdMin: 1 } }
      : inLitres(stretch, goal.trace, loads);
  });
  const ends = stays.map((_, k) => (stays[k + 1] ?? written.length) - 1);
  return {
    plan: { ...plan, vesselId: target.vesselId, heat: first, then },
    isKept: stays.map((i) => fates[i] === "kept"),
    upTo: ends.map((i) => written[i]?.id ?? FIRST_STRETCH),
  };
}

/** Without a stretch: what went in with it, or came out for good, counts back from the end. */
const withoutIn = (plan: Plan, { id }: PlannedStretch, trace: Trace): Plan =>
  withoutStretch(countedFromEnd(plan, id, trace), id);

/** A depth is no like in another vessel: the litres that it was. */
function inLitres(stretch: HeatStretch, trace: Trace, loads: number): HeatStretch {
  const { stop } = stretch;
  const went = trace.stretches.find((s) => s.stretchId === stretch.id);
  const volumeL = stop.by === "liquid" ? stop.liquidL : stop.by === "depth" ? went?.endLiquidL : 0;
  return volumeL === undefined || volumeL === 0
    ? stretch
    : { ...stretch, stop: { by: "liquid", liquidL: volumeL / loads } };
}
