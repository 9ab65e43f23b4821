import { convertDish } from "../because/converted";
import { ONE_COOK, type Hand } from "../simulate/hands-schema";
import type { Kitchen } from "../simulate/kitchen-schema";
import type { Heat, Plan } from "../simulate/plan-schema";
import { suitsPlan, vesselOf } from "../simulate/references";
import { isRoomIn } from "../simulate/water-ways";
import { outcomeOf } from "../units/problem";
import { called } from "../vessel/called";
import type { Clash } from "./clash";
import type { Clock } from "../simulate/clock-schema";
import { dayOf, type Asked, type Goal } from "./day";
import { tasksAt } from "./place";
import { atOf, waitMin } from "./cost";
import { scaled } from "../dish/scale";
import { isAheadIn } from "./cooked";
import { networkOf } from "./network";
import { potBlocks } from "./pot-blocks";
import { solve, type Schedule } from "./solve";
import type { Minute, WallClock } from "./wall-clock";

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
export interface Remedy {
  readonly id: string;
  readonly title: string;
  readonly cost: RemedyCost;
  /** What the kitchen, the plans and the clock are once it is taken; only what changes. */
  readonly change: RemedyChange;
}

export interface RemedyChange {
  readonly plans?: readonly Plan[];
  readonly clock?: Clock;
  readonly hands?: readonly Hand[];
}

/** No more than so many are given, and of one kind no more than so many: others are other ways out. */
const MOST = 6;
const MOST_ALIKE = 2;
const ENOUGH = 2;
const STEP_MIN = 5;
const HELP_MIN = 120;

interface Idea {
  readonly id: string;
  readonly title: string;
  readonly change: RemedyChange;
}

const heatedHow = (heat: Heat): string => {
  switch (heat.method) {
    case "hob":
      return "on the ring";
    case "oven":
      return "in the oven";
    case "slowCooker":
      return `on ${heat.setting.toUpperCase()}`;
    case "pressure":
      return "under pressure";
  }
};

