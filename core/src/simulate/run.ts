import { fatCapMm } from "../extraction/fat-cap";
import { ringTooWeak } from "../heat/come-up";
import { REST_MIN } from "../heat/constants";
import { warmingFluxKgM2H } from "../heat/hob";
import { centreGateC } from "../doneness/targets";
import { ingredientById } from "../ingredient/catalogue";
import {
  DRY_ALARM_M,
  FAT_DENSITY_KG_L,
  FAT_LAYER_FACTOR,
  FAT_LAYER_FROM_M,
  LEFT_IN_CLOTH_L,
  LEFT_ON_PRESSED_L_KG,
  LEFT_ON_SOLIDS_L_KG,
} from "../liquid/constants";
import { Problem } from "../units/problem";
import { capacityL, outerAreaM2, vesselAreaM2 } from "../vessel/volume";
import { airPressureKPa, boilingPointC } from "../water/altitude";
import { COLD_DENSITY_KG_L, latentHeatKJKg } from "../water/properties";
import type { Kitchen } from "./kitchen-schema";
import { EXPECTED, type Parameters } from "./parameters";
import type { Plan, PlanItem } from "./plan-schema";
import { Pot } from "./pot";
import { programmeOf } from "./programmes/programme-of";
import type { Cooking, Programme } from "./programmes/programme";
import { vesselOf } from "./references";
import type { SimulateOptions } from "./options";
import type { Mark, Phase, Trace, TracePoint } from "./trace";

const STEP_S = 30;
const LONGEST_HOLD_MIN = 2880;
const POINTS_WANTED = 240;
/** Still-air heat loss of a pot taken off the heat, W/m²·K: model section 4, carry-over. */
const REST_LOSS_W_M2_K = 12;
/** Water from the kettle, for a hot start, °C below the boil. */
const KETTLE_BELOW_BOIL_C = 3;

/** The end of the hold: after so long, at a cook value, or where the plan's level is reached. */
export type Until =
  | { readonly by: "time"; readonly holdMin: number }
  | { readonly by: "level" }
  | { readonly by: "cook"; readonly cookMin: number };

/** Internal: one pass from the first heat to the sieve. The heat's programme drives it. */
export class Run implements Cooking {
  readonly pot: Pot;
  readonly boilingC: number;
  readonly airKPa: number;
  readonly parameters: Parameters;
  tMin = 0;
  clockFromMin = 0;
  problem: Problem | null = null;
  private readonly programme: Programme;
  private readonly points: TracePoint[] = [];
  private readonly marks: Mark[] = [];
  private readonly inMin = new Map<string, number>();
  private readonly late: PlanItem[];
  private readonly recordEveryMin: number;
  private recordedMin = -Infinity;
  private wasCovered = false;
  private isBare = false;
  private fullestL = 0;
  private leastKg = Infinity;
  private readonly startKg: number;

  constructor(
    readonly plan: Plan,
    readonly kitchen: Kitchen,
    options: SimulateOptions,
    private readonly until: Until,
    /** How long it is thought to hold: what goes in "before the end" counts back from there. */
    readonly plannedHoldMin: number,
  ) {
    this.parameters = options.parameters ?? EXPECTED;
    this.boilingC = boilingPointC(kitchen.altitudeM);
    this.airKPa = airPressureKPa(kitchen.altitudeM);
    this.recordEveryMin = Math.max(0.5, plannedHoldMin / POINTS_WANTED);
    this.pot = new Pot(vesselOf(plan, kitchen), this.parameters, {
      waterC: kitchen.waterC,
      roomC: kitchen.roomC,
      pieceM: plan.pieceM,
      boilingC: this.boilingC,
    });
    const fromKettle = plan.heat.method === "slowCooker" && plan.heat.start === "hot";
    this.pot.addWater(
      options.waterKg,
      fromKettle ? this.boilingC - KETTLE_BELOW_BOIL_C : kitchen.waterC,
    );
    for (const item of plan.items)
      if (item.when.at === "start") {
        this.pot.addItem(item);
        this.inMin.set(item.id, 0);
      }
    this.late = plan.items
      .filter((i) => i.when.at === "beforeEnd")
      .sort((a, b) => beforeEndMin(b) - beforeEndMin(a));
    this.startKg = this.pot.liquidKg;
    this.programme = programmeOf(this);
  }

