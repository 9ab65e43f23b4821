import { chanceOf, DRAWS, type Chance } from "./chance";
import { brokenIn, type Broken } from "./check";
import { asOf, clashOf, isClash, withoutWish, type Clash, type Wish } from "./clash";
import { dayOf, type Asked, type Day, type Goal } from "./day";
import { withInHand, type InHandMin } from "./in-hand";
import { isInForce, remediesFor, type Remedy } from "./remedies";
import { without, type Stretch } from "./stretch";
import { solve, type Schedule, type SolveOptions } from "./solve";
import type { Minute, WallClock } from "./wall-clock";

/** What cannot be as it is wished, why, and what would help. */
export interface Trouble extends Clash {
  /** How late it is as the clock stands, min; null where it has no place at all. */
  readonly lateMin: number | null;
  /** Where on the clock it stands in the way. */
  readonly blockId: string | null;
  readonly remedies: readonly Remedy[];
}

/** The clock, worked out. */
export interface Clockwork {
  readonly asked: Asked;
  readonly schedule: Schedule;
  /** When each goal is wished, whatever is kept in hand. */
  readonly wishedAt: ReadonlyMap<string, Minute>;
  readonly inHandMin: InHandMin;
  readonly chance: Chance;
  /** What had to be given up to draw it at all. */
  readonly clashes: readonly Clash[];
  readonly broken: readonly Broken[];
  /** When nothing loud is wished, whatever had to be given up. */
  readonly quiet: readonly Stretch[];
}

/** What the clock before this one came to: where it still holds it is not looked for again. */
export type Last = Pick<Clockwork, "clashes" | "inHandMin">;

export interface ClockworkOptions extends SolveOptions {
  readonly last?: Last | undefined;
}

/**
 * Fills the clock, and keeps so much in hand that each goal is reached nine times in ten where there is room
 * for it. What has no place is drawn all the same, with what stands in its way given up: it breaks there.
 * While something is dragged (`isQuick`) as much is given up, and kept in hand, as last.
 */
export function clockworkOf(
  asked: Asked,
  wall: WallClock,
  { last, ...options }: ClockworkOptions = {},
): Clockwork {
  const isQuick = options.isQuick === true;
  const dayWith = (inHandMin: InHandMin) => dayOf({ ...asked, inHandMin }, wall);
  const given: InHandMin = (isQuick ? last?.inHandMin : undefined) ?? new Map();
  const first = dayWith(given);
  const wishedAt = new Map(
    first.goals.flatMap((g): [string, Minute][] =>
      g.due === null ? [] : [[g.id, g.due + (g.kind === "pot" ? (given.get(g.id) ?? 0) : 0)]],
    ),
  );
  const wished = (g: Goal): Minute | null => wishedAt.get(g.id) ?? null;
  const roughly = { ...options, isRough: true };
  const pinned = pinnedOf(asked);
  const { clashes, schedule: base } = withoutClashes(first, pinned, roughly, last);
  const fillWith = (how: SolveOptions) => (inHandMin: InHandMin) =>
    solve(givenUp(dayWith(inHandMin), clashes), { ...how, atLeastLateMin: base.lateMin });
  const finely = (from: InHandMin) =>
    withInHand({ fill: fillWith(options), wished, draws: DRAWS, base, from });
  const { schedule, chance, inHandMin } = isQuick
    ? { schedule: base, chance: chanceOf(base, wished, FEW_DRAWS), inHandMin: given }
    : finely(
        last?.inHandMin ??
          withInHand({ fill: fillWith(roughly), wished, draws: FEW_DRAWS, base, from: given })
            .inHandMin,
      );
  const { hands, loud, fridgeL } = first;
  const broken = brokenIn({ ...schedule, day: { ...schedule.day, hands, loud, fridgeL } });
  const quiet = without([{ from: first.now, to: first.until }], loud);
  return { asked, schedule, wishedAt, inHandMin, chance, clashes, broken, quiet };
}

/** While something is dragged, and where much is tried. */
const FEW_DRAWS = 120;
const MOST_CLASHES = 5;
const pinnedOf = ({ clock }: Asked): ReadonlySet<string> =>
  new Set(clock.pins.map((p) => p.blockId));

