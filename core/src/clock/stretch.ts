import type { Minute } from "./wall-clock";

/** From a minute to another, the second left out. */
export interface Stretch {
  readonly from: Minute;
  readonly to: Minute;
}

/** In order, what touches made one. */
export function merged(all: readonly Stretch[]): readonly Stretch[] {
  const out: { from: Minute; to: Minute }[] = [];
  for (const s of [...all].sort((a, b) => a.from - b.from)) {
    if (s.to <= s.from) continue;
    const last = out.at(-1);
    if (last !== undefined && s.from <= last.to) last.to = Math.max(last.to, s.to);
    else out.push({ from: s.from, to: s.to });
  }
  return out;
}

/** What is left of some stretches without others. */
export function without(all: readonly Stretch[], taken: readonly Stretch[]): readonly Stretch[] {
  const out: Stretch[] = [];
  const cuts = merged(taken);
  for (const s of merged(all)) {
    let { from } = s;
    for (const cut of cuts) {
      if (cut.to <= from || cut.from >= s.to) continue;
      if (cut.from > from) out.push({ from, to: cut.from });
      from = cut.to;
    }
    if (from < s.to) out.push({ from, to: s.to });
  }
  return out;
}

/** Free stretches, in order, less one that lies wholly in one of them or in none. */
export function cut(free: readonly Stretch[], from: Minute, to: Minute): readonly Stretch[] {
  const i = free.findIndex((s) => s.from <= from && to <= s.to);
  const s = free[i];
  if (s === undefined) return without(free, [{ from, to }]);
  const left = s.from < from ? [{ from: s.from, to: from }] : [];
  const right = to < s.to ? [{ from: to, to: s.to }] : [];
  return [...free.slice(0, i), ...left, ...right, ...free.slice(i + 1)];
}

/** The latest start up to `start` from which so many minutes lie inside one of the free stretches; null where there is none. */
export function latestIn(free: readonly Stretch[], start: Minute, min: number): Minute | null {
  for (let i = free.length - 1; i >= 0; i--) {
    const s = free[i];
    if (s === undefined || s.from > start) continue;
    const at = Math.min(start, s.to - min);
    if (at >= s.from) return at;
  }
  return null;
}

/** The earliest start from `start` on, in the same way. */
export function earliestIn(free: readonly Stretch[], start: Minute, min: number): Minute | null {
  for (const s of free) {
    const at = Math.max(start, s.from);
    if (at + min <= s.to) return at;
  }
  return null;
}

const touches = (s: Stretch, from: Minute, to: Minute): boolean => s.from < to && s.to > from;

/** The latest start up to `start` at which so many minutes meet nothing that is taken. */
export function latestOff(taken: readonly Stretch[], start: Minute, min: number): Minute {
  let at = start;
  for (let again = true; again;) {
    again = false;
    for (const s of taken)
      if (touches(s, at, at + min)) {
        at = s.from - min;
        again = true;
      }
  }
  return at;
}

/** The earliest start from `start` on, in the same way. */
export function earliestOff(taken: readonly Stretch[], start: Minute, min: number): Minute {
  let at = start;
  for (let again = true; again;) {
    again = false;
    for (const s of taken)
      if (touches(s, at, at + min)) {
        at = s.to;
        again = true;
      }
  }
  return at;
}