  go(): Trace {
    const { pot, programme } = this;
    const startDepthM = pot.findDepthM();
    const heapTopM = pot.heapTopM;
    const solidsInKg = pot.solidsKg;
    this.wasCovered = startDepthM > heapTopM + DRY_ALARM_M.value;
    this.record("comeUp", true);
    programme.bringUp();
    const comeUpMin = this.clockFromMin;
    const toSimmerMin = this.tMin;
    this.clockFromMin = toSimmerMin;
    const holdW = programme.holdingW();
    if (this.problem === null) this.hold();
    const holdMin = this.tMin - toSimmerMin;
    const cookAtEndOfHoldMin = pot.cookMin;
    const liquidAtEndOfHoldC = pot.tempC;
    this.mark("offHeat");
    if (this.problem === null) programme.letDown?.();
    const releaseMin = this.tMin - toSimmerMin - holdMin;
    // What is poured in once it is off the heat boils over no more and is under no lid.
    const fullestShare = this.fullestL / capacityL(pot.vessel);
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
      holdC: programme.holdC,
      startDepthM,
      endDepthM,
      endLiquidL,
      endLiquidKg,
      heapTopM,
      endHeapTopM,
      solidsInKg,
      solidsOutKg,
      fatCapMm: fatCap,
      cookMin: pot.cookMin,
      cookAtEndOfHoldMin,
      liquidAtEndOfHoldC,
      mainItemId: pot.main?.item.id ?? null,
      items: pot.contents.map(({ item, heat }) => ({
        itemId: item.id,
        inMin: this.inMin.get(item.id) ?? 0,
        cookMin: heat.cookMin,
        hottestCentreC: heat.hottestCentreC,
        from5To60Min: heat.passed60S === null ? null : (heat.passed60S - (heat.passed5S ?? 0)) / 60,
      })),
      fullestShare,
      leastLiquidL: Math.max(0, this.leastKg) / COLD_DENSITY_KG_L,
      releaseMin,
      holdW,
      ringW: programme.powerW,
      problem: this.problem,
    };
  }

  steamKgS(fluxKgM2H: number, lid: number): number {
    const { pot } = this;
    const fat =
      this.plan.fat !== "skimHot" && pot.fatLayerM >= FAT_LAYER_FROM_M.value
        ? FAT_LAYER_FACTOR.value
        : 1;
    return (fluxKgM2H * pot.surfaceM2 * fat * lid) / 3600;
  }

  steamW(steamKgS: number): number {
    return steamKgS * latentHeatKJKg(this.pot.tempC) * 1000;
  }

  lossW(): number {
    return this.pot.lossWK * (this.pot.tempC - this.kitchen.roomC);
  }

  contentsL(): number {
    const { heapSolidL, floatingL } = this.pot.solids;
    return this.pot.hotL + heapSolidL + floatingL + this.pot.fatKg / FAT_DENSITY_KG_L.value;
  }

  comeUp(toC: number, powerW: number, lid: number): void {
    const { pot } = this;
    while (pot.tempC < toC) {
      const steam = lid === 0 ? 0 : this.steamKgS(warmingFluxKgM2H(pot.tempC, this.airKPa), lid);
      const netW = powerW - this.lossW() - this.steamW(steam);
      if (netW < 0.02 * powerW || this.tMin > 24 * 60) {
        this.problem = ringTooWeak(pot.tempC, toC);
        return;
      }
      const left = ((toC - pot.tempC) * pot.heatCapacityKJK * 1000) / netW;
      const dtS = Math.min(STEP_S, Math.max(0.5, left));
      pot.warm(netW, dtS);
      this.pass("comeUp", dtS, steam);
      if (this.problem !== null) return;
    }
    pot.tempC = Math.min(pot.tempC, toC);
  }

  simmerLateItems(fluxKgM2H: number): void {
    const simmerMin = beforeEndMin(this.late[0]);
    const fromMin = this.tMin;
    for (const item of this.late) {
      this.simmerUntil(fromMin + simmerMin - beforeEndMin(item), fluxKgM2H);
      this.putIn(item);
    }
    this.simmerUntil(fromMin + simmerMin, fluxKgM2H);
    this.late.length = 0;
  }

  private simmerUntil(endMin: number, fluxKgM2H: number): void {
    while (this.tMin < endMin - 1e-9 && this.problem === null) {
      const dtS = Math.min(STEP_S, (endMin - this.tMin) * 60);
      const { pot } = this;
      const simmerC = this.boilingC - 5;
      if (pot.tempC < simmerC) pot.warm(this.programme.powerW - this.lossW(), dtS);
      pot.tempC = Math.min(pot.tempC, simmerC);
      this.pass("release", dtS, this.steamKgS(fluxKgM2H, 1));
    }
  }

  private hold(): void {
    const { pot, programme, until } = this;
    const fromMin = this.tMin;
    const wantedKg = until.by === "level" ? this.wantedKg() : -1;
    const endMin = fromMin + (until.by === "time" ? until.holdMin : LONGEST_HOLD_MIN);
    let next = 0;
    while (this.tMin < endMin - 1e-9 && this.problem === null) {
      const item = programme.opensInHold ? this.late[next] : undefined;
      const dueMin =
        item === undefined
          ? Infinity
          : fromMin + Math.max(0, this.plannedHoldMin - beforeEndMin(item));
      if (item !== undefined && dueMin <= this.tMin + 1e-9) {
        this.putIn(item);
        const after = this.late[++next];
        // Things that go in together cost one lifted lid.
        if (after === undefined || beforeEndMin(after) !== beforeEndMin(item)) programme.opened?.();
        continue;
      }
      const beforeDepthM = pot.depthM;
      const longestS = Math.min(STEP_S, (Math.min(endMin, dueMin) - this.tMin) * 60);
      const stepS = programme.holdStep(longestS, wantedKg);
      if (until.by === "level" && this.levelReached(wantedKg, beforeDepthM, stepS)) break;
      if (until.by === "cook" && this.isCooked(until.cookMin)) break;
    }
    if (programme.opensInHold) for (const item of this.late.slice(next)) this.putIn(item);
    if (until.by !== "time" && this.tMin >= endMin - 1e-9 && this.problem === null)
      this.problem = neverThere(until, this.plan);
  }

  private isCooked(cookMin: number): boolean {
    const main = this.pot.main;
    if (main === null) return true;
    return (
      main.heat.cookMin >= cookMin &&
      main.heat.hottestCentreC >= centreGateC(this.programme.holdC) - 1e-6
    );
  }

  /** Liquid at which the plan stops, kg; below nothing where it stops by depth. */
  private wantedKg(): number {
    const { stop } = this.plan;
    if (stop.by === "liquid") return stop.liquidL * COLD_DENSITY_KG_L;
    return stop.by === "share" ? this.startKg * stop.share : -1;
  }

  /** True once the stop's level is reached; a depth cuts the clock back to where it was passed. */
  private levelReached(wantedKg: number, beforeDepthM: number, dtS: number): boolean {
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
    this.inMin.set(item.id, this.tMin);
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

  /** Lets dtS pass with steamKgS leaving; keeps level, alarms and the record. */
  pass(phase: Phase, dtS: number, steamKgS: number): void {
    const { pot } = this;
    pot.pass(dtS, steamKgS);
    this.tMin += dtS / 60;
    pot.findDepthM();
    if (pot.liquidKg < this.leastKg) this.leastKg = pot.liquidKg;
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

  mark(kind: Mark["kind"]): void {
    this.marks.push({ kind, tMin: this.tMin });
  }

  private record(phase: Phase, always: boolean): void {
    if (!always && this.tMin - this.recordedMin < this.recordEveryMin) return;
    const { pot } = this;
    this.recordedMin = this.tMin;
    this.fullestL = Math.max(this.fullestL, this.contentsL());
    this.points.push({
      tMin: this.tMin,
      phase,
      liquidC: pot.tempC,
      centreC: pot.main?.heat.centreC ?? pot.tempC,
      liquidKg: pot.liquidKg,
      liquidL: pot.hotL,
      depthM: pot.depthM,
      steamedKg: pot.steamedKg,
      cookMin: pot.cookMin,
      gelatinG: pot.gelatinG,
    });
  }
}

const beforeEndMin = (item: PlanItem | undefined): number =>
  item?.when.at === "beforeEnd" ? item.when.min : 0;

function neverThere(until: Until, plan: Plan): Problem {
  return until.by === "cook"
    ? new Problem(
        "notReachable",
        "stop",
        until.cookMin,
        "It does not get tender within two days at this heat. Cook it hotter or cut it smaller.",
      )
    : new Problem(
        "notReachable",
        "stop",
        plan.stop.by,
        "It does not get down that far within two days. Take the lid off, turn the heat up, or start with less water.",
      );
}
