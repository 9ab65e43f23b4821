import { exp, sine } from "../units/same-math";
import { square } from "../units/whole-power";
import { BALL_POINTS } from "../heat/ball-points";
import { QUICK_TAU_S } from "../heat/piece";

const MODES = 5;
const POINTS = BALL_POINTS.length;
const VOLUME = Float64Array.from(BALL_POINTS, ({ share }) => share);
/** Shape of each mode at each point: 2·(−1)^(m+1)·sin(mπr)/(mπr). */
const SHAPES = Float64Array.from({ length: POINTS * MODES }, (_, k) => {
  const m = (k % MODES) + 1;
  const r = BALL_POINTS[Math.floor(k / MODES)]?.r ?? 0;
  return ((m % 2 === 1 ? 2 : -2) * sine(m * Math.PI * r)) / (m * Math.PI * r);
});
/** Share of each mode in the volume mean: 6/(m²π²). */
const MEANS = Array.from({ length: MODES }, (_, k) => 6 / square((k + 1) * Math.PI));

/**
 * A ball in liquid whose temperature moves in straight lines, by its five slowest modes, each of them
 * exact. Some ten times as fast as the shells of BallConduction, for the many draws of an uncertainty.
 */
export class LeanPiece {
  private readonly amounts = new Float64Array(MODES);
  private readonly tauMin: number;
  private readonly isQuick: boolean;
  liquidC: number;

  constructor(tauS: number, startC: number, liquidC: number) {
    this.tauMin = tauS / 60;
    this.isQuick = tauS < QUICK_TAU_S;
    this.liquidC = liquidC;
    this.amounts.fill(liquidC - startC);
  }

  /** The liquid goes evenly to liquidC within dtMin. */
  advance(dtMin: number, liquidC: number): void {
    const slope = dtMin > 0 ? (liquidC - this.liquidC) / dtMin : 0;
    const q = exp(-dtMin / this.tauMin);
    const qq = q * q;
    // exp(−m²·x) from q = exp(−x): each odd power adds to the square.
    let decay = q;
    let odd = q;
    for (let k = 0; k < MODES; k++) {
      const tau = this.tauMin / ((k + 1) * (k + 1));
      this.amounts[k] = (this.amounts[k] as number) * decay + slope * tau * (1 - decay);
      odd *= qq;
      decay *= odd;
    }
    this.liquidC = liquidC;
  }

  get meanC(): number {
    if (this.isQuick) return this.liquidC;
    let below = 0;
    for (let k = 0; k < MODES; k++) below += (MEANS[k] as number) * (this.amounts[k] as number);
    return this.liquidC - below;
  }

  get centreC(): number {
    if (this.isQuick) return this.liquidC;
    let below = 0;
    for (let k = 0; k < MODES; k++) below += (k % 2 === 0 ? 2 : -2) * (this.amounts[k] as number);
    return this.liquidC - below;
  }

  /** Volume mean of 10^((T − 100)/z). */
  meanRate(zC: number): number {
    const scale = Math.LN10 / zC;
    // Within 2 °C the mean stands for all shells: the error is under a thousandth.
    if (this.isQuick || Math.abs(this.amounts[0] as number) < 1)
      return exp(scale * (this.meanC - 100));
    let sum = 0;
    for (let i = 0; i < POINTS; i++) {
      let below = 0;
      for (let k = 0; k < MODES; k++)
        below += (SHAPES[i * MODES + k] as number) * (this.amounts[k] as number);
      sum += (VOLUME[i] as number) * exp(scale * (this.liquidC - below - 100));
    }
    return sum;
  }
}
