import { Board } from "./board";
import type { Goal } from "./day";
import type { Edge, Network, Node } from "./network";
import type { Placed } from "./place";
import { earliestIn, latestIn, latestOff } from "./stretch";
import type { Minute } from "./wall-clock";

/** The clock filled in one order: what found its place, and what did not. By the blocks' places. */
export interface Filled {
  /** When each begins; undefined where it is not on the clock. */
  readonly at: readonly (Minute | undefined)[];
  /** What was taken for each need: a hand, a ring; -1 where there is nothing to choose. */
  readonly picks: readonly (readonly number[] | undefined)[];
  /** Blocks that stand earlier than what comes after them asks for, in the order they were put. */
  readonly pushed: readonly { readonly node: number; readonly wantedAt: Minute }[];
  /** The order in which blocks were put. */
  readonly order: readonly number[];
  /** The first block for which there was no place; null where all have one. */
  readonly failed: number | null;
}

/** In which order blocks are put on the clock, and how; by their places. */
export interface Order {
  /** What is put first: the smallest number. */
  readonly rank: readonly number[];
  /** How many of several hands or rings that would do are passed over. */
  readonly turn: readonly number[];
  /** Minutes that it is put earlier than as late as can be; sometimes others then wait less. */
  readonly pullMin: readonly number[];
}

/** What is put on the clock for some goals, and in which pass: worked out once for all orders. */
export interface Frame {
  readonly goals: readonly Goal[];
  /** Under way or pinned: they stand first, whatever it costs. */
  readonly fixed: readonly number[];
  /** What leads to something that is due, and what only comes after it. */
  readonly backward: Pass;
  readonly forward: Pass;
}
interface Pass {
  readonly open: readonly boolean[];
  readonly count: number;
  /** By block: how many of the same pass it waits for. */
  readonly waiting: readonly number[];
}

/** @param goals those in force; blocks of others stay off the clock */
export function frameOf({ nodes }: Network, goals: readonly Goal[]): Frame {
  const memo: (boolean | undefined)[] = [];
  const isWanted = (i: number): boolean => {
    const node = nodes[i];
    if (node === undefined) return false;
    memo[i] ??=
      node.goals.length > 0
        ? node.goals.some((g) => goals.includes(g))
        : node.after.some((e) => isWanted(e.node));
    return memo[i];
  };
  const isFixed = (node: Node) => node.known.block.fixedAt !== null;
  const isDue = (node: Node) => node.goals.some((g) => g.due !== null && goals.includes(g));
  const passOf = (
    isIn: (node: Node) => boolean,
    edgesOf: (node: Node) => readonly Edge[],
  ): Pass => {
    const open = nodes.map((n, i) => !isFixed(n) && isWanted(i) && isIn(n));
    return {
      open,
      count: open.filter(Boolean).length,
      waiting: nodes.map((n) => edgesOf(n).filter((e) => open[e.node] === true).length),
    };
  };
  return {
    goals,
    fixed: nodes.flatMap((n, i) => (isFixed(n) ? [i] : [])),
    backward: passOf(isDue, (n) => n.onward),
    forward: passOf(
      (n) => !isDue(n),
      (n) => n.after,
    ),
  };
}

export interface Filling {
  readonly frame: Frame;
  /** So many minutes later than wished, by goal. */
  readonly lateMin: ReadonlyMap<string, number>;
  readonly order: Order;
  /** Where each stood before; kept where it can be. */
  readonly before?: readonly (Minute | undefined)[] | undefined;
}

/**
 * Fills the clock backward from what is due, each block as late as it can be, then forward with what only
 * has to come after. Serial schedule generation (Kolisch 1996), backward pass.
 */
