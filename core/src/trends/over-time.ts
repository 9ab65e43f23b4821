import type { Gap } from "../batch/gap";
import { begunMs } from "../batch/of-log";
import type { SetGrade } from "../extraction/set";
import type { LoggedPot } from "../learn/from-pot";
import { thingWords } from "../learn/say-taught";
import type { PotWords } from "../learn/taught";
import { ingredientOf, nameOf } from "../simulate/item-facts";

/** A finished pot with what is worked out of it. */
export interface TrendPot {
  readonly pot: LoggedPot;
  readonly words: PotWords | null;
  readonly gap: Gap | null;
}

/** One pot on a scale over time. */
export interface Dot {
  readonly id: string;
  readonly atMs: number;
  readonly value: number;
}

/** What was got of what was planned, as a share; the oldest first. */
export const yields = (pots: readonly TrendPot[]): readonly Dot[] =>
  pots
    .flatMap(({ pot, gap }): readonly Dot[] =>
      gap === null || gap.plannedL < 0.05
        ? []
        : [{ id: pot.batch.id, atMs: begunMs(pot), value: gap.gotL / gap.plannedL }],
    )
    .toSorted((a, b) => a.atMs - b.atMs);

/** How fast each pot steamed against the usual, by what it was cooked in; what was cooked in most comes first. */
export function steams(
  pots: readonly TrendPot[],
): readonly { readonly name: string; readonly dots: readonly Dot[] }[] {
  const byThing = new Map<string, { name: string; dots: Dot[] }>();
  for (const { pot, words } of pots) {
    const said = words?.seen.steam;
    if (said?.ok !== true) continue;
    const { thing, log } = said.observation;
    const dot = { id: pot.batch.id, atMs: begunMs(pot), value: Math.exp(log) };
    const row = byThing.get(thing);
    if (row !== undefined) row.dots.push(dot);
    else
      byThing.set(thing, {
        name: thingWords("steam", pot.batch.plan, pot.batch.kitchen),
        dots: [dot],
      });
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
  pots: readonly TrendPot[],
): readonly { readonly bone: string; readonly dots: readonly SetDot[] }[] {
  const byBone = new Map<string, SetDot[]>();
  for (const { pot } of pots) {
    const { cook, batch } = pot;
    const set = cook.result?.set ?? null;
    const main = batch.plan.items
      .filter((i) => ingredientOf(i).role === "body")
      .toSorted((a, b) => b.massKg - a.massKg)[0];
    if (set === null || main === undefined || cook.litMs === null || cook.offMs === null) continue;
    const dot = { id: batch.id, hours: (cook.offMs - cook.litMs) / 3_600_000, set };
    const row = byBone.get(nameOf(main));
    if (row === undefined) byBone.set(nameOf(main), [dot]);
    else row.push(dot);
  }
  return [...byBone]
    .map(([bone, dots]) => ({ bone, dots: dots.toSorted((a, b) => a.hours - b.hours) }))
    .sort((a, b) => b.dots.length - a.dots.length);
}
