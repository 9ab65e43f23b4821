import type { Day, Goal } from "./day";
import { keptOven, keptThings, type Known, knownOf, linkMin, gapMin } from "./place";
import type { Stretch } from "./stretch";
import type { Block, Link, OvenNeed } from "./task";
import type { Minute } from "./wall-clock";

/** One block before another, seen from either. */
export interface Edge {
  /** The other block, by its place. */
  readonly node: number;
  /** Minutes from the beginning of the earlier to where the link counts, and what has to lie between then. */
  readonly fromMin: number;
  readonly gapMin: number;
  /** The same without what is kept in hand. */
  readonly leastMin: number;
  /** Infinite where it may wait for ever. */
  readonly mostMin: number;
  /** What is in the earlier one's vessel waits there for the later one. */
  readonly waits: boolean;
  /** What stands in the fridge from the earlier one to the end of the later, L. */
  readonly fridgeL: number;
}

/** A block with what it hangs on, by places in lists: made once and gone through thousands of times. */
export interface Node {
  readonly known: Known;
  readonly after: readonly Edge[];
  readonly onward: readonly Edge[];
  /** By need: the things one of which it takes. */
  readonly things: readonly (readonly number[])[];
  /** Whose work each need of hands is, to count turns from one pot to another; null for other needs. */
  readonly pots: readonly (string | null)[];
  /** Things whose contents wait in them once it is over, and the oven it waits in. */
  readonly kept: readonly number[];
  readonly keptOven: OvenNeed | null;
  readonly notBefore: Minute;
  /** Starts from which it goes through a night, where it has to. */
  readonly evenings: readonly Stretch[] | null;
  /** Goals that it serves, whatever comes between. */
  readonly goals: readonly Goal[];
  /** Goals that are reached once it is ready. */
  readonly reaches: readonly Goal[];
  /** Its latest start if nothing else were on the clock. */
  readonly slackest: Minute;
}

export interface Network {
  readonly day: Day;
  readonly nodes: readonly Node[];
  readonly places: ReadonlyMap<string, number>;
  /** How many things there are; the hands come first, in the day's order. */
  readonly thingCount: number;
  readonly isEndless: readonly boolean[];
  /** From when on so many are up, in order. */
  readonly upCounts: readonly { readonly from: Minute; readonly count: number }[];
}

/** The blocks of a day with what comes after what, worked out once. */
export function networkOf(day: Day): Network {
  const places = new Map(day.blocks.map((b, i) => [b.id, i]));
  const knowns = day.blocks.map(knownOf);
  const thingOf = new Map<string, number>();
  const thing = (key: string): number => {
    const found = thingOf.get(key) ?? day.hands.length + thingOf.size;
    thingOf.set(key, found);
    return found;
  };
  const after = day.blocks.map((block) =>
    block.after.flatMap((link): Edge[] => {
      const node = places.get(link.blockId);
      const known = node === undefined ? undefined : knowns[node];
      if (node === undefined || known === undefined) return [];
      return [edgeOf(node, known, link, block)];
    }),
  );
  const onward = day.blocks.map((): Edge[] => []);
  after.forEach((edges, i) => {
    for (const edge of edges) onward[edge.node]?.push({ ...edge, node: i });
  });
  const goals = day.blocks.map((): Goal[] => []);
  for (const goal of day.goals) {
    const seen = new Set<number>();
    const walk = (i: number | undefined): void => {
      if (i === undefined || seen.has(i)) return;
      seen.add(i);
      goals[i]?.push(goal);
      for (const edge of after[i] ?? []) walk(edge.node);
    };
    walk(places.get(goal.blockId));
  }
  const reaches = day.blocks.map((b) => day.goals.filter((g) => g.blockId === b.id));
  const slackest: Minute[] = [];
  const slackOf = (i: number): Minute => {
    const found = slackest[i];
    if (found !== undefined) return found;
    const readyMin = knowns[i]?.readyMin ?? 0;
    const start = Math.min(
      day.until,
      ...(onward[i] ?? []).map((e) => slackOf(e.node) - e.gapMin - e.fromMin),
      ...(reaches[i] ?? []).flatMap((g) => (g.due === null ? [] : [g.due - readyMin])),
    );
    slackest[i] = start;
    return start;
  };
  const nodes = knowns.map((known, i): Node => {
    const { block, needs } = known;
    return {
      known,
      after: after[i] ?? [],
      onward: onward[i] ?? [],
      things: needs.map((n) => (n.kind === "one" ? n.of.map(thing) : [])),
      pots: needs.map((n) => (n.kind === "hand" ? n.task.planIds.join("+") : null)),
      kept: keptThings(block).map(thing),
      keptOven: keptOven(block),
      notBefore: Math.max(day.now, block.notBefore ?? day.now),
      evenings: block.isOvernight ? day.overnight(known.readyMin) : null,
      goals: goals[i] ?? [],
      reaches: reaches[i] ?? [],
      slackest: slackOf(i),
    };
  });
  const isEndless = [
    ...day.hands.map(() => false),
    ...[...thingOf.keys()].map((key) => day.endless?.has(key) === true),
  ];
  return {
    day,
    nodes,
    places,
    thingCount: day.hands.length + thingOf.size,
    isEndless,
    upCounts: upCountsOf(day),
  };
}

const edgeOf = (node: number, earlier: Known, link: Link, later: Block): Edge => ({
  node,
  fromMin: linkMin(earlier, link),
  gapMin: gapMin(link),
  leastMin: link.leastMin,
  mostMin: link.mostMin ?? Infinity,
  waits: waitsFor(earlier.block, later),
  fridgeL: link.fridgeL ?? 0,
});

/** Whether what is in a block's vessel waits there for the next one: it is served from it, or goes on in it. */
function waitsFor(block: Block, next: Block): boolean {
  const kept = block.steps.at(-1)?.vesselIds ?? [];
  if (kept.length === 0) return false;
  return next.kind === "serve" || next.steps.some((t) => t.vesselIds.some((v) => kept.includes(v)));
}

function upCountsOf(day: Day): Network["upCounts"] {
  const edges = day.hands.flatMap((h) =>
    h.free.flatMap((s) => [
      { at: s.from, by: 1 },
      { at: s.to, by: -1 },
    ]),
  );
  edges.sort((a, b) => a.at - b.at);
  const out: { from: Minute; count: number }[] = [{ from: -Infinity, count: 0 }];
  let count = 0;
  for (const { at, by } of edges) {
    count += by;
    const last = out.at(-1);
    if (last?.from === at) last.count = count;
    else out.push({ from: at, count });
  }
  return out;
}
