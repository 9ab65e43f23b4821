import { exp } from "../units/same-math";
import type { SetPot } from "./set-pot";
import { HOLD_MIN } from "../units/limits";
import type { Heat } from "../heats/heat-schema";
import { hasLid, heatOf, isRest, isSlow } from "../heats/heat";
import { showDuration } from "../units/show";
import { fatCapMm } from "../extraction/fat-cap";
import { ringTooWeak } from "../heat/come-up";
import { REST_MIN } from "../heat/constants";
import { warmingFluxKgM2H } from "../heat/hob";
import { cookRate } from "../doneness/cook-value";
import { centreGateC } from "../doneness/targets";
import { DRY_ALARM_M, FAT_LAYER_FACTOR, FAT_LAYER_FROM_M } from "../liquid/constants";
import { Problem } from "../units/problem";
import { capacityL, outerAreaM2, vesselAreaM2 } from "../vessel/volume";
import { airPressureKPa, boilingPointC } from "../water/altitude";
import { COLD_DENSITY_KG_L, latentHeatKJKg } from "../water/properties";
import type { Kitchen } from "./kitchen-schema";
import { withBonesHere } from "./bones-here";
import { withKeptHere } from "./kept-here";
import { ringHere, steamHere } from "./learned";
import { EXPECTED, type Parameters } from "./parameters";
import { Comings, openMin } from "./comings";
import type { Plan, Stop } from "./plan-schema";
import { Pot } from "./pot";
import { programmeOf } from "./programmes/programme-of";
import type { Cooking, Programme } from "./programmes/programme";
import { vesselOf } from "./references";
import { pouredAtStartKg } from "./acid";
import { judgingOf } from "./judging";
import { AS_PLANNED, CourseReader, type Happening, type HeatTurn } from "./course";
import type { SimulateOptions } from "./options";
import { Recorder } from "./recorder";
import { Pace } from "./pace";
import { strain } from "./straining";
import { FIRST_STRETCH, isOn, stretchesOf, type PlannedStretch } from "./stretches";
import type { Forked, ItemCourse, JudgedTarget, Mark, Phase, StretchCourse, Trace } from "./trace";
import { neverThere, wantedKg, type Until } from "./until";

/** Less than this over the rim is rounding, kg. */
const SPILL_KG = 0.005;
/** Still-air heat loss of a pot taken off the heat, W/m²·K: docs/method.md, “Oven, slow cooker, pressure”, carry-over. */
const REST_LOSS_W_M2_K = 12;
/** Where nothing is known to go otherwise there is nothing to read along with. */
const PLANNED = new CourseReader(AS_PLANNED);
/** Water from the kettle, for a hot start, °C below the boil. */
const KETTLE_BELOW_BOIL_C = 3;

/** Internal: one pass from the first heat to the sieve. The programme of each stretch's heat drives it. */
export class Run implements Cooking {
  readonly pot: Pot;
  readonly boilingC: number;
  readonly airKPa: number;
  readonly parameters: Parameters;
  tMin = 0;
  clockFromMin = 0;
  stretchFromMin = 0;
  problem: Problem | null = null;
  private programme: Programme;
  private stretch: PlannedStretch;
  private readonly done: StretchCourse[] = [];
  private readonly forks: Forked[] = [];
  private readonly course: CourseReader;
  private readonly follows: boolean;
  private readonly recorder: Recorder;
  private readonly comings: Comings;
  private wasCovered = false;
  private isBare = false;
  private hasRunOver = false;
  private atOff: readonly ItemCourse[] | null = null;
  private leastKg = Infinity;
  private readonly pace: Pace;
  private readonly startKg: number;
  private readonly ruledBy: string | null;
  private readonly judged: ReadonlyMap<string, JudgedTarget>;
  private readonly coreC: number | null;

  readonly plan: Plan;
  readonly kitchen: Kitchen;

