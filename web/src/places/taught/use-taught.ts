import type { NextReading } from "@kettlos/core/learn/next-readings";
import { whatTaught, type Taught, type WhatTaught } from "@kettlos/core/learn/taught";
import { shownOf, type WhatIsShown } from "@kettlos/core/learn/taught-shown";
import type { Teaching } from "@kettlos/core/simulate/teaching-schema";
import { NO_TEACHING } from "@kettlos/core/simulate/no-teaching";
import { computed, ref, shallowRef, watch } from "vue";
import { db } from "../../data/db";
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

const NOTHING = shownOf(whatTaught([]));

/** What the log has taught, told, and what the cook says to it. */
export function useTaught() {
  const store = useKitchenStore();
  const pots = usePotsStore();
  const teaching = computed<Teaching>(() => store.kitchen?.teaching ?? NO_TEACHING);
  const rows = useLive(() => db.taughtShown.toArray());
  const learners = useLive(() => db.learned.toCollection().primaryKeys());
  /** Null while it is read, or put together by another version; nothing where the log has taught nothing yet. */
  const told = computed<WhatIsShown | null>(() => {
    const id = store.kitchen?.id;
    if (rows.value === undefined || learners.value === undefined || id === undefined) return null;
    const row = rows.value.find((r) => r.kitchenId === id);
    return row?.shown ?? (learners.value.includes(id) ? null : NOTHING);
  });
  const isAllWanted = ref(false);
  const wholeRows = useLive(
    () => (isAllWanted.value ? db.taught.toArray() : Promise.resolve([])),
    [isAllWanted],
  );
  /** All that is told of every pot: of a long log, so read once it is wanted. Null before it is there. */
  const all = computed<WhatTaught | null>(() => {
    const row = wholeRows.value?.find((r) => r.kitchenId === store.kitchen?.id);
    return row === undefined ? null : (JSON.parse(row.text) as WhatTaught);
  });
  const wantAll = () => (isAllWanted.value = true);
  const next = shallowRef<readonly NextReading[]>([]);
  let asks = 0;
  watch(
    [() => store.kitchen, () => store.plans],
    async ([kitchen, plans]) => {
      if (kitchen === null) return;
      const mine = ++asks;
      try {
        const answer = await reckoner().nextReadings(plain(plans), plain(kitchen));
        if (mine === asks) next.value = answer;
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

  return { told, all, wantAll, next, teaching, beginAnew, freeze, leaveOut };
}
