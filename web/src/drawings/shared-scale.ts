/** One scale, px per m, at which the tallest of several pots stands tallPx high. */
export function sharedScale(
  vessels: readonly ({ readonly heightM: number } | null)[],
  tallPx: number,
): number {
  return tallPx / Math.max(0.05, ...vessels.map((v) => v?.heightM ?? 0));
}
