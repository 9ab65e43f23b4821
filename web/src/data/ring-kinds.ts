import type { Ring } from "@kettlos/core/heat/ring-schema";

export const RING_KINDS: readonly { value: Ring["kind"]; label: string }[] = [
  { value: "gas", label: "gas" },
  { value: "induction", label: "induction" },
  { value: "radiant", label: "radiant" },
];

/** Full power of a usual big ring, W. */
export const usualPowerW = (kind: Ring["kind"]): number =>
  kind === "gas" ? 3000 : kind === "induction" ? 2000 : 1800;
