import { fatCapMm } from "../extraction/fat-cap";
import { ringTooWeak } from "../heat/come-up";
import { REST_MIN } from "../heat/constants";
import { ringNetW, simmerC, warmingFluxKgM2H } from "../heat/hob";
import { ingredientById } from "../ingredient/catalogue";
import {
  DRY_ALARM_M,
  FAT_LAYER_FACTOR,
  FAT_LAYER_FROM_M,
  LEFT_IN_CLOTH_L,
  LEFT_ON_PRESSED_L_KG,
  LEFT_ON_SOLIDS_L_KG,
  SIMMER_FLUX_KG_M2_H,
} from "../liquid/constants";
import { lidFactor } from "../liquid/evaporation";
import { Problem } from "../units/problem";
import { outerAreaM2, vesselAreaM2 } from "../vessel/volume";
import { airPressureKPa, boilingPointC } from "../water/altitude";
import { COLD_DENSITY_KG_L, latentHeatKJKg } from "../water/properties";
import type { Kitchen } from "./kitchen-schema";
import { EXPECTED, type Parameters } from "./parameters";
import type { Plan, PlanItem } from "./plan-schema";
import { Pot } from "./pot";
import { ringOf, vesselOf } from "./references";
import type { Mark, Phase, Trace, TracePoint } from "./trace";

const STEP_S = 30;
const LONGEST_HOLD_MIN = 2880;
const POINTS_WANTED = 240;
/** Still-air heat loss of a pot taken off the heat, W/m²·K: model section 4, carry-over. */
const REST_LOSS_W_M2_K = 12;

export interface SimulateOptions {
  readonly waterKg: number;
  readonly parameters?: Parameters;
}

/**
 * Simulates one pot on the hob from lighting the flame to the sieve: temperature, level, ledger,
 * gelatin, fat and salt through time, in steps of 30 s (pieces in τ/20).
 * A plan that stops by level finds its own hold; what goes in "before the end" follows it.
 * @throws Problem `aboveRim`, `heapAboveRim`, `unknownReference`, `notOnHob`, `notReachable`
 */
export function simulate(plan: Plan, kitchen: Kitchen, options: SimulateOptions): Trace {
  if (plan.stop.by === "time") return new Run(plan, kitchen, options, plan.stop.holdMin).go();
  let holdMin = 240;
  let trace = new Run(plan, kitchen, options, holdMin).go();
  for (let round = 0; round < 6 && trace.problem === null; round++) {
    const change = Math.abs(trace.holdMin - holdMin);
    holdMin = trace.holdMin;
    if (change < 0.5 || !plan.items.some((i) => i.when.at === "beforeEnd")) break;
    trace = new Run(plan, kitchen, options, holdMin).go();
  }
  return trace;
}

/** Internal: one pass through the phases. */
class Run {
  private readonly pot: Pot;
  private readonly points: TracePoint[] = [];
  private readonly marks: Mark[] = [];
  private readonly boilingC: number;
  private readonly holdC: number;
  private readonly airKPa: number;
  private readonly ringW: number;
  private readonly lid: number;
  private readonly parameters: Parameters;
  private readonly recordEveryMin: number;
  private tMin = 0;
  private recordedMin = -Infinity;
  private wasCovered = false;
  private isBare = false;
  private problem: Problem | null = null;
  private readonly startKg: number;

  constructor(
    private readonly plan: Plan,
    private readonly kitchen: Kitchen,
    options: SimulateOptions,
    private readonly plannedHoldMin: number,
  ) {
    const vessel = vesselOf(plan, kitchen);
    const ring = ringOf(plan, kitchen);
    this.parameters = options.parameters ?? EXPECTED;
    this.boilingC = boilingPointC(kitchen.altitudeM);
    this.holdC = simmerC(plan.heat.vigour, kitchen.altitudeM);
    this.airKPa = airPressureKPa(kitchen.altitudeM);
    this.ringW = ringNetW(ring, kitchen.altitudeM) * this.parameters.efficiency;
    this.lid = lidFactor(plan.heat.lid, vessel.lid === "heavy");
    this.recordEveryMin = Math.max(0.5, plannedHoldMin / POINTS_WANTED);
    this.pot = new Pot(vessel, this.parameters, {
      waterC: kitchen.waterC,
      roomC: kitchen.roomC,
      pieceM: plan.pieceM,
    });
    this.pot.addWater(options.waterKg, kitchen.waterC);
    for (const item of plan.items) if (item.when.at === "start") this.pot.addItem(item);
    this.startKg = this.pot.liquidKg;
  }

