import { shelvedOf, type WorkedOut } from "@kettlos/core/logbook/shelved";
import type { StoredShelved } from "./db";
import { shelfKey, unreadKey } from "./log-keys";
import { plain } from "./plain";
import type { PotState } from "./pot-state";

/** A finished pot as a row of the shelves; null where it is not finished. */
export function onShelf(pot: PotState, worked: WorkedOut): StoredShelved | null {
  const shelved = shelvedOf(pot, worked);
  if (shelved === null) return null;
  const { id: batchId, finishedMs } = shelved;
  return plain({ key: shelfKey(batchId, pot.events), batchId, finishedMs, pot: shelved });
}

/** The same of what its log says alone: what takes a simulation is worked out later, many pots stand at once. */
export function onShelfUnread(pot: PotState): StoredShelved | null {
  const row = onShelf(pot, { words: null, gap: null });
  return row === null ? null : { ...row, key: unreadKey(row.batchId, pot.events), unread: 1 };
}
