/** The same in every engine: by multiplying. */
export const square = (x: number): number => x * x;

/** A base to a whole power. */
export function wholePower(base: number, exponent: number): number {
  let product = 1;
  for (let i = Math.abs(exponent); i > 0; i--) product *= base;
  return exponent < 0 ? 1 / product : product;
}
