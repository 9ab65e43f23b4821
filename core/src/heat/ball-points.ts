/** Points of Gauss and Legendre on 0–1, from the middle to the surface, and their weights. */
const POINTS = [
  [0.033765242898424, 0.085662246189585],
  [0.169395306766868, 0.180380786524069],
  [0.380690406958402, 0.233956967286346],
  [0.619309593041598, 0.233956967286346],
  [0.830604693233132, 0.180380786524069],
  [0.966234757101576, 0.085662246189585],
] as const;

/**
 * Where a ball is looked at for a mean over its volume: `r` of the radius, and that point's share, 3r²·w. Exact for what
 * goes with r as a polynomial up to the ninth power.
 */
export const BALL_POINTS: readonly { readonly r: number; readonly share: number }[] = POINTS.map(
  ([r, weight]) => ({ r, share: 3 * r * r * weight }),
);
