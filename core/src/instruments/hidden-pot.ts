import { exp } from "../units/same-math";
import { resolve, type SetPot } from "../simulate/set-pot";
import { HOLD_MIN } from "../units/limits";
import type { Heat } from "../heats/heat-schema";
import { boilFirstMinOf } from "../heats/heat";
import { begunIdsOf, movingAsSaid } from "../batch/stretch-now";
import type { Batch } from "../batch/batch-schema";
import { courseOf, firstHeatMs, minOf } from "../batch/course-of";
import { isTappedIn, whereIs } from "../batch/counter";
import type { Cook } from "../batch/fold";
import { DEPTH_SD_M } from "../batch/live-model";
import { livePlan } from "../batch/live-plan";
import { steamSigmaLog } from "../simulate/heat-facts";
import type { Gap } from "../simulate/course";
import type { Kitchen } from "../simulate/kitchen-schema";
import { EXPECTED, SPREAD, type Parameters } from "../simulate/parameters";
import type { Plan, PlanItem } from "../simulate/plan-schema";
import { vesselOf } from "../simulate/references";
import { simulate } from "../simulate/simulate";
import { pointAt } from "../simulate/point-at";
import type { Trace } from "../simulate/trace";
import { coldWaterKg, waterL } from "../simulate/stated-water";
import { normal, seeded } from "../units/random";
import type { Truth } from "./sensors";
import { NO_TROUBLE, TROUBLES, type Trouble } from "./troubles";

/** Looked at so long past now, so that there is always a next moment, min. */
const AHEAD_MIN = 30;

/**
 * The constants of a true pot, drawn from the spreads that the forecasts assume: log-normal on steam,
 * ring, extraction, juice and what stays on the solids, normal on plateau and z.
 */
export function drawHidden(seed: number, heat: Heat): Parameters {
  const random = seeded(seed);
  const times = (sigma: number) => exp(sigma * normal(random));
  return {
    evaporation: times(steamSigmaLog(heat)),
    efficiency: times(SPREAD.efficiency.value),
    extraction: times(SPREAD.extraction.value),
    freed: times(SPREAD.freed.value),
    leftOnSolids: times(SPREAD.leftOnSolids.value),
    plateauC: SPREAD.plateauC.value * normal(random),
    warmUp: times(SPREAD.warmUp.value),
    // What this meat asks for shows in the simulation only by the fork, which judges by the written target.
    target: 1,
    zC: 33 + SPREAD.zC.value * normal(random),
  };
}

/** The true pot of a batch that is cooked for practice; null where it is cooked in earnest. */
export const hiddenPotOf = ({ plan, kitchen, practice }: Batch): HiddenPot | null =>
  practice === undefined
    ? null
    : practice.lesson === undefined
      ? new HiddenPot(resolve(plan, kitchen), practice.seed)
      : new HiddenPot(
          resolve(plan, kitchen),
          practice.seed,
          { ...EXPECTED, ...TROUBLES[practice.lesson].parameters },
          TROUBLES[practice.lesson],
        );

/** A pot that really is so: what the cook does to it is all that moves it. */
export class HiddenPot {
  private readonly parameters: Parameters;

  private readonly plan: Plan;
  private readonly kitchen: Kitchen;

  constructor(
    private readonly setPot: SetPot,
    readonly seed: number,
    parameters?: Parameters,
    readonly trouble: Trouble = NO_TROUBLE,
  ) {
    const { plan, kitchen } = setPot;
    this.plan = plan;
    this.kitchen = kitchen;
    this.parameters = parameters ?? drawHidden(seed, plan.heat);
  }

  get constants(): Parameters {
    return this.parameters;
  }

  /** The true course up to nowMs and a little beyond, as if nothing more were done. */
  traceAt(cook: Cook, nowMs: number): Trace {
    const untilMin = minOf(this.plan, cook, nowMs) + AHEAD_MIN;
    return this.run(cook, nowMs, Math.min(HOLD_MIN.most, untilMin));
  }

  /** The true course from lighting to the sieve, once it is off the heat; null before. */
  wholeTrace(cook: Cook): Trace | null {
    if (cook.offMs === null) return null;
    const offMin = minOf(this.plan, cook, cook.offMs);
    const { stretches, toSimmerMin } = this.run(cook, cook.offMs, offMin + AHEAD_MIN);
    const lastFromMin = stretches.at(-1)?.fromMin ?? toSimmerMin;
    return this.run(cook, cook.offMs, Math.max(0, offMin - Math.min(lastFromMin, offMin)));
  }

