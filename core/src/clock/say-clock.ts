import { isReader } from "../simulate/hands";
import { SURE } from "./chance";
import type { Broken } from "./check";
import type { Wish } from "./clash";
import type { Clockwork } from "./clockwork";
import type { Goal } from "./day";
import { tasksAt } from "./place";
import { lower, type SheetRow } from "./run-sheet";
import { litres, say, sayAll, type Said } from "../units/said";
import { showDuration } from "../units/show";
import type { Minute, WallClock } from "./wall-clock";

/** "today 21:40", "tomorrow 7:10", "Sat 18:30". */
export function sayWhen(minute: Minute, now: Minute, wall: WallClock): string {
  const date = wall.dateOf(minute);
  const today = wall.dateOf(now);
  if (date === today) return `today ${wall.sayTime(minute)}`;
  if (date === wall.later(today, 1)) return `tomorrow ${wall.sayTime(minute)}`;
  return wall.sayAt(minute);
}

/** "all but surely", "nineteen times in twenty", "nine times in ten", "six times in ten". */
export function sayChance(share: number): string {
  if (share >= ALL_BUT_SURE) return "all but surely";
  if (share >= NINETEEN_IN_TWENTY) return "nineteen times in twenty";
  return TENTHS[Math.floor(share * 10 + 1e-9)] ?? "surely";
}
const ALL_BUT_SURE = 0.985;
/** Nearer to it than to nine in ten is said so: nine in ten means nine in ten. */
const NINETEEN_IN_TWENTY = 0.935;
const TENTHS = [
  "hardly ever",
  "one time in ten",
  "two times in ten",
  "three times in ten",
  "four times in ten",
  "half the time",
  "six times in ten",
  "seven times in ten",
  "eight times in ten",
  "nine times in ten",
];

/** What a wish that stands in the way says, as part of a sentence. */
export function sayWish(wish: Wish, names: ReadonlyMap<string, string>, wall: WallClock): Said {
  switch (wish.kind) {
    case "goal":
      return sayGoal(wish.goal, wall);
    case "sleep":
      return isReader(wish.hand) ? "you sleep at night" : `${wish.hand.name} sleeps at night`;
    case "away":
      return isReader(wish.hand)
        ? "you are not always here"
        : `${wish.hand.name} is not always here`;
    case "hands":
      return wish.count === 1 ? "one pair of hands" : `${wish.count} pairs of hands`;
    case "one":
      return `one pot at a time ${names.get(wish.key) ?? wish.key}`;
    case "quiet":
      return "the quiet hours of the house";
    case "fridge":
      return say`${litres(wish.volumeL)} of room in the fridge`;
    case "overnight":
      return "through the night and not by day";
    case "pin":
      return "what was put there by hand";
    case "now":
      return "nothing can begin before now";
  }
}

export const sayGoal = (goal: Goal, wall: WallClock): string =>
  goal.due === null
    ? `${goal.name} some time`
    : goal.kind === "meal"
      ? `${goal.name} at ${wall.sayAt(goal.due)}`
      : `${goal.name} ready by ${wall.sayAt(goal.due)}`;

/** How the kitchen's things are called where one pot stands on or in each. */
export function thingNames(work: Clockwork): ReadonlyMap<string, string> {
  const { kitchen } = work.asked;
  return new Map([
    ...kitchen.rings.map((r) => [`ring ${r.id}`, `on ${r.name}`] as const),
    ...kitchen.vessels.map((v) => [`vessel ${v.id}`, `in the ${v.name.toLowerCase()}`] as const),
    ["cold", "in the cold place"] as const,
  ]);
}

/**
 * The clock in a sentence: what goes on first and when, what wakes anybody, first hands, and by when all of
 * it is done how surely.
 */
export function clockSentence(
  work: Clockwork,
  sheet: readonly SheetRow[],
  wall: WallClock,
): string {
  const { now } = work.asked;
  const rows = sheet.filter((r) => r.to > now);
  const [on] = rows;
  if (on === undefined) return "Nothing is on the clock.";
  const at = (m: Minute) => sayWhen(m, now, wall);
  // What is on the fire already is not begun: of it the next thing is what somebody does.
  const first = rows.find((r) => r.kind !== "running" || r.from > now || r.attention === "hands");
  const isNow = first !== undefined && first.from <= now;
  const word =
    first?.kind === "running" ? (isNow ? "Now" : "Next,") : isNow ? "Begin now" : "Begin";
  const begin =
    first === undefined
      ? `${on.title} until ${at(on.to)}.`
      : `${word}${isNow ? "" : ` ${at(first.from)}`}: ${lower(first.title)}.`;
  const night = sayNight(work, rows, wall);
  return [begin, night, ...sayGoals(work, wall)].filter(Boolean).join(" ");
}

/** How surely the least sure of all is in time. */
const leastChance = ({ chance }: Clockwork): number =>
  Math.min(...chance.goals.map((g) => g.inTime));

