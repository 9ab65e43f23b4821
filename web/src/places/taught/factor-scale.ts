/** A factor on a log scale from half to double, in px: what is further out stands at its end. */
const LEAST = 0.45;
const MOST = 2.2;

export const factorX = (factor: number, width: number): number =>
  (width * Math.log(Math.min(MOST, Math.max(LEAST, factor)) / LEAST)) / Math.log(MOST / LEAST);

/** Where it is ruled, and what stands there. */
export const FACTOR_TICKS = [
  { factor: 0.5, label: "half" },
  { factor: 0.75, label: "¼ less" },
  { factor: 1, label: "usual" },
  { factor: 1.5, label: "½ more" },
  { factor: 2, label: "double" },
] as const;

/** From where to where a factor is nine times in ten above and nine in ten below. */
export const rangeOf = (factor: number, plusMinusPct: number): readonly [number, number] => {
  const wide = 1 + plusMinusPct / 100;
  return [factor / wide, factor * wide];
};