  go(): Trace {
    const { pot } = this;
    const startDepthM = pot.findDepthM();
    const heapTop = pot.heapTopM;
    const solidsInKg = pot.solidsKg;
    this.wasCovered = startDepthM > heapTop + DRY_ALARM_M.value;
    this.record("comeUp", true);
    const boilFirst = this.plan.heat.boilFirstMin;
    this.comeUp(boilFirst === null ? this.holdC : this.boilingC);
    const comeUpMin = this.tMin;
    if (boilFirst !== null && this.problem === null) {
      this.mark("boils");
      this.boil(boilFirst);
      this.mark("turnedDown");
    }
    this.mark("simmers");
    const toSimmerMin = this.tMin;
    const holdW = this.holdingW();
    if (this.problem === null) this.hold(toSimmerMin);
    const holdMin = this.tMin - toSimmerMin;
    this.mark("offHeat");
    for (const item of this.plan.items) if (item.when.at === "offHeat") this.putIn(item);
    const endDepthM = pot.findDepthM();
    const fatCap = fatCapMm(pot.fatKg, vesselAreaM2(pot.vessel, endDepthM));
    if (this.plan.strain.when === "afterPause" && this.problem === null) this.rest();
    this.mark("strained");
    this.record("rest", true);
    const endLiquidKg = pot.liquidKg;
    const endLiquidL = pot.coldL;
    const endHeapTopM = pot.heapTopM;
    const solidsOutKg = pot.solidsKg;
    const gelatinGL = endLiquidL > 0 ? pot.gelatinG / endLiquidL : 0;
    const saltGL = endLiquidL > 0 ? pot.saltG / endLiquidL : 0;
    this.strain(solidsOutKg);
    return {
      points: this.points,
      marks: this.marks,
      ledger: pot.ledger.totals,
      strained: {
        liquidKg: pot.liquidKg,
        volumeL: pot.coldL,
        gelatinGL,
        saltG: saltGL * pot.coldL,
        saltGL,
        fatKg: pot.fatKg,
      },
      comeUpMin,
      toSimmerMin,
      holdMin,
      totalMin: this.tMin,
      boilingC: this.boilingC,
      holdC: this.holdC,
      startDepthM,
      endDepthM,
      endLiquidL,
      endLiquidKg,
      heapTopM: heapTop,
      endHeapTopM,
      solidsInKg,
      solidsOutKg,
      fatCapMm: fatCap,
      cookMin: pot.cookMin,
      holdW,
      ringW: this.ringW,
      problem: this.problem,
    };
  }

  /** Steam in kg/s off the present surface at a flux of kg/m²·h. */
  private steamKgS(fluxKgM2H: number): number {
    const { pot } = this;
    const fat =
      this.plan.fat !== "skimHot" && pot.fatLayerM >= FAT_LAYER_FROM_M.value
        ? FAT_LAYER_FACTOR.value
        : 1;
    return (fluxKgM2H * pot.surfaceM2 * fat * this.lid) / 3600;
  }

  /** Steam of the plan's simmer, kg/s; how fast a simmer steams is what differs from pot to pot. */
  private simmerSteamKgS(): number {
    const flux = SIMMER_FLUX_KG_M2_H[this.plan.heat.vigour].value;
    return this.steamKgS(flux * this.parameters.evaporation);
  }

  private steamW(steamKgS: number): number {
    return steamKgS * latentHeatKJKg(this.pot.tempC) * 1000;
  }

  private lossW(): number {
    return this.pot.lossWK * (this.pot.tempC - this.kitchen.roomC);
  }