/** What is not surely in time, each by itself; then the rest in one. */
function sayGoals(work: Clockwork, wall: WallClock): readonly string[] {
  const { goals } = work.schedule.day;
  const isSure = (g: Goal) =>
    work.chance.goals.some((c) => c.goalId === g.id && c.inTime >= SURE) &&
    !work.schedule.lateMin.has(g.id) &&
    !work.clashes.some((c) => c.goal.id === g.id);
  const unsure = goals.filter((g) => g.due !== null && !isSure(g));
  const meals = goals.filter((g) => g.kind === "meal" && isSure(g));
  const [only] = goals.filter(isSure);
  const sure =
    goals.length > 0 && unsure.length === 0 && only !== undefined
      ? goals.filter(isSure).length === 1
        ? [sayReached(work, only, wall)]
        : [`All of it in time ${sayChance(leastChance(work))}.`]
      : meals.map((g) => sayReached(work, g, wall));
  return [...unsure.map((g) => sayReached(work, g, wall)), ...sure];
}

/** What goes on while everybody sleeps. */
function sayNight(work: Clockwork, rows: readonly SheetRow[], wall: WallClock): string {
  const { day } = work.schedule;
  const nights = day.hands[0]?.asleep ?? [];
  const through = rows.find(
    (r) => r.attention === "none" && nights.some((n) => r.from <= n.from && n.to <= r.to),
  );
  const last = rows.at(-1);
  const night = nights.find(
    (n) => last !== undefined && n.from < last.to && n.from > work.asked.now,
  );
  if (night === undefined) return "";
  const morning = rows.find((r) => r.attention === "hands" && r.from >= night.to);
  const pot = through?.planIds.flatMap((id) => day.pots.get(id)?.name ?? [])[0];
  const runs = pot === undefined ? "" : ` while the ${lower(pot)} runs alone`;
  return `Nothing wakes you${runs}${morning === undefined ? "" : `; first hands ${sayWhen(morning.from, work.asked.now, wall)}`}.`;
}

/** How a goal stands: in time how surely, late by how much, or without a place. */
export function sayReached(work: Clockwork, goal: Goal, wall: WallClock): string {
  const { schedule, wishedAt, asked } = work;
  const wished = wishedAt.get(goal.id);
  const when = (m: Minute) => sayWhen(m, asked.now, wall);
  if (schedule.impossible.some((g) => g.id === goal.id))
    return `There is no place for ${goal.kind === "meal" ? goal.name : lower(goal.name)}.`;
  if (work.clashes.some((c) => c.goal.id === goal.id))
    return `${goal.name} cannot be as it stands: see what clashes.`;
  const late = schedule.lateMin.get(goal.id);
  if (late !== undefined && goal.due !== null)
    return `${goal.name} is ready ${when(goal.due + late)}, ${showDuration(late)} late.`;
  const chance = work.chance.goals.find((g) => g.goalId === goal.id);
  if (wished === undefined || chance === undefined) {
    const p = schedule.placed.get(goal.blockId);
    const end = p === undefined ? undefined : tasksAt(p)[p.block.readyStep]?.to;
    return end === undefined ? "" : `${goal.name} is ready ${when(end)}.`;
  }
  const by =
    goal.kind === "meal"
      ? `on the table by ${wall.sayAt(wished)}`
      : `ready by ${wall.sayAt(wished)}`;
  const lacks =
    chance.inTime < SURE && chance.lacksMin > 0
      ? `; nine times in ten by ${wall.sayTime(chance.slow)}`
      : "";
  return `${goal.name} is ${by} ${sayChance(chance.inTime)}${lacks}.`;
}

/** What is late or has no place, and what cannot all be. */
export function sayTrouble(t: {
  readonly goal: string;
  readonly lateMin: number | null;
  readonly wishes: readonly Said[];
}): Said {
  const stands =
    t.lateMin === null ? "cannot be as it stands" : `is ${showDuration(t.lateMin)} late`;
  return t.wishes.length === 0
    ? `${t.goal} ${stands}: it takes longer than there is.`
    : say`${t.goal} ${stands}. Not all of this can be: ${sayAll(t.wishes, "; ")}.`;
}

const BROKEN_WORDS: Record<Broken["what"], string> = {
  order: "out of its order",
  hands: "two things for one pair of hands",
  asleep: "whoever does it is asleep or away",
  quiet: "it is loud, and the house is quiet",
  fridge: "no room in the fridge",
  nobodyUp: "nobody is up",
  twoOnOne: "two pots in one place",
  oven: "no room in the oven, or other degrees",
  near: "more to look after than there are hands",
  past: "it should have begun",
  unmade: "nobody is free",
};

/** Where a clock breaks: "Cold enough: into the fridge, Wed 23:10: whoever does it is asleep or away". */
export function sayBroken(broken: Broken, rows: readonly SheetRow[], wall: WallClock): string {
  const titles = broken.ids.map(
    (id) => rows.find((r) => r.taskId === id || r.blockId === id)?.title ?? id,
  );
  return `${titles.join(" and ")}, ${wall.sayAt(broken.at)}: ${BROKEN_WORDS[broken.what]}`;
}
