import type { Clockwork, Trouble } from "./clockwork";
import type { Broken } from "./check";
import { readyMin } from "./needs";
import type { Level } from "./pot-blocks";
import type { Remedy } from "./remedies";
import { runSheet, type SheetRow } from "./run-sheet";
import { clockSentence, sayBroken, sayReached, sayWish, thingNames } from "./say-clock";
import { isAheadIn } from "./cooked";
import { freezerNote } from "./freezer";
import { whyNotAhead } from "./reheat";
import type { Stretch } from "./stretch";
import type { Said } from "../units/said";
import type { Task } from "./task";
import type { Minute, WallClock } from "./wall-clock";

/** How one goal stands. Minutes; null where it is not known. */
export interface GoalAnswer {
  readonly id: string;
  readonly kind: "meal" | "pot";
  readonly name: string;
  readonly planIds: readonly string[];
  readonly wishedAt: Minute | null;
  /** How much later than wished; null where it has no place. */
  readonly lateMin: number | null;
  readonly inTime: number | null;
  readonly inHandMin: number;
  /** Nine times in ten by then. */
  readonly slow: Minute | null;
  readonly said: string;
}

/** The clock as plain data, so that it passes between threads and into files. */
export interface ClockAnswer {
  readonly now: Minute;
  readonly timeZone: string;
  readonly sentence: string;
  readonly rows: readonly SheetRow[];
  readonly goals: readonly GoalAnswer[];
  readonly hands: readonly {
    readonly id: string;
    readonly name: string;
    readonly asleep: readonly Stretch[];
    readonly away: readonly Stretch[];
  }[];
  /** Where it breaks: drawn all the same, each with what it says. */
  readonly broken: readonly (Broken & { readonly said: string })[];
  /** What has to be known of all of it: no room in the freezer. */
  readonly notes: readonly Said[];
  /** When nothing loud is done. */
  readonly quiet: readonly Stretch[];
  /** Plans that cannot be cooked as they stand, with why. */
  readonly problems: readonly { readonly planId: string; readonly said: Said }[];
  /** When each planned pot goes on, and is through the sieve or ready for the table. */
  readonly pots: readonly {
    readonly planId: string;
    readonly blockId: string;
    readonly lightAt: Minute;
    readonly readyAt: Minute;
    /** How its liquid falls from then on. */
    readonly levels: readonly Level[];
  }[];
  /** Where each block stands: what a later filling keeps to. */
  readonly at: ReadonlyMap<string, Minute>;
  /** The one task that the day hangs on: a minute longer there is a minute later at the end. */
  readonly hangsOn: string | null;
}

export interface TroubleAnswer {
  readonly goalId: string;
  readonly goal: string;
  readonly lateMin: number | null;
  /** What cannot all be, in words. */
  readonly wishes: readonly Said[];
  readonly kinds: readonly string[];
  readonly remedies: readonly Remedy[];
}

export function clockAnswer(work: Clockwork, wall: WallClock): ClockAnswer {
  const { schedule } = work;
  const rows = runSheet(work, wall);
  return {
    now: work.asked.now,
    timeZone: wall.timeZone,
    sentence: clockSentence(work, rows, wall),
    rows,
    goals: schedule.day.goals.map((goal): GoalAnswer => {
      const chance = work.chance.goals.find((g) => g.goalId === goal.id);
      const isOut =
        schedule.impossible.some((g) => g.id === goal.id) ||
        work.clashes.some((c) => c.goal.id === goal.id);
      return {
        id: goal.id,
        kind: goal.kind,
        name: goal.name,
        planIds: goal.planIds,
        wishedAt: work.wishedAt.get(goal.id) ?? null,
        lateMin: isOut ? null : (schedule.lateMin.get(goal.id) ?? 0),
        inTime: chance?.inTime ?? null,
        inHandMin: work.inHandMin.get(goal.id) ?? 0,
        slow: chance?.slow ?? null,
        said: sayReached(work, goal, wall),
      };
    }),
    hands: schedule.day.hands.map(({ id, name, asleep, away }) => ({ id, name, asleep, away })),
    broken: work.broken.map((b) => ({ ...b, said: sayBroken(b, rows, wall) })),
    notes: notesOf(work),
    quiet: work.quiet,
    problems: [...schedule.day.problems].map(([planId, p]) => ({ planId, said: p.said })),
    pots: [...schedule.placed.values()]
      .filter((p) => p.block.kind === "fire")
      .map((p) => ({
        planId: p.block.planIds[0] ?? "",
        blockId: p.block.id,
        lightAt: p.at,
        readyAt: p.at + readyMin(p.block),
        levels: schedule.day.pots.get(p.block.planIds[0] ?? "")?.levels ?? [],
      })),
    at: new Map([...schedule.placed].map(([id, p]) => [id, p.at])),
    hangsOn: hangsOn(work),
  };
}

function notesOf({ asked, schedule }: Clockwork): readonly Said[] {
  const pots = [...schedule.day.pots.values()];
  const freezer = freezerNote(pots, asked.plans, asked.freezerFreeL ?? null);
  // Wished to be cooked ahead, and cooked for its meal all the same: that is told.
  const notAhead = asked.plans
    .filter((plan) => isAheadIn(asked.clock, plan.id))
    .filter((plan) => schedule.day.pots.get(plan.id)?.reheat === null)
    .map((plan): Said => `${plan.name} is not cooked ahead: ${whyNotAhead(plan)}.`);
  return [...notAhead, ...(freezer === null ? [] : [freezer])];
}

/** Of all that leads to what is due, the task that may take longest over what is planned; null where none may. */
function hangsOn(work: Clockwork): string | null {
  const { schedule } = work;
  const seen = new Set<string>();
  const walk = (id: string): void => {
    if (seen.has(id)) return;
    seen.add(id);
    for (const link of schedule.placed.get(id)?.block.after ?? []) walk(link.blockId);
  };
  for (const goal of schedule.day.goals) if (goal.due !== null) walk(goal.blockId);
  const overMin = ({ minutes }: Task) => minutes.p90 - minutes.p50;
  const tasks = [...seen].flatMap((id) => {
    const block = schedule.placed.get(id)?.block;
    return block === undefined ? [] : block.steps.slice(0, block.readyStep + 1);
  });
  const [widest] = [...tasks].sort((a, b) => overMin(b) - overMin(a));
  return widest === undefined || overMin(widest) < LEAST_OVER_MIN ? null : widest.id;
}
/** What takes so little longer nothing hangs on. */
const LEAST_OVER_MIN = 3;

export const troubleAnswers = (
  troubles: readonly Trouble[],
  work: Clockwork,
  wall: WallClock,
): readonly TroubleAnswer[] =>
  troubles.map((t) => ({
    goalId: t.goal.id,
    goal: t.goal.name,
    lateMin: t.lateMin,
    wishes: t.wishes.map((w) => sayWish(w, thingNames(work), wall)),
    kinds: t.wishes.map((w) => w.kind),
    remedies: t.remedies,
  }));
