import type { Network, Node } from "./network";
import type { Filled, Order } from "./sequence";
import type { RandomGenerator } from "pure-rand/types/RandomGenerator";
import { uniform } from "../units/random";

/** As late as each could be if nothing else were on the clock: the latest first. */
export const usualOrder = ({ nodes }: Network): Order => ({
  rank: nodes.map((n) => -n.slackest),
  turn: nodes.map(() => 0),
  pullMin: nodes.map(() => 0),
});

/** Another order by chance, so many minutes about. */
export const stirred = (order: Order, strength: number, random: RandomGenerator): Order => ({
  ...order,
  rank: order.rank.map((r) => r + (uniform(random) - 0.5) * strength),
});

/** A block with all that comes after it: it is put once those are. */
function chainOf({ nodes }: Network, i: number): ReadonlySet<number> {
  const chain = new Set<number>();
  const walk = (at: number): void => {
    if (chain.has(at)) return;
    chain.add(at);
    for (const e of nodes[at]?.onward ?? []) walk(e.node);
  };
  walk(i);
  return chain;
}

/** So little before another. */
const HAIR = 1e-6;

/** A block put before another, with what it waits for. */
function putBefore(network: Network, order: Order, i: number, before: number): Order {
  const bar = order.rank[before] ?? 0;
  const chain = [...chainOf(network, i)]
    .filter((c) => (order.rank[c] ?? 0) >= bar && c !== before)
    .sort((a, b) => (order.rank[a] ?? 0) - (order.rank[b] ?? 0));
  const rank = [...order.rank];
  chain.forEach((c, n) => (rank[c] = bar - (chain.length - n) * HAIR));
  return { ...order, rank };
}

/** What found no place is put before everything else (squeaky wheel, Joslin and Clements 1999). */
export function putFirst(network: Network, order: Order, i: number): Order {
  const least = Math.min(...order.rank);
  const first = order.rank.indexOf(least);
  return putBefore(network, order, i, first);
}

/** Whether two blocks want the same thing, or the same hands. */
function isInTheWay(a: Node, b: Node): boolean {
  return a.known.needs.some((x, i) =>
    b.known.needs.some((y, k) => {
      if (x.kind !== y.kind) return false;
      if (x.kind !== "one") return x.kind !== "up" && x.kind !== "loud";
      const those = b.things[k] ?? [];
      return (a.things[i] ?? []).some((t) => those.includes(t));
    }),
  );
}

const neighbours = new WeakMap<Network, boolean[][]>();
function conflictsOf(network: Network): boolean[][] {
  const known = neighbours.get(network);
  if (known !== undefined) return known;
  const all = network.nodes.map((a) => network.nodes.map((b) => isInTheWay(a, b)));
  neighbours.set(network, all);
  return all;
}

/** How many choices of hands or rings a block has at the most. */
const choicesOf = (network: Network, { known, things }: Node): number =>
  Math.max(
    1,
    ...known.needs.map((n, i) =>
      n.kind === "hand" ? network.day.hands.length : (things[i]?.length ?? 1),
    ),
  );

/**
 * Orders a step away from one that was filled: a block that stands earlier than is asked for is put before what
 * took its place; and other hands or another ring for a block.
 */
export function* near(network: Network, order: Order, filled: Filled): Generator<Order> {
  const conflicts = conflictsOf(network);
  const placeIn = new Map(filled.order.map((i, n) => [i, n]));
  for (const { node: i, wantedAt } of filled.pushed) {
    const mine = placeIn.get(i) ?? 0;
    const from = filled.at[i] ?? 0;
    const to = wantedAt + (network.nodes[i]?.known.lengthMin ?? 0);
    for (const j of filled.order.slice(0, mine).reverse()) {
      const at = filled.at[j] ?? 0;
      const end = at + (network.nodes[j]?.known.lengthMin ?? 0);
      if (conflicts[i]?.[j] === true && at < to && end > from)
        yield putBefore(network, order, i, j);
    }
  }
  for (const [i, node] of network.nodes.entries()) {
    if (filled.at[i] === undefined) continue;
    for (let more = 1; more < choicesOf(network, node); more++)
      yield { ...order, turn: order.turn.map((t, n) => (n === i ? t + more : t)) };
  }
}

const NUDGES_MIN = [1, 3, 8, 20, -1, -3, -8];

/** One block somewhat earlier or later than the others ask for. */
export function* nudged(order: Order, filled: Filled): Generator<Order> {
  for (const i of filled.order)
    for (const by of NUDGES_MIN) {
      const min = Math.max(0, (order.pullMin[i] ?? 0) + by);
      if (min !== order.pullMin[i])
        yield { ...order, pullMin: order.pullMin.map((p, n) => (n === i ? min : p)) };
    }
}

/**
 * The same order with each block put so much earlier that the nearest of what it waits on waits no longer: a
 * minute more of its own for one less of each of them.
 * @returns the order, and the minutes that it may win at the most; null where there are none
 */
export function tightened(
  network: Network,
  order: Order,
  { at }: Filled,
): { readonly order: Order; readonly wonMin: number } | null {
  let wonMin = 0;
  const pullMin = network.nodes.map(({ after }, i) => {
    const start = at[i];
    const now = order.pullMin[i] ?? 0;
    if (start === undefined || after.length < 2) return now;
    const waits = after.map((e) => start - (at[e.node] ?? -Infinity) - e.fromMin - e.gapMin);
    const spareMin = Math.min(...waits);
    if (spareMin <= 0 || spareMin === Infinity) return now;
    wonMin += spareMin * (after.length - 1);
    return now + spareMin;
  });
  return wonMin === 0 ? null : { order: { ...order, pullMin }, wonMin };
}
