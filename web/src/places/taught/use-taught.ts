import type { NextReading } from "@kettlos/core/learn/next-readings";
import { saidOf, type Taught, type WhatTaught } from "@kettlos/core/learn/taught";
import { NO_TEACHING, type Teaching } from "@kettlos/core/simulate/teaching-schema";
import { computed, shallowRef, watch } from "vue";
import { db } from "../../data/db";
import { saidByLog } from "../../data/learning";
import { useKitchenStore } from "../../data/kitchen-store";
import { plain } from "../../data/plain";
import { usePotsStore } from "../../data/pots-store";
import { useLive } from "../../data/use-live";
import { report } from "../../frame/errors";
import { reckoner } from "../../workers/reckoner";

const isOf =
  ({ kind, thing }: Pick<Taught, "kind" | "thing">) =>
  (other: { kind: string; thing: string }) =>
    other.kind === kind && other.thing === thing;

/** What the log has taught, told, and what the cook says to it. */
export function useTaught() {
  const store = useKitchenStore();
  const pots = usePotsStore();
  const words = useLive(() => db.words.toArray());
  const teaching = computed<Teaching>(() => store.kitchen?.teaching ?? NO_TEACHING);
  const told = shallowRef<WhatTaught | null>(null);
  const next = shallowRef<readonly NextReading[]>([]);
  let asks = 0;
  watch(
    [words, () => store.kitchen, () => store.plans],
    async ([rows, kitchen, plans]) => {
      if (rows === undefined || kitchen === null) return;
      const mine = ++asks;
      try {
        const answer = await reckoner().taught(
          saidByLog(rows, kitchen),
          plain(plans),
          plain(kitchen),
        );
        if (mine !== asks) return;
        told.value = answer.told;
        next.value = answer.next;
      } catch (error) {
        report(error);
      }
    },
    { immediate: true },
  );

  const say = (part: Partial<Teaching>) =>
    store.change({ teaching: plain({ ...teaching.value, ...part }) });

  /** Nothing that was lit before now counts for it any more. */
  const beginAnew = (value: Taught) =>
    say({
      resets: [
        ...teaching.value.resets.filter((r) => !isOf(value)(r)),
        { kind: value.kind, thing: value.thing, at: new Date(pots.nowMs).toISOString() },
      ],
      frozen: teaching.value.frozen.filter((f) => !isOf(value)(f)),
    });
  /** It stays as it is now, whatever is cooked; or goes on by its pots. */
  function freeze(value: Taught, isKept: boolean) {
    const others = teaching.value.frozen.filter((f) => !isOf(value)(f));
    const known = store.kitchen?.learned?.[value.kind]?.things[value.thing];
    return say({
      frozen:
        isKept && known !== undefined
          ? [...others, { kind: value.kind, thing: value.thing, ...known }]
          : others,
    });
  }
  /** A pot that nothing is learned from, or is again. */
  const leaveOut = (potId: string, isOut: boolean) =>
    say({
      leftOut: [...teaching.value.leftOut.filter((id) => id !== potId), ...(isOut ? [potId] : [])],
    });

  /** A pot that spoke of it, whether it is left out or not. */
  const potOf = ({ kind, thing }: Pick<Taught, "kind" | "thing">): string | undefined =>
    words.value?.find((row) => saidOf(row.words, kind).some((o) => o.thing === thing))?.batchId;

  return { told, next, teaching, potOf, beginAnew, freeze, leaveOut };
}