  constructor(
    readonly setPot: SetPot,
    options: SimulateOptions,
    /** The end of each stretch of the heat, as many as are gone through. */
    private readonly untils: readonly Until[],
    /** How long it is thought to hold: what goes in "before the end" counts back from there. */
    readonly plannedHoldMin: number,
  ) {
    const { plan, kitchen } = setPot;
    this.plan = plan;
    this.kitchen = kitchen;
    const { fineness = 1 } = options;
    this.parameters = withKeptHere(
      withBonesHere(options.parameters ?? EXPECTED, setPot),
      plan,
      kitchen,
    );
    this.course = options.course === undefined ? PLANNED : new CourseReader(options.course);
    this.follows = options.course !== undefined;
    this.boilingC = boilingPointC(kitchen.altitudeM);
    this.airKPa = airPressureKPa(kitchen.altitudeM);
    // What pours in at the start, as the ruling goes by its acid.
    const startLiquidKg = options.waterKg + pouredAtStartKg(plan);
    const { ruledBy, judged } = judgingOf(setPot, startLiquidKg);
    this.ruledBy = ruledBy;
    this.judged = judged;
    this.coreC = this.judged.get(this.ruledBy ?? "")?.coreC ?? null;
    this.pot = new Pot(vesselOf(setPot), this.parameters, {
      waterC: kitchen.waterC,
      roomC: kitchen.roomC,
      pieceM: plan.pieceM,
      boilingC: this.boilingC,
      ruledBy: this.ruledBy,
      fineness,
    });
    this.pace = new Pace(this.pot, fineness);
    this.recorder = new Recorder(this.pot, plannedHoldMin);
    const fromKettle = isSlow(plan.heat) && plan.heat.start === "hot";
    this.pot.addWater(
      options.waterKg,
      fromKettle ? this.boilingC - KETTLE_BELOW_BOIL_C : kitchen.waterC,
    );
    this.comings = new Comings(
      plan,
      this.pot,
      this.recorder,
      plannedHoldMin,
      this.course,
      (id) => (this.judged.get(id)?.ideal.value ?? Infinity) * (options.targets?.get(id) ?? 1),
    );
    this.startKg = this.pot.liquidKg;
    this.stretch = { id: FIRST_STRETCH, heat: plan.heat, stop: plan.stop };
    this.programme = programmeOf(this, plan.heat);
  }

