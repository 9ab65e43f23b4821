import { Board } from "./board";
import type { Day, Goal } from "./day";
import {
  canHold,
  gapMin,
  keptVessels,
  knownOf,
  linkMin,
  placedAnyhow,
  placedAt,
  placeFor,
  take,
  type Known,
  type Placed,
} from "./place";
import type { Block, Link } from "./task";
import type { Minute } from "./wall-clock";

/** A link seen from the block it starts from. */
interface Onward {
  readonly to: string;
  readonly link: Link;
}

/** The blocks of a day with what comes after what, worked out once. */
export interface Network {
  readonly day: Day;
  readonly known: ReadonlyMap<string, Known>;
  readonly onward: ReadonlyMap<string, readonly Onward[]>;
  /** Goals by the blocks that serve them. */
  readonly goalsOf: ReadonlyMap<string, readonly Goal[]>;
  /** The latest start of each block if nothing else were on the clock. */
  readonly slackest: ReadonlyMap<string, Minute>;
}

export function networkOf(day: Day): Network {
  const known = new Map(day.blocks.map((b) => [b.id, knownOf(b)]));
  const onward = new Map<string, Onward[]>();
  for (const block of day.blocks)
    for (const link of block.after) {
      const list = onward.get(link.blockId) ?? [];
      onward.set(link.blockId, [...list, { to: block.id, link }]);
    }
  const goalsOf = new Map<string, Goal[]>();
  for (const goal of day.goals) {
    const seen = new Set<string>();
    const walk = (id: string): void => {
      if (seen.has(id)) return;
      seen.add(id);
      goalsOf.set(id, [...(goalsOf.get(id) ?? []), goal]);
      for (const link of known.get(id)?.block.after ?? []) walk(link.blockId);
    };
    walk(goal.blockId);
  }
  const slackest = new Map<string, Minute>();
  const slackOf = (id: string): Minute => {
    const found = slackest.get(id);
    if (found !== undefined) return found;
    const k = known.get(id);
    if (k === undefined) return day.until;
    const start = Math.min(
      ...(onward.get(id) ?? []).map((o) => slackOf(o.to) - gapMin(o.link) - linkMin(k, o.link)),
      ...day.goals
        .filter((g) => g.blockId === id && g.due !== null)
        .map((g) => (g.due ?? day.until) - k.readyMin),
      day.until,
    );
    slackest.set(id, start);
    return start;
  };
  for (const block of day.blocks) slackOf(block.id);
  return { day, known, onward, goalsOf, slackest };
}

/** The clock filled in one order: what found its place, and what did not. */
export interface Filled {
  readonly placed: ReadonlyMap<string, Placed>;
  /** The first block for which there was no place; null where all have one. */
  readonly failed: string | null;
}

export interface Filling {
  /** Goals in force; blocks of others stay off the clock. */
  readonly goals: readonly Goal[];
  /** So many minutes later than wished, by goal. */
  readonly lateMin: ReadonlyMap<string, number>;
  /** What is put on the clock first: the smallest number. */
  readonly rankOf: (id: string) => number;
  /** Which of two hands or rings that would both do is taken first. */
  readonly turn?: number;
  /** Minutes that a block is put earlier than as late as can be: sometimes others then wait less. */
  readonly pull?: ReadonlyMap<string, number>;
  /** Where each stood before; kept where it can be. */
  readonly before?: ReadonlyMap<string, Minute>;
}

/**
 * Fills the clock backward from what is due, each block as late as it can be, then forward with what only
 * has to come after. Serial schedule generation (Kolisch 1996), backward pass.
 */
