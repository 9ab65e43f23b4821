import { RING_KINDS, RINGS } from "@kettlos/core/heat/ring-kinds";

/** What a ring can be heated with, to choose from. */
export const RING_OPTIONS = RING_KINDS.map((value) => ({ value, label: RINGS[value].label }));
