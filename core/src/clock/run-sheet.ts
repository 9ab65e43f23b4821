import { isReader } from "../simulate/hands";
import type { Clockwork } from "./clockwork";
import { lengthMin, needsOf, readyMin } from "./needs";
import { gapMin, ringOf, tasksAt, type Placed } from "./place";
import { litres, say, type Said } from "../units/said";
import type { Attention, BlockKind } from "./task";
import type { Minute, WallClock } from "./wall-clock";

/** One line of the run sheet: what is done or goes on, when, by whom, on what, and why then. */
export interface SheetRow {
  readonly taskId: string;
  readonly blockId: string;
  readonly kind: BlockKind;
  /** The blocks it is done for: more than one where it is work of several pots. */
  readonly blockIds: readonly string[];
  readonly planIds: readonly string[];
  readonly title: string;
  readonly how: Said;
  readonly attention: Attention;
  readonly isFlame: boolean;
  readonly from: Minute;
  readonly to: Minute;
  /** Over by then nine times in ten. */
  readonly slowTo: Minute;
  /** Whose hands; null where it needs none of its own. */
  readonly handId: string | null;
  readonly ringId: string | null;
  readonly vesselIds: readonly string[];
  readonly ovenId: string | null;
  readonly ovenC: number | null;
  readonly isCold: boolean;
  /** What of it stands in the fridge, L; null where it does not. */
  readonly fridgeL: number | null;
  readonly isPinned: boolean;
  readonly isMeanwhile: boolean;
  /** Nothing is done: it waits, hot for the table or cold for what is done next. */
  readonly isWait: boolean;
  readonly why: string;
}

/** Everything on the clock in the order of time; what hands do stands before what goes on by itself. */
export function runSheet(work: Clockwork, wall: WallClock): readonly SheetRow[] {
  const pins = new Set(work.asked.clock.pins.map((p) => p.blockId));
  const rows = [...work.schedule.placed.values()].flatMap((p): SheetRow[] => {
    const why = whyThen(work, p, wall);
    return tasksAt(p).map(({ task, off, from, to, isMeanwhile }) => ({
      taskId: task.id,
      blockId: p.block.id,
      kind: p.block.kind,
      blockIds: p.block.ids,
      planIds: task.planIds,
      title: task.title,
      how: task.how,
      attention: task.attention,
      isFlame: task.isFlame,
      from,
      to,
      slowTo: Math.max(to, work.chance.slowEnd.get(task.id) ?? to),
      handId: p.hands.get(task.id) ?? null,
      ringId: ringOf(p, task, off),
      vesselIds: task.vesselIds,
      ovenId: task.oven?.ovenId ?? null,
      ovenC: task.oven?.ovenC ?? null,
      isCold: task.isCold,
      fridgeL: null,
      isPinned: pins.has(p.block.id),
      isMeanwhile,
      isWait: false,
      why: isMeanwhile ? "while it cooks" : why,
    }));
  });
  const waits = [...work.schedule.placed.values()].flatMap((p) => [
    ...keptHot(work, p),
    ...keptCold(work, p),
  ]);
  const rank = (row: SheetRow) =>
    row.attention === "hands" ? 0 : row.attention === "near" ? 1 : 2;
  return [...rows, ...waits].sort(
    (a, b) => a.from - b.from || rank(a) - rank(b) || a.taskId.localeCompare(b.taskId),
  );
}

/** Waits no longer than that are not worth a line, min. */
const SHORT_MIN = 5;

/** A dish that is ready and waits for the table is kept hot: that is said, and how. */
function keptHot(work: Clockwork, p: Placed): readonly SheetRow[] {
  const { block } = p;
  const pot = work.schedule.day.pots.get(block.planIds[0] ?? "");
  if (!block.isServed || pot === undefined) return [];
  const ready = p.at + readyMin(block);
  const serve = [...work.schedule.placed.values()].find((next) =>
    next.block.after.some((l) => l.blockId === block.id && l.from === "ready"),
  );
  if (serve === undefined || serve.at - ready < SHORT_MIN) return [];
  const last = block.steps[block.readyStep];
  return [
    {
      taskId: `${block.id}:hot`,
      blockId: block.id,
      kind: block.kind,
      blockIds: block.ids,
      planIds: block.planIds,
      title: "Keep it hot",
      how: pot.keepsHotHow,
      attention: "eyes",
      isFlame: false,
      from: ready,
      to: serve.at,
      slowTo: serve.at,
      handId: null,
      ringId: null,
      vesselIds: last?.vesselIds ?? [],
      ovenId: null,
      ovenC: null,
      isCold: false,
      fridgeL: null,
      isPinned: false,
      isMeanwhile: false,
      isWait: true,
      why: `${serve.at - ready} min in hand; hot food is not left lukewarm`,
    },
  ];
}

