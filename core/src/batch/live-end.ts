import { HOLD_MIN } from "../units/limits";
import type { Cook } from "./fold";
import type { LiveModel } from "./live-model";
import type { Tender } from "./live-tender";
import type { Range } from "./range";

/** Less than this is not worth saying, min. */
const WORTH_SAYING_MIN = 2;

interface EndFacts {
  readonly model: LiveModel;
  readonly cook: Cook;
  readonly nowMin: number;
  /** How fast it steams: P10, mean and P90. */
  readonly rates: { readonly low: number; readonly mean: number; readonly high: number };
  readonly tender: Tender | null;
}

/**
 * When the stretch that the model ends in does, min from the first heat: by level, by tenderness, or by the
 * clock.
 */
export function endOf({ model, cook, nowMin, rates, tender }: EndFacts): Range {
  if (cook.offMs !== null) return exactly(model.modelMin(cook.offMs));
  const fromMin = model.stretchFromMin;
  if (model.targetKg() !== null) {
    const at = (rate: number) =>
      model.crossingMin(model.targetKg(rate) ?? 0, rate, fromMin) ?? nowMin + HOLD_MIN.most;
    return { low: at(rates.high), expected: at(rates.mean), high: at(rates.low) };
  }
  if (model.stop.by === "tender" && tender !== null) return notBefore(tender.atMin, fromMin);
  const clockMin = byClockMin(model);
  const saysMore = tender?.lastCheck?.how === "notYet" || tender?.lastCheck?.how === "nearly";
  if (tender !== null && saysMore && tender.atMin.expected > clockMin)
    return notBefore(tender.atMin, clockMin);
  return exactly(clockMin);
}

/** By the plan's clock; what was lost without heat is cooked again. */
function byClockMin(model: LiveModel): number {
  const { planned, stop, stretchFromMin } = model;
  const went = planned.stretches[model.index];
  // The plan's own simulation may never have come so far.
  const lastsMin =
    went === undefined ? (stop.by === "time" ? stop.holdMin : 0) : went.toMin - went.fromMin;
  const endMin = stretchFromMin + lastsMin;
  const lostMin = model.coldMin(stretchFromMin, endMin);
  if (lostMin === 0) return endMin;
  const wanted = went?.cookMin ?? 0;
  return wanted <= 0 ? endMin + lostMin : Math.max(endMin, model.cookedMin(wanted, 0));
}

const exactly = (min: number): Range => ({ low: min, expected: min, high: min });
const notBefore = (range: Range, min: number): Range => ({
  low: Math.max(min, range.low),
  expected: Math.max(min, range.expected),
  high: Math.max(min, range.high),
});

/** Only what was logged is named: no fork without a fork, no readings without one. */
export type MovedBy =
  | "cameUp"
  | "boiledLong"
  | "noHeat"
  | "level"
  | "levelAsKept"
  | "tenderness"
  | "asHeated"
  | "stretches";

/** How far the end has moved since the pot was lit, min, later positive, and what moved it. */
export interface Moved {
  readonly promisedMs: number;
  readonly laterMin: number;
  readonly because: readonly { readonly what: MovedBy; readonly min: number }[];
}

/** What moved the end, in the order it happened: each part is what is left once those before are said. */
export function movedOf(
  model: LiveModel,
  end: Range,
  cook: Pick<Cook, "readings" | "checks">,
): Moved {
  const { planned, long } = model;
  const promisedMin = planned.toSimmerMin + planned.holdMin;
  const cameUp = long.comeUpMin - planned.comeUpMin;
  const boiledLong = long.toSimmerMin - long.comeUpMin - (planned.toSimmerMin - planned.comeUpMin);
  const isOne = planned.stretches.length <= 1;
  const noHeat = isOne
    ? byClockMin(model) - long.toSimmerMin - planned.holdMin
    : model.coldMin(long.toSimmerMin, end.expected);
  const clockMin = promisedMin + cameUp + boiledLong + noHeat;
  const isByLevel = model.targetKg() !== null;
  const seen = isByLevel ? cook.readings.length > 0 : cook.checks.length > 0;
  const rest: MovedBy = !isOne
    ? "stretches"
    : isByLevel
      ? seen
        ? "level"
        : "levelAsKept"
      : seen
        ? "tenderness"
        : "asHeated";
  const because = [
    { what: "cameUp" as const, min: cameUp },
    { what: "boiledLong" as const, min: boiledLong },
    { what: "noHeat" as const, min: noHeat },
    { what: rest, min: end.expected - clockMin },
  ];
  return {
    promisedMs: model.msAt(promisedMin),
    laterMin: end.expected - promisedMin,
    because: because.filter((b) => Math.abs(b.min) >= WORTH_SAYING_MIN),
  };
}
