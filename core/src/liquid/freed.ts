const SHARES: readonly (readonly [number, number])[] = [
  [40, 0],
  [50, 0.1],
  [60, 0.35],
  [70, 0.65],
  [80, 0.85],
  [90, 0.95],
  [100, 1],
];

/**
 * Share of its juice that meat has let go once its hottest volume mean was at hottestMeanC:
 * 40 °C 0 … 100 °C 1, linear between (kitchen estimate, docs/method.md, “The ledger”).
 */
export function freedShare(hottestMeanC: number): number {
  for (let i = 1; i < SHARES.length; i++) {
    const [t1, s1] = SHARES[i] ?? [100, 1];
    const [t0, s0] = SHARES[i - 1] ?? [40, 0];
    if (hottestMeanC <= t1) return s0 + ((s1 - s0) * Math.max(0, hottestMeanC - t0)) / (t1 - t0);
  }
  return 1;
}
