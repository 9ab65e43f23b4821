import { resolve, type SetPot } from "../simulate/set-pot";
import { HOLD_MIN } from "../units/limits";
import { isSealed } from "../heats/heat";
import { MINUTE_MS } from "../units/time";
import { cookRate } from "../doneness/cook-value";
import { DRY_ALARM_M } from "../liquid/constants";
import type { Gap } from "../simulate/course";
import { countedBack } from "../simulate/counted-back";
import type { Kitchen } from "../simulate/kitchen-schema";
import type { Plan, PlanItem, Stop, When } from "../simulate/plan-schema";
import { vesselOf } from "../simulate/references";
import { plannedOnce } from "../simulate/as-planned";
import { simulate } from "../simulate/simulate";
import { pointAt } from "../simulate/point-at";
import { isByLevel, stretchesOf } from "../simulate/stretches";
import { wantedKg } from "../simulate/until";
import type { Trace } from "../simulate/trace";
import { freeSurfaceM2, liquidAtDepthL, type SolidsIn } from "../vessel/solids";
import type { Vessel } from "../vessel/vessel-schema";
import { vesselVolumeL } from "../vessel/volume";
import { waterDensityKgL } from "../water/properties";
import { asSeen, simmersAtMin } from "./as-seen";
import { isTappedIn } from "./counter";
import { firstHeatMs, minOf } from "./course-of";
import type { Cook } from "./fold";
import type { Reading } from "../events/watch/effects";
import { forkBeliefs, forkedFor } from "./fork-beliefs";
import { begunIdsOf, begunStretches, movingAsSaid, strainedAsSaid } from "./stretch-now";

/** Liquid this deep on the floor is as good as none: it catches. */
const DRY_FLOOR_M = 0.01;
/** Reading errors, one standard deviation: docs/method.md, “The live pot”. */
export const DEPTH_SD_M = 0.002;
const WEIGHT_SD_KG = 0.01;
export const JUG_SD_L = 0.05;

/** When the later stretches that have begun did, min from the first heat. */
const beganAtMin = (plan: Plan, cook: Cook): readonly number[] =>
  begunStretches(plan, cook).map((ms) => minOf(plan, cook, ms));

/** The level of a reading as liquid in the pot, kg, with its standard deviation. */
export interface LiquidReading {
  readonly atMs: number;
  readonly liquidKg: number;
  readonly sdKg: number;
}

/**
 * The simulated pot on the real clock, following what the cook did. Steam is counted at the
 * default rate; how fast this pot really steams is fitted to its readings. Where it matters to the course
 * itself (what is topped up goes in, or runs over), it is simulated again at the rate that was fitted.
 */
export class LiveModel {
  /** The plan's own simulation, as if nothing had come between. */
  readonly planned: Trace;
  /** The same with what waits for a piece moved by what the fork said of it. */
  readonly timed: Trace;
  /** Water poured in at the start, L. */
  readonly waterL: number;
  /** The pot as it goes, held well past its end. */
  readonly long: Trace;
  private readonly cold: readonly Gap[];
  private readonly vessel: Vessel;
  private readonly solids: SolidsIn;
  readonly steams: number;
  readonly laterFromMin: readonly number[];

  private readonly plan: Plan;
  private readonly kitchen: Kitchen;

