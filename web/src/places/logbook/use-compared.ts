import type { Difference } from "@kettlos/core/compare/difference";
import type { Kitchen } from "@kettlos/core/simulate/kitchen-schema";
import { computed, shallowRef, watch, type Ref } from "vue";
import { db } from "../../data/db";
import { ofLog, storedWords } from "../../data/of-log";
import { useKitchenStore } from "../../data/kitchen-store";
import { plain } from "../../data/plain";
import type { PotState } from "../../data/pot-state";
import { useLive } from "../../data/use-live";
import { report } from "../../frame/errors";
import { reckoner } from "../../workers/reckoner";
import type { Learner } from "../../workers/reckoner.worker";

/** A pot as it began, with its log: what it comes to is worked out elsewhere. */
const loggedOf = ({ stored, events }: PotState) => ({
  batch: plain(stored),
  events: plain(events),
});

/**
 * Follows what is asked for, and what the log teaches meanwhile; an answer that comes after a newer question is
 * not taken.
 */
function useAnswer<A>(
  question: () => readonly PotState[] | null,
  ask: (pots: readonly PotState[], by: Learner) => Promise<A>,
): Readonly<Ref<A | null>> {
  const answer = shallowRef<A | null>(null);
  /** The same pots in the same state are the same question, whatever goes on beside them. */
  const pots = shallowRef<readonly PotState[] | null>(null);
  watch(
    question,
    (now) => {
      const before = pots.value;
      const isSame =
        now?.length === before?.length && now?.every((pot, i) => pot === before?.[i]) === true;
      if (!isSame) pots.value = now;
    },
    { immediate: true },
  );
  const store = useKitchenStore();
  /** Another one whenever the pots have said something else. */
  const basis = useLive(async () => (await db.learned.toArray()).map((l) => l.basis).join("\n"));
  /** Of the kitchen only what learning goes by. */
  const learner = computed(() =>
    JSON.stringify(
      store.kitchen === null ? null : { id: store.kitchen.id, teaching: store.kitchen.teaching },
    ),
  );
  let asks = 0;
  watch(
    [pots, basis, learner],
    async ([asked, since, by]) => {
      const mine = ++asks;
      const kitchen = JSON.parse(by) as Pick<Kitchen, "id" | "teaching"> | null;
      if (asked === null || since === undefined || kitchen === null) return;
      try {
        // While a long log is worked out many questions come: only the newest is read for, and asked.
        const isWanted = () => mine === asks;
        const found = await ofLog(storedWords(isWanted), kitchen, (learner) =>
          isWanted() ? ask(asked, learner) : null,
        );
        if (isWanted()) answer.value = found;
      } catch (error) {
        report(error);
      }
    },
    { immediate: true },
  );
  return answer;
}

/** Two pots side by side; `why` where that cannot be worked out, both null while it is. */
export function useCompared(from: () => PotState | null, to: () => PotState | null) {
  const answer = useAnswer(
    () => {
      const [a, b] = [from(), to()];
      return a === null || b === null ? null : [a, b];
    },
    async (asked, by) => {
      const [a, b] = asked.map(loggedOf);
      if (a === undefined || b === undefined) return null;
      return { pots: asked, found: await reckoner().beside(a, b, by) };
    },
  );
  /** Of these two, not of those looked at before. */
  const current = computed(() => {
    const now = answer.value;
    return now?.pots[0] === from() && now?.pots[1] === to() ? now.found : null;
  });
  return {
    compared: computed(() => current.value?.compared ?? null),
    why: computed(() => current.value?.why ?? null),
  };
}

/** What was otherwise from each pot of a row to the next, by the id of the later one. */
export function useDifferences(pots: () => readonly PotState[]) {
  return useAnswer(
    () => (pots().length < 2 ? null : pots()),
    async (row, by): Promise<ReadonlyMap<string, Difference | null>> => {
      const found = await reckoner().differences(row.map(loggedOf), by);
      return new Map(row.slice(1).map((pot, i) => [pot.batch.id, found[i] ?? null]));
    },
  );
}
