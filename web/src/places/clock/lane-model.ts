import { figure } from "@kettlos/core/units/region";
import type { ClockAnswer } from "@kettlos/core/clock/answer";
import type { SheetRow } from "@kettlos/core/clock/run-sheet";
import type { Minute } from "@kettlos/core/clock/wall-clock";
import type { Kitchen } from "@kettlos/core/simulate/kitchen-schema";

/** A stretch of one block on a lane: what a cook sees as one thing. */
export interface LaneBar {
  readonly key: string;
  readonly blockId: string;
  readonly label: string;
  readonly from: Minute;
  readonly to: Minute;
  readonly slowTo: Minute;
  readonly parts: readonly SheetRow[];
  readonly isPinned: boolean;
  readonly isBroken: boolean;
  /** How the liquid of a pot falls along it; null where it is no pot on its heat. */
  readonly course: Course | null;
  /** Where bars lie over one another, which row of the lane. */
  readonly row: number;
}

/** A pot's liquid along a bar. */
interface Course {
  /** Along the bar from 0 to 1, and how full of the fullest, 0 to 1. */
  readonly points: readonly { readonly along: number; readonly share: number }[];
  /** Cold litres at its beginning and its end. */
  readonly fromL: number;
  readonly toL: number;
}

export interface Lane {
  readonly id: string;
  readonly kind: "ring" | "oven" | "vessel" | "cold" | "fridge" | "alone" | "hand";
  readonly name: string;
  readonly note: string;
  readonly bars: readonly LaneBar[];
  readonly rows: number;
}

const watts = (w: number) => `${figure(w / 1000, 1)} kW`;

/** The kitchen's own things as lanes, only those with something on them; hands always. */
export function lanesOf(
  answer: ClockAnswer,
  kitchen: Kitchen,
  potName: (planId: string) => string | undefined,
  volume: (volumeL: number) => string,
): readonly Lane[] {
  const broken = new Set(answer.broken.flatMap((b) => b.ids));
  const { rows } = answer;
  const nameOf = (row: SheetRow) => potName(row.planIds[0] ?? "") ?? row.title;
  const lane = (
    id: string,
    kind: Lane["kind"],
    name: string,
    note: string,
    of: (row: SheetRow) => boolean,
  ): Lane => {
    const bars = barsOf(rows.filter(of), kind, broken, nameOf).map((bar) =>
      ON_HEAT.has(kind) ? { ...bar, course: courseOf(answer, bar) } : bar,
    );
    return { id, kind, name, note, bars, rows: Math.max(1, ...bars.map((b) => b.row + 1)) };
  };
  const owns = (row: SheetRow, id: string) =>
    row.vesselIds.includes(id) && row.ringId === null && row.ovenId === null;
  const things = [
    ...kitchen.rings.map((r) =>
      lane(`ring ${r.id}`, "ring", r.name, watts(r.powerW), (row) => row.ringId === r.id),
    ),
    ...kitchen.ovens.map((o) =>
      lane(`oven ${o.id}`, "oven", o.name, "", (row) => row.ovenId === o.id),
    ),
    ...kitchen.vessels
      .filter((v) => v.kind === "slowCooker" || v.pressure?.drive === "electric")
      .map((v) =>
        lane(
          `vessel ${v.id}`,
          "vessel",
          v.name,
          "",
          (row) => owns(row, v.id) && row.attention !== "hands",
        ),
      ),
    lane("cold", "cold", "Cold bath", "", (row) => row.isCold),
    lane(
      "fridge",
      "fridge",
      "Fridge",
      kitchen.fridgeL ? `room for ${volume(kitchen.fridgeL)}` : "",
      (row) => row.fridgeL !== null,
    ),
    lane(
      "alone",
      "alone",
      "By itself",
      "",
      (row) =>
        row.attention === "none" &&
        row.vesselIds.length === 0 &&
        !row.isCold &&
        row.fridgeL === null,
    ),
  ].filter((l) => l.bars.length > 0);
  const hands = answer.hands.map((h) =>
    lane(`hand ${h.id}`, "hand", h.name, "", (row) => row.handId === h.id),
  );
  return [...things, ...hands];
}

function barsOf(
  rows: readonly SheetRow[],
  kind: Lane["kind"],
  broken: ReadonlySet<string>,
  nameOf: (row: SheetRow) => string,
): readonly LaneBar[] {
  const bars: LaneBar[] = [];
  for (const row of rows) {
    const last = bars.findLast((b) => b.blockId === row.blockId);
    const isOn = last !== undefined && last.to === row.from && kind !== "hand";
    if (isOn) {
      bars[bars.indexOf(last)] = {
        ...last,
        to: row.to,
        slowTo: row.slowTo,
        parts: [...last.parts, row],
        isBroken: last.isBroken || broken.has(row.taskId),
      };
      continue;
    }
    bars.push({
      key: `${row.taskId} ${kind}`,
      blockId: row.blockId,
      label: kind === "hand" || kind === "alone" ? row.title : nameOf(row),
      from: row.from,
      to: row.to,
      slowTo: row.slowTo,
      parts: [row],
      isPinned: row.isPinned,
      isBroken: broken.has(row.taskId),
      course: null,
      row: 0,
    });
  }
  return stacked(bars);
}

const ON_HEAT: ReadonlySet<Lane["kind"]> = new Set(["ring", "oven", "vessel"]);

/** Of a bar that is a pot on its heat: how its liquid falls from the bar's beginning to its end. */
function courseOf(answer: ClockAnswer, bar: LaneBar): Course | null {
  const pot = answer.pots.find((p) => bar.blockId === p.blockId);
  if (pot === undefined || pot.levels.length < 2) return null;
  const most = Math.max(...pot.levels.map((l) => l.volumeL));
  const volumeAt = (minute: Minute): number => {
    const min = minute - pot.lightAt;
    const next = pot.levels.find((l) => l.min >= min) ?? pot.levels.at(-1);
    const last = pot.levels.findLast((l) => l.min <= min) ?? pot.levels[0];
    if (next === undefined || last === undefined) return 0;
    const along = next.min === last.min ? 0 : (min - last.min) / (next.min - last.min);
    return last.volumeL + along * (next.volumeL - last.volumeL);
  };
  const within = pot.levels
    .map((l) => pot.lightAt + l.min)
    .filter((m) => m > bar.from && m < bar.to);
  return {
    points: [bar.from, ...within, bar.to].map((m) => ({
      along: (m - bar.from) / Math.max(1, bar.to - bar.from),
      share: volumeAt(m) / Math.max(1e-9, most),
    })),
    fromL: volumeAt(bar.from),
    toL: volumeAt(bar.to),
  };
}

/** What lies over another goes one row down. */
function stacked(bars: readonly LaneBar[]): readonly LaneBar[] {
  const ends: Minute[] = [];
  return [...bars]
    .sort((a, b) => a.from - b.from)
    .map((bar) => {
      const free = ends.findIndex((end) => end <= bar.from);
      const row = free === -1 ? ends.length : free;
      ends[row] = bar.to;
      return { ...bar, row };
    });
}

/** Ticks of the ruled scale: so far apart that their figures stand clear. */
export function tickStepMin(pxPerMin: number): number {
  const STEPS = [5, 10, 15, 30, 60, 120, 180, 360, 720];
  return STEPS.find((min) => min * pxPerMin >= 48) ?? 1440;
}