  constructor(
    setPot: SetPot,
    private readonly cook: Cook,
    nowMs: number,
    {
      steams = 1,
      laterFromMin = beganAtMin(setPot.plan, cook),
    }: {
      /** How fast the simulated pot steams against the default. */
      readonly steams?: number;
      /** When the later stretches of the heat begin, as far as they are gone through: said, then foreseen. */
      readonly laterFromMin?: readonly number[];
    } = {},
  ) {
    const { plan, kitchen, start } = setPot;
    this.plan = plan;
    this.kitchen = kitchen;
    this.steams = steams;
    this.laterFromMin = laterFromMin;
    this.vessel = vesselOf(setPot);
    this.solids = start.solids;
    const { waterL, waterKg, trace } = plannedOnce(setPot);
    this.waterL = waterL;
    this.planned = trace;
    this.timed = trace;
    const untilMs = cook.offMs === null ? nowMs : Math.min(nowMs, cook.offMs);
    const nowMin = this.modelMin(untilMs);
    const { course, parameters } = asSeen(setPot, cook, untilMs, this.planned);
    this.cold = course.gaps.filter((g) => g.what === "heat");
    const simmerMin = simmersAtMin(plan, course, this.planned);
    const heldMin = Math.max(0, nowMin - simmerMin);
    const { holdMin } = this.planned;
    const longMin = Math.min(HOLD_MIN.most, Math.max(holdMin * 1.5 + 60, heldMin + 120));
    const lastFromMin = Math.max(0, (laterFromMin.at(-1) ?? 0) - simmerMin);
    const longPlan = this.longPlan(longMin, heldMin, lastFromMin);
    const options = {
      waterKg,
      course: laterFromMin.length === 0 ? course : { ...course, stretchFromMin: laterFromMin },
      parameters: { ...parameters, evaporation: parameters.evaporation * steams },
    };
    const forked = forkedFor(plan, cook);
    if (forked.size === 0) {
      this.long = simulate(resolve(longPlan, kitchen), options);
      return;
    }
    // What waits for a piece goes by what the fork said of it; until then it is in, whatever was planned.
    const stays = new Map([...forked].map((id) => [id, Infinity]));
    const asForked = simulate(resolve(longPlan, kitchen), { ...options, targets: stays });
    const targets = forkBeliefs(plan, cook, asForked);
    this.timed = simulate(setPot, { waterKg, targets });
    this.long = simulate(resolve(this.longPlan(longMin, heldMin, lastFromMin), kitchen), {
      ...options,
      targets,
    });
  }

  /**
   * The plan as far as its heat is gone through, its last stretch held until longMin in all, with what is
   * not in yet due when it was planned or from now on.
   */
  private longPlan(longMin: number, heldMin: number, lastFromMin: number): Plan {
    const { plan, cook, planned, timed } = this;
    const begun = begunIdsOf(plan, cook);
    const isShutFirst = isSealed(plan.heat);
    // Shut up first, what counts from the start would be in from the start.
    const dueAt = (min: number): When =>
      isShutFirst ? { at: "beforeEnd", min: Math.max(1, longMin - min) } : { at: "after", min };
    const items = countedBack(plan, timed).items.map((given): PlanItem => {
      const moved = movingAsSaid(given, begun, cook, dueAt(heldMin));
      if (moved.when !== given.when) return moved;
      const item = this.outByPlan(moved, longMin, heldMin);
      const added = cook.addedItems.get(item.id);
      const massKg = added?.massKg ?? item.massKg;
      if (item.when.at === "start") {
        const isLate = cook.litMs !== null && (added?.atMs ?? Infinity) > cook.litMs;
        if (!isLate || !isTappedIn(plan, cook)) return { ...item, massKg };
        return { ...item, massKg, when: { at: "after", min: heldMin } };
      }
      // Under pressure alone what goes in late waits for the lid, after the hold.
      if (item.when.at !== "beforeEnd" || (isShutFirst && plan.then.length === 0))
        return { ...item, massKg };
      return {
        ...item,
        massKg,
        when: dueAt(Math.max(0, planned.holdMin - item.when.min, heldMin)),
      };
    });
    // Moved to the clock, what goes in late must not come to rule it.
    const ruled = planned.mainItemId === null ? {} : { ruledBy: planned.mainItemId };
    const lastMin = Math.max(1, longMin - lastFromMin);
    const then = plan.then.slice(0, this.laterFromMin.length).map((s) => ({
      ...strainedAsSaid(s, plan, begun, cook),
      stop: { by: "time" as const, holdMin: lastMin },
    }));
    return { ...plan, ...ruled, stop: { by: "time", holdMin: longMin }, then, items };
  }

