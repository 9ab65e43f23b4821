import { seeded } from "../units/random";
import type { Goal } from "./day";
import { drawnMin } from "./minutes";
import { handKey, needsOf, timedTasks, type Need, type TimedTask } from "./needs";
import type { Placed } from "./place";
import type { Schedule } from "./solve";
import type { Block, Task } from "./task";
import type { Minute } from "./wall-clock";

/** Draws where nothing else is said. */
export const DRAWS = 500;
const SEED = 17;
export const SURE = 0.9;

/** How surely a goal is reached in time. */
interface GoalChance {
  readonly goalId: string;
  /** Share of the draws in which it is ready by the wished time. */
  readonly inTime: number;
  /** Minutes that would have to be kept in hand for nine in ten, over what is kept already. */
  readonly lacksMin: number;
  /** Minutes kept in hand that it would do without. */
  readonly spareMin: number;
  /** When it is ready nine times in ten. */
  readonly slow: Minute;
}

export interface Chance {
  readonly goals: readonly GoalChance[];
  /** When each task is over nine times in ten. */
  readonly slowEnd: ReadonlyMap<string, Minute>;
}

/** One day as it went: when each block began, by the minutes that its tasks took. */
export interface Lived {
  readonly at: ReadonlyMap<string, Minute>;
  readonly tasks: ReadonlyMap<string, readonly TimedTask[]>;
}

/** A task of a block that has to wait until another's is over with the same thing. */
interface Wait {
  readonly task: Task;
  readonly of: number;
  readonly until: Task;
}
interface Place {
  readonly p: Placed;
  readonly after: readonly { readonly of: number; readonly step: number; readonly min: number }[];
  readonly waits: readonly Wait[];
}

/** The thing that was chosen for a need, and its tasks; null where it is nothing that one waits for. */
function useOf(p: Placed, need: Need, i: number) {
  if (need.kind === "one") {
    const thing = p.ones.get(i);
    return thing === undefined ? null : { thing, first: need.first, last: need.last };
  }
  // Whoever only looks after a pot in between comes when it is time; work of its own waits for the hands.
  if (need.kind !== "hand" || p.block.steps.some((s) => s.attention !== "hands")) return null;
  const hand = p.hands.get(need.task.id);
  return hand === undefined ? null : { thing: handKey(hand), first: need.task, last: need.task };
}

/** What a schedule fixes beside the minutes: the order of blocks, and on every thing. */
function orderOf(schedule: Schedule): readonly Place[] {
  const placed = [...schedule.placed.values()].sort((a, b) => a.at - b.at);
  const places = new Map(placed.map((p, i) => [p.block.id, i]));
  const uses = new Map<
    string,
    { of: number; first: Task; last: Task; from: Minute; to: Minute }[]
  >();
  placed.forEach((p, of) => {
    needsOf(p.block).forEach((need, i) => {
      const use = useOf(p, need, i);
      if (use === null) return;
      const from = p.at + need.off;
      const { thing, first, last } = use;
      uses.set(thing, [...(uses.get(thing) ?? []), { of, first, last, from, to: from + need.min }]);
    });
  });
  const waits = placed.map((): Wait[] => []);
  for (const list of uses.values()) {
    list.sort((a, b) => a.from - b.from);
    list.forEach((use, i) => {
      const before = list.slice(0, i).findLast((u) => u.to <= use.from && u.of !== use.of);
      if (before === undefined) return;
      waits[use.of]?.push({ task: use.first, of: before.of, until: before.last });
    });
  }
  return placed.map((p, i) => ({
    p,
    waits: waits[i] ?? [],
    after: p.block.after.flatMap((link) => {
      const of = places.get(link.blockId);
      if (of === undefined || of >= i) return [];
      const { readyStep = 0, steps = [] } = placed[of]?.block ?? {};
      const step = link.from === "ready" ? readyStep : steps.length - 1;
      return [{ of, step, min: link.leastMin }];
    }),
  }));
}

/** When each block began, and its tasks by the minutes that they took; in the schedule's order. */
interface Run {
  readonly at: readonly Minute[];
  readonly tasks: readonly (readonly TimedTask[])[];
}

