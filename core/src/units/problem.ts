import { inWords, type Said } from "./said";

/** What is wrong with an input, or why a result cannot be had. */
export type ProblemCode =
  | "range"
  | "unreadable"
  | "ambiguous"
  | "aboveRim"
  | "heapAboveRim"
  | "ringTooWeak"
  | "notReachable"
  | "boiledDry"
  | "unknownReference"
  | "notOnHob"
  | "wrongVessel";

/**
 * A typed error: names the field, the value it had, and what would be right. `said` is a whole sentence
 * that can stand on the screen, in the measures of whoever reads it; `message` is the metric one.
 */
export class Problem extends Error {
  override readonly name = "Problem";
  constructor(
    readonly code: ProblemCode,
    readonly field: string,
    readonly value: unknown,
    readonly said: Said,
  ) {
    super(inWords(said, "metric"));
  }
}

/** Either a value or the problem that stood in its way. */
export type Outcome<T> = { ok: true; value: T } | { ok: false; problem: Problem };

/** Runs `f`; a thrown Problem becomes data, any other error passes through. */
export function outcomeOf<T>(f: () => T): Outcome<T> {
  try {
    return { ok: true, value: f() };
  } catch (error) {
    if (error instanceof Problem) return { ok: false, problem: error };
    throw error;
  }
}

/** Throws a `range` Problem unless `value` is a finite number within [min, max]. */
export function requireWithin(
  field: string,
  value: number,
  min: number,
  max: number,
  unit: string,
): void {
  if (Number.isFinite(value) && value >= min && value <= max) return;
  throw new Problem(
    "range",
    field,
    value,
    `${field} is ${String(value)}; it must be a number from ${min} to ${max} ${unit}.`.replace(
      " .",
      ".",
    ),
  );
}