  go(): Trace {
    const { pot } = this;
    const startDepthM = pot.findDepthM();
    const heapTopM = pot.heapTopM;
    const solidsInKg = pot.solidsKg;
    // Where nothing lies in it, nothing comes bare.
    this.wasCovered = heapTopM > 0 && startDepthM > heapTopM + DRY_ALARM_M.value;
    this.record("comeUp", true);
    this.noteSpill();
    const first = this.programme;
    first.bringUp();
    this.record("comeUp", true);
    const comeUpMin = this.clockFromMin;
    const toSimmerMin = this.tMin;
    this.clockFromMin = toSimmerMin;
    const holdW = first.holdingW();
    this.goThroughStretches();
    const holdMin = this.tMin - toSimmerMin;
    const cookAtEndOfHoldMin = pot.cookMin;
    const liquidAtEndOfHoldC = pot.tempC;
    this.mark("offHeat");
    this.record("hold", true);
    if (this.problem === null) this.letDown();
    for (const move of this.comings.takeWaiting()) this.comings.carryOut(move, this.tMin);
    const releaseMin = this.tMin - toSimmerMin - holdMin;
    // What is poured in once it is off the heat boils over no more and is under no lid.
    const fullestShare = this.recorder.fullestL / capacityL(pot.vessel);
    for (const item of this.plan.items) {
      // What waits for a stretch that never comes goes in here too, and is told.
      const isDue = item.when.at === "offHeat" || item.when.at === "stretch";
      if (isDue && !this.comings.inMin.has(item.id)) this.comings.putIn(item, this.tMin);
      if (item.out?.isBack === true) this.comings.putBack(item, this.tMin);
    }
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
    const saltGL = endLiquidL > 0 ? pot.dissolved.saltG / endLiquidL : 0;
    const through = endLiquidL > 0 ? 1 / endLiquidL : 0;
    const alcohol = pot.alcoholLeft;
    // Shut for a while, it keeps what the table of open pots lets go.
    const isShut = isOn(this.plan, "slowCooker") || isOn(this.plan, "pressure");
    const sugarGL = endLiquidL > 0 ? pot.dissolved.sugarG / endLiquidL : 0;
    if (this.plan.end === "strained") strain(pot, this.plan, this.parameters, solidsOutKg);
    return {
      points: this.recorder.points,
      marks: this.recorder.marks,
      forks: this.forks,
      judged: this.judged,
      ledger: pot.ledger.totals,
      strained: {
        liquidKg: pot.liquidKg,
        volumeL: pot.coldL,
        gelatinGL,
        saltG: saltGL * pot.coldL,
        saltGL,
        fatKg: pot.fatKg,
        alcoholG: (isShut ? alcohol.mostG : alcohol.byTimeG) * through * pot.coldL,
        alcoholMostG: alcohol.mostG * through * pot.coldL,
        sugarG: sugarGL * pot.coldL,
      },
      comeUpMin,
      toSimmerMin,
      holdMin,
      stretches: this.done,
      totalMin: this.tMin,
      boilingC: this.boilingC,
      holdC: first.holdC,
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
      gateC: this.gateC,
      mainItemId: this.ruledBy ?? pot.main?.item.id ?? null,
      items: this.itemsNow(),
      atOff: this.atOff,
      fullestShare,
      leastLiquidL: Math.max(0, this.leastKg) / COLD_DENSITY_KG_L,
      releaseMin,
      holdW,
      ringW: first.powerW,
      problem: this.problem,
    };
  }

  /** What each ingredient has gone through up to now. */
  private itemsNow(): readonly ItemCourse[] {
    return this.pot.contents.map(({ item, heat, kg, beanBoil }) => ({
      itemId: item.id,
      inMin: this.comings.inMin.get(item.id) ?? 0,
      outMin: this.comings.outMin.get(item.id) ?? null,
      endKg: kg,
      cookMin: heat.cookMin,
      hottestCentreC: heat.hottestCentreC,
      from5To60Min: heat.passed60S === null ? null : (heat.passed60S - (heat.passed5S ?? 0)) / 60,
      boil: beanBoil?.course ?? null,
    }));
  }

  surfaceM2(dtS: number): number {
    return this.pace.surfaceM2(dtS);
  }

  steamKgS(fluxKgM2H: number, lid: number, dtS: number): number {
    const { pot } = this;
    const fat =
      this.plan.fat !== "skimHot" && pot.fatLayerM >= FAT_LAYER_FROM_M.value
        ? FAT_LAYER_FACTOR.value
        : 1;
    return (fluxKgM2H * this.surfaceM2(dtS) * fat * lid) / 3600;
  }

  steams(heat: Heat): number {
    const here = steamHere(this.kitchen, this.plan.vesselId, heat);
    return this.parameters.evaporation * exp(here?.mean ?? 0);
  }

  get ringReaches(): number {
    const here = ringHere(this.setPot);
    return this.parameters.efficiency * exp(here?.mean ?? 0);
  }

  steamW(steamKgS: number): number {
    return steamKgS * latentHeatKJKg(this.pot.tempC) * 1000;
  }

  lossW(): number {
    return this.pot.lossWK * (this.pot.tempC - this.kitchen.roomC);
  }

  contentsL(): number {
    return this.recorder.contentsL();
  }

  /** True while the heat is out, by what really happened. */
  get isCold(): boolean {
    return this.follows && this.course.isGap("heat", this.tMin);
  }

  get isOpen(): boolean {
    return this.follows && this.course.isGap("lid", this.tMin);
  }

