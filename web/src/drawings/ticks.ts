/** One graduation: where it stands, how long, and its numeral if it has one. */
export interface Tick {
  readonly value: number;
  readonly at: number;
  readonly length: 5 | 8 | 13;
  readonly label: string | null;
}

const STEPS = [0.1, 0.2, 0.5, 1, 2, 5, 10, 20, 50, 100];

const isMultiple = (value: number, of: number) =>
  Math.abs(value / of - Math.round(value / of)) < 1e-6;

/**
 * Graduations like those on a measuring jug: three lengths, numerals as close as they can stand.
 * `at` places a value on the drawing; numerals keep labelGap px apart.
 */
export function graduations(
  max: number,
  at: (value: number) => number,
  labelGap = 17,
  fewest = 4,
): readonly Tick[] {
  const span = Math.abs(at(max) - at(0));
  const perUnit = span / max;
  const label = STEPS.find((s) => s * perUnit >= labelGap && max / s >= 1) ?? max;
  const minor = STEPS.find((s) => s * perUnit >= fewest && isMultiple(label, s)) ?? label;
  const mid = STEPS.find(
    (s) => s > minor && s < label && isMultiple(label, s) && isMultiple(s, minor),
  );
  const ticks: Tick[] = [];
  for (let i = 0; i * minor <= max + 1e-9; i++) {
    const value = Math.round(i * minor * 1000) / 1000;
    const isLabelled = isMultiple(value, label);
    ticks.push({
      value,
      at: at(value),
      length: isLabelled ? 13 : mid !== undefined && isMultiple(value, mid) ? 8 : 5,
      label: isLabelled ? String(value) : null,
    });
  }
  return ticks;
}
