import type { SetPot } from "./set-pot";
import { heatOf } from "../heats/heat";
import { cookRate } from "../doneness/cook-value";
import { countsBack } from "./moves";
import { Run } from "./run";
import type { SimulateOptions } from "./options";
import type { Trace } from "./trace";
import { neverThere } from "./until";

/** The hold is found to this, min: docs/method.md, “From one heat to another”. */
const WITHIN_MIN = 0.5;
const MOST_ROUNDS = 12;

/**
 * What a minute more of the hold is worth, min at 100 °C: by what the pot is held at, never by the moment
 * after something cold went in.
 */
const rateOf = (trace: Trace): number => {
  let heldC = trace.liquidAtEndOfHoldC;
  for (const p of trace.points) if (p.phase === "hold" && p.liquidC > heldC) heldC = p.liquidC;
  return cookRate(heldC);
};

/** True where the cook value is met within a quarter of a minute of hold and the centre is hot. */
const isRight = (trace: Trace, cookMin: number): boolean =>
  centreIsHot(trace) && Math.abs(trace.cookMin - cookMin) <= (WITHIN_MIN / 2) * rateOf(trace);

/** How much too long it was held, min; negative where too short. */
export const overMin = (trace: Trace, cookMin: number): number =>
  (trace.cookMin - cookMin) / rateOf(trace);

/**
 * One pass that stops the hold by itself once the cook value is there and the centre is hot; what comes
 * after (release, rest) is not foreseen.
 */
export const untilCooked = (setPot: SetPot, options: SimulateOptions, cookMin: number): Trace =>
  new Run(setPot, options, [{ by: "cook", cookMin }], heatOf(setPot.plan.heat).guessMin).go();

/** True where the centre of what rules the dish came to its gate: min(85 °C, plateau − 3), fish its core. */
export function centreIsHot(trace: Trace): boolean {
  const main = trace.items.find((i) => i.itemId === trace.mainItemId);
  return (main?.hottestCentreC ?? 100) >= trace.gateC - 1e-6;
}

/**
 * The pot held just until what rules the dish has a cook value of cookMin, come-up, release and rest
 * counted, and its centre has come to min(85 °C, plateau − 3). Found within half a minute: a first run
 * stops by itself; then a secant on the cook value, or halving where the centre rules.
 * `nearMin` is a first guess. Where come-up and release alone exceed it the hold is 0.
 * @throws Problem as Run does; `trace.problem` is `notReachable` after two days
 */
export function holdForCook(
  setPot: SetPot,
  options: SimulateOptions,
  cookMin: number,
  nearMin?: number,
): Trace {
  const { plan } = setPot;
  const fixed = (holdMin: number) =>
    new Run(setPot, options, [{ by: "time", holdMin }], holdMin).go();
  let low = 0;
  let high = Infinity;
  let done: Trace | null = null;
  let guess = nearMin ?? 0;
  if (nearMin === undefined) {
    const first = untilCooked(setPot, options, cookMin);
    if (first.problem !== null) return first;
    // Where something counts back from the end, that run did not know it: good for a guess, not as a bound.
    if (!plan.items.some(countsBack)) [done, high] = [first, first.holdMin];
    guess = first.holdMin - (first.cookMin - cookMin) / rateOf(first);
  }
  for (let round = 0; round < MOST_ROUNDS && high - low > WITHIN_MIN; round++) {
    if (!(guess > low && guess < high) && Number.isFinite(high)) guess = (low + high) / 2;
    if (guess < WITHIN_MIN) guess = 0;
    const trace = fixed(guess);
    if (trace.problem !== null) return trace;
    if (isRight(trace, cookMin)) return trace;
    const over = trace.cookMin - cookMin;
    const hot = centreIsHot(trace);
    if (hot && over > 0) {
      [done, high] = [trace, guess];
      if (guess === 0) break;
      // The centre rules: right where a minute less would leave it too cool.
      if (round === 0 && nearMin !== undefined && !centreIsHot(fixed(guess - 1))) break;
    } else low = guess;
    const byCook = guess - over / rateOf(trace);
    // By the cook value it is as good as there and the middle is not hot: only much longer helps.
    const isCold = !hot && byCook - guess < LONGER_MIN / 10;
    if (!isCold) guess = byCook;
    else guess = Number.isFinite(high) ? (low + high) / 2 : guess + Math.max(LONGER_MIN, guess / 4);
  }
  if (done !== null) return done;
  if (nearMin !== undefined) return holdForCook(setPot, options, cookMin);
  return { ...fixed(low), problem: neverThere({ by: "cook", cookMin }, plan.stop) };
}

/** How much longer is tried where the centre is not hot yet and nothing was hot enough, min. */
const LONGER_MIN = 10;
