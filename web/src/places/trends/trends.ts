import type { Gap } from "@kettlos/core/batch/gap";
import { costOf } from "@kettlos/core/dish/shopping";
import { SETS, type SetGrade } from "@kettlos/core/extraction/set";
import { thingWords } from "@kettlos/core/learn/say-taught";
import type { PotWords } from "@kettlos/core/learn/taught";
import { thrownAway } from "@kettlos/core/larder/thrown";
import { lotPerKg } from "@kettlos/core/larder/lot-of";
import type { Larder } from "@kettlos/core/larder/larder";
import type { WhyThrown } from "@kettlos/core/larder/larder-schema";
import { ingredientOf, nameOf } from "@kettlos/core/simulate/item-facts";
import type { PotState } from "../../data/pots-store";

/** A finished pot with what is worked out of it. */
export interface TrendPot {
  readonly pot: PotState;
  readonly words: PotWords | null;
  readonly gap: Gap | null;
}

const litOf = ({ cook, batch }: PotState): number => cook.litMs ?? batch.createdMs;

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
        : [{ id: pot.batch.id, atMs: litOf(pot), value: gap.gotL / gap.plannedL }],
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
    const dot = { id: pot.batch.id, atMs: litOf(pot), value: Math.exp(log) };
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
/** The place of a set on its scale. */
export const setIndex = (set: SetGrade): number => SETS.indexOf(set);

/** What came out in one month, and what it cost. */
export interface Month {
  readonly title: string;
  readonly pots: number;
  readonly litres: number;
  /** What went into its pots cost so much, as far as prices are known; null where none is. */
  readonly cost: number | null;
  /** Ingredients of which no price is known. */
  readonly unpriced: number;
  readonly thrownKg: number;
  readonly why: ReadonlyMap<WhyThrown | "notSaid", number>;
}

/** Month by month, the oldest first; `monthOf` names the month of a moment. */
export function months(
  pots: readonly TrendPot[],
  larder: Larder,
  monthOf: (ms: number) => string,
): readonly Month[] {
  interface Making {
    firstMs: number;
    pots: number;
    litres: number;
    cost: number | null;
    unpriced: number;
    thrownKg: number;
    why: Map<WhyThrown | "notSaid", number>;
  }
  const byMonth = new Map<string, Making>();
  const of = (atMs: number): Making => {
    const title = monthOf(atMs);
    const known = byMonth.get(title);
    if (known !== undefined) {
      known.firstMs = Math.min(known.firstMs, atMs);
      return known;
    }
    const made: Making = {
      firstMs: atMs,
      pots: 0,
      litres: 0,
      cost: null,
      unpriced: 0,
      thrownKg: 0,
      why: new Map(),
    };
    byMonth.set(title, made);
    return made;
  };
  for (const { pot } of pots) {
    const month = of(litOf(pot));
    month.pots++;
    month.litres += pot.cook.result?.strainedL ?? 0;
    const cost = costOf(pot.batch.plan, pot.batch.kitchen, lotPerKg(larder.lots));
    if (cost === null) continue;
    month.cost = (month.cost ?? 0) + cost.cost;
    month.unpriced += cost.unpriced;
  }
  for (const { atMs, massKg, why } of thrownAway(larder)) {
    const month = of(atMs);
    month.thrownKg += massKg;
    month.why.set(why ?? "notSaid", (month.why.get(why ?? "notSaid") ?? 0) + massKg);
  }
  return [...byMonth]
    .map(([title, { firstMs, ...month }]) => ({ title, firstMs, ...month }))
    .sort((a, b) => a.firstMs - b.firstMs)
    .map(({ firstMs: _, ...month }) => month);
}
