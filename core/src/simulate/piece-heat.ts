import { exp, ln } from "../units/same-math";
import { square } from "../units/whole-power";
import { cookRate } from "../doneness/cook-value";
import { BallConduction, equalBallRadiusM, frozenDelayS, QUICK_TAU_S } from "../heat/piece";
import { settledMeanC, settledMeanExp, settledMidwayC } from "../heat/settled-profile";

/** Within this of its profile in evenly warming liquid a piece counts as settled into it, °C. */
const SETTLED_C = 0.05;
/** How much of the slowest mode a change of the spread wakes: of 1 − r², the first of its series. */
const WAKES = 12 / square(Math.PI);
/** And of the faster ones, which are not followed. */
const WAKES_FASTER = 1 / 3;
/** In a step so short, of its time constant, what is left of it is as good as still. */
const SHORT = 1e-4;
/** What is left of the slowest mode is gone below this share of that. */
const GONE = 0.1;

/** It thaws in steps of its own, s; and those of the pot stay short meanwhile: as if it moved so fast, °C/s. */
const THAW_STEP_S = 20;
const THAW_MOVES_C_S = 0.06;
/** Its first step, of its longest. */
const FIRST_SHARE = 0.1;
/** Its cook value is gathered as often as its mean has moved so far within a step, °C. */
const GATHER_C = 2;
/** And as often as it has gone through so much of its time constant. */
const GATHER_SHARE = 0.5;

/** A bend beyond this is a jump: where the rate goes from there the step before does not say. */
const JUMP_BEND = 0.1;

/** Share of a step that is over since a mark was passed in it, half-way through which it is `bentC` over a straight rise. */
function sinceShare(markC: number, fromC: number, toC: number, bentC: number): number {
  const straight = (toC - markC) / (toC - fromC);
  const isBent = Math.abs(bentC) < (toC - fromC) / 12;
  const share = isBent
    ? straight + (4 * bentC * straight * (1 - straight)) / (toC - fromC)
    : straight;
  return Math.min(1, Math.max(0, share));
}

/** One size of piece in one pot, from the moment it goes in: thaws, warms, and gathers cook value. */
export class PieceHeat {
  private readonly ball: BallConduction | null;
  private readonly subStepS: number;
  private readonly settledC: number;
  private readonly gatherC: number;
  private readonly thawStepS: number;
  /** How long the next step of its shells may be, s. */
  private nextS: number;
  /** Of the cook value's rate, exp(k·(T − 100)), 1/K. */
  private readonly k: number;
  private rateBefore: number;
  /** How fast the logarithm of the rate grew in the last step, 1/s, and how long that was, s. */
  private grownBeforeS = NaN;
  private lastS = 0;
  private liquidBeforeC: number;
  /** How far its mean moved in the last step, °C. */
  movedC = 0;
  private isSettled = false;
  private isSteady = false;
  /** From surface to centre in evenly warming liquid, °C, and per K/s of warming, s: R²/6α = π²τ/6. */
  private spreadC = 0;
  /** What is left of the slowest mode, in the middle, °C. */
  private slowestC = 0;
  private readonly spreadS: number;
  /** Share still frozen, 1–0. */
  private frozenShare: number;
  meanC: number;
  hottestMeanC: number;
  hottestCentreC: number;
  /** Volume average of the cook value, min at 100 °C. */
  cookMin = 0;
  /** Seconds since it went in, and when the centre passed 5 and 60 °C. */
  private ageS = 0;
  passed5S: number | null = null;
  passed60S: number | null = null;
  private centreBeforeC: number;
  /** How fast the centre rose in the last step, K/s, and how long that was, s. */
  private centrePerS = NaN;
  private centreOverS = 0;
  /** The liquid around it while it thaws, at the end of the last step, °C. */
  private aroundBeforeC = NaN;

  constructor(
    readonly tauS: number,
    startC: number,
    private readonly zC: number,
    isFrozen: boolean,
    fineness: number,
  ) {
    this.ball = tauS < QUICK_TAU_S ? null : new BallConduction(tauS, startC);
    this.subStepS = tauS / 10 / fineness;
    this.settledC = SETTLED_C / fineness;
    this.nextS = this.subStepS * FIRST_SHARE;
    this.thawStepS = THAW_STEP_S / fineness;
    this.gatherC = GATHER_C / fineness;
    this.k = Math.LN10 / zC;
    this.rateBefore = cookRate(startC, zC);
    this.spreadS = (square(Math.PI) / 6) * tauS;
    this.liquidBeforeC = startC;
    this.meanC = startC;
    this.hottestMeanC = startC;
    this.hottestCentreC = startC;
    this.centreBeforeC = startC;
    this.frozenShare = isFrozen ? 1 : 0;
    if (startC >= 5) this.passed5S = 0;
  }

