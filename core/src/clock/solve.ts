import { seeded } from "../units/random";
import { near, nudged, putFirst, stirred, tightened, usualOrder } from "./better";
import { COST, costOf } from "./cost";
import type { Day, Goal } from "./day";
import { readyMin } from "./needs";
import { networkOf, type Network } from "./network";
import type { Placed } from "./place";
import { fill, frameOf, placedOf, type Filled, type Order } from "./sequence";
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

/** Orders tried where a goal is looked for. */
const TRIES = 14;
const FEW_TRIES = 3;
/** So many orders are gone through to better what was found; fewer where there is much on the clock. */
const MOST_FILLS = 1000;
const WORK_LIMIT = 20_000;
/** So many fresh starts from the best without anything better, and it is left at that. */
const STALE = 8;
/** How far a fresh start turns the order round, min of rank. */
const STIRS_MIN = [120, 1200];
const STIR_MIN = 240;
const LATER_STEP_MIN = 30;
/** So late and no later is looked for, min. */
const LATEST_MIN = 2880;
const SEED = 38;

export interface SolveOptions {
  /** Where each block stood before: it stays there where it can. */
  readonly before?: ReadonlyMap<string, Minute>;
  /** Said between the rounds, 0 to 1; throws where it is not wanted any more. */
  readonly onProgress?: (share: number) => void;
  /** What a turn from one pot to another weighs; the usual where nothing is said. */
  readonly switchCost?: number;
  /** Whether it is left at the first order in which all have a place. */
  readonly isRough?: boolean;
  /** That, and looked for less: a question of yes or no, or something that is dragged. */
  readonly isQuick?: boolean;
  /** So late each goal is at the least, min: of a clock on which no more was asked for. */
  readonly atLeastLateMin?: ReadonlyMap<string, number>;
  /** Only whether all can be in time: nothing is looked for later. */
  readonly onlyInTime?: boolean;
}

interface Found {
  readonly filled: Filled;
  readonly order: Order;
}

/**
 * The best schedule found for a day: goals by how firm they are, each as little late as can be; then fewer
 * switches and less waiting, by trying other orders. The same day gives the same schedule.
 */
