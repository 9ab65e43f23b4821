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

const MINUTE_MS = 60_000;
/** Minutes the sieve takes. */
export const STRAIN_MIN = 15;

/** Counts back from a wanted ready time over straining, the pot and the preparation. */
export function startBy(
  readyMs: number,
  potMin: { expected: number; high: number },
  prepareMin: number,
): StartBy {
  const lightMs = readyMs - (potMin.expected + STRAIN_MIN) * MINUTE_MS;
  const lightSurelyMs = readyMs - (potMin.high + STRAIN_MIN) * MINUTE_MS;
  return {
    prepareMs: lightSurelyMs - prepareMin * MINUTE_MS,
    lightMs,
    lightSurelyMs,
    readyMs,
  };
}
