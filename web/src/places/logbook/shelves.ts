import { KIND_FORMULAS } from "@kettlos/core/dish/kind-formulas";
import type { ShelvedPot } from "@kettlos/core/logbook/shelved";
import { groupedBy } from "@kettlos/core/units/grouped";

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
  readonly pots: readonly ShelvedPot[];
}

function shelfOf(pot: ShelvedPot, by: ShelvedBy, monthOf: (ms: number) => string): string {
  switch (by) {
    case "none":
      return "";
    case "dish":
      return pot.name;
    case "kind":
      return pot.kind === null ? "Of no kind" : KIND_FORMULAS[pot.kind].name;
    case "vessel":
      return pot.vessel?.name ?? "A pot that is gone";
    case "month":
      return monthOf(pot.begunMs);
  }
}

/** Pots on shelves, each in the order given; the shelf with the first of them first. */
export function shelvesOf(
  pots: readonly ShelvedPot[],
  by: ShelvedBy,
  monthOf: (ms: number) => string,
): readonly Shelf[] {
  const shelves = groupedBy(pots, (pot) => shelfOf(pot, by, monthOf));
  return [...shelves].map(([title, on]) => ({ title, pots: on }));
}