  get centreC(): number {
    if (this.frozenShare > 0) return 0;
    if (this.ball === null) return this.liquidBeforeC;
    return this.isSettled ? this.liquidBeforeC - this.spreadC + this.slowestC : this.ball.centreC;
  }

  /** Advances by dtS while the liquid goes evenly from where it was to liquidC. */
  step(dtS: number, liquidC: number): void {
    const beforeC = this.meanC;
    const leftS = this.frozenShare > 0 ? this.thaw(dtS, liquidC) : dtS;
    if (leftS > 0) this.warm(leftS, liquidC);
    const meltsC = leftS < dtS ? dtS * THAW_MOVES_C_S : 0;
    this.movedC = Math.max(meltsC, Math.abs(this.meanC - beforeC));
  }

  private warm(dtS: number, liquidC: number): void {
    this.ageS += dtS;
    // Nothing moves any more: the rate stays what it was.
    if (this.isSteady && liquidC === this.liquidBeforeC) {
      this.cookMin += (this.rateBefore * dtS) / 60;
      return;
    }
    this.isSteady =
      liquidC === this.liquidBeforeC &&
      this.spreadC === 0 &&
      this.slowestC === 0 &&
      (this.isSettled || this.ball === null);
    if (this.ball === null) {
      const rate = cookRate(liquidC, this.zC);
      this.gather(dtS, liquidC, rate, this.meanRate(dtS, this.rateBefore, rate));
    } else {
      const spreadC = (this.spreadS * (liquidC - this.liquidBeforeC)) / dtS;
      if (this.isSettled && this.isEven(dtS, spreadC)) this.followProfile(dtS, liquidC, spreadC);
      else this.conduct(this.ball, dtS, liquidC, spreadC);
    }
    this.liquidBeforeC = liquidC;
    this.passMarks(dtS);
  }

  /** Thaws for dtS; what of it is left once it is thawed, s. */
  private thaw(dtS: number, liquidC: number): number {
    const fromC = Number.isNaN(this.aroundBeforeC) ? liquidC : this.aroundBeforeC;
    this.aroundBeforeC = liquidC;
    const diameterM = 2 * equalBallRadiusM(this.tauS);
    const n = Math.ceil(dtS / this.thawStepS);
    for (let i = 1; i <= n; i++) {
      const aroundC = fromC + ((liquidC - fromC) * (i - 0.5)) / n;
      const wholeS = frozenDelayS(diameterM, aroundC);
      const overS = dtS / n - this.frozenShare * wholeS;
      if (overS > 0) {
        const leftS = overS + (dtS * (n - i)) / n;
        this.frozenShare = 0;
        this.ageS += dtS - leftS;
        this.liquidBeforeC = fromC + ((liquidC - fromC) * (dtS - leftS)) / dtS;
        return leftS;
      }
      this.frozenShare -= dtS / n / wholeS;
    }
    this.ageS += dtS;
    this.liquidBeforeC = 0;
    return 0;
  }

  private passMarks(dtS: number): void {
    const { centreC, centreBeforeC } = this;
    this.centreBeforeC = centreC;
    if (centreC > this.hottestCentreC) this.hottestCentreC = centreC;
    if (this.passed60S !== null) return;
    const perS = (centreC - centreBeforeC) / dtS;
    const bentC = (-dtS * dtS * (perS - this.centrePerS)) / (4 * (dtS + this.centreOverS));
    this.centrePerS = perS;
    this.centreOverS = dtS;
    if (this.passed5S === null && centreC >= 5)
      this.passed5S = this.ageS - dtS * sinceShare(5, centreBeforeC, centreC, bentC);
    if (centreC >= 60)
      this.passed60S = this.ageS - dtS * sinceShare(60, centreBeforeC, centreC, bentC);
  }

  private conduct(ball: BallConduction, dtS: number, liquidC: number, spreadC: number): void {
    if (this.isSettled) ball.settleAt(this.liquidBeforeC, this.spreadC, this.slowestC);
    const fromC = this.liquidBeforeC;
    const perS = (liquidC - fromC) / dtS;
    let doneS = 0;
    // Short ones first, where it has just gone in or thawed; then all alike.
    for (; this.nextS < this.subStepS && doneS < dtS; this.nextS *= 2) {
      const stepS = Math.min(this.nextS, dtS - doneS);
      doneS += stepS;
      ball.step(stepS, fromC + perS * doneS);
      this.gatherFrom(ball, stepS);
    }
    const restS = dtS - doneS;
    const n = Math.ceil(restS / this.subStepS);
    let sinceS = 0;
    for (let i = 1; i <= n; i++) {
      ball.step(restS / n, fromC + perS * (doneS + (restS * i) / n));
      sinceS += restS / n;
      const isShort = sinceS < this.tauS * GATHER_SHARE;
      if (i < n && isShort && Math.abs(ball.meanC - this.meanC) < this.gatherC) continue;
      this.gatherFrom(ball, sinceS);
      sinceS = 0;
    }
    const slowestC = ball.centreC - liquidC + spreadC;
    const profile = { surfaceC: liquidC, spreadC, slowestC };
    this.isSettled =
      this.isEven(dtS, spreadC) &&
      // The centre may pass there on its way: the rest is there only where all that is left is the slowest mode.
      Math.abs(this.meanC - settledMeanC(profile)) < this.settledC / 2 &&
      Math.abs(ball.midwayC - settledMidwayC(profile)) < this.settledC / 2;
    this.slowestC = this.isSettled ? slowestC : 0;
    this.spreadC = spreadC;
  }