  /** A turn is over as the next stretch begins. */
  get turned(): HeatTurn | null {
    const turn = this.follows ? this.course.turnAt(this.tMin) : null;
    return turn !== null && (this.isFirst || turn.tMin >= this.stretchFromMin - 1e-6) ? turn : null;
  }

  private get isFirst(): boolean {
    return this.stretch.id === FIRST_STRETCH;
  }

  get plannedStretchMin(): number {
    const { stop } = this.stretch;
    return this.plan.then.length > 0 && stop.by === "time" ? stop.holdMin : this.plannedHoldMin;
  }

  get seenC(): number | null {
    return this.follows ? this.course.seenAt(this.tMin) : null;
  }

  /** Minutes from now until it is known to have been turned down; null where nobody knows. */
  get untilTurnedDownMin(): number | null {
    const { turnedDownMin } = this.course.course;
    return turnedDownMin === null ? null : turnedDownMin - this.tMin;
  }

  comeUp(toC: number, powerW: number, lid: () => number): void {
    const { pot } = this;
    const seenMin = this.isFirst ? this.course.course.cameUpMin : null;
    const fromMin = this.tMin;
    while (seenMin === null ? pot.tempC < toC : this.tMin < seenMin - 1e-6) {
      const isCold = this.isCold;
      const fireW = isCold ? 0 : powerW;
      const netW = this.netW(fireW, pot.tempC, lid());
      const tooWeak = !isCold && seenMin === null && netW < 0.02 * powerW;
      if (tooWeak || this.tMin - fromMin > 24 * 60) {
        const { heat } = this.plan;
        this.problem = ringTooWeak(pot.tempC, toC, {
          isOnRing: heatOf(heat).usesRing(heat, pot.vessel),
          hasLid: hasLid(heat),
        });
        return;
      }
      const stepS = this.comings.outBeforeBoilS(this.stepS(), netW, this.boilingC);
      const leftS = seenMin === null ? pot.untilS(toC, netW) : (seenMin - this.tMin) * 60;
      const dtS = isCold ? stepS : Math.min(stepS, Math.max(this.pace.nearS / 100, leftS));
      if (seenMin === null || isCold) this.warm("comeUp", fireW, dtS, lid(), netW);
      else {
        // Where it was seen to come up, the fire is what it must have been.
        const needJ = (toC - pot.tempC) * pot.heatCapacityKJK * 1000;
        const fluxKgM2H = warmingFluxKgM2H(pot.tempC, this.airKPa);
        pot.warm(needJ / Math.max(1, leftS), dtS);
        this.pass("comeUp", dtS, this.steamKgS(fluxKgM2H, lid(), dtS));
      }
      this.comings.outBeforeBoil(this.tMin, this.boilingC);
      if (this.problem !== null) return;
    }
    pot.tempC = seenMin === null ? Math.min(pot.tempC, toC) : toC;
  }

  netW(fireW: number, tempC: number, lid: number): number {
    return this.netOfW(fireW, tempC, lid, warmingFluxKgM2H(tempC, this.airKPa));
  }

  private netOfW(fireW: number, tempC: number, lid: number, fluxKgM2H: number): number {
    const steamW = lid === 0 ? 0 : this.steamKgS(fluxKgM2H, lid, 0) * latentHeatKJKg(tempC) * 1000;
    return fireW - this.pot.lossWK * (tempC - this.kitchen.roomC) - steamW;
  }

  warm(
    phase: Phase,
    fireW: number,
    dtS: number,
    lid: number,
    netW = this.netW(fireW, this.pot.tempC, lid),
  ): void {
    // In two halves, as steam grows steeply toward the boil.
    const first = this.warmHalf(fireW, dtS / 2, lid, netW);
    const middleW = this.netW(fireW, this.pot.tempC, lid);
    const second = this.warmHalf(fireW, dtS / 2, lid, middleW);
    this.pass(phase, dtS, this.steamKgS((first + second) / 2, lid, dtS));
  }

