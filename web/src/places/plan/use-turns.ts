import { useRafFn } from "@vueuse/core";
import { nextTick, shallowRef, watch, type Ref, type ShallowRef } from "vue";

/** Of a frame's 16.7 ms: with more, what is drawn of it comes late. */
const ROOM_MS = 4;
/** A frame that comes later than this after the one before was missed. */
const LATE_MS = 20;
/** After a missed one so many frames are left to what is pulled alone: three of four are in time then. */
const RESTS = 3;

/**
 * What follows something that is pulled, which itself moves with every frame: the working out, and then each that
 * shows what comes of it. While it is pulled as many are brought up to date a frame as there is room for, in turn. At
 * rest all that show it follow at once.
 * @param pulled where it is pulled to
 * @param workOut from there, into `source`
 */
export function useTurns<T>(
  pulled: Ref<unknown>,
  workOut: () => void,
  source: Ref<T>,
  isPulled: () => boolean,
): { readonly follow: () => ShallowRef<T> } {
  type Turn = () => void;
  const followers: { readonly shown: ShallowRef<T>; readonly turn: Turn }[] = [];
  let due: Turn[] = [];
  let rests = 0;
  let hadTurn = false;
  /** Once a frame was missed, until it is let go: from then on one turn a frame. */
  let isSlow = false;
  const { pause, resume, isActive } = useRafFn(
    ({ delta }) => {
      if (hadTurn && delta > LATE_MS) {
        rests = RESTS;
        isSlow = true;
      }
      hadTurn = false;
      if (rests > 0) rests -= 1;
      else if (due.length > 0) void takeTurns();
      else pause();
    },
    { immediate: false },
  );
  async function takeTurns(): Promise<void> {
    const fromMs = performance.now();
    do {
      due.shift()?.();
      hadTurn = true;
      // What it changes is put on the page before the clock is read.
      await nextTick();
    } while (!isSlow && due.length > 0 && performance.now() - fromMs < ROOM_MS);
  }
  function enqueue(turn: Turn): void {
    if (!due.includes(turn)) due.push(turn);
    if (!isActive.value) resume();
  }
  watch(pulled, () => isPulled() && enqueue(workOut), { flush: "sync" });
  watch(
    source,
    (value) => {
      if (isPulled()) {
        for (const { turn } of followers) enqueue(turn);
        return;
      }
      due = [];
      rests = 0;
      isSlow = false;
      pause();
      for (const { shown } of followers) shown.value = value;
    },
    { flush: "sync" },
  );
  return {
    follow: () => {
      const shown = shallowRef(source.value) as ShallowRef<T>;
      followers.push({ shown, turn: () => (shown.value = source.value) });
      return shown;
    },
  };
}