  private holdingW(): number {
    const steam = this.plan.heat.vigour === "rolling" ? this.rollingKgS() : this.simmerSteamKgS();
    return (
      steam * latentHeatKJKg(this.holdC) * 1000 +
      this.pot.lossWK * (this.holdC - this.kitchen.roomC)
    );
  }

  /** At a rolling boil all heat left over becomes steam; the lid sends its share back. */
  private rollingKgS(): number {
    const left = Math.max(0, this.ringW - this.lossW());
    return (left / 1000 / latentHeatKJKg(this.boilingC)) * this.lid;
  }

  private comeUp(toC: number): void {
    const { pot } = this;
    while (pot.tempC < toC) {
      const steam = this.steamKgS(warmingFluxKgM2H(pot.tempC, this.airKPa));
      const netW = this.ringW - this.lossW() - this.steamW(steam);
      if (netW < 0.02 * this.ringW) {
        this.problem = ringTooWeak(pot.tempC, toC);
        return;
      }
      const capacity = pot.heatCapacityKJK * 1000;
      const left = ((toC - pot.tempC) * capacity) / netW;
      const dtS = Math.min(STEP_S, Math.max(0.5, left));
      pot.warm(netW, dtS);
      this.pass("comeUp", dtS, steam);
      if (this.problem !== null) return;
      if (this.tMin > 24 * 60) {
        this.problem = ringTooWeak(pot.tempC, toC);
        return;
      }
    }
    pot.tempC = Math.min(pot.tempC, toC);
  }

  private boil(minutes: number): void {
    for (let left = minutes * 60; left > 1e-6 && this.problem === null; left -= STEP_S)
      this.pass("boil", Math.min(STEP_S, left), this.rollingKgS());
  }

  private hold(fromMin: number): void {
    const { pot, plan } = this;
    const staged = plan.items
      .filter((i) => i.when.at === "beforeEnd")
      .sort((a, b) => beforeEndMin(b) - beforeEndMin(a));
    const byTime = plan.stop.by === "time";
    const wantedKg = this.wantedKg();
    const endMin = fromMin + (byTime ? this.plannedHoldMin : LONGEST_HOLD_MIN);
    let next = 0;
    while (this.tMin < endMin - 1e-9 && this.problem === null) {
      const item = staged[next];
      const dueMin =
        item === undefined
          ? Infinity
          : fromMin + Math.max(0, this.plannedHoldMin - beforeEndMin(item));
      if (item !== undefined && dueMin <= this.tMin + 1e-9) {
        this.putIn(item);
        next++;
        continue;
      }
      const beforeDepth = pot.depthM;
      const dtS = Math.min(STEP_S, (Math.min(endMin, dueMin) - this.tMin) * 60);
      const stepS = this.holdStep(dtS, wantedKg);
      if (!byTime && this.reached(wantedKg, beforeDepth, stepS)) break;
    }
    for (; next < staged.length; next++) {
      const item = staged[next];
      if (item !== undefined) this.putIn(item);
    }
    if (!byTime && this.tMin >= endMin - 1e-9 && this.problem === null)
      this.problem = new Problem(
        "notReachable",
        "stop",
        plan.stop.by,
        "It does not get down that far within two days. Take the lid off, turn the heat up, or start with less water.",
      );
  }

  /** Liquid at which the plan stops, kg; below nothing where it stops by time or depth. */
  private wantedKg(): number {
    const { stop } = this.plan;
    if (stop.by === "liquid") return stop.liquidL * COLD_DENSITY_KG_L;
    return stop.by === "share" ? this.startKg * stop.share : -1;
  }

  /** One step of the hold, cut short where the liquid reaches wantedKg within it; its length in s. */
  private holdStep(longestS: number, wantedKg: number): number {
    const { pot } = this;
    const rolling = this.plan.heat.vigour === "rolling";
    const toC = this.holdC;
    if (Math.abs(pot.tempC - toC) < 1e-9) {
      const steam = rolling ? this.rollingKgS() : this.simmerSteamKgS();
      const untilS = steam > 0 ? (pot.liquidKg - wantedKg) / steam : Infinity;
      const dtS = wantedKg > 0 && untilS > 0.5 ? Math.min(longestS, untilS) : longestS;
      this.pass("hold", dtS, steam);
      return dtS;
    }
    const steam = this.steamKgS(warmingFluxKgM2H(pot.tempC, this.airKPa));
    const fireW = pot.tempC < toC ? this.ringW : 0;
    const before = pot.tempC;
    pot.warm(fireW - this.lossW() - this.steamW(steam), longestS);
    if ((before < toC && pot.tempC > toC) || (before > toC && pot.tempC < toC)) pot.tempC = toC;
    this.pass("hold", longestS, steam);
    return longestS;
  }

