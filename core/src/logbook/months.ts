import { costOfBought } from "../dish/shopping";
import { lotPerKg } from "../larder/lot-of";
import type { Larder } from "../larder/larder";
import type { WhyThrown } from "../larder/larder-words";
import { thrownAway } from "../larder/thrown";
import { groupedBy } from "../units/grouped";
import type { ShelvedPot } from "./shelved";

/** What came out in one month, what it cost, and what of it was thrown away. */
export interface Month {
  readonly title: string;
  readonly pots: number;
  /** Stock strained, L, and dishes served, kg. */
  readonly stockL: number;
  readonly servedKg: number;
  /** What was bought for its pots cost so much, as far as prices are known; null where none is. */
  readonly cost: number | null;
  /** Ingredients of which no price is known. */
  readonly unpriced: number;
  readonly thrownKg: number;
  readonly why: ReadonlyMap<WhyThrown | "notSaid", number>;
}

/**
 * Month by month, the oldest first; `monthOf` names the month of a moment. What a pot takes of another one's
 * stock was paid for in that one.
 */
export function months(
  pots: readonly ShelvedPot[],
  larder: Larder,
  monthOf: (ms: number) => string,
): readonly Month[] {
  const perKg = (lotId: string): number | null =>
    (larder.lots.get(lotId)?.batchId ?? null) === null ? lotPerKg(larder.lots)(lotId) : 0;
  const begun = pots.map((pot) => ({ pot, atMs: pot.begunMs }));
  const dated = [...begun, ...thrownAway(larder)].sort((a, b) => a.atMs - b.atMs);
  return [...groupedBy(dated, (one) => monthOf(one.atMs))].map(([title, all]): Month => {
    const ofIt = all.flatMap((one) => ("pot" in one ? [one.pot] : []));
    const costs = ofIt.flatMap(({ bought }) => costOfBought(bought, perKg) ?? []);
    const why = new Map<WhyThrown | "notSaid", number>();
    for (const one of all)
      if ("massKg" in one)
        why.set(one.why ?? "notSaid", (why.get(one.why ?? "notSaid") ?? 0) + one.massKg);
    const sum = (values: readonly number[]) => values.reduce((a, b) => a + b, 0);
    return {
      title,
      pots: ofIt.length,
      stockL: sum(ofIt.map(({ end, strainedL }) => (end === "strained" ? (strainedL ?? 0) : 0))),
      servedKg: sum(ofIt.map(({ servedKg }) => servedKg ?? 0)),
      cost: costs.length === 0 ? null : sum(costs.map((c) => c.cost)),
      unpriced: sum(costs.map((c) => c.unpriced)),
      thrownKg: sum([...why.values()]),
      why,
    };
  });
}