/** What stands in the fridge between one piece of work and the next: for how long, and for what. */
function keptCold(work: Clockwork, p: Placed): readonly SheetRow[] {
  const { placed, day } = work.schedule;
  return p.block.after.flatMap((link): SheetRow[] => {
    const before = placed.get(link.blockId);
    if (before === undefined || link.fridgeL === undefined) return [];
    const made = link.from === "ready" ? readyMin(before.block) : lengthMin(before.block);
    const from = before.at + made;
    if (p.at - from < SHORT_MIN) return [];
    const planId = p.block.planIds[0] ?? "";
    return [
      {
        taskId: `${before.block.id}:fridge`,
        blockId: p.block.id,
        kind: p.block.kind,
        blockIds: p.block.ids,
        planIds: p.block.planIds,
        title: "In the fridge",
        how: say`${litres(link.fridgeL)} of ${lower(day.pots.get(planId)?.name ?? "it")}, covered`,
        attention: "none",
        isFlame: false,
        from,
        to: p.at,
        slowTo: p.at,
        handId: null,
        ringId: null,
        vesselIds: [],
        ovenId: null,
        ovenC: null,
        isCold: false,
        fridgeL: link.fridgeL,
        isPinned: false,
        isMeanwhile: false,
        isWait: true,
        why: `until ${lower(p.block.steps[0]?.title)}`,
      },
    ];
  });
}

/** What holds a block where it is. */
function whyThen(work: Clockwork, p: Placed, wall: WallClock): string {
  const { schedule, asked } = work;
  const { day, placed } = schedule;
  const { block } = p;
  if (asked.clock.pins.some((pin) => pin.blockId === block.id)) return "it was put there by hand";
  if (block.fixedAt !== null) return "it is under way";
  const end = p.at + lengthMin(block);
  for (const goal of day.goals) {
    if (goal.blockId !== block.id || goal.due === null) continue;
    const late = schedule.lateMin.get(goal.id) ?? 0;
    const wished = work.wishedAt.get(goal.id) ?? goal.due;
    if (p.at + readyMin(block) === goal.due + late)
      return late > 0
        ? `no sooner for ${goal.name}`
        : goal.kind === "meal"
          ? `${goal.name} is at ${wall.sayTime(wished)}`
          : `ready by ${wall.sayAt(wished)}${wished > goal.due ? `, ${wished - goal.due} min in hand` : ""}`;
  }
  for (const next of placed.values())
    for (const link of next.block.after) {
      if (link.blockId !== block.id) continue;
      const made = p.at + (link.from === "ready" ? readyMin(block) : lengthMin(block));
      if (made + gapMin(link) !== next.at) continue;
      const inHand = link.inHandMin ?? 0;
      return `then ${lower(next.block.steps[0]?.title)}${inHand > 0 ? `, ${inHand} min in hand` : ""}`;
    }
  const wanted = wantedNext(work, p);
  if (wanted !== null) return wanted;
  const bed = day.hands.find((h) => h.asleep.some((s) => s.from === end));
  if (bed !== undefined) return `before ${isReader(bed) ? "you sleep" : `${bed.name} sleeps`}`;
  const first = day.hands.find((h) => h.free.some((s) => s.from === p.at));
  if (first !== undefined) return "first thing";
  const before = block.after.flatMap((l) => {
    const from = placed.get(l.blockId);
    return from === undefined ? [] : [from.block.steps.at(-1)?.title ?? ""];
  });
  if (p.at === day.now) return "now: there is room";
  return before.length > 0 ? `after ${lower(before[0])}` : "there is room then";
}

/** What is wanted for something else the moment this is over. */
function wantedNext({ schedule }: Clockwork, p: Placed): string | null {
  const ends = usesOf(p).map((u) => `${u.thing} ${u.to}`);
  for (const other of schedule.placed.values())
    if (
      other.block.id !== p.block.id &&
      usesOf(other).some((u) => ends.includes(`${u.thing} ${u.from}`))
    )
      return `before ${lower(other.block.steps[0]?.title)}`;
  return null;
}

/** From when to when a placed block has each hand and thing that it was given. */
const usesOf = (p: Placed) =>
  needsOf(p.block).flatMap((need, i) => {
    const thing =
      need.kind === "hand"
        ? p.hands.get(need.task.id)
        : need.kind === "one"
          ? p.ones.get(i)
          : undefined;
    const from = p.at + need.off;
    return thing === undefined ? [] : [{ thing, from, to: from + need.min }];
  });

/** A title as it stands inside a sentence. */
export const lower = (title: string | undefined): string =>
  title === undefined ? "" : title.charAt(0).toLowerCase() + title.slice(1);