  /** True once the stop's level is reached; a depth cuts the clock back to where it was passed. */
  private reached(wantedKg: number, beforeDepthM: number, dtS: number): boolean {
    const { stop } = this.plan;
    const { pot } = this;
    if (stop.by !== "depth") return pot.liquidKg <= wantedKg + 1e-9;
    if (pot.depthM > stop.depthM) return false;
    const over = (stop.depthM - pot.depthM) / Math.max(1e-12, beforeDepthM - pot.depthM);
    this.tMin -= Math.min(1, Math.max(0, over)) * (dtS / 60);
    return true;
  }

  private putIn(item: PlanItem): void {
    this.pot.addItem(item);
    this.pot.findDepthM();
    this.marks.push({ kind: "itemIn", tMin: this.tMin, itemId: item.id });
    if (ingredientById(item.ingredientId).isLiquid) this.record("hold", true);
  }

  private rest(): void {
    const { pot, kitchen } = this;
    const lossWK = outerAreaM2(pot.vessel) * REST_LOSS_W_M2_K;
    for (let left = REST_MIN.value * 60; left > 1e-6; left -= STEP_S) {
      const dtS = Math.min(STEP_S, left);
      pot.warm(-lossWK * (pot.tempC - kitchen.roomC), dtS);
      this.pass("rest", dtS, 0);
    }
  }

  private pass(phase: Phase, dtS: number, steamKgS: number): void {
    const { pot } = this;
    pot.pass(dtS, steamKgS);
    this.tMin += dtS / 60;
    pot.findDepthM();
    if (pot.liquidKg <= 1e-9 && this.problem === null) {
      this.mark("dry");
      this.problem = new Problem(
        "boiledDry",
        "liquid",
        this.tMin,
        `It boils dry after ${(this.tMin / 60).toFixed(1)} h. Use more water, a lid, or a shorter time.`,
      );
    }
    if (this.wasCovered && !this.isBare && pot.depthM < pot.heapTopM + DRY_ALARM_M.value) {
      this.isBare = true;
      this.mark("bonesBare");
    }
    this.record(phase, false);
  }

  private strain(solidsKg: number): void {
    const { pot, plan } = this;
    const perKg = plan.strain.pressed ? LEFT_ON_PRESSED_L_KG : LEFT_ON_SOLIDS_L_KG;
    const onSolids = Math.min(pot.liquidKg, solidsKg * perKg.value * this.parameters.leftOnSolids);
    pot.liquidKg -= onSolids;
    pot.ledger.post("leftOnSolids", -onSolids);
    const inCloth = Math.min(pot.liquidKg, plan.strain.clothPasses * LEFT_IN_CLOTH_L.value);
    pot.liquidKg -= inCloth;
    pot.ledger.post("leftInCloth", -inCloth);
  }

  private mark(kind: Mark["kind"]): void {
    this.marks.push({ kind, tMin: this.tMin });
  }

  private record(phase: Phase, always: boolean): void {
    if (!always && this.tMin - this.recordedMin < this.recordEveryMin) return;
    const { pot } = this;
    this.recordedMin = this.tMin;
    this.points.push({
      tMin: this.tMin,
      phase,
      liquidC: pot.tempC,
      liquidKg: pot.liquidKg,
      liquidL: pot.hotL,
      depthM: pot.depthM,
      steamedKg: pot.steamedKg,
      cookMin: pot.cookMin,
      gelatinG: pot.gelatinG,
    });
  }
}

const beforeEndMin = (item: PlanItem): number => (item.when.at === "beforeEnd" ? item.when.min : 0);
