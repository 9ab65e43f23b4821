import type { Board } from "./board";
import type { Day } from "./day";
import { lengthMin, needsOf, readyMin, timedTasks, vesselKey, type Need } from "./needs";
import { earliestIn, latestIn, latestOff } from "./stretch";
import type { Block, Link, OvenNeed } from "./task";
import type { Minute } from "./wall-clock";

/** A block on the clock, with whose hands do what and what it stands on. */
export interface Placed {
  readonly block: Block;
  readonly at: Minute;
  /** Hands by task. */
  readonly hands: ReadonlyMap<string, string>;
  /** What was chosen where one of several would do, by the choice. */
  readonly ones: ReadonlyMap<string, string>;
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

/** The latest place up to `start` and not before `least` at which all that a block needs is there. */
export function latestPlace(
  board: Board,
  day: Day,
  known: Known,
  start: Minute,
  least: Minute,
): Minute | null {
  let at = start;
  for (let round = 0; round < MOST_ROUNDS; round++) {
    if (at < least) return null;
    let next = at;
    if (known.block.isOvernight) {
      const evening = latestIn(day.overnight(known.readyMin), at, 1);
      if (evening === null) return null;
      next = evening;
    }
    for (const need of known.needs) {
      const from = board.latest(need, next + need.off);
      if (from === null) return null;
      next = Math.min(next, from - need.off);
    }
    if (next === at) {
      if (placedAt(board, known, at) !== null) return at;
      next = at - 1;
    }
    at = next;
  }
  return null;
}

/** The earliest place from `start` on and not after `most`. */
export function earliestPlace(
  board: Board,
  day: Day,
  known: Known,
  start: Minute,
  most: Minute,
): Minute | null {
  let at = start;
  for (let round = 0; round < MOST_ROUNDS; round++) {
    if (at > most) return null;
    let next = at;
    if (known.block.isOvernight) {
      const evening = earliestIn(day.overnight(known.readyMin), at, 1);
      if (evening === null) return null;
      next = evening;
    }
    for (const need of known.needs) {
      const from = board.earliest(need, next + need.off);
      if (from === null) return null;
      next = Math.max(next, from - need.off);
    }
    if (next === at) {
      if (placedAt(board, known, at) !== null) return at;
      next = at + 1;
    }
    at = next;
  }
  return null;
}

/** Who and what does it at this moment; null where two things of the block itself want the same hands. */
export function placedAt(board: Board, known: Known, at: Minute): Placed | null {
  const hands = new Map<string, string>();
  const ones = new Map<string, string>();
  for (const need of known.needs) {
    const from = at + need.off;
    if (need.kind === "hand") {
      const hand = board.freeHand(from, need.min);
      if (hand === null) return null;
      hands.set(need.task.id, hand);
    } else if (need.kind === "one") {
      const one = board.freeOne(need.of, from, need.min);
      if (one === null) return null;
      ones.set(`${need.of.join("|")}@${need.off}`, one);
    }
  }
  return { block: known.block, at, hands, ones };
}

/** What stands there whatever it costs: each thing done by whoever is free, where anybody is. */
export function placedAnyhow(board: Board, known: Known, at: Minute): Placed {
  const hands = new Map<string, string>();
  const ones = new Map<string, string>();
  for (const need of known.needs) {
    const from = at + need.off;
    if (need.kind === "hand") {
      const hand = board.freeHand(from, need.min);
      if (hand !== null) hands.set(need.task.id, hand);
    } else if (need.kind === "one") {
      const one = board.freeOne(need.of, from, need.min) ?? need.of[0];
      if (one !== undefined) ones.set(`${need.of.join("|")}@${need.off}`, one);
    }
  }
  return { block: known.block, at, hands, ones };
}

/**
 * Puts a block on the board.
 * @param holdUntil until when its vessel stays in use after its end: what is in it waits there
 */
export function take(board: Board, known: Known, placed: Placed, holdUntil: Minute): void {
  const { at } = placed;
  for (const need of known.needs) {
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
        const one = placed.ones.get(`${need.of.join("|")}@${need.off}`);
        if (one !== undefined) board.take(one, from, to);
        break;
      }
      case "up":
        break;
    }
  }
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