  /** Warms from netW by what it is in the middle; what steams off there, kg/m²·h. */
  private warmHalf(fireW: number, dtS: number, lid: number, netW: number): number {
    const { pot } = this;
    const middleC = pot.warmedC(netW, dtS / 2);
    const fluxKgM2H = warmingFluxKgM2H(middleC, this.airKPa);
    pot.warm(this.netOfW(fireW, middleC, lid, fluxKgM2H), dtS);
    return fluxKgM2H;
  }

  /** What could not go in under pressure simmers open, each for its own time. */
  private simmerLateItems(fluxKgM2H: number): void {
    const late = this.comings.takeWaiting().toSorted((a, b) => openMin(b) - openMin(a));
    const simmerMin = openMin(late[0]);
    const fromMin = this.tMin;
    for (const move of late) {
      this.simmerUntil(fromMin + simmerMin - openMin(move), fluxKgM2H);
      this.comings.carryOut(move, this.tMin);
    }
    this.simmerUntil(fromMin + simmerMin, fluxKgM2H);
  }

  private simmerUntil(endMin: number, fluxKgM2H: number): void {
    while (this.tMin < endMin - 1e-9 && this.problem === null) {
      const { pot } = this;
      const simmerC = this.boilingC - 5;
      const netW = this.programme.powerW - this.lossW();
      const isBelow = pot.tempC < simmerC;
      const leftS = Math.min(
        (endMin - this.tMin) * 60,
        isBelow && netW > 0 ? Math.max(this.pace.nearS, pot.untilS(simmerC, netW)) : Infinity,
      );
      const dtS = Math.min(this.stepS(), leftS);
      if (isBelow) pot.warm(netW, dtS);
      pot.tempC = Math.min(pot.tempC, simmerC);
      this.pass("release", dtS, this.steamKgS(fluxKgM2H, 1, dtS));
    }
  }

  private goThroughStretches(): void {
    const stretches = stretchesOf(this.plan);
    this.untils.forEach((until, index) => {
      const stretch = stretches[index];
      if (stretch === undefined || this.problem !== null) return;
      if (index > 0) this.turnTo(stretch);
      this.stretchFromMin = this.tMin;
      this.begin();
      // The first counts down from what was in it cold.
      const fromKg = index === 0 ? this.startKg : this.pot.liquidKg;
      if (this.problem === null)
        this.hold(until, fromKg, this.course.course.stretchFromMin?.[index]);
      this.done.push({
        stretchId: stretch.id,
        fromMin: this.stretchFromMin,
        toMin: this.tMin,
        cookMin: this.pot.cookMin,
        endLiquidL: this.pot.coldL,
        holdC: this.programme.holdC,
      });
    });
  }

  /** From one stretch of the heat to the next: what is let down, set, put in and lifted out. */
  private turnTo(stretch: PlannedStretch): void {
    this.programme.letDown?.();
    this.stretch = stretch;
    this.stretchFromMin = this.tMin;
    this.recorder.marks.push({ kind: "turned", tMin: this.tMin, stretchId: stretch.id });
    this.record("hold", true);
    this.comings.beginStretch(stretch.id, this.tMin);
    this.programme = programmeOf(this, stretch.heat);
    this.programme.enter?.();
  }

  /** After the last stretch. */
  private letDown(): void {
    const { programme } = this;
    programme.letDown?.();
    if (programme.lateFluxKgM2H !== undefined) this.simmerLateItems(programme.lateFluxKgM2H);
  }

