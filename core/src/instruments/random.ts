import { uniformFloat64 } from "pure-rand/distribution/uniformFloat64";
import { xoroshiro128plus } from "pure-rand/generator/xoroshiro128plus";

/** Draws thrown away first: neighbouring seeds begin alike and part only after some of them. */
const WARM_UP = 32;

/** Random numbers that repeat with their seed. */
export interface Random {
  /** 0 to 1. */
  uniform(): number;
  /** Standard normal (Box–Muller). */
  normal(): number;
}

export function seeded(seed: number): Random {
  const generator = xoroshiro128plus(seed);
  const uniform = () => uniformFloat64(generator);
  for (let i = 0; i < WARM_UP; i++) uniform();
  return {
    uniform,
    normal: () =>
      Math.sqrt(-2 * Math.log(Math.max(1e-12, uniform()))) * Math.cos(2 * Math.PI * uniform()),
  };
}
