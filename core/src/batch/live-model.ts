import { DRY_ALARM_M } from "../liquid/constants";
import { hobFluxKgM2H } from "../liquid/evaporation";
import { countedBack } from "../simulate/counted-back";
import type { Kitchen } from "../simulate/kitchen-schema";
import type { Plan } from "../simulate/plan-schema";
import { vesselOf } from "../simulate/references";
import { simulate } from "../simulate/simulate";
import { pointAt } from "../simulate/spread";
import type { Trace } from "../simulate/trace";
import { coldWaterKg, startSolids, waterL } from "../simulate/water-ways";
import { freeSurfaceM2, liquidAtDepthL, type SolidsIn } from "../vessel/solids";
import type { Vessel } from "../vessel/vessel-schema";
import { vesselVolumeL } from "../vessel/volume";
import { COLD_DENSITY_KG_L, waterDensityKgL } from "../water/properties";
import type { Cook, Reading } from "./fold";

const MINUTE_MS = 60_000;
/** Reading errors, one standard deviation: model section 10. */
const DEPTH_SD_M = 0.002;
const WEIGHT_SD_KG = 0.01;
const JUG_SD_L = 0.05;

/** The level of a reading as liquid in the pot, kg, with its standard deviation. */
export interface LiquidReading {
  readonly atMs: number;
  readonly liquidKg: number;
  readonly sdKg: number;
}

/**
 * Internal: the simulated pot on the real clock. Steam is counted at the default rate; settings
 * changed by the cook scale it from that moment on.
 */
export class LiveModel {
  readonly planned: Trace;
  private readonly long: Trace;
  private readonly vessel: Vessel;
  private readonly solids: SolidsIn;

  constructor(
    private readonly plan: Plan,
    private readonly kitchen: Kitchen,
    private readonly cook: Cook,
    nowMs: number,
  ) {
    this.vessel = vesselOf(plan, kitchen);
    this.solids = startSolids(plan);
    const waterKg = coldWaterKg(waterL(plan, kitchen), kitchen);
    this.planned = simulate(plan, kitchen, { waterKg });
    const holdMin = this.planned.holdMin;
    const heldMin = Math.max(0, this.modelMin(nowMs) - this.planned.toSimmerMin);
    const longMin = Math.min(2880, Math.max(holdMin * 1.5 + 60, heldMin + 120));
    const staged = countedBack(plan, this.planned);
    const longPlan: Plan = {
      ...plan,
      stop: { by: "time", holdMin: longMin },
      items: staged.items.map((item) => {
        // Under pressure what goes in late waits for the lid, after the hold.
        if (item.when.at !== "beforeEnd" || plan.heat.method === "pressure") return item;
        const added = cook.addedItems.get(item.id);
        const dueMin =
          added === undefined
            ? Math.max(holdMin - item.when.min, heldMin)
            : this.modelMin(added.atMs) - this.planned.toSimmerMin;
        const massKg = added?.massKg ?? item.massKg;
        return {
          ...item,
          massKg,
          when: {
            at: "beforeEnd",
            min: Math.max(1, longMin - Math.max(0, dueMin)),
          },
        };
      }),
    };
    this.long = simulate(longPlan, kitchen, { waterKg });
  }

  /** Minutes on the simulation's clock; the come-up is stretched to what it really took. */
  modelMin(atMs: number): number {
    const { litMs, simmerMs } = this.cook;
    if (litMs === null) return 0;
    const toSimmer = this.planned.toSimmerMin;
    if (simmerMs !== null && atMs >= simmerMs) return toSimmer + (atMs - simmerMs) / MINUTE_MS;
    if (simmerMs !== null && simmerMs > litMs)
      return (toSimmer * (atMs - litMs)) / (simmerMs - litMs);
    return Math.min(toSimmer, (atMs - litMs) / MINUTE_MS);
  }

  msAt(modelMin: number): number {
    const { litMs, simmerMs } = this.cook;
    const toSimmer = this.planned.toSimmerMin;
    const simmer = simmerMs ?? (litMs ?? 0) + toSimmer * MINUTE_MS;
    return simmer + (modelMin - toSimmer) * MINUTE_MS;
  }

