import type { Day } from "./day";
import { fewestUp } from "./hours";
import { handKey, type Need } from "./needs";
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

/** What is taken of the kitchen so far. */
export class Board {
  private readonly taken = new Map<string, Stretch[]>();
  private readonly ovens = new Map<string, InOven[]>();
  private readonly near: Stretch[] = [];
  /** A hand's free stretches less what it does already. */
  private readonly freeOf = new Map<string, readonly Stretch[]>();

  private readonly doneMin = new Map<string, number>();

  /** @param turn which of two that would do is taken first: 0 the one with less to do, else by turns */
  constructor(
    private readonly day: Day,
    private readonly turn = 0,
  ) {
    for (const hand of day.hands) this.freeOf.set(hand.id, hand.free);
  }

  takenOf(key: string): readonly Stretch[] {
    return this.taken.get(key) ?? [];
  }

  take(key: string, from: Minute, to: Minute): void {
    const list = this.taken.get(key);
    if (list === undefined) this.taken.set(key, [{ from, to }]);
    else list.push({ from, to });
  }

  takeHand(id: string, from: Minute, to: Minute): void {
    this.take(handKey(id), from, to);
    this.freeOf.set(id, cut(this.freeOf.get(id) ?? [], from, to));
    this.doneMin.set(id, (this.doneMin.get(id) ?? 0) + to - from);
  }

  takeNear(from: Minute, to: Minute): void {
    this.near.push({ from, to });
  }

  takeOven(oven: OvenNeed, from: Minute, to: Minute): void {
    const list = this.ovens.get(oven.ovenId) ?? [];
    this.ovens.set(oven.ovenId, [...list, { oven, from, to }]);
  }

  /** The latest start up to `start` at which a need is met; null where it never is. */
  latest(need: Need, start: Minute): Minute | null {
    const { min } = need;
    switch (need.kind) {
      case "hand": {
        const all = this.day.hands.map((h) => latestIn(this.freeOf.get(h.id) ?? [], start, min));
        return greatest(all);
      }
      case "up":
        return latestIn(this.day.up, start, min);
      case "one":
        return greatest(need.of.map((key) => latestOff(this.inTheWay(key), start, min)));
      case "near":
        return this.back(start, this.near, min, (from) => this.isNearFree(from, min));
      case "oven":
        return this.back(start, this.ovens.get(need.oven.ovenId) ?? [], min, (from) =>
          this.isOvenFree(need.oven, from, min),
        );
    }
  }

  /** The earliest start from `start` on, in the same way. */
  earliest(need: Need, start: Minute): Minute | null {
    const { min } = need;
    switch (need.kind) {
      case "hand": {
        const all = this.day.hands.map((h) => earliestIn(this.freeOf.get(h.id) ?? [], start, min));
        return least(all);
      }
      case "up":
        return earliestIn(this.day.up, start, min);
      case "one":
        return least(need.of.map((key) => earliestOff(this.inTheWay(key), start, min)));
      case "near":
        return this.on(start, this.near, (from) => this.isNearFree(from, min));
      case "oven":
        return this.on(start, this.ovens.get(need.oven.ovenId) ?? [], (from) =>
          this.isOvenFree(need.oven, from, min),
        );
    }
  }

  /** Hands that are free for all of it; who has least to do first, so that work is shared. */
  freeHand(from: Minute, min: number): string | null {
    const free = this.day.hands.filter(
      (h) => latestIn(this.freeOf.get(h.id) ?? [], from, min) === from,
    );
    if (free.length < 2) return free[0]?.id ?? null;
    if (this.turn > 0) return free[this.turn % free.length]?.id ?? null;
    const doneMin = (id: string) => this.doneMin.get(id) ?? 0;
    return [...free].sort((a, b) => doneMin(a.id) - doneMin(b.id))[0]?.id ?? null;
  }

  /** Of several things the first that is free for all of it. */
  freeOne(keys: readonly string[], from: Minute, min: number): string | null {
    const free = keys.filter((key) => latestOff(this.inTheWay(key), from, min) === from);
    return free[free.length < 2 ? 0 : this.turn % free.length] ?? null;
  }

  /** What of a thing is taken, where there is only one. */
  inTheWay(key: string): readonly Stretch[] {
    return this.day.endless?.has(key) === true ? [] : this.takenOf(key);
  }

  private isNearFree(from: Minute, min: number): boolean {
    const to = from + min;
    const beside = this.near.filter((s) => s.from < to && s.to > from);
    if (beside.length < NEAR_EACH) return true;
    const most = mostAtOnce(beside, from, to);
    return most + 1 <= NEAR_EACH * fewestUp(this.day.hands, from, to);
  }

  isOvenFree(oven: OvenNeed, from: Minute, min: number): boolean {
    const to = from + min;
    const beside = (this.ovens.get(oven.ovenId) ?? []).filter((s) => s.from < to && s.to > from);
    if (beside.some((s) => Math.abs(s.oven.ovenC - oven.ovenC) > OVEN_WITHIN_C)) return false;
    const roomM2 = this.day.shelves.get(oven.ovenId) ?? 0;
    const edges = [from, ...beside.map((s) => Math.max(from, s.from))];
    const fullM2 = Math.max(
      ...edges.map((m) =>
        beside
          .filter((s) => s.from <= m && m < s.to)
          .reduce((sum, s) => sum + s.oven.areaM2, oven.areaM2),
      ),
    );
    return beside.length === 0 || fullM2 <= roomM2;
  }

  /** Steps back over what is in the way, one by one, until it is free. */
  private back(
    start: Minute,
    taken: readonly Stretch[],
    min: number,
    isFree: (from: Minute) => boolean,
  ): Minute | null {
    let at = start;
    for (let i = 0; i <= 2 * taken.length; i++) {
      if (isFree(at)) return at;
      const before = taken.flatMap((s) => [s.from - min, s.to - min]).filter((m) => m < at);
      if (before.length === 0) return null;
      at = Math.max(...before);
    }
    return null;
  }

  private on(
    start: Minute,
    taken: readonly Stretch[],
    isFree: (from: Minute) => boolean,
  ): Minute | null {
    let at = start;
    for (let i = 0; i <= 2 * taken.length; i++) {
      if (isFree(at)) return at;
      const after = taken.flatMap((s) => [s.from, s.to]).filter((m) => m > at);
      if (after.length === 0) return null;
      at = Math.min(...after);
    }
    return null;
  }
}

/** How many of these stretches lie over one another at the most, between two moments. */
function mostAtOnce(all: readonly Stretch[], from: Minute, to: Minute): number {
  const edges = [from, ...all.map((s) => s.from).filter((m) => m > from && m < to)];
  return Math.max(...edges.map((m) => all.filter((s) => s.from <= m && m < s.to).length));
}

const greatest = (all: readonly (Minute | null)[]): Minute | null => {
  const known = all.filter((m) => m !== null);
  return known.length === 0 ? null : Math.max(...known);
};
const least = (all: readonly (Minute | null)[]): Minute | null => {
  const known = all.filter((m) => m !== null);
  return known.length === 0 ? null : Math.min(...known);
};
