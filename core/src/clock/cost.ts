import type { Goal } from "./day";
import type { Network } from "./network";
import type { Placed } from "./place";
import type { Filled } from "./sequence";
import type { Minute } from "./wall-clock";

/**
 * What a schedule costs, in the order of its ranks: a minute late outweighs every switch a kitchen of this
 * size can have, and a switch every minute that food waits.
 */
export const COST = {
  /** A minute late, times how firm the meal is. */
  late: 10_000,
  /** Hands that go from one pot to another. */
  switch: 30,
  /** A block moved that stood elsewhere before. */
  moved: 5,
  /** A minute that food waits between one piece of work and the next, or for the table. */
  wait: 1,
} as const;

/** When each block begins, by its place; undefined where it is not on the clock. */
type Starts = readonly (Minute | undefined)[];

export const atOf = (network: Network, placed: ReadonlyMap<string, Placed>): Starts =>
  network.nodes.map((n) => placed.get(n.known.block.id)?.at);

/** Minutes that food waits, from one piece of work to the next and for what it is due for. */
export function waitMin(
  network: Network,
  at: Starts,
  goals: readonly Goal[],
  lateMin: ReadonlyMap<string, number>,
): number {
  let min = 0;
  network.nodes.forEach((node, i) => {
    const from = at[i];
    if (from === undefined) return;
    for (const e of node.after) {
      const earlier = at[e.node];
      if (earlier !== undefined) min += Math.max(0, from - earlier - e.fromMin - e.leastMin);
    }
    for (const goal of node.reaches)
      if (goal.due !== null && goals.includes(goal))
        min += Math.max(0, goal.due + (lateMin.get(goal.id) ?? 0) - from - node.known.readyMin);
  });
  return min;
}

/** The cost of what is on the clock. */
export function costOf(
  network: Network,
  { at, picks }: Pick<Filled, "at" | "picks">,
  goals: readonly Goal[],
  lateMin: ReadonlyMap<string, number>,
  before?: Starts,
  switchCost: number = COST.switch,
): number {
  const late = goals.reduce((sum, g) => sum + g.weight * (lateMin.get(g.id) ?? 0), 0);
  let moved = 0;
  before?.forEach((was, i) => {
    if (was !== undefined && at[i] !== undefined && at[i] !== was) moved++;
  });
  return (
    COST.late * late +
    COST.moved * moved +
    COST.wait * waitMin(network, at, goals, lateMin) +
    (switchCost === 0 ? 0 : switchCost * switchesOf(network, at, picks))
  );
}

/** How often somebody turns from one pot to another. */
function switchesOf(network: Network, at: Starts, picks: Filled["picks"]): number {
  const byHand = network.day.hands.map((): { from: Minute; pot: string }[] => []);
  network.nodes.forEach(({ known, pots }, i) => {
    const start = at[i];
    if (start === undefined) return;
    pots.forEach((pot, n) => {
      if (pot === null) return;
      byHand[picks[i]?.[n] ?? -1]?.push({ from: start + (known.needs[n]?.off ?? 0), pot });
    });
  });
  let switches = 0;
  for (const list of byHand) {
    list.sort((a, b) => a.from - b.from);
    for (let i = 1; i < list.length; i++) if (list[i]?.pot !== list[i - 1]?.pot) switches++;
  }
  return switches;
}