  point(modelMin: number) {
    return pointAt(this.long, modelMin);
  }

  /** Steam at the default rate up to a moment, kg, with the cook's changes of heat and lid in. */
  steamKg(modelMin: number): number {
    const { heat } = this.plan;
    if (heat.method !== "hob") return this.point(modelMin).steamedKg;
    const planned = hobFluxKgM2H(heat.vigour, heat.lid, this.vessel.lid === "heavy");
    let total = 0;
    let fromMin = 0;
    let factor = 1;
    for (const setting of this.cook.settings) {
      const at = Math.min(modelMin, this.modelMin(setting.atMs));
      total += factor * (this.point(at).steamedKg - this.point(fromMin).steamedKg);
      fromMin = at;
      factor = hobFluxKgM2H(setting.vigour, setting.lid, this.vessel.lid === "heavy") / planned;
    }
    return total + factor * (this.point(modelMin).steamedKg - this.point(fromMin).steamedKg);
  }

  /** Liquid there would be without any steam, kg. */
  withoutSteamKg(modelMin: number): number {
    const point = this.point(modelMin);
    const topped = this.cook.topUps
      .filter((t) => this.modelMin(t.atMs) <= modelMin)
      .reduce((sum, t) => sum + coldWaterKg(t.volumeL, this.kitchen), 0);
    return point.liquidKg + point.steamedKg + topped;
  }

  liquidKg(modelMin: number, rate: number): number {
    return Math.max(0, this.withoutSteamKg(modelMin) - rate * this.steamKg(modelMin));
  }

  depthM(modelMin: number, liquidKg: number): number {
    const point = this.point(modelMin);
    const hotL = liquidKg / waterDensityKgL(point.liquidC);
    const area = freeSurfaceM2(this.vessel, this.solids, point.depthM);
    return Math.max(0, point.depthM + (hotL - point.liquidL) / 1000 / Math.max(1e-4, area));
  }

  /** What a reading says of the liquid, kg: levels are read against the simulated level. */
  liquidOf(reading: Reading): LiquidReading | null {
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
      const liquidKg = reading.value - this.vessel.massKg - this.notLiquidKg(modelMin);
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

  /** Everything in the pot that is not liquid, kg: solids as they went in, less what turned liquid. */
  private notLiquidKg(modelMin: number): number {
    const lateKg = this.plan.items.reduce((sum, item) => {
      const added = this.cook.addedItems.get(item.id);
      return added !== undefined && this.modelMin(added.atMs) <= modelMin
        ? sum + added.massKg
        : sum;
    }, 0);
    const point = this.point(modelMin);
    const turnedLiquidKg =
      point.liquidKg + point.steamedKg - (this.planned.points[0]?.liquidKg ?? 0);
    return this.planned.solidsInKg + lateKg - turnedLiquidKg;
  }

  /** First moment after fromMin at which the liquid falls to targetKg; null within the long run. */
  crossingMin(targetKg: number, rate: number, fromMin: number): number | null {
    const lastMin = this.long.points.at(-1)?.tMin ?? 0;
    if (this.liquidKg(fromMin, rate) <= targetKg) return fromMin;
    if (this.liquidKg(lastMin, rate) > targetKg) return null;
    let low = fromMin;
    let high = lastMin;
    while (high - low > 0.05) {
      const middle = (low + high) / 2;
      if (this.liquidKg(middle, rate) > targetKg) low = middle;
      else high = middle;
    }
    return high;
  }

  /** Liquid at which the plan stops, kg; null where it stops by the clock. */
  targetKg(): number | null {
    const { stop } = this.plan;
    if (stop.by === "time" || stop.by === "tender") return null;
    if (stop.by === "liquid") return stop.liquidL * COLD_DENSITY_KG_L;
    if (stop.by === "share") return (this.planned.points[0]?.liquidKg ?? 0) * stop.share;
    const hotC = this.planned.holdC;
    return liquidAtDepthL(this.vessel, this.solids, stop.depthM) * waterDensityKgL(hotC);
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