export function fill(network: Network, filling: Filling): Filled {
  const { day, known, onward, goalsOf } = network;
  const board = new Board(day, filling.turn);
  const placed = new Map<string, Placed>();
  const inForce = new Set(filling.goals.map((g) => g.id));
  const isWanted = (id: string): boolean => {
    const goals = goalsOf.get(id) ?? [];
    return goals.length > 0
      ? goals.some((g) => inForce.has(g.id))
      : (known.get(id)?.block.after ?? []).some((l) => isWanted(l.blockId));
  };
  const wanted = day.blocks.filter((b) => b.fixedAt !== null || isWanted(b.id)).map((b) => b.id);
  const isWantedId = new Set(wanted);

  const put = (k: Known, at: Minute): boolean => {
    const here = placedAt(board, k, at);
    if (here === null) return false;
    placed.set(k.block.id, here);
    take(board, k, here, heldUntil(k, onward, placed));
    return true;
  };
  // What is under way or pinned stands first, whatever it costs.
  for (const id of wanted) {
    const k = known.get(id);
    const fixedAt = k?.block.fixedAt ?? null;
    if (k === undefined || fixedAt === null) continue;
    if (!put(k, fixedAt)) {
      const asIs = placedAnyhow(board, k, fixedAt);
      placed.set(id, asIs);
      take(board, k, asIs, fixedAt);
    }
  }

  const dueOf = (id: string, k: Known): Minute =>
    Math.min(
      ...filling.goals
        .filter((g) => g.blockId === id && g.due !== null)
        .map((g) => (g.due ?? 0) + (filling.lateMin.get(g.id) ?? 0) - k.readyMin),
    );
  const hasDue = (id: string): boolean =>
    (goalsOf.get(id) ?? []).some((g) => inForce.has(g.id) && g.due !== null);

  const backward = new Set(wanted.filter((id) => !placed.has(id) && hasDue(id)));
  while (backward.size > 0) {
    const ready = [...backward].filter((id) =>
      (onward.get(id) ?? []).every(
        (o) => placed.has(o.to) || !isWantedId.has(o.to) || !backward.has(o.to),
      ),
    );
    const id = firstOf(ready, filling.rankOf);
    const k = id === null ? undefined : known.get(id);
    if (id === null || k === undefined) return { placed, failed: [...backward][0] ?? null };
    let start = Math.min(dueOf(id, k), day.until);
    let least = Math.max(day.now, k.block.notBefore ?? day.now);
    // A meal is at its time, and not before it.
    if (filling.goals.some((g) => g.kind === "meal" && g.blockId === id)) least = start;
    let hold = -Infinity;
    for (const { to, link } of onward.get(id) ?? []) {
      const next = placed.get(to);
      if (next === undefined) continue;
      start = Math.min(start, next.at - gapMin(link) - linkMin(k, link));
      if (link.mostMin !== null) least = Math.max(least, next.at - link.mostMin - linkMin(k, link));
      if (waitsFor(k.block, next.block)) hold = Math.max(hold, next.at);
    }
    start -= filling.pull?.get(id) ?? 0;
    // What is fixed already comes before it.
    for (const link of k.block.after) {
      const before = placed.get(link.blockId);
      const of = known.get(link.blockId);
      if (before !== undefined && of !== undefined)
        least = Math.max(least, before.at + linkMin(of, link) + gapMin(link));
    }
    const asBefore = filling.before?.get(id);
    const fits = (at: Minute | null | undefined): at is Minute =>
      at !== null &&
      at !== undefined &&
      at >= least &&
      at <= start &&
      placeFor(board, day, k, "latest", at, at) === at &&
      canHold(board, k, at, hold);
    const at = fits(asBefore) ? asBefore : placeFor(board, day, k, "latest", start, least);
    if (at === null || !canHold(board, k, at, hold) || !put(k, at)) return { placed, failed: id };
    backward.delete(id);
  }

  const forward = new Set(wanted.filter((id) => !placed.has(id)));
  while (forward.size > 0) {
    const ready = [...forward].filter((id) =>
      (known.get(id)?.block.after ?? []).every(
        (l) => placed.has(l.blockId) || !isWantedId.has(l.blockId),
      ),
    );
    const id = firstOf(ready, filling.rankOf);
    const k = id === null ? undefined : known.get(id);
    if (id === null || k === undefined) return { placed, failed: [...forward][0] ?? null };
    let start = Math.max(day.now, k.block.notBefore ?? day.now);
    let most = day.until - k.lengthMin;
    for (const link of k.block.after) {
      const before = placed.get(link.blockId);
      const of = known.get(link.blockId);
      if (before === undefined || of === undefined) continue;
      const from = before.at + linkMin(of, link);
      start = Math.max(start, from + gapMin(link));
      if (link.mostMin !== null) most = Math.min(most, from + link.mostMin);
    }
    const at = placeFor(board, day, k, "earliest", start, most);
    if (at === null || !put(k, at)) return { placed, failed: id };
    forward.delete(id);
  }
  return { placed, failed: null };
}

const firstOf = (ids: readonly string[], rankOf: (id: string) => number): string | null => {
  let best: string | null = null;
  for (const id of ids) if (best === null || rankOf(id) < rankOf(best)) best = id;
  return best;
};

/** Whether what is in a block's vessel waits there for the next one: it is served from it, or goes on in it. */
const waitsFor = (block: Block, next: Block): boolean => {
  const kept = keptVessels(block);
  if (kept.length === 0) return false;
  return next.kind === "serve" || next.steps.some((t) => t.vesselIds.some((v) => kept.includes(v)));
};

function heldUntil(
  k: Known,
  onward: ReadonlyMap<string, readonly Onward[]>,
  placed: ReadonlyMap<string, Placed>,
): Minute {
  const nexts = (onward.get(k.block.id) ?? []).flatMap((o) => placed.get(o.to) ?? []);
  return Math.max(-Infinity, ...nexts.filter((n) => waitsFor(k.block, n.block)).map((n) => n.at));
}
