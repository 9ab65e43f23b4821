import { needsOf } from "./needs";
import type { Day, Goal } from "./day";
import { merged } from "./stretch";
import { solve } from "./solve";
import type { HandHours } from "./hours";
import { someoneUp } from "./hours";

/** Something that is wished, or that is so, and that stands in the way of something else. */
export type Wish =
  | { readonly kind: "goal"; readonly goal: Goal }
  | { readonly kind: "sleep"; readonly hand: HandHours }
  | { readonly kind: "away"; readonly hand: HandHours }
  | { readonly kind: "hands"; readonly count: number }
  /** A ring, a vessel or the cold place takes one pot at a time. */
  | { readonly kind: "one"; readonly key: string }
  | { readonly kind: "pin"; readonly blockId: string }
  /** It goes through the night, and by day it does not. */
  | { readonly kind: "overnight"; readonly blockId: string }
  /** The house is quiet then. */
  | { readonly kind: "quiet" }
  /** So much has room in the fridge. */
  | { readonly kind: "fridge"; readonly volumeL: number }
  /** Nothing can be begun before now. */
  | { readonly kind: "now" };

/** What cannot all be: without any one of these it could. */
export interface Clash {
  /** The goal that is late or has no place. */
  readonly goal: Goal;
  readonly wishes: readonly Wish[];
}

const BEFORE_NOW_MIN = 2880;
const ANYBODY = "somebody more";

/** A day on which one wish is given up. */
export function withoutWish(day: Day, wish: Wish): Day {
  const all = { from: day.now - BEFORE_NOW_MIN, to: day.until };
  const withHands = (hands: readonly HandHours[]): Day => ({ ...day, hands, up: someoneUp(hands) });
  switch (wish.kind) {
    case "goal":
      return { ...day, goals: day.goals.filter((g) => g.id !== wish.goal.id) };
    case "sleep":
      return withHands(
        day.hands.map((h) =>
          h.id === wish.hand.id ? { ...h, free: merged([...h.free, ...h.asleep]), asleep: [] } : h,
        ),
      );
    case "away":
      return withHands(
        day.hands.map((h) =>
          h.id === wish.hand.id ? { ...h, free: merged([...h.free, ...h.away]), away: [] } : h,
        ),
      );
    case "hands": {
      const up = someoneUp(day.hands);
      const more: HandHours = { id: ANYBODY, name: ANYBODY, free: up, asleep: [], away: [] };
      return withHands([...day.hands, more, { ...more, id: `${ANYBODY} 2` }]);
    }
    case "quiet":
      return { ...day, loud: [all] };
    case "fridge":
      return { ...day, fridgeL: null };
    case "one":
      return { ...day, endless: new Set([...(day.endless ?? []), wish.key]) };
    case "overnight":
      return {
        ...day,
        blocks: day.blocks.map((b) => (b.id === wish.blockId ? { ...b, isOvernight: false } : b)),
      };
    case "pin":
      return {
        ...day,
        blocks: day.blocks.map((b) => (b.id === wish.blockId ? { ...b, fixedAt: null } : b)),
      };
    case "now": {
      const hands = day.hands.map((h) => ({
        ...h,
        free: merged([...h.free, { from: all.from, to: day.now }]),
      }));
      const loud = merged([...day.loud, { from: all.from, to: day.now }]);
      return { ...withHands(hands), loud, now: all.from };
    }
  }
}