  /** Holds one stretch; where it is known when the next one began, until then. */
  private hold(until: Until, fromKg: number, nextFromMin: number | undefined): void {
    const { programme, clockFromMin } = this;
    const { stop } = this.stretch;
    const fromMin = this.tMin;
    const opened = programme.opened?.bind(programme);
    const isTimed = until.by === "time" || nextFromMin !== undefined;
    const downToKg = until.by === "level" && !isTimed ? wantedKg(stop, fromKg, this.plan) : -1;
    const endMin =
      nextFromMin !== undefined
        ? nextFromMin - (programme.letDownMin?.() ?? 0)
        : fromMin + (until.by === "time" ? until.holdMin : HOLD_MIN.most);
    const isThere = (beforeDepthM: number, stepS: number) =>
      !isTimed &&
      ((until.by === "level" && this.levelReached(stop, downToKg, beforeDepthM, stepS)) ||
        (until.by === "cook" && this.isCooked(until.cookMin)) ||
        (until.by === "temperature" && this.isAt(until.tempC)));
    if (isThere(this.pot.depthM, 0)) return;
    while (this.tMin < endMin - 1e-9 && this.problem === null) {
      const nextMin = programme.opensInHold
        ? this.comings.moveWhatIsDue(clockFromMin, this.tMin, opened)
        : Infinity;
      const beforeDepthM = this.pot.depthM;
      const longestS = Math.min(
        this.stepS(),
        (Math.min(endMin, nextMin) - this.tMin) * 60,
        Math.max(this.pace.nearS, this.untilMovedS()),
        isTimed ? Infinity : Math.max(this.pace.nearS / 10, this.untilEndS(until, stop)),
      );
      const stepS = programme.holdStep(longestS, downToKg);
      if (isThere(beforeDepthM, stepS)) break;
    }
    if (!isTimed && this.tMin >= endMin - 1e-9 && this.problem === null)
      this.problem = neverThere(until, stop);
  }

  /** Done by its core where it is fish; else hot through. */
  private get gateC(): number {
    return this.coreC ?? centreGateC(this.programme.holdC);
  }

  private isCooked(cookMin: number): boolean {
    const main = this.pot.main;
    if (main === null) return this.ruledBy === null;
    return main.heat.cookMin >= cookMin && main.heat.hottestCentreC >= this.gateC - 1e-6;
  }

  /** Off the heat, once the liquid is down to it; else once the middle of what leads is so hot. */
  private isAt(tempC: number): boolean {
    return isRest(this.stretch.heat) ? this.leadingC <= tempC : this.leadingC >= tempC;
  }

  private get leadingC(): number {
    const { pot } = this;
    return isRest(this.stretch.heat) ? pot.tempC : (pot.main?.heat.centreC ?? pot.tempC);
  }

  /** True once the stop's level is reached; a depth cuts the clock back to where it was passed. */
  private levelReached(stop: Stop, downToKg: number, beforeDepthM: number, dtS: number): boolean {
    const { pot } = this;
    if (stop.by !== "depth") return pot.liquidKg <= downToKg + 1e-9;
    if (pot.depthM > stop.depthM) return false;
    const over = (stop.depthM - pot.depthM) / Math.max(1e-12, beforeDepthM - pot.depthM);
    this.tMin -= Math.min(1, Math.max(0, over)) * (dtS / 60);
    return true;
  }

  private rest(): void {
    const { pot, kitchen } = this;
    const lossWK = outerAreaM2(pot.vessel) * REST_LOSS_W_M2_K;
    this.begin();
    let leftS = REST_MIN.value * 60;
    while (leftS > 1e-6) {
      const dtS = Math.min(this.stepS(), leftS);
      const lostW = lossWK * (pot.tempC - kitchen.roomC);
      pot.warm(-lossWK * (pot.warmedC(-lostW, dtS / 2) - kitchen.roomC), dtS);
      this.pass("rest", dtS, 0);
      leftS -= dtS;
    }
  }

  begin(): void {
    this.pace.begin();
  }

  /** How long the next step may be, s: no further than to where something changes by the course. */
  stepS(): number {
    const { pot, course, follows } = this;
    const nextMin = follows ? course.nextChangeMin(this.tMin) : Infinity;
    const changes = pot.changes + (follows ? course.changes : 0);
    return Math.min(
      this.pace.stepS(changes, this.wasCovered && !this.isBare),
      Math.max(1e-3, (nextMin - this.tMin) * 60),
    );
  }