  /** Whether the liquid warms as fast as in the step before, or so nearly that the profile keeps up. */
  private isEven(dtS: number, spreadC: number): boolean {
    const wakesC = WAKES_FASTER * Math.abs(spreadC - this.spreadC);
    return wakesC * Math.min(1, (2 * this.tauS) / dtS) < this.settledC;
  }

  private gatherFrom(ball: BallConduction, sinceS: number): void {
    const rate = ball.meanExp(this.k, 100);
    this.gather(sinceS, ball.meanC, rate, this.meanRate(sinceS, this.rateBefore, rate));
  }

  /**
   * In liquid that warms evenly a piece keeps a parabola, and what was before dies away in its slowest mode. What it
   * has over the surface's rate goes by how much of that is left, as a parabola of it: its mean over the step is exact.
   */
  private followProfile(dtS: number, liquidC: number, spreadC: number): void {
    const beforeC = this.slowestC + WAKES * (spreadC - this.spreadC);
    const x = dtS / this.tauS;
    const left = exp(-x);
    this.spreadC = spreadC;
    this.slowestC = Math.abs(beforeC) < GONE * this.settledC ? 0 : beforeC * left;
    const isStill = liquidC === this.liquidBeforeC;
    const atSurface = exp(this.k * (liquidC - 100));
    const surfaceBefore = isStill ? atSurface : exp(this.k * (this.liquidBeforeC - 100));
    const within = settledMeanExp(spreadC, this.slowestC, this.k);
    let mean = within;
    let together = 0;
    if (beforeC !== 0 && x > SHORT) {
      const middle = (1 + left) / 2;
      const half = (1 - left) / 2;
      const first = this.rateBefore / surfaceBefore;
      const second = settledMeanExp(spreadC, beforeC * middle, this.k);
      const bend = (first - 2 * second + within) / (2 * half * half);
      const meanLeft = (1 - left) / x;
      const meanSquare = (1 - left * left) / (2 * x);
      together = ((atSurface - surfaceBefore) * (within - first)) / 12;
      mean =
        second +
        ((first - within) / (2 * half)) * (meanLeft - middle) +
        bend * (meanSquare - 2 * middle * meanLeft + middle * middle);
    }
    const profile = { surfaceC: liquidC, spreadC, slowestC: this.slowestC };
    this.gather(
      dtS,
      settledMeanC(profile),
      atSurface * within,
      mean * this.meanRate(dtS, surfaceBefore, atSurface) + together,
    );
  }

  /** @param rate at the end of the step, @param meanRate over it */
  private gather(dtS: number, meanC: number, rate: number, meanRate: number): void {
    this.cookMin += (meanRate * dtS) / 60;
    this.rateBefore = rate;
    this.meanC = meanC;
    if (meanC > this.hottestMeanC) this.hottestMeanC = meanC;
  }

  /**
   * Mean of a rate over a step that goes from one to another. Its logarithm goes with the temperature: where that moves
   * evenly the logarithmic mean of both ends; less a twelfth of how far it bends, which the step before tells.
   */
  private meanRate(dtS: number, from: number, to: number): number {
    const isEven = Math.abs(to - from) < 1e-3 * to;
    const grown = isEven ? (2 * (to - from)) / (to + from) : ln(to / from);
    const grownS = grown / dtS;
    // Where it slows down it bends less and less: in the middle of this step by as much less as halfway to the last.
    const slowed = grownS / this.grownBeforeS;
    const fades = slowed > 0 && slowed < 1 ? Math.sqrt(slowed) : 1;
    const bend = (2 * fades * dtS * dtS * (grownS - this.grownBeforeS)) / (dtS + this.lastS);
    this.grownBeforeS = grownS;
    this.lastS = dtS;
    const mean = isEven ? (from + to) / 2 : (to - from) / grown;
    return Math.abs(bend) < JUMP_BEND ? mean * (1 - bend / 12) : mean;
  }
}
