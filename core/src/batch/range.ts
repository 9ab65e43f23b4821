/** A figure with its P10 and P90. */
export interface Range {
  readonly low: number;
  readonly expected: number;
  readonly high: number;
}
