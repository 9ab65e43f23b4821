import type { Network, Node } from "./network";
import type { Need } from "./needs";
import { cut, earliestIn, earliestOff, latestIn, latestOff, type Stretch } from "./stretch";
import type { OvenNeed } from "./task";
import type { Minute } from "./wall-clock";

/** Of what has to be looked after, one pair of hands has an eye on so many at once: one minute in three each. */
export const NEAR_EACH = 3;
/** Pots share an oven whose degrees differ by no more, °C. */
export const OVEN_WITHIN_C = 10;

interface InOven extends Stretch {
  readonly oven: OvenNeed;
}
interface InFridge extends Stretch {
  readonly volumeL: number;
}
const NOTHING: readonly Stretch[] = [];

/** What is taken of the kitchen so far. */
export class Board {
  private readonly taken: (Stretch[] | undefined)[];
  private readonly ovens: InOven[] = [];
  private readonly near: Stretch[] = [];
  private readonly fridge: InFridge[] = [];
  /** By hand: free stretches less what it does already, and how long that is. */
  private readonly freeOf: (readonly Stretch[])[];
  private readonly doneMin: number[];

  constructor(private readonly network: Network) {
    this.taken = new Array<Stretch[] | undefined>(network.thingCount);
    this.freeOf = network.day.hands.map((h) => h.free);
    this.doneMin = network.day.hands.map(() => 0);
  }

  take(thing: number, from: Minute, to: Minute): void {
    const list = this.taken[thing];
    if (list === undefined) this.taken[thing] = [{ from, to }];
    else list.push({ from, to });
  }

  takeHand(hand: number, from: Minute, to: Minute): void {
    this.freeOf[hand] = cut(this.freeOf[hand] ?? NOTHING, from, to);
    this.doneMin[hand] = (this.doneMin[hand] ?? 0) + to - from;
  }

  takeNear(from: Minute, to: Minute): void {
    this.near.push({ from, to });
  }

  takeFridge(volumeL: number, from: Minute, to: Minute): void {
    this.fridge.push({ volumeL, from, to });
  }

  isFridgeFree(volumeL: number, from: Minute, to: Minute): boolean {
    const { fridgeL } = this.network.day;
    if (fridgeL === null) return true;
    const beside = this.fridge.filter((s) => s.from < to && s.to > from);
    return [from, ...beside.map((s) => Math.max(from, s.from))].every(
      (m) =>
        beside.reduce((sum, s) => sum + (s.from <= m && m < s.to ? s.volumeL : 0), volumeL) <=
        fridgeL,
    );
  }

  takeOven(oven: OvenNeed, from: Minute, to: Minute): void {
    this.ovens.push({ oven, from, to });
  }

  /** The latest start up to `start` at which a need is met; null where it never is. */
  latest(node: Node, i: number, start: Minute): Minute | null {
    const need = node.known.needs[i] as Need;
    const { min } = need;
    switch (need.kind) {
      case "hand":
        return best(this.freeOf, (free) => latestIn(free, start, min), Math.max);
      case "up":
        return latestIn(this.network.day.up, start, min);
      case "loud":
        return latestIn(this.network.day.loud, start, min);
      case "one":
        return best(node.things[i] ?? [], (t) => latestOff(this.inTheWay(t), start, min), Math.max);
      case "near":
        return this.back(start, this.near, min, (from) => this.isNearFree(from, min));
      case "oven":
        return this.back(start, this.ovens, min, (from) => this.isOvenFree(need.oven, from, min));
    }
  }

  /** The earliest start from `start` on, in the same way. */
  earliest(node: Node, i: number, start: Minute): Minute | null {
    const need = node.known.needs[i] as Need;
    const { min } = need;
    switch (need.kind) {
      case "hand":
        return best(this.freeOf, (free) => earliestIn(free, start, min), Math.min);
      case "up":
        return earliestIn(this.network.day.up, start, min);
      case "loud":
        return earliestIn(this.network.day.loud, start, min);
      case "one":
        return best(
          node.things[i] ?? [],
          (t) => earliestOff(this.inTheWay(t), start, min),
          Math.min,
        );
      case "near":
        return this.on(start, this.near, (from) => this.isNearFree(from, min));
      case "oven":
        return this.on(start, this.ovens, (from) => this.isOvenFree(need.oven, from, min));
    }
  }

