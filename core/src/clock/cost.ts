import type { Goal } from "./day";
import { linkMin, tasksAt, type Placed } from "./place";
import type { Network } from "./sequence";
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

/** Minutes that food waits, from one piece of work to the next and for what it is due for. */
export function waitMin(
  network: Network,
  placed: ReadonlyMap<string, Placed>,
  goals: readonly Goal[],
  lateMin: ReadonlyMap<string, number>,
): number {
  let min = 0;
  for (const p of placed.values())
    for (const link of p.block.after) {
      const from = placed.get(link.blockId);
      const known = network.known.get(link.blockId);
      if (from === undefined || known === undefined) continue;
      min += Math.max(0, p.at - from.at - linkMin(known, link) - link.leastMin);
    }
  for (const goal of goals) {
    const p = placed.get(goal.blockId);
    const known = network.known.get(goal.blockId);
    if (p === undefined || known === undefined || goal.due === null) continue;
    min += Math.max(0, goal.due + (lateMin.get(goal.id) ?? 0) - p.at - known.readyMin);
  }
  return min;
}

/** The cost of what is on the clock. */
export function costOf(
  network: Network,
  placed: ReadonlyMap<string, Placed>,
  goals: readonly Goal[],
  lateMin: ReadonlyMap<string, number>,
  before?: ReadonlyMap<string, Minute>,
  switchCost: number = COST.switch,
): number {
  const late = goals.reduce((sum, g) => sum + g.weight * (lateMin.get(g.id) ?? 0), 0);
  const moved = [...placed.values()].filter((p) => {
    const was = before?.get(p.block.id);
    return was !== undefined && was !== p.at;
  }).length;
  return (
    COST.late * late +
    COST.moved * moved +
    COST.wait * waitMin(network, placed, goals, lateMin) +
    switchCost * switchesOf(placed.values())
  );
}

/** How often somebody turns from one pot to another. */
export function switchesOf(placed: Iterable<Placed>): number {
  const byHand = new Map<string, { from: Minute; pot: string }[]>();
  for (const p of placed)
    for (const { task, from } of tasksAt(p)) {
      const hand = p.hands.get(task.id);
      if (hand === undefined) continue;
      const list = byHand.get(hand) ?? [];
      list.push({ from, pot: task.planIds.join("+") });
      byHand.set(hand, list);
    }
  let switches = 0;
  for (const list of byHand.values()) {
    list.sort((a, b) => a.from - b.from);
    for (let i = 1; i < list.length; i++) if (list[i]?.pot !== list[i - 1]?.pot) switches++;
  }
  return switches;
}
