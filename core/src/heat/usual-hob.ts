import type { Ring } from "./ring-schema";
import { RINGS, type RingKind } from "./ring-kinds";

type Size = "big" | "middle" | "small";

/** Rings beside a big one's power: docs/method.md, “Usual pots”. */
const SHARE: Readonly<Record<RingKind, Readonly<Record<Size, number>>>> = {
  gas: { big: 1, middle: 0.6, small: 0.35 },
  induction: { big: 1, middle: 0.8, small: 0.6 },
  radiant: { big: 1, middle: 0.75, small: 0.65 },
};

/** Biggest first; each is there on a hob `from` so many. */
const PLACES: readonly {
  readonly size: Size;
  readonly from: number;
  readonly ring: string;
  readonly burner: string;
}[] = [
  { size: "big", from: 1, ring: "Big ring", burner: "Big burner" },
  { size: "big", from: 5, ring: "Other big ring", burner: "Other big burner" },
  { size: "middle", from: 3, ring: "Middle ring", burner: "Middle burner" },
  { size: "middle", from: 4, ring: "Other middle ring", burner: "Other middle burner" },
  { size: "small", from: 2, ring: "Small ring", burner: "Small burner" },
  { size: "small", from: 6, ring: "Other small ring", burner: "Other small burner" },
];
export const MOST_RINGS = PLACES.length;

/**
 * The rings of a usual hob, biggest first, with usual powers until the maker's are given.
 * @param count 1 to 6
 * @example usualRings("gas", 2, "us", newId).map((r) => r.name) // ["Big burner", "Small burner"]
 */
export const usualRings = (
  kind: RingKind,
  count: number,
  measures: "metric" | "us",
  newId: () => string,
): readonly Ring[] =>
  PLACES.filter((p) => p.from <= count).map((p) => ({
    id: newId(),
    name: measures === "us" ? p.burner : p.ring,
    kind,
    powerW: Math.round((RINGS[kind].usualW * SHARE[kind][p.size]) / 50) * 50,
  }));
