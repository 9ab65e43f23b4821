/** What is done to an ingredient before it goes in. */
export const WORKS = [
  "thaw",
  "saltAhead",
  "soak",
  "rinse",
  "scrub",
  "trim",
  "cut",
  "tie",
  "bundle",
  "brown",
  "sweat",
  "fry",
  "roux",
  "reduce",
  "crush",
  "blend",
] as const;
export type WorkKind = (typeof WORKS)[number];

/** The same with what makes its bones or beans ready: all that hands do to an ingredient. */
export const TASKS = [...WORKS, "roast", "blanch", "boilHard"] as const;
export type TaskKind = (typeof TASKS)[number];

export const ROUX_COLOURS = ["white", "blond", "brown", "dark"] as const;
export type RouxColour = (typeof ROUX_COLOURS)[number];

/** The first work of a kind; undefined where it is not done. */
export const workOf = <W extends { readonly kind: WorkKind }>(
  works: readonly W[],
  kind: WorkKind,
): W | undefined => works.find((w) => w.kind === kind);
