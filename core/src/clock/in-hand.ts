import { chanceOf, SURE, type Chance } from "./chance";
import type { Goal } from "./day";
import type { Schedule } from "./solve";
import type { Minute } from "./wall-clock";

/** Minutes kept in hand, by goal. */
export type InHandMin = ReadonlyMap<string, number>;

export interface InHand {
  readonly schedule: Schedule;
  readonly chance: Chance;
  readonly inHandMin: InHandMin;
}

/** So many rounds of keeping more or less in hand; then what is had is said. */
const ROUNDS = 4;
const STEP_MIN = 5;
/** So much more than is needed stays in hand: to take it off would only move everything. */
const SPARE_MIN = 10;
/** More is not kept in hand: what is that unsure is said instead, min. */
const MOST_MIN = 120;

/**
 * Keeps so much in hand, by steps of five minutes, that each goal is reached nine times in ten where there is
 * room for it: what would make a goal late, or leave it without a place, is not in hand.
 * @param fill fills the clock with so much in hand
 * @param base the clock with nothing in hand
 * @param from what is tried first
 */
export function withInHand({
  fill,
  wished,
  draws,
  base,
  from,
}: {
  readonly fill: (inHandMin: InHandMin) => Schedule;
  readonly wished: (goal: Goal) => Minute | null;
  readonly draws: number;
  readonly base: Schedule;
  readonly from: InHandMin;
}): InHand {
  const isWorse = (a: Schedule, b: Schedule) =>
    a.lateMin.size > b.lateMin.size || a.impossible.length > b.impossible.length;
  const drawn = (inHandMin: InHandMin): InHand => {
    const schedule = fill(inHandMin);
    return { schedule, inHandMin, chance: chanceOf(schedule, wished, draws) };
  };
  let had = drawn(from);
  if (from.size > 0 && isWorse(had.schedule, base)) had = drawn(new Map());
  for (let round = 0; round < ROUNDS; round++) {
    const other = changed(had);
    if (other === null) break;
    const next = drawn(other);
    if (isWorse(next.schedule, had.schedule)) break;
    had = next;
  }
  return had;
}

/** What is lacking, or is more than it need be, made up for; null where all is well. */
function changed({ schedule, chance, inHandMin }: InHand): InHandMin | null {
  const other = new Map(inHandMin);
  for (const { goalId, inTime, lacksMin, spareMin } of chance.goals) {
    const min = inHandMin.get(goalId) ?? 0;
    const isLate = schedule.lateMin.has(goalId);
    if (inTime < SURE && lacksMin > 0 && !isLate)
      other.set(goalId, Math.min(MOST_MIN, min + Math.ceil(lacksMin / STEP_MIN) * STEP_MIN));
    else if (min > 0 && spareMin >= SPARE_MIN)
      other.set(goalId, Math.max(0, min - Math.floor(spareMin / STEP_MIN - 1) * STEP_MIN));
  }
  return [...other].some(([id, min]) => min !== (inHandMin.get(id) ?? 0)) ? other : null;
}