export function fill(network: Network, filling: Filling): Filled {
  const { day, nodes } = network;
  const { frame, lateMin, before } = filling;
  const { goals } = frame;
  const { rank, turn, pullMin } = filling.order;
  const board = new Board(network);
  const at = new Array<Minute | undefined>(nodes.length);
  const picks = new Array<readonly number[] | undefined>(nodes.length);
  const pushed: { node: number; wantedAt: Minute }[] = [];
  const order: number[] = [];

  const put = (i: number, node: Node, start: Minute, chosen: readonly number[]): void => {
    at[i] = start;
    picks[i] = chosen;
    order.push(i);
    let until = -Infinity;
    for (const e of node.onward) if (e.waits) until = Math.max(until, at[e.node] ?? -Infinity);
    take(board, node, start, chosen, until);
    for (const s of fridgeOf(network, i, start, at)) board.takeFridge(s.volumeL, s.from, s.to);
  };
  /** Whether what stands in the fridge before or after it has room there. */
  const hasFridge = (i: number, start: Minute): boolean =>
    fridgeOf(network, i, start, at).every((s) => board.isFridgeFree(s.volumeL, s.from, s.to));
  for (const i of frame.fixed) {
    const node = nodes[i];
    const fixedAt = node?.known.block.fixedAt ?? null;
    if (node === undefined || fixedAt === null) continue;
    const chosen = pickAt(board, node, fixedAt, turn[i] ?? 0, false);
    put(i, node, fixedAt, chosen ?? pickAt(board, node, fixedAt, 0, true) ?? []);
  }

  let open = [...frame.backward.open];
  let waiting = [...frame.backward.waiting];
  let left = frame.backward.count;
  while (left > 0) {
    const i = firstOf(open, waiting, rank);
    const node = nodes[i];
    if (node === undefined) return { at, picks, pushed, order, failed: open.indexOf(true) };
    const { known } = node;
    let start = day.until;
    let least = node.notBefore;
    for (const g of node.reaches) {
      if (g.due === null || !goals.includes(g)) continue;
      start = Math.min(start, g.due + (lateMin.get(g.id) ?? 0) - known.readyMin);
      // A meal is at its time, and not before it.
      if (g.kind === "meal") least = start;
    }
    let hold = -Infinity;
    for (const e of node.onward) {
      const next = at[e.node];
      if (next === undefined) continue;
      start = Math.min(start, next - e.gapMin - e.fromMin);
      least = Math.max(least, next - e.mostMin - e.fromMin);
      if (e.waits) hold = Math.max(hold, next);
    }
    start -= pullMin[i] ?? 0;
    // What is fixed already comes before it.
    for (const e of node.after) {
      const earlier = at[e.node];
      if (earlier !== undefined) least = Math.max(least, earlier + e.fromMin + e.gapMin);
    }
    const was = before?.[i];
    const isAsBefore =
      was !== undefined &&
      was >= least &&
      was <= start &&
      placeFor(board, node, "latest", was, was) === was &&
      canHold(board, node, was, hold);
    const found = isAsBefore ? was : placeFor(board, node, "latest", start, least);
    const chosen =
      found === null || !canHold(board, node, found, hold) || !hasFridge(i, found)
        ? null
        : pickAt(board, node, found, turn[i] ?? 0, false);
    if (found === null || chosen === null) return { at, picks, pushed, order, failed: i };
    if (found < start) pushed.push({ node: i, wantedAt: start });
    put(i, node, found, chosen);
    open[i] = false;
    left--;
    for (const e of node.after) waiting[e.node] = (waiting[e.node] ?? 0) - 1;
  }

  open = [...frame.forward.open];
  waiting = [...frame.forward.waiting];
  left = frame.forward.count;
  while (left > 0) {
    const i = firstOf(open, waiting, rank);
    const node = nodes[i];
    if (node === undefined) return { at, picks, pushed, order, failed: open.indexOf(true) };
    let start = node.notBefore;
    let most = day.until - node.known.lengthMin;
    for (const e of node.after) {
      const earlier = at[e.node];
      if (earlier === undefined) continue;
      start = Math.max(start, earlier + e.fromMin + e.gapMin);
      most = Math.min(most, earlier + e.fromMin + e.mostMin);
    }
    const found = placeFor(board, node, "earliest", start, most);
    const chosen =
      found === null || !hasFridge(i, found)
        ? null
        : pickAt(board, node, found, turn[i] ?? 0, false);
    if (found === null || chosen === null) return { at, picks, pushed, order, failed: i };
    put(i, node, found, chosen);
    open[i] = false;
    left--;
    for (const e of node.onward) waiting[e.node] = (waiting[e.node] ?? 0) - 1;
  }
  return { at, picks, pushed, order, failed: null };
}

/** The block with the smallest rank of those for which nothing is waited for; -1 where there is none. */
function firstOf(
  open: readonly boolean[],
  waiting: readonly number[],
  rank: readonly number[],
): number {
  let first = -1;
  for (let i = 0; i < open.length; i++)
    if (open[i] === true && waiting[i] === 0)
      if (first < 0 || (rank[i] ?? 0) < (rank[first] ?? 0)) first = i;
  return first;
}

const MOST_ROUNDS = 400;

/**
 * The place nearest to `start` at which all that a block needs is there: the latest up to it, not before
 * `limit`, or the earliest from it on, not after `limit`.
 */
function placeFor(
  board: Board,
  node: Node,
  way: "latest" | "earliest",
  start: Minute,
  limit: Minute,
): Minute | null {
  const isLatest = way === "latest";
  const step = isLatest ? -1 : 1;
  const { needs } = node.known;
  const { evenings } = node;
  let at = start;
  for (let round = 0; round < MOST_ROUNDS; round++) {
    if ((at - limit) * step > 0) return null;
    let next: Minute | null =
      evenings === null ? at : (isLatest ? latestIn : earliestIn)(evenings, at, 1);
    for (let i = 0; i < needs.length; i++) {
      if (next === null) return null;
      const off = needs[i]?.off ?? 0;
      const from: Minute | null = board[way](node, i, next + off);
      next =
        from === null ? null : isLatest ? Math.min(next, from - off) : Math.max(next, from - off);
    }
    if (next === null) return null;
    if (next === at && pickAt(board, node, at, 0, false) !== null) return at;
    at = next === at ? at + step : next;
  }
  return null;
}

