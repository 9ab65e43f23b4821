import { cosine, ln } from "./same-math";
import { uniformFloat64 } from "pure-rand/distribution/uniformFloat64";
import { xoroshiro128plus } from "pure-rand/generator/xoroshiro128plus";
import type { RandomGenerator } from "pure-rand/types/RandomGenerator";

/** Draws thrown away first: neighbouring seeds begin alike and part only after some of them. */
const WARM_UP = 32;

/** Random numbers that repeat with their seed. */
export function seeded(seed: number): RandomGenerator {
  const random = xoroshiro128plus(seed);
  for (let i = 0; i < WARM_UP; i++) uniformFloat64(random);
  return random;
}

/** A draw from 0 to 1. */
export const uniform = (random: RandomGenerator): number => uniformFloat64(random);

/** A standard normal draw, by Box and Muller. */
export const normal = (random: RandomGenerator): number =>
  Math.sqrt(-2 * ln(Math.max(1e-12, uniformFloat64(random)))) *
  cosine(2 * Math.PI * uniformFloat64(random));
