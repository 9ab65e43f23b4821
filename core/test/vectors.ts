import vectors from "./vectors.json" with { type: "json" };

/** One worked number from an independent implementation of the model. */
export interface Vector {
  readonly section: number;
  readonly name: string;
  readonly input: Record<string, unknown>;
  readonly expected: unknown;
  readonly tolerance: number;
  readonly source: string;
}

/** The worked numbers of a section, where `keep` says so; fails loudly when there are none. */
export function vectorsOf(
  section: number,
  keep: (input: Record<string, unknown>, name: string) => boolean = () => true,
): readonly Vector[] {
  const found = (vectors as readonly Vector[]).filter(
    (v) => v.section === section && keep(v.input, v.name),
  );
  if (found.length === 0) throw new Error(`no vectors for section ${section}`);
  return found;
}