  /** What instruments on it would see at atMs, from its trace. */
  truthAt(trace: Trace, cook: Cook, atMs: number): Truth {
    const point = pointAt(trace, minOf(this.plan, cook, atMs));
    return {
      liquidC: point.liquidC,
      pieceC: point.centreC,
      potKg: point.contentsKg + vesselOf(this.setPot).massKg,
      depthM: point.depthM,
      isBoiling: point.phase === "boil" && cook.offMs === null,
    };
  }

  /** A stick dipped into it at atMs, to the millimetre, with a hand's scatter; `nth` makes each its own. */
  dipM(cook: Cook, atMs: number, nth: number): number {
    const { depthM } = this.truthAt(this.traceAt(cook, atMs), cook, atMs);
    const scatterM = DEPTH_SD_M * normal(seeded(this.seed + 7919 * (nth + 1)));
    return Math.max(0, Math.round((depthM + scatterM) * 1000) / 1000);
  }

  /** Without heat from when it went out by itself until somebody saw to it. */
  private gone(written: Plan, cook: Cook): readonly Gap[] {
    const { heatGoneMin } = this.trouble;
    if (heatGoneMin === undefined) return [];
    const backMin = backAgainMin(written, cook, heatGoneMin);
    return [{ fromMin: heatGoneMin, toMin: backMin ?? Infinity, what: "heat" }];
  }

  /** Its last stretch so far held for holdMin. */
  private run(cook: Cook, nowMs: number, holdMin: number): Trace {
    const written = livePlan(this.plan, cook);
    const begun = begunIdsOf(written, cook);
    const stop = { by: "time" as const, holdMin: Math.max(0.01, holdMin) };
    const isLit = firstHeatMs(written, cook) !== null;
    const course = courseOf(resolve(written, this.kitchen), cook, nowMs);
    const boils = boilFirstMinOf(written.heat) !== null;
    const offMin = cook.offMs === null ? null : minOf(written, cook, cook.offMs);
    const plan: Plan = {
      ...written,
      items: written.items.flatMap((item) =>
        reallyIn(movingAsSaid(item, begun, cook, { at: "beforeEnd", min: 1 }), written, cook),
      ),
      then: written.then.filter((s) => begun.has(s.id)).map((s) => ({ ...s, stop })),
      stop: { by: "time", holdMin: Math.max(0.01, isLit ? holdMin : 0.01) },
    };
    return simulate(resolve(plan, this.kitchen), {
      waterKg: coldWaterKg(waterL(this.setPot), this.kitchen),
      parameters: this.parameters,
      course: {
        ...course,
        // It boils on for as long as nobody turns it down.
        turnedDownMin: !boils
          ? null
          : cook.simmerMs === null
            ? (offMin ?? HOLD_MIN.most)
            : minOf(written, cook, cook.simmerMs),
        gaps: [
          ...course.gaps,
          ...this.gone(written, cook),
          ...(offMin === null ? [] : [{ fromMin: offMin, toMin: Infinity, what: "heat" as const }]),
        ],
      },
    });
  }
}

/** When heat that had gone was put on again: it was set anew, or said to be back; null while it was not. */
export function backAgainMin(plan: Plan, cook: Cook, goneMin: number): number | null {
  const back = cook.events.find(
    (e) => (e.kind === "heatSet" || e.kind === "resumed") && minOf(plan, cook, e.atMs) > goneMin,
  );
  return back === undefined ? null : minOf(plan, cook, back.atMs);
}

/** Only what is in the pot: at the start, or from the moment it was put in. */
function reallyIn(item: PlanItem, plan: Plan, cook: Cook): readonly PlanItem[] {
  const added = cook.addedItems.get(item.id);
  const isLate =
    added !== undefined &&
    (item.when.at !== "start" || (isTappedIn(plan, cook) && minOf(plan, cook, added.atMs) > 0));
  const massKg = added?.massKg ?? item.massKg;
  if (item.when.at === "offHeat") return added === undefined ? [] : [{ ...item, massKg }];
  // Its moment is in the course; "before the end" keeps it out until then on every heat.
  if (isLate) return [{ ...item, massKg, when: { at: "beforeEnd", min: 1 } }];
  if (cook.litMs === null && item.when.at === "start") return [{ ...item, massKg }];
  return whereIs(item, plan, cook) === "pot" ? [{ ...item, massKg, when: { at: "start" } }] : [];
}
