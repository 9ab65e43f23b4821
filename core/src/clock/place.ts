import { lengthMin, needsOf, readyMin, ringKey, timedTasks, vesselKey, type Need } from "./needs";
import type { Block, Link, OvenNeed, Task } from "./task";
import type { Minute } from "./wall-clock";

/** A block on the clock, with whose hands do what and what it stands on. */
export interface Placed {
  readonly block: Block;
  readonly at: Minute;
  /** Hands by task. */
  readonly hands: ReadonlyMap<string, string>;
  /** The thing that was chosen for each need of one, by the need's place. */
  readonly ones: ReadonlyMap<number, string>;
}

/** What a block is, worked out once. */
export interface Known {
  readonly block: Block;
  readonly needs: readonly Need[];
  readonly lengthMin: number;
  readonly readyMin: number;
}
export const knownOf = (block: Block): Known => ({
  block,
  needs: needsOf(block),
  lengthMin: lengthMin(block),
  readyMin: readyMin(block),
});

/** Minutes after its beginning from which a link counts. */
export const linkMin = (known: Known, link: Link): number =>
  link.from === "ready" ? known.readyMin : known.lengthMin;

/** What has to lie between, with what is kept in hand, min. */
export const gapMin = (link: Link): number => link.leastMin + (link.inHandMin ?? 0);

/** Vessels whose contents wait in them once a block is over, as things. */
export const keptThings = (block: Block): readonly string[] =>
  (block.steps.at(-1)?.vesselIds ?? []).map(vesselKey);

/** The oven in which it waits, turned low, where it was cooked in one. */
export const keptOven = (block: Block): OvenNeed | null =>
  block.isServed ? (block.steps.findLast((s) => s.oven !== null)?.oven ?? null) : null;

/** The tasks of a placed block with their moments. */
export const tasksAt = ({ block, at }: Placed) =>
  timedTasks(block).map((t) => ({ ...t, from: at + t.off, to: at + t.off + t.min }));

/** The ring on which a task of a placed block stands; null where it needs none. */
export function ringOf(p: Placed, task: Task, off: number): string | null {
  if (task.ringIds.length === 0) return null;
  const keys = task.ringIds.map(ringKey);
  const i = needsOf(p.block).findIndex(
    (need) =>
      need.kind === "one" &&
      need.of.length === keys.length &&
      need.of.every((key, n) => key === keys[n]) &&
      need.off <= off &&
      off < need.off + need.min,
  );
  const one = p.ones.get(i);
  return task.ringIds.find((id) => ringKey(id) === one) ?? null;
}
