/**
 * Points that fall off with how far something was missed: all of them at 0, half at `half`, next to none at
 * three times that.
 */
export const falling = (of: number, miss: number, half: number): number =>
  Math.round(of * Math.exp(-Math.LN2 * (miss / half) ** 2));
