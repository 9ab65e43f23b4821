import { kitchenEstimate, type Constant } from "../units/constant";

/** What heats a ring. */
export const RING_KINDS = ["gas", "induction", "radiant"] as const;
export type RingKind = (typeof RING_KINDS)[number];

interface RingRecord {
  readonly label: string;
  /** Of its power so much reaches the pot. */
  readonly efficiency: Constant;
  /** Full power of a usual big one, W. */
  readonly usualW: number;
  /** It burns air, and weakens where that is thin. */
  readonly burnsAir: boolean;
}

const share = (ring: string, value: number) =>
  kitchenEstimate(
    `share of ${ring} heat that reaches the pot`,
    value,
    "",
    "common appliance figures, ±20 %",
    0.2,
  );

export const RINGS: Readonly<Record<RingKind, RingRecord>> = {
  gas: { label: "gas", efficiency: share("gas", 0.4), usualW: 3000, burnsAir: true },
  induction: {
    label: "induction",
    efficiency: share("induction", 0.85),
    usualW: 2000,
    burnsAir: false,
  },
  radiant: { label: "radiant", efficiency: share("radiant", 0.7), usualW: 1800, burnsAir: false },
};
