import type { SetGrade } from "../extraction/set";
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
  const byThing = new Map<string, { name: string; dots: Dot[] }>();
  for (const { id, begunMs, seen } of pots) {
    const { steam } = seen;
    if (steam === null) continue;
    const dot = { id, atMs: begunMs, value: steam.factor };
    const row = byThing.get(steam.thing);
    if (row !== undefined) row.dots.push(dot);
    else byThing.set(steam.thing, { name: steam.name, dots: [dot] });
  }
  return [...byThing.values()]
    .map((row) => ({ ...row, dots: row.dots.toSorted((a, b) => a.atMs - b.atMs) }))
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
  const byBone = new Map<string, SetDot[]>();
  for (const { id, set, bone, onHeatMin } of pots) {
    if (set === null || bone === null || onHeatMin === null) continue;
    const dot = { id, hours: onHeatMin / 60, set };
    const row = byBone.get(bone);
    if (row === undefined) byBone.set(bone, [dot]);
    else row.push(dot);
  }
  return [...byBone]
    .map(([bone, dots]) => ({ bone, dots: dots.toSorted((a, b) => a.hours - b.hours) }))
    .sort((a, b) => b.dots.length - a.dots.length);
}
