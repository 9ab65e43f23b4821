import type { Clockwork, Trouble } from "./clockwork";
import type { Broken } from "./check";
import type { Remedy } from "./remedies";
import { runSheet, type SheetRow } from "./run-sheet";
import { clockSentence, sayBroken, sayReached, sayWish, thingNames } from "./say-clock";
import type { Stretch } from "./stretch";
import type { Minute, WallClock } from "./wall-clock";

/** How one goal stands. Minutes; null where it is not known. */
export interface GoalAnswer {
  readonly id: string;
  readonly kind: "meal" | "pot";
  readonly name: string;
  readonly planIds: readonly string[];
  readonly wishedAt: Minute | null;
  /** How much later than wished; null where it has no place. */
  readonly lateMin: number | null;
  readonly inTime: number | null;
  readonly inHandMin: number;
  /** Nine times in ten by then. */
  readonly slow: Minute | null;
  readonly said: string;
}

/** The clock as plain data, so that it passes between threads and into files. */
export interface ClockAnswer {
  readonly now: Minute;
  readonly timeZone: string;
  readonly sentence: string;
  readonly rows: readonly SheetRow[];
  readonly goals: readonly GoalAnswer[];
  readonly hands: readonly {
    readonly id: string;
    readonly name: string;
    readonly asleep: readonly Stretch[];
    readonly away: readonly Stretch[];
  }[];
  /** Where it breaks: drawn all the same, each with what it says. */
  readonly broken: readonly (Broken & { readonly said: string })[];
  /** Plans that cannot be cooked as they stand, with why. */
  readonly problems: readonly { readonly planId: string; readonly message: string }[];
  /** Where each block stands: what a later filling keeps to. */
  readonly at: ReadonlyMap<string, Minute>;
  /** The one task that the day hangs on: a minute longer there is a minute later at the end. */
  readonly hangsOn: string | null;
}

export interface TroubleAnswer {
  readonly goalId: string;
  readonly goal: string;
  readonly lateMin: number | null;
  /** What cannot all be, in words. */
  readonly wishes: readonly string[];
  readonly kinds: readonly string[];
  readonly remedies: readonly Remedy[];
}

export function clockAnswer(work: Clockwork, wall: WallClock): ClockAnswer {
  const { schedule } = work;
  const rows = runSheet(work, wall);
  return {
    now: work.asked.now,
    timeZone: wall.timeZone,
    sentence: clockSentence(work, wall),
    rows,
    goals: schedule.day.goals.map((goal): GoalAnswer => {
      const chance = work.chance.goals.find((g) => g.goalId === goal.id);
      const isOut =
        schedule.impossible.some((g) => g.id === goal.id) ||
        work.clashes.some((c) => c.goal.id === goal.id);
      return {
        id: goal.id,
        kind: goal.kind,
        name: goal.name,
        planIds: goal.planIds,
        wishedAt: work.wishedAt.get(goal.id) ?? null,
        lateMin: isOut ? null : (schedule.lateMin.get(goal.id) ?? 0),
        inTime: chance?.inTime ?? null,
        inHandMin: work.inHandMin.get(goal.id) ?? 0,
        slow: chance?.slow ?? null,
        said: sayReached(work, goal, wall),
      };
    }),
    hands: schedule.day.hands.map(({ id, name, asleep, away }) => ({ id, name, asleep, away })),
    broken: work.broken.map((b) => ({ ...b, said: sayBroken(b, rows, wall) })),
    problems: [...schedule.day.problems].map(([planId, p]) => ({ planId, message: p.message })),
    at: new Map([...schedule.placed].map(([id, p]) => [id, p.at])),
    hangsOn: hangsOn(rows, work),
  };
}

/** The row whose slow end reaches furthest over its planned one, of what comes before the first goal. */
function hangsOn(rows: readonly SheetRow[], work: Clockwork): string | null {
  const dues = [...work.wishedAt.values()];
  if (dues.length === 0) return null;
  const wide = rows
    .filter((r) => r.planIds.length > 0 && r.to <= Math.max(...dues))
    .map((r) => ({ id: r.taskId, own: r.slowTo - r.to }))
    .sort((a, b) => b.own - a.own)[0];
  return wide === undefined || wide.own <= 0 ? null : wide.id;
}

export const troubleAnswers = (
  troubles: readonly Trouble[],
  work: Clockwork,
  wall: WallClock,
): readonly TroubleAnswer[] =>
  troubles.map((t) => ({
    goalId: t.goal.id,
    goal: t.goal.name,
    lateMin: t.lateMin,
    wishes: t.wishes.map((w) => sayWish(w, thingNames(work), wall)),
    kinds: t.wishes.map((w) => w.kind),
    remedies: t.remedies,
  }));