/**
 * Who and what does it at this moment; null where somebody or something is not free.
 * @param anyhow what stands there whatever it costs: each thing done by whoever is free, where anybody is
 */
function pickAt(
  board: Board,
  node: Node,
  at: Minute,
  turn: number,
  anyhow: boolean,
): readonly number[] | null {
  const { needs } = node.known;
  const picks: number[] = [];
  for (let i = 0; i < needs.length; i++) {
    const need = needs[i];
    if (need === undefined) continue;
    const things = node.things[i] ?? [];
    let pick: number | null = -1;
    if (need.kind === "hand") pick = board.freeHand(at + need.off, need.min, turn);
    else if (need.kind === "one") {
      pick = board.freeOne(things, at + need.off, need.min, turn);
      if (pick === null && anyhow) pick = things[0] ?? -1;
    }
    if (pick === null && !anyhow) return null;
    picks.push(pick ?? -1);
  }
  return picks;
}

/**
 * Puts a block on the board.
 * @param holdUntil until when its vessel stays in use after its end: what is in it waits there
 */
function take(
  board: Board,
  node: Node,
  at: Minute,
  picks: readonly number[],
  holdUntil: Minute,
): void {
  const { needs, lengthMin } = node.known;
  for (let i = 0; i < needs.length; i++) {
    const need = needs[i];
    if (need === undefined) continue;
    const from = at + need.off;
    const to = from + need.min;
    const pick = picks[i] ?? -1;
    if (need.kind === "near") board.takeNear(from, to);
    else if (need.kind === "oven") board.takeOven(need.oven, from, to);
    else if (pick < 0) continue;
    else if (need.kind === "hand") board.takeHand(pick, from, to);
    else board.take(pick, from, to);
  }
  const end = at + lengthMin;
  if (holdUntil <= end) return;
  for (const thing of node.kept) board.take(thing, end, holdUntil);
  if (node.keptOven !== null) board.takeOven(node.keptOven, end, holdUntil);
}

/** What stands in the fridge between a block and those before and after it that have their places. */
function fridgeOf(
  { nodes }: Network,
  i: number,
  start: Minute,
  at: readonly (Minute | undefined)[],
): readonly { readonly volumeL: number; readonly from: Minute; readonly to: Minute }[] {
  const node = nodes[i];
  if (node === undefined) return [];
  const out: { volumeL: number; from: Minute; to: Minute }[] = [];
  const add = (e: Edge, from: Minute | undefined, to: Minute) => {
    if (from !== undefined && to > from) out.push({ volumeL: e.fridgeL, from, to });
  };
  for (const e of node.after)
    if (e.fridgeL > 0) {
      const earlier = at[e.node];
      if (earlier !== undefined) add(e, earlier + e.fromMin, start + node.known.lengthMin);
    }
  for (const e of node.onward)
    if (e.fridgeL > 0) {
      const later = at[e.node];
      if (later !== undefined)
        add(e, start + e.fromMin, later + (nodes[e.node]?.known.lengthMin ?? 0));
    }
  return out;
}

/** Whether its vessel, and the oven it waits in, can stay in use until then. */
function canHold(board: Board, node: Node, at: Minute, until: Minute): boolean {
  const end = at + node.known.lengthMin;
  const min = until - end;
  if (min <= 0) return true;
  return (
    node.kept.every((thing) => latestOff(board.inTheWay(thing), end, min) === end) &&
    (node.keptOven === null || board.isOvenFree(node.keptOven, end, min))
  );
}

/** What was found, by the blocks' ids. */
export function placedOf(network: Network, filled: Filled): ReadonlyMap<string, Placed> {
  const { day, nodes } = network;
  return new Map(
    filled.order.flatMap((i): [string, Placed][] => {
      const node = nodes[i];
      const at = filled.at[i];
      if (node === undefined || at === undefined) return [];
      const { block, needs } = node.known;
      const hands = new Map<string, string>();
      const ones = new Map<number, string>();
      needs.forEach((need, n) => {
        const pick = filled.picks[i]?.[n] ?? -1;
        if (pick < 0) return;
        if (need.kind === "hand") hands.set(need.task.id, day.hands[pick]?.id ?? "");
        else if (need.kind === "one")
          ones.set(n, need.of[node.things[n]?.indexOf(pick) ?? 0] ?? "");
      });
      return [[block.id, { block, at, hands, ones }]];
    }),
  );
}