  /**
   * Hands that are free for all of it: who has least to do first, so that work is shared.
   * @param turn passes over so many of them
   */
  freeHand(from: Minute, min: number, turn: number): number | null {
    const free: number[] = [];
    this.freeOf.forEach((all, hand) => {
      if (latestIn(all, from, min) === from) free.push(hand);
    });
    if (free.length > 1) free.sort((a, b) => (this.doneMin[a] ?? 0) - (this.doneMin[b] ?? 0));
    return free[turn % Math.max(1, free.length)] ?? null;
  }

  /** Of several things the first that is free for all of it, so many passed over. */
  freeOne(things: readonly number[], from: Minute, min: number, turn: number): number | null {
    const free = things.filter((t) => latestOff(this.inTheWay(t), from, min) === from);
    return free[turn % Math.max(1, free.length)] ?? null;
  }

  /** What of a thing is taken, where there is only one. */
  inTheWay(thing: number): readonly Stretch[] {
    return this.network.isEndless[thing] === true ? NOTHING : (this.taken[thing] ?? NOTHING);
  }

  private isNearFree(from: Minute, min: number): boolean {
    const to = from + min;
    const beside = this.near.filter((s) => s.from < to && s.to > from);
    if (beside.length < NEAR_EACH) return true;
    const { upCounts } = this.network;
    const moments = [from];
    for (const s of beside) if (s.from > from) moments.push(s.from);
    for (const u of upCounts) if (u.from > from && u.from < to) moments.push(u.from);
    return moments.every((m) => {
      const others = beside.reduce((n, s) => n + (s.from <= m && m < s.to ? 1 : 0), 0);
      const up = upCounts.findLast((u) => u.from <= m)?.count ?? 0;
      return others < NEAR_EACH * Math.max(1, up);
    });
  }

  isOvenFree(oven: OvenNeed, from: Minute, min: number): boolean {
    const to = from + min;
    const beside = this.ovens.filter(
      (s) => s.oven.ovenId === oven.ovenId && s.from < to && s.to > from,
    );
    if (beside.length === 0) return true;
    if (beside.some((s) => Math.abs(s.oven.ovenC - oven.ovenC) > OVEN_WITHIN_C)) return false;
    const roomM2 = this.network.day.shelves.get(oven.ovenId) ?? 0;
    return [from, ...beside.map((s) => Math.max(from, s.from))].every(
      (m) =>
        beside.reduce(
          (sum, s) => sum + (s.from <= m && m < s.to ? s.oven.areaM2 : 0),
          oven.areaM2,
        ) <= roomM2,
    );
  }

  /** Steps back over what is in the way, one by one, until it is free. */
  private back(
    start: Minute,
    taken: readonly Stretch[],
    min: number,
    isFree: (from: Minute) => boolean,
  ): Minute | null {
    let at = start;
    while (!isFree(at)) {
      let before = -Infinity;
      for (const s of taken) {
        if (s.from - min < at) before = Math.max(before, s.from - min);
        if (s.to - min < at) before = Math.max(before, s.to - min);
      }
      if (before === -Infinity) return null;
      at = before;
    }
    return at;
  }

  private on(
    start: Minute,
    taken: readonly Stretch[],
    isFree: (from: Minute) => boolean,
  ): Minute | null {
    let at = start;
    while (!isFree(at)) {
      let after = Infinity;
      for (const s of taken) {
        if (s.from > at) after = Math.min(after, s.from);
        if (s.to > at) after = Math.min(after, s.to);
      }
      if (after === Infinity) return null;
      at = after;
    }
    return at;
  }
}

/** The best of what each comes to; null where none does. */
function best<T>(
  all: readonly T[],
  of: (one: T) => Minute | null,
  better: (a: Minute, b: Minute) => Minute,
): Minute | null {
  let found: Minute | null = null;
  for (const one of all) {
    const at = of(one);
    if (at !== null) found = found === null ? at : better(found, at);
  }
  return found;
}
