import { plannedMin } from "./minutes";
import type { Block, OvenNeed, Task } from "./task";

/** Something a block needs for a while, from `off` minutes after its beginning. */
export type Need = { readonly off: number; readonly min: number } & (
  | { readonly kind: "hand"; readonly task: Task }
  | { readonly kind: "near" }
  | { readonly kind: "up" }
  /** It may be heard then. */
  | { readonly kind: "loud" }
  /** One of several things, each of which takes one pot at a time; from its first task to its last. */
  | {
      readonly kind: "one";
      readonly of: readonly string[];
      readonly first: Task;
      readonly last: Task;
    }
  | { readonly kind: "oven"; readonly oven: OvenNeed }
);

/** Every task of a block with when it begins, min after the block. */
export interface TimedTask {
  readonly task: Task;
  readonly off: number;
  readonly min: number;
  readonly isMeanwhile: boolean;
}

/** The tasks of a block in its order, by planned minutes or by those given. */
export function timedTasks(
  block: Block,
  minOf: (task: Task) => number = (t) => plannedMin(t.minutes),
): readonly TimedTask[] {
  let at = 0;
  const steps = block.steps.map((task): TimedTask => {
    const off = at;
    const min = minOf(task);
    at += min;
    return { task, off, min, isMeanwhile: false };
  });
  const beside = block.meanwhile
    .map(({ task, step, atMin }): TimedTask => {
      const of = steps[step];
      const min = minOf(task);
      const within = Math.min(atMin, Math.max(0, (of?.min ?? 0) - min));
      return { task, off: (of?.off ?? 0) + within, min, isMeanwhile: true };
    })
    .sort((a, b) => a.off - b.off);
  // One after the other: the same hands cannot skim and stir in at once.
  let free = 0;
  const inTurn = beside.map((t) => {
    const off = Math.max(t.off, free);
    free = off + t.min;
    return { ...t, off };
  });
  return [...steps, ...inTurn];
}

/** From its beginning to the end of its last step, min. */
export const lengthMin = (block: Block): number =>
  block.steps.reduce((sum, t) => sum + plannedMin(t.minutes), 0);

/** From its beginning until what it makes is ready, min. */
export const readyMin = (block: Block): number =>
  block.steps.slice(0, block.readyStep + 1).reduce((sum, t) => sum + plannedMin(t.minutes), 0);

const COLD_PLACE = "cold";
export const ringKey = (id: string): string => `ring ${id}`;
export const vesselKey = (id: string): string => `vessel ${id}`;
export const handKey = (id: string): string => `hand ${id}`;

/** All that a block needs of the kitchen; what needs the same thing on end needs it once. */
export function needsOf(block: Block): readonly Need[] {
  const tasks = timedTasks(block);
  const needs: Need[] = [];
  type One = { of: readonly string[]; off: number; min: number; first: Task; last: Task };
  const one = new Map<string, One>();
  for (const { task, off, min } of tasks) {
    if (task.attention === "hands") needs.push({ kind: "hand", task, off, min });
    if (task.attention === "near") needs.push({ kind: "near", off, min });
    if (task.attention === "eyes" || task.attention === "near")
      needs.push({ kind: "up", off, min });
    if (task.isLoud) needs.push({ kind: "loud", off, min });
    if (task.oven !== null) needs.push({ kind: "oven", oven: task.oven, off, min });
    const things = [
      ...(task.ringIds.length > 0 ? [task.ringIds.map(ringKey)] : []),
      ...task.vesselIds.map((id) => [vesselKey(id)]),
      ...(task.isCold ? [[COLD_PLACE]] : []),
    ];
    for (const of of things) {
      const key = of.join("|");
      const before = one.get(key);
      if (before !== undefined && before.off + before.min === off) {
        before.min += min;
        before.last = task;
      } else {
        if (before !== undefined) needs.push({ kind: "one", ...before });
        one.set(key, { of, off, min, first: task, last: task });
      }
    }
  }
  for (const need of one.values()) needs.push({ kind: "one", ...need });
  return needs;
}
