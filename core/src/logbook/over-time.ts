import type { SetGrade } from "../extraction/set";
import { groupedBy } from "../units/grouped";
import type { ShelvedPot } from "./shelved";

/** One pot on a scale over time. */
export interface Dot {
  readonly id: string;
  readonly atMs: number;
  readonly value: number;
}

/** What was got of what was planned, as a share; the oldest first. */
export const yields = (pots: readonly ShelvedPot[]): readonly Dot[] =>
  pots
    .flatMap(({ id, gap, begunMs }): readonly Dot[] =>
      gap === null || gap.plannedL < 0.05
        ? []
        : [{ id, atMs: begunMs, value: gap.gotL / gap.plannedL }],
    )
    .toSorted((a, b) => a.atMs - b.atMs);

/** How fast each pot steamed against the usual, by what it was cooked in; what was cooked in most comes first. */
export function steams(
  pots: readonly ShelvedPot[],
): readonly { readonly name: string; readonly dots: readonly Dot[] }[] {
  const seen = pots.flatMap(({ id, begunMs, seen: { steam } }) =>
    steam === null ? [] : [{ steam, dot: { id, atMs: begunMs, value: steam.factor } }],
  );
  return [...groupedBy(seen, ({ steam }) => steam.thing).values()]
    .map((row) => ({
      name: row[0]?.steam.name ?? "",
      dots: row.map(({ dot }) => dot).sort((a, b) => a.atMs - b.atMs),
    }))
    .sort((a, b) => b.dots.length - a.dots.length);
}

/** How a stock set when cold, by what it was made of and how long it was on. */
export interface SetDot {
  readonly id: string;
  readonly hours: number;
  readonly set: SetGrade;
}
export function setsByBone(
  pots: readonly ShelvedPot[],
): readonly { readonly bone: string; readonly dots: readonly SetDot[] }[] {
  const judged = pots.flatMap(({ id, set, bone, onHeatMin }) =>
    set === null || bone === null || onHeatMin === null
      ? []
      : [{ bone, dot: { id, hours: onHeatMin / 60, set } }],
  );
  return [...groupedBy(judged, ({ bone }) => bone)]
    .map(([bone, row]) => ({
      bone,
      dots: row.map(({ dot }) => dot).sort((a, b) => a.hours - b.hours),
    }))
    .sort((a, b) => b.dots.length - a.dots.length);
}
