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
export interface GoalChance {
  readonly goalId: string;
  /** Share of the draws in which it is ready by the wished time. */
  readonly inTime: number;
  /** Minutes that would have to be kept in hand for nine in ten, over what is kept already. */
  readonly lacksMin: number;
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

/** A need of a block that has to wait for another's on the same thing. */
interface Wait {
  readonly need: number;
  readonly before: { readonly blockId: string; readonly need: number };
}

/** The thing that was chosen for a need; null where it is nothing that one waits for. */
function thingOf(p: Placed, need: Need, i: number): string | null {
  if (need.kind === "one") return p.ones.get(i) ?? null;
  // Whoever only looks after a pot in between comes when it is time; work of its own waits for the hands.
  if (need.kind !== "hand" || p.block.steps.some((s) => s.attention !== "hands")) return null;
  const hand = p.hands.get(need.task.id);
  return hand === undefined ? null : handKey(hand);
}

/** What a schedule fixes beside the minutes: the order of blocks, and on every thing. */
function orderOf(schedule: Schedule) {
  const placed = [...schedule.placed.values()].sort((a, b) => a.at - b.at);
  const uses = new Map<string, { p: Placed; need: number; from: Minute; to: Minute }[]>();
  for (const p of placed)
    needsOf(p.block).forEach((need, i) => {
      const thing = thingOf(p, need, i);
      if (thing === null) return;
      const from = p.at + need.off;
      uses.set(thing, [...(uses.get(thing) ?? []), { p, need: i, from, to: from + need.min }]);
    });
  const waitsOf = new Map<string, Wait[]>();
  for (const list of uses.values()) {
    list.sort((a, b) => a.from - b.from);
    list.forEach((use, i) => {
      const { id } = use.p.block;
      const last = list.slice(0, i).findLast((u) => u.to <= use.from && u.p.block.id !== id);
      if (last === undefined) return;
      const before = { blockId: last.p.block.id, need: last.need };
      waitsOf.set(id, [...(waitsOf.get(id) ?? []), { need: use.need, before }]);
    });
  }
  return { placed, waitsOf };
}

/**
 * A day lived by the schedule with these minutes: everything in the planned order and not before its time;
 * what takes longer pushes what comes after it (right shift).
 */
function live(order: ReturnType<typeof orderOf>, minOf: (task: Task) => number): Lived {
  const at = new Map<string, Minute>();
  const tasks = new Map<string, readonly TimedTask[]>();
  const needs = new Map<string, readonly Need[]>();
  const endOf = (block: Block, to: "end" | "ready"): number => {
    const last = to === "ready" ? block.readyStep : block.steps.length - 1;
    const t = (tasks.get(block.id) ?? [])[last];
    return t === undefined ? 0 : t.off + t.min;
  };
  const blocks = new Map(order.placed.map((p) => [p.block.id, p.block]));
  for (const p of order.placed) {
    const { block } = p;
    const drawn = new Map<string, number>();
    const once = (task: Task): number => {
      const min = drawn.get(task.id) ?? minOf(task);
      drawn.set(task.id, min);
      return min;
    };
    tasks.set(block.id, timedTasks(block, once));
    const mine = needsOf(block, once);
    needs.set(block.id, mine);
    let from = p.at;
    for (const link of block.after) {
      const before = at.get(link.blockId);
      const of = blocks.get(link.blockId);
      if (before !== undefined && of !== undefined)
        from = Math.max(from, before + endOf(of, link.from) + link.leastMin);
    }
    for (const wait of order.waitsOf.get(block.id) ?? []) {
      const before = at.get(wait.before.blockId);
      const its = needs.get(wait.before.blockId)?.[wait.before.need];
      if (before !== undefined && its !== undefined)
        from = Math.max(from, before + its.off + its.min - (mine[wait.need]?.off ?? 0));
    }
    at.set(block.id, from);
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
  const ends = new Map<string, number[]>();
  const reached = new Map<string, number[]>();
  for (let i = 0; i < draws; i++) {
    const lived = live(order, (task) => drawnMin(task.minutes, random));
    for (const p of order.placed)
      for (const t of lived.tasks.get(p.block.id) ?? []) {
        const list = ends.get(t.task.id) ?? [];
        list.push((lived.at.get(p.block.id) ?? p.at) + t.off + t.min);
        ends.set(t.task.id, list);
      }
    for (const goal of schedule.day.goals) {
      const ready = readyIn(lived, schedule, goal);
      if (ready === null) continue;
      const list = reached.get(goal.id) ?? [];
      list.push(ready);
      reached.set(goal.id, list);
    }
  }
  const goals = schedule.day.goals.flatMap((goal): GoalChance[] => {
    const all = reached.get(goal.id);
    const wished = wishedAt(goal);
    if (all === undefined || wished === null) return [];
    const slow = quantile(all, SURE);
    return [
      {
        goalId: goal.id,
        inTime: all.filter((m) => m <= wished).length / all.length,
        lacksMin: Math.max(0, slow - wished),
        slow,
      },
    ];
  });
  return {
    goals,
    slowEnd: new Map([...ends].map(([id, all]) => [id, quantile(all, SURE)])),
  };
}

/** When a goal was reached on a day as it went. */
export function readyIn(lived: Lived, schedule: Schedule, goal: Goal): Minute | null {
  const p = schedule.placed.get(goal.blockId);
  const at = lived.at.get(goal.blockId);
  if (p === undefined || at === undefined) return null;
  const last = lived.tasks.get(goal.blockId)?.[p.block.readyStep];
  return last === undefined ? null : at + last.off + last.min;
}

/** A day of its own, drawn with this seed. */
export function drawnDay(schedule: Schedule, seed: number): Lived {
  const random = seeded(seed);
  return live(orderOf(schedule), (task) => drawnMin(task.minutes, random));
}

function quantile(all: readonly number[], share: number): number {
  const sorted = [...all].sort((a, b) => a - b);
  return sorted[Math.min(sorted.length - 1, Math.ceil(share * sorted.length) - 1)] ?? 0;
}
