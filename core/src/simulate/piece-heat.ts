import { ln } from "../units/same-math";
import { square } from "../units/whole-power";
import { cookRate } from "../doneness/cook-value";
import { BallConduction, equalBallRadiusM, frozenDelayS, QUICK_TAU_S } from "../heat/piece";

/** Within this of its profile in evenly warming liquid a piece counts as settled into it, °C. */
const SETTLED_C = 0.05;
/** Widest spread from surface to centre at which the profile alone is followed, °C. */
const WIDEST_C = 3;
/** How far the mean of a parabolic profile in a ball lags, of its spread: two fifths. */
const MEAN_OF_SPREAD = 0.4;
/** Variance of a parabolic profile in a ball over its spread squared: 12/175. */
const PARABOLA_VARIANCE = 12 / 175;

/** While it thaws it counts as moving so far, °C, in so long, s: steps stay short. */
const THAW_STEP_S = 30;
const THAW_MOVES_C = 2;

/** Of a rate that goes with the exponential of an evenly moving temperature: the logarithmic mean of its ends. */
const meanRate = (from: number, to: number): number =>
  Math.abs(to - from) < 1e-3 * to ? (from + to) / 2 : (to - from) / ln(to / from);

/** Share of a step that is over since a mark was passed in it. */
const sinceShare = (markC: number, fromC: number, toC: number): number =>
  Math.min(1, Math.max(0, (toC - markC) / (toC - fromC)));

/** One size of piece in one pot, from the moment it goes in: thaws, warms, and gathers cook value. */
export class PieceHeat {
  private readonly ball: BallConduction | null;
  private readonly subStepS: number;
  private readonly settledC: number;
  private rateBefore: number;
  private liquidBeforeC: number;
  /** How far its mean moved in the last step, °C. */
  movedC = 0;
  private isSettled = false;
  private isSteady = false;
  /** From surface to centre in evenly warming liquid, °C, and per K/s of warming, s: R²/6α = π²τ/6. */
  private spreadC = 0;
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
    return this.isSettled ? this.liquidBeforeC - this.spreadC : this.ball.centreC;
  }

  /** Advances by dtS while the liquid goes evenly from where it was to liquidC. */
  step(dtS: number, liquidC: number): void {
    if (this.frozenShare > 0) {
      const leftS = this.thaw(dtS, liquidC);
      if (leftS > 0) this.step(leftS, liquidC);
      return;
    }
    this.ageS += dtS;
    // Nothing moves any more: the rate stays what it was.
    if (this.isSteady && liquidC === this.liquidBeforeC) {
      this.cookMin += (this.rateBefore * dtS) / 60;
      this.movedC = 0;
      return;
    }
    this.isSteady =
      liquidC === this.liquidBeforeC &&
      this.spreadC === 0 &&
      (this.isSettled || this.ball === null);
    if (this.ball === null) this.gather(dtS, liquidC, cookRate(liquidC, this.zC));
    else {
      const spreadC = (this.spreadS * (liquidC - this.liquidBeforeC)) / dtS;
      if (this.isSettled && Math.abs(spreadC - this.spreadC) < this.settledC) {
        this.spreadC = spreadC;
        this.followProfile(dtS, liquidC);
      } else this.conduct(this.ball, dtS, liquidC, spreadC);
    }
    this.liquidBeforeC = liquidC;
    this.passMarks(dtS);
  }

  /** Thaws for dtS; what of it is left once it is thawed, s. */
  private thaw(dtS: number, liquidC: number): number {
    const aroundC = Number.isNaN(this.aroundBeforeC) ? liquidC : (this.aroundBeforeC + liquidC) / 2;
    this.aroundBeforeC = liquidC;
    const wholeS = frozenDelayS(2 * equalBallRadiusM(this.tauS), aroundC);
    const leftS = Math.max(0, dtS - this.frozenShare * wholeS);
    this.frozenShare = leftS > 0 ? 0 : this.frozenShare - dtS / wholeS;
    this.ageS += dtS - leftS;
    this.liquidBeforeC = this.frozenShare > 0 ? 0 : liquidC;
    this.movedC = (dtS / THAW_STEP_S) * THAW_MOVES_C;
    return leftS;
  }

  private passMarks(dtS: number): void {
    const { centreC, centreBeforeC } = this;
    this.centreBeforeC = centreC;
    if (centreC > this.hottestCentreC) this.hottestCentreC = centreC;
    if (this.passed60S !== null) return;
    if (this.passed5S === null && centreC >= 5)
      this.passed5S = this.ageS - dtS * sinceShare(5, centreBeforeC, centreC);
    if (centreC >= 60) this.passed60S = this.ageS - dtS * sinceShare(60, centreBeforeC, centreC);
  }

  private conduct(ball: BallConduction, dtS: number, liquidC: number, spreadC: number): void {
    if (this.isSettled) ball.settleAt(this.liquidBeforeC, this.spreadC);
    const n = Math.max(1, Math.ceil(dtS / this.subStepS));
    const from = this.liquidBeforeC;
    for (let i = 1; i <= n; i++) ball.step(dtS / n, from + ((liquidC - from) * i) / n);
    this.gather(dtS, ball.meanC, ball.meanExp(Math.LN10 / this.zC, 100));
    this.isSettled =
      Math.abs(spreadC) < WIDEST_C &&
      Math.abs(spreadC - this.spreadC) < this.settledC &&
      Math.abs(ball.centreC - liquidC + spreadC) < this.settledC &&
      // The centre may pass there on its way: the mean is there only where the profile is.
      Math.abs(this.meanC - liquidC + MEAN_OF_SPREAD * spreadC) < this.settledC;
    this.spreadC = spreadC;
  }

  /**
   * In liquid that warms evenly a piece keeps a parabola: its centre lags by r·R²/6α, its mean by two
   * fifths of that. Good to the third order in spread/z.
   */
  private followProfile(dtS: number, liquidC: number): void {
    const meanC = liquidC - MEAN_OF_SPREAD * this.spreadC;
    const k = Math.LN10 / this.zC;
    const wider = 1 + (k * k * PARABOLA_VARIANCE * this.spreadC * this.spreadC) / 2;
    this.gather(dtS, meanC, cookRate(meanC, this.zC) * wider);
  }

  private gather(dtS: number, meanC: number, rate: number): void {
    this.cookMin += (meanRate(this.rateBefore, rate) * dtS) / 60;
    this.rateBefore = rate;
    this.movedC = Math.abs(meanC - this.meanC);
    this.meanC = meanC;
    if (meanC > this.hottestMeanC) this.hottestMeanC = meanC;
  }
}
