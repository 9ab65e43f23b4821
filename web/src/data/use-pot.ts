import { computed, watch, type ComputedRef } from "vue";
import { useRoute } from "vue-router";
import { db } from "./db";
import { potState, type PotState } from "./pot-state";
import { usePotsStore } from "./pots-store";
import { logTables, readLogs } from "./pot-logs";
import { useLive } from "./use-live";

/** Pots with their logs, read for the moment: in the order given, without those that are gone. */
export async function wholePots(ids: readonly string[]): Promise<readonly PotState[]> {
  const [batches, logs] = await db.transaction(
    "r",
    [db.batches, ...logTables()],
    async () => [await db.batches.bulkGet([...ids]), await readLogs(ids)] as const,
  );
  return batches.flatMap((batch) =>
    batch === undefined ? [] : [potState({ batch, events: logs.get(batch.id) ?? [] })],
  );
}

/**
 * Pots with their logs, whether they are under way or in the logbook: in the order asked for, without those that are
 * not there; null while one of them is being read.
 */
export function useWholePots(
  ids: () => readonly string[],
): ComputedRef<readonly PotState[] | null> {
  const pots = usePotsStore();
  const closed = computed(() => ids().filter((id) => !pots.open.has(id)));
  const asked = computed(() => closed.value.join("\n"));
  const read = useLive(async () => {
    const [wanted, key] = [closed.value, asked.value];
    return { key, pots: wanted.length === 0 ? [] : await wholePots(wanted) };
  }, [asked]);
  /** One that goes into the logbook or comes out of it stays as it was until it is read again. */
  let last: ReadonlyMap<string, PotState> = new Map();
  const found = computed(() => {
    const isRead = read.value?.key === asked.value;
    const byId = new Map(isRead ? read.value?.pots.map((p) => [p.batch.id, p] as const) : []);
    const list: PotState[] = [];
    for (const id of ids()) {
      const pot = pots.open.get(id) ?? byId.get(id) ?? (isRead ? undefined : last.get(id));
      if (pot !== undefined) list.push(pot);
      else if (!isRead) return null;
    }
    return list;
  });
  watch(
    found,
    (now) => {
      if (now !== null) last = new Map(now.map((p) => [p.batch.id, p]));
    },
    { immediate: true },
  );
  return found;
}

/** The pot that the address names, with its id; null where it names none. */
export function useRoutePot() {
  const route = useRoute();
  const batchId = computed(() => {
    const id = route.params["batchId"];
    return typeof id === "string" && id !== "" ? id : null;
  });
  return { batchId, ...useWholePot(() => batchId.value) };
}

/** One of them; null while it is not read yet, and where there is none. */
export function useWholePot(id: () => string | null): {
  readonly pot: ComputedRef<PotState | null>;
  readonly isRead: ComputedRef<boolean>;
} {
  const found = useWholePots(() => {
    const one = id();
    return one === null ? [] : [one];
  });
  return {
    pot: computed(() => found.value?.[0] ?? null),
    isRead: computed(() => found.value !== null),
  };
}
