import { MINUTE_MS } from "../units/time";
/** When to begin, ms since the epoch. */
export interface StartBy {
  /** Begin gathering and preparing. */
  readonly prepareMs: number;
  /** Light the ring, on the expected time. */
  readonly lightMs: number;
  /** Light the ring by then to be ready nine times in ten. */
  readonly lightSurelyMs: number;
  /** Strained and in the bowl. */
  readonly readyMs: number;
}

/** Minutes the sieve takes. */
export const STRAIN_MIN = 15;

/**
 * Counts back from a wanted ready time over straining (nothing for a dish that is served as it is), the
 * pot and the preparation.
 */
export function startBy(
  readyMs: number,
  potMin: { expected: number; high: number },
  prepareMin: number,
  afterMin = STRAIN_MIN,
): StartBy {
  const lightMs = readyMs - (potMin.expected + afterMin) * MINUTE_MS;
  const lightSurelyMs = readyMs - (potMin.high + afterMin) * MINUTE_MS;
  return {
    prepareMs: lightSurelyMs - prepareMin * MINUTE_MS,
    lightMs,
    lightSurelyMs,
    readyMs,
  };
}

/** Minutes after the pot itself is done. */
export const afterMinOf = (end: "strained" | "served"): number =>
  end === "served" ? 0 : STRAIN_MIN;
