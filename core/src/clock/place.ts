import type { Board } from "./board";
import type { Day } from "./day";
import { lengthMin, needsOf, readyMin, ringKey, timedTasks, vesselKey, type Need } from "./needs";
import { earliestIn, latestIn, latestOff } from "./stretch";
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

const MOST_ROUNDS = 400;

/**
 * The place nearest to `start` at which all that a block needs is there: the latest up to it, not before
 * `limit`, or the earliest from it on, not after `limit`.
 */
export function placeFor(
  board: Board,
  day: Day,
  known: Known,
  way: "latest" | "earliest",
  start: Minute,
  limit: Minute,
): Minute | null {
  const step = way === "latest" ? -1 : 1;
  const further = way === "latest" ? Math.min : Math.max;
  const evenings = known.block.isOvernight ? day.overnight(known.readyMin) : null;
  const evening = way === "latest" ? latestIn : earliestIn;
  let at = start;
  for (let round = 0; round < MOST_ROUNDS; round++) {
    if ((at - limit) * step > 0) return null;
    let next: Minute | null = evenings === null ? at : evening(evenings, at, 1);
    for (const need of known.needs) {
      if (next === null) return null;
      const from = board[way](need, next + need.off);
      next = from === null ? null : further(next, from - need.off);
    }
    if (next === null) return null;
    if (next === at && placedAt(board, known, at) !== null) return at;
    at = next === at ? at + step : next;
  }
  return null;
}

/**
 * Who and what does it at this moment; null where somebody or something is not free.
 * @param anyhow what stands there whatever it costs: each thing done by whoever is free, where anybody is
 */
function place(board: Board, known: Known, at: Minute, anyhow: boolean): Placed | null {
  const hands = new Map<string, string>();
  const ones = new Map<number, string>();
  for (const [i, need] of known.needs.entries()) {
    const from = at + need.off;
    if (need.kind === "hand") {
      const hand = board.freeHand(from, need.min);
      if (hand !== null) hands.set(need.task.id, hand);
      else if (!anyhow) return null;
    } else if (need.kind === "one") {
      const one = board.freeOne(need.of, from, need.min) ?? (anyhow ? need.of[0] : undefined);
      if (one !== undefined) ones.set(i, one);
      else if (!anyhow) return null;
    }
  }
  return { block: known.block, at, hands, ones };
}

export const placedAt = (board: Board, known: Known, at: Minute): Placed | null =>
  place(board, known, at, false);

/** What stands there whatever it costs. */
export const placedAnyhow = (board: Board, known: Known, at: Minute): Placed =>
  place(board, known, at, true) ?? { block: known.block, at, hands: new Map(), ones: new Map() };

/**
 * Puts a block on the board.
 * @param holdUntil until when its vessel stays in use after its end: what is in it waits there
 */
export function take(board: Board, known: Known, placed: Placed, holdUntil: Minute): void {
  const { at } = placed;
  known.needs.forEach((need, i) => {
    const from = at + need.off;
    const to = from + need.min;
    switch (need.kind) {
      case "hand": {
        const hand = placed.hands.get(need.task.id);
        if (hand !== undefined) board.takeHand(hand, from, to);
        break;
      }
      case "near":
        board.takeNear(from, to);
        break;
      case "oven":
        board.takeOven(need.oven, from, to);
        break;
      case "one": {
        const one = placed.ones.get(i);
        if (one !== undefined) board.take(one, from, to);
        break;
      }
      case "up":
        break;
    }
  });
  const end = at + known.lengthMin;
  if (holdUntil <= end) return;
  for (const id of keptVessels(known.block)) board.take(vesselKey(id), end, holdUntil);
  const oven = keptOven(known.block);
  if (oven !== null) board.takeOven(oven, end, holdUntil);
}

/** Vessels whose contents wait in them once a block is over. */
export const keptVessels = (block: Block): readonly string[] => block.steps.at(-1)?.vesselIds ?? [];

/** The oven in which it waits, turned low, where it was cooked in one. */
const keptOven = (block: Block): OvenNeed | null =>
  block.isServed ? (block.steps.findLast((s) => s.oven !== null)?.oven ?? null) : null;

/** Whether its vessel, and the oven it waits in, can stay in use until then. */
export const canHold = (board: Board, known: Known, at: Minute, until: Minute): boolean => {
  const end = at + known.lengthMin;
  const min = until - end;
  if (min <= 0) return true;
  const oven = keptOven(known.block);
  return (
    keptVessels(known.block).every(
      (id) => latestOff(board.inTheWay(vesselKey(id)), end, min) === end,
    ) &&
    (oven === null || board.isOvenFree(oven, end, min))
  );
};

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
