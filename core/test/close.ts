/** True where two figures differ by no more than a share of the wanted one. */
export const isCloseTo = (got: number, wanted: number, share: number): boolean =>
  Math.abs(got - wanted) <= share * Math.abs(wanted);