/** What was asked, with a change made. */
export const changed = (asked: Asked, change: RemedyChange): Asked => {
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
 * clash, somebody to help, the meal later, a pot left out. Only what brings everything in time is given.
 * @param base the clock with what can be in time
 * @param drawn the clock as it is shown, which costs are counted from
 */
export function remediesFor(
  asked: Asked,
  clash: Clash,
  base: Schedule,
  drawn: Schedule,
  wall: WallClock,
): readonly Remedy[] {
  const involved = new Set([
    ...clash.goal.planIds,
    ...clash.wishes.flatMap((w) => (w.kind === "goal" ? w.goal.planIds : [])),
  ]);
  const plans = asked.plans.filter((p) => involved.has(p.id));
  const found: Remedy[] = [];
  const tryOut = (idea: Idea): void => {
    const alike = found.filter((r) => kindOf(r) === kindOf(idea)).length;
    if (found.length >= MOST || alike >= MOST_ALIKE) return;
    const whole = dayOf(changed(asked, idea.change), wall);
    if (whole.problems.size > base.day.problems.size) return;
    const day = { ...whole, goals: whole.goals.filter((g) => isInForce(g, clash.goal, base)) };
    const tried = solve(day, { isQuick: true, onlyInTime: true });
    if (tried.impossible.length === 0 && tried.lateMin.size === 0)
      found.push({ ...idea, cost: costBeside(drawn, tried, clash.goal) });
  };
  const moves = [
    ...plans.flatMap((plan) => otherRings(plan, asked.kitchen)),
    ...plans.flatMap((plan) => otherPots(plan, asked.kitchen)),
  ];
  const others = [
    ...plans.flatMap((plan) => dayBefore(asked, plan)),
    ...helpers(asked, clash, wall),
    ...unpinned(asked, clash),
    ...byDay(asked, clash),
    ...later(asked, clash.goal, base, wall),
    ...plans.flatMap((plan) => otherHeats(plan, asked.kitchen)),
    ...plans.flatMap((plan) => twoPots(asked, plan)),
  ];
  for (const idea of [...moves, ...others]) tryOut(idea);
  // Where no one move is enough, two of different pots may be.
  if (found.length < ENOUGH) for (const idea of pairsOf(moves)) tryOut(idea);
  // What takes least stands first; a pot left out is the last thing.
  const least = [...found].sort(
    (a, b) =>
      a.cost.lateMin - b.cost.lateMin ||
      a.cost.handsMin - b.cost.handsMin ||
      a.cost.earlierMin - b.cost.earlierMin,
  );
  for (const idea of plans.flatMap((plan) => leftOut(asked, plan))) tryOut(idea);
  return [...least, ...found.slice(least.length)];
}

/** "ring", "pot", "heat": what kind of way out it is. */
const kindOf = ({ id }: Pick<Idea, "id">): string => id.split(" ")[0] ?? "";
const planIdOf = (idea: Idea) => idea.change.plans?.[0]?.id;
/** Every two moves of two pots, as one. */
const pairsOf = (moves: readonly Idea[]): readonly Idea[] =>
  moves.flatMap((a, i) =>
    moves
      .slice(i + 1)
      .filter((b) => planIdOf(a) !== planIdOf(b))
      .map((b) => ({
        id: `${a.id} + ${b.id}`,
        title: `${a.title}; ${b.title}`,
        change: { plans: [...(a.change.plans ?? []), ...(b.change.plans ?? [])] },
      })),
  );

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

const otherRings = (plan: Plan, kitchen: Kitchen): readonly Idea[] =>
  plan.heat.method === "slowCooker"
    ? []
    : kitchen.rings
        .filter((r) => r.id !== plan.ringId)
        .map((ring) => ({
          id: `ring ${plan.id} ${ring.id}`,
          title: `${plan.name} on ${called(ring.name)}`,
          change: { plans: [{ ...plan, ringId: ring.id }] },
        }));

const otherPots = (plan: Plan, kitchen: Kitchen): readonly Idea[] =>
  kitchen.vessels
    .filter(
      (v) =>
        v.id !== plan.vesselId &&
        v.kind !== "pan" &&
        suitsPlan(v, plan) &&
        isRoomIn(v, plan, kitchen),
    )
    .map((v) => ({
      id: `pot ${plan.id} ${v.id}`,
      title: `${plan.name} in ${called(v.name)}`,
      change: { plans: [{ ...plan, vesselId: v.id }] },
    }));

/** Cooked the day before, chilled, and hot again for its meal: in its own pot or in another. */
function dayBefore({ clock, kitchen }: Asked, plan: Plan): readonly Idea[] {
  const meal = clock.meals.find((m) => m.planIds.includes(plan.id));
  if (meal === undefined || isAheadIn(clock, plan.id)) return [];
  const pot = outcomeOf(() => potBlocks(plan, kitchen));
  return (pot.ok ? pot.value.reheatIn : []).slice(0, MOST_ALIKE).map((v) => {
    const ahead = [...(meal.ahead ?? []), { planId: plan.id, vesselId: v.id }];
    const where = v.id === plan.vesselId ? "" : ` in ${called(v.name)}`;
    return {
      id: `ahead ${plan.id} ${v.id}`,
      title: `${plan.name} cooked ahead, chilled, and reheated${where}`,
      change: {
        clock: {
          ...clock,
          meals: clock.meals.map((m) => (m.id === meal.id ? { ...m, ahead } : m)),
        },
      },
    };
  });
}

/** Half of it in each of two pots that are too small for all of it, on two rings. */
function twoPots({ clock, kitchen }: Asked, plan: Plan): readonly Idea[] {
  const half = scaled(plan, 0.5);
  const second = { ...half, id: `${plan.id}-2`, name: `${plan.name.slice(0, 68)}, second pot` };
  if (clock.meals.some((m) => m.planIds.includes(second.id)) || isAheadIn(clock, plan.id))
    return [];
  const small = kitchen.vessels.filter(
    (v) =>
      v.kind !== "pan" &&
      suitsPlan(v, plan) &&
      isRoomIn(v, half, kitchen) &&
      !isRoomIn(v, plan, kitchen),
  );
  const rings = kitchen.rings.filter((r) => r.id !== plan.ringId);
  const loose = clock.loose.find((l) => l.planId === plan.id);
  const withBoth: Clock = {
    ...clock,
    meals: clock.meals.map((m) =>
      m.planIds.includes(plan.id) ? { ...m, planIds: [...m.planIds, second.id] } : m,
    ),
    loose: loose === undefined ? clock.loose : [...clock.loose, { ...loose, planId: second.id }],
  };
  return small.flatMap((a, i) =>
    small.slice(i + 1).flatMap((b) =>
      rings.map((ring): Idea => ({
        id: `two ${plan.id} ${a.id} ${b.id} ${ring.id}`,
        title: `${plan.name} in two pots: half in ${called(a.name)}, half in ${called(b.name)} on ${called(ring.name)}`,
        change: {
          plans: [
            { ...half, vesselId: a.id },
            { ...second, vesselId: b.id, ringId: ring.id },
          ],
          clock: withBoth,
        },
      })),
    ),
  );
}

/** On another heat by conversion, in one load, with no danger that it had not before. */
function otherHeats(plan: Plan, kitchen: Kitchen): readonly Idea[] {
  const outcome = outcomeOf(() => convertDish(plan, kitchen).converted.answers);
  if (!outcome.ok) return [];
  const written = outcome.value.find((a) => a.ok && a.column.isWritten);
  const dangersOf = (a: (typeof outcome.value)[number] | undefined) =>
    a?.ok === true ? a.column.cautions.filter((c) => c.severity === "danger").map((c) => c.id) : [];
  const had = new Set(dangersOf(written));
  return outcome.value.flatMap((answer): Idea[] => {
    if (!answer.ok || answer.column.isWritten) return [];
    const { column } = answer;
    const isWhole = column.limits.every((l) => l.id === "full" || l.id === "fillLow");
    // A pot that would have to be bought mends nothing today.
    const isHere = kitchen.vessels.some((v) => v.id === column.plan.vesselId);
    if (column.loads !== 1 || column.refusal !== null || !isWhole || !isHere) return [];
    if (dangersOf(answer).some((id) => !had.has(id))) return [];
    const { heat } = column.plan;
    const heated = heatedHow(heat);
    const to: Plan = { ...column.plan, id: plan.id, name: plan.name, readyAt: plan.readyAt };
    return [
      {
        id: `heat ${plan.id} ${heat.method} ${heated}`,
        title: `${plan.name} ${heated} in ${called(vesselOf(to, kitchen).name)}`,
        change: { plans: [to] },
      },
    ];
  });
}

/** Somebody for the two hours before it is wanted. */
function helpers(asked: Asked, clash: Clash, wall: WallClock): readonly Idea[] {
  const { due } = clash.goal;
  if (due === null || !clash.wishes.some((w) => w.kind === "hands" || w.kind === "away")) return [];
  const hands = asked.kitchen.hands.length === 0 ? [ONE_COOK] : asked.kitchen.hands;
  const from = due - HELP_MIN;
  const id = `helper ${from}`;
  const helper: Hand = {
    id,
    name: "Helper",
    there: [
      { date: wall.dateOf(from), weekdays: [], from: wall.timeOf(from), to: wall.timeOf(due) },
    ],
    away: [],
    sleep: null,
  };
  return [
    {
      id,
      title: `A helper from ${wall.timeOf(from)} to ${wall.timeOf(due)}`,
      change: { hands: [...hands, helper] },
    },
  ];
}

/** By day, where it was to go through the night. */
const byDay = ({ clock }: Asked, clash: Clash): readonly Idea[] =>
  clash.wishes.some((w) => w.kind === "overnight")
    ? [
        {
          id: `by day ${clash.goal.id}`,
          title: `${clash.goal.name} by day`,
          change: {
            clock: {
              ...clock,
              loose: clock.loose.map((l) =>
                l.planId === clash.goal.id ? { ...l, onlyOvernight: false } : l,
              ),
            },
          },
        },
      ]
    : [];

const unpinned = (asked: Asked, clash: Clash): readonly Idea[] =>
  clash.wishes.flatMap((w) =>
    w.kind === "pin"
      ? [
          {
            id: `unpin ${w.blockId}`,
            title: "Let go what was put there by hand",
            change: {
              clock: {
                ...asked.clock,
                pins: asked.clock.pins.filter((p) => p.blockId !== w.blockId),
              },
            },
          },
        ]
      : [],
  );

/** As much later as it takes, to five minutes. */
function later(asked: Asked, goal: Goal, base: Schedule, wall: WallClock): readonly Idea[] {
  const late = base.lateMin.get(goal.id);
  if (late === undefined || goal.due === null) return [];
  const due: Minute = Math.ceil((goal.due + late) / STEP_MIN) * STEP_MIN;
  const at = wall.isoOf(due);
  const { clock } = asked;
  return [
    {
      id: `later ${goal.id}`,
      title: `${goal.name} at ${wall.sayAt(due)}`,
      change: {
        clock: {
          ...clock,
          meals: clock.meals.map((m) => (m.id === goal.id ? { ...m, at } : m)),
          loose: clock.loose.map((l) => (l.planId === goal.id ? { ...l, by: at } : l)),
        },
      },
    },
  ];
}

const leftOut = ({ clock }: Asked, plan: Plan): readonly Idea[] => [
  {
    id: `without ${plan.id}`,
    title: `Without ${plan.name.toLowerCase()}`,
    change: {
      clock: {
        ...clock,
        meals: clock.meals.map((m) => ({
          ...m,
          planIds: m.planIds.filter((id) => id !== plan.id),
        })),
        loose: clock.loose.filter((l) => l.planId !== plan.id),
      },
    },
  },
];
