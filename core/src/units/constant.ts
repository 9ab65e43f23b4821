/** How far a number can be trusted: a law, a publication, or a starting guess. */
export type ConstantKind = "physics" | "published" | "kitchen estimate";

/** A number with its unit and where it is from. Kept as data, apart from the formulas. */
export interface Constant {
  readonly name: string;
  readonly value: number;
  readonly unit: string;
  readonly kind: ConstantKind;
  readonly source: string;
  /** Spread as one standard deviation of the logarithm, where it is carried. */
  readonly sigmaLog?: number;
}

const make =
  (kind: ConstantKind) =>
  (name: string, value: number, unit: string, source: string, sigmaLog?: number): Constant =>
    sigmaLog === undefined
      ? { name, value, unit, kind, source }
      : { name, value, unit, kind, source, sigmaLog };

/** A constant fixed by a standard of physics. */
export const physics = make("physics");
/** A constant taken from a publication. */
export const published = make("published");
/** A starting guess that the cook's own log replaces. */
export const kitchenEstimate = make("kitchen estimate");
