import { resolve } from "../simulate/set-pot";
import { factsOf } from "../safety/facts";
import { cautionsFor } from "../safety/rules";
import type { Kitchen } from "../simulate/kitchen-schema";
import type { Plan } from "../simulate/plan-schema";
import { asPlanned } from "../simulate/as-planned";
import type { Clash } from "./clash";
import { atOf, waitMin } from "./cost";
import { dayOf, type Asked, type Goal } from "./day";
import { moves, others, pairsOf, without, type Idea, type IdeaChange } from "./ideas";
import { networkOf } from "./network";
import { tasksAt } from "./place";
import { solve, type Schedule } from "./solve";
import type { WallClock } from "./wall-clock";

/** What it takes, beside how the clock stands now. Minutes; litres that come out more or less. */
export interface RemedyCost {
  readonly lateMin: number;
  readonly handsMin: number;
  readonly waitMin: number;
  /** First hands so much earlier than they are now. */
  readonly earlierMin: number;
  readonly litres: number;
}

/** A way out of a clash that was tried, and found to hold. */
export interface Remedy extends Idea {
  readonly cost: RemedyCost;
}

/** No more than so many are given, and of one kind no more than so many: others are other ways out. */
const MOST = 6;
const MOST_ALIKE = 2;
const ENOUGH = 2;

/** What was asked, with a change made. */
export const changed = (asked: Asked, change: IdeaChange): Asked => {
  const plans = new Map((change.plans ?? []).map((p) => [p.id, p]));
  return {
    ...asked,
    clock: change.clock ?? asked.clock,
    kitchen:
      change.hands === undefined ? asked.kitchen : { ...asked.kitchen, hands: [...change.hands] },
    plans: [
      ...asked.plans.map((p) => plans.get(p.id) ?? p),
      ...[...plans.values()].filter((p) => !asked.plans.some((a) => a.id === p.id)),
    ],
  };
};

/**
 * Ways out of a clash, each really made and the clock filled anew: another ring, pot or heat for a pot of the
 * clash, somebody to help, the meal later, a pot left out. Only what brings everything in time is given, and
 * with no danger that the pot had not before. Pauses, yielding nothing, after each that was tried.
 * @param base the clock with what can be in time
 * @param drawn the clock as it is shown, which costs are counted from
 */
export function* remediesFor(
  asked: Asked,
  clash: Clash,
  base: Schedule,
  drawn: Schedule,
  wall: WallClock,
): Generator<undefined, readonly Remedy[]> {
  const involved = new Set([
    ...clash.goal.planIds,
    ...clash.wishes.flatMap((w) => (w.kind === "goal" ? w.goal.planIds : [])),
  ]);
  const plans = asked.plans.filter((p) => involved.has(p.id));
  const bound = { asked, clash, plans, base, wall };
  const found: Remedy[] = [];
  const isSafe = noNewDanger(plans, asked.kitchen);
  function* tryAll(ideas: Iterable<Idea>): Generator<undefined> {
    for (const idea of ideas) {
      const alike = found.filter((r) => kindOf(r) === kindOf(idea)).length;
      if (found.length >= MOST) return;
      if (alike >= MOST_ALIKE) continue;
      yield;
      const whole = dayOf(changed(asked, idea.change), wall);
      if (whole.problems.size > base.day.problems.size) continue;
      const day = { ...whole, goals: whole.goals.filter((g) => isInForce(g, clash.goal, base)) };
      const tried = solve(day, { isQuick: true, onlyInTime: true });
      if (tried.impossible.length > 0 || tried.lateMin.size > 0 || !isSafe(idea)) continue;
      found.push({ ...idea, cost: costBeside(drawn, tried, clash.goal) });
    }
  }
  const simple = moves(bound);
  yield* tryAll(simple);
  yield* tryAll(others(bound));
  // Where no one move is enough, two of different pots may be.
  if (found.length < ENOUGH) yield* tryAll(pairsOf(simple));
  // What takes least stands first; a pot left out is the last thing.
  const least = [...found].sort(
    (a, b) =>
      a.cost.lateMin - b.cost.lateMin ||
      a.cost.handsMin - b.cost.handsMin ||
      a.cost.earlierMin - b.cost.earlierMin,
  );
  yield* tryAll(without(bound));
  return [...least, ...found.slice(least.length)];
}

/** Whether a way out brings no danger that the pots of the clash had not before. */
export function noNewDanger(
  plans: readonly Plan[],
  kitchen: Kitchen,
): (idea: Pick<Idea, "change">) => boolean {
  const dangersOf = (plan: Plan): readonly string[] => {
    const setPot = resolve(plan, kitchen);
    const { trace, waterL } = asPlanned(setPot);
    const cautions = cautionsFor(factsOf(setPot, trace, waterL));
    return cautions.filter((c) => c.severity === "danger").map((c) => c.id);
  };
  const had = new Map<string, ReadonlySet<string>>();
  const hadBy = (plan: Plan): ReadonlySet<string> => {
    const known = had.get(plan.id) ?? new Set(dangersOf(plan));
    had.set(plan.id, known);
    return known;
  };
  return ({ change }) =>
    (change.plans ?? []).every((plan) => {
      // The second of two pots was a half of the first.
      const was = [plan, ...(change.plans ?? [])].flatMap(
        ({ id }) => plans.find((p) => p.id === id) ?? [],
      )[0];
      return was === undefined || dangersOf(plan).every((id) => hadBy(was).has(id));
    });
}

/** "ring", "pot", "heat": what kind of way out it is. */
const kindOf = ({ id }: Pick<Idea, "id">): string => id.split(" ")[0] ?? "";

/** What is late for reasons of its own is not asked to be mended along with it. */
export const isInForce = (goal: Goal, mended: Goal, base: Schedule): boolean =>
  goal.id === mended.id ||
  (!base.lateMin.has(goal.id) && !base.impossible.some((g) => g.id === goal.id));

function costBeside(base: Schedule, tried: Schedule, mended: Goal): RemedyCost {
  const of = (s: Schedule) => {
    const network = networkOf(s.day);
    const hands = [...s.placed.values()]
      .flatMap(tasksAt)
      .filter((t) => t.task.attention === "hands");
    return {
      handsMin: hands.reduce((sum, t) => sum + t.min, 0),
      first: Math.min(...hands.map((t) => t.from)),
      due: s.day.goals.find((g) => g.id === mended.id)?.due ?? mended.due ?? 0,
      litres: [...s.day.pots.values()].reduce((sum, p) => sum + p.litres, 0),
      waitMin: waitMin(network, atOf(network, s.placed), s.day.goals, s.lateMin),
    };
  };
  const [a, b] = [of(base), of(tried)];
  return {
    lateMin: Math.max(0, b.due - a.due),
    handsMin: b.handsMin - a.handsMin,
    waitMin: b.waitMin - a.waitMin,
    earlierMin: Math.max(0, a.first - b.first),
    litres: b.litres - a.litres,
  };
}
