import { cookRate } from "../doneness/cook-value";
import { BallConduction, equalBallRadiusM, frozenDelayS, QUICK_TAU_S } from "../heat/piece";

/** Within this of its profile in evenly warming liquid a piece counts as settled into it, °C. */
const SETTLED_C = 0.05;
/** Widest spread from surface to centre at which the profile alone is followed, °C. */
const WIDEST_C = 3;
/** Variance of a parabolic profile in a ball over its spread squared: 12/175. */
const PARABOLA_VARIANCE = 12 / 175;

/** One size of piece in one pot, from the moment it goes in: thaws, warms, and gathers cook value. */
export class PieceHeat {
  private readonly ball: BallConduction | null;
  private readonly subStepS: number;
  private rateBefore = 0;
  private liquidBeforeC: number;
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

  constructor(
    readonly tauS: number,
    startC: number,
    private readonly zC: number,
    isFrozen = false,
  ) {
    this.ball = tauS < QUICK_TAU_S ? null : new BallConduction(tauS, startC);
    this.subStepS = tauS / 20;
    this.spreadS = (Math.PI ** 2 / 6) * tauS;
    this.liquidBeforeC = startC;
    this.meanC = startC;
    this.hottestMeanC = startC;
    this.hottestCentreC = startC;
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
    this.ageS += dtS;
    if (this.frozenShare > 0) {
      this.thaw(dtS, liquidC);
      return;
    }
    // Nothing moves any more: the rate stays what it was.
    if (this.isSteady && liquidC === this.liquidBeforeC) {
      this.cookMin += (this.rateBefore * dtS) / 60;
      return;
    }
    this.isSteady =
      liquidC === this.liquidBeforeC &&
      this.spreadC === 0 &&
      (this.isSettled || this.ball === null);
    if (this.ball === null) this.gather(dtS, liquidC, cookRate(liquidC, this.zC));
    else {
      const spreadC = (this.spreadS * (liquidC - this.liquidBeforeC)) / dtS;
      if (this.isSettled && Math.abs(spreadC - this.spreadC) < SETTLED_C) {
        this.spreadC = spreadC;
        this.followProfile(dtS, liquidC);
      } else this.conduct(this.ball, dtS, liquidC, spreadC);
    }
    this.liquidBeforeC = liquidC;
    this.passMarks();
  }

  private thaw(dtS: number, liquidC: number): void {
    this.frozenShare -= dtS / frozenDelayS(2 * equalBallRadiusM(this.tauS), liquidC);
    this.liquidBeforeC = this.frozenShare > 0 ? 0 : liquidC;
  }

  private passMarks(): void {
    const centreC = this.centreC;
    if (centreC > this.hottestCentreC) this.hottestCentreC = centreC;
    if (this.passed60S !== null) return;
    if (this.passed5S === null && centreC >= 5) this.passed5S = this.ageS;
    if (centreC >= 60) this.passed60S = this.ageS;
  }

  private conduct(ball: BallConduction, dtS: number, liquidC: number, spreadC: number): void {
    if (this.isSettled) ball.settleAt(this.liquidBeforeC, this.spreadC);
    const n = Math.max(1, Math.ceil(dtS / this.subStepS));
    const from = this.liquidBeforeC;
    for (let i = 1; i <= n; i++) ball.step(dtS / n, from + ((liquidC - from) * i) / n);
    this.gather(dtS, ball.meanC, ball.meanExp(Math.LN10 / this.zC, 100));
    this.isSettled =
      Math.abs(spreadC) < WIDEST_C &&
      Math.abs(spreadC - this.spreadC) < SETTLED_C &&
      Math.abs(ball.centreC - liquidC + spreadC) < SETTLED_C;
    this.spreadC = spreadC;
  }

  /**
   * In liquid that warms evenly a piece keeps a parabola: its centre lags by r·R²/6α, its mean by two
   * fifths of that. Good to the third order in spread/z.
   */
  private followProfile(dtS: number, liquidC: number): void {
    const meanC = liquidC - 0.4 * this.spreadC;
    const k = Math.LN10 / this.zC;
    const wider = 1 + (k * k * PARABOLA_VARIANCE * this.spreadC * this.spreadC) / 2;
    this.gather(dtS, meanC, cookRate(meanC, this.zC) * wider);
  }

  private gather(dtS: number, meanC: number, rate: number): void {
    this.cookMin += (((this.rateBefore + rate) / 2) * dtS) / 60;
    this.rateBefore = rate;
    this.meanC = meanC;
    if (meanC > this.hottestMeanC) this.hottestMeanC = meanC;
  }
}
