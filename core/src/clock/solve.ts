import { seeded, uniform } from "../units/random";
import { COST, costOf } from "./cost";
import type { Day, Goal } from "./day";
import { readyMin } from "./needs";
import type { Placed } from "./place";
import { fill, networkOf, type Filled, type Network } from "./sequence";
import type { Minute } from "./wall-clock";

/** What was found for a day. */
export interface Schedule {
  readonly day: Day;
  readonly placed: ReadonlyMap<string, Placed>;
  /** Minutes later than wished, by goal; those in time are not in it. */
  readonly lateMin: ReadonlyMap<string, number>;
  /** Goals for which there is no place at all, however late. */
  readonly impossible: readonly Goal[];
  /** The block that stood in the way of each goal that is late or impossible. */
  readonly inTheWay: ReadonlyMap<string, string>;
  readonly cost: number;
}

/** Orders tried where a goal is looked for, and to better what was found. */
const TRIES = 14;
const FEW_TRIES = 3;
const BETTER = 400;
/** So many without anything better, and it is left at that. */
const STALE = 90;
const NUDGES_MIN = [1, 3, 8, 20, -1, -3, -8];
/** Fewer where there is much on the clock. */
const WORK_LIMIT = 12_000;
const LATER_STEP_MIN = 30;
/** So late and no later is looked for, min. */
const LATEST_MIN = 2880;
const SEED = 38;
/** A block is put earlier by no more, to let others wait less, min. */
const MOST_PULL_MIN = 40;

export interface SolveOptions {
  /** Where each block stood before: it stays there where it can. */
  readonly before?: ReadonlyMap<string, Minute>;
  /** Said between the rounds, 0 to 1; throws where it is not wanted any more. */
  readonly onProgress?: (share: number) => void;
  /** What a turn from one pot to another weighs; the usual where nothing is said. */
  readonly switchCost?: number;
  /** Whether the order is bettered once all have a place; a question of yes or no does without. */
  readonly isQuick?: boolean;
  /** Only whether all can be in time: nothing is looked for later. */
  readonly onlyInTime?: boolean;
}

/**
 * The best schedule found for a day: goals by how firm they are, each as little late as can be; then fewer
 * switches and less waiting, by trying other orders. The same day gives the same schedule.
 */
