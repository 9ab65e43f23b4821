import { uniformFloat64 } from "pure-rand/distribution/uniformFloat64";
import { xoroshiro128plus } from "pure-rand/generator/xoroshiro128plus";

/** Standard normal numbers from a seed, by Box and Muller; the same seed gives the same row. */
export function normals(seed: number): () => number {
  const random = xoroshiro128plus(seed);
  let spare: number | null = null;
  return () => {
    if (spare !== null) {
      const kept = spare;
      spare = null;
      return kept;
    }
    const radius = Math.sqrt(-2 * Math.log(1 - uniformFloat64(random)));
    const angle = 2 * Math.PI * uniformFloat64(random);
    spare = radius * Math.sin(angle);
    return radius * Math.cos(angle);
  };
}
