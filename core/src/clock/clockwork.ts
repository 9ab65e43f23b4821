import { chanceOf, DRAWS, SURE, type Chance } from "./chance";
import { brokenIn, type Broken } from "./check";
import { clashOf, withoutWish, type Clash, type Wish } from "./clash";
import { dayOf, type Asked, type Day, type Goal } from "./day";
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
  readonly inHandMin: ReadonlyMap<string, number>;
  readonly chance: Chance;
  /** What had to be given up to draw it at all. */
  readonly clashes: readonly Clash[];
  readonly broken: readonly Broken[];
  /** When nothing loud is wished, whatever had to be given up. */
  readonly quiet: readonly Stretch[];
}

/** While something is dragged. */
const FEW_DRAWS = 60;
/** So many rounds of keeping more in hand; then what is had is said. */
const ROUNDS = 4;
const STEP_MIN = 5;
/** More is not kept in hand: what is that unsure is said instead, min. */
const MOST_IN_HAND_MIN = 120;

/**
 * Fills the clock, and keeps so much in hand that each goal is reached nine times in ten where there is room
 * for it. What has no place is drawn all the same, with what stands in its way given up: it breaks there.
 */
export function clockworkOf(asked: Asked, wall: WallClock, options: SolveOptions = {}): Clockwork {
  const first = dayOf(asked, wall);
  const given = asked.inHandMin ?? new Map<string, number>();
  const wishedAt = new Map(
    first.goals.flatMap((g): [string, Minute][] =>
      g.due === null ? [] : [[g.id, g.due + (g.kind === "pot" ? (given.get(g.id) ?? 0) : 0)]],
    ),
  );
  const wished = (g: Goal): Minute | null => wishedAt.get(g.id) ?? null;
  const clashes: Clash[] = [];
  let schedule = solve(first, options);
  for (let round = 0; round < MOST_CLASHES; round++) {
    const [goal] = schedule.impossible;
    if (goal === undefined) break;
    const without = givenUp(first, clashes);
    const inForce = { ...without, goals: first.goals.filter((g) => isInForce(g, goal, schedule)) };
    const clash = clashOf(inForce, goal, pinnedOf(asked));
    if (toGiveUp(clash).length === 0) break;
    clashes.push(clash);
    schedule = solve(givenUp(first, clashes), options);
  }
  const isQuick = options.isQuick === true;
  let chance = chanceOf(schedule, wished, isQuick ? FEW_DRAWS : DRAWS);
  let inHandMin: ReadonlyMap<string, number> = given;
  for (let round = 0; round < ROUNDS && !isQuick; round++) {
    const lacking = chance.goals.filter(
      (g) => g.inTime < SURE && !schedule.lateMin.has(g.goalId) && g.lacksMin > 0,
    );
    if (lacking.length === 0) break;
    const more = new Map(inHandMin);
    for (const g of lacking) {
      const min = (more.get(g.goalId) ?? 0) + Math.ceil(g.lacksMin / STEP_MIN) * STEP_MIN;
      more.set(g.goalId, Math.min(MOST_IN_HAND_MIN, min));
    }
    const next = solve(givenUp(dayOf({ ...asked, inHandMin: more }, wall), clashes), options);
    // Where there is no room for it, it is not in hand.
    if (
      next.lateMin.size > schedule.lateMin.size ||
      next.impossible.length > schedule.impossible.length
    )
      break;
    schedule = next;
    inHandMin = more;
    chance = chanceOf(schedule, wished);
  }
  const { hands, loud, fridgeL } = first;
  const broken = brokenIn({ ...schedule, day: { ...schedule.day, hands, loud, fridgeL } });
  const quiet = without([{ from: first.now, to: first.until }], loud);
  return { asked, schedule, wishedAt, inHandMin, chance, clashes, broken, quiet };
}

const MOST_CLASHES = 5;
const pinnedOf = ({ clock }: Asked): ReadonlySet<string> =>
  new Set(clock.pins.map((p) => p.blockId));
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

/** What is late or has no place, with the smallest set of wishes that cannot all be kept, and ways out. */
export function troublesOf(work: Clockwork, wall: WallClock): readonly Trouble[] {
  const { asked } = work;
  const base = solve(dayOf({ ...asked, inHandMin: new Map() }, wall), { isQuick: true });
  const late = base.day.goals.filter((g) => base.lateMin.has(g.id));
  const clashes = [
    ...work.clashes,
    ...late.map((goal) => {
      const goals = base.day.goals.filter((g) => isInForce(g, goal, base));
      return clashOf({ ...base.day, goals }, goal, pinnedOf(asked));
    }),
  ];
  const known = new Map<string, readonly Remedy[]>();
  return clashes.map((clash): Trouble => {
    const { id } = clash.goal;
    const remedies =
      known.get(id) ?? remediesFor(asked, withAll(clash, clashes), base, work.schedule, wall);
    known.set(id, remedies);
    return {
      ...clash,
      lateMin: base.lateMin.get(id) ?? null,
      blockId: base.inTheWay.get(id) ?? null,
      remedies,
    };
  });
}

/** A goal with several clashes is only helped by what mends them all. */
const withAll = (clash: Clash, all: readonly Clash[]): Clash => ({
  ...clash,
  wishes: all.filter((c) => c.goal.id === clash.goal.id).flatMap((c) => c.wishes),
});