/** All that could stand in the way of a goal. */
function wishesOf(day: Day, goal: Goal, pinned: ReadonlySet<string>): readonly Wish[] {
  const keys = new Set(
    day.blocks.flatMap((b) => needsOf(b).flatMap((n) => (n.kind === "one" ? n.of : []))),
  );
  // What is found last is what is said: the plainest reasons stand at the end.
  return [
    // What goes through a night waits for one, whenever it is begun.
    ...(day.blocks.some((b) => b.isOvernight) ? [] : [{ kind: "now" } as const]),
    { kind: "hands", count: day.hands.length },
    ...day.hands.filter((h) => h.away.length > 0).map((hand): Wish => ({ kind: "away", hand })),
    ...day.hands.filter((h) => h.asleep.length > 0).map((hand): Wish => ({ kind: "sleep", hand })),
    ...day.goals.filter((g) => g.id !== goal.id).map((g): Wish => ({ kind: "goal", goal: g })),
    ...[...keys].map((key): Wish => ({ kind: "one", key })),
    ...(day.fridgeL === null ? [] : [{ kind: "fridge", volumeL: day.fridgeL } as const]),
    ...(isQuietEver(day) ? [{ kind: "quiet" } as const] : []),
    ...day.blocks
      .filter((b) => b.isOvernight)
      .map((b): Wish => ({ kind: "overnight", blockId: b.id })),
    ...day.blocks
      .filter((b) => pinned.has(b.id))
      .map((b): Wish => ({ kind: "pin", blockId: b.id })),
  ];
}

const isQuietEver = ({ loud, now, until }: Day): boolean =>
  !loud.some((s) => s.from <= now && until <= s.to);

const canBe = (day: Day, goal: Goal): boolean => {
  const found = solve(day, { isQuick: true, onlyInTime: true });
  return (
    found.impossible.length === 0 && found.lateMin.size === 0 && found.placed.has(goal.blockId)
  );
};

const firmly = (day: Day, goal: Goal): { readonly firm: Goal; readonly day: Day } => {
  const firm: Goal = { ...goal, weight: 1e3 };
  return { firm, day: { ...day, goals: day.goals.map((g) => (g.id === goal.id ? firm : g)) } };
};

/** What a wish is about, whatever else is so that day. */
const keyOf = (wish: Wish): string => {
  switch (wish.kind) {
    case "goal":
      return `goal ${wish.goal.id}`;
    case "sleep":
    case "away":
      return `${wish.kind} ${wish.hand.id}`;
    case "one":
      return `one ${wish.key}`;
    case "pin":
    case "overnight":
      return `${wish.kind} ${wish.blockId}`;
    case "hands":
    case "quiet":
    case "fridge":
    case "now":
      return wish.kind;
  }
};

/** A clash found on another day, by what is wished on this one; null where that is not wished any more. */
export function asOf(day: Day, clash: Clash, pinned: ReadonlySet<string>): Clash | null {
  const goal = day.goals.find((g) => g.id === clash.goal.id);
  if (goal === undefined) return null;
  const keys = new Set(clash.wishes.map(keyOf));
  const wishes = wishesOf(day, goal, pinned).filter((w) => keys.has(keyOf(w)));
  return wishes.length < clash.wishes.length ? null : { goal, wishes };
}

/** Whether these wishes are what cannot all be: with all others given up it cannot, without any one of them it can. */
export function isClash(day: Day, { goal, wishes }: Clash, pinned: ReadonlySet<string>): boolean {
  const { firm, day: all } = firmly(day, goal);
  const keys = new Set(wishes.map(keyOf));
  const others = wishesOf(day, goal, pinned).filter((w) => !keys.has(keyOf(w)));
  const least = others.reduce(withoutWish, all);
  return !canBe(least, firm) && wishes.every((wish) => canBe(withoutWish(least, wish), firm));
}

/**
 * The smallest set of wishes that cannot all be kept with a goal: each is given up in turn, and stays given
 * up where it changes nothing (deletion filter, Chinneck 1991). Empty where the reason is the goal itself.
 */
export function clashOf(day: Day, goal: Goal, pinned: ReadonlySet<string> = new Set()): Clash {
  const wishes = wishesOf(day, goal, pinned);
  const firmDay = firmly(day, goal);
  const { firm } = firmDay;
  let left = firmDay.day;
  const kept: Wish[] = [];
  for (const wish of wishes) {
    const less = withoutWish(left, wish);
    if (canBe(less, firm)) kept.push(wish);
    else left = less;
  }
  return { goal, wishes: kept };
}