export function solve(day: Day, options: SolveOptions = {}): Schedule {
  const timed = withSoonest(day);
  const network = networkOf(timed);
  const random = seeded(SEED);
  const { before } = options;
  const base = (id: string): number => -(network.slackest.get(id) ?? 0);
  const noise = new Map<string, number>();
  const stir = (strength: number) => {
    noise.clear();
    if (strength > 0)
      for (const b of day.blocks) noise.set(b.id, (uniform(random) - 0.5) * strength);
  };
  const rankOf = (id: string): number => base(id) + (noise.get(id) ?? 0);
  const ranks = () => {
    const kept = new Map(day.blocks.map((b) => [b.id, rankOf(b.id)]));
    return (id: string) => kept.get(id) ?? 0;
  };

  const lateMin = new Map<string, number>();
  const impossible: Goal[] = [];
  const inTheWay = new Map<string, string>();
  const goals: Goal[] = [];
  let found: Filled = { placed: new Map(), failed: null };
  let foundRank = ranks();
  /** What is wanted whenever there is room comes after what is wanted for a time, as soon as can be. */
  const isFree = (goal: Goal) => goal.weight === FREE_WEIGHT;
  const wished = [...timed.goals].sort(
    (a, b) =>
      Number(isFree(a)) - Number(isFree(b)) || b.weight - a.weight || (a.due ?? 0) - (b.due ?? 0),
  );
  /** The first order in which all of these goals have a place. */
  const tryAll = (
    all: readonly Goal[],
    late: ReadonlyMap<string, number>,
    goal: Goal,
    tries = options.isQuick === true ? TRIES / 2 : TRIES,
  ) => {
    for (let i = 0; i < tries; i++) {
      stir(i === 0 ? 0 : 240 * i);
      const rank = i === 1 ? foundRank : ranks();
      const filled = fill(network, {
        goals: all,
        lateMin: late,
        rankOf: rank,
        ...(before === undefined || i > 2 ? {} : { before }),
      });
      if (filled.failed === null) return { filled, rank };
      if (i === 0 && !inTheWay.has(goal.id)) inTheWay.set(goal.id, filled.failed);
    }
    return null;
  };
  wished.forEach((goal, n) => {
    options.onProgress?.((0.6 * n) / wished.length);
    const all = [...goals, goal];
    const at = (min: number) =>
      new Map([...lateMin, ...(min > 0 ? [[goal.id, min] as const] : [])]);
    let got = tryAll(all, at(0), goal);
    if (got === null && goal.due !== null && (options.onlyInTime !== true || isFree(goal))) {
      // Later is not always easier: there are nights. So every half hour is tried.
      let high = soonest(network, goal) ?? LATER_STEP_MIN;
      let low = Math.max(0, high - LATER_STEP_MIN);
      const latest = isFree(goal) ? day.until - goal.due : LATEST_MIN;
      for (; high <= latest; low = high, high += LATER_STEP_MIN) {
        got = tryAll(all, at(high), goal, FEW_TRIES);
        if (got !== null) break;
      }
      while (got !== null && high - low > 1) {
        const middle = Math.floor((low + high) / 2);
        const sooner = tryAll(all, at(middle), goal);
        if (sooner === null) low = middle;
        else {
          got = sooner;
          high = middle;
        }
      }
      if (got !== null) lateMin.set(goal.id, high);
    } else if (got !== null) inTheWay.delete(goal.id);
    if (got === null) {
      impossible.push(day.goals.find((g) => g.id === goal.id) ?? goal);
      return;
    }
    goals.push(goal);
    found = got.filled;
    foundRank = got.rank;
  });

  const price = (f: Filled) =>
    costOf(network, f.placed, goals, lateMin, before, options.switchCost);
  let cost = price(found);
  let foundTurn = 0;
  // Nothing can be cheaper than to be as late as is found and never to wait.
  const least = goals.reduce((sum, g) => sum + COST.late * g.weight * (lateMin.get(g.id) ?? 0), 0);
  const rounds =
    options.isQuick === true
      ? 0
      : Math.min(BETTER, Math.ceil(WORK_LIMIT / (day.blocks.length + 1)));
  let foundPull: ReadonlyMap<string, number> = new Map();
  const movable = day.blocks.filter((b) => b.fixedAt === null).map((b) => b.id);
  /** One block somewhat earlier than the others ask for, or as late as it can be again. */
  const pulled = (): ReadonlyMap<string, number> => {
    const id = movable[Math.floor(uniform(random) * movable.length)] ?? "";
    const min = uniform(random) < 0.3 ? 0 : Math.ceil(uniform(random) ** 2 * MOST_PULL_MIN);
    return new Map([...foundPull, [id, min]]);
  };
  /** Fills in another way; kept where it is no dearer. */
  const tryOne = (
    rank: (id: string) => number,
    turn: number,
    pull: ReadonlyMap<string, number>,
    keeps: boolean,
  ): "better" | "same" | "no" => {
    const filled = fill(network, {
      goals,
      lateMin,
      rankOf: rank,
      turn,
      pull,
      ...(before === undefined || !keeps ? {} : { before }),
    });
    if (filled.failed !== null) return "no";
    const next = price(filled);
    if (next > cost) return "no";
    const how = next < cost ? "better" : "same";
    cost = next;
    found = filled;
    foundTurn = turn;
    foundPull = pull;
    const kept = new Map(day.blocks.map((b) => [b.id, rank(b.id)]));
    foundRank = (id) => kept.get(id) ?? 0;
    return how;
  };
  let betteredAt = 0;
  for (let i = 0; i < rounds && cost > least && i - betteredAt < STALE; i++) {
    if (i % 10 === 0) options.onProgress?.(0.6 + (0.3 * i) / rounds);
    const kept = foundRank;
    const isPull = i % 2 === 1;
    stir(isPull ? 0 : i % 3 === 0 ? 1200 : 120);
    const turned = new Map(noise);
    const rank = (id: string) => kept(id) + (turned.get(id) ?? 0);
    const turn = i % 4 === 2 ? 1 + (i % 3) : foundTurn;
    if (tryOne(rank, turn, isPull ? pulled() : foundPull, !isPull) === "better") betteredAt = i;
  }
  // Last, each block by itself a little earlier or later, as long as that helps.
  for (let again = rounds > 0; again && cost > least;) {
    again = false;
    for (const id of movable)
      for (const by of NUDGES_MIN) {
        const min = Math.max(0, (foundPull.get(id) ?? 0) + by);
        const pull = new Map([...foundPull, [id, min]]);
        if (tryOne(foundRank, foundTurn, pull, false) === "better") again = true;
      }
  }
  for (const goal of timed.goals) if (isFree(goal)) lateMin.delete(goal.id);
  return { day, placed: found.placed, lateMin, impossible, inTheWay, cost };
}

/** Weighs next to nothing: it fills what is free. */
const FREE_WEIGHT = 1e-6;

/** What is wanted for no time is wanted for the soonest there could be. */
function withSoonest(day: Day): Day {
  if (day.goals.every((g) => g.due !== null)) return day;
  const { slackest, known } = networkOf(day);
  const soonestOf = (goal: Goal): Minute => {
    const ready =
      (slackest.get(goal.blockId) ?? day.until) + (known.get(goal.blockId)?.readyMin ?? 0);
    const before = new Set<string>();
    const walk = (id: string): void => {
      before.add(id);
      for (const link of known.get(id)?.block.after ?? [])
        if (!before.has(link.blockId)) walk(link.blockId);
    };
    walk(goal.blockId);
    const first = Math.min(...[...before].map((id) => slackest.get(id) ?? day.until));
    return Math.max(day.now, known.get(goal.blockId)?.block.notBefore ?? day.now) + ready - first;
  };
  return {
    ...day,
    goals: day.goals.map((g) =>
      g.due === null ? { ...g, due: soonestOf(g), weight: FREE_WEIGHT } : g,
    ),
  };
}

/** How late it is at the very least: begun now, one thing after the other. */
function soonest(network: Network, goal: Goal): number | null {
  const { day, slackest } = network;
  if (goal.due === null) return null;
  const over = day.blocks
    .filter((b) => b.fixedAt === null && (network.goalsOf.get(b.id) ?? []).includes(goal))
    .map((b) => day.now - (slackest.get(b.id) ?? day.now));
  const most = Math.max(0, ...over);
  return most > 0 ? most : null;
}

/** When a goal is reached: what it is about is ready. */
export function reachedAt(schedule: Schedule, goal: Goal): Minute | null {
  const p = schedule.placed.get(goal.blockId);
  return p === undefined ? null : p.at + readyMin(p.block);
}
