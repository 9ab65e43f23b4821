import { normalCdf, Z90 } from "../units/estimate";

/** What a fork says at a cook value: not yet, nearly, tender, too soft. */
export interface ForkCheck {
  readonly cookMin: number;
  readonly how: "notYet" | "nearly" | "tender" | "tooSoft";
}

/** How far this pot's target is from the usual one, as a factor. */
export interface TargetBelief {
  readonly low: number;
  readonly expected: number;
  readonly high: number;
}

/** Spread of targets before any check, log: model section 13. */
const PRIOR_SIGMA = 0.25;
/** Piece to piece and fork to fork, log: observation noise of model section 13. */
const NOISE = 0.12;
const GRID = 161;
const REACH = 1;

/**
 * Where tenderness really is in this pot, from checks: a grid over the log of the target, each check a
 * threshold seen with noise. "Nearly" says it stands between done and at its best; "too soft" that it
 * is past. Cook values in min at 100 °C.
 * @example believeTarget({ done: 75, ideal: 105, past: 190 }, []).expected // 1
 */
export function believeTarget(
  target: { done: number; ideal: number; past: number },
  checks: readonly ForkCheck[],
): TargetBelief {
  const weights: number[] = [];
  const steps: number[] = [];
  for (let i = 0; i < GRID; i++) {
    const x = -REACH + (2 * REACH * i) / (GRID - 1);
    let log = -0.5 * (x / PRIOR_SIGMA) ** 2;
    for (const { cookMin, how } of checks) {
      const isPast = (at: number) =>
        normalCdf((Math.log(Math.max(0.1, cookMin)) - Math.log(at) - x) / NOISE);
      const tender = Math.sqrt(target.done * target.ideal);
      const likely = {
        notYet: 1 - isPast(target.done),
        nearly: isPast(target.done) - isPast(target.ideal),
        tender: isPast(tender) - isPast(target.past),
        tooSoft: isPast(target.past),
      }[how];
      log += Math.log(Math.max(1e-9, likely));
    }
    steps.push(x);
    weights.push(Math.exp(log));
  }
  const total = weights.reduce((sum, w) => sum + w, 0);
  const quantile = (share: number) => {
    let sum = 0;
    for (const [i, w] of weights.entries()) {
      const before = sum;
      sum += w / total;
      if (sum < share) continue;
      const inStep = sum > before ? (share - before) / (sum - before) : 0.5;
      return Math.exp((steps[i] ?? 0) + (inStep - 0.5) * ((2 * REACH) / (GRID - 1)));
    }
    return Math.exp(REACH);
  };
  const middle = quantile(0.5);
  // Pot-to-pot noise stays, however often a fork goes in: model section 10.
  const widened = (edge: number) => Math.exp(Math.hypot(Math.log(edge / middle), Z90 * NOISE));
  return {
    low: middle / widened(quantile(0.1)),
    expected: middle,
    high: middle * widened(quantile(0.9)),
  };
}
