import { seeded, uniform } from "./random";
import { normalAt } from "./normal-at";

/** Primes, whose roots are in no proportion to each other. */
function primes(count: number): readonly number[] {
  const found: number[] = [];
  for (let n = 2; found.length < count; n++)
    if (found.every((prime) => n % prime !== 0)) found.push(n);
  return found;
}

/**
 * Draws that lie evenly in all their dimensions at once, so that fewer say as much: the n-th is n times the root of a
 * prime for each dimension, of which the part behind the point counts, moved by what the seed says (Richtmyer 1951,
 * Cranley and Patterson 1976).
 */
export class EvenDraws {
  private readonly steps: Float64Array;
  private readonly at: Float64Array;
  private next = 0;

  constructor(seed: number, dimensions: number) {
    const random = seeded(seed);
    this.steps = Float64Array.from(primes(dimensions), (prime) => Math.sqrt(prime) % 1);
    this.at = Float64Array.from({ length: dimensions }, () => uniform(random));
  }

  /** A draw is over: its dimensions are taken anew from the first. */
  begin(): void {
    this.next = 0;
    this.at.forEach((at, i) => (this.at[i] = (at + (this.steps[i] as number)) % 1));
  }

  /** The next dimension of this draw, standard normal. */
  normal(): number {
    return normalAt(this.at[this.next++] as number);
  }
}
