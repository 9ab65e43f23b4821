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
  /** Where bars lie over one another, which row of the lane. */
  readonly row: number;
}

export interface Lane {
  readonly id: string;
  readonly kind: "ring" | "oven" | "vessel" | "cold" | "alone" | "hand";
  readonly name: string;
  readonly note: string;
  readonly bars: readonly LaneBar[];
  readonly rows: number;
}

const watts = (w: number) => `${(w / 1000).toFixed(1)} kW`;

/** The kitchen's own things as lanes, only those with something on them; hands always. */
export function lanesOf(
  answer: ClockAnswer,
  kitchen: Kitchen,
  potName: (planId: string) => string | undefined,
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
    const bars = barsOf(rows.filter(of), kind, broken, nameOf);
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
      "alone",
      "alone",
      "By itself",
      "",
      (row) => row.attention === "none" && row.vesselIds.length === 0 && !row.isCold,
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
      row: 0,
    });
  }
  return stacked(bars);
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