export function solve(day: Day, options: SolveOptions = {}): Schedule {
  const timed = withSoonest(day);
  const network = networkOf(timed);
  const random = seeded(SEED);
  const isQuick = options.isQuick === true;
  const before =
    options.before === undefined
      ? undefined
      : network.nodes.map((n) => options.before?.get(n.known.block.id));
  const usual = usualOrder(network);

  const lateMin = new Map<string, number>();
  const impossible: Goal[] = [];
  const inTheWay = new Map<string, string>();
  const goals: Goal[] = [];
  let found: Found = {
    filled: { at: [], picks: [], pushed: [], order: [], failed: null },
    order: usual,
  };
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
    tries = isQuick ? TRIES / 2 : TRIES,
  ): Found | null => {
    const frame = frameOf(network, all);
    let order = usual;
    for (let i = 0; i < tries; i++) {
      const filled = fill(network, {
        frame,
        lateMin: late,
        order,
        before: i > 2 ? undefined : before,
      });
      if (filled.failed === null) return { filled, order };
      const failed = network.nodes[filled.failed]?.known.block.id;
      if (i === 0 && failed !== undefined && !inTheWay.has(goal.id)) inTheWay.set(goal.id, failed);
      // What found no place comes first; then the order in which the others had theirs; then by chance.
      order =
        i === 0
          ? found.order
          : i % 2 === 1
            ? putFirst(network, order, filled.failed)
            : stirred(usual, STIR_MIN * i, random);
    }
    return null;
  };
  wished.forEach((goal, n) => {
    options.onProgress?.((0.6 * n) / wished.length);
    const all = [...goals, goal];
    const at = (min: number) =>
      new Map([...lateMin, ...(min > 0 ? [[goal.id, min] as const] : [])]);
    const least = options.atLeastLateMin?.get(goal.id) ?? 0;
    // Where it is late anyhow it is tried once in time, for what is in its way.
    if (least > 0) tryAll(all, at(0), goal, 1);
    let got = tryAll(all, at(least), goal);
    if (got !== null)
      if (least > 0) lateMin.set(goal.id, least);
      else inTheWay.delete(goal.id);
    if (got === null && goal.due !== null && (options.onlyInTime !== true || isFree(goal))) {
      // Later is not always easier: there are nights. So every half hour is tried.
      let high = Math.max(least, soonest(network, goal) ?? LATER_STEP_MIN);
      let low = Math.max(least, high - LATER_STEP_MIN);
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
    }
    if (got === null) {
      impossible.push(day.goals.find((g) => g.id === goal.id) ?? goal);
      return;
    }
    goals.push(goal);
    found = got;
  });

  const frame = frameOf(network, goals);
  const price = (f: Filled) => costOf(network, f, goals, lateMin, before, options.switchCost);
  let cost = price(found.filled);
  // Nothing can be cheaper than to be as late as is found and never to wait.
  const least = goals.reduce((sum, g) => sum + COST.late * g.weight * (lateMin.get(g.id) ?? 0), 0);
  // Where much stands as it stood before, half as many do.
  const share = isQuick || options.isRough === true ? 0 : before === undefined ? 1 : 0.5;
  const most = share * Math.min(MOST_FILLS, Math.ceil(WORK_LIMIT / (day.blocks.length + 1)));
  let fills = 0;
  const isOver = () => fills >= most || cost <= least;
  /** Fills in another way. */
  const tried = (order: Order, keeps = before): (Found & { readonly cost: number }) | null => {
    fills++;
    if (fills % 20 === 0) options.onProgress?.(0.6 + (0.3 * fills) / most);
    const filled = fill(network, { frame, lateMin, order, before: keeps });
    return filled.failed === null ? { filled, order, cost: price(filled) } : null;
  };
  /** The first of these that is cheaper than what there is. */
  const firstBetter = (orders: Iterable<Order>, than: number) => {
    for (const order of orders) {
      if (isOver()) return null;
      const next = tried(order);
      if (next === null) continue;
      if (next.cost < than) return next;
      const tight = tightened(network, order, next.filled);
      if (tight === null || next.cost - COST.wait * tight.wonMin >= than) continue;
      const closer = tried(tight.order);
      if (closer !== null && closer.cost < than) return closer;
    }
    return null;
  };
  /** Step by step to where no step is cheaper. */
  const descend = (from: Found & { readonly cost: number }) => {
    let here = from;
    for (;;) {
      const next =
        firstBetter(near(network, here.order, here.filled), here.cost) ??
        firstBetter(nudged(here.order, here.filled), here.cost);
      if (next === null) return here;
      here = next;
    }
  };
  const keep = (next: Found & { readonly cost: number }): boolean => {
    const isBetter = next.cost < cost;
    if (next.cost <= cost) {
      found = next;
      cost = next.cost;
    }
    return isBetter;
  };
  if (!isOver()) keep(descend({ ...found, cost }));
  for (let round = 0, stale = 0; !isOver() && stale < STALE; round++, stale++) {
    const start = tried(
      stirred(found.order, STIRS_MIN[round % STIRS_MIN.length] ?? 0, random),
      round % 2 === 0 ? before : undefined,
    );
    if (start !== null && keep(descend(start))) stale = -1;
  }
  for (const goal of timed.goals) if (isFree(goal)) lateMin.delete(goal.id);
  return { day, placed: placedOf(network, found.filled), lateMin, impossible, inTheWay, cost };
}

/** Weighs next to nothing: it fills what is free. */
const FREE_WEIGHT = 1e-6;

/** What is wanted for no time is wanted for the soonest there could be. */
function withSoonest(day: Day): Day {
  if (day.goals.every((g) => g.due !== null)) return day;
  const { nodes, places } = networkOf(day);
  const soonestOf = (goal: Goal): Minute => {
    const last = nodes[places.get(goal.blockId) ?? -1];
    const ready = (last?.slackest ?? day.until) + (last?.known.readyMin ?? 0);
    const first = Math.min(
      ...nodes.filter((n) => n.goals.includes(goal)).map((n) => n.slackest),
      day.until,
    );
    return (last?.notBefore ?? day.now) + ready - first;
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
  if (goal.due === null) return null;
  const over = network.nodes
    .filter((n) => n.known.block.fixedAt === null && n.goals.includes(goal))
    .map((n) => network.day.now - n.slackest);
  const most = Math.max(0, ...over);
  return most > 0 ? most : null;
}

/** When a goal is reached: what it is about is ready. */
export function reachedAt(schedule: Schedule, goal: Goal): Minute | null {
  const p = schedule.placed.get(goal.blockId);
  return p === undefined ? null : p.at + readyMin(p.block);
}