  /** What comes out so long before the end does so before the plan's, not before that of the long run. */
  private outByPlan(item: PlanItem, longMin: number, heldMin: number): PlanItem {
    const { out } = item;
    if (out?.when.at !== "beforeEnd") return item;
    const outMin = Math.max(this.planned.holdMin - out.when.min, heldMin);
    return { ...item, out: { ...out, when: { at: "beforeEnd", min: longMin - outMin } } };
  }

  /** Minutes from the first heat; 0 before it is lit. */
  modelMin(atMs: number): number {
    return minOf(this.plan, this.cook, atMs);
  }

  msAt(modelMin: number): number {
    return (firstHeatMs(this.plan, this.cook) ?? 0) + modelMin * MINUTE_MS;
  }

  point(modelMin: number) {
    return pointAt(this.long, modelMin);
  }

  /** Minutes without heat between two moments. */
  coldMin(fromMin: number, toMin: number): number {
    return this.cold.reduce(
      (sum, g) => sum + Math.max(0, Math.min(toMin, g.toMin) - Math.max(fromMin, g.fromMin)),
      0,
    );
  }

  /** Steam at the default rate up to a moment, kg. */
  steamKg(modelMin: number): number {
    return this.point(modelMin).steamedKg / this.steams;
  }

  /** Liquid there would be without any steam, kg. */
  withoutSteamKg(modelMin: number): number {
    const point = this.point(modelMin);
    return point.liquidKg + point.steamedKg;
  }

  liquidKg(modelMin: number, rate: number): number {
    return Math.max(0, this.withoutSteamKg(modelMin) - rate * this.steamKg(modelMin));
  }

  /** Liquid that runs over the rim in the whole of it, kg. */
  get ranOverKg(): number {
    return -this.long.ledger.overRim;
  }

  depthM(modelMin: number, liquidKg: number): number {
    const point = this.point(modelMin);
    const hotL = liquidKg / waterDensityKgL(point.liquidC);
    const area = freeSurfaceM2(this.vessel, this.solids, point.depthM);
    return Math.max(0, point.depthM + (hotL - point.liquidL) / 1000 / Math.max(1e-4, area));
  }

  /** What a reading says of the liquid, kg: levels are read against the simulated level. */
  liquidOf(reading: Pick<Reading, "form" | "value" | "atMs">): LiquidReading | null {
    const modelMin = this.modelMin(reading.atMs);
    const point = this.point(modelMin);
    const density = waterDensityKgL(point.liquidC);
    if (reading.form === "volume")
      return {
        atMs: reading.atMs,
        liquidKg: reading.value * density,
        sdKg: JUG_SD_L * density,
      };
    if (reading.form === "potWeight") {
      const solidKg = point.contentsKg - point.liquidKg;
      const liquidKg = reading.value - this.vessel.massKg - solidKg;
      return liquidKg < 0 ? null : { atMs: reading.atMs, liquidKg, sdKg: WEIGHT_SD_KG };
    }
    const tideM = Math.max(...this.planned.points.map((p) => p.depthM));
    const depthM =
      reading.form === "liquidDepth"
        ? reading.value
        : (reading.form === "fromRim" ? this.vessel.heightM : tideM) - reading.value;
    if (depthM < 0 || depthM > this.vessel.heightM) return null;
    const at = (m: number) => liquidAtDepthL(this.vessel, this.solids, m);
    const hotL = point.liquidL + at(depthM) - at(Math.min(this.vessel.heightM, point.depthM));
    const area = freeSurfaceM2(this.vessel, this.solids, depthM);
    return {
      atMs: reading.atMs,
      liquidKg: Math.max(0, hotL) * density,
      sdKg: DEPTH_SD_M * area * 1000 * density,
    };
  }

