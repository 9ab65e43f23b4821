import { begunMs } from "@kettlos/core/batch/of-log";
import { KIND_FORMULAS } from "@kettlos/core/dish/kind-formulas";
import { vesselOf } from "@kettlos/core/simulate/references";
import { outcomeOf } from "@kettlos/core/units/problem";
import type { PotState } from "../../data/pots-store";

/** What the log is put on shelves by. */
export const SHELVED_BY = [
  { value: "none", label: "one shelf" },
  { value: "dish", label: "dish" },
  { value: "kind", label: "kind" },
  { value: "vessel", label: "pot" },
  { value: "month", label: "month" },
] as const;
export type ShelvedBy = (typeof SHELVED_BY)[number]["value"];

export interface Shelf {
  readonly title: string;
  readonly pots: readonly PotState[];
}

function shelfOf(pot: PotState, by: ShelvedBy, monthOf: (ms: number) => string): string {
  const { batch } = pot;
  switch (by) {
    case "none":
      return "";
    case "dish":
      return batch.plan.name;
    case "kind":
      return batch.plan.kind === null ? "Of no kind" : KIND_FORMULAS[batch.plan.kind].name;
    case "vessel": {
      const vessel = outcomeOf(() => vesselOf(batch.plan, batch.kitchen));
      return vessel.ok ? vessel.value.name : "A pot that is gone";
    }
    case "month":
      return monthOf(begunMs(pot));
  }
}

/** Pots on shelves, each in the order given; the shelf with the first of them first. */
export function shelvesOf(
  pots: readonly PotState[],
  by: ShelvedBy,
  monthOf: (ms: number) => string,
): readonly Shelf[] {
  const shelves = new Map<string, PotState[]>();
  for (const pot of pots) {
    const title = shelfOf(pot, by, monthOf);
    const shelf = shelves.get(title);
    if (shelf === undefined) shelves.set(title, [pot]);
    else shelf.push(pot);
  }
  return [...shelves].map(([title, on]) => ({ title, pots: on }));
}
