import { resolve } from "../simulate/set-pot";
import { RELEASE_WORDS } from "../heats/pressure";
import { onKnob } from "../heats/slow-cooker";
import { isSameKind, isSealed, isSlow } from "../heats/heat";
import type { Kitchen } from "../simulate/kitchen-schema";
import type { Plan } from "../simulate/plan-schema";
import { isByClock } from "../simulate/stretches";
import type { Trace } from "../simulate/trace";
import { outcomeOf, type Outcome } from "../units/problem";
import { workMinutes, workTasks } from "../schedule/work-tasks";
import { timeLine, workOf, type Stretch } from "../schedule/time-line";
import { convert, type Conversion } from "./convert";
import { crockRefusal, type CrockRefusal } from "./crock-safety";
import { drawRanges, type DrawnRange } from "./draws";
import { goalOf, type Goal } from "./goal";
import { cookedMinOf, rulingHeat, type Target } from "./like";
import { limitsOf, type Limit } from "./remedies";
import { sayRange, sayTime } from "./say-time";
import { secondOpinion, type SecondOpinion } from "./second-opinion";
import { stagingChanges, type Restaged } from "./staging";

/** One heat's column: the dish on it, expected. Ranges follow with `rangesFor`. */
export interface Column {
  readonly isWritten: boolean;
  readonly plan: Plan;
  readonly trace: Trace;
  readonly waterL: number;
  readonly loads: number;
  readonly heldBackL: number;
  readonly limits: readonly Limit[];
  readonly restaged: readonly Restaged[];
  /** Set where the dish must not be cooked so. */
  readonly refusal: CrockRefusal | null;
  readonly line: readonly Stretch[];
  readonly handsOnMin: number;
  readonly doorToDoorMin: number;
}

/** The dish as written, and each target's column or why it cannot be had. */
export interface Crossover {
  readonly kitchen: Kitchen;
  readonly goal: Goal;
  readonly columns: readonly { readonly target: Target; readonly outcome: Outcome<Column> }[];
}

/** The uncertain part of a column. */
export interface ColumnRange {
  readonly holdMin: DrawnRange;
  readonly waterL: DrawnRange;
  readonly endLiquidL: DrawnRange;
  /** "LOW 9–10½ h", "20–26 min". */
  readonly said: string;
  /** "and natural release: about 1 h 10 in all", or nothing. */
  readonly after: string;
  readonly opinion: SecondOpinion | null;
}

function columnOf(goal: Goal, c: Conversion, kitchen: Kitchen, isWritten: boolean): Column {
  const setPot = resolve(c.plan, kitchen);
  const line = timeLine(c.plan, c.trace, workMinutes(workTasks(setPot)));
  return {
    isWritten,
    plan: c.plan,
    trace: c.trace,
    waterL: c.waterL,
    loads: c.loads,
    heldBackL: c.heldBackL,
    limits: limitsOf(c, kitchen),
    restaged: isWritten ? [] : stagingChanges(goal, c.plan, c.trace),
    refusal: crockRefusal(setPot, c.trace, c.waterL),
    line,
    ...workOf(line),
  };
}

/** The written dish as a column: as it is, nothing solved. */
const writtenColumn = (goal: Goal, kitchen: Kitchen): Column =>
  columnOf(
    goal,
    {
      plan: goal.plan,
      trace: goal.trace,
      waterL: goal.waterL,
      loads: 1,
      heldBackL: 0,
      overL: 0,
      leastL: null,
    },
    kitchen,
    true,
  );

/**
 * One dish on several heats: the written one as it stands, the others with equal doneness and equal end.
 * @throws Problem where the dish as written does not work
 */
export function crossover(plan: Plan, targets: readonly Target[], kitchen: Kitchen): Crossover {
  const goal = goalOf(resolve(plan, kitchen));
  const written = rulingHeat(goal.plan, goal.trace);
  return {
    goal,
    kitchen,
    columns: targets.map((target) => ({
      target,
      outcome: outcomeOf(() =>
        isSameKind(target.heat, written)
          ? writtenColumn(goal, kitchen)
          : columnOf(goal, convert(goal, target, kitchen), kitchen, false),
      ),
    })),
  };
}

/** Draws for the ranges where nothing else is said: evenly spread they say more than twice as many at random. */
export const DRAWS = 250;

/** The ranges of every column that can be had, null where it cannot; seeded, so that they repeat. */
export function rangesFor(
  result: Crossover,
  options: { readonly draws: number; readonly seed: number },
): readonly (ColumnRange | null)[] {
  const { goal } = result;
  const isTimed = isByClock(goal.plan);
  const had = result.columns.flatMap(({ outcome }) =>
    outcome.ok ? [{ ...outcome.value, isFixed: isTimed && outcome.value.isWritten }] : [],
  );
  const ranges = drawRanges(goal, had, result.kitchen, options);
  let next = 0;
  return result.columns.map(({ outcome }) => {
    if (!outcome.ok) return null;
    const drawn = ranges[next++];
    if (drawn === undefined) return null;
    const column = outcome.value;
    const isFixed = column.isWritten && isTimed;
    const holdMin = isFixed
      ? { low: column.trace.holdMin, high: column.trace.holdMin }
      : drawn.holdMin;
    const plus = (base: number, change: DrawnRange): DrawnRange => ({
      low: Math.max(0, base + change.low),
      high: change.high === null ? null : Math.max(0, base + change.high),
    });
    return {
      holdMin,
      waterL: column.isWritten
        ? { low: column.waterL, high: column.waterL }
        : plus(column.waterL, drawn.waterChangeL),
      endLiquidL: plus(column.trace.endLiquidL, drawn.endChangeL),
      ...saidOf(column, holdMin),
      // The rule knows dishes of one heat.
      opinion: column.isWritten || goal.plan.then.length > 0 ? null : secondOpinion(goal, column),
    };
  });
}

/** The time as a cook says it: the range of what cooks it, and what comes after it. */
function saidOf({ plan, trace }: Column, holdMin: DrawnRange): Pick<ColumnRange, "said" | "after"> {
  const asItIsMin = trace.holdMin - cookedMinOf(plan, trace);
  const range = sayRange(
    holdMin.low - asItIsMin,
    holdMin.high === null ? null : holdMin.high - asItIsMin,
  );
  const heat = rulingHeat(plan, trace);
  const said = isSlow(heat) ? `${onKnob(heat)} ${range}` : range;
  if (plan.then.length > 0)
    return {
      said,
      after: `of cooking: ${sayTime(trace.toSimmerMin + trace.holdMin + trace.releaseMin)} on the heat in all`,
    };
  if (isSlow(heat)) return { said, after: "" };
  if (!isSealed(heat)) return { said: range, after: "" };
  const openMin = Math.max(
    0,
    ...plan.items.map((i) => (i.when.at === "beforeEnd" ? i.when.min : 0)),
  );
  const open = openMin > 0 ? `, then ${sayTime(openMin)} open` : "";
  const allMin = trace.toSimmerMin + trace.holdMin + trace.releaseMin;
  return {
    said: range,
    after: `and ${RELEASE_WORDS[heat.release]}${open}: about ${sayTime(allMin)} in all`,
  };
}