  /**
   * First moment after fromMin at which the liquid falls to targetKg; past the simulated hold it goes on
   * as it did in its last hour. Null where it is not falling, or not within two days more.
   */
  crossingMin(targetKg: number, rate: number, fromMin: number): number | null {
    const lastMin = this.long.toSimmerMin + this.long.holdMin;
    const lastKg = this.liquidKg(lastMin, rate);
    if (this.liquidKg(fromMin, rate) <= targetKg) return fromMin;
    if (lastKg > targetKg) {
      const hourMin = Math.min(60, lastMin - fromMin);
      const perMin = (this.liquidKg(lastMin - hourMin, rate) - lastKg) / Math.max(1, hourMin);
      const moreMin = perMin > 0 ? (lastKg - targetKg) / perMin : Infinity;
      return moreMin > HOLD_MIN.most ? null : lastMin + moreMin;
    }
    let low = fromMin;
    let high = lastMin;
    while (high - low > 0.05) {
      const middle = (low + high) / 2;
      if (this.liquidKg(middle, rate) > targetKg) low = middle;
      else high = middle;
    }
    return high;
  }

  /** The stretch that it ends in, by its place. */
  get index(): number {
    return this.laterFromMin.length;
  }

  /** What ends that stretch. */
  get stop(): Stop {
    return stretchesOf(this.plan)[this.index]?.stop ?? this.plan.stop;
  }

  /** When it began to hold, min. */
  get stretchFromMin(): number {
    return this.long.stretches[this.index]?.fromMin ?? this.long.toSimmerMin;
  }

  /** From the end of that stretch until its lid is off, min; what then simmers open is another's. */
  get letDownMin(): number {
    const offMin = this.long.marks.findLast((m) => m.kind === "released")?.tMin;
    const heldToMin = this.long.stretches[this.index]?.toMin;
    return offMin === undefined || heldToMin === undefined
      ? this.long.releaseMin
      : offMin - heldToMin;
  }

  /** Liquid at which its stretch stops, kg; null where it stops by the clock. */
  targetKg(rate = 1): number | null {
    const { stop } = this;
    if (!isByLevel(stop)) return null;
    if (stop.by !== "depth") {
      const fromKg =
        this.index === 0
          ? (this.planned.points[0]?.liquidKg ?? 0)
          : this.liquidKg(this.stretchFromMin, rate);
      return wantedKg(stop, fromKg, this.plan);
    }
    const hotC = this.planned.holdC;
    return liquidAtDepthL(this.vessel, this.solids, stop.depthM) * waterDensityKgL(hotC);
  }

  /** First moment from fromMin at which what rules the dish has this cook value, min. */
  cookedMin(cookMin: number, fromMin: number): number {
    const points = this.long.points;
    const last = points.at(-1);
    const lastHold = points.findLast((p) => p.phase === "hold") ?? last;
    if (last === undefined || lastHold === undefined) return fromMin;
    if (lastHold.cookMin < cookMin) {
      const perMin = Math.max(1e-3, cookRate(lastHold.liquidC));
      return lastHold.tMin + (cookMin - lastHold.cookMin) / perMin;
    }
    let low = fromMin;
    let high = lastHold.tMin;
    if (this.point(low).cookMin >= cookMin) return low;
    while (high - low > 0.05) {
      const middle = (low + high) / 2;
      if (this.point(middle).cookMin < cookMin) low = middle;
      else high = middle;
    }
    return high;
  }

  /** Liquid at which the floor is nearly bare: a centimetre of it, kg. */
  dryKg(): number {
    return (
      liquidAtDepthL(this.vessel, this.solids, DRY_FLOOR_M) * waterDensityKgL(this.planned.holdC)
    );
  }

  /** Liquid at which the alarm for bare bones sounds, kg; null where bones never were covered. */
  bareKg(): number | null {
    const { heapTopM, endHeapTopM, startDepthM, holdC } = this.planned;
    if (heapTopM <= 0 || startDepthM <= heapTopM + DRY_ALARM_M.value) return null;
    const shrunk = vesselVolumeL(this.vessel, endHeapTopM) / vesselVolumeL(this.vessel, heapTopM);
    const solids = { ...this.solids, heapSolidL: this.solids.heapSolidL * shrunk };
    const alarmM = Math.min(this.vessel.heightM, endHeapTopM + DRY_ALARM_M.value);
    return liquidAtDepthL(this.vessel, solids, alarmM) * waterDensityKgL(holdC);
  }
}
