import { resolve, type SetPot } from "../simulate/set-pot";
import { ONE_COOK } from "../simulate/hands";
import { heatOf, isSlow } from "../heats/heat";
import { convertDish } from "../because/converted";
import type { Clock } from "../simulate/clock-schema";
import type { Hand } from "../simulate/hands-schema";
import type { Plan } from "../simulate/plan-schema";
import { suitsPlan, vesselOf } from "../simulate/references";
import { isRoomIn } from "../simulate/pot-fit";
import { outcomeOf } from "../units/problem";
import { called } from "../vessel/called";
import { scaled } from "../dish/scale";
import type { Clash } from "./clash";
import { isAheadIn } from "./cooked";
import type { Asked, Goal } from "./day";
import { potBlocks } from "./pot-blocks";
import type { Schedule } from "./solve";
import type { Minute, WallClock } from "./wall-clock";

/** What changes once a way out is taken; the rest stays as it is. */
export interface IdeaChange {
  readonly plans?: readonly Plan[];
  readonly clock?: Clock;
  readonly hands?: readonly Hand[];
}

/** A way out that might hold; nobody has tried it yet. */
export interface Idea {
  readonly id: string;
  readonly title: string;
  readonly change: IdeaChange;
}

/** What a clash is about, and what may be changed to get out of it. */
export interface Bound {
  readonly asked: Asked;
  readonly clash: Clash;
  /** Pots of the clash. */
  readonly plans: readonly Plan[];
  /** The clock with what can be in time. */
  readonly base: Schedule;
  readonly wall: WallClock;
}

const STEP_MIN = 5;
const HELP_MIN = 120;
/** Pots that one could be made hot again in, of which one is offered. */
const MOST_POTS = 2;

/** One pot of the clash on another ring, or in another pot. */
export const moves = ({ asked, plans }: Bound): readonly Idea[] => [
  ...plans.flatMap((plan) => otherRings(resolve(plan, asked.kitchen))),
  ...plans.flatMap((plan) => otherPots(resolve(plan, asked.kitchen))),
];

/** All else that may help, in the order in which it is tried; to convert a dish takes long, so it comes late. */
export function* others({ asked, clash, plans, base, wall }: Bound): Generator<Idea> {
  for (const plan of plans) yield* dayBefore(asked, plan);
  yield* helpers(asked, clash, wall);
  yield* unpinned(asked, clash);
  yield* byDay(asked, clash);
  yield* later(asked, clash.goal, base, wall);
  for (const plan of plans) yield* otherHeats(resolve(plan, asked.kitchen));
  for (const plan of plans) yield* twoPots(asked, plan);
}

/** A pot of the clash left out: the last thing. */
export const without = ({ asked, plans }: Bound): readonly Idea[] =>
  plans.flatMap((plan) => leftOut(asked, plan));

const planIdOf = (idea: Idea) => idea.change.plans?.[0]?.id;
/** Every two moves of two pots, as one. */
export const pairsOf = (all: readonly Idea[]): readonly Idea[] =>
  all.flatMap((a, i) =>
    all
      .slice(i + 1)
      .filter((b) => planIdOf(a) !== planIdOf(b))
      .map((b) => ({
        id: `${a.id} + ${b.id}`,
        title: `${a.title}; ${b.title}`,
        change: { plans: [...(a.change.plans ?? []), ...(b.change.plans ?? [])] },
      })),
  );

const otherRings = ({ plan, kitchen }: SetPot): readonly Idea[] =>
  isSlow(plan.heat)
    ? []
    : kitchen.rings
        .filter((r) => r.id !== plan.ringId)
        .map((ring) => ({
          id: `ring ${plan.id} ${ring.id}`,
          title: `${plan.name} on ${called(ring.name)}`,
          change: { plans: [{ ...plan, ringId: ring.id }] },
        }));

const otherPots = (setPot: SetPot): readonly Idea[] =>
  setPot.kitchen.vessels
    .filter(
      (v) =>
        v.id !== setPot.plan.vesselId &&
        v.kind !== "pan" &&
        suitsPlan(v, setPot.plan) &&
        isRoomIn(v, setPot),
    )
    .map((v) => ({
      id: `pot ${setPot.plan.id} ${v.id}`,
      title: `${setPot.plan.name} in ${called(v.name)}`,
      change: { plans: [{ ...setPot.plan, vesselId: v.id }] },
    }));

/** Cooked the day before, chilled, and hot again for its meal: in its own pot or in another. */
function dayBefore({ clock, kitchen }: Asked, plan: Plan): readonly Idea[] {
  const meal = clock.meals.find((m) => m.planIds.includes(plan.id));
  if (meal === undefined || isAheadIn(clock, plan.id)) return [];
  const pot = outcomeOf(() => potBlocks(resolve(plan, kitchen)));
  return (pot.ok ? pot.value.reheatIn : []).slice(0, MOST_POTS).map((v) => {
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
  const [whole, halved] = [resolve(plan, kitchen), resolve(half, kitchen)];
  const small = kitchen.vessels.filter(
    (v) => v.kind !== "pan" && suitsPlan(v, plan) && isRoomIn(v, halved) && !isRoomIn(v, whole),
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

/** On another heat by conversion, in one load. */
function otherHeats(setPot: SetPot): readonly Idea[] {
  const { plan, kitchen } = setPot;
  const outcome = outcomeOf(() => convertDish(setPot).converted.answers);
  return (outcome.ok ? outcome.value : []).flatMap((answer): Idea[] => {
    if (!answer.ok || answer.column.isWritten) return [];
    const { column } = answer;
    const isWhole = column.limits.every((l) => l.id === "full" || l.id === "fillLow");
    // A pot that would have to be bought mends nothing today.
    const isHere = kitchen.vessels.some((v) => v.id === column.plan.vesselId);
    if (column.loads !== 1 || column.refusal !== null || !isWhole || !isHere) return [];
    const { heat } = column.plan;
    const heated = heatOf(heat).where(heat);
    const to: Plan = { ...column.plan, id: plan.id, name: plan.name, readyAt: plan.readyAt };
    return [
      {
        id: `heat ${plan.id} ${heat.method} ${heated}`,
        title: `${plan.name} ${heated} in ${called(vesselOf(resolve(to, kitchen)).name)}`,
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
      title: `A helper from ${wall.sayTime(from)} to ${wall.sayTime(due)}`,
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