/** A day on which everything has a place, with what had to be given up for it; what was given up last comes first. */
function withoutClashes(
  day: Day,
  pinned: ReadonlySet<string>,
  options: SolveOptions,
  last: Last | undefined,
): { readonly clashes: readonly Clash[]; readonly schedule: Schedule } {
  const inForce = (goal: Goal, others: readonly Clash[]): Day => ({
    ...givenUp(day, others),
    goals: day.goals.filter((g) => isInForce(g, goal, schedule)),
  });
  const known = (last?.clashes ?? []).flatMap((c) => asOf(day, c, pinned) ?? []);
  let clashes: Clash[] = [...known];
  let schedule = solve(givenUp(day, clashes), options);
  const isStill = (clash: Clash): boolean => {
    const others = known.filter((c) => c !== clash);
    return isClash(inForce(clash.goal, others), clash, pinned);
  };
  if (options.isQuick !== true && !known.every(isStill)) {
    clashes = [];
    schedule = solve(day, options);
  }
  while (clashes.length < MOST_CLASHES) {
    const [goal] = schedule.impossible;
    if (goal === undefined) break;
    const clash = clashOf(inForce(goal, clashes), goal, pinned);
    if (toGiveUp(clash).length === 0) break;
    clashes.push(clash);
    schedule = solve(givenUp(day, clashes), options);
  }
  return { clashes, schedule };
}

/** What is given up for the drawing, the least first: time does not run backward, and no other meal is taken off. */
const GIVEN_UP: readonly (readonly Wish["kind"][])[] = [
  ["one", "overnight", "pin", "fridge", "quiet"],
  ["hands"],
  ["away"],
  ["sleep"],
];
const toGiveUp = ({ wishes }: Clash): readonly Wish[] =>
  GIVEN_UP.map((kinds) => wishes.filter((w) => kinds.includes(w.kind))).find((w) => w.length > 0) ??
  [];

/** A day with all that stands in the way given up. */
const givenUp = (day: Day, clashes: readonly Clash[]): Day =>
  clashes.flatMap(toGiveUp).reduce(withoutWish, day);

/**
 * What is late or has no place, with the smallest set of wishes that cannot all be kept, and ways out. Pauses,
 * yielding nothing, between what is tried: whoever reads it may stop.
 */
export function* troublesInTurn(
  work: Clockwork,
  wall: WallClock,
): Generator<undefined, readonly Trouble[]> {
  const { asked } = work;
  const pinned = pinnedOf(asked);
  const base = solve(dayOf({ ...asked, inHandMin: new Map() }, wall), { isQuick: true });
  const clashes = [...work.clashes];
  for (const goal of base.day.goals.filter((g) => base.lateMin.has(g.id))) {
    yield;
    const goals = base.day.goals.filter((g) => isInForce(g, goal, base));
    clashes.push(clashOf({ ...base.day, goals }, goal, pinned));
  }
  const known = new Map<string, readonly Remedy[]>();
  const troubles: Trouble[] = [];
  for (const clash of clashes) {
    const { id } = clash.goal;
    const remedies =
      known.get(id) ??
      (yield* remediesFor(asked, withAll(clash, clashes), base, work.schedule, wall));
    known.set(id, remedies);
    troubles.push({
      ...clash,
      lateMin: base.lateMin.get(id) ?? null,
      blockId: base.inTheWay.get(id) ?? null,
      remedies,
    });
  }
  return troubles;
}

/** As above, at one go. */
export function troublesOf(work: Clockwork, wall: WallClock): readonly Trouble[] {
  const turns = troublesInTurn(work, wall);
  for (;;) {
    const { done, value } = turns.next();
    if (done === true) return value;
  }
}

/** A goal with several clashes is only helped by what mends them all. */
const withAll = (clash: Clash, all: readonly Clash[]): Clash => ({
  ...clash,
  wishes: all.filter((c) => c.goal.id === clash.goal.id).flatMap((c) => c.wishes),
});
