import { exp, ln } from "../units/same-math";
import { kitchenEstimate } from "../units/constant";
import { gridAfter, saidAlone, type Grid } from "../units/evidence";
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

/** Spread of targets before any check. */
export const TARGET_SIGMA = kitchenEstimate(
  "spread of targets",
  0.25,
  "log",
  "usual times as cook values, ±25 %",
);
/** No log tells more of the next pot than this. */
export const FORK_NOISE = kitchenEstimate(
  "piece to piece and fork to fork",
  0.12,
  "log",
  "kitchen estimate",
);

/** Cook values of an end, min at 100 °C. */
interface Ends {
  readonly done: number;
  readonly ideal: number;
  readonly past: number;
}

/** Each check is a threshold seen with noise: "nearly" stands between done and at its best, "too soft" past it. */
function gridOf(target: Ends, checks: readonly ForkCheck[], sigmaLog: number): Grid {
  const tender = Math.sqrt(target.done * target.ideal);
  return gridAfter(sigmaLog, (x) =>
    checks.reduce((sum, { cookMin, how }) => {
      const isPast = (at: number) =>
        normalCdf((ln(Math.max(0.1, cookMin)) - ln(at) - x) / FORK_NOISE.value);
      const likely = {
        notYet: 1 - isPast(target.done),
        nearly: isPast(target.done) - isPast(target.ideal),
        tender: isPast(tender) - isPast(target.past),
        tooSoft: isPast(target.past),
      }[how];
      return sum + ln(Math.max(1e-9, likely));
    }, 0),
  );
}

/**
 * Where tenderness really is in this pot, from checks. Cook values in min at 100 °C.
 * @param sigmaLog how far such a pot may be off before any check, log
 * @example believeTarget({ done: 75, ideal: 105, past: 190 }, []).expected // 1
 */
export function believeTarget(
  target: Ends,
  checks: readonly ForkCheck[],
  sigmaLog = TARGET_SIGMA.value,
): TargetBelief {
  const { at, weights } = gridOf(target, checks, sigmaLog);
  const step = (at[1] ?? 0) - (at[0] ?? 0);
  const quantile = (share: number) => {
    let sum = 0;
    for (const [i, w] of weights.entries()) {
      const before = sum;
      sum += w;
      if (sum < share) continue;
      const inStep = sum > before ? (share - before) / (sum - before) : 0.5;
      return exp((at[i] ?? 0) + (inStep - 0.5) * step);
    }
    return exp(at.at(-1) ?? 0);
  };
  const middle = quantile(0.5);
  // Pot-to-pot noise stays, however often a fork goes in: docs/method.md, “The live pot”.
  const widened = (edge: number) => exp(Math.hypot(ln(edge / middle), Z90 * FORK_NOISE.value));
  return {
    low: middle / widened(quantile(0.1)),
    expected: middle,
    high: middle * widened(quantile(0.9)),
  };
}

/** What checks say by themselves, in the logarithm; null where they say next to nothing. */
export const forksSay = (
  target: Ends,
  checks: readonly ForkCheck[],
): { readonly mean: number; readonly sd: number } | null =>
  saidAlone(TARGET_SIGMA.value, gridOf(target, checks, TARGET_SIGMA.value));
