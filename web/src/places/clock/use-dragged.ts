import type { Minute } from "@kettlos/core/clock/wall-clock";
import { nextTick } from "vue";
import { useClockStore } from "../../data/clock-store";
import type { LaneBar } from "./lane-model";
import type { useClockChanges } from "./use-clock-changes";

/** Drags a block along its lane: the rest follows coarsely, one filling at a time; let go, it is kept there. */
export function useDragged(changes: ReturnType<typeof useClockChanges>, now: () => Minute) {
  const store = useClockStore();
  let held: { readonly blockId: string; readonly from: Minute } | null = null;
  let isFollowing = false;
  let waiting: (() => Promise<void>) | null = null;

  async function follow(run: () => Promise<void>): Promise<void> {
    waiting = run;
    if (isFollowing) return;
    isFollowing = true;
    try {
      while (waiting !== null) {
        const next: () => Promise<void> = waiting;
        waiting = null;
        await next();
      }
    } finally {
      isFollowing = false;
    }
  }

  return async (bar: LaneBar, byMin: number, isDone: boolean): Promise<void> => {
    const { blockId } = bar;
    const stood = store.answer?.at.get(blockId) ?? bar.from;
    const from = held?.blockId === blockId ? held.from : stood;
    held = isDone ? null : { blockId, from };
    const at = Math.max(now(), from + byMin);
    if (!isDone) {
      const { pins } = changes.withPin(blockId, at);
      await follow(() => store.fill({ ...store.wanted, pins }, true));
      return;
    }
    waiting = null;
    await changes.pin(blockId, at, "moved");
    await nextTick();
    document.querySelector<HTMLElement>(`[data-block="${CSS.escape(blockId)}"]`)?.focus();
  };
}
