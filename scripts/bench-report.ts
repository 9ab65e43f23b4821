/** One figure as it was measured. */
export interface Figure {
  readonly name: string;
  readonly p50: string;
  readonly p95: string;
  readonly limit: string;
  readonly verdict: "kept" | "BROKEN" | "";
}

/** Everything that was measured in this run, in its order. */
export const told: Figure[] = [];

export const quantile = (values: readonly number[], q: number): number => {
  const sorted = values.toSorted((a, b) => a - b);
  return sorted[Math.min(sorted.length - 1, Math.floor(q * sorted.length))] ?? NaN;
};

/** Puts a figure among those that were measured, and prints it. */
export function tell(figure: Figure): void {
  told.push(figure);
  const { name, p50, p95, limit, verdict } = figure;
  const held = limit === "" ? "" : `  limit ${limit}: ${verdict}`;
  console.log(`${name.padEnd(64)} p50 ${p50}${p95 === "" ? "" : `  p95 ${p95}`}${held}`);
}

const ms = (value: number) => `${value.toFixed(2)} ms`;

/** Times by their middle and their nineteen in twenty; `judgedMs` is what the limit holds for. */
export function report(
  name: string,
  times: readonly number[],
  limitMs: number | null,
  judgedMs: number = quantile(times, 0.5),
): void {
  tell({
    name,
    p50: ms(quantile(times, 0.5)),
    p95: ms(quantile(times, 0.95)),
    limit: limitMs === null ? "" : `${limitMs.toFixed(1)} ms`,
    verdict: limitMs === null ? "" : judgedMs <= limitMs ? "kept" : "BROKEN",
  });
}

/** How long some work takes, ms. */
export function timeOf(work: () => unknown): number {
  const from = performance.now();
  work();
  return performance.now() - from;
}

/** How long it takes each time, ms, once it is warm. */
export function timesOf(work: () => unknown, runs: number): readonly number[] {
  for (let i = 0; i < runs * 0.7; i++) work();
  return Array.from({ length: runs }, () => timeOf(work));
}

export const time = (name: string, limitMs: number | null, work: () => unknown, runs = 300): void =>
  report(name, timesOf(work, runs), limitMs);