/**
 * A day lived by the schedule with these minutes: everything in the planned order and not before its time;
 * what takes longer pushes what comes after it (right shift).
 */
function live(order: readonly Place[], minOf: (task: Task) => number): Run {
  const at: Minute[] = [];
  const tasks: (readonly TimedTask[])[] = [];
  for (const { p, after, waits } of order) {
    const mine = timedTasks(p.block, minOf);
    let from = p.at;
    for (const { of, step, min } of after) {
      const last = tasks[of]?.[step];
      from = Math.max(from, (at[of] ?? 0) + (last === undefined ? 0 : last.off + last.min) + min);
    }
    for (const { task, of, until } of waits) {
      const its = tasks[of]?.find((t) => t.task === until);
      const off = mine.find((t) => t.task === task)?.off ?? 0;
      if (its !== undefined) from = Math.max(from, (at[of] ?? 0) + its.off + its.min - off);
    }
    at.push(from);
    tasks.push(mine);
  }
  return { at, tasks };
}

/** Seeded draws of all minutes, lived through the schedule. */
export function chanceOf(
  schedule: Schedule,
  wishedAt: (goal: Goal) => Minute | null,
  draws = DRAWS,
): Chance {
  const random = seeded(SEED);
  const order = orderOf(schedule);
  const ends = new Map<string, Float64Array>();
  for (const { p } of order)
    for (const { task } of timedTasks(p.block)) ends.set(task.id, new Float64Array(draws));
  const goals = schedule.day.goals.flatMap((goal) => {
    const wished = wishedAt(goal);
    const of = order.findIndex(({ p }) => p.block.id === goal.blockId);
    return wished === null || of < 0
      ? []
      : [{ goal, wished, of, reached: new Float64Array(draws) }];
  });
  for (let draw = 0; draw < draws; draw++) {
    const run = live(order, (task) => drawnMin(task.minutes, random));
    run.tasks.forEach((tasks, i) => {
      const at = run.at[i] ?? 0;
      for (const t of tasks) {
        const all = ends.get(t.task.id);
        if (all !== undefined) all[draw] = at + t.off + t.min;
      }
    });
    for (const { of, reached } of goals)
      reached[draw] = (run.at[of] ?? 0) + readyOff(order[of]?.p.block, run.tasks[of]);
  }
  return {
    goals: goals.map(({ goal, wished, reached }): GoalChance => {
      const slow = quantile(reached, SURE);
      return {
        goalId: goal.id,
        inTime: reached.filter((m) => m <= wished).length / draws,
        lacksMin: Math.max(0, slow - wished),
        spareMin: Math.max(0, wished - slow),
        slow,
      };
    }),
    slowEnd: new Map([...ends].map(([id, all]) => [id, quantile(all, SURE)])),
  };
}

/** Minutes after a block began at which what it makes is ready. */
function readyOff(block: Block | undefined, tasks: readonly TimedTask[] | undefined): number {
  const last = tasks?.[block?.readyStep ?? 0];
  return last === undefined ? 0 : last.off + last.min;
}

/** When a goal was reached on a day as it went. */
export function readyIn(lived: Lived, schedule: Schedule, goal: Goal): Minute | null {
  const p = schedule.placed.get(goal.blockId);
  const at = lived.at.get(goal.blockId);
  return p === undefined || at === undefined
    ? null
    : at + readyOff(p.block, lived.tasks.get(goal.blockId));
}

/** A day of its own, drawn with this seed. */
export function drawnDay(schedule: Schedule, seed: number): Lived {
  const random = seeded(seed);
  const order = orderOf(schedule);
  const { at, tasks } = live(order, (task) => drawnMin(task.minutes, random));
  return {
    at: new Map(order.map(({ p }, i) => [p.block.id, at[i] ?? p.at])),
    tasks: new Map(order.map(({ p }, i) => [p.block.id, tasks[i] ?? []])),
  };
}

function quantile(all: Float64Array, share: number): number {
  const sorted = all.slice().sort();
  return sorted[Math.min(sorted.length - 1, Math.ceil(share * sorted.length) - 1)] ?? 0;
}
