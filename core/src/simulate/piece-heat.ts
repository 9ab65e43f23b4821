import { cookRate } from "../doneness/cook-value";
import { BallConduction, pieceTauS, QUICK_TAU_S } from "../heat/piece";

/** Within this of the liquid a piece counts as at the liquid's temperature, °C. */
const SETTLED_C = 0.05;

/** One size of piece in one pot, from the moment it goes in: warms, and gathers cook value. */
export class PieceHeat {
  private readonly ball: BallConduction | null;
  private readonly subStepS: number;
  private rateBefore = 0;
  private liquidBeforeC: number;
  private isSettled = false;
  meanC: number;
  hottestMeanC: number;
  /** Volume average of the cook value, min at 100 °C. */
  cookMin = 0;

  constructor(
    pieceM: number,
    startC: number,
    private readonly zC: number,
  ) {
    const tauS = pieceTauS({ kind: "ball", diameterM: pieceM });
    this.ball = tauS < QUICK_TAU_S ? null : new BallConduction(tauS, startC);
    this.subStepS = tauS / 20;
    this.liquidBeforeC = startC;
    this.meanC = startC;
    this.hottestMeanC = startC;
  }

  /** Advances by dtS while the liquid goes evenly from where it was to liquidC. */
  step(dtS: number, liquidC: number): void {
    if (this.ball === null) this.gather(dtS, liquidC, this.rateOf(liquidC));
    else if (this.isSettled && Math.abs(liquidC - this.liquidBeforeC) < SETTLED_C / 10) {
      this.gather(dtS, liquidC, this.rateBefore);
    } else this.conduct(this.ball, dtS, liquidC);
    this.liquidBeforeC = liquidC;
  }

  private conduct(ball: BallConduction, dtS: number, liquidC: number): void {
    if (this.isSettled) ball.settleAt(this.liquidBeforeC);
    const n = Math.max(1, Math.ceil(dtS / this.subStepS));
    const from = this.liquidBeforeC;
    for (let i = 1; i <= n; i++) ball.step(dtS / n, from + ((liquidC - from) * i) / n);
    this.gather(dtS, ball.meanC, ball.meanExp(Math.LN10 / this.zC, 100));
    this.isSettled = ball.settled(liquidC, SETTLED_C) && Math.abs(liquidC - from) < SETTLED_C;
    if (this.isSettled) this.rateBefore = this.rateOf(liquidC);
  }

  private gather(dtS: number, meanC: number, rate: number): void {
    this.cookMin += (((this.rateBefore + rate) / 2) * dtS) / 60;
    this.rateBefore = rate;
    this.meanC = meanC;
    if (meanC > this.hottestMeanC) this.hottestMeanC = meanC;
  }

  private rateOf(tempC: number): number {
    return cookRate(tempC, this.zC);
  }
}