  /** How soon at the earliest what waits for a cook value goes in or comes out, s: no piece cooks faster than its liquid is hot. */
  private untilMovedS(): number {
    const lackingMin = this.programme.opensInHold ? this.comings.lackingMin() : Infinity;
    return lackingMin === Infinity
      ? Infinity
      : (60 * lackingMin) / cookRate(this.pot.tempC, this.parameters.zC);
  }

  /** How soon a hold is at its end, as it goes now, s. */
  private untilEndS(until: Until, stop: Stop): number {
    const { pot, pace } = this;
    switch (until.by) {
      case "time":
        return Infinity;
      case "level":
        return stop.by === "depth" ? pace.untilEndS(pot.depthM, stop.depthM) : Infinity;
      case "cook":
        return pace.untilEndS(pot.main?.heat.cookMin ?? 0, until.cookMin);
      case "temperature":
        return pace.untilEndS(this.leadingC, until.tempC);
    }
  }

  /** Lets dtS pass with steamKgS leaving; keeps level, alarms and the record. */
  pass(phase: Phase, dtS: number, steamKgS: number): void {
    const { pot } = this;
    pot.pass(dtS, steamKgS);
    this.tMin += dtS / 60;
    if (this.follows) {
      this.followUpTo(phase);
      const { offMin } = this.course.course;
      if (this.atOff === null && offMin !== undefined && this.tMin >= offMin)
        this.atOff = this.itemsNow();
    }
    pot.findDepthM();
    this.pace.passed(dtS);
    if (pot.ranOverKg > 0) this.noteSpill();
    if (pot.liquidKg < this.leastKg) this.leastKg = pot.liquidKg;
    if (pot.liquidKg <= 1e-9 && this.problem === null) {
      this.mark("dry");
      this.problem = new Problem(
        "boiledDry",
        "liquid",
        this.tMin,
        `It boils dry after ${showDuration(this.tMin)}. Use more water, a lid, or a shorter time.`,
      );
    }
    if (this.wasCovered && !this.isBare && pot.depthM < pot.heapTopM + DRY_ALARM_M.value) {
      this.isBare = true;
      this.mark("bonesBare");
    }
    this.record(phase, false);
  }

  /** The first moment at which more than a spoonful has run over the rim. */
  private noteSpill(): void {
    if (this.hasRunOver || this.pot.ranOverKg < SPILL_KG) return;
    this.hasRunOver = true;
    this.mark("ranOver");
  }

  /** Does what really happened by now; the record has the moment before and after. */
  private followUpTo(phase: Phase): void {
    const happenings = this.course.take(this.tMin);
    if (happenings.length === 0) return;
    this.record(phase, true);
    for (const happening of happenings) this.follow(happening);
    this.pot.findDepthM();
    this.record(phase, true);
  }

  private follow(happening: Happening): void {
    switch (happening.does) {
      case "pour":
        return this.pot.addWater(happening.kg, happening.tempC);
      case "ladle":
        return this.pot.ladleOut(happening.kg);
      case "pourBack":
        return this.pot.pourBack(happening.kg, happening.tempC);
    }
    const item = this.plan.items.find((i) => i.id === happening.itemId);
    if (item === undefined) return;
    if (happening.does === "in") {
      if (!this.comings.inMin.has(item.id))
        this.comings.putIn({ ...item, massKg: happening.massKg }, this.tMin);
    } else if (happening.does === "out") this.comings.takeOut(item, this.tMin);
    else if (happening.does === "back") this.comings.putBack(item, this.tMin);
    else
      this.forks.push({
        itemId: item.id,
        tMin: this.tMin,
        cookMin: this.comings.cookOf(item.id),
      });
  }

  mark(kind: Mark["kind"]): void {
    this.recorder.marks.push({ kind, tMin: this.tMin });
  }

  private record(phase: Phase, always: boolean): void {
    this.recorder.record(phase, this.tMin, always);
  }
}
