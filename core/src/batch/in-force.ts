/** What an undo needs to know of an entry in an append-only log. */
interface Entry {
  readonly id: string;
  readonly atMs: number;
  readonly kind: string;
}

/**
 * Entries in force, in time order (of the same moment, in the order of writing): an undo takes its entry
 * back, and an undo can itself be undone.
 */
export function inForce<E extends Entry>(
  log: readonly E[],
): readonly Exclude<E, { kind: "undo" }>[] {
  const gone = takenBack(log);
  return log
    .filter((e): e is Exclude<E, { kind: "undo" }> => !isUndo(e) && !gone.has(e.id))
    .map((entry, order) => ({ entry, order }))
    .sort((a, b) => a.entry.atMs - b.entry.atMs || a.order - b.order)
    .map(({ entry }) => entry);
}

const isUndo = (entry: Entry): entry is Entry & { readonly eventId: string } =>
  entry.kind === "undo" && "eventId" in entry;

/** Ids of the entries that an undo in force has taken back. */
export function takenBack(log: readonly Entry[]): ReadonlySet<string> {
  const gone = new Set<string>();
  for (const entry of [...log].reverse())
    if (isUndo(entry) && !gone.has(entry.id)) gone.add(entry.eventId);
  return gone;
}
